//! What is computed beside lines and girths, on whole garments: copies, ladders, comparisons, fixtures,
//! clips, insets, lacing, forms, put-on checks, data and darts.

mod common;

use common::{example, job, mm, pin, shape};
use vemble_fit::garment::{Clip, FlatName, Kind, Lacing, LevelName, SeamAllowance};
use vemble_fit::{
    Body, Datum, EntryMode, Job, Length, LineOutcome, MeasureName, Pin, SeamName, Side, Solution, compare,
    copy_from, ladder, moved_rung, solve, what_changed,
};

fn solved(job: &Job) -> Solution {
    solve(job).expect("a result")
}

fn after(solution: &Solution, level: LevelName) -> f64 {
    solution.levels.iter().find(|row| row.girth.level == level).expect("the level").girth.after.mm()
}

fn both(seam: SeamName, datum: Datum, rows: &[(f64, f64)]) -> Vec<Pin> {
    [Side::Left, Side::Right]
        .into_iter()
        .flat_map(|side| rows.iter().map(move |(station, depth)| pin(seam, side, *station, *depth, datum)))
        .collect()
}

#[test]
fn a_copied_garment_measures_what_the_favourite_measures() {
    for (name, narrower) in [("knit-top", 14.0), ("shift-dress", 20.0), ("sweatpants", 16.0), ("shirt", 30.0)]
    {
        let mut job = example(name);
        job.fitting.pins.clear();
        let mut favourite = job.garment.shape.flats.clone();
        for (flat, width) in &mut favourite {
            if LevelName::ALL.iter().any(|level| level.flat() == *flat) && *flat != FlatName::Hem {
                // Sleeves and legs are narrower too, by less.
                let by = if width.mm() > 400.0 { narrower } else { narrower * 0.3 };
                *width -= mm(by);
            }
        }
        let plan = copy_from(&job, &favourite).expect("a copy");
        assert!(!plan.pins.is_empty(), "{name}");
        job.fitting.pins = plan.pins;
        let solution = solved(&job);
        assert!(solution.is_solved(), "{name}: {:?}", solution.warnings);
        for row in &plan.rows {
            let wanted = 2.0 * row.favourite.mm();
            let now = after(&solution, row.level);
            // A shirt's hip is so near its hem that a depth of 15 does not quite fade out between them.
            let near = if name == "shirt" && row.level == LevelName::Hip { 3.0 } else { 1.5 };
            assert!((now - wanted).abs() < near, "{name} {:?}: {now} for {wanted}", row.level);
        }
    }
}

#[test]
fn two_side_seams_share_a_copied_width_by_halves_and_a_sleeve_takes_it_whole() {
    let mut job = example("knit-top");
    job.fitting.pins.clear();
    let mut favourite = job.garment.shape.flats.clone();
    favourite.insert(FlatName::Bust, mm(470.0));
    favourite.insert(FlatName::UpperArm, mm(164.0));
    favourite.insert(FlatName::SideLength, mm(370.0));
    let plan = copy_from(&job, &favourite).expect("a copy");
    let depth = |level| plan.rows.iter().find(|row| row.level == level).expect("a row").depth.mm();
    // (W₁ − W₂) / 2 a side seam; a sleeve's girth loses 2 (W₁ − W₂) at one seam of two edges.
    assert!((depth(LevelName::Bust) - 6.0).abs() < 1e-6);
    assert!((depth(LevelName::UpperArm) - 6.0).abs() < 1e-6);
    let words: Vec<&str> = plan.lengths.iter().map(|length| length.words.as_str()).collect();
    assert_eq!(words, ["The side length is 20 mm longer: shorten at the hem."]);
    let odd = copy_from(&job, &[(FlatName::Bust, mm(90.0))].into()).expect_err("no such bust");
    assert_eq!(odd.path(), "favourite.bust");
}

#[test]
fn a_reading_where_a_set_pin_stands_moves_it_and_keeps_what_was_planned() {
    let mut job = example("coat");
    job.fitting.pins.clear();
    job.fitting.pins = ladder(&job, SeamName::Side).expect("a ladder");
    let rung = job.fitting.pins.iter().find(|pin| pin.side == Side::Left).cloned().expect("a rung");
    let read = |off: f64| {
        let mut job = job.clone();
        let reading = Pin {
            id: "read".into(),
            station: rung.station + mm(off),
            reading: mm(21.0),
            planned: None,
            ..rung.clone()
        };
        job.fitting.pins.push(reading.clone());
        moved_rung(&job, &solve(&job).expect("a result"), &reading)
    };
    let moved = read(-6.0).expect("it moves");
    assert_eq!((moved.id, moved.station), (rung.id.clone(), rung.station));
    assert_eq!((moved.planned, moved.moved, moved.reading), (rung.planned, Some(mm(21.0)), mm(21.0)));
    assert_eq!(read(30.0), None, "further off it is a pin of its own");
}

