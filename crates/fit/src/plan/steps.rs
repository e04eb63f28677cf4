//! The steps of taking in and letting out the seams of a garment.

use super::builder::{Builder, StopFacts};
use super::{Bench, Stop, Work};
use crate::choice::{MatchBy, MirrorBy, PinFace, PinsLie};
use crate::garment::{BandBuild, Seam, SeamEnd, SeamName, Shape, Source};
use crate::habit::AllowanceHabit;
use crate::line::{Line, LineEnd};
use crate::{Caution, HouseRule, Length};

/// A line that will be sewn, as the work order needs to know it.
#[derive(Debug, Clone)]
pub struct PlannedLine<'a> {
    /// The seam.
    pub seam: SeamName,
    /// The line; where the sides differ, the left one.
    pub line: &'a Line,
    /// How many seams it is sewn on: two for a pair, one at the centre back.
    pub count: usize,
    /// The greatest difference between left and right kept on purpose.
    pub kept_difference: Length,
    /// It runs off at a hem, which has to be opened.
    pub at_hem: bool,
    /// It goes through a band, which has to be opened.
    pub at_band: bool,
    /// It reaches an underarm with a sleeve, whose armhole has to be opened there.
    pub at_armhole: bool,
    /// It crosses the waist seam, which has to be opened there.
    pub at_waist_seam: bool,
}

impl<'a> PlannedLine<'a> {
    /// The line of a seam of this garment.
    #[must_use]
    pub fn on(shape: &Shape, seam: &Seam, line: &'a Line, count: usize, kept_difference: Length) -> Self {
        let reaches_top = !matches!(line.upper, LineEnd::Taper { .. });
        let sleeved = shape.sleeve_build() != crate::garment::SleeveBuild::None;
        let (low, high) = line.reach();
        let waist = seam.datum(crate::Datum::AboveWaistSeam).map(|datum| datum.at);
        PlannedLine {
            seam: seam.name,
            line,
            count,
            kept_difference,
            at_hem: seam.lower == SeamEnd::Hem && line.lower == LineEnd::RunOff,
            at_band: matches!(seam.upper, SeamEnd::Band(_)) && reaches_top,
            at_armhole: matches!(seam.upper, SeamEnd::Underarm(_)) && reaches_top && sleeved,
            at_waist_seam: waist.is_some_and(|waist| low < waist && waist < high),
        }
    }
}

impl PlannedLine<'_> {
    fn run(&self) -> f64 {
        let (low, high) = self.line.reach();
        (high - low) * self.count as f64
    }

    fn takes_in(&self) -> bool {
        self.line.character().deepest > 0.0
    }

    fn facts<'b>(&self, allowance: &'b str) -> StopFacts<'b> {
        StopFacts {
            tried: "try_on",
            apart: (self.count > 1).then_some(self.kept_difference),
            allowance,
            rolled_down: false,
        }
    }

    fn lets_out(&self) -> bool {
        self.line.knots().iter().any(|knot| knot.depth < -0.05)
    }
}

fn key(verb: &str, seam: SeamName) -> String {
    format!("{verb}_{}", seam.key())
}

