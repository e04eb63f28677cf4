//! Drawings at full size: a line along its edge, a hem's template.

use vemble_fit::hem::HemTemplate;
use vemble_fit::pattern::ChalkedEdge;
use vemble_fit::{DrawnLine, Paper, SeamSolution};

use super::ink::{self, Ink, MARGIN, Page, TEST_SQUARE};
use super::tiles::{Area, Tile, lay_tiles};

/// How much neighbouring tiles share, in millimetres.
const OVERLAP: f64 = 15.0;
/// How much old stitching is drawn beyond the line's ends, to lay the paper on, in millimetres.
const BEYOND: f64 = 30.0;
/// How far beyond the chalk its mark reaches, and its label stands off, in millimetres.
const MARK: f64 = 5.0;
const LABEL_OFF: f64 = 1.5;
/// A drawing is tried at every so many degrees, up to so many to either side.
const TURN_EVERY: i32 = 3;
const TURN_MOST: i32 = 45;
/// How finely a free place for the test square is looked for, in millimetres.
const LOOK_EVERY: f64 = 9.0;
/// From line to line of small words, and how high their letters are, in millimetres.
const LINE: f64 = 4.0;
const LETTERS: f64 = 2.6;
/// A label that finds no room beside its mark is moved on so often.
const MOVES: u32 = 4;

/// A drawing with the pages it takes.
pub(super) struct Drawing {
    /// What it is called.
    pub words: String,
    drawing: FullSize,
    /// Its pages, in their order.
    pub tiles: Vec<Tile>,
}

impl Drawing {
    /// Laid as it takes the fewest pages: upright, or leaning where that saves one.
    pub(super) fn laid(drawing: FullSize, words: String, paper: Paper) -> Drawing {
        let upright = drawing.tiles(paper);
        // What is on one page takes none fewer.
        let most = if upright.len() > 1 { TURN_MOST / TURN_EVERY } else { 0 };
        let turns = (1..=most).flat_map(|nth| [nth * TURN_EVERY, -nth * TURN_EVERY]);
        let fewest = turns
            .map(|degrees| (degrees, drawing.turned(f64::from(degrees).to_radians()).tiles(paper)))
            .min_by_key(|(_, tiles)| tiles.len())
            .filter(|(_, tiles)| tiles.len() < upright.len());
        let (drawing, tiles) = match fewest {
            Some((degrees, tiles)) => (drawing.turned(f64::from(degrees).to_radians()), tiles),
            None => (drawing, upright),
        };
        Drawing { words, drawing, tiles }
    }

    /// The firm lines of it.
    pub(super) fn firm(&self) -> impl Iterator<Item = &[[f64; 2]]> {
        let firm = self.drawing.courses.iter().filter(|(stroke, _)| matches!(stroke, ink::Stroke::New));
        firm.map(|(_, course)| course.as_slice())
    }

    /// Draws its pages.
    pub(super) fn lay_out(&self, ink: &mut Ink) {
        let count = self.tiles.len();
        for (index, tile) in self.tiles.iter().enumerate() {
            let mut page = ink.page();
            page.clip_frame(MARGIN);
            let (column, row) = tile.at;
            let foot = [
                format!("{}, full size, page {} of {count}", self.words, index + 1),
                format!("column {column}, row {row} from below; lay crosses on crosses"),
            ];
            let mut drawn = self.drawing.on(&page, tile);
            drawn.extend(page.tile_marks(MARGIN, OVERLAP));
            if index == 0 {
                let square = free_place(&page, [TEST_SQUARE, TEST_SQUARE], MARGIN + OVERLAP, &drawn);
                page.test_square(square[0], square[1], TEST_SQUARE);
                drawn.extend(filled(square, [TEST_SQUARE, TEST_SQUARE]));
            }
            let size = [Page::small_width(&foot[0]).max(Page::small_width(&foot[1])), 2.0 * LINE];
            let [x, y] = free_place(&page, size, MARGIN + 1.0, &drawn);
            for (nth, words) in foot.iter().enumerate() {
                page.small(x, y + LINE * (nth as f64 + 0.8), words);
            }
            drawn.extend(filled([x, y], size));
            self.drawing.draw(&mut page, tile, &drawn);
            ink.add(page);
        }
    }
}

