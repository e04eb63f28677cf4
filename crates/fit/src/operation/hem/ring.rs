//! The hem as a ring of cloth: the lower parts of the panels joined in turning order.
//!
//! A place in the ring is a pair: how far round the existing edge, in millimetres, and how far up the
//! cloth from it. Up the cloth means along the panel's own edges: a panel is ruled from one edge to the
//! other, equal stations joined straight, so that an even amount off a flared panel is the same length
//! off both its seams. Below the existing edge lies the old turn-up, opened: a panel's edges go on straight
//! there, and one that a line moved as it is mirrored in the fold.

use kurbo::Point;

use super::periodic::{RingLine, RingReading};
use crate::garment::side::Side;
use crate::garment::{HemName, SeamName, Shape, SleeveBuild, Tube};
use crate::pattern::{Edge, EdgeName, HemAt, Panel, PanelName, Pattern};

/// How many pieces a panel's width is measured in, where what is measured varies along it.
const PIECES: u32 = 24;
/// Up the cloth, in millimetres, over which its flare is measured.
const FLARE_OVER: f64 = 60.0;
/// A cone flatter than this hangs in folds, and its slant says nothing: sin 50°.
const MOST_SLANT: f64 = 0.766;

/// Up the cloth, in millimetres, over which its fullness is measured.
const FULLNESS_OVER: f64 = 300.0;
/// A hem no fuller than this against the girth above it hangs as a cone, and its cloth slants.
const CONE_TO: f64 = 1.6;
/// One as full as this hangs in folds, nearly straight down.
const FOLDS_FROM: f64 = 2.2;

/// How cloth hangs at a hem.
#[derive(Debug, Clone, Copy, PartialEq)]
pub struct Hang {
    /// A height above the floor over the length of cloth it takes.
    pub cos: f64,
    /// One where the cloth hangs as a cone, none where it hangs in folds.
    pub cone: f64,
    /// What `cos` would be for a cone of the same flare, whose radius grows by `C′ / 2π` a millimetre.
    pub slanted: f64,
}

/// The lower part of one panel in the ring, walked from its first edge to its second.
#[derive(Debug, Clone)]
struct Strip<'a> {
    panel: PanelName,
    /// The half it is on.
    half: Side,
    /// Its edges, in the order they are walked.
    edges: [(SeamName, &'a Edge); 2],
    /// True where it is walked from the edge with the smaller `x`.
    rising: bool,
    /// How far round it begins.
    start: f64,
    /// Its width along the existing edge.
    width: f64,
}

impl Strip<'_> {
    fn point(&self, share: f64, up: f64) -> Point {
        self.edges[0].1.beyond(up).point.lerp(self.edges[1].1.beyond(up).point, share)
    }

    /// The curve that is `up(place)` above the existing edge, in the order the strip is walked: shares of its width,
    /// and how far up.
    fn curve(&self, up: &dyn Fn(f64) -> f64) -> Vec<HemAt> {
        (0..=PIECES)
            .map(|piece| {
                let share = f64::from(piece) / f64::from(PIECES);
                HemAt { share, up: up(self.start + share * self.width) }
            })
            .collect()
    }

    /// Length across the strip of that curve.
    fn length(&self, up: &dyn Fn(f64) -> f64) -> f64 {
        let points: Vec<Point> = self.curve(up).iter().map(|at| self.point(at.share, at.up)).collect();
        points.windows(2).map(|pair| (pair[1] - pair[0]).hypot()).sum()
    }
}

/// A place of the ring that is offered for a reading.
#[derive(Debug, Clone, Copy, PartialEq)]
pub struct RingPoint {
    /// In degrees, in turning order.
    pub at: f64,
    /// What it is called.
    pub words: &'static str,
}

/// One panel in the ring.
#[derive(Debug, Clone, Copy, PartialEq)]
pub struct RingPanel {
    /// Which panel.
    pub panel: PanelName,
    /// How far round it begins, in millimetres.
    pub from: f64,
    /// How far round it ends.
    pub to: f64,
}

