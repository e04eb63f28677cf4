//! What the person should know beside the numbers: findings of the garment as it is judged.

use chrono::Days;

use super::altered::Altered;
use super::drawn::Drawn;
use super::judged::Judged;
use crate::finding::Finding;
use crate::garment::datum::Datum;
use crate::garment::side::Side;
use crate::garment::{HemName, LevelName, SeamName, Source, Tube};
use crate::house::rules::HouseRule;
use crate::judge::armhole::ArmholeFit;
use crate::judge::ease::{LevelBalance, Verdict};
use crate::judge::length_said::LengthSaid;
use crate::line::Line;
use crate::operation::hem::{Collision, HemSolution, Lies};
use crate::plan::Act;
use crate::unit::length::Length;

/// A line less deep than this, in millimetres, moves nothing that stands in its seam.
const MOVES: f64 = 0.5;
/// What passes by less than this, in millimetres, is close enough to be said.
const CLOSE: f64 = 20.0;
/// A seam leaning more than this from vertical is asked about: cos 45°.
const LEANS: f64 = std::f64::consts::FRAC_1_SQRT_2;

/// Everything that was found, in the order in which a sewist would look.
pub(super) fn minded(drawn: &Drawn<'_>, altered: &Altered, judged: &Judged) -> Vec<Finding> {
    let mut found = drawn.found.clone();
    found.extend(altered.found.iter().cloned());
    let mut mind = Mind { drawn, altered, judged, found };
    if drawn.came.is_some() && drawn.job.body.is_none() {
        mind.found.push(Finding::Unmeasured { wearer: drawn.job.wearer.clone() });
    }
    mind.wash();
    mind.body();
    mind.shape();
    mind.found.extend(judged.stride.iter().filter(|stride| !stride.passes).cloned().map(Finding::Stride));
    mind.lines();
    for hem in &altered.hems {
        mind.hem(hem);
    }
    mind.found
}

struct Mind<'a> {
    drawn: &'a Drawn<'a>,
    altered: &'a Altered,
    judged: &'a Judged,
    found: Vec<Finding>,
}

