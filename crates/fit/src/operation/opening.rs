//! What has to be open while seams are worked: each is opened once, for every seam that needs it, and closed once.

use crate::garment::{BandBuild, Fixture, Garment, HemName, LiningClosed, SeamName, Shape};
use crate::house::choice::HemCrossed;
use crate::house::habit::Habits;
use crate::house::rules::HouseRule;
use crate::operation::seam::work::SeamWork;
use crate::plan::act::Act;
use crate::plan::key::{On, StepKey};

/// Something closed that is in the way.
#[derive(Debug, Clone, Copy, PartialEq)]
pub(crate) enum Opening {
    /// Topstitching over seams; that of the centre back by itself where body and band are closed there in one.
    Topstitch(On),
    /// The second row of felled seams; that of the centre back by itself.
    Felled(On),
    /// A hem, where lines run off at it.
    Hem(HemName),
    /// The armholes, at the underarm.
    Armhole,
    /// The facing or binding of an armhole without a sleeve.
    ArmholeEdge,
    /// The sleeve head, where the shoulder ends.
    SleeveHead,
    /// The shoulder seam, where a line runs into it from below.
    Shoulder,
    /// The neck edge with its facing, binding or collar.
    Neck,
    /// The buttons and the facing of a front edge that moves.
    Fastening,
    /// The crotch seam, where a line comes up to it.
    Crotch,
    /// The waist seam, where lines cross it.
    WaistSeam,
    /// The belt loop over the centre back.
    BeltLoop,
    /// The band.
    Band,
    /// The lining, at a hem.
    Lining(HemName),
    /// A zip, buttons, a pocket, a label in a seam; the first of its kind there, the second.
    Fixture(Fixture, usize),
}

/// An opening with the seams that need it.
#[derive(Debug, Clone)]
pub(crate) struct Open {
    pub(crate) what: Opening,
    pub(crate) seams: Vec<SeamName>,
    /// At how many places, counting both sides.
    pub(crate) places: usize,
}

impl Opening {
    /// The acts that open and close it, and on what.
    fn acts(self) -> (Act, Act, On) {
        match self {
            Opening::Topstitch(on) => (Act::UndoTopstitch, Act::RestoreTopstitch, on),
            Opening::Felled(on) => (Act::UndoFelled, Act::RestoreFelled, on),
            Opening::Hem(hem) => (Act::OpenHem, Act::CloseHem, On::Hem(hem)),
            Opening::Armhole => (Act::OpenArmhole, Act::CloseArmhole, On::Garment),
            Opening::ArmholeEdge => (Act::OpenArmholeEdge, Act::CloseArmholeEdge, On::Garment),
            Opening::SleeveHead => (Act::OpenSleeveHead, Act::CloseSleeveHead, On::Garment),
            Opening::Shoulder => (Act::OpenShoulder, Act::CloseShoulder, On::Garment),
            Opening::Neck => (Act::OpenNeck, Act::CloseNeck, On::Garment),
            Opening::Fastening => (Act::OpenFastening, Act::CloseFastening, On::Garment),
            Opening::Crotch => (Act::OpenCrotch, Act::CloseCrotch, On::Garment),
            Opening::WaistSeam => (Act::OpenWaistSeam, Act::CloseWaistSeam, On::Garment),
            Opening::BeltLoop => (Act::RemoveBeltLoop, Act::RestoreBeltLoop, On::Garment),
            Opening::Band => (Act::OpenBand, Act::CloseBand, On::Garment),
            Opening::Lining(hem) => (Act::OpenLining, Act::CloseLining, On::Hem(hem)),
            Opening::Fixture(fixture, nth) => (Act::TakeOut, Act::PutBack, On::fixture(&fixture, nth)),
        }
    }

    /// The step that opens it.
    pub(crate) fn opened_by(self) -> StepKey {
        let (opens, _, on) = self.acts();
        StepKey::new(opens, on)
    }

    /// The step that closes it, where nothing makes it anew.
    pub(crate) fn closed_by(self) -> StepKey {
        let (_, closes, on) = self.acts();
        StepKey::new(closes, on)
    }

