-- How a cloth looks (colour, weave or print, repeat), what is wished of a garment, and the ease wanted at its levels.
-- Each is read and written whole with its garment, so each is one value.
ALTER TABLE garment ADD COLUMN cloth_look jsonb;
ALTER TABLE garment ADD COLUMN wish jsonb NOT NULL DEFAULT '{}';
ALTER TABLE garment ADD COLUMN ease jsonb NOT NULL DEFAULT '{}';
