//! Bias strips for an edge: how many, how long, and how much cloth they take.

use std::f64::consts::SQRT_2;

use super::answer::{SumAnswer, Writer};
use super::drawing::SumLineName;
use super::sum_error::{SumError, within};
use crate::house::ranges;
use crate::house::rules::HouseRule;

/// Strips cut across the cloth at 45°, in millimetres.
struct Strips {
    cloth: f64,
    /// Width they are cut.
    cut: f64,
    count: u32,
    /// All of them with their joins and ends.
    whole: f64,
}

impl Strips {
    /// The fewest that reach along `edge`, with `join` for each end as it lies along the strip.
    fn along(edge: f64, join: f64, cut: f64, cloth: f64) -> Strips {
        let with_joins = |strips: u32| edge + 2.0 * join + f64::from(strips - 1) * 2.0 * join;
        // At 45° a strip runs across the cloth by √2 of its width.
        let enough = |strips: &u32| f64::from(*strips) * cloth * SQRT_2 >= with_joins(*strips);
        let count = (1..).find(enough).unwrap_or(1);
        Strips { cloth, cut, count, whole: with_joins(count) }
    }

    /// Strips lie side by side along the selvedge, each √2 of its width.
    fn selvedge(&self) -> f64 {
        self.cloth + f64::from(self.count) * self.cut * SQRT_2
    }
}

/// Checks what was asked of a strip and cuts it.
///
/// `doubled` where it is cut on a fold, `both_edges` where both of an open seam are bound.
pub(super) fn answer(
    [length, width, cloth]: [f64; 3],
    doubled: bool,
    both_edges: bool,
    mut out: Writer<'_>,
) -> Result<SumAnswer, SumError> {
    within("length", ranges::STRIP_LENGTH, length)?;
    within("width", ranges::STRIP_WIDTH, width)?;
    within("cloth", ranges::CLOTH_WIDTH, cloth)?;
    let cut = width * if doubled { 2.0 } else { 1.0 };
    let edge = length * if both_edges { 2.0 } else { 1.0 };
    // The ends are cut on the grain, at 45° to the strip, and so is the seam that joins two of them:
    // square to it each loses the allowance, along the strip √2 of that.
    let join = out.habits.rule(HouseRule::BiasJoin) * SQRT_2;
    let strips = Strips::along(edge, join, cut, cloth);
    out.row("cut it wide", cut);
    out.row("in all, with joins and ends", strips.whole);
    out.row("one strip across the cloth", cloth * SQRT_2);
    out.row("cloth taken along the selvedge", strips.selvedge());
    let joins = match strips.count {
        1 => "1 strip at 45°, no join".to_owned(),
        2 => "2 strips at 45°, 1 join".to_owned(),
        count => format!("{count} strips at 45°, {} joins", count - 1),
    };
    let words = format!("{joins}: {} of strip, cut {} wide.", out.write(strips.whole), out.write(cut));
    draw(&strips, &mut out);
    Ok(out.answer("bias strips", words, strips.whole))
}

/// The cloth with its selvedges at the left and right, and the strips across it.
fn draw(strips: &Strips, out: &mut Writer<'_>) {
    let (wide, tall, step) = (strips.cloth, strips.selvedge(), strips.cut * SQRT_2);
    out.drawing.box_of(SumLineName::Cloth, [0.0, 0.0], [wide, tall]);
    for nth in 0..strips.count {
        let top = f64::from(nth) * step;
        let corners = [[0.0, top], [wide, top + wide], [wide, top + wide + step], [0.0, top + step]];
        out.drawing.area(SumLineName::Cut, corners);
    }
    let [across, along] = [wide, tall].map(|mm| out.write(mm));
    out.drawing.over([wide / 2.0, 0.0], format!("{across} wide"));
    out.drawing.under([wide / 2.0, tall], format!("{along} along the selvedge"));
}
