ALTER TABLE garment DROP CONSTRAINT garment_wash_test;
ALTER TABLE garment DROP COLUMN wash_after;
ALTER TABLE garment DROP COLUMN wash_before;
ALTER TABLE fitting DROP COLUMN sums;
DROP TABLE hem_reading;
DROP TABLE hem_wish;
