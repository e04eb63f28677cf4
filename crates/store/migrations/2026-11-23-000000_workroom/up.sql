-- Lengths are whole nanometres, as in the core: exact for 1/64 inch and 0.1 mm.
CREATE DOMAIN nm AS bigint CHECK (VALUE BETWEEN -100000000000 AND 100000000000);

CREATE TABLE account (
    id uuid PRIMARY KEY,
    email text NOT NULL UNIQUE CHECK (email = lower(email) AND length(email) BETWEEN 3 AND 254),
    password_hash text NOT NULL,
    habits jsonb NOT NULL DEFAULT '{}',
    habits_version bigint NOT NULL DEFAULT 1 CHECK (habits_version > 0),
    created_at timestamptz NOT NULL DEFAULT now()
);

CREATE TABLE web_session (
    key_hash text PRIMARY KEY,
    state jsonb NOT NULL,
    expires_at timestamptz NOT NULL
);

CREATE TABLE sign_in_attempt (
    id bigserial PRIMARY KEY,
    subject text NOT NULL,
    at timestamptz NOT NULL DEFAULT now()
);
CREATE INDEX sign_in_attempt_subject ON sign_in_attempt (subject, at);

CREATE TABLE server_secret (
    id integer PRIMARY KEY CHECK (id = 1),
    cookie_key bytea NOT NULL
);

CREATE TABLE wearer (
    id uuid PRIMARY KEY,
    account_id uuid NOT NULL REFERENCES account ON DELETE CASCADE,
    name text NOT NULL CHECK (length(name) BETWEEN 1 AND 80),
    version bigint NOT NULL CHECK (version > 0),
    created_at timestamptz NOT NULL DEFAULT now()
);
CREATE INDEX wearer_account ON wearer (account_id);

CREATE TABLE measuring (
    wearer_id uuid NOT NULL REFERENCES wearer ON DELETE CASCADE,
    taken_on date NOT NULL,
    PRIMARY KEY (wearer_id, taken_on)
);

CREATE TABLE body_measure (
    wearer_id uuid NOT NULL,
    taken_on date NOT NULL,
    name text NOT NULL,
    value nm NOT NULL CHECK (value > 0),
    PRIMARY KEY (wearer_id, taken_on, name),
    FOREIGN KEY (wearer_id, taken_on) REFERENCES measuring ON DELETE CASCADE
);

CREATE TABLE body_layer (
    wearer_id uuid NOT NULL,
    taken_on date NOT NULL,
    position integer NOT NULL CHECK (position >= 0),
    name text NOT NULL,
    thickness nm NOT NULL CHECK (thickness >= 0),
    PRIMARY KEY (wearer_id, taken_on, position),
    FOREIGN KEY (wearer_id, taken_on) REFERENCES measuring ON DELETE CASCADE
);

CREATE TABLE garment (
    id uuid PRIMARY KEY,
    account_id uuid NOT NULL REFERENCES account ON DELETE CASCADE,
    wearer_id uuid REFERENCES wearer ON DELETE SET NULL,
    name text NOT NULL CHECK (length(name) BETWEEN 1 AND 80),
    kind text NOT NULL CHECK (kind IN ('trousers')),
    source text NOT NULL CHECK (source IN ('toile', 'ready_made', 'thrifted')),
    purpose text NOT NULL CHECK (purpose IN ('everyday', 'protective', 'child_nightwear')),
    washed boolean NOT NULL,
    due_on date,
    cloth_family text NOT NULL,
    cloth_fibre text NOT NULL,
    cloth_fray text NOT NULL,
    cloth_stretch double precision NOT NULL CHECK (cloth_stretch BETWEEN 0 AND 1),
    cloth_thickness nm NOT NULL CHECK (cloth_thickness >= 0),
    -- Band, turn-up, topstitching: what varies by the kind of garment.
    construction jsonb NOT NULL,
    version bigint NOT NULL CHECK (version > 0),
    created_at timestamptz NOT NULL DEFAULT now()
);
CREATE INDEX garment_account ON garment (account_id);

