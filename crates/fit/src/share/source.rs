//! Where some of a change can come from, and what limits it.

use super::answer::{AT_THE_LEVEL, WORTH_OPENING};
use crate::garment::side::Side;
use crate::garment::{Block, SeamName};
use crate::house::rules::HouseRule;
use crate::judge::letting_out::LetOut;
use crate::pattern::crossing_seams;
use crate::pattern::{Level, Pattern};
use crate::solve::job::Job;
use crate::unit::length::Length;

/// A source as the programme knows it: depths are counted in the direction asked, so never negative.
#[derive(Debug, Clone)]
pub(super) struct Source {
    pub(super) seam: SeamName,
    /// Girth changed per millimetre of depth.
    pub(super) gives: f64,
    pub(super) most: f64,
    pub(super) because: String,
    /// What a millimetre takes from the back half, less what it takes from the front half.
    pub(super) backward: f64,
    pub(super) new_dart: bool,
}

impl Source {
    pub(super) fn words(&self) -> String {
        if self.new_dart { format!("new {}", self.seam.words()) } else { self.seam.words().to_owned() }
    }
}

/// Every seam and dart that crosses the level, with what it can give in the direction asked.
pub(super) fn sources(job: &Job, pattern: &Pattern, level: &Level, sign: f64) -> Vec<Source> {
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
            let place = level.place_on(edge.edge);
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
            let fixed = shape.fixtures.iter().filter(|fixture| !fixture.comes_out());
            for fixture in fixed.filter(|fixture| fixture.is_on(seam, Side::Centre)) {
                if (fixture.from.mm() - AT_THE_LEVEL..=fixture.to.mm() + AT_THE_LEVEL).contains(&station) {
                    limit(fixture.limit(habits).mm(), format!("the {} in it", fixture.kind.words()));
                }
            }
            if seam == SeamName::CentreBack && shape.kind.has_legs() && sign > 0.0 {
                let alone = habits.rule(HouseRule::BackAloneShare) / 2.0;
                limit(alone, "beyond that the side seams swing back".to_owned());
                if let Some(gap) = shape.back_pocket_gap {
                    limit(
                        (gap.mm() - habits.rule(HouseRule::PocketsApart)) / 2.0,
                        "the back pockets would meet".to_owned(),
                    );
                }
            }
            let gives = drawn.count_on(level.tube) / level.cos_on(edge.edge);
            Some(Source { seam, gives, most, because, backward: backward(seam), new_dart })
        })
        .filter(|source| source.most > WORTH_OPENING)
        .collect()
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
