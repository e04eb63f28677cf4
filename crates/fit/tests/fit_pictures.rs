//! The fit picture: rings as long as the tape says, figures as wide and as deep as the rings, each remark once.

mod common;

use common::outline::{area, crossing, crossings};
use common::{any_garment, example, examples, job, mm};
use proptest::prelude::*;
use vemble_fit::garment::{LevelName, Tube};
use vemble_fit::{
    Body, FigurePiece, FitPicture, FitRing, Job, MeasureName, PartName, Side, fit_picture, perimeter, solve,
};

fn ring(picture: &FitPicture, level: LevelName) -> &FitRing {
    picture.rings.iter().find(|ring| ring.level == level).expect("the level")
}

fn of_part(pieces: &[FigurePiece], part: PartName) -> &[[f64; 2]] {
    &pieces.iter().find(|piece| piece.part == part).expect("the part").outline
}

/// How far a ring goes along an axis.
fn reach(ring: &[[f64; 2]], axis: usize) -> f64 {
    ring.iter().map(|point| point[axis].abs()).fold(0.0, f64::max)
}

/// How wide an outline is at a height: across all of it, or one leg of it.
fn width(outline: &[[f64; 2]], y: f64, one_leg: bool) -> f64 {
    let [low, high] =
        [f64::min, f64::max].map(|far| outline.iter().map(|p| p[1]).reduce(far).expect("points"));
    let xs = crossings(outline, y.clamp(low + 0.5, high - 0.5));
    let last = xs[xs.len() - 1];
    last - if one_leg { xs[xs.len() - 2] } else { xs[0] }
}

/// A wearer whose girths are what such a garment measures, less so much ease.
fn wearer(job: &Job, ease: f64) -> Body {
    let solution = solve(job).expect("a result");
    let measures = solution.levels.iter().filter_map(|row| {
        let name = row.girth.level.measure()?;
        let (least, most) = name.plausible();
        Some((name, mm((row.girth.after.mm() - ease).round()).clamp(least, most)))
    });
    Body { taken_on: job.fitting.held_on, measures: measures.collect(), layers: Vec::new() }
}

/// Everything that holds of every picture.
fn is_sound(job: &Job) -> Result<(), String> {
    let picture = fit_picture(job).map_err(|error| error.to_string())?;
    let (Some(front), Some(side)) = (&picture.front, &picture.side) else {
        return Err(format!("front {} side {}", picture.front.is_some(), picture.side.is_some()));
    };
    for (name, view) in [("front", front), ("side", side)] {
        for piece in view.body.iter().chain(&view.before).chain(&view.after) {
            if area(&piece.outline) < 500.0 {
                return Err(format!("{name} {:?} encloses nothing", piece.part));
            }
            if let Some(at) = crossing(&piece.outline) {
                let ends = at.map(|i| [i, i + 1].map(|i| piece.outline[i % piece.outline.len()]));
                return Err(format!("{name} {:?} crosses itself: {ends:?}", piece.part));
            }
        }
    }
    // Whole: the wearer from the floor to the crown, the garment inside that height.
    let tall = front.upright[1] - front.upright[0];
    if !(1100.0..2300.0).contains(&tall) {
        return Err(format!("{tall} from the floor to the crown"));
    }
    // Where left and right differ, the figure has the first of them.
    let first = |ring: &&FitRing| ring.side != Some(Side::Right);
    for ring in picture.rings.iter().filter(first) {
        let limb = ring.tube != Tube::Body;
        let part = if ring.tube == Tube::Sleeve { PartName::Sleeve } else { PartName::Body };
        if limb && ring.tube == Tube::Sleeve {
            // It leans from the front; from the side it hangs straight.
            let across =
                ring.front.windows(2).map(|p| (p[1][0] - p[0][0]).hypot(p[1][1] - p[0][1])).sum::<f64>();
            if (across - 2.0 * reach(&ring.after, 0)).abs() > 1.0 {
                return Err(format!("front {:?}: {across}", ring.level));
            }
        } else {
            let drawn = width(of_part(&front.after, part), ring.height, ring.tube == Tube::Leg);
            if (drawn - 2.0 * reach(&ring.after, 0)).abs() > 1.0 {
                return Err(format!("front {:?}: {drawn} for {}", ring.level, 2.0 * reach(&ring.after, 0)));
            }
        }
        let deep = width(of_part(&side.after, part), ring.height, false);
        if (deep - 2.0 * reach(&ring.after, 1)).abs() > 1.0 {
            return Err(format!("side {:?}: {deep} for {}", ring.level, 2.0 * reach(&ring.after, 1)));
        }
    }
    Ok(())
}

