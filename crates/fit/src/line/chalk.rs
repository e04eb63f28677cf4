//! The chalk table: a line as a hand needs it.

use serde::Serialize;

use super::{Line, LineEnd};
use crate::garment::datum::Datum;
use crate::garment::{Seam, SeamAllowance};
use crate::house::habit::Habits;
use crate::house::rules::HouseRule;
use crate::unit::length::Length;

/// Rows closer than this, in millimetres, become one row.
const ONE_ROW: f64 = 4.0;

/// Why a row is in the table.
#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(rename_all = "snake_case")]
pub enum ChalkMark {
    /// The line leaves the old stitching, or its seam's edge.
    Start,
    /// The line rejoins it, or reaches the other edge.
    End,
    /// A pin.
    Pin,
    /// The deepest point.
    Deepest,
    /// The lower edge of the band.
    Band,
    /// A mark on the way.
    Step,
}

/// One chalk mark.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct ChalkRow {
    /// Distance along the seam from the table's datum.
    pub station: Length,
    /// Distance from the seam's lower end.
    pub from_below: Length,
    /// Old stitching to chalk; negative lets out.
    pub depth: Length,
    /// Raw edge to chalk on the front panel (left back on the centre back), where it is known.
    pub edge_front: Option<Length>,
    /// Raw edge to chalk on the back panel (right back on the centre back), where it is known.
    pub edge_back: Option<Length>,
    /// Why the row is there; the most important reason first.
    pub marks: Vec<ChalkMark>,
    /// Station, depth and edges as they stand on the session's tape.
    pub shown: ShownRow,
}

/// A row as it is read on the session's tape.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct ShownRow {
    /// Station.
    pub station: String,
    /// Depth.
    pub depth: String,
    /// Raw edge to chalk on the front.
    pub edge_front: Option<String>,
    /// Raw edge to chalk on the back.
    pub edge_back: Option<String>,
}

/// A line as marks to chalk, in the order the tape runs from the datum.
#[derive(Debug, Clone, PartialEq, Serialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
pub struct ChalkTable {
    /// Where stations are counted from.
    pub datum: Datum,
    /// The marks.
    pub rows: Vec<ChalkRow>,
    /// Where to start sewing on the old stitching, from the datum: before the line departs.
    pub sew_from: Option<Length>,
}

/// The chalk table of a line: every step, every pin, both ends, the band and the deepest point.
#[must_use]
pub fn chalk_table(
    line: &Line,
    seam: &Seam,
    pins: &[f64],
    allowance: Option<SeamAllowance>,
    habits: &Habits,
) -> ChalkTable {
    let usual = seam.usual();
    let to_datum = |from_below: f64| seam.counted(from_below);
    let band = seam.band();
    let (low, high) = line.reach();
    let counts_down = !usual.up;
    let (start, end) =
        if counts_down { (ChalkMark::End, ChalkMark::Start) } else { (ChalkMark::Start, ChalkMark::End) };
    let mut marks: Vec<(f64, ChalkMark)> = vec![(low, start), (high, end)];
    marks.extend(pins.iter().filter(|pin| (low..=high).contains(*pin)).map(|pin| (*pin, ChalkMark::Pin)));
    marks.push((line.character().deepest_at, ChalkMark::Deepest));
    if band > 0.0 && line.length - band > low && line.length - band < high {
        marks.push((line.length - band, ChalkMark::Band));
    }
    let step = habits.laid(HouseRule::ChalkStep);
    let mut along = step;
    while along < line.length {
        let station = if counts_down { line.length - along } else { along };
        if station > low + ONE_ROW && station < high - ONE_ROW {
            marks.push((station, ChalkMark::Step));
        }
        along += step;
    }
    marks.sort_by(|a, b| a.0.total_cmp(&b.0).then(a.1.cmp(&b.1)));
    if counts_down {
        marks.reverse();
    }
    let mut merged: Vec<(f64, Vec<ChalkMark>)> = Vec::new();
    for (station, mark) in marks {
        match merged.last_mut() {
            Some((at, known)) if (*at - station).abs() < ONE_ROW => {
                // The mark that matters more decides where the row stands.
                if known.iter().all(|other| mark < *other) {
                    *at = station;
                }
                known.push(mark);
                known.sort_unstable();
                known.dedup();
            }
            _ => merged.push((station, vec![mark])),
        }
    }
    let rows = merged
        .into_iter()
        .map(|(station, marks)| {
            let depth = Length::from_mm(line.depth(station));
            let edge_front = allowance.map(|allowance| allowance.front + depth);
            let edge_back = allowance.map(|allowance| allowance.back + depth);
            let number = |length: Length| habits.scale.number(length);
            ChalkRow {
                station: to_datum(station),
                from_below: Length::from_mm(station),
                depth,
                edge_front,
                edge_back,
                marks,
                shown: ShownRow {
                    station: number(to_datum(station)),
                    depth: number(depth),
                    edge_front: edge_front.map(number),
                    edge_back: edge_back.map(number),
                },
            }
        })
        .collect();
    ChalkTable { datum: usual.datum, rows, sew_from: sew_from(line, habits).map(to_datum) }
}

/// On the old stitching, a little before the lowest departure; a line that runs off both ends
/// has none.
fn sew_from(line: &Line, habits: &Habits) -> Option<f64> {
    let before = habits.rule(HouseRule::SewBefore);
    match (line.lower, line.upper) {
        (LineEnd::Taper { at }, _) => Some((at - before).max(0.0)),
        (_, LineEnd::Taper { at }) => Some((at + before).min(line.length)),
        _ => None,
    }
}
