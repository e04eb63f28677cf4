//! Where each way of saying what is wanted of a hem begins, until somebody changes it.

use super::landmark::Landmark;
use super::place::HemBegins;
use super::solution::HemSolution;
use super::uncut::tuck_above;
use super::wish::{HemRead, HemWish, HighLow, ShortenAt, Wanted};
use super::work::HemSolver;
use crate::garment::HemName;
use crate::house::rules::HouseRule;
use crate::unit::length::Length;

impl HemSolver<'_> {
    pub(super) fn begins(
        &self,
        hem: HemName,
        wish: Option<&HemWish>,
        solved: Option<&HemSolution>,
    ) -> HemBegins {
        let rule = |rule| Length::from_mm(self.habits.rule(rule));
        let shorten = solved
            .filter(|solved| solved.is_solved() && !solved.sides.is_empty())
            .map_or(Length::ZERO, |solved| solved.mean());
        let highest = wish
            .into_iter()
            .flat_map(|wish| &wish.readings)
            .filter(|reading| reading.read == HemRead::FloorToEdge)
            .map(|reading| reading.length)
            .max();
        let height = highest.unwrap_or_else(|| {
            let unsaid = HemWish::new(hem, Wanted::Pins);
            let edge = self.edge_by_measures(wish.unwrap_or(&unsaid)).ok();
            edge.map_or_else(
                || rule(HouseRule::HemFloor),
                |mm| Length::from_mm(mm.clamp(0.0, 1500.0).round()),
            )
        });
        let blend = rule(HouseRule::HemBlend);
        let uneven = rule(HouseRule::HemUnevenBy);
        HemBegins {
            edge: Wanted::Edge { shorten },
            floor: (hem == HemName::Hem).then_some(Wanted::Floor { height }),
            garment: Wanted::Garment { length: Length::hundredth(self.whole(hem)) },
            landmark: match hem {
                HemName::Sleeve => {
                    Wanted::Landmark { landmark: Landmark::Wrist, below: rule(HouseRule::SleeveBelow) }
                }
                HemName::Hem => Wanted::Landmark { landmark: Landmark::Knee, below: Length::ZERO },
            },
            high_low: (!self.shape().is_paired_hem(hem)).then_some(HighLow {
                front: uneven,
                back: uneven,
                blend_front: blend,
                blend_back: blend,
            }),
            tuck: ShortenAt::Tuck { above: tuck_above(self.shape(), hem, self.habits) },
        }
    }
}
