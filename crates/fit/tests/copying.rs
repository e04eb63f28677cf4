//! Copying a slimmer garment from a bigger one, on generated pairs of every kind.

mod common;

use common::{any_shape, job, mm};
use proptest::prelude::*;
use proptest::strategy::ValueTree;
use proptest::test_runner::TestRunner;
use vemble_fit::garment::{FlatName, Kind, LevelName};
use vemble_fit::{copy_from, solve};

/// Pairs of each kind.
const PAIRS: usize = 40;

#[test]
fn nearly_every_slimmer_copy_of_every_kind_can_be_sewn() {
    let mut runner = TestRunner::deterministic();
    let (mut pairs, mut drawn) = (0, 0);
    for kind in Kind::ALL {
        let (mut of_kind, mut refused) = (0, Vec::new());
        while of_kind < PAIRS {
            let strategy = (any_shape(kind), prop::collection::vec(0.90f64..0.99, 24));
            let (shape, slimmer) = strategy.new_tree(&mut runner).expect("a pair").current();
            if shape.pattern(&Default::default()).is_err() {
                continue;
            }
            let is_width = |flat: FlatName| LevelName::ALL.iter().any(|level| level.flat() == flat);
            let mut favourite = shape.flats.clone();
            // One garment a size or so smaller: a share of its own, and a little more or less at each level.
            for (i, (flat, length)) in favourite.iter_mut().enumerate() {
                if is_width(*flat) {
                    let share = slimmer[0] + (slimmer[i % slimmer.len()] - 0.945) * 0.3;
                    *length = mm(((length.mm() * share.min(1.0)) * 2.0).round() / 2.0);
                }
            }
            let mut job = job(shape);
            let plan = copy_from(&job, &favourite).expect("a copy");
            job.fitting.pins = plan.pins;
            let solution = solve(&job).expect("a result");
            of_kind += 1;
            if !solution.is_solved() {
                refused.push(format!("{:?}", solution.warnings.first()));
                continue;
            }
            // Where nothing is said of a level, it measures what the favourite measures.
            for row in plan.rows.iter().filter(|_| plan.notes.is_empty()) {
                let level = solution.levels.iter().find(|level| level.girth.level == row.level).expect("it");
                let off = level.girth.after.mm() - 2.0 * row.favourite.mm();
                // Widths within 2 are the same width: up to 4 of girth.
                assert!(off.abs() < 4.5, "{kind:?} {:?}: off by {off}", row.level);
            }
        }
        assert!(
            refused.len() * 20 <= of_kind,
            "{kind:?}: {} of {of_kind} refused: {refused:?}",
            refused.len()
        );
        pairs += of_kind;
        drawn += of_kind - refused.len();
    }
    assert!(drawn * 20 >= pairs * 19, "{drawn} of {pairs}");
}
