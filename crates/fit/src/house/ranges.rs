//! The ranges of the craft: what the number in a field can be. Whatever checks a field refuses what lies outside, and
//! the document of the interface says the same of it.

use thiserror::Error;

/// A number that its field cannot hold.
#[derive(Debug, Clone, Copy, PartialEq, Error)]
#[error("{what} was read as {read}; it can be from {least} to {most}")]
pub struct OutOfRange {
    /// What the number is.
    pub what: &'static str,
    /// What was read.
    pub read: f64,
    /// The least allowed.
    pub least: f64,
    /// The most allowed.
    pub most: f64,
}

/// What the number in a field can be: a length in millimetres, degrees, a share, or a count, both ends included.
#[derive(Debug, Clone, Copy, PartialEq)]
pub struct Range {
    /// The fields it holds for, each with what it is a field of: `("Sum", "slit.height")` of one of several things it may
    /// be. Of a list or a table it holds for each of its numbers; of `"spans[]"` and
    /// `"note[]"`, for how many there are, or how many characters.
    pub fields: &'static [(&'static str, &'static str)],
    /// What it is, as a sentence names it.
    pub what: &'static str,
    /// The least it can be.
    pub least: f64,
    /// The most it can be.
    pub most: f64,
}

impl Range {
    /// The same where something else allows no less.
    pub(crate) fn from(self, least: f64) -> Range {
        Range { least: self.least.max(least), ..self }
    }

    /// The same where something else allows no more.
    pub(crate) fn up_to(self, most: f64) -> Range {
        Range { most: self.most.min(most), ..self }
    }

    /// The same of something with a name of its own.
    pub(crate) fn of(self, what: &'static str) -> Range {
        Range { what, ..self }
    }

    /// Looks whether a number lies within it.
    ///
    /// # Errors
    /// [`OutOfRange`] where it does not.
    pub(crate) fn holds(self, read: f64) -> Result<(), OutOfRange> {
        let Range { what, least, most, .. } = self;
        if (least..=most).contains(&read) { Ok(()) } else { Err(OutOfRange { what, read, least, most }) }
    }
}

/// The longest edge a sum is for, in millimetres: doubled and with its joins it is still a length
/// ([`Length`](crate::Length) ends at 100 m).
pub(crate) const LONGEST: f64 = 30_000.0;

/// Names each range, and lists them all.
macro_rules! ranges {
    ($($name:ident: $what:literal, $least:literal to $most:expr, $(($schema:literal, $field:literal)),+;)*) => {
        $(pub(crate) const $name: Range =
            Range { fields: &[$(($schema, $field)),+], what: $what, least: $least, most: $most };)*
        /// Every range of the craft.
        pub const RANGES: &[Range] = &[$($name),*];
    };
}

