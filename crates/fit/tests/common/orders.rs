//! What holds of every work order, whatever it is for.

use std::collections::BTreeSet;

use vemble_fit::plan::{Act, Bench, Plan, StepKey};

/// What holds of every order.
pub fn is_sound(plan: &Plan) -> Result<(), String> {
    let mut before: BTreeSet<StepKey> = BTreeSet::new();
    if !plan.missing.is_empty() {
        return Err(format!("something needs {:?}, which is in no order", plan.missing));
    }
    for step in &plan.steps {
        let say = |what: &str| Err(format!("{} ({}): {what}", step.title, step.key));
        if !before.insert(step.key) {
            return say("stands twice");
        }
        if let Some(need) = step.needs.iter().find(|need| !before.contains(*need) || **need == step.key) {
            return say(&format!("comes before {need}, which it needs"));
        }
        let minutes = step.minutes;
        let rises = 0.0 < minutes.p20 && minutes.p20 <= minutes.p50 && minutes.p50 <= minutes.p80;
        if !rises || !minutes.p80.is_finite() || minutes.p80 > 600.0 {
            return say(&format!("takes {minutes:?}"));
        }
        if step.how.is_empty() || step.how.iter().any(|how| !how.trim_end().ends_with(['.', '?', '!'])) {
            return say(&format!("says how like this: {:?}", step.how));
        }
        // Whoever is told to use a blade, an iron or a machine is told to mind it.
        let hot = step.bench == Bench::Iron || step.tools.iter().any(|tool| tool.contains("iron"));
        let sharp = step.tools.iter().any(|tool| tool.contains("scissors") || tool.contains("ripper"));
        if (hot || sharp) && step.cautions.is_empty() {
            return say(&format!("has {:?} and no caution", step.tools));
        }
        let cuts = [Act::CutBand, Act::CutHem, Act::CutLining, Act::Trim, Act::ClipEdge, Act::Mitre];
        let one_way = cuts.contains(&step.key.act) || step.key.act == Act::LookUpRules;
        if one_way != step.stop.is_some() {
            return say("and its stop do not go together");
        }
        if step.waits.is_none() != (step.done || plan.may_tick(&step.key.to_string()).is_ok()) {
            return say("says it waits where it does not, or the other way round");
        }
        if let Some(stop) = &step.stop
            && stop.conditions.is_empty()
        {
            return say("has a stop that asks for nothing");
        }
    }
    opens_and_closes(plan)?;
    let left: f64 = plan.steps.iter().filter(|step| !step.done).map(|step| step.minutes.p50).sum();
    if (left - plan.minutes_left.p50).abs() > 1e-6 {
        return Err(format!("{left} minutes are left, {} said", plan.minutes_left.p50));
    }
    Ok(())
}

/// What is opened is closed once, by something that comes after it; what is closed was opened.
fn opens_and_closes(plan: &Plan) -> Result<(), String> {
    let at = |key: StepKey| plan.steps.iter().position(|step| step.key == key);
    for (opened, step) in plan.steps.iter().enumerate() {
        let closing = step.key.act.closed_by();
        if closing.is_empty() {
            continue;
        }
        // A toile is taken apart altogether.
        if at(StepKey::whole(Act::UnpickToile)) > Some(opened) {
            continue;
        }
        // On the same hem or thing where it is about one, else anywhere on the garment.
        let closers: Vec<StepKey> = closing
            .iter()
            .map(|act| StepKey::new(*act, step.key.on))
            .filter(|key| at(*key).is_some())
            .collect();
        // A hem that is opened, or whose lining is, and then made anew is closed by that.
        let [.., last] = closers.as_slice() else {
            return Err(format!("{} is never closed", step.key));
        };
        if at(*last) < Some(opened) {
            return Err(format!("{} is closed by {last}, before it is opened", step.key));
        }
        let own = closers.iter().filter(|key| !matches!(key.act, Act::SewHem | Act::SewBag)).count();
        if own > 1 {
            return Err(format!("{} is closed twice: {closers:?}", step.key));
        }
    }
    for step in &plan.steps {
        // Sewing a hem closes what was open there, and is done anyway.
        let closes = |act: &&Act| act.closed_by() == [step.key.act] && step.key.act != Act::SewHem;
        let opens: Vec<&Act> = Act::ALL.iter().filter(closes).collect();
        if !opens.is_empty() && !opens.iter().any(|act| at(StepKey::new(**act, step.key.on)).is_some()) {
            return Err(format!("{} closes what nothing opened", step.key));
        }
    }
    Ok(())
}
