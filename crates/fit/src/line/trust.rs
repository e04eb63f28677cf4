//! How far a reading is to be believed.

/// Where a depth came from, and so how near it the line has to pass.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Default)]
pub enum Trust {
    /// One hand's reading.
    #[default]
    Read,
    /// Both sides were read and agree: the chance is small that both hands slipped alike.
    Agreed,
    /// Meant to the letter: set from numbers, or a depth that was offered and accepted.
    Exact,
}

/// Two readings that agree leave half the spread of one.
const AGREED: f64 = 0.5;
/// What is meant to the letter leaves a fifteenth: at the house's spread a tenth of a millimetre.
const EXACT: f64 = 1.0 / 15.0;

impl Trust {
    /// The spread of such a reading, as a share of one hand's.
    #[must_use]
    pub const fn share(self) -> f64 {
        match self {
            Trust::Read => 1.0,
            Trust::Agreed => AGREED,
            Trust::Exact => EXACT,
        }
    }
}
