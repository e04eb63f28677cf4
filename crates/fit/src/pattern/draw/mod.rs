//! Drawing a garment's panels from its flat measures.

pub(crate) mod bodice;
mod column;
mod legs;
mod profile;
pub(crate) mod sleeve;

pub(crate) use profile::Profile;

use crate::garment::flat::FlatName;
use crate::garment::kind::Block;
use crate::garment::shape::Shape;
use crate::garment::template::TemplateError;
use crate::house::habit::Habits;
use crate::pattern::pattern::Pattern;

impl Shape {
    /// Draws the panels.
    ///
    /// ```
    /// use vemble_fit::garment::{SeamName, Shape};
    /// let shape: Shape = serde_json::from_str(r#"{
    ///     "kind": "trousers",
    ///     "flats": { "waist": 400, "hip": 520, "hem": 200, "inseam": 760, "outseam": 1020 },
    ///     "band": { "height": 40 }, "turn_up": 40
    /// }"#).unwrap();
    /// let pattern = shape.pattern(&Default::default()).unwrap();
    /// assert!((pattern.seam_length(SeamName::Inseam).unwrap() - 760.0).abs() < 0.5);
    /// // What was not measured is estimated, and named.
    /// assert!(!pattern.estimated.is_empty());
    /// ```
    ///
    /// # Errors
    /// [`TemplateError`] naming the measures that are missing, implausible or at odds.
    pub fn pattern(&self, habits: &Habits) -> Result<Pattern, TemplateError> {
        self.check()?;
        let missing: Vec<FlatName> =
            self.kind.needed().iter().copied().filter(|name| self.flat(*name).is_none()).collect();
        if !missing.is_empty() {
            return Err(TemplateError::Missing(missing));
        }
        let mut pattern = match self.kind.block() {
            Block::Legs | Block::Overalls => legs::draw(self, habits)?,
            Block::Skirt | Block::Body => column::draw(self, habits)?,
        };
        sleeve::add(self, &mut pattern, habits)?;
        // As it came, one half is the mirror image of the other.
        pattern.halves[1] = pattern.halves[0].clone();
        Ok(pattern)
    }
}
