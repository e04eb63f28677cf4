//! Writing the steps of a work order as drafts, in any order: what is opened once for all, then seams, then hems.

use std::collections::BTreeSet;

use super::alteration::Done;
use super::opening::{Closed, Open, Opening};
use super::performed::{Performed, openings};
use crate::garment::{AlterationKey, AlterationKind, Garment, Purpose, SeamName, Shape};
use crate::house::choice::{HemWhen, MatchBy};
use crate::house::habit::Habits;
use crate::house::rules::HouseRule;
use crate::judge::armhole::ArmholeFit;
use crate::operation::hem::{HemLining, HemSolution};
use crate::operation::seam::work::SeamWork;
use crate::plan::act::{Act, Phase, VouchesFor};
use crate::plan::draft::Draft;
use crate::plan::how::{Fact, How};
use crate::plan::key::{On, StepKey};
use crate::plan::time::Pace;
use crate::plan::vouched::Vouched;
use crate::unit::length::Length;

/// What an order is written for.
pub(crate) struct Ordered<'a> {
    pub(crate) garment: &'a Garment,
    /// The seams that have lines.
    pub(crate) works: &'a [SeamWork<'a>],
    /// The hems that are wished for.
    pub(crate) hems: &'a [HemSolution],
    /// The alterations beside them that are done.
    pub(crate) alterations: &'a [Done],
    /// Armholes with their caps, as they will be.
    pub(crate) armholes: &'a [ArmholeFit],
    /// How many pins and hem readings there are.
    pub(crate) pins: usize,
}

/// The drafts of an order while its operations write them.
pub(crate) struct Builder<'a> {
    pub(crate) garment: &'a Garment,
    pub(crate) shape: &'a Shape,
    pub(crate) habits: &'a Habits,
    /// The seams that are worked.
    pub(crate) works: &'a [SeamWork<'a>],
    /// The hems that are made.
    pub(crate) hems: Vec<&'a HemSolution>,
    /// The alterations beside them that are done.
    pub(crate) alterations: &'a [Done],
    /// All of them, in the order they are done.
    performed: Vec<&'a dyn Performed>,
    /// Armholes that change, with their caps.
    pub(crate) armholes: &'a [ArmholeFit],
    /// How many pins and hem readings there are.
    pub(crate) pins: usize,
    /// What has to be open for the seams and the alterations beside them.
    pub(crate) openings: Vec<Open>,
    pace: Pace,
    pub(crate) drafts: Vec<Draft>,
}

/// The steps for everything done in one fitting. A hem that waits for readings, or cannot be made as asked, has none.
#[must_use]
pub(crate) fn drafts(ordered: &Ordered<'_>, habits: &Habits) -> Vec<Draft> {
    let Ordered { garment, works, armholes, pins, alterations, .. } = *ordered;
    let hems: Vec<&HemSolution> = ordered.hems.iter().filter(|hem| hem.is_solved()).collect();
    let lines = works.iter().map(|work| work as &dyn Performed);
    let wished = alterations.iter().map(|done| done as &dyn Performed);
    let mut performed: Vec<&dyn Performed> = lines.chain(wished).collect();
    performed.extend(hems.iter().map(|hem| *hem as &dyn Performed));
    let nothing = performed.is_empty();
    if garment.purpose == Purpose::Protective || (nothing && garment.purpose != Purpose::ChildNightwear) {
        return Vec::new();
    }
    let shape = &garment.shape;
    let mut builder = Builder {
        garment,
        shape,
        habits,
        works,
        hems,
        alterations,
        openings: openings(Closed::on(garment, habits, works), &performed),
        performed,
        armholes,
        pins,
        pace: Pace::of(&garment.cloth),
        drafts: Vec::new(),
    };
    if nothing {
        builder.look_up_rules();
        return builder.finished();
    }
    builder.before();
    if !works.is_empty() || !alterations.is_empty() {
        builder.seams();
    }
    builder.hems();
    builder.close_linings();
    builder.close_gap();
    builder.look_at_the_end();
    builder.finished()
}

