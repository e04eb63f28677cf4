//! The order of solving: pins, evening, lines, girths, plan.

use super::about::About;
use super::answer::{RESULT_FORMAT, Solution};
use super::lines::Underarm;
use super::pins::{between, merge_close};
use super::seam_solution::{DatumPlace, PinRead, PinnableSeam, SeamEndings, SeamSolution, SideLine};
use super::solving::Solver;
use crate::body::measures::Body;
use crate::garment::{FlatName, Rings, Seam, SeamName, Tube, body_figure, garment_figures};
use crate::hem::{HemKind, HemSolution, HemSolver};
use crate::house::rules::HouseRule;
use crate::judge::armhole::{ArmholeFit, armholes};
use crate::judge::drawing::{self, Drawing, LevelMark};
use crate::judge::ease::{self, Judging, LevelBalance};
use crate::judge::girth::{LevelGirth, girths};
use crate::judge::lengths::{LengthRow, lengths};
use crate::judge::letting_out::LetOut;
use crate::judge::letting_out::{Inset, LevelGain, Wanting, gains, insets};
use crate::judge::put_on::{PutOn, put_on};
use crate::judge::stride::{Stride, judge, stride};
use crate::line::{Line, Target};
use crate::plan::{Done, Plan, SeamWork, work_order};
use crate::reading::evening::{self, Evening, Readings};
use crate::reading::side::Side;
use crate::solve::job::Job;
use crate::solve::job_error::JobError;
use crate::solve::next_act::NextAct;
use crate::solve::warning::Weight;
use crate::unit::length::Length;

/// A seam whose pins are read and evened, before its lines are drawn.
struct Evened {
    seam: Seam,
    pins: Vec<PinRead>,
    evening: Option<Evening>,
    /// The depths each line has to pass: `centre` for both sides together.
    targets: Vec<(Side, Vec<Target>)>,
}

impl Evened {
    /// The depths of one side.
    fn on(&self, side: Side) -> &[Target] {
        let known = self.targets.iter().find(|(known, _)| *known == side || *known == Side::Centre);
        known.map_or(&[], |(_, targets)| targets)
    }

    fn is_one_line(&self) -> bool {
        self.targets.iter().all(|(side, _)| *side == Side::Centre)
    }
}

impl<'a> Solver<'a> {
    fn solve(mut self) -> Result<Solution, JobError> {
        self.warn_of_purpose();
        self.check_unpinned()?;
        let seams = self.draw_lines()?;
        let hems = self.hems();
        let sums = self.sums()?;
        let mut levels = self.levels(&hems);
        let stride = self.stride(&mut levels, &hems);
        let nobody = self.nobody();
        let judging = self.judging(&nobody);
        let seated = ease::seated_waist(&levels, judging.body, self.shape);
        let foot = ease::foot_through(&levels, judging.body, &self.job.garment.cloth);
        let put_on = self.put_on(&levels, judging);
        let armholes = self.armholes();
        let lengths = self.lengths(&armholes, &hems, judging);
        let (gains, insets) = self.letting_out(&levels);
        self.warn_of_body(&levels, seated.as_ref(), foot.as_ref());
        self.warn_of_shape(&levels, &put_on, &lengths, &armholes, &insets);
        if let Some(stride) = &stride {
            self.warn_of_stride(stride);
        }
        self.warn_of_lines(&levels);
        self.warn_of_hems(&hems);
        let plan = self.plan(&hems);
        let drawing = self.drawing(&levels);
        let next = NextAct::of(self.job, self.pattern.is_some(), &seams, &hems, &plan);
        let hem_places =
            self.hem_solver().map_or_else(Vec::new, |solver| solver.places(&self.job.fitting.hems, &hems));
        self.warnings.sort_by_key(|warning| warning.weight);
        Ok(Solution {
            format: RESULT_FORMAT.to_owned(),
            pinnable: self.pinnable(),
            seams,
            levels,
            seated,
            foot,
            stride,
            put_on,
            lengths,
            armholes,
            gains,
            insets,
            hem_places,
            hems,
            sums,
            plan,
            warnings: self.warnings,
            drawing,
            next,
            strays: Vec::new(),
        })
    }

