//! Every order read as it would be followed: what a line reaches is opened and closed, what is cut stands behind a stop,
//! a number is the solution's, and no part is named that the garment has not.

mod common;

use common::orders::is_sound;
use common::{example, examples, job, mm, pin, shape};
use proptest::strategy::{Strategy, ValueTree};
use proptest::test_runner::TestRunner;
use vemble_fit::garment::{
    Block, Fixture, FixtureKind, FlatName, HemFeature, HemName, Kind, LevelName, LiningClosed, Purpose,
    SeamEnd, SeamName, Shape, SleeveBuild, Source,
};
use vemble_fit::hem::{HemKind, HemPair, HemRead, HemReading, HemWish, Wanted};
use vemble_fit::line::{EndWish, LineWish};
use vemble_fit::plan::{Act, On, Plan, Step, StepKey};
use vemble_fit::{
    Cloth, ClothFamily, Datum, Fibre, HemCrossed, Job, LineOutcome, Pin, ReadBy, Side, Solution, Surface,
    TriedIn, solve,
};

/// One garment of a kind, the same every time: its measures in the middle of what is usual.
fn of_kind(kind: Kind) -> Shape {
    let mut runner = TestRunner::deterministic();
    let tree = common::any_shape(kind).new_tree(&mut runner).expect("a shape");
    tree.current()
}

fn solved(job: &Job) -> Solution {
    solve(job).unwrap_or_else(|error| panic!("{:?}: {error}", job.garment.shape.kind))
}

/// Pins of one depth all along a seam.
fn along(shape: &Shape, name: SeamName, depth: f64) -> Vec<Pin> {
    let pattern = shape.pattern(&Default::default()).ok();
    let Some(seam) = shape.seams_on(pattern.as_ref()).into_iter().find(|seam| seam.name == name) else {
        return Vec::new();
    };
    let usual = seam.usual();
    let low = match seam.lower {
        SeamEnd::CrotchCurve(top) => top + 40.0,
        SeamEnd::Tip => 0.2 * seam.length,
        _ => 2.0,
    };
    let high = match seam.upper {
        SeamEnd::CrotchPoint | SeamEnd::Tip => 0.7 * seam.length,
        _ => seam.length - 2.0,
    };
    let sides: &[Side] = if name.is_paired() { &[Side::Left, Side::Right] } else { &[Side::Centre] };
    let mut pins = Vec::new();
    for rung in 0..6 {
        let station = low + (high - low) * f64::from(rung) / 5.0;
        for side in sides {
            let mut one = pin(name, *side, usual.counted(station), depth, usual.datum);
            one.id = format!("{} {} {rung}", name.key(), side.words());
            pins.push(one);
        }
    }
    pins
}

fn has(plan: &Plan, act: Act) -> bool {
    plan.steps.iter().any(|step| step.key.act == act)
}

fn at(plan: &Plan, act: Act) -> usize {
    let found = plan.steps.iter().position(|step| step.key.act == act);
    found.unwrap_or_else(|| panic!("no {}", act.word()))
}

/// What has to be opened where a line reaches an end of its seam: the trade's own list, not the planner's.
fn in_the_way(shape: &Shape, seam: SeamName, end: SeamEnd, upper: bool) -> Option<Act> {
    let sleeved = shape.sleeve_build() != SleeveBuild::None;
    let at_shoulder_point = matches!(seam, SeamName::Shoulder | SeamName::Yoke) && upper;
    Some(match end {
        SeamEnd::Hem => Act::OpenHem,
        SeamEnd::Band(_) => Act::OpenBand,
        SeamEnd::Underarm(_) if sleeved => Act::OpenArmhole,
        SeamEnd::Underarm(_) => Act::OpenArmholeEdge,
        SeamEnd::Edge if at_shoulder_point && sleeved => Act::OpenSleeveHead,
        SeamEnd::Edge if at_shoulder_point => Act::OpenArmholeEdge,
        SeamEnd::Edge if seam == SeamName::Shoulder => Act::OpenNeck,
        SeamEnd::Edge if matches!(seam, SeamName::CentreBack | SeamName::CentreFront) => {
            if shape.kind.has_band() { return None } else { Act::OpenNeck }
        }
        SeamEnd::Edge if matches!(seam, SeamName::PrincessFront | SeamName::PrincessBack) => {
            if shape.kind.has_band() { return None } else { Act::OpenShoulder }
        }
        _ => return None,
    })
}

