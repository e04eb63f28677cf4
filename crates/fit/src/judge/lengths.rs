//! Lengths and landmark heights: what girths do not tell.

use serde::Serialize;

use crate::body::measures::{Body, MeasureName};
use crate::garment::side::Side;
use crate::garment::{Block, FlatName, SeamName, Shape, SleeveBuild, Tube};
use crate::house::habit::Habits;
use crate::house::rules::HouseRule;
use crate::judge::ease::Judging;
use crate::judge::length_said::LengthSaid;
use crate::pattern::{EdgeName, PanelName, Pattern, SeamEdge};
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
    /// The same as fields.
    #[serde(skip)]
    pub(crate) said: Option<LengthSaid>,
    /// Before, after, body and gap as they stand on the session's tape.
    pub shown: [Option<String>; 4],
}

/// Every length that can be told, on the garment as it came and as it will be.
#[must_use]
pub fn lengths(
    came: &Pattern,
    will_be: &Pattern,
    Judging { body, shape, cloth, habits, .. }: Judging<'_>,
) -> Vec<LengthRow> {
    let mut rows = Rows { came, will_be, body, habits, rows: Vec::new() };
    if came.bodice.is_some() {
        rows.add(LengthName::Shoulder, &[FlatName::Shoulder], Some(MeasureName::Shoulder));
        let sleeved = shape.sleeve_build() != SleeveBuild::None;
        rows.across_back(sleeved, cloth.stretch);
        if came.waist.is_some() {
            let flats = &[FlatName::BackLength, FlatName::UnderarmToWaist];
            rows.add(LengthName::NapeToWaist, flats, Some(MeasureName::NapeToWaist));
            if shape.has(SeamName::WaistSeam) {
                rows.say_waist_seam();
            }
            if shape.kind.block() == Block::Body {
                rows.add(LengthName::BackLength, &[FlatName::BackLength], None);
            }
        }
        let flats = &[FlatName::Shoulder, FlatName::AcrossBack, FlatName::BackLength];
        rows.add(LengthName::Armhole, flats, None);
        if let Some(crown) = came.crown {
            // A short sleeve is not compared with the whole arm.
            let arm = body.get(MeasureName::ArmLength).filter(|arm| crown > LONG_SLEEVE * arm.mm());
            let flats = &[FlatName::SleeveLength, FlatName::SleeveSeam];
            rows.add(LengthName::Sleeve, flats, arm.map(|_| MeasureName::ArmLength));
        }
    }
    if shape.kind.block() == Block::Legs {
        let rises = &[FlatName::FrontRise, FlatName::BackRise];
        rows.add(LengthName::Crotch, rises, Some(MeasureName::CrotchLength));
        rows.add(LengthName::Inseam, &[], Some(MeasureName::InsideLeg));
        rows.add(LengthName::Outseam, &[], Some(MeasureName::OutsideLeg));
    } else {
        rows.add(LengthName::Side, &[FlatName::SideLength], None);
    }
    rows.dart_tips(shape);
    rows.rows
}

/// A length of one half of a pattern, in millimetres, where it can be told.
fn measured(name: LengthName, pattern: &Pattern, side: Side) -> Option<f64> {
    let dart = |seam| Some(pattern.waist? - pattern.edges_on(seam, side)?[0].edge.start().point.y);
    match name {
        LengthName::Shoulder => {
            let bodice = pattern.bodice?;
            let sewn: f64 = pattern
                .half(side)
                .iter()
                .flat_map(|panel| &panel.edges)
                .filter(|edge| edge.name == EdgeName::Seam(SeamName::Shoulder))
                .map(|edge| edge.edge.length())
                .sum();
            // Front and back are sewn to each other.
            let share = sewn / 2.0 / bodice.shoulder_length();
            Some(2.0 * (bodice.neck.x + share * (bodice.shoulder.x - bodice.neck.x)))
        }
        LengthName::AcrossBack => {
            let height = pattern.bodice?.across_height();
            let backs = pattern.half(side).iter();
            let backs = backs.filter(|panel| matches!(panel.name, PanelName::Back | PanelName::SideBack));
            Some(2.0 * backs.filter_map(|panel| panel.breadth_at(height)).sum::<f64>())
        }
        LengthName::NapeToWaist => {
            let back = own_edge(pattern, SeamName::CentreBack, side)?.edge;
            Some(back.length() - back.at_height(pattern.waist?).station)
        }
        LengthName::BackLength => seam_run(&[own_edge(pattern, SeamName::CentreBack, side)?]),
        LengthName::Armhole => pattern.rim(EdgeName::Armhole, side),
        LengthName::Sleeve => {
            let over = pattern.hem_panels(Tube::Sleeve, side).next()?;
            let [first, last] = over.hem_edges()?;
            let begins = (first.edge.start().point.y + last.edge.start().point.y) / 2.0;
            Some(pattern.crown? - begins - over.hem_up(0.5))
        }
        LengthName::Crotch => {
            let rise = |seam| Some(own_edge(pattern, seam, side)?.edge.length());
            Some(rise(SeamName::CentreFront)? + rise(SeamName::CentreBack)?)
        }
        LengthName::Inseam => seam_run(&pattern.edges_on(SeamName::Inseam, side)?),
        LengthName::Outseam => seam_run(&pattern.edges_on(SeamName::Outseam, side)?),
        LengthName::Side => seam_run(&pattern.edges_on(SeamName::Side, side)?),
        LengthName::FrontDart => dart(SeamName::FrontDart),
        LengthName::BackDart => dart(SeamName::BackDart),
    }
}