    /// Reads and evens every pinned seam, then draws their lines.
    pub(crate) fn draw_lines(&mut self) -> Result<Vec<SeamSolution>, JobError> {
        let mut evened = Vec::new();
        for name in self.shape.pinnable() {
            let seam = self.shape.seam(name, self.pattern.as_ref());
            if let Some(pins) = self.read_pins(name, seam.as_ref())?
                && let Some(seam) = seam
            {
                evened.push(self.evened(seam, pins));
            }
        }
        Ok(self.lines_of(evened))
    }

    fn evened(&mut self, seam: Seam, pins: Vec<(PinRead, Target)>) -> Evened {
        let side_pins = |side: Side| -> Vec<Target> {
            pins.iter().filter(|(pin, _)| pin.side == side).map(|(_, target)| *target).collect()
        };
        let mut targets = Vec::new();
        let mut report = None;
        if seam.name.is_paired() {
            let evening = self.even(&seam, &side_pins(Side::Left), &side_pins(Side::Right));
            self.warn_of_evening(&seam, &evening);
            if evening.is_one_line() {
                targets.push((Side::Centre, evening.targets(Side::Left)));
            } else {
                targets.extend([Side::Left, Side::Right].map(|side| (side, evening.targets(side))));
            }
            report = Some(evening);
        } else {
            targets.push((Side::Centre, merge_close(&side_pins(Side::Centre))));
        }
        if targets.iter().all(|(_, targets)| !moves(targets)) {
            self.warn(
                "seam.stays",
                Weight::Note,
                seam.name,
                format!("Every pin on the {} says nothing: it stays as it is.", seam.name.words()),
            );
        }
        let pins = pins.into_iter().map(|(pin, _)| pin).collect();
        Evened { seam, pins, evening: report, targets }
    }

    /// The lines of every seam; side seam and sleeve underarm in one where they are carried across.
    fn lines_of(&mut self, evened: Vec<Evened>) -> Vec<SeamSolution> {
        let mut solved = Vec::new();
        let body_name = if self.shape.has(SeamName::Side) { SeamName::Side } else { SeamName::Outseam };
        let sleeve_name = SeamName::SleeveUnderarm;
        let known = |evened: &[Evened], name| evened.iter().any(|each| each.seam.name == name);
        let chained =
            self.shape.has(sleeve_name) && (known(&evened, body_name) || known(&evened, sleeve_name));
        let (mut pair, rest): (Vec<Evened>, Vec<Evened>) = evened
            .into_iter()
            .partition(|each| chained && [body_name, sleeve_name].contains(&each.seam.name));
        for each in rest {
            let lines = self.own_lines(&each);
            solved.push(self.seam_solution(each, lines));
        }
        if chained {
            for name in [body_name, sleeve_name] {
                if !known(&pair, name)
                    && let Some(seam) = self.shape.seam(name, self.pattern.as_ref())
                {
                    pair.push(Evened { seam, pins: Vec::new(), evening: None, targets: Vec::new() });
                }
            }
            solved.extend(self.pair_lines(pair, body_name));
        }
        solved.sort_by_key(|each| SeamName::ALL.iter().position(|name| *name == each.seam));
        solved
    }

    fn own_lines(&mut self, evened: &Evened) -> Vec<SideLine> {
        let mut lines = Vec::new();
        for (side, targets) in evened.targets.iter().filter(|(_, targets)| moves(targets)) {
            let sewn_on: &[Side] = match side {
                Side::Centre if evened.seam.name.is_paired() => &[Side::Left, Side::Right],
                Side::Left => &[Side::Left],
                Side::Right => &[Side::Right],
                Side::Centre => &[Side::Centre],
            };
            if *side == Side::Centre {
                self.one_line.push(evened.seam.name);
            }
            lines.push(self.side_line(&evened.seam, *side, targets, sewn_on));
        }
        lines
    }

