//! The sixth stage: both patterns measured, and the garment as it will be judged against its wearer.

use super::altered::Altered;
use super::drawn::Drawn;
use crate::body::measures::Body;
use crate::garment::{FlatName, SeamName, Tube};
use crate::judge::armhole::{ArmholeFit, armholes};
use crate::judge::drawing::{self, Drawing, LevelMark};
use crate::judge::ease::{self, FootThrough, Judging, LevelBalance, SeatedWaist};
use crate::judge::gains::{Inset, LevelGain, Wanting, gains, insets};
use crate::judge::girth::{LevelGirth, girths};
use crate::judge::lengths::{LengthRow, lengths};
use crate::judge::picture::garment_figures;
use crate::judge::picture::seen::Rings;
use crate::judge::picture::wearer::body_figure;
use crate::judge::put_on::{PutOn, put_on};
use crate::judge::stride::{self, Stride, stride};
use crate::pattern::Pattern;
use crate::unit::length::Length;
use crate::words::{armhole_words, inset_words, inside_words, length_said, put_on_words};

/// What a garment measures and how it will sit.
#[derive(Default)]
pub(super) struct Judged {
    pub(super) levels: Vec<LevelBalance>,
    pub(super) seated: Option<SeatedWaist>,
    pub(super) foot: Option<FootThrough>,
    pub(super) stride: Option<Stride>,
    pub(super) put_on: Vec<PutOn>,
    pub(super) lengths: Vec<LengthRow>,
    pub(super) armholes: Vec<ArmholeFit>,
    pub(super) gains: Vec<LevelGain>,
    pub(super) insets: Vec<Inset>,
    pub(super) drawing: Option<Drawing>,
}

/// Measures the garment as it came and as it will be; nothing where no panels are drawn.
pub(super) fn judged(drawn: &Drawn<'_>, altered: &Altered) -> Judged {
    let (Some(came), Some(sewn), Some(will_be)) = (&drawn.came, &altered.sewn, &altered.will_be) else {
        return Judged::default();
    };
    let (job, shape, habits) = (drawn.job, drawn.shape, drawn.habits);
    let cloth = &job.garment.cloth;
    // A body nobody has measured, for a job without one.
    let nobody = Body { taken_on: job.fitting.held_on, measures: Default::default(), layers: Vec::new() };
    let judging = Judging {
        body: job.body.as_ref().unwrap_or(&nobody),
        form: job.fitting.form.as_ref(),
        shape,
        cloth,
        intention: job.fitting.intention,
        own_ease: &job.garment.ease,
        habits,
    };
    let mut levels = ease::balance(worn_girths(drawn, girths(came, sewn, will_be)), judging);
    let stride =
        job.body.as_ref().and_then(|body| stride(shape, came, will_be, &levels, body, cloth, habits));
    if let Some(stride) = &stride {
        stride::judge(&mut levels, stride);
    }
    let wanting = |level| {
        let row = levels.iter().find(|row: &&LevelBalance| row.girth.level == level)?;
        // Without lines: what the garment as it came would have to gain.
        let before = row.ease_before?;
        Some(Wanting { as_wanted: row.wanted? - before, to_close: row.close? - before })
    };
    let mut gains = gains(shape, came, habits, wanting);
    for seam in gains.iter_mut().flat_map(|gain| &mut gain.seams) {
        seam.words = inside_words(seam, habits.scale);
    }
    let scale = habits.scale;
    let put_on = put_on(&levels, will_be, judging).into_iter();
    let lengths = lengths(came, will_be, judging).into_iter();
    let armholes = armholes(shape, came, will_be, habits).into_iter();
    let insets = insets(shape, came, &gains, habits).into_iter();
    let underarm = shape.has(SeamName::SleeveUnderarm);
    Judged {
        seated: ease::seated_waist(&levels, judging.body, shape),
        foot: ease::foot_through(&levels, judging.body, cloth),
        stride,
        put_on: put_on.map(|check| PutOn { words: put_on_words(&check, scale), ..check }).collect(),
        lengths: lengths
            .map(|row| LengthRow { finding: row.said.map(|said| length_said(said, scale)), ..row })
            .collect(),
        armholes: armholes
            .map(|fit| ArmholeFit { words: armhole_words(&fit, underarm, scale), ..fit })
            .collect(),
        insets: insets.map(|inset| Inset { words: inset_words(&inset, scale), ..inset }).collect(),
        gains,
        drawing: Some(drawing(drawn, [came, will_be], &levels)),
        levels,
    }
}

/// Girths as the garment is worn: laced to its gap where it laces.
fn worn_girths(drawn: &Drawn<'_>, mut girths: Vec<LevelGirth>) -> Vec<LevelGirth> {
    if let Some(lacing) = &drawn.shape.lacing {
        for row in girths.iter_mut().filter(|row| row.tube == Tube::Body) {
            let gap = lacing.gaps.get(&row.level).copied().unwrap_or_default();
            row.before += gap;
            row.after += gap;
        }
    }
    girths
}

/// The girths of a pattern, each level once.
fn rings(levels: &[LevelBalance], pattern: &Pattern, girth: fn(&LevelGirth) -> Length) -> Rings {
    let mut rings: Rings = Vec::new();
    for row in levels {
        let known = rings.iter().any(|(level, ..)| *level == row.girth.level);
        if let Some(level) = pattern.level(row.girth.level).filter(|_| !known) {
            rings.push((row.girth.level, level.height.mm(), girth(&row.girth)));
        }
    }
    rings
}

fn drawing(drawn: &Drawn<'_>, [came, will_be]: [&Pattern; 2], levels: &[LevelBalance]) -> Drawing {
    let (shape, garment) = (drawn.shape, &drawn.job.garment);
    let split =
        |figures: Option<[_; 2]>| figures.map_or((None, None), |[front, back]| (Some(front), Some(back)));
    let before = garment_figures(garment, came, &rings(levels, came, |girth| girth.before));
    let after = garment_figures(garment, will_be, &rings(levels, will_be, |girth| girth.after));
    let ((figure, figure_back), (figure_after, figure_back_after)) = (split(before), split(after));
    let inseam = shape.flat(FlatName::Inseam);
    let mark = |level: &crate::pattern::Level| LevelMark {
        level: level.name,
        height: level.height.mm(),
        on_sleeve: level.tube == Tube::Sleeve,
    };
    Drawing {
        panels: drawing::panels(came, will_be),
        levels: came.levels.iter().map(mark).collect(),
        figure,
        figure_back,
        figure_after,
        figure_back_after,
        body: drawn.job.body.as_ref().and_then(|body| body_figure(body, came, inseam)),
        crotch_height: came.crotch.map(|crotch| crotch.height),
    }
}
