ALTER TABLE fitting DROP COLUMN alterations;