/// The upper left corner of the place for something so large that least is drawn in: below first, so far off the edges
/// of the page at the least. `drawn` are places on the page.
fn free_place(page: &Page, [wide, high]: [f64; 2], off: f64, drawn: &[[f64; 2]]) -> [f64; 2] {
    let (right, low) = ((page.width - off - wide).max(off), page.height - off - high);
    let crowd = |[x, y]: &[f64; 2]| {
        let covers = |at: f64, from: f64, size: f64| {
            at >= from - 2.0 * LABEL_OFF && at <= from + size + 2.0 * LABEL_OFF
        };
        drawn.iter().filter(|place| covers(place[0], *x, wide) && covers(place[1], *y, high)).count()
    };
    let [across, down] = [right - off, low - off].map(|room| (room / LOOK_EVERY).ceil().max(1.0) as u32);
    let places = (0..=down).rev().flat_map(|row| {
        (0..=across).map(move |column| {
            let share = |nth: u32, of: u32| f64::from(nth) / f64::from(of);
            [off + share(column, across) * (right - off), off + share(row, down) * (low - off)]
        })
    });
    places.min_by_key(crowd).unwrap_or([off, low])
}

/// Places all over something, near enough to each other that nothing slips between.
fn filled([x, y]: [f64; 2], [wide, high]: [f64; 2]) -> Vec<[f64; 2]> {
    let steps = |size: f64| (size / 3.0).ceil().max(1.0) as u32;
    let (across, down) = (steps(wide), steps(high));
    (0..=across)
        .flat_map(|i| {
            (0..=down).map(move |j| {
                [x + wide * f64::from(i) / f64::from(across), y + high * f64::from(j) / f64::from(down)]
            })
        })
        .collect()
}

/// What is drawn, in millimetres, `y` upward.
#[derive(Clone)]
pub(super) struct FullSize {
    courses: Vec<(ink::Stroke, Vec<[f64; 2]>)>,
    ticks: Vec<([f64; 2], [f64; 2], String)>,
    pins: Vec<[f64; 2]>,
}

impl FullSize {
    /// A line along one edge: old stitching, new line, raw edge, stations, pins.
    pub(super) fn new(edge: &ChalkedEdge, seam: &SeamSolution, drawn: &DrawnLine) -> FullSize {
        let mut inside: Vec<f64> = seam
            .allowance
            .map(|each| edge.of.iter().map(|nth| each[*nth].mm()).collect())
            .unwrap_or_default();
        inside.dedup();
        let (low, high) = reach(drawn, seam.length.mm());
        // A little of the old stitching beyond both ends, to lay the paper on.
        let (from, to) = ((low - BEYOND).max(0.0), (high + BEYOND).min(seam.length.mm()));
        let ratio = edge.edge.length() / seam.length.mm();
        let pieces = ((to - from) / 6.0).ceil() as u32;
        let stations: Vec<f64> =
            (0..=pieces).map(|i| from + (to - from) * f64::from(i) / f64::from(pieces)).collect();
        let at = |station: f64, depth: f64| {
            let point = edge.inside(station * ratio, depth);
            [point.x, point.y]
        };
        let old: Vec<[f64; 2]> = stations.iter().map(|s| at(*s, 0.0)).collect();
        let raw = |allowance: f64| stations.iter().map(|s| at(*s, -allowance)).collect::<Vec<[f64; 2]>>();
        let new = drawn.spine.iter().map(|[s, d]| at(*s, *d)).collect();
        let ticks = drawn
            .table
            .rows
            .iter()
            .map(|row| {
                let (s, d) = (row.from_below.mm(), row.depth.mm());
                let label = format!("{} / {}", row.shown.station, row.shown.depth);
                (at(s, 0.0), at(s, d.max(0.0) + MARK), label)
            })
            .collect();
        let pins = seam.pins.iter().map(|pin| at(pin.station.mm(), pin.depth.mm())).collect();
        let mut courses = vec![(ink::Stroke::Old, old)];
        courses.extend(inside.into_iter().map(|allowance| (ink::Stroke::Raw, raw(allowance))));
        courses.push((ink::Stroke::New, new));
        FullSize { courses, ticks, pins }
    }

