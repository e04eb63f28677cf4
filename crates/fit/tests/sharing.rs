//! Sharing a change out on whole garments: every plan reaches what was asked, keeps every limit, and can
//! be sewn from the pins it hands over.

mod common;

use common::{any_shape, example, examples, job, mm};
use proptest::strategy::{Strategy, ValueTree};
use proptest::test_runner::TestRunner;
use vemble_fit::garment::{Fixture, FixtureKind, Kind, LevelName, SeamAllowance};
use vemble_fit::{
    Job, Rounding, Scale, SeamName, ShareOut, SharePlan, ShareRequest, Side, Unit, read_tape, share_out,
    solve,
};

fn shared(job: &Job, level: LevelName, lose: f64) -> ShareOut {
    share_out(job, ShareRequest { level, lose: mm(lose) }).expect("a share")
}

fn lost(job: &Job, level: LevelName) -> f64 {
    let solution = solve(job).expect("a result");
    -solution.levels.iter().find(|row| row.girth.level == level).expect("the level").girth.change().mm()
}

#[test]
fn every_plan_loses_what_was_asked_from_the_pins_it_hands_over() {
    let mut checked = 0;
    for (name, level) in [
        ("princess-dress", LevelName::Waist),
        ("princess-dress", LevelName::Bust),
        ("straight-skirt", LevelName::Waist),
        ("barn-dance-trousers", LevelName::Waist),
        ("jacket", LevelName::Waist),
        ("waistcoat", LevelName::Waist),
    ] {
        let job = example(name);
        for asked in [12.0, 30.0, 46.0] {
            let out = shared(&job, level, asked);
            assert!(!out.alternatives.is_empty(), "{name}: nothing offered for {asked}");
            assert!(out.alternatives.len() <= 2);
            let reached = out.reached.mm();
            for plan in &out.alternatives {
                assert!(plan.solved, "{name}: {} is offered and cannot be sewn", plan.title);
                let mut chosen = job.clone();
                chosen.fitting.pins.clone_from(&plan.pins);
                chosen.fitting.accepted.clear();
                let now = lost(&chosen, level);
                assert!(
                    (now - reached).abs() < 0.6,
                    "{name} {level:?}: {now} for {reached} by {}",
                    plan.title
                );
                assert!((plan.total.mm() - reached).abs() < 0.6, "{name}: says {}", plan.total.mm());
                checked += 1;
            }
        }
    }
    assert!(checked >= 24, "only {checked} plans could be sewn");
}

#[test]
fn plans_keep_left_and_right_alike_and_the_side_at_the_side() {
    for name in ["princess-dress", "jacket"] {
        let job = example(name);
        let out = shared(&job, LevelName::Waist, 40.0);
        for plan in &out.alternatives {
            assert!(plan.swing.abs().mm() <= 12.05, "{name}: swings {}", plan.swing.mm());
            for part in &plan.parts {
                let at = |side: Side| {
                    plan.pins
                        .iter()
                        .filter(|pin| pin.seam == part.seam && pin.side == side && pin.exact)
                        .map(|pin| pin.reading)
                        .collect::<Vec<_>>()
                };
                if part.seam.is_paired() {
                    assert_eq!(at(Side::Left), at(Side::Right), "{name} {:?}", part.seam);
                }
                let source = out.sources.iter().find(|source| source.seam == part.seam).expect("a source");
                assert!(part.depth.mm() <= source.most.mm() + 0.11, "{name}: deeper than its limit");
            }
        }
    }
}

#[test]
fn a_zip_keeps_its_seam_out_of_every_plan() {
    let job = example("straight-skirt");
    let out = shared(&job, LevelName::Waist, 20.0);
    assert!(out.sources.iter().all(|source| source.seam != SeamName::CentreBack), "the zip is in it");
    assert!(
        out.alternatives.iter().flat_map(|plan| &plan.parts).all(|part| part.seam != SeamName::CentreBack)
    );
    let mut free = job;
    free.garment.shape.fixtures.clear();
    let out = shared(&free, LevelName::Waist, 20.0);
    assert!(out.sources.iter().any(|source| source.seam == SeamName::CentreBack));
}

#[test]
fn what_cannot_be_had_is_said_and_the_most_that_can_is_shared_out() {
    let mut job = example("straight-skirt");
    // Stripes that must meet leave four a seam, and the darts little more.
    job.garment.shape.fixtures.push(Fixture {
        seam: SeamName::Side,
        side: None,
        kind: FixtureKind::Match,
        from: mm(0.0),
        to: mm(640.0),
        most: None,
        taken_out: None,
    });
    let out = shared(&job, LevelName::Waist, 200.0);
    let said = out.short.as_ref().expect("it cannot be had");
    assert!(said.contains("200 mm") && said.contains(&format!("{:.0} mm", out.reached.mm())), "{said}");
    assert!(out.reached.mm() < 200.0 && out.reached.mm() > 16.0);
    // Fed back, the most that can be had is had.
    let again = shared(&job, LevelName::Waist, out.reached.mm());
    assert!(again.short.is_none(), "{:?}", again.short);
    assert!(!again.alternatives.is_empty());
}

