//! One hem said in different ways is one hem: from the edge, by another garment, by pins, from the floor.
//! What is mirrored comes out mirrored, what is asked of both legs is asked of each.

mod common;

use common::{cases, job, mm, shape};
use proptest::prelude::*;
use vemble_fit::garment::{FlatName, HemName, Kind, Shape};
use vemble_fit::hem::{
    HemKind, HemPair, HemRead, HemReading, HemSide, HemSolution, HemWish, HighLow, Wanted,
};
use vemble_fit::{Job, Length, LevelBy, Side, solve};

prop_compose! {
    /// A skirt from straight to flared.
    fn skirt()(waist in 340.0f64..420.0, swell in 1.2f64..1.35, flare in 1.0f64..1.5, long in 480.0f64..800.0) -> Shape {
        let hip = waist * swell;
        shape(Kind::FlaredSkirt, &[
            (FlatName::Waist, waist),
            (FlatName::Hip, hip),
            (FlatName::Hem, hip * flare),
            (FlatName::SideLength, long),
        ])
    }
}

prop_compose! {
    /// Trousers with a tapered or a wide leg.
    fn trousers()(hem in 170.0f64..280.0, inseam in 700.0f64..800.0) -> Shape {
        shape(Kind::Trousers, &[
            (FlatName::Waist, 400.0),
            (FlatName::Hip, 520.0),
            (FlatName::Knee, 240.0),
            (FlatName::Hem, hem),
            (FlatName::Inseam, inseam),
            (FlatName::Outseam, inseam + 262.0),
        ])
    }
}

/// Narrow, so that it lies on nearly anything.
fn wish(wanted: Wanted) -> HemWish {
    HemWish { kind: Some(HemKind::Rolled), ..HemWish::new(HemName::Hem, wanted) }
}

fn wished(shape: &Shape, wish: HemWish) -> Job {
    let mut job = job(shape.clone());
    job.fitting.hems = vec![wish];
    job
}

fn hem(shape: &Shape, wish: HemWish) -> HemSolution {
    let solved = solve(&wished(shape, wish)).unwrap_or_else(|error| panic!("{error}"));
    solved.hems.into_iter().next().expect("a hem")
}

fn read(side: Side, at: f64, read: HemRead, length: f64) -> HemReading {
    HemReading { id: format!("{}-{at}", side.words()), side, at, read, length: mm(length) }
}

fn folds(side: &HemSide) -> Vec<(f64, f64)> {
    side.rows.iter().map(|row| (row.at, row.fold.mm())).collect()
}

fn alike(one: &HemSide, other: &HemSide, within: f64) -> Result<(), TestCaseError> {
    for ((at, up), (there, other)) in folds(one).into_iter().zip(folds(other)) {
        prop_assert!((at - there).abs() < 0.1 && (up - other).abs() < within, "at {at}: {up} and {other}");
    }
    Ok(())
}

