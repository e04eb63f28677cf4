//! The seams of one garment, with their lengths, ends and data.

use super::pattern::Pattern;
use crate::garment::datum::Datum;
use crate::garment::flat::FlatName;
use crate::garment::kind::Block;
use crate::garment::level::Tube;
use crate::garment::seam::{DatumAt, Seam, SeamEnd, SeamName};
use crate::garment::shape::Shape;
use crate::unit::length::Length;

/// Undrawn, the crotch curve is taken to fill the lower half of a centre seam.
const CURVE_SHARE: f64 = 0.5;
/// Undrawn, a leg is taken to reach up to this share of its outseam.
const LEG_SHARE: f64 = 0.75;

impl Shape {
    /// A seam as pins and lines have to know it; `None` where its length is not known.
    #[must_use]
    pub fn seam(&self, name: SeamName, pattern: Option<&Pattern>) -> Option<Seam> {
        let length = match pattern {
            Some(pattern) => pattern.seam_length(name)?,
            None => self.seam_length(name)?.mm(),
        };
        let (lower, upper) = self.ends(name, length, pattern);
        Some(Seam {
            name,
            length,
            lower,
            upper,
            data: self.data(name, length, pattern),
            one_tube_above: self.one_tube_above(name, length, pattern),
        })
    }

    /// Every seam that takes pins and whose length is known, in the order they are judged.
    #[must_use]
    pub fn seams_on(&self, pattern: Option<&Pattern>) -> Vec<Seam> {
        self.pinnable().into_iter().filter_map(|name| self.seam(name, pattern)).collect()
    }

    /// The seams and darts that take pins: those it has, and on a skirt or body a dart it may get.
    #[must_use]
    pub fn pinnable(&self) -> Vec<SeamName> {
        let darts = matches!(self.kind.block(), Block::Skirt | Block::Body);
        SeamName::ALL.into_iter().filter(|name| self.has(*name) || (darts && name.is_dart())).collect()
    }

    fn ends(&self, name: SeamName, length: f64, pattern: Option<&Pattern>) -> (SeamEnd, SeamEnd) {
        let top = || {
            let band = self.band_height();
            if band > 0.0 { SeamEnd::Band(band) } else { SeamEnd::Edge }
        };
        let block = self.kind.block();
        match name {
            SeamName::Inseam => (SeamEnd::Hem, SeamEnd::CrotchPoint),
            SeamName::Outseam | SeamName::Side => {
                let upper = match block {
                    Block::Legs | Block::Skirt => top(),
                    _ => SeamEnd::Underarm(self.has(SeamName::SleeveUnderarm)),
                };
                (SeamEnd::Hem, upper)
            }
            SeamName::CentreBack | SeamName::CentreFront if self.kind.has_legs() => {
                let curve = match pattern.and_then(|pattern| pattern.crotch.zip(pattern.edges(name))) {
                    Some((crotch, edges)) => edges[0].edge.at_height(crotch.curve_top).station,
                    None => CURVE_SHARE * length,
                };
                (SeamEnd::CrotchCurve(curve), if block == Block::Legs { top() } else { SeamEnd::Edge })
            }
            SeamName::CentreBack
            | SeamName::CentreFront
            | SeamName::PrincessFront
            | SeamName::PrincessBack => {
                (SeamEnd::Hem, if block == Block::Skirt { top() } else { SeamEnd::Edge })
            }
            SeamName::SleeveUnderarm => (SeamEnd::Hem, SeamEnd::Underarm(true)),
            SeamName::SleeveFront | SeamName::SleeveBack => (SeamEnd::Hem, SeamEnd::Underarm(false)),
            SeamName::FrontDart | SeamName::BackDart => {
                (SeamEnd::Tip, if block == Block::Skirt { top() } else { SeamEnd::Tip })
            }
            SeamName::Shoulder | SeamName::WaistSeam | SeamName::Yoke => (SeamEnd::Edge, SeamEnd::Edge),
        }
    }

