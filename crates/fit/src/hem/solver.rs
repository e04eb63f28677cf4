//! From a wish and its readings to a hem.

use super::collision::{Collision, collision};
use super::kind::{HemKind, said};
use super::lining::{bagged, lining, mitres};
use super::original::tuck;
use super::periodic::{RingLine, RingReading};
use super::ring::{Ring, point_words, ring_points};
use super::solution::{
    HemPairRow, HemPlace, HemReadingRead, HemRow, HemSeam, HemSide, HemSolution, HemSpot, OldTurnUp, Uneven,
    Unrolled, UnrolledPanel,
};
use super::take_up::TakeUp;
use super::turn_up::{Lies, TurnUpWish, turn_up};
use super::uncut::{has_waist, uncut};
use super::wish::{HemPair, HemRead, HemReading, HemWish, Landmark, Wanted};
use crate::choice::LevelBy;
use crate::garment::{FeatureKind, Garment, HemName, LevelName, Pattern, SeamName, Shape, Tube};
use crate::girth::LineSet;
use crate::{Body, Habits, HouseRule, Length, MeasureName, Side};

/// How finely a hem is unrolled, in millimetres.
const UNROLL_EVERY: f64 = 12.0;
/// Differences of length smaller than this, in millimetres, are no difference.
const NOTHING: f64 = 0.5;

/// Less than this on one panel, in millimetres, is not worth a word.
const WORTH_SAYING: f64 = 2.0;

/// What a finished edge is aimed at.
#[derive(Debug, Clone, Copy)]
enum Aim {
    /// So far up on the mean.
    Mean(f64),
    /// So high above the floor.
    Height(f64),
    /// Where it is pinned.
    Pinned,
}

/// Computes the hems of one garment.
pub(crate) struct HemSolver<'a> {
    pub(crate) garment: &'a Garment,
    pub(crate) pattern: &'a Pattern,
    pub(crate) lines: &'a LineSet,
    pub(crate) body: Option<&'a Body>,
    pub(crate) wearer: &'a str,
    pub(crate) habits: &'a Habits,
    /// Washed when it came, or since.
    pub(crate) washed: bool,
}

/// One wish while it is worked out.
struct Work<'a> {
    wish: &'a HemWish,
    rings: Vec<(Side, Ring<'a>)>,
    kind: HemKind,
    folds: [f64; 2],
    /// Length from the garment's top to the existing edge.
    whole: f64,
    /// What the old turn-up is deep.
    old: f64,
    /// The old turn-up has to be unpicked: its cloth is needed somewhere.
    opened: bool,
}