#[test]
fn what_a_line_reaches_is_opened_before_it_is_tacked_and_closed_after_it_is_sewn() {
    let mut crossed = 0;
    let mut acts = std::collections::BTreeSet::new();
    for kind in Kind::ALL {
        let bare = of_kind(kind);
        for name in kind.possible_seams().iter().copied().chain(bare.seam_names()) {
            let mut shape = bare.clone();
            if !shape.has(name) && !name.is_on_sleeve() {
                shape.seams = kind.usual_seams().iter().copied().chain([name]).collect();
            }
            let fixtures = [None].into_iter().chain(FixtureKind::ALL.map(Some));
            for fixture in fixtures.filter(|fixture| fixture.is_none_or(FixtureKind::can_come_out)) {
                let mut job = job(shape.clone());
                job.fitting.pins = along(&shape, name, 7.0);
                let [lower, upper] = [Some(EndWish::RunOff); 2];
                job.fitting.ends = vec![LineWish { seam: name, lower, upper }];
                if let Some(kind) = fixture {
                    job.garment.shape.fixtures = vec![Fixture {
                        seam: name,
                        side: None,
                        kind,
                        from: mm(60.0),
                        to: mm(140.0),
                        most: None,
                        taken_out: Some(true),
                    }];
                }
                let Ok(solution) = solve(&job) else { continue };
                let plan = &solution.plan;
                if plan.steps.is_empty() {
                    continue;
                }
                let say = |what: String| format!("{kind:?} {name:?} {fixture:?}: {what}");
                is_sound(plan).unwrap_or_else(|error| panic!("{}", say(error)));
                let own = solution.seams.iter().find(|seam| seam.seam == name).expect("the seam");
                let LineOutcome::Drawn(line) = &own.lines[0].outcome else { continue };
                let depth_at = |end: usize| {
                    let point = if end == 0 { line.spine.first() } else { line.spine.last() };
                    point.map_or(0.0, |point| point[1].abs())
                };
                let pattern = shape.pattern(&Default::default()).ok();
                let seam = shape.seams_on(pattern.as_ref()).into_iter().find(|each| each.name == name);
                let seam = seam.expect("it was pinned");
                for (end, what) in [(0, seam.lower), (1, seam.upper)] {
                    let Some(opens) =
                        in_the_way(&shape, name, what, end == 1).filter(|_| depth_at(end) > 1.0)
                    else {
                        continue;
                    };
                    assert!(has(plan, opens), "{}", say(format!("crosses and does not {}", opens.word())));
                    assert!(at(plan, opens) < at(plan, Act::Tack), "{}", say(opens.word().to_owned()));
                    let closed =
                        plan.steps.iter().rposition(|step| opens.closed_by().contains(&step.key.act));
                    let closed =
                        closed.unwrap_or_else(|| panic!("{}", say(format!("{} stays open", opens.word()))));
                    assert!(
                        closed > at(plan, Act::TryOn),
                        "{}",
                        say(format!("{} is shut too early", opens.word()))
                    );
                    crossed += 1;
                    acts.insert(opens);
                }
                if fixture.is_some() {
                    // It reaches there where the seam is long enough, and then it comes out and goes back.
                    let moved = line
                        .spine
                        .iter()
                        .any(|point| (60.0..=140.0).contains(&point[0]) && point[1].abs() > 0.1);
                    assert_eq!(has(plan, Act::TakeOut), moved, "{}", say("taken out".to_owned()));
                    assert_eq!(has(plan, Act::PutBack), moved, "{}", say("put back".to_owned()));
                    if moved {
                        assert!(
                            at(plan, Act::TakeOut) < at(plan, Act::Tack),
                            "{}",
                            say("out first".to_owned())
                        );
                        for closes in [Act::CloseBand, Act::CloseWaistSeam, Act::JoinBand] {
                            if has(plan, closes) && name != SeamName::CentreBack {
                                assert!(
                                    at(plan, Act::PutBack) < at(plan, closes),
                                    "{}",
                                    say("enclosed".to_owned())
                                );
                            }
                        }
                    }
                }
            }
        }
    }
    assert!(crossed > 150, "only {crossed} crossings");
    assert!(acts.len() >= 7, "{acts:?}");
}

/// Words of a part, and whether this garment has it.
fn parts(job: &Job) -> Vec<(&'static str, bool)> {
    let shape = &job.garment.shape;
    let kind = shape.kind;
    let sleeved = shape.sleeve_build() != SleeveBuild::None;
    let zip = shape.fixtures.iter().any(|fixture| fixture.kind == FixtureKind::Zip);
    vec![
        ("the band", shape.band_height() > 0.0),
        ("waistband", shape.band_height() > 0.0),
        ("bodice", shape.has(SeamName::WaistSeam)),
        ("sleeve", sleeved || shape.lined),
        ("sleeve hem", sleeved),
        ("armhole", kind.block() == Block::Body || kind.block() == Block::Overalls),
        ("raise both arms", kind.block() == Block::Body || kind.block() == Block::Overalls),
        ("inseam", kind.has_legs()),
        ("knee", kind.has_legs()),
        ("shoes", kind.reaches_legs()),
        ("stair", kind.reaches_legs()),
        ("lining", shape.lined),
        ("collar", matches!(kind, Kind::Shirt | Kind::Jacket | Kind::Coat)),
        ("the zip", zip),
        ("interfacing", kind.is_tailored() || job.garment.cloth.family == ClothFamily::Coating),
        ("Wash and dry", job.garment.washes_by_machine()),
        ("dress with a waist seam", false),
        ("shirt or blouse", false),
    ]
}

