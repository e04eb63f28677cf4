//! What is drawn is what is computed: girths are measured again on the drawing.

use vemble_fit::garment::LevelName;
use vemble_fit::{Job, SeamName, Side, Solution, solve};

const EXAMPLES: [&str; 3] = [
    include_str!("../../../docs/examples/barn-dance-trousers.vemble.json"),
    include_str!("../../../docs/examples/let-out-below.vemble.json"),
    include_str!("../../../docs/examples/uneven-legs-in-inches.vemble.json"),
];

fn solved() -> impl Iterator<Item = Solution> {
    EXAMPLES.into_iter().map(|text| {
        let job: Job = serde_json::from_str(text).expect("an example");
        solve(&job).expect("a result")
    })
}

/// Every `x` at which a course crosses a height.
fn crossings(course: &[[f64; 2]], y: f64) -> Vec<f64> {
    course
        .windows(2)
        .filter(|pair| (pair[0][1] <= y) != (pair[1][1] <= y))
        .map(|pair| {
            let t = (y - pair[0][1]) / (pair[1][1] - pair[0][1]);
            pair[0][0] + t * (pair[1][0] - pair[0][0])
        })
        .collect()
}

#[test]
fn a_seam_moved_on_the_drawing_changes_the_girth_by_what_the_table_says() {
    let mut compared = 0;
    for solution in solved() {
        let drawing = solution.drawing.as_ref().expect("panels");
        for row in &solution.levels {
            // The band runs square to its seams, so the waist is not measured level with the floor.
            if row.girth.level == LevelName::Waist {
                continue;
            }
            let y = drawing.levels.iter().find(|mark| mark.level == row.girth.level).expect("a mark").height;
            for part in row.girth.parts.iter().filter(|part| part.seam == SeamName::Outseam) {
                let mut moved = 0.0;
                let mut panels = 0;
                for panel in &drawing.panels {
                    let course = panel.new_edges.iter().find(|edge| {
                        edge.seam == part.seam && (edge.side == part.side || edge.side == Side::Centre)
                    });
                    let Some(new) = course.and_then(|edge| crossings(&edge.points, y).first().copied())
                    else {
                        continue;
                    };
                    let old = crossings(&panel.outline, y)
                        .into_iter()
                        .min_by(|a, b| (a - new).abs().total_cmp(&(b - new).abs()))
                        .expect("the old edge at that height");
                    let inside = crossings(&panel.outline, y).iter().filter(|x| **x > new).count() % 2 == 1;
                    moved += if inside { -(old - new).abs() } else { (old - new).abs() };
                    panels += 1;
                }
                if panels == 2 {
                    compared += 1;
                    let said = part.change.mm();
                    assert!(
                        (moved - said).abs() < 0.5,
                        "{:?} {:?}: {moved:.2} drawn, {said:.2} said",
                        row.girth.level,
                        part.side
                    );
                }
            }
        }
    }
    assert!(compared >= 10, "only {compared} compared");
}

#[test]
fn figures_are_alike_left_and_right_and_stand_on_their_levels() {
    for solution in solved() {
        let drawing = solution.drawing.as_ref().expect("panels");
        let heights: Vec<f64> = drawing.levels.iter().map(|mark| mark.height).collect();
        assert!(heights.windows(2).all(|pair| pair[0] > pair[1]), "from the top down: {heights:?}");
        for figure in [&drawing.figure, &drawing.figure_after, &drawing.body].into_iter().flatten() {
            for [x, y] in figure.outline() {
                let mirrored = figure
                    .outline()
                    .iter()
                    .map(|[other, height]| (other + x).abs() + (height - y).abs())
                    .fold(f64::MAX, f64::min);
                assert!(mirrored < 1e-6, "{x} at {y} has no twin");
                assert!(x.abs() <= figure.half_width + 1e-9);
                assert!(*y <= figure.top + 1e-9 && *y >= figure.bottom - 1e-9);
            }
        }
    }
}

#[test]
fn what_is_taken_in_narrows_the_figure_where_it_is_taken() {
    let solution = solved().next().expect("the barn dance");
    let drawing = solution.drawing.as_ref().expect("panels");
    let (before, after) =
        (drawing.figure.as_ref().expect("before"), drawing.figure_after.as_ref().expect("after"));
    let width = |outline: &[[f64; 2]], y: f64| {
        let xs = crossings(outline, y);
        xs.iter().copied().fold(f64::MIN, f64::max) - xs.iter().copied().fold(f64::MAX, f64::min)
    };
    let at = |level| drawing.levels.iter().find(|mark| mark.level == level).expect("a mark").height;
    assert!(width(after.outline(), at(LevelName::Hip)) < width(before.outline(), at(LevelName::Hip)) - 8.0);
    let leg = |outline: &[[f64; 2]]| {
        let mut xs = crossings(outline, at(LevelName::Knee));
        xs.sort_by(f64::total_cmp);
        xs[1] - xs[0]
    };
    assert!((leg(after.outline()) - leg(before.outline())).abs() < 0.5, "a leg below the taper stays");
}

#[test]
fn outlines_are_closed_and_new_edges_know_their_lengths() {
    for solution in solved() {
        for panel in &solution.drawing.as_ref().expect("panels").panels {
            assert!(panel.outline.len() > 12);
            for edge in &panel.new_edges {
                let measured: f64 = edge
                    .points
                    .windows(2)
                    .map(|pair| (pair[1][0] - pair[0][0]).hypot(pair[1][1] - pair[0][1]))
                    .sum();
                assert!((measured - edge.new_length.mm()).abs() < 0.2, "{measured} {:?}", edge.new_length);
                let ratio = edge.new_length.mm() / edge.old_length.mm();
                assert!((0.97..1.03).contains(&ratio), "a seam line keeps nearly its length: {ratio}");
            }
        }
    }
}
