-- A fitting is changed by changes. A journal line keeps what a change did and what restores what was, who made it
-- from which device, and which earlier line it takes back.
ALTER TABLE journal ADD COLUMN change_id uuid;
ALTER TABLE journal ADD COLUMN places text[] NOT NULL DEFAULT '{}';
ALTER TABLE journal ADD COLUMN grounds text[] NOT NULL DEFAULT '{}';
ALTER TABLE journal ADD COLUMN takes_back bigint;
ALTER TABLE journal ADD COLUMN hand jsonb NOT NULL DEFAULT '{"name":"","device":"","key":""}';
-- Lines of an earlier build kept whole fittings: they are listed, and not taken back one by one. Those of garments
-- are what they are now.
UPDATE journal SET places = '{garment}' WHERE subject = 'garment';
CREATE UNIQUE INDEX journal_change ON journal (account_id, change_id);

-- A tick that was taken back keeps its timing, in case it comes back.
ALTER TABLE step ADD COLUMN stands boolean NOT NULL DEFAULT true;

-- What a page of many garments says of one, of which state of it that was said, and its picture; texts that are
-- handed on as they are.
CREATE TABLE summary (
    garment_id uuid PRIMARY KEY REFERENCES garment ON DELETE CASCADE,
    stands_for text NOT NULL,
    said text NOT NULL,
    figure text
);

-- Words by which a friend's device gets into one fitting, and the devices that got in.
CREATE TABLE guest_code (
    id uuid PRIMARY KEY,
    account_id uuid NOT NULL REFERENCES account ON DELETE CASCADE,
    fitting_id uuid NOT NULL REFERENCES fitting ON DELETE CASCADE,
    words_hash text NOT NULL UNIQUE,
    ends_at timestamptz NOT NULL
);
CREATE INDEX guest_code_fitting ON guest_code (fitting_id);

CREATE TABLE guest (
    id uuid PRIMARY KEY,
    code_id uuid NOT NULL REFERENCES guest_code ON DELETE CASCADE,
    name text NOT NULL CHECK (length(name) BETWEEN 1 AND 80),
    device text NOT NULL,
    joined_at timestamptz NOT NULL DEFAULT now(),
    sent_out_at timestamptz
);
CREATE INDEX guest_code_id ON guest (code_id);

-- Browsers that have signed in to an account before: somebody else's wrong passwords do not keep them out.
CREATE TABLE known_browser (
    key_hash text NOT NULL,
    account_id uuid NOT NULL REFERENCES account ON DELETE CASCADE,
    PRIMARY KEY (key_hash, account_id)
);
