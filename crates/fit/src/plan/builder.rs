//! Building a work order: steps that look back at what they need, and the conditions of a stop.

use super::time::{Pace, minutes_for, minutes_together};
use super::{
    Bench, Condition, ConditionKind, ConditionState, Plan, PlannedLine, Progress, Step, Timing, Work,
    in_order,
};
use crate::choice::HemWhen;
use crate::garment::{Garment, Purpose, Shape};
use crate::hem::HemSolution;
use crate::{Caution, Habits, HouseRule, Length};

/// What has been done, and how long such steps took before.
#[derive(Debug, Clone, Copy)]
pub struct Done<'a> {
    /// What is ticked and confirmed.
    pub progress: &'a Progress,
    /// Steps timed before.
    pub log: &'a [Timing],
}

pub(super) struct Builder<'a> {
    pub(super) garment: &'a Garment,
    pub(super) shape: &'a Shape,
    pub(super) habits: &'a Habits,
    pub(super) progress: &'a Progress,
    /// A hem is made anew, so that one opened for a seam is not closed as it was.
    pub(super) makes_hem: bool,
    /// There is more than one, so that a step has to say which it is for.
    pub(super) several_hems: bool,
    pace: Pace<'a>,
    pub(super) steps: Vec<Step>,
}

/// What the conditions of a stop need to know.
pub(super) struct StopFacts<'a> {
    /// The try-on that must have passed.
    pub(super) tried: &'static str,
    /// By how much left and right are different on purpose, where there are two.
    pub(super) apart: Option<Length>,
    /// The allowance to confirm, as a sentence.
    pub(super) allowance: &'a str,
    /// It has to be looked at rolled down, as worn.
    pub(super) rolled_down: bool,
}

