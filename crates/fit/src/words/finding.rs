//! What was found, in sentences.

use chrono::NaiveDate;

use super::alteration::alteration_found;
use super::beyond;
use super::collision::collision_words;
use super::hem_pair::{hem_pair_words, uneven_words};
use super::hem_refusal::hem_refused;
use super::hem_waits::hem_waits;
use super::inset::inset_words;
use super::length_said::length_said;
use super::seam_words::SeamWords;
use crate::body::measures::MeasureName;
use crate::finding::warning::{ToRead, Warning};
use crate::finding::{Finding, InSeam, Limited, OneSideOnly, Refused, Unread};
use crate::garment::side::Side;
use crate::garment::{FixtureKind, FlatName, LevelName, Purpose, SeamName};
use crate::house::caution::Caution;
use crate::house::habit::Habits;
use crate::house::rules::HouseRule;
use crate::judge::armhole::ArmholeFit;
use crate::judge::ease::FootThrough;
use crate::judge::stride::Stride;
use crate::unit::length::Length;

/// A finding as the person is told.
pub(crate) fn warning(finding: &Finding, habits: &Habits) -> Warning {
    Warning {
        code: finding.code(),
        weight: finding.weight(),
        about: finding.about(),
        message: Said { habits }.finding(finding),
        read: finding.unread().map(|unread| to_read(unread, habits)),
        ways: match finding {
            Finding::Unpinned(unpinned) => beyond::ways(unpinned, habits),
            _ => Vec::new(),
        },
    }
}

/// A refused line, as a sentence.
pub(crate) fn line_refused(finding: &Finding, habits: &Habits) -> String {
    Said { habits }.finding(finding)
}

/// What the button says that asks for a reading, and what it fills in.
fn to_read(unread: &Unread, habits: &Habits) -> ToRead {
    let usual = unread.seam.usual();
    // A place a tape has a mark for.
    let counted = habits.scale.nearest(Length::from_mm(usual.counted(unread.station).max(0.0)));
    let side = unread.side;
    let whose = if side == Side::Centre { String::new() } else { format!("{} ", side.words()) };
    let words = format!(
        "Read the {whose}{} at {} from {}",
        unread.seam.name.words(),
        habits.scale.write(counted),
        usual.datum.words()
    );
    let station = habits.scale.number(counted);
    ToRead { seam: unread.seam.name, side, datum: usual.datum, station, words }
}

struct Said<'a> {
    habits: &'a Habits,
}

