//! The small sums, each held to what it is for: strips that reach round the edge, elastic as long as its
//! segments, pleats that lie, places that are evenly apart, cloth that shrinks to what was wanted.

mod common;

use common::{cases, mm};
use proptest::prelude::*;
use vemble_fit::sums::{ClearOf, SlitPlace, Sum, SumAnswer, SumLineName, work_out};
use vemble_fit::{Habits, HouseRule, Length, Rounding, Scale, Unit, read_tape};

fn out(sum: Sum) -> SumAnswer {
    work_out(&sum, &Habits::default()).expect("a sum")
}

/// What stands in a row, read back from the tape.
fn shown(answer: &SumAnswer, words: &str) -> f64 {
    let row = answer.rows.iter().find(|row| row.words == words).unwrap_or_else(|| panic!("{words}"));
    read_tape(&row.shown, Unit::Mm).expect("a reading").mm()
}

/// Every row whose words begin so.
fn all_shown(answer: &SumAnswer, words: &str) -> Vec<f64> {
    let rows = answer.rows.iter().filter(|row| row.words.starts_with(words));
    rows.map(|row| read_tape(&row.shown, Unit::Mm).expect("a reading").mm()).collect()
}

/// The field a sum is refused for.
fn refused(sum: Sum) -> String {
    let error = work_out(&sum, &Habits::default()).expect_err("it cannot be");
    let said = error.to_string();
    assert!(said.len() > 20, "{said}");
    error.field
}

