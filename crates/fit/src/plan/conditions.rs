//! What must be true before a step that cannot be undone, with how it stands.

use super::act::Act;
use super::draft::{Draft, StopFacts};
use super::key::StepKey;
use super::lapsed::lapsed;
use super::stop::{Condition, ConditionKind, ConditionState};
use super::ticks::Ticks;
use crate::garment::Garment;
use crate::house::habit::Habits;
use crate::unit::length::Length;

/// The conditions of one step.
pub(super) fn conditions(
    garment: &Garment,
    habits: &Habits,
    draft: &Draft,
    facts: &StopFacts,
    ticks: &Ticks<'_>,
) -> Vec<Condition> {
    let stands = Stands { garment, habits, draft, ticks };
    if facts.rules {
        return vec![stands.asked(
            ConditionKind::RulesLookedUp,
            "The rules for children's nightwear where you live were looked up, and this alteration keeps within them.",
            "look them up, then confirm".into(),
        )];
    }
    let ask = |kind, words: &str, value: &str| stands.asked(kind, words, value.to_owned());
    let mut conditions = vec![stands.washed(), stands.tried_on(facts.tried)];
    conditions.extend(facts.apart.map(|apart| stands.sides_equal(apart)));
    if facts.rolled_down {
        conditions.push(ask(
            ConditionKind::RolledDown,
            "It was looked at rolled down, as it is worn.",
            "roll it down, stand, look; then confirm",
        ));
    }
    if !facts.allowance.is_empty() {
        conditions.push(ask(
            ConditionKind::AllowanceIncluded,
            &facts.allowance,
            "look once more at the chalk, then confirm",
        ));
    }
    if garment.shape.lined {
        conditions.push(ask(
            ConditionKind::LiningOut,
            "The lining is pinned out of the way of the blades.",
            "lined",
        ));
    }
    conditions
}

/// How things stand before one step.
struct Stands<'a> {
    garment: &'a Garment,
    habits: &'a Habits,
    draft: &'a Draft,
    ticks: &'a Ticks<'a>,
}

impl Stands<'_> {
    fn condition(
        &self,
        kind: ConditionKind,
        words: &str,
        value: String,
        state: ConditionState,
        asks: bool,
    ) -> Condition {
        Condition {
            kind,
            key: format!("{}/{}", self.draft.key, kind.key()),
            words: words.to_owned(),
            value,
            asks,
            state,
            met_by: Vec::new(),
        }
    }

    /// One that follows from what is known.
    fn settled(&self, kind: ConditionKind, words: &str, value: String, is_met: bool) -> Condition {
        let state = if is_met { ConditionState::Met } else { ConditionState::Unmet };
        self.condition(kind, words, value, state, false)
    }

    /// One that only the person at the bench can confirm; `value` is what to do.
    fn asked(&self, kind: ConditionKind, words: &str, value: String) -> Condition {
        let condition = self.condition(kind, words, value, ConditionState::Ask, true);
        if !self.ticks.was_confirmed(&condition.key) {
            return condition;
        }
        match self.ticks.lapse(&condition.key, &self.draft.vouches) {
            None => Condition { state: ConditionState::Met, ..condition },
            Some(lapse) => {
                let since = lapsed(lapse, self.habits.scale);
                let value = format!("it was confirmed, and then {since}: look again, then confirm");
                Condition { value, ..condition }
            }
        }
    }

    fn washed(&self) -> Condition {
        let looked_after = [Act::Wash, Act::CareLabel].map(StepKey::whole);
        let washed = self.garment.washed || looked_after.iter().any(|key| self.ticks.holds(*key));
        // What a swatch loses is in the line, so the garment itself may be washed later.
        let tested = self.garment.wash_test.map(|test| test.share());
        let value = match (washed, tested) {
            (true, _) => "washed".into(),
            (false, Some(share)) => {
                format!("not washed; a swatch lost {:.1} %, which is in the line", 100.0 * share)
            }
            (false, None) => "not washed yet".into(),
        };
        let words = "It has been washed and dried as it will be later, or a swatch of it has.";
        let condition = self.settled(ConditionKind::Washed, words, value, washed || tested.is_some());
        let met_by = if self.garment.washed || tested.is_some() { Vec::new() } else { looked_after.to_vec() };
        Condition { met_by, ..condition }
    }

    fn tried_on(&self, by: StepKey) -> Condition {
        let tried = self.ticks.holds(by);
        let value = match (tried, self.ticks.lapse_of(by)) {
            (true, _) => "tried on".into(),
            (false, Some(lapse)) => {
                format!("{} after the try-on: try it on again", lapsed(lapse, self.habits.scale))
            }
            (false, None) => "not tried on yet".into(),
        };
        let words = "It was tried on along the new line, and its wearer could move in it.";
        Condition { met_by: vec![by], ..self.settled(ConditionKind::TriedOn, words, value, tried) }
    }

    fn sides_equal(&self, apart: Length) -> Condition {
        let words = "Left and right have the same line, or are different on purpose.";
        if !apart.is_positive() {
            return self.settled(ConditionKind::SidesEqual, words, "one line for both".into(), true);
        }
        let by = self.habits.scale.write(apart);
        self.asked(
            ConditionKind::SidesEqual,
            words,
            format!("they differ by up to {by}; confirm that this is meant"),
        )
    }
}
