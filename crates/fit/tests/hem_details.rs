//! The parts of a hem one by one: its ring, what suits it, what stands near, lining and corners, templates.

mod common;

use common::{any_garment, job, mm, pin, shape};
use proptest::prelude::*;
use vemble_fit::garment::{
    FeatureKind, FlatName, HemFeature, HemName, Kind, LevelName, LiningClosed, SeamName, Shape, SleeveBuild,
    Tube,
};
use vemble_fit::hem::{
    CollisionState, HemKind, HemSolution, HemWish, Lies, LiningWish, Ring, ShortenAt, Wanted, point_words,
    ring_points,
};
use vemble_fit::pattern::PanelName;
use vemble_fit::{
    ClothFamily, Datum, Fibre, Habits, HouseRule, Job, Length, LiningEdge, LiningHangs, Side, hem_templates,
    solve,
};

fn wish(hem: HemName, kind: HemKind, shorten: f64) -> HemWish {
    HemWish { kind: Some(kind), ..HemWish::new(hem, Wanted::Edge { shorten: mm(shorten) }) }
}

fn with(shape: Shape, wish: HemWish) -> Job {
    let mut job = job(shape);
    job.fitting.hems = vec![wish];
    job
}

fn solved(job: &Job) -> HemSolution {
    solve(job).expect("a result").hems.into_iter().next().expect("a hem")
}

fn coat() -> Shape {
    shape(
        Kind::Coat,
        &[
            (FlatName::Bust, 560.0),
            (FlatName::Waist, 540.0),
            (FlatName::Hip, 580.0),
            (FlatName::Hem, 640.0),
            (FlatName::SideLength, 780.0),
            (FlatName::BackLength, 1010.0),
            (FlatName::Shoulder, 430.0),
            (FlatName::SleeveSeam, 460.0),
            (FlatName::SleeveLength, 620.0),
            (FlatName::UpperArm, 210.0),
            (FlatName::Wrist, 150.0),
        ],
    )
}

proptest! {
    #![proptest_config(common::cases(48))]

    #[test]
    fn a_ring_is_as_long_as_the_hem_was_measured_and_its_panels_make_it_up(shape in any_garment()) {
        let pattern = shape.pattern(&Habits::default());
        // Some generated widths need more length than the garment has; nothing is drawn of those.
        prop_assume!(pattern.is_ok());
        let pattern = pattern.expect("panels");
        for hem in shape.hems() {
            let paired = shape.is_paired_hem(*hem);
            let side = if paired { Side::Left } else { Side::Centre };
            let ring = Ring::of(&shape, &pattern, *hem, side).expect("a ring");
            let name = if *hem == HemName::Sleeve { FlatName::Wrist } else { FlatName::Hem };
            let measured = 2.0 * shape.flats[&name].mm();
            prop_assert!((ring.period() - measured).abs() < 0.5, "{hem:?}: {} {measured}", ring.period());
            let by_panel: f64 = ring.panel_lengths(|_| 25.0).iter().sum();
            prop_assert!((by_panel - ring.girth(25.0)).abs() < 1e-6);
            let panels = ring.panels();
            prop_assert!(panels.windows(2).all(|pair| (pair[0].to - pair[1].from).abs() < 1e-9));
            prop_assert!((panels[panels.len() - 1].to - ring.period()).abs() < 1e-9);
            // Once round, places follow each other and come back to the start.
            let along: Vec<f64> = (0..36).map(|i| ring.along(f64::from(i) * 10.0)).collect();
            prop_assert!(along.windows(2).all(|pair| pair[0] < pair[1]), "{along:?}");
            let end = if ring.is_open() { ring.period() } else { 0.0 };
            prop_assert!((ring.along(360.0) - end).abs() < 1e-9 && along[35] < ring.period());
            for point in ring_points(&shape, *hem) {
                prop_assert_eq!(point_words(&shape, *hem, point.at), point.words);
            }
        }
    }

    #[test]
    fn a_line_that_runs_off_the_hem_is_in_its_ring(depth in 4.0f64..16.0) {
        let shape = shape(Kind::StraightSkirt, &[
            (FlatName::Waist, 380.0), (FlatName::Hip, 500.0), (FlatName::Hem, 500.0), (FlatName::SideLength, 620.0),
        ]);
        let mut job = with(shape, wish(HemName::Hem, HemKind::DoubleWide, 60.0));
        for side in [Side::Left, Side::Right] {
            for station in [0.0, 120.0, 240.0, 420.0] {
                job.fitting.pins.push(pin(SeamName::Side, side, 620.0 - station, depth, Datum::BandTop));
            }
        }
        let with_lines = solve(&job).expect("a result");
        job.fitting.pins.clear();
        let without = solve(&job).expect("a result");
        let girth = |solution: &vemble_fit::Solution| solution.hems[0].sides[0].girth[1].mm();
        // Two seams of two edges each, nearly upright; the line may miss its pins a little.
        let vemble_fit::LineOutcome::Drawn(line) = &with_lines.seams[0].lines[0].outcome else { panic!("a line") };
        let at_fold = line.spine.iter().min_by(|a, b| (a[0] - 60.0).abs().total_cmp(&(b[0] - 60.0).abs()));
        let taken = 4.0 * at_fold.expect("a point")[1];
        prop_assert!((girth(&without) - girth(&with_lines) - taken).abs() < 1.0, "{taken}");
        prop_assert!(taken > 2.0 * depth);
        let level = with_lines.levels.iter().find(|row| row.girth.level == LevelName::Hem).expect("the hem");
        prop_assert!((level.girth.after.mm() - girth(&with_lines)).abs() < 0.02);
    }
}

