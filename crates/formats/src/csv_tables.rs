//! Pins and chalk tables as CSV, in millimetres, for any spreadsheet.

use vemble_fit::line::{ChalkMark, ChalkRow};
use vemble_fit::{Job, LineOutcome, SeamName, Side, Solution};

fn table(header: &[&str], rows: impl Iterator<Item = Vec<String>>) -> String {
    let mut writer = csv::Writer::from_writer(Vec::new());
    // Writing into memory cannot fail.
    let _ = writer.write_record(header);
    for row in rows {
        let _ = writer.write_record(&row);
    }
    writer.into_inner().ok().and_then(|bytes| String::from_utf8(bytes).ok()).unwrap_or_default()
}

/// Every pin as it was read.
#[must_use]
pub fn pins_csv(job: &Job) -> String {
    table(
        &["seam", "side", "station_mm", "from", "reading_mm", "read", "planned_mm", "moved_mm"],
        job.fitting.pins.iter().map(|pin| {
            vec![
                pin.seam.key().to_owned(),
                pin.side.words().to_owned(),
                pin.station.mm().to_string(),
                pin.datum.words().to_owned(),
                pin.reading.mm().to_string(),
                pin.mode.words().to_owned(),
                pin.planned.map(|depth| depth.mm().to_string()).unwrap_or_default(),
                pin.moved.map(|depth| depth.mm().to_string()).unwrap_or_default(),
            ]
        }),
    )
}

/// Every chalk table of a solution, one after the other.
#[must_use]
pub fn chalk_csv(solution: &Solution) -> String {
    let rows = solution.seams.iter().flat_map(|seam| {
        seam.lines.iter().flat_map(move |line| match &line.outcome {
            LineOutcome::Drawn(drawn) => drawn
                .table
                .rows
                .iter()
                .map(|row| chalk_row(seam.seam, line.side, drawn.table.datum.words(), row))
                .collect(),
            LineOutcome::Refused(_) => Vec::new(),
        })
    });
    table(
        &["seam", "side", "station_mm", "from", "depth_mm", "raw_edge_front_mm", "raw_edge_back_mm", "marks"],
        rows,
    )
}

/// Every hem's table of a solution, one after the other.
#[must_use]
pub fn hems_csv(solution: &Solution) -> String {
    let tenth = |length: Option<vemble_fit::Length>| {
        length.map(|length| format!("{:.1}", length.mm())).unwrap_or_default()
    };
    let rows = solution.hems.iter().flat_map(|hem| {
        hem.sides.iter().flat_map(move |side| {
            side.rows.iter().map(move |row| {
                vec![
                    hem.hem.key().to_owned(),
                    side.side.words().to_owned(),
                    row.words.clone(),
                    format!("{:.1}", row.at),
                    tenth(Some(row.along)),
                    tenth(Some(row.fold)),
                    tenth(row.cut),
                    tenth(row.strip),
                    tenth(row.finished),
                ]
            })
        })
    });
    table(
        &["hem", "side", "place", "degrees", "along_mm", "fold_mm", "cut_mm", "strip_mm", "finished_mm"],
        rows,
    )
}

fn chalk_row(seam: SeamName, side: Side, datum: &str, row: &ChalkRow) -> Vec<String> {
    let tenth = |length: vemble_fit::Length| format!("{:.1}", length.mm());
    let marks: Vec<&str> = row.marks.iter().map(|mark| mark_words(*mark)).collect();
    vec![
        seam.key().to_owned(),
        side.words().to_owned(),
        tenth(row.station),
        datum.to_owned(),
        tenth(row.depth),
        row.edge_front.map(tenth).unwrap_or_default(),
        row.edge_back.map(tenth).unwrap_or_default(),
        marks.join(" "),
    ]
}

/// What a mark is called on paper.
#[must_use]
pub(crate) const fn mark_words(mark: ChalkMark) -> &'static str {
    match mark {
        ChalkMark::Start => "start",
        ChalkMark::End => "end",
        ChalkMark::Pin => "pin",
        ChalkMark::Deepest => "deepest",
        ChalkMark::Band => "band",
        ChalkMark::Step => "",
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::read_job;

    #[test]
    fn the_tables_have_a_row_for_every_pin_and_every_chalk_mark() {
        let job = read_job(include_bytes!("../../../docs/examples/barn-dance-trousers.vemble.json")).unwrap();
        let solution = vemble_fit::solve(&job).unwrap();
        assert_eq!(pins_csv(&job).lines().count(), 1 + job.fitting.pins.len());
        let text = chalk_csv(&solution);
        assert!(text.lines().any(|line| line.starts_with("outseam,centre,798.0,the hem,13.")), "{text}");
        assert!(text.lines().any(|line| line.starts_with("centre_back,centre,0.0,")), "{text}");
    }
}
