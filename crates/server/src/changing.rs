//! Changing a fitting: look at what stands, decide without a connection, and keep it while that stands.

use std::collections::BTreeMap;

use chrono::Utc;
use uuid::Uuid;
use vemble_fit::change::Change;
use vemble_fit::garment::HemName;
use vemble_fit::hem::{self, HemWish};
use vemble_fit::{Admitted, Fitting, Solution, admit};
use vemble_store::{
    Accepted, AccountId, Conn, Expected, FittingChange, FittingRecord, InShort, Seen, StoreError, Versioned,
    Works, Written, fitting, guest, journal_of, rail,
};

use crate::app::App;
use crate::jobs::{self, Around};
use crate::problem::Problem;
use crate::signed_in::AtWork;

/// A change somebody wants made.
#[derive(Debug, Clone)]
pub struct Wanted {
    /// The id its maker gave it.
    pub id: Option<Uuid>,
    /// The change.
    pub change: FittingChange,
    /// The journal line it takes back.
    pub takes_back: Option<i64>,
}

/// What became of one.
#[derive(Debug, Clone)]
pub enum Became {
    /// It stands in the journal, at this line.
    Line(i64),
    /// Everything stood as it wants it: there is nothing to keep and nothing to take back.
    Nothing,
    /// It cannot be made.
    Refused(Box<Problem>),
}

/// What became of all of them.
#[derive(Debug)]
pub struct Made {
    /// Each in the order it was wanted.
    pub became: Vec<Became>,
    /// The fitting as it stands; nothing where it was taken away.
    pub standing: Option<Versioned<FittingRecord>>,
    /// The garment's last journal line.
    pub last: i64,
}

/// What stands before anything is decided.
struct Looked {
    standing: Option<Versioned<FittingRecord>>,
    around: Around,
    garment: Uuid,
    next: i32,
    last: i64,
    made: BTreeMap<Uuid, (i64, Uuid, FittingChange)>,
}

/// What was decided.
struct Decided {
    became: Vec<Option<Became>>,
    accepted: Vec<Accepted>,
    record: Option<FittingRecord>,
    solution: Option<Solution>,
    /// True where a fitting that begins takes the number that is next.
    counted: bool,
}

/// How often to look anew when somebody else wrote meanwhile.
const TRIES: usize = 12;

/// Makes changes of one fitting, each answered for itself.
///
/// # Errors
/// [`Problem::not_found`] where there is neither such a fitting nor one that is begun,
/// [`Problem::busy`] where others write at every moment.
pub async fn make(app: &App, by: &AtWork, id: Uuid, wanted: Vec<Wanted>) -> Result<Made, Problem> {
    let _turn = app.turn_at(id).await?;
    for _ in 0..TRIES {
        if let Some(made) = once(app, by, id, wanted.clone(), None).await? {
            return Ok(made);
        }
    }
    Err(Problem::busy())
}

/// Takes lines of one fitting back: all of them or none, and only while `last` is the last line of its garment's
/// journal, so that nothing is wiped that was not looked at. Nothing where something else was written meanwhile.
///
/// # Errors
/// As [`make`].
pub async fn take_back(
    app: &App,
    by: &AtWork,
    id: Uuid,
    wanted: Vec<Wanted>,
    last: i64,
) -> Result<Option<Made>, Problem> {
    let _turn = app.turn_at(id).await?;
    once(app, by, id, wanted, Some(last)).await
}

