//! Hems on generated garments: what is said of a turn-up is what the cloth measures, and an altered panel is
//! as long as was wanted.

mod common;

use common::{any_shape, job, mm, shape};
use kurbo::{ParamCurveArclen, PathEl, PathSeg, Point};
use proptest::prelude::*;
use vemble_fit::garment::{FeatureKind, FlatName, HemFeature, HemName, Kind, SeamName, Shape, Source};
use vemble_fit::hem::{
    HemKind, HemPair, HemRead, HemReading, HemSolution, HemWish, HighLow, Landmark, Lies, OldTurnUp, Ring,
    ShortenAt, UncutWay, Wanted,
};
use vemble_fit::pattern::{EdgeName, Panel, Pattern};
use vemble_fit::{
    Habits, HemCut, HemSewn, HemWhen, Job, LevelBy, LiningEdge, LiningHangs, MeasureName, OldEdge, Pairs,
    Side, Solution, WashTest, solve,
};

fn wished(shape: Shape, wish: HemWish) -> Job {
    let mut job = job(shape);
    job.fitting.hems = vec![wish];
    job
}

fn solved(job: &Job) -> Solution {
    solve(job).expect("a result")
}

fn hem(job: &Job) -> HemSolution {
    solved(job).hems.into_iter().next().expect("a hem")
}

fn edge(shorten: f64) -> HemWish {
    HemWish::new(HemName::Hem, Wanted::Edge { shorten: mm(shorten) })
}

fn of_kind(kind: HemKind, shorten: f64) -> HemWish {
    HemWish { kind: Some(kind), ..edge(shorten) }
}

fn reading(side: Side, at: f64, read: HemRead, length: f64) -> HemReading {
    HemReading { id: format!("{} {at}", side.words()), side, at, read, length: mm(length) }
}

fn pattern(shape: &Shape) -> Pattern {
    shape.pattern(&Habits::default()).expect("panels")
}

/// A seam's edges that reach the hem, as their own Bézier paths: lower end first.
fn lower_edges(panel: &Panel) -> Vec<Vec<PathSeg>> {
    panel
        .edges
        .iter()
        .filter(|edge| matches!(edge.name, EdgeName::Seam(seam) if !seam.is_crosswise()))
        .map(|edge| edge.edge.path().segments().collect::<Vec<_>>())
        .filter(|segments| segments[0].as_path_el() != PathEl::ClosePath && start(segments).y.abs() < 1e-6)
        .collect()
}

fn start(segments: &[PathSeg]) -> Point {
    kurbo::ParamCurve::start(&segments[0])
}

/// The point a length of curve above an edge's lower end, found on the Bézier curves themselves; below that
/// end the first tangent goes on. Independent of the tables the core works with.
fn up_the_edge(segments: &[PathSeg], length: f64) -> Point {
    use kurbo::ParamCurve;
    if length <= 0.0 {
        let (a, b) = (segments[0].start(), segments[0].eval(1e-4));
        return a + (b - a) / (b - a).hypot() * length;
    }
    let mut left = length;
    for segment in segments {
        let whole = segment.arclen(1e-6);
        if left <= whole {
            return segment.eval(segment.inv_arclen(left, 1e-6));
        }
        left -= whole;
    }
    segments[segments.len() - 1].end()
}

/// Girth of a level cut, summed over panels that were measured one by one; both halves of a body.
fn measured(pattern: &Pattern, hem: HemName, up: f64, halves: f64) -> f64 {
    let on_sleeve = hem == HemName::Sleeve;
    let panels = pattern
        .panels()
        .iter()
        .filter(|panel| (panel.name.tube() == vemble_fit::garment::Tube::Sleeve) == on_sleeve);
    halves
        * panels
            .map(|panel| {
                let ends: Vec<Point> = lower_edges(panel).iter().map(|edge| up_the_edge(edge, up)).collect();
                let far = |a: &Point, b: &Point| a.distance(*b);
                ends.iter().flat_map(|a| ends.iter().map(move |b| far(a, b))).fold(0.0, f64::max)
            })
            .sum::<f64>()
}

fn skirt() -> Shape {
    shape(
        Kind::FlaredSkirt,
        &[
            (FlatName::Waist, 380.0),
            (FlatName::Hip, 520.0),
            (FlatName::Hem, 900.0),
            (FlatName::SideLength, 650.0),
        ],
    )
}

