//! Choices: where practitioners do it one way or the other, each with what speaks for it.
//!
//! The first option of each is the house's. A choice changes lines, allowances, steps or what is asked,
//! and is set once per account as a habit.

use serde::{Deserialize, Serialize};

/// An option of a choice.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct ChoiceOption<Chosen> {
    /// Its name in files and requests.
    pub key: Chosen,
    /// Its name on screen.
    pub words: &'static str,
    /// What speaks for it.
    pub reason: &'static str,
}

/// A choice with its options, the house's first.
#[derive(Debug, Clone, PartialEq, Eq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct ChoiceEntry<Chosen> {
    /// Its name on screen.
    pub words: &'static str,
    /// Its options.
    pub options: Vec<ChoiceOption<Chosen>>,
}

macro_rules! choices {
    ($($(#[doc = $doc:literal])* $name:ident, $key:ident, $title:literal {
        $first:ident, $first_key:literal, $first_words:literal, $first_reason:literal;
        $($option:ident, $option_key:literal, $words:literal, $reason:literal;)*
    })*) => {
        $(
            $(#[doc = $doc])*
            #[derive(Debug, Clone, Copy, PartialEq, Eq, Hash, Serialize, Deserialize, Default)]
            #[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
            #[serde(rename_all = "snake_case")]
            pub enum $name {
                #[doc = $first_reason]
                #[default]
                $first,
                $(#[doc = $reason] $option,)*
            }
        )*

        /// Every choice with its options, by its name in files and requests.
        #[derive(Debug, Clone, PartialEq, Eq, Serialize)]
        #[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
        pub struct Choices {
            $($(#[doc = $doc])* pub $key: ChoiceEntry<$name>,)*
        }

        impl Choices {
            /// All of them.
            #[must_use]
            pub fn all() -> Choices {
                Choices {
                    $($key: ChoiceEntry {
                        words: $title,
                        options: vec![
                            ChoiceOption { key: $name::$first, words: $first_words, reason: $first_reason },
                            $(ChoiceOption { key: $name::$option, words: $words, reason: $reason },)*
                        ],
                    },)*
                }
            }
        }

        #[cfg(test)]
        mod tests {
            use super::*;

            #[test]
            fn every_option_is_spelt_in_files_as_the_table_says() {
                let all = Choices::all();
                $(
                    let spelt = [$first_key, $($option_key,)*];
                    assert_eq!(all.$key.options.len(), spelt.len());
                    for (option, spelt) in all.$key.options.iter().zip(spelt) {
                        assert_eq!(serde_json::to_string(&option.key).unwrap(), format!("\"{spelt}\""));
                        assert!(option.reason.ends_with('.'), "{spelt}");
                    }
                    assert_eq!(all.$key.options[0].key, $name::default());
                )*
            }
        }
    };
}

choices! {
    /// How pins get into a garment.
    Preset, preset, "pins are set" {
        ByFeel, "by_feel", "by feel", "The cloth shows where it wants to go.";
        Ladder, "ladder", "as a ladder from numbers", "Both sides start alike, and the same pins go back in when it is turned.";
    }

    /// Which sides are pinned.
    PinSides, pin_sides, "pin" {
        Both, "both", "both sides", "What is worn is what is sewn; a difference between the sides is seen.";
        One, "one", "one side", "Half the time on the body; the other side is derived.";
    }

    /// Which face of the garment is out while it is pinned.
    PinFace, pin_face, "pin with" {
        RightSide, "right_side", "the right side out", "It is judged as it will be worn.";
        InsideOut, "inside_out", "the inside out", "Pins stand where the machine sews; left and right change places.";
    }

    /// How pins lie.
    PinsLie, pins_lie, "pins lie" {
        Along, "along", "along the seam", "They show the line itself.";
        Across, "across", "across the seam", "The seam does not slip, and a pin comes out at the machine with one pull.";
        Slanted, "slanted", "slanted", "They hold in both directions on slippery cloth.";
    }

    /// What a fitting is done on.
    FitOn, fit_on, "fit on" {
        Wearer, "wearer", "the wearer", "Only a body moves, sits and says where it pinches.";
        Form, "form", "a dress form", "It stands still for hours; the ease is translated to the wearer.";
    }

    /// What is read at the table.
    ReadBy, read_by, "at the table" {
        Pins, "pins", "the pins are read", "What the pins hold is measured before they come out.";
        Chalk, "chalk", "the chalk is read", "Chalked at the pins, the cloth lies flat and the pins are out before a number is taken.";
    }

    /// How a new line is tried on.
    TriedIn, tried_in, "a new line is tried on" {
        Tacked, "tacked", "tacked", "Tacking holds as a seam does; sitting and bending show what pins hide.";
        Pins, "pins", "in pins where little is at risk", "An evening saved on what can be sewn again; second-hand, lined or fine things are tacked all the same.";
    }

    /// What becomes of a finished hem at a seam that moves.
    HemCrossed, hem_crossed, "a finished hem at a moved seam is" {
        Opened, "opened", "opened", "The seam runs through the turn-up, and the fold lies flat.";
        SewnThrough, "sewn_through", "sewn through where it is casual", "A small take-in on a plain hem goes through all of it, folded back and caught; it stays a little thick.";
    }

    /// How a line gets from one side to the other.
    MirrorBy, mirror_by, "carry a line across" {
        Landmark, "landmark", "measured from a sewn landmark", "Exact, also where the garment is not.";
        Seams, "seams", "seam laid on seam, pinned through", "Fast, on a garment that is even.";
    }

    /// What a line is measured from on the cloth.
    MatchBy, match_by, "measure depths from" {
        OldSeam, "old_seam", "the old stitching", "It is what the pins were read from.";
        RawEdge, "raw_edge", "the raw edge", "A straight edge is easier under a ruler than stitches.";
    }

    /// How a hem is made level.
    LevelBy, level_by, "a hem is made level" {
        Floor, "floor", "from the floor", "Read on the body, it is level where it is seen.";
        Even, "even", "by one amount", "Quick, and right where the edge it has is level.";
        Hung, "hung", "hung up", "On a hanger or form the bias drops before it is cut, and nobody has to stand still.";
    }

    /// When the hem is sewn.
    HemWhen, hem_when, "the hem is sewn" {
        Last, "last", "last", "Everything above it moves it.";
        Flat, "flat", "flat, before the seam is closed", "Easier where the tube is too narrow for the machine.";
        First, "first", "cut to length before the seams, sewn last", "Length is judged before anything else moves, on the body or the form.";
    }

    /// When the surplus below a hem is cut off.
    HemCut, hem_cut, "the surplus of a hem is cut" {
        Before, "before", "before stitching, once tried on", "The turn-up has one width all round.";
        After, "after", "after stitching", "What is not cut can still be let down.";
    }

    /// What a hem is sewn with.
    HemSewn, hem_sewn, "a deep hem is sewn" {
        Hand, "hand", "by hand", "It does not show outside, and gives.";
        Machine, "machine", "by machine, blind stitch", "An evening saved; a dimple shows in plain cloth.";
    }

    /// What becomes of a worn or decorative edge.
    OldEdge, old_edge, "the hem of denim is" {
        Original, "original", "kept", "Its wear cannot be sewn.";
        NewHem, "new_hem", "made new", "Flat, and the same all round.";
    }

    /// What becomes of a lining's edge.
    LiningEdge, lining_edge, "a lining is" {
        Folded, "folded", "folded up", "It ravels where it is cut, and can be let down again.";
        Cut, "cut", "cut", "No ridge inside a thin outside.";
    }

    /// How a lining hangs.
    LiningHangs, lining_hangs, "a lining is at the hem" {
        Attached, "attached", "attached all round", "Nothing shows from inside.";
        Free, "free", "left free and shorter", "Outside and lining each hang by themselves.";
        Caught, "caught", "hemmed by itself, caught at the seams", "It swings, and does not ride up.";
    }

    /// How two legs or sleeves are hemmed.
    Pairs, pairs, "two legs or sleeves are hemmed" {
        Parallel, "parallel", "step by step together", "Both get the same hand on the same evening.";
        Reference, "reference", "one first, as the pattern for the other", "A mistake is made once.";
    }
}
