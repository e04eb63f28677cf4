//! A garment drawn while it is being measured: something is there from the first moment, what is ghosted is what is drawn,
//! and the tape lies where it is measured.

mod common;

use common::{another, any_garment, job, mm, shape};
use proptest::prelude::*;
use vemble_fit::garment::{FlatName, Kind, LevelName};
use vemble_fit::{Face, Habits, Sketch, measured_on, sketch};

fn of(shape: vemble_fit::garment::Shape) -> Sketch {
    sketch(&job(shape).garment, &Habits::default()).expect("a sketch")
}

fn row(sketch: &Sketch, flat: FlatName) -> &vemble_fit::SketchedFlat {
    sketch.flats.iter().find(|row| row.flat == flat).expect("a row")
}

#[test]
fn every_kind_is_drawn_before_anything_is_measured() {
    for kind in Kind::ALL {
        let sketch = of(shape(kind, &[]));
        assert_eq!(sketch.fault, None, "{kind:?}");
        // A waistcoat ends above the hip; everything else has a place.
        let nowhere = sketch.flats.iter().filter(|row| row.drawn.is_none()).map(|row| row.flat);
        let ends_above: &[FlatName] = if kind == Kind::Waistcoat { &[FlatName::Hip] } else { &[] };
        assert_eq!(nowhere.collect::<Vec<_>>(), ends_above, "{kind:?}");
        assert!(
            sketch.flats.iter().all(|row| row.taken.is_none() && row.shown.is_some() == row.drawn.is_some())
        );
        // Needed ones first, and a tape for each of them.
        let needed: Vec<bool> = sketch.flats.iter().map(|row| row.needed).collect();
        assert!(needed.windows(2).all(|pair| pair[0] >= pair[1]), "{kind:?}");
        for row in sketch.flats.iter().filter(|row| row.needed) {
            assert!(sketch.tapes.iter().any(|tape| tape.flat == row.flat), "{kind:?} {:?}", row.flat);
        }
        let pieces = &sketch.front.pieces;
        assert!(pieces.len() >= 2, "{kind:?} is more than an outline");
    }
}

#[test]
fn one_reading_moves_what_is_ghosted_of_its_own_sort_alone() {
    let plain = of(shape(Kind::Trousers, &[]));
    let wide = of(shape(Kind::Trousers, &[(FlatName::Hip, 630.0)]));
    let by = |flat: FlatName| {
        row(&wide, flat).drawn.expect("drawn").mm() / row(&plain, flat).drawn.expect("drawn").mm()
    };
    // 630 of 525 is 1.2 times.
    assert!((by(FlatName::Waist) - 1.2).abs() < 0.01 && (by(FlatName::Hem) - 1.2).abs() < 0.01);
    assert!((by(FlatName::Inseam) - 1.0).abs() < 0.01 && (by(FlatName::Outseam) - 1.0).abs() < 0.01);
    assert_eq!(row(&wide, FlatName::Hip).taken, Some(mm(630.0)));
    assert_eq!(row(&wide, FlatName::Hip).girth.as_deref(), Some("1260"));
}

#[test]
fn what_cannot_be_right_together_is_said_and_something_is_drawn_all_the_same() {
    let sketch = of(shape(Kind::Trousers, &[(FlatName::Inseam, 900.0), (FlatName::Outseam, 700.0)]));
    assert!(sketch.fault.as_deref().is_some_and(|fault| fault.contains("inseam")), "{:?}", sketch.fault);
    assert!(!sketch.front.pieces.is_empty());
    assert_eq!(row(&sketch, FlatName::Inseam).taken, Some(mm(900.0)), "what was typed stays");
}

proptest! {
    #![proptest_config(common::cases(120))]

    #[test]
    fn what_is_drawn_is_what_was_measured(shape in any_garment()) {
        let Ok(pattern) = shape.pattern(&Habits::default()) else { return another() };
        let sketch = of(shape.clone());
        prop_assert_eq!(&sketch.fault, &None);
        let mut laid = 0;
        for row in &sketch.flats {
            prop_assert_eq!(row.drawn, row.taken, "{:?}", row.flat);
            let Some(tape) = sketch.tapes.iter().find(|tape| tape.flat == row.flat) else { continue };
            laid += 1;
            prop_assert!(tape.points.len() > 1);
            let figure = if tape.face == Face::Front { &sketch.front } else { &sketch.back };
            for [x, y] in &tape.points {
                prop_assert!(x.abs() <= figure.half_width + 1.0 && (figure.bottom - 1.0..=figure.top + 1.0).contains(y), "{:?} leaves the picture: {x}, {y}", row.flat);
            }
            // A tape down an edge is as long as the picture has it: near what was measured, for legs and sides hang a little aslant.
            if matches!(row.flat, FlatName::Outseam | FlatName::SideLength | FlatName::SleeveSeam) {
                let length: f64 = tape.points.windows(2).map(|pair| (pair[1][0] - pair[0][0]).hypot(pair[1][1] - pair[0][1])).sum();
                let measured = row.taken.expect("all are").mm();
                prop_assert!((length / measured - 1.0).abs() < 0.25, "{:?} {length} of {measured}", row.flat);
            }
        }
        prop_assert!(laid >= sketch.flats.len() - 2, "{laid} of {}", sketch.flats.len());
        // With everything taken off it but what is needed, the ghosts are what the drawing measures.
        let mut bare = shape.clone();
        bare.flats.retain(|name, _| bare.kind.needed().contains(name));
        let Ok(estimated) = bare.pattern(&Habits::default()) else { return another() };
        let ghosts = of(bare.clone());
        for row in ghosts.flats.iter().filter(|row| row.taken.is_none() && row.is_width) {
            let level = LevelName::ALL.into_iter().find(|level| level.flat() == row.flat).expect("a level");
            if let (Some(drawn), Some(level)) = (row.drawn, estimated.level(level)) {
                prop_assert!((drawn.mm() - level.girth.mm() / 2.0).abs() < 1e-3, "{:?}", row.flat);
            }
        }
        prop_assert!(pattern.levels.len() >= 3);
    }

    #[test]
    fn what_is_read_off_a_drawing_is_what_it_was_drawn_from(shape in any_garment()) {
        let Ok(pattern) = shape.pattern(&Habits::default()) else { return another() };
        let mut read = 0;
        for (flat, taken) in &shape.flats {
            let Some(drawn) = measured_on(&pattern, &shape, *flat) else { continue };
            read += 1;
            prop_assert!((drawn.mm() - taken.mm()).abs() < 1.0, "{:?} {flat:?}: {} of {}", shape.kind, drawn.mm(), taken.mm());
        }
        // Levels of a short garment that come to lie on its hem are none of its drawing.
        prop_assert!(read + 4 >= shape.flats.len(), "{read} of {}", shape.flats.len());
    }
}
