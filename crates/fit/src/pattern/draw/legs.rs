//! Trousers and overalls from flat measures: front and back leg panels that measure what the tape
//! measured.
//!
//! The template follows the usual trouser block. Both panels hang on their crease line; below the
//! crotch the crease lies midway between outseam and inseam; the back panel is wider than the
//! front by the same amount all the way down, so that front and back outseams are equally long;
//! the fork beyond the centre seam is what the thigh has more than half the hip. Heights are found
//! by iteration, so that the drawn inseam, outseam and rises are as long as they were measured.
//! Overalls carry the same panels on to the underarm.

use kurbo::{BezPath, ParamCurve as _, ParamCurveArclen as _, Point, Shape as _, Vec2};

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
use crate::pattern::panel::{EdgeName, Panel, PanelEdge, PanelName};
use crate::pattern::pattern::{Crotch, Pattern};
use crate::unit::length::Length;

/// Half of what the back panel is wider than the front, shared between its two edges.
const BACK_WIDER: f64 = 5.0;
/// How much the fork of the back exceeds the mean fork, at most.
const BACK_FORK: f64 = 25.0;
/// The fork of an average block, as a share of the mean hip panel.
const FORK_SHARE: f64 = 0.24;
/// Where the thigh is wider than the block expects, the share of it the fork takes.
const FORK_TAKES: f64 = 0.65;
/// Share of hip minus waist that the outseam takes; the centre seams take the rest.
const SIDE_SHARE: f64 = 0.5;
/// How much wider the panel is at the crotch than at the thigh, per edge.
const CROTCH_WIDER: f64 = 4.0;
/// How far up from crotch to hip the crotch curve reaches.
const CURVE_REACH: f64 = 0.55;
/// How exactly lengths are measured while heights are sought, in millimetres.
const LENGTH_WITHIN: f64 = 1e-3;

/// Draws the legs, and the body above them where there is one.
pub(super) fn draw(shape: &Shape, habits: &Habits) -> Result<Pattern, TemplateError> {
    Draft::new(shape, habits)?.pattern()
}

/// The block while its heights are being found.
struct Draft<'a> {
    shape: &'a Shape,
    habits: &'a Habits,
    estimated: Vec<FlatName>,
    thigh: f64,
    fork: f64,
    back_fork: f64,
    /// Crease to outseam at the hip, mean of front and back.
    outer_hip: f64,
}

/// Heights above the hem fold, in millimetres.
struct Heights {
    crotch: f64,
    hip: f64,
    /// The top, where there is no body above it.
    waist: f64,
    top: f64,
}

impl Heights {
    fn curve_top(&self) -> f64 {
        self.crotch + CURVE_REACH * (self.hip - self.crotch)
    }
}

impl<'a> Draft<'a> {
    fn new(shape: &'a Shape, habits: &'a Habits) -> Result<Self, TemplateError> {
        let mut draft = Draft {
            shape,
            habits,
            estimated: Vec::new(),
            thigh: 0.0,
            fork: 0.0,
            back_fork: 0.0,
            outer_hip: 0.0,
        };
        let hip_panel = draft.mm(FlatName::Hip) / 2.0;
        let block_fork = FORK_SHARE * hip_panel;
        draft.thigh = match shape.flat(FlatName::Thigh) {
            Some(thigh) => thigh.mm(),
            None => {
                draft.estimated.push(FlatName::Thigh);
                hip_panel + block_fork - 2.0 * CROTCH_WIDER
            }
        };
        let beyond = draft.thigh + CROTCH_WIDER - hip_panel;
        let excess = beyond - block_fork;
        draft.fork = block_fork + FORK_TAKES * excess;
        draft.outer_hip = draft.thigh / 2.0 - (1.0 - FORK_TAKES) * excess;
        draft.back_fork = BACK_FORK.min(0.45 * draft.fork);
        if draft.fork < 8.0 {
            return Err(shape.disagree(
                FlatName::Thigh,
                FlatName::Hip,
                "a leg this narrow leaves nothing for the crotch to sit in",
            ));
        }
        if draft.mm(FlatName::Outseam) < draft.mm(FlatName::Inseam) + 100.0 {
            return Err(shape.disagree(
                FlatName::Outseam,
                FlatName::Inseam,
                "the outseam must be longer by at least 100 mm for the rise",
            ));
        }
        Ok(draft)
    }

