//! Free sewing time against what is due: does it fit, and with what margin.

use chrono::{Days, NaiveDate};
use serde::Serialize;

/// One garment's claim on the calendar.
#[derive(Debug, Clone, PartialEq)]
pub struct Claim {
    /// What tells it from others.
    pub key: String,
    /// What it is called.
    pub name: String,
    /// The day it is worn; it should be finished the day before.
    pub due_on: NaiveDate,
    /// Hands-on minutes left.
    pub minutes: f64,
    /// Days on which it hangs, washes or dries by itself, and nothing else of it can be done.
    pub waits: u32,
}

/// A day of the calendar.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct SewingDay {
    /// The day.
    #[cfg_attr(feature = "schema", schema(value_type = String, format = Date))]
    pub day: NaiveDate,
    /// Free minutes.
    pub free: f64,
    /// Minutes claimed by what is due, the earliest due first.
    pub claimed: f64,
    /// What is worn on this day.
    pub due: Vec<String>,
}

/// Whether one garment fits.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct ClaimFit {
    /// What tells it from others.
    pub key: String,
    /// What it is called.
    pub name: String,
    /// The day it is worn.
    #[cfg_attr(feature = "schema", schema(value_type = String, format = Date))]
    pub due_on: NaiveDate,
    /// Free minutes left over before it, once it and all that is due earlier is done; negative
    /// when it does not fit.
    pub margin: f64,
}

/// The calendar with what it holds.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Calendar {
    /// Day by day from today.
    pub days: Vec<SewingDay>,
    /// Garment by garment, the earliest due first.
    pub fits: Vec<ClaimFit>,
    /// What would have to be otherwise, where not all of it fits.
    pub shortfall: Option<Shortfall>,
}

/// Two ways out where not all of it fits.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Shortfall {
    /// How many are not done in time.
    pub late: usize,
    /// Minutes a day that would do, in whole fives; `None` where a day is too near for any.
    pub minutes_a_day: Option<f64>,
    /// What would have to wait for another day instead, by what tells it from others: as few as will do.
    pub let_wait: Vec<String>,
    /// The whole of it in a sentence.
    pub words: String,
}

/// The fewest days shown.
const SHOWN: u64 = 14;
/// The most days shown.
const MOST_SHOWN: u64 = 28;

/// The days until the last garment is due, nothing claimed of them yet.
fn free_days(today: NaiveDate, free: f64, claims: &[Claim]) -> Vec<SewingDay> {
    let last = claims.iter().map(|claim| claim.due_on).max().unwrap_or(today);
    let span = (last - today).num_days().clamp(SHOWN as i64, MOST_SHOWN as i64);
    let days = (0..=span as u64).filter_map(|ahead| today.checked_add_days(Days::new(ahead)));
    days.map(|day| {
        let due = claims.iter().filter(|claim| claim.due_on == day).map(|claim| claim.name.clone());
        SewingDay { day, free, claimed: 0.0, due: due.collect() }
    })
    .collect()
}

/// Lays claims on the free minutes of each day, the earliest due first.
#[must_use]
pub fn calendar(today: NaiveDate, free_a_day: f64, mut claims: Vec<Claim>) -> Calendar {
    claims.sort_by_key(|claim| claim.due_on);
    let mut days = free_days(today, free_a_day, &claims);
    let mut fits = Vec::new();
    let mut before = 0.0;
    for claim in &claims {
        before += claim.minutes;
        let nights = (claim.due_on - today).num_days().max(0) as f64;
        // What hangs for a day leaves that evening to others.
        let own = (nights - f64::from(claim.waits)) * free_a_day - claim.minutes;
        fits.push(ClaimFit {
            key: claim.key.clone(),
            name: claim.name.clone(),
            due_on: claim.due_on,
            margin: own.min(nights * free_a_day - before),
        });
        let mut left = claim.minutes;
        for day in days.iter_mut().filter(|day| day.day < claim.due_on) {
            let taken = left.min(day.free - day.claimed);
            day.claimed += taken;
            left -= taken;
        }
    }
    let shortfall = shortfall(today, free_a_day, &claims, &fits);
    Calendar { days, fits, shortfall }
}

/// The most minutes a day anybody sews beside everything else; what needs more is said to need another day.
const MOST_A_DAY: f64 = 240.0;

/// True where every claim is done before its day.
fn all_fit(today: NaiveDate, free_a_day: f64, claims: &[&Claim]) -> bool {
    let mut before = 0.0;
    claims.iter().all(|claim| {
        before += claim.minutes;
        let nights = (claim.due_on - today).num_days().max(0) as f64;
        let own = (nights - f64::from(claim.waits)) * free_a_day - claim.minutes;
        own.min(nights * free_a_day - before) >= 0.0
    })
}