// Each is wider than any garment that was ever on a table, and narrow enough that a slipped digit or another unit
// falls out of it.
ranges! {
    LAYER: "the thickness of a layer", 0.0 to 50.0, ("Layer", "thickness");
    STRETCH: "the stretch of the cloth", 0.0 to 1.0, ("Cloth", "stretch");
    THICKNESS: "the thickness of the cloth", 0.0 to 30.0, ("Cloth", "thickness");
    REPEAT: "how far apart the cloth repeats", 0.0 to 1000.0, ("Look", "repeat");
    EASE: "the ease wanted at a level", -300.0 to 600.0, ("Garment", "ease"), ("Habits", "ease");
    SECTION: "depth to width at a level", 0.4 to 1.6, ("Habits", "sections");
    BAND: "the band's height", 0.0 to 150.0, ("Band", "height");
    TURN_UP: "the hem's turn-up", 0.0 to 200.0, ("Shape", "turn_up");
    SLEEVE_TURN_UP: "the sleeve hem's turn-up", 0.0 to 200.0, ("Shape", "sleeve_turn_up");
    ALLOWANCE: "a seam allowance", 0.0 to 120.0, ("SeamAllowance", "front"), ("SeamAllowance", "back");
    CLIP_LEFT: "what a clip leaves", 0.0 to 120.0, ("Clip", "left");
    CLIP_STATION: "a clip's station", 0.0 to 2000.0, ("Clip", "station");
    FIXTURE_FROM: "the lower end of what is in a seam", 0.0 to 2000.0, ("Fixture", "from");
    FIXTURE_TO: "its upper end", 0.0 to 2000.0, ("Fixture", "to");
    FIXTURE_MOST: "what the seam may move", 0.0 to 100.0, ("Fixture", "most");
    OVERLAP: "the overlap of a modesty panel", 0.0 to 200.0, ("Lacing", "overlap");
    LACING_GAP: "the gap of a lacing", 0.0 to 400.0, ("Lacing", "gaps");
    SWATCH_BEFORE: "the swatch before its wash", 50.0 to 3000.0, ("WashTest", "before"), ("Sum", "shrink.before");
    SWATCH_AFTER: "the swatch after its wash", 30.0 to 3300.0, ("WashTest", "after"), ("Sum", "shrink.after");
    LINING_ABOVE: "how far the lining ends above the edge", -50.0 to 200.0, ("LiningNow", "above");
    FEATURE_FROM: "its lower end above the edge", 0.0 to 1500.0, ("HemFeature", "from");
    FEATURE_TO: "its upper end above the edge", 0.0 to 1600.0, ("HemFeature", "to");
    FEATURE_WIDTH: "how far it is turned in", 0.0 to 200.0, ("HemFeature", "width");
    AROUND: "the place round the hem, in degrees,", 0.0 to 360.0, ("HemFeature", "at"), ("HemReading", "at");
    BUTTONS: "how many buttons", 2.0 to 60.0, ("HemFeature", "count");
    BUTTON_AT: "where one of its buttons has to stand", 0.0 to 1600.0, ("HemFeature", "pinned");
    SHORTEN: "what the hem is shortened by", -300.0 to 1500.0, ("Wanted", "edge.shorten");
    FLOOR: "the height above the floor", 0.0 to 1500.0, ("Wanted", "floor.height");
    OTHER_LENGTH: "the other garment's length", 20.0 to 2000.0, ("Wanted", "garment.length");
    BELOW: "the distance below the landmark", -900.0 to 900.0, ("Wanted", "landmark.below");
    SHOES: "what the shoes lift", 0.0 to 200.0, ("HemWish", "shoes");
    HEM_ALLOWANCE: "the hem's allowance", 3.0 to 150.0, ("HemWish", "allowance");
    UNEVEN: "the difference of an uneven hem", -800.0 to 800.0, ("HighLow", "front"), ("HighLow", "back");
    BLEND: "the blend of an uneven hem", 20.0 to 1500.0, ("HighLow", "blend_front"), ("HighLow", "blend_back");
    TUCK_ABOVE: "the height of the tuck", 0.0 to 1500.0, ("ShortenAt", "tuck.above");
    HEM_READ: "what was read at the hem", -300.0 to 1600.0, ("HemReading", "length");
    LOSE: "what the level must lose", -400.0 to 400.0, ("ShareRequest", "lose");
    MARKS: "how many marks", -10_000.0 to 10_000.0, ("Slide", "marks.count");
    ROW_FROM: "the first place", -5000.0 to 5000.0, ("Sum", "spacing.from");
    ROW_TO: "the last place", -4995.0 to 15_000.0, ("Sum", "spacing.to");
    ROW_COUNT: "how many", 2.0 to 200.0, ("Sum", "spacing.count");
    ROW_PINNED: "the place one has to stand at", -5000.0 to 15_000.0, ("Sum", "spacing.pinned");
    KEEP_OFF: "how far to keep off", 0.0 to 5000.0, ("ClearOf", "by");
    STRIP_LENGTH: "the length of the edge", 10.0 to LONGEST, ("Sum", "bias.length");
    STRIP_WIDTH: "the width of the strip", 8.0 to 300.0, ("Sum", "bias.width");
    CLOTH_WIDTH: "the width of the cloth", 100.0 to 3200.0, ("Sum", "bias.cloth");
    SEGMENT: "a segment of the casing", 10.0 to 3000.0, ("Sum", "elastic.spans");
    ELASTIC_GAP: "what it has to lose", 0.0 to 0.9 * LONGEST, ("Sum", "elastic.gap");
    PLEATED: "the pleated width", 20.0 to 20_000.0, ("Sum", "pleats.finished");
    PLEATS: "how many", 1.0 to 400.0, ("Sum", "pleats.count");
    PLEAT_DEPTH: "the depth of a pleat", 2.0 to 400.0, ("Sum", "pleats.depth");
    SHORT_EDGE: "the short edge", 10.0 to 20_000.0, ("Sum", "gathers.short");
    LONG_EDGE: "the long edge", 10.0 to 100_000.0, ("Sum", "gathers.long");
    SLIT_ACROSS: "the width it is cut into", 50.0 to 5000.0, ("Sum", "slit.across");
    SLIT_DART: "a dart or seam", 0.0 to 5000.0, ("Sum", "slit.darts");
    SLIT_HEIGHT: "the height of the slit", 20.0 to 1500.0, ("Sum", "slit.height");
    SLIT_OPENING: "the opening at the hem", 0.0 to 1500.0, ("Sum", "slit.opening");
    SEGMENTS: "the number of segments", 1.0 to 40.0, ("Sum", "elastic.spans[]");
    SLIT_DARTS: "the number of darts and seams", 0.0 to 40.0, ("Sum", "slit.darts[]");
    SUMS: "the number of sums kept", 0.0 to 60.0, ("Fitting", "sums[]");
    HEM_READINGS: "the number of readings", 0.0 to 144.0, ("HemWish", "readings[]");
    NOTE: "the length of what a sum is for", 0.0 to 120.0, ("KeptSum", "note[]");
    SHRUNK: "what it shall measure", 5.0 to 20_000.0, ("Sum", "shrink.wanted");
}
