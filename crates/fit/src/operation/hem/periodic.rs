//! The line round a ring.
//!
//! Readings round a hem say how far it moves at some places; between them the line is the closed curve that
//! passes them as nearly as their spread deserves and bends as little as it can:
//! `Σ ((d(sᵢ) − dᵢ)/σ)² + λ ∫ d″²` round the ring, each reading within tolerance. Its minimiser is the periodic
//! cubic spline with a knot at each reading (Green & Silverman, *Nonparametric Regression and Generalized
//! Linear Models*, 1994, ch. 2, closed up into a ring), so only the values at the readings are unknown: a small
//! convex programme. Value, slope and curvature go on across the start.
//!
//! A hem that opens in front is no ring but has two ends. Its line is that of a ring twice as long, on which every reading
//! stands a second time as in a glass: so nothing goes on from one front edge to the other, and each is met square.

use crate::convex::Convex;
use crate::line::STIFFNESS;

/// Readings nearer than this along the ring, in millimetres, are one place.
const ONE_PLACE: f64 = 1.0;
/// A reading's spread as a share of the most a line may miss it by.
const SPREAD: f64 = 0.5;

/// A place where the line is known.
#[derive(Debug, Clone, Copy, PartialEq)]
pub struct RingReading {
    /// Where, in millimetres round the ring from its start.
    pub at: f64,
    /// How far the hem moves there, in millimetres.
    pub value: f64,
}

/// A closed cubic spline, or one between two ends.
#[derive(Debug, Clone, PartialEq)]
pub struct RingLine {
    period: f64,
    /// It has two ends, half the period apart.
    open: bool,
    /// Place, value and second derivative of each knot, in turning order.
    knots: Vec<[f64; 3]>,
}

impl RingLine {
    /// The same value all round.
    #[must_use]
    pub fn level(period: f64, value: f64) -> RingLine {
        RingLine { period, open: false, knots: vec![[0.0, value, 0.0]] }
    }

    /// The line through readings, within `tolerance` of each, which is twice what one spreads by. Readings at
    /// one place are taken together as their mean. `None` without a reading.
    #[must_use]
    pub fn through(period: f64, readings: &[RingReading], tolerance: f64) -> Option<RingLine> {
        RingLine::smooth(period, readings, tolerance, |_| 1.0)
    }

    /// The same between two ends `length` apart.
    #[must_use]
    pub fn between(length: f64, readings: &[RingReading], tolerance: f64) -> Option<RingLine> {
        let in_a_glass = |reading: &RingReading| RingReading { at: 2.0 * length - reading.at, ..*reading };
        let twice: Vec<RingReading> =
            readings.iter().flat_map(|reading| [*reading, in_a_glass(reading)]).collect();
        // A reading at an end is its own image, and counts as much as one with another.
        let counts = |at: f64| if at < ONE_PLACE || (at - length).abs() < ONE_PLACE { 2.0 } else { 1.0 };
        let line = RingLine::smooth(2.0 * length, &twice, tolerance, counts)?;
        Some(RingLine { open: true, ..line })
    }

    fn smooth(
        period: f64,
        readings: &[RingReading],
        tolerance: f64,
        counts: impl Fn(f64) -> f64,
    ) -> Option<RingLine> {
        let mut known = places(period, readings);
        match known.len() {
            0 => return None,
            1 => return Some(RingLine::level(period, known[0].value)),
            _ => {}
        }
        let system = System::of(period, &known);
        if tolerance > 0.0 {
            let read: Vec<f64> = known.iter().map(|reading| reading.value).collect();
            let counted: Vec<f64> = known.iter().map(|reading| counts(reading.at)).collect();
            if let Some(values) = smoothed(&system, &read, &counted, tolerance) {
                for (reading, value) in known.iter_mut().zip(values) {
                    reading.value = value.clamp(reading.value - tolerance, reading.value + tolerance);
                }
            }
        }
        let values: Vec<f64> = known.iter().map(|reading| reading.value).collect();
        let bends = system.bends(&values);
        let knots =
            known.iter().zip(bends).map(|(reading, bend)| [reading.at, reading.value, bend]).collect();
        Some(RingLine { period, open: false, knots })
    }

    /// Length of the ring, or from end to end, in millimetres.
    #[must_use]
    pub fn period(&self) -> f64 {
        if self.open { self.period / 2.0 } else { self.period }
    }

