//! Every kind of garment: its panels measure what the tape measured, its girths are those of the panels
//! with the new lines on them, its armholes and caps those of the drawn curves.

mod common;

use common::{another, any_garment, any_shape, job, mm, shape, swelling_pins};
use kurbo::{ParamCurve, Point};
use proptest::prelude::*;
use proptest::strategy::ValueTree;
use proptest::test_runner::TestRunner;
use vemble_fit::garment::{FlatName, Kind, LevelName, Shape, SleeveBuild, TemplateError, Tube};
use vemble_fit::pattern::{EdgeName, Panel, Pattern};
use vemble_fit::{Habits, Job, LineOutcome, SeamName, Side, Solution, solve};

/// Panels of the tube a level goes round, with how often each counts in its girth.
fn width_of(pattern: &Pattern, level: LevelName, height: f64) -> f64 {
    let known = pattern.level(level).expect("the level");
    pattern
        .panels()
        .iter()
        .filter(|panel| (panel.name.tube() == Tube::Sleeve) == (known.tube == Tube::Sleeve))
        .map(|panel| panel.width_at(height).expect("the panel is there"))
        .sum()
}

fn drawn(shape: &Shape) -> Option<Pattern> {
    match shape.pattern(&Habits::default()) {
        Ok(pattern) => Some(pattern),
        // Measures that cannot go together are refused, never drawn wrong.
        Err(TemplateError::Disagree { .. }) => None,
        Err(other) => panic!("{other}"),
    }
}

