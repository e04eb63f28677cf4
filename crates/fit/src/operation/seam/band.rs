//! The band where seams run into it: by how much it changes, and how it goes back.

use crate::garment::{BandBuild, SeamName};
use crate::house::rules::HouseRule;
use crate::operation::builder::Builder;
use crate::operation::opening::{Opening, has_wedge};
use crate::plan::act::Act;
use crate::plan::draft::{Draft, StopFacts};
use crate::plan::how::{Fact, How, how};
use crate::plan::key::{On, StepKey};
use crate::unit::length::Length;

/// Pinning, tacking and closing a band over its seam allowances goes by hand and by the inch: minutes beside the sewing.
const BAND_MINUTES: f64 = 20.0;

impl Builder<'_> {
    /// True where body and band are closed at the centre back in one seam.
    pub(crate) fn wedge(&self) -> bool {
        has_wedge(self.shape, self.habits, self.works)
    }

    /// True where a one-piece band is folded at the centre back before its fate is known.
    pub(crate) fn folds_band(&self) -> bool {
        let one_piece = self.shape.band.build == BandBuild::OnePiece && self.shape.band_height() > 0.0;
        one_piece
            && self
                .works
                .iter()
                .any(|work| work.seam == SeamName::CentreBack && work.at_band && work.at_top() > 0.0)
    }

    /// What the band must change by in all: the body's new edge less its old one, in millimetres.
    fn band_change(&self, of: impl Fn(SeamName) -> bool) -> f64 {
        let works = self.works.iter().filter(|work| work.at_band && of(work.seam));
        -works.map(|work| 2.0 * work.at_top() * work.lines.len() as f64).sum::<f64>()
    }

    pub(crate) fn cut_band(&mut self) {
        let cuts = self.wedge() && self.shape.band.build == BandBuild::OnePiece;
        let Some(centre) = self.works.iter().find(|work| work.seam == SeamName::CentreBack).filter(|_| cuts)
        else {
            return;
        };
        let facts = StopFacts {
            because: "A band cut at the centre back cannot be made whole again.",
            apart: centre.apart(),
            allowance: "Cut at the centre of the fold: both halves keep their allowance.".into(),
            ..StopFacts::before(StepKey::whole(Act::TryOn))
        };
        let height = self.shape.band.height.mm();
        let each = self.write(Length::from_mm(centre.at_top()));
        self.add(
            Draft::new(Act::CutBand, On::Garment, "Cut the band at the centre back")
                .over(2.0 * height)
                .how("Cut it once, square, at the centre of the folded take-in.")
                .how(how!("Each half now reaches {each} past the new seam: that is its allowance.", each))
                .on_seams([SeamName::CentreBack])
                .stop(facts)
                .needs([StepKey::whole(Act::TryOn)])
                .after(self.known()),
        );
    }

    /// Joins the halves of the band to the body, before the centre back is closed through both.
    pub(crate) fn join_band(&mut self) {
        // Every other seam that runs into the band is finished and pressed before the band goes over it.
        let into: Vec<SeamName> = self
            .works
            .iter()
            .filter(|work| work.at_band && work.seam != SeamName::CentreBack)
            .map(|work| work.seam)
            .collect();
        let back =
            self.opened(|what| matches!(what, Opening::Fixture(fixture, _) if into.contains(&fixture.seam)));
        let topstitched =
            [Opening::Topstitch(On::Garment), Opening::Felled(On::Garment)].map(Opening::closed_by);
        let mut how = self.band_at(&into);
        how.push("Each half goes back on its own side first, right up to the new line. Then one seam closes body and band together, and can be reopened alone.".into());
        self.add(
            Draft::new(Act::JoinBand, On::Garment, "Join each band half to the body")
                .over(4.0 * self.habits.rule(HouseRule::OpenAside))
                .all_how(how)
                .longer_by(BAND_MINUTES)
                .on_seams(into.iter().copied().chain([SeamName::CentreBack]))
                .needs([StepKey::whole(Act::TryOn)])
                .needs(into.iter().map(|seam| self.sewn_by(*seam)))
                .needs(back.into_iter().map(Opening::closed_by))
                .after([Act::CutBand, Act::OpenBand, Act::Press].map(StepKey::whole))
                .after(topstitched),
        );
    }

    /// What the band loses or gains at each of these seams.
    fn band_at(&self, seams: &[SeamName]) -> Vec<How> {
        let mut how = Vec::new();
        for work in self.works.iter().filter(|work| seams.contains(&work.seam) && work.at_top().abs() > 0.05)
        {
            let each = self.write(Length::hundredth(2.0 * work.at_top().abs()));
            let seam = Fact::Seams(vec![work.seam]);
            if let [left, right] = *work.tops.as_slice()
                && self.habits.scale.shows(Length::from_mm(2.0 * (left - right)))
            {
                how.push(self.band_of_two(seam, left, right));
                continue;
            }
            let where_to = if work.lines.len() > 1 { "at each" } else { "at the" };
            how.push(if work.at_top() > 0.0 {
                how!(
                    "Take {each} out of the band {where_to} {seam}: that is what the body lost there.",
                    each,
                    where_to,
                    seam
                )
            } else {
                how!(
                    "The band must gain {each} {where_to} {seam}, which is what the body gained there.",
                    each,
                    where_to,
                    seam
                )
            });
        }
        how
    }

    /// What the band changes by where left and right differ: each by its own number.
    fn band_of_two(&self, seam: Fact, left: f64, right: f64) -> How {
        let [one, other] = [left, right].map(|depth| self.write(Length::hundredth(2.0 * depth.abs())));
        let way = |depth: f64| if depth < 0.0 { "must gain" } else { "must lose" };
        let (first, second) = (way(left), way(right));
        how!(
            "At the left {seam} the band {first} {one}, at the right one it {second} {other}: what the body did there.",
            seam,
            first,
            one,
            second,
            other
        )
    }

    /// Closes the band, with what it has to change by in numbers.
    pub(crate) fn close_band(&mut self, draft: Draft) {
        let total = self.band_change(|_| true);
        let by = self.write(Length::hundredth(total.abs()));
        let changes = self.habits.scale.shows(Length::from_mm(total));
        let sides: Vec<SeamName> = self
            .works
            .iter()
            .filter(|work| work.at_band && work.seam != SeamName::CentreBack)
            .map(|work| work.seam)
            .collect();
        let mut how = self.band_at(&sides);
        if let Some(centre) = self.works.iter().find(|work| work.seam == SeamName::CentreBack && work.at_band)
        {
            let each = self.write(Length::hundredth(centre.at_top().abs()));
            how.push(if centre.at_top() > 0.0 {
                how!("Fold away {each} of the band at each side of the centre back and sew the fold by its line. It is not cut: only {each} would stay in each half.", each)
            } else {
                how!("The band must gain {each} at each side of the centre back: a piece set in there, under the belt loop.", each)
            });
        }
        how.extend(self.band_gives(total, !sides.is_empty()));
        how.push("Pin it from the middle to the ends, tack, and sew it back from the inside.".into());
        let title = match total {
            _ if !changes => "Put the band back".to_owned(),
            total if total < 0.0 => format!("Shorten the band by {by} and put it back"),
            _ => format!("Lengthen the band by {by} and put it back"),
        };
        let draft = Draft { title, ..draft };
        self.add(draft.all_how(how).turns_on(by).longer_by(BAND_MINUTES).after(self.set_back()));
    }

    /// Where a band with no seam there gives or gains what it changes by in all.
    fn band_gives(&self, total: f64, at_sides: bool) -> Option<How> {
        let by = self.write(Length::hundredth(total.abs()));
        if !self.habits.scale.shows(Length::from_mm(total)) {
            return None;
        }
        if total < 0.0 {
            at_sides.then(|| how!("Where the band has no seam there, take it out in a flat fold on its inside, or all {by} at its closing end, buttons or hook moved with it.", by))
        } else {
            Some(how!(
                "{by} in all: out of the extension at its closing end if it has as much, else a piece of like cloth set in where a seam or a loop covers it.",
                by
            ))
        }
    }
}