/// What a teacher would strike out.
fn read(job: &Job, solution: &Solution) -> Result<(), String> {
    let plan = &solution.plan;
    is_sound(plan)?;
    for step in &plan.steps {
        let say = |what: &str, words: &str| Err(format!("{}: {what}: {words}", step.key));
        for words in [&step.title].into_iter().chain(&step.how) {
            for (part, is_there) in parts(job) {
                // A foot is a tool of the machine.
                if !is_there && words.replace("zip foot", "").contains(part) {
                    return say(&format!("it has no {part}"), words);
                }
            }
            // New cloth for a facing is no cut into the garment.
            let cuts = ["Cut ", "Trim ", "Clip ", "Sew it, turn it, look again; only then trim"];
            let into_it = cuts.iter().any(|verb| words.starts_with(verb)) && step.key.act != Act::FaceHem;
            if into_it && step.stop.is_none() {
                return say("a cut without a stop", words);
            }
            if words.contains("NaN") || words.contains("-0") || words.contains("  ") {
                return say("is no sentence", words);
            }
        }
        let unsewn = !job.garment.source.is_sewn() && job.garment.source != Source::Toile;
        if unsewn
            && matches!(
                step.key.act,
                Act::OpenOld | Act::Release | Act::OpenBand | Act::OpenHem | Act::UnpickHem | Act::OpenWaist
            )
        {
            return say("nothing is sewn yet", &step.title);
        }
        if job.garment.source == Source::Toile && step.stop.is_some() {
            return say("a toile is not cut", &step.title);
        }
    }
    // A step for a fault goes with its warning, both ways.
    let warned = |code: &str| solution.warnings.iter().any(|warning| warning.code == code);
    let pairs = [
        (Act::SettleCap, "armhole"),
        (Act::FitAgain, "wash.read_before"),
        (Act::OpenWaistSeam, "waist_seam.crossed"),
    ];
    for (act, code) in pairs {
        let unsewn = job.garment.source == Source::InTheMaking && act == Act::OpenWaistSeam;
        let unpinned = act == Act::FitAgain && job.fitting.pins.is_empty();
        if !plan.steps.is_empty() && !unsewn && !unpinned && has(plan, act) != warned(code) {
            return Err(format!("{} and {code} do not go together", act.word()));
        }
    }
    if warned("hem.turn_up") && !has(plan, Act::SplaySeams) && job.garment.source != Source::Toile {
        return Err("a turn-up that pinches has no step".to_owned());
    }
    numbers(job, solution)
}

/// Lengths that a step says, against the solution's own.
fn numbers(job: &Job, solution: &Solution) -> Result<(), String> {
    let plan = &solution.plan;
    let write = |mm: f64| job.habits.scale.write(vemble_fit::Length::from_mm(mm));
    // The band changes by what the waist does where it sits on the band.
    if let Some(band) = plan.steps.iter().find(|step| step.key.act == Act::CloseBand) {
        let rows = solution.levels.iter().filter(|row| row.girth.level == LevelName::Waist);
        let changes: f64 = rows.map(|row| (row.girth.after - row.girth.before).mm()).sum();
        let said = band.title.contains(&write(changes.abs()));
        let near = (changes.abs().floor() as i64 - 1..=changes.abs().ceil() as i64 + 1)
            .any(|mm| band.title.contains(&write(mm as f64)));
        let unchanged = band.title.starts_with("Put") && changes.abs() < 1.5;
        if !(said || near || unchanged) {
            return Err(format!("the waist changes by {changes}: {}", band.title));
        }
        let direction = if changes < 0.0 { "Shorten" } else { "Lengthen" };
        if changes.abs() > 1.5 && !band.title.starts_with(direction) {
            return Err(format!("the waist changes by {changes}: {}", band.title));
        }
    }
    for hem in &solution.hems {
        let cut = plan.step(&StepKey::new(Act::CutHem, On::Hem(hem.hem)).to_string());
        for side in &hem.sides {
            if let (Some(tuck), Some(step)) = (&side.tuck, plan.step(&format!("tack_{}", hem.hem.key()))) {
                let depth = format!("{} deep", write(tuck.depth.mm()));
                if !step.how.iter().any(|how| how.contains(&depth)) {
                    return Err(format!("{:?} loses {}: {:?}", side.side, tuck.loses.mm(), step.how));
                }
            }
            let widest = side.rows.iter().filter_map(|row| row.strip).max();
            if let (Some(strip), Some(step)) = (widest.filter(|_| !hem.kind.is_knit()), cut)
                && strip.is_positive()
                && !step.how.iter().any(|how| how.contains(&write(strip.mm())))
            {
                return Err(format!("{:?} has a strip of {}: {:?}", side.side, strip.mm(), step.how));
            }
        }
    }
    Ok(())
}

