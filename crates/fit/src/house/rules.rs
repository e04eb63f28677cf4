//! The house defaults: one table, each with a name, a value, its limits and its reason.
//!
//! A default may be changed per account as a habit; the value in force is always asked for through
//! [`crate::house::habit::Habits::rule`], never read from a constant elsewhere.

use serde::{Deserialize, Serialize};

use crate::unit::length::Length;

/// What the number of a house rule counts.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum RuleUnit {
    /// Millimetres.
    Mm,
    /// Millimetres in tenths: finer than a tape reads, in every session.
    Tenths,
    /// A share of one.
    Share,
    /// Days.
    Days,
    /// Minutes.
    Minutes,
    /// Hours.
    Hours,
}

/// What a house rule is about.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub enum RuleTopic {
    /// Measures and pins.
    Reading,
    /// The line.
    Line,
    /// What is cut, and what is kept.
    Cut,
    /// Back, pockets and crease.
    Balance,
    /// What lies in a seam.
    Fixed,
    /// Letting out, darts and insets.
    LettingOut,
    /// What a body needs to move.
    Moving,
    /// How much more than the body a garment measures.
    Worn,
    /// A sleeve in its armhole.
    Sleeve,
    /// Where levels lie.
    Levels,
    /// Reading a hem.
    HemRead,
    /// Each kind of hem.
    HemDeep,
    /// Turning and easing a hem.
    HemSewn,
    /// Linings.
    Lining,
    /// What lies near a hem.
    Near,
    /// Elastic, strips and waist.
    Waist,
    /// Evenings and ticks.
    Time,
}

impl RuleTopic {
    /// What it is called on screen.
    #[must_use]
    pub const fn words(self) -> &'static str {
        match self {
            RuleTopic::Reading => "Measures and pins",
            RuleTopic::Line => "The line",
            RuleTopic::Cut => "What is cut, and what is kept",
            RuleTopic::Balance => "Back, pockets and crease",
            RuleTopic::Fixed => "What lies in a seam",
            RuleTopic::LettingOut => "Letting out, darts and insets",
            RuleTopic::Moving => "What a body needs to move",
            RuleTopic::Worn => "Wearing ease",
            RuleTopic::Sleeve => "Sleeve and armhole",
            RuleTopic::Levels => "Where levels lie",
            RuleTopic::HemRead => "Reading a hem",
            RuleTopic::HemDeep => "Each kind of hem",
            RuleTopic::HemSewn => "Turning and easing a hem",
            RuleTopic::Lining => "Linings",
            RuleTopic::Near => "What lies near a hem",
            RuleTopic::Waist => "Elastic, strips and waist",
            RuleTopic::Time => "Evenings and ticks",
        }
    }
}

macro_rules! house_rules {
    ($($topic:ident { $($variant:ident, $key:literal, $name:literal, $value:literal, $unit:ident, $least:literal ..= $most:literal, $reason:literal;)* })*) => {
        /// A number the craft needs and practitioners choose.
        #[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Serialize, Deserialize)]
        #[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
        #[serde(rename_all = "snake_case")]
        pub enum HouseRule {
            $($(#[doc = $reason] $variant,)*)*
        }

        impl HouseRule {
            /// Every rule, topic by topic in the order the work meets them.
            pub const ALL: &[HouseRule] = &[$($(HouseRule::$variant,)*)*];

            /// Its name in files and requests.
            #[must_use]
            pub const fn word(self) -> &'static str {
                match self { $($(HouseRule::$variant => $key,)*)* }
            }

            /// Its entry in the table.
            #[must_use]
            pub const fn entry(self) -> HouseEntry {
                match self {
                    $($(HouseRule::$variant => HouseEntry {
                        key: HouseRule::$variant, topic: RuleTopic::$topic.words(), name: $name, value: $value, in_inches: None,
                        unit: RuleUnit::$unit, least: $least, most: $most, reason: $reason,
                    },)*)*
                }
            }
        }
    };
}

/// A row of the house table.
#[derive(Debug, Clone, Copy, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct HouseEntry {
    /// Its name in files and requests.
    pub key: HouseRule,
    /// What it is about, on screen.
    pub topic: &'static str,
    /// Its name on screen.
    pub name: &'static str,
    /// The house default.
    pub value: f64,
    /// The house default as a tape with inches shows it, in the same unit. It is computed with as `value`.
    pub in_inches: Option<f64>,
    /// What the value counts.
    pub unit: RuleUnit,
    /// The least it may be set to.
    pub least: f64,
    /// The most it may be set to.
    pub most: f64,
    /// Why the house chose it.
    pub reason: &'static str,
}