fn trousers() -> Shape {
    shape(
        Kind::Trousers,
        &[
            (FlatName::Waist, 400.0),
            (FlatName::Hip, 520.0),
            (FlatName::Knee, 240.0),
            (FlatName::Hem, 190.0),
            (FlatName::Inseam, 760.0),
            (FlatName::Outseam, 1020.0),
        ],
    )
}

proptest! {
    #![proptest_config(common::cases(48))]

    #[test]
    fn a_turn_up_is_as_full_or_tight_as_the_folded_cloth_measures(
        shape in prop::sample::select(vec![Kind::FlaredSkirt, Kind::StraightSkirt, Kind::Trousers, Kind::Sweatpants])
            .prop_flat_map(any_shape),
        shorten in 0.0f64..120.0, depth in 8.0f64..60.0,
    ) {
        prop_assume!(shape.pattern(&Habits::default()).is_ok());
        let legs = shape.kind.has_legs();
        let pattern = pattern(&shape);
        let wish = HemWish { allowance: Some(mm(depth)), ..of_kind(HemKind::SingleFold, shorten) };
        let hem = hem(&wished(shape, wish));
        let turned = hem.sides[0].turn_up.as_ref().expect("a turn-up");
        // Folded over, the raw edge lies as far above the fold as it was below it.
        let halves = if legs { 1.0 } else { 2.0 };
        let raw = measured(&pattern, HemName::Hem, shorten - depth, halves);
        let under = measured(&pattern, HemName::Hem, shorten + depth, halves);
        prop_assert!((turned.edge.mm() - raw).abs() < 0.5, "{} {raw}", turned.edge.mm());
        prop_assert!((turned.lies_on.mm() - under).abs() < 0.5, "{} {under}", turned.lies_on.mm());
        prop_assert!((turned.excess.mm() - (raw - under)).abs() < 0.5);
        let by_panel: f64 = turned.by_panel.iter().map(|each| each.mm()).sum();
        prop_assert!((by_panel - turned.excess.mm()).abs() < 0.1);
        // The widest that is named does lie, and a little more does not.
        if let Some(widest) = turned.widest.map(vemble_fit::Length::mm).filter(|widest| *widest < 119.0) {
            let share = |depth: f64| {
                let on = measured(&pattern, HemName::Hem, shorten + depth, halves);
                (measured(&pattern, HemName::Hem, shorten - depth, halves) - on) / on
            };
            let lies = |share: f64| share <= turned.eases + 2e-3 && share >= -0.012;
            prop_assert!(lies(share(widest)), "{widest}: {}", share(widest));
            let more = share(widest + 6.0);
            prop_assert!(more > turned.eases - 2e-3 || more < -0.008, "{widest}: {more}");
        }
        // Splayed, the allowance is as long as what it lies on.
        if turned.lies == Lies::Splay {
            let seams = if legs { 2.0 } else { hem.sides[0].unrolled.seams.len() as f64 };
            let splayed = raw + 2.0 * seams * turned.splay.expect("a splay").mm();
            prop_assert!((splayed - under).abs() < 0.6, "{splayed} {under}");
        }
    }

    #[test]
    fn an_altered_panel_is_as_long_as_was_wanted_whatever_the_hem(
        shape in prop::sample::select(vec![
            Kind::FlaredSkirt, Kind::StraightSkirt, Kind::Trousers, Kind::Sweatpants, Kind::PrincessDress, Kind::Coat,
        ]).prop_flat_map(any_shape),
        shorten in 30.0f64..80.0, kind in prop::sample::select(HemKind::ALL.to_vec()),
    ) {
        prop_assume!(shape.pattern(&Habits::default()).is_ok());
        let (seam, flat) = if shape.kind.has_legs() {
            (SeamName::Outseam, FlatName::Outseam)
        } else {
            (SeamName::Side, FlatName::SideLength)
        };
        let pattern = pattern(&shape);
        let old = shape.turn_up.mm();
        let measured = shape.flats[&flat].mm();
        let hem = hem(&wished(shape, of_kind(kind, shorten)));
        let side = &hem.sides[0];
        let [front, back] = pattern.edges(seam).expect("a seam");
        let whole = |edge: &vemble_fit::pattern::Edge| edge.path().segments().map(|s| s.arclen(1e-6)).sum::<f64>();
        if let Some(UncutWay::Waist(waist)) = &hem.uncut {
            prop_assert!((waist.takes.mm() - shorten).abs() < 0.5);
            return Ok(());
        }
        let lost = match (&side.tuck, &hem.uncut) {
            (Some(tuck), _) | (None, Some(UncutWay::Tuck(tuck))) => 2.0 * tuck.depth.mm(),
            _ => side.rows.iter().find(|row| row.at == 90.0 || row.at == 180.0).expect("a row").fold.mm(),
        };
        for edge in [front.edge, back.edge] {
            // The tape up the new edge: from the fold to the top.
            let finished = whole(edge) - lost;
            prop_assert!((finished - (measured - shorten)).abs() < 0.5, "{kind:?}: {finished}");
        }
        let along = if hem.paired { 180.0 } else { 90.0 };
        for row in side.rows.iter().filter(|row| row.at == along) {
            let finished = row.finished.expect("a tape lies along the seam").mm();
            prop_assert!((finished - (measured - shorten)).abs() < 0.5, "{kind:?}: {finished}");
            // Finished, turned up and cut off are together all the cloth there was.
            if let (Some(cut), Some(strip)) = (row.cut, row.strip) {
                let there = if hem.old_turn_up == OldTurnUp::Unpicked { old } else { 0.0 };
                let allowance = hem.allowance.mm();
                prop_assert!((row.fold.mm() - cut.mm() - allowance).abs() < 0.05);
                let all = finished + allowance + strip.mm();
                if hem.refused.is_none() {
                    prop_assert!((all - (measured + there)).abs() < 0.5, "{kind:?}: {all}");
                }
            }
        }
    }

    #[test]
    fn a_hem_read_from_the_floor_comes_level_at_every_reading(
        readings in prop::collection::vec(360.0f64..400.0, 3..12), height in 420.0f64..480.0,
    ) {
        let shape = skirt();
        let pattern = pattern(&shape);
        let count = readings.len() as f64;
        let mut wish = HemWish::new(HemName::Hem, Wanted::Floor { height: mm(height) });
        wish.level_by = Some(LevelBy::Floor);
        wish.readings = readings
            .iter()
            .enumerate()
            .map(|(i, read)| reading(Side::Centre, 360.0 * i as f64 / count, HemRead::FloorToEdge, *read))
            .collect();
        let ring = Ring::of(&shape, &pattern, HemName::Hem, Side::Centre).expect("a ring");
        // A cone's cloth is longer than it is high by its slant.
        let slant = ring.hang().cos;
        let grows = (ring.girth(0.0) - ring.girth(50.0)) / 50.0 / std::f64::consts::TAU;
        prop_assert!((slant - (1.0 - grows * grows).sqrt()).abs() < 1e-3);
        let hem = hem(&wished(shape, wish));
        for (i, read) in readings.iter().enumerate() {
            let at = 360.0 * i as f64 / count;
            let row = hem.sides[0].rows.iter().find(|row| (row.at - at).abs() < 0.6).expect("a row");
            // Raised along the cloth, the edge is at the height wanted, within the tolerance of a reading.
            prop_assert!((read + row.fold.mm() * slant - height).abs() <= 3.1, "{at}: {}", row.fold.mm());
        }
        let even: Vec<f64> = hem.sides[0].rows.iter().map(|row| row.fold.mm()).collect();
        prop_assert!(even.iter().all(|up| *up > 0.0));
    }
}

