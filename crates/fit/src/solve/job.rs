//! A job: everything needed to compute one fitting again on another machine.

use chrono::NaiveDate;
use serde::{Deserialize, Serialize};

use crate::body::measures::Body;
use crate::garment::Garment;
use crate::garment::TemplateError;
use crate::house::habit::Habits;
use crate::house::ranges;
use crate::judge::ease::Intention;
use crate::line::LineWish;
use crate::operation::alteration::Alteration;
use crate::operation::hem::{HemError, HemWish};
use crate::plan::{Progress, Timing};
use crate::reading::accepted::AcceptedDepth;
use crate::reading::pin::Pin;
use crate::reading::seam_evening::SeamEvening;
use crate::solve::job_error::{JobError, JobErrorCause, MOST_PINS, serde_name, within};
use crate::sums::KeptSum;

/// One try-on with its pins and what was decided about them.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct Fitting {
    /// The day of the try-on.
    #[cfg_attr(feature = "schema", schema(value_type = String, format = Date))]
    pub held_on: NaiveDate,
    /// How close it should be.
    #[serde(default)]
    pub intention: Intention,
    /// Centre front and back were anchored, so that the garment could not be dragged round.
    #[serde(default)]
    pub anchored: bool,
    /// The pins as read.
    #[serde(default)]
    pub pins: Vec<Pin>,
    /// How seams are evened, where it differs from the habit.
    #[serde(default)]
    pub evening: Vec<SeamEvening>,
    /// What line ends should do, where it is not left to the house.
    #[serde(default)]
    pub ends: Vec<LineWish>,
    /// Depths accepted in place of evened ones.
    #[serde(default)]
    pub accepted: Vec<AcceptedDepth>,
    /// What is done of the work order.
    #[serde(default)]
    pub progress: Progress,
    /// The dress form it was fitted on, where it was not fitted on its wearer.
    #[serde(default)]
    pub form: Option<Body>,
    /// What is wanted of its hems.
    #[serde(default)]
    pub hems: Vec<HemWish>,
    /// What is wished for beside lines and hems.
    #[serde(default, skip_serializing_if = "Vec::is_empty")]
    pub alterations: Vec<Alteration>,
    /// Sums kept with it.
    #[serde(default)]
    pub sums: Vec<KeptSum>,
}

impl Fitting {
    /// A try-on with nothing read yet.
    #[must_use]
    pub fn on(held_on: NaiveDate) -> Fitting {
        Fitting {
            held_on,
            intention: Intention::default(),
            anchored: false,
            pins: Vec::new(),
            evening: Vec::new(),
            ends: Vec::new(),
            accepted: Vec::new(),
            progress: Progress::default(),
            form: None,
            hems: Vec::new(),
            alterations: Vec::new(),
            sums: Vec::new(),
        }
    }
}

/// A job file's content.
#[derive(Debug, Clone, PartialEq, Serialize, Deserialize)]
#[cfg_attr(feature = "schema", derive(utoipa::ToSchema))]
#[serde(deny_unknown_fields)]
pub struct Job {
    /// [`JOB_FORMAT`].
    #[cfg_attr(feature = "schema", schema(pattern = "^vemble-job/1$"))]
    pub format: String,
    /// The wearer's name.
    pub wearer: String,
    /// The wearer's measures, where any were taken.
    #[serde(default)]
    pub body: Option<Body>,
    /// Settings.
    #[serde(default)]
    pub habits: Habits,
    /// The garment.
    pub garment: Garment,
    /// The fitting.
    pub fitting: Fitting,
    /// Steps timed before, for the personal factor.
    #[serde(default)]
    pub timings: Vec<Timing>,
}

impl Body {
    /// Checks every measure against what a person can have.
    ///
    /// # Errors
    /// The first measure no person has.
    pub fn check(&self) -> Result<(), JobError> {
        for (name, read) in &self.measures {
            let (least, most) = name.plausible();
            if *read < least || *read > most {
                let key = serde_name(name);
                return Err(JobError::at(
                    format!("measures.{key}"),
                    JobErrorCause::Measure {
                        name: name.words(),
                        read: read.mm(),
                        least: least.mm(),
                        most: most.mm(),
                    },
                ));
            }
        }
        for (i, layer) in self.layers.iter().enumerate() {
            let thickness = layer.thickness.mm();
            within(format!("layers[{i}].thickness"), ranges::LAYER, thickness)?;
        }
        Ok(())
    }
}

