//! An alteration of its own, followed the whole way. It is known to nothing but its file, its sentences and its row in
//! the list of kinds: whatever it does here, every alteration that comes later does.

mod common;

use common::{cases, example, mm};
use proptest::prelude::*;
use vemble_fit::change::{Change, between, say_changes};
use vemble_fit::plan::Plan;
use vemble_fit::{
    Alteration, Job, NotAdmitted, Rounding, Scale, SeamName, Slimmed, Solution, StrayKind, Unit, admit,
    settle, solve,
};

const SCALE: Scale = Scale { unit: Unit::Mm, rounding: Rounding::Mm };

fn slimmed(seam: SeamName, by: f64) -> Alteration {
    Alteration::Slimmed(Slimmed { seam, by: mm(by) })
}

/// The straight skirt with nothing read, and these alterations.
fn skirt(alterations: &[Alteration]) -> Job {
    let mut job = example("straight-skirt");
    job.fitting.pins.clear();
    job.fitting.hems.clear();
    job.fitting.ends.clear();
    job.fitting.alterations = alterations.to_vec();
    job
}

fn solved(job: &Job) -> Solution {
    solve(job).expect("a result")
}

fn hem_girth(solution: &Solution) -> [f64; 2] {
    let row = solution.levels.last().expect("levels");
    [row.girth.before.mm(), row.girth.after.mm()]
}

fn keys(plan: &Plan) -> Vec<String> {
    plan.steps.iter().map(|step| step.key.to_string()).collect()
}

#[test]
fn it_moves_the_cloth_and_everything_is_measured_on_what_it_leaves() {
    let solution = solved(&skirt(&[slimmed(SeamName::Side, 10.0)]));
    let [before, after] = hem_girth(&solution);
    // Four edges, each 10 inside the old one.
    assert!((before - after - 40.0).abs() < 0.5, "{before} became {after}");
    let [alteration] = solution.alterations.as_slice() else { panic!("one was wished for") };
    assert_eq!((alteration.key.as_str(), alteration.refused.as_deref()), ("slimmed_side", None));
    assert_eq!(alteration.words, "slimming of the side seam");
    assert!(
        alteration.moved.iter().all(|edge| (edge.most.mm() - 10.0).abs() < 0.1)
            && alteration.moved.len() == 2
    );
    assert!(!alteration.sketch.as_ref().expect("drawn").lines.is_empty());
    assert!(solution.is_solved());
    let nothing = solved(&skirt(&[]));
    assert_eq!(hem_girth(&nothing)[0].to_bits(), hem_girth(&nothing)[1].to_bits());
}

#[test]
fn what_cannot_be_done_is_refused_with_the_nearest_that_can_and_the_rest_goes_on() {
    let solution = solved(&skirt(&[slimmed(SeamName::Side, 60.0), slimmed(SeamName::CentreBack, 5.0)]));
    let side = solution.alterations.iter().find(|each| each.key == "slimmed_side").expect("asked");
    assert!(side.refused.as_ref().expect("why").contains("up to 30 mm works"), "{:?}", side.refused);
    assert!(!solution.is_solved());
    assert!(solution.warnings.iter().any(|warning| warning.code == "alteration.refused"));
    let back = solution.alterations.iter().find(|each| each.key == "slimmed_centre_back").expect("asked");
    assert!(back.refused.is_none() && back.moved.len() == 1);
    let mended = solved(&skirt(&[side.nearest.clone().expect("a nearest")]));
    assert!(mended.is_solved());
    // Something to be known of it stands among the rest of what was found.
    assert!(mended.warnings.iter().any(|warning| warning.code == "slimmed.tight"));
}