#[test]
fn letting_out_is_shared_over_what_is_inside() {
    let mut job = example("waistcoat");
    job.fitting.pins.clear();
    assert!(shared(&job, LevelName::Waist, -20.0).alternatives.is_empty(), "nobody looked inside");
    job.garment.shape.allowances = vec![
        SeamAllowance { seam: SeamName::Side, front: mm(20.0), back: mm(16.0) },
        SeamAllowance { seam: SeamName::CentreBack, front: mm(15.0), back: mm(15.0) },
    ];
    let out = shared(&job, LevelName::Waist, -20.0);
    let plan = &out.alternatives[0];
    assert!((plan.total.mm() + 20.0).abs() < 0.2, "{}", plan.total.mm());
    assert!(plan.parts.iter().all(|part| part.depth.is_negative() && part.depth.mm() >= -8.1));
}

#[test]
fn a_level_the_garment_does_not_have_is_refused_by_name() {
    let job = example("straight-skirt");
    let error =
        share_out(&job, ShareRequest { level: LevelName::Bust, lose: mm(10.0) }).expect_err("no bust");
    assert_eq!(error.path(), "level");
    assert!(error.to_string().contains("no bust drawn"), "{error}");
}

#[test]
fn generated_garments_of_every_kind_can_share_a_waist_out() {
    let mut runner = TestRunner::deterministic();
    for kind in Kind::ALL {
        let shape = any_shape(kind)
            .prop_filter("drawn", |shape| shape.pattern(&Default::default()).is_ok())
            .new_tree(&mut runner)
            .expect("a shape")
            .current();
        let job = job(shape);
        let out = shared(&job, LevelName::Waist, 16.0);
        assert!(!out.alternatives.is_empty(), "{kind:?}");
        let plan = &out.alternatives[0];
        assert!((plan.total.mm() - 16.0).abs() < 0.2, "{kind:?}: {}", plan.total.mm());
        assert!(plan.consequences.iter().any(|words| words.contains("open")), "{:?}", plan.consequences);
    }
}

/// What is shown of a plan makes what is shown in all, and that is what the balance shows.
fn adds_up(name: &str, job: &Job, plan: &SharePlan, level: LevelName) {
    let scale = job.habits.scale;
    // As somebody reads it off the page.
    let marks = |shown: &str| {
        let read = read_tape(shown, scale.unit).unwrap_or_else(|error| panic!("{name}: {shown}: {error}"));
        (read.mm() / scale.tick().mm()).round()
    };
    let parts: f64 = plan.parts.iter().map(|part| marks(&part.shown[1])).sum();
    let besides = plan.shown.besides.as_deref().map_or(0.0, marks);
    let said = format!("{name}, {}: {:?} {:?} {:?}", plan.title, plan.parts, plan.besides, plan.shown);
    assert!((parts + besides - marks(&plan.shown.total)).abs() < 0.5, "{said}");
    let row = plan.levels.iter().find(|row| row.girth.level == level).expect("the level");
    let change = row.shown.change.as_deref().map_or(0.0, marks);
    assert!((marks(&plan.shown.total) + change).abs() < 0.5, "{said}, in the balance {:?}", row.shown.change);
    // Adding up moves a number by less than two marks, and most not at all.
    for part in &plan.parts {
        let exact = part.change.mm() / scale.tick().mm();
        assert!((marks(&part.shown[1]) - exact).abs() < 2.0, "{said}");
    }
}

#[test]
fn what_a_plan_takes_adds_up_on_every_tape_for_every_kind() {
    let scales = [
        Scale::new(Unit::Mm, Rounding::Mm),
        Scale::new(Unit::Cm, Rounding::Mm),
        Scale::new(Unit::Cm, Rounding::HalfCm),
        Scale::new(Unit::Inch, Rounding::EighthInch),
        Scale::new(Unit::Inch, Rounding::SixteenthInch),
    ];
    let mut checked = 0;
    let mut runner = TestRunner::deterministic();
    let pinned = examples().into_iter().map(|(name, job)| (name, job, 24.0));
    let generated = Kind::ALL.into_iter().map(|kind| {
        let drawn = any_shape(kind).prop_filter("drawn", |shape| shape.pattern(&Default::default()).is_ok());
        (format!("{kind:?}"), job(drawn.new_tree(&mut runner).expect("a shape").current()), 17.3)
    });
    for (name, mut job, lose) in pinned.chain(generated) {
        for scale in scales {
            job.habits.scale = scale;
            for level in [LevelName::Waist, LevelName::Hip, LevelName::Bust] {
                let Ok(out) = share_out(&job, ShareRequest { level, lose: mm(lose) }) else { continue };
                for plan in std::iter::once(&out.pinned).chain(&out.alternatives) {
                    adds_up(&name, &job, plan, level);
                    checked += usize::from(plan.parts.len() > 1);
                }
            }
        }
    }
    assert!(checked > 200, "only {checked} plans of several parts");
}