    fn mm(&self, name: FlatName) -> f64 {
        self.shape.mm(name)
    }

    /// True where the legs carry a body.
    fn has_body(&self) -> bool {
        self.shape.kind.block() == Block::Overalls
    }

    /// The flat width at the top of the outseam: along the band, or at the underarm.
    fn top_flat(&self) -> f64 {
        self.mm(if self.has_body() { FlatName::Bust } else { FlatName::Waist })
    }

    /// Heights above the hem fold; `waist` counts only where a body is carried above it.
    fn heights(&self, crotch: f64, waist: f64, top: f64) -> Heights {
        let waist = if self.has_body() { waist } else { top };
        let rise = waist - crotch;
        // A low rise leaves no room for a hip 200 below the band; it then sits a third up.
        let hip = (waist - self.habits.rule(HouseRule::HipBelow)).max(crotch + 0.3 * rise);
        Heights { crotch, hip: hip.min(waist - 40.0), waist, top }
    }

    /// Half the flat leg width at the leg levels that were measured, hem upward.
    fn leg(&self, heights: &Heights) -> Vec<(LevelName, f64, f64)> {
        let crotch = heights.crotch;
        let share = |rule| self.habits.rule(rule) * crotch;
        let thigh_height = (crotch - self.habits.rule(HouseRule::ThighBelow)).max(0.5 * crotch);
        let mut leg = vec![(LevelName::Hem, 0.0, self.mm(FlatName::Hem) / 2.0)];
        for (level, flat, height) in [
            (LevelName::Calf, FlatName::Calf, share(HouseRule::CalfShare)),
            (LevelName::Knee, FlatName::Knee, share(HouseRule::KneeShare)),
        ] {
            // Shorts have no calf and perhaps no knee: those measures then have nowhere to lie.
            if self.shape.flat(flat).is_some() && height + 10.0 < thigh_height && height > 10.0 {
                leg.push((level, height, self.mm(flat) / 2.0));
            }
        }
        leg.push((LevelName::Thigh, thigh_height, self.thigh / 2.0));
        leg
    }

    /// The body levels that were measured, hip upward, without the top.
    fn body(&self, heights: &Heights) -> Vec<(LevelName, f64, f64)> {
        let mut body = vec![(LevelName::Hip, heights.hip, self.mm(FlatName::Hip))];
        let high_hip = heights.waist - self.habits.rule(HouseRule::HighHipBelow);
        if self.shape.flat(FlatName::HighHip).is_some()
            && high_hip > heights.hip + 15.0
            && high_hip < heights.waist - 15.0
        {
            body.push((LevelName::HighHip, high_hip, self.mm(FlatName::HighHip)));
        }
        if self.has_body() {
            body.push((LevelName::Waist, heights.waist, self.mm(FlatName::Waist)));
            let bust = heights.top - self.habits.rule(HouseRule::BustBelow);
            body.push((LevelName::Bust, bust, self.mm(FlatName::Bust)));
        }
        body
    }

    /// Crease to outseam at a body level of flat width `flat`, mean of front and back.
    fn outer(&self, flat: f64) -> f64 {
        self.outer_hip - SIDE_SHARE * (self.mm(FlatName::Hip) - flat) / 2.0
    }

    fn outer_profile(&self, heights: &Heights) -> Profile {
        let mut points: Vec<(f64, f64)> =
            self.leg(heights).into_iter().map(|(_, y, half)| (y, half)).collect();
        points.extend(self.body(heights).into_iter().map(|(_, y, flat)| (y, self.outer(flat))));
        points.push((heights.top, self.outer(self.top_flat())));
        Profile::through(&points)
    }