#[test]
fn its_steps_stand_in_the_order_and_what_it_needs_open_is_opened_once_and_closed_once() {
    let alone = solved(&skirt(&[slimmed(SeamName::Side, 10.0)])).plan;
    let at = |plan: &Plan, key: &str| {
        keys(plan)
            .iter()
            .position(|known| known == key)
            .unwrap_or_else(|| panic!("{key} in {:#?}", keys(plan)))
    };
    let row =
        ["choose_mark", "chalk_slimmed_side", "open_hem", "sew_slimmed_side", "close_hem", "closing_acts"];
    let places: Vec<usize> = row.iter().map(|key| at(&alone, key)).collect();
    assert!(places.is_sorted(), "{:#?}", keys(&alone));
    assert!(alone.missing.is_empty(), "{:?}", alone.missing);
    // With pins on the same seam the hem is in the way of both, and still opened once.
    let mut both = example("straight-skirt");
    both.fitting.alterations = vec![slimmed(SeamName::Side, 10.0)];
    let both = solved(&both).plan;
    assert_eq!(keys(&both).iter().filter(|key| *key == "open_hem").count(), 1);
    assert!(both.missing.is_empty(), "{:?}", both.missing);
    assert!(at(&both, "chalk_slimmed_side") < at(&both, "open_hem"));
    // Whatever order they were asked in, the order of work is the same.
    let two = [slimmed(SeamName::Side, 10.0), slimmed(SeamName::CentreBack, 8.0)];
    let turned = [two[1].clone(), two[0].clone()];
    let [one, other] =
        [two, turned].map(|asked| serde_json::to_string(&solved(&skirt(&asked))).expect("JSON"));
    assert_eq!(one, other);
}

/// The job with every step of its order ticked, as it becomes due.
fn ticked(job: &Job) -> Job {
    let mut ticked = job.clone();
    for _ in 0..100 {
        let plan = solved(&ticked).plan;
        let open = |step: &&vemble_fit::plan::Step| !step.done && step.waits.is_none();
        let Some(step) = plan.steps.iter().find(open) else { break };
        let before = ticked.fitting.clone();
        ticked.fitting.progress.done.insert(step.key.to_string(), None);
        ticked.fitting.progress = admit(&before, &ticked).expect("it is due").progress;
    }
    ticked
}

#[test]
fn a_tick_on_it_holds_while_it_lies_as_it_lay_and_says_why_it_does_not() {
    let ticked = ticked(&skirt(&[slimmed(SeamName::Side, 10.0), slimmed(SeamName::CentreBack, 5.0)]));
    let lapsed = |job: &Job| -> Vec<String> {
        solved(job).plan.steps.iter().filter_map(|step| step.lapsed.clone()).collect()
    };
    assert!(keys(&solved(&ticked).plan).iter().all(|key| ticked.fitting.progress.done.contains_key(key)));
    assert!(lapsed(&ticked).is_empty());
    // A little is nothing; more is said; doing without it is said of what looked at all of it.
    let otherwise = |alterations: &[Alteration]| {
        let fitting = vemble_fit::Fitting { alterations: alterations.to_vec(), ..ticked.fitting.clone() };
        lapsed(&Job { fitting, ..ticked.clone() })
    };
    let (side, back) = (|by: f64| slimmed(SeamName::Side, by), slimmed(SeamName::CentreBack, 5.0));
    assert!(otherwise(&[side(10.2), back.clone()]).is_empty());
    let says = |said: &[String], what: &str| {
        assert!(said.iter().any(|said| said.starts_with(what)), "{what}: {said:#?}");
    };
    says(&otherwise(&[side(14.0), back.clone()]), "The slimming was moved by up to 4 mm after");
    says(&otherwise(std::slice::from_ref(&back)), "It was decided to do without the slimming after");
    let mut more = self::ticked(&skirt(&[side(10.0)]));
    more.fitting.alterations.push(back);
    says(&lapsed(&more), "The slimming was decided on after");
}

#[test]
fn what_this_garment_cannot_have_strays_alone_and_is_not_let_in_anew() {
    let asked = [slimmed(SeamName::Side, 10.0), slimmed(SeamName::Inseam, 10.0)];
    let job = skirt(&asked);
    let error = solve(&job).expect_err("a skirt has no inseam");
    assert_eq!(error.path(), "fitting.alterations[1].seam");
    assert!(error.to_string().contains("this garment has no inseam"), "{error}");
    let (settled, solution) = settle(&job).expect("the rest");
    assert_eq!(settled.fitting.alterations, asked[..1]);
    let [stray] = solution.strays.as_slice() else { panic!("{:?}", solution.strays) };
    assert_eq!((stray.kind, stray.id.as_str()), (StrayKind::Alteration, "slimmed_inseam"));
    assert!(stray.words.starts_with("The slimming of the inseam is on nothing any more"), "{}", stray.words);
    // It may stay where it stood before the garment was changed, and does not come in anew.
    assert!(admit(&job.fitting, &job).is_ok());
    assert!(matches!(admit(&skirt(&asked[..1]).fitting, &job), Err(NotAdmitted::Job(_))));
    // A length nobody can mean names its field; two at one place are one too many.
    let long = solve(&skirt(&[slimmed(SeamName::Side, 900.0)])).expect_err("too long");
    assert_eq!(long.path(), "fitting.alterations[0].by");
    let twice = solve(&skirt(&[asked[0].clone(), slimmed(SeamName::Side, 3.0)])).expect_err("twice");
    assert_eq!(twice.path(), "fitting.alterations[1].alteration");
}

