//! The answer to a sum, as it is read on the tape.

use serde::Serialize;

use super::drawing::SumDrawing;
use crate::house::habit::Habits;
use crate::unit::length::Length;

/// One line of an answer.
#[derive(Debug, Clone, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct SumRow {
    /// What it is.
    pub words: String,
    /// How much, as it stands on the session's tape.
    pub shown: String,
}

/// Where a row ends, as a garment keeps it.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct EvenRow {
    /// The first.
    pub from: Length,
    /// The last.
    pub to: Length,
    /// How many.
    pub count: u32,
    /// Where one has to stand.
    pub pinned: Option<Length>,
}

/// The answer to a sum.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct SumAnswer {
    /// What was asked.
    pub title: &'static str,
    /// The answer in a sentence.
    pub words: String,
    /// Line by line.
    pub rows: Vec<SumRow>,
    /// The length that matters most, for a field to take.
    pub result: Length,
    /// The row that was spaced, where one was.
    pub row: Option<EvenRow>,
    /// What it looks like.
    pub drawing: SumDrawing,
}

/// The answer to a sum kept with a fitting.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct KeptAnswer {
    /// Its id.
    pub id: String,
    /// What it is for.
    pub note: String,
    /// The answer.
    pub answer: SumAnswer,
    /// Keys of the steps it is needed for.
    pub steps: Vec<String>,
}

/// Writes an answer down in the session's unit.
pub(super) struct Writer<'a> {
    pub(super) habits: &'a Habits,
    pub(super) drawing: SumDrawing,
    rows: Vec<SumRow>,
}

impl<'a> Writer<'a> {
    pub(super) fn new(habits: &'a Habits) -> Writer<'a> {
        Writer { habits, drawing: SumDrawing::default(), rows: Vec::new() }
    }

    pub(super) fn write(&self, mm: f64) -> String {
        self.habits.scale.write(Length::from_mm(mm))
    }

    pub(super) fn row(&mut self, words: impl Into<String>, mm: f64) {
        let shown = self.write(mm);
        self.rows.push(SumRow { words: words.into(), shown });
    }

    pub(super) fn answer(self, title: &'static str, words: String, result: f64) -> SumAnswer {
        let Writer { rows, drawing, .. } = self;
        SumAnswer { title, words, rows, result: Length::hundredth(result), row: None, drawing }
    }
}
