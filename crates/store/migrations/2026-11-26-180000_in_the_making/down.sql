ALTER TABLE garment DROP COLUMN cloth_bias;
ALTER TABLE garment DROP COLUMN cloth_surface;
UPDATE garment SET source = 'toile' WHERE source = 'in_the_making';
ALTER TABLE garment DROP CONSTRAINT garment_source_check;
ALTER TABLE garment ADD CONSTRAINT garment_source_check CHECK (source IN ('toile', 'ready_made', 'thrifted'));
