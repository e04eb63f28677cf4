//! Trousers from flat measures: front and back leg panels that measure what the tape measured.
//!
//! The template follows the usual trouser block. Both panels hang on their crease line; below the
//! crotch the crease lies midway between outseam and inseam; the back panel is wider than the
//! front by the same amount all the way down, so that front and back outseams are equally long;
//! the fork beyond the centre seam is what the thigh has more than half the hip. Heights are found
//! by iteration, so that the drawn inseam, outseam and rises are as long as they were measured.

use std::collections::BTreeMap;

use kurbo::{BezPath, Point, Shape as _, Vec2};
use serde::{Deserialize, Serialize};
use thiserror::Error;

use super::SeamName;
use super::edge::Edge;
use super::level::{Level, LevelName};
use super::panel::{Panel, PanelName};
use super::profile::Profile;
use crate::{Habits, HouseRule, Length};

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

/// A measure of trousers laid flat and closed, edge to edge.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Hash, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum FlatName {
    /// Width along the top of the band; the girth is twice this.
    Waist,
    /// Width at the high hip; the girth is twice this.
    HighHip,
    /// Width at the hip; the girth is twice this.
    Hip,
    /// Width of one leg just below the crotch; its girth is twice this.
    Thigh,
    /// Width of one leg at the knee.
    Knee,
    /// Width of one leg at the calf.
    Calf,
    /// Width of one leg along the hem.
    Hem,
    /// Length of the front centre seam, top of band to crotch.
    FrontRise,
    /// Length of the back centre seam, top of band to crotch.
    BackRise,
    /// Length of the inseam, crotch to hem fold.
    Inseam,
    /// Length of the outseam, top of band to hem fold.
    Outseam,
}

impl FlatName {
    /// Every measure, in the order a tape goes down the garment.
    pub const ALL: [FlatName; 11] = [
        FlatName::Waist,
        FlatName::HighHip,
        FlatName::Hip,
        FlatName::FrontRise,
        FlatName::BackRise,
        FlatName::Thigh,
        FlatName::Knee,
        FlatName::Calf,
        FlatName::Hem,
        FlatName::Inseam,
        FlatName::Outseam,
    ];

    /// The measures without which no panel can be drawn.
    pub const NEEDED: [FlatName; 5] =
        [FlatName::Waist, FlatName::Hip, FlatName::Hem, FlatName::Inseam, FlatName::Outseam];

    /// What it is called in a sentence.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            FlatName::Waist => "waist width",
            FlatName::HighHip => "high hip width",
            FlatName::Hip => "hip width",
            FlatName::Thigh => "thigh width",
            FlatName::Knee => "knee width",
            FlatName::Calf => "calf width",
            FlatName::Hem => "hem width",
            FlatName::FrontRise => "front rise",
            FlatName::BackRise => "back rise",
            FlatName::Inseam => "inseam",
            FlatName::Outseam => "outseam",
        }
    }

    /// The least and most the template takes, from a small child's to the widest made.
    #[must_use]
    pub const fn plausible(self) -> (Length, Length) {
        let (least, most) = match self {
            FlatName::Waist | FlatName::HighHip | FlatName::Hip => (180, 1200),
            FlatName::Thigh => (100, 700),
            FlatName::Knee | FlatName::Calf | FlatName::Hem => (70, 700),
            FlatName::FrontRise | FlatName::BackRise => (120, 700),
            FlatName::Inseam => (30, 1200),
            FlatName::Outseam => (180, 1600),
        };
        (Length::whole_mm(least), Length::whole_mm(most))
    }
}

impl LevelName {
    /// The flat width measured at this level.
    #[must_use]
    pub const fn flat(self) -> FlatName {
        match self {
            LevelName::Waist => FlatName::Waist,
            LevelName::HighHip => FlatName::HighHip,
            LevelName::Hip => FlatName::Hip,
            LevelName::Thigh => FlatName::Thigh,
            LevelName::Knee => FlatName::Knee,
            LevelName::Calf => FlatName::Calf,
            LevelName::Hem => FlatName::Hem,
        }
    }
}

