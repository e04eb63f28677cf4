//! A step while the order is written: what its act does not already say.

use super::act::Act;
use super::bench::Bench;
use super::how::{Fact, How};
use super::key::{On, StepKey};
use super::time::Work;
use super::vouched::Vouched;
use crate::garment::SeamName;
use crate::house::caution::Caution;
use crate::unit::length::Length;

/// What the conditions of a stop need to know.
#[derive(Clone)]
pub(crate) struct StopFacts {
    pub(crate) because: &'static str,
    /// The try-on that must have passed.
    pub(crate) tried: StepKey,
    /// By how much left and right are different on purpose, where there are two.
    pub(crate) apart: Option<Length>,
    /// The allowance to confirm, as a sentence; nothing where none is cut.
    pub(crate) allowance: String,
    /// What stays inside a seam, where the step cuts it.
    pub(crate) stays: Option<(SeamName, Length)>,
    /// It has to be looked at rolled down, as worn.
    pub(crate) rolled_down: bool,
    /// It is not a cut: only that rules were looked up is asked.
    pub(crate) rules: bool,
}

impl StopFacts {
    /// A cut that waits for this try-on, and for nothing else yet.
    pub(crate) fn before(tried: StepKey) -> StopFacts {
        StopFacts {
            because: "What is cut cannot be made whole again.",
            tried,
            apart: None,
            allowance: String::new(),
            stays: None,
            rolled_down: false,
            rules: false,
        }
    }
}

#[derive(Clone)]
pub(crate) struct Draft {
    pub(crate) key: StepKey,
    pub(crate) title: String,
    pub(crate) how: Vec<How>,
    /// What its title turns on, beside its act and what that is done on.
    pub(crate) turns_on: Vec<Fact>,
    /// Over how much of a seam it goes, in millimetres.
    pub(crate) run: f64,
    /// Steps before it, which have to be in the order.
    pub(crate) needs: Vec<StepKey>,
    /// Steps before it, where they are in the order at all.
    pub(crate) after: Vec<StepKey>,
    pub(crate) stop: Option<StopFacts>,
    /// The seams it is about, where they are not all of them.
    pub(crate) seams: Vec<SeamName>,
    pub(crate) bench: Bench,
    pub(crate) work: Work,
    pub(crate) tools: Vec<&'static str>,
    pub(crate) cautions: Vec<Caution>,
    pub(crate) passive_hours: f64,
    /// Minutes beside what its length takes: pinning round a curve, setting up again.
    pub(crate) more: f64,
    /// What ticking it vouches for, once all of the order is written.
    pub(crate) vouches: Vec<Vouched>,
}

impl Draft {
    pub(crate) fn new(act: Act, on: On, title: impl Into<String>) -> Draft {
        let recipe = act.recipe();
        Draft {
            key: StepKey::new(act, on),
            title: title.into(),
            how: Vec::new(),
            turns_on: Vec::new(),
            run: 0.0,
            needs: Vec::new(),
            after: Vec::new(),
            stop: None,
            seams: match on {
                On::Seam(seam) | On::Fixture(_, seam, ..) => vec![seam],
                _ => Vec::new(),
            },
            bench: recipe.bench,
            work: recipe.work,
            tools: recipe.tools.to_vec(),
            cautions: recipe.cautions.to_vec(),
            passive_hours: 0.0,
            more: 0.0,
            vouches: Vec::new(),
        }
    }

    pub(crate) fn how(mut self, words: impl Into<How>) -> Draft {
        self.how.push(words.into());
        self
    }

    pub(crate) fn all_how(mut self, words: impl IntoIterator<Item = How>) -> Draft {
        self.how.extend(words);
        self
    }

    pub(crate) fn turns_on(mut self, fact: Fact) -> Draft {
        self.turns_on.push(fact);
        self
    }

    pub(crate) fn over(mut self, mm: f64) -> Draft {
        self.run = mm;
        self
    }

    pub(crate) fn longer_by(mut self, minutes: f64) -> Draft {
        self.more += minutes;
        self
    }

    pub(crate) fn needs(mut self, keys: impl IntoIterator<Item = StepKey>) -> Draft {
        self.needs.extend(keys);
        self
    }

    pub(crate) fn after(mut self, keys: impl IntoIterator<Item = StepKey>) -> Draft {
        self.after.extend(keys);
        self
    }

    pub(crate) fn on_seams(mut self, seams: impl IntoIterator<Item = SeamName>) -> Draft {
        self.seams = seams.into_iter().collect();
        self
    }

    pub(crate) fn with(mut self, tools: impl IntoIterator<Item = &'static str>) -> Draft {
        self.tools = tools.into_iter().collect();
        self
    }

    pub(crate) fn stop(mut self, facts: StopFacts) -> Draft {
        self.stop = Some(facts);
        self
    }
}