#[test]
fn what_suits_a_hem_follows_cloth_and_cut() {
    let usual = |kind: Kind, family: ClothFamily, lined: bool| {
        let mut garment = job(Shape { lined, ..coat() }).garment;
        (garment.shape.kind, garment.cloth.family) = (kind, family);
        HemKind::usual(&garment, HemName::Hem, &Habits::default())
    };
    assert_eq!(usual(Kind::KnitTop, ClothFamily::Jersey, false), HemKind::TwinNeedle);
    assert_eq!(usual(Kind::Trousers, ClothFamily::Denim, false), HemKind::Original);
    assert_eq!(usual(Kind::ShiftDress, ClothFamily::Sheer, false), HemKind::Rolled);
    assert_eq!(usual(Kind::Coat, ClothFamily::Coating, true), HemKind::DeepHand);
    assert_eq!(usual(Kind::FlaredSkirt, ClothFamily::Shirting, false), HemKind::DoubleNarrow);
    assert_eq!(usual(Kind::StraightSkirt, ClothFamily::Shirting, true), HemKind::DeepHand);
    assert_eq!(usual(Kind::WaistedDress, ClothFamily::Shirting, false), HemKind::DoubleWide);
    for kind in HemKind::ALL {
        let [first, second] = kind.folds(&Habits::default());
        assert_eq!(first + second > 0.0, kind.is_cut(), "{kind:?}");
        assert!(kind.is_cut() || !kind.turns_up(), "{kind:?}");
    }
    // A changed house rule changes the hem.
    let mut habits = Habits::default();
    habits.rules.insert(HouseRule::HemDeep, 50.0);
    assert_eq!(HemKind::DeepHand.folds(&habits), [0.0, 50.0]);
}

#[test]
fn cloth_decides_what_is_eased_in() {
    let eases = |family, fibre| {
        let mut garment = job(coat()).garment;
        (garment.cloth.family, garment.cloth.fibre) = (family, fibre);
        vemble_fit::hem::eases_in(&garment, &Habits::default())
    };
    assert_eq!(eases(ClothFamily::Denim, Fibre::Cotton), 0.02);
    assert_eq!(eases(ClothFamily::Shirting, Fibre::Viscose), 0.03);
    assert_eq!(eases(ClothFamily::Jersey, Fibre::Wool), 0.05);
    assert_eq!(eases(ClothFamily::Coating, Fibre::Wool), 0.06);
}