    /// How much further from the crease the back's inner edge is than the mean, by level.
    fn inner_offset(&self, level: LevelName) -> f64 {
        if level == LevelName::Thigh { 0.8 * self.back_fork } else { BACK_WIDER.min(self.back_fork) }
    }

    fn inner_profile(&self, heights: &Heights, sign: f64) -> Profile {
        let mut points: Vec<(f64, f64)> = self
            .leg(heights)
            .into_iter()
            .map(|(level, y, half)| (y, half + sign * self.inner_offset(level)))
            .collect();
        points.push((heights.crotch, self.inner_at_crotch(sign)));
        Profile::through(&points)
    }

    fn inner_at_crotch(&self, sign: f64) -> f64 {
        self.thigh / 2.0 + CROTCH_WIDER + sign * self.back_fork
    }

    fn pattern(mut self) -> Result<Pattern, TemplateError> {
        let (inseam, outseam) = (self.mm(FlatName::Inseam), self.mm(FlatName::Outseam));
        let to_waist = self.shape.flat(FlatName::UnderarmToWaist).map(Length::mm);
        if self.has_body() && to_waist.is_none() {
            self.estimated.push(FlatName::UnderarmToWaist);
        }
        let to_waist = to_waist.unwrap_or(self.habits.rule(HouseRule::UnderarmToWaist));
        let (mut crotch, mut top) = (inseam, outseam);
        let mut waist = top - to_waist;
        // Each round corrects the heights by what the drawn seams are too long; the seams are
        // nearly upright, so a few rounds leave less than a hundredth of a millimetre.
        for _ in 0..if self.has_body() { 8 } else { 4 } {
            let heights = self.heights(crotch, waist, top);
            if heights.waist < crotch + 60.0 {
                return Err(self.shape.disagree(
                    FlatName::Outseam,
                    FlatName::Inseam,
                    "they leave less than 60 mm between crotch and waist",
                ));
            }
            if self.has_body() && top - heights.waist < 50.0 {
                return Err(self.shape.disagree(
                    FlatName::Outseam,
                    FlatName::UnderarmToWaist,
                    "they leave no body between waist and underarm",
                ));
            }
            let outer = self.outer_profile(&heights).path(0.0, false);
            let inner = [1.0, -1.0]
                .map(|sign| self.inner_profile(&heights, sign).path(0.0, true).perimeter(LENGTH_WITHIN));
            if self.has_body() {
                let above: f64 = outer
                    .segments()
                    .filter(|segment| segment.start().y > heights.waist - 1e-6)
                    .map(|segment| segment.arclen(LENGTH_WITHIN))
                    .sum();
                waist += outseam - outer.perimeter(LENGTH_WITHIN) - (to_waist - above);
            }
            top += outseam - outer.perimeter(LENGTH_WITHIN);
            crotch += inseam - (inner[0] + inner[1]) / 2.0;
        }
        let heights = self.heights(crotch, waist, top);
        if heights.waist < crotch + 60.0 {
            return Err(self.shape.disagree(
                FlatName::Outseam,
                FlatName::Inseam,
                "they leave less than 60 mm between crotch and waist",
            ));
        }
        let bodice = if self.has_body() {
            Some(Bodice::new(self.shape, heights.top, None, &mut self.estimated)?)
        } else {
            None
        };
        let front = self.panel(&heights, PanelName::Front, bodice.as_ref())?;
        let back = self.panel(&heights, PanelName::Back, bodice.as_ref())?;
        let mut levels = Vec::new();
        if !self.has_body() {
            levels.push(Level { on_band: true, ..self.level(LevelName::Waist, Tube::Body, heights.top) });
        }
        let body = self.body(&heights).into_iter().rev();
        levels.extend(body.map(|(name, y, _)| self.level(name, Tube::Body, y)));
        let leg = self.leg(&heights).into_iter().rev();
        levels.extend(leg.map(|(name, y, _)| self.level(name, Tube::Leg, y)));
        Ok(Pattern {
            halves: [vec![front, back], Vec::new()],
            levels,
            crotch: Some(Crotch { height: heights.crotch, curve_top: heights.curve_top() }),
            waist: Some(heights.waist),
            bodice,
            crown: None,
            estimated: self.estimated,
        })
    }

