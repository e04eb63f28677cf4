//! What has to be open while seams are worked: opened once for all that need it, and closed by what comes last.

mod common;

use common::{example, job, mm, pin, shape};
use vemble_fit::garment::{Fixture, FixtureKind, FlatName, HemName, Kind, LiningClosed, SeamName, Shape};
use vemble_fit::hem::{HemKind, HemWish, Wanted};
use vemble_fit::line::{EndWish, LineWish};
use vemble_fit::plan::{Plan, Step};
use vemble_fit::{Datum, EveningChoice, Job, LineOutcome, Side, solve};

fn plan(job: &Job) -> Plan {
    solve(job).expect("a result").plan
}

fn at(plan: &Plan, key: &str) -> usize {
    let keys: Vec<String> = plan.steps.iter().map(|step| step.key.to_string()).collect();
    keys.iter().position(|each| each == key).unwrap_or_else(|| panic!("no {key} in {keys:?}"))
}

fn has(plan: &Plan, key: &str) -> bool {
    plan.step(key).is_some()
}

fn step<'a>(plan: &'a Plan, key: &str) -> &'a Step {
    &plan.steps[at(plan, key)]
}

fn skirt() -> Shape {
    shape(
        Kind::StraightSkirt,
        &[
            (FlatName::Waist, 380.0),
            (FlatName::Hip, 500.0),
            (FlatName::Hem, 500.0),
            (FlatName::SideLength, 620.0),
        ],
    )
}

/// Pins of one depth down a side seam, from the band.
fn side_pins(side: Side, stations: &[f64], depth: f64) -> Vec<vemble_fit::Pin> {
    stations.iter().map(|station| pin(SeamName::Side, side, *station, depth, Datum::BandTop)).collect()
}

fn zip(from: f64, to: f64, taken_out: Option<bool>) -> Fixture {
    Fixture {
        seam: SeamName::Side,
        side: Some(Side::Left),
        kind: FixtureKind::Zip,
        from: mm(from),
        to: mm(to),
        most: None,
        taken_out,
    }
}

#[test]
fn of_two_different_sides_each_is_looked_at() {
    let mut job = job(skirt());
    job.habits.evening = EveningChoice::KeepDifferent;
    // Left fades out above the hem; right goes all the way down, and takes in where left lets out.
    job.fitting.pins = side_pins(Side::Left, &[0.0, 60.0, 120.0], 4.0);
    job.fitting.pins.extend(side_pins(Side::Right, &[0.0, 60.0, 120.0, 300.0, 450.0, 615.0], 7.0));
    let plan = plan(&job);
    assert!(has(&plan, "open_hem") && has(&plan, "close_hem"), "the right side runs off at the hem");
    assert!(step(&plan, "sew_side").how.iter().any(|how| how.contains("different on purpose")));
}

#[test]
fn a_seam_let_out_more_than_taken_in_keeps_its_old_stitching_to_open() {
    let job = example("let-out-below");
    let solution = solve(&job).expect("a result");
    let LineOutcome::Drawn(line) = &solution.seams[0].lines[0].outcome else { panic!("a line") };
    let depths = || line.spine.iter().map(|point| point[1]);
    assert!(depths().any(|depth| depth > 1.0) && depths().any(|depth| depth < -1.0), "both ways");
    let key = format!("open_old_{}", solution.seams[0].seam.key());
    assert!(has(&solution.plan, &key), "{key}");
    let release = format!("release_{}", solution.seams[0].seam.key());
    assert!(at(&solution.plan, "tack") < at(&solution.plan, &release), "tacked outside first");
    assert!(at(&solution.plan, &release) < at(&solution.plan, "try_on"), "or nothing is gained");
    assert!(step(&solution.plan, &key).how.iter().any(|how| how.contains("outside the new one")));
}

#[test]
fn a_sleeve_hem_does_not_close_an_open_body_hem() {
    let mut job = example("coat");
    job.fitting.hems = vec![HemWish {
        kind: Some(HemKind::SingleFold),
        ..HemWish::new(HemName::Sleeve, Wanted::Edge { shorten: mm(20.0) })
    }];
    job.fitting.ends = vec![LineWish { seam: SeamName::Side, lower: Some(EndWish::RunOff), upper: None }];
    let plan = plan(&job);
    assert!(has(&plan, "open_hem"), "the side seams run off at the hem");
    assert!(has(&plan, "close_hem") && has(&plan, "sew_sleeve"));
    assert!(at(&plan, "close_hem") < at(&plan, "hem_check"));
}