impl Builder<'_> {
    pub(super) fn before(&mut self) {
        if self.garment.source != Source::Toile {
            let turn = format!(
                "Turn the {} inside out and photograph each seam, {}and the hem before anything is undone.",
                self.shape.kind.words(),
                if self.shape.kind.has_band() { "the band " } else { "" }
            );
            let step =
                self.add("photograph_inside", "Photograph the inside".into(), Bench::Table, Work::Look, 0.0);
            step.how = vec![turn, "Note how the allowance is finished: it goes back the same way.".into()];
            step.tools = vec!["camera"];
        }
        // A swatch's loss is in the line: washed before the cut, the garment would lose it twice.
        if !self.garment.washed && self.garment.wash_test.is_none() {
            let step = self.add("wash", "Wash and dry it".into(), Bench::Wash, Work::Wash, 0.0);
            step.how = vec![
                "As it will be washed later. What is going to shrink must shrink before the cut.".into(),
            ];
            step.passive_hours = 20.0;
            self.needs(&["photograph_inside"]);
        }
    }

    pub(super) fn chalk(&mut self, lines: &[PlannedLine<'_>]) {
        let run: f64 = lines.iter().map(PlannedLine::run).sum();
        let how = self.how_to_chalk();
        let step =
            self.add("chalk", "Chalk every line on both panels".into(), Bench::Table, Work::Chalk, 2.0 * run);
        step.how = how;
        step.tools = vec!["two tapes", "chalk", "curved ruler", "the printed sheet"];
        step.cautions = Caution::sentences(&[Caution::Marker, Caution::Pins]);
        self.needs(&["wash", "photograph_inside"]);
    }

    fn how_to_chalk(&self) -> Vec<String> {
        let from = match self.habits.match_by {
            MatchBy::OldSeam => {
                "Lay the seam flat, the old stitching straight. Work down the chalk table: station with one tape, depth with the other."
            }
            MatchBy::RawEdge => {
                "Lay the seam flat, the raw edge straight. Work down the chalk table: station with one tape, edge to chalk with the other; where no allowance was entered, measure from the old stitching."
            }
        };
        let over = match self.habits.mirror_by {
            MirrorBy::Landmark => {
                "Measure the other side afresh from its own hem, band or underarm; take the fitting pins out only when both sides are marked."
            }
            MirrorBy::Seams => {
                "Lay seam on seam and pin through to carry the line across; take the fitting pins out only when both sides are marked."
            }
        };
        let mut how = vec![from.to_owned()];
        if self.habits.pin_face == PinFace::RightSide {
            how.push("It was pinned right side out: turn it, and mark each pin through from the inside before it is read.".into());
        } else {
            how.push("It was pinned inside out: the wearer's left is the left seam as it was worn, not as it lies before you.".into());
        }
        how.push(
            "Join the marks along a curved ruler; the line leaves the old stitching without a corner.".into(),
        );
        how.push(over.to_owned());
        how
    }

    pub(super) fn open(&mut self, lines: &[PlannedLine<'_>]) {
        let stitched: Vec<&PlannedLine<'_>> =
            lines.iter().filter(|line| self.shape.topstitched.contains(&line.seam)).collect();
        if !stitched.is_empty() {
            let run: f64 = stitched.iter().map(|line| line.run()).sum();
            let step = self.add(
                "undo_topstitch",
                format!("Undo the topstitching on the {}", names(stitched.iter().map(|line| line.seam))),
                Bench::Table,
                Work::UnpickTopstitch,
                run,
            );
            step.how = vec![
                "Every fourth stitch from the back, then pull the thread from the front. It goes back last."
                    .into(),
            ];
            step.tools = vec!["seam ripper", "tweezers"];
            step.cautions = Caution::sentences(&[Caution::Ripper]);
            self.needs(&["chalk"]);
        }
        let aside = self.written(HouseRule::OpenAside);
        let hems = lines.iter().filter(|line| line.at_hem).map(|line| line.count).max();
        if let Some(count) = hems {
            let step = self.add(
                "open_hem",
                "Open the hem at the seams".into(),
                Bench::Table,
                Work::Unpick,
                2.0 * self.habits.rule(HouseRule::OpenAside) * count as f64,
            );
            step.how = vec![format!(
                "Unpick {aside} to either side of each seam and press the fold out. The line is mirrored across the fold, so that the turn-up still matches."
            )];
            step.tools = vec!["seam ripper", "iron"];
            step.cautions = Caution::sentences(&[Caution::Ripper, Caution::Iron]);
            self.needs(&["chalk"]);
        }
        if lines.iter().any(|line| line.at_armhole) {
            let step = self.add(
                "open_armhole",
                "Open the armholes at the underarm".into(),
                Bench::Table,
                Work::Unpick,
                4.0 * self.habits.rule(HouseRule::OpenAside),
            );
            step.how = vec![format!(
                "Unpick sleeve from body {aside} to either side of the underarm, so that side seam and sleeve can be sewn in one pass. Thread-mark the underarm point on both."
            )];
            step.tools = vec!["seam ripper", "thread"];
            step.cautions = Caution::sentences(&[Caution::Ripper]);
            self.needs(&["chalk"]);
        }
        if lines.iter().any(|line| line.at_waist_seam) {
            let places = lines.iter().filter(|line| line.at_waist_seam).map(|line| line.count).sum::<usize>();
            let step = self.add(
                "open_waist_seam",
                "Open the waist seam where the lines cross it".into(),
                Bench::Table,
                Work::Unpick,
                2.0 * self.habits.rule(HouseRule::OpenAside) * places as f64,
            );
            step.how = vec![format!(
                "Unpick bodice from skirt {aside} to either side of each line. Bodice and skirt must lose the same there, or they no longer fit together."
            )];
            step.tools = vec!["seam ripper"];
            step.cautions = Caution::sentences(&[Caution::Ripper]);
            self.needs(&["chalk"]);
        }
        let banded = self.shape.kind.has_band();
        let centre = lines.iter().find(|line| line.seam == SeamName::CentreBack && banded);
        if centre.is_some() && self.shape.band.belt_loop_at_back {
            let step = self.add(
                "remove_belt_loop",
                "Take off the belt loop at the centre back".into(),
                Bench::Table,
                Work::Unpick,
                40.0,
            );
            step.how = vec!["Unpick it and keep it; it goes back, or is left off.".into()];
            step.tools = vec!["seam ripper"];
            step.cautions = Caution::sentences(&[Caution::Ripper]);
            self.needs(&["chalk"]);
        }
        let sides = lines.iter().any(|line| line.seam != SeamName::CentreBack && line.at_band);
        let opens_at_back = centre.is_some() && self.shape.band.build == BandBuild::TwoHalves;
        if sides || opens_at_back {
            let mut how = Vec::new();
            if opens_at_back {
                how.push(format!(
                    "Unpick the band's own seam at the centre back, and the band from the body {} to either side.",
                    self.written(HouseRule::OpenAside)
                ));
            }
            if sides {
                how.push("Unpick the band from the body round each seam that is moved. The band itself is shortened there, or at its centre-back seam.".into());
            }
            let places = f64::from(u8::from(opens_at_back)) + 2.0 * f64::from(u8::from(sides));
            let run = 4.0 * self.habits.rule(HouseRule::OpenAside) * places;
            let step = self.add("open_band", "Open the waistband".into(), Bench::Table, Work::Unpick, run);
            step.how = how;
            step.tools = vec!["seam ripper"];
            step.cautions = Caution::sentences(&[Caution::Ripper]);
            self.needs(&["chalk", "remove_belt_loop"]);
        }
    }

    pub(super) fn tack(&mut self, lines: &[PlannedLine<'_>]) {
        let run: f64 = lines.iter().map(PlannedLine::run).sum();
        let mut how =
            vec!["Longest stitch, 4–5, contrast thread, no back stitch: it comes out in one pull.".into()];
        if lines.iter().any(PlannedLine::lets_out) {
            how.push("Where a line lets out, tack it first, then open the old stitching inside it.".into());
        }
        if self.one_piece_band() && lines.iter().any(|line| line.seam == SeamName::CentreBack && line.at_band)
        {
            how.push(
                "The band is one piece: fold it at the centre back and tack the fold. It is not cut yet."
                    .into(),
            );
        }
        let step = self.add("tack", "Tack every new line".into(), Bench::Machine, Work::Tack, run);
        step.how = how;
        step.tools = vec!["contrast thread", "machine"];
        step.cautions = Caution::sentences(&[Caution::Needle]);
        self.needs(&[
            "chalk",
            "undo_topstitch",
            "open_hem",
            "open_armhole",
            "open_waist_seam",
            "open_band",
            "remove_belt_loop",
        ]);
        let how = vec![
            if self.shape.kind.has_legs() {
                "Right layers and shoes, closed as it will be closed. Stand, look ahead; then sit, step up, bend a knee."
            } else {
                "Right layers and shoes, closed as it will be closed. Stand, look ahead; then sit, reach forward, raise both arms."
            }
            .into(),
            "If anything strains or hangs loose, go back to the Mirror and move pins. Nothing is cut before this passes.".into(),
        ];
        let step = self.add("try_on", "Try it on, tacked".into(), Bench::Body, Work::TryOn, 0.0);
        step.how = how;
        step.tools = vec!["mirror", "a friend if there is one"];
        step.cautions = Caution::sentences(&[Caution::PinningOnBody, Caution::Pins]);
        self.needs(&["tack"]);
    }

    pub(super) fn cut_band(&mut self, lines: &[PlannedLine<'_>]) {
        let centre = lines.iter().find(|line| line.seam == SeamName::CentreBack && line.at_band);
        let Some(centre) = centre.filter(|_| self.one_piece_band()) else { return };
        let allowance = "Cut at the centre of the fold: both halves keep their allowance.";
        let conditions = self.conditions("cut_band", centre.facts(allowance));
        let height = self.shape.band.height.mm();
        let step = self.add(
            "cut_band",
            "Cut the band at the centre back".into(),
            Bench::Table,
            Work::Cut,
            2.0 * height,
        );
        step.how = vec![
            "Unpick the band from the body to either side, then cut it once, square, at the centre of the folded take-in.".into(),
            "Each half now reaches past the new seam by the take-in: that is its allowance.".into(),
        ];
        step.tools = vec!["scissors", "set square"];
        step.cautions = Caution::sentences(&[Caution::Blade]);
        step.stop =
            Some(Stop { because: "A band cut at the centre back cannot be made whole again.", conditions });
        self.needs(&["try_on", "wash"]);
    }

    fn one_piece_band(&self) -> bool {
        self.shape.kind.has_band()
            && self.shape.band.height.is_positive()
            && self.shape.band.build == BandBuild::OnePiece
    }

    pub(super) fn sew(&mut self, line: &PlannedLine<'_>) {
        let (needle, stitch) = self.garment.cloth.family.needle_and_stitch();
        if line.seam == SeamName::CentreBack && line.at_band {
            let step = self.add(
                "join_band",
                "Join each band half to the body".into(),
                Bench::Machine,
                Work::Seam,
                4.0 * self.habits.rule(HouseRule::OpenAside),
            );
            step.how = vec!["Each half goes back on its own side first, right up to the new line. Then one seam closes body and band together, and can be reopened alone.".into()];
            step.tools = vec!["machine"];
            self.needs(&["try_on", "cut_band", "open_band", "sew_outseam"]);
        }
        let plural = if line.count > 1 { "s" } else { "" };
        let mut how: Vec<String> = vec![if line.seam.is_dart() {
            format!(
                "From the wide end to the tip, both legs equal; the last {} run within a thread of the fold. Tie the ends by hand on fine cloth, or take two or three short stitches back.",
                self.written(HouseRule::DartRun)
            )
        } else {
            format!(
                "Start on the old stitching before the line leaves it, sew {} into it at the other end, then fasten.",
                self.written(HouseRule::LockIn)
            )
        }];
        how.push("Test stitch and tension on a scrap.".into());
        how.push(
            match self.habits.pins_lie {
                PinsLie::Along => "The pins lie along the line: take each out as the foot comes to it.",
                PinsLie::Across => "The pins lie across, heads towards you: pull each before the needle.",
                PinsLie::Slanted => "The pins lie slanted, heads towards you: pull each before the needle.",
            }
            .into(),
        );
        if line.count > 1 && !line.seam.is_dart() {
            let one = if self.shape.kind.has_legs() { "leg" } else { "side" };
            how.push(format!("Keep the bulk outside the machine: sew one {one} from the hem up, the other from the top down."));
        }
        if line.at_armhole && line.seam == SeamName::Side && self.shape.has(SeamName::SleeveUnderarm) {
            how.push("In one pass from the hem through the underarm into the sleeve, the armhole's allowance folded up out of the way.".into());
        }
        let step = self.add(
            &key("sew", line.seam),
            format!("Sew the {}{plural}", line.seam.words()),
            Bench::Machine,
            Work::Seam,
            line.run(),
        );
        step.how = how;
        step.tools = vec![needle, stitch];
        step.cautions = Caution::sentences(&[Caution::Needle, Caution::Pins]);
        self.needs(&["try_on", "cut_band", "join_band"]);
        if line.takes_in() {
            let step = self.add(
                &key("open_old", line.seam),
                format!("Open the old stitching of the {}{plural}", line.seam.words()),
                Bench::Table,
                Work::Unpick,
                line.run(),
            );
            step.how = vec![
                "Unpick the old stitching inside the new, or the allowance cannot be pressed open.".into(),
            ];
            step.tools = vec!["seam ripper"];
            step.cautions = Caution::sentences(&[Caution::Ripper]);
            self.needs(&[&key("sew", line.seam)]);
        }
    }

    pub(super) fn trim(&mut self, line: &PlannedLine<'_>) {
        let plural = if line.count > 1 { "s" } else { "" };
        let trims = self.habits.allowance == AllowanceHabit::Trim
            && self.garment.source != Source::Toile
            && !line.seam.is_dart()
            && line.takes_in();
        if trims {
            let to = self.garment.cloth.fray.trim_to();
            let to_words = self.write(to);
            let name = key("trim", line.seam);
            let allowance = format!("{to_words} beyond the new stitching stays on each panel, counted once.");
            let conditions = self.conditions(&name, line.facts(&allowance));
            let step = self.add(
                &name,
                format!("Trim the {}{plural} to {to_words}", line.seam.words()),
                Bench::Table,
                Work::Cut,
                2.0 * line.run(),
            );
            step.how = vec![format!(
                "Measure {to_words} from the new stitching, not from the old edge. Cut one panel at a time and keep the garment clear of the blades."
            )];
            step.tools = vec!["scissors", "gauge"];
            step.cautions = Caution::sentences(&[Caution::Blade]);
            step.stop = Some(Stop { because: "What is trimmed off can never be let out again.", conditions });
            self.needs(&["try_on", "wash", &key("sew", line.seam), &key("open_old", line.seam)]);
        }
    }

    pub(super) fn close(&mut self, lines: &[PlannedLine<'_>]) {
        let every = |verb: &str| lines.iter().map(|line| key(verb, line.seam)).collect::<Vec<_>>();
        let run: f64 = lines.iter().map(PlannedLine::run).sum();
        let (sewn, trimmed, opened) = (every("sew"), every("trim"), every("open_old"));
        let after: Vec<&str> = sewn.iter().chain(&trimmed).chain(&opened).map(String::as_str).collect();
        let keeps = self.habits.allowance == AllowanceHabit::Keep;
        let step =
            self.add("finish_edges", "Finish the raw edges".into(), Bench::Machine, Work::Finish, 2.0 * run);
        step.how = vec![if keeps {
            "Overcast the edges as they are: the whole allowance stays inside for letting out again.".into()
        } else {
            "Overlock or zigzag each edge; never overlock early, it trims away what could be let out.".into()
        }];
        step.tools = vec!["overlock or zigzag"];
        self.needs(&after);
        let press = self.garment.cloth.fibre.press();
        let step = self.add("press", "Press every new seam".into(), Bench::Iron, Work::Press, run);
        step.how = vec![format!(
            "As sewn first, then open: {press}. Test on an offcut, and let it go cold before it is moved."
        )];
        step.tools = vec!["iron", "pressing cloth", "sleeve board"];
        step.cautions = Caution::sentences(&[Caution::Iron]);
        self.needs(&["finish_edges"]);
        let stitched: Vec<&PlannedLine<'_>> =
            lines.iter().filter(|line| self.shape.topstitched.contains(&line.seam)).collect();
        if !stitched.is_empty() {
            let run: f64 = stitched.iter().map(|line| line.run()).sum();
            let step = self.add(
                "restore_topstitch",
                "Put the topstitching back".into(),
                Bench::Machine,
                Work::Seam,
                run,
            );
            step.how = vec!["Same thread and length as before, from the end where it was undone; or leave it off on both sides alike.".into()];
            step.tools = vec!["topstitch thread", "machine"];
            step.cautions = Caution::sentences(&[Caution::Needle]);
            self.needs(&["press"]);
        }
        let over = self.written(HouseRule::LockIn);
        for (opened, name, title, how) in [
            (
                "open_waist_seam",
                "close_waist_seam",
                "Close the waist seam",
                format!(
                    "Seams of bodice and skirt on each other, then sew over the old ends by {over} on both sides."
                ),
            ),
            (
                "open_armhole",
                "close_armhole",
                "Sew the sleeves back in at the underarm",
                "Underarm point on underarm point. Ease nothing here: below the notches cap and armhole are equally long. Sew twice through the lowest quarter.".to_owned(),
            ),
        ] {
            if self.steps.iter().any(|step| step.key == opened) {
                let step = self.add(name, title.into(), Bench::Machine, Work::Seam, 4.0 * self.habits.rule(HouseRule::OpenAside));
                step.how = vec![how];
                step.tools = vec!["machine"];
                step.cautions = Caution::sentences(&[Caution::Needle]);
                self.needs(&["press"]);
            }
        }
        if lines.iter().any(|line| line.seam != SeamName::CentreBack && line.at_band)
            && !lines.iter().any(|line| line.seam == SeamName::CentreBack && line.at_band)
        {
            let step = self.add(
                "close_band",
                "Shorten the band and put it back".into(),
                Bench::Machine,
                Work::Seam,
                8.0 * self.habits.rule(HouseRule::OpenAside),
            );
            step.how = vec!["Take the band in by as much as the body lost, at the side seams or its centre-back seam, then sew it back from the inside.".into()];
            step.tools = vec!["machine"];
            step.cautions = Caution::sentences(&[Caution::Needle]);
            self.needs(&["press"]);
        }
        if self.steps.iter().any(|step| step.key == "remove_belt_loop") {
            let step = self.add(
                "restore_belt_loop",
                "Put the belt loop back".into(),
                Bench::Machine,
                Work::Seam,
                40.0,
            );
            step.how = vec!["Over the new seam, or leave it off.".into()];
            step.tools = vec!["machine"];
            step.cautions = Caution::sentences(&[Caution::Needle]);
            self.needs(&["press"]);
        }
        if self.steps.iter().any(|step| step.key == "open_hem") && !self.makes_hem {
            let step = self.add(
                "close_hem",
                "Close the hem".into(),
                Bench::Table,
                Work::Hand,
                4.0 * self.habits.rule(HouseRule::OpenAside),
            );
            step.how = vec!["Fasten every severed seam end first. Fold on the old crease and sew as it was, starting at the inseam.".into()];
            step.tools = vec!["needle", "thread"];
            self.needs(&["press"]);
        }
    }
}

fn names(seams: impl Iterator<Item = SeamName>) -> String {
    seams.map(SeamName::words).collect::<Vec<_>>().join(" and ")
}