    fn level(&self, name: LevelName, tube: Tube, height: f64) -> Level {
        let measured = self.shape.flat(name.flat());
        // Only the thigh may be missing here and still be drawn.
        let flat = measured.unwrap_or_else(|| Length::from_mm(self.thigh));
        Level {
            name,
            tube,
            height: Length::from_mm(height),
            girth: flat * 2,
            estimated: measured.is_none(),
            on_band: false,
        }
    }

    fn panel(
        &mut self,
        heights: &Heights,
        name: PanelName,
        bodice: Option<&Bodice>,
    ) -> Result<Panel, TemplateError> {
        let (sign, centre) = match name {
            PanelName::Front => (-1.0, SeamName::CentreFront),
            _ => (1.0, SeamName::CentreBack),
        };
        let outer = Edge::along(self.outer_profile(heights).path(sign * BACK_WIDER, false));
        let inner = Edge::along(self.inner_profile(heights, sign).path(0.0, true));
        let centre_edge = self.centre(heights, name, sign, bodice)?;
        let seam = |name, edge, against| PanelEdge::drawn(EdgeName::Seam(name), edge, against);
        let mut edges = Vec::new();
        if let Some(bodice) = bodice {
            let front = name == PanelName::Front;
            let (middle, side) = (centre_edge.end().point.x, outer.end().point.x);
            edges.extend([
                bodice.armhole(front, middle, side),
                bodice.shoulder(middle),
                bodice.neckline(front, middle),
            ]);
        }
        edges.insert(0, seam(SeamName::Outseam, outer, false));
        edges.push(seam(centre, centre_edge, true));
        edges.push(seam(SeamName::Inseam, inner, true));
        Ok(Panel::drawn(name, edges, Vec::new()))
    }

    /// The centre seam: crotch curve, then up through the body levels to a top so placed that
    /// the band edge has the panel's share of the waist and the seam has the measured rise.
    fn centre(
        &mut self,
        heights: &Heights,
        name: PanelName,
        sign: f64,
        bodice: Option<&Bodice>,
    ) -> Result<Edge, TemplateError> {
        let front = name == PanelName::Front;
        let rise_name = if front { FlatName::FrontRise } else { FlatName::BackRise };
        let fork = Point::new(-self.inner_at_crotch(sign), heights.crotch);
        let outer_top = self.outer(self.top_flat()) + sign * BACK_WIDER;
        let waist = self.top_flat() / 2.0 + 2.0 * sign * BACK_WIDER;
        let body: Vec<(f64, f64)> = self
            .body(heights)
            .into_iter()
            .map(|(_, y, flat)| (y, self.outer(flat) - flat / 2.0 - sign * BACK_WIDER))
            .collect();
        if let Some(bodice) = bodice {
            // Above the bust the centre runs straight up to the neck.
            let straight = body.last().map_or(outer_top - waist, |(_, x)| *x);
            let top = Point::new(straight, bodice.neck_at_centre(front));
            let body: Vec<(f64, f64)> = body.into_iter().filter(|(y, _)| *y < top.y - 8.0).collect();
            return Ok(Edge::along(centre_path(fork, &body, top, heights)));
        }
        let highest = body.last().map_or(heights.hip, |(y, _)| *y);
        let draw = |top_y: f64| {
            let drop = top_y - heights.top;
            let across = (waist * waist - drop * drop).max(0.0).sqrt();
            centre_path(fork, &body, Point::new(outer_top - across, top_y), heights)
        };
        let Some(rise) = self.shape.flat(rise_name).map(Length::mm) else {
            self.estimated.push(rise_name);
            // Unmeasured, the front is drawn level with the side and the back 15 higher.
            let lift = if name == PanelName::Back { 15.0 } else { 0.0 };
            return Ok(Edge::along(draw(heights.top + lift)));
        };
        let (mut low, mut high) = (highest + 12.0, heights.top + 0.6 * waist);
        let length = |top_y: f64| draw(top_y).perimeter(LENGTH_WITHIN);
        if !(length(low)..=length(high)).contains(&rise) {
            return Err(self.shape.disagree(
                rise_name,
                FlatName::Outseam,
                "from the crotch to the band the seam would have to be longer or shorter than that",
            ));
        }
        for _ in 0..26 {
            let middle = (low + high) / 2.0;
            if length(middle) < rise { low = middle } else { high = middle }
        }
        Ok(Edge::along(draw((low + high) / 2.0)))
    }
}

