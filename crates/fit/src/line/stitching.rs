//! A line as it is drawn: cubics between knots.

use serde::Serialize;

use super::problem::LineEnd;

/// A place where the line is pinned down by its depth and slope; between knots it is the cubic
/// that both neighbours give.
#[derive(Debug, Clone, Copy, PartialEq)]
pub struct Knot {
    /// Distance from the seam's lower end, in millimetres.
    pub station: f64,
    /// Old stitching to new, in millimetres; negative lets out.
    pub depth: f64,
    /// Depth gained per millimetre of seam.
    pub slope: f64,
}

/// A stitching line on one seam.
#[derive(Debug, Clone, PartialEq)]
pub struct Line {
    /// Knots of rising station. Beyond the first and the last the line keeps their depth: zero
    /// where it has tapered out, the held depth where it is held.
    pub(super) knots: Vec<Knot>,
    /// What the lower end does.
    pub lower: LineEnd,
    /// What the upper end does.
    pub upper: LineEnd,
    /// Length of the seam, in millimetres.
    pub length: f64,
}

/// How hard a line is to sew.
#[derive(Debug, Clone, Copy, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct LineCharacter {
    /// Greatest slope, depth per length.
    pub steepest_slope: f64,
    /// Tightest radius in millimetres, where the line bends at all.
    pub tightest_radius: Option<f64>,
    /// Station of the deepest point, from the lower end, in millimetres.
    pub deepest_at: f64,
    /// Depth there.
    pub deepest: f64,
}

/// A line flatter than this, in millimetres of radius, is straight to any hand.
const STRAIGHT: f64 = 20_000.0;
/// How finely a line is looked over for its character, in millimetres.
const LOOK_EVERY: f64 = 2.0;

impl Line {
    /// A line through knots of rising station that runs off both ends of its seam.
    #[must_use]
    pub(crate) fn through(knots: Vec<Knot>, length: f64) -> Line {
        Line { knots, lower: LineEnd::RunOff, upper: LineEnd::RunOff, length }
    }

    /// So much of each of several lines of one seam, by shares that make one. What each may do, in how it lies, how
    /// steep it runs and how it bends, so may what lies between them. Where one of them leaves an edge or a band as it
    /// was and another does not, their mean does not either.
    #[must_use]
    pub(crate) fn mixed(lines: &[(f64, Line)]) -> Option<Line> {
        let ((_, first), rest) = lines.split_first()?;
        if rest.is_empty() {
            return Some(first.clone());
        }
        let mut stations: Vec<f64> =
            lines.iter().flat_map(|(_, line)| &line.knots).map(|knot| knot.station).collect();
        stations.sort_by(f64::total_cmp);
        stations.dedup_by(|a, b| (*a - *b).abs() < 1e-6);
        let knots = stations
            .into_iter()
            .map(|station| {
                let sum = |of: fn(Knot) -> f64| {
                    lines.iter().map(|(share, line)| share * of(line.at(station))).sum()
                };
                Knot { station, depth: sum(|knot| knot.depth), slope: sum(|knot| knot.slope) }
            })
            .collect();
        let open = |end: fn(&Line) -> LineEnd, further: fn(f64, f64) -> f64| {
            let ends = lines.iter().map(|(_, line)| end(line));
            ends.reduce(|one, other| match (one, other) {
                (LineEnd::Taper { at: a }, LineEnd::Taper { at: b }) => LineEnd::Taper { at: further(a, b) },
                (LineEnd::Taper { .. }, open) | (open, _) => open,
            })
        };
        Some(Line {
            knots,
            lower: open(|line| line.lower, f64::min)?,
            upper: open(|line| line.upper, f64::max)?,
            length: first.length,
        })
    }

    /// A line that holds a depth at the edge alone runs off there.
    pub(super) fn over_the_edge(mut self) -> Line {
        let at =
            |end: LineEnd, edge: f64| matches!(end, LineEnd::Hold { from } if (from - edge).abs() < 1e-6);
        if at(self.lower, 0.0) {
            self.lower = LineEnd::RunOff;
        }
        if at(self.upper, self.length) {
            self.upper = LineEnd::RunOff;
        }
        self
    }

    /// The old stitching, all along: a line that does nothing.
    #[must_use]
    pub(crate) fn nothing(length: f64) -> Line {
        let knot = |station| Knot { station, depth: 0.0, slope: 0.0 };
        Line {
            knots: vec![knot(0.0), knot(length)],
            lower: LineEnd::Taper { at: length },
            upper: LineEnd::Taper { at: 0.0 },
            length,
        }
    }

