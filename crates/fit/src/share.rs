//! Sharing a change out: "the waist must lose 46".
//!
//! Where it can come from has limits: what is set into a seam, the most a dart may hold, pockets that
//! drift together, what is inside when letting out, and the side seam, which must stay at the side. For
//! every choice of seams the smallest largest depth that makes the change is a convex programme; the
//! choices are ranked by that depth and by what opening one more seam is worth.

use clarabel::algebra::CscMatrix;
use clarabel::solver::{
    DefaultSettingsBuilder, DefaultSolver, IPSolver, NonnegativeConeT, SolverStatus, SupportedConeT,
    ZeroConeT,
};
use serde::{Deserialize, Serialize};

use crate::drawing::PanelDrawing;
use crate::ease::LevelBalance;
use crate::garment::{Block, Figure, Level, LevelName, Pattern, SeamName, Tube};
use crate::girth::crossing_seams;
use crate::letting_out::LetOut;
use crate::solution::{LineOutcome, Solution, Solver};
use crate::{EntryMode, HouseRule, Job, JobError, Length, Pin, Side, solve};

/// How far along a seam a plan moves the pins it finds, in millimetres; further away they stay.
const REACH: f64 = 250.0;
/// A pin this near a level stands at it, in millimetres.
const AT_THE_LEVEL: f64 = 15.0;
/// Less depth than this is not worth opening a seam for, in millimetres.
const WORTH_OPENING: f64 = 0.5;
/// Plans whose depths differ by no more than this are one plan, in millimetres.
const SAME_PLAN: f64 = 1.0;
/// What is left between back pockets, at least, in millimetres.
const POCKETS_APART: f64 = 20.0;
/// Weight of the sum of squares against the largest depth: it only chooses between equal largest.
const EVENNESS: f64 = 1e-4;
/// How many alternatives are offered beside the pinned plan.
const OFFERED: usize = 2;
/// What a dart that is not there yet costs more than a seam that is, in millimetres of largest depth.
const NEW_DART: f64 = 2.0;

/// What is asked.
#[derive(Debug, Clone, Copy, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct ShareRequest {
    /// The level.
    pub level: LevelName,
    /// What its girth must lose, against what it measures without any line; negative gains.
    pub lose: Length,
}

/// Where some of a change can come from.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct ShareSource {
    /// The seam or dart.
    pub seam: SeamName,
    /// What it is called.
    pub words: String,
    /// The most depth it can give there.
    pub most: Length,
    /// Why no more.
    pub because: String,
}

/// What one seam gives in a plan.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct SharePart {
    /// The seam or dart.
    pub seam: SeamName,
    /// What it is called.
    pub words: String,
    /// Depth at the level.
    pub depth: Length,
    /// What that takes from the girth, both sides where there are two.
    pub change: Length,
    /// Depth and change as they stand on the session's tape.
    pub shown: [String; 2],
}

/// One way of making the change.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct SharePlan {
    /// What it is, in a few words.
    pub title: String,
    /// Seam by seam.
    pub parts: Vec<SharePart>,
    /// What the level loses in all.
    pub total: Length,
    /// The largest depth.
    pub largest: Length,
    /// How far the side seam swings; positive to the back.
    pub swing: Length,
    /// What comes of it, in words.
    pub consequences: Vec<String>,
    /// The fitting's pins with this plan in place of theirs.
    pub pins: Vec<Pin>,
    /// Every level with this plan sewn.
    pub levels: Vec<LevelBalance>,
    /// The panels with this plan's lines.
    pub panels: Vec<PanelDrawing>,
    /// The garment from the front with this plan sewn.
    pub figure: Option<Figure>,
    /// True when every line of it can be sewn.
    pub solved: bool,
}

/// The pinned plan and its alternatives.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct ShareOut {
    /// The level.
    pub level: LevelName,
    /// What was asked.
    pub asked: Length,
    /// What was asked, or the most that can be had where that is less.
    pub reached: Length,
    /// Said where less can be had than asked, with what to do.
    pub short: Option<String>,
    /// Where it can come from.
    pub sources: Vec<ShareSource>,
    /// What is pinned now.
    pub pinned: SharePlan,
    /// The best alternatives, best first.
    pub alternatives: Vec<SharePlan>,
}

