//! A garment as panels: drawn from its flat measures as it came, and altered by operations into what it will be.
//!
//! A pattern has two halves, which are mirror images as it came and may differ afterwards. A panel is measured in
//! millimetres in a frame of its own: `x` grows towards the side of the body, `y` is the height above the hem fold
//! of its tube as it came.

pub(crate) mod course;
pub(crate) mod crossing;
pub(crate) mod draw;
pub(crate) mod edge;
pub(crate) mod level;
pub(crate) mod panel;
#[allow(clippy::module_inception, reason = "the noun of the folder")]
pub(crate) mod pattern;

pub(crate) use crossing::crosses;
pub use crossing::crossing_seams;
pub use draw::bodice::Bodice;
pub(crate) use draw::bodice::YOKE_AT;
pub use edge::{Edge, Moved, Place};
pub use level::Level;
pub use panel::{Dart, EdgeName, HemAt, Panel, PanelEdge, PanelName};
pub use pattern::{ChalkedEdge, Crotch, Pattern, SeamEdge};
