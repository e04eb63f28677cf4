//! What a tick or a confirmation vouches for: the geometry it was about, as it stood. It holds as long as that does.

use serde::{Deserialize, Serialize};

use crate::garment::hem_kind::HemKind;
use crate::garment::side::Side;
use crate::garment::{AlterationKind, HemName, SeamName};
use crate::line::Line;
use crate::unit::length::Length;

/// How often a line is kept, in millimetres: closer than pins stand, so that no pin moves between two of them.
const KEEP_EVERY: f64 = 30.0;
/// The longest seam has no more places than this.
const MOST_PLACES: usize = 100;
/// A turn-up within this is the same, in millimetres: the folds of one kind of hem differ by as much between a tape
/// with inches and one without.
const SAME_TURN_UP: f64 = 2.0;

/// One thing vouched for.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(tag = "of", rename_all = "snake_case", deny_unknown_fields)]
pub enum Vouched {
    /// Where the line of a seam lies.
    Line {
        /// The seam.
        seam: SeamName,
        /// Its side.
        side: Side,
        /// Depths from the seam's lower end up, evenly spaced.
        depths: Vec<Length>,
    },
    /// What stays inside a seam.
    Allowance {
        /// The seam.
        seam: SeamName,
        /// What stays beyond the new stitching.
        stays: Length,
    },
    /// What is inside a seam now, on its two edges.
    Inside {
        /// The seam.
        seam: SeamName,
        /// On each edge; nothing where nobody has looked.
        edges: Option<[Length; 2]>,
    },
    /// Where the new fold of a hem lies.
    Fold {
        /// The hem.
        hem: HemName,
        /// The leg or sleeve; `centre` for the only one.
        side: Side,
        /// How far it goes up at places evenly round it, in turning order.
        takes_up: Vec<Length>,
    },
    /// What a hem turns up, and how it is made.
    TurnUp {
        /// The hem.
        hem: HemName,
        /// How it is made.
        kind: HemKind,
        /// What is turned up in all.
        allowance: Length,
    },
    /// Where something was opened.
    Opened {
        /// For the lines of these seams.
        seams: Vec<SeamName>,
    },
    /// How an alteration lies that is neither a line nor a hem.
    Alteration {
        /// What is done.
        #[cfg_attr(feature = "schema", schema(value_type = String, min_length = 1, max_length = 40))]
        alteration: AlterationKind,
        /// Where on the garment.
        #[cfg_attr(feature = "schema", schema(min_length = 1, max_length = 64))]
        place: String,
        /// Lengths that say how it lies.
        lengths: Vec<Length>,
    },
    /// All of it as it was seen: the mark the step had then. It is looked up before it is kept.
    Seen {
        /// The mark.
        #[cfg_attr(feature = "schema", schema(min_length = 16, max_length = 16))]
        mark: String,
    },
}

/// Why a tick or a confirmation does not hold any more.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum Lapse {
    /// A line lies elsewhere.
    LineMoved {
        /// The seam.
        seam: SeamName,
        /// By how much at most.
        by: Length,
    },
    /// A seam has a line that had none.
    LineNew {
        /// The seam.
        seam: SeamName,
    },
    /// A seam that had a line stays as it is.
    LineGone {
        /// The seam.
        seam: SeamName,
    },
    /// Another allowance stays inside a seam.
    Allowance {
        /// The seam.
        seam: SeamName,
        /// What stays now.
        stays: Length,
    },
    /// Something else is inside a seam than was said.
    Inside {
        /// The seam.
        seam: SeamName,
    },
    /// A fold lies elsewhere.
    FoldMoved {
        /// The hem.
        hem: HemName,
        /// By how much at most.
        by: Length,
    },
    /// A hem is made in another way.
    MadeOtherwise {
        /// The hem.
        hem: HemName,
    },
    /// More turns up, or less.
    TurnUp {
        /// The hem.
        hem: HemName,
        /// What turns up now.
        allowance: Length,
    },
    /// A hem that was to be made is not.
    HemGone {
        /// The hem.
        hem: HemName,
    },
    /// An alteration lies elsewhere; by how much at most, where it was done before.
    Altered {
        /// What is done.
        alteration: AlterationKind,
        /// By how much at most.
        by: Option<Length>,
    },
    /// An alteration is not done after all.
    NotAltered {
        /// What was to be done.
        alteration: AlterationKind,
    },
    /// It has to be open at one more seam.
    OpenFurther {
        /// The seam.
        seam: SeamName,
    },
}

impl Vouched {
    /// A line as it lies.
    #[must_use]
    pub fn line(seam: SeamName, side: Side, line: &Line) -> Vouched {
        let pieces = (line.length / KEEP_EVERY).ceil().max(1.0) as u32;
        let depths = (0..=pieces)
            .map(|piece| (f64::from(piece) * KEEP_EVERY).min(line.length))
            .map(|station| Length::hundredth(line.depth(station)))
            .collect();
        Vouched::Line { seam, side, depths }
    }