#[test]
fn what_no_build_knows_is_named_where_it_is_read() {
    for wrong in [
        r#"{ "alteration": "dissolve", "seam": "side" }"#,
        r#"{ "alteration": "slimmed", "seam": "side", "by": 10, "more": 1 }"#,
        r#"{ "alteration": "slimmed", "seam": "side" }"#,
        r#"{ "seam": "side", "by": 10 }"#,
    ] {
        let error = serde_json::from_str::<Alteration>(wrong).expect_err(wrong).to_string();
        assert!(["dissolve", "more", "by", "alteration"].iter().any(|name| error.contains(name)), "{error}");
    }
    let good = slimmed(SeamName::Side, 10.0);
    let text = serde_json::to_string(&good).expect("JSON");
    assert_eq!(text, r#"{"alteration":"slimmed","seam":"side","by":10.0}"#);
    assert_eq!(serde_json::from_str::<Alteration>(&text).expect("read"), good);
}

#[test]
fn a_change_says_what_was_done_with_it() {
    let mut fitting = skirt(&[]).fitting.in_order();
    let said = |fitting: &mut vemble_fit::Fitting, change: Change| {
        let restoring = fitting.apply(std::slice::from_ref(&change)).expect("made");
        say_changes(&[change], &restoring, SCALE)
    };
    let alter = |by| Change::Alter { alteration: slimmed(SeamName::Side, by) };
    let without = || Change::DoWithout { key: "slimmed_side".to_owned() };
    assert_eq!(said(&mut fitting, alter(8.0)), "wanted the slimming of the side seam");
    assert_eq!(said(&mut fitting, alter(9.0)), "wanted the slimming of the side seam otherwise");
    assert_eq!(said(&mut fitting, without()), "did without the slimming of the side seam");
    assert_eq!(said(&mut fitting, without()), "did without what was not wanted already");
    assert!(fitting.alterations.is_empty());
}

proptest! {
    #![proptest_config(cases(48))]

    /// Put, changed and taken out in any order, what is undone stands as it stood, and what leads from one list of them to
    /// another leads there.
    #[test]
    fn changes_of_it_are_undone_exactly(
        was in proptest::collection::btree_map(0usize..4, 1u8..30, 0..4),
        is in proptest::collection::btree_map(0usize..4, 1u8..30, 0..4),
    ) {
        let seams = [SeamName::Side, SeamName::CentreBack, SeamName::CentreFront, SeamName::Inseam];
        let fitting = |of: &std::collections::BTreeMap<usize, u8>| {
            let all: Vec<_> = of.iter().map(|(at, by)| slimmed(seams[*at], f64::from(*by))).collect();
            skirt(&all).fitting.in_order()
        };
        let (before, after) = (fitting(&was), fitting(&is));
        let mut on = before.clone();
        let restoring = on.apply(&between(&before, &after)).expect("made");
        prop_assert_eq!(&on, &after);
        on.apply(&restoring).expect("undone");
        prop_assert_eq!(on, before);
    }

    /// A millimetre more takes a millimetre more of each edge.
    #[test]
    fn there_is_no_cliff_in_it(by in 1.0f64..28.0) {
        let after = |by| hem_girth(&solved(&skirt(&[slimmed(SeamName::Side, by)])))[1];
        let lost = after(by) - after(by + 1.0);
        prop_assert!((3.6..=4.4).contains(&lost), "{} of 4 at {}", lost, by);
    }
}
