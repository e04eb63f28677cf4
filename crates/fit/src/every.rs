//! Every value of a list of names, in the order they are declared.

use strum::VariantArray;

/// All of them.
///
/// # Panics
/// While it is compiled, where there are not so many.
pub(crate) const fn every<Name: VariantArray + Copy, const COUNT: usize>() -> [Name; COUNT] {
    match Name::VARIANTS.first_chunk() {
        Some(all) if Name::VARIANTS.len() == COUNT => *all,
        _ => panic!("as many as there are"),
    }
}
