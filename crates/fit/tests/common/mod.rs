//! Generated garments of every kind with generated pins, for whole-job properties.
#![allow(dead_code)]

pub mod numbers;
pub mod orders;
pub mod outline;
pub mod spline;

use std::collections::BTreeMap;

use proptest::prelude::*;
use vemble_fit::garment::{Band, FlatName, Kind, Seam, Shape, SleeveBuild};
use vemble_fit::line::{FadeRoom, LineEnd, LineProblem, Target};
use vemble_fit::{
    Cloth, EntryMode, Fitting, Garment, Habits, JOB_FORMAT, Job, Length, Pin, Rounding, SeamName, Side, Unit,
};

/// The worked examples of `docs/examples`, by name.
pub fn examples() -> Vec<(String, Job)> {
    let folder = format!("{}/../../docs/examples", env!("CARGO_MANIFEST_DIR"));
    let mut names: Vec<String> = std::fs::read_dir(folder)
        .expect("the examples")
        .map(|entry| entry.expect("a file").file_name().to_string_lossy().into_owned())
        .filter_map(|name| name.strip_suffix(".vemble.json").map(str::to_owned))
        .collect();
    names.sort();
    names.into_iter().map(|name| (name.clone(), example(&name))).collect()
}

/// One worked example.
pub fn example(name: &str) -> Job {
    serde_json::from_str(&example_file(name)).expect("a job")
}

/// One worked example as it stands in its file.
pub fn example_file(name: &str) -> String {
    let path = format!("{}/../../docs/examples/{name}.vemble.json", env!("CARGO_MANIFEST_DIR"));
    std::fs::read_to_string(path).expect("the example")
}

/// A line to be drawn on a woven seam, with nothing in its way, by the house's numbers.
pub fn line_problem(length: f64, targets: Vec<Target>, lower: LineEnd, upper: LineEnd) -> LineProblem {
    LineProblem {
        length,
        targets,
        spread: 1.5,
        tolerance: 3.0,
        lower,
        upper,
        fades: [FadeRoom::asked(0.0), FadeRoom::asked(length)],
        let_out_limit: None,
        limits: Vec::new(),
        steep: Vec::new(),
        crossing: None,
        steepest: 0.25,
        least_radius: 120.0,
    }
}

/// One of the small jobs that once showed a defect.
pub fn case(name: &str) -> Job {
    let path = format!("{}/tests/cases/{name}.json", env!("CARGO_MANIFEST_DIR"));
    serde_json::from_str(&std::fs::read_to_string(path).expect("the case")).expect("a job")
}

/// All of them, by name.
pub fn cases_kept() -> Vec<(String, Job)> {
    let folder = format!("{}/tests/cases", env!("CARGO_MANIFEST_DIR"));
    let mut names: Vec<String> = std::fs::read_dir(folder)
        .expect("the cases")
        .map(|entry| entry.expect("a file").file_name().to_string_lossy().into_owned())
        .filter_map(|name| name.strip_suffix(".json").map(str::to_owned))
        .collect();
    names.sort();
    names.into_iter().map(|name| (name.clone(), case(&name))).collect()
}

/// How many cases a property is tried on: as many as are worth waiting for on every change, and
/// `VEMBLE_SEARCH` times as many when somebody goes looking (`make hunt`).
pub fn cases(count: u32) -> ProptestConfig {
    let times = std::env::var("VEMBLE_SEARCH").ok().and_then(|times| times.parse().ok()).unwrap_or(1);
    let cases = count * times;
    ProptestConfig {
        failure_persistence: None,
        cases,
        max_global_rejects: 2 * cases + 16,
        ..ProptestConfig::default()
    }
}

/// For a generated case that says nothing of the property: another is made in its place, and where fewer than a third say
/// anything the property fails.
///
/// # Errors
/// Always: that is how the case is passed over.
pub fn another() -> Result<(), TestCaseError> {
    Err(TestCaseError::reject("it says nothing of this"))
}

