//! House numbers: every one of them is honoured as a habit, wherever it is used.

mod common;

use common::{cases_kept, example, examples, mm};
use vemble_fit::garment::{Fixture, FixtureKind, Lacing, LevelName};
use vemble_fit::{HouseRule, Intention, Job, SeamName, solve};

/// The answer as it is written.
fn answer(job: &Job) -> String {
    solve(job).map_or_else(|error| error.to_string(), |answer| serde_json::to_string(&answer).expect("JSON"))
}

/// The same job, worn so close.
fn worn(job: &Job, intention: Intention) -> Job {
    let mut job = job.clone();
    job.fitting.intention = intention;
    job
}

/// Every example and case, as it is and worn close and loose; some with what none of them has.
fn jobs() -> Vec<Job> {
    let mut jobs: Vec<Job> = examples().into_iter().chain(cases_kept()).map(|(_, job)| job).collect();
    for kind in
        [FixtureKind::Zip, FixtureKind::Buttons, FixtureKind::Pocket, FixtureKind::Match, FixtureKind::Label]
    {
        let mut job = example("barn-dance-trousers");
        job.garment.shape.fixtures = vec![Fixture {
            seam: SeamName::Outseam,
            side: None,
            kind,
            from: mm(300.0),
            to: mm(700.0),
            most: None,
            taken_out: Some(false),
        }];
        jobs.push(job);
    }
    let mut laced = example("princess-dress");
    laced.garment.shape.lacing = Some(Lacing {
        gaps: [(LevelName::Bust, mm(40.0)), (LevelName::Waist, mm(40.0))].into(),
        overlap: mm(30.0),
    });
    jobs.push(laced);
    let mut darted = example("straight-skirt");
    darted.garment.shape.seams = darted.garment.shape.kind.usual_seams().to_vec();
    darted.garment.shape.seams.push(SeamName::FrontDart);
    jobs.push(darted);
    let mut own = example("princess-dress");
    own.garment.ease.insert(LevelName::UnderBust, mm(30.0));
    jobs.push(own);
    let mut wool = example("jacket");
    wool.garment.washed = false;
    jobs.push(wool);
    let worn: Vec<Job> =
        jobs.iter().flat_map(|job| [Intention::Close, Intention::Loose].map(|how| worn(job, how))).collect();
    jobs.extend(worn);
    jobs
}

/// The numbers that were constants once: what a seam's fixtures allow, dart maxima, wearing ease, cap ease, and what
/// passes by itself.
fn once_constants() -> impl Iterator<Item = HouseRule> {
    let topics = ["What lies in a seam", "Wearing ease", "Sleeve and armhole"];
    let named = [
        HouseRule::DartFront,
        HouseRule::DartBack,
        HouseRule::StretchKept,
        HouseRule::HangHem,
        HouseRule::HangLook,
        HouseRule::DryWash,
        HouseRule::DrySwatch,
        HouseRule::CoolPress,
    ];
    HouseRule::ALL
        .iter()
        .copied()
        .filter(move |rule| topics.contains(&rule.entry().topic) || named.contains(rule))
}

#[test]
fn every_number_that_is_a_habit_decides_something() {
    let jobs: Vec<(Job, String)> = jobs().into_iter().map(|job| (job.clone(), answer(&job))).collect();
    let decides = |rule: HouseRule| {
        let entry = rule.entry();
        [entry.least, entry.most].into_iter().filter(|other| *other != entry.value).any(|other| {
            jobs.iter().any(|(job, before)| {
                let mut job = job.clone();
                job.habits.rules.insert(rule, other);
                answer(&job) != *before
            })
        })
    };
    let idle: Vec<HouseRule> = once_constants().filter(|rule| !decides(*rule)).collect();
    assert!(idle.is_empty(), "changing these changes nothing: {idle:?}");
}

#[test]
fn a_wearing_ease_of_ones_own_is_wanted_by_as_much_and_never_out_of_order() {
    let wanted = |job: &Job| {
        let solution = solve(job).expect("a result");
        let row = solution.levels.iter().find(|row| row.girth.level == LevelName::Knee).expect("a knee");
        row.wanted.expect("wanted").mm()
    };
    let mut job = example("barn-dance-trousers");
    job.garment.ease.clear();
    job.habits.ease.clear();
    job.garment.cloth.stretch = 0.0;
    job.fitting.intention = Intention::Easy;
    let before = wanted(&job);
    job.habits.rules.insert(HouseRule::WearKneeEasy, HouseRule::WearKneeEasy.entry().value + 25.0);
    assert!((wanted(&job) - before - 25.0).abs() < 1e-9);
    // Close set above easy takes easy along.
    job.habits.rules.insert(HouseRule::WearKneeClose, 150.0);
    assert!((wanted(&job) - 150.0).abs() < 1e-9);
}

#[test]
fn what_waits_by_itself_is_said_as_long_as_it_waits() {
    let hangs = |job: &Job| {
        solve(job).is_ok_and(|solution| {
            solution.plan.steps.iter().any(|step| step.key.to_string().starts_with("hang_before"))
        })
    };
    let mut job = examples().into_iter().map(|(_, job)| job).find(hangs).expect("one hem that hangs first");
    let said = |job: &Job| {
        let solution = solve(job).expect("a result");
        let step = solution.plan.steps.iter().find(|step| step.key.to_string().starts_with("hang_before"));
        let step = step.expect("it hangs");
        (
            step.title.clone(),
            step.by_itself.clone().expect("it hangs"),
            step.how[0].clone(),
            step.passive_hours,
            solution.plan.days_it_waits(),
        )
    };
    let (title, by_itself, how, hours, days) = said(&job);
    assert_eq!(
        (title.as_str(), by_itself.as_str(), hours),
        ("Hang it overnight, then read its hem", "a day and a night", 24.0)
    );
    assert!(how.contains("a day and a night on a hanger"), "{how}");
    job.habits.rules.insert(HouseRule::HangHem, 48.0);
    let (_, by_itself, how, hours, two) = said(&job);
    assert_eq!((by_itself.as_str(), hours, two), ("2 days", 48.0, days + 1));
    assert!(how.contains("2 days on a hanger"), "{how}");
    job.habits.rules.insert(HouseRule::HangHem, 3.0);
    let (title, by_itself, .., none) = said(&job);
    assert_eq!(
        (title.as_str(), by_itself.as_str(), none),
        ("Hang it, then read its hem", "3 hours", days - 1)
    );
}