#[test]
fn a_lining_ends_where_it_neither_shows_nor_drags() {
    let lined = Shape { lined: true, ..coat() };
    let lining = |hangs, edge| {
        let mut wish = wish(HemName::Hem, HemKind::DeepHand, 60.0);
        wish.lining = LiningWish { hangs: Some(hangs), edge: Some(edge) };
        solved(&with(lined.clone(), wish)).lining.expect("a lining")
    };
    let attached = lining(LiningHangs::Attached, LiningEdge::Cut);
    // 12 above the fold, 10 of slack in the pleat, 15 turned under: cut 13 below the fold.
    assert_eq!((attached.above, attached.slack, attached.raw), (mm(12.0), mm(10.0), mm(-13.0)));
    assert_eq!((attached.undo, attached.band), (mm(95.0), mm(55.0)));
    let free = lining(LiningHangs::Free, LiningEdge::Folded);
    assert_eq!((free.above, free.slack, free.raw), (mm(25.0), mm(0.0), mm(10.0)));
    assert!(free.words.iter().any(|words| words.starts_with("Do not cut it")));
    assert_eq!(lining(LiningHangs::Caught, LiningEdge::Cut).raw, mm(-3.0));
    let bagged = solved(&with(lined.clone(), wish(HemName::Hem, HemKind::LinedBag, 60.0)));
    // 15 of allowance on both, the lining 4 shorter, so that it draws the seam inside.
    assert_eq!(bagged.lining.expect("a lining").raw, mm(-11.0));
    assert!(solved(&with(coat(), wish(HemName::Hem, HemKind::DeepHand, 60.0))).lining.is_none());
    // How one gets in depends on how it was closed.
    let way_in = |closed, hem| {
        let mut lined = lined.clone();
        lined.lining.closed = Some(closed);
        solved(&with(lined, wish(hem, HemKind::DeepHand, 30.0))).lining.expect("a lining").way_in
    };
    assert!(way_in(LiningClosed::Felled, HemName::Hem).contains("Unpick the felling"));
    assert!(way_in(LiningClosed::Bagged, HemName::Hem).contains("sleeve lining"));
    assert!(way_in(LiningClosed::Free, HemName::Hem).contains("nothing has to be opened"));
    assert!(way_in(LiningClosed::Bagged, HemName::Sleeve).contains("draw the cuff through"));
}

#[test]
fn a_mitre_runs_from_the_fold_corner_to_where_the_raw_edges_meet() {
    let mut shape = coat();
    let at_front = |kind, width| HemFeature {
        hem: HemName::Hem,
        kind,
        side: None,
        at: Some(0.0),
        from: mm(0.0),
        to: mm(if kind == FeatureKind::Vent { 240.0 } else { 0.0 }),
        width: mm(width),
        count: None,
        pinned: None,
    };
    shape.near_hems = vec![at_front(FeatureKind::Facing, 60.0), at_front(FeatureKind::Vent, 28.0)];
    let mut asked = wish(HemName::Hem, HemKind::DeepHand, 50.0);
    let turned_back = solved(&with(shape.clone(), asked.clone()));
    assert_eq!(turned_back.mitres.len(), 1, "a facing is turned back unless a mitre is asked for");
    asked.mitre_facing = true;
    let hem = solved(&with(shape, asked));
    let seams: Vec<f64> = hem.mitres.iter().map(|mitre| mitre.seam.mm()).collect();
    assert!((seams[0] - 75.0).abs() < 0.01, "45 and 60 make 75: {seams:?}");
    assert!((seams[1] - 45.0_f64.hypot(28.0)).abs() < 0.01);
    assert!(hem.mitres.iter().all(|mitre| mitre.trim_to == mm(6.0)));
}

#[test]
fn interfacing_lies_under_the_mitres() {
    let plan = solve(&common::example("hem-lined-coat")).expect("a result").plan;
    let first = |begins: &str| plan.steps.iter().position(|step| step.key.to_string().starts_with(begins));
    let (interface, mitre, sew) = (first("interface"), first("mitre"), first("sew_hem"));
    assert!(interface.is_some() && interface < mitre && mitre < sew, "{interface:?} {mitre:?} {sew:?}");
}