#[test]
fn one_amount_all_round_is_the_mean_of_what_was_read() {
    let mut wish = HemWish::new(HemName::Hem, Wanted::Floor { height: mm(430.0) });
    wish.level_by = Some(LevelBy::Even);
    let read = |at, length| reading(Side::Centre, at, HemRead::FloorToEdge, length);
    wish.readings = vec![read(0.0, 390.0), read(90.0, 370.0), read(180.0, 390.0), read(270.0, 370.0)];
    let mut job = wished(skirt(), wish);
    let even = hem(&job);
    let ups: Vec<f64> = even.sides[0].rows.iter().map(|row| row.fold.mm()).collect();
    assert!(ups.iter().all(|up| (up - ups[0]).abs() < 0.02), "{ups:?}");
    let shape = skirt();
    let drawn = pattern(&shape);
    let ring = Ring::of(&shape, &drawn, HemName::Hem, Side::Centre).expect("a ring");
    // 50 straight up on the mean, along cloth that slants.
    assert!((ups[0] * ring.hang().cos - 50.0).abs() < 0.5, "{}", ups[0]);
    // Hung up, the floor is the hanger's: without the wearer's measures nothing says how long it is.
    job.fitting.hems[0].level_by = Some(LevelBy::Hung);
    assert!(hem(&job).waits.expect("a reason").contains("outside leg"));
    job.fitting.hems[0].wanted = Wanted::Edge { shorten: mm(50.0) };
    let hung = hem(&job);
    let row = |at: f64| hung.sides[0].rows.iter().find(|row| row.at == at).expect("a row").fold.mm();
    // The mean is what was asked for; where it hung lower, more goes up.
    assert!(row(90.0) > 55.0 && row(0.0) < 45.0, "{} {}", row(90.0), row(0.0));
    assert!((hung.mean().mm() - 50.0).abs() < 0.6);
}