impl Garment {
    /// Checks every number against what a garment can have.
    ///
    /// # Errors
    /// The first that no garment has.
    pub fn check(&self) -> Result<(), JobError> {
        let shape = &self.shape;
        // Before anything goes through a list, and through it again for each of its rows.
        let lists = [
            ("fixtures", "things in its seams", shape.fixtures.len()),
            ("clips", "clips", shape.clips.len()),
            ("allowances", "seam allowances", shape.allowances.len()),
            ("seams", "seams", shape.seams.len()),
            ("topstitched", "topstitched seams", shape.topstitched.len()),
            ("felled", "felled seams", shape.felled.len()),
            ("near_hems", "things near its hems", shape.near_hems.len()),
        ];
        if let Some((list, what, count)) = lists.into_iter().find(|(.., count)| *count > MOST_PINS) {
            return Err(JobError::at(format!("shape.{list}"), JobErrorCause::TooMany { what, count }));
        }
        within("cloth.stretch", ranges::STRETCH, self.cloth.stretch)?;
        within("cloth.thickness", ranges::THICKNESS, self.cloth.thickness.mm())?;
        if let Some(repeat) = self.cloth.look.and_then(|look| look.repeat) {
            within("cloth.look.repeat", ranges::REPEAT, repeat.mm())?;
        }
        for (level, ease) in &self.ease {
            within(format!("ease.{}", serde_name(level)), ranges::EASE, ease.mm())?;
        }
        within("shape.band.height", ranges::BAND, shape.band.height.mm())?;
        within("shape.turn_up", ranges::TURN_UP, shape.turn_up.mm())?;
        if let Some(turned) = shape.sleeve_turn_up {
            within("shape.sleeve_turn_up", ranges::SLEEVE_TURN_UP, turned.mm())?;
        }
        for (i, allowance) in shape.allowances.iter().enumerate() {
            for (side, length) in [("front", allowance.front), ("back", allowance.back)] {
                let path = format!("shape.allowances[{i}].{side}");
                within(path, ranges::ALLOWANCE, length.mm())?;
            }
        }
        for (i, clip) in shape.clips.iter().enumerate() {
            within(format!("shape.clips[{i}].left"), ranges::CLIP_LEFT, clip.left.mm())?;
            within(format!("shape.clips[{i}].station"), ranges::CLIP_STATION, clip.station.mm())?;
        }
        for (i, fixture) in shape.fixtures.iter().enumerate() {
            let (from, to) = (fixture.from.mm(), fixture.to.mm());
            within(format!("shape.fixtures[{i}].from"), ranges::FIXTURE_FROM, from)?;
            within(format!("shape.fixtures[{i}].to"), ranges::FIXTURE_TO.from(from), to)?;
            within(
                format!("shape.fixtures[{i}].most"),
                ranges::FIXTURE_MOST,
                fixture.most.map_or(0.0, |most| most.mm()),
            )?;
        }
        if let Some(lacing) = &shape.lacing {
            within("shape.lacing.overlap", ranges::OVERLAP, lacing.overlap.mm())?;
            for (level, gap) in &lacing.gaps {
                let path = format!("shape.lacing.gaps.{}", serde_name(level));
                within(path, ranges::LACING_GAP, gap.mm())?;
            }
        }
        if let Some(test) = &self.wash_test {
            test.check().map_err(|(field, beyond)| JobError::at(format!("wash_test.{field}"), beyond))?;
        }
        if let Some(above) = shape.lining.above {
            within("shape.lining.above", ranges::LINING_ABOVE, above.mm())?;
        }
        self.check_features()?;
        shape.check().map_err(|error| {
            let path = match &error {
                TemplateError::Implausible { name, .. } => format!("shape.flats.{}", serde_name(name)),
                TemplateError::NoSuchSeam { .. } => "shape.seams".to_owned(),
                _ => "shape.flats".to_owned(),
            };
            JobError::at(path, error)
        })
    }
    /// Checks what stands near its hems.
    fn check_features(&self) -> Result<(), JobError> {
        let shape = &self.shape;
        for (i, feature) in shape.near_hems.iter().enumerate() {
            let path = |part: &str| format!("shape.near_hems[{i}].{part}");
            let what = feature.kind.words();
            if !shape.hems().contains(&feature.hem) {
                return Err(JobError::at(path("hem"), HemError::NoSleeve));
            }
            within(path("from"), ranges::FEATURE_FROM, feature.from.mm())?;
            within(path("to"), ranges::FEATURE_TO, feature.to.mm())?;
            if feature.to < feature.from {
                return Err(JobError::at(path("to"), HemError::UpsideDown { what }));
            }
            within(path("width"), ranges::FEATURE_WIDTH, feature.width.mm())?;
            within(path("at"), ranges::AROUND, feature.at.unwrap_or(0.0))?;
            // One of them in between, and there are three.
            let least = if feature.pinned.is_some() { 3.0 } else { 2.0 };
            let count = f64::from(feature.count.unwrap_or(least as u32));
            within(path("count"), ranges::BUTTONS.from(least), count)?;
            if let Some(pinned) = feature.pinned {
                let [from, to] = [feature.from.mm(), feature.to.mm()];
                within(path("pinned"), ranges::BUTTON_AT.from(from).up_to(to), pinned.mm())?;
            }
        }
        Ok(())
    }
}
