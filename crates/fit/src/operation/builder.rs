//! Building a work order: steps are written in any order, then each finds what comes before it, whether its tick
//! still holds, and what its stop waits for.

use std::collections::{BTreeMap, BTreeSet};

use super::act::{Act, VouchesFor};
use super::draft::{Draft, StopFacts};
use super::how::{Fact, How};
use super::key::{On, StepKey};
use super::opening::{Open, Opening, openings};
use super::order::in_order;
use super::progress::Progress;
use super::step::{Plan, Step, StepPlace};
use super::stop::{Condition, ConditionKind, ConditionState, Stop};
use super::time::{Pace, Timing, minutes_for, minutes_together};
use super::vouched::{Lapse, Vouched, lapse, mark};
use crate::garment::{Garment, Purpose, SeamName, Shape};
use crate::house::choice::{HemWhen, MatchBy};
use crate::house::habit::Habits;
use crate::house::rules::HouseRule;
use crate::judge::armhole::ArmholeFit;
use crate::operation::hem::{HemLining, HemSolution};
use crate::operation::seam::work::SeamWork;
use crate::unit::length::Length;
use crate::words::{lapsed, waits};

/// What an order is written for.
pub(crate) struct Ordered<'a> {
    pub(crate) garment: &'a Garment,
    /// The seams that have lines.
    pub(crate) works: &'a [SeamWork<'a>],
    /// The hems that are wished for.
    pub(crate) hems: &'a [HemSolution],
    /// Armholes with their caps, as they will be.
    pub(crate) armholes: &'a [ArmholeFit],
    /// How many pins and hem readings there are.
    pub(crate) pins: usize,
}

/// What has been done, and how long such steps took before.
#[derive(Debug, Clone, Copy)]
pub struct Done<'a> {
    /// What is ticked and confirmed.
    pub progress: &'a Progress,
    /// Steps timed before.
    pub log: &'a [Timing],
}

pub(crate) struct Builder<'a> {
    pub(crate) garment: &'a Garment,
    pub(crate) shape: &'a Shape,
    pub(crate) habits: &'a Habits,
    /// The seams that are worked.
    pub(crate) works: &'a [SeamWork<'a>],
    /// The hems that are made.
    pub(crate) hems: Vec<&'a HemSolution>,
    /// Armholes that change, with their caps.
    pub(crate) armholes: &'a [ArmholeFit],
    /// How many pins and hem readings there are.
    pub(crate) pins: usize,
    /// What has to be open for the seams.
    pub(crate) openings: Vec<Open>,
    progress: &'a Progress,
    pace: Pace<'a>,
    pub(crate) drafts: Vec<Draft>,
}

/// The work order for the lines and hems of one fitting, with what is done of it. A hem that waits for
/// readings, or cannot be made as asked, has no steps.
#[must_use]
pub(crate) fn work_order(ordered: &Ordered<'_>, habits: &Habits, done: Done<'_>) -> Plan {
    let Ordered { garment, works, armholes, pins, .. } = *ordered;
    let hems: Vec<&HemSolution> = ordered.hems.iter().filter(|hem| hem.is_solved()).collect();
    let nothing = works.is_empty() && hems.is_empty();
    if garment.purpose == Purpose::Protective || (nothing && garment.purpose != Purpose::ChildNightwear) {
        return Plan::default();
    }
    let shape = &garment.shape;
    let mut builder = Builder {
        garment,
        shape,
        habits,
        works,
        hems,
        armholes,
        pins,
        openings: openings(garment, habits, works),
        progress: done.progress,
        pace: Pace { cloth: garment.cloth.family.time_factor(), log: done.log },
        drafts: Vec::new(),
    };
    if nothing {
        builder.look_up_rules();
        return builder.finished(done.log);
    }
    builder.before();
    if !works.is_empty() {
        builder.seams();
    }
    builder.hems();
    builder.close_linings();
    builder.close_gap();
    builder.look_at_the_end();
    builder.finished(done.log)
}

