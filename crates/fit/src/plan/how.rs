//! What to do at a step: sentences that are what they are, with what is particular to this garment in their gaps.
//!
//! Two of them are one when their words are one and the same values stand in them; how a value is written in the session's
//! unit decides nothing.

use std::fmt;

use crate::garment::SeamName;
use crate::unit::length::Length;
use crate::unit::scale::Scale;

/// What stands in a gap.
#[derive(Debug, Clone)]
pub enum Fact {
    /// A length, as it is written in the session's unit.
    Length(Length, Scale),
    /// A length that is said in its own way: `6 + 20 mm`.
    Said(Length, String),
    /// Seams, by their names.
    Seams(Vec<SeamName>),
    /// Words from a table.
    Words(&'static str),
    /// Names of steps or of things, in a row.
    Named(String),
    /// A number.
    Number(f64),
}

impl PartialEq for Fact {
    fn eq(&self, other: &Fact) -> bool {
        match (self, other) {
            (Fact::Length(one, _) | Fact::Said(one, _), Fact::Length(other, _) | Fact::Said(other, _)) => {
                one == other
            }
            (Fact::Seams(one), Fact::Seams(other)) => one == other,
            (Fact::Words(one), Fact::Words(other)) => one == other,
            (Fact::Named(one), Fact::Named(other)) => one == other,
            (Fact::Number(one), Fact::Number(other)) => one.total_cmp(other).is_eq(),
            _ => false,
        }
    }
}

impl fmt::Display for Fact {
    fn fmt(&self, out: &mut fmt::Formatter<'_>) -> fmt::Result {
        match self {
            Fact::Length(length, scale) => out.write_str(&scale.write(*length)),
            Fact::Said(_, said) | Fact::Named(said) => out.write_str(said),
            Fact::Seams(seams) => {
                let names: Vec<&str> = seams.iter().map(|seam| seam.words()).collect();
                out.write_str(&names.join(" and "))
            }
            Fact::Words(words) => out.write_str(words),
            Fact::Number(number) => write!(out, "{number}"),
        }
    }
}

impl From<&Fact> for Fact {
    fn from(fact: &Fact) -> Fact {
        fact.clone()
    }
}

impl From<&&'static str> for Fact {
    fn from(words: &&'static str) -> Fact {
        Fact::Words(words)
    }
}

/// One sentence of what to do.
#[derive(Debug, Clone)]
pub struct How {
    words: &'static str,
    facts: Vec<Fact>,
    said: String,
}

impl How {
    /// A sentence with facts in its gaps; see [`how!`](crate::plan::how::how).
    pub(crate) fn new(words: &'static str, said: String, facts: Vec<Fact>) -> How {
        How { words, facts, said }
    }

    /// Sentences that were made elsewhere from these facts.
    pub(crate) fn told(said: String, facts: Vec<Fact>) -> How {
        How { words: "", facts, said }
    }

    /// The sentence.
    #[must_use]
    pub fn said(&self) -> &str {
        &self.said
    }
}

impl PartialEq for How {
    fn eq(&self, other: &How) -> bool {
        (self.words, &self.facts) == (other.words, &other.facts)
    }
}

impl From<&'static str> for How {
    fn from(words: &'static str) -> How {
        How { words, facts: Vec::new(), said: words.to_owned() }
    }
}

/// A sentence with named facts in its gaps: `how!("Unpick {aside} to either side.", aside)`.
macro_rules! how {
    ($words:literal $(, $name:ident)* $(,)?) => {
        $crate::plan::how::How::new(
            $words,
            format!($words $(, $name = $name)*),
            vec![$($crate::plan::how::Fact::from(&$name)),*],
        )
    };
}
pub(crate) use how;
