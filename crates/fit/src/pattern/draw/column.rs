//! Skirts and bodies from flat measures: a tube of cloth cut into panels.
//!
//! At every level the half garment is as wide as the tape read. What a level is wider or narrower
//! than the reference (the bust of a body, the hip of a skirt) is shared evenly by every edge that can
//! be shaped: both edges of side and princess seams, the centre back where there is a seam, the legs
//! of darts. All those edges then have one shape, so that the two edges of a seam are equally long,
//! and the panels together are exactly as wide as was measured.

use kurbo::{BezPath, ParamCurve as _, ParamCurveArclen as _, Point, Shape as _};

use super::bodice::Bodice;
use super::profile::Profile;
use crate::body::level::LevelName;
use crate::garment::flat::FlatName;
use crate::garment::kind::Block;
use crate::garment::level::Tube;
use crate::garment::seam::SeamName;
use crate::garment::shape::Shape;
use crate::garment::template::TemplateError;
use crate::house::habit::Habits;
use crate::house::rules::HouseRule;
use crate::pattern::edge::Edge;
use crate::pattern::level::Level;
use crate::pattern::panel::{Dart, EdgeName, Panel, PanelEdge, PanelName};
use crate::pattern::pattern::Pattern;
use crate::unit::length::Length;

/// How much wider than the back the front is, in the half garment: the front carries the bust, and
/// the side seam is set a little back, where the arm hides it.
const FRONT_WIDER: f64 = 10.0;
/// Levels nearer than this, in millimetres, cannot both be drawn.
const APART: f64 = 12.0;
/// The most an existing dart is taken to hold, front and back; a larger difference goes to the seams.
const MOST_INTAKE: [HouseRule; 2] = [HouseRule::DartFront, HouseRule::DartBack];
/// How far a dart reaches below the waist, front and back: the house's middle of 75–100 and 120–150.
const DART_BELOW: [f64; 2] = [90.0, 135.0];
/// How far short of the bust line a dart on a body ends, front and back.
const DART_SHORT: [f64; 2] = [25.0, 0.0];
/// Rounds in which heights are corrected by what the drawn lengths are too long.
const ROUNDS: u32 = 24;
/// Drawn lengths further than this from the measured, in millimetres, are not what was measured.
const MET_WITHIN: f64 = 0.05;
/// How exactly lengths are measured while heights are sought, in millimetres.
const WITHIN: f64 = 1e-4;

/// Draws a skirt or a body.
pub(super) fn draw(shape: &Shape, habits: &Habits) -> Result<Pattern, TemplateError> {
    Draft::new(shape, habits).pattern()
}

/// A height at which the width is known, or wanted.
#[derive(Debug, Clone, Copy)]
struct Node {
    level: Option<LevelName>,
    height: f64,
    width: f64,
    estimated: bool,
}

/// A dart as it is sewn: heights of both tips and of its widest place, and what it holds there.
#[derive(Debug, Clone, Copy)]
struct DartDraft {
    name: SeamName,
    low: f64,
    wide: f64,
    high: f64,
    intake: f64,
    /// It ends in a tip above as well; otherwise it runs into the top edge at its widest.
    fish_eye: bool,
}

impl DartDraft {
    fn intake_at(&self, height: f64) -> f64 {
        if height <= self.low || height > self.high + 1e-9 {
            return 0.0;
        }
        let share = if height <= self.wide {
            (height - self.low) / (self.wide - self.low)
        } else if self.fish_eye {
            (self.high - height) / (self.high - self.wide)
        } else {
            1.0
        };
        self.intake * share.clamp(0.0, 1.0)
    }
}

struct Draft<'a> {
    shape: &'a Shape,
    habits: &'a Habits,
    body: bool,
    /// Edges in the half garment that can be shaped, without darts.
    edges: f64,
}

impl<'a> Draft<'a> {
    fn new(shape: &'a Shape, habits: &'a Habits) -> Self {
        let pairs = f64::from(
            1 + u8::from(shape.has(SeamName::PrincessFront)) + u8::from(shape.has(SeamName::PrincessBack)),
        );
        let centre = f64::from(u8::from(shape.has(SeamName::CentreBack)));
        let body = shape.kind.block() == Block::Body;
        Draft { shape, habits, body, edges: 2.0 * pairs + centre }
    }

