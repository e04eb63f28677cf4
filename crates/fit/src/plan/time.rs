//! How long a step takes: `set-up + length ÷ rate × cloth × personal factor`. A lining is a layer with steps of its own.

use std::collections::BTreeMap;

use serde::{Deserialize, Serialize};

use crate::cloth::family::Cloth;

/// A kind of work with its own pace.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Hash, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum Work {
    /// Chalking a line.
    Chalk,
    /// Unpicking plain stitching.
    Unpick,
    /// Unpicking tiny topstitching.
    UnpickTopstitch,
    /// Tacking by machine.
    Tack,
    /// A try-on.
    TryOn,
    /// A machine seam.
    Seam,
    /// Cutting or trimming.
    Cut,
    /// Finishing edges by overlock or zigzag.
    Finish,
    /// Pressing.
    Press,
    /// Tacking or thread-marking by hand.
    HandTack,
    /// Sewing by hand: felling, catch stitch.
    Hand,
    /// A blind hem by hand.
    BlindHem,
    /// Looking, photographing, measuring, writing down.
    Look,
    /// Washing and drying, which mostly happens by itself.
    Wash,
}

impl Work {
    /// Millimetres a minute, and minutes of set-up. A rate of `None` means that
    /// length does not matter.
    #[must_use]
    pub const fn pace(self) -> (Option<f64>, f64) {
        match self {
            Work::Chalk => (Some(250.0), 4.0),
            Work::Unpick => (Some(90.0), 3.0),
            Work::UnpickTopstitch => (Some(50.0), 3.0),
            Work::Tack => (Some(600.0), 5.0),
            Work::TryOn => (None, 8.0),
            Work::Seam => (Some(400.0), 5.0),
            Work::Cut => (Some(400.0), 2.0),
            Work::Finish => (Some(700.0), 5.0),
            Work::Press => (Some(500.0), 5.0),
            Work::HandTack => (Some(120.0), 4.0),
            Work::Hand => (Some(45.0), 4.0),
            Work::BlindHem => (Some(55.0), 4.0),
            Work::Look => (None, 4.0),
            Work::Wash => (None, 6.0),
        }
    }

    const fn is_sewn(self) -> bool {
        matches!(self, Work::Tack | Work::HandTack | Work::Seam | Work::Finish | Work::Hand | Work::BlindHem)
    }
}

/// Minutes as a range: in three of five evenings it takes between the two.
#[derive(Debug, Clone, Copy, PartialEq, Serialize, Default)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Minutes {
    /// One evening in five it goes faster.
    pub p20: f64,
    /// The middle.
    pub p50: f64,
    /// One evening in five it takes longer.
    pub p80: f64,
}

/// `exp(0.8416 σ)` with σ = 0.3 on the logarithm: hand work varies by about a third.
const P80: f64 = 1.287;

impl Minutes {
    /// The range round a middle value.
    #[must_use]
    pub fn around(p50: f64) -> Minutes {
        let tenth = |minutes: f64| (minutes * 10.0).round() / 10.0;
        Minutes { p20: tenth(p50 / P80), p50: tenth(p50), p80: tenth(p50 * P80) }
    }
}

/// How long something takes by itself, as it is said: "12 minutes", "an hour", "a day and a night".
pub(crate) fn hours_said(hours: f64) -> String {
    let (minutes, whole, days) = ((hours * 60.0).round(), hours.round(), (hours / 24.0).round());
    if (hours - 24.0 * days).abs() < 0.5 && days >= 1.0 {
        if days < 2.0 { "a day and a night".to_owned() } else { format!("{days} days") }
    } else if (hours - 1.0).abs() < 0.01 {
        "an hour".to_owned()
    } else if hours < 1.5 {
        format!("{minutes} minutes")
    } else if (hours - whole).abs() < 0.05 {
        format!("{whole} hours")
    } else {
        format!("{hours:.1} hours")
    }
}

/// One step done before, with what it was estimated at and what it took.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct Timing {
    /// The kind of work.
    pub work: Work,
    /// Minutes estimated without the personal factor.
    pub estimate: f64,
    /// Minutes it took.
    pub actual: f64,
}

/// How much slower than the house this person works: `exp(Σ ln(actual/estimate) / (n + 3))`. The
/// three keep a single odd evening from counting for much.
///
/// ```
/// use vemble_fit::plan::{personal_factor, Timing, Work};
/// let slow = Timing { work: Work::Press, estimate: 10.0, actual: 20.0 };
/// assert_eq!(personal_factor(Work::Press, &[]), 1.0);
/// assert!((personal_factor(Work::Press, &[slow]) - 2f64.powf(0.25)).abs() < 1e-12);
/// ```
#[must_use]
pub fn personal_factor(work: Work, log: &[Timing]) -> f64 {
    let ratios: Vec<f64> = log
        .iter()
        .filter(|timing| timing.work == work && timing.estimate > 0.0 && timing.actual > 0.0)
        .map(|timing| (timing.actual / timing.estimate).ln())
        .collect();
    (ratios.iter().sum::<f64>() / (ratios.len() as f64 + 3.0)).exp()
}

/// How long a piece of work takes the hand that took so long before.
#[must_use]
pub fn minutes_for(work: Work, house_minutes: f64, log: &[Timing]) -> Minutes {
    Minutes::around(house_minutes * personal_factor(work, log))
}

/// How long several pieces of work take together, each with its minutes before the hand's own pace counts.
#[must_use]
pub fn minutes_together(pieces: impl IntoIterator<Item = (Work, f64)>, log: &[Timing]) -> Minutes {
    // The log of years is gone through once for each kind of work, not for each piece.
    let mut factors = BTreeMap::new();
    let mut minutes_of = |(work, minutes): (Work, f64)| {
        let factor = factors.entry(work).or_insert_with(|| personal_factor(work, log));
        Minutes::around(minutes * *factor).p50
    };
    Minutes::around(pieces.into_iter().map(&mut minutes_of).sum())
}

/// What bends every estimate of one job.
#[derive(Debug, Clone, Copy)]
pub(crate) struct Pace {
    cloth: f64,
}

impl Pace {
    /// How long sewing this cloth takes.
    pub(crate) fn of(cloth: &Cloth) -> Pace {
        Pace { cloth: cloth.family.time_factor() }
    }

    /// The minutes for a piece of work over `mm` of seam,
    /// before the hand's own pace counts.
    pub(crate) fn house_minutes(&self, work: Work, mm: f64) -> f64 {
        let (rate, set_up) = work.pace();
        let mut running = rate.map_or(0.0, |rate| mm / rate);
        if work.is_sewn() {
            // A lining doubles what is sewn: it has steps of its own.
            running *= self.cloth;
        }
        set_up + running
    }
}
