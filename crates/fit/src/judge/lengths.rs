//! Lengths and landmark heights: what girths do not tell.

use serde::Serialize;

use crate::body::measures::{Body, MeasureName};
use crate::garment::{Block, FlatName, HemName, Pattern, SeamName, Shape, SleeveBuild};
use crate::hem::HemSolution;
use crate::house::habit::Habits;
use crate::house::rules::HouseRule;
use crate::judge::armhole::ArmholeFit;
use crate::judge::ease::Judging;
use crate::judge::girth::LineSet;
use crate::reading::side::Side;
use crate::unit::length::Length;

/// Where a dart should end, in millimetres below the waist, front and back: least and most.
///
/// House table: a tip above the fullest place of belly or seat makes the cloth stand off below it.
const DART_TIPS: [(SeamName, f64, f64); 2] =
    [(SeamName::FrontDart, 75.0, 100.0), (SeamName::BackDart, 120.0, 150.0)];
/// A sleeve longer than this share of the arm is meant to reach its wrist.
const LONG_SLEEVE: f64 = 0.85;
/// A landmark further than this from the body's is worth saying, in millimetres.
const WORTH_SAYING: f64 = 10.0;

/// A length of the garment.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum LengthName {
    /// From shoulder point to shoulder point.
    Shoulder,
    /// Across the back at the middle of the armholes.
    AcrossBack,
    /// From the nape to the waist.
    NapeToWaist,
    /// From the nape to the hem.
    BackLength,
    /// Round one armhole.
    Armhole,
    /// From shoulder point to sleeve hem.
    Sleeve,
    /// From band to band between the legs.
    Crotch,
    /// From crotch to hem.
    Inseam,
    /// From band to hem.
    Outseam,
    /// From underarm or band to hem.
    Side,
    /// From the waist down to the tip of the front darts.
    FrontDart,
    /// From the waist down to the tip of the back darts.
    BackDart,
}

impl LengthName {
    /// What it is called in a sentence.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            LengthName::Shoulder => "shoulder to shoulder",
            LengthName::AcrossBack => "across the back",
            LengthName::NapeToWaist => "nape to waist",
            LengthName::BackLength => "nape to hem",
            LengthName::Armhole => "armhole",
            LengthName::Sleeve => "shoulder to sleeve hem",
            LengthName::Crotch => "crotch length",
            LengthName::Inseam => "inseam",
            LengthName::Outseam => "outseam",
            LengthName::Side => "side length",
            LengthName::FrontDart => "waist to front dart tip",
            LengthName::BackDart => "waist to back dart tip",
        }
    }
}

/// One length, before and after, against the body.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct LengthRow {
    /// Which.
    pub name: LengthName,
    /// What it is called.
    pub words: &'static str,
    /// The garment's, before and after.
    pub garment: [Length; 2],
    /// True when it rests on a measure nobody took.
    pub estimated: bool,
    /// The wearer's, where there is one and it was taken.
    pub body: Option<Length>,
    /// Garment after, less body.
    pub gap: Option<Length>,
    /// What to do about it, where there is something.
    pub finding: Option<String>,
    /// Before, after, body and gap as they stand on the session's tape.
    pub shown: [Option<String>; 4],
}

/// Every length that can be told.
#[must_use]
pub fn lengths(
    pattern: &Pattern,
    lines: &LineSet,
    armholes: &[ArmholeFit],
    hems: &[HemSolution],
    Judging { body, shape, cloth, habits, .. }: Judging<'_>,
) -> Vec<LengthRow> {
    let mut rows = Rows { pattern, body, habits, rows: Vec::new() };
    // Both sides are judged by the larger change.
    let deepest = |seam: SeamName, at: fn(&crate::line::Line) -> f64| {
        [Side::Left, Side::Right]
            .into_iter()
            .filter_map(|side| lines.on(seam, side))
            .map(|line| 2.0 * line.depth(at(line)))
            .fold(0.0, |most: f64, loss| if loss.abs() > most.abs() { loss } else { most })
    };
    // Where along its ring a hem is asked what it takes: a share of the whole way round.
    let hem = |name: HemName, share: f64| {
        let hem = hems.iter().find(|hem| hem.hem == name && hem.is_solved());
        hem.and_then(|hem| hem.take_up_at(Side::Left, share)).unwrap_or(0.0)
    };
    if let Some(bodice) = pattern.bodice {
        rows.add(
            LengthName::Shoulder,
            [2.0 * bodice.shoulder.x; 2],
            &[FlatName::Shoulder],
            Some(MeasureName::Shoulder),
        );
        let sleeved = shape.sleeve_build() != SleeveBuild::None;
        rows.across_back(2.0 * bodice.across, sleeved, cloth.stretch);
        let yoke = deepest(SeamName::Yoke, |_| 0.0);
        let waist_seam = deepest(SeamName::WaistSeam, |line| line.length);
        if let (Some(waist), Some([back, _])) = (pattern.waist, pattern.edges(SeamName::CentreBack)) {
            let whole = back.edge.length();
            let below = back.edge.at_height(waist).station;
            let flats = &[FlatName::BackLength, FlatName::UnderarmToWaist];
            rows.add(
                LengthName::NapeToWaist,
                [whole - below, whole - below - yoke - waist_seam / 2.0],
                flats,
                Some(MeasureName::NapeToWaist),
            );
            if shape.has(SeamName::WaistSeam) {
                rows.say_landmark("the waist seam");
            }
            if shape.kind.block() == Block::Body {
                rows.add(
                    LengthName::BackLength,
                    [whole, whole - yoke - waist_seam - hem(HemName::Hem, 0.5)],
                    &[FlatName::BackLength],
                    None,
                );
            }
        }
        if let Some(fit) = armholes.first() {
            let flats = &[FlatName::Shoulder, FlatName::AcrossBack, FlatName::BackLength];
            rows.add(LengthName::Armhole, fit.armhole.map(Length::mm), flats, None);
        }
        if let Some(crown) = pattern.crown {
            // A short sleeve is not compared with the whole arm.
            let arm = body.get(MeasureName::ArmLength).filter(|arm| crown > LONG_SLEEVE * arm.mm());
            rows.add(
                LengthName::Sleeve,
                [crown, crown - hem(HemName::Sleeve, 0.5)],
                &[FlatName::SleeveLength, FlatName::SleeveSeam],
                arm.map(|_| MeasureName::ArmLength),
            );
        }
    }
    if shape.kind.block() == Block::Legs {
        let rise = |seam| pattern.seam_length(seam).unwrap_or(0.0);
        let crotch = rise(SeamName::CentreFront) + rise(SeamName::CentreBack);
        rows.add(
            LengthName::Crotch,
            [crotch; 2],
            &[FlatName::FrontRise, FlatName::BackRise],
            Some(MeasureName::CrotchLength),
        );
        for (name, seam, measure) in [
            (LengthName::Inseam, SeamName::Inseam, MeasureName::InsideLeg),
            (LengthName::Outseam, SeamName::Outseam, MeasureName::OutsideLeg),
        ] {
            let shorter = hem(HemName::Hem, if seam == SeamName::Inseam { 0.0 } else { 0.5 });
            rows.add(name, [rise(seam), rise(seam) - shorter], &[], Some(measure));
        }
    } else if let Some(side) = pattern.seam_length(SeamName::Side) {
        let shorter = deepest(SeamName::WaistSeam, |line| line.length / 2.0);
        rows.add(
            LengthName::Side,
            [side, side - shorter - hem(HemName::Hem, 0.25)],
            &[FlatName::SideLength],
            None,
        );
    }
    rows.dart_tips(shape);
    rows.rows
}