    /// Value, slope and curvature at a place.
    #[must_use]
    pub fn jet(&self, at: f64) -> [f64; 3] {
        let n = self.knots.len();
        if n == 1 {
            return [self.knots[0][1], 0.0, 0.0];
        }
        let first = self.knots[0][0];
        let at = if self.open { at.clamp(0.0, self.period()) } else { at };
        let at = first + (at - first).rem_euclid(self.period);
        let above = self.knots.partition_point(|knot| knot[0] <= at).max(1);
        let (a, b) = (self.knots[above - 1], self.knots[above % n]);
        let end = if above == n { b[0] + self.period } else { b[0] };
        let h = end - a[0];
        let (right, left) = ((at - a[0]) / h, (end - at) / h);
        [
            left * a[1]
                + right * b[1]
                + ((left.powi(3) - left) * a[2] + (right.powi(3) - right) * b[2]) * h * h / 6.0,
            (b[1] - a[1]) / h
                + ((1.0 - 3.0 * left * left) * a[2] + (3.0 * right * right - 1.0) * b[2]) * h / 6.0,
            left * a[2] + right * b[2],
        ]
    }

    /// Value at a place.
    #[must_use]
    pub fn at(&self, at: f64) -> f64 {
        self.jet(at)[0]
    }

    /// The mean all round.
    #[must_use]
    pub fn mean(&self) -> f64 {
        let n = self.knots.len();
        if n == 1 {
            return self.knots[0][1];
        }
        let area: f64 = (0..n)
            .map(|i| {
                let (a, b) = (self.knots[i], self.knots[(i + 1) % n]);
                let h = if i + 1 == n { b[0] + self.period - a[0] } else { b[0] - a[0] };
                h * (a[1] + b[1]) / 2.0 - h.powi(3) * (a[2] + b[2]) / 24.0
            })
            .sum();
        area / self.period
    }
}

/// Readings in turning order, one a place.
fn places(period: f64, readings: &[RingReading]) -> Vec<RingReading> {
    let mut sorted: Vec<RingReading> = readings
        .iter()
        .map(|reading| RingReading { at: reading.at.rem_euclid(period), ..*reading })
        .collect();
    sorted.sort_by(|a, b| a.at.total_cmp(&b.at));
    let mut groups: Vec<Vec<RingReading>> = Vec::new();
    for reading in sorted {
        match groups.last_mut() {
            Some(group) if reading.at - group[0].at < ONE_PLACE => group.push(reading),
            _ => groups.push(vec![reading]),
        }
    }
    // The last place may be the first again, across the start.
    if groups.len() > 1
        && let (Some(first), Some(last)) = (groups.first(), groups.last())
        && first[0].at + period - last[0].at < ONE_PLACE
    {
        let wrapped: Vec<RingReading> = groups.pop().unwrap_or_default();
        groups[0].extend(wrapped);
    }
    groups
        .into_iter()
        .map(|group| RingReading {
            at: group[0].at,
            value: group.iter().map(|reading| reading.value).sum::<f64>() / group.len() as f64,
        })
        .collect()
}

/// The linear system between values and second derivatives: `R m = Q v`, cyclic.
struct System {
    gaps: Vec<f64>,
}

impl System {
    fn of(period: f64, known: &[RingReading]) -> System {
        let n = known.len();
        let gaps =
            (0..n)
                .map(|i| {
                    if i + 1 == n {
                        known[0].at + period - known[i].at
                    } else {
                        known[i + 1].at - known[i].at
                    }
                })
                .collect();
        System { gaps }
    }

    /// Row `i` of `R` as entries (column, value).
    fn r(&self, i: usize) -> [(usize, f64); 3] {
        let n = self.gaps.len();
        let (before, after) = (self.gaps[(i + n - 1) % n], self.gaps[i]);
        [((i + n - 1) % n, before / 6.0), (i, (before + after) / 3.0), ((i + 1) % n, after / 6.0)]
    }

    /// Row `i` of `Q`.
    fn q(&self, i: usize) -> [(usize, f64); 3] {
        let n = self.gaps.len();
        let (before, after) = (self.gaps[(i + n - 1) % n], self.gaps[i]);
        [((i + n - 1) % n, 1.0 / before), (i, -1.0 / before - 1.0 / after), ((i + 1) % n, 1.0 / after)]
    }

    /// Second derivatives of the spline through values, by Gaussian elimination; `R` is diagonally
    /// dominant, so no pivot vanishes.
    fn bends(&self, values: &[f64]) -> Vec<f64> {
        let n = values.len();
        let mut rows: Vec<Vec<f64>> = (0..n)
            .map(|i| {
                let mut row = vec![0.0; n + 1];
                for (column, value) in self.r(i) {
                    row[column] += value;
                }
                row[n] = self.q(i).iter().map(|(column, value)| value * values[*column]).sum();
                row
            })
            .collect();
        for pivot in 0..n {
            let lead = rows[pivot].clone();
            for row in rows.iter_mut().skip(pivot + 1) {
                let share = row[pivot] / lead[pivot];
                for (value, above) in row.iter_mut().zip(&lead) {
                    *value -= share * above;
                }
            }
        }
        let mut bends = vec![0.0; n];
        for i in (0..n).rev() {
            let known: f64 = (i + 1..n).map(|j| rows[i][j] * bends[j]).sum();
            bends[i] = (rows[i][n] - known) / rows[i][i];
        }
        bends
    }
}