impl Said<'_> {
    fn write(&self, length: Length) -> String {
        self.habits.scale.write(length)
    }

    fn rule(&self, rule: HouseRule) -> String {
        self.write(Length::from_mm(self.habits.rule(rule)))
    }

    fn refused(&self, refused: &Refused) -> String {
        let words = SeamWords {
            seam: &refused.seam,
            beyond: refused.beyond.as_ref(),
            in_it: refused.in_it.map(in_seam),
            habits: self.habits,
        };
        let why = capital(words.refusal(&refused.refusal, refused.let_out));
        let Some(unread) = &refused.unread else { return format!("{why}.") };
        let side = unread.side.words();
        format!(
            "{why}. It comes of a reading that was not taken: the {side} {} {}. Read it first.",
            unread.seam.name.words(),
            words.station(unread.station)
        )
    }

    /// What a reading beyond its limit comes to.
    fn limited(&self, limited: &Limited) -> String {
        let words = SeamWords { seam: &limited.seam, beyond: None, in_it: None, habits: self.habits };
        let [asked, comes_to] = limited.depths;
        let verb = if asked.is_negative() { "lets out" } else { "takes in" };
        let what = in_seam(limited.by);
        let scale = self.habits.scale;
        let mut allows = if scale.shows(limited.most) {
            format!("{what} allows {} there", self.write(limited.most.abs()))
        } else {
            format!("{what} allows nothing there")
        };
        // Two numbers that stand on one mark of the tape are told apart by words.
        if scale.number(asked.abs()) == scale.number(limited.most.abs()) {
            allows = format!("{what} allows a little less there");
        }
        let sewn = if scale.shows(comes_to) {
            format!("the line {verb} {}", self.write(comes_to.abs()))
        } else {
            "the seam stays as it is there".to_owned()
        };
        let act = match limited.by {
            InSeam::Fixture(FixtureKind::Match) => "Leave it at that, or take it from another seam.",
            InSeam::Fixture(_) => {
                "Leave it at that, take it from another seam, or take out first what is in the way."
            }
            InSeam::Inside | InSeam::Clip => "Leave it at that, let out another seam too, or set in a strip.",
        };
        format!(
            "The pin {} {verb} {}, but {allows}: {sewn}. {act}",
            words.station(limited.station),
            self.write(asked.abs())
        )
    }

    fn finding(&self, finding: &Finding) -> String {
        let write = |length: &Length| self.write(*length);
        match finding {
            Finding::FlatsMissing { missing, known } => flats_missing(missing, known),
            Finding::FlatsEstimated(estimated) => flats_estimated(estimated),
            Finding::FlatsDisagree(error) => {
                format!("{}. Until then lines are drawn, but no girths.", capital(error.to_string()))
            }
            Finding::Alteration { wish, found } | Finding::AlterationRefused { wish, why: found } => {
                alteration_found(wish, found, self.habits.scale)
            }
            Finding::ForbiddenPurpose(purpose) => forbidden(*purpose).to_owned(),
            Finding::ReadBeforeWash { washed: false } => "It was pinned before it was washed: mark the pins with thread, wash it, then fit it again. What is read now does not hold afterwards.".to_owned(),
            Finding::ReadBeforeWash { washed: true } => "It was washed after these pins were read: they do not hold any more. Fit it again and read it anew, then tick that.".to_owned(),
            Finding::SeamUnmeasured(seam) => format!(
                "The length of the {} is not known, so its pins wait; measure it on the garment.",
                seam.words()
            ),
            Finding::SeamStays(seam) => {
                format!("Every pin on the {} says nothing: it stays as it is.", seam.words())
            }
            Finding::NotRead { at, halved, read } => self.not_read(at, *halved, read),
            Finding::Twist { seam, anchored } => self.twist(*seam, *anchored),
            Finding::OneSideOnly(only) => one_side_only(only),
            Finding::LineRefused(refused) => self.refused(refused),
            Finding::Limited(limited) => self.limited(limited),
            Finding::Unpinned(unpinned) => beyond::unpinned(unpinned, self.habits),
            Finding::Unmeasured { wearer } => {
                format!("{wearer} has no measures yet: girths are computed, ease and verdicts wait for them.")
            }
            Finding::MeasuresMissing { wearer, missing } => measures_missing(wearer, missing),
            Finding::MeasuresStale { wearer, taken_on, days } => measures_stale(wearer, *taken_on, *days),
            Finding::Strains { level, cannot, ease, floor } => self.strains(*level, cannot, [*ease, *floor]),
            Finding::Seated(seated) => self.seated(seated),
            Finding::Foot(foot) => self.foot(foot),
            Finding::PutOn(check) => check.words.clone(),
            Finding::Length { said, .. } => length_said(*said, self.habits.scale),
            Finding::Armhole(fit) => armhole(fit),
            Finding::Inset(inset) => inset_words(inset, self.habits.scale),
            Finding::LacingClosed(level) => format!(
                "At the {} the laced edges already meet: nothing is left to tighten. Take the seams in there, or pad.",
                level.words()
            ),
            Finding::LacingPanel { panel, gap, overlap } => self.lacing_panel([*panel, *gap, *overlap]),
            Finding::Stride(stride) => self.stride(stride),
            Finding::LeansFar { seam, level } => leans_far(*seam, *level),
            Finding::BackShare(total) => format!(
                "The centre back alone takes {}: the side seams will swing back. Pin some of it at the sides.",
                write(total)
            ),
            Finding::BackPockets(total) => format!(
                "The centre back takes {}; back pockets come that much closer at their height. Look at them in the mirror.",
                write(total)
            ),
            Finding::BackGap { left, gap, reads_as_one } => self.back_gap([*left, *gap], *reads_as_one),
            Finding::Crease(shift) => format!(
                "Only the outseam moves, so the crease and the side pockets shift {} inward at the deepest point. Share with the inseam below the crotch if that shows.",
                write(shift)
            ),
            Finding::LegShift(shift) => self.leg_shift(*shift),
            Finding::FixtureLimits { kind, seam, most } => self.fixture_limits(*kind, *seam, *most),
            Finding::CrossLength { seam, takes, girths } => self.cross_length(*seam, *takes, girths),
            Finding::WaistCrossed(seams) => waist_crossed(seams),
            Finding::Traces { seam, looked } => traces(*seam, *looked),
            Finding::HemWaits { waits, wearer, .. } => hem_waits(*waits, wearer),
            Finding::HemRefused { refusal, turned, .. } => {
                hem_refused(*refusal, turned.as_deref(), self.habits.scale)
            }
            Finding::HemUneven { uneven, .. } => uneven_words(uneven, self.habits.scale),
            Finding::HemPair { hem, said } => hem_pair_words(*said, *hem, self.habits.scale),
            Finding::HemSplayed { turned, .. } => turned.words.join(" "),
            Finding::HemBlocked { by, .. } => collision_words(by, self.habits.scale),
            Finding::HemShrinks { share, .. } => hem_shrinks(*share),
            Finding::HemTrips { above } => self.hem_trips(*above),
        }
    }

    fn twist(&self, seam: SeamName, anchored: bool) -> String {
        let ask = if anchored {
            "Centre front and back were anchored, so the body may be uneven (a high hip, a low side): keep both lines, or pin again."
        } else {
            "Were centre front and back anchored? If not, the garment was dragged round: pin again. If they were, the body may be uneven: keep both lines."
        };
        format!(
            "Left and right differ by more than {} the same way all along the {}. {ask}",
            self.rule(HouseRule::TwistAsk),
            seam.words()
        )
    }

    fn foot(&self, foot: &FootThrough) -> String {
        let (opening, around) = (self.write(foot.opening), self.write(foot.foot));
        let (goes, act) = if foot.passes {
            ("The foot gets through", "")
        } else {
            ("The foot will not get through", " Take in less below the knee, or leave a slit.")
        };
        format!(
            "{goes}: the {} opens to {opening} and heel and instep measure {around}.{act}",
            foot.level.words()
        )
    }

    fn lacing_panel(&self, [panel, gap, overlap]: [Length; 3]) -> String {
        format!(
            "A modesty panel has to be {} wide: the widest gap of {} and {} under each edge. Loosen the lacing at numbness or breathlessness.",
            self.write(panel),
            self.write(gap),
            self.write(overlap)
        )
    }

    fn stride(&self, stride: &Stride) -> String {
        let act = match &stride.slit {
            Some(slit) => format!("A slit or vent {} high gives it, or a wider hem", self.write(*slit)),
            None => "It wants a wider hem".to_owned(),
        };
        format!(
            "The hem will not let you step: {} above the floor a step of {} takes {} round, and it has {}. {act}.",
            self.write(stride.height),
            self.rule(HouseRule::Stride),
            self.write(stride.needs),
            self.write(stride.girth)
        )
    }

    fn back_gap(&self, [left, gap]: [Length; 2], reads_as_one: bool) -> String {
        let act = if reads_as_one {
            "That reads as one pocket: take some of it at the side seams instead."
        } else {
            "Look at them from behind when it is tried on."
        };
        format!("Between the back pockets {} is left at most of {}. {act}", self.write(left), self.write(gap))
    }

    fn leg_shift(&self, shift: Length) -> String {
        let way = if shift.is_positive() { "inward" } else { "outward" };
        format!(
            "The middle of each leg moves {} {way}, and the crease with it: half of what outseam and inseam differ.",
            self.write(shift.abs())
        )
    }

    fn fixture_limits(&self, kind: FixtureKind, seam: SeamName, most: Length) -> String {
        let seam = seam.words();
        match kind {
            FixtureKind::Match => format!(
                "A pattern meets across the {seam}, and beyond {} it is seen not to: lay it together before it is pinned to sew.",
                self.write(most)
            ),
            FixtureKind::Pocket => format!(
                "The pocket in the {seam} lies where the line runs: it comes out and goes back, and its mouth loses what the seam loses. The hand still has to go in."
            ),
            FixtureKind::Zip | FixtureKind::Buttons | FixtureKind::Label => format!(
                "The {} in the {seam} lies where the line runs: it is taken out before and set back after.",
                kind.words()
            ),
        }
    }

    fn cross_length(
        &self,
        seam: SeamName,
        [start, end]: [Length; 2],
        girths: &[(LevelName, Length)],
    ) -> String {
        let [from, to] = match seam {
            SeamName::Shoulder => ["at the neck", "at the armhole"],
            SeamName::Yoke => ["at the centre back", "at the armhole"],
            _ => ["at the centre front", "at the centre back"],
        };
        let shown: Vec<String> = girths
            .iter()
            .filter(|(_, by)| self.habits.scale.shows(*by))
            .map(|(level, by)| {
                let way = if by.is_negative() { "smaller" } else { "larger" };
                format!("the {} {} {way}", level.words(), self.write(by.abs()))
            })
            .collect();
        let makes = match shown.split_last() {
            None => None,
            Some((last, [])) => Some(last.clone()),
            Some((last, rest)) => Some(format!("{} and {last}", rest.join(", "))),
        };
        let girths = makes.map_or("; no girth changes".to_owned(), |makes| {
            format!("; other cloth comes to lie at the levels, which makes {makes}")
        });
        format!(
            "The {} takes {} of length {from} and {} {to}{girths}. The hem rises as much: look at it from the side.",
            seam.words(),
            self.write(start),
            self.write(end)
        )
    }

    fn strains(&self, level: LevelName, cannot: &str, [ease, floor]: [Length; 2]) -> String {
        format!(
            "The {} {cannot}: {} of ease, and it needs {} at least. Move pins out there, or let the seam out.",
            level.words(),
            self.write(ease),
            self.write(floor)
        )
    }

    fn hem_trips(&self, above: Length) -> String {
        format!(
            "Finished it is {} above the floor at its lowest. {}",
            self.write(above),
            Caution::Trip.words()
        )
    }

    fn not_read(&self, at: &[f64], halved: bool, read: &Unread) -> String {
        let usual = read.seam.usual();
        let number = |station: &f64| self.habits.scale.number(Length::from_mm(usual.counted(*station)));
        let at: Vec<String> = at.iter().map(number).collect();
        let meanwhile = if halved {
            "half of the other side's reading goes to each"
        } else {
            "the other side's reading stands for both"
        };
        format!(
            "The {} {} was not read at {} {} from {}: until it is, {meanwhile}.",
            read.side.words(),
            read.seam.name.words(),
            at.join(", "),
            self.habits.scale.unit.sign(),
            usual.datum.words()
        )
    }

    fn seated(&self, seated: &crate::judge::ease::SeatedWaist) -> String {
        let (body, ease) = (self.write(seated.body), self.write(seated.ease.abs()));
        let shows = self.habits.scale.shows(seated.ease);
        match (seated.comfortable, shows) {
            (true, shows) => {
                let longer = if shows { format!("{ease} longer") } else { "just as long".to_owned() };
                format!(
                    "Sitting, the waist measures {body}: the band is {longer}, layers counted, so its wearer can sit."
                )
            }
            (false, true) => format!(
                "Sitting, the waist measures {body}: the band would be {ease} too short. Leave it that much longer."
            ),
            (false, false) => format!(
                "Sitting, the waist measures {body}: the band would be only just as long, layers counted. Leave it a little longer."
            ),
        }
    }
}

