//! Where a line may run: among its pins, and within what the seam allows.
//!
//! A steady hand does not swell between two equal pins, does not dig deeper beyond the last one, and lets
//! nothing out where nobody asked. Each stretch of seam between two pins (or a pin and an end) bounds the
//! line by the depths that bound the stretch, and by a margin.

use super::problem::{CLOSE_BY, LineEnd, LineProblem, SAME_PLACE, Target};

/// How far beyond the pins of its stretch a line may run, as a share of a reading's spread: 1 mm at the
/// house's 1.5.
const BEYOND: f64 = 2.0 / 3.0;
/// The same where the pins are equal, or towards a free end, where nobody pinned at all: as good as nothing.
pub(super) const LEVEL: f64 = 0.02;
/// The same between the last pin and a band that is held, which was tried on: less than a tape shows.
pub(super) const HELD: f64 = 0.07;
/// How far past the last pin a line that comes down to it may still be above it, in units of the spread: 38 mm.
const PASSING: f64 = 25.0;

/// How closely a line has to stay among its pins.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(super) enum Closeness {
    /// As a steady hand draws it.
    Close,
    /// The same, wider by as little as can be sewn.
    AsCloseAsCanBe,
    /// Anywhere between the old stitching and the deepest pin: for what cannot be sewn otherwise.
    Open,
}

/// A stretch of seam, and how deep the line may run on it.
#[derive(Debug, Clone, Copy)]
struct Stretch {
    from: f64,
    to: f64,
    least: f64,
    most: f64,
}

/// What bounds a line's depth at each station.
#[derive(Debug)]
pub(super) struct Corridor {
    closeness: Closeness,
    stretches: Vec<Stretch>,
}

/// A pin or an end that bounds a stretch: the depths that stand there.
struct Post {
    station: f64,
    least: f64,
    most: f64,
}

impl Corridor {
    /// The corridor of a problem.
    pub(super) fn of(problem: &LineProblem, closeness: Closeness) -> Corridor {
        let (lower, upper) = problem.free();
        let posts = posts(problem, lower, upper);
        let margins = Margins { closeness, spread: problem.spread };
        let mut stretches: Vec<Stretch> =
            posts.windows(2).map(|pair| margins.between(&pair[0], &pair[1])).collect();
        if let (Some(first), Some(last)) = (posts.first(), posts.last()) {
            let (second, second_last) =
                (&posts[1.min(posts.len() - 1)], &posts[posts.len().saturating_sub(2)]);
            stretches.extend(margins.beyond(first, second, lower, problem.lower));
            stretches.extend(margins.beyond(last, second_last, upper, problem.upper));
        }
        if closeness != Closeness::Open {
            let held = |i: usize, end: LineEnd, from: f64, to: f64| {
                let held = problem.fades[i].held.filter(|_| matches!(end, LineEnd::Hold { .. }))?;
                let (least, most) = (held.depth - held.within, held.depth + held.within);
                Some(Stretch { from, to, least, most })
            };
            stretches.extend(held(0, problem.lower, 0.0, lower));
            stretches.extend(held(1, problem.upper, upper, problem.length));
        }
        stretches.retain(|stretch| stretch.to >= stretch.from);
        let ever = |least, most| Stretch { from: f64::NEG_INFINITY, to: f64::INFINITY, least, most };
        stretches.extend(problem.let_out_limit.map(|limit| ever(-limit, f64::INFINITY)));
        stretches.extend(problem.limits.iter().map(|limit| Stretch {
            from: limit.from,
            to: limit.to,
            least: limit.least,
            most: limit.most,
        }));
        Corridor { closeness, stretches }
    }

    /// How closely it keeps the line.
    pub(super) fn closeness(&self) -> Closeness {
        self.closeness
    }

    /// How many stretches bound the line.
    pub(super) fn stretches(&self) -> usize {
        self.stretches.len()
    }

    /// The stretches a station lies on: which, and the least and the most depth there.
    pub(super) fn on(&self, station: f64) -> impl Iterator<Item = (usize, f64, f64)> + '_ {
        let here = move |stretch: &Stretch| {
            stretch.from - SAME_PLACE / 2.0 <= station && station <= stretch.to + SAME_PLACE / 2.0
        };
        self.stretches
            .iter()
            .enumerate()
            .filter(move |(_, stretch)| here(stretch))
            .map(|(i, stretch)| (i, stretch.least, stretch.most))
    }

    /// The least and the most depth at a station.
    pub(super) fn at(&self, station: f64) -> (f64, f64) {
        self.on(station).fold((f64::NEG_INFINITY, f64::INFINITY), |(least, most), (_, low, high)| {
            (least.max(low), most.min(high))
        })
    }
}