/// The edge of a single seam on one half.
fn own_edge(pattern: &Pattern, seam: SeamName, side: Side) -> Option<SeamEdge<'_>> {
    let [left, right] = pattern.edges_on(seam, side)?;
    Some(if side == Side::Right { right } else { left })
}

/// Length of a seam down to the finished hem: the mean of its edges.
fn seam_run(edges: &[SeamEdge<'_>]) -> Option<f64> {
    let run = |each: &SeamEdge<'_>| {
        let [first, _] = each.panel.hem_edges()?;
        let share = if std::ptr::eq(&*first.edge, each.edge) { 0.0 } else { 1.0 };
        Some(each.edge.length() - each.panel.hem_up(share))
    };
    let runs: Vec<f64> = edges.iter().map(run).collect::<Option<_>>()?;
    Some(runs.iter().sum::<f64>() / runs.len().max(1) as f64)
}

struct Rows<'a> {
    came: &'a Pattern,
    will_be: &'a Pattern,
    body: &'a Body,
    habits: &'a Habits,
    rows: Vec<LengthRow>,
}

impl Rows<'_> {
    fn add(&mut self, name: LengthName, flats: &[FlatName], measure: Option<MeasureName>) {
        let Some(before) = measured(name, self.came, Side::Left) else { return };
        // Both sides are judged by the one that changes more.
        let after =
            [Side::Left, Side::Right].into_iter().filter_map(|side| measured(name, self.will_be, side));
        let after = after.max_by(|a, b| (a - before).abs().total_cmp(&(b - before).abs())).unwrap_or(before);
        let garment = [before, after].map(Length::hundredth);
        let body = measure.and_then(|measure| self.body.get(measure));
        let gap = body.map(|body| garment[1] - body);
        let number = |length: Length| self.habits.scale.number(length);
        self.rows.push(LengthRow {
            name,
            words: name.words(),
            garment,
            estimated: flats.iter().any(|flat| self.came.estimated.contains(flat)),
            body,
            gap,
            finding: None,
            said: None,
            shown: [
                Some(number(garment[0])),
                Some(number(garment[1])),
                body.map(number),
                body.map(|body| number(self.habits.scale.between(body, garment[1]))),
            ],
        });
    }

    fn say(&mut self, said: LengthSaid) {
        if let Some(row) = self.rows.last_mut() {
            row.said = Some(said);
        }
    }

    /// The back has to give when the arms reach forward.
    fn across_back(&mut self, sleeved: bool, stretch: f64) {
        let flats = &[FlatName::AcrossBack, FlatName::Shoulder];
        self.add(LengthName::AcrossBack, flats, Some(MeasureName::AcrossBack));
        let Some(body) = self.body.get(MeasureName::AcrossBack).map(Length::mm) else { return };
        let width = self.rows.last().map_or(0.0, |row| row.garment[1].mm());
        let floor = (1.0 + self.habits.rule(HouseRule::ReachFloor)) * body;
        // Without a sleeve the arm moves free of the back; a stretch cloth gives.
        if sleeved && width * (1.0 + stretch) < floor {
            self.say(LengthSaid::Reach { width: Length::from_mm(width), body: Length::from_mm(body) });
        }
    }

    /// Says where the waist seam lies, when it is not where the body has its waist.
    fn say_waist_seam(&mut self) {
        let Some(gap) = self.rows.last().and_then(|row| row.gap) else { return };
        if gap.abs().mm() > WORTH_SAYING {
            self.say(LengthSaid::WaistSeam { gap });
        }
    }

    fn dart_tips(&mut self, shape: &Shape) {
        if self.came.waist.is_none() {
            return;
        }
        for (seam, least, most) in DART_TIPS.into_iter().filter(|(seam, ..)| shape.has(*seam)) {
            let name = if seam == SeamName::FrontDart { LengthName::FrontDart } else { LengthName::BackDart };
            let before = self.rows.len();
            self.add(name, &[], None);
            let Some(below) = self.rows.get(before).map(|row| row.garment[1].mm()) else { continue };
            if !(least..=most).contains(&below) {
                let usual = [least, most].map(Length::from_mm);
                self.say(LengthSaid::DartTip { below: Length::from_mm(below), usual });
            }
        }
    }
}
