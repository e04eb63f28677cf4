//! What steps do: one row an act, with where it is done, with what, and what ticking it vouches for.

use super::bench::Bench;
use super::time::Work;
use crate::house::caution::Caution;

/// Which part of the work a step belongs to; among steps that could come next the earlier part goes first.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Phase {
    /// Looking and washing, before anything is touched.
    Know,
    /// Chalking.
    Mark,
    /// Opening what is in the way.
    Open,
    /// Tacking and trying on.
    Trial,
    /// Cutting and sewing.
    Make,
    /// Edges and the iron.
    Finish,
    /// Putting back and closing.
    Close,
    /// The last look.
    Look,
}

/// What of the garment a step is about, so that its tick lapses when that changes.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(crate) enum VouchesFor {
    /// Nothing that moves.
    Nothing,
    /// Where something was opened, not how deep a line lies there.
    Opened,
    /// The lines of its seams.
    Lines,
    /// Its hem.
    Hem,
    /// All that is tried on before the hems: every line, and what is altered beside them.
    Tried,
    /// All that is done.
    Everything,
}

/// What is the same of every step that does one thing.
pub(crate) struct Recipe {
    pub(crate) phase: Phase,
    pub(crate) bench: Bench,
    pub(crate) work: Work,
    pub(crate) tools: &'static [&'static str],
    pub(crate) cautions: &'static [Caution],
    pub(crate) vouches: VouchesFor,
    /// What to do when its tick has lapsed.
    pub(crate) again: &'static str,
}

macro_rules! acts {
    ($($act:ident $word:literal: $phase:ident $bench:ident $work:ident [$($tool:literal),*] [$($caution:ident),*] $vouches:ident, $again:literal;)*) => {
        /// What a step does.
        #[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Hash)]
        pub enum Act {
            $(#[doc = concat!("`", $word, "`: ", stringify!($phase), ", ", stringify!($work))] $act,)*
        }

        impl Act {
            /// Every act.
            pub const ALL: &[Act] = &[$(Act::$act,)*];

            /// Its name at the beginning of a step's key.
            #[must_use]
            pub const fn word(self) -> &'static str {
                match self { $(Act::$act => $word,)* }
            }

            pub(crate) const fn recipe(self) -> Recipe {
                match self {
                    $(Act::$act => Recipe {
                        phase: Phase::$phase,
                        bench: Bench::$bench,
                        work: Work::$work,
                        tools: &[$($tool),*],
                        cautions: &[$(Caution::$caution),*],
                        vouches: VouchesFor::$vouches,
                        again: $again,
                    },)*
                }
            }
        }
    };
}

