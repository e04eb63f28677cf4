//! Pictures of garments: closed, crossing themselves nowhere, alike left and right, as wide at every level as the tape says.

mod common;

use common::outline::{area, crossing, crossings};
use common::{another, any_garment, example, job, mm};
use proptest::prelude::*;
use proptest::strategy::ValueTree;
use vemble_fit::garment::{
    Collar, Cuffs, FeatureKind, Front, HemFeature, HemName, Kind, LevelName, Parts, Pocket, SleeveBuild, Tube,
};
use vemble_fit::{Figure, Job, LineName, Look, PartName, Solution, Weave, named_cloths, solve};

/// The width at which a girth is seen, as the guide has it.
fn seen(level: LevelName) -> f64 {
    match level {
        LevelName::Bust | LevelName::Hem => 0.36,
        LevelName::UnderBust | LevelName::Waist => 0.365,
        LevelName::HighHip | LevelName::Hip => 0.37,
        LevelName::Thigh => 0.29,
        LevelName::Knee | LevelName::Calf => 0.31,
        LevelName::UpperArm | LevelName::Elbow | LevelName::Wrist => 0.34,
    }
}

fn has_twin(point: [f64; 2], others: &[[f64; 2]]) -> bool {
    others.iter().any(|other| (other[0] + point[0]).abs() + (other[1] - point[1]).abs() < 0.11)
}

/// Everything that must be true of any picture.
fn is_sound(figure: &Figure) -> Result<(), String> {
    let painted: Vec<PartName> = figure.pieces.iter().map(|piece| piece.part).collect();
    if !painted.is_sorted() {
        return Err(format!("not painted from behind: {painted:?}"));
    }
    for piece in &figure.pieces {
        let outline = &piece.outline;
        if outline.len() < 3 || area(outline) < 1.0 {
            return Err(format!("{:?} encloses nothing: {outline:?}", piece.part));
        }
        if let Some([i, j]) = crossing(outline) {
            return Err(format!("{:?} crosses itself at {:?} and {:?}", piece.part, outline[i], outline[j]));
        }
        for [x, y] in outline {
            if !(x.is_finite() && y.is_finite()) || x.abs() > figure.half_width + 0.1 {
                return Err(format!("{:?} leaves the picture at {x}, {y}", piece.part));
            }
        }
        // What is one piece is alike left and right; what is two has its twin. A chest pocket sits on one side.
        let twins: Vec<[f64; 2]> =
            figure.outlines(piece.part).flat_map(|outline| outline.iter().copied()).collect();
        if piece.part != PartName::Pocket
            && let Some(lonely) = outline.iter().find(|point| !has_twin(**point, &twins))
        {
            return Err(format!("{:?} has no twin at {lonely:?}", piece.part));
        }
    }
    Ok(())
}

fn faces(solution: &Solution) -> [&Figure; 4] {
    let drawing = solution.drawing.as_ref().expect("a drawing");
    [&drawing.figure, &drawing.figure_back, &drawing.figure_after, &drawing.figure_back_after]
        .map(|figure| figure.as_ref().expect("a figure"))
}

/// Width seen of a body at a height; of a leg or sleeve square to it.
fn width(figure: &Figure, tube: Tube, level: f64, top: f64) -> f64 {
    match tube {
        Tube::Body => {
            let xs = crossings(figure.outline(), if level > top - 0.2 { level - 0.2 } else { level + 0.05 });
            xs[xs.len() - 1] - xs[0]
        }
        Tube::Leg => {
            let xs = crossings(figure.outline(), level + 0.05);
            xs[xs.len() - 1] - xs[xs.len() - 2]
        }
        Tube::Sleeve => {
            // Turned upright about the end of its hem, a sleeve is measured like a leg.
            let sleeve =
                figure.pieces.iter().rfind(|piece| piece.part == PartName::Sleeve).expect("a sleeve");
            let lean = sleeve.lean.to_radians();
            let (sin, cos) = lean.sin_cos();
            let turned: Vec<[f64; 2]> =
                sleeve.outline.iter().map(|[x, y]| [x * cos - y * sin, x * sin + y * cos]).collect();
            let hem = turned.iter().map(|p| p[1]).fold(f64::MAX, f64::min);
            let xs = crossings(&turned, hem + level + 0.3);
            xs[xs.len() - 1] - xs[0]
        }
    }
}

