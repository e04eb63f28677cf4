//! A seam that will be sewn, as the work order has to know it.

use crate::garment::datum::Datum;
use crate::garment::side::Side;
use crate::garment::{Block, HemName, Seam, SeamEnd, SeamName, Shape, SleeveBuild};
use crate::line::{Line, LineEnd};
use crate::unit::length::Length;

/// How often a line is looked at along its seam, in millimetres.
const LOOK_EVERY: f64 = 10.0;
/// So near the crotch the four allowances that cross there are in the way, in millimetres.
const NEAR_THE_CROTCH: f64 = 40.0;
/// Nothing to a needle, in millimetres.
const NOTHING: f64 = 0.05;

/// A seam with the lines that will be sewn on it: one for each side it has.
#[derive(Debug, Clone)]
pub struct SeamWork<'a> {
    /// The seam.
    pub seam: SeamName,
    /// Its lines, left before right.
    pub lines: Vec<(Side, &'a Line)>,
    /// The hem a line runs off at, which has to be opened.
    pub at_hem: Option<HemName>,
    /// A line goes through a band, which has to be opened.
    pub at_band: bool,
    /// A line reaches an underarm with a sleeve, whose armhole has to be opened there.
    pub at_armhole: bool,
    /// A line crosses the waist seam, which has to be opened there.
    pub at_waist_seam: bool,
    /// A line reaches the neck edge, with its facing, binding or collar.
    pub at_neck: bool,
    /// A line reaches an armhole from above, where the sleeve is set in.
    pub at_sleeve_head: bool,
    /// A line reaches the edge of an armhole without a sleeve.
    pub at_armhole_edge: bool,
    /// A line runs into the shoulder seam.
    pub at_shoulder: bool,
    /// A line comes up to the crotch, where four allowances cross.
    pub at_crotch: bool,
    /// A line moves the edge at which the front is closed.
    pub at_fastening: bool,
    /// How deep its lines lie at the upper end, in their order, in millimetres; letting out is negative.
    pub(crate) tops: Vec<f64>,
    /// The deepest it is taken in anywhere near its lower end, in millimetres.
    pub(crate) at_lower_end: f64,
    /// The most its lines take in, in millimetres.
    pub(crate) deepest: f64,
    /// The tightest bend of its lines, in millimetres, where they bend.
    pub(crate) bends: Option<f64>,
    /// Some stretch of it comes in, however much another is let out.
    pub(crate) takes_in: bool,
    /// Some stretch of it is let out.
    pub(crate) lets_out: bool,
    /// True at its lower and upper end where its lines rejoin the old stitching there.
    pub(crate) on_old_stitching: [bool; 2],
    /// What its lower and upper end are.
    pub(crate) ends: [SeamEnd; 2],
}

