ALTER TABLE fitting DROP COLUMN form;
ALTER TABLE pin DROP COLUMN exact;
ALTER TABLE pin DROP COLUMN reread;
ALTER TABLE pin DROP COLUMN moved;
ALTER TABLE pin DROP COLUMN planned;
ALTER TABLE pin DROP CONSTRAINT pin_mode_check;
ALTER TABLE pin ADD CONSTRAINT pin_mode_check
    CHECK (mode IN ('seam_to_pin', 'whole_pinch', 'raw_edge_to_chalk'));
ALTER TABLE garment DROP CONSTRAINT garment_kind_check;
ALTER TABLE garment ADD CONSTRAINT garment_kind_check CHECK (kind IN ('trousers'));