#[test]
fn every_example_reads_as_a_teacher_would_have_it() {
    for (name, job) in examples() {
        read(&job, &solved(&job)).unwrap_or_else(|error| panic!("{name}: {error}"));
    }
}

#[test]
fn every_kind_cloth_lining_end_and_source_reads_so_too() {
    let families = [
        ClothFamily::Sheer,
        ClothFamily::Shirting,
        ClothFamily::Twill,
        ClothFamily::Denim,
        ClothFamily::Coating,
        ClothFamily::Jersey,
    ];
    let linings = [
        None,
        Some(None),
        Some(Some(LiningClosed::Felled)),
        Some(Some(LiningClosed::Bagged)),
        Some(Some(LiningClosed::Free)),
    ];
    let sources = [Source::Toile, Source::InTheMaking, Source::ReadyMade, Source::Thrifted];
    let mut read_so_far = 0;
    for (k, kind) in Kind::ALL.into_iter().enumerate() {
        let bare = of_kind(kind);
        for (f, family) in families.into_iter().enumerate() {
            for lining in linings {
                for source in sources {
                    for ends in [None, Some(EndWish::RunOff)] {
                        let mut job = job(bare.clone());
                        job.garment.source = source;
                        job.garment.washed = (k + f) % 2 == 0;
                        job.garment.cloth = Cloth {
                            family,
                            bias: f == 0,
                            look: None,
                            surface: [Surface::Smooth, Surface::Nap, Surface::Pile][f % 3],
                            ..Cloth::default()
                        };
                        job.garment.shape.lined = lining.is_some();
                        job.garment.shape.lining.closed = lining.flatten();
                        let deep = if f % 2 == 0 { 8.0 } else { -4.0 };
                        let first =
                            bare.seam_names().into_iter().find(|seam| seam.is_side()).expect("a side");
                        job.garment.shape.allowances = vec![vemble_fit::garment::SeamAllowance {
                            seam: first,
                            front: mm(20.0),
                            back: mm(20.0),
                        }];
                        job.fitting.pins = along(&bare, first, deep);
                        job.fitting.ends = ends
                            .map(|_| LineWish { seam: first, lower: ends, upper: ends })
                            .into_iter()
                            .collect();
                        let kind_of_hem = if family == ClothFamily::Jersey {
                            HemKind::TwinNeedle
                        } else {
                            HemKind::SingleFold
                        };
                        job.fitting.hems = bare
                            .hems()
                            .iter()
                            .map(|hem| HemWish {
                                kind: (f % 2 == 1).then_some(kind_of_hem),
                                ..HemWish::new(*hem, Wanted::Edge { shorten: mm(30.0) })
                            })
                            .collect();
                        let solution = solved(&job);
                        let say = format!("{kind:?} {family:?} {lining:?} {source:?} {ends:?}");
                        read(&job, &solution).unwrap_or_else(|error| panic!("{say}: {error}"));
                        read_so_far += solution.plan.steps.len();
                    }
                }
            }
        }
    }
    assert!(read_so_far > 30_000, "only {read_so_far} steps");
}

fn step(plan: &Plan, key: &str) -> Step {
    let keys: Vec<String> = plan.steps.iter().map(|step| step.key.to_string()).collect();
    plan.step(key).unwrap_or_else(|| panic!("no {key} in {keys:?}")).clone()
}

fn says(step: &Step, words: &str) -> bool {
    step.how.iter().any(|how| how.contains(words))
}

#[test]
fn two_legs_that_differ_have_each_its_own_numbers() {
    let mut job = example("hem-original");
    job.fitting.hems[0].readings = [(Side::Left, 30.0), (Side::Right, 10.0)]
        .into_iter()
        .flat_map(|(side, up)| [0.0, 90.0, 180.0, 270.0].map(|at| (side, at, up)))
        .map(|(side, at, up)| HemReading {
            id: format!("{} {at}", side.words()),
            side,
            at,
            read: HemRead::EdgeToPin,
            length: mm(up),
        })
        .collect();
    job.fitting.hems[0].wanted = Wanted::Pins;
    job.fitting.hems[0].pair = HemPair::Own;
    let solution = solved(&job);
    let tack = step(&solution.plan, "tack_hem");
    assert!(says(&tack, "on the left is 15 mm deep"), "{:?}", tack.how);
    assert!(says(&tack, "on the right is 5 mm deep"), "{:?}", tack.how);
    let trim = step(&solution.plan, "cut_hem");
    assert!(says(&trim, "Only on the left"), "the right is too small to be trimmed: {:?}", trim.how);
}

