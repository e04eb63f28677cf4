//! What has to be open while seams are worked: each is opened once, for every seam that needs it, and closed once.

use super::act::Act;
use super::key::{On, StepKey};
use crate::garment::{BandBuild, Fixture, HemName, LiningClosed, SeamName, Shape};
use crate::operation::seam::work::SeamWork;

/// Something closed that is in the way.
#[derive(Debug, Clone, Copy, PartialEq)]
pub(crate) enum Opening {
    /// Topstitching over a seam.
    Topstitch,
    /// A hem, where lines run off at it.
    Hem(HemName),
    /// The armholes, at the underarm.
    Armhole,
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
    /// The step that opens it.
    pub(crate) fn opened_by(self) -> StepKey {
        match self {
            Opening::Topstitch => StepKey::whole(Act::UndoTopstitch),
            Opening::Hem(hem) => StepKey::new(Act::OpenHem, On::Hem(hem)),
            Opening::Armhole => StepKey::whole(Act::OpenArmhole),
            Opening::WaistSeam => StepKey::whole(Act::OpenWaistSeam),
            Opening::BeltLoop => StepKey::whole(Act::RemoveBeltLoop),
            Opening::Band => StepKey::whole(Act::OpenBand),
            Opening::Lining(hem) => StepKey::new(Act::OpenLining, On::Hem(hem)),
            Opening::Fixture(fixture, nth) => StepKey::new(Act::TakeOut, On::fixture(&fixture, nth)),
        }
    }

    /// The step that closes it, where nothing makes it anew.
    pub(crate) fn closed_by(self) -> StepKey {
        match self {
            Opening::Topstitch => StepKey::whole(Act::RestoreTopstitch),
            Opening::Hem(hem) => StepKey::new(Act::CloseHem, On::Hem(hem)),
            Opening::Armhole => StepKey::whole(Act::CloseArmhole),
            Opening::WaistSeam => StepKey::whole(Act::CloseWaistSeam),
            Opening::BeltLoop => StepKey::whole(Act::RestoreBeltLoop),
            Opening::Band => StepKey::whole(Act::CloseBand),
            Opening::Lining(hem) => StepKey::new(Act::CloseLining, On::Hem(hem)),
            Opening::Fixture(fixture, nth) => StepKey::new(Act::PutBack, On::fixture(&fixture, nth)),
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
            Act::OpenHem => &[Act::CloseHem, Act::SewHem],
            Act::OpenArmhole => &[Act::CloseArmhole],
            Act::OpenWaistSeam => &[Act::CloseWaistSeam],
            Act::RemoveBeltLoop => &[Act::RestoreBeltLoop],
            Act::OpenBand => &[Act::CloseBand, Act::JoinBand],
            Act::OpenLining => &[Act::CloseLining, Act::SewLining, Act::SewHem],
            Act::TakeOut => &[Act::PutBack],
            Act::OpenWaist => &[Act::SewHem],
            Act::OpenSeamFlat => &[Act::CloseSeamFlat],
            _ => &[],
        }
    }
}

/// True where the centre back is taken in as a wedge through the band: its halves are joined to the body first, then
/// body and band are closed in one seam. Not where something opens there.
pub(crate) fn has_wedge(shape: &Shape, works: &[SeamWork<'_>]) -> bool {
    let opens =
        shape.fixtures.iter().any(|fixture| fixture.seam == SeamName::CentreBack && fixture.kind.opens());
    !opens && works.iter().any(|work| work.seam == SeamName::CentreBack && work.at_band)
}

/// The hem at which one gets behind a seam of a lined garment.
pub(crate) fn lining_of(seam: SeamName) -> HemName {
    if seam.is_on_sleeve() { HemName::Sleeve } else { HemName::Hem }
}

/// Everything that has to be open for these seams, in the order it is opened.
pub(crate) fn openings(shape: &Shape, works: &[SeamWork<'_>]) -> Vec<Open> {
    let mut all = Vec::new();
    let mut open = |what: Opening, needed: &dyn Fn(&SeamWork<'_>) -> bool| {
        let by: Vec<&SeamWork<'_>> = works.iter().filter(|work| needed(work)).collect();
        if !by.is_empty() {
            let places = by.iter().map(|work| work.lines.len()).sum();
            all.push(Open { what, seams: by.iter().map(|work| work.seam).collect(), places });
        }
    };
    if shape.lined && shape.lining.closed != LiningClosed::Free {
        for hem in HemName::ALL {
            open(Opening::Lining(hem), &|work| lining_of(work.seam) == hem);
        }
    }
    open(Opening::Topstitch, &|work| shape.topstitched.contains(&work.seam));
    for hem in HemName::ALL {
        open(Opening::Hem(hem), &|work| work.at_hem == Some(hem));
    }
    open(Opening::Armhole, &|work| work.at_armhole);
    open(Opening::WaistSeam, &|work| work.at_waist_seam);
    let wedge = has_wedge(shape, works);
    if shape.band.belt_loop_at_back && shape.kind.has_band() {
        open(Opening::BeltLoop, &|work| work.seam == SeamName::CentreBack);
    }
    // A one-piece band is folded and cut at the centre back, not opened there.
    let whole = wedge && shape.band.build == BandBuild::OnePiece;
    open(Opening::Band, &|work| work.at_band && !(whole && work.seam == SeamName::CentreBack));
    for (i, fixture) in shape.fixtures.iter().enumerate().filter(|(_, fixture)| fixture.comes_out()) {
        let alike = |other: &&Fixture| On::fixture(other, 0) == On::fixture(fixture, 0);
        let nth = shape.fixtures[..i].iter().filter(alike).count();
        open(Opening::Fixture(*fixture, nth), &|work| {
            work.seam == fixture.seam && work.moves_between(fixture.side, fixture.from, fixture.to)
        });
    }
    all
}
