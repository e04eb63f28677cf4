//! The changes a fitting knows, and the places they change.

use std::collections::BTreeSet;

use chrono::NaiveDate;
use serde::{Deserialize, Serialize};

use crate::body::measures::Body;
use crate::garment::side::Side;
use crate::garment::{HemName, SeamName};
use crate::judge::ease::Intention;
use crate::line::LineWish;
use crate::operation::alteration::Alteration;
use crate::operation::hem::{HemReading, HemWish};
use crate::plan::Vouched;
use crate::reading::accepted::AcceptedDepth;
use crate::reading::pin::Pin;
use crate::reading::seam_evening::SeamEvening;
use crate::sums::KeptSum;
use crate::unit::length::Length;

/// One small change of a fitting. What is put stands in place of what stood there; what is taken away and was
/// not there leaves everything as it was.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(tag = "change", rename_all = "snake_case", deny_unknown_fields)]
pub enum Change {
    /// Puts a pin, or moves it: the pin of that id.
    PutPin {
        /// The pin.
        pin: Pin,
    },
    /// Takes a pin out.
    TakeOutPin {
        /// Its id.
        id: String,
    },
    /// Says what is wanted of a hem. What was read round it stays, and is not said again here.
    WishHem {
        /// The wish, without readings.
        wish: HemWish,
    },
    /// Leaves a hem as it is, and lets what was read round it go.
    LeaveHem {
        /// The hem.
        hem: HemName,
    },
    /// Reads round a hem that something is wanted of.
    ReadHem {
        /// The hem.
        hem: HemName,
        /// The reading.
        reading: HemReading,
    },
    /// Takes a reading of a hem out.
    TakeOutReading {
        /// The hem.
        hem: HemName,
        /// The reading's id.
        id: String,
    },
    /// Wishes for an alteration beside lines and hems, or for another in its place: the one of that kind there.
    Alter {
        /// What is wished.
        alteration: Alteration,
    },
    /// Does without an alteration.
    DoWithout {
        /// Its key.
        #[cfg_attr(feature = "schema", schema(min_length = 1, max_length = 128))]
        key: String,
    },
    /// Evens a seam otherwise than the habit.
    EvenSeam {
        /// The seam and how.
        evening: SeamEvening,
    },
    /// Evens a seam as the habit does.
    EvenByHabit {
        /// The seam.
        seam: SeamName,
    },
    /// Says what the ends of a seam's line do.
    WishEnds {
        /// The seam and its ends.
        ends: LineWish,
    },
    /// Leaves the ends of a seam's line to the house.
    LeaveEnds {
        /// The seam.
        seam: SeamName,
    },
    /// Accepts a depth in place of the evened one.
    AcceptDepth {
        /// Where, and the depth.
        accepted: AcceptedDepth,
    },
    /// Goes back to the evened depth.
    GiveBackDepth {
        /// The seam.
        seam: SeamName,
        /// The side.
        side: Side,
        /// The evened station.
        station: Length,
    },
    /// Says how close the garment should be.
    Intend {
        /// How close.
        intention: Intention,
    },
    /// Says whether centre front and back were anchored.
    Anchor {
        /// True where they were.
        anchored: bool,
    },
    /// Says on which day it was tried on.
    HoldOn {
        /// The day.
        #[cfg_attr(feature = "schema", schema(value_type = String, format = Date))]
        held_on: NaiveDate,
    },
    /// Says on which form it is fitted.
    FitOn {
        /// The form; nothing where it is fitted on its wearer.
        #[serde(default)]
        form: Option<Body>,
    },
    /// Ticks a step.
    Tick {
        /// The step's key.
        #[cfg_attr(feature = "schema", schema(min_length = 1, max_length = 64))]
        step: String,
        /// The minutes it took, where a timer ran.
        #[serde(default)]
        minutes: Option<f64>,
        /// What it vouches for: the mark of what was seen, or what stood then. What stands now where nothing is said.
        #[serde(default, skip_serializing_if = "Vec::is_empty")]
        vouched: Vec<Vouched>,
    },
    /// Takes the tick of a step back.
    Untick {
        /// The step's key.
        step: String,
    },
    /// Confirms a condition of a stop.
    Confirm {
        /// `step_key/condition`.
        #[cfg_attr(feature = "schema", schema(min_length = 1, max_length = 128))]
        condition: String,
        /// What it vouches for, as of a tick.
        #[serde(default, skip_serializing_if = "Vec::is_empty")]
        vouched: Vec<Vouched>,
    },
    /// Withdraws a confirmation.
    Withdraw {
        /// `step_key/condition`.
        condition: String,
    },
    /// Keeps a sum.
    KeepSum {
        /// The sum.
        sum: KeptSum,
    },
    /// Lets a sum go.
    LetSumGo {
        /// Its id.
        id: String,
    },
}