impl Builder<'_> {
    pub(crate) fn add(&mut self, draft: Draft) {
        self.drafts.push(draft);
    }

    /// Hems are made once the seams are pressed, or flat before them.
    pub(crate) fn hems_come_last(&self) -> bool {
        self.habits.hem_when != HemWhen::Flat
    }

    /// Hems are cut to length before the seams are sewn.
    pub(crate) fn hems_are_cut_first(&self) -> bool {
        self.habits.hem_when == HemWhen::First
    }

    /// The steps that each alteration brings along: after what has to be known, those past its marks once what it needs
    /// open is open.
    pub(crate) fn alter(&mut self) {
        for done in self.alterations {
            let opens = done.made.opens.iter().map(|open| open.what.opened_by());
            let written = self.written_steps(|_| true);
            let opened: Vec<StepKey> = opens.filter(|key| written.contains(key)).collect();
            for draft in &done.made.drafts {
                let draft = draft.clone().after(self.known());
                let past_marks = draft.key.act.recipe().phase > Phase::Open;
                self.add(if past_marks { draft.needs(opened.iter().copied()) } else { draft });
            }
        }
    }

    /// The alterations that need this open.
    fn opened_for(&self, what: Opening) -> impl Iterator<Item = &Done> {
        self.alterations.iter().filter(move |done| done.made.opens.iter().any(|open| open.what == what))
    }

    /// What is marked before this is opened.
    pub(crate) fn marked_before(&self, open: &Open) -> Vec<StepKey> {
        let is_line = self.works.iter().any(|work| open.seams.contains(&work.seam));
        let lines = is_line.then_some(StepKey::whole(Act::Chalk));
        let own = self.opened_for(open.what).flat_map(|done| done.steps(|phase| phase == Phase::Mark));
        lines.into_iter().chain(own).collect()
    }

    /// What alterations do while this is open.
    pub(crate) fn altered_before(&self, open: &Open) -> Vec<StepKey> {
        let inside = |phase| matches!(phase, Phase::Trial | Phase::Make | Phase::Finish);
        self.opened_for(open.what).flat_map(|done| done.steps(inside)).collect()
    }

    /// A length as it stands on the session's tape.
    pub(crate) fn write(&self, length: Length) -> Fact {
        Fact::Length(length, self.habits.scale)
    }

    /// Sentences that were made elsewhere from these lengths.
    pub(crate) fn told<'w>(
        &self,
        words: impl IntoIterator<Item = &'w String>,
        lengths: &[Length],
    ) -> Vec<How> {
        let facts: Vec<Fact> = lengths.iter().map(|length| self.write(*length)).collect();
        words.into_iter().map(|words| How::told(words.clone(), facts.clone())).collect()
    }

    /// What a lining's sentences say, with what they turn on.
    pub(crate) fn told_of_lining(&self, lining: &HemLining) -> Vec<How> {
        let mut facts =
            [lining.above, lining.slack, lining.turn, lining.raw].map(|each| self.write(each)).to_vec();
        facts.extend([lining.hangs as u8, lining.edge as u8].map(|choice| Fact::Number(choice.into())));
        lining.words.iter().map(|words| How::told(words.clone(), facts.clone())).collect()
    }

    /// A length the house, or the account, has chosen.
    pub(crate) fn written(&self, rule: HouseRule) -> Fact {
        self.write(Length::from_mm(self.habits.rule(rule)))
    }

    /// What has to be open for the seams, of some kind.
    pub(crate) fn opened(&self, is: impl Fn(Opening) -> bool) -> Vec<Opening> {
        self.openings.iter().map(|open| open.what).filter(|what| is(*what)).collect()
    }

    /// The keys of steps written so far that do one of these.
    pub(crate) fn written_steps(&self, is: impl Fn(StepKey) -> bool) -> Vec<StepKey> {
        self.drafts.iter().map(|draft| draft.key).filter(|key| is(*key)).collect()
    }

    /// The keys of steps written so far that nothing waits for yet.
    pub(crate) fn ends(&self) -> Vec<StepKey> {
        let waited_for: BTreeSet<StepKey> =
            self.drafts.iter().flat_map(|draft| draft.needs.iter().chain(&draft.after)).copied().collect();
        self.written_steps(|key| !waited_for.contains(&key))
    }

    fn inside(&self, seam: SeamName) -> Vouched {
        let edges = self.shape.allowance(seam).map(|inside| [inside.front, inside.back]);
        Vouched::Inside { seam, edges }
    }

    /// What ticking a step vouches for.
    fn vouches(&self, draft: &Draft) -> Vec<Vouched> {
        let mut vouches = match (draft.key.act.recipe().vouches, draft.key.on) {
            (VouchesFor::Opened, on) if !matches!(on, On::Alteration(_)) => {
                vec![Vouched::Opened { seams: draft.seams.clone() }]
            }
            _ => {
                let about = self.performed.iter().filter(|done| is_about(draft, done.key()));
                about.flat_map(|done| done.vouched()).collect()
            }
        };
        if let Some((seam, stays)) = draft.stop.as_ref().and_then(|facts| facts.stays) {
            vouches.push(Vouched::Allowance { seam, stays });
            vouches.push(self.inside(seam));
        }
        // Measured from the raw edge, the chalk depends on what is inside.
        if draft.key == StepKey::whole(Act::Chalk) && self.habits.match_by == MatchBy::RawEdge {
            vouches.extend(self.works.iter().map(|work| self.inside(work.seam)));
        }
        vouches
    }

    /// Over how many evenings the work goes is known once all of it is.
    fn say_how_long_a_mark_lasts(&self, drafts: &mut [Draft]) {
        let minutes = |draft: &Draft| self.pace.house_minutes(draft.work, draft.run) + draft.more;
        let evenings =
            (drafts.iter().map(minutes).sum::<f64>() / self.habits.rule(HouseRule::SewingADay)).ceil();
        if let Some(mark) = drafts.iter_mut().find(|draft| draft.key == StepKey::whole(Act::ChooseMark)) {
            mark.how.insert(1, Self::how_long_it_lasts(evenings));
        }
    }

    /// The drafts, each with what its tick vouches for.
    fn finished(mut self) -> Vec<Draft> {
        let mut drafts = std::mem::take(&mut self.drafts);
        self.say_how_long_a_mark_lasts(&mut drafts);
        for draft in &mut drafts {
            draft.vouches = self.vouches(draft);
        }
        drafts
    }
}

/// True where ticking a step vouches for this.
fn is_about(draft: &Draft, done: AlterationKey) -> bool {
    let seams = &draft.seams;
    match (draft.key.act.recipe().vouches, draft.key.on) {
        (VouchesFor::Nothing, _) => false,
        (_, On::Alteration(own)) => done == own,
        (VouchesFor::Opened, _) => false,
        (VouchesFor::Lines, _) => {
            let among = seams.is_empty() || seams.iter().any(|seam| seam.key() == done.place);
            done.kind == AlterationKind::Line && among
        }
        (VouchesFor::Tried, _) => done.kind != AlterationKind::Hem,
        (VouchesFor::Hem, On::Hem(hem) | On::Feature(hem, ..)) => {
            done == AlterationKey { kind: AlterationKind::Hem, place: hem.key() }
        }
        (VouchesFor::Hem, _) => false,
        (VouchesFor::Everything, _) => true,
    }
}