fn centre_path(fork: Point, body: &[(f64, f64)], top: Point, heights: &Heights) -> BezPath {
    let (hip_y, hip_x) = body[0];
    let next = body.get(1).map_or(top, |(y, x)| Point::new(*x, *y));
    let lean = (next.x - hip_x) / (next.y - hip_y);
    let curve_top = heights.curve_top();
    // The seam leaves the curve in the direction it has between hip and the level above, but
    // never leans so far that the curve would turn back on itself.
    let start = Point::new((hip_x + lean * (curve_top - hip_y)).max(fork.x + 2.0), curve_top);
    let mut points = vec![(start.y, start.x)];
    points.extend_from_slice(body);
    points.push((top.y, top.x));
    let upper = Profile::through(&points).path(0.0, false);
    let along = Vec2::new((hip_x - start.x) / (hip_y - start.y), 1.0);
    let reach = start.y - fork.y;
    let mut path = BezPath::new();
    path.move_to(fork);
    path.curve_to(
        Point::new(fork.x + 0.55 * (start.x - fork.x), fork.y + 0.06 * reach),
        start - along * (0.55 * reach),
        start,
    );
    path.extend(upper.elements().iter().skip(1).copied());
    path
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::garment::band::{Band, BandBuild};
    use crate::garment::kind::Kind;
    use proptest::prelude::*;
    use proptest::strategy::ValueTree;
    use std::collections::BTreeMap;

    fn flats(values: &[(FlatName, f64)]) -> BTreeMap<FlatName, Length> {
        values.iter().map(|(name, mm)| (*name, Length::from_mm(*mm))).collect()
    }

    fn trousers(flats: BTreeMap<FlatName, Length>) -> Shape {
        Shape {
            kind: Kind::Trousers,
            flats,
            seams: Vec::new(),
            sleeves: None,
            allowances: Vec::new(),
            clips: Vec::new(),
            fixtures: Vec::new(),
            lacing: None,
            band: Band { height: Length::whole_mm(40), build: BandBuild::OnePiece, belt_loop_at_back: true },
            turn_up: Length::whole_mm(40),
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

    prop_compose! {
        /// Trousers of every cut a shop sells, with each measure free within reason.
        fn any_trousers()(
            hip in 380.0f64..700.0, waist_share in 0.70f64..1.02, high_share in 0.3f64..0.8,
            thigh_share in 0.56f64..0.74, knee_share in 0.55f64..1.05, calf_share in 0.8f64..1.15,
            hem_share in 0.7f64..1.3, inseam in 500.0f64..900.0, side_rise in 225.0f64..320.0,
            front in 5.0f64..35.0, back in 50.0f64..110.0,
        ) -> Shape {
            let waist = hip * waist_share;
            let thigh = hip * thigh_share;
            let knee = thigh * knee_share;
            let calf = knee * calf_share;
            trousers(flats(&[
                (FlatName::Waist, waist), (FlatName::HighHip, waist + (hip - waist) * high_share),
                (FlatName::Hip, hip), (FlatName::Thigh, thigh), (FlatName::Knee, knee),
                (FlatName::Calf, calf), (FlatName::Hem, (calf * hem_share).max(90.0)),
                (FlatName::Inseam, inseam), (FlatName::Outseam, inseam + side_rise),
                (FlatName::FrontRise, side_rise + front), (FlatName::BackRise, side_rise + back),
            ]))
        }
    }

    proptest! {
        #[test]
        fn the_panels_measure_what_the_tape_measured(trousers in any_trousers()) {
            let panels = match trousers.pattern(&Habits::default()) {
                Ok(panels) => panels,
                // A rise that cannot go with its waist is refused, never drawn wrong.
                Err(TemplateError::Disagree { .. }) => return Ok(()),
                Err(other) => return Err(TestCaseError::fail(other.to_string())),
            };
            for level in &panels.levels {
                let flat = trousers.flat(level.name.flat()).unwrap().mm();
                let drawn = match level.name {
                    // Along the band's own edge, which need not be level.
                    LevelName::Waist => [&panels.panels()[0], &panels.panels()[1]].map(|panel| {
                        let top = panel.edges[0].edge.end().point;
                        (panel.edges[1].edge.end().point - top).hypot()
                    }).iter().sum::<f64>(),
                    // A hair above the fold, so that the hem edge itself is not what is measured.
                    LevelName::Hem => [&panels.panels()[0], &panels.panels()[1]]
                        .map(|panel| panel.width_at(0.001).unwrap()).iter().sum(),
                    _ => [&panels.panels()[0], &panels.panels()[1]]
                        .map(|panel| panel.width_at(level.height.mm()).unwrap()).iter().sum(),
                };
                let expected = if level.tube == Tube::Body { flat } else { 2.0 * flat };
                prop_assert!((drawn - expected).abs() < 0.5, "{:?}: {drawn} for {expected}", level.name);
            }
        }

        #[test]
        fn the_seams_are_as_long_as_they_were_measured(trousers in any_trousers()) {
            let Ok(panels) = trousers.pattern(&Habits::default()) else { return Ok(()) };
            let length = |panel: &Panel, seam| panel.edge(EdgeName::Seam(seam)).unwrap().edge.length();
            let wanted = |name| trousers.flat(name).unwrap().mm();
            for panel in [&panels.panels()[0], &panels.panels()[1]] {
                prop_assert!((length(panel, SeamName::Outseam) - wanted(FlatName::Outseam)).abs() < 0.5);
            }
            let inseam = (length(&panels.panels()[0], SeamName::Inseam) + length(&panels.panels()[1], SeamName::Inseam)) / 2.0;
            prop_assert!((inseam - wanted(FlatName::Inseam)).abs() < 0.5);
            prop_assert!((length(&panels.panels()[0], SeamName::CentreFront) - wanted(FlatName::FrontRise)).abs() < 0.5);
            prop_assert!((length(&panels.panels()[1], SeamName::CentreBack) - wanted(FlatName::BackRise)).abs() < 0.5);
        }
    }

    #[test]
    fn most_ordinary_measures_can_be_drawn() {
        let mut runner = proptest::test_runner::TestRunner::deterministic();
        let drawn = (0..200)
            .filter(|_| {
                let value = any_trousers().new_tree(&mut runner).unwrap().current();
                value.pattern(&Habits::default()).is_ok()
            })
            .count();
        assert!(drawn > 160, "only {drawn} of 200");
    }

    #[test]
    fn missing_measures_are_named() {
        let bare = trousers(flats(&[(FlatName::Waist, 400.0), (FlatName::Inseam, 760.0)]));
        assert_eq!(
            bare.pattern(&Habits::default()).unwrap_err().to_string(),
            "the panels cannot be drawn without the hip width, hem width, outseam"
        );
    }

    #[test]
    fn a_waist_typed_as_a_girth_in_centimetres_is_refused() {
        let typed = trousers(flats(&[(FlatName::Waist, 84.0)]));
        assert_eq!(
            typed.pattern(&Habits::default()).unwrap_err().to_string(),
            "the waist width was read as 84 mm; it can be from 180 to 1200 mm"
        );
    }
}
