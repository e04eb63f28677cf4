//! What the person should know beside the numbers.

use chrono::Days;

use super::solver::Solver;
use crate::ease::{FootThrough, LevelBalance, SeatedWaist, Verdict};
use crate::evening::{Evening, Finding};
use crate::garment::{FlatName, Purpose, SeamName};
use crate::warning::{Warning, Weight};
use crate::{Caution, HouseRule, Length, Side};

/// Back pockets nearer than this look like one from across a room.
const POCKETS_APART: Length = Length::whole_mm(20);

impl Solver<'_> {
    pub(super) fn say_missing(&mut self, names: &[FlatName]) {
        let words: Vec<&str> = names.iter().map(|name| name.words()).collect();
        let known: Vec<&str> = SeamName::PINNED
            .into_iter()
            .filter(|seam| self.trousers.seam_length(*seam).is_some())
            .map(SeamName::words)
            .collect();
        let still = if known.is_empty() {
            "Pins can be evened; lines and girths wait for it.".to_owned()
        } else {
            format!(
                "Pins can be evened and lines drawn on the {}; girths and ease wait for it.",
                known.join(" and the ")
            )
        };
        self.warn(
            "garment.missing",
            Weight::Mind,
            "garment",
            format!("Not measured yet on the garment: {}. {still}", words.join(", ")),
        );
    }

    pub(super) fn warn(
        &mut self,
        code: &'static str,
        weight: Weight,
        about: impl Into<String>,
        message: String,
    ) {
        self.warnings.push(Warning { code, weight, about: about.into(), message });
    }

    pub(super) fn warn_of_purpose(&mut self) {
        let caution = match self.job.garment.purpose {
            Purpose::Everyday => return,
            Purpose::Protective => Caution::Protective,
            Purpose::ChildNightwear => Caution::ChildNightwear,
        };
        self.warn("garment.purpose", Weight::Danger, "garment", caution.words().to_owned());
    }

    pub(super) fn warn_of_evening(&mut self, seam: SeamName, evening: &Evening) {
        let about = format!("seams.{}", seam.words());
        if evening.ask_twist {
            let ask = if self.job.fitting.anchored {
                "Centre front and back were anchored, so the body may be uneven (a high hip, a low side): keep both lines, or pin again."
            } else {
                "Were centre front and back anchored? If not, the garment was dragged round: pin again. If they were, the body may be uneven: keep both lines."
            };
            self.warn(
                "evening.twist",
                Weight::Mind,
                about.clone(),
                format!(
                    "Left and right differ by more than {} the same way all along the {}. {ask}",
                    self.habits.scale.write(Length::from_mm(self.habits.rule(HouseRule::TwistAsk))),
                    seam.words()
                ),
            );
        }
        if let Some(side) = evening.one_side_only {
            let halved = evening.stations.iter().any(|row| row.finding == Finding::Halved);
            let doubled = evening.stations.iter().any(|row| row.finding == Finding::CopiedOnOneTube);
            let message = if halved {
                format!(
                    "Only the {} {} was pinned. Above the crotch each side gets half, so the girth is what was tried on; below it the other leg gets a copy.",
                    side.words(),
                    seam.words()
                )
            } else if doubled {
                format!(
                    "Only the {} {} was pinned and it is copied: above the crotch that takes twice what was tried on. Try on again before anything is cut.",
                    side.words(),
                    seam.words()
                )
            } else {
                format!("Only the {} {} was pinned; the other leg gets a copy.", side.words(), seam.words())
            };
            self.warn("evening.one_side", Weight::Note, about, message);
        }
    }

    pub(super) fn warn_of_body(
        &mut self,
        levels: &[LevelBalance],
        seated: Option<&SeatedWaist>,
        foot: Option<&FootThrough>,
    ) {
        let Some(body) = &self.job.body else { return };
        let scale = self.habits.scale;
        let missing: Vec<&str> = levels
            .iter()
            .filter(|row| row.body.is_none())
            .filter_map(|row| row.girth.level.measure().map(crate::MeasureName::words))
            .collect();
        if !missing.is_empty() {
            self.warn(
                "body.missing",
                Weight::Mind,
                "body",
                format!(
                    "Not measured on {}: {}. Those levels have a girth but no ease; measure them to know.",
                    self.job.wearer,
                    missing.join(", ")
                ),
            );
        }
        let fresh = self.habits.rule(HouseRule::MeasureAge);
        let due = body.taken_on.checked_add_days(Days::new(fresh as u64));
        if due.is_some_and(|due| self.job.fitting.held_on > due) {
            self.warn("body.stale", Weight::Note, "body", format!(
                "{} was measured on {}, more than {fresh:.0} days before this fitting; measure again before trusting the ease.",
                self.job.wearer, body.taken_on
            ));
        }
        for row in levels.iter().filter(|row| row.verdict == Some(Verdict::Strains)) {
            let (Some(ease), Some(floor), Some(cannot)) = (row.ease_after, row.floor, row.cannot) else {
                continue;
            };
            self.warn("ease.strains", Weight::Mind, format!("levels.{}", row.girth.level.words()), format!(
                "The {} {cannot}: {} of ease, and it needs {} at least. Move pins out there, or let the seam out.",
                row.girth.level.words(), scale.write(ease), scale.write(floor)
            ));
        }
        if let Some(seated) = seated {
            let (body, ease) = (scale.write(seated.body), scale.write(seated.ease.abs()));
            if seated.comfortable {
                self.warn("ease.seated", Weight::Note, "levels.waist", format!(
                    "Sitting, the waist measures {body}: the band is {ease} longer, layers counted, so its wearer can sit."
                ));
            } else {
                self.warn("ease.seated", Weight::Mind, "levels.waist", format!(
                    "Sitting, the waist measures {body}: the band would be {ease} too short. Leave it that much longer."
                ));
            }
        }
        if let Some(foot) = foot {
            let level = foot.level.words();
            let (opening, around) = (scale.write(foot.opening), scale.write(foot.foot));
            let about = format!("levels.{level}");
            if foot.passes {
                self.warn("foot.passes", Weight::Note, about, format!(
                    "The foot gets through: the {level} opens to {opening} and heel and instep measure {around}."
                ));
            } else {
                self.warn("foot.stuck", Weight::Mind, about, format!(
                    "The foot will not get through: the {level} opens to {opening} and heel and instep measure {around}. Take in less below the knee, or leave a slit."
                ));
            }
        }
    }

    pub(super) fn warn_of_lines(&mut self) {
        let scale = self.habits.scale;
        if let Some(line) = self.lines.get(SeamName::CentreBack, Side::Centre) {
            let deepest = line.character().deepest;
            let total = 2.0 * deepest;
            let with_sides = self.lines.get(SeamName::Outseam, Side::Left).is_some();
            if total > self.habits.rule(HouseRule::BackAloneShare) && !with_sides {
                self.warn("back.share", Weight::Mind, "seams.centre back", format!(
                    "The centre back alone takes {}: the side seams will swing back. Pin some of it at the sides.",
                    scale.write(Length::from_mm(total))
                ));
            } else if total >= self.habits.rule(HouseRule::BackAloneWarn) {
                self.warn("back.pockets", Weight::Note, "seams.centre back", format!(
                    "The centre back takes {}; back pockets come that much closer at their height. Look at them in the mirror.",
                    scale.write(Length::from_mm(total))
                ));
            }
            if let Some(gap) = self.trousers.back_pocket_gap {
                let left = gap - Length::from_mm(total);
                let (weight, act) = if left < POCKETS_APART {
                    (Weight::Mind, "That reads as one pocket: take some of it at the side seams instead.")
                } else {
                    (Weight::Note, "Look at them from behind when it is tried on.")
                };
                let (left, gap) = (scale.write(left), scale.write(gap));
                let message = format!("Between the back pockets {left} is left at most of {gap}. {act}");
                self.warn("back.gap", weight, "seams.centre back", message);
            }
        }
        let crease = self.lines.get(SeamName::Outseam, Side::Left).map(|line| line.character());
        if let Some(out) = crease.filter(|out| out.deepest > 12.0)
            && self.lines.get(SeamName::Inseam, Side::Left).is_none()
        {
            self.warn("outseam.crease", Weight::Note, "seams.outseam", format!(
                "Only the outseam moves, so the crease and the side pockets shift {} inward at the deepest point. Share with the inseam below the crotch if that shows.",
                scale.write(Length::from_mm(out.deepest / 2.0))
            ));
        }
        let lets_out: Vec<SeamName> = SeamName::PINNED
            .into_iter()
            .filter(|seam| {
                self.lines
                    .iter()
                    .any(|(other, _, line)| other == *seam && line.knots().iter().any(|k| k.depth < -0.5))
            })
            .collect();
        for seam in lets_out {
            let unknown = self.trousers.allowance(seam).is_none();
            let inside = if unknown {
                " Nobody has looked how much is inside: open the lining or the hem and measure before you count on it."
            } else {
                ""
            };
            self.warn("line.traces", Weight::Mind, format!("seams.{}", seam.words()), format!(
                "Letting out the {} may show the old stitching, needle holes and a faded or crisp fold. Unpick a short stretch and look first.{inside}", seam.words()
            ));
        }
    }
}