    /// True where it is no longer than a seam or a hem can be.
    #[must_use]
    pub fn is_measured(&self) -> bool {
        match self {
            Vouched::Line { depths, .. } => depths.len() <= MOST_PLACES,
            Vouched::Fold { takes_up, .. } => takes_up.len() <= MOST_PLACES,
            Vouched::Alteration { place, lengths, .. } => place.len() <= 64 && lengths.len() <= MOST_PLACES,
            Vouched::Opened { seams } => seams.len() <= SeamName::ALL.len(),
            Vouched::Seen { mark } => mark.len() == 16,
            Vouched::Allowance { .. } | Vouched::Inside { .. } | Vouched::TurnUp { .. } => true,
        }
    }

    /// True where both are about the same thing.
    fn is_about(&self, other: &Vouched) -> bool {
        match (self, other) {
            (Vouched::Line { seam: a, side: b, .. }, Vouched::Line { seam: c, side: d, .. }) => {
                (a, b) == (c, d)
            }
            (Vouched::Allowance { seam: a, .. }, Vouched::Allowance { seam: b, .. })
            | (Vouched::Inside { seam: a, .. }, Vouched::Inside { seam: b, .. }) => a == b,
            (Vouched::Fold { hem: a, side: b, .. }, Vouched::Fold { hem: c, side: d, .. }) => {
                (a, b) == (c, d)
            }
            (Vouched::TurnUp { hem: a, .. }, Vouched::TurnUp { hem: b, .. }) => a == b,
            (
                Vouched::Alteration { alteration: a, place: b, .. },
                Vouched::Alteration { alteration: c, place: d, .. },
            ) => (a, b) == (c, d),
            (Vouched::Opened { .. }, Vouched::Opened { .. }) => true,
            _ => false,
        }
    }

    /// True where it says nothing at all: a line that lies on the old stitching throughout.
    fn is_nothing(&self, within: Length) -> bool {
        matches!(self, Vouched::Line { depths, .. } if depths.iter().all(|depth| depth.abs() <= within))
    }

    /// What is new in this against what was vouched for, if it says anything else.
    fn differs(&self, was: Option<&Vouched>, within: Length) -> Option<Lapse> {
        let moved = |is: &[Length], was: &[Length]| {
            let by = furthest(is, was);
            (by > within).then_some(by)
        };
        match (self, was) {
            (Vouched::Line { seam, depths, .. }, Some(Vouched::Line { depths: was, .. })) => {
                moved(depths, was).map(|by| Lapse::LineMoved { seam: *seam, by })
            }
            (Vouched::Line { seam, .. }, _) => Some(Lapse::LineNew { seam: *seam }),
            (Vouched::Allowance { seam, stays }, was) => {
                let same = matches!(was, Some(Vouched::Allowance { stays: was, .. }) if (*stays - *was).abs() <= within);
                (!same).then_some(Lapse::Allowance { seam: *seam, stays: *stays })
            }
            (Vouched::Inside { seam, edges }, was) => {
                let near = |[a, b]: [Length; 2], [c, d]: [Length; 2]| {
                    (a - c).abs() <= within && (b - d).abs() <= within
                };
                let same = match was {
                    Some(Vouched::Inside { edges: was, .. }) => match (edges, was) {
                        (Some(is), Some(was)) => near(*is, *was),
                        (is, was) => is == was,
                    },
                    _ => false,
                };
                (!same).then_some(Lapse::Inside { seam: *seam })
            }
            (Vouched::Fold { hem, takes_up, .. }, Some(Vouched::Fold { takes_up: was, .. })) => {
                moved(takes_up, was).map(|by| Lapse::FoldMoved { hem: *hem, by })
            }
            (Vouched::Fold { hem, .. }, _) => Some(Lapse::MadeOtherwise { hem: *hem }),
            (
                Vouched::TurnUp { hem, kind, allowance },
                Some(Vouched::TurnUp { kind: made, allowance: was, .. }),
            ) => {
                if kind != made {
                    Some(Lapse::MadeOtherwise { hem: *hem })
                } else {
                    let apart = (*allowance - *was).abs().mm() > SAME_TURN_UP;
                    apart.then_some(Lapse::TurnUp { hem: *hem, allowance: *allowance })
                }
            }
            (Vouched::TurnUp { hem, .. }, _) => Some(Lapse::MadeOtherwise { hem: *hem }),
            (Vouched::Alteration { alteration, lengths, .. }, was) => match was {
                Some(Vouched::Alteration { lengths: was, .. }) => {
                    moved(lengths, was).map(|by| Lapse::Altered { alteration: *alteration, by: Some(by) })
                }
                _ => Some(Lapse::Altered { alteration: *alteration, by: None }),
            },
            (Vouched::Opened { seams }, was) => {
                let open = match was {
                    Some(Vouched::Opened { seams }) => seams.as_slice(),
                    _ => &[],
                };
                seams.iter().find(|seam| !open.contains(seam)).map(|seam| Lapse::OpenFurther { seam: *seam })
            }
            (Vouched::Seen { .. }, _) => None,
        }
    }

