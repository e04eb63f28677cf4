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

/// Steps in which a row is moved to clear a place: so fine in millimetres, or so many to half a gap.
const STEP: f64 = 0.5;
const MOST_STEPS: f64 = 100.0;

/// Where each stands; `None` where no row keeps what is asked.
///
/// Pinned, the row has one gap below the pinned place and one above, as near each other as whole numbers
/// of gaps allow. To clear a place, the ends come in as little as will do.
pub(crate) fn space(row: &Spacing) -> Option<Vec<f64>> {
    let keeps_off = |places: &[f64]| {
        row.clear.is_none_or(|[at, by]| places.iter().all(|place| (place - at).abs() >= by - 1e-9))
    };
    let count = row.count.max(2);
    if let Some(pinned) = row.pinned.filter(|pinned| (row.from..=row.to).contains(pinned)) {
        let share = (pinned - row.from) / (row.to - row.from);
        let nearest = (share * f64::from(count - 1)).round() as u32;
        // Strictly between the ends it is neither the first nor the last: two things cannot make such a row.
        let inside = pinned > row.from && pinned < row.to;
        if inside && count < 3 {
            return None;
        }
        let below = if inside { nearest.clamp(1, count - 2) } else { nearest };
        let mut places = even(row.from, pinned, below + 1);
        places.extend(even(pinned, row.to, count - below).into_iter().skip(1));
        return keeps_off(&places).then_some(places);
    }
    let gap = (row.to - row.from) / f64::from(count - 1);
    let step = STEP.max(gap.abs() / 2.0 / MOST_STEPS);
    let steps = (gap.abs() / 2.0 / step) as u32;
    // By the whole amount both ends come in: the least first.
    (0..=2 * steps).find_map(|total| {
        (0..=total.min(steps)).filter(|low| total - low <= steps).find_map(|low| {
            let places =
                even(row.from + step * f64::from(low), row.to - step * f64::from(total - low), count);
            keeps_off(&places).then_some(places)
        })
    })
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