/// The work order for the lines and hems of one fitting, with what is done of it. A hem that waits for
/// readings, or cannot be made as asked, has no steps.
#[must_use]
pub fn work_order(
    garment: &Garment,
    lines: &[PlannedLine<'_>],
    hems: &[HemSolution],
    habits: &Habits,
    done: Done<'_>,
) -> Plan {
    let hems: Vec<&HemSolution> = hems.iter().filter(|hem| hem.is_solved()).collect();
    if (lines.is_empty() && hems.is_empty()) || garment.purpose == Purpose::Protective {
        return Plan::default();
    }
    let shape = &garment.shape;
    let pace = Pace { cloth: garment.cloth.family.time_factor(), lined: shape.lined, log: done.log };
    let mut builder = Builder {
        garment,
        shape,
        habits,
        progress: done.progress,
        makes_hem: !hems.is_empty(),
        several_hems: hems.len() > 1,
        pace,
        steps: Vec::new(),
    };
    builder.before();
    let flat = habits.hem_when == HemWhen::Flat;
    if flat {
        hems.iter().for_each(|hem| builder.hem(hem));
    }
    if !lines.is_empty() {
        builder.chalk(lines);
        builder.open(lines);
        builder.tack(lines);
        builder.cut_band(lines);
        for line in lines {
            builder.sew(line);
        }
        for line in lines {
            builder.trim(line);
        }
        builder.close(lines);
    }
    if !flat {
        hems.iter().for_each(|hem| builder.hem(hem));
    }
    builder.after();
    let steps = in_order(builder.steps);
    let left = steps.iter().filter(|step| !step.done).map(|step| (step.work, step.house_minutes));
    let minutes_left = minutes_together(left, done.log);
    Plan { steps, minutes_left }
}

impl Builder<'_> {
    /// Adds a step; what it needs is kept only where that step is in this order.
    pub(super) fn add(&mut self, key: &str, title: String, bench: Bench, work: Work, mm: f64) -> &mut Step {
        let house_minutes = self.pace.house_minutes(work, mm);
        let step = Step {
            key: key.to_owned(),
            title,
            how: Vec::new(),
            bench,
            needs: Vec::new(),
            stop: None,
            work,
            minutes: minutes_for(work, house_minutes, self.pace.log),
            house_minutes,
            passive_hours: 0.0,
            tools: Vec::new(),
            cautions: Vec::new(),
            done: self.progress.done.contains_key(key),
        };
        self.steps.push(step);
        let last = self.steps.len() - 1;
        &mut self.steps[last]
    }

    pub(super) fn needs(&mut self, keys: &[&str]) {
        let known: Vec<String> = keys
            .iter()
            .filter(|key| self.steps.iter().any(|step| step.key == **key))
            .map(|key| (*key).to_owned())
            .collect();
        if let Some(step) = self.steps.last_mut() {
            step.needs.extend(known.into_iter().filter(|key| *key != step.key));
        }
    }

    /// A length as it stands on the session's tape.
    pub(super) fn write(&self, length: Length) -> String {
        self.habits.scale.write(length)
    }

    /// A length the house, or the account, has chosen.
    pub(super) fn written(&self, rule: HouseRule) -> String {
        self.write(Length::from_mm(self.habits.rule(rule)))
    }

    fn has_done(&self, key: &str) -> bool {
        self.progress.done.contains_key(key)
    }

    /// What must be true before a step that cannot be undone.
    pub(super) fn conditions(&self, step: &str, facts: StopFacts<'_>) -> Vec<Condition> {
        let apart = facts.apart.filter(|apart| apart.is_positive());
        let ask_or = |kind: ConditionKind| {
            let confirmed = self.progress.confirmed.contains(&format!("{step}/{}", kind.key()));
            if confirmed { ConditionState::Met } else { ConditionState::Ask }
        };
        let condition = |kind: ConditionKind, words: &str, value: String, state| Condition {
            kind,
            key: format!("{step}/{}", kind.key()),
            words: words.to_owned(),
            value,
            asks: matches!(
                kind,
                ConditionKind::AllowanceIncluded | ConditionKind::LiningOut | ConditionKind::RolledDown
            ) || (kind == ConditionKind::SidesEqual && apart.is_some()),
            state,
        };
        let done = |is_done| if is_done { ConditionState::Met } else { ConditionState::Unmet };
        let washed = self.garment.washed || self.has_done("wash");
        // What a swatch loses is in the line, so the garment itself may be washed later.
        let tested = self.garment.wash_test.map(|test| test.share());
        let tried = self.has_done(facts.tried);
        let mut conditions = vec![
            condition(
                ConditionKind::Washed,
                "It has been washed and dried as it will be later, or a swatch of it has.",
                match (washed, tested) {
                    (true, _) => "washed".into(),
                    (false, Some(share)) => {
                        format!("not washed; a swatch lost {:.1} %, which is in the line", 100.0 * share)
                    }
                    (false, None) => "not washed yet".into(),
                },
                done(washed || tested.is_some()),
            ),
            condition(
                ConditionKind::TriedOn,
                "It was tacked and tried on, and its wearer could sit, step and bend.",
                if tried { "tried on, tacked".into() } else { "not tried on yet".into() },
                done(tried),
            ),
        ];
        if facts.apart.is_some() {
            let (value, state) = match apart {
                Some(by) => (
                    format!("they differ by up to {}; confirm that this is meant", self.write(by)),
                    ask_or(ConditionKind::SidesEqual),
                ),
                None => ("one line for both".into(), ConditionState::Met),
            };
            conditions.push(condition(
                ConditionKind::SidesEqual,
                "Left and right have the same line, or are different on purpose.",
                value,
                state,
            ));
        }
        if facts.rolled_down {
            conditions.push(condition(
                ConditionKind::RolledDown,
                "It was looked at rolled down, as it is worn.",
                "roll it down, stand, look; then confirm".into(),
                ask_or(ConditionKind::RolledDown),
            ));
        }
        conditions.push(condition(
            ConditionKind::AllowanceIncluded,
            facts.allowance,
            "look once more at the chalk, then confirm".into(),
            ask_or(ConditionKind::AllowanceIncluded),
        ));
        if self.shape.lined {
            conditions.push(condition(
                ConditionKind::LiningOut,
                "The lining is pinned out of the way of the blades.",
                "lined".into(),
                ask_or(ConditionKind::LiningOut),
            ));
        }
        conditions
    }

    /// What ends every order: look, and write down.
    fn after(&mut self) {
        let (title, how) = if self.shape.kind.has_legs() {
            (
                "Check the hem and both legs",
                "Hang it for an hour, then try on with the shoes: both hems level, legs equally long, nothing to tread on.",
            )
        } else {
            (
                "Check the hem and both sides",
                "Hang it for an hour, then try on with the shoes: the hem level all round, both sides alike, nothing to tread on.",
            )
        };
        let before: Vec<String> = self.steps.iter().map(|step| step.key.clone()).collect();
        let hem = self.add("hem_check", title.into(), Bench::Body, Work::TryOn, 0.0);
        hem.how = vec![how.into()];
        hem.cautions = Caution::sentences(&[Caution::Trip]);
        // Everything that ends somewhere comes before it.
        let ends: Vec<&str> = before
            .iter()
            .filter(|key| !self.steps.iter().any(|step| step.needs.contains(key)))
            .map(String::as_str)
            .collect();
        self.needs(&ends);
        let step =
            self.add("write_down", "Measure it and write it down".into(), Bench::Table, Work::Look, 0.0);
        step.how = vec![
            "Flat, at every level: what it measures now, and what to do differently next time. Pins counted."
                .into(),
        ];
        step.tools = vec!["tape"];
        step.cautions = Caution::sentences(&[Caution::Pins]);
        self.needs(&["hem_check"]);
    }
}