/// A curve round a hem on one panel, in that panel's own frame.
#[derive(Debug, Clone, PartialEq)]
pub struct PanelCurve {
    /// The half of the garment; `centre` where what is known of one ring goes for both.
    pub half: Side,
    /// The panel.
    pub panel: PanelName,
    /// The curve, from the panel's edge with the smaller `x` across.
    pub curve: Vec<HemAt>,
}

/// A hem as a ring.
#[derive(Debug, Clone)]
pub struct Ring<'a> {
    strips: Vec<Strip<'a>>,
    period: f64,
    /// Degrees and millimetres of the places whose angle is known.
    anchors: Vec<(f64, f64)>,
    tube: Tube,
    /// It has two ends, at the front edges.
    open: bool,
}

const BODY_POINTS: [RingPoint; 8] = points([
    "centre front",
    "left front",
    "left side",
    "left back",
    "centre back",
    "right back",
    "right side",
    "right front",
]);
/// What opens down the front has two ends there.
const OPEN_POINTS: [RingPoint; 9] = ending(&BODY_POINTS, "left front edge", "right front edge");
const LEG_POINTS: [RingPoint; 4] = points(["inseam", "front", "outseam", "back"]);
const SLEEVE_POINTS: [RingPoint; 4] = points(["underarm seam", "front", "outer arm", "back"]);
const TWO_PIECE_POINTS: [RingPoint; 4] = points(["front seam", "outer arm", "back seam", "under the arm"]);

const fn points<const N: usize>(words: [&'static str; N]) -> [RingPoint; N] {
    let mut all = [RingPoint { at: 0.0, words: "" }; N];
    let mut i = 0;
    while i < N {
        all[i] = RingPoint { at: 360.0 * i as f64 / N as f64, words: words[i] };
        i += 1;
    }
    all
}

const fn ending(ring: &[RingPoint; 8], first: &'static str, last: &'static str) -> [RingPoint; 9] {
    let mut all = [RingPoint { at: 360.0, words: last }; 9];
    let mut i = 0;
    while i < ring.len() {
        all[i] = ring[i];
        i += 1;
    }
    all[0].words = first;
    all
}

/// The places offered round a hem, in turning order.
#[must_use]
pub fn ring_points(shape: &Shape, hem: HemName) -> &'static [RingPoint] {
    match shape.hem_tube(hem) {
        Tube::Body if shape.hem_is_open(hem) => &OPEN_POINTS,
        Tube::Body => &BODY_POINTS,
        Tube::Leg => &LEG_POINTS,
        Tube::Sleeve if shape.sleeve_build() == SleeveBuild::TwoPiece => &TWO_PIECE_POINTS,
        Tube::Sleeve => &SLEEVE_POINTS,
    }
}

/// What a place in degrees is called.
#[must_use]
pub fn point_words(shape: &Shape, hem: HemName, at: f64) -> String {
    let points = ring_points(shape, hem);
    let turned = turned(at, shape.hem_is_open(hem));
    let near = points.iter().find(|point| (turned - point.at).abs() < 0.5);
    // Half a degree before it, a place is that of the ring's beginning again.
    let near = near.or(points.first().filter(|_| turned >= 359.5));
    if let Some(point) = near {
        return point.words.to_owned();
    }
    let before = points.iter().rfind(|point| point.at <= turned).unwrap_or(&points[0]);
    format!("{:.0}° past the {}", turned - before.at, before.words)
}

/// A place in degrees, once round; where a hem has two ends, between them.
pub(super) fn turned(at: f64, open: bool) -> f64 {
    if open { at.clamp(0.0, 360.0) } else { at.rem_euclid(360.0) }
}