proptest! {
    #![proptest_config(cases(200))]

    #[test]
    fn strips_reach_round_the_edge_and_one_fewer_would_not(
        length in 100.0f64..12_000.0, width in 20.0f64..80.0, cloth in 400.0f64..1600.0,
        doubled: bool, both_edges: bool,
    ) {
        let answer = out(Sum::Bias { length: mm(length), width: mm(width), cloth: mm(cloth), doubled, both_edges });
        let strips: f64 = answer.words.split(' ').next().and_then(|count| count.parse().ok()).expect("a count");
        let edge = if both_edges { 2.0 * length } else { length };
        // Laid end to end and sewn together at 45°, each join takes √2 of its allowance from both strips.
        let join = 12.0 * 2.0f64.sqrt();
        let sewn = |count: f64| count * cloth * 2.0f64.sqrt() - (count - 1.0) * join;
        prop_assert!(sewn(strips) >= edge + join - 1e-6);
        prop_assert!(strips == 1.0 || sewn(strips - 1.0) < edge + join + 1e-6);
        prop_assert!((answer.result.mm() - (edge + join * strips)).abs() < 0.011);
        let wide = if doubled { 2.0 * width } else { width };
        prop_assert!((shown(&answer, "cut it wide") - wide).abs() <= 0.51);
    }

    #[test]
    fn elastic_pulls_each_segment_in_by_its_share_of_the_gap(
        spans in prop::collection::vec(80.0f64..400.0, 1..6), share in 0.02f64..0.25,
    ) {
        let whole: f64 = spans.iter().sum();
        let answer = out(Sum::Elastic { spans: spans.iter().copied().map(mm).collect(), gap: mm(share * whole) });
        let cut = all_shown(&answer, "segment");
        prop_assert_eq!(cut.len(), spans.len());
        for (span, cut) in spans.iter().zip(&cut) {
            prop_assert!((cut - 24.0 - span * (1.0 - share) * 0.95).abs() <= 0.51, "{} for {}", cut, span);
        }
        // The pieces are one length of elastic, cut up.
        prop_assert!((cut.iter().sum::<f64>() - answer.result.mm()).abs() <= 0.51 * cut.len() as f64);
        prop_assert!(!answer.words.contains("bunch"), "{}", answer.words);
    }

    #[test]
    fn pleats_laid_on_a_ruler_take_up_all_the_cloth(
        finished in 100.0f64..3000.0, count in 1u32..60, depth in 4.0f64..90.0,
    ) {
        let answer = out(Sum::Pleats { finished: mm(finished), count, depth: mm(depth) });
        // Walk along the cloth: what shows, then down under the fold and back up to it.
        let mut cloth = 0.0;
        for _ in 0..count {
            cloth += finished / f64::from(count);
            cloth += depth;
            cloth += depth;
        }
        prop_assert!((answer.result.mm() - cloth).abs() < 0.011);
        prop_assert_eq!(answer.words.contains("lie over each other"), depth > finished / f64::from(count));
    }

    #[test]
    fn a_row_is_evenly_apart_and_ends_where_it_was_told_to(
        from in 0.0f64..100.0, run in 100.0f64..900.0, count in 2u32..14,
    ) {
        let (from, to) = (from.round(), from.round() + run.round());
        let answer = out(Sum::Spacing { from: mm(from), to: mm(to), count, pinned: None, clear: None });
        let places = all_shown(&answer, "no.");
        prop_assert_eq!(places.len(), count as usize);
        prop_assert_eq!((places[0], places[places.len() - 1]), (from, to));
        let gap = (to - from) / f64::from(count - 1);
        prop_assert!((answer.result.mm() - gap).abs() < 0.011);
        for pair in places.windows(2) {
            prop_assert!((pair[1] - pair[0] - gap).abs() <= 1.01, "{:?}", places);
        }
    }

    #[test]
    fn a_row_keeps_clear_of_a_place_and_its_ends_hardly_move(
        count in 3u32..10, at in 0.2f64..0.8, by in 0.1f64..0.45,
    ) {
        let gap = 500.0 / f64::from(count - 1);
        let clear = ClearOf { at: mm(40.0 + 500.0 * at), by: mm(gap * by) };
        let asked = Sum::Spacing { from: mm(40.0), to: mm(540.0), count, pinned: None, clear: Some(clear) };
        // How near a row comes whose ends were moved in by so much.
        let nearest = |low: f64, high: f64| {
            let places = (0..count).map(|i| 40.0 + low + (500.0 - low - high) * f64::from(i) / f64::from(count - 1));
            places.map(|place| (place - clear.at.mm()).abs()).fold(f64::MAX, f64::min)
        };
        let ways = (0..=40).flat_map(|low| (0..=40).map(move |high| [low, high].map(|n| gap / 80.0 * f64::from(n))));
        let least = ways.filter(|[low, high]| nearest(*low, *high) >= clear.by.mm()).map(|[low, high]| low + high)
            .fold(f64::MAX, f64::min);
        let Ok(answer) = work_out(&asked, &Habits::default()) else {
            prop_assert!(least == f64::MAX, "{count} places can keep {} off {}", clear.by.mm(), clear.at.mm());
            return Ok(());
        };
        let places = all_shown(&answer, "no.");
        for place in &places {
            prop_assert!((place - clear.at.mm()).abs() >= clear.by.mm() - 0.6, "{:?}", places);
        }
        // No way of trying them all moves the ends less.
        let moved = places[0] - 40.0 + 540.0 - places[places.len() - 1];
        prop_assert!(moved <= least + 1.1, "{moved} where {least} will do: {places:?}");
    }

    #[test]
    fn what_is_cut_for_a_shrinking_cloth_comes_out_as_wanted(
        wanted in 50.0f64..4000.0, before in 100.0f64..400.0, keeps in 0.7f64..1.02,
    ) {
        let (before, after) = (mm(before), mm(before * keeps));
        let answer = out(Sum::Shrink { wanted: mm(wanted), before, after });
        let washed = answer.result.mm() * after.mm() / before.mm();
        prop_assert!((washed - wanted).abs() < 0.02, "{} for {}", washed, wanted);
    }

    #[test]
    fn a_slit_goes_by_the_darts_of_its_own_half_and_closes_in_a_straight_line(
        across in 200.0f64..900.0, darts in prop::collection::vec(0.05f64..0.95, 0..5), height in 60.0f64..400.0,
        right: bool,
    ) {
        let places: Vec<f64> = darts.iter().map(|share| (share * across).round()).collect();
        let place = if right { SlitPlace::RightHalf } else { SlitPlace::LeftHalf };
        let answer = out(Sum::Slit {
            across: mm(across), darts: places.iter().copied().map(mm).collect(), place,
            opening: mm(80.0), height: mm(height),
        });
        let at = answer.result.mm();
        let [from, to] = if right { [across / 2.0, across] } else { [0.0, across / 2.0] };
        prop_assert!(at > from && at < to, "{} is in the other half of {}", at, across);
        let own: Vec<f64> = places.into_iter().filter(|dart| *dart > from && *dart < to).collect();
        // By hand: a dart at the same distance on either side, or the only one, or none at all.
        match own.as_slice() {
            [] => prop_assert!((at - (from + to) / 2.0).abs() < 0.011),
            [only] => prop_assert!((at - only).abs() < 0.011),
            _ => {
                let nearest = |side: &dyn Fn(&&f64) -> bool| {
                    own.iter().filter(side).map(|dart| (dart - at).abs()).fold(f64::MAX, f64::min)
                };
                let (before, behind) = (nearest(&|dart| **dart <= at), nearest(&|dart| **dart >= at));
                prop_assert!((before - behind).abs() < 0.03, "{} and {} about {}", before, behind, at);
            }
        }
        for (i, open) in all_shown(&answer, "open").into_iter().enumerate() {
            let up = 50.0 * i as f64;
            prop_assert!((open - 80.0 * (height - up) / height).abs() <= 0.51);
        }
    }

    #[test]
    fn the_marks_of_a_drawn_row_stand_where_its_numbers_say(
        from in 0.0f64..100.0, run in 100.0f64..900.0, count in 3u32..14, pinned in 0.0f64..1.0,
    ) {
        let pinned = Some(mm(from + pinned * run));
        let answer = out(Sum::Spacing { from: mm(from), to: mm(from + run), count, pinned, clear: None });
        let marks = drawn(&answer, SumLineName::Mark);
        let places = all_shown(&answer, "no.");
        prop_assert_eq!(marks.len(), places.len());
        for (mark, place) in marks.iter().zip(&places) {
            prop_assert!((mark[0][0] - place).abs() <= 0.51 && mark[0][0] == mark[1][0], "{:?} for {}", mark, place);
        }
        let row = answer.row.expect("a row");
        prop_assert_eq!((row.count, row.pinned), (count, pinned));
        prop_assert!((row.from.mm() - places[0]).abs() <= 0.51);
        prop_assert!((row.to.mm() - places[places.len() - 1]).abs() <= 0.51);
    }

    #[test]
    fn drawn_strips_fill_the_cloth_that_is_bought_and_lie_beside_each_other(
        length in 100.0f64..8000.0, width in 20.0f64..80.0, cloth in 400.0f64..1600.0,
    ) {
        let sum = Sum::Bias { length: mm(length), width: mm(width), cloth: mm(cloth), doubled: false, both_edges: false };
        let answer = out(sum);
        let bought = drawn(&answer, SumLineName::Cloth);
        let strips = drawn(&answer, SumLineName::Cut);
        let tall = bought[0].iter().map(|p| p[1]).fold(0.0, f64::max);
        prop_assert!((tall - shown(&answer, "cloth taken along the selvedge")).abs() <= 0.51);
        let lowest = strips.iter().flatten().map(|p| p[1]).fold(0.0, f64::max);
        prop_assert!((lowest - tall).abs() < 0.02, "{} of {}", lowest, tall);
        // Square to its edges each is as wide as it is cut, and all together are as long as the strip and its offcut.
        let square = width * 2.0f64.sqrt();
        let mut whole = 0.0;
        for (nth, strip) in strips.iter().enumerate() {
            prop_assert!((strip[0][1] - square * nth as f64).abs() < 0.02, "a gap or an overlap");
            prop_assert!((area(strip) - cloth * square).abs() < 0.1 * cloth);
            whole += area(strip) / width;
        }
        prop_assert!(whole >= answer.result.mm() - 1.0, "{} of {}", whole, answer.result.mm());
    }

    #[test]
    fn drawn_elastic_is_as_long_as_it_is_cut(
        spans in prop::collection::vec(80.0f64..400.0, 1..6), share in 0.02f64..0.25,
    ) {
        let whole: f64 = spans.iter().sum();
        let answer = out(Sum::Elastic { spans: spans.iter().copied().map(mm).collect(), gap: mm(share * whole) });
        let wide = |line: &Vec<[f64; 2]>| line[1][0] - line[0][0];
        let pieces: Vec<f64> = drawn(&answer, SumLineName::Cut).iter().map(wide).collect();
        for (piece, cut) in pieces.iter().zip(all_shown(&answer, "segment")) {
            prop_assert!((piece - cut).abs() <= 0.52, "{} for {}", piece, cut);
        }
        let casing: f64 = drawn(&answer, SumLineName::Cloth).iter().map(wide).sum();
        prop_assert!((casing - whole).abs() < 0.1);
    }

    #[test]
    fn a_drawn_slit_is_as_wide_and_as_high_as_was_asked(
        across in 200.0f64..900.0, opening in 10.0f64..120.0, height in 60.0f64..400.0,
    ) {
        let place = SlitPlace::Middle;
        let answer = out(Sum::Slit { across: mm(across), darts: Vec::new(), place, opening: mm(opening), height: mm(height) });
        let lines = drawn(&answer, SumLineName::Cut);
        let [left, top, right] = lines[0].as_slice() else { panic!("three points: {lines:?}") };
        prop_assert!((right[0] - left[0] - opening).abs() < 0.03 && (left[1] - top[1] - height).abs() < 0.03);
        prop_assert!((top[0] - answer.result.mm()).abs() < 0.02);
    }
}

