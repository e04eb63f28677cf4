//! A body drawn while it is being measured: whole from the first moment, the tape where it is laid, changes since the day
//! before said with their sign.

mod common;

use std::collections::BTreeMap;

use common::mm;
use proptest::prelude::*;
use vemble_fit::garment::{Kind, LevelName, SleeveBuild};
use vemble_fit::{Body, BodyFace, BodySketch, Habits, MeasureName, sketch_body};

fn body(day: &str, measures: &[(MeasureName, f64)]) -> Body {
    Body {
        taken_on: day.parse().expect("a day"),
        measures: measures.iter().map(|(name, value)| (*name, mm(*value))).collect(),
        layers: Vec::new(),
    }
}

fn sketch(body: &Body, earlier: &[Body]) -> BodySketch {
    sketch_body(body, earlier, &Habits::default()).expect("a sketch")
}

fn closed_and_inside(sketch: &BodySketch) {
    for (figure, faces) in [
        (&sketch.front, [BodyFace::Front, BodyFace::Back].as_slice()),
        (&sketch.side, [BodyFace::Side].as_slice()),
    ] {
        assert!(figure.outline().len() > 40);
        for tape in sketch.tapes.iter().filter(|tape| faces.contains(&tape.face)) {
            for [x, y] in &tape.points {
                let room = 120.0;
                assert!(x.abs() <= figure.half_width + room, "{:?} at {x}", tape.measure);
                assert!(
                    *y >= figure.bottom - 1.0 && *y <= figure.top + 1.0,
                    "{:?} at height {y}",
                    tape.measure
                );
            }
        }
    }
}

#[test]
fn nobody_measured_yet_stands_there_whole_with_a_tape_for_everything() {
    let sketch = sketch(&body("2026-11-20", &[]), &[]);
    assert_eq!(sketch.measures.len(), MeasureName::ALL.len());
    assert_eq!(sketch.tapes.len(), MeasureName::ALL.len());
    assert!(
        sketch
            .measures
            .iter()
            .all(|row| row.taken.is_none() && !row.shown.is_empty() && !row.hint.is_empty())
    );
    // From the front it is the same on both sides.
    for [x, y] in sketch.front.outline() {
        let twin = |other: &[f64; 2]| (other[0] + x).abs() + (other[1] - y).abs() < 0.11;
        assert!(sketch.front.outline().iter().any(twin), "{x}, {y}");
    }
    closed_and_inside(&sketch);
}

#[test]
fn what_changed_since_the_day_before_is_said_with_its_sign() {
    let days = [
        body(
            "2026-09-01",
            &[(MeasureName::Waist, 760.0), (MeasureName::Hip, 990.0), (MeasureName::Bust, 940.0)],
        ),
        body("2026-10-01", &[(MeasureName::Waist, 770.0)]),
    ];
    let today = body(
        "2026-11-20",
        &[
            (MeasureName::Waist, 764.0),
            (MeasureName::Hip, 996.0),
            (MeasureName::Bust, 940.0),
            (MeasureName::Knee, 380.0),
        ],
    );
    let sketch = sketch(&today, &days);
    let row = |name| sketch.measures.iter().find(|row| row.measure == name).expect("a row");
    assert_eq!(row(MeasureName::Waist).change.as_deref(), Some("−6"));
    assert_eq!(row(MeasureName::Waist).since, Some(days[1].taken_on));
    // The day it was taken last, whenever that was.
    assert_eq!(row(MeasureName::Hip).change.as_deref(), Some("+6"));
    assert_eq!(row(MeasureName::Hip).since, Some(days[0].taken_on));
    assert_eq!(row(MeasureName::Bust).change.as_deref(), Some("0"));
    assert_eq!((row(MeasureName::Knee).change.clone(), row(MeasureName::Knee).since), (None, None));
    // Looked at again, the first day has nothing before it.
    let first = sketch_body(&days[0], &days, &Habits::default()).expect("a sketch");
    assert!(first.measures.iter().all(|row| row.change.is_none()));
}

#[test]
fn a_kind_wants_what_is_compared_with_it() {
    let trousers = Kind::Trousers.wants_of_a_body(SleeveBuild::None);
    for name in [MeasureName::Waist, MeasureName::Hip, MeasureName::WaistSeated, MeasureName::InsideLeg] {
        assert!(trousers.contains(&name), "{name:?}");
    }
    assert!(!trousers.contains(&MeasureName::Bust) && !trousers.contains(&MeasureName::ArmLength));
    let shirt = Kind::Shirt.wants_of_a_body(SleeveBuild::OnePiece);
    assert!(shirt.contains(&MeasureName::ArmLength) && shirt.contains(&MeasureName::UpperArm));
    let bare = Kind::Shirt.wants_of_a_body(SleeveBuild::None);
    assert!(!bare.contains(&MeasureName::ArmLength) && !bare.contains(&MeasureName::UpperArm));
    for kind in Kind::ALL {
        let wanted = kind.wants_of_a_body(kind.usual_sleeves());
        assert!(
            wanted.len() >= 3
                && wanted.is_sorted_by_key(|name| MeasureName::ALL.iter().position(|each| each == name))
        );
    }
}

proptest! {
    #![proptest_config(common::cases(120))]

    #[test]
    fn any_body_is_drawn_as_wide_as_its_girths(
        girths in prop::collection::vec(0.78f64..1.4, 8),
        lengths in prop::collection::vec(0.88f64..1.12, 4),
        taken in prop::collection::vec(prop::bool::ANY, 12),
    ) {
        let names = [
            (MeasureName::Bust, 950.0), (MeasureName::UnderBust, 830.0), (MeasureName::Waist, 785.0), (MeasureName::HighHip, 925.0),
            (MeasureName::Hip, 1005.0), (MeasureName::Thigh, 580.0), (MeasureName::Knee, 378.0), (MeasureName::Calf, 366.0),
            (MeasureName::InsideLeg, 770.0), (MeasureName::OutsideLeg, 1045.0), (MeasureName::Height, 1690.0), (MeasureName::NapeToWaist, 410.0),
        ];
        let measures: BTreeMap<MeasureName, f64> = names
            .into_iter()
            .zip(girths.iter().chain(&lengths))
            .zip(&taken)
            .filter(|(_, taken)| **taken)
            .map(|(((name, usual), by), _)| (name, (usual * by).round()))
            .collect();
        let list: Vec<(MeasureName, f64)> = measures.iter().map(|(name, value)| (*name, *value)).collect();
        let sketch = sketch(&body("2026-11-20", &list), &[]);
        closed_and_inside(&sketch);
        // The tape round a level is as wide as that girth is seen.
        for (level, share) in [(LevelName::Bust, 0.36), (LevelName::Waist, 0.365), (LevelName::Hip, 0.37), (LevelName::Knee, 0.31)] {
            let name = level.measure().expect("a measure");
            let Some(girth) = measures.get(&name) else { continue };
            let tape = sketch.tapes.iter().find(|tape| tape.measure == name).expect("a tape");
            let wide = tape.points[tape.points.len() - 1][0] - tape.points[0][0];
            prop_assert!((wide - girth * share).abs() < 1.0, "{name:?}: {wide} for {girth}");
        }
    }
}
