//! Solving a job: readings to lines, lines to girths and ease, decisions to a work order.

use chrono::Days;
use serde::Serialize;

use crate::drawing::{self, Drawing, LevelMark};
use crate::ease::{self, FootThrough, LevelBalance, SeatedWaist, Verdict};
use crate::echo::{Reading, echo};
use crate::evening::{self, Evening, Readings};
use crate::garment::{
    FlatName, LevelName, Purpose, SeamName, TemplateError, TrouserPanels, Trousers, body_figure,
    trousers_figure,
};
use crate::girth::{LevelGirth, LineSet, girths};
use crate::job::{JOB_FORMAT, Job, JobError, JobErrorCause, MOST_PINS};
use crate::line::{
    ChalkTable, Line, LineCharacter, LineEnd, LineProblem, Proposal, SeamEnds, SeamRun, Target, chalk_table,
};
use crate::next_act::NextAct;
use crate::pin::{Datum, PinError};
use crate::plan::{Plan, PlannedLine, work_order};
use crate::say::SeamWords;
use crate::warning::{Warning, Weight};
use crate::{Caution, Habits, HouseRule, Length, LetOut, Pin, Side};

/// The format of a written solution.
pub const RESULT_FORMAT: &str = "vemble-result/1";

/// How often the spine of a line is sampled for drawing, in millimetres.
const SPINE_EVERY: f64 = 10.0;

/// A pin as it is understood.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct PinRead {
    /// The pin's id.
    pub id: String,
    /// Its side.
    pub side: Side,
    /// Station from the seam's lower end.
    pub station: Length,
    /// Old stitching to pin.
    pub depth: Length,
    /// Station and depth as they stand on the session's tape, the station from the usual datum.
    pub shown: [String; 2],
    /// What it does, said back.
    pub echo: String,
}

/// One end of a drawn line.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct SolvedEnd {
    /// What the end does, in millimetres from the seam's lower end.
    pub end: LineEnd,
    /// The same in words.
    pub words: String,
    /// Length of the fade, where it tapers: from the taper to the nearest pin.
    pub fade: Option<f64>,
}

/// A line that can be sewn.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct DrawnLine {
    /// At hem or crotch.
    pub lower: SolvedEnd,
    /// At band or crotch.
    pub upper: SolvedEnd,
    /// Steepest slope, tightest radius, deepest point.
    pub character: LineCharacter,
    /// The line as chalk marks.
    pub table: ChalkTable,
    /// The line sampled for drawing: `[station, depth]` in millimetres.
    #[cfg_attr(feature = "schema", schema(value_type = Vec<Vec<f64>>))]
    pub spine: Vec<[f64; 2]>,
}

/// A depth proposed in place of one that cannot be sewn.
#[derive(Debug, Clone, Copy, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct ProposedDepth {
    /// The evened station, from the seam's lower end.
    pub station: f64,
    /// The depth asked for.
    pub asked: f64,
    /// The depth that works.
    pub works: f64,
}

/// A line that cannot be drawn, with what can.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct LineRefused {
    /// Why not, and the nearest that works.
    pub message: String,
    /// Ends that work with the depths asked for, where moving an end helps.
    pub longer: Option<ProposedEnds>,
    /// Depths that work with the ends as they are.
    pub shallower: Option<Vec<ProposedDepth>>,
}

/// Ends proposed in place of ends that do not work.
#[derive(Debug, Clone, Copy, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct ProposedEnds {
    /// At hem or crotch.
    pub lower: LineEnd,
    /// At band or crotch.
    pub upper: LineEnd,
}

/// What came of one line.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(tag = "outcome", rename_all = "snake_case")]
pub enum LineOutcome {
    /// It can be sewn.
    Drawn(DrawnLine),
    /// It cannot.
    Refused(LineRefused),
}

/// The line of one side.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct SideLine {
    /// The side; `centre` where one line serves both sides, or there is only one seam.
    pub side: Side,
    /// What came of it.
    #[serde(flatten)]
    pub outcome: LineOutcome,
}

