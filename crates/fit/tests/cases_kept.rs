//! Small jobs that once showed a defect, and every worked example: none may show it again, and what the echo, the
//! chalk table, the line and the balance say of one thing is one number.

mod common;

use common::numbers::{depth_at, one_number};
use common::spline::Spline;
use common::{case, cases_kept, examples, mm};
use vemble_fit::garment::{FlatName, LevelName};
use vemble_fit::{DrawnLine, Job, Length, LineOutcome, Rounding, Scale, SeamName, Solution, Unit, solve};

fn solved(name: &str) -> Solution {
    let solution = solve(&case(name)).expect("a result");
    assert!(solution.is_solved(), "{name}: {:?}", solution.warnings);
    solution
}

fn line(solution: &Solution, seam: SeamName) -> &DrawnLine {
    let seam = solution.seams.iter().find(|each| each.seam == seam).expect("the seam");
    match &seam.lines[0].outcome {
        LineOutcome::Drawn(drawn) => drawn,
        LineOutcome::Refused(refused) => panic!("{}", refused.message),
    }
}

#[test]
fn a_fade_the_house_chose_is_lengthened_and_never_refused() {
    let solution = solved("bug_band_default_fade");
    let drawn = line(&solution, SeamName::Outseam);
    assert!((depth_at(drawn, 1002.0) - 10.0).abs() < 0.5, "the band takes what was pinned");
    assert!(drawn.lower.fade.expect("a fade") > 80.0);
}

#[test]
fn a_line_stays_among_its_pins_and_holds_beyond_them() {
    for (name, seam, deepest) in [
        ("bug_runoff_extrapolates", SeamName::Side, 22.0),
        ("bug_runoff_skirt", SeamName::Side, 25.0),
        ("fade_longer_accepted", SeamName::Outseam, 25.0),
        ("fade_depth_accepted", SeamName::Outseam, 25.0),
    ] {
        let solution = solved(name);
        let deep = line(&solution, seam).character.deepest;
        assert!(deep <= deepest + 1.001, "{name}: {deep}");
    }
    let solution = solved("bug_runoff_extrapolates");
    assert!(depth_at(line(&solution, SeamName::Side), 0.0) <= 22.3, "22 at the hem, as it was pinned last");
    let said: Vec<_> = solution.warnings.iter().filter(|each| each.code == "line.unpinned").collect();
    assert_eq!(said.len(), 1, "once");
    assert!(said[0].message.contains("it holds 22 mm there"), "{}", said[0].message);
    let read = said[0].read.as_ref().expect("the next pin");
    assert_eq!((read.seam, read.station.as_str()), (SeamName::Side, "91"), "a hand's width further");
}

#[test]
fn a_pin_of_nothing_is_an_end() {
    for (name, seam, station) in
        [("zero_pin", SeamName::Outseam, 680.0), ("six4_dress", SeamName::Side, 846.0)]
    {
        let solution = solved(name);
        let drawn = line(&solution, seam);
        assert!(depth_at(drawn, station).abs() < 0.2, "{name}");
        assert!(drawn.upper.words.starts_with("back on the old stitching"), "{name}: {}", drawn.upper.words);
    }
    let dress = solved("six4_dress");
    assert!(dress.seams.iter().all(|seam| seam.seam != SeamName::SleeveUnderarm || seam.lines.is_empty()));
    assert!(dress.armholes.iter().all(|fit| fit.armhole[0] == fit.armhole[1]), "the armhole stays as it is");
}

#[test]
fn what_was_accepted_is_what_is_sewn() {
    let solution = solved("fade_depth_accepted");
    let depth = depth_at(line(&solution, SeamName::Outseam), 476.0);
    assert!((depth - 11.2).abs() < 0.2, "accepted 11.2, sewn {depth}");
}

#[test]
fn a_station_beside_an_eased_stretch_and_exact_pins_near_a_crotch_are_drawn() {
    solved("bug_short_piece");
    solved("bug_copy_trousers");
    solved("mesh_2mm");
}

#[test]
fn a_reading_that_was_not_taken_is_asked_for() {
    let solution = solved("missing_reading");
    let evening = solution.seams[0].evening.as_ref().expect("two sides");
    let last = evening.stations.last().expect("three stations");
    assert_eq!((last.left, last.right, last.chosen_left), (Some(16.0), None, Some(8.0)));
    let asks = solution.warnings.iter().find(|each| each.code == "evening.not_read").expect("it asks");
    assert!(
        asks.read.as_ref().is_some_and(|read| read.words.starts_with("Read the right side seam")),
        "{asks:?}"
    );
}