/// Every tape there is.
pub const TAPES: [(Unit, Rounding); 5] = [
    (Unit::Mm, Rounding::Mm),
    (Unit::Cm, Rounding::Mm),
    (Unit::Cm, Rounding::HalfCm),
    (Unit::Inch, Rounding::EighthInch),
    (Unit::Inch, Rounding::SixteenthInch),
];

pub fn mm(value: f64) -> Length {
    Length::from_mm(value)
}

/// A shape of a kind with these flat measures and nothing else said.
pub fn shape(kind: Kind, flats: &[(FlatName, f64)]) -> Shape {
    Shape {
        kind,
        flats: flats.iter().map(|(name, value)| (*name, mm(*value))).collect(),
        seams: Vec::new(),
        sleeves: None,
        allowances: Vec::new(),
        clips: Vec::new(),
        fixtures: Vec::new(),
        lacing: None,
        band: if kind.has_band() { Band { height: mm(36.0), ..Band::default() } } else { Band::default() },
        turn_up: mm(30.0),
        sleeve_turn_up: None,
        topstitched: Vec::new(),
        lined: false,
        felled: Vec::new(),
        underlined: false,
        lining: Default::default(),
        near_hems: Vec::new(),
        back_pocket_gap: None,
        parts: Default::default(),
    }
}

pub fn job(shape: Shape) -> Job {
    Job {
        format: JOB_FORMAT.to_owned(),
        wearer: "Maud".to_owned(),
        body: None,
        habits: Habits::default(),
        garment: Garment {
            name: "it".to_owned(),
            source: Default::default(),
            purpose: Default::default(),
            cloth: Cloth::default(),
            washed: true,
            wash_test: None,
            wish: Default::default(),
            ease: Default::default(),
            shape,
        },
        fitting: Fitting::on("2026-11-20".parse().expect("a day")),
        timings: Vec::new(),
    }
}

pub fn pin(seam: SeamName, side: Side, from_usual: f64, depth: f64, datum: vemble_fit::Datum) -> Pin {
    Pin {
        id: format!("{} {} {from_usual}", seam.key(), side.words()),
        seam,
        side,
        datum,
        station: mm(from_usual),
        mode: EntryMode::SeamToPin,
        reading: mm(depth),
        panel: None,
        planned: None,
        moved: None,
        reread: false,
        exact: false,
    }
}