/// One seam that was pinned.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct SeamSolution {
    /// The seam.
    pub seam: SeamName,
    /// Its length.
    pub length: Length,
    /// Height of the band at its upper end; zero where no band crosses it.
    pub band: Length,
    /// Where its stations are usually counted from.
    pub datum: Datum,
    /// The most it can be let out, where its allowance is known.
    pub let_out_limit: Option<Length>,
    /// Allowance on the front and back panel, where it is known.
    pub allowance: Option<[Length; 2]>,
    /// How far the line may miss a pin.
    pub tolerance: f64,
    /// The pins.
    pub pins: Vec<PinRead>,
    /// Left and right evened, on a paired seam.
    pub evening: Option<Evening>,
    /// Its lines: one for both sides, or one a side.
    pub lines: Vec<SideLine>,
}

/// Everything computed from one job.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct Solution {
    /// [`RESULT_FORMAT`].
    pub format: String,
    /// Every pinned seam, in the order they are judged.
    pub seams: Vec<SeamSolution>,
    /// Every measured level, from the top down.
    pub levels: Vec<LevelBalance>,
    /// The band when sitting.
    pub seated: Option<SeatedWaist>,
    /// Whether the foot gets through.
    pub foot: Option<FootThrough>,
    /// The work order.
    pub plan: Plan,
    /// What the person should know.
    pub warnings: Vec<Warning>,
    /// What can be drawn, where the panels can.
    pub drawing: Option<Drawing>,
    /// What to do next, and where.
    pub next: NextAct,
}

impl Solution {
    /// True when every pinned seam has a line.
    #[must_use]
    pub fn is_solved(&self) -> bool {
        self.seams
            .iter()
            .flat_map(|seam| &seam.lines)
            .all(|line| matches!(line.outcome, LineOutcome::Drawn(_)))
    }
}

/// Computes everything there is to know from a job.
///
/// What is missing narrows the result and is named in its warnings: without the panels there are
/// lines but no girths, without a body measure a level has no verdict. A line that cannot be
/// drawn is part of the result, with the nearest that can.
///
/// # Errors
/// [`JobError`] for a job that holds nonsense, with the place it stands.
pub fn solve(job: &Job) -> Result<Solution, JobError> {
    Solver::new(job)?.solve()
}

struct Solver<'a> {
    job: &'a Job,
    trousers: &'a Trousers,
    habits: &'a Habits,
    panels: Option<TrouserPanels>,
    warnings: Vec<Warning>,
    lines: LineSet,
    one_line: Vec<SeamName>,
}

/// The pins of one side with their chalk stations.
struct SidePins {
    targets: Vec<Target>,
}

