//! What has to be done beside taking widths over from a garment that fits, in words.

use crate::garment::{FlatName, LevelName, SeamName};
use crate::unit::length::Length;
use crate::unit::scale::Scale;

/// A seam that can give no more at a level than so much: the seam that gives the rest, or by how much it stays wider.
pub(crate) fn gives_no_more(
    level: LevelName,
    seam: SeamName,
    most: Length,
    instead: Result<SeamName, Length>,
    scale: Scale,
) -> String {
    let instead = match instead {
        Ok(other) => format!("the {} gives the rest", other.words()),
        Err(wider) => format!("it stays {} wider there, laid flat", scale.write(wider)),
    };
    let (level, seam, most) = (level.words(), seam.words(), scale.write(most));
    format!("At the {level} the {seam} can give {most} and no more: {instead}.")
}

/// What a difference in a length asks for; `None` where the name is a width.
pub(crate) fn length_copied(name: FlatName, longer: Length, by: &str) -> Option<String> {
    let (more, less) = if longer.is_positive() { ("shorten", "longer") } else { ("lengthen", "shorter") };
    Some(match name {
        FlatName::SideLength | FlatName::BackLength | FlatName::Outseam | FlatName::Inseam => {
            format!("The {} is {by} {less}: {more} at the hem.", name.words())
        }
        FlatName::SleeveSeam | FlatName::SleeveLength => {
            format!("The {} is {by} {less}: {more} the sleeve at its hem.", name.words())
        }
        FlatName::UnderarmToWaist => format!(
            "The waist lies {by} {} than on the favourite: move the waist pins {}.",
            if longer.is_positive() { "lower" } else { "higher" },
            if longer.is_positive() { "up" } else { "down" }
        ),
        FlatName::FrontRise | FlatName::BackRise => format!(
            "The {} is {by} {less}: the crotch sits {}, which is altered at the band.",
            name.words(),
            if longer.is_positive() { "lower" } else { "higher" }
        ),
        FlatName::Shoulder | FlatName::AcrossBack | FlatName::Neck => format!(
            "The {} is {by} {}: move the armhole or neck by half of it on each side before the sleeve is touched.",
            name.words(),
            if longer.is_positive() { "wider" } else { "narrower" }
        ),
        _ => return None,
    })
}