impl<'a> HemSolver<'a> {
    fn shape(&self) -> &'a Shape {
        &self.garment.shape
    }

    fn write(&self, mm: f64) -> String {
        self.habits.scale.write(Length::from_mm(mm))
    }

    /// The hems the garment has.
    pub(crate) fn places(&self) -> Vec<HemPlace> {
        let shape = self.shape();
        let place = |hem: HemName| {
            let ring = Ring::of(shape, self.pattern, hem, self.side_of(hem), self.lines)?;
            Some(HemPlace {
                hem,
                words: hem.words(),
                paired: shape.is_paired_hem(hem),
                spots: ring_points(shape, hem)
                    .iter()
                    .map(|point| HemSpot { at: point.at, words: point.words.to_owned() })
                    .collect(),
                girth: Length::hundredth(ring.period()),
                usual_kind: HemKind::usual(self.garment, hem, self.habits),
                has_waist: hem == HemName::Hem && has_waist(shape),
            })
        };
        shape.hems().iter().filter_map(|hem| place(*hem)).collect()
    }

    fn side_of(&self, hem: HemName) -> Side {
        if self.shape().is_paired_hem(hem) { Side::Left } else { Side::Centre }
    }

    /// Works one wish out; `None` where the hem is not drawn.
    pub(crate) fn solve(&self, wish: &'a HemWish) -> Option<HemSolution> {
        let shape = self.shape();
        let paired = shape.is_paired_hem(wish.hem);
        let sides: &[Side] = if paired { &[Side::Left, Side::Right] } else { &[Side::Centre] };
        let rings: Vec<(Side, Ring<'a>)> = sides
            .iter()
            .filter_map(|side| Some((*side, Ring::of(shape, self.pattern, wish.hem, *side, self.lines)?)))
            .collect();
        if rings.len() != sides.len() {
            return None;
        }
        let kind = wish.kind.unwrap_or_else(|| HemKind::usual(self.garment, wish.hem, self.habits));
        let mut folds = kind.folds(self.habits);
        if let Some(allowance) = wish.allowance.filter(|_| kind.is_cut()) {
            let first = if folds[0] < allowance.mm() { folds[0] } else { 0.0 };
            folds = [first, allowance.mm() - first];
        }
        let test = self.garment.wash_test.filter(|_| !self.washed);
        if let Some(test) = test {
            folds = folds.map(|fold| test.cut_for(fold));
        }
        let mut work = Work {
            wish,
            rings,
            kind,
            folds,
            whole: self.whole(wish.hem),
            old: shape.turned_up(wish.hem).mm(),
            opened: false,
        };
        let level_by = wish.level_by.unwrap_or(self.habits.level_by);
        let mut solution = HemSolution {
            hem: wish.hem,
            words: wish.hem.words(),
            paired,
            wanted: self.wanted_words(wish),
            level_by,
            waits: None,
            readings: Vec::new(),
            kind,
            kind_words: kind.words(),
            allowance: Length::hundredth(folds[0] + folds[1]),
            allowance_words: said(folds, self.habits),
            old_turn_up: OldTurnUp::Kept,
            sides: Vec::new(),
            pairs: Vec::new(),
            pair_words: None,
            uneven: None,
            uncut: None,
            lining: None,
            mitres: Vec::new(),
            shrinks: test.map(|test| test.share()),
            refused: None,
        };
        let aim = self.aim(&work);
        solution.readings =
            wish.readings.iter().map(|reading| self.reading(reading, &work, aim.as_ref().ok())).collect();
        solution.uneven = self.uneven(&work);
        let levels = match aim.and_then(|aim| self.levels(&work, aim, level_by)) {
            Ok(levels) => levels,
            Err(waits) => {
                solution.waits = Some(waits);
                return Some(solution);
            }
        };
        self.compare(&mut solution, &work, &levels);
        let take_ups = self.take_ups(&work, levels);
        let least = take_ups
            .iter()
            .zip(&work.rings)
            .map(|(take_up, (_, ring))| extremes(take_up, ring)[0])
            .fold(f64::MAX, f64::min);
        work.opened = kind.is_cut() && least - folds[0] - folds[1] < -NOTHING;
        let alike = take_ups.len() > 1 && !paired_differently(&work, &take_ups);
        for (i, take_up) in take_ups.iter().enumerate() {
            let (side, ring) = &work.rings[i];
            let side = if alike { Side::Centre } else { *side };
            solution.sides.push(self.side(&work, side, ring, take_up));
            if alike {
                break;
            }
        }
        self.finish(&mut solution, &work);
        Some(solution)
    }

    /// Length from the top of the garment down to the hem: of the outseam, the side seam, or a sleeve from
    /// its shoulder point.
    fn whole(&self, hem: HemName) -> f64 {
        let seam = match self.shape().hem_tube(hem) {
            Tube::Sleeve => return self.pattern.crown.unwrap_or(0.0),
            Tube::Leg => SeamName::Outseam,
            Tube::Body => SeamName::Side,
        };
        self.pattern.seam_length(seam).unwrap_or(0.0)
    }

    fn measure(&self, name: MeasureName) -> Result<f64, String> {
        self.body.and_then(|body| body.get(name)).map(Length::mm).ok_or_else(|| {
            format!(
                "The {} of {} is not measured yet: measure it under People, or say the length another way.",
                name.words(),
                self.wearer
            )
        })
    }

    /// Where the existing edge is above the floor by the wearer's measures, when nobody has read it there.
    fn edge_by_measures(&self, wish: &HemWish) -> Result<f64, String> {
        let shoes = wish.shoes.mm();
        if self.shape().kind.has_legs() {
            let inseam = self.pattern.seam_length(SeamName::Inseam).unwrap_or(0.0);
            return Ok(self.measure(MeasureName::InsideLeg)? + shoes - inseam);
        }
        let below = match self.pattern.edges(SeamName::Side) {
            Some([side, _]) => match self.pattern.waist {
                Some(waist) => side.edge.at_height(waist).station,
                None => {
                    return Err("The garment does not reach its waist: read its edge from the floor.".into());
                }
            },
            None => self.whole(wish.hem),
        };
        Ok(self.measure(MeasureName::OutsideLeg)? + shoes - below)
    }

    fn aim(&self, work: &Work<'_>) -> Result<Aim, String> {
        let wish = work.wish;
        Ok(match wish.wanted {
            Wanted::Edge { shorten } => Aim::Mean(shorten.mm()),
            Wanted::Floor { height } => Aim::Height(height.mm()),
            Wanted::Garment { length } => Aim::Mean(work.whole - length.mm()),
            Wanted::Pins => Aim::Pinned,
            Wanted::Landmark { landmark, below } => match landmark.measure() {
                Some(measure) if landmark.on_arm() => {
                    Aim::Mean(work.whole - self.measure(measure)? - below.mm())
                }
                Some(measure) => Aim::Height(self.measure(measure)? + wish.shoes.mm() - below.mm()),
                None => Aim::Height(-below.mm()),
            },
        })
    }

    fn wanted_words(&self, wish: &HemWish) -> String {
        match wish.wanted {
            Wanted::Edge { shorten } if shorten.is_negative() => {
                format!("let down by {}", self.write(-shorten.mm()))
            }
            Wanted::Edge { shorten } => format!("shortened by {}", self.write(shorten.mm())),
            Wanted::Floor { height } => format!("{} above the floor", self.write(height.mm())),
            Wanted::Garment { length } => {
                let along = match self.shape().hem_tube(wish.hem) {
                    Tube::Leg => "down the outseam",
                    Tube::Body => "down the side",
                    Tube::Sleeve => "from the shoulder point",
                };
                format!("as long as another garment: {} {along}", self.write(length.mm()))
            }
            Wanted::Pins => "where it is pinned".to_owned(),
            Wanted::Landmark { landmark, below } => {
                let by = self.write(below.mm().abs());
                match (landmark, below.mm()) {
                    (Landmark::Shoe, below) => format!("{} above {}", self.write(-below), landmark.words()),
                    (_, below) if below.abs() < NOTHING => format!("at {}", landmark.words()),
                    (_, below) => {
                        format!("{by} {} {}", if below > 0.0 { "below" } else { "above" }, landmark.words())
                    }
                }
            }
        }
    }

    /// A reading said back, with what it alone would do.
    fn reading(&self, reading: &HemReading, work: &Work<'_>, aim: Option<&Aim>) -> HemReadingRead {
        let words = point_words(self.shape(), work.wish.hem, reading.at);
        let ring = work.rings.iter().find(|(side, _)| *side == reading.side).or_else(|| work.rings.first());
        let read = reading.length.mm();
        let take_up = match (reading.read, aim) {
            (HemRead::EdgeToPin, _) => Some(read),
            (HemRead::FloorToEdge, Some(Aim::Height(height))) => {
                ring.map(|(_, ring)| (height - read) / ring.cos_slant())
            }
            _ => None,
        };
        let direction = |up: f64| if up < 0.0 { "down" } else { "up" };
        let moved = take_up.map(|up| format!("goes {} {}", direction(up), self.write(up.abs())));
        let at = match reading.side {
            Side::Centre => format!("At the {words}"),
            side => format!("{}, at the {words},", capital(side.words())),
        };
        let echo = match (reading.read, moved) {
            (HemRead::FloorToEdge, Some(moved)) => {
                format!("{at} the edge is {} above the floor: it {moved}.", self.write(read))
            }
            (HemRead::FloorToEdge, None) => {
                format!("{at} the edge is {} above the floor.", self.write(read))
            }
            (HemRead::EdgeToPin, _) => {
                format!("{at} it is pinned {} by {}.", direction(read), self.write(read.abs()))
            }
        };
        HemReadingRead {
            id: reading.id.clone(),
            side: reading.side,
            at: reading.at,
            words,
            shown: self.habits.scale.number(reading.length),
            take_up: take_up.map(Length::hundredth),
            echo,
        }
    }

    /// One line a side, as it was read.
    fn levels(&self, work: &Work<'_>, aim: Aim, level_by: LevelBy) -> Result<Vec<RingLine>, String> {
        let tolerance = self.habits.rule(HouseRule::HemTolerance);
        let wish = work.wish;
        let pinned = wish.readings.iter().any(|reading| reading.read == HemRead::EdgeToPin);
        let read = |side: Side, ring: &Ring<'_>, way: HemRead| -> Vec<RingReading> {
            wish.readings
                .iter()
                .filter(|reading| reading.side == side && reading.read == way)
                .map(|reading| RingReading { at: ring.along(reading.at), value: reading.length.mm() })
                .collect()
        };
        // Hung up, a height above the floor is the hanger's; the length then comes from the measures.
        let aim = match aim {
            Aim::Height(height) if level_by == LevelBy::Hung => {
                Aim::Mean(height - self.edge_by_measures(wish)?)
            }
            other => other,
        };
        let mut lines: Vec<Option<RingLine>> = Vec::new();
        for (side, ring) in &work.rings {
            let period = ring.period();
            let cos = ring.cos_slant();
            let pins = read(*side, ring, HemRead::EdgeToPin);
            let floor = read(*side, ring, HemRead::FloorToEdge);
            let line = if pinned {
                RingLine::through(period, &pins, tolerance)
            } else {
                match aim {
                    Aim::Pinned => None,
                    Aim::Height(height) if !floor.is_empty() => {
                        let up: Vec<RingReading> = floor
                            .iter()
                            .map(|reading| RingReading { value: (height - reading.value) / cos, ..*reading })
                            .collect();
                        RingLine::through(period, &up, tolerance)
                    }
                    Aim::Height(_) if !wish.readings.is_empty() => None,
                    Aim::Height(height) => {
                        Some(RingLine::level(period, (height - self.edge_by_measures(wish)?) / cos))
                    }
                    Aim::Mean(up) => {
                        let mean = RingLine::through(period, &floor, 0.0).map(|line| line.mean());
                        match mean {
                            Some(mean) => {
                                let up: Vec<RingReading> = floor
                                    .iter()
                                    .map(|reading| RingReading {
                                        value: up + (mean - reading.value) / cos,
                                        ..*reading
                                    })
                                    .collect();
                                RingLine::through(period, &up, tolerance)
                            }
                            None => Some(RingLine::level(period, up)),
                        }
                    }
                }
            };
            // One amount all round is the mean of what was read.
            lines.push(match level_by {
                LevelBy::Even => line.map(|line| RingLine::level(period, line.mean())),
                LevelBy::Floor | LevelBy::Hung => line,
            });
        }
        // Each leg is a tube of its own: what was read on one is safe to copy.
        let known = lines.iter().flatten().next().cloned().ok_or_else(|| match aim {
            Aim::Pinned => "Pin it up at the mirror, then read at least one pin from the edge.".to_owned(),
            _ => "Nothing was read yet: read the edge at a few places round.".to_owned(),
        })?;
        Ok(lines.into_iter().map(|line| line.unwrap_or_else(|| known.clone())).collect())
    }

    /// What is decided of two sides, and everything that goes on top of it.
    fn take_ups(&self, work: &Work<'_>, lines: Vec<RingLine>) -> Vec<TakeUp> {
        let test = self.garment.wash_test.filter(|_| !self.washed);
        let body = work.rings.first().is_some_and(|(_, ring)| ring.is_body());
        let high_low = work.wish.high_low.filter(|_| body);
        work.rings
            .iter()
            .enumerate()
            .map(|(i, (_, ring))| {
                let one = |line: &RingLine| vec![(1.0, line.clone())];
                let weighted = match (work.wish.pair, lines.as_slice()) {
                    (HemPair::Even, [left, right]) => vec![(0.5, left.clone()), (0.5, right.clone())],
                    (HemPair::AsLeft, [left, _]) => one(left),
                    (HemPair::AsRight, [_, right]) => one(right),
                    (_, lines) => one(&lines[i]),
                };
                TakeUp::new(weighted).high_low(high_low, ring).washed(test, work.whole)
            })
            .collect()
    }

    /// Left and right, or the halves of one ring, against each other.
    fn compare(&self, solution: &mut HemSolution, work: &Work<'_>, lines: &[RingLine]) {
        let shape = self.shape();
        let points = ring_points(shape, work.wish.hem);
        let ask = self.habits.rule(HouseRule::HemPairAsk);
        let row = |words: String, left: f64, right: f64| {
            let take_up = [left, right, left - right].map(Length::hundredth);
            HemPairRow { words, take_up, shown: take_up.map(|each| self.habits.scale.number(each)) }
        };
        let reads = |side| work.wish.readings.iter().any(|reading| reading.side == side);
        match (lines, work.rings.as_slice()) {
            ([left, right], [(_, one), (_, other)]) if reads(Side::Left) && reads(Side::Right) => {
                solution.pairs = points
                    .iter()
                    .map(|point| {
                        row(
                            point.words.to_owned(),
                            left.at(one.along(point.at)),
                            right.at(other.along(point.at)),
                        )
                    })
                    .collect();
                let apart = left.mean() - right.mean();
                let limb = if work.wish.hem == HemName::Sleeve { "arm" } else { "leg" };
                let (more, by) = (if apart > 0.0 { "left" } else { "right" }, self.write(apart.abs()));
                solution.pair_words = Some(if apart.abs() <= ask {
                    format!("Left and right differ by {by} on the mean, which nobody sees: make them alike.")
                } else {
                    match work.wish.pair {
                        HemPair::Own => {
                            format!(
                                "The {more} goes up {by} more, kept on purpose for a {limb} that is shorter."
                            )
                        }
                        HemPair::Even => format!(
                            "The {more} goes up {by} more. Is the {limb} shorter, or did it stand differently? Read both again; then keep them different, or alike at the mean as it is now."
                        ),
                        HemPair::AsLeft | HemPair::AsRight => format!(
                            "The {more} goes up {by} more; both are made as the {} reads.",
                            if work.wish.pair == HemPair::AsLeft { "left" } else { "right" }
                        ),
                    }
                });
            }
            ([line], [(_, ring)]) if work.wish.readings.len() > 1 => {
                solution.pairs = points
                    .iter()
                    .filter(|point| point.at > 0.0 && point.at < 180.0)
                    .map(|point| {
                        let words = point.words.trim_start_matches("left ").to_owned();
                        row(words, line.at(ring.along(point.at)), line.at(ring.along(360.0 - point.at)))
                    })
                    .collect();
                let most = solution.pairs.iter().map(|row| row.take_up[2].mm().abs()).fold(0.0, f64::max);
                solution.pair_words = Some(if most <= ask {
                    "Folded on the centre front, both halves go up alike.".to_owned()
                } else {
                    format!(
                        "Folded on the centre front the halves differ by up to {}: after it is sewn, fold it there and look whether that is meant.",
                        self.write(most)
                    )
                });
            }
            _ => {}
        }
    }

    /// What readings from the floor say of the garment higher up.
    fn uneven(&self, work: &Work<'_>) -> Option<Uneven> {
        let ring = &work.rings.first()?.1;
        if !ring.is_body() {
            return None;
        }
        let floor: Vec<RingReading> = work
            .wish
            .readings
            .iter()
            .filter(|reading| reading.read == HemRead::FloorToEdge)
            .map(|reading| RingReading { at: ring.along(reading.at), value: reading.length.mm() })
            .collect();
        let most = floor.iter().map(|reading| reading.value).fold(f64::MIN, f64::max);
        let least = floor.iter().map(|reading| reading.value).fold(f64::MAX, f64::min);
        let by = most - least;
        if floor.len() < 3 || by <= self.habits.rule(HouseRule::HemUneven) {
            return None;
        }
        let line = RingLine::through(ring.period(), &floor, 0.0)?;
        let at = |degrees: f64| line.at(ring.along(degrees));
        let (front, side) = (at(0.0) - at(180.0), at(90.0) - at(270.0));
        let cause = if front.abs().max(side.abs()) < 0.5 * by {
            "It goes up and down round the ring: cloth on the bias has dropped. Let it hang a day and a night and read it again."
        } else if side.abs() > front.abs() {
            if side > 0.0 {
                "It is higher on the left: a high left hip or a low right shoulder. Look at waist and shoulders first; taken up there, the hem comes level by itself."
            } else {
                "It is higher on the right: a high right hip or a low left shoulder. Look at waist and shoulders first; taken up there, the hem comes level by itself."
            }
        } else if front > 0.0 {
            "It rises in front: belly or bust needs length and width in front only. Give it there if the cloth allows, then read the hem again."
        } else {
            "It rises at the back: a full seat or a rounded back takes the length, or the wearer leans forward. Read it again upright, eyes ahead."
        };
        Some(Uneven {
            by: Length::hundredth(by),
            words: format!("The edge is uneven by {}. {cause}", self.write(by)),
        })
    }

    fn side(&self, work: &Work<'_>, side: Side, ring: &Ring<'_>, take_up: &TakeUp) -> HemSide {
        let shape = self.shape();
        let wish = work.wish;
        let period = ring.period();
        let uncut = work.kind == HemKind::Uncut;
        // An edge that is not cut stays where it is on its own cloth.
        let fold = |along: f64| if uncut { 0.0 } else { take_up.fold(along / period, period) };
        let allowance = work.folds[0] + work.folds[1];
        let [least, mean, most] = extremes(take_up, ring);
        let seams = ring.seams(shape);
        let inside = seams
            .iter()
            .map(|(seam, _)| {
                let kept = self.habits.rule(HouseRule::LeastAllowance);
                shape.allowance(*seam).map(|inside| inside.front.min(inside.back).mm() - kept)
            })
            .collect::<Option<Vec<f64>>>()
            .map(|inside| inside.into_iter().fold(f64::MAX, f64::min));
        let turned = work.kind.is_cut().then(|| {
            turn_up(
                ring,
                fold,
                &TurnUpWish {
                    garment: self.garment,
                    habits: self.habits,
                    kind: work.kind,
                    folds: work.folds,
                    seams: seams.len(),
                    inside,
                },
            )
        });
        let hem_seam = shape.hem_seam(wish.hem);
        let tucked = (work.kind == HemKind::Original)
            .then(|| tuck(ring, fold, mean, work.old, hem_seam, "original hem", self.habits));
        let lined = self.lining_lies(work, allowance, mean);
        let excess = turned.as_ref().map(|turned| turned.by_panel.clone()).unwrap_or_default();
        HemSide {
            side,
            rows: if uncut { Vec::new() } else { self.rows(work, side, ring, take_up) },
            girth: [
                Length::hundredth(period),
                Length::hundredth(if tucked.is_some() { period } else { ring.length(fold) }),
            ],
            take_up: [least, mean, most].map(Length::hundredth),
            collisions: self.collisions(work, side, ring, take_up, mean),
            unrolled: Unrolled {
                length: period,
                fold: ring
                    .steps(UNROLL_EVERY)
                    .into_iter()
                    .map(|at| [at, take_up.fold(at / period, period)])
                    .collect(),
                allowance: work.kind.is_cut().then_some(allowance),
                turned: if work.kind.turns_up() { work.folds[1] } else { 0.0 },
                lining: lined,
                old_turn_up: work.old,
                panels: ring
                    .panels()
                    .into_iter()
                    .enumerate()
                    .map(|(i, panel)| {
                        let excess = excess.get(i).map_or(0.0, |each| each.mm());
                        let which = if excess > 0.0 { "too full" } else { "too tight" };
                        UnrolledPanel {
                            panel: panel.panel,
                            from: panel.from,
                            to: panel.to,
                            excess,
                            shown: (excess.abs() >= WORTH_SAYING)
                                .then(|| format!("{} {which}", self.write(excess.abs()))),
                        }
                    })
                    .collect(),
                seams: seams
                    .into_iter()
                    .map(|(seam, along)| HemSeam { words: seam.words(), along })
                    .collect(),
            },
            turn_up: turned.filter(|turned| work.kind.turns_up() || turned.facing.is_some()),
            tuck: tucked,
        }
    }

    /// Where the lining ends and where its raw edge lies, from the fold.
    fn lining_lies(&self, work: &Work<'_>, allowance: f64, mean: f64) -> Option<[f64; 2]> {
        let sleeve = work.wish.hem == HemName::Sleeve;
        if !work.kind.is_cut() || work.kind == HemKind::LinedBag {
            return None;
        }
        lining(self.shape(), sleeve, work.wish.lining, allowance, mean, self.habits)
            .map(|lining| [lining.above.mm(), lining.raw.mm()])
    }

    /// The table to chalk by: every place offered, every reading, in turning order.
    fn rows(&self, work: &Work<'_>, side: Side, ring: &Ring<'_>, take_up: &TakeUp) -> Vec<HemRow> {
        let shape = self.shape();
        let period = ring.period();
        let allowance = work.folds[0] + work.folds[1];
        let mut places: Vec<(f64, bool)> =
            ring_points(shape, work.wish.hem).iter().map(|point| (point.at, false)).collect();
        let own = work.wish.readings.iter().filter(|each| side == Side::Centre || each.side == side);
        places.extend(own.map(|reading| (reading.at.rem_euclid(360.0), true)));
        places.sort_by(|a, b| a.0.total_cmp(&b.0).then(b.1.cmp(&a.1)));
        places.dedup_by(|later, earlier| (later.0 - earlier.0).abs() < 0.5);
        places
            .into_iter()
            .map(|(at, is_reading)| {
                let along = ring.along(at);
                let fold = take_up.fold(along / period, period);
                let cut = work.kind.is_cut().then_some(fold - allowance);
                let strip = cut.map(|cut| if work.opened { cut + work.old } else { cut }.max(0.0));
                let finished = work.whole - take_up.wanted(along / period, period);
                let number = |mm: f64| self.habits.scale.number(Length::from_mm(mm));
                HemRow {
                    at,
                    words: point_words(shape, work.wish.hem, at),
                    along: Length::hundredth(along),
                    fold: Length::hundredth(fold),
                    cut: cut.map(Length::hundredth),
                    strip: strip.map(Length::hundredth),
                    finished: Length::hundredth(finished),
                    is_reading,
                    shown: [
                        Some(number(along)),
                        Some(number(fold)),
                        cut.map(number),
                        strip.map(number),
                        Some(number(finished)),
                    ],
                }
            })
            .collect()
    }

    fn collisions(
        &self,
        work: &Work<'_>,
        side: Side,
        ring: &Ring<'_>,
        take_up: &TakeUp,
        mean: f64,
    ) -> Vec<Collision> {
        let period = ring.period();
        let allowance = work.folds[0] + work.folds[1];
        self.shape()
            .near_hems
            .iter()
            .filter(|feature| feature.hem == work.wish.hem)
            .filter(|feature| feature.side.is_none_or(|own| side == Side::Centre || own == side))
            .map(|feature| {
                let up = match feature.at {
                    _ if work.kind == HemKind::Uncut => 0.0,
                    Some(at) => take_up.fold(ring.along(at) / period, period),
                    None => mean,
                };
                collision(feature, up, allowance, self.habits)
            })
            .collect()
    }

    /// What goes for the whole hem.
    fn finish(&self, solution: &mut HemSolution, work: &Work<'_>) {
        let shape = self.shape();
        let allowance = work.folds[0] + work.folds[1];
        let mean = solution.mean().mm();
        let least = solution.sides.iter().map(|side| side.take_up[0].mm()).fold(f64::MAX, f64::min);
        let is_cut = work.kind.is_cut();
        solution.old_turn_up = match is_cut {
            false => OldTurnUp::Kept,
            true if work.opened => OldTurnUp::Unpicked,
            true => OldTurnUp::CutOff,
        };
        if work.kind == HemKind::Uncut {
            let ring = &work.rings[0].1;
            let mut way = uncut(ring, shape, self.pattern, mean, work.wish.shorten_at, self.habits);
            let differ = solution
                .sides
                .iter()
                .map(|side| (side.take_up[2] - side.take_up[0]).mm())
                .fold(0.0, f64::max);
            if differ > self.habits.rule(HouseRule::HemTolerance) {
                way.say(format!(
                    "Round the hem the readings differ by {}: what is taken off follows them, more where the edge hangs lower.",
                    self.write(differ)
                ));
            }
            solution.uncut = Some(way);
        }
        if is_cut {
            let sleeve = work.wish.hem == HemName::Sleeve;
            solution.lining = if work.kind == HemKind::LinedBag {
                bagged(shape, sleeve, allowance, mean, self.habits)
            } else {
                lining(shape, sleeve, work.wish.lining, allowance, mean, self.habits)
            };
            let near: Vec<_> =
                shape.near_hems.iter().copied().filter(|feature| feature.hem == work.wish.hem).collect();
            solution.mitres = mitres(&near, allowance, self.habits);
        }
        solution.refused = self.refusal(work, least, mean, allowance).or_else(|| does_not_lie(solution));
    }

    /// What cannot be done as asked, with the nearest that can.
    fn refusal(&self, work: &Work<'_>, least: f64, mean: f64, allowance: f64) -> Option<String> {
        let faced = self.habits.rule(HouseRule::HemFaced);
        let kept = self.habits.rule(HouseRule::LeastAllowance);
        let there = least + work.old;
        let height = self.pattern.crotch.map_or(work.whole, |crotch| crotch.height);
        if mean > 0.9 * height {
            return Some(format!(
                "{} is more than the garment has below; it can lose {} at most.",
                self.write(mean),
                self.write(0.9 * height)
            ));
        }
        if !work.kind.is_cut() {
            return (mean < -NOTHING).then(|| {
                format!(
                    "A hem that is kept cannot be let down by {}: unpick it, and choose another kind.",
                    self.write(-mean)
                )
            });
        }
        if there + NOTHING >= allowance {
            return None;
        }
        let most = work.old - kept;
        Some(if least < 0.0 && -least > most + NOTHING {
            format!(
                "It cannot be let down by {}: the old turn-up is {}, and {} of it stay in the seam of a facing. {} is the most, faced; beyond that a strip is set on.",
                self.write(-least),
                self.write(work.old),
                self.write(kept),
                self.write(most.max(0.0))
            )
        } else if there >= faced {
            format!(
                "Below the new fold there is {} of cloth, and this hem takes {}: turn up {} instead, or face it, which takes {}.",
                self.write(there),
                self.write(allowance),
                self.write(there),
                self.write(faced)
            )
        } else {
            format!(
                "Below the new fold there is {} of cloth, not enough for any seam: shorten it by {} more, or set a strip on.",
                self.write(there.max(0.0)),
                self.write(faced - there)
            )
        })
    }

    /// The pocket, button or vent that would be cut or buried.
    pub(crate) fn in_the_way(solution: &HemSolution) -> impl Iterator<Item = &Collision> {
        solution
            .sides
            .iter()
            .flat_map(|side| &side.collisions)
            .filter(|collision| collision.state == super::CollisionState::InTheWay)
    }

    /// Height of the finished edge above the floor where it is lowest, when anything says.
    pub(crate) fn above_floor(&self, wish: &HemWish, solution: &HemSolution) -> Option<f64> {
        let side = solution.sides.first()?;
        if let Wanted::Floor { height } = wish.wanted {
            return Some(height.mm());
        }
        let read = wish
            .readings
            .iter()
            .filter(|reading| reading.read == HemRead::FloorToEdge)
            .map(|reading| reading.length.mm())
            .fold(f64::MAX, f64::min);
        let edge = if read < f64::MAX { read } else { self.edge_by_measures(wish).ok()? };
        Some(edge + side.take_up[0].mm())
    }

    /// The level that ends at a hem.
    pub(crate) const fn level(hem: HemName) -> LevelName {
        match hem {
            HemName::Hem => LevelName::Hem,
            HemName::Sleeve => LevelName::Wrist,
        }
    }

    /// True where something near the hem has to be undone before it is turned.
    pub(crate) fn has_corner(shape: &Shape, hem: HemName) -> bool {
        let corner = |kind| matches!(kind, FeatureKind::Facing | FeatureKind::Vent | FeatureKind::Slit);
        shape.near_hems.iter().any(|feature| feature.hem == hem && corner(feature.kind))
    }
}

