//! Elastic in a casing, cut for each segment between what is sewn through it.

use super::answer::{SumAnswer, Writer};
use super::drawing::SumLineName;
use super::sum_error::{SumError, within};
use crate::house::ranges;
use crate::house::rules::HouseRule;

/// More segments than this and only the first piece is labelled.
const LABELLED: usize = 3;

/// Shares what it has to lose among the segments by their length.
pub(super) fn answer(spans: &[f64], gap: f64, mut out: Writer<'_>) -> Result<SumAnswer, SumError> {
    within("spans", ranges::SEGMENTS, spans.len() as f64)?;
    for (i, span) in spans.iter().enumerate() {
        within(format!("spans[{i}]"), ranges::SEGMENT, *span)?;
    }
    let sum: f64 = spans.iter().sum();
    within("spans", ranges::STRIP_LENGTH.of("all segments together"), sum)?;
    within("gap", ranges::ELASTIC_GAP.up_to(0.9 * sum), gap)?;
    let [end, most, share] = [HouseRule::ElasticEnd, HouseRule::ElasticMost, HouseRule::ElasticShare]
        .map(|rule| out.habits.rule(rule));
    let active: Vec<f64> = spans.iter().map(|span| (span - gap * span / sum) * share).collect();
    let cuts: Vec<f64> = active.iter().map(|active| active + 2.0 * end).collect();
    let steepest = spans.iter().zip(&active).map(|(span, active)| span / active).fold(0.0, f64::max);
    for (i, cut) in (1..).zip(&cuts) {
        out.row(format!("segment {i}: cut"), *cut);
    }
    let whole: f64 = cuts.iter().sum();
    let mut words = format!(
        "{} of elastic in all; each piece overlaps {} at both ends.",
        out.write(whole),
        out.write(end)
    );
    if steepest > most {
        words.push_str(&format!(
            " Cloth over elastic is {steepest:.2}, more than {most}: it will bunch; take some in at a seam."
        ));
    }
    draw(spans, &cuts, end, &mut out);
    Ok(out.answer("elastic", words, whole))
}

/// The casing with its segments, and under each its piece of elastic with the ends that are sewn over.
fn draw(spans: &[f64], cuts: &[f64], end: f64, out: &mut Writer<'_>) {
    let tall = 0.05 * spans.iter().sum::<f64>();
    let mut from = 0.0;
    for (i, (span, cut)) in spans.iter().zip(cuts).enumerate() {
        out.drawing.box_of(SumLineName::Cloth, [from, 0.0], [from + span, tall]);
        let [left, right] = [from + (span - cut) / 2.0, from + (span + cut) / 2.0];
        let [top, bottom] = [1.5 * tall, 2.1 * tall];
        out.drawing.box_of(SumLineName::Cut, [left, top], [right, bottom]);
        for at in [left + end, right - end] {
            out.drawing.line(SumLineName::Mark, [[at, top], [at, bottom]]);
        }
        if i == 0 || spans.len() <= LABELLED {
            let [span_words, cut_words] = [*span, *cut].map(|mm| out.write(mm));
            out.drawing.over([from + span / 2.0, 0.0], span_words);
            out.drawing.under([from + span / 2.0, bottom], format!("cut {cut_words}"));
        }
        from += span;
    }
}