#[test]
fn a_ladder_stands_about_every_ninety_alike_on_both_sides_and_keeps_its_plan() {
    let job = example("coat");
    let pins = ladder(&job, SeamName::Side).expect("a ladder");
    let left: Vec<&Pin> = pins.iter().filter(|pin| pin.side == Side::Left).collect();
    let right: Vec<&Pin> = pins.iter().filter(|pin| pin.side == Side::Right).collect();
    assert_eq!(left.len(), right.len());
    for (one, other) in left.iter().zip(&right) {
        assert_eq!((one.station, one.reading), (other.station, other.reading));
        assert_eq!(one.planned, Some(one.reading));
        assert!(one.moved.is_none() && !one.reread);
    }
    let mut stations: Vec<f64> = left.iter().map(|pin| pin.station.mm()).collect();
    stations.sort_by(f64::total_cmp);
    assert!(stations.windows(2).all(|pair| (75.0..=125.0).contains(&(pair[1] - pair[0]))), "{stations:?}");
    let mut set = job.clone();
    set.fitting.pins = pins;
    assert!(solve(&set).is_ok(), "a ladder is ordinary pins");
    // With the ladder sewn the coat is nearer to the wanted ease at the waist than without.
    let off = |job: &Job| {
        let row =
            solved(job).levels.into_iter().find(|row| row.girth.level == LevelName::Waist).expect("a waist");
        (row.ease_after.expect("ease") - row.wanted.expect("wanted")).abs().mm()
    };
    let mut bare = job;
    bare.fitting.pins.clear();
    assert!(off(&set) < off(&bare), "{} {}", off(&set), off(&bare));
}

#[test]
fn a_pin_says_the_same_from_every_datum() {
    let mut job = example("waisted-dress");
    let pattern = job.garment.shape.pattern(&job.habits).expect("panels");
    let seam = job.garment.shape.seam(SeamName::Side, Some(&pattern)).expect("a side seam");
    assert!(seam.data.len() >= 4, "hem, underarm, up and down from the waist seam: {:?}", seam.data);
    let station = 0.7 * seam.length;
    let mut changes = Vec::new();
    for datum in seam.data.iter().filter(|datum| datum.counted(station) >= 0.0) {
        job.fitting.pins = both(SeamName::Side, datum.datum, &[(datum.counted(station), 9.0)]);
        changes.push(after(&solved(&job), LevelName::Waist));
    }
    assert!(changes.len() >= 3);
    assert!(changes.windows(2).all(|pair| (pair[0] - pair[1]).abs() < 0.01), "{changes:?}");
}

#[test]
fn a_new_dart_is_read_from_its_fold_and_a_pair_takes_four_times_the_depth() {
    let mut job = example("shift-dress");
    job.fitting.pins = [Side::Left, Side::Right]
        .map(|side| Pin {
            mode: EntryMode::FoldToPin,
            exact: true,
            ..pin(SeamName::BackDart, side, 135.0, 8.0, Datum::Tip)
        })
        .to_vec();
    let waist = solved(&job);
    let row = waist.levels.iter().find(|row| row.girth.level == LevelName::Waist).expect("a waist");
    assert!((row.girth.change().mm() + 32.0).abs() < 0.5, "{:?}", row.girth);
    job.fitting.pins =
        vec![Pin { mode: EntryMode::FoldToPin, ..pin(SeamName::Side, Side::Left, 100.0, 5.0, Datum::Hem) }];
    let error = solve(&job).expect_err("a side seam has stitching");
    assert!(error.to_string().contains("only a dart is read from its fold"), "{error}");
}

