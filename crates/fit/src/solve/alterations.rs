//! The alterations of a job that are neither lines nor hems, each on the cloth as those before it leave it.

use serde::Serialize;

use super::drawn::Drawn;
use crate::finding::Finding;
use crate::garment::AlterationKind;
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

impl AlterationSolution {
    /// One that is not worked out yet.
    fn wished(wish: &Alteration) -> AlterationSolution {
        AlterationSolution {
            key: wish.key().to_string(),
            words: alteration_words(wish),
            wish: wish.clone(),
            refused: None,
            nearest: None,
            moved: Vec::new(),
            sketch: None,
        }
    }
}

/// What is wished for of one kind, with the garment as it is then.
pub(super) struct Wishes<'a> {
    pub(super) alterations: &'a mut Vec<AlterationSolution>,
    pub(super) done: &'a mut Vec<Done>,
    pub(super) sewn: &'a mut Option<Pattern>,
    pub(super) found: &'a mut Vec<Finding>,
}

impl Wishes<'_> {
    /// Does what is wished for of a kind, in the order of the places: what cannot be done is refused, and the rest goes on
    /// without it. Where no panels are drawn nothing is done yet.
    pub(super) fn perform(&mut self, drawn: &Drawn<'_>, kind: AlterationKind) {
        let all = drawn.job.fitting.alterations.iter();
        let mut wanted: Vec<&Alteration> = all.filter(|wish| wish.kind() == kind).collect();
        wanted.sort_by_key(|wish| wish.key());
        for wish in wanted {
            let answer = self.answer(drawn, wish);
            self.alterations.push(answer);
        }
    }

    fn answer(&mut self, drawn: &Drawn<'_>, wish: &Alteration) -> AlterationSolution {
        let mut answer = AlterationSolution::wished(wish);
        let (Some(came), Some(pattern)) = (&drawn.came, self.sewn.as_ref()) else { return answer };
        let ground = Ground { garment: &drawn.job.garment, habits: drawn.habits, came };
        let wish = || Box::new(wish.clone());
        match answer.wish.altering().apply(ground, pattern) {
            Ok(made) => {
                answer.moved = moved_edges(pattern, &made.pattern);
                answer.sketch = Some(made.sketch.clone());
                let of_it = made.found.iter().cloned();
                self.found.extend(of_it.map(|found| Finding::Alteration { wish: wish(), found }));
                *self.sewn = Some(made.pattern.clone());
                self.done.push(Done { key: answer.wish.key(), made });
            }
            Err(refused) => {
                answer.refused = Some(alteration_found(&answer.wish, &refused.why, drawn.habits.scale));
                answer.nearest = refused.nearest;
                self.found.push(Finding::AlterationRefused { wish: wish(), why: refused.why });
            }
        }
        answer
    }
}