    fn pair_lines(&mut self, pair: Vec<Evened>, body_name: SeamName) -> Vec<SeamSolution> {
        let (body, sleeve): (Vec<Evened>, Vec<Evened>) =
            pair.into_iter().partition(|each| each.seam.name == body_name);
        let (Some(body), Some(sleeve)) = (body.into_iter().next(), sleeve.into_iter().next()) else {
            return Vec::new();
        };
        let together = body.is_one_line() && sleeve.is_one_line();
        let sides: &[Side] = if together { &[Side::Centre] } else { &[Side::Left, Side::Right] };
        let joined = Underarm { body: &body.seam, sleeve: &sleeve.seam };
        let (mut on_body, mut on_sleeve) = (Vec::new(), Vec::new());
        let carried: Vec<bool> =
            sides.iter().map(|side| self.is_carried(joined, body.on(*side), sleeve.on(*side))).collect();
        if carried.iter().any(|carried| *carried) {
            for (side, carried) in sides.iter().zip(carried) {
                let sewn_on: &[Side] = match side {
                    Side::Centre => &[Side::Left, Side::Right],
                    Side::Left => &[Side::Left],
                    Side::Right => &[Side::Right],
                };
                let (below, beyond) = (body.on(*side).to_vec(), sleeve.on(*side).to_vec());
                if carried {
                    let [one, other] = self.carried_lines(joined, *side, &below, &beyond, sewn_on);
                    on_body.push(one);
                    on_sleeve.push(other);
                } else {
                    if moves(&below) {
                        on_body.push(self.side_line(&body.seam, *side, &below, sewn_on));
                    }
                    if moves(&beyond) {
                        on_sleeve.push(self.side_line(&sleeve.seam, *side, &beyond, sewn_on));
                    }
                }
            }
            if together {
                self.one_line.extend([body_name, SeamName::SleeveUnderarm]);
            }
        } else {
            on_body = self.own_lines(&body);
            on_sleeve = self.own_lines(&sleeve);
        }
        let mut solved = Vec::new();
        for (each, lines) in [(body, on_body), (sleeve, on_sleeve)] {
            if !lines.is_empty() || !each.pins.is_empty() {
                solved.push(self.seam_solution(each, lines));
            }
        }
        solved
    }

    fn seam_solution(&self, evened: Evened, lines: Vec<SideLine>) -> SeamSolution {
        let Evened { seam, pins, evening, .. } = evened;
        let allowance = self.shape.allowance(seam.name);
        let tolerance = self.habits.rule(HouseRule::PinTolerance);
        SeamSolution {
            seam: seam.name,
            words: seam.name.words(),
            paired: seam.name.is_paired(),
            edge_words: seam.name.edge_words(),
            length: Length::hundredth(seam.length),
            band: Length::hundredth(seam.band()),
            datum: seam.usual().datum,
            counts_up: seam.usual().up,
            ends: [SeamEndings::of(seam.lower), SeamEndings::of(seam.upper)],
            let_out_limit: allowance.map(|inside| LetOut::of(inside, self.habits).even),
            allowance: allowance.map(|inside| [inside.front, inside.back]),
            tolerance,
            tolerance_words: self.habits.scale.write(Length::from_mm(tolerance)),
            pins,
            evening,
            lines,
        }
    }

    fn even(&self, seam: &Seam, left: &[Target], right: &[Target]) -> Evening {
        let wish = self.job.fitting.evening.iter().find(|wish| wish.seam == seam.name);
        let choice = wish.and_then(|wish| wish.choice).unwrap_or(self.habits.evening);
        let one_side = wish.and_then(|wish| wish.one_side).unwrap_or(self.habits.one_side);
        let left_targets = merge_close(left);
        let right_targets = merge_close(right);
        let readings =
            Readings { left: &left_targets, right: &right_targets, one_tube_above: seam.one_tube_above };
        // A side's own line is only needed where a pin has no partner, and then only once.
        let own = [std::cell::OnceCell::new(), std::cell::OnceCell::new()];
        evening::even(&readings, choice, one_side, self.habits, |side, station| {
            let (cell, targets) = match side {
                Side::Right => (&own[1], &right_targets),
                _ => (&own[0], &left_targets),
            };
            cell.get_or_init(|| self.problem(seam, side, targets).solve().ok())
                .as_ref()
                .map_or_else(|| Some(between(targets, station)), |line| Some(line.depth(station)))
        })
    }

    /// A body nobody has measured, for a job without one.
    fn nobody(&self) -> Body {
        Body { taken_on: self.job.fitting.held_on, measures: Default::default(), layers: Vec::new() }
    }

