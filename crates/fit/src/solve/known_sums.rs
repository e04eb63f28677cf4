//! What a garment says of the small sums before anybody types: its row of buttons, its waist, its hems, its cloth.
//!
//! Numbers are those the rest of the answer shows: as it will be with every line sewn and every hem moved.

use super::altered::Altered;
use super::drawn::Drawn;
use super::judged::Judged;
use crate::garment::{FeatureKind, Front, HemName, LevelName, SeamName, SleeveBuild};
use crate::house::rules::HouseRule;
use crate::judge::ease::LevelBalance;
use crate::operation::hem::{HemPlace, HemSolution};
use crate::sums::{Knowing, KnownSum, SumKind, SumPlace};
use crate::unit::length::Length;

/// Everything this garment says of a sum, in the order one goes down it.
pub(super) fn known_sums(
    drawn: &Drawn<'_>,
    altered: &Altered,
    judged: &Judged,
    hem_places: &[HemPlace],
) -> Vec<KnownSum> {
    let known = Known { drawn, altered, judged };
    let mut sums = known.buttons();
    sums.extend(known.eyelets());
    sums.extend(known.sleeve_head());
    sums.extend(known.waist());
    for place in hem_places {
        sums.extend(known.hem(place));
    }
    sums
}

struct Known<'a> {
    drawn: &'a Drawn<'a>,
    altered: &'a Altered,
    judged: &'a Judged,
}