#[test]
fn a_one_piece_band_that_would_keep_too_little_is_folded_and_not_cut() {
    let plan_of = |depth: f64| {
        let mut shape = of_kind(Kind::Trousers);
        shape.seams = vec![SeamName::Outseam, SeamName::Inseam, SeamName::CentreBack];
        let mut job = job(shape.clone());
        job.fitting.pins = [0.0, 36.0, 70.0]
            .into_iter()
            .map(|station| pin(SeamName::CentreBack, Side::Centre, station, depth, Datum::BandTop))
            .collect();
        solved(&job).plan
    };
    let deep = plan_of(14.0);
    assert!(has(&deep, Act::CutBand) && has(&deep, Act::JoinBand) && has(&deep, Act::OpenBand));
    let shallow = plan_of(8.0);
    assert!(!has(&shallow, Act::CutBand), "only 8 would stay in each half");
    let close = step(&shallow, "close_band");
    assert!(
        close.title.contains("16 mm") && says(&close, "Fold away 8 mm of the band at each side"),
        "{:?}",
        close.how
    );
}

#[test]
fn letting_out_never_shortens_a_band() {
    let shape = of_kind(Kind::StraightSkirt);
    let mut job = job(shape.clone());
    job.garment.shape.allowances =
        vec![vemble_fit::garment::SeamAllowance { seam: SeamName::Side, front: mm(25.0), back: mm(25.0) }];
    job.fitting.pins = along(&shape, SeamName::Side, -6.0);
    let plan = solved(&job).plan;
    let close = step(&plan, "close_band");
    assert!(close.title.starts_with("Lengthen the band by 24 mm"), "{}", close.title);
    assert!(says(&close, "must gain 12 mm at each side seam"), "{:?}", close.how);
    assert!(!close.how.iter().any(|how| how.contains("horten")), "{:?}", close.how);
    assert!(
        at(&plan, Act::Tack) < at(&plan, Act::Release) && at(&plan, Act::Release) < at(&plan, Act::TryOn)
    );
}

#[test]
fn a_band_between_two_sides_that_differ_has_a_number_for_each() {
    let shape = of_kind(Kind::StraightSkirt);
    let mut job = job(shape.clone());
    job.habits.evening = vemble_fit::EveningChoice::KeepDifferent;
    job.fitting.pins = along(&shape, SeamName::Side, 4.0);
    for pin in job.fitting.pins.iter_mut().filter(|pin| pin.side == Side::Right) {
        pin.reading = mm(9.0);
    }
    let close = step(&solved(&job).plan, "close_band");
    assert!(close.title.contains("26 mm"), "twice 4 and twice 9: {}", close.title);
    assert!(
        says(&close, "At the left side seam the band must lose 8 mm, at the right one it must lose 18 mm"),
        "{:?}",
        close.how
    );
}

#[test]
fn nothing_goes_under_a_band_half_before_it_is_finished_and_pressed() {
    let plan = solved(&example("barn-dance-trousers")).plan;
    for act in ["finish_edges", "press"] {
        let own = plan.steps.iter().position(|each| each.key == act).expect("of the outseams");
        assert!(own < at(&plan, Act::JoinBand), "{act}");
    }
    assert!(
        at(&plan, Act::JoinBand)
            < plan.steps.iter().position(|each| each.key == "press_centre_back").expect("its own")
    );
}

#[test]
fn what_is_pinned_already_is_marked_washed_and_fitted_again() {
    let mut job = example("barn-dance-trousers");
    job.garment.washed = false;
    let plan = solved(&job).plan;
    let order = [Act::ThreadMark, Act::Wash, Act::FitAgain, Act::Chalk];
    assert!(order.windows(2).all(|pair| at(&plan, pair[0]) < at(&plan, pair[1])));
    for (fibre, lined) in [(Fibre::Wool, false), (Fibre::Silk, false), (Fibre::Cotton, true)] {
        job.garment.cloth.fibre = fibre;
        job.garment.shape.lined = lined;
        let plan = solved(&job).plan;
        assert!(!has(&plan, Act::Wash) && has(&plan, Act::CareLabel), "{fibre:?} lined {lined}");
    }
}

#[test]
fn a_toile_goes_to_its_pattern_and_is_not_finished() {
    let plan = solved(&example("waistcoat")).plan;
    let order =
        [Act::TryOn, Act::MarkToile, Act::UnpickToile, Act::TrueToile, Act::CarryToPattern, Act::WriteDown];
    assert!(order.windows(2).all(|pair| at(&plan, pair[0]) < at(&plan, pair[1])));
    for act in [Act::Sew, Act::FinishEdges, Act::Press, Act::Trim, Act::HemCheck, Act::PhotographInside] {
        assert!(!has(&plan, act), "{}", act.word());
    }
}

