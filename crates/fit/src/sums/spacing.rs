//! Even spacing: buttons, eyelets, belt loops, hooks.

/// A row of things between two ends, both of which carry one. In millimetres.
#[derive(Debug, Clone, Copy, PartialEq)]
pub(crate) struct Spacing {
    /// The first.
    pub(crate) from: f64,
    /// The last.
    pub(crate) to: f64,
    /// How many, at least two.
    pub(crate) count: u32,
    /// A place one of them has to stand at: the bust, the waist.
    pub(crate) pinned: Option<f64>,
    /// A place none may stand at, and how far they keep off it.
    pub(crate) clear: Option<[f64; 2]>,
}

/// How nearly a row has to keep what was asked, in millimetres.
const WITHIN: f64 = 1e-9;

/// Where each stands; `None` where no row keeps what is asked.
///
/// Pinned, the row has one gap below the pinned place and one above, as near each other as whole numbers
/// of gaps and the place to clear allow. To clear a place, the ends come in as little as will do, neither
/// by more than half a gap.
pub(crate) fn space(row: &Spacing) -> Option<Vec<f64>> {
    let keeps_off = |places: &[f64]| {
        row.clear.is_none_or(|[at, by]| places.iter().all(|place| (place - at).abs() >= by - WITHIN))
    };
    let count = row.count.max(2);
    if let Some(pinned) = row.pinned.filter(|pinned| (row.from..=row.to).contains(pinned)) {
        let wanted = (pinned - row.from) / (row.to - row.from) * f64::from(count - 1);
        // Strictly between the ends it is neither the first nor the last: two things cannot make such a row.
        let inside = pinned > row.from && pinned < row.to;
        let mut splits: Vec<u32> =
            if inside { (1..count - 1).collect() } else { vec![wanted.round() as u32] };
        let off = |below: &u32| (f64::from(*below) - wanted).abs();
        splits.sort_by(|one, other| off(one).total_cmp(&off(other)));
        return splits.into_iter().find_map(|below| {
            let mut places = even(row.from, pinned, below + 1);
            places.extend(even(pinned, row.to, count - below).into_iter().skip(1));
            keeps_off(&places).then_some(places)
        });
    }
    let whole = even(row.from, row.to, count);
    match row.clear {
        Some(clear) if !keeps_off(&whole) => moved_clear(row, count, clear),
        _ => Some(whole),
    }
}

/// The row whose ends came in least for it to clear a place.
///
/// With the gap that holds the place chosen, what is asked of both ends is linear in how far they come
/// in: the last place below it is low enough, the next one high enough. The least is in a corner of what
/// is allowed, and there are few corners, so each is looked at.
fn moved_clear(row: &Spacing, count: u32, [at, by]: [f64; 2]) -> Option<Vec<f64>> {
    let gaps = f64::from(count - 1);
    let most = (row.to - row.from) / gaps / 2.0;
    let place = |i: u32, [low, high]: [f64; 2]| {
        let share = f64::from(i) / gaps;
        (row.from + low) * (1.0 - share) + (row.to - high) * share
    };
    // Each bound as a line `a·low + b·high = c` in how far the ends come in.
    let sides = [[1.0, 0.0, 0.0], [0.0, 1.0, 0.0], [1.0, 0.0, most], [0.0, 1.0, most]];
    let stands_at = |i: u32, there: f64| {
        let share = f64::from(i) / gaps;
        [1.0 - share, -share, there - place(i, [0.0, 0.0])]
    };
    (0..=count)
        .flat_map(|next| {
            let below = next.checked_sub(1);
            let above = (next < count).then_some(next);
            let bounds: Vec<[f64; 3]> = sides
                .into_iter()
                .chain(below.map(|i| stands_at(i, at - by)))
                .chain(above.map(|i| stands_at(i, at + by)))
                .collect();
            let kept = move |ends: &[f64; 2]| {
                ends.iter().all(|end| (-WITHIN..=most + WITHIN).contains(end))
                    && below.is_none_or(|i| place(i, *ends) <= at - by + WITHIN)
                    && above.is_none_or(|i| place(i, *ends) >= at + by - WITHIN)
            };
            let corners = bounds.iter().enumerate().flat_map(|(i, one)| {
                bounds[i + 1..].iter().filter_map(|other| corner(*one, *other)).collect::<Vec<_>>()
            });
            corners.filter(kept).collect::<Vec<_>>()
        })
        .min_by(|one, other| {
            // Of two that come in alike, the one that leaves the lower end where it is.
            (one[0] + one[1]).total_cmp(&(other[0] + other[1])).then(one[0].total_cmp(&other[0]))
        })
        .map(|[low, high]| even(row.from + low.clamp(0.0, most), row.to - high.clamp(0.0, most), count))
}