    fn judging<'b>(&'b self, nobody: &'b Body) -> Judging<'b>
    where
        'a: 'b,
    {
        let job: &'a Job = self.job;
        Judging {
            body: job.body.as_ref().unwrap_or(nobody),
            form: job.fitting.form.as_ref(),
            shape: &job.garment.shape,
            cloth: &job.garment.cloth,
            intention: job.fitting.intention,
            habits: &job.habits,
        }
    }

    fn levels(&mut self, hems: &[HemSolution]) -> Vec<LevelBalance> {
        let Some(pattern) = &self.pattern else { return Vec::new() };
        let mut girths = girths(pattern, &self.lines);
        // A hem that moves is as wide as the cloth it moves to.
        for hem in hems.iter().filter(|hem| hem.is_solved() && hem.kind != HemKind::Original) {
            for row in girths.iter_mut().filter(|row| row.level == HemSolver::level(hem.hem)) {
                let own = hem.sides.iter().filter(|side| row.side.is_none_or(|row| side.side == row));
                let narrowest =
                    own.map(|side| side.girth[1]).min().or_else(|| Some(hem.sides.first()?.girth[1]));
                row.after = narrowest.unwrap_or(row.after);
            }
        }
        if let Some(lacing) = &self.shape.lacing {
            for row in girths.iter_mut().filter(|row| row.tube == Tube::Body) {
                let gap = lacing.gaps.get(&row.level).copied().unwrap_or_default();
                row.before += gap;
                row.after += gap;
            }
        }
        if self.job.body.is_none() {
            self.warn(
                "body.missing",
                Weight::Mind,
                About::Body,
                format!(
                    "{} has no measures yet: girths are computed, ease and verdicts wait for them.",
                    self.job.wearer
                ),
            );
        }
        let nobody = self.nobody();
        ease::balance(girths, self.judging(&nobody))
    }

    fn stride(&self, levels: &mut [LevelBalance], hems: &[HemSolution]) -> Option<Stride> {
        let (pattern, body) = (self.pattern.as_ref()?, self.job.body.as_ref()?);
        let cloth = &self.job.garment.cloth;
        let found = stride(self.shape, pattern, levels, hems, body, cloth, self.habits)?;
        judge(levels, &found);
        Some(found)
    }

    fn put_on(&self, levels: &[LevelBalance], judging: Judging<'_>) -> Vec<PutOn> {
        self.pattern.as_ref().map_or_else(Vec::new, |pattern| put_on(levels, pattern, judging))
    }

    fn armholes(&self) -> Vec<ArmholeFit> {
        self.pattern
            .as_ref()
            .map_or_else(Vec::new, |pattern| armholes(self.shape, pattern, &self.lines, self.habits))
    }

    fn lengths(&self, armholes: &[ArmholeFit], hems: &[HemSolution], judging: Judging<'_>) -> Vec<LengthRow> {
        self.pattern
            .as_ref()
            .map_or_else(Vec::new, |pattern| lengths(pattern, &self.lines, armholes, hems, judging))
    }

    fn letting_out(&self, levels: &[LevelBalance]) -> (Vec<LevelGain>, Vec<Inset>) {
        let Some(pattern) = &self.pattern else { return (Vec::new(), Vec::new()) };
        let wanting = |level| {
            let row = levels.iter().find(|row| row.girth.level == level)?;
            // Without lines: what the garment as it came would have to gain.
            let before = row.ease_before?;
            Some(Wanting { as_wanted: row.wanted? - before, to_close: row.close? - before })
        };
        let gains = gains(self.shape, pattern, self.habits, wanting);
        let insets = insets(self.shape, pattern, &gains, self.habits);
        (gains, insets)
    }

    fn pinnable(&self) -> Vec<PinnableSeam> {
        let names = self.shape.pinnable();
        let first = names.iter().copied().find(|name| name.is_side()).or(names.first().copied());
        self.shape
            .pinnable()
            .into_iter()
            .map(|name| {
                let seam = self.shape.seam(name, self.pattern.as_ref());
                PinnableSeam {
                    seam: name,
                    words: name.words(),
                    letter: name.letter(),
                    paired: name.is_paired(),
                    edges: name.edge_words(),
                    length: seam.as_ref().map(|seam| Length::hundredth(seam.length)),
                    new_dart: name.is_dart() && !self.shape.has(name),
                    crosswise: name.is_crosswise(),
                    seen_from: name.seen_from(),
                    first: Some(name) == first,
                    data: seam
                        .iter()
                        .flat_map(|seam| &seam.data)
                        .map(|at| DatumPlace { name: at.datum, words: at.datum.words() })
                        .collect(),
                }
            })
            .collect()
    }

