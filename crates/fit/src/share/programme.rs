//! The programmes behind a share: least largest depth, and the most that can be had.

use super::source::Source;
use crate::convex::{Convex, Terms};

/// Weight of the sum of squares against the largest depth: it only chooses between equal largest.
const EVENNESS: f64 = 1e-4;

/// Depths that are not negative, each at most what its source has, and the side seam within its swing.
fn limits(sources: &[&Source], swing: f64) -> Vec<(Terms, f64)> {
    let mut rows: Vec<(Terms, f64)> = Vec::new();
    let mut side: Terms = Vec::new();
    for (column, source) in sources.iter().enumerate() {
        rows.push((vec![(column, -1.0)], 0.0));
        rows.push((vec![(column, 1.0)], source.most));
        if source.backward != 0.0 {
            side.push((column, source.backward / 2.0));
        }
    }
    if !side.is_empty() {
        rows.push((side.iter().map(|(column, by)| (*column, -by)).collect(), swing));
        rows.push((side, swing));
    }
    rows
}

/// The depths of the chosen sources whose largest is smallest, that give `wanted` in all and leave the
/// side seam where it is; `None` where they cannot.
pub(super) fn smallest_largest(
    sources: &[Source],
    chosen: impl Fn(usize) -> bool,
    wanted: f64,
    swing: f64,
) -> Option<Vec<f64>> {
    let members: Vec<usize> = (0..sources.len()).filter(|i| chosen(*i)).collect();
    let picked: Vec<&Source> = members.iter().map(|i| &sources[*i]).collect();
    let largest = members.len();
    let mut at_most = limits(&picked, swing);
    at_most.extend((0..largest).map(|column| (vec![(column, 1.0), (largest, -1.0)], 0.0)));
    let given = picked.iter().enumerate().map(|(column, source)| (column, source.gives)).collect();
    let mut q = vec![0.0; largest + 1];
    q[largest] = 1.0;
    let columns: Vec<usize> = (0..largest).collect();
    let p = (columns.clone(), columns, vec![EVENNESS; largest]);
    let x = Convex { p, q, equal: vec![(given, wanted)], at_most }.minimise().ok()?;
    let mut depths = vec![0.0; sources.len()];
    for (column, member) in members.into_iter().enumerate() {
        depths[member] = x[column].max(0.0);
    }
    Some(depths)
}

/// The most that all sources together can give.
pub(super) fn most_of(sources: &[Source], swing: f64) -> f64 {
    if sources.is_empty() {
        return 0.0;
    }
    let all: Vec<&Source> = sources.iter().collect();
    let q = sources.iter().map(|source| -source.gives).collect();
    let most = Convex { q, at_most: limits(&all, swing), ..Convex::default() }.minimise().ok();
    // A hair less than the very most, so that sharing exactly that out has a solution.
    most.map_or(0.0, |x| x.iter().zip(sources).map(|(x, source)| x * source.gives).sum::<f64>() - 1e-3)
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::garment::SeamName;
    use crate::words::GivesOnly;
    use proptest::prelude::*;

    fn source(gives: f64, most: f64, backward: f64) -> Source {
        Source {
            seam: SeamName::Side,
            gives,
            most,
            because: GivesOnly::NobodyLooked,
            backward,
            new_dart: false,
        }
    }

    /// The smallest largest depth by trying: every depth from a fine grid but the last, which is what
    /// is left.
    fn by_trying(sources: &[Source], wanted: f64, swing: f64) -> Option<f64> {
        const STEP: f64 = 0.25;
        let last = sources.len() - 1;
        let mut best: Option<f64> = None;
        let mut depths = vec![0.0; sources.len()];
        loop {
            let given: f64 = (0..last).map(|i| depths[i] * sources[i].gives).sum();
            depths[last] = (wanted - given) / sources[last].gives;
            let side: f64 = depths.iter().zip(sources).map(|(d, s)| d * s.backward / 2.0).sum();
            if depths[last] >= 0.0 && depths[last] <= sources[last].most && side.abs() <= swing {
                let largest = depths.iter().copied().fold(0.0, f64::max);
                best = Some(best.map_or(largest, |known: f64| known.min(largest)));
            }
            let Some(i) = (0..last).find(|i| depths[*i] + STEP <= sources[*i].most) else { return best };
            depths[..i].fill(0.0);
            depths[i] += STEP;
        }
    }

    proptest! {
        #[test]
        fn no_trying_finds_a_smaller_largest_depth(
            most in prop::array::uniform3(2.0f64..14.0),
            lean in prop::array::uniform3(1.0f64..1.2),
            share in 0.1f64..0.95, swing in 2.0f64..15.0,
        ) {
            let sources = [
                source(4.0 * lean[0], most[0], 0.0),
                source(2.0 * lean[1], most[1], 1.0),
                source(4.0 * lean[2], most[2], -2.0),
            ];
            let can = most_of(&sources, swing);
            let wanted = share * can;
            let depths = smallest_largest(&sources, |_| true, wanted, swing).expect("it can be had");
            let given: f64 = depths.iter().zip(&sources).map(|(d, s)| d * s.gives).sum();
            prop_assert!((given - wanted).abs() < 1e-3, "{given} of {wanted}");
            let side: f64 = depths.iter().zip(&sources).map(|(d, s)| d * s.backward / 2.0).sum();
            prop_assert!(side.abs() <= swing + 1e-4);
            for (depth, source) in depths.iter().zip(&sources) {
                prop_assert!(*depth <= source.most + 1e-4);
            }
            let largest = depths.iter().copied().fold(0.0, f64::max);
            if let Some(tried) = by_trying(&sources, wanted, swing) {
                prop_assert!(largest <= tried + 0.01, "{largest} where trying finds {tried}");
            }
        }

        #[test]
        fn what_cannot_be_had_is_not_promised(most in prop::array::uniform3(1.0f64..10.0), over in 1.01f64..2.0) {
            let sources = [source(4.0, most[0], 0.0), source(2.0, most[1], 1.0), source(4.0, most[2], -2.0)];
            let can = most_of(&sources, 12.0);
            prop_assert!(smallest_largest(&sources, |_| true, can * over + 0.1, 12.0).is_none());
            prop_assert!(smallest_largest(&sources, |_| true, can, 12.0).is_some());
        }
    }
}