async fn once(
    app: &App,
    by: &AtWork,
    id: Uuid,
    wanted: Vec<Wanted>,
    stands_at: Option<i64>,
) -> Result<Option<Made>, Problem> {
    let account = by.account;
    let ids: Vec<Uuid> = wanted.iter().filter_map(|wanted| wanted.id).collect();
    let begins = wanted.iter().find_map(|wanted| wanted.change.begin).map(|begin| begin.garment);
    let looked = app.store(move |conn| look(conn, account, id, &ids, begins)).await?;
    if stands_at.is_some_and(|last| last != looked.last) {
        return Ok(None);
    }
    let is_guest = by.guest.is_some();
    let (looked, decided) = app
        .compute(by, move || {
            let decided = decide(&looked, id, wanted, is_guest, stands_at.is_some());
            Ok((looked, decided))
        })
        .await?;
    let Decided { became, accepted, record, solution, counted } = decided;
    if accepted.is_empty() {
        let became = became.into_iter().flatten().collect();
        return Ok(Some(Made { became, standing: looked.standing, last: looked.last }));
    }
    let (by, kept) = (by.clone(), record.clone());
    let written = app
        .run(move |conn| {
            // Who was sent out while this waited for its turn has nothing made any more.
            if let Some(guest) = &by.guest
                && guest::seen(conn, guest.id, Utc::now())?.is_none()
            {
                return Err(Problem::guest_out());
            }
            let seen = Seen {
                garment: looked.garment,
                garment_version: looked.around.garment.version,
                fitting_version: looked.standing.as_ref().map(|standing| standing.version),
                last: stands_at,
                next: counted.then_some(looked.next),
                expected: Expected::Unsaid,
            };
            match keep(conn, &by, id, &looked, seen, kept.as_ref(), &accepted, solution) {
                Ok(written) => Ok(Some(written)),
                Err(StoreError::Moved) => Ok(None),
                Err(error) => Err(error.into()),
            }
        })
        .await?;
    let Some(written) = written else { return Ok(None) };
    let mut lines = written.lines.iter();
    let became = became
        .into_iter()
        .filter_map(|became| became.or_else(|| lines.next().map(|line| Became::Line(*line))))
        .collect();
    let last = written.lines.last().copied().unwrap_or_default();
    let standing = record.map(|value| Versioned { version: written.version, value });
    Ok(Some(Made { became, standing, last }))
}

fn look(
    conn: &mut Conn,
    account: AccountId,
    id: Uuid,
    ids: &[Uuid],
    begins: Option<Uuid>,
) -> Result<Looked, StoreError> {
    let standing = jobs::standing(conn, account, id)?;
    let garment = standing.as_ref().map(|standing| standing.value.garment).or(begins);
    let garment = garment.ok_or(StoreError::NotFound)?;
    let around = Around::load(conn, account, garment)?;
    let next = fitting::next_number(conn, garment)?;
    let last = journal_of::last(conn, garment)?;
    let made = journal_of::made(conn, account, ids)?;
    Ok(Looked { standing, around, garment, next, last, made })
}

/// Decides without a connection.
fn decide(looked: &Looked, id: Uuid, wanted: Vec<Wanted>, is_guest: bool, together: bool) -> Decided {
    let before = looked.standing.as_ref().map(|standing| &standing.value);
    let mut record = before.cloned();
    let mut decided =
        Decided { became: Vec::new(), accepted: Vec::new(), record: None, solution: None, counted: false };
    for Wanted { id: change_id, change, takes_back } in wanted {
        if let Some((line, subject, known)) = change_id.and_then(|id| looked.made.get(&id)) {
            decided.became.push(Some(if *subject == id && is_same(known, &change) {
                Became::Line(*line)
            } else {
                Became::Refused(Box::new(Problem::not_yet(
                    "change.id_taken",
                    "Another change has this id already. Give each change an id of its own.",
                )))
            }));
            continue;
        }
        if is_guest && !is_for_guests(&change, record.as_ref()) {
            decided.became.push(Some(Became::Refused(Box::new(Problem::not_for_guests()))));
            continue;
        }
        match one(looked, record.as_ref(), &change, together) {
            Ok((_, restoring, _)) if takes_back.is_none() && is_nothing(&change, &restoring) => {
                decided.became.push(Some(Became::Nothing));
            }
            Ok((after, restoring, solution)) => {
                record = after;
                decided.counted |= change.begin.is_some_and(|begin| begin.number.is_none());
                // The number it took is kept with it.
                let number = record.as_ref().map(|record| record.number);
                let begin = change.begin.map(|begin| vemble_store::Begin { number, ..begin });
                let change = FittingChange { begin, ..change };
                decided.solution = solution;
                decided.accepted.push(Accepted { id: change_id, change, restoring, takes_back });
                decided.became.push(None);
            }
            Err(problem) => decided.became.push(Some(Became::Refused(Box::new(problem)))),
        }
    }
    if together {
        // What is made together is looked at as it is in the end.
        let refused = decided.became.iter().any(Option::is_some);
        let looked_at = record.clone().map(|record| looked_over(looked, before, record)).transpose();
        match looked_at {
            Err(problem) => {
                decided.became = vec![Some(Became::Refused(Box::new(problem)))];
                decided.accepted.clear();
            }
            Ok(_) if refused => decided.accepted.clear(),
            Ok(None) => decided.solution = None,
            Ok(Some((kept, solution))) => {
                record = Some(kept);
                decided.solution = Some(solution);
            }
        }
    }
    decided.record = record;
    decided
}

