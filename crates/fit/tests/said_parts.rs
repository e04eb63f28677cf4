//! What was said of a garment's front and collar goes for all of it: its hem, its front edge, whether one gets into it, the
//! words of its neck.

mod common;

use common::{example, mm};
use vemble_fit::garment::{Collar, Front, HemName, Kind, SeamName};
use vemble_fit::hem::{HemWish, Wanted};
use vemble_fit::{Datum, EntryMode, Job, Pin, Side, Solution, solve};

fn pinned(mut job: Job, seam: SeamName, station: f64) -> Job {
    job.garment.shape.seams =
        vec![SeamName::Side, SeamName::CentreFront, SeamName::CentreBack, SeamName::Shoulder];
    job.fitting.hems.clear();
    job.fitting.ends.clear();
    job.fitting.accepted.clear();
    job.fitting.evening.clear();
    job.fitting.progress = Default::default();
    job.fitting.pins = [0.0, 120.0, 240.0]
        .into_iter()
        .enumerate()
        .map(|(i, down)| Pin {
            id: format!("p{i}"),
            seam,
            side: Side::Centre,
            datum: Datum::Hem,
            station: mm(station - down),
            mode: EntryMode::SeamToPin,
            reading: mm(6.0),
            panel: None,
            planned: None,
            moved: None,
            reread: false,
            exact: false,
        })
        .collect();
    job
}

fn solved(job: &Job) -> Solution {
    solve(job).unwrap_or_else(|error| panic!("{error}"))
}

fn has(solution: &Solution, key: &str) -> bool {
    solution.plan.steps.iter().any(|step| step.key == key)
}

#[test]
fn a_dress_that_closes_in_front_has_a_front_edge_and_a_hem_with_two_ends() {
    let mut plain = pinned(example("shift-dress"), SeamName::CentreFront, 700.0);
    plain.garment.shape.fixtures.clear();
    let mut buttoned = plain.clone();
    buttoned.garment.shape.parts.front = Some(Front::Single);
    let said = |job: &Job| {
        let shape = &job.garment.shape;
        (shape.closes_in_front(), shape.opens(), shape.hem_is_open(HemName::Hem))
    };
    assert_eq!(said(&buttoned), (true, true, true));
    assert!(!said(&plain).0 && !said(&plain).2);
    assert!(has(&solved(&buttoned), "open_fastening"), "its front edge moves");
    assert!(!has(&solved(&plain), "open_fastening"));
    // Its hem has two front edges that can be level or not; a closed one has none.
    let ends = |job: &Job| {
        let mut job = job.clone();
        job.fitting.hems = vec![HemWish::new(HemName::Hem, Wanted::Edge { shorten: mm(20.0) })];
        let hems = solved(&job).hems;
        hems[0].sides[0].rows.iter().filter(|row| row.words.contains("front edge")).count()
    };
    assert_eq!((ends(&buttoned), ends(&plain)), (2, 0));
    // One gets into it by its front: nothing has to go over head or hips.
    assert!(!said(&plain).1 && solved(&buttoned).put_on.len() < solved(&plain).put_on.len());
}

#[test]
fn what_does_not_open_has_no_front_edge_whatever_most_of_its_kind_have() {
    let shirt = example("shirt");
    assert!(shirt.garment.shape.hem_is_open(HemName::Hem));
    let mut closed = shirt.clone();
    closed.garment.shape.parts.front = Some(Front::Closed);
    let shape = &closed.garment.shape;
    assert!(!shape.closes_in_front() && !shape.hem_is_open(HemName::Hem));
    // A short placket opens it at the neck and nowhere else.
    let mut top = example("knit-top");
    top.garment.shape.parts.front = Some(Front::Placket);
    assert!(top.garment.shape.closes_in_front() && !top.garment.shape.hem_is_open(HemName::Hem));
    assert!(!top.garment.shape.opens(), "the shoulders still go through all of it");
    // Trousers open no further than their crotch.
    let mut trousers = example("barn-dance-trousers");
    for front in [Front::Zip, Front::Fly, Front::Placket] {
        trousers.garment.shape.parts.front = Some(front);
        assert!(trousers.garment.shape.opens() && !trousers.garment.shape.hem_is_open(HemName::Hem));
    }
}

#[test]
fn where_nothing_was_said_it_is_as_on_most_of_its_kind() {
    for kind in Kind::ALL {
        let mut shape = example("shift-dress").garment.shape;
        (shape.kind, shape.parts, shape.fixtures, shape.lacing) =
            (kind, Default::default(), Vec::new(), None);
        let by_itself =
            [Kind::Shirt, Kind::Jacket, Kind::Coat, Kind::Waistcoat, Kind::Overalls].contains(&kind);
        assert_eq!(shape.closes_in_front(), by_itself, "{kind:?}");
        assert_eq!(shape.opens(), by_itself || kind == Kind::Trousers, "{kind:?}");
        assert_eq!(shape.hem_is_open(HemName::Hem), by_itself && kind != Kind::Overalls, "{kind:?}");
    }
}

#[test]
fn the_neck_is_called_what_its_collar_is() {
    let mut dress = pinned(example("shift-dress"), SeamName::CentreFront, 700.0);
    let pinnable = solved(&dress).pinnable;
    let front = pinnable.iter().find(|seam| seam.seam == SeamName::CentreFront);
    let length = front.and_then(|seam| seam.length).expect("drawn").mm();
    for (i, pin) in dress.fitting.pins.iter_mut().enumerate() {
        pin.station = mm(length - 2.0 - 100.0 * i as f64);
    }
    for (collar, words) in [
        (None, "neck facing"),
        (Some(Collar::None), "neck facing"),
        (Some(Collar::Ribbed), "neckband"),
        (Some(Collar::Flat), "collar"),
        (Some(Collar::Shawl), "collar"),
    ] {
        dress.garment.shape.parts.collar = collar;
        let plan = solved(&dress).plan;
        let opens = plan.steps.iter().find(|step| step.key == "open_neck").expect("the line runs into it");
        assert!(opens.title.contains(words), "{collar:?}: {}", opens.title);
    }
}

#[test]
fn a_garment_nobody_has_looked_at_leaves_everything_to_the_house() {
    let blank = vemble_fit::Garment::blank();
    assert!(blank.check().is_ok());
    assert_eq!(blank.shape.lining.closed, None, "nobody has said how its lining is closed");
    assert!(blank.shape.flats.is_empty() && blank.shape.seams.is_empty() && blank.shape.near_hems.is_empty());
    let written = serde_json::to_string(&blank).expect("JSON");
    assert_eq!(serde_json::from_str::<vemble_fit::Garment>(&written).expect("read"), blank);
    let laced = |kind: Kind| kind.laces_at().len();
    assert_eq!(laced(Kind::PrincessDress), 4);
    assert!([Kind::Trousers, Kind::FlaredSkirt, Kind::Overalls].into_iter().all(|kind| laced(kind) == 0));
}