/// The values within tolerance of what was read that cost least: unknowns are the second derivatives and the
/// values, tied by the system; bending is `mᵀ R m`.
fn smoothed(system: &System, read: &[f64], counted: &[f64], tolerance: f64) -> Option<Vec<f64>> {
    let n = read.len();
    // Scaled to a ring of unit mean gap, so that the programme's numbers are of one size; a bending energy
    // shrinks by the cube of the gap.
    let gap = system.gaps.iter().sum::<f64>() / n as f64;
    let scaled = System { gaps: system.gaps.iter().map(|each| each / gap).collect() };
    let spread = SPREAD * tolerance;
    let (stiffness, weight) = (2.0 * STIFFNESS * spread / gap.powi(3), 2.0 / (spread * spread));
    let mut programme = Convex { q: vec![0.0; 2 * n], ..Convex::default() };
    for (i, value_read) in read.iter().enumerate() {
        let mut tie = Vec::new();
        for (column, value) in scaled.r(i) {
            tie.push((column, value));
            if column >= i {
                programme.p.0.push(i);
                programme.p.1.push(column);
                // A column met twice on a ring of two is summed by the solver.
                programme.p.2.push(stiffness * value);
            }
        }
        programme.p.0.push(n + i);
        programme.p.1.push(n + i);
        programme.p.2.push(weight * counted[i]);
        programme.q[n + i] = -weight * counted[i] * value_read;
        for (column, value) in scaled.q(i) {
            tie.push((n + column, -value));
        }
        programme.equal.push((tie, 0.0));
        programme.at_most.push((vec![(n + i, 1.0)], value_read + tolerance));
        programme.at_most.push((vec![(n + i, -1.0)], tolerance - value_read));
    }
    programme.minimise().ok().map(|x| x[n..].to_vec())
}

#[cfg(test)]
mod tests {
    use super::*;
    use proptest::prelude::*;

    fn read(values: &[(f64, f64)]) -> Vec<RingReading> {
        values.iter().map(|(at, value)| RingReading { at: *at, value: *value }).collect()
    }

    /// Bending of a line, summed finely.
    fn bending(line: &RingLine) -> f64 {
        let steps = 4000;
        (0..steps).map(|i| line.jet(line.period() * f64::from(i) / f64::from(steps))[2].powi(2)).sum::<f64>()
            * line.period()
            / f64::from(steps)
    }

    #[test]
    fn one_reading_is_the_same_all_round_and_none_is_no_line() {
        let line = RingLine::through(900.0, &read(&[(120.0, 25.0)]), 3.0).unwrap();
        assert_eq!((line.at(0.0), line.at(700.0), line.mean()), (25.0, 25.0, 25.0));
        assert!(RingLine::through(900.0, &[], 3.0).is_none());
    }

    #[test]
    fn a_hem_read_seven_uneven_is_levelled_by_seven() {
        for places in [4usize, 8, 12] {
            let values: Vec<(f64, f64)> = (0..places)
                .map(|i| (1600.0 * i as f64 / places as f64, if i < places / 2 { 43.0 } else { 36.0 }))
                .collect();
            let line = RingLine::through(1600.0, &read(&values), 3.0).unwrap();
            let levelled = values.iter().map(|(at, _)| line.at(*at));
            let (least, most) = levelled
                .fold((f64::MAX, f64::MIN), |(least, most), value| (least.min(value), most.max(value)));
            assert!(most - least >= 6.0, "{places} places: {}", most - least);
        }
    }

    #[test]
    fn a_slip_of_the_tape_is_smoothed() {
        let slip = |at: usize| 40.0 + if at == 5 { 4.0 } else { 0.0 };
        let values: Vec<(f64, f64)> = (0..24).map(|i| (50.0 * i as f64, slip(i))).collect();
        let line = RingLine::through(1200.0, &read(&values), 3.0).unwrap();
        assert!(line.at(250.0) < 43.0, "{}", line.at(250.0));
    }

