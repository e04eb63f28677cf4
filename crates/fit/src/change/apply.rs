//! Making changes, each with what restores what it changed.

use thiserror::Error;

use crate::asked::{Change, accepted_key};
use crate::garment::HemName;
use crate::operation::alteration::Alteration;
use crate::operation::hem::{HemReading, HemWish};
use crate::plan::{Progress, Vouched};
use crate::solve::job::Fitting;

/// Why a change cannot be made, whatever the garment is.
#[derive(Debug, Clone, PartialEq, Error)]
pub enum ChangeError {
    /// An id that nobody makes.
    #[error("the id of a {0} has 1 to 64 letters, digits or dashes")]
    Id(&'static str),
    /// The key of a step or a condition that nothing has.
    #[error("the name of a {what} was read with {read} characters; it has from 1 to {most}")]
    Key {
        /// Of what.
        what: &'static str,
        /// How many were read.
        read: usize,
        /// The most it can have.
        most: usize,
    },
    /// Minutes that no step takes.
    #[error("the minutes a step took were read as {0}; they can be from 0 to 10000")]
    Minutes(f64),
    /// More than any step is about.
    #[error(
        "what a tick vouches for was read with more than {MOST_VOUCHED} things in it, or one longer than any seam"
    )]
    Vouched,
    /// A place that is nowhere round a hem.
    #[error("the place round a hem was read as {0}°; it can be from 0 to 360")]
    Round(f64),
    /// A reading round a hem of which nothing is wanted.
    #[error("nothing is wanted of the {} yet; say first where it shall be", .0.words())]
    NoWish(HemName),
    /// A wish that brings readings along.
    #[error(
        "a wish for the {} was read with readings in it; each reading is a change of its own",
        .0.words()
    )]
    ReadingsInWish(HemName),
    /// More of something than a fitting holds.
    #[error("there are {count} {what}; a fitting holds up to {MOST}")]
    TooMany {
        /// What there are too many of.
        what: &'static str,
        /// How many there would be.
        count: usize,
    },
}

/// Most rows of one kind in a fitting.
const MOST: usize = 400;
/// Most things one tick vouches for: every seam and hem a garment has, on both sides.
const MOST_VOUCHED: usize = 64;

fn id(what: &'static str, id: &str) -> Result<(), ChangeError> {
    let fits = (1..=64).contains(&id.len()) && id.chars().all(|c| c.is_ascii_alphanumeric() || c == '-');
    if fits { Ok(()) } else { Err(ChangeError::Id(what)) }
}

fn key(what: &'static str, key: &str, most: usize) -> Result<(), ChangeError> {
    let read = key.chars().count();
    if (1..=most).contains(&read) { Ok(()) } else { Err(ChangeError::Key { what, read, most }) }
}

fn measured(vouched: &[Vouched]) -> Result<(), ChangeError> {
    let fits = vouched.len() <= MOST_VOUCHED && vouched.iter().all(Vouched::is_measured);
    if fits { Ok(()) } else { Err(ChangeError::Vouched) }
}

/// Checks what a change brings against what anything of its kind can be.
fn check(change: &Change) -> Result<(), ChangeError> {
    match change {
        Change::PutPin { pin } => id("pin", &pin.id),
        Change::ReadHem { reading, .. } => {
            id("reading", &reading.id)?;
            if (0.0..=360.0).contains(&reading.at) { Ok(()) } else { Err(ChangeError::Round(reading.at)) }
        }
        Change::KeepSum { sum } => id("sum", &sum.id),
        Change::DoWithout { key: without } => key("alteration", without, 128),
        Change::Tick { step, minutes, vouched } => {
            key("step", step, 64)?;
            measured(vouched)?;
            match minutes.filter(|minutes| !(0.0..=10_000.0).contains(minutes)) {
                Some(minutes) => Err(ChangeError::Minutes(minutes)),
                None => Ok(()),
            }
        }
        Change::Confirm { condition, vouched } => {
            key("condition", condition, 128)?;
            measured(vouched)
        }
        _ => Ok(()),
    }
}

