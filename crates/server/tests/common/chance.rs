//! Chance that comes out the same every time: SplitMix64.

/// The numbers still to come.
pub struct Chance(u64);

impl Chance {
    /// The run of numbers with this name.
    pub fn new(name: u64) -> Chance {
        Chance(name)
    }

    fn next(&mut self) -> u64 {
        self.0 = self.0.wrapping_add(0x9e37_79b9_7f4a_7c15);
        let mut mixed = self.0;
        mixed = (mixed ^ (mixed >> 30)).wrapping_mul(0xbf58_476d_1ce4_e5b9);
        mixed = (mixed ^ (mixed >> 27)).wrapping_mul(0x94d0_49bb_1331_11eb);
        mixed ^ (mixed >> 31)
    }

    /// A whole number below `most`.
    pub fn below(&mut self, most: u32) -> u32 {
        (self.next() % u64::from(most)) as u32
    }

    /// A number between two others, to the quarter.
    pub fn between(&mut self, least: f64, most: f64) -> f64 {
        let share = self.below(1000) as f64 / 1000.0;
        ((least + share * (most - least)) * 4.0).round() / 4.0
    }

    /// One of these.
    pub fn pick<'a, T>(&mut self, from: &'a [T]) -> &'a T {
        &from[self.below(from.len() as u32) as usize]
    }
}