impl<'a> Ring<'a> {
    /// The ring of one hem, of one leg or sleeve. `None` where the hem is not drawn.
    #[must_use]
    pub fn of(shape: &Shape, pattern: &'a Pattern, hem: HemName, side: Side) -> Option<Ring<'a>> {
        let tube = shape.hem_tube(hem);
        // Each with the half it is on, and whether it is walked from the smaller x to the larger.
        let mut walk: Vec<(PanelName, Side, bool)> = Vec::new();
        match tube {
            Tube::Body => {
                let front = [PanelName::Front, PanelName::SideFront];
                let back = [PanelName::SideBack, PanelName::Back];
                walk.extend(front.map(|name| (name, Side::Left, true)));
                walk.extend(back.map(|name| (name, Side::Left, false)));
                walk.extend([back[1], back[0]].map(|name| (name, Side::Right, true)));
                walk.extend([front[1], front[0]].map(|name| (name, Side::Right, false)));
            }
            Tube::Leg => {
                walk.extend([(PanelName::Front, side, true), (PanelName::Back, side, false)]);
            }
            Tube::Sleeve => {
                walk.extend(
                    [PanelName::Sleeve, PanelName::TopSleeve, PanelName::UnderSleeve]
                        .map(|name| (name, side, true)),
                );
            }
        }
        let mut strips: Vec<Strip<'a>> = Vec::new();
        for (name, half, rising) in walk {
            let Some(panel) = pattern.half(half).iter().find(|panel| panel.name == name) else { continue };
            let mut edges = lower_edges(panel)?;
            if !rising {
                edges.reverse();
            }
            let start = strips.last().map_or(0.0, |strip| strip.start + strip.width);
            let mut strip = Strip { panel: name, half, edges, rising, start, width: 0.0 };
            strip.width = strip.point(0.0, 0.0).distance(strip.point(1.0, 0.0));
            strips.push(strip);
        }
        let period = strips.last().map(|strip| strip.start + strip.width)?;
        let end_of = |names: &[PanelName]| {
            let last = strips.iter().take_while(|strip| names.contains(&strip.panel)).last();
            last.map_or(period / 2.0, |strip| strip.start + strip.width)
        };
        let anchors = match tube {
            Tube::Body => {
                let side = end_of(&[PanelName::Front, PanelName::SideFront]);
                let half = strips
                    .iter()
                    .position(|strip| strip.panel == PanelName::Back)
                    .map_or(period / 2.0, |i| strips[i].start + strips[i].width);
                let other = strips
                    .iter()
                    .skip(strips.len() / 2)
                    .find(|strip| matches!(strip.panel, PanelName::Front | PanelName::SideFront))
                    .map_or(period - side, |strip| strip.start);
                vec![(0.0, 0.0), (90.0, side), (180.0, half), (270.0, other)]
            }
            Tube::Leg => vec![(0.0, 0.0), (180.0, end_of(&[PanelName::Front]))],
            Tube::Sleeve if strips.len() > 1 => vec![(0.0, 0.0), (180.0, end_of(&[PanelName::TopSleeve]))],
            Tube::Sleeve => vec![(0.0, 0.0), (180.0, period / 2.0)],
        };
        Some(Ring { strips, period, anchors, tube, open: shape.hem_is_open(hem) })
    }

    /// Length of the existing edge all round, in millimetres.
    #[must_use]
    pub fn period(&self) -> f64 {
        self.period
    }

    /// How far round a place in degrees is, straight between the places whose angle is known.
    #[must_use]
    pub fn along(&self, at: f64) -> f64 {
        let at = turned(at, self.open);
        let i = self.anchors.iter().rposition(|(known, _)| *known <= at).unwrap_or(0);
        let (a0, u0) = self.anchors[i];
        let (a1, u1) = self.anchors.get(i + 1).copied().unwrap_or((360.0, self.period));
        u0 + (u1 - u0) * (at - a0) / (a1 - a0)
    }

    /// Length of the curve that runs `up(place)` above the existing edge, in millimetres.
    #[must_use]
    pub fn length(&self, up: impl Fn(f64) -> f64) -> f64 {
        self.strips.iter().map(|strip| strip.length(&up)).sum()
    }

    /// The same, panel by panel.
    #[must_use]
    pub fn panel_lengths(&self, up: impl Fn(f64) -> f64) -> Vec<f64> {
        self.strips.iter().map(|strip| strip.length(&up)).collect()
    }

    /// Girth at one height of cloth above the existing edge.
    #[must_use]
    pub fn girth(&self, up: f64) -> f64 {
        self.length(|_| up)
    }

    /// The panels in turning order.
    #[must_use]
    pub fn panels(&self) -> Vec<RingPanel> {
        self.strips
            .iter()
            .map(|strip| RingPanel { panel: strip.panel, from: strip.start, to: strip.start + strip.width })
            .collect()
    }

    /// The seams that meet the hem, with how far round each is. A centre without a seam is a fold, and is
    /// not among them.
    #[must_use]
    pub fn seams(&self, shape: &Shape) -> Vec<(SeamName, f64)> {
        self.strips
            .iter()
            .map(|strip| (strip.edges[0].0, strip.start))
            .filter(|(seam, _)| shape.has(*seam))
            .collect()
    }

    /// The curve that runs `up(place)` above the existing edge, panel by panel in turning order.
    #[must_use]
    pub fn curves(&self, up: impl Fn(f64) -> f64) -> Vec<PanelCurve> {
        let on = |strip: &Strip<'_>| {
            let mut curve = strip.curve(&up);
            if !strip.rising {
                curve.reverse();
                curve.iter_mut().for_each(|at| at.share = 1.0 - at.share);
            }
            PanelCurve { half: strip.half, panel: strip.panel, curve }
        };
        self.strips.iter().map(on).collect()
    }

