-- Alterations beside lines and hems: one list, in the order they are done. Which kinds there are is the core's to say.
ALTER TABLE fitting ADD COLUMN alterations jsonb NOT NULL DEFAULT '[]'
    CHECK (jsonb_typeof(alterations) = 'array');