#[test]
fn a_deliberate_high_low_hem_blends_from_the_side_seams() {
    let mut wish = edge(40.0);
    wish.high_low =
        Some(HighLow { front: mm(80.0), back: mm(60.0), blend_front: mm(150.0), blend_back: mm(150.0) });
    let hem = hem(&wished(skirt(), wish));
    let rows = &hem.sides[0].rows;
    let up = |at: f64| rows.iter().find(|row| row.at == at).expect("a row").fold.mm();
    assert!((up(0.0) - 120.0).abs() < 0.02, "{}", up(0.0));
    assert!((up(90.0) - 40.0).abs() < 0.02 && (up(270.0) - 40.0).abs() < 0.02);
    assert!((up(180.0) + 20.0).abs() < 0.02, "{}", up(180.0));
    assert!((up(45.0) - up(315.0)).abs() < 0.1);
    // Never a step: no two places a finger apart differ by more than the blend's steepest.
    let fold = &hem.sides[0].unrolled.fold;
    let steepest =
        fold.windows(2).map(|p| ((p[1][1] - p[0][1]) / (p[1][0] - p[0][0])).abs()).fold(0.0, f64::max);
    assert!(steepest <= 1.875 * 80.0 / 150.0 + 0.02, "{steepest}");
}

#[test]
fn legs_that_read_differently_are_asked_about_and_do_what_was_decided() {
    let read = |side, at, length| reading(side, at, HemRead::EdgeToPin, length);
    let mut wish = HemWish::new(HemName::Hem, Wanted::Pins);
    wish.readings = vec![
        read(Side::Left, 0.0, 40.0),
        read(Side::Left, 180.0, 40.0),
        read(Side::Right, 0.0, 24.0),
        read(Side::Right, 180.0, 24.0),
    ];
    let mut job = wished(trousers(), wish);
    let even = hem(&job);
    assert_eq!((even.sides.len(), even.sides[0].side), (1, Side::Centre));
    assert!((even.mean().mm() - 32.0).abs() < 0.02);
    assert!(solved(&job).warnings.iter().any(|warning| warning.code == "hem.pair"));
    for (pair, left, right) in
        [(HemPair::Own, 40.0, 24.0), (HemPair::AsLeft, 40.0, 40.0), (HemPair::AsRight, 24.0, 24.0)]
    {
        job.fitting.hems[0].pair = pair;
        let hem = hem(&job);
        let up = |side: Side| {
            hem.sides.iter().find(|each| each.side == side).unwrap_or(&hem.sides[0]).take_up[1].mm()
        };
        assert!((up(Side::Left) - left).abs() < 0.02 && (up(Side::Right) - right).abs() < 0.02, "{pair:?}");
    }
    // One leg alone is read: each leg is its own tube, so it is safe to copy.
    job.fitting.hems[0].readings.truncate(2);
    job.fitting.hems[0].pair = HemPair::Even;
    assert!((hem(&job).mean().mm() - 40.0).abs() < 0.02);
}