#[test]
fn everything_that_can_stand_near_a_hem_is_clear_high_up_and_seen_to_low_down() {
    for kind in FeatureKind::ALL {
        let state = |from: f64, to: f64, shorten: f64| {
            let mut shape = coat();
            let hem = if kind == FeatureKind::WorkingButtons { HemName::Sleeve } else { HemName::Hem };
            shape.near_hems = vec![HemFeature {
                hem,
                kind,
                side: None,
                at: Some(90.0),
                from: mm(from),
                to: mm(to),
                width: mm(30.0),
                count: Some(4),
                pinned: None,
            }];
            let hem = solved(&with(shape, wish(hem, HemKind::SingleFold, shorten)));
            let near = hem.sides[0].collisions[0].clone();
            assert!(near.says.ends_with('.'), "{}", near.says);
            near.state
        };
        let high = state(300.0, 420.0, 30.0);
        match kind {
            // These meet the edge whatever their height.
            FeatureKind::Pleats | FeatureKind::Facing => assert_eq!(high, CollisionState::SeeTo, "{kind:?}"),
            FeatureKind::Border => {
                assert_eq!(high, CollisionState::InTheWay);
                assert_eq!(state(0.0, 90.0, -4.0), CollisionState::Clear);
            }
            _ => {
                assert_eq!(high, CollisionState::Clear, "{kind:?}");
                assert_ne!(state(20.0, 60.0, 30.0), CollisionState::Clear, "{kind:?}");
            }
        }
    }
}

#[test]
fn sleeves_in_two_pieces_have_their_own_places_and_their_own_hem() {
    let shape = coat();
    assert_eq!(shape.sleeve_build(), SleeveBuild::TwoPiece);
    assert_eq!(shape.hem_tube(HemName::Sleeve), Tube::Sleeve);
    let words: Vec<&str> = ring_points(&shape, HemName::Sleeve).iter().map(|point| point.words).collect();
    assert_eq!(words, ["front seam", "outer arm", "back seam", "under the arm"]);
    assert_eq!(point_words(&shape, HemName::Sleeve, 200.0), "20° past the back seam");
    let job = with(shape, wish(HemName::Sleeve, HemKind::SingleFold, 25.0));
    let hem = solved(&job);
    assert!(hem.paired && hem.sides.len() == 1);
    assert_eq!(hem.sides[0].unrolled.seams.len(), 2);
    // The hand still goes through the new, wider edge.
    let wrist =
        solve(&job).expect("a result").levels.into_iter().find(|row| row.girth.level == LevelName::Wrist);
    assert_eq!(wrist.expect("the sleeve hem").girth.after, hem.sides[0].girth[1]);
}

#[test]
fn a_taper_with_too_little_inside_its_seams_is_refused_and_a_narrow_hem_is_not() {
    let mut trousers = shape(
        Kind::Trousers,
        &[
            (FlatName::Waist, 400.0),
            (FlatName::Hip, 520.0),
            (FlatName::Knee, 260.0),
            (FlatName::Hem, 170.0),
            (FlatName::Inseam, 760.0),
            (FlatName::Outseam, 1020.0),
        ],
    );
    let deep = wish(HemName::Hem, HemKind::DeepHand, 70.0);
    // Nobody looked inside: it is splayed.
    let hem = solved(&with(trousers.clone(), deep.clone()));
    assert_eq!(hem.sides[0].turn_up.as_ref().expect("a turn-up").lies, Lies::Splay);
    let inside = |seam| vemble_fit::garment::SeamAllowance { seam, front: mm(9.0), back: mm(9.0) };
    trousers.allowances = vec![inside(SeamName::Inseam), inside(SeamName::Outseam)];
    let hem = solved(&with(trousers.clone(), deep));
    assert_eq!(hem.sides[0].turn_up.as_ref().expect("a turn-up").lies, Lies::TooTight);
    assert!(hem.refused.expect("a reason").contains("more than is inside the seams"));
    assert_eq!(solved(&with(trousers, wish(HemName::Hem, HemKind::Rolled, 70.0))).refused, None);
}

