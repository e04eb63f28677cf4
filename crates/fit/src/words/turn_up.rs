//! Whether a turn-up lies, and what is sewn where it does not.

use crate::operation::hem::{HemFacing, Lies, TurnUp};
use crate::unit::length::Length;
use crate::unit::scale::Scale;

/// A facing, and the strip that does the same.
pub(crate) fn facing_words(facing: &HemFacing, scale: Scale) -> String {
    let write = |length: Length| scale.write(length);
    format!(
        "A shaped facing {} deep is {} along the fold and {} along its upper edge, {} of seam allowance on all sides; or a bias strip of {}, cut {} wide and steamed to the curve.",
        write(facing.depth),
        write(facing.lower),
        write(facing.upper),
        write(facing.allowance),
        write(facing.strip[0]),
        write(facing.strip[1])
    )
}

/// How a turn-up lies, or the facing that is sewn instead of one; `pinch` is what an edge may be short, as a share.
pub(crate) fn turn_up_words(
    turn_up: &TurnUp,
    turns_up: bool,
    jersey: bool,
    pinch: f64,
    scale: Scale,
) -> Vec<String> {
    if !turns_up {
        return turn_up.facing.iter().map(|facing| facing.words.clone()).collect();
    }
    let write = |length: Length| scale.write(length.abs());
    let percent = |share: f64| format!("{:.1} %", 100.0 * share);
    let lengths = format!(
        "The upper edge of the turn-up is {} long and lies on {}",
        write(turn_up.edge),
        write(turn_up.lies_on)
    );
    let mut said = match turn_up.lies {
        Lies::Flat if turn_up.share < -pinch => {
            vec![format!("{lengths}: {} short, which this cloth gives.", write(turn_up.excess))]
        }
        Lies::Flat => vec![format!("{lengths}: it lies flat.")],
        Lies::EaseIn => vec![format!(
            "{lengths}: ease in {}, {} of the {} this cloth takes. {}",
            write(turn_up.excess),
            percent(turn_up.share),
            percent(turn_up.eases),
            if jersey {
                "Stretch nothing while you sew it."
            } else {
                "A row of long stitches near the edge, drawn up between the seams, spreads it."
            }
        )],
        Lies::TooFull => vec![format!(
            "{lengths}: {} too full, {} where this cloth takes {}.",
            write(turn_up.excess),
            percent(turn_up.share),
            percent(turn_up.eases)
        )],
        Lies::Splay => vec![format!(
            "{lengths}: {} too tight. Cut the allowance as the mirror image of the cloth above the fold: let each seam go out {} below the fold, on every panel edge, or the hem pinches.",
            write(turn_up.excess),
            write(turn_up.splay.unwrap_or_default())
        )],
        Lies::TooTight => vec![format!(
            "{lengths}: {} too tight. Mirrored it would go out {} on every panel edge, more than is inside the seams.",
            write(turn_up.excess),
            write(turn_up.splay.unwrap_or_default())
        )],
    };
    if matches!(turn_up.lies, Lies::TooFull | Lies::TooTight) {
        said.push(match turn_up.widest {
            Some(widest) => format!("The widest turn-up that lies flat here is {}.", write(widest)),
            None => "No turn-up lies flat on this curve.".to_owned(),
        });
        said.extend(turn_up.facing.iter().map(|facing| facing.words.clone()));
    }
    said
}
