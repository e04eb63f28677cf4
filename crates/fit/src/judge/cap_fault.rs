//! When an armhole and its cap no longer go together.

use crate::unit::length::Length;

/// What is wrong between an armhole and its cap.
#[derive(Debug, Clone, Copy, PartialEq)]
pub enum CapFault {
    /// The cap has less ease than it needs, by that much.
    Short {
        /// By how much.
        by: Length,
    },
    /// The cap has more than eases in, by that much.
    Long {
        /// By how much.
        by: Length,
    },
    /// Armhole and cap change by different amounts.
    Apart {
        /// By how much they differ.
        by: Length,
    },
}

/// Armhole and cap that differ less than this from before are unchanged, in millimetres.
pub(crate) const UNCHANGED: f64 = 0.5;
/// Losses of armhole and cap within this are equal, in millimetres: what a pin can be off.
pub(crate) const EQUAL: f64 = 3.0;

/// What the lines have made worse than it was; a garment that came so is worn as it is.
pub(crate) fn cap_fault(armhole: [f64; 2], cap: [f64; 2], usual: [f64; 2]) -> Option<CapFault> {
    let lost = [armhole[0] - armhole[1], cap[0] - cap[1]];
    if lost.iter().all(|lost| lost.abs() < UNCHANGED) {
        return None;
    }
    let [before, after] = [cap[0] - armhole[0], cap[1] - armhole[1]];
    let lacks = |ease: f64| (usual[0] - ease).max(0.0);
    let over = |ease: f64| (ease - usual[1]).max(0.0);
    if lacks(after) > EQUAL && lacks(after) > lacks(before) + UNCHANGED {
        Some(CapFault::Short { by: Length::hundredth(lacks(after)) })
    } else if over(after) > EQUAL && over(after) > over(before) + UNCHANGED {
        Some(CapFault::Long { by: Length::hundredth(over(after)) })
    } else if (lost[0] - lost[1]).abs() > EQUAL {
        Some(CapFault::Apart { by: Length::hundredth((lost[0] - lost[1]).abs()) })
    } else {
        None
    }
}
