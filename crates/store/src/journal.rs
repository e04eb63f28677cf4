//! The journal: every change of a garment's record, who made it, and what restores what was.

use std::collections::BTreeMap;

use chrono::{DateTime, TimeDelta, Utc};
use diesel::prelude::*;
use diesel::sql_types::Text;
use serde::Serialize;
use serde_json::Value;
use uuid::Uuid;
use vemble_fit::Scale;
use vemble_fit::change::say_changes;

use crate::change::FittingChange;
use crate::entry::{JournalEntry, Maker};
use crate::hand::Hand;
use crate::listener::CHANNEL;
use crate::owned::is_known;
use crate::schema::journal;
use crate::spelt::Spelt;
use crate::standing::{Line, Standing, all_above, standings};
use crate::{AccountId, Conn, StoreError};

/// What a journal line is about.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize)]
#[serde(rename_all = "snake_case")]
pub(crate) enum Subject {
    Garment,
    Fitting,
}

/// A line to be written.
pub(crate) struct NewLine<'a> {
    pub garment: Uuid,
    pub subject: Subject,
    pub subject_id: Uuid,
    pub change_id: Option<Uuid>,
    pub takes_back: Option<i64>,
    /// In words, where they do not depend on the tape in hand.
    pub what: &'a str,
    pub places: Vec<String>,
    pub grounds: Vec<String>,
    pub before: Option<Value>,
    pub after: Value,
}

/// How many lines are listed at once.
const LISTED: usize = 100;
/// Lines younger than this are kept, so that a season's work can be taken back.
const KEPT_FOR: TimeDelta = TimeDelta::days(400);
/// Older lines are kept up to so many of one garment.
const OLD_LINES: i64 = 500;
/// And no garment keeps more than this, however young: they are all read to know what stands.
const MOST_LINES: i64 = 5_000;
/// Of friends' devices it keeps so many beside them, so that no friend pushes its host's history out.
const MOST_OF_GUESTS: i64 = 1_000;

/// Writes a line, tells who listens, and lets go of what is older than the journal keeps.
pub(crate) fn write(
    conn: &mut PgConnection,
    account: AccountId,
    hand: &Hand,
    line: NewLine<'_>,
) -> Result<i64, StoreError> {
    let garment = line.garment;
    let id: i64 = diesel::insert_into(journal::table)
        .values((
            journal::account_id.eq(account.0),
            journal::garment_id.eq(garment),
            journal::subject.eq(Spelt(line.subject)),
            journal::subject_id.eq(line.subject_id),
            journal::what.eq(line.what),
            journal::before.eq(line.before),
            journal::after.eq(line.after),
            journal::change_id.eq(line.change_id),
            journal::places.eq(line.places),
            journal::grounds.eq(line.grounds),
            journal::takes_back.eq(line.takes_back),
            journal::hand.eq(serde_json::to_value(hand)?),
            journal::guest.eq(hand.guest),
        ))
        .returning(journal::id)
        .get_result(conn)?;
    diesel::sql_query("SELECT pg_notify($1, $2)")
        .bind::<Text, _>(CHANNEL)
        .bind::<Text, _>(garment.to_string())
        .execute(conn)?;
    let alike = journal::garment_id.eq(garment).and(journal::guest.eq(hand.guest));
    let nth = |conn: &mut PgConnection, count: i64| {
        let lines = journal::table.filter(alike).order(journal::id.desc());
        lines.offset(count).select(journal::id).first::<i64>(conn).optional()
    };
    if let Some(last) = nth(conn, OLD_LINES)? {
        let old = journal::at.lt(Utc::now() - KEPT_FOR).and(journal::id.le(last));
        diesel::delete(journal::table.filter(alike.and(old))).execute(conn)?;
    }
    let most = if hand.guest { MOST_OF_GUESTS } else { MOST_LINES };
    if let Some(last) = nth(conn, most)? {
        diesel::delete(journal::table.filter(alike.and(journal::id.le(last)))).execute(conn)?;
    }
    Ok(id)
}

/// A line as it is kept.
#[derive(Debug, Clone, Queryable, Selectable)]
#[diesel(table_name = journal)]
pub struct KeptLine {
    /// Its number.
    pub id: i64,
    at: DateTime<Utc>,
    subject: String,
    /// The garment or the fitting it is about.
    pub subject_id: Uuid,
    what: String,
    /// What restores what was.
    pub before: Option<Value>,
    /// What was done.
    pub after: Value,
    undone: bool,
    places: Vec<String>,
    grounds: Vec<String>,
    takes_back: Option<i64>,
    hand: Value,
}

