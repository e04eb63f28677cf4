//! What the person should know beside the numbers.

use chrono::Days;

use super::about::About;
use super::solving::Solver;
use crate::garment::{FixtureKind, FlatName, LevelName, Pattern, Purpose, Seam, SeamEnd, SeamName, Tube};
use crate::house::caution::Caution;
use crate::house::choice::PinSides;
use crate::house::rules::HouseRule;
use crate::judge::armhole::ArmholeFit;
use crate::judge::ease::{FootThrough, LevelBalance, SeatedWaist, Verdict};
use crate::judge::lengths::{LengthName, LengthRow};
use crate::judge::letting_out::Inset;
use crate::judge::put_on::PutOn;
use crate::judge::stride::Stride;
use crate::line::{Line, LineEnd, Target};
use crate::reading::evening::{Evening, Finding};
use crate::reading::side::Side;
use crate::solve::warning::{ToRead, Warning, Weight};
use crate::unit::length::Length;

/// A stretch towards a free end is worth a word from this many times the distance of two pins on.
const UNPINNED: f64 = 1.2;
/// A depth less than this, in millimetres, is not worth a word.
const WORTH_SAYING: f64 = 1.0;

impl Solver<'_> {
    pub(super) fn say_missing(&mut self, names: &[FlatName]) {
        let words: Vec<&str> = names.iter().map(|name| name.words()).collect();
        let known: Vec<&str> = self
            .shape
            .pinnable()
            .into_iter()
            .filter(|seam| self.shape.seam_length(*seam).is_some())
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
            About::Garment,
            format!("Not measured yet on the garment: {}. {still}", words.join(", ")),
        );
    }

    /// Says which measures the drawing supplies, in one sentence.
    pub(super) fn warn_of_estimates(&mut self, pattern: &Pattern) {
        if pattern.estimated.is_empty() {
            return;
        }
        let mut names: Vec<&str> = Vec::new();
        for name in &pattern.estimated {
            if !names.contains(&name.words()) {
                names.push(name.words());
            }
        }
        let (were, them) = if names.len() == 1 { ("was", "it") } else { ("were", "them") };
        self.warn("garment.estimated", Weight::Note, About::Garment, format!(
            "The {} {were} not measured and {} estimated in the drawing; numbers that rest on an estimate carry a ≈. Measure {them} for truer ones.",
            names.join(", "),
            if names.len() == 1 { "is" } else { "are" }
        ));
    }

    pub(super) fn warn(
        &mut self,
        code: &'static str,
        weight: Weight,
        about: impl Into<About>,
        message: String,
    ) {
        self.warnings.push(Warning { code, weight, about: about.into(), message, read: None });
    }

    /// Puts the next pin to be read beside the warning said last.
    fn asks_for(&mut self, seam: &Seam, side: Side, from_below: f64) {
        let usual = seam.usual();
        // A place a tape has a mark for.
        let counted = self.habits.scale.nearest(Length::from_mm(usual.counted(from_below).max(0.0)));
        let station = self.habits.scale.number(counted);
        let whose = if side == Side::Centre { String::new() } else { format!("{} ", side.words()) };
        let words = format!(
            "Read the {whose}{} at {} from {}",
            seam.name.words(),
            self.habits.scale.write(counted),
            usual.datum.words()
        );
        if let Some(warning) = self.warnings.last_mut() {
            warning.read = Some(ToRead { seam: seam.name, side, datum: usual.datum, station, words });
        }
    }

    /// Says once which stretch towards a free end nobody pinned, and what the line does there.
    pub(super) fn warn_of_unpinned(&mut self, seam: &Seam, side: Side, line: &Line, targets: &[Target]) {
        if self
            .warnings
            .iter()
            .any(|warning| warning.code == "line.unpinned" && warning.about == About::from(seam.name))
        {
            return;
        }
        let step = self.habits.rule(HouseRule::LadderStep);
        let (Some(first), Some(last)) = (targets.first(), targets.last()) else { return };
        let ends = [
            (line.lower, first, 0.0, first.station - step),
            (line.upper, last, line.length, last.station + step),
        ];
        for (end, pin, edge, next) in ends {
            let bare = (pin.station - edge).abs();
            if end != LineEnd::RunOff || bare < UNPINNED * step || pin.depth.abs() < WORTH_SAYING {
                continue;
            }
            let write = |mm: f64| self.habits.scale.write(Length::from_mm(mm.abs()));
            let (there, at_edge) = (line.depth(pin.station), line.depth(edge));
            let does = if write(there) == write(at_edge) {
                format!("it holds {}", write(there))
            } else {
                format!("it eases from {} to {}", write(there), write(at_edge))
            };
            let seam_end = if edge == 0.0 { seam.lower } else { seam.upper };
            let to = match seam_end {
                SeamEnd::Hem => "to the hem",
                SeamEnd::Underarm(_) => "to the underarm",
                _ => "to the edge",
            };
            let message = format!(
                "Nobody pinned the last {} of the {} {to}: {does} there. Pin there if it should differ.",
                write(bare),
                seam.name.words()
            );
            let about = seam.name;
            self.warn("line.unpinned", Weight::Note, about, message);
            let side = if side == Side::Centre && seam.name.is_paired() { Side::Left } else { side };
            self.asks_for(seam, side, next.clamp(0.0, line.length));
            return;
        }
    }

    /// Says that a side was not read as far as the other, what is done meanwhile, and asks for the reading.
    fn warn_of_not_read(&mut self, seam: &Seam, evening: &Evening) {
        let missing: Vec<_> = evening.stations.iter().filter(|row| row.finding == Finding::NotRead).collect();
        let Some(row) = missing.first() else { return };
        let side = if row.left.is_some() { Side::Right } else { Side::Left };
        let usual = seam.usual();
        let number = |row: &crate::reading::evening::EvenedStation| {
            self.habits.scale.number(Length::from_mm(usual.counted(row.station)))
        };
        let at: Vec<String> = missing.iter().map(|row| number(row)).collect();
        let halved = row.chosen_left.zip(row.left.or(row.right)).is_some_and(|(chosen, read)| chosen != read);
        let meanwhile = if halved {
            "half of the other side's reading goes to each"
        } else {
            "the other side's reading stands for both"
        };
        let message = format!(
            "The {} {} was not read at {} {} from {}: until it is, {meanwhile}.",
            side.words(),
            seam.name.words(),
            at.join(", "),
            self.habits.scale.unit.sign(),
            usual.datum.words()
        );
        let station = row.station;
        self.warn("evening.not_read", Weight::Mind, seam.name, message);
        self.asks_for(seam, side, station);
    }

    pub(super) fn warn_of_purpose(&mut self) {
        let caution = match self.job.garment.purpose {
            Purpose::Everyday => return,
            Purpose::Protective => Caution::Protective,
            Purpose::ChildNightwear => Caution::ChildNightwear,
        };
        self.warn("garment.purpose", Weight::Danger, About::Garment, caution.words().to_owned());
    }

    pub(super) fn warn_of_evening(&mut self, seam: &Seam, evening: &Evening) {
        let about = seam.name;
        let legs = seam.name == SeamName::Outseam && self.shape.kind.has_legs();
        let (above, other) = if legs {
            ("Above the crotch", "leg")
        } else if seam.one_tube_above.is_some() {
            ("All round the body", "side")
        } else if self.shape.kind.has_legs() {
            ("", "leg")
        } else {
            ("", "side")
        };
        self.warn_of_not_read(seam, evening);
        let seam = seam.name;
        if evening.ask_twist {
            let ask = if self.job.fitting.anchored {
                "Centre front and back were anchored, so the body may be uneven (a high hip, a low side): keep both lines, or pin again."
            } else {
                "Were centre front and back anchored? If not, the garment was dragged round: pin again. If they were, the body may be uneven: keep both lines."
            };
            self.warn(
                "evening.twist",
                Weight::Mind,
                about,
                format!(
                    "Left and right differ by more than {} the same way all along the {}. {ask}",
                    self.habits.scale.write(Length::from_mm(self.habits.rule(HouseRule::TwistAsk))),
                    seam.words()
                ),
            );
        }
        if let Some(side) = evening.one_side_only {
            let halved = evening.stations.iter().any(|row| row.finding == Finding::Halved);
            let doubled = evening.stations.iter().any(|row| row.finding == Finding::CopiedOnOneTube);
            let copied = evening.stations.iter().any(|row| row.finding == Finding::Copied);
            let only = format!("Only the {} {} was pinned", side.words(), seam.words());
            let mut message = if halved {
                let below =
                    if copied { format!("; below it the other {other} gets a copy") } else { String::new() };
                format!("{only}. {above} each side gets half, so the girth is what was tried on{below}.")
            } else if doubled {
                let above = above.to_lowercase();
                format!(
                    "{only} and it is copied: {above} that takes twice what was tried on. Try on again before anything is cut."
                )
            } else {
                format!("{only}; the other {other} gets a copy.")
            };
            let weight = match self.habits.pin_sides {
                PinSides::One => Weight::Note,
                PinSides::Both => {
                    message.push_str(" You usually pin both sides: pin the other one, or leave it at this.");
                    Weight::Mind
                }
            };
            self.warn("evening.one_side", weight, about, message);
        }
    }

    pub(super) fn warn_of_body(
        &mut self,
        levels: &[LevelBalance],
        seated: Option<&SeatedWaist>,
        foot: Option<&FootThrough>,
    ) {
        let Some(body) = &self.job.body else { return };
        let scale = self.habits.scale;
        let missing: Vec<&str> = levels
            .iter()
            .filter(|row| row.body.is_none() && row.girth.side != Some(Side::Right))
            .filter_map(|row| row.girth.level.measure().map(crate::body::measures::MeasureName::words))
            .collect();
        if !missing.is_empty() {
            self.warn(
                "body.missing",
                Weight::Mind,
                About::Body,
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
            self.warn("body.stale", Weight::Note, About::Body, format!(
                "{} was measured on {}, more than {fresh:.0} days before this fitting; measure again before trusting the ease.",
                self.job.wearer, body.taken_on
            ));
        }
        for row in levels.iter().filter(|row| row.verdict == Some(Verdict::Strains)) {
            let (Some(ease), Some(floor), Some(cannot)) = (row.ease_after, row.floor, row.cannot) else {
                continue;
            };
            self.warn("ease.strains", Weight::Mind, row.girth.level, format!(
                "The {} {cannot}: {} of ease, and it needs {} at least. Move pins out there, or let the seam out.",
                row.girth.level.words(), scale.write(ease), scale.write(floor)
            ));
        }
        if let Some(seated) = seated {
            let (body, ease) = (scale.write(seated.body), scale.write(seated.ease.abs()));
            if seated.comfortable {
                let longer = if scale.shows(seated.ease) {
                    format!("{ease} longer")
                } else {
                    "just as long".to_owned()
                };
                self.warn("ease.seated", Weight::Note, LevelName::Waist, format!(
                    "Sitting, the waist measures {body}: the band is {longer}, layers counted, so its wearer can sit."
                ));
            } else {
                let short = if scale.shows(seated.ease) {
                    format!("the band would be {ease} too short. Leave it that much longer")
                } else {
                    "the band would be only just as long, layers counted. Leave it a little longer".to_owned()
                };
                self.warn(
                    "ease.seated",
                    Weight::Mind,
                    LevelName::Waist,
                    format!("Sitting, the waist measures {body}: {short}."),
                );
            }
        }
        if let Some(foot) = foot {
            let level = foot.level.words();
            let (opening, around) = (scale.write(foot.opening), scale.write(foot.foot));
            let about = foot.level;
            if foot.passes {
                self.warn("foot.passes", Weight::Note, about, format!(
                    "The foot gets through: the {level} opens to {opening} and heel and instep measure {around}."
                ));
            } else {
                self.warn("foot.stuck", Weight::Mind, about, format!(
                    "The foot will not get through: the {level} opens to {opening} and heel and instep measure {around}. Take in less below the knee, or leave a slit."
                ));
            }
        }
    }

    /// A hem that binds the step.
    pub(super) fn warn_of_stride(&mut self, stride: &Stride) {
        if stride.passes {
            return;
        }
        let scale = self.habits.scale;
        let write = |length| scale.write(length);
        let step = write(Length::from_mm(self.habits.rule(HouseRule::Stride)));
        let act = match stride.slit {
            Some(slit) => format!("A slit or vent {} high gives it, or a wider hem", write(slit)),
            None => "It wants a wider hem".to_owned(),
        };
        self.warn("stride", Weight::Mind, LevelName::Hem, format!(
            "The hem will not let you step: {} above the floor a step of {step} takes {} round, and it has {}. {act}.",
            write(stride.height), write(stride.needs), write(stride.girth)
        ));
    }

    /// What the shape of the garment asks to be said: lacing, put-on, lengths, armholes, insets.
    pub(super) fn warn_of_shape(
        &mut self,
        levels: &[LevelBalance],
        put_on: &[PutOn],
        lengths: &[LengthRow],
        armholes: &[ArmholeFit],
        insets: &[Inset],
    ) {
        for check in put_on {
            let weight = if check.passes { Weight::Note } else { Weight::Mind };
            self.warn("put_on", weight, About::Garment, check.words.clone());
        }
        for row in lengths {
            if let Some(finding) = &row.finding {
                // What is felt at a reach is no fault of an ordinary garment.
                let reach = row.name == LengthName::AcrossBack;
                let weight = if reach { Weight::Note } else { Weight::Mind };
                self.warn("length", weight, About::Length { length: row.name }, finding.clone());
            }
        }
        let moved = [
            SeamName::Side,
            SeamName::Outseam,
            SeamName::SleeveUnderarm,
            SeamName::SleeveFront,
            SeamName::SleeveBack,
        ];
        if self.lines.iter().any(|(seam, ..)| moved.contains(&seam)) {
            for fit in armholes {
                let changed = fit.armhole[0] != fit.armhole[1] || fit.cap.is_some_and(|cap| cap[0] != cap[1]);
                if changed {
                    let side = fit.side.map_or(String::new(), |side| format!("On the {}: ", side.words()));
                    self.warn("armhole", Weight::Note, About::Armholes, format!("{side}{}", fit.words));
                }
            }
        }
        for inset in insets {
            self.warn("inset", Weight::Mind, inset.seam, inset.words.clone());
        }
        self.warn_of_lacing(levels);
    }

    fn warn_of_lacing(&mut self, levels: &[LevelBalance]) {
        let Some(lacing) = &self.shape.lacing else { return };
        let scale = self.habits.scale;
        for row in levels.iter().filter(|row| lacing.gaps.get(&row.girth.level) == Some(&Length::ZERO)) {
            self.warn("lacing.closed", Weight::Mind, row.girth.level, format!(
                "At the {} the laced edges already meet: nothing is left to tighten. Take the seams in there, or pad.",
                row.girth.level.words()
            ));
        }
        if let Some(widest) = lacing.gaps.values().max() {
            let panel = *widest + lacing.overlap * 2;
            self.warn("lacing.panel", Weight::Note, About::Garment, format!(
                "A modesty panel has to be {} wide: the widest gap of {} and {} under each edge. Loosen the lacing at numbness or breathlessness.",
                scale.write(panel), scale.write(*widest), scale.write(lacing.overlap)
            ));
        }
    }

    /// How far the middle of each leg moves when outseam and inseam do not give alike.
    fn centre_shift(&self, levels: &[LevelBalance]) -> Option<Length> {
        levels
            .iter()
            .filter(|row| row.girth.tube == Tube::Leg)
            .map(|row| {
                let depth = |seam| {
                    let part = row.girth.parts.iter().find(|part| part.seam == seam);
                    part.map_or(Length::ZERO, |part| part.depth)
                };
                (depth(SeamName::Outseam) - depth(SeamName::Inseam)).half()
            })
            .max_by_key(|shift| shift.abs())
    }

    pub(super) fn warn_of_lines(&mut self, levels: &[LevelBalance]) {
        let scale = self.habits.scale;
        let trousers = self.shape.kind.has_band() && self.shape.kind.has_legs();
        if trousers && let Some(line) = self.lines.get(SeamName::CentreBack, Side::Centre) {
            // What was pinned, not what the line makes of it: one number for one thing.
            let deepest = self.pinned_deepest(SeamName::CentreBack).unwrap_or(line.character().deepest);
            let total = 2.0 * deepest;
            let with_sides = self.lines.get(SeamName::Outseam, Side::Left).is_some();
            if total > self.habits.rule(HouseRule::BackAloneShare) && !with_sides {
                self.warn("back.share", Weight::Mind, SeamName::CentreBack, format!(
                    "The centre back alone takes {}: the side seams will swing back. Pin some of it at the sides.",
                    scale.write(Length::from_mm(total))
                ));
            } else if total >= self.habits.rule(HouseRule::BackAloneWarn) {
                self.warn("back.pockets", Weight::Note, SeamName::CentreBack, format!(
                    "The centre back takes {}; back pockets come that much closer at their height. Look at them in the mirror.",
                    scale.write(Length::from_mm(total))
                ));
            }
            if let Some(gap) = self.shape.back_pocket_gap {
                let left = gap - Length::from_mm(total);
                let (weight, act) = if left.mm() < self.habits.rule(HouseRule::PocketsApart) {
                    (Weight::Mind, "That reads as one pocket: take some of it at the side seams instead.")
                } else {
                    (Weight::Note, "Look at them from behind when it is tried on.")
                };
                let (left, gap) = (scale.write(left), scale.write(gap));
                let message = format!("Between the back pockets {left} is left at most of {gap}. {act}");
                self.warn("back.gap", weight, SeamName::CentreBack, message);
            }
        }
        let crease = self.lines.get(SeamName::Outseam, Side::Left).map(|line| line.character());
        if let Some(out) = crease.filter(|out| out.deepest > self.habits.rule(HouseRule::CreaseShift))
            && self.lines.get(SeamName::Inseam, Side::Left).is_none()
        {
            self.warn("outseam.crease", Weight::Note, SeamName::Outseam, format!(
                "Only the outseam moves, so the crease and the side pockets shift {} inward at the deepest point. Share with the inseam below the crotch if that shows.",
                scale.write(Length::from_mm(out.deepest / 2.0))
            ));
        } else if self.lines.get(SeamName::Inseam, Side::Left).is_some()
            && let Some(shift) = self
                .centre_shift(levels)
                .filter(|shift| shift.abs().mm() > self.habits.rule(HouseRule::LegShift))
        {
            let way = if shift.is_positive() { "inward" } else { "outward" };
            self.warn("leg.shift", Weight::Note, SeamName::Inseam, format!(
                "The middle of each leg moves {} {way}, and the crease with it: half of what outseam and inseam differ.",
                scale.write(shift.abs())
            ));
        }
        self.warn_of_fixtures();
        self.warn_of_crossings();
        let lets_out: Vec<SeamName> = self
            .shape
            .pinnable()
            .into_iter()
            .filter(|seam| {
                self.lines
                    .iter()
                    .any(|(other, _, line)| other == *seam && line.knots().iter().any(|k| k.depth < -0.5))
            })
            .collect();
        for seam in lets_out {
            let unknown = self.shape.allowance(seam).is_none();
            let inside = if unknown {
                " Nobody has looked how much is inside: open the lining or the hem and measure before you count on it."
            } else {
                ""
            };
            self.warn("line.traces", Weight::Mind, seam, format!(
                "Letting out the {} may show the old stitching, needle holes and a faded or crisp fold. Unpick a short stretch and look first.{inside}", seam.words()
            ));
        }
    }

    /// The deepest pin of a single seam.
    fn pinned_deepest(&self, seam: SeamName) -> Option<f64> {
        let allowance = self.shape.allowance(seam);
        let pins = self.job.fitting.pins.iter().filter(|pin| pin.seam == seam);
        pins.filter_map(|pin| pin.depth(allowance).ok()).map(Length::mm).reduce(f64::max)
    }

    /// What stands in a seam that is moved, though no further than it may.
    fn warn_of_fixtures(&mut self) {
        let mut said = Vec::new();
        for fixture in self.shape.fixtures.iter().filter(|fixture| !fixture.comes_out()) {
            let touched = self.lines.iter().any(|(seam, side, line)| {
                fixture.is_on(seam, side)
                    && line.knots().iter().any(|knot| knot.depth.abs() > 0.5)
                    && line.depth((fixture.from.mm() + fixture.to.mm()) / 2.0).abs() > 0.5
            });
            if touched && !said.contains(fixture) {
                said.push(*fixture);
            }
        }
        let scale = self.habits.scale;
        for fixture in said {
            let act = match fixture.kind {
                FixtureKind::Zip | FixtureKind::Buttons => {
                    "unpick it before the seam is sewn, and set it in again"
                }
                FixtureKind::Pocket => "its mouth loses as much; the hand still has to go in",
                FixtureKind::Match => "lay the pattern together before it is pinned to sew",
                FixtureKind::Label => "it must not be caught in the stitching",
            };
            self.warn(
                "seam.fixture",
                Weight::Mind,
                fixture.seam,
                format!(
                    "The {} in the {} allows {} there: {act}.",
                    fixture.kind.words(),
                    fixture.seam.words(),
                    scale.write(fixture.limit())
                ),
            );
        }
    }

    /// Lines that cross the waist seam must take as much from bodice as from skirt; they do, because
    /// they are one line. A line across the body changes lengths, which is said.
    fn warn_of_crossings(&mut self) {
        let scale = self.habits.scale;
        for seam in SeamName::ALL.into_iter().filter(|seam| seam.is_crosswise()) {
            let Some(line) = self.lines.get(seam, Side::Left) else { continue };
            let [start, end] = [0.0, line.length].map(|at| Length::from_mm(2.0 * line.depth(at)));
            let [from, to] = match seam {
                SeamName::Shoulder => ["at the neck", "at the armhole"],
                SeamName::Yoke => ["at the centre back", "at the armhole"],
                _ => ["at the centre front", "at the centre back"],
            };
            self.warn("cross.length", Weight::Note, seam, format!(
                "The {} takes {} of length {from} and {} {to}; no girth changes. The hem rises as much: look at it from the side.",
                seam.words(), scale.write(start), scale.write(end)
            ));
        }
        let waist = self.pattern.as_ref().and_then(|pattern| pattern.level(LevelName::Waist));
        let crossed = waist.is_some() && self.shape.has(SeamName::WaistSeam);
        let lines: Vec<&str> = if crossed {
            let upright = |seam: &SeamName| !seam.is_crosswise() && !seam.is_on_sleeve();
            let mut names: Vec<&str> =
                self.lines.iter().map(|(seam, ..)| seam).filter(upright).map(SeamName::words).collect();
            names.dedup();
            names
        } else {
            Vec::new()
        };
        if !lines.is_empty() {
            let go = if lines.len() > 1 { "go" } else { "goes" };
            self.warn("waist_seam.crossed", Weight::Note, SeamName::WaistSeam, format!(
                "The {} {go} through the waist seam: bodice and skirt lose the same there. Open it a little to either side, and check that darts and zip still meet.",
                lines.join(" and the ")
            ));
        }
    }
}
