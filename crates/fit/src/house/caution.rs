//! Cautions: short, once, beside the act.

use serde::Serialize;

/// A hazard of the work.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Caution {
    /// Iron and steam.
    Iron,
    /// Scissors and rotary cutters.
    Blade,
    /// The seam ripper.
    Ripper,
    /// Pins at the machine and on the body.
    Pins,
    /// A needle struck over pins or thick seams.
    Needle,
    /// Marks that may not come out.
    Marker,
    /// Pinning on a moving body.
    PinningOnBody,
    /// A hem that can be trodden on.
    Trip,
    /// Wear whose alteration voids what it is certified for.
    Protective,
    /// Children's nightwear.
    ChildNightwear,
}

impl Caution {
    /// The caution as a sentence.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            Caution::Iron => {
                "Iron and steam burn: stand it on its heel, keep the other hand out of the steam."
            }
            Caution::Blade => {
                "Cut away from yourself, the other hand behind the blade; close it when you put it down."
            }
            Caution::Ripper => {
                "Push the seam ripper away from you, never towards the hand that holds the cloth."
            }
            Caution::Pins => "Count the pins out and count them in again; none stays in the garment.",
            Caution::Needle => {
                "Pull each pin before the needle; a struck needle breaks and flies. Wear glasses over thick seams, and unplug the machine to change the needle."
            }
            Caution::Marker => "Try the chalk or marker on a scrap first: some marks set under the iron.",
            Caution::PinningOnBody => {
                "Pin only on a body that stands still, into the garment and never near skin or face."
            }
            Caution::Trip => {
                "A hem that can be trodden on trips its wearer: try it on the stairs before it is finished."
            }
            Caution::Protective => {
                "Protective, flame-resistant, high-visibility, medical or flotation wear must not be altered on your own say: it voids what it is certified for. Ask the maker; local rules win."
            }
            Caution::ChildNightwear => {
                "Children's nightwear falls under fire-safety rules on fit, fibre and trims. Look up the local rules before any change."
            }
        }
    }
}
