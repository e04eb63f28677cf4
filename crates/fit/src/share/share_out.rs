//! The choices of seams, ranked, and the best of them that can be sewn.

use super::answer::{ShareOut, SharePlan, ShareRequest, ShareSource, WORTH_OPENING};
use super::plan::{Offer, Plans};
use super::programme::{most_of, smallest_largest};
use super::source::{Source, sources};
use crate::garment::SeamName;
use crate::house::ranges;
use crate::house::rules::HouseRule;
use crate::pattern::{Level, Pattern};
use crate::solve::Solution;
use crate::solve::checked::checked;
use crate::solve::drawn::drawn;
use crate::solve::job::Job;
use crate::solve::job_error::{JobError, JobErrorCause, within};
use crate::solve::job_place::JobPlace;
use crate::solve::solve;
use crate::unit::length::Length;
use crate::words::{GivesOnly, falls_short};

/// Plans whose depths differ by no more than this are one plan, in millimetres.
const SAME_PLAN: f64 = 1.0;
/// How many alternatives are offered beside the pinned plan.
const OFFERED: usize = 2;
/// How often seams are asked for less than their limits say.
const MOST_ROUNDS: usize = 3;
/// How many ways are tried for them.
const MOST_TRIED: usize = 12;
/// What a dart that is not there yet costs more than a seam that is, in millimetres of largest depth.
const NEW_DART: f64 = 2.0;

/// Where a change is shared out.
#[derive(Clone, Copy)]
struct Place<'a> {
    job: &'a Job,
    pattern: &'a Pattern,
    level: &'a Level,
    solution: &'a Solution,
    sign: f64,
}

/// Seams with the most they turned out to give.
type Most = Vec<(SeamName, f64)>;

impl<'a> Place<'a> {
    fn plans(self, sources: &'a [Source]) -> Plans<'a> {
        let Place { job, pattern, level, solution, sign } = self;
        Plans { job, pattern, level, solution, sources, sign }
    }

    /// The best plans that can be sewn, and what seams of those that cannot would give at the most.
    fn offers(
        self,
        sources: &[Source],
        reached: f64,
        swing: f64,
    ) -> Result<(Vec<SharePlan>, Most), JobError> {
        let plans = Place { ..self }.plans(sources);
        let current = plans.current();
        let same = |one: &[f64], other: &[f64]| one.iter().zip(other).all(|(a, b)| (a - b).abs() < SAME_PLAN);
        let (mut tried, mut offered, mut most): (Vec<Vec<f64>>, _, _) = (Vec::new(), Vec::new(), Vec::new());
        if reached <= 0.05 {
            return Ok((offered, most));
        }
        for depths in ranked(sources, reached, swing, self.job.habits.rule(HouseRule::SeamWorth)) {
            if offered.len() == OFFERED || tried.len() == MOST_TRIED {
                break;
            }
            if same(&depths, &current) || tried.iter().any(|known| same(known, &depths)) {
                continue;
            }
            // Only what can be sewn is offered: the next best takes the place of what cannot.
            match plans.alternative(&depths, reached)? {
                Offer::Plan(plan) => offered.push(*plan),
                Offer::Most(less) => most.extend(less),
            }
            tried.push(depths);
        }
        Ok((offered, most))
    }
}

/// Every choice of seams with the depths that share the change out best, best first.
fn ranked(sources: &[Source], reached: f64, swing: f64, worth: f64) -> impl Iterator<Item = Vec<f64>> {
    let mut ranked: Vec<(f64, Vec<f64>)> = (1u32..1 << sources.len())
        .filter_map(|set| {
            let chosen = |i: usize| set & (1 << i) != 0;
            let depths = smallest_largest(sources, chosen, reached, swing)?;
            let opened = (0..sources.len()).filter(|i| depths[*i] > WORTH_OPENING).count();
            // A seam that gives nothing belongs to a smaller choice, which is ranked by itself.
            if opened != set.count_ones() as usize {
                return None;
            }
            let largest = depths.iter().copied().fold(0.0, f64::max);
            let new_darts = (0..sources.len()).filter(|i| chosen(*i) && sources[*i].new_dart).count();
            Some((largest + worth * opened as f64 + NEW_DART * new_darts as f64, depths))
        })
        .collect();
    ranked.sort_by(|a, b| a.0.total_cmp(&b.0));
    ranked.into_iter().map(|(_, depths)| depths)
}

/// Shares a change of a level's girth out over the seams that cross it.
///
/// # Errors
/// [`JobError`] for a job that holds nonsense, or a level this garment does not have.
pub fn share_out(job: &Job, request: ShareRequest) -> Result<ShareOut, JobError> {
    let solution = solve(job)?;
    let drawn = drawn(checked(job)?)?;
    let level = drawn.came.as_ref().and_then(|pattern| pattern.level(request.level).copied());
    let (Some(pattern), Some(level)) = (&drawn.came, level) else {
        return Err(JobError::at(JobPlace::Asked("level"), JobErrorCause::NoSuchLevel(request.level)));
    };
    within(JobPlace::Asked("lose"), ranges::LOSE, request.lose.mm())?;
    let sign = if request.lose.is_negative() { -1.0 } else { 1.0 };
    let asked = request.lose.abs().mm();
    let mut sources = sources(job, pattern, &level, sign);
    let swing = job.habits.rule(HouseRule::SideSwing);
    let at = Place { job, pattern, level: &level, solution: &solution, sign };
    let mut alternatives = Vec::new();
    // A seam that turns out to give less than its limits say is asked for less, and all is shared anew.
    for round in 0..MOST_ROUNDS {
        let (found, most) = at.offers(&sources, asked.min(most_of(&sources, swing)), swing)?;
        let enough = found.len() == OFFERED || most.is_empty() || round + 1 == MOST_ROUNDS;
        alternatives = found;
        if enough {
            break;
        }
        for (seam, most) in most {
            for source in sources.iter_mut().filter(|source| source.seam == seam && source.most > most) {
                source.most = most;
                source.because = GivesOnly::Fades;
            }
        }
    }
    let can = most_of(&sources, swing);
    let reached = asked.min(can);
    let scale = job.habits.scale;
    let short =
        (can + 0.05 < asked).then(|| falls_short([asked, can].map(Length::from_mm), sign > 0.0, scale));
    let pinned = at.plans(&sources).pinned();
    Ok(ShareOut {
        level: request.level,
        asked: request.lose,
        reached: Length::from_mm(sign * reached),
        short,
        sources: sources
            .iter()
            .map(|source| {
                let most = Length::from_mm((sign * source.most * 10.0).round() / 10.0);
                ShareSource {
                    seam: source.seam,
                    words: source.words(),
                    most,
                    shown: scale.number(most),
                    because: source.because.words(scale),
                }
            })
            .collect(),
        pinned,
        alternatives,
    })
}
