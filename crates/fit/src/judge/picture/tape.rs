//! Where the tape lies on the picture for each flat measure.

use serde::Serialize;

use super::figure::Figure;
use super::pen::{Points, tenth};
use super::piece::mirrored;
use super::seen::{Rings, half_widths};
use super::sleeve::Hanging;
use super::top::Top;
use crate::garment::side::Side;
use crate::garment::{FlatName, LevelName, SeamName, Shape, Tube};
use crate::pattern::Pattern;
use crate::pattern::draw::Profile;

/// A face of a garment.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Face {
    /// As one looks at its front.
    Front,
    /// As one looks at its back.
    Back,
}

/// A tape on the picture.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Tape {
    /// The measure it takes.
    pub flat: FlatName,
    /// On which face it lies.
    pub face: Face,
    /// Its course, `[x, y]` in millimetres.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<Vec<f64>>))]
    pub points: Points,
}

/// The tapes of a garment, in the order they are laid; a measure whose place is not known yet has none.
#[must_use]
pub fn tapes(shape: &Shape, pattern: &Pattern, rings: &Rings, [front, back]: [&Figure; 2]) -> Vec<Tape> {
    let laid = Laid { shape, pattern, rings, front, back };
    shape
        .measured()
        .iter()
        .filter_map(|flat| {
            let (face, points) = laid.on(*flat)?;
            Some(Tape { flat: *flat, face, points })
        })
        .collect()
}

/// The course across the front at every level, from the garment's left to its right or from its inside out; a level whose
/// place is not known has none.
#[must_use]
pub(crate) fn level_courses(
    shape: &Shape,
    pattern: &Pattern,
    rings: &Rings,
    [front, back]: [&Figure; 2],
) -> Vec<(LevelName, Points)> {
    let laid = Laid { shape, pattern, rings, front, back };
    let course = |level: LevelName| Some((level, laid.level(level.flat())?));
    pattern.levels.iter().filter_map(|level| course(level.name)).collect()
}

struct Laid<'a> {
    shape: &'a Shape,
    pattern: &'a Pattern,
    rings: &'a Rings,
    front: &'a Figure,
    back: &'a Figure,
}

impl Laid<'_> {
    fn on(&self, flat: FlatName) -> Option<(Face, Points)> {
        let front = |points: Points| Some((Face::Front, points));
        let back = |points: Points| Some((Face::Back, points));
        match flat {
            FlatName::Inseam => front(seam(self.front, SeamName::Inseam, Side::Left)?),
            FlatName::Outseam => front(seam(self.front, SeamName::Outseam, Side::Left)?),
            FlatName::SideLength => front(seam(self.front, SeamName::Side, Side::Left)?),
            FlatName::FrontRise => front(seam(self.front, SeamName::CentreFront, Side::Centre)?),
            FlatName::BackRise => back(seam(self.back, SeamName::CentreBack, Side::Centre)?),
            FlatName::UnderarmToWaist => {
                let waist = self.pattern.waist?;
                let name = if self.shape.kind.has_legs() { SeamName::Outseam } else { SeamName::Side };
                let mut points = seam(self.back, name, Side::Right)?;
                points.retain(|[_, y]| *y >= waist - 1.0);
                (points.len() > 1).then_some((Face::Back, points))
            }
            FlatName::BackLength => {
                let nape = self.pattern.bodice?.nape;
                back(vec![[0.0, tenth(nape)], [0.0, 0.0]])
            }
            FlatName::Neck => {
                let [x, y] = self.top()?.neck;
                back(across(x, y))
            }
            FlatName::Shoulder => {
                let [x, y] = self.top()?.shoulder;
                back(across(x, y))
            }
            FlatName::AcrossBack => {
                let bodice = self.pattern.bodice?;
                back(across(bodice.across.min(self.top()?.side), bodice.across_height()))
            }
            // Lengths stand on the left of the picture, widths on the right.
            FlatName::SleeveSeam => front(mirrored(&self.sleeve()?.seam())),
            FlatName::SleeveLength => {
                front(mirrored(&[self.top()?.shoulder.map(tenth), self.sleeve()?.outer_hem()]))
            }
            _ => front(self.level(flat)?),
        }
    }

    /// Across the garment, a leg or a sleeve at a level.
    fn level(&self, flat: FlatName) -> Option<Points> {
        let level = self.pattern.levels.iter().find(|level| level.name.flat() == flat)?;
        let y = level.height.mm();
        if level.tube == Tube::Sleeve {
            return Some(self.sleeve()?.across(y));
        }
        let outline = self.front.outline();
        let top = outline.iter().map(|p| p[1]).fold(f64::MIN, f64::max);
        // A hair inside, so that an edge itself is crossed.
        let at = if y > top - 1.0 { top - 1.0 } else { y.max(self.front.bottom + 1.0) };
        let xs = crossings(outline, at);
        let y = tenth(y);
        match level.tube {
            Tube::Leg => {
                let [.., inner, outer] = xs[..] else { return None };
                Some(vec![[tenth(inner), y], [tenth(outer), y]])
            }
            _ => {
                let outer = xs.last()?;
                Some(across(*outer, y))
            }
        }
    }

    fn top(&self) -> Option<Top> {
        Top::of(self.shape, self.pattern, self.rings, true)
    }

    fn sleeve(&self) -> Option<Hanging> {
        let top = self.top()?;
        let halves = half_widths(self.rings, self.pattern);
        let profile = (halves.len() > 1).then(|| Profile::through(&halves))?;
        Hanging::of(self.pattern, self.rings, &top, |y| profile.at(y))
    }
}

fn across(half: f64, y: f64) -> Points {
    vec![[tenth(-half), tenth(y)], [tenth(half), tenth(y)]]
}

/// The course of a seam from its upper end down.
fn seam(figure: &Figure, name: SeamName, side: Side) -> Option<Points> {
    let found = figure.seams.iter().find(|each| each.seam == name && each.side == side)?;
    Some(found.points.iter().rev().copied().collect())
}

/// Every `x` at which a closed outline crosses a height, from the left.
fn crossings(outline: &[[f64; 2]], y: f64) -> Vec<f64> {
    let closed = outline.iter().zip(outline.iter().cycle().skip(1));
    let mut xs: Vec<f64> = closed
        .filter(|(from, to)| (from[1] <= y) != (to[1] <= y))
        .map(|(from, to)| from[0] + (y - from[1]) / (to[1] - from[1]) * (to[0] - from[0]))
        .collect();
    xs.sort_by(f64::total_cmp);
    xs
}

/// The level a measure is taken at, where it is a width.
#[must_use]
pub fn level_of(flat: FlatName) -> Option<LevelName> {
    LevelName::ALL.into_iter().find(|level| level.flat() == flat)
}