#[test]
fn a_hem_made_flat_before_its_seams_is_closed_again_after_them() {
    let mut job = job(skirt());
    for side in [Side::Left, Side::Right] {
        job.fitting.pins.extend(side_pins(side, &[0.0, 150.0, 300.0, 450.0, 615.0], 6.0));
    }
    job.fitting.hems = vec![HemWish {
        kind: Some(HemKind::SingleFold),
        ..HemWish::new(HemName::Hem, Wanted::Edge { shorten: mm(20.0) })
    }];
    assert!(!has(&plan(&job), "close_hem"), "the new hem closes it");
    job.habits.hem_when = vemble_fit::HemWhen::Flat;
    assert!(has(&plan(&job), "close_hem"));
}

#[test]
fn a_band_waits_for_every_seam_that_runs_into_it() {
    let mut shape = skirt();
    shape.seams = vec![SeamName::Side, SeamName::CentreBack];
    shape.band.build = vemble_fit::garment::BandBuild::TwoHalves;
    let mut job = job(shape);
    for side in [Side::Left, Side::Right] {
        job.fitting.pins.extend(side_pins(side, &[0.0, 60.0, 120.0], 6.0));
    }
    job.fitting.pins.extend(
        [0.0, 36.0, 90.0]
            .map(|station| pin(SeamName::CentreBack, Side::Centre, station, 7.0, Datum::BandTop)),
    );
    let plan = plan(&job);
    assert!(at(&plan, "sew_side") < at(&plan, "join_band"), "the band goes over the side seams");
    assert!(at(&plan, "join_band") < at(&plan, "sew_centre_back"));
    assert!(step(&plan, "join_band").needs.iter().any(|need| *need == "sew_side"));
}

#[test]
fn a_lined_coat_is_opened_first_and_closed_last_and_its_lining_is_taken_in() {
    for closed in [LiningClosed::Felled, LiningClosed::Bagged, LiningClosed::Free] {
        let mut job = example("coat");
        assert!(job.garment.shape.lined);
        job.garment.shape.lining.closed = Some(closed);
        let plan = plan(&job);
        let chalk = step(&plan, "chalk_lining");
        assert!(
            chalk.how.iter().any(|how| how.contains("from the lining's own stitching")),
            "{:?}",
            chalk.how
        );
        assert!(at(&plan, "try_on") < at(&plan, "chalk_lining"), "the outside passes first");
        assert!(at(&plan, "press") < at(&plan, "take_in_lining"));
        let opens = plan.steps.iter().filter(|step| step.key.to_string().starts_with("open_lining")).count();
        if closed == LiningClosed::Free {
            assert_eq!(opens, 0, "what hangs free is not opened");
            continue;
        }
        assert!(opens > 0 && at(&plan, "open_lining_hem") < at(&plan, "chalk"), "{closed:?}");
        for (here, step) in plan.steps.iter().enumerate() {
            let last = ["closing_acts", "hem_check", "write_down"].iter().any(|key| step.key == *key);
            let closes = step.key.to_string().starts_with("close_lining");
            assert!(
                last || closes || here < at(&plan, "close_lining_hem"),
                "{} after the lining is shut",
                step.key
            );
        }
    }
}

#[test]
fn a_lining_opened_for_seams_and_hem_is_opened_once_and_closed_with_the_hem() {
    let mut job = example("coat");
    job.fitting.hems = vec![HemWish {
        kind: Some(HemKind::DeepHand),
        ..HemWish::new(HemName::Hem, Wanted::Edge { shorten: mm(30.0) })
    }];
    let plan = plan(&job);
    let opened: Vec<_> = plan.steps.iter().filter(|step| step.key == "open_lining_hem").collect();
    assert_eq!(opened.len(), 1);
    assert!(at(&plan, "open_lining_hem") < at(&plan, "chalk"));
    assert!(
        at(&plan, "take_in_lining") < at(&plan, "pin_lining_hem"),
        "the lining is as narrow as the outside first"
    );
    assert!(has(&plan, "sew_lining_hem") && !has(&plan, "close_lining_hem"));
}

