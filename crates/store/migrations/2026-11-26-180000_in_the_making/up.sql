-- Garments in the making are a source of their own; what lies on a cloth's face, and whether it hangs on the bias,
-- changes how it is marked, pressed and hung.
ALTER TABLE garment DROP CONSTRAINT garment_source_check;
ALTER TABLE garment ADD CONSTRAINT garment_source_check
    CHECK (source IN ('toile', 'in_the_making', 'ready_made', 'thrifted'));
ALTER TABLE garment ADD COLUMN cloth_surface text NOT NULL DEFAULT 'smooth'
    CHECK (cloth_surface IN ('smooth', 'nap', 'pile'));
ALTER TABLE garment ADD COLUMN cloth_bias boolean NOT NULL DEFAULT false;
