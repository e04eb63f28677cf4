//! What is wished of a garment, in its wearer's words: looked at again at each try-on, ticked at the end.

use serde::{Deserialize, Serialize};

/// The wish. Anything may be left unsaid.
#[derive(Debug, Clone, PartialEq, Eq, Serialize, Deserialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields, default)]
pub struct Wish {
    /// What shall change.
    pub change: String,
    /// What must stay as it is: the flare, a trim leg, the worn hem, the shoulders.
    pub stays: String,
    /// What it is worn with.
    pub worn_with: String,
    /// What for.
    pub occasion: String,
}

impl Wish {
    /// What shall change and what must stay, in one row; `None` where neither was said.
    #[must_use]
    pub fn said(&self) -> Option<String> {
        let [change, stays] = [&self.change, &self.stays].map(|words| plain(words));
        match (change.is_empty(), stays.is_empty()) {
            (true, true) => None,
            (false, true) => Some(change),
            (true, false) => Some(format!("what must stay: {stays}")),
            (false, false) => Some(format!("{change}; what must stay: {stays}")),
        }
    }

    /// What it is worn with, for a try-on; `None` where nobody said.
    #[must_use]
    pub fn with(&self) -> Option<String> {
        Some(plain(&self.worn_with)).filter(|words| !words.is_empty())
    }
}

/// Words in one row, without what ends a sentence.
fn plain(words: &str) -> String {
    let row = words.split_whitespace().collect::<Vec<_>>().join(" ");
    row.trim_end_matches(['.', ';', ',', ' ']).to_owned()
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_wish_is_said_in_one_row_as_far_as_it_was_said() {
        let wish = |change: &str, stays: &str| Wish {
            change: change.to_owned(),
            stays: stays.to_owned(),
            ..Wish::default()
        };
        assert_eq!(wish("", "  ").said(), None);
        assert_eq!(wish("closer at the waist.", "").said().as_deref(), Some("closer at the waist"));
        assert_eq!(wish("", "the flare").said().as_deref(), Some("what must stay: the flare"));
        assert_eq!(
            wish("closer at\n the waist", "the flare").said().as_deref(),
            Some("closer at the waist; what must stay: the flare")
        );
        assert_eq!(wish("x", "").with(), None);
    }
}