impl KeptLine {
    /// True where it is about the garment itself.
    #[must_use]
    pub fn is_of_garment(&self) -> bool {
        self.subject == "garment"
    }

    /// What it changed of a fitting and what restores what was; nothing for a garment's line, or one of an
    /// earlier build.
    #[must_use]
    pub fn change(&self) -> Option<(FittingChange, FittingChange)> {
        let before = serde_json::from_value(self.before.clone()?).ok()?;
        (!self.is_of_garment()).then_some(())?;
        Some((serde_json::from_value(self.after.clone()).ok()?, before))
    }

    /// True where what was is kept in a shape that can be put back.
    fn is_restorable(&self) -> bool {
        !self.places.is_empty() && self.before.is_some() && !self.undone
    }

    /// The line as standings know it: places of one fitting are not those of another.
    fn line(&self) -> Line {
        let of_subject = |places: &[String]| -> Vec<String> {
            places.iter().map(|place| format!("{}/{place}", self.subject_id)).collect()
        };
        Line {
            id: self.id,
            places: of_subject(&self.places),
            grounds: of_subject(&self.grounds),
            takes_back: self.takes_back,
            undone: self.undone,
        }
    }

    fn words(&self, scale: Scale) -> String {
        let Some((change, restoring)) = self.change() else { return self.what.clone() };
        let said = match (&change.begin, change.gone) {
            (Some(begin), _) => {
                let pins = change.parts.len();
                let with = if pins == 0 { String::new() } else { format!(", with {pins} things on it") };
                format!("began fitting {}{with}", begin.number.unwrap_or(1))
            }
            (None, true) => "took the fitting away".to_owned(),
            (None, false) => say_changes(&change.parts, &restoring.parts, scale),
        };
        match change.adopts {
            Some(adopted) => format!("{}: {said}", adopted.words()),
            None => said,
        }
    }

    fn entry(
        self,
        standing: Option<&Standing>,
        above: Vec<i64>,
        all: &BTreeMap<i64, (String, Hand)>,
        scale: Scale,
    ) -> Result<JournalEntry, StoreError> {
        let hand: Hand = serde_json::from_value(self.hand.clone())?;
        let maker = |hand: &Hand| Maker { name: hand.name.clone(), device: hand.device.clone(), here: false };
        let restorable = self.is_restorable();
        let standing = standing.cloned().unwrap_or_default();
        let taken_back = self.takes_back.and_then(|id| all.get(&id)).map(|(what, _)| what.clone());
        let mut what = self.words(scale);
        if self.takes_back.is_some() {
            what = match taken_back {
                Some(taken) => format!("took back: {taken}"),
                None => format!("took back an older change: {what}"),
            };
        }
        let replaced =
            standing.replaced.iter().filter_map(|id| all.get(id)).find(|(_, other)| *other != hand);
        Ok(JournalEntry {
            id: self.id,
            at: self.at,
            fitting: (!self.is_of_garment()).then_some(self.subject_id),
            replaced: replaced.map(|(_, other)| maker(other)),
            replaced_key: replaced.map(|(_, other)| other.key.clone()),
            begins: self.change().is_some_and(|(change, _)| change.begin.is_some()),
            by: maker(&hand),
            key: hand.key,
            what,
            undone: self.undone || standing.taken_back_by.is_some(),
            takes_back: self.takes_back,
            can_go: restorable && standing.taken_back_by.is_none() && !standing.passed,
            above,
        })
    }
}

/// Every line of a garment, oldest first.
///
/// # Errors
/// [`StoreError::NotFound`] when this account has no such garment.
pub fn lines(conn: &mut Conn, account: AccountId, garment: Uuid) -> Result<Vec<KeptLine>, StoreError> {
    is_known(conn, account, garment)?;
    Ok(journal::table
        .filter(journal::garment_id.eq(garment))
        .order(journal::id)
        .select(KeptLine::as_select())
        .load(conn)?)
}

/// What taking a line back comes to.
#[derive(Debug, Clone, PartialEq, Eq)]
pub enum Going {
    /// It can go, after these: the lines that stand on it, newest first.
    After(Vec<i64>),
    /// It was taken back already, by this line.
    Gone(i64),
    /// It cannot: it is of an earlier build, or something happened since where it took another line back.
    Stays,
}

