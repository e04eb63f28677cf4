//! What was found of a fitting, as fields: what is so and by how much, never how it is said.
//!
//! [`crate::words`] makes the sentences, in the session's unit.

use chrono::NaiveDate;

use super::about::About;
use super::warning::Weight;
use crate::body::measures::MeasureName;
use crate::garment::side::Side;
use crate::garment::{
    FixtureKind, FlatName, HemName, LevelName, Purpose, Seam, SeamEnd, SeamName, TemplateError,
};
use crate::judge::armhole::ArmholeFit;
use crate::judge::ease::{FootThrough, SeatedWaist};
use crate::judge::gains::Inset;
use crate::judge::length_said::LengthSaid;
use crate::judge::lengths::LengthName;
use crate::judge::letting_out::LetOut;
use crate::judge::put_on::PutOn;
use crate::judge::stride::Stride;
use crate::line::LineRefusal;
use crate::operation::alteration::{Alteration, AlterationFound};
use crate::operation::hem::{Collision, HemPair, HemPairSaid, HemRefusal, HemWaits, TurnUp, Uneven};
use crate::unit::length::Length;

/// A pin that is still to be read, for a finding that its reading would settle.
#[derive(Debug, Clone, PartialEq)]
pub(crate) struct Unread {
    pub(crate) seam: Seam,
    pub(crate) side: Side,
    /// From the seam's lower end, in millimetres.
    pub(crate) station: f64,
}

/// What a line does beyond its outermost pin.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(crate) enum Beyond {
    /// It runs off, or on into the next seam.
    Runs,
    /// What cannot fade out before the band is held through it.
    Band,
    /// It is on its way back to the old stitching.
    Fades,
}

/// What else can be done about a stretch nobody pinned.
#[derive(Debug, Clone, Copy, PartialEq)]
pub(crate) enum WayOut {
    /// Let the line be back on the old stitching at this station.
    FadeOut { at: f64 },
    /// Let it run off.
    RunOff,
    /// Let it be back by the lower edge of the band, steeper than usual.
    Steeper,
    /// Take the band in by all of it.
    Hold { depth: Length },
    /// A shallower outermost pin.
    Shallower { station: f64, depth: Length },
}

/// What a line does beyond its outermost pin, where nobody read anything.
#[derive(Debug, Clone, PartialEq)]
pub(crate) struct Unpinned {
    pub(crate) seam: SeamName,
    /// Whose line it is: `centre` where one serves both sides.
    pub(crate) side: Side,
    pub(crate) end: SeamEnd,
    pub(crate) does: Beyond,
    /// The level that changes most, and by how much.
    pub(crate) change: Option<(LevelName, Length)>,
    /// How long the stretch to the end is.
    pub(crate) bare: Length,
    /// Depths at its last pin and at the end.
    pub(crate) depths: [Length; 2],
    pub(crate) read: Unread,
    /// True at the seam's upper end.
    pub(crate) upper: bool,
    pub(crate) ways: Vec<WayOut>,
}

/// A line that cannot be drawn as asked.
#[derive(Debug, Clone, PartialEq)]
pub(crate) struct Refused {
    pub(crate) seam: Seam,
    /// The seam it goes on into, where it is carried across.
    pub(crate) beyond: Option<Seam>,
    pub(crate) refusal: LineRefusal,
    pub(crate) let_out: Option<LetOut>,
    /// What is in the seam and in the way.
    pub(crate) in_it: Option<InSeam>,
    /// A reading that was not taken, without whose stand-in the line could be drawn.
    pub(crate) unread: Option<Unread>,
}

impl Refused {
    /// The seam the refusal is about: on a line that is carried across, the one its pin stands in.
    pub(crate) fn about(&self) -> SeamName {
        let beyond = self.beyond.as_ref().filter(|_| self.refusal.station() > Some(self.seam.length));
        beyond.unwrap_or(&self.seam).name
    }
}

/// What limits a seam where a pin asks for more.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(crate) enum InSeam {
    /// The allowance.
    Inside,
    /// A clip into it.
    Clip,
    /// Something set into the seam.
    Fixture(FixtureKind),
}

/// A reading beyond what its seam allows, and what the line makes of it.
#[derive(Debug, Clone, PartialEq)]
pub(crate) struct Limited {
    pub(crate) seam: Seam,
    /// Where the pin stands, from the seam's lower end in millimetres.
    pub(crate) station: f64,
    /// What it asks for, and what the line has there.
    pub(crate) depths: [Length; 2],
    /// What is allowed, towards the depth asked for.
    pub(crate) most: Length,
    pub(crate) by: InSeam,
}

