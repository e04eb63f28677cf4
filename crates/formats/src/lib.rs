//! Open formats: bytes in, values out, never a panic.

mod csv_tables;
mod job_file;
pub mod limits;
mod put_right;
mod schema;
pub mod sheet;
mod workroom_file;

pub use csv_tables::{chalk_csv, hems_csv, pins_csv};
pub use job_file::{JobFileError, read_job, write_job, write_solution};
pub use put_right::put_right;
pub use schema::{job_schema, workroom_schema};
pub use workroom_file::{
    HeldFitting, HungGarment, LARGEST_WORKROOM, StepWork, WORKROOM_FORMAT, Workroom, WorkroomFileError,
    read_workroom, write_workroom,
};
