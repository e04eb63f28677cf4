//! Workroom files on their way in. Once a file has come it goes in by itself, whoever still waits for the answer: a
//! large one takes minutes, and is followed from any page to its end.

use std::collections::HashMap;
use std::sync::{Arc, Mutex, MutexGuard, PoisonError};

use serde::Serialize;
use utoipa::ToSchema;
use uuid::Uuid;
use vemble_formats::read_workroom;
use vemble_store::{AccountId, Holdings, Store, account, backup};

use crate::problem::Problem;
use crate::workers::Workers;
use crate::workroom;

/// How far a workroom file is on its way in.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Default, Serialize, ToSchema)]
#[serde(rename_all = "snake_case")]
pub enum Stage {
    /// None was handed over, or the server was started anew since: what was not in whole is not in at all.
    #[default]
    None,
    /// It waits until another is in.
    Waits,
    /// Everything in it is looked over.
    LookedOver,
    /// It is written down: all of it, or nothing.
    Written,
    /// It is in.
    Done,
    /// It was refused; nothing of it is in.
    Refused,
}

/// A workroom file on its way in.
#[derive(Debug, Clone, Default, Serialize, ToSchema)]
pub struct Restoring {
    /// How far it is.
    pub stage: Stage,
    /// People, garments and fittings that went through this stage.
    pub done: usize,
    /// How many there are.
    pub of: usize,
    /// What the workroom holds, once all of it is in.
    pub holds: Option<Holdings>,
    /// Why it was refused.
    pub problem: Option<Problem>,
}

/// The workroom files that are on their way in, and the last of each account that came to its end.
#[derive(Clone)]
pub struct Restores {
    each: Arc<Mutex<HashMap<Uuid, Restoring>>>,
    /// One at a time: each is as much work as the house does in an evening.
    workers: Workers,
}

impl Restores {
    /// None yet.
    #[must_use]
    pub fn new() -> Restores {
        Restores { each: Arc::default(), workers: Workers::new("restoring", 1) }
    }

    fn each(&self) -> MutexGuard<'_, HashMap<Uuid, Restoring>> {
        self.each.lock().unwrap_or_else(PoisonError::into_inner)
    }

    /// How far the file of an account is.
    #[must_use]
    pub fn of(&self, account: AccountId) -> Restoring {
        self.each().get(&account.0).cloned().unwrap_or_default()
    }

    fn is(&self, account: AccountId, stage: Stage, [done, of]: [usize; 2]) {
        self.each().insert(account.0, Restoring { stage, done, of, ..Restoring::default() });
    }

    /// Begins with a file. `held` is let go of when it is in or refused.
    pub fn begin<H: Send + 'static>(
        &self,
        store: Store,
        account: AccountId,
        bytes: Vec<u8>,
        held: H,
    ) -> impl Future<Output = Result<Holdings, Problem>> + 'static {
        self.is(account, Stage::Waits, [0, 0]);
        let (restores, workers) = (self.clone(), self.workers.clone());
        async move {
            let own = restores.clone();
            let work = move || {
                let done = own.put_in(&store, account, bytes);
                let (stage, holds, problem) = match &done {
                    Ok(holds) => (Stage::Done, Some(*holds), None),
                    Err(problem) => (Stage::Refused, None, Some(problem.clone())),
                };
                own.each().insert(account.0, Restoring { stage, holds, problem, ..Restoring::default() });
                drop(held);
                done
            };
            workers.run(work).await.unwrap_or_else(|| {
                tracing::error!("putting a workroom file in panicked");
                let problem = Some(Problem::internal());
                let refused = Restoring { stage: Stage::Refused, problem, ..Restoring::default() };
                restores.each().insert(account.0, refused);
                Err(Problem::internal())
            })
        }
    }

    fn put_in(&self, store: &Store, account: AccountId, bytes: Vec<u8>) -> Result<Holdings, Problem> {
        self.is(account, Stage::LookedOver, [0, 0]);
        let read = read_workroom(&bytes).map_err(|error| Problem::workroom_file(&error))?;
        drop(bytes);
        // Before minutes are spent on what is in it; it is looked at again when it is written.
        backup::is_empty(&mut store.conn()?, account)?;
        let everything =
            workroom::look_over(read, &mut |done, of| self.is(account, Stage::LookedOver, [done, of]))
                .map_err(|error| Problem::nonsense("workroom.nonsense", error.path, error.why))?;
        let mut conn = store.conn()?;
        backup::restore(&mut conn, account, &everything, &mut |done, of| {
            self.is(account, Stage::Written, [done, of]);
        })?;
        Ok(account::holdings(&mut conn, account)?)
    }
}
