//! Plans: what each seam gives, what comes of it, and the job with it in place.

use super::answer::{SharePart, SharePlan, ShownPlan, WORTH_OPENING};
use super::source::Source;
use crate::garment::{SeamName, Tube};
use crate::judge::girth::LevelGirth;
use crate::pattern::{Level, Pattern};
use crate::reading::pin::Pin;
use crate::solve::job::Job;
use crate::solve::job_error::JobError;
use crate::solve::solve;
use crate::solve::{LineOutcome, Solution};
use crate::unit::length::Length;
use crate::words::{Consequence, plan_title};

/// What plans of one level are made from.
pub(super) struct Plans<'a> {
    pub(super) job: &'a Job,
    pub(super) pattern: &'a Pattern,
    pub(super) level: &'a Level,
    pub(super) solution: &'a Solution,
    pub(super) sources: &'a [Source],
    /// `1` takes in, `-1` lets out.
    pub(super) sign: f64,
}

/// A line comes to the depth a plan wants of it within this, in millimetres,
const COMES_TO: f64 = 0.12;
/// and this share of it: on a seam that leans, the new edge crosses the level a little beside the pin.
const COMES_NEAR: f64 = 0.08;
/// A level loses what it shall within this, in millimetres.
const LOSES: f64 = 0.1;
/// A plan that misses by more than this, in millimetres, is none.
const MISSES: f64 = 0.5;
/// How often the other pins of a plan's seams give way.
const MOST_TRIES: usize = 3;

/// Less than this is no change of a girth, in millimetres.
const NOTHING: f64 = 0.05;

/// What becomes of a choice of depths.
pub(super) enum Offer {
    /// It can be sewn.
    Plan(Box<SharePlan>),
    /// It cannot: these seams give no more than this at the level.
    Most(Vec<(SeamName, f64)>),
}

