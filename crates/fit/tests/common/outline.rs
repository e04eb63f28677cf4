//! What a closed outline is like, found without the drawing's own help.

/// Every `x` at which a closed outline crosses a height, from the left.
pub fn crossings(outline: &[[f64; 2]], y: f64) -> Vec<f64> {
    let closed = outline.iter().zip(outline.iter().cycle().skip(1));
    let mut xs: Vec<f64> = closed
        .filter(|(from, to)| (from[1] <= y) != (to[1] <= y))
        .map(|(from, to)| from[0] + (y - from[1]) / (to[1] - from[1]) * (to[0] - from[0]))
        .collect();
    xs.sort_by(f64::total_cmp);
    xs
}

/// The area inside an outline, for what is closed and encloses something.
pub fn area(outline: &[[f64; 2]]) -> f64 {
    let pairs = outline.iter().zip(outline.iter().cycle().skip(1));
    (pairs.map(|(a, b)| a[0] * b[1] - b[0] * a[1]).sum::<f64>() / 2.0).abs()
}

/// Two edges of an outline that cross in the middle of both, where there are such.
pub fn crossing(outline: &[[f64; 2]]) -> Option<[usize; 2]> {
    let count = outline.len();
    let edge = |i: usize| (outline[i], outline[(i + 1) % count]);
    let turn =
        |a: [f64; 2], b: [f64; 2], c: [f64; 2]| (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);
    for i in 0..count {
        for j in i + 2..count {
            if i == 0 && j == count - 1 {
                continue;
            }
            let ((a, b), (c, d)) = (edge(i), edge(j));
            // Rounding to a tenth may make neighbours touch; a crossing is more than that.
            let apart = |one: f64, other: f64| one * other < -4.0;
            if apart(turn(a, b, c), turn(a, b, d)) && apart(turn(c, d, a), turn(c, d, b)) {
                return Some([i, j]);
            }
        }
    }
    None
}
