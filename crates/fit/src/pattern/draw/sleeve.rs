//! Sleeves from flat measures, in one piece or two.
//!
//! A sleeve has a frame of its own, its height counted from its hem fold. The cap is one curve from
//! underarm over the crown to underarm; a sleeve in two pieces has the same cap, cut where its seams
//! meet it, so that the cap is as long as in one piece.

use kurbo::{BezPath, CubicBez, ParamCurve as _, ParamCurveArclen as _, PathSeg, Point, Shape as _};

use super::profile::Profile;
use crate::body::level::LevelName;
use crate::garment::flat::FlatName;
use crate::garment::kind::{SleeveBuild, cap_ease};
use crate::garment::level::Tube;
use crate::garment::seam::SeamName;
use crate::garment::shape::Shape;
use crate::garment::side::Side;
use crate::garment::template::TemplateError;
use crate::house::habit::Habits;
use crate::pattern::edge::Edge;
use crate::pattern::level::Level;
use crate::pattern::panel::{EdgeName, Panel, PanelEdge, PanelName};
use crate::pattern::pattern::Pattern;
use crate::unit::length::Length;

/// Width of an upper sleeve as a share of the flat bust, when nobody measured it.
const UPPER_OF_BUST: f64 = 0.37;
/// Width of a sleeve hem as a share of the upper sleeve, when nobody measured it.
const WRIST_OF_UPPER: f64 = 0.68;
/// Length of a sleeve seam when nobody measured it, in millimetres.
const SLEEVE_SEAM: f64 = 440.0;
/// How far below the underarm the upper sleeve is measured, in millimetres.
pub(crate) const UPPER_BELOW: f64 = 25.0;
/// Height of the elbow as a share of the sleeve seam.
pub(crate) const ELBOW_SHARE: f64 = 0.56;
/// Share of the girth the top sleeve has, where there are two pieces.
const TOP_SHARE: f64 = 0.62;
/// Lowest cap that can be drawn, in millimetres.
const LEAST_CAP: f64 = 15.0;
/// Lowest underarm that can be drawn above a sleeve's hem, in millimetres.
const LEAST_UNDERARM: f64 = 5.0;
const WITHIN: f64 = 1e-4;

/// Adds the sleeve's panels and levels to a drawn body.
pub(super) fn add(shape: &Shape, pattern: &mut Pattern, habits: &Habits) -> Result<(), TemplateError> {
    let build = shape.sleeve_build();
    let (SleeveBuild::OnePiece | SleeveBuild::TwoPiece, Some(armhole)) =
        (build, pattern.rim(EdgeName::Armhole, Side::Left))
    else {
        return Ok(());
    };
    let mut or = |name: FlatName, estimate: f64| {
        shape.flat(name).map_or_else(
            || {
                pattern.estimated.push(name);
                estimate
            },
            Length::mm,
        )
    };
    let upper = or(FlatName::UpperArm, UPPER_OF_BUST * shape.mm(FlatName::Bust));
    let wrist = or(FlatName::Wrist, WRIST_OF_UPPER * upper);
    let over = shape.flat(FlatName::SleeveLength).map(Length::mm);
    let [least, most] = cap_ease(shape.kind, habits);
    let usual_rise = rise_for(upper, armhole + (least + most) / 2.0);
    let seam = or(FlatName::SleeveSeam, over.map_or(SLEEVE_SEAM, |over| (over - usual_rise).max(30.0)));
    let edges = if build == SleeveBuild::TwoPiece { 4.0 } else { 2.0 };
    let widths = |underarm: f64| widths(shape, underarm, [wrist, upper]);
    let shaping = |underarm: f64| {
        let mut points: Vec<(f64, f64)> = widths(underarm)
            .into_iter()
            .map(|(_, height, width)| (height, 2.0 * (width - upper) / edges))
            .collect();
        points.push((underarm, 0.0));
        Profile::through(&points)
    };
    // The seams of a two-piece sleeve end on the cap; the underarm length is measured up to the
    // underarm all the same, along the same shape.
    let mut underarm = seam;
    for _ in 0..8 {
        underarm += seam - shaping(underarm).path(0.0, false).perimeter(WITHIN);
        if underarm < LEAST_UNDERARM {
            return Err(shape.disagree(
                FlatName::SleeveSeam,
                FlatName::Wrist,
                "so short a seam does not reach from the hem's width to that of the upper sleeve",
            ));
        }
    }
    let rise = match over {
        Some(over) => over - underarm,
        None => usual_rise,
    };
    if rise < LEAST_CAP {
        return Err(shape.disagree(
            FlatName::SleeveLength,
            FlatName::SleeveSeam,
            "over the shoulder a sleeve is longer than under the arm by the height of its cap, 15 mm at least",
        ));
    }
    if over.is_none() {
        pattern.estimated.push(FlatName::SleeveLength);
    }
    let profile = shaping(underarm);
    let cap = cap_half(upper, underarm, rise);
    let drawn = Sleeve { profile, cap, upper, underarm };
    match build {
        SleeveBuild::TwoPiece => pattern.halves[0].extend(drawn.two_pieces()),
        _ => pattern.halves[0].push(drawn.one_piece()),
    }
    pattern.crown = Some(underarm + rise);
    pattern.levels.extend(widths(underarm).into_iter().rev().map(|(name, height, width)| Level {
        name,
        tube: Tube::Sleeve,
        height: Length::from_mm(height),
        girth: Length::from_mm(2.0 * width),
        estimated: shape.flat(name.flat()).is_none(),
        on_band: false,
    }));
    Ok(())
}

