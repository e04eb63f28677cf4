//! Which full-size page lies where: a small map of each drawing that takes more than one.

use super::columns::Columns;
use super::full_size::Drawing;

/// The most a map is high, in millimetres.
const HIGH: f64 = 62.0;
/// Above its pages stands what it is called.
const WORDS: f64 = 11.0;

/// Adds a map of every drawing that takes more than one page.
pub(super) fn maps(columns: &mut Columns<'_>, drawings: &[Drawing]) {
    let many: Vec<&Drawing> = drawings.iter().filter(|drawing| drawing.tiles.len() > 1).collect();
    if many.is_empty() {
        return;
    }
    columns.keep_together(24.0 + WORDS + HIGH);
    columns.heading("Where the full-size pages lie");
    for drawing in many {
        map(columns, drawing);
    }
}

fn map(columns: &mut Columns<'_>, drawing: &Drawing) {
    let end = |axis: usize, far: fn(f64, f64) -> f64, size: [f64; 2]| {
        drawing.tiles.iter().map(|tile| tile.from[axis] + size[axis]).reduce(far).unwrap_or_default()
    };
    let size: [f64; 2] = drawing.tiles[0].size.into();
    let [left, low] = [0, 1].map(|axis| end(axis, f64::min, [0.0, 0.0]));
    let [right, high] = [0, 1].map(|axis| end(axis, f64::max, size));
    let scale = (HIGH / (high - low)).min(columns.width() / (right - left));
    let tall = (high - low) * scale;
    columns.keep_together(WORDS + tall + 6.0);
    columns.say(&drawing.words);
    columns.draw(tall + 6.0, |page, [x, y]| {
        let place = |[px, py]: [f64; 2]| [x + (px - left) * scale, y - 4.0 + (high - py) * scale];
        for (index, tile) in drawing.tiles.iter().enumerate() {
            let [x1, y1] = place([tile.from[0], tile.from[1] + size[1]]);
            let [x2, y2] = place([tile.from[0] + size[0], tile.from[1]]);
            for [a, b] in
                [[[x1, y1], [x2, y1]], [[x2, y1], [x2, y2]], [[x2, y2], [x1, y2]], [[x1, y2], [x1, y1]]]
            {
                page.hairline(a[0], a[1], b[0], b[1]);
            }
            page.small(x1 + 1.0, y1 + 3.2, &(index + 1).to_string());
        }
        for course in drawing.firm() {
            for pair in course.windows(2) {
                let [[x1, y1], [x2, y2]] = [place(pair[0]), place(pair[1])];
                page.rule(x1, y1, x2, y2);
            }
        }
    });
}
