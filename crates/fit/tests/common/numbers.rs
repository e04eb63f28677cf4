//! What the echo, the chalk table, the line and the balance say of one thing, held to each other.

use vemble_fit::line::ChalkMark;
use vemble_fit::{DrawnLine, HouseRule, Job, LineOutcome, Side, Verdict, solve};

/// The depth of a line at a station, between the points it is drawn through.
pub fn depth_at(line: &DrawnLine, station: f64) -> f64 {
    let above = line.spine.partition_point(|[at, _]| *at < station).clamp(1, line.spine.len() - 1);
    let ([s0, d0], [s1, d1]) = (line.spine[above - 1], line.spine[above]);
    if !(s0..=s1).contains(&station) {
        return if station < s0 { d0 } else { d1 };
    }
    d0 + (d1 - d0) * (station - s0) / (s1 - s0)
}

/// Every pin stands in its chalk table within what its line may miss it by, the table says what the line does, and
/// a level that is crossed at a pin takes what its table says.
pub fn one_number(name: &str, job: &Job) {
    let solution = solve(job).expect("a result");
    for seam in &solution.seams {
        for each in &seam.lines {
            let LineOutcome::Drawn(drawn) = &each.outcome else { continue };
            for row in &drawn.table.rows {
                let here = depth_at(drawn, row.from_below.mm());
                assert!((row.depth.mm() - here).abs() < 0.4, "{name} {:?}: {row:?} and {here}", seam.seam);
                assert_eq!(row.shown.depth, job.habits.scale.number(row.depth), "{name}");
            }
            // What was pinned stands in the table: the line is as near to it as its tolerance.
            let tolerance = job.habits.rule(HouseRule::PinTolerance);
            let evening = seam.evening.iter().filter(|_| job.fitting.accepted.is_empty());
            for station in evening.flat_map(|evening| &evening.stations) {
                let chosen = match each.side {
                    Side::Right => station.chosen_right,
                    _ => station.chosen_left,
                };
                let row = drawn.table.rows.iter().find(|row| {
                    row.marks.contains(&ChalkMark::Pin)
                        && (row.from_below.mm() - station.station).abs() < 0.01
                });
                if let (Some(chosen), Some(row)) = (chosen, row) {
                    let missed = (row.depth.mm() - chosen).abs();
                    assert!(missed <= tolerance + 0.01, "{name} {:?}: {missed} from {chosen}", seam.seam);
                }
            }
        }
        for pin in &seam.pins {
            let scale = job.habits.scale;
            let written = format!("{} {}", scale.read(pin.depth), scale.unit.sign());
            assert!(
                !job.habits.scale.shows(pin.depth) || pin.echo.contains(&written),
                "{name}: {} says {written}",
                pin.echo
            );
        }
    }
    for row in &solution.levels {
        let parts: f64 = row.girth.parts.iter().map(|part| part.change.mm()).sum();
        let moved = (row.girth.after - row.girth.before).mm();
        let cloth = row.girth.cloth.mm();
        assert!(
            (parts + cloth - moved).abs() < 0.02,
            "{name} {:?}: parts {parts}, cloth {cloth}, balance {moved}",
            row.girth.level
        );
        for part in &row.girth.parts {
            assert!(part.change.mm() * part.depth.mm() <= 0.01, "{name}: taking in makes smaller: {part:?}");
        }
        assert!(
            row.verdict != Some(Verdict::Strains) || row.cannot.is_some(),
            "{name}: says what cannot be done"
        );
    }
}