proptest! {
    #![proptest_config(common::cases(300))]

    #[test]
    fn panels_are_as_wide_as_the_tape_measured(shape in any_garment()) {
        let Some(pattern) = drawn(&shape) else { return another() };
        for level in &pattern.levels {
            let flat = shape.flat(level.name.flat()).expect("all are measured").mm();
            prop_assert!(!level.estimated);
            if level.on_band && shape.kind.has_legs() {
                continue; // Along a sloping band; its own test measures it.
            }
            // A neck cut as low as the level takes its width out of the cloth, though not off the tape.
            if pattern.panels().iter().flat_map(|panel| &panel.edges).any(|edge| {
                edge.name == EdgeName::Neckline && level.tube == Tube::Body && edge.edge.spans(level.height.mm())
            }) {
                continue;
            }
            // A hair inside, so that a hem or top edge itself is not what is measured.
            let height = if level.on_band { level.height.mm() - 1e-4 } else { level.height.mm() + 1e-4 };
            let width = width_of(&pattern, level.name, height);
            // The panels are half a body, a whole leg or a whole sleeve.
            let wanted = if level.tube == Tube::Body { flat } else { 2.0 * flat };
            prop_assert!((width - wanted).abs() < 0.5, "{:?} {:?}: {width} for {wanted}", shape.kind, level.name);
        }
    }

    #[test]
    fn seams_are_as_long_as_the_tape_measured(shape in any_garment()) {
        let Some(pattern) = drawn(&shape) else { return another() };
        let flats = common::flats(&shape);
        let length = |seam| pattern.seam_length(seam).expect("the seam");
        for (flat, seam) in [
            (FlatName::SideLength, SeamName::Side),
            (FlatName::Inseam, SeamName::Inseam),
            (FlatName::Outseam, SeamName::Outseam),
            (FlatName::SleeveSeam, SeamName::SleeveUnderarm),
        ] {
            if let Some(wanted) = flats.get(&flat).filter(|_| pattern.edges(seam).is_some()) {
                prop_assert!((length(seam) - wanted).abs() < 0.5, "{:?} {seam:?}: {} for {wanted}", shape.kind, length(seam));
            }
        }
        // Both edges of every seam are equally long, or the seam could not be sewn.
        for seam in shape.seam_names() {
            let Some([one, other]) = pattern.edges(seam) else { continue };
            if !matches!(seam, SeamName::Inseam) {
                prop_assert!((one.edge.length() - other.edge.length()).abs() < 0.5, "{:?} {seam:?}", shape.kind);
            }
        }
        if let (Some(wanted), Some(bodice)) = (flats.get(&FlatName::BackLength), pattern.bodice) {
            let back = pattern.edges(SeamName::CentreBack).expect("a back")[0].edge;
            prop_assert!((back.length() - wanted).abs() < 0.5, "nape to hem");
            prop_assert!((back.end().point.y - bodice.nape).abs() < 1e-6);
        }
        if let Some(bodice) = pattern.bodice {
            prop_assert!((2.0 * bodice.shoulder.x - flats[&FlatName::Shoulder]).abs() < 1e-6);
            prop_assert!((2.0 * bodice.across - flats[&FlatName::AcrossBack]).abs() < 1e-6);
            prop_assert!((2.0 * bodice.neck.x - flats[&FlatName::Neck]).abs() < 1e-6);
        }
        if let (Some(waist), Some(wanted)) = (pattern.waist, flats.get(&FlatName::UnderarmToWaist))
            && let Some([edge, _]) = pattern.edges(SeamName::Side).or(pattern.edges(SeamName::Outseam))
        {
            let above = edge.edge.length() - edge.edge.at_height(waist).station;
            prop_assert!((above - wanted).abs() < 0.5, "underarm to waist {above} for {wanted}");
        }
        if let (Some(crown), Some(wanted)) = (pattern.crown, flats.get(&FlatName::SleeveLength)) {
            prop_assert!((crown - wanted).abs() < 2.0, "shoulder to sleeve hem {crown} for {wanted}");
        }
    }

    #[test]
    fn girths_after_are_those_of_the_panels_with_the_new_lines(
        shape in any_garment(), depths in prop::array::uniform5(2.0f64..13.0), at in 0.45f64..0.9,
    ) {
        let Some(solution) = fitted(shape.clone(), &depths, at) else { return another() };
        let pattern = drawn(&shape).expect("it was drawn");
        for row in &solution.levels {
            let level = pattern.level(row.girth.level).expect("the level");
            if level.on_band {
                continue; // The band runs square to its seams; it is measured along itself.
            }
            let steep = SeamName::ALL.into_iter().filter_map(|seam| pattern.edges(seam)).flatten().any(|edge| {
                edge.edge.spans(level.height.mm()) && edge.edge.at_height(level.height.mm()).cos_lean() < 0.5
            });
            if steep {
                continue; // A depth across a seam that lies down means nothing, and none is counted.
            }
            let side = row.girth.side.unwrap_or(Side::Left);
            let Some(rebuilt) = rebuilt_girth(&pattern, &solution, row.girth.level, side) else { continue };
            prop_assert!(
                (rebuilt - row.girth.after.mm()).abs() < 0.5,
                "{:?} {:?}: {rebuilt:.2} on the panels, {:.2} said", shape.kind, row.girth.level, row.girth.after.mm()
            );
        }
    }

    #[test]
    fn armholes_and_caps_are_those_of_the_drawn_curves(
        shape in prop::sample::select(vec![
            Kind::Shirt, Kind::PrincessDress, Kind::Jacket, Kind::Coat, Kind::KnitTop, Kind::WaistedDress,
        ]).prop_flat_map(any_shape),
        depths in prop::array::uniform5(2.0f64..12.0),
    ) {
        let Some(solution) = fitted(shape.clone(), &depths, 0.9) else { return another() };
        let pattern = drawn(&shape).expect("it was drawn");
        let fit = &solution.armholes[0];
        let before = polyline(&pattern, EdgeName::Armhole);
        prop_assert!((before - fit.armhole[0].mm()).abs() < 0.5, "armhole before {before} {:?}", fit.armhole);
        let [one, other] = fit.cap.expect("a sleeve");
        let cap = polyline(&pattern, EdgeName::Cap);
        prop_assert!((cap - one.mm()).abs() < 0.5, "cap before");
        let after = clipped(&shape, &pattern, &solution, EdgeName::Armhole);
        prop_assert!((after - fit.armhole[1].mm()).abs() < 0.5, "armhole after {after} {:?}", fit.armhole);
        let after = clipped(&shape, &pattern, &solution, EdgeName::Cap);
        prop_assert!((after - other.mm()).abs() < 0.5, "cap after {after} {other:?}");
    }

    #[test]
    fn a_line_carried_across_is_one_at_the_underarm(
        shape in any_shape(Kind::Shirt), deep in 2.0f64..14.0, more in -2.0f64..2.0,
    ) {
        let Some(solution) = fitted(shape, &[deep, deep + more], 0.95) else { return another() };
        let line = |name| solution.seams.iter().find(|seam| seam.seam == name).map(|seam| &seam.lines[0].outcome);
        let (Some(LineOutcome::Drawn(side)), Some(LineOutcome::Drawn(sleeve))) =
            (line(SeamName::Side), line(SeamName::SleeveUnderarm)) else { return another() };
        let (a, b) = (side.spine.last().expect("a point"), sleeve.spine.last().expect("a point"));
        prop_assert!((a[1] - b[1]).abs() < 0.02, "both lose the same at the crossing: {a:?} {b:?}");
        prop_assert!(side.upper.words.contains("carried on into the sleeve"));
        let table = (side.table.rows.last().expect("a row"), sleeve.table.rows.last().expect("a row"));
        prop_assert!((table.0.depth.mm() - table.1.depth.mm()).abs() < 0.02);
    }
}

fn fitted(shape: Shape, depths: &[f64], at: f64) -> Option<Solution> {
    drawn(&shape)?;
    let pins = swelling_pins(&shape, depths, at);
    let mut job: Job = job(shape);
    job.fitting.pins = pins;
    let solution = solve(&job).ok()?;
    solution.is_solved().then_some(solution)
}

