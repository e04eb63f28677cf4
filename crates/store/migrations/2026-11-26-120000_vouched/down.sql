ALTER TABLE confirmation DROP COLUMN vouched;
ALTER TABLE step DROP COLUMN vouched;