#[test]
fn the_original_hem_is_kept_below_a_tuck_of_half_what_is_lost() {
    let tapered = hem(&wished(trousers(), of_kind(HemKind::Original, 40.0)));
    let tuck = tapered.sides[0].tuck.as_ref().expect("a tuck");
    assert_eq!((tuck.depth, tuck.above), (mm(20.0), mm(30.0)));
    let pattern = pattern(&trousers());
    let [upper, lower] = [70.0, 30.0].map(|up| measured(&pattern, HemName::Hem, up, 1.0));
    assert!((tuck.upper.mm() - upper).abs() < 0.5 && (tuck.lower.mm() - lower).abs() < 0.5);
    assert!(tuck.mismatch.mm() > 0.0);
    assert_eq!(tuck.trim_to, Some(mm(8.0)));
    // What is trimmed is never trimmed before it was looked at rolled down.
    let mut small = wished(trousers(), of_kind(HemKind::Original, 14.0));
    assert_eq!(hem(&small).sides[0].tuck.as_ref().expect("a tuck").trim_to, None);
    assert!(solved(&small).plan.step("cut_hem").is_none());
    // On a flare the hem itself is the larger.
    small.garment.shape = skirt();
    small.fitting.hems[0] = of_kind(HemKind::Original, 80.0);
    let flared = hem(&small);
    assert!(flared.sides[0].tuck.as_ref().expect("a tuck").mismatch.mm() < -5.0);
}

#[test]
fn a_skirt_shortened_at_its_waist_meets_its_band_again() {
    let mut skirt = shape(
        Kind::StraightSkirt,
        &[
            (FlatName::Waist, 370.0),
            (FlatName::Hip, 500.0),
            (FlatName::Hem, 480.0),
            (FlatName::SideLength, 620.0),
        ],
    );
    skirt.near_hems = vec![HemFeature {
        hem: HemName::Hem,
        kind: FeatureKind::Border,
        side: None,
        at: None,
        from: mm(0.0),
        to: mm(110.0),
        width: mm(0.0),
        count: None,
        pinned: None,
    }];
    let at_edge = solved(&wished(skirt.clone(), edge(45.0)));
    assert!(at_edge.warnings.iter().any(|warning| warning.code == "hem.collision"));
    let job = wished(skirt.clone(), of_kind(HemKind::Uncut, 45.0));
    let Some(UncutWay::Waist(waist)) = hem(&job).uncut else { panic!("at the waist") };
    let drawn = pattern(&skirt);
    let top = drawn.level(vemble_fit::garment::LevelName::Waist).expect("a waist").height.mm() - 36.0;
    let width =
        |height: f64| 2.0 * drawn.panels().iter().filter_map(|panel| panel.width_at(height)).sum::<f64>();
    assert!((waist.upper.mm() - width(top)).abs() < 0.1);
    assert!((waist.lower.mm() - width(top - 45.0)).abs() < 0.1);
    // With the darts drawn again and the sides taken in, both edges are equally long.
    let sides = waist.side_take_in.map_or(0.0, |each| 4.0 * each.mm());
    let left = waist.lower_with_darts.mm() - waist.upper.mm();
    assert!((left - sides).abs() < 0.1 || left <= 0.03 * waist.upper.mm() + 0.1);
    let tucked =
        HemWish { shorten_at: Some(ShortenAt::Tuck { above: mm(150.0) }), ..of_kind(HemKind::Uncut, 45.0) };
    assert!(matches!(hem(&wished(skirt, tucked)).uncut, Some(UncutWay::Tuck(_))));
}

#[test]
fn letting_down_ends_where_the_turn_up_does_and_says_the_nearest_that_works() {
    let mut job = wished(trousers(), of_kind(HemKind::DeepHand, -12.0));
    let refused = hem(&job).refused.expect("a reason");
    assert!(refused.contains("turn up 18 mm instead"), "{refused}");
    // Every mend that is offered makes a hem.
    let mends = hem(&job).mends;
    assert_eq!(mends.len(), 2);
    for mend in mends {
        let mut mended = job.clone();
        mended.fitting.hems[0].kind = Some(mend.kind);
        mended.fitting.hems[0].allowance = mend.allowance;
        assert_eq!(hem(&mended).refused, None, "{}", mend.words);
    }
    job.fitting.hems[0] = HemWish { allowance: Some(mm(18.0)), ..of_kind(HemKind::SingleFold, -12.0) };
    assert_eq!(hem(&job).refused, None);
    job.fitting.hems[0] = of_kind(HemKind::BiasFaced, -22.0);
    assert_eq!(hem(&job).refused, None);
    job.fitting.hems[0] = of_kind(HemKind::BiasFaced, -27.0);
    let refused = hem(&job).refused.expect("a reason");
    assert!(refused.contains("22 mm is the most"), "{refused}");
    assert!(!solved(&job).is_solved());
}