CREATE TABLE flat_measure (
    garment_id uuid NOT NULL REFERENCES garment ON DELETE CASCADE,
    name text NOT NULL,
    value nm NOT NULL CHECK (value > 0),
    PRIMARY KEY (garment_id, name)
);

CREATE TABLE seam_allowance (
    garment_id uuid NOT NULL REFERENCES garment ON DELETE CASCADE,
    seam text NOT NULL,
    position integer NOT NULL,
    front nm NOT NULL CHECK (front >= 0),
    back nm NOT NULL CHECK (back >= 0),
    PRIMARY KEY (garment_id, seam)
);

CREATE TABLE fitting (
    id uuid PRIMARY KEY,
    account_id uuid NOT NULL REFERENCES account ON DELETE CASCADE,
    garment_id uuid NOT NULL REFERENCES garment ON DELETE CASCADE,
    number integer NOT NULL CHECK (number BETWEEN 1 AND 999),
    held_on date NOT NULL,
    intention text NOT NULL CHECK (intention IN ('close', 'easy', 'loose')),
    anchored boolean NOT NULL,
    version bigint NOT NULL CHECK (version > 0),
    created_at timestamptz NOT NULL DEFAULT now(),
    UNIQUE (garment_id, number)
);

CREATE TABLE pin (
    fitting_id uuid NOT NULL REFERENCES fitting ON DELETE CASCADE,
    id text NOT NULL CHECK (length(id) BETWEEN 1 AND 64),
    position integer NOT NULL CHECK (position >= 0),
    seam text NOT NULL,
    side text NOT NULL CHECK (side IN ('left', 'right', 'centre')),
    datum text NOT NULL,
    station nm NOT NULL CHECK (station >= 0),
    mode text NOT NULL CHECK (mode IN ('seam_to_pin', 'whole_pinch', 'raw_edge_to_chalk')),
    reading nm NOT NULL,
    panel text CHECK (panel IN ('front', 'back')),
    PRIMARY KEY (fitting_id, id)
);

-- What was decided about the pins: evening, line ends, accepted depths; one row a decision.
CREATE TABLE decision (
    fitting_id uuid NOT NULL REFERENCES fitting ON DELETE CASCADE,
    position integer NOT NULL CHECK (position >= 0),
    kind text NOT NULL CHECK (kind IN ('evening', 'ends', 'accepted')),
    seam text NOT NULL,
    choice jsonb NOT NULL,
    PRIMARY KEY (fitting_id, kind, position)
);

CREATE TABLE step (
    fitting_id uuid NOT NULL REFERENCES fitting ON DELETE CASCADE,
    key text NOT NULL CHECK (length(key) BETWEEN 1 AND 64),
    minutes double precision CHECK (minutes >= 0),
    work text,
    estimate double precision CHECK (estimate >= 0),
    done_at timestamptz NOT NULL DEFAULT now(),
    PRIMARY KEY (fitting_id, key)
);

CREATE TABLE confirmation (
    fitting_id uuid NOT NULL REFERENCES fitting ON DELETE CASCADE,
    key text NOT NULL CHECK (length(key) BETWEEN 1 AND 128),
    PRIMARY KEY (fitting_id, key)
);

CREATE TABLE journal (
    id bigserial PRIMARY KEY,
    account_id uuid NOT NULL REFERENCES account ON DELETE CASCADE,
    garment_id uuid NOT NULL REFERENCES garment ON DELETE CASCADE,
    at timestamptz NOT NULL DEFAULT now(),
    subject text NOT NULL CHECK (subject IN ('garment', 'fitting')),
    subject_id uuid NOT NULL,
    what text NOT NULL,
    before jsonb,
    after jsonb NOT NULL,
    undone boolean NOT NULL DEFAULT false
);
CREATE INDEX journal_garment ON journal (garment_id, id);