    /// Where the panel's own cloth is, in its own millimetres: a share of its width, and up from the edge.
    #[must_use]
    pub fn panel_point(&self, panel: usize, share: f64, up: f64) -> Point {
        self.strips[panel].point(share, up)
    }

    /// How the cloth hangs below the hips: what a height above the floor is along it.
    #[must_use]
    pub fn hang(&self) -> Hang {
        let grows = (self.girth(0.0) - self.girth(FLARE_OVER)) / FLARE_OVER;
        let sine = (grows / std::f64::consts::TAU).abs().min(MOST_SLANT);
        let fullness = self.girth(0.0) / self.girth(FULLNESS_OVER);
        let cone = ((FOLDS_FROM - fullness) / (FOLDS_FROM - CONE_TO)).clamp(0.0, 1.0);
        let slanted = (1.0 - sine * sine).sqrt();
        Hang { cos: 1.0 - cone * (1.0 - slanted), cone, slanted }
    }

    /// Steps round the ring that a drawing or a print needs: every `every` millimetres, panel by panel.
    #[must_use]
    pub fn steps(&self, every: f64) -> Vec<f64> {
        let mut all = Vec::new();
        for strip in &self.strips {
            let pieces = (strip.width / every).ceil().max(1.0) as u32;
            all.extend((0..pieces).map(|i| strip.start + strip.width * f64::from(i) / f64::from(pieces)));
        }
        all.push(self.period);
        all
    }

    /// True where it runs from one front edge to the other.
    #[must_use]
    pub fn is_open(&self) -> bool {
        self.open
    }

    /// The line round it through readings; between its ends, where it has two.
    #[must_use]
    pub fn line(&self, readings: &[RingReading], tolerance: f64) -> Option<RingLine> {
        if self.open {
            RingLine::between(self.period, readings, tolerance)
        } else {
            RingLine::through(self.period, readings, tolerance)
        }
    }

    /// True for the ring of a body: left and right are halves of it.
    #[must_use]
    pub fn is_body(&self) -> bool {
        self.tube == Tube::Body
    }
}

/// The edges that begin at a panel's hem, the one with the smaller `x` first.
fn lower_edges(panel: &Panel) -> Option<[(SeamName, &Edge); 2]> {
    let [first, last] = panel.hem_edges()?;
    let seam = |edge: &EdgeName| if let EdgeName::Seam(seam) = edge { Some(*seam) } else { None };
    Some([(seam(&first.name)?, &first.edge), (seam(&last.name)?, &last.edge)])
}