/// The same change, but for the number that a beginning took.
fn is_same(known: &FittingChange, asked: &FittingChange) -> bool {
    let plain = |change: &FittingChange| FittingChange {
        begin: change.begin.map(|begin| vemble_store::Begin { number: None, ..begin }),
        ..change.clone()
    };
    plain(known) == plain(asked)
}

/// Readings, and beginning to read a hem that nobody has said anything about: it is where it is pinned.
fn is_for_guests(change: &FittingChange, standing: Option<&FittingRecord>) -> bool {
    let stands =
        |hem: HemName| standing.is_some_and(|record| record.fitting.hems.iter().any(|wish| wish.hem == hem));
    let begins_hem = |part: &Change| match part {
        Change::WishHem { wish } => *wish == HemWish::new(wish.hem, hem::Wanted::Pins) && !stands(wish.hem),
        _ => false,
    };
    change.begin.is_none()
        && !change.gone
        && change.adopts.is_none()
        && change.parts.iter().all(|part| part.is_reading() || begins_hem(part))
}

type One = (Option<FittingRecord>, FittingChange, Option<Solution>);

fn one(
    looked: &Looked,
    standing: Option<&FittingRecord>,
    change: &FittingChange,
    together: bool,
) -> Result<One, Problem> {
    let (after, restoring) = change.apply(standing, looked.next)?;
    if let Some(number) = after.as_ref().map(|record| record.number).filter(|n| !(1..=999).contains(n)) {
        return Err(Problem::nonsense(
            "fitting.number",
            "begin.number",
            format!("The fitting's number was read as {number}; it can be from 1 to 999."),
        ));
    }
    if after.as_ref().is_some_and(|after| after.garment != looked.garment) {
        return Err(Problem::not_yet("fitting.garment", "A fitting stays with its garment."));
    }
    let (after, solution) = match after {
        Some(record) if !together && !is_nothing(change, &restoring) => {
            let (record, solution) = looked_over(looked, standing, record)?;
            (Some(record), Some(solution))
        }
        after => (after, None),
    };
    Ok((after, restoring, solution))
}

/// True for a change that leaves everything as it stands.
fn is_nothing(change: &FittingChange, restoring: &FittingChange) -> bool {
    change.begin.is_none() && !change.gone && restoring.parts.is_empty()
}

/// Looks at a fitting as it would be; it is kept with what its ticks vouch for.
fn looked_over(
    looked: &Looked,
    before: Option<&FittingRecord>,
    mut record: FittingRecord,
) -> Result<(FittingRecord, Solution), Problem> {
    let blank = Fitting::on(record.fitting.held_on);
    let before = before.map_or(&blank, |before| &before.fitting);
    let Admitted { progress, solution } = admit(before, &looked.around.job(record.fitting.clone()))?;
    record.fitting.progress = progress;
    Ok((record, solution))
}

/// The kind of work of each step, and its minutes before the hand's own pace counts.
pub fn works(solution: &Solution) -> Works {
    let steps = solution.plan.steps.iter();
    steps.map(|step| (step.key.to_string(), (step.work, step.house_minutes))).collect()
}

#[allow(clippy::too_many_arguments, reason = "what is kept is exactly these facts")]
fn keep(
    conn: &mut Conn,
    by: &AtWork,
    id: Uuid,
    looked: &Looked,
    seen: Seen,
    record: Option<&FittingRecord>,
    accepted: &[Accepted],
    solution: Option<Solution>,
) -> Result<Written, StoreError> {
    let works = solution.as_ref().map(works).unwrap_or_default();
    let written = fitting::write(conn, by.account, &by.hand, id, seen, record, accepted, &works)?;
    // The rail shows the newest fitting; what it says of it need not be worked out again.
    let newest = record.is_some_and(|record| record.number + 1 >= looked.next);
    if let Some(solution) = solution.filter(|_| newest) {
        let stands_for = looked.around.stands_for((id, written.version));
        rail::keep(conn, looked.garment, &stands_for, &InShort::of(&solution)?)?;
    }
    Ok(written)
}
