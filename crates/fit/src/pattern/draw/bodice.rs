//! The top of a body: armhole, shoulder and neckline, shared by everything that hangs from the
//! shoulders.

use kurbo::{BezPath, Point, Vec2};

use crate::garment::flat::FlatName;
use crate::garment::seam::SeamName;
use crate::garment::shape::Shape;
use crate::garment::template::TemplateError;
use crate::pattern::edge::Edge;
use crate::pattern::panel::{EdgeName, PanelEdge};
use crate::unit::length::Length;

/// House estimates for what was not measured, each a share of another measure of an average block.
const SHOULDER_OF_BUST: f64 = 0.82;
const NECK_OF_SHOULDER: f64 = 0.42;
const ACROSS_OF_SHOULDER: f64 = 0.95;
/// Underarm to shoulder point of an average block: a fifth of the flat bust and this much.
const ARMHOLE_OF_BUST: f64 = 0.2;
const ARMHOLE_BASE: f64 = 95.0;
/// How far the shoulder point lies below the neck point.
const SHOULDER_SLOPE: f64 = 40.0;
/// How far the nape lies below the neck point.
const NAPE_DROP: f64 = 20.0;
/// Where between underarm and shoulder point the armhole is narrowest.
const ACROSS_AT: f64 = 0.45;
/// How much further in than the back the front armhole is scooped.
const FRONT_SCOOP: f64 = 8.0;
/// How high a yoke lies between underarm and shoulder point, as a share of it.
pub(crate) const YOKE_AT: f64 = 0.55;

/// The top of one body; lengths from the centre, heights above the hem fold, in millimetres.
#[derive(Debug, Clone, Copy)]
pub struct Bodice {
    /// Height of the underarm point.
    pub underarm: f64,
    /// The shoulder point.
    pub shoulder: Point,
    /// The point where shoulder and neckline meet.
    pub neck: Point,
    /// Half the width across the back.
    pub across: f64,
    /// Height of the nape.
    pub nape: f64,
    /// Height of the front neckline at the centre.
    pub front_neck: f64,
}

impl Bodice {
    /// The top above an underarm point. `nape` is the height of the nape where it was measured.
    /// Measures that were estimated are added to `estimated`.
    ///
    /// # Errors
    /// [`TemplateError::Disagree`] for measures that leave no armhole or no shoulder.
    pub(in crate::pattern) fn new(
        shape: &Shape,
        underarm: f64,
        nape: Option<f64>,
        estimated: &mut Vec<FlatName>,
    ) -> Result<Bodice, TemplateError> {
        let mut or = |name: FlatName, estimate: f64| {
            shape.flat(name).map_or_else(
                || {
                    estimated.push(name);
                    estimate
                },
                Length::mm,
            )
        };
        let bust = shape.flat(FlatName::Bust).unwrap_or_default().mm();
        let shoulder = or(FlatName::Shoulder, SHOULDER_OF_BUST * bust);
        let neck = or(FlatName::Neck, NECK_OF_SHOULDER * shoulder);
        let across = or(FlatName::AcrossBack, ACROSS_OF_SHOULDER * shoulder);
        let nape = nape.unwrap_or_else(|| {
            if shape.measured().contains(&FlatName::BackLength) {
                estimated.push(FlatName::BackLength);
            }
            underarm + ARMHOLE_OF_BUST * bust + ARMHOLE_BASE + SHOULDER_SLOPE - NAPE_DROP
        });
        let neck_y = nape + NAPE_DROP;
        let shoulder_y = neck_y - SHOULDER_SLOPE;
        if shoulder < neck + 40.0 {
            return Err(shape.disagree(
                FlatName::Shoulder,
                FlatName::Neck,
                "they leave less than 20 mm of shoulder on each side",
            ));
        }
        let armhole = shoulder_y - underarm;
        if !(80.0..=450.0).contains(&armhole) {
            return Err(shape.disagree(
                FlatName::BackLength,
                FlatName::SideLength,
                "between underarm and shoulder they leave no armhole an arm fits in (80 to 450 mm)",
            ));
        }
        let front_neck = (neck_y - shape.kind.front_neck_drop()).max(underarm - 0.5 * armhole);
        Ok(Bodice {
            underarm,
            shoulder: Point::new(shoulder / 2.0, shoulder_y),
            neck: Point::new(neck / 2.0, neck_y),
            across: across / 2.0,
            nape,
            front_neck,
        })
    }