/// A new edge from the solution's spine, laid on the panel by itself: points every half millimetre, gone
/// on straight beyond both ends.
fn new_edge(
    edge: vemble_fit::pattern::SeamEdge<'_>,
    solution: &Solution,
    seam: SeamName,
    side: Side,
) -> Option<Vec<Point>> {
    let solved = solution.seams.iter().find(|each| each.seam == seam)?;
    let line = solved.lines.iter().find(|line| line.side == side || line.side == Side::Centre)?;
    let LineOutcome::Drawn(drawn) = &line.outcome else { return None };
    let spine = &drawn.spine;
    let length = solved.length.mm();
    let ratio = edge.edge.length() / length;
    let depth = |s: f64| -> f64 {
        if s <= spine[0][0] {
            return if spine[0][0] > 0.5 { 0.0 } else { spine[0][1] };
        }
        let last = spine[spine.len() - 1];
        if s >= last[0] {
            return if last[0] < length - 0.5 { 0.0 } else { last[1] };
        }
        let i = spine.partition_point(|p| p[0] < s);
        let (a, b) = (spine[i - 1], spine[i]);
        a[1] + (b[1] - a[1]) * (s - a[0]) / (b[0] - a[0])
    };
    let count = (length * 2.0) as u32;
    let mut points: Vec<Point> = (0..=count)
        .map(|i| {
            let s = length * f64::from(i) / f64::from(count);
            let place = edge.edge.at(s * ratio);
            let normal = kurbo::Vec2::new(-place.along.y, place.along.x) * edge.inward;
            place.point + normal * depth(s)
        })
        .collect();
    let first = points[0] + (points[0] - points[1]).normalize() * 60.0;
    let end = points.len() - 1;
    let last = points[end] + (points[end] - points[end - 1]).normalize() * 60.0;
    points.insert(0, first);
    points.push(last);
    Some(points)
}

/// Every place where the points pass a height, from the lower end up.
fn crossings(points: &[Point], height: f64) -> Vec<f64> {
    points
        .windows(2)
        .filter(|pair| (pair[0].y < height) != (pair[1].y < height))
        .map(|pair| {
            let t = (height - pair[0].y) / (pair[1].y - pair[0].y);
            pair[0].lerp(pair[1], t).x
        })
        .collect()
}

/// The girth of a level measured on the panels with their new edges: an independent route.
fn rebuilt_girth(pattern: &Pattern, solution: &Solution, level: LevelName, side: Side) -> Option<f64> {
    let known = pattern.level(level).expect("the level");
    let height = known.height.mm();
    let sides: &[Side] = match known.tube {
        Tube::Body => &[Side::Left, Side::Right],
        _ => &[side],
    };
    let on = |panel: &&Panel| (panel.name.tube() == Tube::Sleeve) == (known.tube == Tube::Sleeve);
    let mut girth = 0.0;
    for side in sides {
        for panel in pattern.panels().iter().filter(on) {
            let mut right = f64::MIN;
            let mut left = f64::MAX;
            let mut held = 0.0;
            for edge in &panel.edges {
                let EdgeName::Seam(seam) = edge.name else { continue };
                if seam.is_crosswise() || !(edge.edge.spans(height)) {
                    continue;
                }
                let crotch = pattern.crotch.map_or(f64::MIN, |crotch| crotch.height);
                let centre = matches!(seam, SeamName::CentreBack | SeamName::CentreFront);
                if pattern.crotch.is_some() && centre && (known.tube == Tube::Leg || height <= crotch) {
                    continue;
                }
                if seam == SeamName::Inseam && known.tube != Tube::Leg {
                    continue;
                }
                let own = vemble_fit::pattern::SeamEdge { panel, edge: &edge.edge, inward: edge.inward() };
                let new = new_edge(own, solution, seam, *side).map(|points| crossings(&points, height));
                let x = match new.as_deref() {
                    // An edge that bends more tightly than its line is deep folds over itself there.
                    Some([_, _, ..]) => return None,
                    Some([x]) => *x,
                    Some([]) | None => edge.edge.at_height(height).point.x,
                };
                if edge.against { left = left.min(x) } else { right = right.max(x) }
            }
            for dart in &panel.darts {
                held += dart.intake_at(height);
            }
            girth += right - left - held;
        }
    }
    Some(girth)
}

/// Length of a rim measured as a polyline of tenths of a millimetre along its Béziers.
fn polyline(pattern: &Pattern, name: EdgeName) -> f64 {
    let edges = pattern.panels().iter().flat_map(|panel| &panel.edges).filter(|edge| edge.name == name);
    edges
        .flat_map(|edge| edge.edge.path().segments())
        .map(|segment| {
            let steps = 4000;
            (0..steps)
                .map(|i| {
                    let at = |i: i32| segment.eval(f64::from(i) / f64::from(steps));
                    (at(i + 1) - at(i)).hypot()
                })
                .sum::<f64>()
        })
        .sum()
}

