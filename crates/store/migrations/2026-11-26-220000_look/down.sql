ALTER TABLE garment DROP COLUMN ease;
ALTER TABLE garment DROP COLUMN wish;
ALTER TABLE garment DROP COLUMN cloth_look;