    proptest! {
        #[test]
        fn between_two_ends_nothing_goes_on_across_them(
            values in prop::collection::vec(-30.0f64..60.0, 3..8), length in 400.0f64..1600.0,
        ) {
            let last = values.len() - 1;
            let readings: Vec<RingReading> = values
                .iter()
                .enumerate()
                .map(|(i, value)| RingReading { at: length * i as f64 / last as f64, value: *value })
                .collect();
            let exact = RingLine::between(length, &readings, 0.0).expect("a line");
            prop_assert_eq!(exact.period(), length);
            for reading in &readings {
                prop_assert!((exact.at(reading.at) - reading.value).abs() < 1e-6);
            }
            // Each end is met square, and beyond it the line keeps what it has there.
            for (end, beyond) in [(0.0, -40.0), (length, length + 40.0)] {
                prop_assert!(exact.jet(end)[1].abs() < 1e-6);
                prop_assert!((exact.at(end) - exact.at(beyond)).abs() < 1e-9);
            }
            let near = RingLine::between(length, &readings, 3.0).expect("a line");
            for reading in &readings {
                prop_assert!((near.at(reading.at) - reading.value).abs() <= 3.0 + 1e-6);
            }
            // Read from the other end it is the same line.
            let turned: Vec<RingReading> =
                readings.iter().map(|each| RingReading { at: length - each.at, ..*each }).collect();
            let other = RingLine::between(length, &turned, 3.0).expect("a line");
            for i in 0..=20 {
                let at = length * f64::from(i) / 20.0;
                prop_assert!((near.at(at) - other.at(length - at)).abs() < 0.02);
            }
            let sampled: f64 =
                (0..4000).map(|i| near.at(length * (f64::from(i) + 0.5) / 4000.0)).sum::<f64>() / 4000.0;
            prop_assert!((near.mean() - sampled).abs() < 0.02);
        }

        #[test]
        fn it_closes_without_a_step_a_corner_or_a_jolt_and_passes_every_reading(
            values in prop::collection::vec(-60.0f64..120.0, 2..14),
            period in 300.0f64..3000.0, tolerance in 0.0f64..6.0, start in 0.0f64..1.0,
        ) {
            let n = values.len() as f64;
            let readings: Vec<RingReading> = values
                .iter()
                .enumerate()
                .map(|(i, value)| RingReading { at: period * (i as f64 + 0.6 * start) / n, value: *value })
                .collect();
            let line = RingLine::through(period, &readings, tolerance).unwrap();
            let (end, begin) = (line.jet(period - 1e-7), line.jet(0.0));
            for (a, b) in end.iter().zip(begin) {
                prop_assert!((a - b).abs() < 1e-4, "{end:?} {begin:?}");
            }
            for reading in &readings {
                prop_assert!((line.at(reading.at) - reading.value).abs() <= tolerance + 1e-6);
                // Across each knot too.
                let (below, above) = (line.jet(reading.at - 1e-7), line.jet(reading.at + 1e-7));
                for (a, b) in below.iter().zip(above) {
                    prop_assert!((a - b).abs() < 1e-4);
                }
            }
            let mean = (0..2000).map(|i| line.at(period * f64::from(i) / 2000.0)).sum::<f64>() / 2000.0;
            prop_assert!((line.mean() - mean).abs() < 0.05, "{} {mean}", line.mean());
        }

        #[test]
        fn turning_the_readings_turns_the_result(
            values in prop::collection::vec(0.0f64..80.0, 3..10),
            turn in 0.0f64..1200.0,
        ) {
            let n = values.len() as f64;
            let at = |i: usize| 1200.0 * i as f64 / n;
            let readings: Vec<_> =
                values.iter().enumerate().map(|(i, v)| RingReading { at: at(i), value: *v }).collect();
            let turned: Vec<_> =
                readings.iter().map(|r| RingReading { at: r.at + turn, value: r.value }).collect();
            let (one, other) = (
                RingLine::through(1200.0, &readings, 3.0).unwrap(),
                RingLine::through(1200.0, &turned, 3.0).unwrap(),
            );
            for i in 0..48 {
                let place = 25.0 * f64::from(i);
                prop_assert!((one.at(place) - other.at(place + turn)).abs() < 1e-3);
            }
        }

        #[test]
        fn no_other_line_within_tolerance_costs_less(
            values in prop::collection::vec(0.0f64..60.0, 3..8),
            nudges in prop::collection::vec(-1.0f64..1.0, 8),
        ) {
            let n = values.len() as f64;
            let readings: Vec<_> = values
                .iter()
                .enumerate()
                .map(|(i, v)| RingReading { at: 1000.0 * i as f64 / n, value: *v })
                .collect();
            let cost = |line: &RingLine| {
                let off: f64 = readings.iter().map(|r| ((line.at(r.at) - r.value) / 1.5).powi(2)).sum();
                off + 3000.0 * bending(line)
            };
            let best = cost(&RingLine::through(1000.0, &readings, 3.0).unwrap());
            let other: Vec<_> = readings
                .iter()
                .zip(&nudges)
                .map(|(r, nudge)| RingReading { at: r.at, value: r.value + 3.0 * nudge })
                .collect();
            let other = cost(&RingLine::through(1000.0, &other, 0.0).unwrap());
            prop_assert!(best <= other * (1.0 + 1e-4) + 1e-9, "{best} {other}");
        }
    }
}