#[test]
fn templates_show_each_panel_once_unless_its_halves_differ() {
    let skirt = shape(
        Kind::FlaredSkirt,
        &[
            (FlatName::Waist, 380.0),
            (FlatName::Hip, 520.0),
            (FlatName::Hem, 720.0),
            (FlatName::SideLength, 650.0),
        ],
    );
    let mut job = with(skirt, wish(HemName::Hem, HemKind::DoubleNarrow, 50.0));
    let names = |job: &Job| -> Vec<(PanelName, Side)> {
        hem_templates(job).expect("templates").iter().map(|each| (each.panel, each.side)).collect()
    };
    assert_eq!(names(&job), [(PanelName::Front, Side::Centre), (PanelName::Back, Side::Centre)]);
    // Read lower on the left, the halves are no longer alike.
    let read = |at: f64, length: f64| vemble_fit::hem::HemReading {
        id: format!("{at}"),
        side: Side::Centre,
        at,
        read: vemble_fit::hem::HemRead::FloorToEdge,
        length: mm(length),
    };
    job.fitting.hems[0].readings =
        vec![read(0.0, 400.0), read(90.0, 385.0), read(180.0, 400.0), read(270.0, 405.0)];
    assert_eq!(names(&job).len(), 4);
    for template in hem_templates(&job).expect("templates") {
        // Across the cloth, the cut runs its allowance below the fold.
        let middle = template.fold.len() / 2;
        let [fold, cut] = [template.fold[middle], template.cut[middle]];
        let below = (fold[0] - cut[0]).hypot(fold[1] - cut[1]);
        assert!((below - 16.0).abs() < 0.6, "{}: {below}", template.words);
    }
    job.fitting.hems[0] = wish(HemName::Hem, HemKind::Uncut, 50.0);
    assert!(names(&job).is_empty(), "nothing is cut, nothing is printed");
}

proptest! {
    #![proptest_config(common::cases(160))]

    #[test]
    fn no_wish_within_its_limits_breaks_the_hem_of_any_garment(
        shape in any_garment(), lined in any::<bool>(), shorten in -300.0f64..1500.0,
        kind in prop::option::of(prop::sample::select(HemKind::ALL.to_vec())),
        allowance in prop::option::of(3.0f64..150.0), turned in 0.0f64..120.0,
        read in prop::collection::vec((0.0f64..360.0, 0.0f64..1600.0, any::<bool>(), any::<bool>()), 0..9),
        high_low in prop::option::of((-800.0f64..800.0, -800.0f64..800.0, 20.0f64..1500.0, 20.0f64..1500.0)),
        wash in prop::option::of(0.6f64..1.1), floor in any::<bool>(),
        near in prop::collection::vec((0usize..10, 0.0f64..600.0, 0.0f64..900.0), 0..4),
    ) {
        prop_assume!(shape.pattern(&Habits::default()).is_ok());
        let mut shape = Shape { lined, turn_up: mm(turned), ..shape };
        shape.near_hems = near
            .into_iter()
            .map(|(kind, from, long)| HemFeature {
                hem: HemName::Hem,
                kind: FeatureKind::ALL[kind],
                side: None,
                at: Some(from % 360.0),
                from: mm(from),
                to: mm(from + long),
                width: mm(30.0),
                count: Some(5), pinned: None })
            .collect();
        let paired = shape.is_paired_hem(HemName::Hem);
        let wanted = if floor {
            Wanted::Floor { height: mm(shorten.abs()) }
        } else {
            Wanted::Edge { shorten: mm(shorten) }
        };
        let mut wish = HemWish { kind, allowance: allowance.map(mm), ..HemWish::new(HemName::Hem, wanted) };
        wish.readings = read
            .into_iter()
            .enumerate()
            .map(|(i, (at, length, left, from_floor))| vemble_fit::hem::HemReading {
                id: format!("r{i}"),
                side: if !paired { Side::Centre } else if left { Side::Left } else { Side::Right },
                at,
                read: if from_floor {
                    vemble_fit::hem::HemRead::FloorToEdge
                } else {
                    vemble_fit::hem::HemRead::EdgeToPin
                },
                length: mm(length.min(1500.0)),
            })
            .collect();
        wish.high_low = high_low.map(|(front, back, blend_front, blend_back)| vemble_fit::hem::HighLow {
            front: mm(front),
            back: mm(back),
            blend_front: mm(blend_front),
            blend_back: mm(blend_back),
        });
        let mut job = with(shape, wish);
        job.garment.washed = wash.is_none();
        job.garment.wash_test = wash.map(|after| vemble_fit::WashTest { before: mm(200.0), after: mm(200.0 * after) });
        let solution = solve(&job).expect("every number is within its limits");
        let hem = &solution.hems[0];
        prop_assert!(hem.waits.is_some() || !hem.sides.is_empty());
        for side in &hem.sides {
            prop_assert!(side.unrolled.fold.iter().flatten().all(|each| each.is_finite()));
            prop_assert!(side.turn_up.as_ref().is_none_or(|turned| turned.share.is_finite()));
        }
        // What cannot be made has no steps; what has steps stops before each cut.
        prop_assert!(hem.is_solved() || solution.plan.steps.is_empty());
        prop_assert!(solution.plan.steps.iter().all(|step| !step.key.act.word().starts_with("cut") || step.stop.is_some()));
        prop_assert!(hem_templates(&job).is_ok());
        let written = serde_json::to_string(&solution).expect("JSON");
        prop_assert!(!written.contains("NaN"));
    }
}

