-- Every kind of garment, its seams and darts, pins with their stages, fittings on a dress form.
ALTER TABLE garment DROP CONSTRAINT garment_kind_check;
ALTER TABLE garment ADD CONSTRAINT garment_kind_check CHECK (kind IN (
    'trousers', 'sweatpants', 'straight_skirt', 'flared_skirt', 'waisted_dress', 'princess_dress',
    'shift_dress', 'shirt', 'knit_top', 'jacket', 'coat', 'waistcoat', 'overalls'
));

ALTER TABLE pin DROP CONSTRAINT pin_mode_check;
ALTER TABLE pin ADD CONSTRAINT pin_mode_check
    CHECK (mode IN ('seam_to_pin', 'whole_pinch', 'raw_edge_to_chalk', 'fold_to_pin'));
-- Where numbers put a pin, where the body moved it, and whether it was read again afterwards.
ALTER TABLE pin ADD COLUMN planned nm;
ALTER TABLE pin ADD COLUMN moved nm;
ALTER TABLE pin ADD COLUMN reread boolean NOT NULL DEFAULT false;
-- Set from numbers and meant to the letter.
ALTER TABLE pin ADD COLUMN exact boolean NOT NULL DEFAULT false;

-- The girths of the dress form a fitting was done on; they belong to that fitting alone.
ALTER TABLE fitting ADD COLUMN form jsonb;
