//! The fit picture: the wearer and the garment whole, from the front and from the side, as wide and as deep at every
//! level as the rings beside them.

use serde::Serialize;

use crate::body::measures::Body;
use crate::garment::{FlatName, Garment, LevelName, Tube};
use crate::house::habit::Habits;
use crate::judge::ease::LevelBalance;
use crate::judge::fit_ring::{FitRing, Section, Worn, ring};
use crate::judge::picture::figure::Figure;
use crate::judge::picture::garment_figures;
use crate::judge::picture::pen::{Points, tenth};
use crate::judge::picture::piece::{FigurePiece, PartName};
use crate::judge::picture::seen::{Rings, seen_from_girth};
use crate::judge::picture::side::{Aside, Depths, GarmentAside, garment_aside, wearer_aside};
use crate::judge::picture::tape::level_courses;
use crate::judge::picture::wearer::{Heights, beside};
use crate::pattern::Pattern;
use crate::unit::length::Length;

/// The wearer and the garment from one side: closed pieces in painting order, `y` the height above the hem fold as it
/// came, `x` to the wearer's right as in a mirror or, from the side, to the front.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct FitView {
    /// The wearer.
    pub body: Vec<FigurePiece>,
    /// The garment before.
    pub before: Vec<FigurePiece>,
    /// The garment after.
    pub after: Vec<FigurePiece>,
    /// From the least `x` to the greatest.
    pub across: [f64; 2],
    /// From the lowest point to the highest.
    pub upright: [f64; 2],
}

/// The whole picture.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct FitPicture {
    /// Every level the body was measured at, from the top down as they hang.
    pub rings: Vec<FitRing>,
    /// From the front, where it can be drawn.
    pub front: Option<FitView>,
    /// From the side, where it can be drawn.
    pub side: Option<FitView>,
    /// What is true of the whole of it, each once.
    pub notes: Vec<String>,
}

/// What the picture is drawn from.
pub(crate) struct Pictured<'a> {
    /// The garment.
    pub garment: &'a Garment,
    /// Who wears it.
    pub body: &'a Body,
    /// Its panels as they came and as they will be.
    pub patterns: [&'a Pattern; 2],
    /// Its levels.
    pub levels: &'a [LevelBalance],
    /// Settings.
    pub habits: &'a Habits,
}

/// One of the two garments: half width and half depth at each level.
struct Seen {
    levels: Vec<(LevelName, Tube, f64, [f64; 2])>,
}

impl Seen {
    fn rings(&self) -> Rings {
        let ring = |(level, _, y, [half, _]): &(LevelName, Tube, f64, [f64; 2])| {
            (*level, *y, seen_from_girth(*level, *half))
        };
        self.levels.iter().map(ring).collect()
    }
}

impl Pictured<'_> {
    fn row(&self, level: LevelName) -> Option<&LevelBalance> {
        self.levels.iter().find(|row| row.girth.level == level)
    }

    /// How far the body reaches at a level, to the side and to the front, with what lies round it.
    fn body_reach(&self, whole: &Body, level: LevelName) -> Option<[f64; 2]> {
        let worn = self.row(level).and_then(Worn::of).map(|worn| worn.body);
        let girth = worn.or_else(|| whole.get(level.measure()?).map(Length::mm))?;
        Some(Section::at(level, self.habits).reach(girth))
    }

    /// How far the garment reaches at the levels of its panels, before or after.
    fn seen(&self, which: usize) -> Seen {
        let reach = |level: LevelName| {
            let row = self.row(level)?;
            let section = Section::at(level, self.habits);
            Some(match Worn::of(row) {
                Some(worn) => section.reach(worn.body).map(|reach| reach + worn.stands_off()[which]),
                None => section.reach([row.girth.before, row.girth.after][which].mm()),
            })
        };
        let levels = self.patterns[which].levels.iter();
        let levels =
            levels.filter_map(|level| Some((level.name, level.tube, level.height.mm(), reach(level.name)?)));
        Seen { levels: levels.collect() }
    }

    fn figures(&self, which: usize) -> Option<([Figure; 2], Rings)> {
        let rings = self.seen(which).rings();
        Some((garment_figures(self.garment, self.patterns[which], &rings)?, rings))
    }

    /// The courses of its levels across the front, as it will be.
    fn courses(&self) -> Vec<(LevelName, Points)> {
        let Some(([front, back], rings)) = self.figures(1) else { return Vec::new() };
        level_courses(&self.garment.shape, self.patterns[1], &rings, [&front, &back])
    }

    fn front_view(&self, whole: &Body, heights: &Heights) -> Option<FitView> {
        let body = beside(whole, heights, self.patterns[0], |level| Some(self.body_reach(whole, level)?[0]))?;
        let [(before, _), (after, _)] = [self.figures(0)?, self.figures(1)?];
        let [[before, _], [after, _]] = [before, after];
        Some(view(body.pieces, before.pieces, after.pieces))
    }

    fn aside(&self, which: usize, wearer: &Aside) -> Option<GarmentAside> {
        let pattern = self.patterns[which];
        let seen = self.seen(which);
        // Sleeves hang beside the body: how high their levels lie is seen from the front.
        let courses = {
            let ([front, back], rings) = self.figures(which)?;
            level_courses(&self.garment.shape, pattern, &rings, [&front, &back])
        };
        let hangs = |level: LevelName| courses.iter().find(|(at, _)| *at == level).map(|(_, c)| middle(c));
        let mut depths = Depths::default();
        for (level, tube, y, [_, half]) in seen.levels {
            match tube {
                Tube::Sleeve => depths.sleeve.extend(hangs(level).map(|y| (level, y, half))),
                _ => depths.trunk.push((level, y, half)),
            }
        }
        for places in [&mut depths.trunk, &mut depths.sleeve] {
            places.sort_by(|a, b| a.1.total_cmp(&b.1));
            places.dedup_by(|a, b| (a.1 - b.1).abs() < 1.0);
        }
        let front_neck = pattern.bodice.map_or(0.0, |bodice| bodice.neck_at_centre(true));
        garment_aside(&depths, pattern.bodice.as_ref(), front_neck, wearer)
    }
}

