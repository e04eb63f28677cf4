//! Lines and refusals of lines, said the way a sewist would hear them.

use crate::garment::Seam;
use crate::house::habit::Habits;
use crate::line::{LineCharacter, LineEnd, LineRefusal, Proposal};
use crate::operation::letting_out::LetOut;
use crate::unit::length::Length;

/// A line that leaves less steeply than one in so many leaves gently.
const GENTLE_SLOPE: f64 = 12.0;
/// A bend wider than this, in millimetres, is not seen as one.
const GENTLE_BEND: f64 = 1000.0;
/// A slope below this is level to any eye: 1 in 1000.
const LEVEL: f64 = 0.001;

/// How a line's stations are said: from its seam's usual datum, in the session's unit. A line carried
/// across goes on into the seam `beyond`, turned round.
#[derive(Debug, Clone, Copy)]
pub(crate) struct SeamWords<'a> {
    pub(crate) seam: &'a Seam,
    pub(crate) beyond: Option<&'a Seam>,
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
            LineRefusal::LetOut { station, wanted, most, .. } => {
                let uneven = let_out.filter(|limit| limit.uneven.mm() > most + 0.5).map(|limit| {
                    format!(
                        "; {} if the seam may move towards the side with less",
                        self.habits.scale.write(limit.uneven)
                    )
                });
                format!(
                    "the pin {} lets out {}, but the allowance gives {} at most{}: let out that much, or set in a strip",
                    self.station(*station),
                    self.length_of(*wanted),
                    self.length_of(*most),
                    uneven.unwrap_or_default()
                )
            }
            LineRefusal::InTheWay { station, wanted, most, .. } => format!(
                "the pin {} moves the seam by {}, but what is in the seam there allows {} at most: accept that much, take it from another seam, or unpick what is in the way first",
                self.station(*station),
                self.length_of(*wanted),
                self.length_of(*most)
            ),
            LineRefusal::NoRoomToFade { station, depth, room, longer, shallower } => {
                let mut ways = Vec::new();
                if let Some((needs, proposal)) = longer {
                    ways.push(format!(
                        "the taper needs {}: end it {}",
                        self.length_of(*needs),
                        self.taper(proposal, *station)
                    ));
                }
                if let Some((depth, _)) = shallower {
                    ways.push(format!("accept a depth of {} there", self.length_of(*depth)));
                }
                format!(
                    "{} cannot fade out in {} without a corner; {}",
                    self.length_of(*depth),
                    self.length_of(*room),
                    if ways.is_empty() { "pin it again".to_owned() } else { ways.join(", or ") }
                )
            }
            LineRefusal::Trouble => format!(
                "the line on the {} could not be worked out, which says nothing against the pins: move one of them by a little, or take one out, and tell whoever keeps this program",
                self.seam.name.words()
            ),
            LineRefusal::PinsDisagree { station, depth, shallower } => format!(
                "the pins near {} cannot be joined without a corner: {} there changes too fast{}",
                self.station(*station),
                self.length_of(*depth),
                shallower
                    .as_ref()
                    .map(|(depth, _)| format!("; {} would do, or pin it again", self.length_of(*depth)))
                    .unwrap_or_default()
            ),
        }
    }
}