impl<'a> Solver<'a> {
    fn new(job: &'a Job) -> Result<Self, JobError> {
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

    fn say_missing(&mut self, names: &[FlatName]) {
        let words: Vec<&str> = names.iter().map(|name| name.words()).collect();
        let known: Vec<&str> = SeamName::PINNED
            .into_iter()
            .filter(|seam| self.trousers.seam_length(*seam).is_some())
            .map(SeamName::words)
            .collect();
        let still = if known.is_empty() {
            "Pins can be evened; lines and girths wait for it.".to_owned()
        } else {
            format!(
                "Pins can be evened and lines drawn on the {}; girths and ease wait for it.",
                known.join(" and the ")
            )
        };
        self.warn(
            "garment.missing",
            Weight::Mind,
            "garment",
            format!("Not measured yet on the garment: {}. {still}", words.join(", ")),
        );
    }

    fn warn(&mut self, code: &'static str, weight: Weight, about: impl Into<String>, message: String) {
        self.warnings.push(Warning { code, weight, about: about.into(), message });
    }

    fn solve(mut self) -> Result<Solution, JobError> {
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
        let empty = crate::Body {
            taken_on: self.job.fitting.held_on,
            measures: Default::default(),
            layers: Vec::new(),
        };
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

    fn warn_of_purpose(&mut self) {
        let caution = match self.job.garment.purpose {
            Purpose::Everyday => return,
            Purpose::Protective => Caution::Protective,
            Purpose::ChildNightwear => Caution::ChildNightwear,
        };
        self.warn("garment.purpose", Weight::Danger, "garment", caution.words().to_owned());
    }

    /// Length of a seam in millimetres, drawn or at least measured.
    fn seam_length(&self, seam: SeamName) -> Option<f64> {
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

    /// Reads every pin of a seam, or refuses the first that cannot be taken. `None` when the
    /// seam has no pins, or its length is not known.
    fn read_pins(&mut self, seam: SeamName) -> Result<Option<Vec<(PinRead, Target)>>, JobError> {
        let pins: Vec<(usize, &Pin)> =
            self.job.fitting.pins.iter().enumerate().filter(|(_, pin)| pin.seam == seam).collect();
        if pins.is_empty() {
            return Ok(None);
        }
        let mut read = Vec::new();
        for (i, pin) in pins {
            let at = |part: &str| format!("fitting.pins[{i}].{part}");
            if seam.is_paired() == (pin.side == Side::Centre) {
                return Err(JobError::at(at("side"), PinError::Side { seam, side: pin.side }));
            }
            if !Datum::of(seam).contains(&pin.datum) {
                return Err(JobError::at(at("datum"), PinError::Datum { seam, datum: pin.datum }));
            }
            let depth =
                pin.depth(self.trousers.allowance(seam)).map_err(|error| JobError::at(at("mode"), error))?;
            let Some(length) = self.seam_length(seam) else { continue };
            let station = self.station(pin, length).map_err(|error| JobError::at(at("station"), error))?;
            self.check_depth(pin, station, length, depth)
                .map_err(|error| JobError::at(at("reading"), error))?;
            let scale = self.habits.scale;
            let usual = crate::from_below(
                seam,
                Datum::of(seam)[0],
                Length::from_mm(station),
                Length::from_mm(length),
                Length::ZERO,
            );
            let reading = Reading { seam, side: pin.side, station, read: pin.reading, mode: pin.mode, depth };
            let shown = [scale.number(usual), scale.number(depth)];
            read.push((
                PinRead {
                    id: pin.id.clone(),
                    side: pin.side,
                    station: shown_mm(station),
                    depth,
                    shown,
                    echo: echo(reading, self.panels.as_ref(), scale),
                },
                Target { station, depth: depth.mm() },
            ));
        }
        if self.seam_length(seam).is_none() {
            self.warn(
                "seam.length",
                Weight::Mind,
                format!("seams.{}", seam.words()),
                format!(
                    "The length of the {} is not known, so its pins wait; measure it on the garment.",
                    seam.words()
                ),
            );
            return Ok(None);
        }
        read.sort_by(|a, b| a.1.station.total_cmp(&b.1.station));
        Ok(Some(read))
    }

    fn station(&self, pin: &Pin, length: f64) -> Result<f64, PinError> {
        let band = self.trousers.band.height;
        let station = pin.station_from_below(Length::from_mm(length), band).mm();
        // A tape laid along a curve reads a little long or short.
        let slack = 1.0;
        if station >= -slack && station <= length + slack && !pin.station.is_negative() {
            return Ok(station.clamp(0.0, length));
        }
        let longest = match pin.datum {
            Datum::BandBottom => Length::from_mm(length) - band,
            _ => Length::from_mm(length),
        };
        Err(PinError::OffSeam {
            seam: pin.seam,
            datum: pin.datum,
            station: self.habits.scale.write(pin.station),
            length: self.habits.scale.write(longest),
        })
    }

    fn check_depth(&self, pin: &Pin, station: f64, length: f64, depth: Length) -> Result<(), PinError> {
        let Some(panels) = &self.panels else { return Ok(()) };
        for (panel, edge) in [&panels.front, &panels.back].into_iter().zip(panels.edges(pin.seam)) {
            let panel = if pin.seam == SeamName::CentreBack { &panels.back } else { panel };
            let height = edge.at(station * edge.length() / length).point.y;
            let width = panel.width_near(height);
            if depth.abs().mm() > width / 2.0 {
                return Err(PinError::TooDeep {
                    depth: self.habits.scale.write(depth),
                    panel: panel.name.words(),
                    limit: self.habits.scale.write(Length::from_mm(width / 2.0)),
                });
            }
        }
        Ok(())
    }

    fn check_unpinned(&self) -> Result<(), JobError> {
        let stray = self.job.fitting.pins.iter().position(|pin| !SeamName::PINNED.contains(&pin.seam));
        match stray {
            Some(i) => Err(JobError::at(
                format!("fitting.pins[{i}].seam"),
                PinError::NotPinned(self.job.fitting.pins[i].seam),
            )),
            None => Ok(()),
        }
    }

    fn seam(&mut self, seam: SeamName, pins: Vec<(PinRead, Target)>) -> SeamSolution {
        let length = self.seam_length(seam).unwrap_or_default();
        let run = self.run(seam, length);
        let side_pins = |side: Side| SidePins {
            targets: pins.iter().filter(|(pin, _)| pin.side == side).map(|(_, t)| *t).collect(),
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
            let targets = merge_close(&side_pins(Side::Centre).targets);
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
            pins: pins.into_iter().map(|(pin, _)| pin).collect(),
            evening: report,
            lines,
        }
    }

    fn even(&self, run: SeamRun, left: &SidePins, right: &SidePins) -> Evening {
        let wish = self.job.fitting.evening.iter().find(|wish| wish.seam == run.seam);
        let choice = wish.and_then(|wish| wish.choice).unwrap_or(self.habits.evening);
        let one_side = wish.and_then(|wish| wish.one_side).unwrap_or(self.habits.one_side);
        let left_targets = merge_close(&left.targets);
        let right_targets = merge_close(&right.targets);
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

    fn problem(&self, run: SeamRun, targets: &[Target]) -> LineProblem {
        let wish = self.job.fitting.ends.iter().find(|wish| wish.seam == run.seam).copied();
        let ends = SeamEnds::decide(run, targets, wish, self.habits);
        let knit = self.job.garment.cloth.family.is_knit();
        LineProblem {
            length: run.length,
            targets: targets.to_vec(),
            tolerance: self.habits.rule(HouseRule::PinTolerance),
            lower: ends.lower,
            upper: ends.upper,
            let_out_limit: self
                .trousers
                .allowance(run.seam)
                .map(|inside| LetOut::of(inside, self.habits).even.mm()),
            steepest: self.habits.rule(if knit { HouseRule::SlopeKnit } else { HouseRule::SlopeWoven }),
            least_radius: self.habits.rule(HouseRule::Radius),
        }
    }

    fn side_line(&mut self, run: SeamRun, side: Side, targets: &[Target], sewn_on: &[Side]) -> SideLine {
        let accepted: Vec<Target> = targets.iter().map(|t| self.accepted(run.seam, side, *t)).collect();
        let problem = self.problem(run, &accepted);
        let outcome = match problem.solve() {
            Ok(line) => {
                let drawn = self.drawn(run, &accepted, &line);
                for side in sewn_on {
                    self.lines.add(run.seam, *side, line.clone());
                }
                LineOutcome::Drawn(drawn)
            }
            Err(refusal) => {
                let words = SeamWords { seam: run.seam, length: run.length, habits: self.habits };
                let limit = self.trousers.allowance(run.seam).map(|inside| LetOut::of(inside, self.habits));
                let mut message = words.refusal(&refusal, limit);
                message[..1].make_ascii_uppercase();
                self.warn(
                    "line.refused",
                    Weight::Mind,
                    format!("seams.{}", run.seam.words()),
                    message.clone(),
                );
                let (longer, shallower) = proposals(&refusal, &problem);
                LineOutcome::Refused(LineRefused { message, longer, shallower })
            }
        };
        SideLine { side, outcome }
    }

    fn accepted(&self, seam: SeamName, side: Side, target: Target) -> Target {
        let depth = self
            .job
            .fitting
            .accepted
            .iter()
            .find(|accepted| {
                accepted.seam == seam
                    && accepted.side == side
                    && (accepted.station.mm() - target.station).abs() < 1.0
            })
            .map_or(target.depth, |accepted| accepted.depth.mm());
        Target { depth, ..target }
    }

    fn drawn(&self, run: SeamRun, targets: &[Target], line: &Line) -> DrawnLine {
        let stations: Vec<f64> = targets.iter().map(|target| target.station).collect();
        let words = SeamWords { seam: run.seam, length: run.length, habits: self.habits };
        let solved_end = |end: LineEnd, is_lower: bool| SolvedEnd {
            end,
            words: match end {
                LineEnd::Taper { at } => format!("back on the old stitching {}", words.station(at)),
                LineEnd::RunOff if is_lower => "runs off at the hem, mirrored into the turn-up".to_owned(),
                LineEnd::RunOff => "runs off at the top".to_owned(),
                LineEnd::Hold { .. } => "one depth through the band".to_owned(),
            },
            fade: match end {
                LineEnd::Taper { at } => stations.iter().map(|station| (station - at).abs()).reduce(f64::min),
                _ => None,
            },
        };
        let (low, high) = line.reach();
        let pieces = ((high - low) / SPINE_EVERY).ceil().max(1.0) as u32;
        let spine = (0..=pieces)
            .map(|piece| {
                let station = low + (high - low) * f64::from(piece) / f64::from(pieces);
                let hundredth = |mm: f64| (mm * 100.0).round() / 100.0 + 0.0;
                [hundredth(station), hundredth(line.depth(station))]
            })
            .collect();
        DrawnLine {
            lower: solved_end(line.lower, true),
            upper: solved_end(line.upper, false),
            character: line.character(),
            table: chalk_table(
                line,
                run.seam,
                &stations,
                run.band,
                self.trousers.allowance(run.seam),
                self.habits,
            ),
            spine,
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
                let nobody = crate::Body {
                    taken_on: job.fitting.held_on,
                    measures: Default::default(),
                    layers: Vec::new(),
                };
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

    fn warn_of_evening(&mut self, seam: SeamName, evening: &Evening) {
        let about = format!("seams.{}", seam.words());
        if evening.ask_twist {
            let ask = if self.job.fitting.anchored {
                "Centre front and back were anchored, so the body may be uneven (a high hip, a low side): keep both lines, or pin again."
            } else {
                "Were centre front and back anchored? If not, the garment was dragged round: pin again. If they were, the body may be uneven: keep both lines."
            };
            self.warn(
                "evening.twist",
                Weight::Mind,
                about.clone(),
                format!(
                    "Left and right differ by more than {} the same way all along the {}. {ask}",
                    self.habits.scale.write(Length::from_mm(self.habits.rule(HouseRule::TwistAsk))),
                    seam.words()
                ),
            );
        }
        if let Some(side) = evening.one_side_only {
            let halved = evening.stations.iter().any(|row| row.finding == evening::Finding::Halved);
            let doubled = evening.stations.iter().any(|row| row.finding == evening::Finding::CopiedOnOneTube);
            let message = if halved {
                format!(
                    "Only the {} {} was pinned. Above the crotch each side gets half, so the girth is what was tried on; below it the other leg gets a copy.",
                    side.words(),
                    seam.words()
                )
            } else if doubled {
                format!(
                    "Only the {} {} was pinned and it is copied: above the crotch that takes twice what was tried on. Try on again before anything is cut.",
                    side.words(),
                    seam.words()
                )
            } else {
                format!("Only the {} {} was pinned; the other leg gets a copy.", side.words(), seam.words())
            };
            self.warn("evening.one_side", Weight::Note, about, message);
        }
    }

    fn warn_of_body(
        &mut self,
        levels: &[LevelBalance],
        seated: Option<&SeatedWaist>,
        foot: Option<&FootThrough>,
    ) {
        let Some(body) = &self.job.body else { return };
        let scale = self.habits.scale;
        let missing: Vec<&str> = levels
            .iter()
            .filter(|row| row.body.is_none())
            .filter_map(|row| row.girth.level.measure().map(crate::MeasureName::words))
            .collect();
        if !missing.is_empty() {
            self.warn(
                "body.missing",
                Weight::Mind,
                "body",
                format!(
                    "Not measured on {}: {}. Those levels have a girth but no ease; measure them to know.",
                    self.job.wearer,
                    missing.join(", ")
                ),
            );
        }
        let fresh = self.habits.rule(HouseRule::MeasureAge);
        let due = body.taken_on.checked_add_days(Days::new(fresh as u64));
        if due.is_some_and(|due| self.job.fitting.held_on > due) {
            self.warn("body.stale", Weight::Note, "body", format!(
                "{} was measured on {}, more than {fresh:.0} days before this fitting; measure again before trusting the ease.",
                self.job.wearer, body.taken_on
            ));
        }
        for row in levels.iter().filter(|row| row.verdict == Some(Verdict::Strains)) {
            let (Some(ease), Some(floor), Some(cannot)) = (row.ease_after, row.floor, row.cannot) else {
                continue;
            };
            self.warn("ease.strains", Weight::Mind, format!("levels.{}", row.girth.level.words()), format!(
                "The {} {cannot}: {} of ease, and it needs {} at least. Move pins out there, or let the seam out.",
                row.girth.level.words(), scale.write(ease), scale.write(floor)
            ));
        }
        if let Some(seated) = seated.filter(|seated| !seated.comfortable) {
            self.warn("ease.seated", Weight::Mind, "levels.waist", format!(
                "Sitting, the waist measures {}: the band would be {} too short. Leave it that much longer.",
                scale.write(seated.body), scale.write(seated.ease.abs())
            ));
        }
        if let Some(foot) = foot.filter(|foot| !foot.passes) {
            self.warn("foot.stuck", Weight::Mind, format!("levels.{}", foot.level.words()), format!(
                "The foot will not get through: the {} opens to {} and heel and instep measure {}. Take in less below the knee, or leave a slit.",
                foot.level.words(), scale.write(foot.opening), scale.write(foot.foot)
            ));
        }
    }

    fn warn_of_lines(&mut self) {
        let scale = self.habits.scale;
        if let Some(line) = self.lines.get(SeamName::CentreBack, Side::Centre) {
            let deepest = line.character().deepest;
            let total = 2.0 * deepest;
            let with_sides = self.lines.get(SeamName::Outseam, Side::Left).is_some();
            if total > self.habits.rule(HouseRule::BackAloneShare) && !with_sides {
                self.warn("back.share", Weight::Mind, "seams.centre back", format!(
                    "The centre back alone takes {}: the side seams will swing back. Pin some of it at the sides.",
                    scale.write(Length::from_mm(total))
                ));
            } else if total >= self.habits.rule(HouseRule::BackAloneWarn) {
                self.warn("back.pockets", Weight::Note, "seams.centre back", format!(
                    "The centre back takes {}; back pockets come that much closer at their height. Look at them in the mirror.",
                    scale.write(Length::from_mm(total))
                ));
            }
            if let Some(gap) = self.trousers.back_pocket_gap {
                let left = gap - Length::from_mm(total);
                self.warn(
                    "back.gap",
                    if left < Length::whole_mm(20) { Weight::Mind } else { Weight::Note },
                    "seams.centre back",
                    format!(
                        "Between the back pockets {} is left at most of {}.",
                        scale.write(left),
                        scale.write(gap)
                    ),
                );
            }
        }
        let crease = self.lines.get(SeamName::Outseam, Side::Left).map(|line| line.character());
        if let Some(out) = crease.filter(|out| out.deepest > 12.0)
            && self.lines.get(SeamName::Inseam, Side::Left).is_none()
        {
            self.warn("outseam.crease", Weight::Note, "seams.outseam", format!(
                "Only the outseam moves, so the crease and the side pockets shift {} inward at the deepest point. Share with the inseam below the crotch if that shows.",
                scale.write(Length::from_mm(out.deepest / 2.0))
            ));
        }
        let lets_out: Vec<SeamName> = SeamName::PINNED
            .into_iter()
            .filter(|seam| {
                self.lines
                    .iter()
                    .any(|(other, _, line)| other == *seam && line.knots().iter().any(|k| k.depth < -0.5))
            })
            .collect();
        for seam in lets_out {
            let unknown = self.trousers.allowance(seam).is_none();
            let inside = if unknown {
                " Nobody has looked how much is inside: open the lining or the hem and measure before you count on it."
            } else {
                ""
            };
            self.warn("line.traces", Weight::Mind, format!("seams.{}", seam.words()), format!(
                "Letting out the {} may show the old stitching, needle holes and a faded or crisp fold. Unpick a short stretch and look first.{inside}", seam.words()
            ));
        }
    }
}

/// A computed length without the noise of its last digits: to a hundredth of a millimetre.
fn shown_mm(mm: f64) -> Length {
    Length::from_mm((mm * 100.0).round() / 100.0)
}

/// Pins of one side at the same place count as one, at their mean.
fn merge_close(targets: &[Target]) -> Vec<Target> {
    let mut merged: Vec<(Target, f64)> = Vec::new();
    for target in targets {
        match merged.last_mut() {
            Some((last, count)) if (target.station - last.station).abs() <= 1.0 => {
                last.depth = (last.depth * *count + target.depth) / (*count + 1.0);
                *count += 1.0;
            }
            _ => merged.push((*target, 1.0)),
        }
    }
    merged.into_iter().map(|(target, _)| target).collect()
}

/// Straight between neighbouring pins, level beyond the last.
fn between(targets: &[Target], station: f64) -> f64 {
    let above = targets.partition_point(|target| target.station < station);
    match (above.checked_sub(1).map(|i| targets[i]), targets.get(above)) {
        (Some(a), Some(b)) => a.depth + (b.depth - a.depth) * (station - a.station) / (b.station - a.station),
        (Some(end), None) => end.depth,
        (None, Some(end)) => end.depth,
        (None, None) => 0.0,
    }
}

fn greatest_difference(one: &Line, other: &Line) -> f64 {
    let pieces = (one.length / SPINE_EVERY).ceil() as u32;
    (0..=pieces)
        .map(|piece| one.length * f64::from(piece) / f64::from(pieces.max(1)))
        .map(|station| (one.depth(station) - other.depth(station)).abs())
        .fold(0.0, f64::max)
}

fn proposals(
    refusal: &crate::line::LineRefusal,
    problem: &LineProblem,
) -> (Option<ProposedEnds>, Option<Vec<ProposedDepth>>) {
    use crate::line::LineRefusal;
    let ends = |proposal: &Proposal| ProposedEnds { lower: proposal.lower, upper: proposal.upper };
    let depths = |proposal: &Proposal| {
        problem
            .targets
            .iter()
            .zip(&proposal.targets)
            .filter(|(asked, works)| asked.depth != works.depth)
            .map(|(asked, works)| ProposedDepth {
                station: asked.station,
                asked: asked.depth,
                works: works.depth,
            })
            .collect()
    };
    match refusal {
        LineRefusal::NoPins | LineRefusal::NoRoom { .. } => (None, None),
        LineRefusal::PinBeyondTaper { nearest, .. } | LineRefusal::LetOut { nearest, .. } => {
            (None, nearest.as_ref().map(depths))
        }
        LineRefusal::NoRoomToFade { longer, shallower, .. } => (
            longer.as_ref().map(|(_, proposal)| ends(proposal)),
            shallower.as_ref().map(|(_, proposal)| depths(proposal)),
        ),
        LineRefusal::PinsDisagree { shallower, .. } => {
            (None, shallower.as_ref().map(|(_, proposal)| depths(proposal)))
        }
    }
}