fn shortfall(today: NaiveDate, free_a_day: f64, claims: &[Claim], fits: &[ClaimFit]) -> Option<Shortfall> {
    let late = fits.iter().filter(|fit| fit.margin < 0.0).count();
    if late == 0 {
        return None;
    }
    let all: Vec<&Claim> = claims.iter().collect();
    let fives = (1..=(MOST_A_DAY / 5.0) as u32).map(|five| f64::from(five) * 5.0);
    let minutes_a_day =
        fives.filter(|minutes| *minutes > free_a_day).find(|minutes| all_fit(today, *minutes, &all));
    // The largest of those in the way of the first that is late goes, until the rest fits.
    let mut kept = all;
    let mut let_wait: Vec<&Claim> = Vec::new();
    while !all_fit(today, free_a_day, &kept) {
        let first_late = (1..=kept.len()).find(|count| !all_fit(today, free_a_day, &kept[..*count]))?;
        let (at, _) =
            kept[..first_late].iter().enumerate().max_by(|a, b| a.1.minutes.total_cmp(&b.1.minutes))?;
        let_wait.push(kept.remove(at));
    }
    let words = falls_short(late, free_a_day, minutes_a_day, &let_wait);
    let let_wait = let_wait.iter().map(|claim| claim.key.clone()).collect();
    Some(Shortfall { late, minutes_a_day, let_wait, words })
}

/// That so many garments are not done in time, and what can be done.
fn falls_short(late: usize, free_a_day: f64, minutes_a_day: Option<f64>, let_wait: &[&Claim]) -> String {
    let names: Vec<&str> = let_wait.iter().map(|claim| claim.name.as_str()).collect();
    let wait = match names.as_slice() {
        [one] => format!("let {one} wait for another day"),
        [one, other] => format!("let {one} and {other} wait for another day"),
        _ => format!("let {} garments wait for another day", names.len()),
    };
    let are = if late == 1 { "One garment is".to_owned() } else { format!("{late} garments are") };
    match minutes_a_day {
        Some(minutes) => format!(
            "{are} not done in time at {free_a_day:.0} minutes a day: sew {minutes:.0} a day until then, or {wait}."
        ),
        None => format!(
            "{are} not done in time, however long the evenings: {wait}, or find a second pair of hands."
        ),
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    fn claim(name: &str, day: u32, minutes: f64) -> Claim {
        let due_on = NaiveDate::from_ymd_opt(2026, 3, day).unwrap();
        Claim { key: name.into(), name: name.into(), due_on, minutes, waits: 0 }
    }

    #[test]
    fn the_earliest_due_is_sewn_first_and_the_margin_says_what_is_over() {
        let today = NaiveDate::from_ymd_opt(2026, 3, 1).unwrap();
        let calendar = calendar(today, 40.0, vec![claim("late", 6, 90.0), claim("soon", 3, 60.0)]);
        let claimed: Vec<f64> = calendar.days.iter().take(5).map(|day| day.claimed).collect();
        assert_eq!(claimed, [40.0, 40.0, 40.0, 30.0, 0.0]);
        assert_eq!(calendar.fits.iter().map(|fit| fit.margin).collect::<Vec<_>>(), [20.0, 50.0]);
        assert_eq!(calendar.days[2].due, ["soon"]);
    }

    #[test]
    fn a_day_on_which_it_hangs_is_no_evening_for_it_but_one_for_another() {
        let today = NaiveDate::from_ymd_opt(2026, 3, 1).unwrap();
        let hangs = Claim { waits: 2, ..claim("hangs", 6, 90.0) };
        let margins =
            |claims| calendar(today, 40.0, claims).fits.iter().map(|fit| fit.margin).collect::<Vec<_>>();
        assert_eq!(margins(vec![hangs.clone()]), [30.0], "three evenings of 40 are left of five");
        assert_eq!(margins(vec![hangs, claim("other", 6, 60.0)]), [30.0, 50.0]);
    }

    #[test]
    fn what_does_not_fit_has_a_negative_margin() {
        let today = NaiveDate::from_ymd_opt(2026, 3, 1).unwrap();
        assert_eq!(calendar(today, 30.0, vec![claim("soon", 2, 100.0)]).fits[0].margin, -70.0);
    }

    #[test]
    fn what_does_not_fit_has_two_ways_out_and_each_of_them_does() {
        let today = NaiveDate::from_ymd_opt(2026, 3, 1).unwrap();
        let claims = vec![claim("shirt", 4, 60.0), claim("coat", 6, 200.0), claim("skirt", 8, 60.0)];
        let short = calendar(today, 30.0, claims.clone()).shortfall.expect("it is too much");
        assert_eq!(short.late, 2, "{}", short.words);
        let more = short.minutes_a_day.expect("longer evenings");
        assert_eq!(calendar(today, more, claims.clone()).shortfall, None);
        assert!(calendar(today, more - 5.0, claims.clone()).shortfall.is_some(), "and no more than it takes");
        assert_eq!(short.let_wait, ["coat"]);
        let rest: Vec<Claim> = claims.into_iter().filter(|claim| claim.name != "coat").collect();
        assert_eq!(calendar(today, 30.0, rest).shortfall, None);
        assert_eq!(
            short.words,
            format!(
                "2 garments are not done in time at 30 minutes a day: sew {more:.0} a day until then, or let coat wait for another day."
            )
        );
    }

    #[test]
    fn no_evening_before_tomorrow_is_long_enough() {
        let today = NaiveDate::from_ymd_opt(2026, 3, 1).unwrap();
        let short = calendar(today, 30.0, vec![claim("coat", 2, 600.0)]).shortfall.expect("short");
        assert_eq!((short.minutes_a_day, short.let_wait.as_slice()), (None, ["coat".to_owned()].as_slice()));
    }
}
