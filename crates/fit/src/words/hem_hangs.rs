//! How heights from the floor are taken at a hem that hangs aslant, in words.

use crate::operation::hem::Hang;

/// Which way a height above the floor is turned into cloth.
pub(crate) fn hem_hangs(hang: Hang) -> String {
    if hang.cone <= 0.0 {
        return "So full a skirt hangs in folds, nearly straight down: heights from the floor are taken as they are."
            .to_owned();
    }
    let ten = format!("{:.1} along the cloth for 10 of height", 10.0 / hang.cos);
    if hang.cone >= 1.0 {
        format!("The skirt hangs as a cone, so heights from the floor are taken along its slant: {ten}.")
    } else {
        format!(
            "The skirt hangs partly as a cone and partly in folds, so heights from the floor are taken along part of its slant: {ten}."
        )
    }
}