/// The mean height of a course.
fn middle(course: &Points) -> f64 {
    course.iter().map(|point| point[1]).sum::<f64>() / course.len().max(1) as f64
}

fn view(body: Vec<FigurePiece>, before: Vec<FigurePiece>, after: Vec<FigurePiece>) -> FitView {
    let garment = |pieces: Vec<FigurePiece>| -> Vec<FigurePiece> {
        let hangs = |piece: &FigurePiece| matches!(piece.part, PartName::Body | PartName::Sleeve);
        pieces.into_iter().filter(hangs).collect()
    };
    let (before, after) = (garment(before), garment(after));
    let range = |axis: usize| {
        let all = [&body, &before, &after].into_iter().flatten().flat_map(|piece| &piece.outline);
        let ends = all
            .fold([f64::MAX, f64::MIN], |[low, high], point| [low.min(point[axis]), high.max(point[axis])]);
        ends.map(tenth)
    };
    FitView { across: range(0), upright: range(1), body, before, after }
}

/// The rings, from the top down, each with its course across both views.
fn rings(of: &Pictured<'_>, aside: Option<&GarmentAside>) -> Vec<FitRing> {
    let courses = of.courses();
    let course = |courses: &[(LevelName, Points)], level: LevelName| {
        courses.iter().find(|(at, _)| *at == level).map(|(_, points)| points.clone()).unwrap_or_default()
    };
    let placed = |row: &LevelBalance| {
        let level = row.girth.level;
        let front = course(&courses, level);
        let height = if front.is_empty() { of.patterns[1].level(level)?.height.mm() } else { middle(&front) };
        let aside = aside.map_or_else(Vec::new, |after| course(&after.across, level));
        Some(FitRing { height: tenth(height), front, aside, ..ring(row, of.habits)? })
    };
    let mut rings: Vec<FitRing> = of.levels.iter().filter_map(placed).collect();
    rings.sort_by(|a, b| b.height.total_cmp(&a.height));
    rings
}

/// Draws the fit picture.
pub(crate) fn pictured(of: &Pictured<'_>) -> FitPicture {
    let whole = of.body.completed();
    let heights = Heights::of(&whole, of.patterns[0], of.garment.shape.flat(FlatName::Inseam));
    let wearer = heights.as_ref().and_then(|heights| {
        let depth = |level| Some(of.body_reach(&whole, level)?[1]);
        Aside::of_body(&whole, heights, |level| heights.at(level, of.patterns[0]), depth)
    });
    let asides = wearer.as_ref().and_then(|wearer| Some([of.aside(0, wearer)?, of.aside(1, wearer)?]));
    let rings = rings(of, asides.as_ref().map(|[_, after]| after));
    let front = heights.as_ref().and_then(|heights| of.front_view(&whole, heights));
    let side = wearer.as_ref().zip(heights.as_ref()).zip(asides).and_then(|((wearer, heights), asides)| {
        let depth = |level| Some(of.body_reach(&whole, level)?[1]);
        let body = wearer_aside(&whole, heights, wearer, depth)?;
        let [before, after] = asides;
        Some(view(body, before.pieces, after.pieces))
    });
    FitPicture { notes: Vec::new(), rings, front, side }
}