/// What is inside a seam, beyond its stitching, on each panel.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct SeamAllowance {
    /// The seam.
    pub seam: SeamName,
    /// On the front panel; for the centre back, on the left back.
    pub front: Length,
    /// On the back panel; for the centre back, on the right back.
    pub back: Length,
}

/// How the waistband is made at the centre back.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum BandBuild {
    /// Two halves with a seam at the centre back: it opens there.
    TwoHalves,
    /// One piece: it has to be cut at the centre back.
    #[default]
    OnePiece,
}

/// The waistband.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct Band {
    /// Its finished height.
    pub height: Length,
    /// How it is made at the centre back.
    #[serde(default)]
    pub build: BandBuild,
    /// A belt loop sits on the centre back.
    #[serde(default)]
    pub belt_loop_at_back: bool,
}

/// Measures and construction of one pair of trousers.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct Trousers {
    /// The flat measures taken; any may be missing.
    #[cfg_attr(feature = "schema", schema(value_type = std::collections::HashMap<FlatName, Length>))]
    pub flats: BTreeMap<FlatName, Length>,
    /// What is inside each seam, where it was looked at.
    #[serde(default)]
    pub allowances: Vec<SeamAllowance>,
    /// The waistband.
    pub band: Band,
    /// Depth of the hem's turn-up.
    pub turn_up: Length,
    /// Seams with topstitching, which comes out first and goes back last.
    #[serde(default)]
    pub topstitched: Vec<SeamName>,
    /// Fully lined.
    #[serde(default)]
    pub lined: bool,
    /// Distance between the two back pockets at their top, where there are any.
    #[serde(default)]
    pub back_pocket_gap: Option<Length>,
}

/// Why the panels could not be drawn.
#[derive(Debug, Clone, PartialEq, Error)]
pub enum TemplateError {
    /// Measures that nothing can be drawn without.
    #[error("the panels cannot be drawn without the {}", words_of(.0))]
    Missing(Vec<FlatName>),
    /// A measure no such garment has.
    #[error("the {} was read as {} mm; it can be from {} to {} mm",
        .name.words(), .read.mm(), .name.plausible().0.mm(), .name.plausible().1.mm())]
    Implausible {
        /// The measure.
        name: FlatName,
        /// What was read.
        read: Length,
    },
    /// Two measures that cannot belong to one garment.
    #[error("the {} of {:.0} mm does not go with the {} of {:.0} mm: {because}; measure both again",
        .one.words(), .one_read.mm(), .other.words(), .other_read.mm())]
    Disagree {
        /// The first measure.
        one: FlatName,
        /// What was read for it.
        one_read: Length,
        /// The measure it disagrees with.
        other: FlatName,
        /// What was read for that.
        other_read: Length,
        /// Why they cannot both be right.
        because: &'static str,
    },
}

fn words_of(names: &[FlatName]) -> String {
    let words: Vec<&str> = names.iter().map(|name| name.words()).collect();
    words.join(", ")
}

/// The panels of one leg with the levels across them. The other leg is their mirror image.
#[derive(Debug, Clone)]
pub struct TrouserPanels {
    /// The front leg panel.
    pub front: Panel,
    /// The back leg panel.
    pub back: Panel,
    /// The levels that were measured, from the top down.
    pub levels: Vec<Level>,
    /// Height of the crotch point above the hem fold, in millimetres.
    pub crotch_height: f64,
    /// Height at which the crotch curve has become the straight of the centre seam.
    pub curve_top: f64,
    /// Measures that were estimated because they are missing.
    pub estimated: Vec<FlatName>,
}