#[test]
fn what_a_wash_will_take_is_in_every_line_until_it_is_washed() {
    let mut job = wished(trousers(), of_kind(HemKind::DeepHand, 40.0));
    let plain = hem(&job);
    job.garment.washed = false;
    assert_eq!(hem(&job), plain, "without a swatch nothing is known to move");
    assert!(solved(&job).plan.may_tick("cut_hem").is_err());
    job.garment.wash_test = Some(WashTest { before: mm(200.0), after: mm(190.0) });
    let shrinking = hem(&job);
    let row = &shrinking.sides[0].rows[2];
    assert_eq!(row.words, "outseam");
    // 1020 long, wanted at 980 once washed: 980 / 0.95 now, which is below the old fold.
    assert!((row.fold.mm() - (1020.0 - 980.0 / 0.95)).abs() < 0.05, "{}", row.fold.mm());
    assert!(((1020.0 - row.fold.mm()) * 0.95 - 980.0).abs() < 0.5);
    assert!((shrinking.allowance.mm() - 45.0 / 0.95).abs() < 0.02);
    assert_eq!(row.finished, plain.sides[0].rows[2].finished);
    job.garment.washed = true;
    assert_eq!(hem(&job), plain, "what has shrunk does not shrink again");
}

#[test]
fn what_stands_near_a_hem_is_told_with_what_to_do() {
    let near = |kind, from, to, count| HemFeature {
        hem: HemName::Hem,
        kind,
        side: None,
        at: Some(0.0),
        from: mm(from),
        to: mm(to),
        width: mm(0.0),
        count,
        pinned: None,
    };
    let mut skirt = skirt();
    skirt.near_hems = vec![
        near(FeatureKind::Vent, 0.0, 150.0, None),
        near(FeatureKind::Buttons, 70.0, 470.0, Some(5)),
        near(FeatureKind::Pocket, 90.0, 240.0, None),
        near(FeatureKind::CrossSeam, 62.0, 62.0, None),
    ];
    let mut job = wished(skirt, of_kind(HemKind::DoubleNarrow, 60.0));
    let hem = |job: &Job| solved(job).hems[0].clone();
    let made = hem(&job);
    let says: Vec<&str> = made.sides[0].collisions.iter().map(|each| each.says.as_str()).collect();
    assert!(says[0].starts_with("Of the vent 90 mm is left"), "{}", says[0]);
    // Holes that are cut cannot move: 10 above the edge is too near, and the next stands 110 above it.
    assert!(made.sides[0].collisions[1].spaced.is_empty());
    assert!(says[1].contains("leave off the lowest button and close its hole"), "{}", says[1]);
    assert!(says[1].contains("the next stands 110 mm above the edge"), "{}", says[1]);
    assert!(says[1].ends_with("or shorten by 20 mm less."), "{}", says[1]);
    // On a toile none is cut yet.
    job.garment.source = Source::Toile;
    let spaced: Vec<f64> = hem(&job).sides[0].collisions[1].spaced.iter().map(|place| place.mm()).collect();
    assert_eq!(spaced, [30.0, 125.0, 220.0, 315.0, 410.0]);
    // One that has to stand at the waist, 300 above the old edge, stays there; the rest are even about it.
    job.garment.shape.near_hems[1].pinned = Some(mm(300.0));
    let spaced: Vec<f64> = hem(&job).sides[0].collisions[1].spaced.iter().map(|place| place.mm()).collect();
    assert_eq!(spaced, [30.0, 135.0, 240.0, 325.0, 410.0]);
    job.garment.shape.near_hems[1].pinned = Some(mm(20.0));
    assert_eq!(solve(&job).expect_err("below its row").path(), "garment.shape.near_hems[1].pinned");
    assert!(says[2].contains("30 mm above the fold"), "{}", says[2]);
    assert!(says[3].contains("inside the turn-up"), "{}", says[3]);
}

