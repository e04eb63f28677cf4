//! Where some of a change can come from, and what limits it.

use super::answer::{AT_THE_LEVEL, WORTH_OPENING};
use crate::garment::side::Side;
use crate::garment::{Block, Clip, SeamName};
use crate::house::rules::HouseRule;
use crate::judge::letting_out::LetOut;
use crate::pattern::crossing_seams;
use crate::pattern::{Level, Pattern};
use crate::solve::job::Job;
use crate::unit::length::Length;
use crate::words::{GivesOnly, source_words};

/// A source as the programme knows it: depths are counted in the direction asked, so never negative.
#[derive(Debug, Clone)]
pub(super) struct Source {
    pub(super) seam: SeamName,
    /// Girth changed per millimetre of depth.
    pub(super) gives: f64,
    pub(super) most: f64,
    pub(super) because: GivesOnly,
    /// What a millimetre takes from the back half, less what it takes from the front half.
    pub(super) backward: f64,
    pub(super) new_dart: bool,
}

impl Source {
    pub(super) fn words(&self) -> String {
        source_words(self.seam, self.new_dart)
    }
}

/// The least that limits what a seam can give, and why.
struct Limit {
    most: f64,
    because: GivesOnly,
}

impl Limit {
    fn to(&mut self, most: f64, because: GivesOnly) {
        if most < self.most {
            *self = Limit { most: most.max(0.0), because };
        }
    }
}

/// Where what gives is looked for, in the direction asked.
struct Where<'a> {
    job: &'a Job,
    pattern: &'a Pattern,
    level: &'a Level,
    sign: f64,
}

/// Every seam and dart that crosses the level, with what it can give in the direction asked.
pub(super) fn sources(job: &Job, pattern: &Pattern, level: &Level, sign: f64) -> Vec<Source> {
    let known = job.garment.shape.pinnable();
    let at = Where { job, pattern, level, sign };
    let crossing = crossing_seams(pattern, level).into_iter().filter(|seam| known.contains(seam));
    crossing.filter_map(|seam| at.source(seam)).filter(|source| source.most > WORTH_OPENING).collect()
}

impl Where<'_> {
    fn source(&self, seam: SeamName) -> Option<Source> {
        let Where { job, pattern, level, sign } = *self;
        let (shape, habits) = (&job.garment.shape, &job.habits);
        let drawn = shape.seam(seam, Some(pattern))?;
        let [edge, _] = pattern.edges(seam)?;
        let place = level.place_on(edge.edge);
        let station = place.station * drawn.length / edge.edge.length();
        // Half of what a panel has here is more than anyone takes in one seam.
        let quarter = edge.panel.width_near(level.height.mm()) / 4.0;
        let mut limit = Limit { most: quarter, because: GivesOnly::Panel(edge.panel.name) };
        if seam.is_dart() {
            let held = edge.panel.darts.iter().find(|dart| dart.name == seam);
            self.dart(seam, held.map_or(0.0, |dart| dart.intake_at(place.point.y)), &mut limit);
        } else if sign < 0.0 {
            self.inside(seam, station, &mut limit);
        }
        self.fixed(seam, station, &mut limit);
        if seam == SeamName::CentreBack && shape.kind.has_legs() && sign > 0.0 {
            limit.to(habits.rule(HouseRule::BackAloneShare) / 2.0, GivesOnly::SideSwings);
            if let Some(gap) = shape.back_pocket_gap {
                limit.to((gap.mm() - habits.rule(HouseRule::PocketsApart)) / 2.0, GivesOnly::PocketsMeet);
            }
        }
        let gives = drawn.count_on(level.tube) / level.cos_on(edge.edge);
        let new_dart = seam.is_dart() && !shape.has(seam);
        let Limit { most, because } = limit;
        Some(Source { seam, gives, most, because, backward: backward(seam), new_dart })
    }

    /// What a dart that holds so much can still take, or give back.
    fn dart(&self, seam: SeamName, held: f64, limit: &mut Limit) {
        let rule = match (self.job.garment.shape.kind.block(), seam) {
            (Block::Skirt, SeamName::FrontDart) => HouseRule::DartFront,
            (Block::Skirt, _) => HouseRule::DartBack,
            _ => HouseRule::DartBodice,
        };
        let whole = self.job.habits.rule(rule);
        let [most, now] = [whole, held].map(Length::from_mm);
        if self.sign > 0.0 {
            limit.to((whole - held) / 2.0, GivesOnly::DartHolds { most, now });
        } else {
            limit.to(held / 2.0, GivesOnly::DartHeld(now));
        }
    }

    /// What is fixed in the seam there.
    fn fixed(&self, seam: SeamName, station: f64, limit: &mut Limit) {
        let (shape, habits) = (&self.job.garment.shape, &self.job.habits);
        let fixed = shape.fixtures.iter().filter(|fixture| !fixture.comes_out());
        for fixture in fixed.filter(|fixture| fixture.is_on(seam, Side::Centre)) {
            if (fixture.from.mm() - AT_THE_LEVEL..=fixture.to.mm() + AT_THE_LEVEL).contains(&station) {
                limit.to(fixture.limit(habits).mm(), GivesOnly::Fixed(fixture.kind));
            }
        }
    }

    /// What is inside a seam that is let out.
    fn inside(&self, seam: SeamName, station: f64, limit: &mut Limit) {
        let (shape, habits) = (&self.job.garment.shape, &self.job.habits);
        match shape.allowance(seam) {
            Some(inside) => {
                let even = LetOut::of(inside, habits).even;
                limit.to(even.mm(), GivesOnly::Inside(even));
            }
            None => limit.to(0.0, GivesOnly::NobodyLooked),
        }
        let near = |clip: &&Clip| clip.seam == seam && (clip.station.mm() - station).abs() < AT_THE_LEVEL;
        for clip in shape.clips.iter().filter(near) {
            let left = clip.left.mm() - habits.rule(HouseRule::LeastAllowance);
            limit.to(left, GivesOnly::Clipped(clip.left));
        }
    }
}

/// How far towards the back what a seam takes draws the side seams.
const fn backward(seam: SeamName) -> f64 {
    match seam {
        SeamName::CentreBack => 1.0,
        SeamName::PrincessBack | SeamName::BackDart => 2.0,
        SeamName::CentreFront => -1.0,
        SeamName::PrincessFront | SeamName::FrontDart => -2.0,
        _ => 0.0,
    }
}