house_rules! {
    Reading {
        MeasureAge, "measure_age", "measures are fresh for", 56.0, Days, 7.0..=365.0,
            "Bodies change; after eight weeks measure again.";
        PairWithin, "pair_within", "left and right pair within", 10.0, Mm, 2.0..=40.0,
            "Two pins this close along the seam were meant for the same place.";
        PinNoise, "pin_noise", "left and right agree within", 3.0, Mm, 0.0..=10.0,
            "Nobody pins closer than this; a smaller difference says nothing.";
        TwistAsk, "twist_ask", "ask about a twist above", 10.0, Mm, 4.0..=40.0,
            "A difference this large with one sign along the seam is the body or a twisted garment, not the hand.";
        LadderStep, "ladder_step", "pins of a preset ladder every", 90.0, Mm, 30.0..=200.0,
            "A hand's width: closer is slower, wider lets the cloth gape between pins.";
        LadderNear, "ladder_near", "a reading moves a set pin within", 10.0, Mm, 2.0..=40.0,
            "So close to where it was set, it is that pin that was moved.";
    }
    Line {
        PinSpread, "pin_spread", "a pin says its depth to within", 1.5, Tenths, 0.2..=6.0,
            "Half of what two hands may differ by and still agree; the line is drawn as near each pin as this deserves.";
        PinTolerance, "pin_tolerance", "the line may miss a pin by", 3.0, Mm, 0.0..=10.0,
            "A pin is not a surveying mark.";
        SlopeWoven, "slope_woven", "steepest run of a line, woven", 0.25, Share, 0.05..=0.6,
            "Steeper than 1 in 4, a woven seam bubbles where it rejoins.";
        SlopeKnit, "slope_knit", "steepest run of a line, knit", 0.3333, Share, 0.05..=0.8,
            "A knit gives, so 1 in 3 still lies flat.";
        Radius, "radius", "tightest bend of a line", 120.0, Mm, 20.0..=600.0,
            "A tighter bend cannot be sewn and pressed flat on a long seam.";
        FadeShare, "fade_share", "fade per unit of depth", 8.0, Share, 4.0..=30.0,
            "Eight along for one across is the fade a steady hand draws without thinking.";
        TaperWorth, "taper_worth", "a line runs off instead of fading within", 20.0, Mm, 0.0..=60.0,
            "So near the edge a fade is shorter than the seam's own end.";
        BandStands, "band_stands", "a pin stands for the band or the underarm above it within", 40.0, Mm, 10.0..=80.0,
            "So close under a sewn-on edge nobody pins that edge itself; twice as far away it is not meant.";
        SteepWithin, "steep_within", "a steep run-in is right within", 40.0, Mm, 10.0..=80.0,
            "So near the underarm the seam turns under the arm, where nobody sees a bend.";
        SteepSlope, "steep_slope", "steepest run of a line at an underarm", 1.2, Share, 0.3..=2.0,
            "The side seam swings into the armhole there, and must keep its angle.";
        SteepRadius, "steep_radius", "tightest bend of a line at an underarm", 25.0, Mm, 10.0..=120.0,
            "Clipped to the stitching, a curve as tight as a cup's rim still lies flat under an arm.";
        ChalkStep, "chalk_step", "chalk a mark every", 50.0, Mm, 10.0..=200.0,
            "Closer than a hand's width a ruler can be laid from mark to mark.";
        SewBefore, "sew_before", "start sewing before the line leaves", 40.0, Mm, 10.0..=100.0,
            "The new stitching must lock into the old before it departs.";
        LockIn, "lock_in", "sew into the old stitching by", 15.0, Mm, 8.0..=40.0,
            "Over a thumb's width both rows hold, and nothing ravels from either.";
        DartRun, "dart_run", "a dart runs along its fold for the last", 15.0, Mm, 8.0..=30.0,
            "Sewn within a thread of the fold it ends without a bubble.";
    }
    Cut {
        LeastAllowance, "least_allowance", "keep inside a let-out seam", 8.0, Mm, 3.0..=20.0,
            "Less than this frays out of the stitching.";
        TrimLow, "trim_low", "trim a seam that hardly frays to", 10.0, Mm, 5.0..=30.0,
            "Enough to press open; more prints through to the right side.";
        TrimMedium, "trim_medium", "trim a seam that frays to", 13.0, Mm, 6.0..=30.0,
            "Most wovens lose a few threads before the edge is finished.";
        TrimHigh, "trim_high", "trim a seam that runs away to", 18.0, Mm, 8.0..=30.0,
            "What frays while it is handled must still hold when the edge is caught.";
        TrimKnit, "trim_knit", "trim a seam of knit to", 7.0, Mm, 4.0..=20.0,
            "A knit does not fray; both edges lie inside one row of overlocking.";
        TrimWorth, "trim_worth", "trim only where at least goes", 5.0, Mm, 2.0..=20.0,
            "A thinner strip cannot be cut cleanly, and nobody feels it inside.";
        BandLeast, "band_least", "cut a one-piece band only where each half keeps", 10.0, Mm, 6.0..=25.0,
            "Less cannot be sewn, turned and pressed inside a band.";
        SewThrough, "sew_through", "a finished hem is sewn through up to", 10.0, Mm, 3.0..=25.0,
            "Deeper, the folded layers stand off at the hem.";
        OpenAside, "open_aside", "open a hem or band beside a seam by", 80.0, Mm, 40.0..=200.0,
            "Two fingers on each side are room enough to lay the seam flat.";
    }
    Balance {
        BackAloneWarn, "back_alone_warn", "centre back alone, warn from", 40.0, Mm, 10.0..=100.0,
            "From here on the back pockets visibly drift together.";
        BackAloneShare, "back_alone_share", "centre back alone, share above", 50.0, Mm, 20.0..=120.0,
            "Above this the side seams swing back; the sides must give some.";
        PocketsApart, "pockets_apart", "back pockets stay apart by", 20.0, Mm, 5.0..=60.0,
            "Closer than this two pockets read as one.";
        CreaseShift, "crease_shift", "one seam of a leg alone is said above", 12.0, Mm, 4.0..=40.0,
            "Half of it moves crease and side pocket inward, which the eye finds.";
        LegShift, "leg_shift", "the middle of a leg shifts, said above", 3.0, Mm, 1.0..=20.0,
            "A pressed crease shows a shift of more than its own width.";
    }
    Fixed {
        FixtureZip, "fixture_zip", "a seam moves at a zip by", 0.0, Mm, 0.0..=20.0,
            "It is set in: the seam moves where it lies only once it is out.";
        FixtureButtons, "fixture_buttons", "a buttoned edge moves by", 0.0, Mm, 0.0..=20.0,
            "Its holes are cut; the edge stays where they are.";
        FixturePocket, "fixture_pocket", "a pocket's mouth loses", 12.0, Mm, 0.0..=40.0,
            "Less than a finger's width, and the hand still goes in.";
        FixtureMatch, "fixture_match", "a pattern misses at its seam by", 4.0, Mm, 0.0..=20.0,
            "More, and the eye finds that it does not meet.";
        FixtureLabel, "fixture_label", "a seam moves at a label left in it by", 40.0, Mm, 0.0..=100.0,
            "It is sewn in again wherever the seam goes.";
    }
    LettingOut {
        SeamWorth, "seam_worth", "opening one more seam is worth", 3.0, Mm, 0.0..=20.0,
            "Each further seam costs an evening; it must make the largest change this much smaller.";
        DartFront, "dart_front", "most in one front dart of a skirt", 20.0, Mm, 5.0..=40.0,
            "A front is flatter than a back; a deeper dart ends in a point that stands off.";
        DartBack, "dart_back", "most in one back dart of a skirt", 32.0, Mm, 10.0..=50.0,
            "Above this split it into two.";
        DartBodice, "dart_bodice", "most in one dart of a body", 40.0, Mm, 10.0..=60.0,
            "Above this split it into two.";
        SideSwing, "side_swing", "the side seam may swing by", 12.0, Mm, 0.0..=40.0,
            "Further than a finger's width from the side it is seen, and pockets and pleats swing with it.";
        InsetAllowance, "inset_allowance", "allowance on an inset", 15.0, Mm, 6.0..=30.0,
            "What is set in wants as much inside as any new seam.";
        GussetReach, "gusset_reach", "shortest gusset", 80.0, Mm, 40.0..=200.0,
            "A smaller diamond cannot be turned at its corners.";
    }
    Moving {
        HipFloor, "hip_floor", "hip must give to sit", 0.04, Share, 0.0..=0.12,
            "Skin stretches 4–6 % across the seat (Kirk & Ibrahim, Textile Research Journal 36, 1966).";
        KneeFloor, "knee_floor", "knee must give to bend", 0.12, Share, 0.0..=0.25,
            "Skin stretches 12–14 % round the knee (Kirk & Ibrahim, Textile Research Journal 36, 1966).";
        ElbowFloor, "elbow_floor", "elbow must give to bend", 0.15, Share, 0.0..=0.3,
            "Skin stretches 15–22 % round the elbow (Kirk & Ibrahim, Textile Research Journal 36, 1966).";
        ReachFloor, "reach_floor", "the back gives to reach, or it is felt, below", 0.02, Share, 0.0..=0.25,
            "A fitted back is worn with 4 to 8 % and the sleeve lifts; work clothes and dancing want the 13 % that skin stretches (Kirk & Ibrahim, Textile Research Journal 36, 1966).";
        BustFloor, "bust_floor", "the bust must give to breathe", 10.0, Mm, 0.0..=40.0,
            "A breath, in cloth that does not stretch.";
        Stride, "stride", "a step is long", 600.0, Mm, 300.0..=900.0,
            "Heel to heel on an ordinary walk; a stair or a dance asks more.";
        StretchFull, "stretch_full", "cloth stretches for its fit from", 0.15, Share, 0.02..=0.5,
            "Below it a cloth with a little stretch still has to let its wearer sit, and the woven floor fades out.";
        StretchWorn, "stretch_worn", "stretch cloth is worn stretched by", 0.2, Share, 0.0..=0.5,
            "A fifth of what it gives: more, and a knit rides up and thins.";
        StretchKept, "stretch_kept", "of what stretch cloth gives, a garment uses up to", 0.5, Share, 0.1..=0.9,
            "Half of what it gives is kept for moving.";
    }
    Worn {
        WearBustClose, "wear_bust_close", "bust, close", 50.0, Mm, 0.0..=400.0,
            "A breath, and the arms forward a little.";
        WearBustEasy, "wear_bust_easy", "bust, easy", 90.0, Mm, 0.0..=400.0,
            "A shirt's: the arms reach ahead without a pull.";
        WearBustLoose, "wear_bust_loose", "bust, loose", 150.0, Mm, 0.0..=400.0,
            "It hangs from the shoulders and touches nowhere.";
        WearBustJacketClose, "wear_bust_jacket_close", "bust of a jacket, close", 90.0, Mm, 0.0..=400.0,
            "Over a shirt, buttoned.";
        WearBustJacketEasy, "wear_bust_jacket_easy", "bust of a jacket, easy", 120.0, Mm, 0.0..=400.0,
            "Over a shirt, and the arms work in it.";
        WearBustJacketLoose, "wear_bust_jacket_loose", "bust of a jacket, loose", 180.0, Mm, 0.0..=400.0,
            "Over a jumper, or cut to hang.";
        WearBustCoatClose, "wear_bust_coat_close", "bust of a coat, close", 130.0, Mm, 0.0..=400.0,
            "Over a jacket, buttoned.";
        WearBustCoatEasy, "wear_bust_coat_easy", "bust of a coat, easy", 170.0, Mm, 0.0..=400.0,
            "Over a jacket, and the arms work in it.";
        WearBustCoatLoose, "wear_bust_coat_loose", "bust of a coat, loose", 240.0, Mm, 0.0..=400.0,
            "It swings from the shoulders.";
        WearBustLacedClose, "wear_bust_laced_close", "bust of what is laced, close", 0.0, Mm, 0.0..=400.0,
            "Laced shut it lies on the body.";
        WearBustLacedEasy, "wear_bust_laced_easy", "bust of what is laced, easy", 10.0, Mm, 0.0..=400.0,
            "Room for a breath between the edges.";
        WearBustLacedLoose, "wear_bust_laced_loose", "bust of what is laced, loose", 20.0, Mm, 0.0..=400.0,
            "Laced loosely over a blouse.";
        WearWaistBandClose, "wear_waist_band_close", "waist on a band, close", 10.0, Mm, 0.0..=400.0,
            "A thumb goes in: it holds by itself.";
        WearWaistBandEasy, "wear_waist_band_easy", "waist on a band, easy", 25.0, Mm, 0.0..=400.0,
            "Sitting down does not mark.";
        WearWaistBandLoose, "wear_waist_band_loose", "waist on a band, loose", 45.0, Mm, 0.0..=400.0,
            "It sits on the hips, or is belted.";
        WearWaistClose, "wear_waist_close", "waist without a band, close", 30.0, Mm, 0.0..=400.0,
            "It follows the waist and lets one sit.";
        WearWaistEasy, "wear_waist_easy", "waist without a band, easy", 70.0, Mm, 0.0..=400.0,
            "It shows a waist and rests on none.";
        WearWaistLoose, "wear_waist_loose", "waist without a band, loose", 140.0, Mm, 0.0..=400.0,
            "It hangs past the waist.";
        WearHighHipClose, "wear_high_hip_close", "high hip, close", 30.0, Mm, 0.0..=400.0,
            "It lies over the belly without a fold.";
        WearHighHipEasy, "wear_high_hip_easy", "high hip, easy", 50.0, Mm, 0.0..=400.0,
            "A hand goes between.";
        WearHighHipLoose, "wear_high_hip_loose", "high hip, loose", 100.0, Mm, 0.0..=400.0,
            "It falls from above and lies nowhere.";
        WearHipLegsClose, "wear_hip_legs_close", "hip of trousers, close", 30.0, Mm, 0.0..=400.0,
            "It follows the seat; the seat needs its 4 % to sit.";
        WearHipLegsEasy, "wear_hip_legs_easy", "hip of trousers, easy", 60.0, Mm, 0.0..=400.0,
            "Pockets lie flat.";
        WearHipLegsLoose, "wear_hip_legs_loose", "hip of trousers, loose", 110.0, Mm, 0.0..=400.0,
            "The cloth falls straight from the seat.";
        WearHipClose, "wear_hip_close", "hip of a skirt or dress, close", 40.0, Mm, 0.0..=400.0,
            "It slides down by itself after sitting.";
        WearHipEasy, "wear_hip_easy", "hip of a skirt or dress, easy", 65.0, Mm, 0.0..=400.0,
            "It falls past the seat without a pull.";
        WearHipLoose, "wear_hip_loose", "hip of a skirt or dress, loose", 120.0, Mm, 0.0..=400.0,
            "It hangs from the waist.";
        WearThighClose, "wear_thigh_close", "thigh, close", 30.0, Mm, 0.0..=400.0,
            "The leg follows the thigh.";
        WearThighEasy, "wear_thigh_easy", "thigh, easy", 60.0, Mm, 0.0..=400.0,
            "A hand's fold of cloth on either side.";
        WearThighLoose, "wear_thigh_loose", "thigh, loose", 110.0, Mm, 0.0..=400.0,
            "It hangs from the seat.";
        WearKneeClose, "wear_knee_close", "knee, close", 40.0, Mm, 0.0..=400.0,
            "The knee bends and the leg slides back.";
        WearKneeEasy, "wear_knee_easy", "knee, easy", 70.0, Mm, 0.0..=400.0,
            "The knee bends and nothing moves.";
        WearKneeLoose, "wear_knee_loose", "knee, loose", 140.0, Mm, 0.0..=400.0,
            "It falls straight.";
        WearCalfClose, "wear_calf_close", "calf, close", 30.0, Mm, 0.0..=400.0,
            "The leg goes over the calf and stays.";
        WearCalfEasy, "wear_calf_easy", "calf, easy", 60.0, Mm, 0.0..=400.0,
            "It falls past the calf.";
        WearCalfLoose, "wear_calf_loose", "calf, loose", 140.0, Mm, 0.0..=400.0,
            "It hangs from the knee.";
        WearUpperArmClose, "wear_upper_arm_close", "upper arm, close", 30.0, Mm, 0.0..=400.0,
            "The arm bends in it.";
        WearUpperArmEasy, "wear_upper_arm_easy", "upper arm, easy", 50.0, Mm, 0.0..=400.0,
            "A shirt's: it can be pushed up.";
        WearUpperArmLoose, "wear_upper_arm_loose", "upper arm, loose", 100.0, Mm, 0.0..=400.0,
            "It falls from the shoulder.";
        WearElbowClose, "wear_elbow_close", "elbow, close", 25.0, Mm, 0.0..=400.0,
            "The elbow bends and the sleeve slides back.";
        WearElbowEasy, "wear_elbow_easy", "elbow, easy", 50.0, Mm, 0.0..=400.0,
            "The elbow bends and nothing moves.";
        WearElbowLoose, "wear_elbow_loose", "elbow, loose", 100.0, Mm, 0.0..=400.0,
            "It falls from the shoulder.";
        WearOwnClose, "wear_own_close", "close lies below an ease of your own by", 20.0, Mm, 0.0..=100.0,
            "Where the house says nothing of a level, two fingers less is close.";
        WearOwnLoose, "wear_own_loose", "loose lies above an ease of your own by", 40.0, Mm, 0.0..=200.0,
            "Where the house says nothing of a level, a hand more is loose.";
        WearSwamps, "wear_swamps", "a garment swamps its wearer above loose times", 1.5, Share, 1.1..=3.0,
            "Half as much again as loose is more than any wearer means.";
    }
    Sleeve {
        CapTailoredLeast, "cap_tailored_least", "cap ease of a jacket or coat, least", 25.0, Mm, 0.0..=60.0,
            "A crown is shaped by easing; less leaves it flat.";
        CapTailoredMost, "cap_tailored_most", "cap ease of a jacket or coat, most", 38.0, Mm, 0.0..=80.0,
            "More cannot be shrunk away over the head of the sleeve.";
        CapDressLeast, "cap_dress_least", "cap ease of a dress, least", 15.0, Mm, 0.0..=60.0,
            "The arm wants a little roundness over the shoulder.";
        CapDressMost, "cap_dress_most", "cap ease of a dress, most", 30.0, Mm, 0.0..=80.0,
            "More shows as gathers in a thin cloth.";
        CapShirtLeast, "cap_shirt_least", "cap ease of a shirt, least", 0.0, Mm, 0.0..=40.0,
            "A flat cap may be as long as its armhole.";
        CapShirtMost, "cap_shirt_most", "cap ease of a shirt, most", 12.0, Mm, 0.0..=60.0,
            "Set in flat and felled, more makes tucks.";
        CapKnitLeast, "cap_knit_least", "cap ease of a knit, least", 0.0, Mm, 0.0..=20.0,
            "A knit stretches onto its armhole.";
        CapKnitMost, "cap_knit_most", "cap ease of a knit, most", 3.0, Mm, 0.0..=40.0,
            "More stands off in waves.";
    }
    Levels {
        BustBelow, "bust_below", "bust is measured below the underarm", 25.0, Mm, 5.0..=60.0,
            "A tape laid across a body flat on a table goes just below the armholes.";
        UnderarmToWaist, "underarm_to_waist", "underarm to waist, where nobody measured it", 190.0, Mm, 120.0..=260.0,
            "An average adult's.";
        UnderBustBelow, "under_bust_below", "under-bust below the underarm", 100.0, Mm, 50.0..=180.0,
            "The usual place, a hand's width below the bust line.";
        HighHipBelow, "high_hip_below", "high hip below the band top", 100.0, Mm, 40.0..=160.0,
            "The usual place of the high hip.";
        HipBelow, "hip_below", "hip below the band top", 200.0, Mm, 100.0..=300.0,
            "The usual place of the hip.";
        ThighBelow, "thigh_below", "thigh below the crotch", 25.0, Mm, 10.0..=60.0,
            "A tape round the leg does not go higher.";
        KneeShare, "knee_share", "knee height of the inseam", 0.55, Share, 0.4..=0.7,
            "On most legs the knee is a little above half the inseam.";
        CalfShare, "calf_share", "calf height of the inseam", 0.36, Share, 0.2..=0.45,
            "The calf is fullest about a third of the way up.";
    }
    HemRead {
        HemTolerance, "hem_tolerance", "the hem may miss a reading by", 3.0, Mm, 0.0..=10.0,
            "A reading from the floor sways with the breath.";
        HemUneven, "hem_uneven", "a hem is uneven above", 15.0, Mm, 5.0..=60.0,
            "More than this is the body or the garment higher up, not the hand.";
        HemPairAsk, "hem_pair_ask", "ask about two legs or sleeves above", 8.0, Mm, 2.0..=30.0,
            "Legs and arms differ; below this nobody sees it.";
        HemFloor, "hem_floor", "a hem begins above the floor at", 300.0, Mm, 0.0..=1200.0,
            "Mid-calf, until the floor or the wearer is measured.";
        HemUnevenBy, "hem_uneven_by", "an uneven hem begins with", 50.0, Mm, 10.0..=300.0,
            "Less looks like a mistake.";
        HemBlend, "hem_blend", "an uneven hem blends from the side seam over", 150.0, Mm, 40.0..=600.0,
            "A hand's length keeps the curve from turning into a corner.";
        SleeveBelow, "sleeve_below", "a sleeve ends below the wrist bone by", 15.0, Mm, -60.0..=60.0,
            "With the arm bent a little it still covers the bone.";
        TripBelow, "trip_below", "a hem is trodden on below", 20.0, Mm, 5.0..=60.0,
            "Lower than this over the floor it catches a heel on stairs.";
    }
    HemDeep {
        HemSingle, "hem_single", "single fold", 25.0, Mm, 10.0..=60.0,
            "A thumb's width lies flat in a knit and in bulky cloth.";
        HemFirstFold, "hem_first_fold", "first fold of a wide double hem", 6.0, Mm, 4.0..=20.0,
            "Just enough to hide the raw edge.";
        HemWide, "hem_wide", "wide double fold", 20.0, Mm, 10.0..=60.0,
            "It hangs by its weight and can be stitched straight.";
        HemNarrow, "hem_narrow", "each fold of a narrow hem", 8.0, Mm, 4.0..=15.0,
            "Narrow goes round a curve.";
        HemRolled, "hem_rolled", "each fold of a rolled hem", 4.0, Mm, 2.0..=6.0,
            "A sheer shows everything inside it.";
        HemDeep, "hem_deep", "deep hem by hand", 45.0, Mm, 30.0..=80.0,
            "40 to 50 hangs well, and can be let down later.";
        HemFaced, "hem_faced", "seam of a faced hem", 6.0, Mm, 4.0..=15.0,
            "All the length there is goes into the outside.";
        HemKnit, "hem_knit", "knit hem", 25.0, Mm, 12.0..=50.0,
            "Wide enough to feed evenly; trimmed to the stitching afterwards.";
        HemBag, "hem_bag", "seam of a bagged hem", 15.0, Mm, 8.0..=25.0,
            "An ordinary seam joins cloth and lining.";
        FacingDepth, "facing_depth", "a hem facing is deep", 40.0, Mm, 20.0..=80.0,
            "Deep enough to hang, narrow enough to go round a curve.";
    }
    HemSewn {
        EaseFirm, "ease_firm", "a firm woven eases in", 0.02, Share, 0.0..=0.05,
            "Beyond 2 % it makes pleats.";
        EaseSoft, "ease_soft", "a soft woven eases in", 0.03, Share, 0.0..=0.06,
            "Loose threads move closer.";
        EaseKnit, "ease_knit", "a knit eases in", 0.05, Share, 0.0..=0.1,
            "Loops close up.";
        EaseWool, "ease_wool", "wool under steam eases in", 0.06, Share, 0.0..=0.1,
            "Steam shrinks wool to the shape below it.";
        HemPinch, "hem_pinch", "a turn-up may be out by", 0.01, Share, 0.0..=0.03,
            "Less than this is inside the thread; shorter, it pinches the leg.";
        HemEaseRow, "hem_ease_row", "a row of long stitches lies below the raw edge by", 6.0, Mm, 3.0..=12.0,
            "Near enough to draw the edge in, far enough to hold.";
        HemOpenSplay, "hem_open_splay", "open a seam for a splayed turn-up by", 60.0, Mm, 30.0..=120.0,
            "Twice a hem lets the seam be turned on the fold.";
        HemOpenFlat, "hem_open_flat", "open a seam to hem flat by", 120.0, Mm, 60.0..=250.0,
            "A machine's foot and a hand lie flat in it.";
        TuckAbove, "tuck_above", "a tuck lies above an edge that is not cut by", 80.0, Mm, 20.0..=400.0,
            "A hand's width up it reads as a fold of the cloth, not as a mend at the edge.";
        TuckTrim, "tuck_trim", "a tuck is trimmed to", 8.0, Mm, 5.0..=15.0,
            "As narrow as overcasting holds, so that the leg rolls down.";
        TuckTrimFrom, "tuck_trim_from", "nothing is trimmed when losing less than", 16.0, Mm, 8.0..=30.0,
            "A tuck of less than 8 lies flat as it is.";
        OriginalEase, "original_ease", "a leg eases onto its original hem by", 0.03, Share, 0.0..=0.06,
            "More makes gathers above the hem.";
        BandOver, "band_over", "interfacing reaches above the allowance by", 10.0, Mm, 0.0..=30.0,
            "Its edge must not lie on the edge of the turn-up.";
        MitreTrim, "mitre_trim", "a mitre is trimmed to", 6.0, Mm, 4.0..=12.0,
            "The corner stays flat.";
    }
    Lining {
        LiningBag, "lining_bag", "a bagged lining is cut shorter by", 4.0, Mm, 3.0..=10.0,
            "It draws the seam inside, so that it never looks out below.";
        LiningAbove, "lining_above", "a lining ends above the outer fold", 12.0, Mm, 5.0..=30.0,
            "It never shows, and the pleat covers the join.";
        LiningFree, "lining_free", "a free lining ends above the outer fold", 25.0, Mm, 10.0..=60.0,
            "It swings by itself and must not look out.";
        LiningSlack, "lining_slack", "slack in a lining", 10.0, Mm, 5.0..=25.0,
            "A short lining drags the outside into wrinkles.";
        LiningTurn, "lining_turn", "turned under at a lining's edge", 15.0, Mm, 8.0..=30.0,
            "A lining ravels; less pulls out of the felling.";
        UndoLining, "undo_lining", "undo the lining above the hem by", 50.0, Mm, 20.0..=120.0,
            "Room for a hand to fold the corner and sew it.";
    }
    Near {
        VentLeft, "vent_left", "re-make a vent shorter than", 100.0, Mm, 40.0..=200.0,
            "A shorter one neither opens nor lies.";
        PocketClear, "pocket_clear", "a pocket clears the fold by", 40.0, Mm, 10.0..=100.0,
            "The turn-up must not catch its bottom.";
        ButtonClear, "button_clear", "the lowest button clears the edge by", 30.0, Mm, 15.0..=150.0,
            "A button on the turn-up cannot be worked.";
        PleatDepth, "pleat_depth", "a pleat is deep", 20.0, Mm, 5.0..=150.0,
            "A finger's width folds sharply in most cloth.";
        SlitOpen, "slit_open", "a slit opens at the hem by", 60.0, Mm, 20.0..=300.0,
            "What a step of an ordinary stride takes from a straight skirt.";
        SlitHeight, "slit_height", "a slit is high", 150.0, Mm, 60.0..=500.0,
            "A hand's length opens for a step and stays decent.";
    }
    Waist {
        ClothWidth, "cloth_width", "cloth is wide", 1400.0, Mm, 600.0..=3000.0,
            "What most dress cloth is sold at.";
        ElasticDraws, "elastic_draws", "elastic draws a hem in by", 0.14, Share, 0.0..=0.5,
            "About a seventh holds a leg without marking it.";
        ElasticShare, "elastic_share", "elastic is cut to this much of what it closes", 0.95, Share, 0.6..=1.0,
            "A twentieth shorter it holds up by itself and marks nobody.";
        ElasticEnd, "elastic_end", "elastic overlaps at each end by", 12.0, Mm, 6.0..=30.0,
            "Two rows of stitching anchor it there.";
        ElasticMost, "elastic_most", "most cloth on a length of elastic", 1.5, Share, 1.1..=3.0,
            "More than half as much again bunches instead of spreading.";
        BiasJoin, "bias_join", "allowance of a join in a bias strip", 6.0, Mm, 4.0..=15.0,
            "Pressed open it lies flat inside the fold, and does not slip out of its stitching.";
        WaistEase, "waist_ease", "a new waist edge eases in", 0.03, Share, 0.0..=0.06,
            "More makes gathers under the band.";
    }
    Time {
        VouchWithin, "vouch_within", "a tick holds while its line moves less than", 1.0, Tenths, 0.2..=5.0,
            "A chalk line is as wide; nobody sews a seam twice for less.";
        SewingADay, "sewing_a_day", "free to sew on a day", 30.0, Minutes, 0.0..=720.0,
            "Half an hour is what most evenings give.";
        HangHem, "hang_hem", "a flared or bias hem hangs for", 24.0, Hours, 1.0..=168.0,
            "After a day and a night it has dropped by most of what it ever will.";
        HangLook, "hang_look", "a garment hangs before it is looked at last for", 1.0, Hours, 0.0..=48.0,
            "What was pressed and handled settles in an hour.";
        DryWash, "dry_wash", "a wash dries for", 20.0, Hours, 1.0..=96.0,
            "Over a night and the morning after.";
        DrySwatch, "dry_swatch", "a swatch dries for", 12.0, Hours, 1.0..=48.0,
            "A hand's breadth of cloth is dry the next morning.";
        CoolPress, "cool_press", "what was pressed lies until it is cold for", 12.0, Minutes, 1.0..=60.0,
            "Moved warm, cloth keeps the shape it was moved into.";
        WaitsOver, "waits_over", "an evening's work ends with what waits by itself from", 6.0, Hours, 1.0..=24.0,
            "Nobody sits up for it.";
    }
}

