//! The alterations of a job that are neither lines nor hems, each on the cloth as those before it leave it.

use serde::Serialize;

use super::drawn::Drawn;
use crate::finding::Finding;
use crate::operation::alteration::{Alteration, Done, Ground, MovedEdge, moved_edges};
use crate::pattern::Pattern;
use crate::sums::SumDrawing;
use crate::words::{alteration_found, alteration_words};

/// An alteration that is wished for, worked out.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct AlterationSolution {
    /// What it is and where, by which it is put, changed and taken out.
    pub key: String,
    /// It in words, with its place.
    pub words: String,
    /// What is wished.
    pub wish: Alteration,
    /// Why it cannot be done.
    pub refused: Option<String>,
    /// The nearest that can be done.
    pub nearest: Option<Alteration>,
    /// The edges that lie elsewhere now.
    pub moved: Vec<MovedEdge>,
    /// It drawn, where it is done.
    pub sketch: Option<SumDrawing>,
}

/// A garment with everything done that is wished for beside lines and hems.
pub(super) struct Wishes {
    pub(super) alterations: Vec<AlterationSolution>,
    pub(super) done: Vec<Done>,
    pub(super) sewn: Option<Pattern>,
}

/// Does what is wished for, in the order of the kinds and, of one kind, of the places: what cannot be done is refused,
/// and the rest goes on without it. Where no panels are drawn nothing is done yet.
pub(super) fn wishes(drawn: &Drawn<'_>, sewn: Option<Pattern>, found: &mut Vec<Finding>) -> Wishes {
    let mut wanted: Vec<&Alteration> = drawn.job.fitting.alterations.iter().collect();
    wanted.sort_by_key(|wish| wish.key());
    let mut all = Wishes { alterations: Vec::new(), done: Vec::new(), sewn };
    for wish in wanted {
        let key = wish.key();
        let mut answer = AlterationSolution {
            key: key.to_string(),
            words: alteration_words(wish),
            wish: wish.clone(),
            refused: None,
            nearest: None,
            moved: Vec::new(),
            sketch: None,
        };
        if let (Some(came), Some(pattern)) = (&drawn.came, &all.sewn) {
            let ground = Ground { garment: &drawn.job.garment, habits: drawn.habits, came };
            match wish.altering().apply(ground, pattern) {
                Ok(made) => {
                    answer.moved = moved_edges(pattern, &made.pattern);
                    answer.sketch = Some(made.sketch.clone());
                    let of_it = made.found.iter().cloned();
                    found.extend(
                        of_it.map(|found| Finding::Alteration { wish: Box::new(wish.clone()), found }),
                    );
                    all.sewn = Some(made.pattern.clone());
                    all.done.push(Done { key, made });
                }
                Err(refused) => {
                    answer.refused = Some(alteration_found(wish, &refused.why, drawn.habits.scale));
                    answer.nearest = refused.nearest;
                    found.push(Finding::AlterationRefused { wish: Box::new(wish.clone()), why: refused.why });
                }
            }
        }
        all.alterations.push(answer);
    }
    all
}
