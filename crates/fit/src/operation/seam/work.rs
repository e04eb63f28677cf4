//! A seam that will be sewn, as the work order has to know it.

use crate::garment::{HemName, Seam, SeamEnd, SeamName, Shape, SleeveBuild};
use crate::line::{Line, LineEnd};
use crate::plan::vouched::Vouched;
use crate::reading::datum::Datum;
use crate::reading::side::Side;
use crate::unit::length::Length;

/// How often a line is looked at along its seam, in millimetres.
const LOOK_EVERY: f64 = 10.0;
/// Nothing to a needle, in millimetres.
const NOTHING: f64 = 0.05;

/// A seam with the lines that will be sewn on it: one for each side it has.
#[derive(Debug, Clone)]
pub struct SeamWork<'a> {
    /// The seam.
    pub seam: SeamName,
    /// Its lines, left before right.
    pub lines: Vec<(Side, &'a Line)>,
    /// The hem a line runs off at, which has to be opened.
    pub at_hem: Option<HemName>,
    /// A line goes through a band, which has to be opened.
    pub at_band: bool,
    /// A line reaches an underarm with a sleeve, whose armhole has to be opened there.
    pub at_armhole: bool,
    /// A line crosses the waist seam, which has to be opened there.
    pub at_waist_seam: bool,
    /// Some stretch of it comes in, however much another is let out.
    pub(crate) takes_in: bool,
    /// Some stretch of it is let out.
    pub(crate) lets_out: bool,
    /// Where its lines lie.
    pub(crate) vouched: Vec<Vouched>,
}

impl<'a> SeamWork<'a> {
    /// The lines of a seam of this garment; each of them counts.
    #[must_use]
    pub fn on(shape: &Shape, seam: &Seam, lines: Vec<(Side, &'a Line)>) -> Self {
        let any = |is: &dyn Fn(&Line) -> bool| lines.iter().any(|(_, line)| is(line));
        let reaches_top = any(&|line| !matches!(line.upper, LineEnd::Taper { .. }));
        let sleeved = shape.sleeve_build() != SleeveBuild::None;
        let waist = seam.datum(Datum::AboveWaistSeam).map(|datum| datum.at);
        let hem = if seam.name.is_on_sleeve() { HemName::Sleeve } else { HemName::Hem };
        let depths: Vec<f64> =
            lines.iter().flat_map(|(_, line)| stations(line).map(|station| line.depth(station))).collect();
        let runs_off = seam.lower == SeamEnd::Hem && any(&|line| line.lower == LineEnd::RunOff);
        SeamWork {
            seam: seam.name,
            at_hem: runs_off.then_some(hem),
            at_band: matches!(seam.upper, SeamEnd::Band(_)) && reaches_top,
            at_armhole: matches!(seam.upper, SeamEnd::Underarm(_)) && reaches_top && sleeved,
            at_waist_seam: waist.is_some_and(|waist| {
                any(&|line| {
                    let (low, high) = line.reach();
                    low < waist && waist < high
                })
            }),
            takes_in: depths.iter().any(|depth| *depth > NOTHING),
            lets_out: depths.iter().any(|depth| *depth < -NOTHING),
            vouched: lines.iter().map(|(side, line)| Vouched::line(seam.name, *side, line)).collect(),
            lines,
        }
    }

    /// Length of all its lines together, in millimetres.
    pub(crate) fn run(&self) -> f64 {
        let reach = |line: &Line| {
            let (low, high) = line.reach();
            high - low
        };
        self.lines.iter().map(|(_, line)| reach(line)).sum()
    }

    /// "s" where it is sewn on both sides.
    pub(crate) fn plural(&self) -> &'static str {
        if self.lines.len() > 1 { "s" } else { "" }
    }

    /// By how much left and right differ at most, where it has two sides.
    pub(crate) fn apart(&self) -> Option<Length> {
        let [(_, one), (_, other)] = self.lines.as_slice() else { return None };
        let apart = stations(one).map(|station| (one.depth(station) - other.depth(station)).abs());
        Some(Length::hundredth(apart.fold(0.0, f64::max)))
    }

    /// True where a line of it moves the seam somewhere between two stations, on this side.
    pub(crate) fn moves_between(&self, side: Option<Side>, from: Length, to: Length) -> bool {
        let on = |own: Side| side.is_none_or(|side| own == side || own == Side::Centre);
        self.lines.iter().filter(|(own, _)| on(*own)).any(|(_, line)| {
            let inside = |station: &f64| (from.mm()..=to.mm()).contains(station);
            stations(line)
                .filter(inside)
                .chain([from.mm(), to.mm()])
                .any(|station| line.depth(station).abs() > NOTHING)
        })
    }
}

fn stations(line: &Line) -> impl Iterator<Item = f64> + use<> {
    let length = line.length;
    let pieces = (length / LOOK_EVERY).ceil().max(1.0) as u32;
    (0..=pieces).map(move |piece| length * f64::from(piece) / f64::from(pieces))
}