#[test]
fn a_little_stretch_still_has_to_let_its_wearer_sit() {
    let solution = solved("stretch_cliff");
    let hip = solution.levels.iter().find(|row| row.girth.level == LevelName::Hip).expect("a hip");
    assert!(hip.floor.expect("a floor").mm() > 20.0, "{:?}", hip.floor);
}

#[test]
fn hems_are_opened_told_and_let_down_as_they_can_be() {
    let coat = solved("coat_strip_through_fold");
    assert!(
        coat.hems.iter().all(|hem| hem.old_turn_up == vemble_fit::hem::OldTurnUp::Unpicked),
        "70 less 45 is inside 50"
    );
    let faced = &solve(&case("letdown_faced_10")).expect("a result").hems[0];
    assert!(
        faced.refused.as_ref().is_some_and(|why| why.contains("8 mm is the most")),
        "{:?}",
        faced.refused
    );
    assert!(faced.mends.is_empty(), "no button does what the sentence says cannot be done");
    let up = |job: &Job| solve(job).expect("a result").hems[0].clone();
    let mut flared = case("flare_1100");
    let cone = up(&flared);
    let went = |hem: &vemble_fit::hem::HemSolution| hem.sides[0].take_up[1].mm();
    assert!(went(&cone) > 52.0, "a cone's slant is longer than it is high: {}", went(&cone));
    // A shorter skirt as wide below is fuller for its length, and hangs partly in folds.
    let flats = &mut flared.garment.shape.flats;
    flats.insert(FlatName::Hem, Length::whole_mm(1220));
    flats.insert(FlatName::SideLength, Length::whole_mm(600));
    let full = up(&flared);
    assert!(full.flare.as_ref().is_some_and(|words| words.contains("partly in folds")), "{:?}", full.flare);
    assert!(went(&full) > 50.5, "{}", went(&full));
    for name in ["flare_1100", "flare_1400"] {
        assert!(solved(name).hems[0].flare.is_some(), "{name} says which was used");
    }
}

#[test]
fn nothing_ordinary_raises_an_alarm() {
    for (name, job) in examples() {
        let solution = solve(&job).expect("a result");
        let reach: Vec<_> = solution.warnings.iter().filter(|each| each.message.contains("reach")).collect();
        assert!(reach.iter().all(|each| each.weight == vemble_fit::Weight::Note), "{name}: {reach:?}");
        // A stretch nobody pinned is said once a seam at the most.
        let mut unpinned: Vec<_> = solution
            .warnings
            .iter()
            .filter(|each| each.code == "line.unpinned")
            .map(|each| format!("{:?}", each.about))
            .collect();
        let said = unpinned.len();
        unpinned.sort();
        unpinned.dedup();
        assert_eq!(unpinned.len(), said, "{name}: {unpinned:?}");
    }
}

#[test]
fn echo_table_line_and_balance_say_one_number() {
    for (name, job) in examples().into_iter().chain(cases_kept()) {
        one_number(&name, &job);
    }
}

#[test]
fn a_princess_dress_loses_at_its_waist_what_was_pinned() {
    let job = common::example("princess-dress");
    let solution = solve(&job).expect("a result");
    // By another route: a natural spline through the evened pins, level at its tapers.
    let mut off = 0.0;
    for seam in &solution.seams {
        let (Some(evening), LineOutcome::Drawn(drawn)) = (&seam.evening, &seam.lines[0].outcome) else {
            continue;
        };
        let taper = |end: &vemble_fit::line::LineEnd| end.taper().map(|at| (at, 0.0));
        let mut points: Vec<(f64, f64)> = taper(&drawn.lower.end).into_iter().collect();
        points.extend(evening.stations.iter().filter_map(|row| Some((row.station, row.chosen_left?))));
        points.extend(taper(&drawn.upper.end));
        let exact =
            Spline::through(&points, drawn.lower.end.taper().is_some(), drawn.upper.end.taper().is_some());
        let (first, last) =
            (evening.stations[0].station, evening.stations[evening.stations.len() - 1].station);
        let waist = solution.levels.iter().find(|row| row.girth.level == LevelName::Waist).expect("a waist");
        let Some(part) = waist.girth.parts.iter().find(|part| part.seam == seam.seam) else { continue };
        // Where the line has the depth it has at the waist, nearest to its deepest.
        let at = (0..=200)
            .map(|i| first + (last - first) * f64::from(i) / 200.0)
            .min_by(|a, b| {
                let far = |s: f64| (depth_at(drawn, s) - part.depth.mm()).abs();
                far(*a).total_cmp(&far(*b))
            })
            .expect("a station");
        off += 4.0 * (depth_at(drawn, at) - exact.jet(at)[0]).abs();
    }
    assert!(off < 6.0, "the waist is {off} from what exact interpolation takes");
    let waist = solution.levels.iter().find(|row| row.girth.level == LevelName::Waist).expect("a waist");
    assert!(waist.girth.change().mm() < -90.0, "pinned about 98 smaller: {}", waist.girth.change().mm());
}