/// What becomes of the side that was not pinned.
#[derive(Debug, Clone, Copy, PartialEq)]
pub(crate) struct OneSideOnly {
    pub(crate) seam: SeamName,
    /// The side that was pinned.
    pub(crate) side: Side,
    /// Over what stretch both sides lie on one tube, and what the sides are called.
    pub(crate) above: &'static str,
    pub(crate) other: &'static str,
    pub(crate) halved: bool,
    pub(crate) doubled: bool,
    pub(crate) copied: bool,
    /// True where this hand pins both sides as a rule.
    pub(crate) pins_both: bool,
}

/// Something that was found.
#[derive(Debug, Clone, PartialEq)]
pub(crate) enum Finding {
    /// Flats without which nothing is drawn, and the seams whose length is known all the same.
    FlatsMissing { missing: Vec<FlatName>, known: Vec<SeamName> },
    /// Flats the drawing supplies.
    FlatsEstimated(Vec<FlatName>),
    /// Flats that cannot belong to one garment.
    FlatsDisagree(TemplateError),
    /// Something to be known of an alteration beside lines and hems.
    Alteration { wish: Box<Alteration>, found: AlterationFound },
    /// One that cannot be done.
    AlterationRefused { wish: Box<Alteration>, why: AlterationFound },

    /// A purpose that forbids altering it on one's own say.
    ForbiddenPurpose(Purpose),

    /// Pins were read, and it is still to be washed; or it was, and they were not read again.
    ReadBeforeWash { washed: bool },

    /// A seam whose length nobody knows: its pins wait.
    SeamUnmeasured(SeamName),
    /// Every pin on it says nothing.
    SeamStays(SeamName),
    /// One side was not read as far as the other.
    NotRead { at: Vec<f64>, halved: bool, read: Unread },
    /// Left and right differ the same way all along.
    Twist { seam: SeamName, anchored: bool },
    /// Only one side was pinned.
    OneSideOnly(OneSideOnly),

    /// No line can be drawn as asked.
    LineRefused(Box<Refused>),
    /// A stretch beyond the outermost pin that moves a level nobody pinned.
    Unpinned(Box<Unpinned>),
    /// A reading that asks for more than its seam allows.
    Limited(Box<Limited>),

