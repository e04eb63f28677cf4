//! Cutting a drawing larger than the paper into tiles.

/// One sheet of a drawing: the part of it, in drawing millimetres, that the sheet shows.
#[derive(Debug, Clone, Copy, PartialEq)]
pub struct Tile {
    /// Least corner of what it shows.
    pub from: [f64; 2],
    /// Width and height of what it shows.
    pub size: (f64, f64),
    /// Column from the left, row from the bottom, both from 1.
    pub at: (u32, u32),
}

impl Tile {
    /// A point of the drawing on the page, in millimetres from its upper left corner.
    #[must_use]
    pub fn place(&self, point: [f64; 2], margin: f64, page_height: f64) -> [f64; 2] {
        [point[0] - self.from[0] + margin, page_height - margin - (point[1] - self.from[1])]
    }
}

/// Least and greatest corner of an area.
pub type Area = ([f64; 2], [f64; 2]);

/// Covers `bounds` with tiles of `size`, neighbours sharing `overlap`, leaving out those that
/// nothing touches.
///
/// ```
/// let tiles = vemble_formats::sheet::lay_tiles(([0.0, 0.0], [100.0, 500.0]), (186.0, 273.0), 15.0, |_| true);
/// assert_eq!(tiles.len(), 2);
/// assert_eq!(tiles[1].from[1], 273.0 - 15.0);
/// ```
#[must_use]
pub fn lay_tiles(bounds: Area, size: (f64, f64), overlap: f64, touches: impl Fn(Area) -> bool) -> Vec<Tile> {
    let count = |extent: f64, size: f64| (((extent - overlap) / (size - overlap)).ceil()).max(1.0) as u32;
    let (columns, rows) =
        (count(bounds.1[0] - bounds.0[0], size.0), count(bounds.1[1] - bounds.0[1], size.1));
    let mut tiles = Vec::new();
    for row in 0..rows {
        for column in 0..columns {
            let from = [
                bounds.0[0] + f64::from(column) * (size.0 - overlap),
                bounds.0[1] + f64::from(row) * (size.1 - overlap),
            ];
            if touches((from, [from[0] + size.0, from[1] + size.1])) {
                tiles.push(Tile { from, size, at: (column + 1, row + 1) });
            }
        }
    }
    tiles
}