/// What taking a line back comes to; `None` where there is no such line.
#[must_use]
pub fn going(lines: &[KeptLine], id: i64) -> Option<Going> {
    let line = lines.iter().find(|line| line.id == id)?;
    let all: Vec<Line> = lines.iter().map(KeptLine::line).collect();
    let standings = standings(&all);
    let standing = standings.get(&id)?;
    Some(match standing.taken_back_by {
        Some(by) => Going::Gone(by),
        None if standing.passed || !line.is_restorable() => Going::Stays,
        None => Going::After(all_above(&standings, id)),
    })
}

/// Lines as they are listed, oldest first, with how they stand among all of them.
fn entries(
    lines: Vec<KeptLine>,
    wanted: impl Fn(&KeptLine) -> bool,
    scale: Scale,
) -> Result<Vec<JournalEntry>, StoreError> {
    let standings = standings(&lines.iter().map(KeptLine::line).collect::<Vec<_>>());
    let mut all = BTreeMap::new();
    for line in &lines {
        all.insert(line.id, (line.words(scale), serde_json::from_value(line.hand.clone())?));
    }
    lines
        .into_iter()
        .filter(|line| wanted(line))
        .map(|line| {
            let standing = standings.get(&line.id);
            let above = all_above(&standings, line.id);
            line.entry(standing, above, &all, scale)
        })
        .collect()
}

/// The last changes of a garment, newest first.
///
/// # Errors
/// [`StoreError::NotFound`] when this account has no such garment.
pub fn list(
    conn: &mut Conn,
    account: AccountId,
    garment: Uuid,
    scale: Scale,
) -> Result<Vec<JournalEntry>, StoreError> {
    let lines = lines(conn, account, garment)?;
    let first = lines.len().checked_sub(LISTED).map_or(0, |at| lines[at].id);
    let mut listed = entries(lines, |line| line.id >= first, scale)?;
    listed.reverse();
    Ok(listed)
}

/// The changes of one fitting and of its garment after a line, oldest first.
///
/// # Errors
/// [`StoreError::NotFound`] when this account has no such garment.
pub fn since(
    conn: &mut Conn,
    account: AccountId,
    garment: Uuid,
    fitting: Uuid,
    after: i64,
    scale: Scale,
) -> Result<Vec<JournalEntry>, StoreError> {
    let last: Option<i64> = journal::table
        .filter(journal::garment_id.eq(garment))
        .select(diesel::dsl::max(journal::id))
        .first(conn)?;
    if last.unwrap_or(0) <= after {
        return is_known(conn, account, garment).map(|()| Vec::new());
    }
    let lines = lines(conn, account, garment)?;
    entries(lines, |line| line.id > after && (line.is_of_garment() || line.subject_id == fitting), scale)
}

/// The number of a garment's last line; 0 where it has none.
///
/// # Errors
/// When the database does not answer.
pub fn last(conn: &mut Conn, garment: Uuid) -> Result<i64, StoreError> {
    last_of(conn, garment)
}

pub(crate) fn last_of(conn: &mut PgConnection, garment: Uuid) -> Result<i64, StoreError> {
    let last: Option<i64> = journal::table
        .filter(journal::garment_id.eq(garment))
        .select(diesel::dsl::max(journal::id))
        .first(conn)?;
    Ok(last.unwrap_or(0))
}

/// The lines of changes that were made already, by the ids their makers gave them.
///
/// # Errors
/// When the database does not answer.
pub fn made(
    conn: &mut Conn,
    account: AccountId,
    ids: &[Uuid],
) -> Result<BTreeMap<Uuid, (i64, Uuid, FittingChange)>, StoreError> {
    let rows: Vec<(Option<Uuid>, i64, Uuid, Value)> = journal::table
        .filter(journal::account_id.eq(account.0).and(journal::change_id.eq_any(ids)))
        .select((journal::change_id, journal::id, journal::subject_id, journal::after))
        .load(conn)?;
    rows.into_iter()
        .filter_map(|(id, line, subject, after)| Some((id?, line, subject, after)))
        .map(|(id, line, subject, after)| Ok((id, (line, subject, serde_json::from_value(after)?))))
        .collect()
}