#[test]
fn every_way_of_saying_a_length_begins_where_the_hem_can_be_made() {
    for kind in Kind::ALL {
        let of_kind = common::examples().into_iter().map(|(_, job)| job);
        let mut job =
            of_kind.into_iter().find(|job| job.garment.shape.kind == kind).expect("an example of each");
        job.fitting.hems.clear();
        // What is still to shrink stands longer until then, whatever is wanted.
        job.garment.washed = true;
        let places = solve(&job).expect("a result").hem_places;
        assert!(!places.is_empty(), "{kind:?} has a hem");
        for place in places {
            let begins = place.begins;
            assert_eq!(begins.floor.is_some(), place.hem == HemName::Hem, "{kind:?}");
            assert_eq!(begins.high_low.is_none(), place.paired, "{kind:?}");
            let unsaid = [begins.edge, begins.garment].map(|wanted| HemWish::new(place.hem, wanted));
            for wish in unsaid {
                // Nothing moves until a number is changed.
                let solved = solved(&with_wish(&job, wish.clone()));
                assert!(solved.mean().abs() < mm(0.1), "{kind:?} {:?}: {:?}", wish.wanted, solved.mean());
            }
            for wanted in [begins.floor, Some(begins.landmark)].into_iter().flatten() {
                // It may be further than there is cloth for, and then says so; it is never nonsense.
                let solved =
                    solve(&with_wish(&job, HemWish::new(place.hem, wanted))).expect("a wish a hem can have");
                let hem = &solved.hems[0];
                assert!(
                    hem.is_solved() || solved.plan.steps.is_empty() || !job.fitting.pins.is_empty(),
                    "{kind:?}"
                );
                assert!(hem.mean().abs() < mm(1500.0), "{kind:?} {wanted:?}: {:?}", hem.mean());
            }
        }
    }
}

/// The job with one hem wished for.
fn with_wish(job: &Job, wish: HemWish) -> Job {
    let mut job = job.clone();
    job.fitting.hems = vec![wish];
    job
}

#[test]
fn a_tuck_clears_the_border_and_minds_no_button() {
    let mut shape = coat();
    let above = |shape: &Shape| {
        let place = solve(&job(shape.clone())).expect("a result").hem_places.remove(0);
        let ShortenAt::Tuck { above } = place.begins.tuck else { panic!("a tuck") };
        above
    };
    let feature = |kind, to| HemFeature {
        hem: HemName::Hem,
        kind,
        at: (kind == FeatureKind::Buttons).then_some(0.0),
        from: Length::ZERO,
        to: mm(to),
        width: Length::ZERO,
        count: None,
        side: None,
        pinned: None,
    };
    assert_eq!(above(&shape), mm(80.0));
    shape.near_hems = vec![feature(FeatureKind::Buttons, 620.0)];
    assert_eq!(above(&shape), mm(80.0), "buttons up the front are no border");
    shape.near_hems.push(feature(FeatureKind::Border, 130.0));
    assert_eq!(above(&shape), mm(130.0));
}