/// Puts a row at its place among rows in order of their keys; what stood there, if anything did.
fn put<Row, Key: Ord>(rows: &mut Vec<Row>, row: Row, key: impl Fn(&Row) -> Key) -> Option<Row> {
    match rows.binary_search_by_key(&key(&row), &key) {
        Ok(at) => Some(std::mem::replace(&mut rows[at], row)),
        Err(at) => {
            rows.insert(at, row);
            None
        }
    }
}

/// Takes the row of a key away.
fn take<Row, Key: Ord>(rows: &mut Vec<Row>, wanted: &Key, key: impl Fn(&Row) -> Key) -> Option<Row> {
    rows.binary_search_by_key(wanted, key).ok().map(|at| rows.remove(at))
}

fn hem_key(wish: &HemWish) -> &'static str {
    wish.hem.key()
}

impl Fitting {
    /// The same with every list in the order of its keys, which is how changes keep it.
    #[must_use]
    pub fn in_order(mut self) -> Fitting {
        self.pins.sort_by(|a, b| a.id.cmp(&b.id));
        self.evening.sort_by_key(|evening| evening.seam);
        self.ends.sort_by_key(|ends| ends.seam);
        self.accepted.sort_by_key(accepted_key);
        self.hems.sort_by_key(hem_key);
        for hem in &mut self.hems {
            hem.readings.sort_by(|a, b| a.id.cmp(&b.id));
        }
        self.alterations.sort_by_key(Alteration::key);
        self.sums.sort_by(|a, b| a.id.cmp(&b.id));
        self
    }

    /// Checks what changes bring, of a whole record.
    ///
    /// # Errors
    /// The first that nothing of its kind can have, with its place: `pins[3].id`.
    pub fn check_keys(&self) -> Result<(), (String, ChangeError)> {
        let at = |path: String| move |error| (path, error);
        for (i, pin) in self.pins.iter().enumerate() {
            check(&Change::PutPin { pin: pin.clone() }).map_err(at(format!("pins[{i}].id")))?;
        }
        for (i, wish) in self.hems.iter().enumerate() {
            for (j, reading) in wish.readings.iter().enumerate() {
                check(&Change::ReadHem { hem: wish.hem, reading: reading.clone() }).map_err(|error| {
                    let part = if matches!(error, ChangeError::Round(_)) { "at" } else { "id" };
                    (format!("hems[{i}].readings[{j}].{part}"), error)
                })?;
            }
        }
        for (i, sum) in self.sums.iter().enumerate() {
            check(&Change::KeepSum { sum: sum.clone() }).map_err(at(format!("sums[{i}].id")))?;
        }
        for (step, minutes) in &self.progress.done {
            check(&Change::Tick { step: step.clone(), minutes: *minutes, vouched: Vec::new() })
                .map_err(at(format!("progress.done.{step}")))?;
        }
        for condition in &self.progress.confirmed {
            check(&Change::Confirm { condition: condition.clone(), vouched: Vec::new() })
                .map_err(at("progress.confirmed".to_owned()))?;
        }
        for (key, vouched) in &self.progress.vouched {
            check(&Change::Confirm { condition: key.clone(), vouched: vouched.clone() })
                .map_err(at(format!("progress.vouched.{key}")))?;
        }
        Ok(())
    }

    /// Makes changes, one after the other, to a fitting that is [in order](Fitting::in_order); returns the
    /// changes that restore what was, and none for what leaves everything as it is.
    ///
    /// # Errors
    /// The first change that cannot be made, with its position; the fitting is then as it was.
    pub fn apply(&mut self, changes: &[Change]) -> Result<Vec<Change>, (usize, ChangeError)> {
        let before = self.clone();
        let mut restoring = Vec::new();
        for (at, change) in changes.iter().enumerate() {
            match self.apply_one(change).and_then(|restores| self.is_within_limits().map(|()| restores)) {
                // What restores it goes before what restores earlier ones.
                Ok(restores) => {
                    restoring.splice(0..0, restores.into_iter().filter(|restore| restore != change));
                }
                Err(error) => {
                    *self = before;
                    return Err((at, error));
                }
            }
        }
        Ok(restoring)
    }