    fn data(&self, name: SeamName, length: f64, pattern: Option<&Pattern>) -> Vec<DatumAt> {
        let up = |datum, at| DatumAt { datum, at, up: true };
        let down = |datum, at| DatumAt { datum, at, up: false };
        let band = self.band_height();
        let from_band = || {
            let mut data = vec![down(Datum::BandTop, length)];
            if band > 0.0 {
                data.push(down(Datum::BandBottom, length - band));
            }
            data
        };
        let block = self.kind.block();
        let mut data = match name {
            SeamName::Inseam => vec![up(Datum::Hem, 0.0), down(Datum::Crotch, length)],
            SeamName::Outseam | SeamName::Side => {
                let mut data = vec![up(Datum::Hem, 0.0)];
                match block {
                    Block::Legs | Block::Skirt => data.extend(from_band()),
                    _ => data.push(down(Datum::Underarm, length)),
                }
                data
            }
            SeamName::CentreBack | SeamName::CentreFront if block == Block::Legs => {
                let mut data = from_band();
                data.push(up(Datum::Crotch, 0.0));
                data
            }
            SeamName::CentreBack | SeamName::CentreFront if block == Block::Overalls => {
                vec![down(Datum::Neck, length), up(Datum::Crotch, 0.0)]
            }
            SeamName::CentreBack | SeamName::CentreFront => {
                let mut data = vec![up(Datum::Hem, 0.0)];
                if block == Block::Skirt {
                    data.extend(from_band());
                } else {
                    data.push(down(Datum::Neck, length));
                }
                data
            }
            SeamName::PrincessFront | SeamName::PrincessBack => {
                let mut data = vec![up(Datum::Hem, 0.0)];
                if block == Block::Skirt {
                    data.extend(from_band());
                } else {
                    data.push(down(Datum::Shoulder, length));
                }
                data
            }
            SeamName::SleeveUnderarm => vec![up(Datum::Hem, 0.0), down(Datum::Underarm, length)],
            SeamName::SleeveFront | SeamName::SleeveBack => {
                vec![up(Datum::Hem, 0.0), down(Datum::Armhole, length)]
            }
            SeamName::FrontDart | SeamName::BackDart => {
                let mut data = vec![up(Datum::Tip, 0.0)];
                if block == Block::Skirt {
                    data.extend(from_band());
                }
                data
            }
            SeamName::Shoulder => vec![up(Datum::Neck, 0.0), down(Datum::Armhole, length)],
            SeamName::WaistSeam => vec![up(Datum::CentreFront, 0.0), down(Datum::CentreBack, length)],
            SeamName::Yoke => vec![up(Datum::CentreBack, 0.0), down(Datum::Armhole, length)],
        };
        // Up and down from the waist seam, where one crosses.
        if self.has(SeamName::WaistSeam)
            && !name.is_crosswise()
            && let Some((pattern, waist)) = pattern.and_then(|pattern| Some((pattern, pattern.waist?)))
            && let Some([edge, _]) = pattern.edges(name)
            && edge.panel.name.tube() == Tube::Body
            && edge.edge.spans(waist)
        {
            let at = edge.edge.at_height(waist).station;
            data.extend([down(Datum::BelowWaistSeam, at), up(Datum::AboveWaistSeam, at)]);
        }
        data
    }

    /// The station above which both of a pair of seams lie on one tube.
    fn one_tube_above(&self, name: SeamName, length: f64, pattern: Option<&Pattern>) -> Option<f64> {
        match name {
            SeamName::Outseam => {
                Some(match pattern.and_then(|pattern| pattern.crotch.zip(pattern.edges(name))) {
                    Some((crotch, edges)) => edges[0].edge.at_height(crotch.height).station,
                    None => self.flat(FlatName::Inseam).map_or(LEG_SHARE * length, Length::mm),
                })
            }
            SeamName::Side
            | SeamName::PrincessFront
            | SeamName::PrincessBack
            | SeamName::FrontDart
            | SeamName::BackDart => Some(0.0),
            _ => None,
        }
    }
}
