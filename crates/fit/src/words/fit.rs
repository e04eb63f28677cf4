//! What is said of the fit picture.

use crate::garment::LevelName;
use crate::house::habit::Habits;
use crate::judge::ease::LevelBalance;
use crate::judge::fit_picture::FitPicture;
use crate::judge::fit_ring::{FitRing, Section, Worn};
use crate::unit::length::Length;
use crate::unit::scale::Scale;

/// What is taken up round a body is worth a sentence from here on, in millimetres.
const WORTH_SAYING: f64 = 0.5;

/// Says a fit picture: every field of it that is words.
pub(crate) fn fit_said(picture: &mut FitPicture, levels: &[LevelBalance], habits: &Habits) {
    for ring in &mut picture.rings {
        let row = levels.iter().find(|row| row.girth.level == ring.level && row.girth.side == ring.side);
        if let Some((row, body)) = row.and_then(|row| Some((row, row.body?))) {
            let girths = [row.girth.before, row.girth.after];
            ring.said = [0, 1].map(|which| ring_said(ring, which, girths[which], body, habits.scale));
        }
    }
    picture.notes = notes(&picture.rings, levels, habits);
}

fn ring_said(ring: &FitRing, which: usize, girth: Length, body: Length, scale: Scale) -> String {
    let of_it = if ring.strain[which] > 0.0 {
        format!("{:.1} % of the body has to come from stretch", 100.0 * ring.strain[which])
    } else {
        format!("stands off {}", scale.write(Length::from_mm(ring.stands_off[which])))
    };
    format!("{} round a body of {}: {of_it}", scale.write(girth), scale.write(body))
}

/// What is true of the whole picture.
fn notes(rings: &[FitRing], levels: &[LevelBalance], habits: &Habits) -> Vec<String> {
    let mut notes = vec![
        "A picture of girths, not of drape: each level is a loop round the body's section. Where it is smaller than the body it is drawn taut, where larger it stands off evenly. Folds, bias and weight are not in it.".to_owned(),
    ];
    let round = levels.iter().find_map(|row| Some(Worn::of(row)?.body - row.body?.mm()));
    if let Some(taken) = round.filter(|taken| *taken > WORTH_SAYING) {
        let taken = habits.scale.write(Length::from_mm(taken));
        notes
            .push(format!("The cloth's own thickness and what is worn under it take {taken} of each girth."));
    }
    notes.extend(depths(rings, habits));
    if rings.iter().any(|ring| ring.side.is_some()) {
        notes.push("Left and right differ; the figure shows the left.".to_owned());
    }
    if rings.iter().any(|ring| ring.estimated) {
        notes.push("≈ marks a width of the garment that was estimated.".to_owned());
    }
    notes
}

/// How deep the sections are taken to be.
fn depths(rings: &[FitRing], habits: &Habits) -> Option<String> {
    let mut shown: Vec<LevelName> = rings.iter().map(|ring| ring.level).collect();
    shown.dedup();
    let share = |level: &LevelName| {
        let own = if habits.sections.contains_key(level) { " (your own)" } else { "" };
        format!("{} {:.2}{own}", level.words(), Section::at(*level, habits).ratio)
    };
    let shares: Vec<String> = shown.iter().map(share).collect();
    let shares = shares.join(", ");
    let say =
        || format!("Depth of the sections as a share of their width: {shares}. Change them under Habits.");
    (!shown.is_empty()).then(say)
}