impl Plans<'_> {
    /// Depth of each source at the level as it is pinned now, mean of both sides, in the direction asked.
    pub(super) fn current(&self) -> Vec<f64> {
        self.sources.iter().map(|source| self.sign * self.depth_now(source.seam)).collect()
    }

    /// Depth of a seam at the level as it is pinned now, mean of both sides.
    pub(super) fn depth_now(&self, seam: SeamName) -> f64 {
        depth_at_level(self.solution, self.level, seam)
    }

    /// The plan the pins say now.
    pub(super) fn pinned(&self) -> SharePlan {
        let parts: Vec<(SeamName, f64)> = self
            .sources
            .iter()
            .map(|source| (source.seam, self.depth_now(source.seam)))
            .filter(|(_, depth)| depth.abs() > NOTHING)
            .collect();
        self.plan(plan_title(None), &parts, self.job.fitting.pins.clone(), self.solution)
    }

    /// The plan of these depths, solved; the other pins of its seams give way where they must. Where the seams lean
    /// otherwise once they are moved, depths are asked for anew until the level loses what it shall.
    pub(super) fn alternative(&self, depths: &[f64], lose: f64) -> Result<Offer, JobError> {
        let mut depths = depths.to_vec();
        let mut offer = self.of_depths(&depths, true)?;
        for _ in 0..MOST_TRIES {
            let Offer::Plan(plan) = &offer else { break };
            let loses = self.sign * plan.total.mm();
            if loses <= 0.0 || (loses - lose).abs() < LOSES {
                break;
            }
            for (depth, source) in depths.iter_mut().zip(self.sources) {
                *depth = (*depth * lose / loses).min(source.most);
            }
            match self.of_depths(&depths, false)? {
                better @ Offer::Plan(_) => offer = better,
                Offer::Most(_) => break,
            }
        }
        let loses = match &offer {
            Offer::Plan(plan) => self.sign * plan.total.mm(),
            Offer::Most(_) => lose,
        };
        // What a seam cannot give because it is at its most, another may.
        let mut given = depths.iter().zip(self.sources);
        let at_its_most = given.any(|(depth, source)| *depth > WORTH_OPENING && *depth >= source.most);
        if (loses - lose).abs() <= if at_its_most { LOSES } else { MISSES } {
            return Ok(offer);
        }
        // What its lines come to is the most they can give.
        let given = self.sources.iter().zip(&depths).filter(|(_, depth)| **depth > WORTH_OPENING);
        let share = (loses / lose).clamp(0.0, 1.0);
        Ok(Offer::Most(given.map(|(source, depth)| (source.seam, depth * share)).collect()))
    }

    /// The plan of these depths; `strict` where each line has to come to its depth by itself.
    fn of_depths(&self, depths: &[f64], strict: bool) -> Result<Offer, JobError> {
        let parts: Vec<(SeamName, f64)> = self
            .sources
            .iter()
            .zip(depths)
            .filter(|(_, depth)| **depth > WORTH_OPENING)
            .map(|(source, depth)| (source.seam, self.sign * (depth * 100.0).round() / 100.0))
            .collect();
        let names: Vec<String> = self
            .sources
            .iter()
            .filter(|source| parts.iter().any(|(seam, _)| *seam == source.seam))
            .map(Source::words)
            .collect();
        let title = plan_title(Some(&names));
        let mut job = self.job.clone();
        job.fitting.pins = self.pins(&parts);
        // Depths accepted for the old plan say nothing about this one.
        let is_source = |seam: SeamName| self.sources.iter().any(|source| source.seam == seam);
        job.fitting.accepted.retain(|accepted| !is_source(accepted.seam));
        for _ in 0..MOST_TRIES {
            let solution = solve(&job)?;
            let refused: Vec<_> = solution
                .seams
                .iter()
                .filter(|seam| is_source(seam.seam))
                .flat_map(|seam| seam.lines.iter().map(move |line| (seam.seam, &line.outcome)))
                .filter_map(|(seam, outcome)| match outcome {
                    LineOutcome::Refused(refused) => Some((seam, refused.shallower.clone())),
                    LineOutcome::Drawn(_) => None,
                })
                .collect();
            let short = self.short_of(&parts, &solution);
            if refused.is_empty() && strict && !short.is_empty() {
                return Ok(Offer::Most(short));
            }
            if refused.is_empty() {
                let pins = job.fitting.pins;
                return Ok(Offer::Plan(Box::new(self.plan(title, &parts, pins, &solution))));
            }
            let mut most = Vec::new();
            for (seam, works) in refused {
                let Some(works) = works else {
                    most.push((seam, 0.0));
                    continue;
                };
                for proposed in works {
                    if self.stands_at_the_level(seam, proposed.station) {
                        most.push((seam, proposed.works.abs()));
                    } else {
                        self.give_way(&mut job.fitting.pins, seam, proposed.station, proposed.works);
                    }
                }
            }
            if !most.is_empty() {
                return Ok(Offer::Most(most));
            }
        }
        Ok(Offer::Most(parts.iter().map(|(seam, _)| (*seam, 0.0)).collect()))
    }

    /// Seams whose line does not come to the depth the plan wants of it, with what it does come to.
    fn short_of(&self, parts: &[(SeamName, f64)], solution: &Solution) -> Vec<(SeamName, f64)> {
        let came_to = |seam| depth_at_level(solution, self.level, seam);
        parts
            .iter()
            .map(|(seam, depth)| (*seam, came_to(*seam), *depth))
            .filter(|(_, came, depth)| (came - depth).abs() > COMES_TO + COMES_NEAR * depth.abs())
            .map(|(seam, came, depth)| (seam, (depth.abs() - (came - depth).abs()).max(0.0)))
            .collect()
    }

    fn plan(
        &self,
        title: String,
        parts: &[(SeamName, f64)],
        pins: Vec<Pin>,
        solution: &Solution,
    ) -> SharePlan {
        let source = |seam: SeamName| self.sources.iter().find(|source| source.seam == seam);
        let girth = solution.levels.iter().map(|row| &row.girth).find(|girth| girth.level == self.level.name);
        let changes: Vec<f64> =
            parts.iter().map(|(seam, _)| -change_at_level(solution, self.level, *seam)).collect();
        let total = girth.map_or(0.0, |girth| -girth.change().mm());
        let besides = total - changes.iter().sum::<f64>();
        let (taken, shown) = self.as_shown(girth, &changes, besides);
        let swing: f64 =
            parts.iter().map(|(seam, depth)| source(*seam).map_or(0.0, |s| depth * s.backward / 2.0)).sum();
        let largest = parts.iter().map(|(_, depth)| depth.abs()).fold(0.0, f64::max);
        SharePlan {
            title,
            besides: tenth(besides),
            total: tenth(total),
            shown,
            largest: tenth(largest),
            swing: tenth(swing),
            consequences: self
                .consequences(parts, swing, solution)
                .iter()
                .map(|each| each.words(self.job.habits.scale))
                .collect(),
            parts: parts
                .iter()
                .zip(changes.iter().zip(taken))
                .map(|((seam, depth), (change, taken))| {
                    let depth = tenth(*depth);
                    SharePart {
                        seam: *seam,
                        words: source(*seam).map_or(String::new(), Source::words),
                        depth,
                        change: tenth(*change),
                        shown: [self.job.habits.scale.number(depth), taken],
                    }
                })
                .collect(),
            pins,
            levels: solution.levels.clone(),
            panels: solution.drawing.as_ref().map_or_else(Vec::new, |drawing| drawing.panels.clone()),
            figure: solution.drawing.as_ref().and_then(|drawing| drawing.figure_after.clone()),
            solved: solution.is_solved(),
        }
    }

    /// What each part takes, and what is taken besides and in all, as they stand on the tape: they add up, and to what
    /// the balance shows.
    fn as_shown(
        &self,
        girth: Option<&LevelGirth>,
        changes: &[f64],
        besides: f64,
    ) -> (Vec<String>, ShownPlan) {
        let scale = self.job.habits.scale;
        let whole = girth.map_or(Length::ZERO, |girth| scale.between(girth.after, girth.before));
        let mut taken: Vec<Length> = changes.iter().map(|change| Length::from_mm(*change)).collect();
        if besides.abs() > NOTHING {
            taken.push(Length::from_mm(besides));
        }
        let mut parts = scale.adding_up(&taken, whole);
        let besides = parts.split_off(changes.len().min(parts.len()));
        let number = |length: Length| scale.number(length);
        let besides = besides.into_iter().find(|length| scale.shows(*length)).map(number);
        (parts.into_iter().map(number).collect(), ShownPlan { besides, total: number(whole) })
    }

    fn consequences(&self, parts: &[(SeamName, f64)], swing: f64, solution: &Solution) -> Vec<Consequence> {
        let depth = |seam: SeamName| parts.iter().find(|(known, _)| *known == seam).map_or(0.0, |(_, d)| *d);
        let largest = parts.iter().map(|(_, depth)| depth.abs()).fold(0.0, f64::max);
        let mut all = vec![Consequence::Places(parts.len(), Length::from_mm(largest))];
        if swing.abs() > 1.0 {
            all.push(Consequence::SideSwings(Length::from_mm(swing)));
        } else if !parts.is_empty() && self.level.tube == Tube::Body {
            all.push(Consequence::SideStays);
        }
        let back = depth(SeamName::CentreBack) + depth(SeamName::PrincessBack);
        if back.abs() > 1.0 && self.job.garment.shape.kind.has_legs() {
            all.push(Consequence::Pockets(Length::from_mm(2.0 * back)));
        }
        let darts = [SeamName::FrontDart, SeamName::BackDart].map(|dart| (dart, depth(dart)));
        for (dart, deeper) in darts.into_iter().filter(|(_, deeper)| deeper.abs() > 0.5) {
            let held = self.held(dart);
            let holds = Length::from_mm(held + 2.0 * deeper);
            all.push(Consequence::Dart { dart, new: held < 0.5, holds });
        }
        if self.level.on_band && parts.iter().any(|(seam, _)| !seam.is_dart()) {
            all.push(Consequence::Band);
        }
        let row = solution.levels.iter().find(|row| row.girth.level == self.level.name);
        let ease = row.and_then(|row| row.ease_after.zip(row.verdict));
        all.extend(ease.map(|(ease, verdict)| Consequence::Ease(self.level.name, ease, verdict)));
        all.extend(refused(solution).map(Consequence::Refused));
        all
    }

    /// What a dart holds at the level as it came.
    fn held(&self, dart: SeamName) -> f64 {
        self.pattern.edges(dart).map_or(0.0, |[leg, _]| {
            let height = leg.edge.end().point.y.min(self.level.height.mm());
            let own = leg.panel.darts.iter().find(|each| each.name == dart);
            own.map_or(0.0, |each| each.intake_at(height))
        })
    }
}

