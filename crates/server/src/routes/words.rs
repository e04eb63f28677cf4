//! The words and limits of the craft, so that a screen need not know them by heart.

use actix_web::get;
use actix_web::web::Json;
use serde::Serialize;
use utoipa::ToSchema;
use utoipa_actix_web::service_config::ServiceConfig;
use vemble_fit::garment::{
    Block, Collar, Cuffs, FeatureKind, FixtureKind, FlatName, Front, Kind, LevelName, LiningClosed, Pocket,
    SleeveBuild,
};
use vemble_fit::hem::{HemKind, Landmark};
use vemble_fit::{
    Choices, EveningChoice, Garment, HouseEntry, HouseRule, Length, MeasureName, NamedCloth, SeamName,
    Verdict, Weave, named_cloths, section_ratio,
};

use crate::problem::Refusals;

/// A measure with its name on screen and its limits.
#[derive(Serialize, ToSchema)]
pub struct MeasureWords<T> {
    /// Its name in files.
    name: T,
    /// Its name on screen.
    words: &'static str,
    /// Where the tape lies; empty where the name says it.
    hint: &'static str,
    /// The least it can be.
    least: Length,
    /// The most it can be.
    most: Length,
    /// True when nothing can be drawn without it.
    needed: bool,
}

/// A kind of garment with what is measured on it and which seams it can have.
#[derive(Serialize, ToSchema)]
pub struct KindWords {
    /// Its name in files.
    name: Kind,
    /// Its name on screen.
    words: &'static str,
    /// Flat measures down the garment, with sleeves.
    flats: Vec<MeasureWords<FlatName>>,
    /// How many of those are left where it has no sleeves.
    flats_without_sleeves: usize,
    /// True where it can have sleeves.
    takes_sleeves: bool,
    /// How its sleeves are usually cut.
    usual_sleeves: SleeveBuild,
    /// True where a band closes it at the waist.
    has_band: bool,
    /// The levels at which its back can be laced, from the top down.
    laces_at: Vec<LevelName>,
    /// How its lining is closed at the hem where nobody says.
    lining: LiningClosed,
    /// Seams it can have.
    seams: Vec<SeamWords>,
    /// Measures of a body that are compared with it, with sleeves and without.
    wants: [Vec<MeasureName>; 2],
    /// Pockets it can have.
    pockets: Vec<Pocket>,
}

/// One of several, with its name on screen.
#[derive(Serialize, ToSchema)]
pub struct Named<T> {
    /// Its name in files.
    name: T,
    /// Its name on screen.
    words: &'static str,
}

/// A weave or a print.
#[derive(Serialize, ToSchema)]
pub struct WeaveWords {
    /// Its name in files.
    name: Weave,
    /// Its name on screen.
    words: &'static str,
    /// How far apart it repeats where nobody has measured; nothing where no repeat shows.
    repeat: Length,
    /// True where a second colour shows.
    has_second: bool,
}

/// The parts one sees on a garment.
#[derive(Serialize, ToSchema)]
pub struct PartsWords {
    /// Collars.
    collars: Vec<Named<Collar>>,
    /// How a front closes.
    fronts: Vec<Named<Front>>,
    /// Pockets.
    pockets: Vec<Named<Pocket>>,
    /// What ends sleeves or legs.
    cuffs: Vec<Named<Cuffs>>,
}