    fn apply_one(&mut self, change: &Change) -> Result<Vec<Change>, ChangeError> {
        check(change)?;
        let restores = match change.clone() {
            Change::PutPin { pin } => {
                let id = pin.id.clone();
                let was = put(&mut self.pins, pin, |pin| pin.id.clone());
                Some(was.map_or(Change::TakeOutPin { id }, |pin| Change::PutPin { pin }))
            }
            Change::TakeOutPin { id } => {
                take(&mut self.pins, &id, |pin| pin.id.clone()).map(|pin| Change::PutPin { pin })
            }
            Change::WishHem { wish } => Some(self.wish_hem(wish)?),
            Change::LeaveHem { hem } => return Ok(self.leave_hem(hem)),
            Change::ReadHem { hem, reading } => Some(self.read_hem(hem, reading)?),
            Change::TakeOutReading { hem, id } => {
                let wish = self.hems.iter_mut().find(|wish| wish.hem == hem);
                let was = wish.and_then(|wish| take(&mut wish.readings, &id, |reading| reading.id.clone()));
                was.map(|reading| Change::ReadHem { hem, reading })
            }
            Change::Alter { alteration } => {
                let key = alteration.key().to_string();
                let was = put(&mut self.alterations, alteration, Alteration::key);
                Some(was.map_or(Change::DoWithout { key }, |alteration| Change::Alter { alteration }))
            }
            Change::DoWithout { key } => {
                let at = self.alterations.iter().position(|wish| wish.key().to_string() == key);
                at.map(|at| Change::Alter { alteration: self.alterations.remove(at) })
            }
            Change::EvenSeam { evening } => {
                let seam = evening.seam;
                let was = put(&mut self.evening, evening, |evening| evening.seam);
                Some(was.map_or(Change::EvenByHabit { seam }, |evening| Change::EvenSeam { evening }))
            }
            Change::EvenByHabit { seam } => take(&mut self.evening, &seam, |evening| evening.seam)
                .map(|evening| Change::EvenSeam { evening }),
            Change::WishEnds { ends } => {
                let seam = ends.seam;
                let was = put(&mut self.ends, ends, |ends| ends.seam);
                Some(was.map_or(Change::LeaveEnds { seam }, |ends| Change::WishEnds { ends }))
            }
            Change::LeaveEnds { seam } => {
                take(&mut self.ends, &seam, |ends| ends.seam).map(|ends| Change::WishEnds { ends })
            }
            Change::AcceptDepth { accepted } => {
                let (seam, side, station) = accepted_key(&accepted);
                let was = put(&mut self.accepted, accepted, accepted_key);
                let given_back = Change::GiveBackDepth { seam, side, station };
                Some(was.map_or(given_back, |accepted| Change::AcceptDepth { accepted }))
            }
            Change::GiveBackDepth { seam, side, station } => {
                take(&mut self.accepted, &(seam, side, station), accepted_key)
                    .map(|accepted| Change::AcceptDepth { accepted })
            }
            Change::Intend { intention } => {
                Some(Change::Intend { intention: std::mem::replace(&mut self.intention, intention) })
            }
            Change::Anchor { anchored } => {
                Some(Change::Anchor { anchored: std::mem::replace(&mut self.anchored, anchored) })
            }
            Change::HoldOn { held_on } => {
                Some(Change::HoldOn { held_on: std::mem::replace(&mut self.held_on, held_on) })
            }
            Change::FitOn { form } => Some(Change::FitOn { form: std::mem::replace(&mut self.form, form) }),
            Change::Tick { step, minutes, vouched } => Some(self.progress.ticked(step, minutes, vouched)),
            Change::Untick { step } => self.progress.unticked(step),
            Change::Confirm { condition, vouched } => Some(self.progress.sworn(condition, vouched)),
            Change::Withdraw { condition } => self.progress.withdrawn(condition),
            Change::KeepSum { sum } => {
                let id = sum.id.clone();
                let was = put(&mut self.sums, sum, |sum| sum.id.clone());
                Some(was.map_or(Change::LetSumGo { id }, |sum| Change::KeepSum { sum }))
            }
            Change::LetSumGo { id } => {
                take(&mut self.sums, &id, |sum| sum.id.clone()).map(|sum| Change::KeepSum { sum })
            }
        };
        Ok(restores.into_iter().collect())
    }