fn any_parts() -> impl Strategy<Value = Parts> {
    let maybe = prop::bool::ANY;
    (
        prop::option::of(prop::sample::select(Collar::ALL.to_vec())),
        prop::option::of(prop::sample::select(Front::ALL.to_vec())),
        prop::option::of(prop::sample::subsequence(Pocket::ALL.to_vec(), 0..=9)),
        prop::option::of(prop::sample::select(Cuffs::ALL.to_vec())),
        prop::option::of(maybe),
        prop::option::of(maybe),
    )
        .prop_map(|(collar, front, pockets, cuffs, loops, pleats)| Parts {
            collar,
            front,
            pockets,
            cuffs,
            loops,
            pleats,
        })
}

proptest! {
    #![proptest_config(common::cases(160))]

    #[test]
    fn any_garment_is_drawn_as_one_could_be_sewn(shape in any_garment(), parts in any_parts()) {
        let mut job = job(shape);
        job.garment.shape.parts = parts;
        let Ok(solution) = solve(&job) else { return another() };
        let Some(drawing) = &solution.drawing else { return another() };
        let shape = &job.garment.shape;
        let pattern = shape.pattern(&job.habits).expect("it was drawn");
        for figure in faces(&solution) {
            prop_assert_eq!(is_sound(figure), Ok(()), "{:?}", shape.kind);
        }
        let figure = drawing.figure.as_ref().expect("a figure");
        let mut measured = 0;
        for row in &solution.levels {
            let Some(level) = pattern.level(row.girth.level) else { continue };
            if level.tube == Tube::Sleeve && !figure.pieces.iter().any(|piece| piece.part == PartName::Sleeve) {
                continue;
            }
            let wanted = row.girth.before.mm() * seen(row.girth.level);
            let got = width(figure, level.tube, level.height.mm(), figure.outline().iter().map(|p| p[1]).fold(0.0, f64::max));
            prop_assert!((got - wanted).abs() < 1.0, "{:?} {:?}: {got:.2} for {wanted:.2}", shape.kind, row.girth.level);
            measured += 1;
        }
        prop_assert!(measured >= 2);
    }
}

#[test]
fn every_example_is_drawn_soundly_and_small_as_well() {
    let mut seen = 0;
    for (name, job) in common::examples() {
        let Ok(solution) = solve(&job) else { continue };
        if solution.drawing.as_ref().is_none_or(|drawing| drawing.figure.is_none()) {
            continue;
        }
        for figure in faces(&solution) {
            assert_eq!(is_sound(figure), Ok(()), "{name}");
            let small = figure.rounded();
            assert_eq!(small.pieces.len(), figure.pieces.len(), "{name}");
            assert!(
                serde_json::to_string(&small).expect("text").len() < 24_000,
                "{name}: light enough for a rail"
            );
        }
        if let Some(body) = solution.drawing.as_ref().and_then(|drawing| drawing.body.as_ref()) {
            assert_eq!(is_sound(body), Ok(()), "the wearer of {name}");
            seen += 1;
        }
    }
    assert!(seen > 10, "only {seen} wearers");
}

fn parts_of(figure: &Figure) -> Vec<PartName> {
    let mut parts: Vec<PartName> = figure.pieces.iter().map(|piece| piece.part).collect();
    parts.dedup();
    parts
}

#[test]
fn a_kind_is_known_by_its_parts() {
    let drawn = |kind: Kind, change: &dyn Fn(&mut vemble_fit::Job)| {
        let mut runner = proptest::test_runner::TestRunner::deterministic();
        for _ in 0..200 {
            let shape = common::any_shape(kind).new_tree(&mut runner).expect("a shape").current();
            let mut job = job(shape);
            change(&mut job);
            if let Ok(solution) = solve(&job)
                && solution.drawing.as_ref().is_some_and(|drawing| drawing.figure.is_some())
            {
                return solution;
            }
        }
        panic!("none of 200 garments of {kind:?} is drawn")
    };
    let front = |solution: &Solution| faces(solution)[0].clone();
    let trousers = front(&drawn(Kind::Trousers, &|_| ()));
    assert!([PartName::Band, PartName::Loop].iter().all(|part| parts_of(&trousers).contains(part)));
    assert!(trousers.lines.iter().any(|line| line.line == LineName::Stitch), "a fly");
    let plain = front(&drawn(Kind::Trousers, &|job| job.garment.shape.parts.loops = Some(false)));
    assert!(!parts_of(&plain).contains(&PartName::Loop));
    let jacket = front(&drawn(Kind::Jacket, &|_| ()));
    for part in [PartName::Lapel, PartName::Collar, PartName::Pocket, PartName::Sleeve, PartName::Inside] {
        assert!(parts_of(&jacket).contains(&part), "{part:?}");
    }
    assert_eq!(jacket.buttons.len(), 2);
    let double = front(&drawn(Kind::Jacket, &|job| job.garment.shape.parts.front = Some(Front::Double)));
    assert_eq!(double.buttons.len(), 4);
    let waistcoat = front(&drawn(Kind::Waistcoat, &|_| ()));
    assert!(waistcoat.bottom < -40.0, "it falls in two points");
    let bare = front(&drawn(Kind::Shirt, &|job| job.garment.shape.sleeves = Some(SleeveBuild::None)));
    assert!(!parts_of(&bare).contains(&PartName::Sleeve) && parts_of(&bare).contains(&PartName::Placket));
}