#[test]
fn in_the_making_each_trial_says_what_can_still_move() {
    let mut job = example("shift-dress");
    job.garment.source = Source::InTheMaking;
    let plan = solved(&job).plan;
    for act in [Act::OpenOld, Act::OpenArmholeEdge, Act::PhotographInside, Act::Wash] {
        assert!(!has(&plan, act), "nothing of it is sewn: {}", act.word());
    }
    let trial = step(&plan, "try_on");
    assert!(says(&trial, "its last chance is \"Trim the side seams"), "{:?}", trial.how);
    assert!(says(&step(&plan, "chalk"), "the traced line"));
}

#[test]
fn nightwear_for_a_child_begins_at_the_rules_and_protective_wear_at_its_maker() {
    let mut job = example("sweatpants");
    job.garment.purpose = Purpose::ChildNightwear;
    let solution = solved(&job);
    let first = &solution.plan.steps[0];
    assert_eq!(first.key.act, Act::LookUpRules);
    assert!(first.stop.is_some() && solution.next.at_stop);
    assert!(
        solution.plan.steps[1..].iter().all(|step| solution.plan.may_tick(&step.key.to_string()).is_err())
    );
    job.fitting.pins.clear();
    assert!(solved(&job).next.at_stop, "before the first pin, too");
    job.garment.purpose = Purpose::Protective;
    let protective = solved(&job);
    assert!(
        protective.plan.steps.is_empty() && protective.next.words.contains("maker"),
        "{:?}",
        protective.next
    );
}

#[test]
fn a_seam_is_trimmed_only_where_it_is_worth_it_and_never_to_more_than_there_is() {
    let with = |depth: f64, inside: f64| {
        let shape = of_kind(Kind::StraightSkirt);
        let mut job = job(shape.clone());
        job.garment.shape.allowances = vec![vemble_fit::garment::SeamAllowance {
            seam: SeamName::Side,
            front: mm(inside),
            back: mm(inside),
        }];
        job.fitting.pins = along(&shape, SeamName::Side, depth);
        solved(&job).plan.step("trim_side").map(|step| step.title.clone())
    };
    assert_eq!(with(3.0, 13.0), None, "three millimetres are not worth a cut");
    assert_eq!(with(8.0, 13.0).as_deref(), Some("Trim the side seams to 13 mm"));
    assert_eq!(with(8.0, 9.0).as_deref(), Some("Trim the side seams to 9 mm"), "no more than there is");
}

#[test]
fn schools_change_the_order() {
    let keys = |job: &Job| solved(job).plan.steps.iter().map(|step| step.key.to_string()).collect::<Vec<_>>();
    // A try-on in pins, where little is at risk and nothing has to be opened.
    let mut shape = of_kind(Kind::ShiftDress);
    shape.seams = vec![SeamName::Shoulder, SeamName::Side, SeamName::CentreBack];
    let mut plain = job(shape.clone());
    plain.garment.source = Source::ReadyMade;
    // It leaves the old stitching above the hem and is back on it below the underarm.
    plain.fitting.pins = [(150.0, 0.0), (230.0, 5.0), (310.0, 0.0)]
        .into_iter()
        .flat_map(|(station, deep)| {
            [Side::Left, Side::Right].map(|side| pin(SeamName::Side, side, station, deep, Datum::Hem))
        })
        .collect();
    plain.habits.tried_in = TriedIn::Pins;
    assert!(!keys(&plain).contains(&"tack".to_owned()));
    plain.garment.source = Source::Thrifted;
    assert!(keys(&plain).contains(&"tack".to_owned()), "what is second-hand is tacked all the same");
    // A finished hem sewn through.
    let mut skirt = job(of_kind(Kind::StraightSkirt));
    skirt.fitting.pins = along(&skirt.garment.shape, SeamName::Side, 6.0);
    assert!(keys(&skirt).contains(&"open_hem".to_owned()));
    skirt.habits.hem_crossed = HemCrossed::SewnThrough;
    assert!(!keys(&skirt).contains(&"open_hem".to_owned()));
    assert!(says(&step(&solved(&skirt).plan, "sew_side"), "straight through"));
    // The chalk read instead of the pins.
    skirt.habits.read_by = ReadBy::Chalk;
    assert!(says(&step(&solved(&skirt).plan, "chalk"), "chalk was read"));
    // The hem cut to length before the seams.
    skirt.habits.hem_when = vemble_fit::HemWhen::First;
    skirt.fitting.hems = vec![HemWish {
        kind: Some(HemKind::DoubleWide),
        ..HemWish::new(HemName::Hem, Wanted::Edge { shorten: mm(40.0) })
    }];
    let order = keys(&skirt);
    let place =
        |key: &str| order.iter().position(|each| each == key).unwrap_or_else(|| panic!("{key} in {order:?}"));
    assert!(place("cut_hem") < place("sew_side") && place("press") < place("sew_hem"), "{order:?}");
}

