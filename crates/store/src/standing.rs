//! Which lines of a journal stand, which were taken back, and which stand on which.
//!
//! Each line writes places. The lines of one place lie on each other in the order they came; a line that takes
//! another back takes it out of the pile; a line that takes such a line back puts what was there on top again.

use std::collections::{BTreeMap, BTreeSet};

/// A line, as far as it matters here.
#[derive(Debug, Clone, PartialEq, Eq)]
pub(crate) struct Line {
    pub id: i64,
    /// What it writes.
    pub places: Vec<String>,
    /// What it stands on and leaves as it is.
    pub grounds: Vec<String>,
    /// The line it takes back.
    pub takes_back: Option<i64>,
    /// Taken back by an earlier build, which kept no line of that.
    pub undone: bool,
}

/// How a line stands now.
#[derive(Debug, Clone, PartialEq, Eq, Default)]
pub(crate) struct Standing {
    /// The line that took it back.
    pub taken_back_by: Option<i64>,
    /// Later lines that stand on it, oldest first: it cannot go without them.
    pub above: Vec<i64>,
    /// True for a line that took another back, where something happened since: that other cannot come again.
    pub passed: bool,
    /// The lines it replaced when it came, one a place.
    pub replaced: Vec<i64>,
}

/// How every line stands, the lines given oldest first.
pub(crate) fn standings(lines: &[Line]) -> BTreeMap<i64, Standing> {
    let by_id: BTreeMap<i64, &Line> = lines.iter().map(|line| (line.id, line)).collect();
    let mut all: BTreeMap<i64, Standing> = lines.iter().map(|line| (line.id, Standing::default())).collect();
    let mut piles: BTreeMap<&str, Vec<i64>> = BTreeMap::new();
    let mut last: BTreeMap<&str, i64> = BTreeMap::new();
    // Lines that took another out of its piles, in place of lying on top themselves.
    let mut takers = BTreeSet::new();
    for line in lines.iter().filter(|line| !line.undone) {
        if let Some(standing) = line.takes_back.and_then(|taken| all.get_mut(&taken)) {
            standing.taken_back_by = Some(line.id);
        }
        let takes = line.takes_back.filter(|taken| !takers.contains(taken));
        if let Some(taken) = takes {
            takers.insert(line.id);
            for pile in piles.values_mut() {
                pile.retain(|id| *id != taken);
            }
        }
        for place in &line.places {
            last.insert(place, line.id);
            if takes.is_none() {
                let pile = piles.entry(place).or_default();
                if let (Some(under), Some(standing)) = (pile.last(), all.get_mut(&line.id)) {
                    standing.replaced.push(*under);
                }
                pile.push(line.id);
            }
        }
    }
    let standing: Vec<i64> = piles.values().flatten().copied().collect::<BTreeSet<_>>().into_iter().collect();
    for line in lines.iter().filter(|line| !line.undone) {
        let places = || line.places.iter().map(String::as_str);
        let mut above = BTreeSet::new();
        let passed = takers.contains(&line.id)
            && places().any(|place| last.get(place).is_some_and(|newest| *newest > line.id));
        for place in places().filter(|_| !takers.contains(&line.id)) {
            let pile = piles.get(place).map_or(&[][..], Vec::as_slice);
            above.extend(pile.iter().filter(|id| **id > line.id));
            let stands_on = |id: &&i64| by_id[*id].grounds.iter().any(|ground| ground == place);
            above.extend(standing.iter().filter(|id| **id > line.id).filter(stands_on));
        }
        if let Some(standing) = all.get_mut(&line.id) {
            standing.above = above.into_iter().collect();
            standing.passed = passed;
        }
    }
    all
}

/// Every line that has to go before one can, newest first.
pub(crate) fn all_above(standings: &BTreeMap<i64, Standing>, id: i64) -> Vec<i64> {
    let mut found = BTreeSet::new();
    let mut open = vec![id];
    while let Some(next) = open.pop() {
        let above = standings.get(&next).map_or(&[][..], |standing| &standing.above);
        open.extend(above.iter().filter(|id| found.insert(**id)));
    }
    found.into_iter().rev().collect()
}

#[cfg(test)]
mod tests {
    use super::*;

    fn line(id: i64, places: &[&str], takes_back: Option<i64>) -> Line {
        let places = places.iter().map(|place| (*place).to_owned()).collect();
        Line { id, places, grounds: Vec::new(), takes_back, undone: false }
    }

    fn above(lines: &[Line], id: i64) -> Vec<i64> {
        standings(lines)[&id].above.clone()
    }

