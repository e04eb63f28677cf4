//! An evening: which steps fit into the minutes there are, in which order, and what to have ready.

use chrono::NaiveDate;
use serde::{Deserialize, Serialize};

use super::time::{Timing, Work, minutes_together};

/// A step that could come next, as small as it is kept with a garment.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
pub struct SoonStep {
    /// What to do, in a line.
    pub title: String,
    /// What kind of work it is.
    pub work: Work,
    /// Its minutes before the hand's own pace counts.
    pub minutes: f64,
    /// What to have at hand.
    pub tools: Vec<String>,
    /// True where nothing more of the garment can be done that evening: it hangs, dries or rests.
    pub overnight: bool,
    /// True where something must be true first, because it cannot be undone.
    pub at_stop: bool,
}

/// A garment that waits for an evening.
#[derive(Debug, Clone, PartialEq)]
pub struct Waiting {
    /// What tells it from others.
    pub key: String,
    /// What it is called.
    pub name: String,
    /// The day it is worn.
    pub due_on: Option<NaiveDate>,
    /// Its next steps in order.
    pub soon: Vec<SoonStep>,
}

/// A step of the evening.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct TonightStep {
    /// The garment, by what tells it from others.
    pub key: String,
    /// What the garment is called.
    pub name: String,
    /// What to do, in a line.
    pub title: String,
    /// How long it takes this hand.
    pub minutes: f64,
    /// True where something must be true first.
    pub at_stop: bool,
    /// True where it takes longer than there is: it can be begun.
    pub begun: bool,
}

/// An evening.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Tonight {
    /// The minutes there are.
    pub free: f64,
    /// What they take of it.
    pub taken: f64,
    /// Steps in the order they are done, one garment after the other.
    pub steps: Vec<TonightStep>,
    /// What to have ready, once each, in the order it is reached for.
    pub ready: Vec<String>,
}

/// Lays the next steps of what is due into an evening: the next due first, each garment's steps in their order as long as
/// they fit, then the next garment's. Where nothing fits at all, the most urgent step is begun.
#[must_use]
pub fn tonight(free: f64, mut garments: Vec<Waiting>, log: &[Timing]) -> Tonight {
    garments.sort_by_key(|garment| (garment.due_on.is_none(), garment.due_on));
    let minutes = |step: &SoonStep| minutes_together([(step.work, step.minutes)], log).p50;
    let mut evening = Tonight { free, taken: 0.0, steps: Vec::new(), ready: Vec::new() };
    for garment in &garments {
        for step in &garment.soon {
            let takes = minutes(step);
            if evening.taken + takes > free {
                break;
            }
            evening.put(garment, step, takes, false);
            if step.overnight {
                break;
            }
        }
    }
    if evening.steps.is_empty()
        && free > 0.0
        && let Some((garment, step)) = garments.iter().find_map(|each| Some((each, each.soon.first()?)))
    {
        evening.put(garment, step, minutes(step), true);
        evening.taken = free;
    }
    evening
}

impl Tonight {
    fn put(&mut self, garment: &Waiting, step: &SoonStep, minutes: f64, begun: bool) {
        self.taken += minutes;
        self.steps.push(TonightStep {
            key: garment.key.clone(),
            name: garment.name.clone(),
            title: step.title.clone(),
            minutes,
            at_stop: step.at_stop,
            begun,
        });
        for tool in &step.tools {
            if !self.ready.contains(tool) {
                self.ready.push(tool.clone());
            }
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    fn step(title: &str, minutes: f64, tools: &[&str]) -> SoonStep {
        SoonStep {
            title: title.to_owned(),
            work: Work::Seam,
            minutes,
            tools: tools.iter().map(|tool| (*tool).to_owned()).collect(),
            overnight: false,
            at_stop: false,
        }
    }

    fn waiting(name: &str, day: Option<u32>, soon: Vec<SoonStep>) -> Waiting {
        let due_on = day.and_then(|day| NaiveDate::from_ymd_opt(2026, 3, day));
        Waiting { key: name.to_owned(), name: name.to_owned(), due_on, soon }
    }

    fn titles(evening: &Tonight) -> Vec<&str> {
        evening.steps.iter().map(|step| step.title.as_str()).collect()
    }

    #[test]
    fn the_next_due_goes_first_and_what_is_left_goes_to_the_next() {
        let garments = vec![
            waiting("skirt", None, vec![step("s1", 5.0, &["chalk"])]),
            waiting("coat", Some(9), vec![step("c1", 10.0, &["chalk", "tape"]), step("c2", 40.0, &[])]),
            waiting("shirt", Some(4), vec![step("h1", 15.0, &["machine"]), step("h2", 20.0, &["iron"])]),
        ];
        let evening = tonight(50.0, garments, &[]);
        assert_eq!(titles(&evening), ["h1", "h2", "c1", "s1"]);
        assert_eq!(evening.ready, ["machine", "iron", "chalk", "tape"]);
        assert!((evening.taken - 50.0).abs() < 1e-9);
    }

    #[test]
    fn a_step_that_does_not_fit_holds_back_those_that_follow_from_it() {
        let garments = vec![waiting("coat", Some(9), vec![step("long", 60.0, &[]), step("short", 5.0, &[])])];
        let evening = tonight(30.0, garments, &[]);
        assert_eq!(titles(&evening), ["long"]);
        assert!(evening.steps[0].begun, "it is begun, not done");
    }

    #[test]
    fn what_hangs_overnight_ends_its_garments_evening() {
        let hangs = SoonStep { overnight: true, ..step("hang it", 5.0, &[]) };
        let garments = vec![
            waiting("dress", Some(2), vec![hangs, step("level it", 5.0, &[])]),
            waiting("shirt", Some(3), vec![step("sew", 5.0, &[])]),
        ];
        assert_eq!(titles(&tonight(60.0, garments, &[])), ["hang it", "sew"]);
    }

    #[test]
    fn an_evening_with_no_minutes_or_no_work_is_empty() {
        assert!(tonight(0.0, vec![waiting("coat", None, vec![step("x", 5.0, &[])])], &[]).steps.is_empty());
        assert!(tonight(60.0, vec![waiting("coat", None, Vec::new())], &[]).steps.is_empty());
    }
}