    /// Height at which the armholes are narrowest, and the back is measured across.
    #[must_use]
    pub fn across_height(&self) -> f64 {
        self.underarm + ACROSS_AT * (self.shoulder.y - self.underarm)
    }

    /// Armhole from underarm to shoulder point, in a frame whose centre line is at `centre` and whose
    /// underarm point is at `side`.
    pub(in crate::pattern) fn armhole(&self, front: bool, centre: f64, side: f64) -> PanelEdge {
        let under = Point::new(side, self.underarm);
        let top = Point::new(centre + self.shoulder.x, self.shoulder.y);
        let scoop = if front { FRONT_SCOOP } else { 0.0 };
        let rise = top.y - under.y;
        let across = Point::new(centre + self.across - scoop, under.y + ACROSS_AT * rise);
        let mut path = BezPath::new();
        path.move_to(under);
        path.curve_to(
            Point::new(under.x + 0.6 * (across.x - under.x), under.y),
            across - Vec2::new(0.0, 0.6 * (across.y - under.y)),
            across,
        );
        // Square to the shoulder at the top.
        let along = (self.neck - self.shoulder).normalize();
        let square = Vec2::new(along.y, -along.x);
        path.curve_to(
            across + Vec2::new(0.0, 0.4 * (top.y - across.y)),
            top - square * (0.35 * (top.y - across.y)),
            top,
        );
        PanelEdge::drawn(EdgeName::Armhole, Edge::along(path), false)
    }

    /// The shoulder from one distance out of the centre to a nearer one, along the shoulder line.
    pub(in crate::pattern) fn shoulder_part(&self, centre: f64, outer: f64, inner: f64) -> PanelEdge {
        let at = |x: f64| {
            let share = (x - self.shoulder.x) / (self.neck.x - self.shoulder.x);
            Point::new(centre + x, self.shoulder.y + share * (self.neck.y - self.shoulder.y))
        };
        let mut path = BezPath::new();
        path.move_to(at(outer));
        path.line_to(at(inner));
        PanelEdge::drawn(EdgeName::Seam(SeamName::Shoulder), Edge::along(path), false)
    }

    /// The whole shoulder.
    pub(in crate::pattern) fn shoulder(&self, centre: f64) -> PanelEdge {
        self.shoulder_part(centre, self.shoulder.x, self.neck.x)
    }

    /// Height of the shoulder line at a distance from the centre.
    pub(in crate::pattern) fn shoulder_height(&self, x: f64) -> f64 {
        let share = (x - self.shoulder.x) / (self.neck.x - self.shoulder.x);
        self.shoulder.y + share * (self.neck.y - self.shoulder.y)
    }

    /// The neckline, from the centre up to the neck point.
    pub(in crate::pattern) fn neckline(&self, front: bool, centre: f64) -> PanelEdge {
        let start = Point::new(centre, self.neck_at_centre(front));
        let end = Point::new(centre + self.neck.x, self.neck.y);
        let mut path = BezPath::new();
        path.move_to(start);
        path.curve_to(
            Point::new(start.x + 0.55 * (end.x - start.x), start.y),
            Point::new(end.x, end.y - 0.5 * (end.y - start.y)),
            end,
        );
        PanelEdge::drawn(EdgeName::Neckline, Edge::along(path), true)
    }

    /// Height of the neckline at the centre.
    pub(crate) fn neck_at_centre(&self, front: bool) -> f64 {
        if front { self.front_neck } else { self.nape }
    }

    /// Length of the shoulder seam.
    #[must_use]
    pub fn shoulder_length(&self) -> f64 {
        (self.shoulder - self.neck).hypot()
    }
}