/// Half the girth at each height, as it lies flat.
fn widths(shape: &Shape, underarm: f64, [wrist, upper]: [f64; 2]) -> Vec<(LevelName, f64, f64)> {
    let mut widths = vec![(LevelName::Wrist, 0.0, wrist)];
    let upper_at = underarm - UPPER_BELOW;
    let elbow = ELBOW_SHARE * underarm;
    if let Some(width) = shape.flat(FlatName::Elbow)
        && elbow > 20.0
        && elbow < upper_at - 20.0
    {
        widths.push((LevelName::Elbow, elbow, width.mm()));
    }
    if upper_at > 10.0 {
        widths.push((LevelName::UpperArm, upper_at, upper));
    }
    widths
}

/// Half the cap, from the underarm at `x = upper` to the crown at `x = 0`.
fn cap_half(upper: f64, underarm: f64, rise: f64) -> CubicBez {
    CubicBez::new(
        Point::new(upper, underarm),
        Point::new(0.5 * upper, underarm),
        Point::new(0.5 * upper, underarm + rise),
        Point::new(0.0, underarm + rise),
    )
}

/// The height of a cap of this whole length over a sleeve this wide.
fn rise_for(upper: f64, length: f64) -> f64 {
    let (mut low, mut high) = (LEAST_CAP, 400.0);
    for _ in 0..50 {
        let middle = (low + high) / 2.0;
        if 2.0 * cap_half(upper, 0.0, middle).arclen(WITHIN) < length { low = middle } else { high = middle }
    }
    low
}

struct Sleeve {
    /// What one edge is further out than at the underarm.
    profile: Profile,
    cap: CubicBez,
    upper: f64,
    underarm: f64,
}

impl Sleeve {
    /// An edge at a distance from the middle, up to a height at or above the underarm.
    fn edge(&self, x: f64, left: bool, up_to: f64) -> Edge {
        let mut path = self.profile.path(x, left);
        if up_to > self.underarm + 1e-9 {
            path.line_to(Point::new(if left { -x } else { x }, up_to));
        }
        Edge::along(path)
    }

    fn one_piece(&self) -> Panel {
        let seam = |edge, against| PanelEdge::drawn(EdgeName::Seam(SeamName::SleeveUnderarm), edge, against);
        let mut cap = BezPath::new();
        cap.move_to(self.cap.p0);
        cap.push(PathSeg::Cubic(self.cap).as_path_el());
        cap.push(PathSeg::Cubic(reversed(mirrored(self.cap))).as_path_el());
        Panel::drawn(
            PanelName::Sleeve,
            vec![
                seam(self.edge(self.upper, false, self.underarm), false),
                PanelEdge::drawn(EdgeName::Cap, Edge::along(cap), false),
                seam(self.edge(self.upper, true, self.underarm), true),
            ],
            Vec::new(),
        )
    }

    fn two_pieces(&self) -> [Panel; 2] {
        let half = TOP_SHARE * self.upper;
        // Where the cap is cut: x falls all along it.
        let (mut low, mut high) = (0.0, 1.0);
        for _ in 0..60 {
            let middle = (low + high) / 2.0;
            if self.cap.eval(middle).x > half { low = middle } else { high = middle }
        }
        let cut = self.cap.eval(low);
        let crown = self.cap.subsegment(low..1.0);
        let tail = self.cap.subsegment(0.0..low);
        let seam = |name, edge, against| PanelEdge::drawn(EdgeName::Seam(name), edge, against);
        let mut over = BezPath::new();
        over.move_to(crown.p0);
        over.push(PathSeg::Cubic(crown).as_path_el());
        over.push(PathSeg::Cubic(reversed(mirrored(crown))).as_path_el());
        let top = Panel::drawn(
            PanelName::TopSleeve,
            vec![
                seam(SeamName::SleeveBack, self.edge(half, false, cut.y), false),
                PanelEdge::drawn(EdgeName::Cap, Edge::along(over), false),
                seam(SeamName::SleeveFront, self.edge(half, true, cut.y), true),
            ],
            Vec::new(),
        );
        // Under the arm the two tails meet in the middle of the under sleeve.
        let rest = self.upper - half;
        let shifted = |c: CubicBez| {
            let at = |p: Point| Point::new(self.upper - p.x, p.y);
            CubicBez::new(at(c.p0), at(c.p1), at(c.p2), at(c.p3))
        };
        let right = shifted(tail);
        let mut under = BezPath::new();
        under.move_to(right.p3);
        under.push(PathSeg::Cubic(reversed(right)).as_path_el());
        under.push(PathSeg::Cubic(mirrored(right)).as_path_el());
        let under = Panel::drawn(
            PanelName::UnderSleeve,
            vec![
                seam(SeamName::SleeveFront, self.edge(rest, false, cut.y), false),
                PanelEdge::drawn(EdgeName::Cap, Edge::along(under), false),
                seam(SeamName::SleeveBack, self.edge(rest, true, cut.y), true),
            ],
            Vec::new(),
        );
        [top, under]
    }
}

fn mirrored(c: CubicBez) -> CubicBez {
    let at = |p: Point| Point::new(-p.x, p.y);
    CubicBez::new(at(c.p0), at(c.p1), at(c.p2), at(c.p3))
}

fn reversed(c: CubicBez) -> CubicBez {
    CubicBez::new(c.p3, c.p2, c.p1, c.p0)
}