#[test]
fn every_example_is_drawn_whole_from_the_front_and_from_the_side() {
    let worn: Vec<(String, Job)> = examples().into_iter().filter(|(_, job)| job.body.is_some()).collect();
    assert!(worn.len() > 10);
    let faults: Vec<String> = worn
        .iter()
        .filter_map(|(name, job)| is_sound(job).err().map(|fault| format!("{name}: {fault}")))
        .collect();
    assert_eq!(faults, Vec::<String>::new());
}

proptest! {
    #![proptest_config(common::cases(48))]

    #[test]
    fn any_garment_is_drawn_as_wide_and_as_deep_as_its_rings(shape in any_garment(), ease in -30.0f64..220.0) {
        let mut job = job(shape);
        // Measures at odds with each other are drawn nowhere.
        prop_assume!(solve(&job).expect("a result").drawing.is_some());
        job.body = Some(wearer(&job, ease));
        prop_assert_eq!(is_sound(&job), Ok(()));
    }
}

#[test]
fn a_ring_is_as_long_as_the_tape_says() {
    let job = example("princess-dress");
    let picture = fit_picture(&job).expect("a picture");
    let solution = solve(&job).expect("a result");
    assert_eq!(picture.rings.len(), solution.levels.iter().filter(|row| row.body.is_some()).count());
    for ring in &picture.rings {
        let row = solution.levels.iter().find(|row| row.girth.level == ring.level).expect("its level");
        let (body, ease) = (row.body.expect("measured").mm(), row.ease_after.expect("ease").mm());
        // The body is drawn with what lies round it: here the cloth's own thickness.
        let worn = row.girth.after.mm() - ease;
        assert!((perimeter(&ring.body) - worn).abs() < 1.0, "{:?}", ring.level);
        assert!(worn >= body);
        let garment = perimeter(&ring.after);
        assert!((garment - row.girth.after.mm().max(worn)).abs() < 2.0, "{:?}: {garment}", ring.level);
        assert_eq!(ring.verdicts[1], row.verdict);
    }
    // What the cloth takes up is said once, and so are the sections.
    let said = |words: &str| picture.notes.iter().filter(|note| note.contains(words)).count();
    assert_eq!([said("thickness"), said("Depth of the sections")], [1, 1], "{:?}", picture.notes);
}

#[test]
fn what_is_too_small_lies_on_the_body_and_says_how_much_has_to_stretch() {
    let mut tight = example("shift-dress");
    tight.body.as_mut().expect("a body").measures.insert(MeasureName::Hip, mm(1100.0));
    let picture = fit_picture(&tight).expect("a picture");
    let hip = ring(&picture, LevelName::Hip);
    assert_eq!(hip.after, hip.body, "too small, it lies on the body");
    assert!(hip.strain[1] > 0.05 && hip.said[1].contains("from stretch"), "{:?}", hip.said);
    assert!(hip.ease[1].starts_with('−'), "{:?}", hip.ease);
    let deep = reach(&hip.after, 1);
    tight.habits.sections.insert(LevelName::Hip, 0.9);
    let own = fit_picture(&tight).expect("a picture");
    assert!(reach(&ring(&own, LevelName::Hip).after, 1) > deep);
    assert!(own.notes.iter().any(|note| note.contains("hip 0.90 (your own)")), "{:?}", own.notes);
}

#[test]
fn before_and_after_are_two_drawings_and_two_sentences() {
    let picture = fit_picture(&example("barn-dance-trousers")).expect("a picture");
    let waist = ring(&picture, LevelName::Waist);
    assert_ne!(waist.said[0], waist.said[1]);
    assert_ne!(waist.before, waist.after);
    let front = picture.front.as_ref().expect("a figure");
    let at = |pieces: &[FigurePiece]| width(of_part(pieces, PartName::Body), waist.height, false);
    let [came, will_be] = [at(&front.before), at(&front.after)];
    assert!(came > will_be + 10.0, "{came} and {will_be}");
    // The levels stand in one column from the top down.
    assert!(picture.rings.windows(2).all(|pair| pair[0].height >= pair[1].height));
}