    /// Says what is wanted of a hem; what was read round it stays.
    fn wish_hem(&mut self, wish: HemWish) -> Result<Change, ChangeError> {
        let hem = wish.hem;
        if !wish.readings.is_empty() {
            return Err(ChangeError::ReadingsInWish(hem));
        }
        let Some(mut was) = put(&mut self.hems, wish, hem_key) else { return Ok(Change::LeaveHem { hem }) };
        let readings = std::mem::take(&mut was.readings);
        if let Some(wish) = self.hems.iter_mut().find(|wish| wish.hem == hem) {
            wish.readings = readings;
        }
        Ok(Change::WishHem { wish: was })
    }

    /// Leaves a hem as it is, with all that was read round it.
    fn leave_hem(&mut self, hem: HemName) -> Vec<Change> {
        let Some(mut wish) = take(&mut self.hems, &hem.key(), hem_key) else { return Vec::new() };
        let readings = std::mem::take(&mut wish.readings);
        let read = readings.into_iter().map(|reading| Change::ReadHem { hem, reading });
        std::iter::once(Change::WishHem { wish }).chain(read).collect()
    }

    fn read_hem(&mut self, hem: HemName, reading: HemReading) -> Result<Change, ChangeError> {
        let wish = self.hems.iter_mut().find(|wish| wish.hem == hem);
        let wish = wish.ok_or(ChangeError::NoWish(hem))?;
        let id = reading.id.clone();
        let was = put(&mut wish.readings, reading, |reading| reading.id.clone());
        Ok(was.map_or(Change::TakeOutReading { hem, id }, |reading| Change::ReadHem { hem, reading }))
    }

    fn is_within_limits(&self) -> Result<(), ChangeError> {
        let counts = [
            ("accepted depths", self.accepted.len()),
            ("sums", self.sums.len()),
            ("alterations", self.alterations.len()),
            ("ticked steps", self.progress.done.len()),
            ("confirmations", self.progress.confirmed.len()),
        ];
        match counts.into_iter().find(|(_, count)| *count > MOST) {
            Some((what, count)) => Err(ChangeError::TooMany { what, count }),
            None => Ok(()),
        }
    }
}

/// Each returns what restores it.
impl Progress {
    fn ticked(&mut self, step: String, minutes: Option<f64>, vouched: Vec<Vouched>) -> Change {
        let was = self.done.insert(step.clone(), minutes);
        let stood = self.vouch(&step, vouched);
        match was {
            None => Change::Untick { step },
            Some(minutes) => Change::Tick { step, minutes, vouched: stood },
        }
    }

    fn unticked(&mut self, step: String) -> Option<Change> {
        let stood = self.vouch(&step, Vec::new());
        self.done.remove(&step).map(|minutes| Change::Tick { step, minutes, vouched: stood })
    }

    fn sworn(&mut self, condition: String, vouched: Vec<Vouched>) -> Change {
        let is_new = self.confirmed.insert(condition.clone());
        let stood = self.vouch(&condition, vouched);
        if is_new { Change::Withdraw { condition } } else { Change::Confirm { condition, vouched: stood } }
    }

    fn withdrawn(&mut self, condition: String) -> Option<Change> {
        let stood = self.vouch(&condition, Vec::new());
        let was = self.confirmed.remove(&condition);
        was.then_some(Change::Confirm { condition, vouched: stood })
    }
}