/// The lines of a drawing that are one thing.
fn drawn(answer: &SumAnswer, is: SumLineName) -> Vec<Vec<[f64; 2]>> {
    answer.drawing.lines.iter().filter(|line| line.is == is).map(|line| line.points.clone()).collect()
}

fn area(corners: &[[f64; 2]]) -> f64 {
    let next = corners.iter().cycle().skip(1);
    let twice: f64 = corners.iter().zip(next).map(|(a, b)| a[0] * b[1] - b[0] * a[1]).sum();
    twice.abs() / 2.0
}

#[test]
fn what_is_written_on_a_drawing_is_a_number_of_its_answer() {
    let place = SlitPlace::LeftHalf;
    let darts = vec![mm(90.0), mm(170.0)];
    let clear = Some(ClearOf { at: mm(160.0), by: mm(12.0) });
    for sum in [
        Sum::Spacing { from: mm(20.0), to: mm(420.0), count: 6, pinned: None, clear },
        Sum::Bias { length: mm(1900.0), width: mm(32.0), cloth: mm(1400.0), doubled: true, both_edges: true },
        Sum::Elastic { spans: vec![mm(150.0), mm(210.0)], gap: mm(30.0) },
        Sum::Pleats { finished: mm(720.0), count: 12, depth: mm(25.0) },
        Sum::Gathers { long: mm(1460.0), short: mm(700.0) },
        Sum::Slit { across: mm(480.0), darts, place, opening: mm(60.0), height: mm(150.0) },
        Sum::Shrink { wanted: mm(950.0), before: mm(200.0), after: mm(188.0) },
    ] {
        let answer = out(sum.clone());
        assert!(!answer.drawing.lines.is_empty() && !answer.drawing.labels.is_empty(), "{sum:?}");
        let told: Vec<String> = answer.rows.iter().map(|row| row.shown.clone()).collect();
        for label in &answer.drawing.labels {
            let asked = numbers(&sum).into_iter().any(|mm| label.words.contains(&format!("{mm} mm")));
            let told = told.iter().any(|shown| label.words.contains(shown.as_str()));
            assert!(asked || told, "{:?} of {sum:?} is neither asked nor told", label.words);
        }
    }
}