/// Pins and tapers in order; pins at one place, or within one held stretch, are one post.
fn posts(problem: &LineProblem, lower: f64, upper: f64) -> Vec<Post> {
    let taper = |end: LineEnd, station| {
        matches!(end, LineEnd::Taper { .. }).then_some(Post { station, least: 0.0, most: 0.0 })
    };
    let beyond_a_taper = |target: &&Target| {
        (target.station < lower && matches!(problem.lower, LineEnd::Taper { .. }))
            || (target.station > upper && matches!(problem.upper, LineEnd::Taper { .. }))
    };
    let mut posts: Vec<Post> = taper(problem.lower, lower).into_iter().collect();
    for target in problem.targets.iter().filter(|target| !beyond_a_taper(target)) {
        let station = target.station.clamp(lower, upper);
        let (least, most) = (target.depth.min(target.pinned), target.depth.max(target.pinned));
        match posts.last_mut() {
            Some(last) if station - last.station <= SAME_PLACE => {
                (last.least, last.most) = (last.least.min(least), last.most.max(most));
            }
            _ => posts.push(Post { station, least, most }),
        }
    }
    posts.extend(taper(problem.upper, upper));
    near_each_other(&mut posts);
    posts
}

/// Pins close to each other bound a stretch together, the closer the more: a line that meets one of two pins a finger
/// apart may lie where the other does. So no bound leaps when one pin is moved past another.
fn near_each_other(posts: &mut [Post]) {
    let stands: Vec<(f64, f64, f64)> =
        posts.iter().map(|post| (post.station, post.least, post.most)).collect();
    for post in posts {
        for (station, least, most) in &stands {
            let near = (1.0 - (station - post.station).abs() / CLOSE_BY).max(0.0);
            post.least += near * (least - post.least).min(0.0);
            post.most += near * (most - post.most).max(0.0);
        }
    }
}

struct Margins {
    closeness: Closeness,
    spread: f64,
}

impl Margins {
    fn between(&self, a: &Post, b: &Post) -> Stretch {
        let (least, most) = (a.least.min(b.least), a.most.max(b.most));
        let (level, beyond) = (LEVEL * self.spread, BEYOND * self.spread);
        let margin = match self.closeness {
            // Two equal pins leave no room to swell; two that differ leave all of it.
            Closeness::Close | Closeness::AsCloseAsCanBe => (most - least).clamp(level, beyond),
            Closeness::Open => beyond,
        };
        self.stretch(a.station, b.station, [least, most], margin)
    }

    /// Beyond the last pin, as far as `to`, where nobody read anything: its depth, or on the way to the old
    /// stitching. A line that comes down from a deeper pin `before` may pass a little above the last; none goes
    /// deeper from there on.
    fn beyond(&self, post: &Post, before: &Post, to: f64, end: LineEnd) -> [Stretch; 2] {
        let beyond = BEYOND * self.spread;
        let [near, far] = match self.closeness {
            Closeness::Close | Closeness::AsCloseAsCanBe => {
                let falls =
                    if post.least >= 0.0 { before.most - post.most } else { post.least - before.least };
                let level = if end.is_free() { LEVEL } else { HELD } * self.spread;
                [falls.clamp(level, beyond), level]
            }
            Closeness::Open => [beyond, beyond],
        };
        let reach = (PASSING * self.spread).min((to - post.station).abs());
        let passed = post.station + reach.copysign(to - post.station);
        let bounds = [post.least.min(0.0), post.most.max(0.0)];
        let between = |a: f64, b: f64, margin| self.stretch(a.min(b), a.max(b), bounds, margin);
        [between(post.station, passed, near), between(passed, to, far)]
    }

    /// Nowhere on the other side of the old stitching, unless the pins are on both.
    fn stretch(&self, from: f64, to: f64, [least, most]: [f64; 2], margin: f64) -> Stretch {
        let inner = match self.closeness {
            Closeness::Close | Closeness::AsCloseAsCanBe => BEYOND * self.spread,
            Closeness::Open => f64::INFINITY,
        };
        let (low, high) = if most <= 0.0 {
            (least - margin, (most + inner).min(0.0))
        } else if least >= 0.0 {
            ((least - inner).max(0.0), most + margin)
        } else {
            // On both sides of it, and by little where the pins are by little.
            (least - margin.min(-least), most + margin.min(most))
        };
        Stretch { from, to, least: low, most: high }
    }
}
