//! Every warning: what brings it, in which words, and the nearest garment that does without it.

mod common;

use serde_json::{Value, json};
use vemble_fit::{Job, Weight, solve};

/// A change of a job file: where, and what stands there then. Nothing takes a field away.
type Change = (&'static str, Value);

struct Case {
    code: &'static str,
    weight: Weight,
    /// The worked example it is tried on.
    on: &'static str,
    /// What brings the warning.
    brings: Vec<Change>,
    /// Words it must say.
    says: &'static str,
    /// What does not bring it, or `None` where the example as it is already does without.
    spares: Vec<Change>,
}

fn case(
    code: &'static str,
    weight: Weight,
    on: &'static str,
    brings: Vec<Change>,
    says: &'static str,
) -> Case {
    Case { code, weight, on, brings, says, spares: Vec::new() }
}

impl Case {
    /// A change that comes near it and does without.
    fn but(mut self, spares: Vec<Change>) -> Case {
        self.spares = spares;
        self
    }
}

fn job(on: &str, changes: &[Change]) -> Job {
    let mut file: Value = serde_json::from_str(&common::example_file(on)).expect("JSON");
    for (place, value) in changes {
        let (parent, name) = place.rsplit_once('/').expect("a place");
        let parent = file.pointer_mut(parent).unwrap_or_else(|| panic!("{place} is not in {on}"));
        match parent {
            Value::Object(fields) if value.is_null() => {
                fields.remove(name);
            }
            Value::Object(fields) => {
                fields.insert(name.to_owned(), value.clone());
            }
            Value::Array(items) => items[name.parse::<usize>().expect("a number")] = value.clone(),
            other => panic!("{place} in {other}"),
        }
    }
    serde_json::from_value(file).unwrap_or_else(|error| panic!("{on}: {error}"))
}

/// Every warning of that code, as it reads.
fn said(code: &str, job: &Job) -> Vec<(Weight, String)> {
    let solution = solve(job).unwrap_or_else(|error| panic!("{error}"));
    let warnings = solution.warnings.into_iter().filter(|warning| warning.code == code);
    warnings.map(|warning| (warning.weight, warning.message)).collect()
}

fn holds(cases: Vec<Case>) {
    for Case { code, weight, on, brings, says, spares } in cases {
        let found = said(code, &job(on, &brings));
        let right = found.iter().any(|(heavy, words)| *heavy == weight && words.contains(says));
        assert!(right, "{code} on {on} with {brings:?} says {found:#?}, not {says:?}");
        let spared = said(code, &job(on, &spares));
        let spared: Vec<_> = spared.iter().filter(|(_, words)| words.contains(says)).collect();
        assert!(spared.is_empty(), "{code} on {on} with {spares:?} should be silent: {spared:#?}");
    }
}

/// A pin as it stands in a file.
fn pin(id: &str, seam: &str, side: &str, station: f64, reading: f64) -> Value {
    let datum = if seam == "centre_back" { "band_top" } else { "hem" };
    json!({
        "id": id, "seam": seam, "side": side, "datum": datum, "station": station, "mode": "seam_to_pin",
        "reading": reading,
    })
}

/// Pins of one seam on both sides.
fn pinned(seam: &str, sides: &[&str], rows: &[(f64, f64)]) -> Value {
    let mut pins = Vec::new();
    for side in sides {
        for (station, reading) in rows {
            pins.push(pin(&format!("{seam}-{side}-{station}"), seam, side, *station, *reading));
        }
    }
    json!(pins)
}

const TROUSERS: &str = "barn-dance-trousers";
const OUTSEAM: [(f64, f64); 3] = [(1000.0, 10.0), (850.0, 16.0), (700.0, 9.0)];
const BACK: [(f64, f64); 3] = [(0.0, 12.0), (40.0, 12.0), (95.0, 14.0)];

#[test]
fn what_is_not_known_of_body_and_garment_is_asked_for() {
    holds(vec![
        case("body.missing", Weight::Mind, TROUSERS, vec![("/body", Value::Null)], "has no measures yet"),
        case(
            "body.missing",
            Weight::Mind,
            TROUSERS,
            vec![("/body/measures/hip", Value::Null)],
            "hip. Those levels",
        ),
        case(
            "body.stale",
            Weight::Note,
            TROUSERS,
            vec![("/fitting/held_on", json!("2026-12-26"))],
            "more than 56 days",
        )
        .but(vec![("/fitting/held_on", json!("2026-12-25"))]),
        case(
            "garment.missing",
            Weight::Mind,
            TROUSERS,
            vec![("/garment/shape/flats/waist", Value::Null)],
            "Not measured yet on the garment: waist",
        ),
        case(
            "garment.estimated",
            Weight::Note,
            "coat",
            vec![("/garment/shape/flats/underarm_to_waist", Value::Null)],
            "was not measured and is estimated",
        ),
        case(
            "garment.disagree",
            Weight::Mind,
            "coat",
            vec![("/garment/shape/flats/back_length", json!(700))],
            "back",
        )
        .but(vec![("/garment/shape/flats/back_length", json!(1050))]),
        case(
            "garment.purpose",
            Weight::Danger,
            TROUSERS,
            vec![("/garment/purpose", json!("protective"))],
            "Ask the maker",
        ),
        case(
            "garment.purpose",
            Weight::Danger,
            TROUSERS,
            vec![("/garment/purpose", json!("child_nightwear"))],
            "nightwear",
        ),
    ]);
}

#[test]
fn a_wearer_who_could_not_sit_bend_or_get_in_is_told_with_the_number() {
    holds(vec![
        case("ease.seated", Weight::Mind, TROUSERS, vec![("/body/measures/waist_seated", json!(840))], "too short")
            .but(vec![("/body/measures/waist_seated", json!(770))]),
        case("ease.seated", Weight::Note, TROUSERS, vec![], "so its wearer can sit")
            .but(vec![("/body/measures/waist_seated", Value::Null)]),
        case("ease.strains", Weight::Mind, TROUSERS, vec![("/body/measures/hip", json!(1060))], "The hip")
            .but(vec![("/body/measures/hip", json!(960))]),
        case("foot.stuck", Weight::Mind, TROUSERS, vec![("/body/measures/heel_instep", json!(520))], "will not get through"),
        // That it gets through is only said where it does so by little.
        case("foot.passes", Weight::Note, TROUSERS, vec![("/body/measures/heel_instep", json!(460))], "The foot gets through")
            .but(vec![]),
        // A stretch cloth may be smaller than the body and still let it sit.
        case("ease.strains", Weight::Mind, TROUSERS, vec![("/body/measures/hip", json!(1060))], "The hip").but(vec![
            ("/body/measures/hip", json!(1060)),
            ("/garment/cloth", json!({ "family": "jersey", "fibre": "cotton", "fray": "knit", "stretch": 0.4, "thickness": 1 })),
        ]),
    ]);
}

#[test]
fn sides_that_disagree_or_were_not_pinned_are_asked_about() {
    let apart = |by: f64| {
        let mut pins = pinned("outseam", &["left"], &OUTSEAM);
        let right = OUTSEAM.map(|(station, reading)| (station, reading + by));
        let right = pinned("outseam", &["right"], &right);
        pins.as_array_mut().expect("pins").extend(right.as_array().expect("pins").iter().cloned());
        pins
    };
    holds(vec![
        case(
            "evening.twist",
            Weight::Mind,
            TROUSERS,
            vec![("/fitting/pins", apart(11.0))],
            "so the body may be uneven",
        )
        .but(vec![("/fitting/pins", apart(9.0))]),
        case(
            "evening.twist",
            Weight::Mind,
            TROUSERS,
            vec![("/fitting/pins", apart(11.0)), ("/fitting/anchored", json!(false))],
            "Were centre front and back anchored?",
        )
        .but(vec![("/fitting/pins", apart(11.0))]),
        case(
            "evening.one_side",
            Weight::Mind,
            TROUSERS,
            vec![("/fitting/pins", pinned("outseam", &["left"], &OUTSEAM))],
            "Above the crotch each side gets half",
        ),
        // On legs each is a tube of its own: a copy takes what was tried on.
        case(
            "evening.one_side",
            Weight::Mind,
            TROUSERS,
            vec![(
                "/fitting/pins",
                pinned("inseam", &["right"], &[(600.0, 6.0), (450.0, 9.0), (300.0, 6.0)]),
            )],
            "Only the right inseam was pinned; the other leg gets a copy.",
        ),
        case(
            "evening.one_side",
            Weight::Note,
            TROUSERS,
            vec![
                ("/fitting/pins", pinned("outseam", &["left"], &OUTSEAM)),
                ("/habits", json!({ "pin_sides": "one", "one_side": "copy" })),
            ],
            "takes twice what was tried on",
        ),
    ]);
}

#[test]
fn what_a_line_does_to_pockets_crease_and_old_stitching_is_said() {
    let back =
        |deeper: f64| pinned("centre_back", &["centre"], &BACK.map(|(station, by)| (station, by + deeper)));
    let both = |with: Value, more: Value| {
        let mut pins = with.as_array().expect("pins").clone();
        pins.extend(more.as_array().expect("pins").iter().cloned());
        json!(pins)
    };
    let outseam = pinned("outseam", &["left", "right"], &OUTSEAM);
    holds(vec![
        case(
            "back.share",
            Weight::Mind,
            TROUSERS,
            vec![("/fitting/pins", back(14.0))],
            "The centre back alone takes",
        )
        .but(vec![("/fitting/pins", both(back(14.0), outseam.clone()))]),
        case(
            "back.pockets",
            Weight::Note,
            TROUSERS,
            vec![("/fitting/pins", both(back(10.0), outseam.clone()))],
            "back pockets come that much closer",
        )
        .but(vec![("/fitting/pins", both(back(0.0), outseam.clone()))]),
        case(
            "back.gap",
            Weight::Mind,
            TROUSERS,
            vec![("/fitting/pins", back(6.0)), ("/garment/shape/back_pocket_gap", json!(50))],
            "reads as one pocket",
        )
        .but(vec![("/fitting/pins", back(6.0)), ("/garment/shape/back_pocket_gap", json!(120))]),
        case(
            "outseam.crease",
            Weight::Note,
            TROUSERS,
            vec![("/fitting/pins", outseam.clone())],
            "Only the outseam moves",
        )
        .but(vec![(
            "/fitting/pins",
            both(
                outseam.clone(),
                pinned("inseam", &["left", "right"], &[(650.0, 6.0), (500.0, 10.0), (350.0, 6.0)]),
            ),
        )]),
        case(
            "leg.shift",
            Weight::Note,
            TROUSERS,
            vec![(
                "/fitting/pins",
                pinned("inseam", &["left", "right"], &[(650.0, 8.0), (500.0, 12.0), (350.0, 8.0)]),
            )],
            "The middle of each leg moves",
        ),
        case(
            "line.traces",
            Weight::Mind,
            TROUSERS,
            vec![(
                "/fitting/pins",
                pinned("outseam", &["left", "right"], &[(1000.0, -3.0), (850.0, -4.0), (700.0, -3.0)]),
            )],
            "may show the old stitching",
        ),
        case(
            "line.traces",
            Weight::Mind,
            "straight-skirt",
            vec![
                ("/garment/shape/allowances", json!([])),
                (
                    "/fitting/pins",
                    pinned("side", &["left", "right"], &[(560.0, -3.0), (450.0, -4.0), (350.0, -3.0)]),
                ),
            ],
            "Nobody has looked how much is inside",
        ),
        case(
            "line.refused",
            Weight::Mind,
            TROUSERS,
            vec![("/fitting/pins", pinned("outseam", &["left", "right"], &[(800.0, 40.0), (760.0, 0.0)]))],
            "cannot fade out in 40 mm, where a pin says nothing",
        ),
        case("seam.fixture", Weight::Note, "waisted-dress", vec![], "taken out before and set back")
            .but(vec![("/garment/shape/fixtures", json!([]))]),
        case(
            "waist_seam.crossed",
            Weight::Note,
            "waisted-dress",
            vec![],
            "The side seam goes through the waist seam",
        )
        .but(vec![("/fitting/pins", json!([]))]),
        case(
            "cross.length",
            Weight::Note,
            "waisted-dress",
            vec![(
                "/fitting/pins",
                json!([
                    { "id": "a", "seam": "waist_seam", "side": "left", "datum": "centre_front", "station": 40, "mode": "seam_to_pin", "reading": 6 },
                    { "id": "b", "seam": "waist_seam", "side": "left", "datum": "centre_front", "station": 150, "mode": "seam_to_pin", "reading": 8 },
                    { "id": "c", "seam": "waist_seam", "side": "right", "datum": "centre_front", "station": 40, "mode": "seam_to_pin", "reading": 6 },
                    { "id": "d", "seam": "waist_seam", "side": "right", "datum": "centre_front", "station": 150, "mode": "seam_to_pin", "reading": 8 },
                ]),
            )],
            "which makes the high hip 1 mm larger",
        ),
    ]);
}

#[test]
fn hems_say_what_they_wait_for_what_is_refused_and_what_to_mind() {
    let floor = |height: f64, readings: &[(f64, f64)]| {
        let readings: Vec<Value> = readings
            .iter()
            .enumerate()
            .map(|(i, (at, read))| {
                json!({ "id": format!("r{i}"), "side": "centre", "at": at, "read": "floor_to_edge", "length": read })
            })
            .collect();
        json!([{ "hem": "hem", "wanted": { "from": "floor", "height": height }, "readings": readings }])
    };
    let level = [(0.0, 380.0), (90.0, 381.0), (180.0, 379.0), (270.0, 380.0)];
    let tipped = [(0.0, 392.0), (90.0, 381.0), (180.0, 366.0), (270.0, 380.0)];
    let shorter = |kind: &str, by: f64| json!([{ "hem": "hem", "wanted": { "from": "edge", "shorten": by }, "kind": kind }]);
    let skirt = "flared-skirt";
    holds(vec![
        case(
            "hem.waits",
            Weight::Mind,
            skirt,
            vec![("/fitting/hems", floor(400.0, &[])), ("/body/measures/outside_leg", Value::Null)],
            "outside leg of Ines Pellow is not measured yet",
        )
        .but(vec![("/fitting/hems", floor(400.0, &level))]),
        case("hem.uneven", Weight::Mind, skirt, vec![("/fitting/hems", floor(420.0, &tipped))], "26 mm")
            .but(vec![("/fitting/hems", floor(420.0, &level))]),
        case(
            "hem.refused",
            Weight::Mind,
            skirt,
            vec![("/fitting/hems", shorter("deep_hand", 60.0))],
            "too full",
        )
        .but(vec![("/fitting/hems", shorter("double_narrow", 60.0))]),
        case("hem.turn_up", Weight::Note, "hem-deep-hand-taper", vec![], "mirror image")
            .but(vec![("/fitting/hems/0/kind", json!("double_narrow"))]),
        case("hem.shrinks", Weight::Note, "hem-cover-stitched-unwashed", vec![], "a swatch lost")
            .but(vec![("/garment/washed", json!(true))]),
        case("hem.pair", Weight::Note, "hem-original", vec![], "kept on purpose")
            .but(vec![("/fitting/hems/0/pair", json!("even"))]),
        case(
            "hem.pair",
            Weight::Mind,
            "hem-original",
            vec![("/fitting/hems/0/pair", json!("even"))],
            "Is the leg shorter",
        )
        .but(vec![
            ("/fitting/hems/0/pair", json!("even")),
            ("/fitting/hems/0/readings/2/length", json!(35)),
            ("/fitting/hems/0/readings/3/length", json!(36)),
        ]),
        case(
            "hem.collision",
            Weight::Mind,
            "hem-lined-coat",
            vec![("/fitting/hems/0/wanted/shorten", json!(190))],
            "10 mm below the fold, not 40 mm above it",
        )
        .but(vec![("/fitting/hems/0/wanted/shorten", json!(20))]),
        case(
            "hem.trip",
            Weight::Danger,
            skirt,
            vec![("/fitting/hems", floor(12.0, &[(0.0, 12.0), (180.0, 12.0)]))],
            "12 mm above the floor",
        )
        .but(vec![("/fitting/hems", floor(25.0, &[(0.0, 12.0), (180.0, 12.0)]))]),
    ]);
}

#[test]
fn nothing_can_be_wanted_below_the_floor() {
    let at = |below: f64| {
        let wish =
            json!([{ "hem": "hem", "wanted": { "from": "landmark", "landmark": "shoe", "below": below } }]);
        solve(&job("barn-dance-trousers", &[("/fitting/hems", wish)]))
            .map(|solution| solution.hems[0].wanted.clone())
    };
    assert_eq!(at(-8.0).expect("above it").as_str(), "8 mm above the floor at the heel");
    let error = at(8.0).expect_err("below the floor");
    assert_eq!(error.path(), "fitting.hems[0].wanted.below");
    assert!(error.to_string().contains("it can be from -900 to 0"), "{error}");
}

#[test]
fn lacing_says_when_nothing_is_left_and_how_wide_the_panel_is() {
    let laced = |waist: f64| {
        ("/garment/shape/lacing", json!({ "gaps": { "bust": 40, "waist": waist }, "overlap": 30 }))
    };
    holds(vec![
        case("lacing.closed", Weight::Mind, "princess-dress", vec![laced(0.0)], "already meet")
            .but(vec![laced(15.0)]),
        case(
            "lacing.panel",
            Weight::Note,
            "princess-dress",
            vec![laced(0.0)],
            "100 mm wide: the widest gap of 40 mm",
        ),
    ]);
}

#[test]
fn a_warning_is_a_sentence_that_says_what_to_do_or_what_was_found() {
    let mut seen = 0;
    for (_, job) in common::examples() {
        let warnings = solve(&job).expect("a result").warnings;
        for warning in &warnings {
            let words = &warning.message;
            assert!(words.ends_with(['.', '?', '!']), "{}: {words}", warning.code);
            assert!(
                words.starts_with(|first: char| first.is_uppercase() || first.is_ascii_digit()),
                "{words}"
            );
            assert!(!words.contains("NaN") && !words.contains("  ") && !words.contains(".."), "{words}");
            seen += 1;
        }
        let said = |i: usize| (&warnings[i].code, &warnings[i].about, &warnings[i].message);
        for i in 1..warnings.len() {
            assert!((0..i).all(|earlier| said(earlier) != said(i)), "said twice: {:?}", said(i));
        }
    }
    assert!(seen > 30, "the examples warn of {seen} things");
}