/// Every length that was asked with, in millimetres.
fn numbers(sum: &Sum) -> Vec<f64> {
    fn all(value: &serde_json::Value, into: &mut Vec<f64>) {
        match value {
            serde_json::Value::Number(number) => into.extend(number.as_f64()),
            serde_json::Value::Array(list) => list.iter().for_each(|each| all(each, into)),
            serde_json::Value::Object(map) => map.values().for_each(|each| all(each, into)),
            _ => {}
        }
    }
    let mut found = Vec::new();
    all(&serde_json::to_value(sum).expect("a sum"), &mut found);
    found
}

#[test]
fn a_pinned_row_has_one_at_the_pinned_place_and_says_both_gaps() {
    let spacing = |count, pinned| Sum::Spacing { from: mm(0.0), to: mm(500.0), count, pinned, clear: None };
    let answer = out(spacing(6, Some(mm(230.0))));
    let places = all_shown(&answer, "no.");
    assert!(places.contains(&230.0), "{places:?}");
    assert_eq!(answer.words, "6 places, 115 mm apart up to the pinned one and 90 mm beyond it.");
    assert_eq!(out(spacing(6, Some(mm(200.0)))).words, "6 places, 100 mm apart.");
    assert_eq!(refused(spacing(6, Some(mm(620.0)))), "pinned");
    assert_eq!(refused(spacing(2, Some(mm(230.0)))), "clear.at", "two things have no room for a third");
}

#[test]
fn gathers_are_named_by_their_fullness_from_hardly_any_to_too_many() {
    let looks = |long: f64| out(Sum::Gathers { long: mm(long), short: mm(1000.0) }).words;
    assert!(looks(1020.0).contains("ease it in"), "{}", looks(1020.0));
    for (long, word) in [(1200.0, "little"), (1600.0, "soft"), (2200.0, "full"), (4000.0, "very full")] {
        assert!(looks(long).contains(word), "{}", looks(long));
    }
    let answer = out(Sum::Gathers { long: mm(1500.0), short: mm(1000.0) });
    assert_eq!(answer.result, mm(500.0));
    assert_eq!(shown(&answer, "quarter mark on the long edge, every"), 375.0);
    assert_eq!(shown(&answer, "on the short edge, every"), 250.0);
}