/// The place everything of a fitting stands on: that it was begun.
pub const BEGUN: &str = "fitting";

fn hem_place(hem: HemName) -> String {
    format!("hem/{}", hem.key())
}

fn accepted_place(seam: SeamName, side: Side, station: Length) -> String {
    format!("accepted/{}/{}/{}", seam.key(), side.words(), station.nm())
}

impl Change {
    /// The place it changes: two changes of one place come one after the other, all others in any order.
    #[must_use]
    pub fn place(&self) -> String {
        match self {
            Change::PutPin { pin } => format!("pin/{}", pin.id),
            Change::TakeOutPin { id } => format!("pin/{id}"),
            Change::WishHem { wish } => hem_place(wish.hem),
            Change::LeaveHem { hem } => hem_place(*hem),
            Change::ReadHem { hem, reading } => format!("{}/{}", hem_place(*hem), reading.id),
            Change::TakeOutReading { hem, id } => format!("{}/{id}", hem_place(*hem)),
            Change::Alter { alteration } => format!("alteration/{}", alteration.key()),
            Change::DoWithout { key } => format!("alteration/{key}"),
            Change::EvenSeam { evening: SeamEvening { seam, .. } } | Change::EvenByHabit { seam } => {
                format!("evening/{}", seam.key())
            }
            Change::WishEnds { ends: LineWish { seam, .. } } | Change::LeaveEnds { seam } => {
                format!("ends/{}", seam.key())
            }
            Change::AcceptDepth { accepted: AcceptedDepth { seam, side, station, .. } }
            | Change::GiveBackDepth { seam, side, station } => accepted_place(*seam, *side, *station),
            Change::Intend { .. } => "intention".to_owned(),
            Change::Anchor { .. } => "anchored".to_owned(),
            Change::HoldOn { .. } => "held_on".to_owned(),
            Change::FitOn { .. } => "form".to_owned(),
            Change::Tick { step, .. } | Change::Untick { step } => format!("step/{step}"),
            Change::Confirm { condition, .. } | Change::Withdraw { condition } => {
                format!("confirmation/{condition}")
            }
            Change::KeepSum { sum } => format!("sum/{}", sum.id),
            Change::LetSumGo { id } => format!("sum/{id}"),
        }
    }

    /// The place it stands on and leaves as it is.
    #[must_use]
    pub fn ground(&self) -> Option<String> {
        match self {
            Change::ReadHem { hem, .. } => Some(hem_place(*hem)),
            _ => None,
        }
    }

    /// True for what a friend at the mirror may do: read pins and hems, and take a reading out again.
    #[must_use]
    pub const fn is_reading(&self) -> bool {
        matches!(
            self,
            Change::PutPin { .. }
                | Change::TakeOutPin { .. }
                | Change::ReadHem { .. }
                | Change::TakeOutReading { .. }
        )
    }
}

/// The key of an accepted depth.
pub(crate) fn accepted_key(accepted: &AcceptedDepth) -> (SeamName, Side, Length) {
    (accepted.seam, accepted.side, accepted.station)
}

/// The places that changes write, with those that what restores them writes: leaving a hem takes its readings.
#[must_use]
pub fn places(changes: &[Change], restoring: &[Change]) -> BTreeSet<String> {
    changes.iter().chain(restoring).map(Change::place).collect()
}
