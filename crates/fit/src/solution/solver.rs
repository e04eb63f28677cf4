//! The order of solving: pins, evening, lines, girths, plan.

use super::pins::{between, merge_close};
use super::{PinRead, RESULT_FORMAT, SeamSolution, Solution, shown_mm};
use crate::drawing::{self, Drawing, LevelMark};
use crate::ease::{self, LevelBalance};
use crate::evening::{self, Evening, Readings};
use crate::garment::{
    FlatName, LevelName, SeamName, TemplateError, TrouserPanels, Trousers, body_figure, trousers_figure,
};
use crate::girth::{LevelGirth, LineSet, girths};
use crate::job::{JOB_FORMAT, Job, JobError, JobErrorCause, MOST_PINS};
use crate::line::{Line, SeamRun, Target};
use crate::next_act::NextAct;
use crate::pin::Datum;
use crate::plan::{Plan, PlannedLine, work_order};
use crate::warning::{Warning, Weight};
use crate::{Body, Habits, HouseRule, Length, LetOut, Side};

/// How often two kept lines are compared along the seam, in millimetres.
const COMPARE_EVERY: f64 = 10.0;

pub(super) struct Solver<'a> {
    pub(super) job: &'a Job,
    pub(super) trousers: &'a Trousers,
    pub(super) habits: &'a Habits,
    pub(super) panels: Option<TrouserPanels>,
    pub(super) warnings: Vec<Warning>,
    pub(super) lines: LineSet,
    pub(super) one_line: Vec<SeamName>,
}