    /// Nobody has measured the wearer.
    Unmeasured { wearer: String },
    /// Measures missing for the levels there are.
    MeasuresMissing { wearer: String, missing: Vec<MeasureName> },
    /// Measures too old to trust.
    MeasuresStale { wearer: String, taken_on: NaiveDate, days: f64 },
    /// A level with less ease than it needs.
    Strains { level: LevelName, cannot: &'static str, ease: Length, floor: Length },
    /// The band when sitting.
    Seated(SeatedWaist),
    /// Whether the foot gets through.
    Foot(FootThrough),
    /// Whether hand, head, hips or shoulders get through.
    PutOn(PutOn),
    /// A length that is not where the body has it.
    Length { name: LengthName, said: LengthSaid, moved: bool },
    /// An armhole or a cap that changes.
    Armhole(ArmholeFit),
    /// A piece to set in where letting out is not enough.
    Inset(Inset),
    /// Laced edges that already meet.
    LacingClosed(LevelName),
    /// How wide a modesty panel has to be.
    LacingPanel { panel: Length, gap: Length, overlap: Length },
    /// A hem that binds the step.
    Stride(Stride),
    /// An edge that leans so far at a level that a girth there is uncertain.
    LeansFar { seam: SeamName, level: LevelName },

    /// The centre back alone takes much.
    BackShare(Length),
    /// The back pockets come closer.
    BackPockets(Length),
    /// What is left between the back pockets.
    BackGap { left: Length, gap: Length, reads_as_one: bool },
    /// The crease moves where only the outseam does.
    Crease(Length),
    /// The middle of each leg moves.
    LegShift(Length),
    /// What stands in a seam that moves.
    FixtureLimits { kind: FixtureKind, seam: SeamName, most: Length },
    /// A seam across the body takes length, at its beginning and at its end; and the levels whose girth changes because
    /// other cloth comes to lie there.
    CrossLength { seam: SeamName, takes: [Length; 2], girths: Vec<(LevelName, Length)> },
    /// Lines that go through the waist seam.
    WaistCrossed(Vec<SeamName>),
    /// What letting out may show, and whether anybody looked how much is inside.
    Traces { seam: SeamName, looked: bool },

    /// A hem that waits.
    HemWaits { hem: HemName, waits: HemWaits, wearer: String },
    /// A hem that cannot be made as asked.
    HemRefused { hem: HemName, refusal: HemRefusal, turned: Option<Box<TurnUp>> },
    /// A hem that is uneven as it was read.
    HemUneven { hem: HemName, uneven: Uneven },
    /// Left and right of a hem differ by more than is made alike without asking.
    HemPair { hem: HemName, said: HemPairSaid },
    /// A turn-up that is splayed.
    HemSplayed { hem: HemName, turned: Box<TurnUp> },
    /// Something stands in the way of a hem.
    HemBlocked { hem: HemName, by: Box<Collision> },
    /// A hem that shrinks by a share when it is washed.
    HemShrinks { hem: HemName, share: f64 },
    /// A hem so low that it is trodden on.
    HemTrips { above: Length },
}

impl Finding {
    /// Its stable name.
    pub(crate) fn code(&self) -> &'static str {
        match self {
            Finding::FlatsMissing { .. } => "garment.missing",
            Finding::FlatsEstimated(_) => "garment.estimated",
            Finding::FlatsDisagree(_) => "garment.disagree",
            Finding::Alteration { found, .. } => found.code,
            Finding::AlterationRefused { .. } => "alteration.refused",
            Finding::ForbiddenPurpose(_) => "garment.purpose",
            Finding::ReadBeforeWash { .. } => "wash.read_before",
            Finding::SeamUnmeasured(_) => "seam.length",
            Finding::SeamStays(_) => "seam.stays",
            Finding::NotRead { .. } => "evening.not_read",
            Finding::Twist { .. } => "evening.twist",
            Finding::OneSideOnly(_) => "evening.one_side",
            Finding::LineRefused(_) => "line.refused",
            Finding::Limited(_) => "line.limited",
            Finding::Unpinned(_) => "line.unpinned",
            Finding::Unmeasured { .. } | Finding::MeasuresMissing { .. } => "body.missing",
            Finding::MeasuresStale { .. } => "body.stale",
            Finding::Strains { .. } => "ease.strains",
            Finding::Seated(_) => "ease.seated",
            Finding::Foot(foot) if foot.passes => "foot.passes",
            Finding::Foot(_) => "foot.stuck",
            Finding::PutOn(_) => "put_on",
            Finding::Length { .. } => "length",
            Finding::Armhole(_) => "armhole",
            Finding::Inset(_) => "inset",
            Finding::LacingClosed(_) => "lacing.closed",
            Finding::LacingPanel { .. } => "lacing.panel",
            Finding::Stride(_) => "stride",
            Finding::LeansFar { .. } => "level.leans",
            Finding::BackShare(_) => "back.share",
            Finding::BackPockets(_) => "back.pockets",
            Finding::BackGap { .. } => "back.gap",
            Finding::Crease(_) => "outseam.crease",
            Finding::LegShift(_) => "leg.shift",
            Finding::FixtureLimits { .. } => "seam.fixture",
            Finding::CrossLength { .. } => "cross.length",
            Finding::WaistCrossed(_) => "waist_seam.crossed",
            Finding::Traces { .. } => "line.traces",
            Finding::HemWaits { .. } => "hem.waits",
            Finding::HemRefused { .. } => "hem.refused",
            Finding::HemUneven { .. } => "hem.uneven",
            Finding::HemPair { .. } => "hem.pair",
            Finding::HemSplayed { .. } => "hem.turn_up",
            Finding::HemBlocked { .. } => "hem.collision",
            Finding::HemShrinks { .. } => "hem.shrinks",
            Finding::HemTrips { .. } => "hem.trip",
        }
    }

