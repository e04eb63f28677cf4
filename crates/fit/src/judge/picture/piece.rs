//! What a picture of a garment is put together from: pieces of cloth, lines on them, buttons.

use serde::{Deserialize, Serialize};

use super::pen::{Points, tenth};

/// What a piece is: what is touched, and how it is painted.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Hash, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum PartName {
    /// The inside, seen where the garment is open: lining, or the back of the cloth.
    Inside,
    /// A sleeve.
    Sleeve,
    /// What ends a sleeve or a leg.
    Cuff,
    /// What hangs: body, skirt, legs.
    Body,
    /// A print along the hem.
    Border,
    /// A yoke.
    Yoke,
    /// A placket.
    Placket,
    /// A pocket, its flap or its welt.
    Pocket,
    /// A lapel.
    Lapel,
    /// A collar.
    Collar,
    /// The waistband.
    Band,
    /// A belt loop.
    Loop,
}

/// A closed piece of a picture.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct FigurePiece {
    /// What it is.
    pub part: PartName,
    /// Its closed outline, `[x, y]` in millimetres.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<Vec<f64>>))]
    pub outline: Points,
    /// How far its straight grain leans from the upright, in degrees clockwise: stripes run along it.
    pub lean: f64,
}

/// What a line is.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum LineName {
    /// An edge of cloth that lies on cloth.
    Edge,
    /// Stitching that shows.
    Stitch,
    /// A fold that hangs, deepest at its first point.
    Fold,
}

/// A line of a picture.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct FigureLine {
    /// What it is.
    pub line: LineName,
    /// Its course, `[x, y]` in millimetres.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<Vec<f64>>))]
    pub points: Points,
}

/// Pieces, lines and buttons as they are collected: what is painted first comes first.
#[derive(Debug, Default)]
pub(super) struct Pieces {
    pub pieces: Vec<FigurePiece>,
    pub lines: Vec<FigureLine>,
    /// Middle and radius.
    pub buttons: Vec<[f64; 3]>,
}

impl Pieces {
    /// A piece that is symmetrical by itself.
    pub fn add(&mut self, part: PartName, outline: Points) {
        self.pieces.push(FigurePiece { part, outline, lean: 0.0 });
    }

    /// A piece on either side, given on the right of the picture.
    pub fn add_both(&mut self, part: PartName, right: Points, lean: f64) {
        self.pieces.push(FigurePiece { part, outline: mirrored(&right), lean: -lean });
        self.pieces.push(FigurePiece { part, outline: right, lean });
    }

    /// A line by itself.
    pub fn line(&mut self, line: LineName, points: Points) {
        self.lines.push(FigureLine { line, points });
    }

    /// A line on either side, given on the right of the picture.
    pub fn line_both(&mut self, line: LineName, right: Points) {
        self.line(line, mirrored(&right));
        self.line(line, right);
    }

    /// A button.
    pub fn button(&mut self, x: f64, y: f64, radius: f64) {
        self.buttons.push([tenth(x), tenth(y), radius]);
    }
}

/// The same on the other side.
pub(super) fn mirrored(points: &[[f64; 2]]) -> Points {
    points.iter().map(|[x, y]| [0.0 - x, *y]).collect()
}
