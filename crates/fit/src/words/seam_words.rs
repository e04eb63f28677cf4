//! Lines and refusals of lines, said the way a sewist would hear them.

use crate::garment::{Seam, SeamEnd, SeamName};
use crate::house::habit::Habits;
use crate::judge::letting_out::LetOut;
use crate::line::{LineCharacter, LineEnd, LineRefusal, Proposal};
use crate::unit::length::Length;
use crate::unit::scale::Scale;

/// A line that leaves less steeply than one in so many leaves gently.
const GENTLE_SLOPE: f64 = 12.0;
/// A bend wider than this, in millimetres, is not seen as one.
const GENTLE_BEND: f64 = 1000.0;
/// A slope below this is level to any eye: 1 in 1000.
const LEVEL: f64 = 0.001;

const fn runs_off(end: SeamEnd) -> &'static str {
    match end {
        SeamEnd::Hem => "runs off at the hem, mirrored into the turn-up",
        SeamEnd::Underarm(_) => "runs off at the underarm",
        SeamEnd::Tip => "runs off at the tip",
        _ => "runs off at the edge",
    }
}

/// Two edges of a new seam of which one comes out longer than it did.
pub(crate) fn edges_apart(seam: SeamName, longer: &str, by: Length, scale: Scale) -> String {
    format!(
        "Along the new {} the {longer} edge comes out {} longer than the other: ease it in, or trim it at the end.",
        seam.words(),
        scale.write(by)
    )
}

/// A seam that has no line because the one it is carried into has none.
pub(crate) fn one_line_with(seam: SeamName) -> String {
    format!(
        "It is one line with the {}, which cannot be drawn as it is pinned: mend that first.",
        seam.words()
    )
}

/// How a line's stations are said: from its seam's usual datum, in the session's unit. A line carried
/// across goes on into the seam `beyond`, turned round.
#[derive(Debug, Clone, Copy)]
pub(crate) struct SeamWords<'a> {
    pub(crate) seam: &'a Seam,
    pub(crate) beyond: Option<&'a Seam>,
    /// What is in the seam and in the way, by its name.
    pub(crate) in_it: Option<&'static str>,
    pub(crate) habits: &'a Habits,
}