#[test]
fn the_garments_own_row_of_buttons_is_the_one_that_is_drawn() {
    let mut job = example("hem-lined-coat");
    job.garment.shape.near_hems.retain(|near| near.kind != FeatureKind::Buttons);
    job.garment.shape.near_hems.push(HemFeature {
        hem: HemName::Hem,
        kind: FeatureKind::Buttons,
        side: None,
        at: Some(0.0),
        from: mm(120.0),
        to: mm(620.0),
        width: mm(0.0),
        count: Some(6),
        pinned: None,
    });
    let heights = |job: &Job| -> Vec<f64> {
        let buttons = faces(&solve(job).expect("a solution"))[0].buttons.clone();
        buttons.into_iter().filter(|[x, ..]| x.abs() < 1.0).map(|[_, y, _]| y).collect()
    };
    assert_eq!(heights(&job), [120.0, 220.0, 320.0, 420.0, 520.0, 620.0]);
    // One has to stand at the waist.
    job.garment.shape.near_hems.last_mut().expect("a row").pinned = Some(mm(450.0));
    assert_eq!(heights(&job), [120.0, 230.0, 340.0, 450.0, 535.0, 620.0]);
}

#[test]
fn a_border_lies_at_its_edge_as_high_as_it_is() {
    let mut job = example("flared-skirt");
    let cloth = named_cloths().into_iter().find(|each| each.words == "border print cotton").expect("a cloth");
    job.garment.cloth.look = cloth.cloth.look.map(|look| Look { repeat: Some(mm(90.0)), ..look });
    let solution = solve(&job).expect("a solution");
    let [front, ..] = faces(&solution);
    let border = front.outlines(PartName::Border).next().expect("a border");
    let ys = || border.iter().map(|p| p[1]);
    assert!(
        (ys().fold(f64::MAX, f64::min) - 0.0).abs() < 0.2 && (ys().fold(0.0, f64::max) - 90.0).abs() < 0.2
    );
    for [x, y] in border.iter().filter(|[x, _]| x.abs() > 1.0) {
        let edge = crossings(front.outline(), y + 0.05).last().copied().unwrap_or_default();
        assert!((x.abs() - edge).abs() < 1.0, "{x} of {edge} at {y}");
    }
    assert!((front.repeat - 90.0).abs() < 1e-9);
}

#[test]
fn cloths_by_name_say_what_they_are() {
    let cloths = named_cloths();
    assert!(cloths.len() >= 12);
    for cloth in &cloths {
        let look = cloth.cloth.look.expect("a look");
        assert_eq!(look.second.is_some(), look.weave.has_second(), "{}", cloth.words);
        assert_eq!(cloth.cloth.stretch > 0.0, cloth.cloth.family.is_knit(), "{}", cloth.words);
        // A second colour is told from the ground.
        if let Some(second) = look.second {
            assert!((second.luminance() - look.colour.luminance()).abs() > 0.05, "{}", cloth.words);
        }
    }
    let mut names: Vec<&str> = cloths.iter().map(|each| each.words).collect();
    names.sort_unstable();
    names.dedup();
    assert_eq!(names.len(), cloths.len());
    assert!(
        Weave::ALL
            .iter()
            .all(|weave| cloths.iter().any(|each| each.cloth.look.expect("a look").weave == *weave))
    );
}