    #[test]
    fn a_later_line_of_the_same_place_stands_on_an_earlier_one_until_it_is_taken_back() {
        let mut lines = vec![line(1, &["a", "b"], None), line(2, &["b"], None), line(3, &["c"], None)];
        assert_eq!(above(&lines, 1), [2]);
        assert_eq!(above(&lines, 2), [0; 0]);
        assert_eq!(standings(&lines)[&2].replaced, [1]);
        lines.push(line(4, &["b"], Some(2)));
        assert_eq!(above(&lines, 1), [0; 0], "nothing stands on it any more");
        assert_eq!(standings(&lines)[&2].taken_back_by, Some(4));
        assert_eq!(above(&lines, 4), [0; 0], "what was taken back can come again");
    }

    #[test]
    fn what_was_taken_back_comes_again_on_top_and_only_where_nothing_happened_since() {
        let mut lines = vec![line(1, &["a"], None), line(2, &["a"], None), line(3, &["a"], Some(2))];
        lines.push(line(4, &["a"], Some(3)));
        assert_eq!(above(&lines, 1), [4], "it lies there as a line of its own");
        assert_eq!(standings(&lines)[&3].taken_back_by, Some(4));
        lines.push(line(5, &["a"], Some(4)));
        assert_eq!(above(&lines, 1), [0; 0]);
        lines.push(line(6, &["a"], Some(1)));
        assert!(standings(&lines)[&5].passed, "the ground has changed since");
    }

    #[test]
    fn a_line_that_stands_on_another_place_holds_it() {
        let wish = line(1, &["hem/hem"], None);
        let mut read = line(2, &["hem/hem/r"], None);
        read.grounds = vec!["hem/hem".to_owned()];
        let mut lines = vec![wish, read];
        assert_eq!(above(&lines, 1), [2]);
        lines.push(line(3, &["hem/hem/r"], Some(2)));
        assert_eq!(above(&lines, 1), [0; 0]);
    }

    /// The same by brute force: the values of places, replayed with and without a line.
    #[test]
    fn a_line_with_nothing_above_it_can_go_and_everything_else_stays() {
        // A small generator of its own, so that a failure is the same every time.
        let mut state = 2026_u64;
        let mut chance = |below: u64| {
            state = state.wrapping_mul(6_364_136_223_846_793_005).wrapping_add(1_442_695_040_888_963_407);
            (state >> 33) % below
        };
        let mut checked = 0;
        for _ in 0..300 {
            let mut lines: Vec<Line> = Vec::new();
            // Value of each place: the line that wrote what is there. What each line found is what restores it.
            let mut values: BTreeMap<String, i64> = BTreeMap::new();
            let mut found: BTreeMap<i64, BTreeMap<String, Option<i64>>> = BTreeMap::new();
            for id in 1..=14 {
                let all = standings(&lines);
                let free: Vec<i64> = all
                    .iter()
                    .filter(|(_, standing)| {
                        standing.taken_back_by.is_none() && standing.above.is_empty() && !standing.passed
                    })
                    .map(|(id, _)| *id)
                    .collect();
                let takes_back = (!free.is_empty() && chance(3) == 0)
                    .then(|| free[usize::try_from(chance(free.len() as u64)).unwrap_or(0)]);
                let (places, written) = match takes_back {
                    Some(taken) => {
                        let was: &Line = lines.iter().find(|line| line.id == taken).expect("a line");
                        // Nobody has written there since: what it wrote is what stands.
                        for place in &was.places {
                            let wrote = found[&taken].get(&format!("wrote {place}")).copied().flatten();
                            assert_eq!(values.get(place).copied(), wrote, "{lines:?} taking back {taken}");
                        }
                        checked += 1;
                        (was.places.clone(), found[&taken].clone())
                    }
                    None => {
                        let mut places = vec![format!("{}", chance(3))];
                        if chance(2) == 0 {
                            places.push(format!("{}", 3 + chance(2)));
                        }
                        let written = places.iter().map(|place| (place.clone(), Some(id))).collect();
                        (places, written)
                    }
                };
                let mut was = BTreeMap::new();
                for place in &places {
                    was.insert(place.clone(), values.get(place).copied());
                    match written.get(place).copied().flatten() {
                        Some(value) => values.insert(place.clone(), value),
                        None => values.remove(place),
                    };
                    was.insert(format!("wrote {place}"), values.get(place).copied());
                }
                found.insert(id, was);
                lines.push(Line { id, places, grounds: Vec::new(), takes_back, undone: false });
            }
        }
        assert!(checked > 300, "{checked}");
    }
}
