//! Cloths by name: what a thrift rail has most of, each with its look and what it does under needle and iron.
//!
//! A house table to begin with; every part of one can be changed afterwards.

use serde::Serialize;

use super::colour::Colour;
use super::family::{Cloth, ClothFamily, Fibre, Fray, Surface};
use super::look::{Look, Weave};
use crate::unit::length::Length;

/// A cloth by name.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct NamedCloth {
    /// What it is called.
    pub words: &'static str,
    /// What it is.
    pub cloth: Cloth,
}

/// One row: name, family, fibre, fray, tenths of a millimetre thick, look.
struct Row(&'static str, ClothFamily, Fibre, Fray, i64, Weave, [u8; 3], Option<[u8; 3]>);

const ROWS: [Row; 18] = {
    use {ClothFamily as F, Fibre as B, Fray as R, Weave as W};
    [
        Row("calico", F::Shirting, B::Cotton, R::Low, 3, W::Plain, [230, 220, 198], None),
        Row("white poplin", F::Shirting, B::Cotton, R::Medium, 4, W::Plain, [244, 243, 238], None),
        Row(
            "striped shirting",
            F::Shirting,
            B::Cotton,
            R::Medium,
            4,
            W::Stripe,
            [236, 239, 243],
            Some([94, 124, 166]),
        ),
        Row(
            "check flannel",
            F::Shirting,
            B::Cotton,
            R::Medium,
            6,
            W::Check,
            [150, 58, 46],
            Some([52, 46, 52]),
        ),
        Row("linen", F::Shirting, B::Linen, R::High, 5, W::Plain, [196, 181, 148], None),
        Row(
            "spotted viscose",
            F::Shirting,
            B::Viscose,
            R::High,
            4,
            W::Dots,
            [66, 96, 140],
            Some([238, 236, 226]),
        ),
        Row(
            "flowered viscose",
            F::Shirting,
            B::Viscose,
            R::High,
            4,
            W::Floral,
            [232, 214, 205],
            Some([158, 66, 88]),
        ),
        Row(
            "border print cotton",
            F::Shirting,
            B::Cotton,
            R::Medium,
            4,
            W::Border,
            [226, 206, 168],
            Some([46, 92, 96]),
        ),
        Row("indigo denim", F::Denim, B::Cotton, R::High, 12, W::Denim, [47, 62, 92], Some([168, 178, 194])),
        Row("faded denim", F::Denim, B::Cotton, R::High, 9, W::Denim, [126, 150, 178], Some([222, 228, 234])),
        Row("tan cotton twill", F::Twill, B::Cotton, R::Medium, 7, W::Twill, [182, 152, 108], None),
        Row("brown corduroy", F::Twill, B::Cotton, R::Medium, 10, W::Corduroy, [112, 76, 48], None),
        Row("green velvet", F::Twill, B::Synthetic, R::High, 12, W::Velvet, [30, 84, 60], None),
        Row("navy wool", F::Twill, B::Wool, R::Low, 9, W::Twill, [36, 44, 66], None),
        Row(
            "grey pinstripe wool",
            F::Twill,
            B::Wool,
            R::Medium,
            8,
            W::Pinstripe,
            [92, 94, 98],
            Some([206, 206, 204]),
        ),
        Row(
            "herringbone tweed",
            F::Coating,
            B::Wool,
            R::Low,
            26,
            W::Herringbone,
            [122, 110, 92],
            Some([70, 62, 52]),
        ),
        Row(
            "striped jersey",
            F::Jersey,
            B::Cotton,
            R::Knit,
            8,
            W::Hoops,
            [238, 234, 222],
            Some([40, 56, 92]),
        ),
        Row("grey sweatshirting", F::Jersey, B::Cotton, R::Knit, 12, W::Rib, [146, 148, 150], None),
    ]
};

/// The share a knit extends under a light pull where nobody has pulled it.
const KNIT_STRETCH: f64 = 0.25;

/// The cloths by name.
#[must_use]
pub fn named_cloths() -> Vec<NamedCloth> {
    let colour = |[red, green, blue]: [u8; 3]| Colour::rgb(red, green, blue);
    ROWS.iter()
        .map(|Row(words, family, fibre, fray, tenths, weave, ground, second)| NamedCloth {
            words,
            cloth: Cloth {
                family: *family,
                fibre: *fibre,
                fray: *fray,
                stretch: if family.is_knit() { KNIT_STRETCH } else { 0.0 },
                thickness: Length::from_mm(*tenths as f64 / 10.0),
                surface: match weave {
                    Weave::Corduroy | Weave::Velvet => Surface::Pile,
                    _ => Surface::Smooth,
                },
                bias: false,
                look: Some(Look {
                    colour: colour(*ground),
                    weave: *weave,
                    second: second.map(colour),
                    repeat: None,
                    lining: None,
                }),
            },
        })
        .collect()
}
