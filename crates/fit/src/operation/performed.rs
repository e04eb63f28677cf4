//! Everything that is done to a garment, of whatever kind: what the work order asks of each.
//!
//! The order is written for one list of these. What is opened is opened once for all of them that need it, and a tick
//! vouches for those its step is about.

use super::alteration::Done;
use super::hem::HemSolution;
use super::opening::{Closed, Open, openings_of};
use super::seam::work::SeamWork;
use crate::garment::side::Side;
use crate::garment::{AlterationKey, AlterationKind, Garment, SeamName, Source};
use crate::plan::vouched::Vouched;
use crate::unit::length::Length;

/// At so many places round a hem its fold is kept.
const FOLD_PLACES: u32 = 24;

/// Something done to a garment.
pub(crate) trait Performed {
    /// What it is, and where.
    fn key(&self) -> AlterationKey;

    /// What a tick on it vouches for: where it lies.
    fn vouched(&self) -> Vec<Vouched>;

    /// What has to be open for it. It is opened once and closed once, with whatever else needs it open.
    fn opens(&self, closed: Closed<'_>) -> Vec<Open>;
}

impl Performed for SeamWork<'_> {
    fn key(&self) -> AlterationKey {
        AlterationKey { kind: AlterationKind::Line, place: self.seam.key() }
    }

    fn vouched(&self) -> Vec<Vouched> {
        self.lines.iter().map(|(side, line)| Vouched::line(self.seam, *side, line)).collect()
    }

    fn opens(&self, closed: Closed<'_>) -> Vec<Open> {
        let open = |what| Open { what, seams: vec![self.seam], places: self.lines.len() };
        openings_of(self, closed).into_iter().map(open).collect()
    }
}

impl Performed for Done {
    fn key(&self) -> AlterationKey {
        self.key
    }

    fn vouched(&self) -> Vec<Vouched> {
        let AlterationKey { kind, place } = self.key;
        let lengths = self.made.vouched.clone();
        vec![Vouched::Alteration { alteration: kind, place: place.to_owned(), lengths }]
    }

    fn opens(&self, _: Closed<'_>) -> Vec<Open> {
        self.made.opens.clone()
    }
}

impl Performed for HemSolution {
    fn key(&self) -> AlterationKey {
        AlterationKey { kind: AlterationKind::Hem, place: self.hem.key() }
    }

    /// Each leg or sleeve by itself, whether they are alike or not.
    fn vouched(&self) -> Vec<Vouched> {
        let hem = self.hem;
        let sides: &[Side] = if self.paired { &[Side::Left, Side::Right] } else { &[Side::Centre] };
        let folds = sides.iter().map(|side| {
            let takes_up = (0..FOLD_PLACES)
                .filter_map(|place| self.take_up_at(*side, f64::from(place) / f64::from(FOLD_PLACES)))
                .map(Length::hundredth)
                .collect();
            Vouched::Fold { hem, side: *side, takes_up }
        });
        folds.chain([Vouched::TurnUp { hem, kind: self.kind, allowance: self.allowance }]).collect()
    }

    /// What lies in its way it clears by steps of its own, place by place.
    fn opens(&self, _: Closed<'_>) -> Vec<Open> {
        Vec::new()
    }
}

/// Everything that has to be open for what is done, in the order it is opened. What is not sewn yet has nothing to open.
pub(crate) fn openings(closed: Closed<'_>, performed: &[&dyn Performed]) -> Vec<Open> {
    let Garment { source, shape, .. } = closed.garment;
    let mut all: Vec<Open> = Vec::new();
    if !source.is_sewn() && *source != Source::Toile {
        return all;
    }
    for asked in performed.iter().flat_map(|done| done.opens(closed)) {
        match all.iter_mut().find(|open| open.what == asked.what) {
            Some(open) => {
                open.places += asked.places;
                let more: Vec<SeamName> =
                    asked.seams.into_iter().filter(|seam| !open.seams.contains(seam)).collect();
                open.seams.extend(more);
            }
            None => all.push(asked),
        }
    }
    all.sort_by_key(|open| open.what.comes(shape));
    all
}