/// Where two lines meet.
fn corner([a, b, c]: [f64; 3], [d, e, f]: [f64; 3]) -> Option<[f64; 2]> {
    let turn = a * e - b * d;
    (turn.abs() > 1e-12).then(|| [(c * e - b * f) / turn, (a * f - c * d) / turn])
}

fn even(from: f64, to: f64, count: u32) -> Vec<f64> {
    if count < 2 {
        return vec![from];
    }
    (0..count).map(|i| from + (to - from) * f64::from(i) / f64::from(count - 1)).collect()
}

#[cfg(test)]
mod tests {
    use super::*;
    use proptest::prelude::*;

    fn row(pinned: Option<f64>, clear: Option<[f64; 2]>) -> Option<Vec<f64>> {
        space(&Spacing { from: 20.0, to: 420.0, count: 5, pinned, clear })
    }

    #[test]
    fn a_row_is_even_from_end_to_end() {
        assert_eq!(row(None, None).unwrap(), [20.0, 120.0, 220.0, 320.0, 420.0]);
    }

    #[test]
    fn a_pinned_place_carries_one_and_the_rest_are_even_on_each_side_of_it() {
        assert_eq!(row(Some(250.0), None).unwrap(), [20.0, 135.0, 250.0, 335.0, 420.0]);
    }

    proptest! {
        #[test]
        fn every_row_has_its_count_rises_and_keeps_what_was_asked(
            from in 0.0f64..60.0, long in 100.0f64..900.0, count in 2u32..14,
            at in 0.0f64..1.0, by in 0.0f64..0.5, pinned in 0.0f64..1.0, pins in any::<bool>(),
        ) {
            let to = from + long;
            let gap = long / f64::from(count - 1);
            let clear = [from + at * long, by * gap];
            let pinned = pins.then_some(from + pinned * long);
            let Some(places) = space(&Spacing { from, to, count, pinned, clear: Some(clear) }) else {
                return Ok(());
            };
            prop_assert_eq!(places.len(), count as usize);
            prop_assert!(places.windows(2).all(|pair| pair[0] < pair[1]));
            prop_assert!(places[0] >= from - 1e-9 && places[places.len() - 1] <= to + 1e-9);
            prop_assert!(places.iter().all(|place| (place - clear[0]).abs() >= clear[1] - 1e-6));
            if let Some(pinned) = pinned {
                prop_assert!(places.iter().any(|place| (place - pinned).abs() < 1e-6));
            }
        }
    }

    #[test]
    fn a_place_to_clear_is_cleared_by_moving_the_ends_as_little_as_will_do() {
        let places = row(None, Some([220.0, 10.0])).unwrap();
        assert!(places.iter().all(|place| (place - 220.0).abs() >= 10.0), "{places:?}");
        assert!(places[0] >= 20.0 && places[4] <= 420.0);
        assert!((places[0] - 20.0) + (420.0 - places[4]) <= 20.0 + 1e-9, "{places:?}");
        assert!(row(None, Some([220.0, 150.0])).is_none());
    }
}
