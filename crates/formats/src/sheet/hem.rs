//! The pages of a hem: its table and what to do; and the sums kept with a fitting.

use vemble_fit::hem::{HemSide, HemSolution, UncutWay};
use vemble_fit::{Job, Side, Solution};

use super::capital;
use super::ink::{Ink, MARGIN, Page};

/// Lines of text that go on, from page to page.
struct Text<'a> {
    ink: &'a mut Ink,
    page: Page,
    y: f64,
}

impl Text<'_> {
    fn new<'a>(ink: &'a mut Ink, title: &str) -> Text<'a> {
        let mut page = ink.page();
        page.heading(MARGIN, MARGIN + 8.0, title);
        Text { ink, page, y: MARGIN + 16.0 }
    }

    fn room(&mut self, needs: f64) {
        if self.y + needs > self.page.height - MARGIN {
            let next = self.ink.page();
            self.ink.add(std::mem::replace(&mut self.page, next));
            self.y = MARGIN + 8.0;
        }
    }

    fn say(&mut self, words: &str) {
        self.room(16.0);
        self.y = self.page.paragraph(MARGIN, self.y, words) + 6.0;
    }

    fn row(&mut self, columns: &[f64], cells: &[String], strong: bool) {
        self.room(7.0);
        for (column, cell) in columns.iter().zip(cells) {
            if strong {
                self.page.strong(MARGIN + column, self.y, cell);
            } else {
                self.page.text(MARGIN + column, self.y, cell);
            }
        }
        self.page.hairline(MARGIN, self.y + 1.8, self.page.width - MARGIN, self.y + 1.8);
        self.y += 6.5;
    }

    fn end(self) {
        self.ink.add(self.page);
    }
}

/// Every table of one hem with what is said of it.
pub(super) fn table_pages(ink: &mut Ink, job: &Job, solved: &HemSolution) {
    let mut text = Text::new(ink, &capital(solved.words));
    text.say(&format!(
        "{}. {}, {}. In {}.",
        capital(&solved.wanted),
        capital(solved.kind_words),
        solved.allowance_words,
        job.habits.scale.unit.words()
    ));
    for words in solved.waits.iter().chain(&solved.refused).chain(&solved.pair_words) {
        text.say(words);
    }
    for side in &solved.sides {
        side_table(&mut text, side);
    }
    match &solved.uncut {
        Some(UncutWay::Waist(waist)) => {
            for row in &waist.table {
                text.row(&[0.0, 110.0], &[row.words.clone(), row.shown.clone()], false);
            }
            waist.words.iter().for_each(|words| text.say(words));
        }
        Some(UncutWay::Tuck(tuck)) => tuck.words.iter().for_each(|words| text.say(words)),
        None => {}
    }
    if let Some(lining) = &solved.lining {
        text.say(lining.way_in);
        lining.words.iter().for_each(|words| text.say(words));
    }
    solved.mitres.iter().for_each(|mitre| text.say(&mitre.words));
    text.end();
}

fn side_table(text: &mut Text<'_>, side: &HemSide) {
    let columns = [0.0, 46.0, 72.0, 98.0, 124.0, 150.0];
    if side.side != Side::Centre {
        text.row(&columns, &[capital(side.side.words())], true);
    }
    if !side.rows.is_empty() {
        let heads = ["place", "round", "fold", "cut", "strip", "finished"].map(str::to_owned);
        text.row(&columns, &heads, true);
    }
    for row in &side.rows {
        let mut cells = vec![row.words.clone()];
        cells.extend(row.shown.iter().map(|cell| cell.clone().unwrap_or_else(|| "-".to_owned())));
        text.row(&columns, &cells, false);
    }
    text.y += 4.0;
    let turned = side.turn_up.iter().flat_map(|turned| &turned.words);
    let tuck = side.tuck.iter().flat_map(|tuck| &tuck.words);
    turned.chain(tuck).for_each(|words| text.say(words));
    side.collisions.iter().for_each(|near| text.say(&near.says));
}

/// The sums kept with a fitting.
pub(super) fn sums_page(ink: &mut Ink, solution: &Solution) {
    let mut text = Text::new(ink, "Sums kept");
    for kept in &solution.sums {
        let what = if kept.note.is_empty() { kept.answer.title } else { kept.note.as_str() };
        text.say(&format!("{}: {}", capital(what), kept.answer.words));
        for row in &kept.answer.rows {
            text.row(&[0.0, 110.0], &[row.words.clone(), row.shown.clone()], false);
        }
        text.y += 4.0;
    }
    text.end();
}
