-- A tick and a confirmation hold as long as what they were about stands: the geometry they vouched for. Empty for those
-- of an earlier build, which take up what stands when they are next written.
ALTER TABLE step ADD COLUMN vouched jsonb NOT NULL DEFAULT '[]';
ALTER TABLE confirmation ADD COLUMN vouched jsonb NOT NULL DEFAULT '[]';