    fn plan(&self, hems: &[HemSolution]) -> Plan {
        let works: Vec<SeamWork<'_>> = self
            .shape
            .pinnable()
            .into_iter()
            .filter_map(|seam| {
                let sides = [Side::Left, Side::Right, Side::Centre];
                let on = |side| self.lines.get(seam, side).map(|line| (side, line));
                let drawn: Vec<(Side, &Line)> = sides.into_iter().filter_map(on).collect();
                let seam = self.shape.seam(seam, self.pattern.as_ref()).filter(|_| !drawn.is_empty())?;
                Some(SeamWork::on(self.shape, &seam, drawn))
            })
            .collect();
        let job = self.job;
        let done = Done { progress: &job.fitting.progress, log: &job.timings };
        work_order(&job.garment, &works, hems, self.habits, done)
    }

    fn drawing(&self, levels: &[LevelBalance]) -> Option<Drawing> {
        let pattern = self.pattern.as_ref()?;
        let rings = |girth: fn(&LevelGirth) -> Length| -> Rings {
            let mut rings: Rings = Vec::new();
            for row in levels {
                let known = rings.iter().any(|(level, ..)| *level == row.girth.level);
                if let Some(level) = pattern.level(row.girth.level).filter(|_| !known) {
                    rings.push((row.girth.level, level.height.mm(), girth(&row.girth)));
                }
            }
            rings
        };
        let split =
            |figures: Option<[_; 2]>| figures.map_or((None, None), |[front, back]| (Some(front), Some(back)));
        let (figure, figure_back) = split(garment_figures(self.shape, pattern, &rings(|girth| girth.before)));
        let (figure_after, figure_back_after) =
            split(garment_figures(self.shape, pattern, &rings(|girth| girth.after)));
        let inseam = self.shape.flat(FlatName::Inseam);
        Some(Drawing {
            panels: drawing::panels(pattern, &self.lines, |seam| self.one_line.contains(&seam)),
            levels: pattern
                .levels
                .iter()
                .map(|level| LevelMark {
                    level: level.name,
                    height: level.height.mm(),
                    on_sleeve: level.tube == Tube::Sleeve,
                })
                .collect(),
            figure,
            figure_back,
            figure_after,
            figure_back_after,
            body: self.job.body.as_ref().and_then(|body| body_figure(body, pattern, inseam)),
            crotch_height: pattern.crotch.map(|crotch| crotch.height),
        })
    }
}

/// True when pins ask for anything: a seam whose every pin says nothing stays as it is.
fn moves(targets: &[Target]) -> bool {
    !targets.iter().all(Target::is_end)
}

/// Computes everything there is to know from a job.
///
/// What is missing narrows the result and is named in its warnings: without the panels there are
/// lines but no girths, without a body measure a level has no verdict. A line that cannot be
/// drawn is part of the result, with the nearest that can.
///
/// ```
/// use vemble_fit::{Job, garment::LevelName, solve};
/// let text = include_str!("../../../../docs/examples/barn-dance-trousers.vemble.json");
/// let job: Job = serde_json::from_str(text).unwrap();
/// let solution = solve(&job).unwrap();
/// assert!(solution.is_solved());
/// // Pinned at both sides and the centre back, the waist comes in.
/// let waist = &solution.levels[0].girth;
/// assert_eq!(waist.level, LevelName::Waist);
/// assert!(waist.after < waist.before);
/// // Nothing is cut before it was tacked and tried on.
/// let step = |key: &str| solution.plan.steps.iter().position(|step| step.key == key);
/// assert!(step("try_on") < step("trim_outseam"));
/// ```
///
/// # Errors
/// [`JobError`] for a job that holds nonsense, with the place it stands.
pub fn solve(job: &Job) -> Result<Solution, JobError> {
    Solver::new(job)?.solve()
}
