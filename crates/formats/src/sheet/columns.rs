//! What stands side by side: two columns a page, each filled before the next is begun.

use super::ink::{Ink, MARGIN, Page};

/// Height of a row of a table, in millimetres.
pub(super) const ROW: f64 = 5.9;
/// Between two columns, in millimetres.
const GAP: f64 = 8.0;
/// Columns on a page.
const COUNT: usize = 2;

/// Columns while they are being filled.
pub(super) struct Columns<'a> {
    ink: &'a mut Ink,
    page: Page,
    nth: usize,
    y: f64,
    empty: bool,
}

impl Columns<'_> {
    pub(super) fn new(ink: &mut Ink) -> Columns<'_> {
        let page = ink.page();
        Columns { ink, page, nth: 0, y: MARGIN + 5.0, empty: true }
    }

    /// Width of a column.
    pub(super) fn width(&self) -> f64 {
        (self.page.width - 2.0 * MARGIN - GAP * (COUNT - 1) as f64) / COUNT as f64
    }

    fn left(&self) -> f64 {
        MARGIN + self.nth as f64 * (self.width() + GAP)
    }

    fn lowest(&self) -> f64 {
        self.page.height - MARGIN
    }

    fn next(&mut self) {
        self.nth += 1;
        if self.nth == COUNT {
            let next = self.ink.page();
            self.ink.add(std::mem::replace(&mut self.page, next));
            (self.nth, self.empty) = (0, true);
        }
        self.y = MARGIN + 5.0;
    }

    /// Goes on in the next column where so much has no room here; true where it did.
    pub(super) fn room(&mut self, needs: f64) -> bool {
        let goes_on = self.y + needs > self.lowest();
        if goes_on {
            self.next();
        }
        goes_on
    }

    /// Begins in the next column what has no room here and would have there.
    pub(super) fn keep_together(&mut self, needs: f64) {
        if needs <= self.lowest() - MARGIN - 5.0 {
            self.room(needs);
        }
    }

    pub(super) fn heading(&mut self, text: &str) {
        self.room(24.0);
        let (left, width) = (self.left(), self.width());
        self.y = self.page.heading_within(left, self.y, width, text) + 6.0;
        self.empty = false;
    }

    pub(super) fn say(&mut self, text: &str) {
        self.room(16.0);
        let (left, width) = (self.left(), self.width());
        self.y = self.page.paragraph_within(left, self.y, width, text) + 7.0;
        self.empty = false;
    }

    /// Heads of a table in two lines, the second small.
    pub(super) fn heads<const N: usize>(&mut self, at: &[f64; N], heads: [&str; N], below: [&str; N]) {
        let left = self.left();
        for ((at, head), below) in at.iter().zip(heads).zip(below) {
            self.page.strong(left + at, self.y, head);
            self.page.small(left + at, self.y + 3.6, below);
        }
        self.page.rule(left, self.y + 5.0, left + self.width(), self.y + 5.0);
        self.y += 9.6;
    }

    /// A row of a table, with small words in its last place.
    pub(super) fn row(&mut self, at: &[f64], cells: &[String], words: &str) {
        let (left, width) = (self.left(), self.width());
        for (at, cell) in at.iter().zip(cells) {
            self.page.text(left + at, self.y, cell);
        }
        self.page.small(left + at[cells.len()], self.y, words);
        self.page.hairline(left, self.y + 1.7, left + width, self.y + 1.7);
        self.y += ROW;
    }

    pub(super) fn space(&mut self, high: f64) {
        self.y += high;
    }

    /// Draws something so high at the place where the column has come to, told its upper left corner.
    pub(super) fn draw(&mut self, high: f64, draw: impl FnOnce(&mut Page, [f64; 2])) {
        let corner = [self.left(), self.y];
        draw(&mut self.page, corner);
        self.y += high;
        self.empty = false;
    }

    /// The last page, where anything stands on it.
    pub(super) fn end(self) {
        if !self.empty || self.nth > 0 {
            self.ink.add(self.page);
        }
    }
}