    /// The width every other is compared with: of the bust, or of the hip.
    fn reference(&self) -> f64 {
        self.shape.mm(if self.body { FlatName::Bust } else { FlatName::Hip })
    }

    /// Every level between hem and top that has a place, from the hem up, then the top itself.
    fn nodes(&self, waist: f64, top: f64) -> Vec<Node> {
        let rule = |rule| self.habits.rule(rule);
        let mut wanted: Vec<(LevelName, f64)> = Vec::new();
        if self.body {
            wanted.push((LevelName::Bust, top - rule(HouseRule::BustBelow)));
            if self.shape.flat(FlatName::UnderBust).is_some() {
                wanted.push((LevelName::UnderBust, top - rule(HouseRule::UnderBustBelow)));
            }
        }
        wanted.push((LevelName::Waist, waist));
        if self.shape.flat(FlatName::HighHip).is_some() {
            wanted.push((LevelName::HighHip, waist - rule(HouseRule::HighHipBelow)));
        }
        wanted.push((LevelName::Hip, waist - rule(HouseRule::HipBelow)));
        let mut nodes: Vec<Node> = Vec::new();
        let mut add = |level: Option<LevelName>, height: f64| {
            let width = level.and_then(|level| self.shape.flat(level.flat())).map(Length::mm);
            let last = nodes.last().map_or(f64::MAX, |node| node.height);
            if height > APART && height < last - APART || nodes.is_empty() {
                nodes.push(Node {
                    level,
                    height,
                    width: width.unwrap_or(f64::NAN),
                    estimated: width.is_none(),
                });
            }
        };
        if self.body {
            // The underarm itself is as wide as the bust just below it.
            add(None, top);
        }
        for (level, height) in wanted {
            add(Some(level), height);
        }
        let hem = self.shape.flat(FlatName::Hem).map(Length::mm);
        nodes.push(Node {
            level: Some(LevelName::Hem),
            height: 0.0,
            width: hem.unwrap_or(f64::NAN),
            estimated: hem.is_none(),
        });
        nodes.reverse();
        if self.body
            && let Some(last) = nodes.last_mut()
        {
            (last.width, last.estimated) = (self.reference(), false);
        }
        fill(&mut nodes);
        nodes
    }

    /// The darts with what they hold: their even share of what the waist is narrower, up to the most
    /// a dart may hold. A dart the garment does not have yet holds nothing.
    fn darts(&self, nodes: &[Node], waist: f64, top: f64) -> Vec<DartDraft> {
        let narrower = nodes
            .iter()
            .find(|node| node.level == Some(LevelName::Waist))
            .map_or(0.0, |node| self.reference() - node.width)
            .max(0.0);
        let names = [SeamName::FrontDart, SeamName::BackDart];
        let count = names.iter().filter(|name| self.shape.has(**name)).count() as f64;
        if nodes.iter().all(|node| node.level != Some(LevelName::Waist)) {
            return Vec::new();
        }
        let share = 2.0 * narrower / (self.edges + 2.0 * count);
        names
            .into_iter()
            .enumerate()
            .map(|(i, name)| {
                let high = if self.body {
                    (top - self.habits.rule(HouseRule::BustBelow) - DART_SHORT[i]).max(waist + 40.0)
                } else {
                    top
                };
                let wide = if self.body { waist } else { top - self.shape.band_height() };
                let low = (waist - DART_BELOW[i]).max(0.25 * wide);
                let intake =
                    if self.shape.has(name) { share.min(self.habits.rule(MOST_INTAKE[i])) } else { 0.0 };
                DartDraft { name, low, wide, high, intake, fish_eye: self.body }
            })
            .collect()
    }

    /// What one shaped edge is further out than at the reference, at every node.
    fn shaping(&self, nodes: &[Node], darts: &[DartDraft]) -> Vec<(f64, f64)> {
        let mut points: Vec<(f64, f64)> = nodes
            .iter()
            .map(|node| {
                let held: f64 = darts.iter().map(|dart| dart.intake_at(node.height)).sum();
                (node.height, (node.width - self.reference() + held) / self.edges)
            })
            .collect();
        let band = self.shape.band_height();
        if !self.body
            && band > APART
            && let Some((top, out)) = points.last().copied()
            && points.iter().rev().nth(1).is_some_and(|(below, _)| *below < top - band - 1.0)
        {
            // Through the band the edges run straight up.
            points.insert(points.len() - 1, (top - band, out));
        }
        points
    }