fn flats_missing(missing: &[FlatName], known: &[SeamName]) -> String {
    let words: Vec<&str> = missing.iter().map(|name| name.words()).collect();
    let known: Vec<&str> = known.iter().map(|seam| seam.words()).collect();
    let still = if known.is_empty() {
        "Pins can be evened; lines and girths wait for it.".to_owned()
    } else {
        format!(
            "Pins can be evened and lines drawn on the {}; girths and ease wait for it.",
            known.join(" and the ")
        )
    };
    format!("Not measured yet on the garment: {}. {still}", words.join(", "))
}

fn flats_estimated(estimated: &[FlatName]) -> String {
    let mut names: Vec<&str> = Vec::new();
    for name in estimated {
        if !names.contains(&name.words()) {
            names.push(name.words());
        }
    }
    let (were, are, them) = if names.len() == 1 { ("was", "is", "it") } else { ("were", "are", "them") };
    format!(
        "The {} {were} not measured and {are} estimated in the drawing; numbers that rest on an estimate carry a ≈. Measure {them} for truer ones.",
        names.join(", ")
    )
}

fn one_side_only(only: &OneSideOnly) -> String {
    let OneSideOnly { seam, side, above, other, halved, doubled, copied, pins_both } = *only;
    let pinned = format!("Only the {} {} was pinned", side.words(), seam.words());
    let mut message = if halved {
        let below = if copied { format!("; below it the other {other} gets a copy") } else { String::new() };
        format!("{pinned}. {above} each side gets half, so the girth is what was tried on{below}.")
    } else if doubled {
        format!(
            "{pinned} and it is copied: {} that takes twice what was tried on. Try on again before anything is cut.",
            above.to_lowercase()
        )
    } else {
        format!("{pinned}; the other {other} gets a copy.")
    };
    if pins_both {
        message.push_str(" You usually pin both sides: pin the other one, or leave it at this.");
    }
    message
}