/// A source as the programme knows it: depths are counted in the direction asked, so never negative.
#[derive(Debug, Clone)]
struct Source {
    seam: SeamName,
    /// Girth changed per millimetre of depth.
    gives: f64,
    most: f64,
    because: String,
    /// What a millimetre takes from the back half, less what it takes from the front half.
    backward: f64,
    new_dart: bool,
}

/// Shares a change of a level's girth out over the seams that cross it.
///
/// # Errors
/// [`JobError`] for a job that holds nonsense, or a level this garment does not have.
pub fn share_out(job: &Job, request: ShareRequest) -> Result<ShareOut, JobError> {
    let solution = solve(job)?;
    let solver = Solver::new(job)?;
    let level = solver.pattern.as_ref().and_then(|pattern| pattern.level(request.level).copied());
    let (Some(pattern), Some(level)) = (&solver.pattern, level) else {
        return Err(JobError::at("level", crate::JobErrorCause::NoSuchLevel(request.level)));
    };
    crate::job::within("lose", "what the level must lose", request.lose.mm(), -400.0, 400.0)?;
    let sign = if request.lose.is_negative() { -1.0 } else { 1.0 };
    let asked = request.lose.abs().mm();
    let sources = sources(job, pattern, &level, sign);
    let swing = job.habits.rule(HouseRule::SideSwing);
    let plans = Plans { job, pattern, level: &level, solution: &solution, sources: &sources, sign };
    let can = most_of(&sources, swing);
    let reached = asked.min(can);
    let scale = job.habits.scale;
    let short = (can + 0.05 < asked).then(|| {
        let (write, most) = (scale.write(Length::from_mm(asked)), scale.write(Length::from_mm(can)));
        let act = if sign > 0.0 {
            "Take the rest elsewhere (a tuck, a pleat, elastic), or unpick what is in the way"
        } else {
            "Look into the seams nobody has looked into, or set in a strip for the rest"
        };
        format!("Of {write} the seams can give {most} here. {act}; what follows shares out {most}.")
    });
    let pinned = plans.pinned();
    let worth = job.habits.rule(HouseRule::SeamWorth);
    let mut ranked: Vec<(f64, Vec<f64>)> = (1u32..1 << sources.len())
        .filter_map(|set| {
            let chosen = |i: usize| set & (1 << i) != 0;
            let depths = smallest_largest(&sources, chosen, reached, swing)?;
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
    let current = plans.current();
    let same = |one: &[f64], other: &[f64]| one.iter().zip(other).all(|(a, b)| (a - b).abs() < SAME_PLAN);
    let mut chosen: Vec<Vec<f64>> = Vec::new();
    if reached > 0.05 {
        for (_, depths) in ranked {
            if chosen.len() < OFFERED
                && !same(&depths, &current)
                && !chosen.iter().any(|known| same(known, &depths))
            {
                chosen.push(depths);
            }
        }
    }
    let alternatives =
        chosen.iter().map(|depths| plans.alternative(depths)).collect::<Result<Vec<_>, JobError>>()?;
    Ok(ShareOut {
        level: request.level,
        asked: request.lose,
        reached: Length::from_mm(sign * reached),
        short,
        sources: sources
            .iter()
            .map(|source| ShareSource {
                seam: source.seam,
                words: source.words(),
                most: Length::from_mm((sign * source.most * 10.0).round() / 10.0),
                because: source.because.clone(),
            })
            .collect(),
        pinned,
        alternatives,
    })
}

impl Source {
    fn words(&self) -> String {
        if self.new_dart { format!("new {}", self.seam.words()) } else { self.seam.words().to_owned() }
    }
}

/// Every seam and dart that crosses the level, with what it can give in the direction asked.
fn sources(job: &Job, pattern: &Pattern, level: &Level, sign: f64) -> Vec<Source> {
    let (shape, habits) = (&job.garment.shape, &job.habits);
    let known = shape.pinnable();
    let scale = habits.scale;
    let write = |mm: f64| scale.write(Length::from_mm(mm));
    crossing_seams(pattern, level)
        .into_iter()
        .filter(|seam| known.contains(seam))
        .filter_map(|seam| {
            let drawn = shape.seam(seam, Some(pattern))?;
            let [edge, _] = pattern.edges(seam)?;
            let place = if level.on_band { edge.edge.end() } else { edge.edge.at_height(level.height.mm()) };
            let cos = if level.on_band { 1.0 } else { place.cos_lean().max(0.5) };
            let station = place.station * drawn.length / edge.edge.length();
            // Half of what a panel has here is more than anyone takes in one seam.
            let mut most = edge.panel.width_near(level.height.mm()) / 4.0;
            let mut because = format!("a quarter of the {} panel", edge.panel.name.words());
            let mut limit = |to: f64, why: String| {
                if to < most {
                    (most, because) = (to.max(0.0), why);
                }
            };
            let new_dart = seam.is_dart() && !shape.has(seam);
            if seam.is_dart() {
                let rule = match (shape.kind.block(), seam) {
                    (Block::Skirt, SeamName::FrontDart) => HouseRule::DartFront,
                    (Block::Skirt, _) => HouseRule::DartBack,
                    _ => HouseRule::DartBodice,
                };
                let whole = habits.rule(rule);
                let held = edge.panel.darts.iter().find(|dart| dart.name == seam);
                let held = held.map_or(0.0, |dart| dart.intake_at(place.point.y));
                let room = if sign > 0.0 { whole - held } else { held };
                let why = if sign > 0.0 {
                    format!("one dart holds {} at most, and it holds {} now", write(whole), write(held))
                } else {
                    format!("it holds {} now", write(held))
                };
                limit(room / 2.0, why);
            } else if sign < 0.0 {
                match shape.allowance(seam) {
                    Some(inside) => {
                        let even = LetOut::of(inside, habits).even.mm();
                        limit(even, format!("{} can be let out of what is inside", write(even)));
                    }
                    None => limit(0.0, "nobody has looked how much is inside".to_owned()),
                }
                for clip in shape.clips.iter().filter(|clip| clip.seam == seam) {
                    if (clip.station.mm() - station).abs() < AT_THE_LEVEL {
                        let left = clip.left.mm() - habits.rule(HouseRule::LeastAllowance);
                        limit(left, format!("the allowance is clipped to {} there", write(clip.left.mm())));
                    }
                }
            }
            for fixture in shape.fixtures.iter().filter(|fixture| fixture.is_on(seam, Side::Centre)) {
                if (fixture.from.mm() - AT_THE_LEVEL..=fixture.to.mm() + AT_THE_LEVEL).contains(&station) {
                    limit(fixture.limit().mm(), format!("the {} in it", fixture.kind.words()));
                }
            }
            if seam == SeamName::CentreBack && shape.kind.has_legs() && sign > 0.0 {
                let alone = habits.rule(HouseRule::BackAloneShare) / 2.0;
                limit(alone, "beyond that the side seams swing back".to_owned());
                if let Some(gap) = shape.back_pocket_gap {
                    limit((gap.mm() - POCKETS_APART) / 2.0, "the back pockets would meet".to_owned());
                }
            }
            let backward = match seam {
                SeamName::CentreBack => 1.0,
                SeamName::PrincessBack | SeamName::BackDart => 2.0,
                SeamName::CentreFront => -1.0,
                SeamName::PrincessFront | SeamName::FrontDart => -2.0,
                _ => 0.0,
            };
            let gives = drawn.count_on(level.tube) / cos;
            Some(Source { seam, gives, most, because, backward, new_dart })
        })
        .filter(|source| source.most > WORTH_OPENING)
        .collect()
}

/// The depths of the chosen sources whose largest is smallest, that give `wanted` in all and leave the
/// side seam where it is; `None` where they cannot.
fn smallest_largest(
    sources: &[Source],
    chosen: impl Fn(usize) -> bool,
    wanted: f64,
    swing: f64,
) -> Option<Vec<f64>> {
    let members: Vec<usize> = (0..sources.len()).filter(|i| chosen(*i)).collect();
    let largest = members.len();
    let mut equal: Vec<(usize, f64)> = Vec::new();
    let mut rows: Vec<(Vec<(usize, f64)>, f64)> = Vec::new();
    let mut side = Vec::new();
    for (column, member) in members.iter().enumerate() {
        let source = &sources[*member];
        equal.push((column, source.gives));
        rows.push((vec![(column, -1.0)], 0.0));
        rows.push((vec![(column, 1.0)], source.most));
        rows.push((vec![(column, 1.0), (largest, -1.0)], 0.0));
        if source.backward != 0.0 {
            side.push((column, source.backward / 2.0));
        }
    }
    if !side.is_empty() {
        rows.push((side.clone(), swing));
        rows.push((side.into_iter().map(|(column, by)| (column, -by)).collect(), swing));
    }
    let x = minimise(largest + 1, &[(equal, wanted)], &rows, |q, p| {
        q[largest] = 1.0;
        p[..largest].fill(EVENNESS);
    })?;
    let mut depths = vec![0.0; sources.len()];
    for (column, member) in members.into_iter().enumerate() {
        depths[member] = x[column].max(0.0);
    }
    Some(depths)
}

/// The most that all sources together can give.
fn most_of(sources: &[Source], swing: f64) -> f64 {
    let n = sources.len();
    if n == 0 {
        return 0.0;
    }
    let mut rows: Vec<(Vec<(usize, f64)>, f64)> = Vec::new();
    let mut side = Vec::new();
    for (column, source) in sources.iter().enumerate() {
        rows.push((vec![(column, -1.0)], 0.0));
        rows.push((vec![(column, 1.0)], source.most));
        if source.backward != 0.0 {
            side.push((column, source.backward / 2.0));
        }
    }
    if !side.is_empty() {
        rows.push((side.clone(), swing));
        rows.push((side.into_iter().map(|(column, by)| (column, -by)).collect(), swing));
    }
    let most = minimise(n, &[], &rows, |q, _| {
        for (column, source) in sources.iter().enumerate() {
            q[column] = -source.gives;
        }
    });
    // A hair less than the very most, so that sharing exactly that out has a solution.
    most.map_or(0.0, |x| x.iter().zip(sources).map(|(x, source)| x * source.gives).sum::<f64>() - 1e-3)
}

type Terms = Vec<(usize, f64)>;

/// Minimises `qᵀx + ½ xᵀ diag(p) x` with `equal · x = …` and `rows · x ≤ …`.
fn minimise(
    n: usize,
    equal: &[(Terms, f64)],
    rows: &[(Terms, f64)],
    weigh: impl Fn(&mut [f64], &mut [f64]),
) -> Option<Vec<f64>> {
    let (mut q, mut p) = (vec![0.0; n], vec![0.0; n]);
    weigh(&mut q, &mut p);
    let all = 0..n;
    let p = CscMatrix::new_from_triplets(n, n, all.clone().collect(), all.collect(), p);
    let (mut ai, mut aj, mut av, mut b) = (Vec::new(), Vec::new(), Vec::new(), Vec::new());
    for (terms, bound) in equal.iter().chain(rows) {
        for (column, coefficient) in terms {
            ai.push(b.len());
            aj.push(*column);
            av.push(*coefficient);
        }
        b.push(*bound);
    }
    let a = CscMatrix::new_from_triplets(b.len(), n, ai, aj, av);
    let cones: [SupportedConeT<f64>; 2] = [ZeroConeT(equal.len()), NonnegativeConeT(rows.len())];
    let settings = DefaultSettingsBuilder::default().verbose(false).max_iter(60).build().ok()?;
    let mut solver = DefaultSolver::new(&p, &q, &a, &b, &cones, settings).ok()?;
    solver.solve();
    matches!(solver.solution.status, SolverStatus::Solved).then(|| solver.solution.x.clone())
}

struct Plans<'a> {
    job: &'a Job,
    pattern: &'a Pattern,
    level: &'a Level,
    solution: &'a Solution,
    sources: &'a [Source],
    sign: f64,
}

impl Plans<'_> {
    /// Depth of each source at the level as it is pinned now, mean of both sides, in the direction asked.
    fn current(&self) -> Vec<f64> {
        self.sources.iter().map(|source| self.sign * self.depth_now(source.seam)).collect()
    }

    fn depth_now(&self, seam: SeamName) -> f64 {
        let rows = self.solution.levels.iter().filter(|row| row.girth.level == self.level.name);
        let depths: Vec<f64> = rows
            .flat_map(|row| &row.girth.parts)
            .filter(|part| part.seam == seam)
            .map(|part| part.depth.mm())
            .collect();
        if depths.is_empty() { 0.0 } else { depths.iter().sum::<f64>() / depths.len() as f64 }
    }

    fn pinned(&self) -> SharePlan {
        let parts: Vec<(SeamName, f64)> = self
            .sources
            .iter()
            .map(|source| (source.seam, self.depth_now(source.seam)))
            .filter(|(_, depth)| depth.abs() > 0.05)
            .collect();
        self.plan("As pinned".to_owned(), &parts, self.job.fitting.pins.clone(), self.solution)
    }

    fn alternative(&self, depths: &[f64]) -> Result<SharePlan, JobError> {
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
        let mut title = names.join(" and ");
        title[..1].make_ascii_uppercase();
        let pins = self.pins(&parts);
        let mut job = self.job.clone();
        job.fitting.pins = pins.clone();
        // Depths accepted for the old plan say nothing about this one.
        job.fitting
            .accepted
            .retain(|accepted| !self.sources.iter().any(|source| source.seam == accepted.seam));
        let solution = solve(&job)?;
        Ok(self.plan(title, &parts, pins, &solution))
    }

    fn plan(
        &self,
        title: String,
        parts: &[(SeamName, f64)],
        pins: Vec<Pin>,
        solution: &Solution,
    ) -> SharePlan {
        let scale = self.job.habits.scale;
        let source = |seam: SeamName| self.sources.iter().find(|source| source.seam == seam);
        let change =
            |(seam, depth): &(SeamName, f64)| source(*seam).map_or(0.0, |source| depth * source.gives);
        let total: f64 = parts.iter().map(change).sum();
        let swing: f64 =
            parts.iter().map(|(seam, depth)| source(*seam).map_or(0.0, |s| depth * s.backward / 2.0)).sum();
        let largest = parts.iter().map(|(_, depth)| depth.abs()).fold(0.0, f64::max);
        SharePlan {
            title,
            total: tenth(total),
            largest: tenth(largest),
            swing: tenth(swing),
            consequences: self.consequences(parts, swing, solution),
            parts: parts
                .iter()
                .map(|part| {
                    let (depth, change) = (tenth(part.1), tenth(change(part)));
                    SharePart {
                        seam: part.0,
                        words: source(part.0).map_or(String::new(), Source::words),
                        depth,
                        change,
                        shown: [scale.number(depth), scale.number(change)],
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

    fn consequences(&self, parts: &[(SeamName, f64)], swing: f64, solution: &Solution) -> Vec<String> {
        let scale = self.job.habits.scale;
        let write = |mm: f64| scale.write(Length::from_mm(mm.abs()));
        let mut said = Vec::new();
        let depth = |seam: SeamName| parts.iter().find(|(known, _)| *known == seam).map_or(0.0, |(_, d)| *d);
        match parts.len() {
            0 => said.push("Nothing is pinned at this level.".to_owned()),
            1 => said.push(format!("One place to open; each edge moves {}.", write(parts[0].1))),
            n => {
                let largest = parts.iter().map(|(_, depth)| depth.abs()).fold(0.0, f64::max);
                said.push(format!("{n} places to open; no edge moves more than {}.", write(largest)));
            }
        }
        if swing.abs() > 1.0 {
            let way = if swing > 0.0 { "back" } else { "front" };
            said.push(format!("The side seam swings {} towards the {way}.", write(swing)));
        } else if !parts.is_empty() && self.level.tube == Tube::Body {
            said.push("The side seam stays at the side.".to_owned());
        }
        let back = depth(SeamName::CentreBack) + depth(SeamName::PrincessBack);
        if back.abs() > 1.0 && self.job.garment.shape.kind.has_legs() {
            let way = if back > 0.0 { "closer together" } else { "further apart" };
            said.push(format!("Back pockets come {} {way}.", write(2.0 * back)));
        }
        for seam in [SeamName::FrontDart, SeamName::BackDart] {
            let deeper = depth(seam);
            if deeper.abs() > 0.5 {
                let held = self.pattern.edges(seam).map_or(0.0, |[leg, _]| {
                    let height = leg.edge.end().point.y.min(self.level.height.mm());
                    leg.panel
                        .darts
                        .iter()
                        .find(|dart| dart.name == seam)
                        .map_or(0.0, |dart| dart.intake_at(height))
                });
                let all = write(held + 2.0 * deeper);
                said.push(if held < 0.5 {
                    format!("A new {} on each side holds {all}.", seam.words())
                } else {
                    format!("Each {} then holds {all}.", seam.words())
                });
            }
        }
        if self.level.on_band && parts.iter().any(|(seam, _)| !seam.is_dart()) {
            said.push("The band is opened and shortened by as much.".to_owned());
        }
        if let Some(row) = solution.levels.iter().find(|row| row.girth.level == self.level.name)
            && let (Some(ease), Some(verdict)) = (row.ease_after, row.verdict)
        {
            let level = self.level.name.words();
            said.push(format!("The {level} then has {} of ease: {}.", scale.write(ease), verdict.words()));
        }
        let refused =
            solution.seams.iter().flat_map(|seam| &seam.lines).find_map(|line| match &line.outcome {
                LineOutcome::Refused(refused) => Some(refused.message.clone()),
                LineOutcome::Drawn(_) => None,
            });
        if let Some(message) = refused {
            said.push(format!("One line cannot be sewn as it is: {message}."));
        }
        said
    }

    /// The fitting's pins with these depths at the level: pins near it are moved by what their seam
    /// changes, fading out along the seam; where none stands at the level, one is set.
    fn pins(&self, parts: &[(SeamName, f64)]) -> Vec<Pin> {
        let job = self.job;
        let mut pins = job.fitting.pins.clone();
        for source in self.sources {
            let seam = source.seam;
            let wanted = parts.iter().find(|(known, _)| *known == seam).map_or(0.0, |(_, depth)| *depth);
            let by = wanted - self.depth_now(seam);
            let (Some(drawn), Some([edge, _])) =
                (job.garment.shape.seam(seam, Some(self.pattern)), self.pattern.edges(seam))
            else {
                continue;
            };
            let place = if self.level.on_band {
                edge.edge.end()
            } else {
                edge.edge.at_height(self.level.height.mm())
            };
            let at = place.station * drawn.length / edge.edge.length();
            let usual = drawn.usual();
            let mode = if source.new_dart { EntryMode::FoldToPin } else { EntryMode::SeamToPin };
            let sides: &[Side] = if seam.is_paired() { &[Side::Left, Side::Right] } else { &[Side::Centre] };
            for side in sides {
                let mut standing = false;
                pins.retain_mut(|pin| {
                    if pin.seam != seam || pin.side != *side {
                        return true;
                    }
                    let Some(station) = pin.station_from_below(&drawn) else { return true };
                    let away = (station - at).abs();
                    let share = (1.0 - away / REACH).max(0.0);
                    let Ok(depth) = pin.depth(job.garment.shape.allowance(seam)) else { return true };
                    // At the level both sides get the plan's own depth; further away each pin keeps
                    // what it said, moved by as much.
                    let depth = if away <= AT_THE_LEVEL {
                        standing = true;
                        wanted
                    } else if share * by.abs() < 0.05 {
                        return true;
                    } else {
                        ((depth.mm() + share * by) * 10.0).round() / 10.0
                    };
                    if depth.abs() < WORTH_OPENING && wanted.abs() < WORTH_OPENING && away > AT_THE_LEVEL {
                        return false;
                    }
                    set(pin, mode, depth);
                    if away <= AT_THE_LEVEL {
                        pin.exact = true;
                        pin.station = Length::from_mm(usual.counted(at).max(0.0));
                        pin.datum = usual.datum;
                    }
                    true
                });
                // A seam that gives nothing here, and is pinned elsewhere, is held to nothing here; one
                // that is pinned nowhere else is left alone.
                let here = |pin: &Pin| {
                    pin.seam == seam
                        && pin.side == *side
                        && pin.station_from_below(&drawn).is_some_and(|s| (s - at).abs() <= AT_THE_LEVEL)
                };
                let elsewhere = pins.iter().any(|pin| pin.seam == seam && pin.side == *side && !here(pin));
                if wanted.abs() <= WORTH_OPENING && !elsewhere {
                    pins.retain(|pin| !here(pin));
                } else if !standing && (elsewhere || wanted.abs() > WORTH_OPENING) {
                    let mut pin = Pin {
                        id: Pin::numbered(&["share", self.level.name.words(), seam.key(), side.words()]),
                        seam,
                        side: *side,
                        datum: usual.datum,
                        station: Length::from_mm(usual.counted(at).max(0.0)),
                        mode,
                        reading: Length::ZERO,
                        panel: None,
                        planned: None,
                        moved: None,
                        reread: false,
                        exact: true,
                    };
                    set(&mut pin, mode, wanted);
                    pins.retain(|other| other.id != pin.id);
                    pins.push(pin);
                }
                // Two pins of one side at the level would be evened as one: the first stands for both.
                let mut first = true;
                pins.retain(|pin| {
                    let here = pin.seam == seam
                        && pin.side == *side
                        && pin.exact
                        && pin.station_from_below(&drawn).is_some_and(|station| (station - at).abs() < 0.1);
                    !here || std::mem::take(&mut first)
                });
            }
        }
        pins
    }
}

fn set(pin: &mut Pin, mode: EntryMode, depth: f64) {
    let depth = Length::from_mm(depth);
    (pin.mode, pin.reading, pin.panel) = (mode, depth, None);
    (pin.planned, pin.moved, pin.reread) = (Some(depth), None, false);
}

fn tenth(mm: f64) -> Length {
    Length::from_mm((mm * 10.0).round() / 10.0)
}

#[cfg(test)]
mod tests {
    use super::*;
    use proptest::prelude::*;

    fn source(gives: f64, most: f64, backward: f64) -> Source {
        Source { seam: SeamName::Side, gives, most, because: String::new(), backward, new_dart: false }
    }

    /// The smallest largest depth by trying: every depth from a fine grid but the last, which is what
    /// is left.
    fn by_trying(sources: &[Source], wanted: f64, swing: f64) -> Option<f64> {
        const STEP: f64 = 0.25;
        let last = sources.len() - 1;
        let mut best: Option<f64> = None;
        let mut depths = vec![0.0; sources.len()];
        loop {
            let given: f64 = (0..last).map(|i| depths[i] * sources[i].gives).sum();
            depths[last] = (wanted - given) / sources[last].gives;
            let side: f64 = depths.iter().zip(sources).map(|(d, s)| d * s.backward / 2.0).sum();
            if depths[last] >= 0.0 && depths[last] <= sources[last].most && side.abs() <= swing {
                let largest = depths.iter().copied().fold(0.0, f64::max);
                best = Some(best.map_or(largest, |known: f64| known.min(largest)));
            }
            let Some(i) = (0..last).find(|i| depths[*i] + STEP <= sources[*i].most) else { return best };
            depths[..i].fill(0.0);
            depths[i] += STEP;
        }
    }

    proptest! {
        #![proptest_config(ProptestConfig::with_cases(96))]

        #[test]
        fn no_trying_finds_a_smaller_largest_depth(
            most in prop::array::uniform3(2.0f64..14.0),
            lean in prop::array::uniform3(1.0f64..1.2),
            share in 0.1f64..0.95, swing in 2.0f64..15.0,
        ) {
            let sources = [
                source(4.0 * lean[0], most[0], 0.0),
                source(2.0 * lean[1], most[1], 1.0),
                source(4.0 * lean[2], most[2], -2.0),
            ];
            let can = most_of(&sources, swing);
            let wanted = share * can;
            let depths = smallest_largest(&sources, |_| true, wanted, swing).expect("it can be had");
            let given: f64 = depths.iter().zip(&sources).map(|(d, s)| d * s.gives).sum();
            prop_assert!((given - wanted).abs() < 1e-3, "{given} of {wanted}");
            let side: f64 = depths.iter().zip(&sources).map(|(d, s)| d * s.backward / 2.0).sum();
            prop_assert!(side.abs() <= swing + 1e-4);
            for (depth, source) in depths.iter().zip(&sources) {
                prop_assert!(*depth <= source.most + 1e-4);
            }
            let largest = depths.iter().copied().fold(0.0, f64::max);
            if let Some(tried) = by_trying(&sources, wanted, swing) {
                prop_assert!(largest <= tried + 0.01, "{largest} where trying finds {tried}");
            }
        }

        #[test]
        fn what_cannot_be_had_is_not_promised(most in prop::array::uniform3(1.0f64..10.0), over in 1.01f64..2.0) {
            let sources = [source(4.0, most[0], 0.0), source(2.0, most[1], 1.0), source(4.0, most[2], -2.0)];
            let can = most_of(&sources, 12.0);
            prop_assert!(smallest_largest(&sources, |_| true, can * over + 0.1, 12.0).is_none());
            prop_assert!(smallest_largest(&sources, |_| true, can, 12.0).is_some());
        }
    }
}
