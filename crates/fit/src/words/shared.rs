//! What limits a share, what a plan is called, and what comes of it, in words.

use crate::garment::{FixtureKind, LevelName, SeamName};
use crate::judge::ease::Verdict;
use crate::pattern::PanelName;
use crate::unit::length::Length;
use crate::unit::scale::Scale;

/// Why a seam can give no more.
#[derive(Debug, Clone, Copy)]
pub(crate) enum GivesOnly {
    /// A quarter of what a panel has there.
    Panel(PanelName),
    /// A dart holds so much at most, and so much now.
    DartHolds {
        most: Length,
        now: Length,
    },
    /// A dart that is let out holds so much.
    DartHeld(Length),
    Inside(Length),
    NobodyLooked,
    Clipped(Length),
    Fixed(FixtureKind),
    SideSwings,
    PocketsMeet,
    /// What its line can fade out from.
    Fades,
}

impl GivesOnly {
    pub(crate) fn words(self, scale: Scale) -> String {
        let write = |length| scale.write(length);
        match self {
            GivesOnly::Panel(panel) => format!("a quarter of the {} panel", panel.words()),
            GivesOnly::DartHolds { most, now } => {
                format!("one dart holds {} at most, and it holds {} now", write(most), write(now))
            }
            GivesOnly::DartHeld(held) => format!("it holds {} now", write(held)),
            GivesOnly::Inside(even) => format!("{} can be let out of what is inside", write(even)),
            GivesOnly::NobodyLooked => "nobody has looked how much is inside".to_owned(),
            GivesOnly::Clipped(left) => format!("the allowance is clipped to {} there", write(left)),
            GivesOnly::Fixed(kind) => format!("the {} in it", kind.words()),
            GivesOnly::SideSwings => "beyond that the side seams swing back".to_owned(),
            GivesOnly::PocketsMeet => "the back pockets would meet".to_owned(),
            GivesOnly::Fades => "what its line can fade out from".to_owned(),
        }
    }
}

/// A seam that gives, or a dart that is not there yet.
pub(crate) fn source_words(seam: SeamName, new_dart: bool) -> String {
    if new_dart { format!("new {}", seam.words()) } else { seam.words().to_owned() }
}

/// What a plan is called: by what gives, or as pinned where nothing is asked.
pub(crate) fn plan_title(gives: Option<&[String]>) -> String {
    let mut title = gives.map_or_else(|| "as pinned".to_owned(), |names| names.join(" and "));
    title[..1].make_ascii_uppercase();
    title
}

/// Less can be had than is asked: how much is asked and can be had, and whether it is taken in.
pub(crate) fn falls_short([asked, can]: [Length; 2], takes_in: bool, scale: Scale) -> String {
    let [asked, most] = [asked, can].map(|length| scale.write(length));
    let act = if takes_in {
        "Take the rest elsewhere (a tuck, a pleat, elastic), or unpick what is in the way"
    } else {
        "Look into the seams nobody has looked into, or set in a strip for the rest"
    };
    format!("Of {asked} the seams can give {most} here. {act}; what follows shares out {most}.")
}

/// Something that comes of a plan. Ways are positive where they go to the back, or make less of what is there.
pub(crate) enum Consequence {
    /// So many places are opened, and no edge moves more than this.
    Places(usize, Length),
    SideSwings(Length),
    SideStays,
    /// Back pockets come closer together by this.
    Pockets(Length),
    /// A dart holds so much then; a new one where there was none.
    Dart {
        dart: SeamName,
        new: bool,
        holds: Length,
    },
    Band,
    Ease(LevelName, Length, Verdict),
    /// A line is refused, and why.
    Refused(String),
}

impl Consequence {
    pub(crate) fn words(&self, scale: Scale) -> String {
        let write = |length: &Length| scale.write(length.abs());
        match self {
            Consequence::Places(0, _) => "Nothing is pinned at this level.".to_owned(),
            Consequence::Places(1, moves) => format!("One place to open; each edge moves {}.", write(moves)),
            Consequence::Places(n, moves) => {
                format!("{n} places to open; no edge moves more than {}.", write(moves))
            }
            Consequence::SideSwings(by) => {
                let way = if by.is_positive() { "back" } else { "front" };
                format!("The side seam swings {} towards the {way}.", write(by))
            }
            Consequence::SideStays => "The side seam stays at the side.".to_owned(),
            Consequence::Pockets(by) => {
                let way = if by.is_positive() { "closer together" } else { "further apart" };
                format!("Back pockets come {} {way}.", write(by))
            }
            Consequence::Dart { dart, new, holds } => {
                let [which, then] = if *new { ["A new", "on each side"] } else { ["Each", "then"] };
                format!("{which} {} {then} holds {}.", dart.words(), write(holds))
            }
            Consequence::Band => "The band is opened and shortened by as much.".to_owned(),
            Consequence::Ease(level, ease, verdict) => {
                let (level, ease) = (level.words(), scale.write(*ease));
                format!("The {level} then has {ease} of ease: {}.", verdict.words())
            }
            Consequence::Refused(message) => format!("One line cannot be sewn as it is: {message}."),
        }
    }
}
