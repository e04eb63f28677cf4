//! Everything that is said of one hem, from its numbers.

use super::collision::collision_words;
use super::hem_hangs::hem_hangs;
use super::hem_lining::{hem_lining_words, mitre_words};
use super::hem_pair::{hem_pair_words, uneven_words};
use super::hem_refusal::hem_refused;
use super::hem_waits::hem_waits;
use super::hem_wanted::hem_wanted;
use super::tuck::tuck_words;
use super::turn_up::{facing_words, turn_up_words};
use super::waist::waist_words;
use crate::cloth::family::ClothFamily;
use crate::garment::Garment;
use crate::house::habit::Habits;
use crate::house::rules::HouseRule;
use crate::operation::hem::{HemKind, HemSide, HemSolution, HemWish, UncutWay};
use crate::unit::length::Length;

/// Says a hem: every field of it that is words.
pub(crate) fn hem_said(
    hem: &mut HemSolution,
    wish: &HemWish,
    garment: &Garment,
    wearer: &str,
    habits: &Habits,
) {
    let scale = habits.scale;
    let shape = &garment.shape;
    hem.wanted = hem_wanted(wish, shape, scale);
    hem.flare = hem.hangs.map(hem_hangs);
    hem.waits = hem.waits_for.map(|waits| hem_waits(waits, wearer));
    hem.pair_words = hem.pair.map(|said| hem_pair_words(said, hem.hem, scale));
    if let Some(uneven) = &mut hem.uneven {
        uneven.words = uneven_words(uneven, scale);
    }
    let turns_up = hem.kind.turns_up();
    for side in &mut hem.sides {
        side_said(side, turns_up, garment, habits);
        if let Some(tuck) = &mut side.tuck {
            let lower = if hem.kind == HemKind::Original { "original hem" } else { "edge below it" };
            tuck.words = tuck_words(tuck, shape.hem_seam(hem.hem), lower, scale);
        }
    }
    // Two legs that differ are said one by one.
    let by_leg: Vec<String> = hem
        .sides
        .iter()
        .filter(|_| hem.sides.len() > 1)
        .flat_map(|side| side.tuck.iter().flat_map(|tuck| &tuck.words).map(move |words| (side.side, words)))
        .map(|(side, words)| format!("On the {}: {words}", side.words()))
        .collect();
    let differ = hem.sides.iter().map(|side| side.take_up[2] - side.take_up[0]).max().unwrap_or_default();
    if let Some(way) = &mut hem.uncut {
        let words = match way {
            UncutWay::Waist(waist) => {
                let edge = if shape.kind.has_band() { "band" } else { "bodice" };
                waist.words = waist_words(waist, edge, scale);
                &mut waist.words
            }
            UncutWay::Tuck(tuck) => {
                tuck.words = if by_leg.is_empty() {
                    tuck_words(tuck, shape.hem_seam(hem.hem), "edge below it", scale)
                } else {
                    by_leg
                };
                &mut tuck.words
            }
        };
        if differ > Length::from_mm(habits.rule(HouseRule::HemTolerance)) {
            words.push(format!(
                "Round the hem the readings differ by {}: what is taken off follows them, more where the edge hangs lower.",
                scale.write(differ)
            ));
        }
    }
    if let Some(lining) = &mut hem.lining {
        lining.words = hem_lining_words(lining, scale);
    }
    for mitre in &mut hem.mitres {
        mitre.words = mitre_words(mitre, scale);
    }
    hem.refused = hem.refusal.map(|refusal| hem_refused(refusal, hem.badly_turned(), scale));
}

fn side_said(side: &mut HemSide, turns_up: bool, garment: &Garment, habits: &Habits) {
    let scale = habits.scale;
    if let Some(turned) = &mut side.turn_up {
        if let Some(facing) = &mut turned.facing {
            facing.words = facing_words(facing, scale);
        }
        let jersey = garment.cloth.family == ClothFamily::Jersey;
        turned.words = turn_up_words(turned, turns_up, jersey, habits.rule(HouseRule::HemPinch), scale);
    }
    for collision in &mut side.collisions {
        collision.says = collision_words(collision, scale);
    }
}