    /// When it is opened among all that is: what is opened sooner has the smaller number.
    pub(crate) fn comes(self, shape: &Shape) -> (u8, usize) {
        let back = |on| usize::from(on != On::Garment);
        match self {
            Opening::Lining(hem) => (0, hem as usize),
            Opening::Topstitch(on) => (1, back(on)),
            Opening::Felled(on) => (2, back(on)),
            Opening::Hem(hem) => (3, hem as usize),
            Opening::Armhole => (4, 0),
            Opening::ArmholeEdge => (5, 0),
            Opening::SleeveHead => (6, 0),
            Opening::Shoulder => (7, 0),
            Opening::Neck => (8, 0),
            Opening::Fastening => (9, 0),
            Opening::Crotch => (10, 0),
            Opening::WaistSeam => (11, 0),
            Opening::BeltLoop => (12, 0),
            Opening::Band => (13, 0),
            Opening::Fixture(fixture, nth) => {
                let place = fixtures(shape).position(|each| each == (fixture, nth));
                (14, place.unwrap_or(usize::MAX))
            }
        }
    }

    /// True where the garment cannot be worn while it is open: it is tacked shut for the try-on.
    pub(crate) const fn gapes(self) -> bool {
        !matches!(
            self,
            Opening::Topstitch(_)
                | Opening::Felled(_)
                | Opening::BeltLoop
                | Opening::Crotch
                | Opening::Lining(_)
        )
    }

    /// What it is called where it is tacked shut.
    pub(crate) fn words(self) -> String {
        match self {
            Opening::Topstitch(_) => "topstitching".to_owned(),
            Opening::Felled(_) => "felled seam".to_owned(),
            Opening::Hem(HemName::Hem) => "hem".to_owned(),
            Opening::Hem(HemName::Sleeve) => "sleeve hems".to_owned(),
            Opening::Armhole => "armholes at the underarm".to_owned(),
            Opening::ArmholeEdge => "edges of the armholes".to_owned(),
            Opening::SleeveHead => "sleeve heads".to_owned(),
            Opening::Shoulder => "shoulder seams".to_owned(),
            Opening::Neck => "neck edge".to_owned(),
            Opening::Fastening => "front edge".to_owned(),
            Opening::Crotch => "crotch seam".to_owned(),
            Opening::WaistSeam => "waist seam".to_owned(),
            Opening::BeltLoop => "belt loop".to_owned(),
            Opening::Band => "band".to_owned(),
            Opening::Lining(_) => "lining".to_owned(),
            Opening::Fixture(fixture, _) => {
                format!("{} in the {}", fixture.kind.words(), fixture.seam.words())
            }
        }
    }
}

impl Act {
    /// Acts that close what this one opens: exactly one of them follows it in every order. Empty for an act that
    /// opens nothing.
    #[must_use]
    pub const fn closed_by(self) -> &'static [Act] {
        match self {
            Act::UndoTopstitch => &[Act::RestoreTopstitch],
            Act::UndoFelled => &[Act::RestoreFelled],
            Act::OpenArmholeEdge => &[Act::CloseArmholeEdge],
            Act::OpenSleeveHead => &[Act::CloseSleeveHead],
            Act::OpenShoulder => &[Act::CloseShoulder],
            Act::OpenNeck => &[Act::CloseNeck],
            Act::OpenFastening => &[Act::CloseFastening],
            Act::OpenCrotch => &[Act::CloseCrotch],
            Act::OpenHem => &[Act::CloseHem, Act::SewHem, Act::SewBag],
            Act::OpenArmhole => &[Act::CloseArmhole],
            Act::OpenWaistSeam => &[Act::CloseWaistSeam],
            Act::RemoveBeltLoop => &[Act::RestoreBeltLoop],
            Act::OpenBand => &[Act::CloseBand, Act::JoinBand],
            Act::OpenHemCorner => &[Act::CloseHemCorner],
            Act::OpenLining => &[Act::CloseLining, Act::SewLining, Act::SewBag],
            Act::OpenGap | Act::SewBag => &[Act::CloseGap],
            Act::TakeOut => &[Act::PutBack],
            Act::OpenWaist => &[Act::SewHem],
            Act::OpenSeamFlat => &[Act::CloseSeamFlat],
            _ => &[],
        }
    }
}