#[test]
fn every_hem_step_comes_after_what_it_needs_and_nothing_is_cut_unseen() {
    let kinds = HemKind::ALL;
    for (shape, kind) in kinds.into_iter().flat_map(|kind| [(skirt(), kind), (trousers(), kind)]) {
        for lined in [false, true] {
            let mut job = wished(Shape { lined, ..shape.clone() }, of_kind(kind, 60.0));
            job.garment.washed = false;
            let solution = solved(&job);
            if solution.hems[0].refused.is_some() {
                assert!(solution.plan.steps.is_empty());
                continue;
            }
            let steps = &solution.plan.steps;
            let at = |key: &str| steps.iter().position(|step| step.key == key);
            for step in steps {
                let here = at(&step.key.to_string());
                for need in &step.needs {
                    assert!(at(&need.to_string()) < here, "{kind:?}: {need} before {}", step.key);
                }
                let cuts = ["cut", "clip", "mitre"].iter().any(|act| step.key.act.word().starts_with(act));
                assert_eq!(step.stop.is_some(), cuts, "{kind:?}: {}", step.key);
                if cuts {
                    let looked_after = if lined { at("care_label") } else { at("wash") };
                    assert!(looked_after.is_some() && looked_after < here, "{kind:?}");
                    assert!(at("try_hem") < here, "{kind:?}");
                    assert!(step.cautions.iter().any(|caution| caution.contains("Cut away")));
                }
            }
            assert_eq!(at("hem_check"), Some(steps.len() - 2), "{kind:?}");
            if lined && kind.is_cut() && kind != HemKind::LinedBag {
                assert!(at("press_hem") < at("pin_lining_hem"), "the outer hem comes before the lining");
            }
        }
    }
}

#[test]
fn with_two_hems_in_one_order_every_step_says_which_it_is_for() {
    let job = common::example("hem-lined-coat");
    let titles: Vec<String> = solved(&job).plan.steps.into_iter().map(|step| step.title).collect();
    for title in &titles {
        let alike = titles.iter().filter(|other| *other == title).count();
        assert_eq!(alike, 1, "{title:?} stands {alike} times in {titles:#?}");
    }
    assert!(titles.contains(&"Open the lining all round: hems of both sleeves".to_owned()), "{titles:#?}");
    // Alone, nothing has to be added.
    let mut alone = job;
    alone.fitting.hems.truncate(1);
    let titles: Vec<String> = solved(&alone).plan.steps.into_iter().map(|step| step.title).collect();
    assert!(titles.contains(&"Open the lining all round".to_owned()), "{titles:#?}");
}

#[test]
fn every_habit_about_hems_changes_what_is_done() {
    let lined = Shape { lined: true, ..trousers() };
    let mut job = wished(lined, of_kind(HemKind::DeepHand, 60.0));
    job.garment.cloth.family = vemble_fit::ClothFamily::Denim;
    let plain = solved(&job);
    let with = |change: &dyn Fn(&mut Habits)| {
        let mut other = job.clone();
        change(&mut other.habits);
        vemble_fit::what_changed(&plain, &solved(&other), Default::default()).join(" ")
    };
    let says =
        |said: String, words: &str| assert!(said.contains(words), "{said:?} says nothing of {words:?}");
    says(with(&|habits| habits.hem_when = HemWhen::Flat), "Close the seam through the finished hem");
    says(with(&|habits| habits.hem_sewn = HemSewn::Machine), "Sew the hems of both legs");
    says(with(&|habits| habits.lining_edge = LiningEdge::Cut), "Cut the lining");
    says(with(&|habits| habits.lining_hangs = LiningHangs::Free), "Hem the lining by itself");
    says(with(&|habits| habits.pairs = Pairs::Reference), "on the first, the pattern for the other");
    let mut after = job.clone();
    after.habits.hem_cut = HemCut::After;
    let place = |solution: &Solution, key: &str| solution.plan.steps.iter().position(|step| step.key == key);
    assert!(place(&plain, "cut_hem") < place(&plain, "sew_hem"));
    let after = solved(&after);
    assert!(place(&after, "cut_hem") > place(&after, "sew_hem"));
    // Where nothing is said of the kind, denim keeps its hem, or gets a new one.
    job.fitting.hems[0].kind = None;
    assert_eq!(hem(&job).kind, HemKind::Original);
    job.habits.old_edge = OldEdge::NewHem;
    assert_ne!(hem(&job).kind, HemKind::Original);
}