/// True where two sides come out differently.
fn paired_differently(work: &Work<'_>, take_ups: &[TakeUp]) -> bool {
    let [(_, one), (_, other)] = work.rings.as_slice() else { return false };
    let [left, right] = take_ups else { return false };
    (one.period() - other.period()).abs() > NOTHING
        || (0..24).any(|i| {
            let share = f64::from(i) / 24.0;
            (left.fold(share, one.period()) - right.fold(share, other.period())).abs() > NOTHING
        })
}

/// Why a turn-up cannot stay as it was asked, with what can be done instead.
fn does_not_lie(solution: &HemSolution) -> Option<String> {
    let turned = solution.sides.iter().filter_map(|side| side.turn_up.as_ref());
    let bad = turned.into_iter().find(|turned| matches!(turned.lies, Lies::TooFull | Lies::TooTight))?;
    solution.kind.turns_up().then(|| bad.words.join(" "))
}

/// Least, mean and most of how far a hem goes up.
fn extremes(take_up: &TakeUp, ring: &Ring<'_>) -> [f64; 3] {
    let period = ring.period();
    let steps = ring.steps(UNROLL_EVERY);
    let ups = || steps.iter().map(|at| take_up.fold(at / period, period));
    // The last step is the first again.
    let mean = ups().skip(1).sum::<f64>() / (steps.len() - 1).max(1) as f64;
    [ups().fold(f64::MAX, f64::min), mean, ups().fold(f64::MIN, f64::max)]
}

fn capital(words: &str) -> String {
    let mut chars = words.chars();
    chars.next().map_or_else(String::new, |first| first.to_uppercase().chain(chars).collect())
}