impl Known<'_> {
    fn of(&self, words: impl Into<String>, sum: SumKind, place: SumPlace) -> Knowing {
        Knowing::of(words, sum, place, self.drawn.habits.scale)
    }

    fn rule(&self, rule: HouseRule) -> Length {
        Length::from_mm(self.drawn.habits.rule(rule))
    }

    fn solved(&self, hem: HemName) -> Option<&HemSolution> {
        self.altered.hems.iter().find(|solved| solved.hem == hem)
    }

    /// The level as it will be; of two sides the first.
    fn level(&self, level: LevelName) -> Option<&LevelBalance> {
        self.judged.levels.iter().find(|row| row.girth.level == level)
    }

    /// Every row that was measured; where none was, the one its front is drawn with.
    fn buttons(&self) -> Vec<KnownSum> {
        let near = self.drawn.shape.near_hems.iter().enumerate();
        let measured: Vec<KnownSum> = near
            .filter(|(_, each)| each.kind == FeatureKind::Buttons)
            .map(|(nth, row)| {
                // Where the hem moves, the row is counted from the new edge.
                let moved =
                    self.solved(row.hem).into_iter().flat_map(|solved| &solved.sides).find_map(|side| {
                        side.collisions.iter().find(|near| near.kind == row.kind && near.at == row.at)
                    });
                let up = moved.map_or(Length::ZERO, |moved| row.from - moved.after[0]);
                let [from, to] = match moved.map(|moved| moved.spaced.as_slice()) {
                    Some([first, .., last]) => [*first, *last],
                    _ => [row.from - up, row.to - up],
                };
                let words = match row.count {
                    Some(count) => format!("its row of {count} buttons, from the edge up"),
                    None => "its row of buttons, from the edge up".to_owned(),
                };
                self.of(words, SumKind::Spacing, SumPlace::Buttons { nth: Some(nth) })
                    .length("from", from)
                    .length("to", to)
                    .count(row.count)
                    .lengths("pinned", row.pinned.map(|pinned| pinned - up).as_slice())
                    .known()
            })
            .collect();
        if measured.is_empty() { self.drawn_buttons().into_iter().collect() } else { measured }
    }

    /// The row its front is drawn with, as on most of its kind.
    fn drawn_buttons(&self) -> Option<KnownSum> {
        if matches!(self.drawn.shape.front(), Front::Closed | Front::Fly | Front::Zip) {
            return None;
        }
        let figure = self.judged.drawing.as_ref()?.figure_after.as_ref()?;
        // Of cuffs, pockets and the front the longest column, or one of two alike, is the front's.
        let columns = figure.buttons.iter().map(|column| {
            let beside = |button: &&[f64; 3]| (button[0] - column[0]).abs() < 1.0;
            figure.buttons.iter().filter(beside).map(|button| button[1]).collect::<Vec<f64>>()
        });
        let mut row = columns.max_by_key(Vec::len)?;
        row.sort_by(f64::total_cmp);
        let [first, .., last] = row.as_slice() else { return None };
        let words = "the buttons of its front, from the edge up";
        let knowing = self
            .of(words, SumKind::Spacing, SumPlace::Buttons { nth: None })
            .length("from", Length::hundredth(first - figure.bottom))
            .length("to", Length::hundredth(last - figure.bottom))
            .count(u32::try_from(row.len()).ok());
        Some(knowing.estimated(true).known())
    }

    /// Both laced edges, from the lowest level the lacing crosses up to the highest; how many, nobody said.
    fn eyelets(&self) -> Option<KnownSum> {
        let lacing = self.drawn.shape.lacing.as_ref()?;
        let pattern = self.altered.will_be.as_ref()?;
        let heights: Vec<Length> =
            lacing.gaps.keys().filter_map(|level| Some(pattern.level(*level)?.height)).collect();
        let [low, high] = [heights.iter().min()?, heights.iter().max()?];
        let sum = self
            .of("the eyelets of its lacing", SumKind::Spacing, SumPlace::Lacing)
            .length("from", Length::ZERO)
            .length("to", *high - *low);
        (high > low).then(|| sum.known())
    }

    /// A gathered sleeve into its armhole.
    fn sleeve_head(&self) -> Option<KnownSum> {
        let armhole = self.judged.armholes.first()?;
        let [_, cap] = armhole.cap.filter(|_| self.drawn.shape.sleeve_build() != SleeveBuild::None)?;
        let [_, hole] = armhole.armhole;
        let sum = self
            .of("its sleeve head into the armhole", SumKind::Gathers, SumPlace::Armholes)
            .length("long", cap)
            .length("short", hole);
        (cap > hole).then(|| sum.known())
    }

    /// Elastic for what the waist is too wide by, and pleats or gathers into it.
    fn waist(&self) -> Vec<KnownSum> {
        let shape = self.drawn.shape;
        // What hangs past the waist without a band or a seam there has nowhere to put either.
        let has_waist = shape.kind.has_band() || shape.has(SeamName::WaistSeam);
        let Some(row) = self.level(LevelName::Waist).filter(|_| has_waist) else { return Vec::new() };
        let (waist, estimated) = (row.girth.after, row.girth.estimated);
        let of = |words: &str, sum| self.of(words, sum, SumPlace::Waist).estimated(estimated);
        // Elastic goes through the back half: what is in front lies flat.
        let elastic = of("elastic in the back of its waist", SumKind::Elastic).length("spans", waist.half());
        let too_wide = row.ease_after.zip(row.wanted).map(|(ease, wanted)| ease - wanted);
        let scale = self.drawn.habits.scale;
        let elastic = match too_wide.filter(|gap| gap.is_positive() && scale.shows(*gap)) {
            Some(gap) => elastic.length("gap", gap),
            None => elastic,
        };
        let mut sums = vec![elastic.known()];
        if !shape.kind.has_legs() {
            let pleats = of("pleats into its waist", SumKind::Pleats)
                .length("finished", waist)
                .length("depth", self.rule(HouseRule::PleatDepth));
            sums.push(pleats.known());
            let hem = self.level(LevelName::Hem).map(|row| row.girth.after).filter(|hem| *hem > waist);
            sums.extend(hem.map(|hem| {
                let gathers = of("its hem's width gathered into its waist", SumKind::Gathers);
                gathers.length("long", hem).length("short", waist).known()
            }));
        }
        sums
    }

    /// A strip along a hem, a slit in it, what to cut for cloth that shrinks, and what the hem itself leads to.
    fn hem(&self, place: &HemPlace) -> Vec<KnownSum> {
        let hem = place.hem;
        let solved = self.solved(hem);
        let side = solved.and_then(|solved| solved.sides.first());
        let girth = side.map_or(place.girth, |side| side.girth[1]);
        // Its row of buttons was said already, and two vents lead to one sum.
        let mut sums: Vec<KnownSum> = Vec::new();
        for sum in solved.into_iter().flat_map(|solved| &solved.sums) {
            if sum.sum != SumKind::Spacing && !sums.contains(sum) {
                sums.push(sum.clone());
            }
        }
        let asked = |sum: SumKind| sums.iter().any(|known| known.sum == sum);
        let at = SumPlace::Hem { hem };
        let mut more = Vec::new();
        if !asked(SumKind::Bias) {
            let words = format!("a strip round its {}", place.words);
            let bias = self.of(words, SumKind::Bias, at).length("length", girth);
            more.push(bias.length("cloth", self.rule(HouseRule::ClothWidth)).known());
        }
        let shape = self.drawn.shape;
        // A coat that opens down its front needs none there.
        let skirted = shape.kind.reaches_legs() && !shape.kind.has_legs() && !shape.closes_in_front();
        if hem == HemName::Hem && skirted && !asked(SumKind::Slit) {
            let slit = self
                .of("a slit in the front of its hem", SumKind::Slit, at)
                .length("across", girth.half())
                .length("opening", self.rule(HouseRule::SlitOpen))
                .length("height", self.rule(HouseRule::SlitHeight));
            more.push(slit.known());
        }
        let garment = &self.drawn.job.garment;
        let test = garment.wash_test.filter(|_| !garment.washed);
        if let Some(test) = test.filter(|_| hem == HemName::Hem && !asked(SumKind::Shrink)) {
            let shrink = self
                .of("its length, in cloth that shrinks", SumKind::Shrink, SumPlace::Cloth)
                .length("wanted", place.length)
                .length("before", test.before)
                .length("after", test.after);
            more.push(shrink.known());
        }
        sums.extend(more);
        sums
    }
}
