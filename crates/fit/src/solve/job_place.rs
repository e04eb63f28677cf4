//! A place in a job, as a value: by it what is amiss is mended, or taken out.

use std::fmt;

/// Where in a job something is amiss. Written out it is the path of the field, as files and forms name it.
#[derive(Debug, Clone, PartialEq, Eq)]
pub enum JobPlace {
    /// A field of the job: `garment.shape.band.height`.
    Field(String),
    /// A field of what was asked beside the job: `lose`.
    Asked(&'static str),
    /// A field of a pin: `fitting.pins[3].station`.
    Pin {
        /// Which in the list.
        pin: usize,
        /// The field.
        field: &'static str,
    },
    /// A field of what is wanted of a hem: `fitting.hems[0].wanted.below`.
    Hem {
        /// Which in the list.
        hem: usize,
        /// The field.
        field: &'static str,
    },
    /// A field of a reading round a hem: `fitting.hems[0].readings[2].side`.
    Reading {
        /// Whose reading it is, in the list of hems.
        hem: usize,
        /// Which in its list.
        reading: usize,
        /// The field.
        field: &'static str,
    },
    /// A field of an alteration: `fitting.alterations[1].seam`.
    Alteration {
        /// Which in the list.
        alteration: usize,
        /// The field.
        field: &'static str,
    },
}

impl JobPlace {
    /// The field by itself, where the pin, the wish or the reading it belongs to was sent alone.
    #[must_use]
    pub fn own_field(&self) -> Option<&'static str> {
        match self {
            JobPlace::Pin { field, .. }
            | JobPlace::Hem { field, .. }
            | JobPlace::Reading { field, .. }
            | JobPlace::Alteration { field, .. } => Some(field),
            JobPlace::Field(_) | JobPlace::Asked(_) => None,
        }
    }
}

impl fmt::Display for JobPlace {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        match self {
            JobPlace::Field(path) => f.write_str(path),
            JobPlace::Asked(field) => f.write_str(field),
            JobPlace::Pin { pin, field } => write!(f, "fitting.pins[{pin}].{field}"),
            JobPlace::Hem { hem, field } => write!(f, "fitting.hems[{hem}].{field}"),
            JobPlace::Reading { hem, reading, field } => {
                write!(f, "fitting.hems[{hem}].readings[{reading}].{field}")
            }
            JobPlace::Alteration { alteration, field } => {
                write!(f, "fitting.alterations[{alteration}].{field}")
            }
        }
    }
}

impl From<String> for JobPlace {
    fn from(path: String) -> JobPlace {
        JobPlace::Field(path)
    }
}

impl From<&str> for JobPlace {
    fn from(path: &str) -> JobPlace {
        JobPlace::Field(path.to_owned())
    }
}
