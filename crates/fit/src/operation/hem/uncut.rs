//! Shortening where the edge cannot be cut: at the waist seam, or in a tuck.
//!
//! At the waist the skirt loses its top: what is then sewn to the bodice or band is the skirt's girth `X`
//! further down, which is wider. Darts drawn again `X` lower bring it back, and what they do not hold is
//! eased or taken in at the sides.

use serde::Serialize;

use super::original::{Tuck, tuck};
use super::ring::Ring;
use super::wish::ShortenAt;
use crate::garment::{Block, FeatureKind, FixtureKind, HemName, LevelName, SeamName, Shape};
use crate::house::habit::Habits;
use crate::house::rules::HouseRule;
use crate::pattern::Pattern;
use crate::sums::SumRow;
use crate::unit::length::Length;

/// One dart that the new waist edge runs through.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct DartAtWaist {
    /// The dart.
    pub seam: SeamName,
    /// What it is called.
    pub words: &'static str,
    /// What each holds at the waist now, and what is left of it at the new edge.
    pub intake: [Length; 2],
    /// How far its tip is lowered, to hold the same again at the same length.
    pub lower_tip: Length,
}

/// A zip that the new waist edge runs into.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct ZipAtWaist {
    /// The seam it is in.
    pub seam: SeamName,
    /// How far it opens.
    pub opens: Length,
}

/// Shortening at the waist.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct WaistShortening {
    /// What is taken off the skirt's top.
    pub takes: Length,
    /// What the skirt is sewn to: the bodice's or band's edge, all round.
    pub upper: Length,
    /// The skirt's new edge, all round, its darts sewn as far as they reach now.
    pub lower: Length,
    /// The skirt's new edge with its darts drawn again.
    pub lower_with_darts: Length,
    /// What is still more than the edge it is sewn to: eased, or taken in.
    pub remains: Length,
    /// What each side seam takes of it, where it is more than can be eased.
    pub side_take_in: Option<Length>,
    /// How far below the new edge that fades out.
    pub fading_over: Length,
    /// The darts.
    pub darts: Vec<DartAtWaist>,
    /// Zips that run into the new edge.
    pub zips: Vec<ZipAtWaist>,
    /// The edges and what is done to them, line by line.
    pub table: Vec<SumRow>,
    /// What to do, in a few sentences.
    pub words: Vec<String>,
}

/// Shortening without cutting the edge.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(tag = "at", rename_all = "snake_case")]
pub enum UncutWay {
    /// At the waist seam or under the band.
    Waist(WaistShortening),
    /// In a tuck.
    Tuck(Tuck),
}

/// True where the skirt of a garment can be taken off at its waist.
pub(super) fn has_waist(shape: &Shape) -> bool {
    match shape.kind.block() {
        Block::Skirt => true,
        Block::Body => shape.has(SeamName::WaistSeam),
        Block::Legs | Block::Overalls => false,
    }
}

/// How far above an edge that cannot be cut a tuck lies: clear of its border, and no lower than the house
/// has it.
pub(super) fn tuck_above(shape: &Shape, hem: HemName, habits: &Habits) -> Length {
    let borders =
        shape.near_hems.iter().filter(|feature| feature.hem == hem && feature.kind == FeatureKind::Border);
    let least = Length::from_mm(habits.rule(HouseRule::TuckAbove));
    borders.map(|border| border.to).max().unwrap_or_default().max(least)
}

pub(super) fn uncut(
    ring: &Ring<'_>,
    shape: &Shape,
    pattern: &Pattern,
    mean: f64,
    at: Option<ShortenAt>,
    habits: &Habits,
) -> UncutWay {
    let at = at.unwrap_or_else(|| {
        if has_waist(shape) {
            ShortenAt::WaistSeam
        } else {
            ShortenAt::Tuck { above: tuck_above(shape, HemName::Hem, habits) }
        }
    });
    let waist = (at == ShortenAt::WaistSeam && has_waist(shape))
        .then(|| waist(shape, pattern, mean, habits))
        .flatten();
    match (waist, at) {
        (Some(waist), _) => UncutWay::Waist(waist),
        (None, ShortenAt::Tuck { above }) => UncutWay::Tuck(tuck(ring, |_| mean, mean, above.mm(), habits)),
        (None, ShortenAt::WaistSeam) => {
            let above = tuck_above(shape, HemName::Hem, habits).mm();
            UncutWay::Tuck(tuck(ring, |_| mean, mean, above, habits))
        }
    }
}