impl SeamWords<'_> {
    fn length_of(self, mm: f64) -> String {
        self.habits.scale.write(Length::from_mm(mm))
    }

    /// "312 from the hem".
    pub(crate) fn station(self, mm: f64) -> String {
        let said = |seam: &Seam, mm: f64| {
            format!("{} from {}", self.habits.scale.write(seam.counted(mm)), seam.usual().datum.words())
        };
        match self.beyond {
            Some(beyond) if mm > self.seam.length + 1e-6 => {
                let turned = self.seam.length + beyond.length - mm;
                format!("{} on the {}", said(beyond, turned), beyond.name.words())
            }
            _ => said(self.seam, mm),
        }
    }

    fn taper(self, proposal: &Proposal, near: f64) -> String {
        let at = |end| if let LineEnd::Taper { at } = end { Some(at) } else { None };
        let ends = [at(proposal.lower), at(proposal.upper)];
        let nearest = ends
            .into_iter()
            .flatten()
            .min_by(|a, b| (a - near).abs().total_cmp(&(b - near).abs()))
            .unwrap_or(near);
        self.station(nearest)
    }

    /// "Back on the old stitching 312 from the hem; one depth through the band. Steepest 1 in 8,
    /// bends no tighter than 261."
    pub(crate) fn line(self, lower: &str, upper: &str, character: &LineCharacter) -> String {
        let steepest = 1.0 / character.steepest_slope.max(LEVEL);
        // A slope or a bend that no hand sees is no number to it.
        let leaves = if steepest >= GENTLE_SLOPE {
            "It leaves gently".to_owned()
        } else {
            format!("Steepest 1 in {steepest:.0}")
        };
        let bends = match character.tightest_radius {
            Some(radius) if radius <= GENTLE_BEND => {
                format!("bends no tighter than {}", self.length_of(radius))
            }
            Some(_) => "bends gently".to_owned(),
            None => "straight".to_owned(),
        };
        let mut sentence = format!("{lower}; {upper}. {leaves}, {bends}.");
        sentence[..1].make_ascii_uppercase();
        sentence
    }

    /// How a line ends: "back on the old stitching 312 from the hem".
    pub(crate) fn end(self, end: LineEnd, is_lower: bool, stitching: &str) -> String {
        let at = if is_lower { self.seam.lower } else { self.seam.upper };
        match end {
            LineEnd::Taper { .. } if at == SeamEnd::Tip => {
                format!("runs to nothing at the {} tip", if is_lower { "lower" } else { "upper" })
            }
            LineEnd::Taper { at } => format!("back on the {stitching} {}", self.station(at)),
            LineEnd::RunOff => runs_off(at).to_owned(),
            LineEnd::Carry if self.seam.name == SeamName::SleeveUnderarm => {
                "carried on into the side seam at the underarm".to_owned()
            }
            LineEnd::Carry => "carried on into the sleeve at the underarm".to_owned(),
            LineEnd::Hold { .. } => "one depth through the band".to_owned(),
        }
    }

    /// The refusal with the nearest thing that works.
    pub(crate) fn refusal(self, refusal: &LineRefusal, let_out: Option<LetOut>) -> String {
        match refusal {
            LineRefusal::NoPins => format!("nothing is pinned on the {}", self.seam.name.words()),
            LineRefusal::NoRoom { lower, upper } => format!(
                "the new line would leave the old one {} and rejoin it {}: nothing lies between; move one of them",
                self.station(*lower),
                self.station(*upper)
            ),
            LineRefusal::PinBeyondTaper { station, depth, taper, .. } => format!(
                "the pin {} asks for {}, but the line is back on the old one {}: let the line end beyond the pin, or take the pin out",
                self.station(*station),
                self.length_of(*depth),
                self.station(*taper)
            ),
            LineRefusal::LetOut { station, wanted, most, .. } if !self.shows(*most) => format!(
                "the pin {} lets out {}, and the allowance gives nothing: leave the seam as it is there, or set in a strip",
                self.station(*station),
                self.length_of(*wanted),
            ),
            LineRefusal::LetOut { station, wanted, most, .. } if *wanted <= *most => format!(
                "the line through the pin {} would let out more beside it than the {} inside the seam: let out less there, or set in a strip",
                self.station(*station),
                self.length_of(*most),
            ),
            LineRefusal::LetOut { station, wanted, most, .. } => {
                self.lets_out(*station, *wanted, *most, let_out)
            }
            LineRefusal::InTheWay { station, wanted, most, from, to, .. } => {
                self.in_the_way(*station, *wanted, *most, [*from, *to])
            }
            LineRefusal::NoRoomToFade { station, depth, room, pinned, longer, shallower } => {
                self.no_room_to_fade([*station, *depth, *room], *pinned, longer.as_ref(), shallower.as_ref())
            }
            LineRefusal::Both { first, then } => {
                format!("{}. And without that: {}", self.refusal(first, let_out), self.refusal(then, let_out))
            }
            LineRefusal::Trouble => format!(
                "the line on the {} could not be worked out, which says nothing against the pins: move one of them by a little, or take one out, and tell whoever keeps this program",
                self.seam.name.words()
            ),
            LineRefusal::PinsDisagree { station, depth, beside, shallower } => {
                self.pins_disagree([*station, *depth], *beside, shallower.as_ref().map(|(depth, _)| *depth))
            }
        }
    }

    /// A pin that asks for more than lies inside.
    fn lets_out(self, station: f64, wanted: f64, most: f64, let_out: Option<LetOut>) -> String {
        let uneven = let_out.filter(|limit| limit.uneven.mm() > most + 0.5).map(|limit| {
            format!(
                "; {} if the seam may move towards the side with less",
                self.habits.scale.write(limit.uneven)
            )
        });
        format!(
            "the pin {} lets out {}, but the allowance gives {} at most{}: let out that much, or set in a strip",
            self.station(station),
            self.length_of(wanted),
            self.length_of(most),
            uneven.unwrap_or_default()
        )
    }

    /// A depth that cannot run out in the room it has, with the ways that would do.
    fn no_room_to_fade(
        self,
        [station, depth, room]: [f64; 3],
        pinned: bool,
        longer: Option<&(f64, Proposal)>,
        shallower: Option<&(f64, Proposal)>,
    ) -> String {
        let mut ways = Vec::new();
        if let Some((needs, proposal)) = longer {
            ways.push(format!(
                "the taper needs {}: end it {}",
                self.length_of(*needs),
                self.taper(proposal, station)
            ));
        }
        if let Some((depth, _)) = shallower {
            ways.push(if self.shows(*depth) {
                format!("accept a depth of {} there", self.length_of(*depth))
            } else {
                "leave the seam as it is there".to_owned()
            });
        }
        if pinned {
            ways.push("take the pin of nothing out".to_owned());
        }
        format!(
            "{} cannot fade out in {}{} without a corner; {}",
            self.length_of(depth),
            self.length_of(room),
            if pinned { ", where a pin says nothing," } else { "" },
            if ways.is_empty() { "pin it again".to_owned() } else { ways.join(", or ") }
        )
    }

    /// Two pins that no line joins without a corner.
    fn pins_disagree(
        self,
        [station, depth]: [f64; 2],
        beside: Option<(f64, f64)>,
        shallower: Option<f64>,
    ) -> String {
        let would_do = shallower
            .map(|depth| format!("; {} there would do, or pin it again", self.length_of(depth)))
            .unwrap_or_default();
        match beside {
            Some((other, deep)) => format!(
                "the pin {} ({}) and the one {} ({}) cannot be joined without a corner: the depth changes too fast{would_do}",
                self.station(station),
                self.length_of(depth),
                self.station(other),
                self.length_of(deep)
            ),
            None => format!(
                "the pins near {} cannot be joined without a corner: {} there changes too fast{would_do}",
                self.station(station),
                self.length_of(depth)
            ),
        }
    }

    fn shows(self, mm: f64) -> bool {
        self.habits.scale.shows(Length::from_mm(mm))
    }

    /// What is in the seam, at the pin or beside it.
    fn in_the_way(self, station: f64, wanted: f64, most: f64, [from, to]: [f64; 2]) -> String {
        let what = self.in_it.unwrap_or("what is in the seam");
        let beside = (station - station.clamp(from, to)).abs();
        let allows = if self.shows(most) {
            format!("{} at most", self.length_of(most.abs()))
        } else {
            "no change at all".to_owned()
        };
        if self.shows(beside) {
            return format!(
                "the pin {} moves the seam by {}, and {} away {what} allows {allows}: pin less there, move the pin away, or unpick what is in the way first",
                self.station(station),
                self.length_of(wanted),
                self.length_of(beside)
            );
        }
        let named = self.in_it.map_or_else(String::new, |what| format!(" ({what})"));
        format!(
            "the pin {} moves the seam by {}, but what is in the seam there allows {allows}{named}: accept that, take it from another seam, or unpick what is in the way first",
            self.station(station),
            self.length_of(wanted),
        )
    }
}