#[test]
fn the_house_numbers_in_a_sum_are_habits() {
    let mut habits = Habits::default();
    let elastic = Sum::Elastic { spans: vec![mm(200.0)], gap: mm(20.0) };
    let bias = Sum::Bias {
        length: mm(1000.0),
        width: mm(30.0),
        cloth: mm(1400.0),
        doubled: false,
        both_edges: false,
    };
    assert_eq!(work_out(&elastic, &habits).expect("a sum").result, mm(180.0 * 0.95 + 24.0));
    let slanted = |join: f64| mm(((1000.0 + 2.0 * join * 2.0f64.sqrt()) * 100.0).round() / 100.0);
    assert_eq!(work_out(&bias, &habits).expect("a sum").result, slanted(6.0));
    habits.rules.extend([
        (HouseRule::ElasticShare, 0.8),
        (HouseRule::ElasticEnd, 20.0),
        (HouseRule::ElasticMost, 1.2),
        (HouseRule::BiasJoin, 10.0),
    ]);
    let tighter = work_out(&elastic, &habits).expect("a sum");
    assert_eq!(tighter.result, mm(180.0 * 0.8 + 40.0));
    assert!(tighter.words.contains("1.39, more than 1.2: it will bunch"), "{}", tighter.words);
    assert_eq!(work_out(&bias, &habits).expect("a sum").result, slanted(10.0));
}

#[test]
fn an_answer_stands_as_the_session_writes_it() {
    let inches = Habits { scale: Scale::new(Unit::Inch, Rounding::EighthInch), ..Habits::default() };
    let pleats = Sum::Pleats { finished: mm(508.0), count: 10, depth: mm(25.4) };
    let answer = work_out(&pleats, &inches).expect("a sum");
    assert_eq!(answer.rows[0].shown, "40 in");
    assert_eq!(answer.words, "40 in of cloth make 20 in with 10 pleats.");
    // What is handed to a field is not rounded.
    assert_eq!(answer.result, mm(1016.0));
}

#[test]
fn every_number_of_a_sum_has_limits_and_a_refusal_names_it() {
    let bias = |length, width, cloth| Sum::Bias {
        length: mm(length),
        width: mm(width),
        cloth: mm(cloth),
        doubled: false,
        both_edges: false,
    };
    let slit = |across, dart, opening, height| Sum::Slit {
        across: mm(across),
        darts: vec![mm(dart)],
        place: SlitPlace::default(),
        opening: mm(opening),
        height: mm(height),
    };
    let pleats = |finished, count, depth| Sum::Pleats { finished: mm(finished), count, depth: mm(depth) };
    let elastic =
        |spans: &[f64], gap| Sum::Elastic { spans: spans.iter().copied().map(mm).collect(), gap: mm(gap) };
    let spacing =
        |from, to, count| Sum::Spacing { from: mm(from), to: mm(to), count, pinned: None, clear: None };
    for (sum, field) in [
        (bias(5.0, 30.0, 1400.0), "length"),
        (bias(900.0, 2.0, 1400.0), "width"),
        (bias(900.0, 30.0, 20.0), "cloth"),
        (slit(10.0, 5.0, 60.0, 150.0), "across"),
        (slit(500.0, 620.0, 60.0, 150.0), "darts[0]"),
        (slit(500.0, 120.0, -5.0, 150.0), "opening"),
        (slit(500.0, 120.0, 60.0, 5.0), "height"),
        (pleats(0.0, 4, 20.0), "finished"),
        (pleats(700.0, 0, 20.0), "count"),
        (pleats(700.0, 4, 900.0), "depth"),
        (pleats(700.0, 400, 390.0), "count"),
        (elastic(&[], 10.0), "spans"),
        (elastic(&[2900.0; 40], 10.0), "spans"),
        (elastic(&[200.0, 3.0], 10.0), "spans[1]"),
        (elastic(&[200.0, 100.0], 290.0), "gap"),
        (spacing(-9000.0, 10.0, 4), "from"),
        (spacing(100.0, 100.0, 4), "to"),
        (spacing(0.0, 400.0, 1), "count"),
        (Sum::Gathers { long: mm(5000.0), short: mm(100.0) }, "long"),
        (Sum::Gathers { long: mm(50.0), short: mm(1.0) }, "short"),
        (Sum::Shrink { wanted: mm(1.0), before: mm(200.0), after: mm(190.0) }, "wanted"),
        (Sum::Shrink { wanted: mm(900.0), before: Length::ZERO, after: mm(190.0) }, "before"),
    ] {
        let said = format!("{sum:?}");
        assert_eq!(refused(sum), field, "{said}");
    }
}