#[test]
fn felled_seams_come_apart_in_two_rows_and_are_felled_again() {
    let mut job = example("shirt");
    job.garment.shape.felled = vec![SeamName::Side];
    let plan = solved(&job).plan;
    assert!(has(&plan, Act::UndoFelled) && at(&plan, Act::Press) < at(&plan, Act::RestoreFelled));
    assert!(plan.step("trim_side").is_none(), "both allowances go into the fold");
}

#[test]
fn a_facing_is_turned_back_unless_its_mitre_is_asked_for() {
    let mut job = example("hem-lined-coat");
    let plain = solved(&job).plan;
    assert!(plain.step("mitre_hem_facing").is_none() && plain.step("turn_hem_facing").is_some());
    assert!(step(&plain, "mitre_hem_vent").stop.is_some(), "a corner that is trimmed stands behind a stop");
    job.fitting.hems.iter_mut().for_each(|hem| hem.mitre_facing = true);
    let asked = solved(&job).plan;
    assert!(asked.step("mitre_hem_facing").is_some() && asked.step("turn_hem_facing").is_none());
}

#[test]
fn every_way_into_a_lining_is_closed_by_its_name() {
    let mut job = example("hem-lined-coat");
    for closed in [Some(LiningClosed::Felled), Some(LiningClosed::Bagged), None] {
        job.garment.shape.lining.closed = closed;
        let plan = solved(&job).plan;
        let opened: Vec<&Step> =
            plan.steps.iter().filter(|step| step.key.act == Act::OpenHemCorner).collect();
        assert_eq!(opened.len(), 2, "the vent and the facing");
        for corner in opened {
            let back = plan.step(&StepKey::new(Act::CloseHemCorner, corner.key.on).to_string());
            assert!(back.is_some_and(|back| back.title.contains("Fell the lining back")), "{}", corner.title);
        }
        assert_eq!(has(&plan, Act::OpenGap), closed == Some(LiningClosed::Bagged), "{closed:?}");
        let open = step(&plan, "open_lining_hem");
        assert!(says(&open, "all round"), "{:?}", open.how);
        assert_eq!(says(&open, "Nobody said how its lining is closed"), closed.is_none());
    }
}

#[test]
fn what_hangs_drops_before_it_is_read() {
    let flared = solved(&example("hem-double-narrow")).plan;
    let hung = step(&flared, "hang_before_hem");
    assert!(hung.passive_hours >= 12.0 && at(&flared, Act::HangBefore) < at(&flared, Act::ChalkHem));
    let mut straight = example("hem-deep-hand-taper");
    assert!(!has(&solved(&straight).plan, Act::HangBefore));
    straight.garment.cloth.bias = true;
    assert!(has(&solved(&straight).plan, Act::HangBefore));
}

#[test]
fn shortening_at_the_waist_is_opened_moved_finished_pressed_and_closed_in_that_order() {
    let plan = solved(&example("hem-uncut-at-the-waist")).plan;
    let order = [
        Act::OpenWaist,
        Act::TakeOut,
        Act::ChalkHem,
        Act::TryHem,
        Act::CutHem,
        Act::DartsAtWaist,
        Act::FinishAtWaist,
        Act::PressAtWaist,
        Act::PutBack,
        Act::SewHem,
    ];
    assert!(
        order.windows(2).all(|pair| at(&plan, pair[0]) < at(&plan, pair[1])),
        "{:?}",
        plan.steps.iter().map(|step| step.key.to_string()).collect::<Vec<_>>()
    );
    let minutes: f64 = plan
        .steps
        .iter()
        .filter(|step| order[5..].contains(&step.key.act))
        .map(|step| step.minutes.p50)
        .sum();
    assert!((45.0..=180.0).contains(&minutes), "darts, sides and band take about 90, not {minutes}");
}

#[test]
fn an_ordinary_pair_of_trousers_is_not_alarmed_at() {
    let shape = shape(
        Kind::Trousers,
        &[
            (FlatName::Waist, 420.0),
            (FlatName::Hip, 540.0),
            (FlatName::Hem, 200.0),
            (FlatName::Inseam, 780.0),
            (FlatName::Outseam, 1040.0),
        ],
    );
    let mut job = job(shape.clone());
    job.fitting.pins = along(&shape, SeamName::Inseam, 4.0);
    let solution = solved(&job);
    let loud: Vec<&str> = solution
        .warnings
        .iter()
        .filter(|warning| !matches!(warning.weight, vemble_fit::Weight::Note))
        .map(|warning| warning.code)
        .collect();
    assert!(loud.iter().all(|code| *code == "body.missing"), "{loud:?}");
}

#[test]
fn a_second_vent_is_undone_and_closed_by_itself() {
    let mut job = example("hem-lined-coat");
    job.garment.shape.near_hems.push(HemFeature { at: Some(90.0), ..job.garment.shape.near_hems[0] });
    let plan = solved(&job).plan;
    for act in [Act::OpenHemCorner, Act::CloseHemCorner, Act::Mitre] {
        let vents =
            plan.steps.iter().filter(|step| step.key.act == act && step.title.contains("vent")).count();
        assert_eq!(vents, 2, "{}", act.word());
    }
}