impl HouseRule {
    /// Its entry with how an inch session shows it.
    #[must_use]
    pub fn row(self) -> HouseEntry {
        let in_inches = self.eighths().map(|eighths| Length::from_inch_fraction(i64::from(eighths), 8).mm());
        HouseEntry { in_inches, ..self.entry() }
    }

    /// How a tape that has inches shows its default, in eighths of one. It is computed with as it stands in the table,
    /// on every tape. `None` where the number is never laid with a tape.
    #[must_use]
    pub fn eighths(self) -> Option<u32> {
        let entry = self.entry();
        match self {
            _ if entry.unit != RuleUnit::Mm => None,
            // Marks are laid where a tape is read.
            HouseRule::ChalkStep => Some(2 * 8),
            _ => Some((entry.value / 25.4 * 8.0).round() as u32),
        }
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn every_default_lies_within_its_own_limits_and_has_a_reason() {
        for rule in HouseRule::ALL {
            let entry = rule.entry();
            assert!(entry.least <= entry.value && entry.value <= entry.most, "{rule:?}");
            assert!(entry.reason.ends_with('.') || entry.reason.ends_with(')'), "{rule:?}");
            if let Some(eighths) = rule.eighths() {
                let inches = f64::from(eighths) * 25.4 / 8.0;
                assert!(entry.least <= inches && inches <= entry.most, "{rule:?} in inches");
                assert!((inches - entry.value).abs() <= 1.6, "{rule:?}: {inches}");
            }
            assert_eq!(serde_json::to_string(rule).unwrap(), format!("\"{}\"", rule.word()));
        }
    }
}