impl TrouserPanels {
    /// The edges that lie in a seam: front and back, or for a centre seam the one panel twice,
    /// because left and right are mirror images.
    #[must_use]
    pub fn edges(&self, seam: SeamName) -> [&Edge; 2] {
        match seam {
            SeamName::Outseam => [&self.front.edges[0].1, &self.back.edges[0].1],
            SeamName::Inseam => [&self.front.edges[2].1, &self.back.edges[2].1],
            SeamName::CentreFront => [&self.front.edges[1].1, &self.front.edges[1].1],
            SeamName::CentreBack => [&self.back.edges[1].1, &self.back.edges[1].1],
        }
    }

    /// Length of a seam: the mean of its two edges, in millimetres.
    #[must_use]
    pub fn seam_length(&self, seam: SeamName) -> f64 {
        let [one, other] = self.edges(seam);
        (one.length() + other.length()) / 2.0
    }
}

impl Trousers {
    /// A flat measure, when it was taken.
    #[must_use]
    pub fn flat(&self, name: FlatName) -> Option<Length> {
        self.flats.get(&name).copied()
    }

    /// What is inside a seam, when it was looked at.
    #[must_use]
    pub fn allowance(&self, seam: SeamName) -> Option<SeamAllowance> {
        self.allowances.iter().copied().find(|allowance| allowance.seam == seam)
    }

    /// The measured length of a seam, when it is known without drawing the panels.
    #[must_use]
    pub fn seam_length(&self, seam: SeamName) -> Option<Length> {
        self.flat(match seam {
            SeamName::Outseam => FlatName::Outseam,
            SeamName::Inseam => FlatName::Inseam,
            SeamName::CentreBack => FlatName::BackRise,
            SeamName::CentreFront => FlatName::FrontRise,
        })
    }

    /// Draws the panels.
    ///
    /// ```
    /// use vemble_fit::garment::{SeamName, Trousers};
    /// let trousers: Trousers = serde_json::from_str(r#"{
    ///     "flats": { "waist": 400, "hip": 520, "hem": 200, "inseam": 760, "outseam": 1020 },
    ///     "band": { "height": 40, "build": "one_piece", "belt_loop_at_back": false },
    ///     "turn_up": 40
    /// }"#).unwrap();
    /// let panels = trousers.panels(&Default::default()).unwrap();
    /// assert!((panels.seam_length(SeamName::Inseam) - 760.0).abs() < 0.5);
    /// // What was not measured is estimated, and named.
    /// assert!(!panels.estimated.is_empty());
    /// ```
    ///
    /// # Errors
    /// [`TemplateError`] naming the measures that are missing, implausible or at odds.
    pub fn panels(&self, habits: &Habits) -> Result<TrouserPanels, TemplateError> {
        self.check()?;
        let missing: Vec<FlatName> =
            FlatName::NEEDED.into_iter().filter(|name| self.flat(*name).is_none()).collect();
        if !missing.is_empty() {
            return Err(TemplateError::Missing(missing));
        }
        Draft::new(self, habits)?.panels()
    }

    /// Checks every measure taken against what a garment can have.
    ///
    /// # Errors
    /// [`TemplateError::Implausible`] for the first that no garment has.
    pub fn check(&self) -> Result<(), TemplateError> {
        for (name, read) in &self.flats {
            let (least, most) = name.plausible();
            if *read < least || *read > most {
                return Err(TemplateError::Implausible { name: *name, read: *read });
            }
        }
        Ok(())
    }
}

/// The block while its heights are being found.
struct Draft<'a> {
    trousers: &'a Trousers,
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
    top: f64,
}

impl Heights {
    fn curve_top(&self) -> f64 {
        self.crotch + CURVE_REACH * (self.hip - self.crotch)
    }
}