fn waist(shape: &Shape, pattern: &Pattern, takes: f64, habits: &Habits) -> Option<WaistShortening> {
    let line = pattern.level(LevelName::Waist)?;
    // A band stays whole: the skirt's own top is its lower edge.
    let top = line.height.mm() - shape.band_height();
    let new_top = top - takes;
    let width = |height: f64, with_darts: bool| {
        let panels = pattern.halves.iter().flatten();
        let panels = panels.filter(|panel| panel.name.tube() == crate::garment::Tube::Body);
        panels
            .filter_map(|panel| {
                let held: f64 = panel.darts.iter().map(|dart| dart.intake_at(height)).sum();
                panel.width_at(height).map(|width| if with_darts { width } else { width + held })
            })
            .sum::<f64>()
    };
    let upper = width(top, true);
    let lower = width(new_top, true);
    let mut darts = Vec::new();
    let mut held = 0.0;
    for seam in [SeamName::FrontDart, SeamName::BackDart].into_iter().filter(|seam| shape.has(*seam)) {
        for dart in pattern.panels().iter().flat_map(|panel| &panel.darts).filter(|dart| dart.name == seam) {
            let now = [dart.intake_at(top), dart.intake_at(new_top)];
            held += 2.0 * (now[0] - now[1]);
            darts.push(DartAtWaist {
                seam,
                words: seam.words(),
                intake: now.map(Length::hundredth),
                lower_tip: Length::hundredth(takes),
            });
        }
    }
    let lower_with_darts = lower - held;
    let remains = lower_with_darts - upper;
    let side_take_in =
        (remains > habits.rule(HouseRule::WaistEase) * upper).then(|| Length::hundredth(remains / 4.0));
    let mut waist = WaistShortening {
        takes: Length::hundredth(takes),
        upper: Length::hundredth(upper),
        lower: Length::hundredth(lower),
        lower_with_darts: Length::hundredth(lower_with_darts),
        remains: Length::hundredth(remains),
        side_take_in,
        fading_over: side_take_in
            .map_or(Length::ZERO, |each| Length::from_mm(habits.rule(HouseRule::FadeShare) * each.mm())),
        darts,
        zips: shape
            .fixtures
            .iter()
            .filter(|fixture| fixture.kind == FixtureKind::Zip && fixture.to.mm() > new_top)
            .map(|zip| ZipAtWaist { seam: zip.seam, opens: zip.to - zip.from })
            .collect(),
        table: Vec::new(),
        words: Vec::new(),
    };
    waist.table = table(&waist, shape, habits);
    Some(waist)
}

fn table(waist: &WaistShortening, shape: &Shape, habits: &Habits) -> Vec<SumRow> {
    let edge = if shape.kind.has_band() { "band" } else { "bodice" };
    let row = |words: String, length: Length| SumRow { words, shown: habits.scale.number(length) };
    let mut rows = vec![
        row("taken off the top of the skirt".to_owned(), waist.takes),
        row(format!("{edge}, all round"), waist.upper),
        row("skirt at its new edge, darts as they are".to_owned(), waist.lower),
        row("with the darts drawn again".to_owned(), waist.lower_with_darts),
    ];
    for dart in &waist.darts {
        rows.push(row(format!("each {} lower by", dart.words), dart.lower_tip));
        rows.push(row(format!("each {} takes again", dart.words), dart.intake[0]));
    }
    match waist.side_take_in {
        Some(each) => rows.push(row("each side seam, on both panels".to_owned(), each)),
        None => rows.push(row("left to ease in".to_owned(), waist.remains)),
    }
    rows
}