/// Why the first line that is refused is.
fn refused(solution: &Solution) -> Option<String> {
    let mut lines = solution.seams.iter().flat_map(|seam| &seam.lines);
    lines.find_map(|line| match &line.outcome {
        LineOutcome::Refused(refused) => Some(refused.message.clone()),
        LineOutcome::Drawn(_) => None,
    })
}

/// What a seam changes of a level's girth, as the balance has it: of one leg or sleeve, where there are two.
fn change_at_level(solution: &Solution, level: &Level, seam: SeamName) -> f64 {
    let row = solution.levels.iter().find(|row| row.girth.level == level.name);
    let parts = row.iter().flat_map(|row| &row.girth.parts).filter(|part| part.seam == seam);
    parts.map(|part| part.change.mm()).sum()
}

/// Depth of a seam's lines at a level, mean of both sides.
fn depth_at_level(solution: &Solution, level: &Level, seam: SeamName) -> f64 {
    let rows = solution.levels.iter().filter(|row| row.girth.level == level.name);
    let depths: Vec<f64> = rows
        .flat_map(|row| &row.girth.parts)
        .filter(|part| part.seam == seam)
        .map(|part| part.depth.mm())
        .collect();
    if depths.is_empty() { 0.0 } else { depths.iter().sum::<f64>() / depths.len() as f64 }
}

fn tenth(mm: f64) -> Length {
    Length::from_mm((mm * 10.0).round() / 10.0)
}
