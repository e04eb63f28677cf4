//! Convex quadratic programmes, handed to the solver.
//!
//! Lines and shares are both of the form: least `½ xᵀPx + qᵀx` with some sums fixed and some bounded. An
//! interior-point method solves it exactly; what is small stays small, so the numbers of a seam need no
//! scaling beyond what their owners do.

use clarabel::algebra::CscMatrix;
use clarabel::solver::{
    DefaultSettings, DefaultSettingsBuilder, DefaultSolver, IPSolver, NonnegativeConeT, SolverStatus,
    SupportedConeT, ZeroConeT,
};

/// Rounds after which a programme that has not converged is taken to be in trouble.
const MOST_ROUNDS: u32 = 100;

/// Each round's equations are solved again until they are met to this: a hundredth of what the whole programme
/// is solved to.
const REFINE_TO: f64 = 1e-10;
/// The same where that went astray.
const REFINE_HARD: f64 = 1e-14;

/// A sum `Σ coefficient · x[column]`.
pub(crate) type Terms = Vec<(usize, f64)>;

/// A programme in `q.len()` unknowns.
#[derive(Debug, Default)]
pub(crate) struct Convex {
    /// Upper triangle of `P`: row, column, value; what stands at one place is summed.
    pub(crate) p: (Vec<usize>, Vec<usize>, Vec<f64>),
    /// What each unknown costs.
    pub(crate) q: Vec<f64>,
    /// Sums with the value they have.
    pub(crate) equal: Vec<(Terms, f64)>,
    /// Sums with the most they may be.
    pub(crate) at_most: Vec<(Terms, f64)>,
}

/// Why there are no unknowns.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(crate) enum NoMinimum {
    /// No unknowns keep every demand: the solver has a certificate of it.
    Impossible,
    /// The numbers went astray, which says nothing of the demands.
    Trouble,
}

impl Convex {
    /// The unknowns that cost least.
    ///
    /// # Errors
    /// [`NoMinimum`] says whether there are none, or they were not found.
    pub(crate) fn minimise(self) -> Result<Vec<f64>, NoMinimum> {
        match self.attempt(REFINE_TO) {
            Err(NoMinimum::Trouble) => self.attempt(REFINE_HARD),
            found => found,
        }
    }

    fn attempt(&self, refine_to: f64) -> Result<Vec<f64>, NoMinimum> {
        let n = self.q.len();
        let (pi, pj, pv) = self.p.clone();
        let p = CscMatrix::new_from_triplets(n, n, pi, pj, pv);
        let (mut ai, mut aj, mut av, mut b) = (Vec::new(), Vec::new(), Vec::new(), Vec::new());
        for (terms, bound) in self.equal.iter().chain(&self.at_most) {
            for (column, coefficient) in terms {
                ai.push(b.len());
                aj.push(*column);
                av.push(*coefficient);
            }
            b.push(*bound);
        }
        let a = CscMatrix::new_from_triplets(b.len(), n, ai, aj, av);
        let cones: [SupportedConeT<f64>; 2] =
            [ZeroConeT(self.equal.len()), NonnegativeConeT(self.at_most.len())];
        let mut solver = DefaultSolver::new(&p, &self.q, &a, &b, &cones, settings(refine_to)?)
            .map_err(|_| NoMinimum::Trouble)?;
        solver.solve();
        match solver.solution.status {
            // What is almost solved can be far off where it ran out of rounds.
            SolverStatus::Solved => Ok(solver.solution.x.clone()),
            SolverStatus::PrimalInfeasible | SolverStatus::AlmostPrimalInfeasible => {
                Err(NoMinimum::Impossible)
            }
            _ => Err(NoMinimum::Trouble),
        }
    }
}

fn settings(refine_to: f64) -> Result<DefaultSettings<f64>, NoMinimum> {
    DefaultSettingsBuilder::default()
        .verbose(false)
        .presolve_enable(false)
        .max_iter(MOST_ROUNDS)
        .iterative_refinement_reltol(refine_to)
        .iterative_refinement_abstol(refine_to)
        .build()
        .map_err(|_| NoMinimum::Trouble)
}