    fn pattern(self) -> Result<Pattern, TemplateError> {
        let shape = self.shape;
        let side = shape.mm(FlatName::SideLength);
        let mut estimated = Vec::new();
        let to_waist = if self.body {
            shape
                .flat(FlatName::UnderarmToWaist)
                .map_or(self.habits.rule(HouseRule::UnderarmToWaist), Length::mm)
        } else {
            0.0
        };
        let (mut top, mut waist) = (side, side - to_waist);
        let mut met = false;
        for _ in 0..ROUNDS {
            let nodes = self.nodes(waist, top);
            let path =
                Profile::through(&self.shaping(&nodes, &self.darts(&nodes, waist, top))).path(0.0, false);
            let above: f64 = path
                .segments()
                .filter(|segment| segment.start().y > waist - 1e-6)
                .map(|segment| segment.arclen(WITHIN))
                .sum();
            let too_short = side - path.perimeter(WITHIN);
            let too_high = if self.body && waist > APART { to_waist - above } else { 0.0 };
            met = too_short.abs() < MET_WITHIN && too_high.abs() < MET_WITHIN;
            if met {
                break;
            }
            top += too_short;
            waist += too_short - too_high;
            if top < 0.4 * side {
                break;
            }
        }
        if !met || top < 0.5 * side || (self.body && top - waist < 0.5 * to_waist) {
            return Err(shape.disagree(
                FlatName::SideLength,
                if self.body { FlatName::Bust } else { FlatName::Hip },
                "widths this different need more length between them",
            ));
        }
        let nodes = self.nodes(waist, top);
        let has_waist = nodes.iter().any(|node| node.level == Some(LevelName::Waist));
        if self.body && has_waist && shape.flat(FlatName::UnderarmToWaist).is_none() {
            estimated.push(FlatName::UnderarmToWaist);
        }
        estimated.extend(
            nodes.iter().rev().filter(|node| node.estimated).filter_map(|node| Some(node.level?.flat())),
        );
        let darts = self.darts(&nodes, waist, top);
        let shaping = Profile::through(&self.shaping(&nodes, &darts));
        let bodice = if self.body { Some(self.bodice(&shaping, top, &mut estimated)?) } else { None };
        let panels = self.panels(&shaping, &darts, bodice.as_ref(), top)?;
        let levels = nodes.iter().rev().filter_map(|node| {
            let level = node.level?;
            Some(Level {
                name: level,
                tube: Tube::Body,
                height: Length::from_mm(node.height),
                girth: Length::from_mm(2.0 * node.width),
                estimated: node.estimated,
                on_band: level == LevelName::Waist && !self.body,
            })
        });
        Ok(Pattern {
            halves: [panels, Vec::new()],
            levels: levels.collect(),
            estimated,
            crotch: None,
            waist: has_waist.then_some(waist),
            bodice,
            crown: None,
        })
    }

    fn bodice(
        &self,
        shaping: &Profile,
        top: f64,
        estimated: &mut Vec<FlatName>,
    ) -> Result<Bodice, TemplateError> {
        let nape = self.shape.flat(FlatName::BackLength).map(|length| {
            // A shaped centre back is longer than it is high.
            let longer = if self.shape.has(SeamName::CentreBack) {
                shaping.path(0.0, true).perimeter(WITHIN) - top
            } else {
                0.0
            };
            length.mm() - longer
        });
        Bodice::new(self.shape, top, nape, estimated)
    }

