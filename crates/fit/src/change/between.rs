//! The changes that lead from one fitting to another.

use std::collections::{BTreeMap, BTreeSet};

use crate::asked::{Change, accepted_key};
use crate::operation::alteration::Alteration;
use crate::operation::hem::HemWish;
use crate::plan::{Progress, Vouched};
use crate::solve::job::Fitting;

/// Rows by their keys, compared: each that is new or different is put, each that is gone is taken away.
fn rows<Row: PartialEq, Key: Ord>(
    before: &[Row],
    after: &[Row],
    key: impl Fn(&Row) -> Key,
    put: impl Fn(&Row) -> Change,
    take: impl Fn(&Row) -> Change,
) -> Vec<Change> {
    let was: BTreeMap<Key, &Row> = before.iter().map(|row| (key(row), row)).collect();
    let stands: BTreeSet<Key> = after.iter().map(&key).collect();
    let gone = before.iter().filter(|row| !stands.contains(&key(row))).map(take);
    let new = after.iter().filter(|row| was.get(&key(row)) != Some(row)).map(put);
    gone.chain(new).collect()
}

/// The changes that make one fitting the other, both [in order](Fitting::in_order).
#[must_use]
pub fn between(before: &Fitting, after: &Fitting) -> Vec<Change> {
    let mut changes = Vec::new();
    if before.held_on != after.held_on {
        changes.push(Change::HoldOn { held_on: after.held_on });
    }
    if before.intention != after.intention {
        changes.push(Change::Intend { intention: after.intention });
    }
    if before.anchored != after.anchored {
        changes.push(Change::Anchor { anchored: after.anchored });
    }
    if before.form != after.form {
        changes.push(Change::FitOn { form: after.form.clone() });
    }
    changes.extend(rows(
        &before.pins,
        &after.pins,
        |pin| pin.id.clone(),
        |pin| Change::PutPin { pin: pin.clone() },
        |pin| Change::TakeOutPin { id: pin.id.clone() },
    ));
    hems(before, after, &mut changes);
    changes.extend(rows(
        &before.alterations,
        &after.alterations,
        Alteration::key,
        |alteration| Change::Alter { alteration: alteration.clone() },
        |alteration| Change::DoWithout { key: alteration.key().to_string() },
    ));
    changes.extend(rows(
        &before.evening,
        &after.evening,
        |evening| evening.seam,
        |evening| Change::EvenSeam { evening: *evening },
        |evening| Change::EvenByHabit { seam: evening.seam },
    ));
    changes.extend(rows(
        &before.ends,
        &after.ends,
        |ends| ends.seam,
        |ends| Change::WishEnds { ends: *ends },
        |ends| Change::LeaveEnds { seam: ends.seam },
    ));
    changes.extend(rows(
        &before.accepted,
        &after.accepted,
        accepted_key,
        |accepted| Change::AcceptDepth { accepted: *accepted },
        |accepted| {
            let (seam, side, station) = accepted_key(accepted);
            Change::GiveBackDepth { seam, side, station }
        },
    ));
    changes.extend(rows(
        &before.sums,
        &after.sums,
        |sum| sum.id.clone(),
        |sum| Change::KeepSum { sum: sum.clone() },
        |sum| Change::LetSumGo { id: sum.id.clone() },
    ));
    changes.extend(rows(
        &ticks(&before.progress),
        &ticks(&after.progress),
        |(step, ..)| step.clone(),
        |(step, minutes, vouched)| Change::Tick {
            step: step.clone(),
            minutes: *minutes,
            vouched: vouched.clone(),
        },
        |(step, ..)| Change::Untick { step: step.clone() },
    ));
    changes.extend(rows(
        &confirmations(&before.progress),
        &confirmations(&after.progress),
        |(condition, _)| condition.clone(),
        |(condition, vouched)| Change::Confirm { condition: condition.clone(), vouched: vouched.clone() },
        |(condition, _)| Change::Withdraw { condition: condition.clone() },
    ));
    changes
}

fn ticks(progress: &Progress) -> Vec<(String, Option<f64>, Vec<Vouched>)> {
    let done = progress.done.iter();
    done.map(|(step, minutes)| (step.clone(), *minutes, progress.vouched_for(step))).collect()
}

fn confirmations(progress: &Progress) -> Vec<(String, Vec<Vouched>)> {
    progress.confirmed.iter().map(|key| (key.clone(), progress.vouched_for(key))).collect()
}

fn hems(before: &Fitting, after: &Fitting, changes: &mut Vec<Change>) {
    let bare = |wish: &HemWish| HemWish { readings: Vec::new(), ..wish.clone() };
    let wishes = |fitting: &Fitting| -> Vec<HemWish> { fitting.hems.iter().map(bare).collect() };
    changes.extend(rows(
        &wishes(before),
        &wishes(after),
        |wish| wish.hem.key(),
        |wish| Change::WishHem { wish: wish.clone() },
        |wish| Change::LeaveHem { hem: wish.hem },
    ));
    for wish in &after.hems {
        let hem = wish.hem;
        let was = before.hems.iter().find(|was| was.hem == hem);
        changes.extend(rows(
            was.map_or(&[][..], |was| &was.readings),
            &wish.readings,
            |reading| reading.id.clone(),
            |reading| Change::ReadHem { hem, reading: reading.clone() },
            |reading| Change::TakeOutReading { hem, id: reading.id.clone() },
        ));
    }
}