impl Builder<'_> {
    pub(crate) fn add(&mut self, draft: Draft) {
        self.drafts.push(draft);
    }

    /// Hems are made once the seams are pressed, or flat before them.
    pub(crate) fn hems_come_last(&self) -> bool {
        self.habits.hem_when != HemWhen::Flat
    }

    /// Hems are cut to length before the seams are sewn.
    pub(crate) fn hems_are_cut_first(&self) -> bool {
        self.habits.hem_when == HemWhen::First
    }

    /// A length as it stands on the session's tape.
    pub(crate) fn write(&self, length: Length) -> Fact {
        Fact::Length(length, self.habits.scale)
    }

    /// Sentences that were made elsewhere from these lengths.
    pub(crate) fn told<'w>(
        &self,
        words: impl IntoIterator<Item = &'w String>,
        lengths: &[Length],
    ) -> Vec<How> {
        let facts: Vec<Fact> = lengths.iter().map(|length| self.write(*length)).collect();
        words.into_iter().map(|words| How::told(words.clone(), facts.clone())).collect()
    }

    /// What a lining's sentences say, with what they turn on.
    pub(crate) fn told_of_lining(&self, lining: &HemLining) -> Vec<How> {
        let mut facts =
            [lining.above, lining.slack, lining.turn, lining.raw].map(|each| self.write(each)).to_vec();
        facts.extend([lining.hangs as u8, lining.edge as u8].map(|choice| Fact::Number(choice.into())));
        lining.words.iter().map(|words| How::told(words.clone(), facts.clone())).collect()
    }

    /// A length the house, or the account, has chosen.
    pub(crate) fn written(&self, rule: HouseRule) -> Fact {
        self.write(Length::from_mm(self.habits.rule(rule)))
    }

    /// What has to be open for the seams, of some kind.
    pub(crate) fn opened(&self, is: impl Fn(Opening) -> bool) -> Vec<Opening> {
        self.openings.iter().map(|open| open.what).filter(|what| is(*what)).collect()
    }

    /// The keys of steps written so far that do one of these.
    pub(crate) fn written_steps(&self, is: impl Fn(StepKey) -> bool) -> Vec<StepKey> {
        self.drafts.iter().map(|draft| draft.key).filter(|key| is(*key)).collect()
    }

    /// The keys of steps written so far that nothing waits for yet.
    pub(crate) fn ends(&self) -> Vec<StepKey> {
        let waited_for: BTreeSet<StepKey> =
            self.drafts.iter().flat_map(|draft| draft.needs.iter().chain(&draft.after)).copied().collect();
        self.written_steps(|key| !waited_for.contains(&key))
    }

    /// The lines of some seams, or of all where none are named.
    fn lines_of(&self, seams: &[SeamName]) -> Vec<Vouched> {
        let among = |work: &&SeamWork<'_>| seams.is_empty() || seams.contains(&work.seam);
        self.works.iter().filter(among).flat_map(|work| work.vouched.iter().cloned()).collect()
    }

    fn inside(&self, seam: SeamName) -> Vouched {
        let edges = self.shape.allowance(seam).map(|inside| [inside.front, inside.back]);
        Vouched::Inside { seam, edges }
    }

    /// What ticking a step vouches for.
    fn vouches(&self, draft: &Draft) -> Vec<Vouched> {
        let hem = |on: On| match on {
            On::Hem(hem) | On::Feature(hem, ..) => Some(hem),
            _ => None,
        };
        let mut vouches = match draft.key.act.recipe().vouches {
            VouchesFor::Nothing => Vec::new(),
            VouchesFor::Opened => vec![Vouched::Opened { seams: draft.seams.clone() }],
            VouchesFor::Lines => self.lines_of(&draft.seams),
            VouchesFor::Hem => {
                let own = self.hems.iter().filter(|each| hem(draft.key.on) == Some(each.hem));
                own.flat_map(|hem| Vouched::hem(hem)).collect()
            }
            VouchesFor::Everything => {
                let hems = self.hems.iter().flat_map(|hem| Vouched::hem(hem));
                self.lines_of(&[]).into_iter().chain(hems).collect()
            }
        };
        if let Some((seam, stays)) = draft.stop.as_ref().and_then(|facts| facts.stays) {
            vouches.push(Vouched::Allowance { seam, stays });
            vouches.push(self.inside(seam));
        }
        // Measured from the raw edge, the chalk depends on what is inside.
        if draft.key == StepKey::whole(Act::Chalk) && self.habits.match_by == MatchBy::RawEdge {
            vouches.extend(self.works.iter().map(|work| self.inside(work.seam)));
        }
        vouches
    }

    /// Why a tick or a confirmation does not hold for what is there now.
    fn lapse(&self, key: &str, vouches: &[Vouched]) -> Option<Lapse> {
        let within = Length::from_mm(self.habits.rule(HouseRule::VouchWithin));
        lapse(self.progress.vouched.get(key)?, vouches, within)
    }

    /// Over how many evenings the work goes is known once all of it is.
    fn say_how_long_a_mark_lasts(&self, drafts: &mut [Draft]) {
        let minutes = |draft: &Draft| self.pace.house_minutes(draft.work, draft.run) + draft.more;
        let evenings =
            (drafts.iter().map(minutes).sum::<f64>() / self.habits.rule(HouseRule::SewingADay)).ceil();
        if let Some(mark) = drafts.iter_mut().find(|draft| draft.key == StepKey::whole(Act::ChooseMark)) {
            mark.how.insert(1, Self::how_long_it_lasts(evenings));
        }
    }

    fn finished(mut self, log: &[Timing]) -> Plan {
        let mut drafts = std::mem::take(&mut self.drafts);
        self.say_how_long_a_mark_lasts(&mut drafts);
        let known: BTreeSet<StepKey> = drafts.iter().map(|draft| draft.key).collect();
        let missing: BTreeSet<StepKey> = drafts
            .iter()
            .flat_map(|draft| &draft.needs)
            .copied()
            .filter(|key| !known.contains(key))
            .collect();
        let vouches: Vec<Vec<Vouched>> = drafts.iter().map(|draft| self.vouches(draft)).collect();
        let mut ticks = Ticks::default();
        for (draft, vouches) in drafts.iter().zip(&vouches) {
            let key = draft.key.to_string();
            if self.progress.done.contains_key(&key) {
                match self.lapse(&key, vouches) {
                    Some(lapse) => drop(ticks.lapses.insert(draft.key, lapse)),
                    None => drop(ticks.holds.insert(draft.key)),
                }
            }
        }
        let steps = drafts.into_iter().zip(vouches);
        let steps = steps.map(|(draft, vouches)| self.step(draft, vouches, &known, &ticks)).collect();
        let steps = in_order(steps);
        let left = steps.iter().filter(|step| !step.done).map(|step| (step.work, step.house_minutes));
        let minutes_left = minutes_together(left, log);
        let mut plan = Plan { steps, minutes_left, missing: missing.into_iter().collect() };
        let done = plan.done();
        let all_wait: Vec<Option<String>> = plan
            .steps
            .iter()
            .map(|step| if step.done { None } else { plan.stands_open(step, &done).err().map(waits) })
            .collect();
        for (step, waits) in plan.steps.iter_mut().zip(all_wait) {
            step.waits = waits;
        }
        plan
    }

    fn step(&self, draft: Draft, vouches: Vec<Vouched>, known: &BTreeSet<StepKey>, ticks: &Ticks) -> Step {
        let house_minutes = self.pace.house_minutes(draft.work, draft.run) + draft.more;
        let mut needs: Vec<StepKey> = Vec::new();
        for key in draft.needs.iter().chain(&draft.after) {
            if known.contains(key) && *key != draft.key && !needs.contains(key) {
                needs.push(*key);
            }
        }
        let again = |lapse: &Lapse| {
            let after = if draft.work == super::time::Work::TryOn { "the try-on" } else { "this was ticked" };
            let mut words = lapsed(*lapse, self.habits.scale);
            words[..1].make_ascii_uppercase();
            format!("{words} after {after}: {}.", draft.key.act.recipe().again)
        };
        let stop = draft.stop.as_ref().map(|facts| Stop {
            because: facts.because,
            conditions: self.conditions(draft.key, facts, &vouches, ticks),
        });
        Step {
            key: draft.key,
            title: draft.title,
            how: draft.how.iter().map(|how| how.said().to_owned()).collect(),
            told: draft.how,
            turns_on: draft.turns_on,
            phase: draft.key.act.recipe().phase,
            place: StepPlace::of(draft.key, &draft.seams),
            bench: draft.bench,
            needs,
            stop,
            work: draft.work,
            minutes: minutes_for(draft.work, house_minutes, self.pace.log),
            house_minutes,
            passive_hours: draft.passive_hours,
            tools: draft.tools,
            cautions: draft.cautions.iter().map(|caution| caution.words()).collect(),
            done: ticks.holds.contains(&draft.key),
            lapsed: ticks.lapses.get(&draft.key).map(again),
            mark: mark(&vouches),
            vouches,
            waits: None,
        }
    }

    /// What must be true before a step that cannot be undone.
    fn conditions(
        &self,
        step: StepKey,
        facts: &StopFacts,
        vouches: &[Vouched],
        ticks: &Ticks,
    ) -> Vec<Condition> {
        let scale = self.habits.scale;
        let since = |lapse: &Lapse| lapsed(*lapse, scale);
        let condition = |kind: ConditionKind, words: &str, value: String, state, asks| Condition {
            kind,
            key: format!("{step}/{}", kind.key()),
            words: words.to_owned(),
            value,
            asks,
            state,
            met_by: Vec::new(),
        };
        let settled = |kind: ConditionKind, words: &str, value: String, is_met| {
            let state = if is_met { ConditionState::Met } else { ConditionState::Unmet };
            condition(kind, words, value, state, false)
        };
        let done = |steps: Vec<StepKey>, condition: Condition| Condition { met_by: steps, ..condition };
        let asked = |kind: ConditionKind, words: &str, value: String| {
            let key = format!("{step}/{}", kind.key());
            if !self.progress.confirmed.contains(&key) {
                return condition(kind, words, value, ConditionState::Ask, true);
            }
            match self.lapse(&key, vouches) {
                None => condition(kind, words, value, ConditionState::Met, true),
                Some(lapse) => {
                    let value =
                        format!("it was confirmed, and then {}: look again, then confirm", since(&lapse));
                    condition(kind, words, value, ConditionState::Ask, true)
                }
            }
        };
        if facts.rules {
            return vec![asked(
                ConditionKind::RulesLookedUp,
                "The rules for children's nightwear where you live were looked up, and this alteration keeps within them.",
                "look them up, then confirm".into(),
            )];
        }
        let looked_after = [Act::Wash, Act::CareLabel].map(StepKey::whole);
        let washed = self.garment.washed || looked_after.iter().any(|key| ticks.holds.contains(key));
        // What a swatch loses is in the line, so the garment itself may be washed later.
        let tested = self.garment.wash_test.map(|test| test.share());
        let tried = ticks.holds.contains(&facts.tried);
        let by_washing = if self.garment.washed || tested.is_some() { vec![] } else { looked_after.to_vec() };
        let mut conditions = vec![
            done(
                by_washing,
                settled(
                    ConditionKind::Washed,
                    "It has been washed and dried as it will be later, or a swatch of it has.",
                    match (washed, tested) {
                        (true, _) => "washed".into(),
                        (false, Some(share)) => {
                            format!("not washed; a swatch lost {:.1} %, which is in the line", 100.0 * share)
                        }
                        (false, None) => "not washed yet".into(),
                    },
                    washed || tested.is_some(),
                ),
            ),
            done(
                vec![facts.tried],
                settled(
                    ConditionKind::TriedOn,
                    "It was tried on along the new line, and its wearer could move in it.",
                    match (tried, ticks.lapses.get(&facts.tried)) {
                        (true, _) => "tried on".into(),
                        (false, Some(lapse)) => format!("{} after the try-on: try it on again", since(lapse)),
                        (false, None) => "not tried on yet".into(),
                    },
                    tried,
                ),
            ),
        ];
        if let Some(apart) = facts.apart {
            let words = "Left and right have the same line, or are different on purpose.";
            conditions.push(if apart.is_positive() {
                let by = self.write(apart);
                asked(
                    ConditionKind::SidesEqual,
                    words,
                    format!("they differ by up to {by}; confirm that this is meant"),
                )
            } else {
                settled(ConditionKind::SidesEqual, words, "one line for both".into(), true)
            });
        }
        if facts.rolled_down {
            conditions.push(asked(
                ConditionKind::RolledDown,
                "It was looked at rolled down, as it is worn.",
                "roll it down, stand, look; then confirm".into(),
            ));
        }
        if !facts.allowance.is_empty() {
            conditions.push(asked(
                ConditionKind::AllowanceIncluded,
                &facts.allowance,
                "look once more at the chalk, then confirm".into(),
            ));
        }
        if self.shape.lined {
            conditions.push(asked(
                ConditionKind::LiningOut,
                "The lining is pinned out of the way of the blades.",
                "lined".into(),
            ));
        }
        conditions
    }
}

/// The ticks that hold, and those that do not any more.
#[derive(Default)]
struct Ticks {
    holds: BTreeSet<StepKey>,
    lapses: BTreeMap<StepKey, Lapse>,
}
