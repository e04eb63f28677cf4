//! What stands before a step.

use super::stop::StopError;

/// What stands before a step, as the bench says it.
pub(super) fn waits(error: StopError) -> String {
    match error {
        StopError::NeedsFirst { first, .. } => format!("First: {first}."),
        StopError::Unmet { condition, .. } => format!("Not settled yet: {condition}."),
        StopError::Moved { step } => format!("Look again: {step}."),
        StopError::NoSuchStep { step } => format!("There is no step {step}."),
    }
}
