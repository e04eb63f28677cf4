//! What lies above the underarm on one face: armholes, shoulders, neckline.

use super::figure::{FigureSeam, both_sides};
use super::pen::{Pen, Points, tenth};
use super::piece::{LineName, PartName, Pieces};
use super::seen::{Rings, half_widths};
use crate::garment::{Collar, Kind, SeamName, Shape};
use crate::pattern::Pattern;
use crate::pattern::YOKE_AT;

/// How much further in than the body's side an armhole is scooped at its narrowest, at the least, in millimetres.
const SCOOP: f64 = 7.0;
/// Where between underarm and shoulder point it is narrowest.
const NARROWEST_AT: f64 = 0.42;

/// The most a neckline lies below the neck point at the centre front under a collar that closes there, in millimetres.
const CLOSE: f64 = 95.0;

/// The top of one face, on the right of the picture.
#[derive(Debug, Clone, Copy)]
pub(super) struct Top {
    /// Half the width seen at the underarm.
    pub side: f64,
    /// Height of the underarm.
    pub underarm: f64,
    /// The shoulder point.
    pub shoulder: [f64; 2],
    /// Where shoulder and neckline meet.
    pub neck: [f64; 2],
    /// Height of the neckline at the centre of this face.
    pub centre_top: f64,
    /// Height of the nape.
    pub nape: f64,
    /// Half the width where the armholes are narrowest.
    pub across: f64,
    /// A neckline that runs straight down to its point.
    pub pointed: bool,
}

impl Top {
    pub fn of(shape: &Shape, pattern: &Pattern, rings: &Rings, front: bool) -> Option<Top> {
        let bodice = pattern.bodice?;
        let side = half_widths(rings, pattern).last()?.1;
        let collar = shape.collar();
        let shoulder = [bodice.shoulder.x, bodice.shoulder.y];
        // A body is rounder than its flat back is wide.
        let across = bodice.across.min(side - SCOOP).min(shoulder[0] - SCOOP);
        Some(Top {
            side,
            underarm: bodice.underarm,
            shoulder,
            neck: [bodice.neck.x, bodice.neck.y],
            centre_top: match collar {
                Collar::Stand | Collar::Shirt | Collar::Flat => {
                    bodice.neck_at_centre(front).max(bodice.neck.y - CLOSE)
                }
                _ => bodice.neck_at_centre(front),
            },
            nape: bodice.nape,
            across: across.max(bodice.neck.x + 8.0),
            pointed: front
                && match collar {
                    Collar::Stand | Collar::Shirt | Collar::Flat => false,
                    _ => collar.has_lapels() || shape.kind == Kind::Waistcoat,
                },
        })
    }

    /// Height at which the armhole is narrowest.
    fn narrow(&self) -> f64 {
        self.underarm + NARROWEST_AT * (self.shoulder[1] - self.underarm)
    }

    /// The armhole, from the underarm up to the shoulder point.
    pub fn armhole(&self) -> Points {
        let (y, x) = (self.narrow(), self.across);
        let [sx, sy] = self.shoulder;
        let rise = y - self.underarm;
        // It comes into the shoulder square to it.
        let [nx, ny] = self.neck;
        let (dx, dy) = (nx - sx, ny - sy);
        let along = dx.hypot(dy).max(1.0);
        let reach = 0.4 * (sy - y);
        Pen::at(self.side, self.underarm)
            .curve([self.side - 0.75 * (self.side - x), self.underarm], [x, y - 0.62 * rise], [x, y])
            .curve(
                [x, y + 0.5 * (sy - y)],
                [sx + dy / along * -reach * 0.6, sy + dx / along * reach],
                self.shoulder,
            )
            .points()
    }

    /// The neckline, from the neck point down to the centre.
    pub fn neckline(&self) -> Points {
        neckline(self.neck, self.centre_top, self.pointed)
    }

    /// From the right underarm over the shoulder and along the neckline to the centre.
    pub fn over(&self) -> Points {
        let mut points = self.armhole();
        points.extend(self.neckline());
        points
    }

    /// What is seen of the inside between the neckline in front and the one at the back.
    pub fn inside(&self, pieces: &mut Pieces) {
        if self.nape - self.centre_top < 2.0 {
            return;
        }
        let mut right = neckline(self.neck, self.nape, false);
        right.reverse();
        right.extend(self.neckline().into_iter().skip(1));
        pieces.add(PartName::Inside, super::pen::whole(&right));
    }

    /// The lines that show on a face above the underarm, and the seams across it.
    pub fn cross_seams(&self, shape: &Shape, front: bool, pieces: &mut Pieces) -> Vec<FigureSeam> {
        let mut seams = Vec::new();
        if shape.has(SeamName::Shoulder) {
            let points = [self.neck, self.shoulder].map(|[x, y]| [tenth(x), tenth(y)]);
            seams.extend(both_sides(SeamName::Shoulder, &points));
        }
        if shape.has(SeamName::Yoke) {
            if front {
                // A yoke comes over the shoulder a little.
                let down = 28.0;
                let [sx, sy] = self.shoulder;
                let [nx, ny] = self.neck;
                let edge = Pen::at(nx - 1.0, ny - down).line(sx - 4.0, sy - down).points();
                pieces.line_both(LineName::Stitch, edge);
            } else {
                let y = self.underarm + YOKE_AT * (self.shoulder[1] - self.underarm);
                let half = self.armhole_at(y);
                seams.extend(both_sides(SeamName::Yoke, &[[0.0, tenth(y)], [tenth(half), tenth(y)]]));
            }
        }
        seams
    }

    /// Half the width at a height between underarm and shoulder point.
    pub fn armhole_at(&self, y: f64) -> f64 {
        let points = self.armhole();
        points.windows(2).find(|pair| (pair[0][1]..=pair[1][1]).contains(&y)).map_or(self.across, |pair| {
            let share = (y - pair[0][1]) / (pair[1][1] - pair[0][1]).max(0.1);
            pair[0][0] + share * (pair[1][0] - pair[0][0])
        })
    }

    /// A ribbed or bound edge along the neckline.
    pub fn neck_band(&self, collar: Collar, pieces: &mut Pieces) {
        let depth = if collar == Collar::Ribbed { 20.0 } else { 7.0 };
        let outer = neckline(
            [self.neck[0] + depth, self.neck[1] - 0.25 * depth],
            self.centre_top - depth,
            self.pointed,
        );
        if collar == Collar::Ribbed {
            let mut right = self.neckline();
            right.reverse();
            right.extend(outer);
            pieces.add(PartName::Collar, super::pen::whole(&right));
        } else {
            pieces.line_both(LineName::Stitch, outer);
        }
    }
}

/// A neckline on the right, from the neck point down to a height at the centre.
fn neckline(neck: [f64; 2], centre: f64, pointed: bool) -> Points {
    let [x, y] = neck;
    let depth = y - centre;
    let pen = Pen::at(x, y);
    if pointed {
        pen.curve([x - 4.0, y - 0.3 * depth], [0.12 * x, centre + 0.2 * depth], [0.0, centre]).points()
    } else {
        pen.curve([x - 0.02 * x, y - 0.62 * depth], [0.6 * x, centre], [0.0, centre]).points()
    }
}