/// True where the centre back is moved as a wedge through the band: its halves are joined to the body first, then
/// body and band are closed in one seam. Not where something opens there, nor where a band in one piece would keep too
/// little in each half to be cut: that is folded.
pub(crate) fn has_wedge(shape: &Shape, habits: &Habits, works: &[SeamWork<'_>]) -> bool {
    let opens =
        shape.fixtures.iter().any(|fixture| fixture.seam == SeamName::CentreBack && fixture.kind.opens());
    let halves = |work: &SeamWork<'_>| {
        shape.band.build == BandBuild::TwoHalves || work.at_top() >= habits.rule(HouseRule::BandLeast)
    };
    !opens
        && shape.band_height() > 0.0
        && works.iter().any(|work| work.seam == SeamName::CentreBack && work.at_band && halves(work))
}

/// The hem at which one gets behind a seam of a lined garment.
pub(crate) fn lining_of(seam: SeamName) -> HemName {
    if seam.is_on_sleeve() { HemName::Sleeve } else { HemName::Hem }
}

/// What is closed before anything is opened.
#[derive(Clone, Copy)]
pub(crate) struct Closed<'a> {
    pub(crate) garment: &'a Garment,
    habits: &'a Habits,
    /// The centre back is moved as a wedge through the band.
    wedge: bool,
}

impl<'a> Closed<'a> {
    /// A garment before these lines are sewn.
    pub(crate) fn on(garment: &'a Garment, habits: &'a Habits, works: &[SeamWork<'_>]) -> Closed<'a> {
        Closed { garment, habits, wedge: has_wedge(&garment.shape, habits, works) }
    }
}

/// What has to be open for the lines of a seam.
pub(crate) fn openings_of(work: &SeamWork<'_>, closed: Closed<'_>) -> Vec<Opening> {
    let Closed { garment, habits, wedge } = closed;
    let shape = &garment.shape;
    let at_back = work.seam == SeamName::CentreBack;
    // What the wedge closes by itself is opened by itself.
    let on = if wedge && at_back { On::Seam(work.seam) } else { On::Garment };
    let lined = garment.source.is_sewn() && shape.lined && shape.lining_closed() != LiningClosed::Free;
    let topstitched = shape.topstitched.contains(&work.seam);
    let felled = shape.felled.contains(&work.seam) && !topstitched;
    let hem = work.at_hem.filter(|_| !sewn_through(garment, habits, work));
    let belt_loop = shape.band.belt_loop_at_back && shape.kind.has_band() && at_back && work.at_band;
    let places = [
        (lined, Opening::Lining(lining_of(work.seam))),
        (topstitched, Opening::Topstitch(on)),
        (felled, Opening::Felled(on)),
        (work.at_armhole, Opening::Armhole),
        (work.at_armhole_edge, Opening::ArmholeEdge),
        (work.at_sleeve_head, Opening::SleeveHead),
        (work.at_shoulder, Opening::Shoulder),
        (work.at_neck, Opening::Neck),
        (work.at_fastening, Opening::Fastening),
        (work.at_crotch, Opening::Crotch),
        (work.at_waist_seam, Opening::WaistSeam),
        (belt_loop, Opening::BeltLoop),
        (work.at_band, Opening::Band),
    ];
    let moved = fixtures(shape).filter(|(fixture, _)| {
        work.seam == fixture.seam && work.moves_between(fixture.side, fixture.from, fixture.to)
    });
    let needed = places.into_iter().filter(|(needed, _)| *needed).map(|(_, what)| what);
    needed
        .chain(hem.map(Opening::Hem))
        .chain(moved.map(|(fixture, nth)| Opening::Fixture(fixture, nth)))
        .collect()
}

/// What can come out of the seams, each with how many alike come before it.
fn fixtures(shape: &Shape) -> impl Iterator<Item = (Fixture, usize)> {
    let can = shape.fixtures.iter().enumerate().filter(|(_, fixture)| fixture.kind.can_come_out());
    can.map(|(i, fixture)| {
        let alike = |other: &&Fixture| On::fixture(other, 0) == On::fixture(fixture, 0);
        (*fixture, shape.fixtures[..i].iter().filter(alike).count())
    })
}

/// True where a finished hem is sewn through at this seam: a small take-in, in something casual, by who does so.
pub(crate) fn sewn_through(garment: &Garment, habits: &Habits, work: &SeamWork<'_>) -> bool {
    let shape = &garment.shape;
    let casual = !shape.lined && !shape.kind.is_tailored();
    habits.hem_crossed == HemCrossed::SewnThrough
        && casual
        && work.at_hem.is_some()
        && !work.lets_out
        && work.at_lower_end <= habits.rule(HouseRule::SewThrough)
}