#[test]
fn what_is_set_into_a_seam_limits_it_and_the_proposal_fed_back_is_drawn() {
    let mut job = example("princess-dress");
    for pin in job.fitting.pins.iter_mut().filter(|pin| pin.seam == SeamName::Side) {
        pin.reading += mm(14.0);
    }
    let solution = solved(&job);
    let seam = solution.seams.iter().find(|seam| seam.seam == SeamName::Side).expect("the side");
    let refused: Vec<_> = seam
        .lines
        .iter()
        .filter_map(|line| match &line.outcome {
            LineOutcome::Refused(refused) => Some((line.side, refused.clone())),
            LineOutcome::Drawn(_) => None,
        })
        .collect();
    let (side, refused) = refused.first().expect("the zip is in the way");
    assert!(
        refused.message.contains("what is in the seam there allows 14 mm at most"),
        "{}",
        refused.message
    );
    let works = refused.shallower.as_ref().expect("a depth that works");
    for depth in works {
        job.fitting.accepted.push(vemble_fit::AcceptedDepth {
            seam: SeamName::Side,
            side: *side,
            station: mm(depth.station),
            depth: mm(depth.works),
        });
    }
    assert!(solved(&job).is_solved(), "what was proposed can be sewn");
}

#[test]
fn letting_out_counts_to_the_clip_and_says_what_an_inset_must_measure() {
    let mut job = example("shift-dress");
    job.fitting.pins.clear();
    let bust = job.body.as_mut().expect("a body");
    bust.measures.insert(MeasureName::Bust, mm(960.0));
    job.garment.shape.allowances =
        vec![SeamAllowance { seam: SeamName::Side, front: mm(20.0), back: mm(24.0) }];
    let gain = |job: &Job| {
        let solution = solved(job);
        let gain = solution.gains.iter().find(|gain| gain.level == LevelName::Bust).expect("a bust").clone();
        (gain, solution.insets)
    };
    let (whole, insets) = gain(&job);
    // Twelve on each of four edges; the bust measures 952 and has to be worn close over 960.
    assert!((whole.most.mm() - 48.0).abs() < 1.0, "{whole:?}");
    let missing = whole.missing.expect("still short").mm();
    let strip = insets.iter().find(|inset| inset.seam == SeamName::Side && !inset.gusset).expect("a strip");
    assert!((strip.widths[0].finished.mm() - missing / 2.0).abs() < 0.01);
    assert!((strip.widths[0].cut - strip.widths[0].finished).mm() == 30.0);
    let pattern = job.garment.shape.pattern(&job.habits).expect("panels");
    let [edge, _] = pattern.edges(SeamName::Side).expect("the side");
    let at = edge.edge.at_height(pattern.level(LevelName::Bust).expect("bust").height.mm()).station;
    job.garment.shape.clips = vec![Clip { seam: SeamName::Side, station: mm(at), left: mm(11.0) }];
    let (clipped, _) = gain(&job);
    assert!((clipped.most.mm() - 12.0).abs() < 0.5, "three an edge up to the clip: {clipped:?}");
    // A pin there may not let out more than the clip leaves.
    job.fitting.pins = both(SeamName::Side, Datum::Hem, &[(at.round(), -10.0)]);
    let refused = solved(&job);
    assert!(!refused.is_solved());
}

#[test]
fn a_laced_back_is_as_wide_as_its_gap_and_says_when_it_is_closed() {
    let mut job = example("shift-dress");
    job.fitting.pins.clear();
    let open = after(&solved(&job), LevelName::Waist);
    job.garment.shape.lacing = Some(Lacing {
        gaps: [(LevelName::Bust, mm(60.0)), (LevelName::Waist, mm(0.0))].into(),
        overlap: mm(25.0),
    });
    let solution = solved(&job);
    assert_eq!(after(&solution, LevelName::Waist), open);
    assert!((after(&solution, LevelName::Bust) - 1012.0).abs() < 0.01);
    let say = |code: &str| {
        solution.warnings.iter().find(|warning| warning.code == code).expect("said").message.clone()
    };
    assert!(say("lacing.closed").contains("the laced edges already meet"));
    assert!(say("lacing.panel").contains("110 mm wide"), "{}", say("lacing.panel"));
}

#[test]
fn ease_on_a_form_is_translated_to_the_wearer() {
    let mut job = example("waisted-dress");
    let form = Body {
        taken_on: "2026-09-01".parse().expect("a day"),
        measures: [(MeasureName::Waist, mm(736.0))].into(),
        layers: Vec::new(),
    };
    job.fitting.form = Some(form);
    let solution = solved(&job);
    let row = solution.levels.iter().find(|row| row.girth.level == LevelName::Waist).expect("a waist");
    let on_form = row.on_form.as_ref().expect("it was on a form");
    // Ease on the wearer = form girth + ease on the form − wearer girth.
    let wearer = on_form.form + on_form.ease - row.body.expect("measured");
    assert_eq!(wearer, row.ease_after.expect("ease"));
}

