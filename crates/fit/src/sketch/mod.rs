//! A garment drawn while it is being measured: at house proportions to begin with, nearer with every reading, with the place
//! of the tape for each.

pub(crate) mod body;
mod levels;
mod proportions;

use serde::Serialize;

use crate::garment::{FlatName, Garment, LevelName, Parts, SeamName, Shape, TemplateError};
use crate::house::habit::Habits;
use crate::judge::picture::figure::Figure;
use crate::judge::picture::garment_figures;
use crate::judge::picture::seen::Rings;
use crate::judge::picture::tape::{Tape, level_of, tapes};
use crate::pattern::Pattern;
use crate::pattern::draw::sleeve::UPPER_BELOW;
use crate::unit::length::Length;
use levels::with_all_levels;

/// A measure of the garment, taken or not.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct SketchedFlat {
    /// Which.
    pub flat: FlatName,
    /// What it is called.
    pub words: &'static str,
    /// Where the tape lies; empty where the name says it.
    pub hint: &'static str,
    /// True without which nothing is more than a sketch.
    pub needed: bool,
    /// True for a width, of which the girth is twice.
    pub is_width: bool,
    /// What was measured.
    pub taken: Option<Length>,
    /// What the drawing has, where nothing was measured.
    pub drawn: Option<Length>,
    /// What stands there, in the session's unit: what was measured, or what the drawing has.
    pub shown: Option<String>,
    /// Twice that, of a width.
    pub girth: Option<String>,
    /// What twice a width is called.
    pub girth_words: Option<String>,
}

/// A garment drawn while it is being measured.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Sketch {
    /// From the front.
    pub front: Figure,
    /// From the back.
    pub back: Figure,
    /// Where the tape lies, in the order it is laid.
    pub tapes: Vec<Tape>,
    /// Every measure in the order one takes them: the needed ones first.
    pub flats: Vec<SketchedFlat>,
    /// The parts it is drawn with: those that were said, else those most of its kind have.
    pub parts: Parts,
    /// What cannot be right together; it is drawn at house proportions then.
    pub fault: Option<String>,
}

/// Draws a garment as far as it has been measured.
///
/// ```
/// use vemble_fit::{Garment, Habits, sketch};
/// let garment: Garment = serde_json::from_str(
///     r#"{ "name": "", "shape": { "kind": "trousers", "flats": { "hip": 560 }, "turn_up": 40 } }"#,
/// ).unwrap();
/// let sketch = sketch(&garment, &Habits::default()).unwrap();
/// // One measure is enough for a drawing; the others come nearer by it.
/// let waist = sketch.flats.iter().find(|flat| flat.words == "waist width").unwrap();
/// assert!(waist.taken.is_none() && waist.drawn.unwrap().mm() > 405.0);
/// ```
///
/// # Errors
/// A measure no such garment has, or a seam its kind cannot have.
pub fn sketch(garment: &Garment, habits: &Habits) -> Result<Sketch, TemplateError> {
    garment.shape.check()?;
    let completed = |shape: &Shape| Shape { flats: proportions::completed(shape), ..shape.clone() };
    let drawn = completed(&garment.shape);
    let figured = |shape: &Shape| {
        let pattern = with_all_levels(shape.pattern(habits)?, shape, habits);
        let figures = figures(garment, shape, &pattern)?;
        Ok((pattern, figures))
    };
    match figured(&drawn) {
        Ok((pattern, figures)) => Ok(sketched(garment, &drawn, &pattern, figures, habits, None)),
        Err::<_, TemplateError>(fault) => {
            let plain = completed(&Shape { flats: Default::default(), ..garment.shape.clone() });
            let (pattern, figures) = figured(&plain)?;
            Ok(sketched(garment, &plain, &pattern, figures, habits, Some(fault.to_string())))
        }
    }
}

/// Girths at the pattern's levels.
fn rings(pattern: &Pattern) -> Rings {
    pattern.levels.iter().map(|level| (level.name, level.height.mm(), level.girth)).collect()
}

fn figures(garment: &Garment, shape: &Shape, pattern: &Pattern) -> Result<[Figure; 2], TemplateError> {
    let drawn = Garment { shape: shape.clone(), ..garment.clone() };
    let figures = garment_figures(&drawn, pattern, &rings(pattern));
    figures.ok_or_else(|| TemplateError::Missing(shape.kind.needed().to_vec()))
}