impl<'a> Draft<'a> {
    fn new(trousers: &'a Trousers, habits: &'a Habits) -> Result<Self, TemplateError> {
        let mut draft = Draft {
            trousers,
            habits,
            estimated: Vec::new(),
            thigh: 0.0,
            fork: 0.0,
            back_fork: 0.0,
            outer_hip: 0.0,
        };
        let hip_panel = draft.mm(FlatName::Hip) / 2.0;
        let block_fork = FORK_SHARE * hip_panel;
        draft.thigh = match trousers.flat(FlatName::Thigh) {
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
            return Err(draft.disagree(
                FlatName::Thigh,
                FlatName::Hip,
                "a leg this narrow leaves nothing for the crotch to sit in",
            ));
        }
        if draft.mm(FlatName::Outseam) < draft.mm(FlatName::Inseam) + 100.0 {
            return Err(draft.disagree(
                FlatName::Outseam,
                FlatName::Inseam,
                "the outseam must be longer by at least 100 mm for the rise",
            ));
        }
        Ok(draft)
    }

    fn mm(&self, name: FlatName) -> f64 {
        self.trousers.flat(name).map_or(0.0, Length::mm)
    }

    fn disagree(&self, one: FlatName, other: FlatName, because: &'static str) -> TemplateError {
        TemplateError::Disagree {
            one,
            one_read: self.trousers.flat(one).unwrap_or_default(),
            other,
            other_read: self.trousers.flat(other).unwrap_or_default(),
            because,
        }
    }