#[test]
fn two_fittings_are_compared_hem_by_hem() {
    let one = solved(&wished(trousers(), of_kind(HemKind::DeepHand, 40.0)));
    let other = solved(&wished(trousers(), of_kind(HemKind::SingleFold, 52.0)));
    let said = vemble_fit::what_changed(&one, &other, Default::default()).join(" ");
    assert!(said.contains("The hem comes out 12 mm higher"), "{said}");
    assert!(said.contains("single fold, edge finished in place of deep hem by hand"), "{said}");
}

#[test]
fn a_hem_takes_its_length_from_another_garment_a_landmark_or_the_body() {
    let body = |measures: &[(MeasureName, f64)]| vemble_fit::Body {
        taken_on: "2026-11-01".parse().expect("a day"),
        measures: measures.iter().map(|(name, value)| (*name, mm(*value))).collect(),
        layers: Vec::new(),
    };
    let mean = |job: &Job| hem(job).mean().mm();
    let other = Wanted::Garment { length: mm(985.0) };
    let mut job = wished(trousers(), HemWish::new(HemName::Hem, other));
    assert!((mean(&job) - 35.0).abs() < 0.1);
    // The ankle bone is 80 above the floor and the shoe lifts the heel by 20; the edge ends where the inside
    // leg says, 770 + 20 − 760 above it, so it goes up by 80 + 20 − 10 − 30.
    let ankle = Wanted::Landmark { landmark: Landmark::AnkleBone, below: mm(10.0) };
    job.fitting.hems[0] = HemWish { shoes: mm(20.0), ..HemWish::new(HemName::Hem, ankle) };
    assert!(hem(&job).waits.expect("a reason").contains("ankle bone height"));
    job.body = Some(body(&[(MeasureName::AnkleHeight, 80.0), (MeasureName::InsideLeg, 770.0)]));
    assert!((mean(&job) - 60.0).abs() < 0.6, "{}", mean(&job));
    let foot = |job: &Job| solved(job).warnings.iter().any(|warning| warning.code == "hem.trip");
    assert!(!foot(&job));
    let low = Wanted::Landmark { landmark: Landmark::Shoe, below: mm(-8.0) };
    let faced = Some(HemKind::BiasFaced);
    job.fitting.hems[0] = HemWish { shoes: mm(20.0), kind: faced, ..HemWish::new(HemName::Hem, low) };
    assert!(foot(&job), "8 above the floor is trodden on");
    // A sleeve is measured down the arm.
    let shirt = shape(
        Kind::Shirt,
        &[
            (FlatName::Bust, 560.0),
            (FlatName::SideLength, 460.0),
            (FlatName::SleeveSeam, 470.0),
            (FlatName::SleeveLength, 600.0),
        ],
    );
    let wrist = Wanted::Landmark { landmark: Landmark::Wrist, below: mm(15.0) };
    let mut job = wished(shirt, HemWish::new(HemName::Sleeve, wrist));
    job.body = Some(body(&[(MeasureName::ArmLength, 560.0)]));
    assert!((mean(&job) - 25.0).abs() < 0.5, "{}", mean(&job));
    let sleeve = solved(&job).lengths.into_iter().find(|row| row.name == vemble_fit::LengthName::Sleeve);
    let [before, after] = sleeve.expect("a sleeve").garment;
    assert!(((before - after).mm() - 25.0).abs() < 0.5);
}

#[test]
fn a_wish_no_hem_can_have_is_refused_with_its_place() {
    let refused = |wish: HemWish| solve(&wished(trousers(), wish)).expect_err("nonsense").to_string();
    let sleeve = HemWish { hem: HemName::Sleeve, ..edge(10.0) };
    assert!(refused(sleeve).starts_with("fitting.hems[0].hem: this garment has no sleeves"));
    let mut wish = edge(10.0);
    wish.readings = vec![reading(Side::Centre, 0.0, HemRead::FloorToEdge, 100.0)];
    assert!(refused(wish.clone()).contains("readings[0].side: the side was read as centre on the hem"));
    wish.readings[0].side = Side::Left;
    wish.readings[0].at = 720.0;
    assert!(refused(wish).contains("was read as 720; it can be from 0 to 360"));
    assert!(refused(edge(5000.0)).contains("it can be from -300 to 1500"));
    assert!(hem(&wished(trousers(), edge(900.0))).refused.expect("a reason").contains("at most"));
}
