-- What is wanted of a fitting's hems, and what was read round them; one row a hem, one row a reading.
CREATE TABLE hem_wish (
    fitting_id uuid NOT NULL REFERENCES fitting ON DELETE CASCADE,
    hem text NOT NULL CHECK (hem IN ('hem', 'sleeve')),
    position integer NOT NULL CHECK (position >= 0),
    -- Where it shall be, how it is sewn, what was decided: what varies by the way it is said.
    wish jsonb NOT NULL,
    PRIMARY KEY (fitting_id, hem)
);

CREATE TABLE hem_reading (
    fitting_id uuid NOT NULL,
    hem text NOT NULL,
    id text NOT NULL CHECK (length(id) BETWEEN 1 AND 64),
    position integer NOT NULL CHECK (position >= 0),
    side text NOT NULL CHECK (side IN ('left', 'right', 'centre')),
    at double precision NOT NULL CHECK (at BETWEEN 0 AND 360),
    read text NOT NULL CHECK (read IN ('floor_to_edge', 'edge_to_pin')),
    length nm NOT NULL,
    PRIMARY KEY (fitting_id, hem, id),
    FOREIGN KEY (fitting_id, hem) REFERENCES hem_wish ON DELETE CASCADE
);

-- Sums kept with a fitting, in their order; each is a handful of numbers that depend on the sum.
ALTER TABLE fitting ADD COLUMN sums jsonb NOT NULL DEFAULT '[]';

-- A swatch, or the garment, before and after a wash.
ALTER TABLE garment ADD COLUMN wash_before nm CHECK (wash_before > 0);
ALTER TABLE garment ADD COLUMN wash_after nm CHECK (wash_after > 0);
ALTER TABLE garment ADD CONSTRAINT garment_wash_test CHECK ((wash_before IS NULL) = (wash_after IS NULL));