/// A seam with its name on screen.
#[derive(Serialize, ToSchema)]
pub struct SeamWords {
    /// Its name in files.
    name: SeamName,
    /// Its name on screen.
    words: &'static str,
    /// What its two edges are called.
    edges: [&'static str; 2],
    /// True where its kind usually has it.
    usual: bool,
    /// True for a dart, which is never topstitched.
    dart: bool,
}

/// A level with its name on screen and the usual depth of a body there as a share of its width.
#[derive(Serialize, ToSchema)]
pub struct LevelWords {
    /// Its name in files.
    name: LevelName,
    /// Its name on screen.
    words: &'static str,
    /// Depth of a body's cross-section as a share of its width, in the house table.
    section: f64,
}

/// What an ease amounts to.
#[derive(Serialize, ToSchema)]
pub struct VerdictWords {
    /// Its name in files.
    name: Verdict,
    /// Its name on screen.
    words: &'static str,
    /// What it means.
    means: &'static str,
}

/// A way of evening with its reason.
#[derive(Serialize, ToSchema)]
pub struct EveningWords {
    /// Its name in files.
    name: EveningChoice,
    /// Its name on screen.
    words: &'static str,
    /// Why one would choose it.
    reason: &'static str,
}

/// A way to hem with what it suits.
#[derive(Serialize, ToSchema)]
pub struct HemKindWords {
    /// Its name in files.
    name: HemKind,
    /// Its name on screen.
    words: &'static str,
    /// What it suits.
    suits: &'static str,
    /// True where an allowance is turned up or sewn, and may be chosen.
    has_allowance: bool,
}

/// A place of the body a hem can be wanted at.
#[derive(Serialize, ToSchema)]
pub struct LandmarkWords {
    /// Its name in files.
    name: Landmark,
    /// Its name on screen.
    words: &'static str,
    /// True for a sleeve's.
    on_arm: bool,
}

/// Something that can stand near a hem.
#[derive(Serialize, ToSchema)]
pub struct FeatureWords {
    /// Its name in files.
    name: FeatureKind,
    /// Its name on screen.
    words: &'static str,
    /// True where it begins at the edge.
    from_edge: bool,
}

/// Something that can sit in a seam.
#[derive(Serialize, ToSchema)]
pub struct FixtureWords {
    /// Its name in files.
    name: FixtureKind,
    /// Its name on screen.
    words: &'static str,
    /// True for what can be taken out of the seam and set back.
    can_come_out: bool,
    /// True for what is, where nothing is said.
    comes_out: bool,
}

/// The words and limits.
#[derive(Serialize, ToSchema)]
pub struct Words {
    /// Measures of a body, down the body.
    body: Vec<MeasureWords<MeasureName>>,
    /// Kinds of garment.
    kinds: Vec<KindWords>,
    /// A garment that nobody has looked at yet, as its sheet begins.
    blank: Garment,
    /// Levels, from the top down.
    levels: Vec<LevelWords>,
    /// What an ease can amount to, tightest first.
    verdicts: Vec<VerdictWords>,
    /// Seams of a sleeve in one piece and in two.
    sleeve_seams: Vec<SeamWords>,
    /// Choices that can be made as habits.
    choices: Choices,
    /// Ways to hem.
    hem_kinds: Vec<HemKindWords>,
    /// Places of the body a hem can be wanted at.
    landmarks: Vec<LandmarkWords>,
    /// What can stand near a hem.
    near_hems: Vec<FeatureWords>,
    /// What can sit in a seam.
    in_seams: Vec<FixtureWords>,
    /// Ways of evening.
    evening: Vec<EveningWords>,
    /// Cloths by name.
    cloths: Vec<NamedCloth>,
    /// Weaves and prints.
    weaves: Vec<WeaveWords>,
    /// The parts one sees on a garment.
    parts: PartsWords,
    /// House rules that can be changed as habits.
    rules: Vec<HouseEntry>,
}

fn kind(name: Kind) -> KindWords {
    let takes_sleeves = matches!(name.block(), Block::Body | Block::Overalls);
    let flats = name.flats(if takes_sleeves { SleeveBuild::OnePiece } else { SleeveBuild::None });
    KindWords {
        name,
        words: name.words(),
        flats: flats
            .iter()
            .map(|flat| {
                let (least, most) = flat.plausible(name.has_legs());
                MeasureWords {
                    name: *flat,
                    words: flat.words(),
                    hint: flat.hint(),
                    least: Length::whole_mm(least),
                    most: Length::whole_mm(most),
                    needed: name.needed().contains(flat),
                }
            })
            .collect(),
        flats_without_sleeves: name.flats(SleeveBuild::None).len(),
        takes_sleeves,
        usual_sleeves: name.usual_sleeves(),
        has_band: name.has_band(),
        laces_at: name.laces_at().to_vec(),
        lining: name.usual_lining(),
        seams: name
            .possible_seams()
            .iter()
            .map(|seam| SeamWords {
                name: *seam,
                words: seam.words(),
                edges: seam.edge_words(),
                usual: name.usual_seams().contains(seam),
                dart: seam.is_dart(),
            })
            .collect(),
        wants: [name.usual_sleeves(), SleeveBuild::None].map(|sleeves| name.wants_of_a_body(sleeves)),
        pockets: Pocket::ALL.into_iter().filter(|pocket| pocket.suits(name)).collect(),
    }
}

/// The words and limits of the craft.
#[utoipa::path(responses((status = 200, body = Words), Refusals))]
#[get("/words")]
async fn read_words() -> Json<Words> {
    Json(Words {
        body: MeasureName::ALL
            .into_iter()
            .map(|name| {
                let (least, most) = name.plausible();
                MeasureWords { name, words: name.words(), hint: name.hint(), least, most, needed: false }
            })
            .collect(),
        kinds: Kind::ALL.into_iter().map(kind).collect(),
        blank: Garment::blank(),
        levels: LevelName::ALL
            .into_iter()
            .map(|name| LevelWords { name, words: name.words(), section: section_ratio(name) })
            .collect(),
        verdicts: Verdict::ALL
            .map(|name| VerdictWords { name, words: name.words(), means: name.means() })
            .into(),
        sleeve_seams: [SeamName::SleeveUnderarm, SeamName::SleeveFront, SeamName::SleeveBack]
            .into_iter()
            .map(|name| SeamWords {
                name,
                words: name.words(),
                edges: name.edge_words(),
                usual: true,
                dart: false,
            })
            .collect(),
        choices: Choices::all(),
        hem_kinds: HemKind::ALL
            .into_iter()
            .map(|name| HemKindWords {
                name,
                words: name.words(),
                suits: name.suits(),
                has_allowance: name.is_cut(),
            })
            .collect(),
        landmarks: Landmark::ALL
            .into_iter()
            .map(|name| LandmarkWords { name, words: name.words(), on_arm: name.on_arm() })
            .collect(),
        near_hems: FeatureKind::ALL
            .into_iter()
            .map(|name| FeatureWords { name, words: name.words(), from_edge: name.from_edge() })
            .collect(),
        in_seams: FixtureKind::ALL
            .into_iter()
            .map(|name| FixtureWords {
                name,
                words: name.words(),
                can_come_out: name.can_come_out(),
                comes_out: name.comes_out(),
            })
            .collect(),
        evening: EveningChoice::ALL
            .into_iter()
            .map(|(name, words, reason)| EveningWords { name, words, reason })
            .collect(),
        cloths: named_cloths(),
        weaves: Weave::ALL
            .into_iter()
            .map(|name| WeaveWords {
                name,
                words: name.words(),
                repeat: Length::whole_mm(name.usual_repeat()),
                has_second: name.has_second(),
            })
            .collect(),
        parts: PartsWords {
            collars: Collar::ALL.map(|name| Named { name, words: name.words() }).into(),
            fronts: Front::ALL.map(|name| Named { name, words: name.words() }).into(),
            pockets: Pocket::ALL.map(|name| Named { name, words: name.words() }).into(),
            cuffs: Cuffs::ALL.map(|name| Named { name, words: name.words() }).into(),
        },
        rules: HouseRule::ALL.iter().map(|rule| rule.row()).collect(),
    })
}

/// The route of this module.
pub fn configure(config: &mut ServiceConfig<'_>) {
    config.service(read_words);
}