prop_compose! {
    /// A garment of a kind with every measure free within reason; each kind's whole set is measured.
    pub fn any_shape(kind: Kind)(
        bust in 420.0f64..640.0, waist_share in 0.74f64..1.0, hip_share in 0.92f64..1.12,
        high in 0.35f64..0.75, under in 0.88f64..1.0, hem_share in 0.95f64..1.6,
        to_waist in 160.0f64..215.0, below in 0.0f64..650.0, armhole in 165.0f64..215.0,
        shoulder_share in 0.74f64..0.9, neck_share in 0.36f64..0.5, across_share in 0.9f64..1.0,
        upper_share in 0.33f64..0.42, wrist_share in 0.5f64..0.85, elbow_at in 0.3f64..0.7,
        sleeve_seam in 300.0f64..480.0, cap in 90.0f64..170.0,
        inseam in 560.0f64..840.0, rise in 235.0f64..310.0, front in 8.0f64..30.0, back in 55.0f64..100.0,
        thigh_share in 0.58f64..0.70, knee_share in 0.62f64..1.0, leg_hem in 0.75f64..1.2,
    ) -> Shape {
        let hip = bust * hip_share;
        let waist = bust * waist_share;
        let upper = bust * upper_share;
        let wrist = upper * wrist_share;
        let shoulder = bust * shoulder_share;
        let side = to_waist + 60.0 + below;
        let thigh = hip * thigh_share;
        let knee = thigh * knee_share;
        let hem = if kind.has_legs() { (knee * leg_hem).max(100.0) } else { hip * (1.0 + (hem_share - 1.0) * below / 650.0) };
        let skirt_side = 350.0 + below;
        let value = |name: FlatName| match name {
            FlatName::Bust => bust,
            FlatName::UnderBust => bust * under,
            FlatName::Waist => waist.min(hip),
            FlatName::HighHip => waist.min(hip) + (hip - waist).max(0.0) * high,
            FlatName::Hip => hip,
            FlatName::Hem => hem,
            FlatName::UnderarmToWaist => to_waist,
            FlatName::SideLength if kind.has_band() => skirt_side,
            FlatName::SideLength => side,
            FlatName::BackLength => side + armhole + 20.0,
            FlatName::Shoulder => shoulder,
            FlatName::Neck => shoulder * neck_share,
            FlatName::AcrossBack => shoulder * across_share,
            FlatName::UpperArm => upper,
            FlatName::Elbow => wrist + (upper - wrist) * elbow_at,
            FlatName::Wrist => wrist,
            FlatName::SleeveSeam => sleeve_seam,
            FlatName::SleeveLength => sleeve_seam + cap,
            FlatName::Inseam => inseam,
            FlatName::Outseam if kind == Kind::Overalls => inseam + rise + to_waist,
            FlatName::Outseam => inseam + rise,
            FlatName::FrontRise => rise + front,
            FlatName::BackRise => rise + back,
            FlatName::Thigh => thigh,
            FlatName::Knee => knee,
            FlatName::Calf => (knee + hem) / 2.0,
        };
        let sleeves = match kind {
            Kind::Waistcoat | Kind::ShiftDress => SleeveBuild::None,
            other => other.usual_sleeves(),
        };
        let flats: Vec<(FlatName, f64)> =
            kind.flats(sleeves).iter().map(|name| (*name, value(*name))).collect();
        shape(kind, &flats)
    }
}

/// A garment of any kind.
pub fn any_garment() -> impl Strategy<Value = Shape> {
    prop::sample::select(Kind::ALL.to_vec()).prop_flat_map(any_shape)
}

/// Every seam of a shape that takes pins.
pub fn shape_seams(shape: &Shape) -> Vec<Seam> {
    let pattern = shape.pattern(&Habits::default()).ok();
    shape.seams_on(pattern.as_ref())
}

/// Pins on every seam that runs up and down, as hands set them: one swell a seam, both sides alike.
pub fn swelling_pins(shape: &Shape, depths: &[f64], at: f64) -> Vec<Pin> {
    let pattern = shape.pattern(&Habits::default()).ok();
    let mut pins = Vec::new();
    for (i, seam) in shape.seams_on(pattern.as_ref()).into_iter().enumerate() {
        if seam.name.is_crosswise() || seam.name.is_dart() {
            continue;
        }
        let deepest = depths[i % depths.len()];
        let usual = seam.usual();
        let low = match seam.lower {
            vemble_fit::garment::SeamEnd::CrotchCurve(top) => top + 0.25 * (seam.length - top),
            _ => 0.25 * seam.length,
        };
        let count = 5;
        for rung in 0..count {
            let station = low + (0.92 * seam.length - low) * f64::from(rung) / f64::from(count - 1);
            let swell = (-((station / seam.length - at) / 0.45).powi(2)).exp();
            let depth = ((deepest * swell) * 2.0).round() / 2.0;
            let sides: &[Side] =
                if seam.name.is_paired() { &[Side::Left, Side::Right] } else { &[Side::Centre] };
            for side in sides {
                let counted = usual.counted(station);
                let mut one = pin(seam.name, *side, counted, depth, usual.datum);
                one.id = format!("{} {} {rung}", seam.name.key(), side.words());
                pins.push(one);
            }
        }
    }
    pins
}

/// Flat measures of a shape, in millimetres.
pub fn flats(shape: &Shape) -> BTreeMap<FlatName, f64> {
    shape.flats.iter().map(|(name, length)| (*name, length.mm())).collect()
}