    /// How much it matters.
    pub(crate) fn weight(&self) -> Weight {
        match self {
            Finding::ForbiddenPurpose(_) | Finding::HemTrips { .. } => Weight::Danger,
            Finding::FlatsEstimated(_)
            | Finding::SeamStays(_)
            | Finding::Unpinned(_)
            | Finding::MeasuresStale { .. }
            | Finding::LacingPanel { .. }
            | Finding::BackPockets(_)
            | Finding::Crease(_)
            | Finding::LegShift(_)
            | Finding::CrossLength { .. }
            | Finding::WaistCrossed(_)
            | Finding::LeansFar { .. }
            | Finding::HemSplayed { .. }
            | Finding::HemShrinks { .. } => Weight::Note,
            Finding::OneSideOnly(only) if !only.pins_both => Weight::Note,
            Finding::FixtureLimits { kind, .. } if *kind != FixtureKind::Match => Weight::Note,
            Finding::Alteration { found, .. } if !found.matters => Weight::Note,
            // It came so, and nothing of it is moved; or it is meant.
            Finding::Length { moved: false, .. } => Weight::Note,
            Finding::HemPair { said: HemPairSaid::Differ { pair: HemPair::Own, .. }, .. } => Weight::Note,
            Finding::Armhole(armhole) if armhole.fault.is_none() => Weight::Note,
            Finding::Seated(seated) if seated.comfortable => Weight::Note,
            Finding::Foot(foot) if foot.passes => Weight::Note,
            Finding::PutOn(check) if check.passes => Weight::Note,
            // What is felt at a reach is no fault of an ordinary garment.
            Finding::Length { said: LengthSaid::Reach { .. }, .. } => Weight::Note,
            Finding::BackGap { reads_as_one: false, .. } => Weight::Note,
            _ => Weight::Mind,
        }
    }

    /// What it is about.
    pub(crate) fn about(&self) -> About {
        match self {
            Finding::Alteration { wish, .. } | Finding::AlterationRefused { wish, .. } => {
                About::Alteration { key: wish.key() }
            }
            Finding::FlatsMissing { .. }
            | Finding::FlatsEstimated(_)
            | Finding::FlatsDisagree(_)
            | Finding::ForbiddenPurpose(_)
            | Finding::ReadBeforeWash { .. }
            | Finding::PutOn(_)
            | Finding::LacingPanel { .. } => About::Garment,
            Finding::Unmeasured { .. } | Finding::MeasuresMissing { .. } | Finding::MeasuresStale { .. } => {
                About::Body
            }
            Finding::SeamUnmeasured(seam)
            | Finding::SeamStays(seam)
            | Finding::Twist { seam, .. }
            | Finding::FixtureLimits { seam, .. }
            | Finding::CrossLength { seam, .. }
            | Finding::Traces { seam, .. } => (*seam).into(),
            Finding::NotRead { read, .. } => read.seam.name.into(),
            Finding::OneSideOnly(only) => only.seam.into(),
            Finding::LineRefused(refused) => refused.about().into(),
            Finding::Limited(limited) => limited.seam.name.into(),
            Finding::Unpinned(unpinned) => unpinned.seam.into(),
            Finding::Inset(inset) => inset.seam.into(),
            Finding::BackShare(_) | Finding::BackPockets(_) | Finding::BackGap { .. } => {
                SeamName::CentreBack.into()
            }
            Finding::Crease(_) => SeamName::Outseam.into(),
            Finding::LegShift(_) => SeamName::Inseam.into(),
            Finding::WaistCrossed(_) => SeamName::WaistSeam.into(),
            Finding::Strains { level, .. }
            | Finding::LacingClosed(level)
            | Finding::LeansFar { level, .. } => (*level).into(),
            Finding::Seated(_) => LevelName::Waist.into(),
            Finding::Foot(foot) => foot.level.into(),
            Finding::Stride(_) => LevelName::Hem.into(),
            Finding::Length { name, .. } => About::Length { length: *name },
            Finding::Armhole(_) => About::Armholes,
            Finding::HemWaits { hem, .. }
            | Finding::HemRefused { hem, .. }
            | Finding::HemUneven { hem, .. }
            | Finding::HemPair { hem, .. }
            | Finding::HemSplayed { hem, .. }
            | Finding::HemBlocked { hem, .. }
            | Finding::HemShrinks { hem, .. } => (*hem).into(),
            Finding::HemTrips { .. } => HemName::Hem.into(),
        }
    }

    /// The pin whose reading would settle it.
    pub(crate) fn unread(&self) -> Option<&Unread> {
        match self {
            Finding::NotRead { read, .. } => Some(read),
            Finding::Unpinned(unpinned) => Some(&unpinned.read),
            Finding::LineRefused(refused) => refused.unread.as_ref(),
            _ => None,
        }
    }
}