    /// Why nothing stands where this stood.
    fn gone(&self) -> Option<Lapse> {
        match self {
            Vouched::Line { seam, .. } => Some(Lapse::LineGone { seam: *seam }),
            Vouched::Fold { hem, .. } | Vouched::TurnUp { hem, .. } => Some(Lapse::HemGone { hem: *hem }),
            Vouched::Alteration { alteration, .. } => Some(Lapse::NotAltered { alteration: *alteration }),
            Vouched::Allowance { .. }
            | Vouched::Inside { .. }
            | Vouched::Opened { .. }
            | Vouched::Seen { .. } => None,
        }
    }

    /// Every number in it.
    fn numbers(&self) -> Vec<i64> {
        let all = |lengths: &[Length]| lengths.iter().map(|length| length.nm()).collect();
        match self {
            Vouched::Line { depths, .. } => all(depths),
            Vouched::Allowance { stays, .. } => vec![stays.nm()],
            Vouched::Inside { edges, .. } => edges.iter().flatten().map(|edge| edge.nm()).collect(),
            Vouched::Fold { takes_up, .. } => all(takes_up),
            Vouched::TurnUp { allowance, .. } => vec![allowance.nm()],
            Vouched::Alteration { lengths, .. } => all(lengths),
            Vouched::Opened { .. } | Vouched::Seen { .. } => Vec::new(),
        }
    }

    /// What it is about, in a word.
    fn about(&self) -> String {
        match self {
            Vouched::Line { seam, side, .. } => format!("line {} {}", seam.key(), side.words()),
            Vouched::Allowance { seam, .. } => format!("allowance {}", seam.key()),
            Vouched::Inside { seam, .. } => format!("inside {}", seam.key()),
            Vouched::Fold { hem, side, .. } => format!("fold {} {}", hem.key(), side.words()),
            Vouched::TurnUp { hem, kind, .. } => format!("turn-up {} {kind:?}", hem.key()),
            Vouched::Alteration { alteration, place, .. } => format!("{} {place}", alteration.key()),
            Vouched::Opened { seams } => seams.iter().map(|seam| seam.key()).collect::<Vec<_>>().join(" "),
            Vouched::Seen { mark } => mark.clone(),
        }
    }
}

/// A short mark of all of it: equal only where everything is, to a hundredth of a millimetre. After FNV-1a (Fowler,
/// Noll, Vo), by words of 64 bits: it needs to be no more than unlikely to repeat.
#[must_use]
pub fn mark(vouches: &[Vouched]) -> String {
    let mut hash: u64 = 0xcbf2_9ce4_8422_2325;
    let mut feed = |word: u64| hash = (hash ^ word).wrapping_mul(0x0100_0000_01b3);
    for each in vouches {
        each.about().bytes().for_each(|byte| feed(u64::from(byte)));
        each.numbers().into_iter().for_each(|number| feed(number.cast_unsigned()));
    }
    format!("{hash:016x}")
}

/// The greatest difference of two rows; where one is shorter, nothing stands in it.
fn furthest(one: &[Length], other: &[Length]) -> Length {
    let at = |row: &[Length], i: usize| row.get(i).copied().unwrap_or_default();
    (0..one.len().max(other.len())).map(|i| (at(one, i) - at(other, i)).abs()).max().unwrap_or_default()
}

/// Why what was vouched for does not hold for what is there now: the greatest change of all. `None` while it holds.
#[must_use]
pub fn lapse(was: &[Vouched], is: &[Vouched], within: Length) -> Option<Lapse> {
    // A mark is looked up when it is kept, and refused then if it is another.
    if was.iter().any(|each| matches!(each, Vouched::Seen { .. })) {
        return None;
    }
    let find = |all: &'_ [Vouched], one: &Vouched| all.iter().find(|each| each.is_about(one)).cloned();
    let gone = was
        .iter()
        .filter(|each| !each.is_nothing(within) && find(is, each).is_none())
        .find_map(Vouched::gone);
    let changed = is
        .iter()
        .filter(|each| !each.is_nothing(within) || find(was, each).is_some())
        .filter_map(|each| each.differs(find(was, each).as_ref(), within));
    let by = |lapse: &Lapse| match lapse {
        Lapse::LineMoved { by, .. } | Lapse::FoldMoved { by, .. } | Lapse::Altered { by: Some(by), .. } => {
            *by
        }
        // What is new or gone altogether is the greater change.
        _ => Length::from_mm(f64::from(u16::MAX)),
    };
    gone.into_iter().chain(changed).max_by_key(by)
}