impl<'a> SeamWork<'a> {
    /// The lines of a seam of this garment; each of them counts.
    #[must_use]
    pub fn on(shape: &Shape, seam: &Seam, lines: Vec<(Side, &'a Line)>) -> Self {
        let any = |is: &dyn Fn(&Line) -> bool| lines.iter().any(|(_, line)| is(line));
        let reaches_top = any(&|line| !matches!(line.upper, LineEnd::Taper { .. }));
        let sleeved = shape.sleeve_build() != SleeveBuild::None;
        let waist = seam.datum(Datum::AboveWaistSeam).map(|datum| datum.at);
        let hem = if seam.name.is_on_sleeve() { HemName::Sleeve } else { HemName::Hem };
        let depths: Vec<f64> =
            lines.iter().flat_map(|(_, line)| stations(line).map(|station| line.depth(station))).collect();
        let runs_off = seam.lower == SeamEnd::Hem && any(&|line| line.lower == LineEnd::RunOff);
        let reaches_low = any(&|line| !matches!(line.lower, LineEnd::Taper { .. }));
        let name = seam.name;
        let body = matches!(shape.kind.block(), Block::Body | Block::Overalls);
        let armhole_above = matches!(name, SeamName::Shoulder | SeamName::Yoke) && reaches_top;
        let middle = matches!(name, SeamName::CentreBack | SeamName::CentreFront);
        let ends = |at_end: &dyn Fn(&Line) -> f64| {
            lines.iter().map(|(_, line)| line.depth(at_end(line))).collect::<Vec<_>>()
        };
        let bends = lines.iter().filter_map(|(_, line)| line.character().tightest_radius);
        SeamWork {
            seam: seam.name,
            at_hem: runs_off.then_some(hem),
            at_band: matches!(seam.upper, SeamEnd::Band(_)) && reaches_top,
            at_armhole: matches!(seam.upper, SeamEnd::Underarm(_)) && reaches_top && sleeved,
            at_waist_seam: waist.is_some_and(|waist| {
                any(&|line| {
                    let (low, high) = line.reach();
                    low < waist && waist < high
                })
            }),
            at_neck: (name == SeamName::Shoulder && reaches_low) || (body && middle && reaches_top),
            at_sleeve_head: armhole_above && sleeved,
            at_armhole_edge: !sleeved
                && (armhole_above || (matches!(seam.upper, SeamEnd::Underarm(_)) && reaches_top)),
            at_shoulder: body
                && matches!(name, SeamName::PrincessFront | SeamName::PrincessBack)
                && reaches_top,
            at_crotch: seam.upper == SeamEnd::CrotchPoint
                && any(&|line| line.reach().1 > line.length - NEAR_THE_CROTCH),
            at_fastening: name == SeamName::CentreFront && shape.closes_in_front(),
            tops: ends(&|line| line.length),
            at_lower_end: ends(&|_| 0.0).into_iter().fold(0.0, f64::max),
            deepest: depths.iter().copied().fold(0.0, f64::max),
            bends: bends.reduce(f64::min),
            takes_in: depths.iter().any(|depth| *depth > NOTHING),
            lets_out: depths.iter().any(|depth| *depth < -NOTHING),
            on_old_stitching: [!reaches_low, !reaches_top],
            ends: [seam.lower, seam.upper],
            lines,
        }
    }

    /// Length of all its lines together, in millimetres.
    pub(crate) fn run(&self) -> f64 {
        let reach = |line: &Line| {
            let (low, high) = line.reach();
            high - low
        };
        self.lines.iter().map(|(_, line)| reach(line)).sum()
    }

    /// How deep its lines lie at the upper end on the mean of the sides, in millimetres.
    pub(crate) fn at_top(&self) -> f64 {
        self.tops.iter().sum::<f64>() / self.tops.len().max(1) as f64
    }

    /// "s" where it is sewn on both sides.
    pub(crate) fn plural(&self) -> &'static str {
        if self.lines.len() > 1 { "s" } else { "" }
    }

    /// By how much left and right differ at most, where it has two sides.
    pub(crate) fn apart(&self) -> Option<Length> {
        let [(_, one), (_, other)] = self.lines.as_slice() else { return None };
        let apart = stations(one).map(|station| (one.depth(station) - other.depth(station)).abs());
        Some(Length::hundredth(apart.fold(0.0, f64::max)))
    }

    /// True where a line of it moves the seam somewhere between two stations, on this side.
    pub(crate) fn moves_between(&self, side: Option<Side>, from: Length, to: Length) -> bool {
        let on = |own: Side| side.is_none_or(|side| own == side || own == Side::Centre);
        self.lines.iter().filter(|(own, _)| on(*own)).any(|(_, line)| {
            let inside = |station: &f64| (from.mm()..=to.mm()).contains(station);
            stations(line)
                .filter(inside)
                .chain([from.mm(), to.mm()])
                .any(|station| line.depth(station).abs() > NOTHING)
        })
    }
}

fn stations(line: &Line) -> impl Iterator<Item = f64> + use<> {
    let length = line.length;
    let pieces = (length / LOOK_EVERY).ceil().max(1.0) as u32;
    (0..=pieces).map(move |piece| length * f64::from(piece) / f64::from(pieces))
}
