//! What a template at full size is called.

use crate::garment::side::Side;
use crate::operation::hem::HemTemplate;

/// The hem with the panel it is of, and on which half where they differ.
pub(crate) fn template_words(template: &HemTemplate, hem: &str) -> String {
    let panel = template.panel.words();
    match template.side {
        Side::Centre => format!("{hem}, {panel}, both sides alike"),
        side => format!("{hem}, {panel}, {}", side.words()),
    }
}
