//! A garment, or a body, as it is seen from the front or the back.

use serde::{Deserialize, Serialize};

use super::pen::Points;
use super::piece::{FigureLine, FigurePiece, PartName, Pieces, mirrored};
use crate::garment::SeamName;
use crate::garment::side::Side;

/// A seam on the figure.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct FigureSeam {
    /// Which seam.
    pub seam: SeamName,
    /// Which side; the wearer's left is drawn on the left, as in a mirror.
    pub side: Side,
    /// True for a dart the garment does not have yet: a place for one.
    pub absent: bool,
    /// Its course from lower end to upper, `[x, y]` in millimetres.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<Vec<f64>>))]
    pub points: Points,
}

/// A picture; `x` is zero at the centre, `y` the height above the hem fold.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Figure {
    /// Its pieces, each painted over those before it.
    pub pieces: Vec<FigurePiece>,
    /// Lines on them.
    pub lines: Vec<FigureLine>,
    /// Buttons: middle and radius.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<Vec<f64>>))]
    pub buttons: Vec<[f64; 3]>,
    /// The seams that show, where there are any.
    pub seams: Vec<FigureSeam>,
    /// Height of the top of the figure.
    pub top: f64,
    /// Height of the lowest point.
    pub bottom: f64,
    /// Half the greatest width.
    pub half_width: f64,
    /// How far apart its cloth repeats; nothing where nobody has said how it looks, or no repeat shows.
    pub repeat: f64,
}

impl Figure {
    pub(super) fn new(pieces: Pieces, seams: Vec<FigureSeam>) -> Figure {
        let Pieces { mut pieces, lines, buttons } = pieces;
        // What lies over something is painted after it; what lies beside it, as it was drawn.
        pieces.sort_by_key(|piece| piece.part);
        let all = || pieces.iter().flat_map(|piece| &piece.outline);
        let top = all().map(|p| p[1]).fold(f64::MIN, f64::max);
        let bottom = all().map(|p| p[1]).fold(f64::MAX, f64::min);
        let half_width = all().map(|p| p[0].abs()).fold(0.0, f64::max);
        Figure { pieces, lines, buttons, seams, top, bottom, half_width, repeat: 0.0 }
    }

    /// The outlines of its pieces of one kind.
    pub fn outlines(&self, part: PartName) -> impl Iterator<Item = &Points> {
        self.pieces.iter().filter(move |piece| piece.part == part).map(|piece| &piece.outline)
    }

    /// What hangs from waist or shoulders.
    #[must_use]
    pub fn outline(&self) -> &[[f64; 2]] {
        self.outlines(PartName::Body).next().map_or(&[], Vec::as_slice)
    }

    /// The same with every point on a whole millimetre, as fine as it is seen among others, and without what only a
    /// large drawing shows: seams that cannot be told from each other there stay.
    #[must_use]
    pub fn rounded(&self) -> Figure {
        let whole = |mm: f64| mm.round() + 0.0;
        let points = |points: &Points| -> Points {
            let mut rounded: Points = points.iter().map(|[x, y]| [whole(*x), whole(*y)]).collect();
            rounded.dedup();
            rounded
        };
        Figure {
            pieces: self
                .pieces
                .iter()
                .map(|piece| FigurePiece { outline: points(&piece.outline), ..piece.clone() })
                .collect(),
            lines: self
                .lines
                .iter()
                .map(|line| FigureLine { points: points(&line.points), ..line.clone() })
                .collect(),
            buttons: self.buttons.iter().map(|[x, y, r]| [whole(*x), whole(*y), *r]).collect(),
            seams: self
                .seams
                .iter()
                .map(|seam| FigureSeam { points: points(&seam.points), ..seam.clone() })
                .collect(),
            top: whole(self.top),
            bottom: whole(self.bottom),
            half_width: whole(self.half_width),
            repeat: self.repeat,
        }
    }
}

/// A seam on both sides, given on the right of the picture.
pub(super) fn both_sides(seam: SeamName, right: &[[f64; 2]]) -> [FigureSeam; 2] {
    [
        FigureSeam { seam, side: Side::Left, absent: false, points: mirrored(right) },
        FigureSeam { seam, side: Side::Right, absent: false, points: right.to_vec() },
    ]
}