#[test]
fn hand_head_hips_and_shoulders_are_asked_only_where_nothing_opens() {
    let through = |job: &Job| -> Vec<(String, bool)> {
        solved(job).put_on.iter().map(|check| (format!("{:?}", check.through), check.passes)).collect()
    };
    let mut top = example("knit-top");
    top.fitting.pins.clear();
    assert_eq!(
        through(&top),
        [("Hand".to_owned(), true), ("Head".to_owned(), true), ("Shoulders".to_owned(), true)]
    );
    top.garment.cloth.stretch = 0.0;
    assert!(through(&top).contains(&("Shoulders".to_owned(), false)), "firm cloth does not go over");
    let mut skirt = example("flared-skirt");
    assert!(through(&skirt).is_empty(), "its zip opens it");
    skirt.garment.shape.fixtures.clear();
    assert_eq!(through(&skirt), [("Hips".to_owned(), false)]);
    assert!(through(&example("coat")).iter().all(|(what, _)| what == "Hand"), "buttons open a coat");
}

#[test]
fn ones_own_ease_moves_the_verdict_and_what_changed_is_said() {
    let job = example("jacket");
    let mut mine = job.clone();
    mine.habits.ease.insert(LevelName::Waist, mm(190.0));
    let (house, own) = (solved(&job), solved(&mine));
    let wanted = |solution: &Solution| {
        solution.levels.iter().find(|row| row.girth.level == LevelName::Waist).expect("a waist").wanted
    };
    assert_eq!(wanted(&own), Some(mm(190.0)));
    assert_ne!(wanted(&house), wanted(&own));
    let said = what_changed(&house, &own, job.habits.scale);
    assert!(said.iter().any(|words| words == "The waist is as intended where it was loose."), "{said:?}");
    assert!(what_changed(&house, &house, job.habits.scale).is_empty());
    mine.habits.ease.insert(LevelName::Waist, mm(2000.0));
    let error = solve(&mine).expect_err("nobody wants that");
    assert_eq!(error.path(), "habits.ease.waist");
}

#[test]
fn two_fittings_are_compared_level_by_level() {
    let one = example("princess-dress");
    let mut other = one.clone();
    other.fitting.pins.retain(|pin| pin.seam != SeamName::Side && pin.seam != SeamName::SleeveUnderarm);
    let compared = compare(&one, &other).expect("a comparison");
    let (first, second) = (solved(&one), solved(&other));
    for row in &compared.levels {
        assert_eq!(row.after[0].mm(), after(&first, row.level));
        assert_eq!(row.after[1].mm(), after(&second, row.level));
        assert_eq!(row.change, row.after[1] - row.after[0]);
    }
    assert!(
        compared.words.iter().any(|words| words == "The side seam has no line any more."),
        "{:?}",
        compared.words
    );
    assert!(compared.figures.iter().chain(&compared.backs).all(Option::is_some));
}

#[test]
fn a_line_that_runs_off_is_mirrored_into_the_turn_up() {
    let mut job = example("knit-top");
    job.fitting.pins = both(SeamName::Side, Datum::Hem, &[(10.0, 8.0), (90.0, 10.0), (180.0, 9.0)]);
    let solution = solved(&job);
    let LineOutcome::Drawn(drawn) = &solution.seams[0].lines[0].outcome else { panic!("a line") };
    let deep = job.garment.shape.turn_up;
    assert_eq!(drawn.turn_up.last().expect("a mark").below, deep);
    let above = drawn.spine.iter().find(|point| point[0] >= deep.mm()).expect("a point")[1];
    assert!((drawn.turn_up.last().expect("a mark").depth.mm() - above).abs() < 0.2);
}

#[test]
fn a_seam_across_the_body_changes_lengths_and_no_girth() {
    let mut job = example("jacket");
    job.fitting.pins = both(SeamName::Shoulder, Datum::Neck, &[(20.0, 0.0), (110.0, 6.0)]);
    let solution = solved(&job);
    assert!(solution.levels.iter().all(|row| row.girth.change() == Length::ZERO));
    let fit = &solution.armholes[0];
    assert!(fit.armhole[0].mm() - fit.armhole[1].mm() > 6.0, "{fit:?}");
    assert!(solution.warnings.iter().any(|warning| warning.code == "cross.length"));
}

#[test]
fn a_garment_with_nothing_but_its_kind_says_what_to_measure() {
    for kind in Kind::ALL {
        let solution = solved(&job(shape(kind, &[])));
        let said = solution.warnings.iter().find(|warning| warning.code == "garment.missing").expect("said");
        for name in kind.needed() {
            assert!(said.message.contains(name.words()), "{kind:?}: {}", said.message);
        }
    }
}