/// What is in a seam, as it is called in a sentence.
pub(crate) const fn in_seam(what: InSeam) -> &'static str {
    match what {
        InSeam::Inside => "what is inside the seam",
        InSeam::Clip => "a clip into the allowance",
        InSeam::Fixture(FixtureKind::Zip) => "the zip",
        InSeam::Fixture(FixtureKind::Buttons) => "the row of buttons",
        InSeam::Fixture(FixtureKind::Pocket) => "the pocket",
        InSeam::Fixture(FixtureKind::Label) => "the label",
        InSeam::Fixture(FixtureKind::Match) => "the pattern that has to match",
    }
}

/// With its first letter large.
pub(super) fn capital(mut words: String) -> String {
    if words.is_char_boundary(1) && !words.is_empty() {
        words[..1].make_ascii_uppercase();
    }
    words
}

fn forbidden(purpose: Purpose) -> &'static str {
    match purpose {
        Purpose::ChildNightwear => Caution::ChildNightwear.words(),
        Purpose::Everyday | Purpose::Protective => Caution::Protective.words(),
    }
}

fn measures_missing(wearer: &str, missing: &[MeasureName]) -> String {
    let missing: Vec<&str> = missing.iter().map(|name| name.words()).collect();
    format!(
        "Not measured on {wearer}: {}. Those levels have a girth but no ease; measure them to know.",
        missing.join(", ")
    )
}