proptest! {
    #![proptest_config(cases(40))]

    #[test]
    fn shorter_by_as_long_as_and_pinned_all_round_are_one_hem(shape in skirt(), shorten in 10.0f64..90.0) {
        let one = hem(&shape, wish(Wanted::Edge { shorten: mm(shorten) }));
        let long = shape.flats[&FlatName::SideLength].mm();
        let other = hem(&shape, wish(Wanted::Garment { length: mm(long - shorten) }));
        alike(&one.sides[0], &other.sides[0], 0.3)?;
        let mut pinned = wish(Wanted::Pins);
        pinned.readings =
            [0.0, 90.0, 180.0, 270.0].map(|at| read(Side::Centre, at, HemRead::EdgeToPin, shorten)).to_vec();
        let pinned = hem(&shape, pinned);
        alike(&one.sides[0], &pinned.sides[0], 0.3)?;
        prop_assert_eq!(one.sides[0].girth[0], other.sides[0].girth[0]);
    }

    #[test]
    fn a_level_edge_read_from_the_floor_goes_up_by_one_amount_along_the_cloth(
        shape in skirt(), reads in 300.0f64..420.0, up in 10.0f64..80.0,
    ) {
        let mut wanted = wish(Wanted::Floor { height: mm(reads + up) });
        wanted.level_by = Some(LevelBy::Floor);
        wanted.readings = [0.0, 60.0, 150.0, 200.0, 300.0]
            .map(|at| read(Side::Centre, at, HemRead::FloorToEdge, reads))
            .to_vec();
        let solved = hem(&shape, wanted);
        let folds = folds(&solved.sides[0]);
        let first = folds[0].1;
        prop_assert!(folds.iter().all(|(_, fold)| (fold - first).abs() < 0.05), "{folds:?}");
        // Along a slant it is further than straight up, and never by more than a flare of 45°.
        prop_assert!(first > up - 0.02 && first < up * 1.42, "{first} for {up}");
        prop_assert!(solved.uneven.is_none());
    }

    #[test]
    fn readings_mirrored_give_the_hem_mirrored(
        shape in skirt(), reads in prop::array::uniform8(350.0f64..400.0),
    ) {
        let round = |reads: &[f64]| {
            let mut wanted = wish(Wanted::Floor { height: mm(440.0) });
            wanted.level_by = Some(LevelBy::Floor);
            wanted.readings = reads
                .iter()
                .enumerate()
                .map(|(i, length)| read(Side::Centre, 45.0 * i as f64, HemRead::FloorToEdge, *length))
                .collect();
            hem(&shape, wanted)
        };
        let one = round(&reads);
        // Turned the other way round from the same centre front.
        let mirrored: Vec<f64> = (0..8).map(|i| reads[(8 - i) % 8]).collect();
        let other = round(&mirrored);
        let there = folds(&other.sides[0]);
        for (at, up) in folds(&one.sides[0]) {
            let back = (360.0 - at) % 360.0;
            let found = there.iter().find(|(place, _)| (place - back).abs() < 0.6);
            if let Some((_, mirrored)) = found {
                prop_assert!((up - mirrored).abs() < 0.15, "{at}: {up}, mirrored {mirrored}");
            }
        }
        prop_assert_eq!(one.uneven.is_some(), other.uneven.is_some());
    }

    #[test]
    fn an_uneven_hem_is_whole_at_front_and_back_plain_at_the_sides_and_turns_nowhere_between(
        shape in skirt(), shorten in 90.0f64..140.0, front in 20.0f64..80.0, back in 20.0f64..80.0,
        blend in 60.0f64..140.0,
    ) {
        let mut wanted = wish(Wanted::Edge { shorten: mm(shorten) });
        wanted.high_low = Some(HighLow {
            front: mm(front), back: mm(back), blend_front: mm(blend), blend_back: mm(blend),
        });
        let solved = hem(&shape, wanted);
        let side = &solved.sides[0];
        let up = |at: f64| side.rows.iter().find(|row| (row.at - at).abs() < 0.1).expect("a row").fold.mm();
        prop_assert!((up(0.0) - shorten - front).abs() < 0.1, "front {}", up(0.0));
        prop_assert!((up(180.0) - shorten + back).abs() < 0.1, "back {}", up(180.0));
        prop_assert!((up(90.0) - shorten).abs() < 0.1 && (up(270.0) - shorten).abs() < 0.1);
        // From the front over the side to the back it only falls.
        let line = &side.unrolled.fold;
        let half = line[line.len() - 1][0] / 2.0;
        let left: Vec<f64> = line.iter().filter(|point| point[0] <= half).map(|point| point[1]).collect();
        prop_assert!(left.windows(2).all(|pair| pair[1] <= pair[0] + 0.02), "{left:?}");
    }

    #[test]
    fn legs_swapped_swap_the_hem_and_what_is_decided_for_both_holds_for_both(
        shape in trousers(), left in 20.0f64..60.0, right in 20.0f64..60.0,
    ) {
        // What differs by less than a hand can read is one hem.
        prop_assume!((left - right).abs() > 1.0);
        let legs = |left: f64, right: f64, pair: HemPair| {
            let mut wanted = wish(Wanted::Pins);
            wanted.pair = pair;
            wanted.readings = [(Side::Left, left), (Side::Right, right)]
                .into_iter()
                .flat_map(|(side, up)| [0.0, 180.0].map(|at| read(side, at, HemRead::EdgeToPin, up)))
                .collect();
            hem(&shape, wanted)
        };
        let up = |hem: &HemSolution, side: Side| {
            let own = hem.sides.iter().find(|each| each.side == side).unwrap_or(&hem.sides[0]);
            own.take_up[1].mm()
        };
        let own = legs(left, right, HemPair::Own);
        let swapped = legs(right, left, HemPair::Own);
        prop_assert!((up(&own, Side::Left) - left).abs() < 0.1 && (up(&own, Side::Right) - right).abs() < 0.1);
        prop_assert!((up(&swapped, Side::Left) - right).abs() < 0.1);
        for (pair, wanted) in [
            (HemPair::Even, (left + right) / 2.0), (HemPair::AsLeft, left), (HemPair::AsRight, right),
        ] {
            let both = legs(left, right, pair);
            prop_assert_eq!(both.sides.len(), 1, "{:?}: one table for both", pair);
            prop_assert!((both.mean().mm() - wanted).abs() < 0.1, "{pair:?}: {:?} for {wanted}", both.mean());
        }
        // Left and right are told with their difference whatever was decided.
        let row = own.pairs.first().expect("a comparison");
        prop_assert!((row.take_up[2].mm() - (left - right)).abs() < 0.1, "{:?}", row.take_up);
    }

    #[test]
    fn a_strip_is_what_lies_below_the_cut_and_the_old_turn_up_counts_once(
        shape in skirt(), shorten in 1.0f64..140.0, allowance in 10.0f64..50.0, old in 0.0f64..40.0,
    ) {
        let mut shape = shape;
        shape.turn_up = mm(old);
        let mut wanted = HemWish { kind: Some(HemKind::SingleFold), ..HemWish::new(HemName::Hem, Wanted::Edge { shorten: mm(shorten) }) };
        wanted.allowance = Some(mm(allowance));
        let solved = hem(&shape, wanted);
        prop_assume!(solved.is_solved());
        for row in &solved.sides[0].rows {
            let (fold, cut) = (row.fold.mm(), row.cut.expect("it is cut").mm());
            prop_assert!((fold - cut - allowance).abs() < 0.02, "the turn-up is cut {} wide", fold - cut);
            let strip = row.strip.expect("a strip").mm();
            if (cut - old).abs() < 0.6 {
                continue; // Less than a thread inside it nobody opens a turn-up for.
            }
            // Above the old turn-up it stays folded in and goes with the strip; where the cut would fall inside
            // it, or below the edge, it is opened.
            let wanted = if cut >= old { cut } else { (cut + old).max(0.0) };
            prop_assert!((strip - wanted).abs() < 0.02, "strip {strip} for {wanted}, cut at {cut}, old {old}");
        }
    }
}

#[test]
fn what_is_wanted_of_nothing_moves_nothing() {
    let flats = [
        (FlatName::Waist, 380.0),
        (FlatName::Hip, 500.0),
        (FlatName::Hem, 620.0),
        (FlatName::SideLength, 600.0),
    ];
    let skirt = shape(Kind::FlaredSkirt, &flats);
    let still = hem(&skirt, wish(Wanted::Edge { shorten: Length::ZERO }));
    assert!(folds(&still.sides[0]).iter().all(|(_, up)| up.abs() < 0.01));
    assert_eq!(still.sides[0].girth[0], still.sides[0].girth[1]);
}