    fn heights(&self, crotch: f64, top: f64) -> Heights {
        let rise = top - crotch;
        // A low rise leaves no room for a hip 200 below the band; it then sits a third up.
        let hip = (top - self.habits.rule(HouseRule::HipBelow)).max(crotch + 0.3 * rise);
        Heights { crotch, hip: hip.min(top - 40.0), top }
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
            if self.trousers.flat(flat).is_some() && height + 10.0 < thigh_height && height > 10.0 {
                leg.push((level, height, self.mm(flat) / 2.0));
            }
        }
        leg.push((LevelName::Thigh, thigh_height, self.thigh / 2.0));
        leg
    }

    /// The body levels that were measured, hip upward, without the waist.
    fn body(&self, heights: &Heights) -> Vec<(LevelName, f64, f64)> {
        let mut body = vec![(LevelName::Hip, heights.hip, self.mm(FlatName::Hip))];
        let high_hip = heights.top - self.habits.rule(HouseRule::HighHipBelow);
        if self.trousers.flat(FlatName::HighHip).is_some()
            && high_hip > heights.hip + 15.0
            && high_hip < heights.top - 15.0
        {
            body.push((LevelName::HighHip, high_hip, self.mm(FlatName::HighHip)));
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
        points.push((heights.top, self.outer(self.mm(FlatName::Waist))));
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

    fn panels(mut self) -> Result<TrouserPanels, TemplateError> {
        let (inseam, outseam) = (self.mm(FlatName::Inseam), self.mm(FlatName::Outseam));
        let (mut crotch, mut top) = (inseam, outseam);
        // Each round corrects the heights by what the drawn seams are too long; the seams are
        // nearly upright, so four rounds leave less than a hundredth of a millimetre.
        for _ in 0..4 {
            let heights = self.heights(crotch, top);
            let outer = self.outer_profile(&heights).path(0.0, false).perimeter(LENGTH_WITHIN);
            let inner = [1.0, -1.0]
                .map(|sign| self.inner_profile(&heights, sign).path(0.0, true).perimeter(LENGTH_WITHIN));
            top += outseam - outer;
            crotch += inseam - (inner[0] + inner[1]) / 2.0;
            if top < crotch + 60.0 {
                return Err(self.disagree(
                    FlatName::Outseam,
                    FlatName::Inseam,
                    "they leave less than 60 mm between crotch and band",
                ));
            }
        }
        let heights = self.heights(crotch, top);
        let front = self.panel(&heights, PanelName::Front)?;
        let back = self.panel(&heights, PanelName::Back)?;
        let mut levels = vec![self.level(LevelName::Waist, heights.top)];
        levels.extend(self.body(&heights).into_iter().rev().map(|(name, y, _)| self.level(name, y)));
        levels.extend(
            self.leg(&heights)
                .into_iter()
                .rev()
                .filter(|(name, ..)| self.trousers.flat(name.flat()).is_some())
                .map(|(name, y, _)| self.level(name, y)),
        );
        Ok(TrouserPanels {
            front,
            back,
            levels,
            crotch_height: heights.crotch,
            curve_top: heights.curve_top(),
            estimated: self.estimated,
        })
    }

    fn level(&self, name: LevelName, height: f64) -> Level {
        let flat = self.trousers.flat(name.flat()).unwrap_or_default();
        Level { name, height: Length::from_mm(height), girth: flat * 2 }
    }

    fn panel(&mut self, heights: &Heights, name: PanelName) -> Result<Panel, TemplateError> {
        let (sign, centre) = match name {
            PanelName::Front => (-1.0, SeamName::CentreFront),
            PanelName::Back => (1.0, SeamName::CentreBack),
        };
        let outer = Edge::along(self.outer_profile(heights).path(sign * BACK_WIDER, false));
        let inner = Edge::along(self.inner_profile(heights, sign).path(0.0, true));
        let centre_edge = self.centre(heights, name, sign)?;
        Ok(Panel {
            name,
            edges: [(SeamName::Outseam, outer), (centre, centre_edge), (SeamName::Inseam, inner)],
        })
    }

    /// The centre seam: crotch curve, then up through the body levels to a top so placed that
    /// the band edge has the panel's share of the waist and the seam has the measured rise.
    fn centre(&mut self, heights: &Heights, name: PanelName, sign: f64) -> Result<Edge, TemplateError> {
        let rise_name = match name {
            PanelName::Front => FlatName::FrontRise,
            PanelName::Back => FlatName::BackRise,
        };
        let fork = Point::new(-self.inner_at_crotch(sign), heights.crotch);
        let outer_top = self.outer(self.mm(FlatName::Waist)) + sign * BACK_WIDER;
        let waist = self.mm(FlatName::Waist) / 2.0 + 2.0 * sign * BACK_WIDER;
        let body: Vec<(f64, f64)> = self
            .body(heights)
            .into_iter()
            .map(|(_, y, flat)| (y, self.outer(flat) - flat / 2.0 - sign * BACK_WIDER))
            .collect();
        let highest = body.last().map_or(heights.hip, |(y, _)| *y);
        let draw = |top_y: f64| {
            let drop = top_y - heights.top;
            let across = (waist * waist - drop * drop).max(0.0).sqrt();
            centre_path(fork, &body, Point::new(outer_top - across, top_y), heights)
        };
        let Some(rise) = self.trousers.flat(rise_name).map(Length::mm) else {
            self.estimated.push(rise_name);
            // Unmeasured, the front is drawn level with the side and the back 15 higher.
            let lift = if name == PanelName::Back { 15.0 } else { 0.0 };
            return Ok(Edge::along(draw(heights.top + lift)));
        };
        let (mut low, mut high) = (highest + 12.0, heights.top + 0.6 * waist);
        let length = |top_y: f64| draw(top_y).perimeter(LENGTH_WITHIN);
        if !(length(low)..=length(high)).contains(&rise) {
            return Err(self.disagree(
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
    use proptest::prelude::*;
    use proptest::strategy::ValueTree;

    fn flats(values: &[(FlatName, f64)]) -> BTreeMap<FlatName, Length> {
        values.iter().map(|(name, mm)| (*name, Length::from_mm(*mm))).collect()
    }

    fn trousers(flats: BTreeMap<FlatName, Length>) -> Trousers {
        Trousers {
            flats,
            allowances: Vec::new(),
            band: Band { height: Length::whole_mm(40), build: BandBuild::OnePiece, belt_loop_at_back: true },
            turn_up: Length::whole_mm(40),
            topstitched: Vec::new(),
            lined: false,
            back_pocket_gap: None,
        }
    }

    prop_compose! {
        /// Trousers of every cut a shop sells, with each measure free within reason.
        fn any_trousers()(
            hip in 380.0f64..700.0, waist_share in 0.70f64..1.02, high_share in 0.3f64..0.8,
            thigh_share in 0.56f64..0.74, knee_share in 0.55f64..1.05, calf_share in 0.8f64..1.15,
            hem_share in 0.7f64..1.3, inseam in 500.0f64..900.0, side_rise in 225.0f64..320.0,
            front in 5.0f64..35.0, back in 50.0f64..110.0,
        ) -> Trousers {
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
            let panels = match trousers.panels(&Habits::default()) {
                Ok(panels) => panels,
                // A rise that cannot go with its waist is refused, never drawn wrong.
                Err(TemplateError::Disagree { .. }) => return Ok(()),
                Err(other) => return Err(TestCaseError::fail(other.to_string())),
            };
            for level in &panels.levels {
                let flat = trousers.flat(level.name.flat()).unwrap().mm();
                let drawn = match level.name {
                    // Along the band's own edge, which need not be level.
                    LevelName::Waist => [&panels.front, &panels.back].map(|panel| {
                        let top = panel.edges[0].1.at(f64::MAX).point;
                        (panel.edges[1].1.at(f64::MAX).point - top).hypot()
                    }).iter().sum::<f64>(),
                    // A hair above the fold, so that the hem edge itself is not what is measured.
                    LevelName::Hem => [&panels.front, &panels.back]
                        .map(|panel| panel.width_at(0.001).unwrap()).iter().sum(),
                    _ => [&panels.front, &panels.back]
                        .map(|panel| panel.width_at(level.height.mm()).unwrap()).iter().sum(),
                };
                let expected = if level.name.tube() == super::super::Tube::Body { flat } else { 2.0 * flat };
                prop_assert!((drawn - expected).abs() < 0.5, "{:?}: {drawn} for {expected}", level.name);
            }
        }

        #[test]
        fn the_seams_are_as_long_as_they_were_measured(trousers in any_trousers()) {
            let Ok(panels) = trousers.panels(&Habits::default()) else { return Ok(()) };
            let length = |panel: &Panel, seam| panel.edge(seam).unwrap().length();
            let wanted = |name| trousers.flat(name).unwrap().mm();
            for panel in [&panels.front, &panels.back] {
                prop_assert!((length(panel, SeamName::Outseam) - wanted(FlatName::Outseam)).abs() < 0.5);
            }
            let inseam = (length(&panels.front, SeamName::Inseam) + length(&panels.back, SeamName::Inseam)) / 2.0;
            prop_assert!((inseam - wanted(FlatName::Inseam)).abs() < 0.5);
            prop_assert!((length(&panels.front, SeamName::CentreFront) - wanted(FlatName::FrontRise)).abs() < 0.5);
            prop_assert!((length(&panels.back, SeamName::CentreBack) - wanted(FlatName::BackRise)).abs() < 0.5);
        }
    }

    #[test]
    fn most_ordinary_measures_can_be_drawn() {
        let mut runner = proptest::test_runner::TestRunner::deterministic();
        let drawn = (0..200)
            .filter(|_| {
                let value = any_trousers().new_tree(&mut runner).unwrap().current();
                value.panels(&Habits::default()).is_ok()
            })
            .count();
        assert!(drawn > 160, "only {drawn} of 200");
    }

    #[test]
    fn missing_measures_are_named() {
        let bare = trousers(flats(&[(FlatName::Waist, 400.0), (FlatName::Inseam, 760.0)]));
        assert_eq!(
            bare.panels(&Habits::default()).unwrap_err().to_string(),
            "the panels cannot be drawn without the hip width, hem width, outseam"
        );
    }

    #[test]
    fn a_waist_typed_as_a_girth_in_centimetres_is_refused() {
        let typed = trousers(flats(&[(FlatName::Waist, 84.0)]));
        assert_eq!(
            typed.panels(&Habits::default()).unwrap_err().to_string(),
            "the waist width was read as 84 mm; it can be from 180 to 1200 mm"
        );
    }
}