    fn panels(
        &self,
        shaping: &Profile,
        darts: &[DartDraft],
        bodice: Option<&Bodice>,
        top: f64,
    ) -> Result<Vec<Panel>, TemplateError> {
        let mut panels = Vec::new();
        for front in [true, false] {
            let wider = if front { FRONT_WIDER } else { -FRONT_WIDER } / 2.0;
            let width = self.reference() / 2.0 + wider;
            let princess = if front { SeamName::PrincessFront } else { SeamName::PrincessBack };
            let cut = self.shape.has(princess).then(|| {
                // A princess seam on a body ends in the middle of the shoulder.
                let at = bodice.map_or(0.5 * width, |bodice| (bodice.neck.x + bodice.shoulder.x) / 2.0);
                at.min(0.75 * width)
            });
            let rising = |dx: f64, left: bool, up_to: Option<f64>| {
                // Left edges are the same curve mirrored.
                let mut path = shaping.path(if left { -dx } else { dx }, left);
                if let Some(up_to) = up_to {
                    let end = Point::new(dx, up_to);
                    path.line_to(end);
                }
                Edge::along(path)
            };
            let seam = |name, edge, against| PanelEdge::drawn(EdgeName::Seam(name), edge, against);
            let centre_name = if front { SeamName::CentreFront } else { SeamName::CentreBack };
            let neck = bodice.map(|bodice| bodice.neck_at_centre(front));
            let centre_edge = if !front && self.shape.has(SeamName::CentreBack) {
                rising(0.0, true, neck)
            } else {
                let mut path = BezPath::new();
                path.move_to((0.0, 0.0));
                path.line_to((0.0, neck.unwrap_or(top)));
                Edge::along(path)
            };
            let centre = seam(centre_name, centre_edge, true);
            let side = |width: f64| seam(SeamName::Side, rising(width, false, None), false);
            let dart_name = if front { SeamName::FrontDart } else { SeamName::BackDart };
            let dart = darts.iter().find(|dart| dart.name == dart_name);
            let darts_at = |x: f64| -> Vec<Dart> { dart.map(|dart| sewn(dart, x)).into_iter().collect() };
            let (middle_name, side_name) = if front {
                (PanelName::Front, PanelName::SideFront)
            } else {
                (PanelName::Back, PanelName::SideBack)
            };
            match cut {
                None => {
                    let mut edges = vec![side(width)];
                    if let Some(bodice) = bodice {
                        edges.push(bodice.armhole(front, 0.0, width));
                        edges.push(bodice.shoulder(0.0));
                        edges.push(bodice.neckline(front, 0.0));
                    }
                    edges.push(centre);
                    panels.push(Panel::drawn(middle_name, edges, darts_at(0.5 * width)));
                }
                Some(at) => {
                    let shoulder = bodice.map(|bodice| bodice.shoulder_height(at));
                    let mut edges = vec![seam(princess, rising(at, false, shoulder), false)];
                    if let Some(bodice) = bodice {
                        edges.push(bodice.shoulder_part(0.0, at, bodice.neck.x));
                        edges.push(bodice.neckline(front, 0.0));
                    }
                    edges.push(centre);
                    panels.push(Panel::drawn(middle_name, edges, darts_at(0.5 * at)));
                    let mut edges = vec![side(width - at)];
                    if let Some(bodice) = bodice {
                        edges.push(bodice.armhole(front, -at, width - at));
                        edges.push(bodice.shoulder_part(-at, bodice.shoulder.x, at));
                    }
                    edges.push(seam(princess, rising(0.0, true, shoulder), true));
                    panels.push(Panel::drawn(side_name, edges, Vec::new()));
                }
            }
        }
        // Front panels first, from the middle out, then the back panels.
        Ok(panels)
    }
}

/// A dart at a distance from the centre, its legs straight from tip to widest place to tip.
fn sewn(dart: &DartDraft, x: f64) -> Dart {
    let leg = |sign: f64| {
        let mut path = BezPath::new();
        path.move_to((x, dart.low));
        path.line_to((x + sign * dart.intake / 2.0, dart.wide));
        if dart.high > dart.wide + 1.0 {
            path.line_to((x + sign * dart.intake_at(dart.high) / 2.0, dart.high));
        }
        std::sync::Arc::new(Edge::along(path))
    };
    Dart { name: dart.name, legs: [leg(-1.0), leg(1.0)] }
}

/// Widths nobody measured, straight between their measured neighbours in height; beyond the last
/// measured, as wide as it.
fn fill(nodes: &mut [Node]) {
    let known: Vec<(f64, f64)> =
        nodes.iter().filter(|node| !node.width.is_nan()).map(|node| (node.height, node.width)).collect();
    for node in nodes.iter_mut().filter(|node| node.width.is_nan()) {
        let above = known.iter().find(|(height, _)| *height > node.height);
        let below = known.iter().rev().find(|(height, _)| *height < node.height);
        node.width = match (below, above) {
            (Some((y0, w0)), Some((y1, w1))) => w0 + (w1 - w0) * (node.height - y0) / (y1 - y0),
            (Some((_, width)), None) | (None, Some((_, width))) => *width,
            (None, None) => 0.0,
        };
    }
}
