//! The small drawing of an answer: what it looks like on the table, to scale along whatever was asked.

use serde::Serialize;

use crate::unit::length::Length;

/// What a line of the drawing is.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum SumLineName {
    /// Cloth, filled.
    Cloth,
    /// An edge or an end.
    Edge,
    /// Where it is cut.
    Cut,
    /// A place to mark.
    Mark,
    /// What is already there: a dart, a seam, a place to keep clear of.
    There,
}

/// One line of the drawing.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct SumLine {
    /// What it is.
    pub is: SumLineName,
    /// True where it goes back to its beginning.
    pub closed: bool,
    /// Its course, `[x, y]` in millimetres, `y` downward.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<Vec<f64>>))]
    pub points: Vec<[f64; 2]>,
}

/// Words beside a place of the drawing.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct SumLabel {
    /// The place, `[x, y]` in millimetres.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<f64>))]
    pub at: [f64; 2],
    /// The words: the same number as in the answer's rows.
    pub words: String,
    /// True where they stand under the place, not over it.
    pub below: bool,
}

/// A small drawing; its frame is what its lines need.
#[derive(Debug, Clone, PartialEq, Serialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct SumDrawing {
    /// Its lines, each over those before it.
    pub lines: Vec<SumLine>,
    /// Words on it.
    pub labels: Vec<SumLabel>,
}

impl SumDrawing {
    pub(crate) fn line(&mut self, is: SumLineName, points: impl Into<Vec<[f64; 2]>>) {
        self.push(is, false, points.into());
    }

    pub(crate) fn area(&mut self, is: SumLineName, points: impl Into<Vec<[f64; 2]>>) {
        self.push(is, true, points.into());
    }

    /// A rectangle from its upper left corner to its lower right one.
    pub(crate) fn box_of(&mut self, is: SumLineName, [left, top]: [f64; 2], [right, bottom]: [f64; 2]) {
        self.area(is, [[left, top], [right, top], [right, bottom], [left, bottom]]);
    }

    pub(crate) fn over(&mut self, at: [f64; 2], words: String) {
        self.labels.push(SumLabel { at, words, below: false });
    }

    pub(crate) fn under(&mut self, at: [f64; 2], words: String) {
        self.labels.push(SumLabel { at, words, below: true });
    }

    fn push(&mut self, is: SumLineName, closed: bool, points: Vec<[f64; 2]>) {
        let hundredth = |mm: f64| Length::hundredth(mm).mm();
        let points = points.into_iter().map(|[x, y]| [hundredth(x), hundredth(y)]).collect();
        self.lines.push(SumLine { is, closed, points });
    }
}
