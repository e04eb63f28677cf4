//! What a garment says of the small sums before anybody types: the numbers the rest of its answer shows, enough of them
//! to begin with, and never one that is refused.

mod common;

use common::{any_garment, cases, example, examples, job, mm};
use proptest::prelude::*;
use vemble_fit::garment::{FeatureKind, HemFeature, HemName, LevelName, Source};
use vemble_fit::sums::{KeptSum, KnownSum, SlitPlace, Sum, SumKind, SumPlace, work_out};
use vemble_fit::{Job, Length, Rounding, Scale, Solution, Unit, WashTest, read_tape, solve};

/// The lengths known of a field, read back from the tape they are written for.
fn lengths(known: &KnownSum, field: &str, scale: Scale) -> Vec<Length> {
    let number = known.numbers.iter().find(|number| number.field == field);
    let texts = number.map_or("", |number| number.shown.as_str()).split(';');
    texts
        .filter(|text| !text.is_empty())
        .map(|text| read_tape(text.trim(), scale.unit).expect("a length"))
        .collect()
}

/// The sum somebody gets who takes what is known and types something plain into what is left.
fn filled(known: &KnownSum, scale: Scale) -> Sum {
    let length = |field: &str, else_mm: f64| {
        lengths(known, field, scale).first().copied().unwrap_or_else(|| mm(else_mm))
    };
    let count = known.numbers.iter().find(|number| number.field == "count");
    let count = count.map_or(6, |count| count.shown.parse().expect("a count"));
    match known.sum {
        SumKind::Spacing => {
            let (from, to) = (length("from", 0.0), length("to", 300.0));
            Sum::Spacing { from, to, count, pinned: None, clear: None }
        }
        SumKind::Bias => {
            let [length, width, cloth] =
                [("length", 0.0), ("width", 30.0), ("cloth", 0.0)].map(|(f, mm)| length(f, mm));
            Sum::Bias { length, width, cloth, doubled: false, both_edges: false }
        }
        SumKind::Elastic => Sum::Elastic { spans: lengths(known, "spans", scale), gap: length("gap", 20.0) },
        SumKind::Pleats => {
            Sum::Pleats { finished: length("finished", 0.0), count, depth: length("depth", 0.0) }
        }
        SumKind::Gathers => Sum::Gathers { long: length("long", 0.0), short: length("short", 0.0) },
        SumKind::Slit => {
            let [across, opening, height] = ["across", "opening", "height"].map(|field| length(field, 0.0));
            Sum::Slit { across, darts: Vec::new(), place: SlitPlace::default(), opening, height }
        }
        SumKind::Shrink => {
            let [wanted, before, after] = ["wanted", "before", "after"].map(|field| length(field, 0.0));
            Sum::Shrink { wanted, before, after }
        }
    }
}

fn of(solution: &Solution, sum: SumKind, place: impl Fn(SumPlace) -> bool) -> Vec<&KnownSum> {
    solution.known_sums.iter().filter(|known| known.sum == sum && place(known.place)).collect()
}

#[test]
fn every_example_says_its_waist_and_its_hem_as_its_answer_shows_them() {
    for (name, job) in examples() {
        let scale = job.habits.scale;
        let solution = solve(&job).expect("solved");
        let waist = solution.levels.iter().find(|row| row.girth.level == LevelName::Waist);
        for known in of(&solution, SumKind::Elastic, |place| place == SumPlace::Waist) {
            let waist = waist.expect("a waist");
            assert_eq!(lengths(known, "spans", scale), [scale.nearest(waist.girth.after.half())], "{name}");
            let gap = lengths(known, "gap", scale);
            let over = waist.ease_after.zip(waist.wanted).map(|(ease, wanted)| ease - wanted);
            assert_eq!(
                gap.len(),
                usize::from(over.is_some_and(|over| over.is_positive() && scale.shows(over))),
                "{name}: {over:?}"
            );
        }
        for place in &solution.hem_places {
            let strips = of(&solution, SumKind::Bias, |at| at == SumPlace::Hem { hem: place.hem });
            assert_eq!(strips.len(), 1, "{name}: {}", place.words);
            let solved = solution.hems.iter().find(|solved| solved.hem == place.hem);
            let faced = solved.and_then(|solved| solved.sides[0].turn_up.as_ref()?.facing.as_ref());
            let girth = match (faced, solved) {
                (Some(facing), _) => facing.lower,
                (None, Some(solved)) => solved.sides[0].girth[1],
                (None, None) => place.girth,
            };
            assert_eq!(lengths(strips[0], "length", scale), [scale.nearest(girth)], "{name}");
        }
    }
}