    /// A hem's template: the edge as it is dashed, fold and panel edges firm, cut line and the upper edge of
    /// the turn-up dotted.
    pub(super) fn of_hem(template: &HemTemplate) -> FullSize {
        let HemTemplate { old, fold, cut, turned, edges: [one, other], .. } = template;
        let named = [("fold", fold), ("cut", cut), ("turned up to here", turned)];
        let ticks = named
            .into_iter()
            .map(|(words, course)| {
                let middle = course[course.len() / 2];
                (middle, [middle[0], middle[1] + MARK], words.to_owned())
            })
            .collect();
        let courses = [
            (ink::Stroke::Old, old),
            (ink::Stroke::New, fold),
            (ink::Stroke::New, one),
            (ink::Stroke::New, other),
            (ink::Stroke::Raw, cut),
            (ink::Stroke::Raw, turned),
        ];
        FullSize {
            courses: courses.map(|(stroke, course)| (stroke, course.clone())).to_vec(),
            ticks,
            pins: Vec::new(),
        }
    }

    /// The same, turned by so many radians.
    fn turned(&self, angle: f64) -> FullSize {
        let (sin, cos) = angle.sin_cos();
        let turn = |[x, y]: [f64; 2]| [x * cos - y * sin, x * sin + y * cos];
        let all = |points: &[[f64; 2]]| points.iter().map(|point| turn(*point)).collect::<Vec<_>>();
        FullSize {
            courses: self.courses.iter().map(|(stroke, course)| (*stroke, all(course))).collect(),
            ticks: self.ticks.iter().map(|(a, b, label)| (turn(*a), turn(*b), label.clone())).collect(),
            pins: all(&self.pins),
        }
    }

    fn tiles(&self, paper: Paper) -> Vec<Tile> {
        let size = Page::size(paper);
        let places: Vec<[f64; 2]> = self.points().chain(self.labels()).collect();
        let touches = |(from, to): Area| {
            places.iter().any(|[x, y]| *x >= from[0] && *x <= to[0] && *y >= from[1] && *y <= to[1])
        };
        lay_tiles(self.bounds(), (size.0 - 2.0 * MARGIN, size.1 - 2.0 * MARGIN), OVERLAP, touches)
    }