impl Mind<'_> {
    /// What was read before the wash that is still to come.
    fn wash(&mut self) {
        let job = self.drawn.job;
        let done = |act: Act| job.fitting.progress.done.contains_key(act.word());
        let to_be_washed =
            !job.garment.washed && job.garment.wash_test.is_none() && job.garment.washes_by_machine();
        if to_be_washed && !job.fitting.pins.is_empty() && !done(Act::FitAgain) {
            self.found.push(Finding::ReadBeforeWash { washed: done(Act::Wash) });
        }
    }

    fn body(&mut self) {
        let (job, judged) = (self.drawn.job, self.judged);
        let Some(body) = &job.body else { return };
        let without = |row: &&LevelBalance| row.body.is_none() && row.girth.side != Some(Side::Right);
        let missing: Vec<_> =
            judged.levels.iter().filter(without).filter_map(|row| row.girth.level.measure()).collect();
        if !missing.is_empty() {
            self.found.push(Finding::MeasuresMissing { wearer: job.wearer.clone(), missing });
        }
        let days = self.drawn.habits.rule(HouseRule::MeasureAge);
        let due = body.taken_on.checked_add_days(Days::new(days as u64));
        if due.is_some_and(|due| job.fitting.held_on > due) {
            let (wearer, taken_on) = (job.wearer.clone(), body.taken_on);
            self.found.push(Finding::MeasuresStale { wearer, taken_on, days });
        }
        self.strains();
    }

    /// Where the body has no room, standing or sitting, or the foot none.
    fn strains(&mut self) {
        let judged = self.judged;
        // What is less than two hands differ by is said by the table alone.
        let noise = Length::from_mm(self.drawn.habits.rule(HouseRule::PinNoise));
        let strains = judged.levels.iter().filter(|row| row.verdict == Some(Verdict::Strains));
        let strains = strains.filter(|row| row.floor > row.ease_after.map(|ease| ease + noise));
        self.found.extend(strains.filter_map(|row| {
            let level = row.girth.level;
            Some(Finding::Strains { level, cannot: row.cannot?, ease: row.ease_after?, floor: row.floor? })
        }));
        let close = Length::from_mm(CLOSE);
        let seated = judged
            .seated
            .clone()
            .filter(|seated| if seated.comfortable { seated.ease < close } else { seated.ease < -noise });
        self.found.extend(seated.map(Finding::Seated));
        let foot = judged.foot.clone().filter(|foot| !foot.passes || foot.opening < foot.foot + close);
        self.found.extend(foot.map(Finding::Foot));
    }

    /// What the shape of the garment asks to be said: put-on, lengths, armholes, insets, lacing.
    fn shape(&mut self) {
        let judged = self.judged;
        // That all is well is only said where it is so by little.
        let close = Length::from_mm(CLOSE);
        let put_on = judged.put_on.iter().filter(|check| !check.passes || check.opening < check.body + close);
        self.found.extend(put_on.cloned().map(Finding::PutOn));
        let armhole_moved = |fit: &ArmholeFit| fit.armhole[0] != fit.armhole[1];
        let arms_move = judged.armholes.iter().any(armhole_moved);
        for row in &judged.lengths {
            let Some(said) = row.said else { continue };
            let moved = row.garment[0] != row.garment[1];
            // A reach that is as it was is nothing this fitting does.
            if moved || arms_move || !matches!(said, LengthSaid::Reach { .. }) {
                self.found.push(Finding::Length { name: row.name, said, moved });
            }
        }
        let faults = judged.armholes.iter().filter(|fit| fit.fault.is_some());
        self.found.extend(faults.cloned().map(Finding::Armhole));
        self.found.extend(judged.insets.iter().cloned().map(Finding::Inset));
        let Some(lacing) = &self.drawn.shape.lacing else { return };
        let closed = |row: &&LevelBalance| lacing.gaps.get(&row.girth.level) == Some(&Length::ZERO);
        let closed = judged.levels.iter().filter(closed).map(|row| Finding::LacingClosed(row.girth.level));
        self.found.extend(closed);
        if let Some(gap) = lacing.gaps.values().max().copied() {
            let overlap = lacing.overlap;
            self.found.push(Finding::LacingPanel { panel: gap + overlap * 2, gap, overlap });
        }
    }

    fn lines(&mut self) {
        let shape = self.drawn.shape;
        if shape.kind.has_band() && shape.kind.has_legs() {
            self.centre_back();
        }
        self.legs();
        self.leaning();
        self.fixtures();
        self.crossings();
        // A traced line leaves no needle holes in the real cloth.
        let sewn = self.drawn.job.garment.source != Source::InTheMaking;
        let lets_out = shape.pinnable().into_iter().filter(|_| sewn).filter(|seam| {
            let mut own = self.altered.lines.iter().filter(|(other, ..)| other == seam);
            own.any(|(.., line)| line.knots().iter().any(|knot| knot.depth < -MOVES))
        });
        let traces = |seam| Finding::Traces { seam, looked: shape.allowance(seam).is_some() };
        let traces: Vec<Finding> = lets_out.map(traces).collect();
        self.found.extend(traces);
    }

    /// What the centre back of trousers takes, and what that does to the back pockets.
    fn centre_back(&mut self) {
        let (lines, habits) = (&self.altered.lines, self.drawn.habits);
        let Some(line) = lines.get(SeamName::CentreBack, Side::Centre) else { return };
        // What was pinned, not what the line makes of it: one number for one thing.
        let pinned = self.pinned_deepest(SeamName::CentreBack);
        let total = 2.0 * pinned.unwrap_or_else(|| line.character().deepest);
        let with_sides = lines.get(SeamName::Outseam, Side::Left).is_some();
        if total > habits.rule(HouseRule::BackAloneShare) && !with_sides {
            self.found.push(Finding::BackShare(Length::from_mm(total)));
        } else if total >= habits.rule(HouseRule::BackAloneWarn) {
            self.found.push(Finding::BackPockets(Length::from_mm(total)));
        }
        if let Some(gap) = self.drawn.shape.back_pocket_gap {
            let left = gap - Length::from_mm(total);
            let reads_as_one = left.mm() < habits.rule(HouseRule::PocketsApart);
            self.found.push(Finding::BackGap { left, gap, reads_as_one });
        }
    }

    /// The deepest pin of a single seam.
    fn pinned_deepest(&self, seam: SeamName) -> Option<f64> {
        let allowance = self.drawn.shape.allowance(seam);
        let pins = self.drawn.job.fitting.pins.iter().filter(|pin| pin.seam == seam);
        pins.filter_map(|pin| pin.depth(allowance).ok()).map(Length::mm).reduce(f64::max)
    }

    /// What outseam and inseam do to crease and middle of each leg.
    fn legs(&mut self) {
        let (lines, habits) = (&self.altered.lines, self.drawn.habits);
        let crease = lines.get(SeamName::Outseam, Side::Left).map(|line| line.character().deepest);
        let deep = crease.filter(|deepest| *deepest > habits.rule(HouseRule::CreaseShift));
        if lines.get(SeamName::Inseam, Side::Left).is_none() {
            self.found.extend(deep.map(|deepest| Finding::Crease(Length::from_mm(deepest / 2.0))));
            return;
        }
        let shift = self.centre_shift();
        let shift = shift.filter(|shift| shift.abs().mm() > habits.rule(HouseRule::LegShift));
        self.found.extend(shift.map(Finding::LegShift));
    }

    /// How far the middle of each leg moves when outseam and inseam do not give alike.
    fn centre_shift(&self) -> Option<Length> {
        let legs = self.judged.levels.iter().filter(|row| row.girth.tube == Tube::Leg);
        legs.map(|row| {
            let depth = |seam| {
                let part = row.girth.parts.iter().find(|part| part.seam == seam);
                part.map_or(Length::ZERO, |part| part.depth)
            };
            (depth(SeamName::Outseam) - depth(SeamName::Inseam)).half()
        })
        .max_by_key(|shift| shift.abs())
    }

    /// Seams with a line that lean so far at a level that a girth there is uncertain.
    fn leaning(&mut self) {
        let Some(came) = &self.drawn.came else { return };
        for row in &self.judged.levels {
            let Some(level) = came.level(row.girth.level).filter(|level| !level.on_band) else { continue };
            for part in &row.girth.parts {
                let Some(edges) = came.edges(part.seam) else { continue };
                let leans = edges.iter().any(|each| level.place_on(each.edge).cos_lean() < LEANS);
                let found = Finding::LeansFar { seam: part.seam, level: level.name };
                if leans && !self.found.contains(&found) {
                    self.found.push(found);
                }
            }
        }
    }

    /// What stands in a seam that is moved, though no further than it may.
    fn fixtures(&mut self) {
        let fixed = self.drawn.shape.fixtures.iter().filter(|fixture| !fixture.comes_out());
        let mut said = Vec::new();
        for fixture in fixed {
            let touched = self.altered.lines.iter().any(|(seam, side, line)| {
                fixture.is_on(seam, side)
                    && line.knots().iter().any(|knot| knot.depth.abs() > MOVES)
                    && line.depth((fixture.from.mm() + fixture.to.mm()) / 2.0).abs() > MOVES
            });
            if touched && !said.contains(fixture) {
                said.push(*fixture);
            }
        }
        self.found.extend(said.into_iter().map(|fixture| Finding::FixtureLimits {
            kind: fixture.kind,
            seam: fixture.seam,
            most: fixture.limit(self.drawn.habits),
        }));
    }

    /// Lines that cross the waist seam must take as much from bodice as from skirt; they do, because
    /// they are one line. A line across the body changes lengths, which is said.
    fn crossings(&mut self) {
        let lines = &self.altered.lines;
        for seam in SeamName::ALL.into_iter().filter(|seam| seam.is_crosswise()) {
            let Some(line) = lines.get(seam, Side::Left) else { continue };
            let takes = [0.0, line.length].map(|at| Length::from_mm(2.0 * line.depth(at)));
            // A hem that is made says its own.
            let others = self.judged.levels.iter().filter(|row| {
                row.girth.tube == Tube::Body
                    && (row.girth.level != LevelName::Hem || self.altered.hems.is_empty())
            });
            let own = |part: &&crate::judge::girth::GirthPart| {
                lines.iter().any(|(seam, ..)| seam == part.seam && !seam.is_crosswise())
            };
            let girths = others.map(|row| {
                let by_lines: Length = row.girth.parts.iter().filter(own).map(|part| part.change).sum();
                (row.girth.level, row.girth.change() - by_lines)
            });
            let girths = girths.filter(|(_, by)| by.abs() > Length::from_mm(MOVES)).collect();
            self.found.push(Finding::CrossLength { seam, takes, girths });
        }
        self.waist_crossed();
    }

    /// Lines that go through a waist seam.
    fn waist_crossed(&mut self) {
        let lines = &self.altered.lines;
        let waist = self.drawn.came.as_ref().and_then(|pattern| pattern.level(LevelName::Waist));
        if waist.is_none() || !self.drawn.shape.has(SeamName::WaistSeam) {
            return;
        }
        let upright = |seam: &SeamName| !seam.is_crosswise() && !seam.is_on_sleeve();
        let crosses = |seam: SeamName, line: &Line| {
            let waist = self.drawn.seam(seam).and_then(|seam| seam.datum(Datum::AboveWaistSeam));
            let (low, high) = line.reach();
            waist.is_some_and(|waist| low < waist.at && waist.at < high)
        };
        let through = lines.iter().filter(|(seam, _, line)| crosses(*seam, line));
        let mut crossing: Vec<SeamName> = through.map(|(seam, ..)| seam).filter(upright).collect();
        crossing.dedup();
        if !crossing.is_empty() {
            self.found.push(Finding::WaistCrossed(crossing));
        }
    }

    fn hem(&mut self, solved: &HemSolution) {
        let (drawn, hem) = (self.drawn, solved.hem);
        if let Some(waits) = solved.waits_for {
            self.found.push(Finding::HemWaits { hem, waits, wearer: drawn.job.wearer.clone() });
        }
        if let Some(refusal) = solved.refusal {
            let turned = solved.badly_turned().cloned().map(Box::new);
            self.found.push(Finding::HemRefused { hem, refusal, turned });
        }
        if let Some(uneven) = solved.uneven.clone() {
            self.found.push(Finding::HemUneven { hem, uneven });
        }
        let ask = Length::from_mm(drawn.habits.rule(HouseRule::HemPairAsk));
        if solved.paired
            && solved.pairs.iter().any(|row| row.take_up[2].abs() > ask)
            && let Some(said) = solved.pair
        {
            self.found.push(Finding::HemPair { hem, said });
        }
        // What does not lie was refused above.
        let turned = solved.sides.iter().filter_map(|side| side.turn_up.as_ref());
        if let Some(turned) = turned.into_iter().find(|turned| turned.lies == Lies::Splay)
            && solved.kind.turns_up()
        {
            self.found.push(Finding::HemSplayed { hem, turned: Box::new(turned.clone()) });
        }
        let mut blocked: Vec<&Collision> = Vec::new();
        for collision in solved.in_the_way() {
            if !blocked.iter().any(|said| said.is_like(collision)) {
                blocked.push(collision);
            }
        }
        let blocked = blocked.into_iter().map(|by| Finding::HemBlocked { hem, by: Box::new(by.clone()) });
        self.found.extend(blocked);
        self.found.extend(solved.shrinks.map(|share| Finding::HemShrinks { hem, share }));
        if hem == HemName::Hem
            && solved.is_solved()
            && let Some(above) = self.above_floor(solved)
            && above < drawn.habits.rule(HouseRule::TripBelow)
        {
            self.found.push(Finding::HemTrips { above: Length::from_mm(above) });
        }
    }

    /// Height of a finished hem above the floor where it is lowest, when anything says.
    fn above_floor(&self, solved: &HemSolution) -> Option<f64> {
        let wish = self.drawn.job.fitting.hems.iter().find(|wish| wish.hem == solved.hem)?;
        self.drawn.hem_solver(self.altered.sewn.as_ref())?.above_floor(wish, solved)
    }
}