#[test]
fn a_zip_limits_its_seam_or_comes_out_and_goes_back_before_the_band_closes() {
    let pinned = |taken_out| {
        let mut shape = skirt();
        shape.fixtures = vec![zip(420.0, 584.0, taken_out)];
        let mut job = job(shape);
        for side in [Side::Left, Side::Right] {
            job.fitting.pins.extend(side_pins(side, &[0.0, 60.0, 120.0, 200.0], 8.0));
        }
        job
    };
    let limited = solve(&pinned(None)).expect("a result");
    assert!(!limited.is_solved(), "a zip does not move by itself");
    assert!(!has(&limited.plan, "take_out_zip_side_left"));
    let out = solve(&pinned(Some(true))).expect("a result");
    assert!(out.is_solved(), "taken out, it limits nothing");
    let plan = &out.plan;
    assert!(at(plan, "chalk") < at(plan, "take_out_zip_side_left"));
    assert!(at(plan, "take_out_zip_side_left") < at(plan, "tack"));
    assert!(at(plan, "sew_side") < at(plan, "put_back_zip_side_left"));
    assert!(at(plan, "put_back_zip_side_left") < at(plan, "close_band"), "before the band closes over it");
    assert!(
        at(plan, "put_back_zip_side_left") < at(plan, "try_set_zip_side_left"),
        "with a try-on of its own"
    );
}

#[test]
fn a_label_comes_out_and_goes_back_unless_its_seam_stays_there() {
    let mut shape = skirt();
    shape.fixtures =
        vec![Fixture { kind: FixtureKind::Label, side: Some(Side::Left), ..zip(300.0, 340.0, None) }];
    let mut job = job(shape);
    for side in [Side::Left, Side::Right] {
        job.fitting.pins.extend(side_pins(side, &[0.0, 100.0, 200.0, 300.0, 420.0], 8.0));
    }
    let moved = plan(&job);
    assert!(at(&moved, "take_out_label_side_left") < at(&moved, "put_back_label_side_left"));
    job.garment.shape.fixtures[0].from = mm(20.0);
    job.garment.shape.fixtures[0].to = mm(60.0);
    assert!(!has(&plan(&job), "take_out_label_side_left"), "the line has faded out above it");
}

#[test]
fn two_labels_in_one_seam_are_taken_out_each_by_itself() {
    let mut shape = skirt();
    let label = |from, to| Fixture { kind: FixtureKind::Label, ..zip(from, to, None) };
    shape.fixtures = vec![label(300.0, 340.0), label(400.0, 440.0)];
    let mut job = job(shape);
    for side in [Side::Left, Side::Right] {
        job.fitting.pins.extend(side_pins(side, &[0.0, 100.0, 200.0, 300.0, 420.0], 8.0));
    }
    let plan = plan(&job);
    for key in ["take_out_label_side_left", "take_out_label_side_left_2", "put_back_label_side_left_2"] {
        assert_eq!(plan.steps.iter().filter(|step| step.key == key).count(), 1, "{key}");
    }
}

#[test]
fn two_vents_are_two_corners_and_what_stands_near_a_hem_has_a_step_each() {
    let mut job = example("hem-lined-coat");
    let vent = *job.garment.shape.near_hems.iter().find(|near| near.width.is_positive()).expect("a corner");
    job.garment.shape.near_hems.push(vent);
    let plan = plan(&job);
    let mut keys: Vec<String> = plan.steps.iter().map(|step| step.key.to_string()).collect();
    let mitres = keys.iter().filter(|key| key.starts_with("mitre_hem")).count();
    assert_eq!(mitres, 2, "{keys:?}");
    keys.sort();
    let all = keys.len();
    keys.dedup();
    assert_eq!(keys.len(), all, "each key once");
}

#[test]
fn a_line_is_mirrored_in_the_turn_up_of_its_own_hem() {
    let mut job = example("shirt");
    job.garment.shape.turn_up = mm(40.0);
    job.garment.shape.sleeve_turn_up = Some(mm(16.0));
    job.fitting.ends =
        vec![LineWish { seam: SeamName::SleeveUnderarm, lower: Some(EndWish::RunOff), upper: None }];
    let solution = solve(&job).expect("a result");
    let seam =
        solution.seams.iter().find(|seam| seam.seam == SeamName::SleeveUnderarm).expect("a sleeve line");
    let LineOutcome::Drawn(line) = &seam.lines[0].outcome else { panic!("a line") };
    assert_eq!(line.turn_up.last().expect("marks").below, mm(16.0), "the sleeve's, not the hem's");
}