#[test]
fn a_row_of_buttons_is_the_one_that_stands_there_counted_from_the_edge_as_it_will_be() {
    let job = example("hem-lined-coat");
    let solution = solve(&job).expect("solved");
    let rows = of(&solution, SumKind::Spacing, |_| true);
    let nth = job.garment.shape.near_hems.iter().position(|near| near.kind == FeatureKind::Buttons);
    assert_eq!(rows[0].place, SumPlace::Buttons { nth });
    assert!(!rows[0].estimated && rows[0].words.contains("5 buttons"), "{}", rows[0].words);
    let collisions = &solution.hems[0].sides[0].collisions;
    let stands = collisions.iter().find(|near| near.kind == FeatureKind::Buttons).expect("a row");
    let scale = job.habits.scale;
    let ends = ["from", "to"].map(|field| lengths(rows[0], field, scale)[0]);
    assert_eq!(ends, stands.after.map(|end| scale.nearest(end)));
    // Nobody counted the shirt's: they are those it is drawn with.
    let solution = solve(&example("shirt")).expect("solved");
    let row = of(&solution, SumKind::Spacing, |_| true)[0];
    assert!(row.estimated && row.place == SumPlace::Buttons { nth: None });
    let figure = solution.drawing.as_ref().expect("drawn").figure_after.as_ref().expect("a figure");
    let in_front = figure.buttons.iter().filter(|button| button[0].abs() < 100.0).count();
    let count = row.numbers.iter().find(|number| number.field == "count").expect("a count");
    assert_eq!(count.shown, in_front.to_string());
    // Nobody puts elastic into a shirt's waist, or a slit under its tails.
    assert!(of(&solution, SumKind::Elastic, |_| true).is_empty());
    assert!(of(&solution, SumKind::Slit, |_| true).is_empty());
    // A fly is no row.
    assert!(
        of(&solve(&example("barn-dance-trousers")).expect("solved"), SumKind::Spacing, |_| true).is_empty()
    );
}

#[test]
fn no_sum_of_a_garment_is_said_twice() {
    let mut job = example("hem-lined-coat");
    job.garment.source = Source::Toile;
    let vent =
        job.garment.shape.near_hems.iter().position(|near| near.kind == FeatureKind::Vent).expect("a vent");
    let vent = HemFeature { to: mm(60.0), ..job.garment.shape.near_hems[vent] };
    job.garment.shape.near_hems.extend([vent, HemFeature { at: Some(90.0), ..vent }]);
    let solution = solve(&job).expect("solved");
    assert!(
        solution.hems[0].sums.iter().filter(|sum| sum.sum == SumKind::Slit).count() > 1,
        "the hem says it"
    );
    let known = solution.known_sums.iter();
    let said: Vec<String> = known.map(|known| format!("{:?} {:?}", known.sum, known.place)).collect();
    let mut once = said.clone();
    once.sort();
    once.dedup();
    assert_eq!(once.len(), said.len(), "{said:?}");
}

#[test]
fn cloth_that_shrinks_brings_its_swatch_until_it_was_washed() {
    let mut job = example("straight-skirt");
    job.garment.wash_test = Some(WashTest { before: mm(200.0), after: mm(190.0) });
    let shrinks = |job: &Job| {
        let solution = solve(job).expect("solved");
        let known = of(&solution, SumKind::Shrink, |_| true);
        known.first().map(|known| lengths(known, "after", job.habits.scale))
    };
    job.garment.washed = false;
    assert_eq!(shrinks(&job), Some(vec![mm(190.0)]));
    job.garment.washed = true;
    assert_eq!(shrinks(&job), None);
}

#[test]
fn what_is_known_is_written_for_the_tape_it_is_typed_from() {
    let mut job = example("flared-skirt");
    job.habits.scale = Scale::new(Unit::Inch, Rounding::EighthInch);
    let solution = solve(&job).expect("solved");
    assert!(!solution.known_sums.is_empty());
    for number in solution.known_sums.iter().flat_map(|known| &known.numbers) {
        assert!(number.field == "count" || number.shown.ends_with(" in"), "{number:?}");
    }
}

#[test]
fn a_sum_kept_at_a_place_stands_at_the_steps_that_make_it() {
    let mut job = example("hem-lined-coat");
    let hem = SumPlace::Hem { hem: HemName::Hem };
    let kept = |id: &str, place| KeptSum {
        id: id.to_owned(),
        note: String::new(),
        sum: Sum::Gathers { long: mm(400.0), short: mm(300.0) },
        place,
    };
    job.fitting.sums = vec![kept("anywhere", None), kept("at the hem", Some(hem))];
    let solution = solve(&job).expect("solved");
    assert!(solution.sums[0].steps.is_empty());
    let steps = &solution.sums[1].steps;
    assert!(!steps.is_empty());
    for step in steps {
        let step = solution.plan.step(step).expect("a step of the order");
        assert_eq!(step.place.hem, Some(HemName::Hem), "{}", step.title);
    }
}

proptest! {
    #![proptest_config(cases(60))]

    #[test]
    fn what_is_known_of_any_garment_can_be_worked_out(shape in any_garment(), row in 80.0f64..400.0, count in 2u32..9) {
        let mut job = job(shape);
        job.garment.shape.near_hems.push(HemFeature {
            hem: HemName::Hem, kind: FeatureKind::Buttons, side: None, at: None,
            from: mm(60.0), to: mm(60.0 + row), width: Length::ZERO, count: Some(count), pinned: None });
        job.garment.wash_test = Some(WashTest { before: mm(200.0), after: mm(191.0) });
        let solution = solve(&job).expect("solved");
        prop_assert!(solution.known_sums.iter().any(|known| known.sum == SumKind::Spacing));
        for known in &solution.known_sums {
            let sum = filled(known, job.habits.scale);
            let worked = work_out(&sum, &job.habits);
            prop_assert!(worked.is_ok(), "{}: {:?}: {:?}", known.words, sum, worked.err());
        }
    }
}