    fn points(&self) -> impl Iterator<Item = [f64; 2]> + '_ {
        self.courses.iter().flat_map(|(_, course)| course).chain(&self.pins).copied()
    }

    /// Least and greatest corner, with room for the labels.
    fn bounds(&self) -> ([f64; 2], [f64; 2]) {
        let fold =
            |i: usize, start: f64, pick: fn(f64, f64) -> f64| self.points().map(|p| p[i]).fold(start, pick);
        (
            [fold(0, f64::MAX, f64::min) - 36.0, fold(1, f64::MAX, f64::min) - 6.0],
            [fold(0, f64::MIN, f64::max) + 36.0, fold(1, f64::MIN, f64::max) + 6.0],
        )
    }

    /// Both ends of every label, as they stand beside their marks.
    fn labels(&self) -> impl Iterator<Item = [f64; 2]> + '_ {
        self.ticks.iter().flat_map(|(a, b, label)| {
            let wide = Page::small_width(label) + LABEL_OFF;
            let far = if b[0] >= a[0] { b[0] + wide } else { b[0] - wide };
            [*b, [0.5 * (b[0] + far), b[1]], [far, b[1]]]
        })
    }

    /// Everything of it as places on a page.
    fn on(&self, page: &Page, tile: &Tile) -> Vec<[f64; 2]> {
        let all = self.points().chain(self.labels());
        all.map(|point| tile.place(point, MARGIN, page.height)).collect()
    }

    /// Draws it on a page where this is drawn or written already.
    fn draw(&self, page: &mut Page, tile: &Tile, drawn: &[[f64; 2]]) {
        let place = |p: &[f64; 2]| tile.place(*p, MARGIN, page.height);
        let on = |points: &[[f64; 2]]| points.iter().map(place).collect::<Vec<_>>();
        let courses: Vec<_> = self.courses.iter().map(|(stroke, course)| (*stroke, on(course))).collect();
        let ticks: Vec<_> =
            self.ticks.iter().map(|(a, b, label)| (place(a), place(b), label.clone())).collect();
        let pins = on(&self.pins);
        for (stroke, course) in &courses {
            page.course(course, *stroke);
        }
        // What is written keeps clear of what is written: labels in their order, each moved on outward where it must.
        let written: Vec<[f64; 2]> = drawn[self.on(page, tile).len().min(drawn.len())..].to_vec();
        let mut labels: Vec<[f64; 4]> = Vec::new();
        for (a, b, label) in ticks {
            page.course(&[a, b], ink::Stroke::Tick);
            // Beyond the mark, away from the old stitching, so that no line runs through it.
            let (wide, outward) = (Page::small_width(&label), if b[0] >= a[0] { 1.0 } else { -1.0 });
            let at = |moved: u32| {
                let near = b[0] + outward * (LABEL_OFF + f64::from(moved) * (wide + 2.0));
                let left = if outward > 0.0 { near } else { near - wide };
                [left, b[1] + 1.0 - LETTERS, left + wide, b[1] + 1.4]
            };
            let free = |place: &[f64; 4]| {
                let [left, top, right, low] = *place;
                let apart = |other: &[f64; 4]| {
                    other[0] >= right + 0.5 || other[2] <= left - 0.5 || other[1] >= low || other[3] <= top
                };
                let clear = |[x, y]: &[f64; 2]| *x < left || *x > right || *y < top || *y > low;
                labels.iter().all(apart) && written.iter().all(clear)
            };
            let place = (0..MOVES).map(at).find(free).unwrap_or_else(|| at(0));
            page.small(place[0], b[1] + 1.0, &label);
            labels.push(place);
        }
        for pin in pins {
            page.cross(pin);
        }
    }
}

fn reach(drawn: &DrawnLine, length: f64) -> (f64, f64) {
    use vemble_fit::line::LineEnd;
    let taper = |end: LineEnd, other: f64| if let LineEnd::Taper { at } = end { at } else { other };
    (taper(drawn.lower.end, 0.0), taper(drawn.upper.end, length))
}

#[cfg(test)]
mod tests {
    use super::*;

    /// A straight line so long, with a label at either end.
    fn line(long: f64) -> FullSize {
        let points = |x: f64| (0..=40).map(|i| [x, long * f64::from(i) / 40.0]).collect::<Vec<_>>();
        let tick = |y: f64| ([0.0, y], [MARK, y], "12 / 8".to_owned());
        FullSize {
            courses: vec![(ink::Stroke::Old, points(0.0)), (ink::Stroke::New, points(8.0))],
            ticks: vec![tick(0.0), tick(long)],
            pins: Vec::new(),
        }
    }

    #[test]
    fn a_line_leans_where_that_saves_a_page_and_stands_upright_where_it_does_not() {
        for long in [120.0, 200.0, 255.0, 275.0, 290.0, 400.0, 520.0, 700.0, 1020.0] {
            for paper in [Paper::A4, Paper::Letter] {
                let upright = line(long).tiles(paper).len();
                let laid = Drawing::laid(line(long), "a line".to_owned(), paper);
                assert!(laid.tiles.len() <= upright, "{long}: {} and {upright}", laid.tiles.len());
                let ends = laid.firm().next().expect("the new line");
                let leans = (ends[ends.len() - 1][0] - ends[0][0]).abs() > 1.0;
                assert_eq!(leans, laid.tiles.len() < upright, "{long} on {paper:?}");
                // Turned, and not stretched.
                let [[x1, y1], [x2, y2]] = [ends[0], ends[ends.len() - 1]];
                assert!(((x2 - x1).hypot(y2 - y1) - long).abs() < 1e-6);
            }
        }
        // A hand longer than the paper is high: the diagonal has it on one page.
        assert_eq!(line(280.0).tiles(Paper::A4).len(), 2);
        assert_eq!(Drawing::laid(line(280.0), "a line".to_owned(), Paper::A4).tiles.len(), 1);
    }
}