    /// Depth at a station, in millimetres.
    #[must_use]
    pub fn depth(&self, station: f64) -> f64 {
        self.at(station).depth
    }

    /// The knots, lowest first.
    #[must_use]
    pub fn knots(&self) -> &[Knot] {
        &self.knots
    }

    /// Depth and slope at a station.
    #[must_use]
    pub fn at(&self, station: f64) -> Knot {
        let above = self.knots.partition_point(|knot| knot.station < station);
        if above == 0 || above == self.knots.len() {
            let end = self.knots[above.min(self.knots.len() - 1)];
            let slope = if end.station == station { end.slope } else { 0.0 };
            return Knot { station, depth: end.depth, slope };
        }
        let (a, b) = (self.knots[above - 1], self.knots[above]);
        let h = b.station - a.station;
        let t = (station - a.station) / h;
        let (t2, t3) = (t * t, t * t * t);
        let depth = (2.0 * t3 - 3.0 * t2 + 1.0) * a.depth
            + (t3 - 2.0 * t2 + t) * h * a.slope
            + (3.0 * t2 - 2.0 * t3) * b.depth
            + (t3 - t2) * h * b.slope;
        let slope = 6.0 * (t2 - t) * (a.depth - b.depth) / h
            + (3.0 * t2 - 4.0 * t + 1.0) * a.slope
            + (3.0 * t2 - 2.0 * t) * b.slope;
        Knot { station, depth, slope }
    }

    /// Cuts a line that was carried across at a station: what lies below, and what lies beyond, turned
    /// round so that its stations count from the other end. Both end in [`LineEnd::Carry`].
    #[must_use]
    pub fn cut(&self, at: f64) -> (Line, Line) {
        let crossing = self.at(at);
        let mut below: Vec<Knot> =
            self.knots.iter().copied().filter(|knot| knot.station < at - 1e-6).collect();
        let mut beyond: Vec<Knot> =
            self.knots.iter().copied().filter(|knot| knot.station > at + 1e-6).collect();
        below.push(crossing);
        beyond.insert(0, crossing);
        let turned = beyond
            .into_iter()
            .rev()
            .map(|knot| Knot { station: self.length - knot.station, depth: knot.depth, slope: -knot.slope })
            .collect();
        (
            Line { knots: below, lower: self.lower, upper: LineEnd::Carry, length: at },
            Line {
                knots: turned,
                lower: self.upper.turned(self.length),
                upper: LineEnd::Carry,
                length: self.length - at,
            },
        )
    }

    /// The stretch of seam on which the line differs from the old stitching.
    #[must_use]
    pub fn reach(&self) -> (f64, f64) {
        let lower = if let LineEnd::Taper { at } = self.lower { at } else { 0.0 };
        let upper = if let LineEnd::Taper { at } = self.upper { at } else { self.length };
        (lower, upper)
    }

    /// Steepest slope, tightest radius and deepest point.
    #[must_use]
    pub fn character(&self) -> LineCharacter {
        let mut character =
            LineCharacter { steepest_slope: 0.0, tightest_radius: None, deepest_at: 0.0, deepest: 0.0 };
        let mut tightest = STRAIGHT;
        for pair in self.knots.windows(2) {
            let h = pair[1].station - pair[0].station;
            let steps = (h / LOOK_EVERY).ceil().max(1.0);
            for step in 0..=steps as u32 {
                let station = pair[0].station + h * f64::from(step) / steps;
                let here = self.at(station);
                character.steepest_slope = character.steepest_slope.max(here.slope.abs());
                if here.depth.abs() > character.deepest.abs() + 1e-9 {
                    (character.deepest, character.deepest_at) = (here.depth, station);
                }
            }
            // Bending is linear between knots, so it is greatest at one of them.
            let bend = segment_bends(pair[0], pair[1]);
            for (bend, slope) in [(bend.0, pair[0].slope), (bend.1, pair[1].slope)] {
                if bend.abs() > 1e-12 {
                    tightest = tightest.min((1.0 + slope * slope).powf(1.5) / bend.abs());
                }
            }
        }
        character.tightest_radius = (tightest < STRAIGHT).then_some(tightest);
        character
    }
}

/// Second derivative at both ends of the cubic between two knots.
pub(super) fn segment_bends(a: Knot, b: Knot) -> (f64, f64) {
    let h = b.station - a.station;
    let chord = 6.0 * (b.depth - a.depth) / (h * h);
    (chord - (4.0 * a.slope + 2.0 * b.slope) / h, -chord + (2.0 * a.slope + 4.0 * b.slope) / h)
}