/// A rim cut off where the new edges cross it, measured the same way, on the left side.
fn clipped(shape: &Shape, pattern: &Pattern, solution: &Solution, name: EdgeName) -> f64 {
    let seams: &[SeamName] = match (name, shape.sleeve_build()) {
        (EdgeName::Armhole, _) => &[SeamName::Side],
        (_, SleeveBuild::TwoPiece) => &[SeamName::SleeveFront, SeamName::SleeveBack],
        _ => &[SeamName::SleeveUnderarm],
    };
    let mut total = 0.0;
    for panel in pattern.panels() {
        let Some(rim) = panel.edge(name) else { continue };
        let mut points: Vec<Point> = Vec::new();
        for segment in rim.edge.path().segments() {
            points.extend((0..=4000).map(|i| segment.eval(f64::from(i) / 4000.0)));
        }
        let mut kept = vec![true; points.len()];
        for edge in &panel.edges {
            let EdgeName::Seam(seam) = edge.name else { continue };
            if !seams.contains(&seam) {
                continue;
            }
            let own = vemble_fit::pattern::SeamEdge { panel, edge: &edge.edge, inward: edge.inward() };
            let Some(new) = new_edge(own, solution, seam, Side::Left) else { continue };
            // A point of the rim lies outside when the new edge, at the rim's own end, has cut it off:
            // on the far side of the line through the new edge's top.
            let (a, b) = (new[new.len() - 12], new[new.len() - 2]);
            let end = edge.edge.end().point;
            let near_start = (points[0] - end).hypot() < (points[points.len() - 1] - end).hypot();
            let aside = |p: Point| (b - a).cross(p - a) * edge.inward();
            let order: Vec<usize> =
                if near_start { (0..points.len()).collect() } else { (0..points.len()).rev().collect() };
            for i in order {
                if aside(points[i]) > 0.0 {
                    break;
                }
                kept[i] = false;
            }
        }
        total += points
            .windows(2)
            .zip(kept.windows(2))
            .filter(|(_, kept)| kept[0] && kept[1])
            .map(|(pair, _)| (pair[1] - pair[0]).hypot())
            .sum::<f64>();
    }
    total
}

#[test]
fn most_ordinary_measures_of_every_kind_can_be_drawn_and_fitted() {
    let mut runner = TestRunner::deterministic();
    for kind in Kind::ALL {
        let (mut drawn_count, mut solved) = (0, 0);
        for _ in 0..40 {
            let shape = any_shape(kind).new_tree(&mut runner).expect("a shape").current();
            drawn_count += usize::from(drawn(&shape).is_some());
            solved += usize::from(fitted(shape, &[6.0, 4.0, 7.0], 0.7).is_some());
        }
        assert!(drawn_count >= 32, "{kind:?}: only {drawn_count} of 40 drawn");
        assert!(solved >= 24, "{kind:?}: only {solved} of 40 fitted: the properties would say little");
    }
}

#[test]
fn what_was_not_measured_is_estimated_and_marked_wherever_it_flows() {
    let bare = shape(Kind::Shirt, &[(FlatName::Bust, 540.0), (FlatName::SideLength, 420.0)]);
    let solution = solve(&job(bare)).expect("a result");
    let estimated: Vec<LevelName> =
        solution.levels.iter().filter(|row| row.girth.estimated).map(|row| row.girth.level).collect();
    assert!(
        estimated.contains(&LevelName::Waist) && estimated.contains(&LevelName::UpperArm),
        "{estimated:?}"
    );
    assert!(solution.lengths.iter().any(|row| row.estimated), "{:?}", solution.lengths);
    let said =
        solution.warnings.iter().find(|warning| warning.code == "garment.estimated").expect("a warning");
    assert!(said.message.contains("shoulder width") && said.message.contains('≈'), "{}", said.message);
    let bust = solution.levels.iter().find(|row| row.girth.level == LevelName::Bust).expect("the bust");
    assert!(!bust.girth.estimated && bust.girth.before == mm(1080.0));
}

#[test]
fn a_seam_its_kind_cannot_have_is_refused_by_name() {
    let mut odd = shape(Kind::FlaredSkirt, &[(FlatName::Waist, 350.0)]);
    odd.seams = vec![SeamName::Side, SeamName::Inseam];
    let error = solve(&job(odd)).expect_err("no skirt has an inseam");
    assert_eq!(error.path(), "garment.shape.seams");
    assert!(error.to_string().contains("a flared skirt has no inseam"), "{error}");
}
