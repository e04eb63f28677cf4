//! How far a reading is to be believed.

/// Where a depth came from, and so how near it the line has to pass.
#[derive(Debug, Clone, Copy, PartialEq, Default)]
pub enum Trust {
    /// One hand's reading.
    #[default]
    Read,
    /// Both sides were read and agree: the chance is small that both hands slipped alike.
    Agreed,
    /// Both sides were read and are further apart than that, by a share of one from agreeing to differing.
    Differ(f64),
    /// Meant to the letter: set from numbers, or a depth that was offered and accepted.
    Exact,
}

/// Two readings that agree leave half the spread of one.
const AGREED: f64 = 0.5;
/// The doubt of two readings that stand beside each other: the spread of what both say of a place between them.
const BESIDE: f64 = 0.63;
/// What is meant to the letter leaves a fifteenth: at the house's spread a tenth of a millimetre.
const EXACT: f64 = 1.0 / 15.0;

impl Trust {
    /// What two readings of one place are worth: they agree within `noise`, say no more than one at twice that, and
    /// less and less between, so that no millimetre decides.
    #[must_use]
    pub fn of_two(apart: f64, noise: f64) -> Trust {
        let over = apart.abs() - noise;
        match over / noise {
            _ if over <= 0.0 => Trust::Agreed,
            share if share < 1.0 => Trust::Differ(share),
            _ => Trust::Read,
        }
    }

    /// What two readings so far apart along the seam are worth together: of one place up to half of `within`, and at
    /// all of it two readings beside each other.
    #[must_use]
    pub fn of_places(apart: f64, within: f64) -> Trust {
        match Trust::of_two(apart, within / 2.0) {
            Trust::Differ(share) => Trust::Differ(BESIDE * share),
            Trust::Read => Trust::Differ(BESIDE),
            agreed => agreed,
        }
    }

    /// Both doubts at once.
    #[must_use]
    pub fn and(self, other: Trust) -> Trust {
        let doubt = |trust: Trust| match trust {
            Trust::Agreed | Trust::Exact => 0.0,
            Trust::Differ(share) => share,
            Trust::Read => 1.0,
        };
        match 1.0 - (1.0 - doubt(self)) * (1.0 - doubt(other)) {
            share if share <= 0.0 => Trust::Agreed,
            share if share < 1.0 => Trust::Differ(share),
            _ => Trust::Read,
        }
    }

    /// What is believed to within this share of one hand's spread.
    #[must_use]
    pub(super) fn of_share(share: f64) -> Trust {
        match (share - AGREED) / (1.0 - AGREED) {
            doubt if doubt <= 0.0 => Trust::Agreed,
            doubt if doubt < 1.0 => Trust::Differ(doubt),
            _ => Trust::Read,
        }
    }

    /// The spread of such a reading, as a share of one hand's.
    #[must_use]
    pub fn share(self) -> f64 {
        match self {
            Trust::Read => 1.0,
            Trust::Agreed => AGREED,
            Trust::Differ(share) => AGREED + (1.0 - AGREED) * share,
            Trust::Exact => EXACT,
        }
    }

    /// The share of what cannot be doubted.
    #[must_use]
    pub(super) const fn least() -> f64 {
        EXACT
    }
}
