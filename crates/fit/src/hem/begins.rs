//! Where each way of saying what is wanted of a hem begins, until somebody changes it.

use serde::Serialize;

use super::solution::HemSolution;
use super::solver::HemSolver;
use super::uncut::tuck_above;
use super::wish::{HemRead, HemWish, HighLow, Landmark, ShortenAt, Wanted};
use crate::garment::HemName;
use crate::{HouseRule, Length};

/// What a way of saying it begins with.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct HemBegins {
    /// Shorter by what the hem already goes up, so that nothing moves.
    pub edge: Wanted,
    /// As high above the floor as its edge was read highest, so that it can be made level by going up alone;
    /// by the wearer's measures where nobody has read it. A sleeve has no floor.
    pub floor: Option<Wanted>,
    /// As long as it is.
    pub garment: Wanted,
    /// At the place of the body hems like it are most often wanted at.
    pub landmark: Wanted,
    /// Uneven on purpose; not where there are two.
    pub high_low: Option<HighLow>,
    /// In a tuck clear of what cannot be cut.
    pub tuck: ShortenAt,
}

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