struct Rows<'a> {
    pattern: &'a Pattern,
    body: &'a Body,
    habits: &'a Habits,
    rows: Vec<LengthRow>,
}

impl Rows<'_> {
    fn add(&mut self, name: LengthName, garment: [f64; 2], flats: &[FlatName], measure: Option<MeasureName>) {
        let garment = garment.map(Length::hundredth);
        let body = measure.and_then(|measure| self.body.get(measure));
        let gap = body.map(|body| garment[1] - body);
        let number = |length: Length| self.habits.scale.number(length);
        self.rows.push(LengthRow {
            name,
            words: name.words(),
            garment,
            estimated: flats.iter().any(|flat| self.pattern.estimated.contains(flat)),
            body,
            gap,
            finding: None,
            shown: [Some(number(garment[0])), Some(number(garment[1])), body.map(number), gap.map(number)],
        });
    }

    fn say(&mut self, finding: String) {
        if let Some(row) = self.rows.last_mut() {
            row.finding = Some(finding);
        }
    }

    /// The back has to give when the arms reach forward.
    fn across_back(&mut self, width: f64, sleeved: bool, stretch: f64) {
        self.add(
            LengthName::AcrossBack,
            [width; 2],
            &[FlatName::AcrossBack, FlatName::Shoulder],
            Some(MeasureName::AcrossBack),
        );
        let Some(body) = self.body.get(MeasureName::AcrossBack).map(Length::mm) else { return };
        let floor = (1.0 + self.habits.rule(HouseRule::ReachFloor)) * body;
        // Without a sleeve the arm moves free of the back; a stretch cloth gives.
        if sleeved && width * (1.0 + stretch) < floor {
            let write = |mm: f64| self.habits.scale.write(Length::from_mm(mm));
            self.say(format!(
                "You will feel it when you reach: {} across the back on a back of {}. A higher armhole or a pleat gives it, if that matters.",
                write(width), write(body)
            ));
        }
    }

    /// Says where the row's landmark lies, when it is not where the body has it.
    fn say_landmark(&mut self, what: &str) {
        let Some(gap) = self.rows.last().and_then(|row| row.gap) else { return };
        if gap.abs().mm() > WORTH_SAYING {
            let lower = if gap.is_positive() { "below" } else { "above" };
            let by = self.habits.scale.write(gap.abs());
            self.say(format!("With these measures {what} sits {by} {lower} the waist; pin it there, or choose it on purpose."));
        }
    }

    fn dart_tips(&mut self, shape: &Shape) {
        let Some(waist) = self.pattern.waist else { return };
        for (seam, least, most) in DART_TIPS {
            let Some([leg, _]) = self.pattern.edges(seam).filter(|_| shape.has(seam)) else { continue };
            let below = waist - leg.edge.start().point.y;
            let name = if seam == SeamName::FrontDart { LengthName::FrontDart } else { LengthName::BackDart };
            self.add(name, [below; 2], &[], None);
            if !(least..=most).contains(&below) {
                let write = |mm: f64| self.habits.scale.write(Length::from_mm(mm));
                let usual = format!("{} to {} below the waist is usual", write(least), write(most));
                self.say(format!(
                    "The tip lies {} below the waist; {usual}: lower or raise it.",
                    write(below)
                ));
            }
        }
    }
}