fn sketched(
    garment: &Garment,
    shape: &Shape,
    pattern: &Pattern,
    [front, back]: [Figure; 2],
    habits: &Habits,
    fault: Option<String>,
) -> Sketch {
    let needed = shape.kind.needed();
    let (first, rest): (Vec<FlatName>, Vec<FlatName>) =
        shape.measured().iter().partition(|flat| needed.contains(flat));
    let row = |flat: FlatName| {
        let taken = garment.shape.flat(flat);
        let drawn = taken.or_else(|| measured_on(pattern, shape, flat));
        let is_width = level_of(flat).is_some();
        SketchedFlat {
            flat,
            words: flat.words(),
            hint: flat.hint(),
            needed: needed.contains(&flat),
            is_width,
            taken,
            drawn,
            shown: drawn.map(|length| habits.scale.number(length)),
            girth_words: is_width.then(|| flat.words().replace("width", "girth")),
            girth: drawn.filter(|_| is_width).map(|length| habits.scale.number(length + length)),
        }
    };
    Sketch {
        tapes: tapes(shape, pattern, &rings(pattern), [&front, &back]),
        flats: first.into_iter().chain(rest).map(row).collect(),
        parts: drawn_parts(garment),
        front,
        back,
        fault,
    }
}

/// Every part as it is drawn.
fn drawn_parts(garment: &Garment) -> Parts {
    let shape = &garment.shape;
    Parts {
        collar: Some(shape.collar()),
        front: Some(shape.front()),
        pockets: Some(shape.pockets(garment.cloth.family)),
        cuffs: Some(shape.cuffs()),
        loops: Some(shape.has_loops()),
        pleats: Some(shape.has_pleats()),
    }
}

/// What a flat measure is on a drawn pattern; `None` for what it does not have.
#[must_use]
pub fn measured_on(pattern: &Pattern, shape: &Shape, flat: FlatName) -> Option<Length> {
    let seam = |name| pattern.seam_length(name).map(Length::from_mm);
    let bodice = pattern.bodice;
    let twice = |half: f64| Length::from_mm(2.0 * half);
    match flat {
        FlatName::Inseam => seam(SeamName::Inseam),
        FlatName::Outseam => seam(SeamName::Outseam),
        FlatName::SideLength => seam(SeamName::Side),
        FlatName::FrontRise => seam(SeamName::CentreFront),
        FlatName::BackRise => seam(SeamName::CentreBack),
        FlatName::SleeveSeam if shape.has(SeamName::SleeveUnderarm) => seam(SeamName::SleeveUnderarm),
        // The seams of a two-piece sleeve run on into its cap; it is measured up to the underarm.
        FlatName::SleeveSeam => {
            let level = pattern.level(LevelName::UpperArm)?;
            let [edge, _] = pattern.edges(SeamName::SleeveFront)?;
            Some(Length::from_mm(edge.edge.at_height(level.height.mm() + UPPER_BELOW).station))
        }
        FlatName::SleeveLength => pattern.crown.map(Length::from_mm),
        FlatName::Neck => bodice.map(|bodice| twice(bodice.neck.x)),
        FlatName::Shoulder => bodice.map(|bodice| twice(bodice.shoulder.x)),
        FlatName::AcrossBack => bodice.map(|bodice| twice(bodice.across)),
        // A shaped centre back is longer than it is high.
        FlatName::BackLength if shape.has(SeamName::CentreBack) => seam(SeamName::CentreBack),
        FlatName::BackLength => bodice.map(|bodice| Length::from_mm(bodice.nape)),
        FlatName::UnderarmToWaist => {
            let name = if shape.kind.has_legs() { SeamName::Outseam } else { SeamName::Side };
            let [edge, _] = pattern.edges(name)?;
            Some(Length::from_mm(edge.edge.length() - edge.edge.at_height(pattern.waist?).station))
        }
        _ => {
            let level = pattern.level(level_of(flat)?)?;
            Some(Length::from_mm(level.girth.mm() / 2.0))
        }
    }
}