#[test]
fn what_is_in_the_making_is_read_from_its_traced_line() {
    let mut job = example("in-the-making");
    let solution = solved(&job);
    let seam = solution.seams.iter().find(|seam| seam.seam == SeamName::Side).expect("its sides");
    assert!(seam.pins.iter().any(|pin| pin.echo.contains("from the traced line")), "{:?}", seam.pins[0].echo);
    let said = serde_json::to_string(&solution).expect("a result");
    assert!(!said.contains("old stitching"), "nothing of it is sewn");
    job.garment.source = Source::Thrifted;
    assert!(serde_json::to_string(&solved(&job)).expect("a result").contains("old stitching"));
}

#[test]
fn every_step_knows_its_place_on_the_garment() {
    let mut shown = 0;
    for (name, job) in common::examples() {
        let Ok(solution) = solve(&job) else { continue };
        for step in &solution.plan.steps {
            let place = &step.place;
            match step.key.on {
                On::Garment | On::Alteration(_) => assert_eq!(place.hem, None, "{name}: {}", step.title),
                On::Seam(seam) | On::Fixture(_, seam, ..) => {
                    assert!(!place.seams.is_empty(), "{name}: {} lies on {seam:?}", step.title);
                }
                On::Hem(hem) | On::Feature(hem, ..) => {
                    assert_eq!(place.hem, Some(hem), "{name}: {}", step.title)
                }
            }
            // What is lit can be found on the drawing, from one face or the other.
            let drawing = solution.drawing.as_ref().expect("a drawing");
            let faces = [&drawing.figure, &drawing.figure_back];
            let drawn = |seam: &SeamName| {
                faces.iter().any(|face| {
                    face.as_ref().is_some_and(|face| face.seams.iter().any(|each| each.seam == *seam))
                })
            };
            assert!(place.seams.iter().all(drawn), "{name}: {} at {:?}", step.title, place.seams);
            shown += place.seams.len();
        }
        let inside = |act: Act| {
            solution.plan.steps.iter().find(|step| step.key.act == act).map(|step| step.place.inside)
        };
        assert_ne!(inside(Act::Trim), Some(false), "{name}");
        assert_ne!(inside(Act::TryOn), Some(true), "{name}");
    }
    assert!(shown > 100, "only {shown}");
}

#[test]
fn a_wish_is_looked_at_in_each_try_on_and_asked_at_the_end() {
    let mut job = common::example("barn-dance-trousers");
    let plain = solve(&job).expect("a result");
    assert!(plain.plan.step("ask_the_wish").is_none());
    job.garment.wish.change = "closer at the waist.".to_owned();
    job.garment.wish.stays = "the flare".to_owned();
    job.garment.wish.worn_with = "the low boots".to_owned();
    let wished = solve(&job).expect("a result");
    let steps = &wished.plan.steps;
    let place = |key: &str| steps.iter().position(|step| step.key == key).expect("the step");
    assert!(place("hem_check") < place("ask_the_wish") && place("ask_the_wish") < place("write_down"));
    let said = "closer at the waist; what must stay: the flare.";
    assert_eq!(wished.plan.step("ask_the_wish").expect("the step").how[0], format!("The wish was: {said}"));
    let tries: Vec<_> = steps.iter().filter(|step| step.key.act == Act::TryOn).collect();
    assert!(!tries.is_empty());
    for step in tries {
        let how = step.how.join(" ");
        assert!(
            how.contains(&format!("Look at the wish again: {said}")) && how.contains("the low boots"),
            "{how}"
        );
    }
    // It adds a step and sentences, and changes no number.
    assert_eq!(wished.levels, plain.levels);
    assert_eq!(steps.len(), plain.plan.steps.len() + 1);
}

#[test]
fn ease_wanted_of_one_garment_goes_before_the_habit_and_the_house() {
    let mut job = common::example("barn-dance-trousers");
    let wanted = |job: &vemble_fit::Job| {
        let solution = solve(job).expect("a result");
        let row =
            solution.levels.into_iter().find(|row| row.girth.level == vemble_fit::garment::LevelName::Hip);
        row.and_then(|row| row.wanted).expect("an ease")
    };
    let house = wanted(&job);
    let [habit, own] = [house + common::mm(20.0), house + common::mm(33.0)];
    job.habits.ease.insert(vemble_fit::garment::LevelName::Hip, habit);
    assert_eq!(wanted(&job), habit);
    job.garment.ease.insert(vemble_fit::garment::LevelName::Hip, own);
    assert_eq!(wanted(&job), own);
    job.garment.ease.insert(vemble_fit::garment::LevelName::Hip, common::mm(4000.0));
    let error = solve(&job).expect_err("nobody wants so much");
    assert_eq!(error.path(), "garment.ease.hip");
}
