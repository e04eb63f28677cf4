//! What is said of a seam taken in evenly, which only tests ask for.

use super::alteration::Told;
use crate::operation::alteration::AlterationFound;
use crate::operation::slimmed::Slimmed;
use crate::unit::scale::Scale;

impl Told for Slimmed {
    fn words(&self) -> String {
        format!("slimming of the {}", self.seam.words())
    }

    fn amiss(&self, why: &AlterationFound, scale: Scale) -> String {
        match why.lengths.as_slice() {
            [read, most] => {
                format!("it was read as {}; it can be from 0 to {}", scale.write(*read), scale.write(*most))
            }
            _ => format!("this garment has no {}", self.seam.words()),
        }
    }

    fn found(&self, found: &AlterationFound, scale: Scale) -> String {
        match (found.code, found.lengths.as_slice()) {
            ("slimmed.most", [by, most]) => {
                format!("Slimmed by {} it would split: up to {} works.", scale.write(*by), scale.write(*most))
            }
            ("slimmed.tight", [by]) => format!("Slimmed by {} it may be tight.", scale.write(*by)),
            _ => format!("The {} is nowhere on its panels.", self.seam.words()),
        }
    }
}
