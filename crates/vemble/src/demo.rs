//! The demo workroom: a village dance band dresses itself from a charity rail.
//!
//! The scenario is a JSON file in which `@-12` stands for twelve days ago and `@18` for eighteen
//! days ahead, so that the barn dance is always two and a half weeks away.

use std::collections::BTreeMap;

use chrono::{NaiveDate, TimeDelta, Utc};
use serde::Deserialize;
use serde_json::Value;
use uuid::Uuid;
use vemble_fit::{Habits, Wearer};
use vemble_store::{
    AccountId, Conn, Expected, FittingRecord, GarmentRecord, Hand, Store, StoreError, account, fitting,
    garment, together, wearer,
};

const SCENARIO: &str = include_str!("../demo/band.json");
/// Address of the demo account. Its password hash is no hash, so it is only opened by the button.
const ADDRESS: &str = "band@larkhill.example";

#[derive(Deserialize)]
struct Scenario {
    habits: Habits,
    wearers: Vec<WithId<Wearer>>,
    garments: Vec<WithId<GarmentRecord>>,
    fittings: Vec<WithId<FittingRecord>>,
}

#[derive(Deserialize)]
struct WithId<T> {
    id: Uuid,
    record: T,
}

/// Loads the demo workroom where it is not loaded yet; returns its address. What was changed in
/// it since stays changed.
///
/// # Errors
/// When the database does not answer.
pub fn load(store: &Store) -> Result<String, Box<dyn std::error::Error>> {
    let mut conn = store.conn()?;
    while account::by_email(&mut conn, ADDRESS)?.is_none() {
        let mut scenario: Value = serde_json::from_str(SCENARIO)?;
        set_days(&mut scenario, Utc::now().date_naive());
        let scenario: Scenario = serde_json::from_value(scenario)?;
        match together(&mut conn, |conn| hang(conn, scenario)) {
            // Another server that starts at the same moment is at it: this one waits for the lock, and looks again.
            Err(StoreError::Busy) => {}
            done => done?,
        }
    }
    Ok(ADDRESS.to_owned())
}

fn hang(conn: &mut Conn, scenario: Scenario) -> Result<(), StoreError> {
    let id = AccountId(Uuid::now_v7());
    if !account::create(conn, id, ADDRESS, "only opened by the button")? {
        // Another server that starts at the same moment has loaded it.
        return Ok(());
    }
    account::put_habits(conn, id, &scenario.habits, Expected::Version(1))?;
    for WithId { id: key, record } in &scenario.wearers {
        wearer::put(conn, id, *key, record, Expected::Unsaid)?;
    }
    for WithId { id: key, record } in &scenario.garments {
        garment::put(conn, id, &Hand::program(), *key, record, Expected::Unsaid)?;
    }
    for WithId { id: key, record } in &scenario.fittings {
        fitting::put(conn, id, &Hand::program(), *key, record, &BTreeMap::new(), Expected::Unsaid)?;
    }
    Ok(())
}

/// Replaces `@days` by dates, everywhere.
fn set_days(value: &mut Value, today: NaiveDate) {
    match value {
        Value::String(text) => {
            if let Some(days) = text.strip_prefix('@').and_then(|days| days.parse().ok()) {
                *text = (today + TimeDelta::days(days)).to_string();
            }
        }
        Value::Array(values) => values.iter_mut().for_each(|value| set_days(value, today)),
        Value::Object(values) => values.values_mut().for_each(|value| set_days(value, today)),
        Value::Null | Value::Bool(_) | Value::Number(_) => {}
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use vemble_fit::{JOB_FORMAT, Job, Length, Place, Verdict, solve};

    const TODAY: Option<NaiveDate> = NaiveDate::from_ymd_opt(2026, 11, 23);

    fn scenario() -> Scenario {
        let mut scenario: Value = serde_json::from_str(SCENARIO).expect("JSON");
        set_days(&mut scenario, TODAY.expect("a date"));
        serde_json::from_value(scenario).expect("the scenario")
    }

    /// The job of a fitting of the scenario.
    fn job_of(scenario: &Scenario, fitting: &WithId<FittingRecord>) -> Job {
        let hung =
            scenario.garments.iter().find(|hung| hung.id == fitting.record.garment).expect("its garment");
        let worn_by = scenario.wearers.iter().find(|wearer| Some(wearer.id) == hung.record.wearer);
        Job {
            format: JOB_FORMAT.into(),
            wearer: "someone".into(),
            body: worn_by.and_then(|wearer| wearer.record.body_on(TODAY?).cloned()),
            habits: scenario.habits.clone(),
            garment: hung.record.garment.clone(),
            fitting: fitting.record.fitting.clone(),
            timings: Vec::new(),
        }
    }

    #[test]
    fn every_garment_of_the_scenario_is_in_a_state_of_its_own() {
        let scenario = scenario();
        let mut states = Vec::new();
        for hung in &scenario.garments {
            let newest = scenario.fittings.iter().rfind(|fitting| fitting.record.garment == hung.id);
            let Some(newest) = newest else {
                states.push("not tried on".to_owned());
                continue;
            };
            let job = job_of(&scenario, newest);
            let solution = solve(&job).expect("a demo fitting that can be computed");
            assert!(solution.is_solved(), "{}: {:?}", job.garment.name, solution.warnings);
            states.push(solution.next.words.clone());
            assert!(!solution.next.at_stop || solution.next.place == Place::Bench);
        }
        insta::assert_debug_snapshot!(states);
    }

    /// Every finding on every garment, to be read: each must be one a teacher would say.
    #[test]
    fn nothing_alarms_without_need() {
        let scenario = scenario();
        let mut found = Vec::new();
        for fitting in &scenario.fittings {
            let job = job_of(&scenario, fitting);
            let solution = solve(&job).expect("a demo fitting that can be computed");
            let said: Vec<String> = solution
                .warnings
                .iter()
                .map(|warning| format!("{:?} {}: {}", warning.weight, warning.code, warning.message))
                .collect();
            // A finding is said once, and what is well is not said at all.
            for (at, one) in said.iter().enumerate() {
                assert!(!said[..at].contains(one), "{}: twice: {one}", job.garment.name);
            }
            // Red is for what cloth or person suffers under: a level strains only where it is short by what a tape reads.
            for row in solution.levels.iter().filter(|row| row.verdict == Some(Verdict::Strains)) {
                let short = row.floor.map_or(0.0, Length::mm) - row.ease_after.map_or(0.0, Length::mm);
                assert!(row.floor.is_none() || short > 1.0, "{}: {:?}", job.garment.name, row.girth.level);
            }
            found.push(format!("{} ({})", job.garment.name, said.len()));
            found.extend(said.into_iter().map(|line| format!("  {line}")));
        }
        insta::assert_snapshot!(found.join("\n"));
    }
}