fn waist_crossed(seams: &[SeamName]) -> String {
    let names: Vec<&str> = seams.iter().map(|seam| seam.words()).collect();
    let go = if names.len() > 1 { "go" } else { "goes" };
    format!(
        "The {} {go} through the waist seam: what is above and below it loses the same there. Open it a little to either side, and check that darts and zip still meet.",
        names.join(" and the ")
    )
}

fn traces(seam: SeamName, looked: bool) -> String {
    let inside = if looked {
        ""
    } else {
        " Nobody has looked how much is inside: open the lining or the hem and measure before you count on it."
    };
    format!(
        "Letting out the {} may show the old stitching, needle holes and a faded or crisp fold. Unpick a short stretch and look first.{inside}",
        seam.words()
    )
}

fn leans_far(seam: SeamName, level: LevelName) -> String {
    format!(
        "At the {} the {} leans more than half over, so a pin there moves the girth by more than it is deep, and less surely. Measure the {} round once it is tacked.",
        level.words(),
        seam.words(),
        level.words()
    )
}

fn hem_shrinks(share: f64) -> String {
    format!(
        "Not washed yet; a swatch lost {:.1} %. Fold and cut line stand lower by as much, so that it is right once it is washed. Wash it only when it is sewn; or wash it first, say so on its sheet, and the lines move.",
        100.0 * share
    )
}

fn measures_stale(wearer: &str, taken_on: NaiveDate, days: f64) -> String {
    format!(
        "{wearer} was measured on {taken_on}, more than {days:.0} days before this fitting; measure again before trusting the ease."
    )
}

fn armhole(fit: &ArmholeFit) -> String {
    let side = fit.side.map_or(String::new(), |side| format!("On the {}: ", side.words()));
    format!("{side}{}", fit.words)
}