impl<'a> Solver<'a> {
    pub(super) fn new(job: &'a Job) -> Result<Self, JobError> {
        if job.format != JOB_FORMAT {
            return Err(JobError::at("format", JobErrorCause::Format(job.format.clone())));
        }
        job.habits.check().map_err(|error| JobError::at("habits.rules", error))?;
        let inside = |prefix: &'static str| {
            move |error: JobError| JobError { path: format!("{prefix}.{}", error.path), ..error }
        };
        if let Some(body) = &job.body {
            body.check().map_err(inside("body"))?;
        }
        job.garment.check().map_err(inside("garment"))?;
        let pins = &job.fitting.pins;
        if pins.len() > MOST_PINS {
            return Err(JobError::at("fitting.pins", JobErrorCause::TooManyPins(pins.len())));
        }
        for (i, pin) in pins.iter().enumerate() {
            if pins[..i].iter().any(|other| other.id == pin.id) {
                let cause = JobErrorCause::DuplicatePin(pin.id.clone());
                return Err(JobError::at(format!("fitting.pins[{i}].id"), cause));
            }
        }
        let trousers = job.garment.shape.trousers();
        let mut solver = Solver {
            job,
            trousers,
            habits: &job.habits,
            panels: None,
            warnings: Vec::new(),
            lines: LineSet::default(),
            one_line: Vec::new(),
        };
        match trousers.panels(&job.habits) {
            Ok(panels) => {
                for name in &panels.estimated {
                    solver.warn("garment.estimated", Weight::Note, "garment", format!(
                        "The {} was not measured and is estimated in the drawing; measure it for a truer one.", name.words()
                    ));
                }
                solver.panels = Some(panels);
            }
            Err(TemplateError::Missing(names)) => solver.say_missing(&names),
            Err(error @ TemplateError::Disagree { .. }) => {
                let mut sentence = error.to_string();
                sentence[..1].make_ascii_uppercase();
                solver.warn(
                    "garment.disagree",
                    Weight::Mind,
                    "garment",
                    format!("{sentence}. Until then lines are drawn, but no girths."),
                );
            }
            Err(error) => return Err(JobError::at("garment.shape.flats", error)),
        }
        Ok(solver)
    }

    pub(super) fn solve(mut self) -> Result<Solution, JobError> {
        self.warn_of_purpose();
        let mut seams = Vec::new();
        for seam in SeamName::PINNED {
            let pins = self.read_pins(seam)?;
            if let Some(pins) = pins {
                seams.push(self.seam(seam, pins));
            }
        }
        self.check_unpinned()?;
        let levels = self.levels();
        let empty =
            Body { taken_on: self.job.fitting.held_on, measures: Default::default(), layers: Vec::new() };
        let body = self.job.body.as_ref().unwrap_or(&empty);
        let seated = ease::seated_waist(&levels, body);
        let foot = ease::foot_through(&levels, body, &self.job.garment.cloth);
        self.warn_of_body(&levels, seated.as_ref(), foot.as_ref());
        self.warn_of_lines();
        let plan = self.plan();
        let drawing = self.drawing(&levels);
        let next = NextAct::of(self.job, self.panels.is_some(), &seams, &plan);
        self.warnings.sort_by_key(|warning| warning.weight);
        Ok(Solution {
            format: RESULT_FORMAT.to_owned(),
            seams,
            levels,
            seated,
            foot,
            plan,
            warnings: self.warnings,
            drawing,
            next,
        })
    }

    /// Length of a seam in millimetres, drawn or at least measured.
    pub(super) fn seam_length(&self, seam: SeamName) -> Option<f64> {
        match &self.panels {
            Some(panels) => Some(panels.seam_length(seam)),
            None => self.trousers.seam_length(seam).map(Length::mm),
        }
    }

    fn run(&self, seam: SeamName, length: f64) -> SeamRun {
        let curve_top = match (&self.panels, seam) {
            (Some(panels), SeamName::CentreBack | SeamName::CentreFront) => {
                panels.edges(seam)[0].at_height(panels.curve_top).station
            }
            // Undrawn, the curve is taken to fill the lower half of the seam.
            (None, SeamName::CentreBack | SeamName::CentreFront) => 0.5 * length,
            _ => 0.0,
        };
        let band = if seam == SeamName::Inseam { 0.0 } else { self.trousers.band.height.mm() };
        SeamRun { seam, length, band, curve_top }
    }

    fn seam(&mut self, seam: SeamName, pins: Vec<(PinRead, Target)>) -> SeamSolution {
        let length = self.seam_length(seam).unwrap_or_default();
        let run = self.run(seam, length);
        let side_pins = |side: Side| -> Vec<Target> {
            pins.iter().filter(|(pin, _)| pin.side == side).map(|(_, target)| *target).collect()
        };
        let mut lines = Vec::new();
        let mut report = None;
        if seam.is_paired() {
            let evening = self.even(run, &side_pins(Side::Left), &side_pins(Side::Right));
            self.warn_of_evening(seam, &evening);
            if evening.is_one_line() {
                self.one_line.push(seam);
                let targets = evening.targets(Side::Left);
                lines.push(self.side_line(run, Side::Centre, &targets, &[Side::Left, Side::Right]));
            } else {
                for side in [Side::Left, Side::Right] {
                    let targets = evening.targets(side);
                    if !targets.is_empty() {
                        lines.push(self.side_line(run, side, &targets, &[side]));
                    }
                }
            }
            report = Some(evening);
        } else {
            self.one_line.push(seam);
            let targets = merge_close(&side_pins(Side::Centre));
            lines.push(self.side_line(run, Side::Centre, &targets, &[Side::Centre]));
        }
        let allowance = self.trousers.allowance(seam);
        SeamSolution {
            seam,
            length: shown_mm(length),
            band: shown_mm(run.band),
            datum: Datum::of(seam)[0],
            let_out_limit: allowance.map(|inside| LetOut::of(inside, self.habits).even),
            allowance: allowance.map(|inside| [inside.front, inside.back]),
            tolerance: self.habits.rule(HouseRule::PinTolerance),
            tolerance_words: self
                .habits
                .scale
                .write(Length::from_mm(self.habits.rule(HouseRule::PinTolerance))),
            pins: pins.into_iter().map(|(pin, _)| pin).collect(),
            evening: report,
            lines,
        }
    }

    fn even(&self, run: SeamRun, left: &[Target], right: &[Target]) -> Evening {
        let wish = self.job.fitting.evening.iter().find(|wish| wish.seam == run.seam);
        let choice = wish.and_then(|wish| wish.choice).unwrap_or(self.habits.evening);
        let one_side = wish.and_then(|wish| wish.one_side).unwrap_or(self.habits.one_side);
        let left_targets = merge_close(left);
        let right_targets = merge_close(right);
        let readings = Readings {
            left: &left_targets,
            right: &right_targets,
            one_tube_above: match run.seam {
                SeamName::Outseam => Some(self.crotch_station(run.length)),
                _ => None,
            },
        };
        // A side's own line is only needed where a pin has no partner, and then only once.
        let own = [std::cell::OnceCell::new(), std::cell::OnceCell::new()];
        evening::even(&readings, choice, one_side, self.habits, |side, station| {
            let (cell, targets) = match side {
                Side::Right => (&own[1], &right_targets),
                _ => (&own[0], &left_targets),
            };
            cell.get_or_init(|| self.problem(run, targets).solve().ok())
                .as_ref()
                .map_or_else(|| Some(between(targets, station)), |line| Some(line.depth(station)))
        })
    }

    /// The outseam station level with the crotch: above it, both outseams are on one tube.
    fn crotch_station(&self, length: f64) -> f64 {
        match &self.panels {
            Some(panels) => panels.edges(SeamName::Outseam)[0].at_height(panels.crotch_height).station,
            None => self.trousers.flat(FlatName::Inseam).map_or(0.75 * length, Length::mm),
        }
    }

    fn levels(&mut self) -> Vec<LevelBalance> {
        let Some(panels) = &self.panels else { return Vec::new() };
        let girths = girths(panels, &self.lines);
        let job = self.job;
        match &job.body {
            Some(body) => ease::balance(girths, body, &job.garment.cloth, job.fitting.intention, self.habits),
            None => {
                self.warn(
                    "body.missing",
                    Weight::Mind,
                    "body",
                    format!(
                        "{} has no measures yet: girths are computed, ease and verdicts wait for them.",
                        job.wearer
                    ),
                );
                let nobody =
                    Body { taken_on: job.fitting.held_on, measures: Default::default(), layers: Vec::new() };
                ease::balance(girths, &nobody, &job.garment.cloth, job.fitting.intention, self.habits)
            }
        }
    }

    fn plan(&self) -> Plan {
        let planned: Vec<PlannedLine<'_>> = SeamName::PINNED
            .into_iter()
            .filter_map(|seam| {
                let sides = [Side::Left, Side::Right, Side::Centre];
                let drawn: Vec<&Line> =
                    sides.into_iter().filter_map(|side| self.lines.get(seam, side)).collect();
                let line = *drawn.first()?;
                let kept = drawn.get(1).map_or(0.0, |other| greatest_difference(line, other));
                Some(PlannedLine { seam, line, count: drawn.len(), kept_difference: Length::from_mm(kept) })
            })
            .collect();
        let job = self.job;
        work_order(&job.garment, &planned, self.habits, &job.fitting.progress, &job.timings)
    }

    fn drawing(&self, levels: &[LevelBalance]) -> Option<Drawing> {
        let panels = self.panels.as_ref()?;
        let height = |level: LevelName| {
            panels.levels.iter().find(|other| other.name == level).map(|other| other.height.mm())
        };
        let rings = |girth: fn(&LevelGirth) -> Length| -> Vec<(LevelName, f64, Length)> {
            let mut rings: Vec<(LevelName, f64, Length)> = Vec::new();
            for row in levels {
                let known = rings.iter().any(|(level, ..)| *level == row.girth.level);
                if let Some(height) = height(row.girth.level).filter(|_| !known) {
                    rings.push((row.girth.level, height, girth(&row.girth)));
                }
            }
            rings
        };
        let before = rings(|girth| girth.before);
        let inseam = self.trousers.flat(FlatName::Inseam).unwrap_or_default();
        Some(Drawing {
            panels: drawing::panels(panels, &self.lines, |seam| self.one_line.contains(&seam)),
            levels: panels
                .levels
                .iter()
                .map(|level| LevelMark { level: level.name, height: level.height.mm() })
                .collect(),
            figure: trousers_figure(&before, panels.crotch_height),
            figure_after: trousers_figure(&rings(|girth| girth.after), panels.crotch_height),
            body: self
                .job
                .body
                .as_ref()
                .and_then(|body| body_figure(body, &before, panels.crotch_height, inseam)),
            crotch_height: panels.crotch_height,
        })
    }
}

fn greatest_difference(one: &Line, other: &Line) -> f64 {
    let pieces = (one.length / COMPARE_EVERY).ceil() as u32;
    (0..=pieces)
        .map(|piece| one.length * f64::from(piece) / f64::from(pieces.max(1)))
        .map(|station| (one.depth(station) - other.depth(station)).abs())
        .fold(0.0, f64::max)
}