/// Every drawn line of a result, as it is drawn.
fn spines(solution: &Solution) -> Vec<(SeamName, Vec<[f64; 2]>)> {
    solution
        .seams
        .iter()
        .flat_map(|seam| seam.lines.iter().map(|line| (seam.seam, &line.outcome)))
        .filter_map(|(seam, outcome)| match outcome {
            LineOutcome::Drawn(drawn) => Some((seam, drawn.spine.clone())),
            LineOutcome::Refused(_) => None,
        })
        .collect()
}

#[test]
fn neither_the_order_of_the_pins_nor_the_unit_of_the_tape_moves_a_line() {
    for (name, job) in examples().into_iter().chain(cases_kept()) {
        let before = spines(&solve(&job).expect("a result"));
        let mut turned = job.clone();
        turned.fitting.pins.reverse();
        let mut inches = job.clone();
        inches.habits.scale = Scale::new(Unit::Inch, Rounding::SixteenthInch);
        for other in [turned, inches] {
            let after = spines(&solve(&other).expect("a result"));
            assert_eq!(before.len(), after.len(), "{name}");
            for ((seam, one), (_, another)) in before.iter().zip(&after) {
                assert_eq!(one.len(), another.len(), "{name} {seam:?}");
                for (a, b) in one.iter().zip(another) {
                    assert!(
                        (a[0] - b[0]).abs() < 0.02 && (a[1] - b[1]).abs() < 0.02,
                        "{name} {seam:?}: {a:?} {b:?}"
                    );
                }
            }
        }
    }
}

/// Every text in a value.
fn texts<'a>(value: &'a serde_json::Value, into: &mut Vec<&'a str>) {
    match value {
        serde_json::Value::String(text) => into.push(text),
        serde_json::Value::Array(all) => all.iter().for_each(|each| texts(each, into)),
        serde_json::Value::Object(fields) => fields.values().for_each(|each| texts(each, into)),
        _ => {}
    }
}

/// True where a sentence says that something differs, and by nothing: "0 in longer", "smaller by 0 mm".
fn says_nothing(text: &str) -> bool {
    const DIFFERS: [&str; 17] = [
        "longer", "shorter", "larger", "smaller", "wider", "narrower", "deeper", "more", "less", "higher",
        "lower", "apart", "uneven", "up", "down", "too", "off",
    ];
    let words = text.split_whitespace().map(|word| word.trim_matches([',', ';', ':', '.', '(', ')']));
    let words: Vec<&str> = words.collect();
    let unit = |word: Option<&&str>| word.is_some_and(|word| ["in", "mm", "cm"].contains(word));
    words.iter().enumerate().filter(|(i, word)| ["0", "0.0"].contains(word) && unit(words.get(i + 1))).any(
        |(i, _)| {
            words.get(i + 2).is_some_and(|word| DIFFERS.contains(word))
                || i.checked_sub(1).is_some_and(|before| words[before] == "by")
        },
    )
}

#[test]
fn no_sentence_says_that_something_differs_by_nothing() {
    let scales = [
        Scale::new(Unit::Inch, Rounding::EighthInch),
        Scale::new(Unit::Inch, Rounding::SixteenthInch),
        Scale::new(Unit::Cm, Rounding::HalfCm),
        Scale::new(Unit::Mm, Rounding::Mm),
    ];
    let mut said = Vec::new();
    for (name, job) in examples().into_iter().chain(cases_kept()) {
        for (scale, share) in scales.iter().flat_map(|scale| [1.0, 0.2, 0.03].map(|share| (scale, share))) {
            let mut job = job.clone();
            job.habits.scale = *scale;
            for pin in &mut job.fitting.pins {
                pin.reading = mm(pin.reading.mm() * share);
            }
            let Ok(solution) = solve(&job) else { continue };
            let value = serde_json::to_value(&solution).expect("a result is written");
            let mut all = Vec::new();
            texts(&value, &mut all);
            let nothing = all.into_iter().filter(|text| says_nothing(text));
            said.extend(nothing.map(|text| format!("{name} {scale:?} {share}: {text}")));
        }
    }
    assert!(said.is_empty(), "{} sentences, among them {:#?}", said.len(), &said[..said.len().min(40)]);
}
