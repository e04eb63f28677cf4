//! Convex quadratic programmes, handed to the solver.
//!
//! Lines and shares are both of the form: least `½ xᵀPx + qᵀx` with some sums fixed and some bounded. An
//! interior-point method solves it exactly; what is small stays small, so the numbers of a seam need no
//! scaling beyond what their owners do.

use clarabel::algebra::CscMatrix;
use clarabel::solver::{
    DefaultSettingsBuilder, DefaultSolver, IPSolver, NonnegativeConeT, SolverStatus, SupportedConeT,
    ZeroConeT,
};

/// Rounds after which a programme that has not converged is taken to have no solution.
const MOST_ROUNDS: u32 = 100;

/// A sum `Σ coefficient · x[column]`.
pub(crate) type Terms = Vec<(usize, f64)>;

/// A programme in `q.len()` unknowns.
#[derive(Debug, Default)]
pub(crate) struct Convex {
    /// Upper triangle of `P`: row, column, value.
    pub(crate) p: (Vec<usize>, Vec<usize>, Vec<f64>),
    /// What each unknown costs.
    pub(crate) q: Vec<f64>,
    /// Sums with the value they have.
    pub(crate) equal: Vec<(Terms, f64)>,
    /// Sums with the most they may be.
    pub(crate) at_most: Vec<(Terms, f64)>,
}

impl Convex {
    /// The unknowns that cost least; `None` where no unknowns keep every demand.
    pub(crate) fn minimise(self) -> Option<Vec<f64>> {
        let n = self.q.len();
        let (pi, pj, pv) = self.p;
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
        let settings = DefaultSettingsBuilder::default()
            .verbose(false)
            .presolve_enable(false)
            .max_iter(MOST_ROUNDS)
            .build()
            .ok()?;
        let mut solver = DefaultSolver::new(&p, &self.q, &a, &b, &cones, settings).ok()?;
        solver.solve();
        matches!(solver.solution.status, SolverStatus::Solved | SolverStatus::AlmostSolved)
            .then(|| solver.solution.x.clone())
    }
}