acts! {
    LookUpRules "look_up_rules": Know Table Look [] [] Nothing, "look them up again";
    PhotographInside "photograph_inside": Know Table Look ["camera"] [] Nothing, "photograph it again";
    ThreadMark "thread_mark": Know Table HandTack ["needle", "contrast thread"] [Pins] Nothing, "mark it again";
    Wash "wash": Know Wash Wash [] [] Nothing, "wash it again";
    CareLabel "care_label": Know Wash Wash ["swatch", "tape"] [] Nothing, "look at the label again";
    FitAgain "fit_again": Know Body TryOn ["mirror", "pins"] [PinningOnBody, Pins] Nothing, "fit it again";
    ChooseMark "choose_mark": Know Table Look ["chalk", "needle and thread"] [Marker] Nothing, "try the mark again";

    Chalk "chalk": Mark Table Chalk ["two tapes", "chalk", "curved ruler", "the printed sheet"] [Marker, Pins] Lines, "chalk it again";
    UndoTopstitch "undo_topstitch": Open Table UnpickTopstitch ["seam ripper", "tweezers"] [Ripper] Opened, "undo it there too";
    UndoFelled "undo_felled": Open Table UnpickTopstitch ["seam ripper", "tweezers"] [Ripper] Opened, "undo it there too";
    OpenHem "open": Open Table Unpick ["seam ripper", "iron"] [Ripper, Iron] Opened, "open it there too";
    OpenArmhole "open_armhole": Open Table Unpick ["seam ripper", "thread"] [Ripper] Opened, "open it there too";
    OpenArmholeEdge "open_armhole_edge": Open Table Unpick ["seam ripper"] [Ripper] Opened, "open it there too";
    OpenSleeveHead "open_sleeve_head": Open Table Unpick ["seam ripper", "thread"] [Ripper] Opened, "open it there too";
    OpenShoulder "open_shoulder": Open Table Unpick ["seam ripper"] [Ripper] Opened, "open it there too";
    OpenNeck "open_neck": Open Table Unpick ["seam ripper"] [Ripper] Opened, "open it there too";
    OpenFastening "open_fastening": Open Table Unpick ["seam ripper", "thread"] [Ripper] Opened, "open it there too";
    OpenCrotch "open_crotch": Open Table Unpick ["seam ripper"] [Ripper] Opened, "open it there too";
    OpenWaistSeam "open_waist_seam": Open Table Unpick ["seam ripper"] [Ripper] Opened, "open it there too";
    RemoveBeltLoop "remove_belt_loop": Open Table Unpick ["seam ripper"] [Ripper] Opened, "look at it again";
    OpenBand "open_band": Open Table Unpick ["seam ripper"] [Ripper] Opened, "open it there too";
    OpenLining "open_lining": Open Table Unpick ["seam ripper", "pins"] [Ripper, Pins] Opened, "open it there too";
    TakeOut "take_out": Open Table Unpick ["seam ripper", "thread"] [Ripper] Opened, "look at it again";

    Tack "tack": Trial Machine Tack ["contrast thread", "machine"] [Needle] Lines, "take the tacking out and tack it again";
    Release "release": Trial Table Unpick ["seam ripper"] [Ripper] Lines, "open what lies inside the line now";
    SettleCap "settle_cap": Trial Table Chalk ["tape", "chalk"] [] Lines, "measure cap and armhole again";
    TackShut "tack_shut": Trial Table HandTack ["needle", "contrast thread"] [] Opened, "tack it shut there too";
    TryOn "try_on": Trial Body TryOn ["mirror", "a friend if there is one"] [PinningOnBody, Pins] Tried, "try it on again";

    MarkToile "mark_toile": Make Table Chalk ["pencil", "ruler"] [] Lines, "mark it again";
    UnpickToile "unpick_toile": Make Table Unpick ["seam ripper", "iron"] [Ripper, Iron] Nothing, "look at it again";
    TrueToile "true_toile": Make Table Chalk ["curved ruler", "pencil"] [] Lines, "true it again";
    CarryToPattern "carry_to_pattern": Make Table Chalk ["tracing wheel", "paper", "pencil"] [] Lines, "carry it over again";
    CutBand "cut_band": Make Table Cut ["scissors", "set square"] [Blade] Lines, "look what is left before anything more is cut";
    JoinBand "join_band": Make Machine Seam ["machine"] [Needle] Lines, "unpick it and join it again";
    Sew "sew": Make Machine Seam [] [Needle, Pins] Lines, "sew it where it lies now";
    OpenOld "open_old": Make Table Unpick ["seam ripper"] [Ripper] Lines, "open what is inside the new stitching now";
    Trim "trim": Make Table Cut ["scissors", "gauge"] [Blade] Lines, "look what is left before anything more is cut";
    ChalkLining "chalk_lining": Make Table Chalk ["two tapes", "chalk"] [Marker] Lines, "chalk the lining again";
    TakeInLining "take_in_lining": Make Machine Seam [] [Needle, Pins] Lines, "sew the lining where its lines lie now";

    FinishEdges "finish_edges": Finish Machine Finish ["overlock or zigzag"] [] Lines, "finish the new edges";
    Press "press": Finish Iron Press ["iron", "pressing cloth", "sleeve board"] [Iron] Lines, "press it again";

    RestoreFelled "restore_felled": Close Machine Seam ["machine"] [Needle] Lines, "fell it again";
    PutBack "put_back": Close Machine Seam ["thread", "zip foot"] [Needle, Pins] Lines, "set it in again";
    TrySet "try_set": Close Body TryOn ["mirror"] [Pins] Lines, "try it on again";
    RestoreTopstitch "restore_topstitch": Close Machine Seam ["topstitch thread", "machine"] [Needle] Lines, "put it back again";
    CloseShoulder "close_shoulder": Close Machine Seam ["machine"] [Needle] Lines, "open it and close it again";
    CloseNeck "close_neck": Close Machine Seam ["machine", "needle"] [Needle] Lines, "open it and close it again";
    CloseFastening "close_fastening": Close Machine Seam ["machine", "needle"] [Needle] Lines, "open it and close it again";
    CloseCrotch "close_crotch": Close Machine Seam ["machine"] [Needle] Lines, "open it and close it again";
    CloseArmholeEdge "close_armhole_edge": Close Machine Seam ["machine"] [Needle] Lines, "open it and close it again";
    CloseSleeveHead "close_sleeve_head": Close Table HandTack ["needle", "contrast thread", "machine"] [Pins, Needle] Lines, "open it and close it again";
    CloseWaistSeam "close_waist_seam": Close Machine Seam ["machine"] [Needle] Lines, "open it and close it again";
    CloseArmhole "close_armhole": Close Table HandTack ["needle", "contrast thread", "machine"] [Pins, Needle] Lines, "open it and close it again";
    CloseBand "close_band": Close Machine Seam ["machine"] [Needle] Lines, "open it and close it again";
    RestoreBeltLoop "restore_belt_loop": Close Machine Seam ["machine"] [Needle] Lines, "look at it again";
    CloseHem "close": Close Table Hand ["needle", "thread"] [] Lines, "open it and close it again";
    CloseLining "close_lining": Close Table Hand ["fine needle", "thread"] [Pins] Lines, "open it and close it again";

    HangBefore "hang_before": Know Table Look [] [] Nothing, "hang it again";
    OpenGap "open_gap": Open Table Unpick ["seam ripper"] [Ripper] Nothing, "look at it again";
    OpenHemCorner "open_corner": Open Table Unpick ["seam ripper"] [Ripper] Hem, "look at it again";
    ClearTheWay "clear": Open Table Unpick ["seam ripper", "tape", "chalk"] [Ripper] Hem, "look at it again";
    UnpickHem "unpick": Open Table Unpick ["seam ripper", "chalk", "iron"] [Ripper, Iron, Marker] Nothing, "look at it again";
    OpenWaist "open_waist": Open Table Unpick ["seam ripper", "thread"] [Ripper] Nothing, "look at it again";
    ChalkHem "chalk": Mark Table Chalk ["tape", "chalk", "curved ruler", "the printed sheet"] [Marker] Hem, "chalk it again";
    TackHem "tack": Trial Table Tack ["needle", "contrast thread"] [] Hem, "take the tacking out and tack it again";
    TryHem "try": Trial Body TryOn ["mirror", "shoes", "a friend or a fixed ruler"] [Trip, PinningOnBody] Hem, "try it on again";
    CutHem "cut": Make Table Cut ["scissors", "gauge"] [Blade] Hem, "look what is left before anything more is cut";
    FastenSeams "fasten": Make Machine Seam ["machine"] [Needle] Hem, "look at every seam end again";
    SplaySeams "splay": Make Machine Seam ["seam ripper", "machine"] [Ripper, Needle] Hem, "splay them again";
    EaseEdge "ease": Make Machine Seam ["machine", "iron"] [Needle, Iron] Hem, "ease it in again";
    FaceHem "face": Make Table Cut ["the printed sheet", "scissors"] [Blade] Hem, "cut it again";
    InterfaceHem "interface": Make Iron Press ["interfacing", "iron", "pressing cloth"] [Iron] Hem, "look where it lies now";
    Mitre "mitre": Make Machine Seam ["chalk", "machine", "scissors"] [Needle, Blade] Hem, "look what is left before anything more is trimmed";
    OpenSeamFlat "open_seam": Make Table Unpick ["seam ripper"] [Ripper] Hem, "look at it again";
    SewHem "sew": Make Machine Seam [] [Needle, Pins] Hem, "sew it where it lies now";
    ClipEdge "clip": Make Table Cut ["scissors"] [Blade] Hem, "look what is left before anything more is cut";
    TurnEdge "turn": Make Table Hand ["fine needle", "thread", "iron"] [Iron] Hem, "turn it again";
    RollEdge "roll": Make Machine Seam [] [Needle, Pins] Hem, "roll it again";
    DartsAtWaist "darts": Make Machine Seam [] [Needle, Pins] Hem, "sew them where they lie now";
    FinishAtWaist "finish": Finish Machine Finish ["overlock or zigzag"] [] Hem, "finish the new edges";
    PressAtWaist "press_waist": Finish Iron Press ["iron", "pressing cloth"] [Iron] Hem, "press it again";
    SewBag "sew_bag": Make Machine Seam [] [Needle, Pins] Hem, "sew it where it lies now";
    SewSecond "sew_second": Make Machine Seam [] [Needle, Pins] Hem, "sew it where it lies now";
    CloseSeamFlat "close_seam": Make Machine Seam ["machine"] [Needle] Hem, "close it again";
    PressHem "press": Finish Iron Press ["iron", "pressing cloth"] [Iron] Hem, "press it again";
    HangHem "hang": Close Body Look [] [] Hem, "hang it again";
    PinLining "pin_lining": Close Table Look ["pins", "tape"] [Pins] Hem, "pin it again";
    CutLining "cut_lining": Close Table Cut ["scissors"] [Blade] Hem, "look what is left before anything more is cut";
    CloseGap "close_gap": Close Table Hand ["fine needle", "thread"] [] Hem, "look at it again";
    CloseHemCorner "close_corner": Close Table Hand ["fine needle", "thread"] [] Hem, "close it again";
    SewLining "sew_lining": Close Table Hand ["fine needle", "thread"] [] Hem, "sew it again";

    ClosingActs "closing_acts": Look Table Hand ["needle", "thread", "scissors"] [Pins, Blade] Everything, "look at it again";
    HemCheck "hem_check": Look Body TryOn [] [Trip] Everything, "look at it again";
    AskTheWish "ask_the_wish": Look Body TryOn ["mirror"] [] Everything, "look at the wish again";
    WriteDown "write_down": Look Table Look ["tape"] [Pins] Everything, "measure it again";
}

impl Act {
    /// True where one works on the wrong side of the cloth: marking, tacking, sewing, trimming, finishing, the lining.
    #[must_use]
    pub const fn is_on_the_inside(self) -> bool {
        matches!(self.recipe().phase, Phase::Make | Phase::Finish)
            || matches!(
                self,
                Act::PhotographInside
                    | Act::Chalk
                    | Act::ChalkHem
                    | Act::Tack
                    | Act::TackShut
                    | Act::OpenLining
                    | Act::OpenGap
                    | Act::UnpickHem
                    | Act::PinLining
                    | Act::CutLining
                    | Act::SewLining
                    | Act::CloseLining
                    | Act::CloseGap
                    | Act::CloseHem
            )
    }
}
