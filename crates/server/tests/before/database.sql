CREATE DOMAIN public.nm AS bigint
	CONSTRAINT nm_check CHECK (((VALUE >= '-100000000000'::bigint) AND (VALUE <= '100000000000'::bigint)));
CREATE FUNCTION public.tell_session_ended() RETURNS trigger
    LANGUAGE plpgsql
    AS $$
BEGIN
    PERFORM pg_notify('vemble_journal', 'ended ' || trim(both '"' from OLD.state ->> 'browser'));
    RETURN NULL;
END
$$;
CREATE TABLE public.__diesel_schema_migrations (
    version character varying(50) NOT NULL,
    run_on timestamp without time zone DEFAULT CURRENT_TIMESTAMP NOT NULL
);
CREATE TABLE public.account (
    id uuid NOT NULL,
    email text NOT NULL,
    password_hash text NOT NULL,
    habits jsonb DEFAULT '{}'::jsonb NOT NULL,
    habits_version bigint DEFAULT 1 NOT NULL,
    created_at timestamp with time zone DEFAULT now() NOT NULL,
    CONSTRAINT account_email_check CHECK (((email = lower(email)) AND ((length(email) >= 3) AND (length(email) <= 254)))),
    CONSTRAINT account_habits_version_check CHECK ((habits_version > 0))
);
CREATE TABLE public.body_layer (
    wearer_id uuid NOT NULL,
    taken_on date NOT NULL,
    "position" integer NOT NULL,
    name text NOT NULL,
    thickness public.nm NOT NULL,
    CONSTRAINT body_layer_position_check CHECK (("position" >= 0)),
    CONSTRAINT body_layer_thickness_check CHECK (((thickness)::bigint >= 0))
);
CREATE TABLE public.body_measure (
    wearer_id uuid NOT NULL,
    taken_on date NOT NULL,
    name text NOT NULL,
    value public.nm NOT NULL,
    CONSTRAINT body_measure_value_check CHECK (((value)::bigint > 0))
);
CREATE TABLE public.confirmation (
    fitting_id uuid NOT NULL,
    key text NOT NULL,
    vouched jsonb DEFAULT '[]'::jsonb NOT NULL,
    CONSTRAINT confirmation_key_check CHECK (((length(key) >= 1) AND (length(key) <= 128)))
);
CREATE TABLE public.decision (
    fitting_id uuid NOT NULL,
    "position" integer NOT NULL,
    kind text NOT NULL,
    seam text NOT NULL,
    choice jsonb NOT NULL,
    CONSTRAINT decision_kind_check CHECK ((kind = ANY (ARRAY['evening'::text, 'ends'::text, 'accepted'::text]))),
    CONSTRAINT decision_position_check CHECK (("position" >= 0))
);
CREATE TABLE public.fitting (
    id uuid NOT NULL,
    account_id uuid NOT NULL,
    garment_id uuid NOT NULL,
    number integer NOT NULL,
    held_on date NOT NULL,
    intention text NOT NULL,
    anchored boolean NOT NULL,
    version bigint NOT NULL,
    created_at timestamp with time zone DEFAULT now() NOT NULL,
    form jsonb,
    sums jsonb DEFAULT '[]'::jsonb NOT NULL,
    CONSTRAINT fitting_intention_check CHECK ((intention = ANY (ARRAY['close'::text, 'easy'::text, 'loose'::text]))),
    CONSTRAINT fitting_number_check CHECK (((number >= 1) AND (number <= 999))),
    CONSTRAINT fitting_version_check CHECK ((version > 0))
);
CREATE TABLE public.flat_measure (
    garment_id uuid NOT NULL,
    name text NOT NULL,
    value public.nm NOT NULL,
    CONSTRAINT flat_measure_value_check CHECK (((value)::bigint > 0))
);
CREATE TABLE public.garment (
    id uuid NOT NULL,
    account_id uuid NOT NULL,
    wearer_id uuid,
    name text NOT NULL,
    kind text NOT NULL,
    source text NOT NULL,
    purpose text NOT NULL,
    washed boolean NOT NULL,
    due_on date,
    cloth_family text NOT NULL,
    cloth_fibre text NOT NULL,
    cloth_fray text NOT NULL,
    cloth_stretch double precision NOT NULL,
    cloth_thickness public.nm NOT NULL,
    construction jsonb NOT NULL,
    version bigint NOT NULL,
    created_at timestamp with time zone DEFAULT now() NOT NULL,
    wash_before public.nm,
    wash_after public.nm,
    cloth_surface text DEFAULT 'smooth'::text NOT NULL,
    cloth_bias boolean DEFAULT false NOT NULL,
    cloth_look jsonb,
    wish jsonb DEFAULT '{}'::jsonb NOT NULL,
    ease jsonb DEFAULT '{}'::jsonb NOT NULL,
    CONSTRAINT garment_cloth_stretch_check CHECK (((cloth_stretch >= (0)::double precision) AND (cloth_stretch <= (1)::double precision))),
    CONSTRAINT garment_cloth_surface_check CHECK ((cloth_surface = ANY (ARRAY['smooth'::text, 'nap'::text, 'pile'::text]))),
    CONSTRAINT garment_cloth_thickness_check CHECK (((cloth_thickness)::bigint >= 0)),
    CONSTRAINT garment_kind_check CHECK ((kind = ANY (ARRAY['trousers'::text, 'sweatpants'::text, 'straight_skirt'::text, 'flared_skirt'::text, 'waisted_dress'::text, 'princess_dress'::text, 'shift_dress'::text, 'shirt'::text, 'knit_top'::text, 'jacket'::text, 'coat'::text, 'waistcoat'::text, 'overalls'::text]))),
    CONSTRAINT garment_name_check CHECK (((length(name) >= 1) AND (length(name) <= 80))),
    CONSTRAINT garment_purpose_check CHECK ((purpose = ANY (ARRAY['everyday'::text, 'protective'::text, 'child_nightwear'::text]))),
    CONSTRAINT garment_source_check CHECK ((source = ANY (ARRAY['toile'::text, 'in_the_making'::text, 'ready_made'::text, 'thrifted'::text]))),
    CONSTRAINT garment_version_check CHECK ((version > 0)),
    CONSTRAINT garment_wash_after_check CHECK (((wash_after)::bigint > 0)),
    CONSTRAINT garment_wash_before_check CHECK (((wash_before)::bigint > 0)),
    CONSTRAINT garment_wash_test CHECK (((wash_before IS NULL) = (wash_after IS NULL)))
);
CREATE TABLE public.guest (
    id uuid NOT NULL,
    code_id uuid NOT NULL,
    name text NOT NULL,
    device text NOT NULL,
    joined_at timestamp with time zone DEFAULT now() NOT NULL,
    sent_out_at timestamp with time zone,
    CONSTRAINT guest_name_check CHECK (((length(name) >= 1) AND (length(name) <= 80)))
);
CREATE TABLE public.guest_code (
    id uuid NOT NULL,
    account_id uuid NOT NULL,
    fitting_id uuid NOT NULL,
    words_hash text NOT NULL,
    ends_at timestamp with time zone NOT NULL
);
CREATE TABLE public.hem_reading (
    fitting_id uuid NOT NULL,
    hem text NOT NULL,
    id text NOT NULL,
    "position" integer NOT NULL,
    side text NOT NULL,
    at double precision NOT NULL,
    read text NOT NULL,
    length public.nm NOT NULL,
    CONSTRAINT hem_reading_at_check CHECK (((at >= (0)::double precision) AND (at <= (360)::double precision))),
    CONSTRAINT hem_reading_id_check CHECK (((length(id) >= 1) AND (length(id) <= 64))),
    CONSTRAINT hem_reading_position_check CHECK (("position" >= 0)),
    CONSTRAINT hem_reading_read_check CHECK ((read = ANY (ARRAY['floor_to_edge'::text, 'edge_to_pin'::text]))),
    CONSTRAINT hem_reading_side_check CHECK ((side = ANY (ARRAY['left'::text, 'right'::text, 'centre'::text])))
);
CREATE TABLE public.hem_wish (
    fitting_id uuid NOT NULL,
    hem text NOT NULL,
    "position" integer NOT NULL,
    wish jsonb NOT NULL,
    CONSTRAINT hem_wish_hem_check CHECK ((hem = ANY (ARRAY['hem'::text, 'sleeve'::text]))),
    CONSTRAINT hem_wish_position_check CHECK (("position" >= 0))
);
CREATE TABLE public.journal (
    id bigint NOT NULL,
    account_id uuid NOT NULL,
    garment_id uuid NOT NULL,
    at timestamp with time zone DEFAULT now() NOT NULL,
    subject text NOT NULL,
    subject_id uuid NOT NULL,
    what text NOT NULL,
    before jsonb,
    after jsonb NOT NULL,
    undone boolean DEFAULT false NOT NULL,
    change_id uuid,
    places text[] DEFAULT '{}'::text[] NOT NULL,
    grounds text[] DEFAULT '{}'::text[] NOT NULL,
    takes_back bigint,
    hand jsonb DEFAULT '{"key": "", "name": "", "device": ""}'::jsonb NOT NULL,
    guest boolean DEFAULT false NOT NULL,
    CONSTRAINT journal_subject_check CHECK ((subject = ANY (ARRAY['garment'::text, 'fitting'::text])))
);
CREATE SEQUENCE public.journal_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;
ALTER SEQUENCE public.journal_id_seq OWNED BY public.journal.id;
CREATE TABLE public.known_browser (
    key_hash text NOT NULL,
    account_id uuid NOT NULL
);
CREATE TABLE public.measuring (
    wearer_id uuid NOT NULL,
    taken_on date NOT NULL
);
CREATE TABLE public.pin (
    fitting_id uuid NOT NULL,
    id text NOT NULL,
    "position" integer NOT NULL,
    seam text NOT NULL,
    side text NOT NULL,
    datum text NOT NULL,
    station public.nm NOT NULL,
    mode text NOT NULL,
    reading public.nm NOT NULL,
    panel text,
    planned public.nm,
    moved public.nm,
    reread boolean DEFAULT false NOT NULL,
    exact boolean DEFAULT false NOT NULL,
    CONSTRAINT pin_id_check CHECK (((length(id) >= 1) AND (length(id) <= 64))),
    CONSTRAINT pin_mode_check CHECK ((mode = ANY (ARRAY['seam_to_pin'::text, 'whole_pinch'::text, 'raw_edge_to_chalk'::text, 'fold_to_pin'::text]))),
    CONSTRAINT pin_panel_check CHECK ((panel = ANY (ARRAY['front'::text, 'back'::text]))),
    CONSTRAINT pin_position_check CHECK (("position" >= 0)),
    CONSTRAINT pin_side_check CHECK ((side = ANY (ARRAY['left'::text, 'right'::text, 'centre'::text]))),
    CONSTRAINT pin_station_check CHECK (((station)::bigint >= 0))
);
CREATE TABLE public.seam_allowance (
    garment_id uuid NOT NULL,
    seam text NOT NULL,
    "position" integer NOT NULL,
    front public.nm NOT NULL,
    back public.nm NOT NULL,
    CONSTRAINT seam_allowance_back_check CHECK (((back)::bigint >= 0)),
    CONSTRAINT seam_allowance_front_check CHECK (((front)::bigint >= 0))
);
CREATE TABLE public.server_secret (
    id integer NOT NULL,
    cookie_key bytea NOT NULL,
    CONSTRAINT server_secret_id_check CHECK ((id = 1))
);
CREATE TABLE public.sign_in_attempt (
    id bigint NOT NULL,
    subject text NOT NULL,
    at timestamp with time zone DEFAULT now() NOT NULL
);
CREATE SEQUENCE public.sign_in_attempt_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;
ALTER SEQUENCE public.sign_in_attempt_id_seq OWNED BY public.sign_in_attempt.id;
CREATE TABLE public.step (
    fitting_id uuid NOT NULL,
    key text NOT NULL,
    minutes double precision,
    work text,
    estimate double precision,
    done_at timestamp with time zone DEFAULT now() NOT NULL,
    stands boolean DEFAULT true NOT NULL,
    vouched jsonb DEFAULT '[]'::jsonb NOT NULL,
    CONSTRAINT step_estimate_check CHECK ((estimate >= (0)::double precision)),
    CONSTRAINT step_key_check CHECK (((length(key) >= 1) AND (length(key) <= 64))),
    CONSTRAINT step_minutes_check CHECK ((minutes >= (0)::double precision))
);
CREATE TABLE public.summary (
    garment_id uuid NOT NULL,
    stands_for text NOT NULL,
    said text NOT NULL,
    figure text
);
CREATE TABLE public.wearer (
    id uuid NOT NULL,
    account_id uuid NOT NULL,
    name text NOT NULL,
    version bigint NOT NULL,
    created_at timestamp with time zone DEFAULT now() NOT NULL,
    CONSTRAINT wearer_name_check CHECK (((length(name) >= 1) AND (length(name) <= 80))),
    CONSTRAINT wearer_version_check CHECK ((version > 0))
);
CREATE TABLE public.web_session (
    key_hash text NOT NULL,
    state jsonb NOT NULL,
    expires_at timestamp with time zone NOT NULL
);
ALTER TABLE ONLY public.journal ALTER COLUMN id SET DEFAULT nextval('public.journal_id_seq'::regclass);
ALTER TABLE ONLY public.sign_in_attempt ALTER COLUMN id SET DEFAULT nextval('public.sign_in_attempt_id_seq'::regclass);
INSERT INTO public.__diesel_schema_migrations VALUES ('20261123000000', '2026-12-01 19:52:38.478839');
INSERT INTO public.__diesel_schema_migrations VALUES ('20261124000000', '2026-12-01 19:52:38.864334');
INSERT INTO public.__diesel_schema_migrations VALUES ('20261125000000', '2026-12-01 19:52:38.976311');
INSERT INTO public.__diesel_schema_migrations VALUES ('20261126000000', '2026-12-01 19:52:39.03585');
INSERT INTO public.__diesel_schema_migrations VALUES ('20261126120000', '2026-12-01 19:52:39.089903');
INSERT INTO public.__diesel_schema_migrations VALUES ('20261126180000', '2026-12-01 19:52:39.100316');
INSERT INTO public.__diesel_schema_migrations VALUES ('20261126220000', '2026-12-01 19:52:39.113148');
INSERT INTO public.__diesel_schema_migrations VALUES ('20261130000000', '2026-12-01 19:52:39.128971');
INSERT INTO public.account VALUES ('01a2332a-9fc3-7695-800c-8b003ef23229', 'ada@example.org', '$argon2id$v=19$m=19456,t=2,p=1$a0gbxUY3SR6YfKVwFKA5dw$wsX+eG3YPLui7qabwrtv83kbWqeRT2rWK3xjx1AMVRk', '{"ease": {}, "pairs": "parallel", "paper": "a4", "rules": {}, "scale": {"unit": "mm", "rounding": "mm"}, "fit_on": "wearer", "preset": "by_feel", "evening": "mean", "hem_cut": "before", "read_by": "pins", "hem_sewn": "hand", "hem_when": "last", "level_by": "floor", "match_by": "old_seam", "old_edge": "original", "one_side": "half_each", "pin_face": "right_side", "pins_lie": "along", "sections": {}, "tried_in": "tacked", "allowance": "trim", "mirror_by": "landmark", "pin_sides": "both", "hem_crossed": "opened", "lining_edge": "folded", "lining_hangs": "attached"}', 1, '2026-12-01 19:52:41.158181+00');
INSERT INTO public.body_layer VALUES ('01930000-0000-7000-8000-0000000000c1', '2026-10-30', 0, 'shirt tail', 500000);
INSERT INTO public.body_layer VALUES ('01930000-0000-7000-8000-0000000000c2', '2026-10-30', 0, 'shirt tail', 500000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c1', '2026-10-30', 'waist', 752000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c1', '2026-10-30', 'waist_seated', 778000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c1', '2026-10-30', 'high_hip', 905000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c1', '2026-10-30', 'hip', 986000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c1', '2026-10-30', 'thigh', 568000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c1', '2026-10-30', 'knee', 372000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c1', '2026-10-30', 'calf', 361000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c1', '2026-10-30', 'heel_instep', 312000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c1', '2026-10-30', 'inside_leg', 778000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c1', '2026-10-30', 'outside_leg', 1046000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c1', '2026-10-30', 'body_rise', 268000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c1', '2026-10-30', 'crotch_length', 690000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c1', '2026-10-30', 'height', 1690000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c2', '2026-10-30', 'waist', 752000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c2', '2026-10-30', 'waist_seated', 778000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c2', '2026-10-30', 'high_hip', 905000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c2', '2026-10-30', 'hip', 986000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c2', '2026-10-30', 'thigh', 568000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c2', '2026-10-30', 'knee', 372000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c2', '2026-10-30', 'calf', 361000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c2', '2026-10-30', 'heel_instep', 312000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c2', '2026-10-30', 'inside_leg', 778000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c2', '2026-10-30', 'outside_leg', 1046000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c2', '2026-10-30', 'body_rise', 268000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c2', '2026-10-30', 'crotch_length', 690000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c2', '2026-10-30', 'height', 1690000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c3', '2026-11-14', 'waist', 702000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c3', '2026-11-14', 'high_hip', 834000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c3', '2026-11-14', 'hip', 918000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c3', '2026-11-14', 'thigh', 536000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c3', '2026-11-14', 'knee', 361000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c3', '2026-11-14', 'calf', 349000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c3', '2026-11-14', 'heel_instep', 322000000);
INSERT INTO public.body_measure VALUES ('01930000-0000-7000-8000-0000000000c3', '2026-11-14', 'inside_leg', 806000000);
INSERT INTO public.confirmation VALUES ('01930000-0000-7000-8000-0000000000f1', 'trim_outseam/allowance_included', '[{"of": "line", "seam": "outseam", "side": "left", "depths": [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.16, 0.61, 1.26, 2.07, 3.0, 4.0, 5.06, 6.15, 7.23, 8.29, 9.29, 10.22, 11.04, 11.79, 12.48, 13.14, 13.76, 14.28, 14.5, 14.11, 12.63, 10.65, 9.23, 9.08, 9.08]}, {"of": "line", "seam": "outseam", "side": "right", "depths": [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.16, 0.61, 1.26, 2.07, 3.0, 4.0, 5.06, 6.15, 7.23, 8.29, 9.29, 10.22, 11.04, 11.79, 12.48, 13.14, 13.76, 14.28, 14.5, 14.11, 12.63, 10.65, 9.23, 9.08, 9.08]}, {"of": "allowance", "seam": "outseam", "stays": 13.0}, {"of": "inside", "seam": "outseam", "edges": [15.0, 22.0]}]');
INSERT INTO public.confirmation VALUES ('01930000-0000-7000-8000-0000000000f2', 'cut_hem/allowance_included', '[{"of": "fold", "hem": "hem", "side": "left", "takes_up": [17.47, 17.36, 17.25, 16.94, 16.55, 16.34, 15.89, 15.45, 15.25, 14.89, 14.65, 14.57, 14.55, 14.68, 14.79, 15.1, 15.47, 15.68, 16.11, 16.53, 16.73, 17.07, 17.33, 17.41]}, {"of": "fold", "hem": "hem", "side": "right", "takes_up": [17.47, 17.36, 17.25, 16.94, 16.55, 16.34, 15.89, 15.45, 15.25, 14.89, 14.65, 14.57, 14.55, 14.68, 14.79, 15.1, 15.47, 15.68, 16.11, 16.53, 16.73, 17.07, 17.33, 17.41]}, {"of": "turn_up", "hem": "hem", "kind": "deep_hand", "allowance": 45.0}]');
INSERT INTO public.decision VALUES ('01930000-0000-7000-8000-0000000000f1', 0, 'evening', 'outseam', '{"seam": "outseam", "choice": "mean", "one_side": null}');
INSERT INTO public.decision VALUES ('01930000-0000-7000-8000-0000000000f1', 0, 'ends', 'outseam', '{"seam": "outseam", "lower": {"at": 300.0, "end": "taper", "from": null}, "upper": null}');
INSERT INTO public.decision VALUES ('01930000-0000-7000-8000-0000000000f1', 0, 'accepted', 'outseam', '{"seam": "outseam", "side": "centre", "depth": 9.0, "station": 905.0}');
INSERT INTO public.decision VALUES ('01930000-0000-7000-8000-0000000000f3', 0, 'evening', 'inseam', '{"seam": "inseam", "choice": "mean", "one_side": null}');
INSERT INTO public.decision VALUES ('01930000-0000-7000-8000-0000000000f3', 0, 'ends', 'inseam', '{"seam": "inseam", "lower": {"at": 300.0, "end": "taper", "from": null}, "upper": null}');
INSERT INTO public.decision VALUES ('01930000-0000-7000-8000-0000000000f3', 0, 'accepted', 'inseam', '{"seam": "inseam", "side": "centre", "depth": 9.0, "station": 355.6}');
INSERT INTO public.fitting VALUES ('01930000-0000-7000-8000-0000000000f2', '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a2', 1, '2026-11-16', 'close', true, 22, '2026-12-01 19:52:55.357956+00', NULL, '[{"id": "buttons", "sum": {"to": 300.0, "sum": "spacing", "from": 0.0, "clear": null, "count": 5, "pinned": null}, "note": "Front buttons", "place": null}]');
INSERT INTO public.fitting VALUES ('01930000-0000-7000-8000-0000000000f1', '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', 1, '2026-11-16', 'close', true, 28, '2026-12-01 19:52:42.002956+00', NULL, '[{"id": "buttons", "sum": {"to": 300.0, "sum": "spacing", "from": 0.0, "clear": null, "count": 5, "pinned": null}, "note": "Front buttons", "place": null}]');
INSERT INTO public.fitting VALUES ('01930000-0000-7000-8000-0000000000f3', '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a3', 1, '2026-11-16', 'close', true, 9, '2026-12-01 19:52:59.942502+00', NULL, '[{"id": "buttons", "sum": {"to": 300.0, "sum": "spacing", "from": 0.0, "clear": null, "count": 5, "pinned": null}, "note": "Front buttons", "place": null}]');
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a1', 'waist', 428000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a1', 'high_hip', 507000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a1', 'hip', 558000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a1', 'thigh', 346000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a1', 'knee', 262000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a1', 'calf', 248000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a1', 'hem', 236000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a1', 'front_rise', 292000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a1', 'back_rise', 372000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a1', 'inseam', 776000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a1', 'outseam', 1040000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a2', 'waist', 428000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a2', 'high_hip', 507000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a2', 'hip', 558000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a2', 'thigh', 346000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a2', 'knee', 262000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a2', 'calf', 248000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a2', 'hem', 236000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a2', 'front_rise', 292000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a2', 'back_rise', 372000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a2', 'inseam', 776000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a2', 'outseam', 1040000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a3', 'waist', 388000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a3', 'high_hip', 462000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a3', 'hip', 512000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a3', 'thigh', 324000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a3', 'knee', 244000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a3', 'calf', 232000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a3', 'hem', 214000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a3', 'front_rise', 286000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a3', 'back_rise', 364000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a3', 'inseam', 800000000);
INSERT INTO public.flat_measure VALUES ('01930000-0000-7000-8000-0000000000a3', 'outseam', 1066000000);
INSERT INTO public.garment VALUES ('01930000-0000-7000-8000-0000000000a1', '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000c1', 'Brown corduroys', 'trousers', 'thrifted', 'everyday', true, '2026-12-19', 'twill', 'cotton', 'medium', 0, 1000000, '{"band": {"build": "two_halves", "height": 38.0, "belt_loop_at_back": true}, "clips": [], "lined": false, "parts": {"cuffs": null, "front": null, "loops": null, "collar": null, "pleats": null, "pockets": null}, "seams": [], "felled": [], "lacing": null, "lining": {"above": null, "closed": null}, "sleeves": null, "turn_up": 40.0, "fixtures": [], "near_hems": [], "underlined": false, "topstitched": [], "sleeve_turn_up": null, "back_pocket_gap": 96.0}', 1, '2026-12-01 19:52:41.875384+00', NULL, NULL, 'smooth', false, NULL, '{"stays": "", "change": "", "occasion": "", "worn_with": ""}', '{}');
INSERT INTO public.garment VALUES ('01930000-0000-7000-8000-0000000000a2', '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000c2', 'Barn dance trousers, hem', 'trousers', 'thrifted', 'everyday', true, '2026-12-19', 'twill', 'cotton', 'medium', 0, 1000000, '{"band": {"build": "two_halves", "height": 38.0, "belt_loop_at_back": true}, "clips": [], "lined": false, "parts": {"cuffs": null, "front": null, "loops": null, "collar": null, "pleats": null, "pockets": null}, "seams": [], "felled": [], "lacing": null, "lining": {"above": null, "closed": null}, "sleeves": null, "turn_up": 40.0, "fixtures": [], "near_hems": [], "underlined": false, "topstitched": [], "sleeve_turn_up": null, "back_pocket_gap": 96.0}', 1, '2026-12-01 19:52:55.230122+00', NULL, NULL, 'smooth', false, NULL, '{"stays": "", "change": "", "occasion": "", "worn_with": ""}', '{}');
INSERT INTO public.garment VALUES ('01930000-0000-7000-8000-0000000000a3', '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000c3', 'Black barn trousers', 'trousers', 'thrifted', 'everyday', false, '2026-12-19', 'twill', 'cotton', 'medium', 0, 1000000, '{"band": {"build": "one_piece", "height": 38.1, "belt_loop_at_back": false}, "clips": [], "lined": false, "parts": {"cuffs": null, "front": null, "loops": null, "collar": null, "pleats": null, "pockets": null}, "seams": [], "felled": [], "lacing": null, "lining": {"above": null, "closed": null}, "sleeves": null, "turn_up": 40.0, "fixtures": [], "near_hems": [], "underlined": false, "topstitched": ["outseam"], "sleeve_turn_up": null, "back_pocket_gap": null}', 1, '2026-12-01 19:52:59.479127+00', NULL, NULL, 'smooth', false, NULL, '{"stays": "", "change": "", "occasion": "", "worn_with": ""}', '{}');
INSERT INTO public.hem_reading VALUES ('01930000-0000-7000-8000-0000000000f2', 'hem', 'hem-1', 0, 'left', 0, 'floor_to_edge', 0);
INSERT INTO public.hem_reading VALUES ('01930000-0000-7000-8000-0000000000f2', 'hem', 'hem-2', 1, 'left', 180, 'floor_to_edge', 4000000);
INSERT INTO public.hem_reading VALUES ('01930000-0000-7000-8000-0000000000f2', 'hem', 'hem-3', 2, 'right', 0, 'floor_to_edge', 1000000);
INSERT INTO public.hem_reading VALUES ('01930000-0000-7000-8000-0000000000f2', 'hem', 'hem-4', 3, 'right', 180, 'floor_to_edge', 3000000);
INSERT INTO public.hem_wish VALUES ('01930000-0000-7000-8000-0000000000f2', 'hem', 0, '{"hem": "hem", "kind": "deep_hand", "pair": "even", "shoes": 20.0, "lining": {"edge": null, "hangs": null}, "wanted": {"from": "landmark", "below": -18.0, "landmark": "shoe"}, "high_low": null, "level_by": null, "readings": [], "allowance": null, "shorten_at": null, "mitre_facing": false}');
INSERT INTO public.journal VALUES (1, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', '2026-12-01 19:52:41.875384+00', 'garment', '01930000-0000-7000-8000-0000000000a1', 'hung the garment on the rail', NULL, '{"due_on": "2026-12-19", "wearer": "01930000-0000-7000-8000-0000000000c1", "garment": {"ease": {}, "name": "Brown corduroys", "wish": {"stays": "", "change": "", "occasion": "", "worn_with": ""}, "cloth": {"bias": false, "fray": "medium", "look": null, "fibre": "cotton", "family": "twill", "stretch": 0.0, "surface": "smooth", "thickness": 1.0}, "shape": {"band": {"build": "two_halves", "height": 38.0, "belt_loop_at_back": true}, "kind": "trousers", "clips": [], "flats": {"hem": 236.0, "hip": 558.0, "calf": 248.0, "knee": 262.0, "thigh": 346.0, "waist": 428.0, "inseam": 776.0, "outseam": 1040.0, "high_hip": 507.0, "back_rise": 372.0, "front_rise": 292.0}, "lined": false, "parts": {"cuffs": null, "front": null, "loops": null, "collar": null, "pleats": null, "pockets": null}, "seams": [], "felled": [], "lacing": null, "lining": {"above": null, "closed": null}, "sleeves": null, "turn_up": 40.0, "fixtures": [], "near_hems": [], "allowances": [{"back": 22.0, "seam": "outseam", "front": 15.0}, {"back": 12.0, "seam": "inseam", "front": 12.0}, {"back": 28.0, "seam": "centre_back", "front": 28.0}], "underlined": false, "topstitched": [], "sleeve_turn_up": null, "back_pocket_gap": 96.0}, "source": "thrifted", "washed": true, "purpose": "everyday", "wash_test": null}}', false, NULL, '{garment}', '{}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (2, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', '2026-12-01 19:52:42.002956+00', 'fitting', '01930000-0000-7000-8000-0000000000f1', '', '{"gone": true, "parts": []}', '{"begin": {"number": 1, "garment": "01930000-0000-7000-8000-0000000000a1", "held_on": "2026-11-16"}, "parts": []}', false, '9dcda0a9-2c04-4b47-91c0-2ea154281c9f', '{fitting}', '{}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (3, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', '2026-12-01 19:52:42.119749+00', 'fitting', '01930000-0000-7000-8000-0000000000f1', '', '{"parts": [{"id": "p06", "change": "take_out_pin"}, {"id": "p05", "change": "take_out_pin"}, {"id": "p04", "change": "take_out_pin"}, {"id": "p03", "change": "take_out_pin"}, {"id": "p02", "change": "take_out_pin"}, {"id": "p01", "change": "take_out_pin"}]}', '{"parts": [{"pin": {"id": "p01", "mode": "seam_to_pin", "seam": "outseam", "side": "left", "datum": "hem", "exact": false, "moved": null, "panel": null, "reread": false, "planned": null, "reading": 10.0, "station": 1005.0}, "change": "put_pin"}, {"pin": {"id": "p02", "mode": "seam_to_pin", "seam": "outseam", "side": "left", "datum": "hem", "exact": false, "moved": null, "panel": null, "reread": false, "planned": null, "reading": 13.0, "station": 905.0}, "change": "put_pin"}, {"pin": {"id": "p03", "mode": "seam_to_pin", "seam": "outseam", "side": "left", "datum": "hem", "exact": false, "moved": null, "panel": null, "reread": false, "planned": null, "reading": 15.0, "station": 800.0}, "change": "put_pin"}, {"pin": {"id": "p04", "mode": "seam_to_pin", "seam": "outseam", "side": "left", "datum": "hem", "exact": false, "moved": null, "panel": null, "reread": false, "planned": null, "reading": 11.0, "station": 650.0}, "change": "put_pin"}, {"pin": {"id": "p05", "mode": "seam_to_pin", "seam": "outseam", "side": "right", "datum": "hem", "exact": false, "moved": null, "panel": null, "reread": false, "planned": null, "reading": 8.0, "station": 1002.0}, "change": "put_pin"}, {"pin": {"id": "p06", "mode": "seam_to_pin", "seam": "outseam", "side": "right", "datum": "hem", "exact": false, "moved": null, "panel": null, "reread": false, "planned": null, "reading": 15.0, "station": 908.0}, "change": "put_pin"}]}', false, '2284aeea-f33d-49ba-8844-3bea38e6b22e', '{pin/p01,pin/p02,pin/p03,pin/p04,pin/p05,pin/p06}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (4, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', '2026-12-01 19:52:42.254352+00', 'fitting', '01930000-0000-7000-8000-0000000000f1', '', '{"parts": [{"id": "p11", "change": "take_out_pin"}, {"id": "p10", "change": "take_out_pin"}, {"id": "p09", "change": "take_out_pin"}, {"id": "p08", "change": "take_out_pin"}, {"id": "p07", "change": "take_out_pin"}]}', '{"parts": [{"pin": {"id": "p07", "mode": "whole_pinch", "seam": "outseam", "side": "right", "datum": "hem", "exact": false, "moved": null, "panel": null, "reread": false, "planned": null, "reading": 24.0, "station": 796.0}, "change": "put_pin"}, {"pin": {"id": "p08", "mode": "seam_to_pin", "seam": "outseam", "side": "right", "datum": "hem", "exact": false, "moved": null, "panel": null, "reread": false, "planned": null, "reading": 9.0, "station": 655.0}, "change": "put_pin"}, {"pin": {"id": "p09", "mode": "seam_to_pin", "seam": "centre_back", "side": "centre", "datum": "band_top", "exact": false, "moved": null, "panel": null, "reread": false, "planned": null, "reading": 12.0, "station": 0.0}, "change": "put_pin"}, {"pin": {"id": "p10", "mode": "seam_to_pin", "seam": "centre_back", "side": "centre", "datum": "band_top", "exact": false, "moved": null, "panel": null, "reread": false, "planned": null, "reading": 12.0, "station": 40.0}, "change": "put_pin"}, {"pin": {"id": "p11", "mode": "whole_pinch", "seam": "centre_back", "side": "centre", "datum": "band_top", "exact": false, "moved": null, "panel": null, "reread": false, "planned": null, "reading": 14.0, "station": 95.0}, "change": "put_pin"}]}', false, 'c8f99b09-0801-4f36-8a5a-e4e4d00d5988', '{pin/p07,pin/p08,pin/p09,pin/p10,pin/p11}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (5, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', '2026-12-01 19:52:42.491041+00', 'fitting', '01930000-0000-7000-8000-0000000000f1', '', '{"parts": [{"change": "intend", "intention": "easy"}]}', '{"parts": [{"change": "intend", "intention": "close"}]}', false, '215c601d-14d7-4422-bce0-590ab892b958', '{intention}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (6, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', '2026-12-01 19:52:42.756739+00', 'fitting', '01930000-0000-7000-8000-0000000000f1', '', '{"parts": [{"change": "anchor", "anchored": false}]}', '{"parts": [{"change": "anchor", "anchored": true}]}', false, '654c01ec-d30b-44e1-9718-f4d1d185e788', '{anchored}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (7, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', '2026-12-01 19:52:43.235664+00', 'fitting', '01930000-0000-7000-8000-0000000000f1', '', '{"parts": [{"seam": "outseam", "change": "even_by_habit"}]}', '{"parts": [{"change": "even_seam", "evening": {"seam": "outseam", "choice": "mean", "one_side": null}}]}', false, 'a04a196c-5e65-4261-8068-4ca75a5392ea', '{evening/outseam}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (8, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', '2026-12-01 19:52:43.486294+00', 'fitting', '01930000-0000-7000-8000-0000000000f1', '', '{"parts": [{"seam": "outseam", "change": "leave_ends"}]}', '{"parts": [{"ends": {"seam": "outseam", "lower": {"at": 300.0, "end": "taper", "from": null}, "upper": null}, "change": "wish_ends"}]}', false, '11c684a1-0297-470f-a64b-4fad17f96822', '{ends/outseam}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (9, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', '2026-12-01 19:52:43.929342+00', 'fitting', '01930000-0000-7000-8000-0000000000f1', '', '{"parts": [{"seam": "outseam", "side": "centre", "change": "give_back_depth", "station": 905.0}]}', '{"parts": [{"change": "accept_depth", "accepted": {"seam": "outseam", "side": "centre", "depth": 9.0, "station": 905.0}}]}', false, '86ac3cd5-82f0-4bf0-a9c3-fcdf47eb45af', '{accepted/outseam/centre/905000000}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (10, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', '2026-12-01 19:52:44.288782+00', 'fitting', '01930000-0000-7000-8000-0000000000f1', '', '{"parts": [{"id": "buttons", "change": "let_sum_go"}]}', '{"parts": [{"sum": {"id": "buttons", "sum": {"to": 300.0, "sum": "spacing", "from": 0.0, "clear": null, "count": 5, "pinned": null}, "note": "Front buttons", "place": null}, "change": "keep_sum"}]}', false, '57b42e46-f6df-4172-87f1-50bc7cb6119e', '{sum/buttons}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (11, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', '2026-12-01 19:52:45.4971+00', 'fitting', '01930000-0000-7000-8000-0000000000f1', '', '{"parts": [{"change": "withdraw", "condition": "trim_outseam/allowance_included"}]}', '{"parts": [{"change": "confirm", "condition": "trim_outseam/allowance_included"}]}', false, 'e757474c-8737-42af-a4fa-13a01b0c6e10', '{confirmation/trim_outseam/allowance_included}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (12, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', '2026-12-01 19:52:45.603036+00', 'fitting', '01930000-0000-7000-8000-0000000000f1', '', '{"parts": [{"step": "photograph_inside", "change": "untick"}]}', '{"parts": [{"step": "photograph_inside", "change": "tick", "minutes": 12.5}]}', false, '42868b8e-663b-47d2-ae68-bbf4a640d664', '{step/photograph_inside}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (13, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', '2026-12-01 19:52:46.111977+00', 'fitting', '01930000-0000-7000-8000-0000000000f1', '', '{"parts": [{"step": "choose_mark", "change": "untick"}]}', '{"parts": [{"step": "choose_mark", "change": "tick", "minutes": 12.5}]}', false, '20f42049-e029-4bc8-b645-59e0d8ede5d2', '{step/choose_mark}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (14, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', '2026-12-01 19:52:47.640585+00', 'fitting', '01930000-0000-7000-8000-0000000000f1', '', '{"parts": [{"step": "chalk", "change": "untick"}]}', '{"parts": [{"step": "chalk", "change": "tick", "minutes": 12.5}]}', false, 'c5a6cc6a-50d5-4b37-95e1-b13caa98bae7', '{step/chalk}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (15, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', '2026-12-01 19:52:48.495717+00', 'fitting', '01930000-0000-7000-8000-0000000000f1', '', '{"parts": [{"step": "remove_belt_loop", "change": "untick"}]}', '{"parts": [{"step": "remove_belt_loop", "change": "tick", "minutes": 12.5}]}', false, '62e558ee-6f15-4dcd-8873-51f9aeac4781', '{step/remove_belt_loop}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (16, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', '2026-12-01 19:52:49.021406+00', 'fitting', '01930000-0000-7000-8000-0000000000f1', '', '{"parts": [{"step": "open_band", "change": "untick"}]}', '{"parts": [{"step": "open_band", "change": "tick", "minutes": 12.5}]}', false, '2a8504d0-24f0-42d6-9f87-cab0793c36fd', '{step/open_band}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (17, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', '2026-12-01 19:52:49.341087+00', 'fitting', '01930000-0000-7000-8000-0000000000f1', '', '{"parts": [{"step": "tack", "change": "untick"}]}', '{"parts": [{"step": "tack", "change": "tick", "minutes": 12.5}]}', false, 'f450d3e0-7424-4b04-8a4b-33e91f21d7ea', '{step/tack}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (18, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', '2026-12-01 19:52:49.689426+00', 'fitting', '01930000-0000-7000-8000-0000000000f1', '', '{"parts": [{"step": "tack_shut", "change": "untick"}]}', '{"parts": [{"step": "tack_shut", "change": "tick", "minutes": 12.5}]}', false, '81aa0879-1053-4506-9a40-357931234629', '{step/tack_shut}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (19, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', '2026-12-01 19:52:51.235319+00', 'fitting', '01930000-0000-7000-8000-0000000000f1', '', '{"parts": [{"step": "try_on", "change": "untick"}]}', '{"parts": [{"step": "try_on", "change": "tick", "minutes": 12.5}]}', false, 'b6de885d-6b8c-4bb4-9cd4-487cf7a15efc', '{step/try_on}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (20, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', '2026-12-01 19:52:51.653062+00', 'fitting', '01930000-0000-7000-8000-0000000000f1', '', '{"parts": [{"step": "sew_outseam", "change": "untick"}]}', '{"parts": [{"step": "sew_outseam", "change": "tick", "minutes": 12.5}]}', false, '5be7615c-ad94-43e2-b4c9-2da364f21403', '{step/sew_outseam}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (21, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', '2026-12-01 19:52:52.102372+00', 'fitting', '01930000-0000-7000-8000-0000000000f1', '', '{"parts": [{"step": "open_old_outseam", "change": "untick"}]}', '{"parts": [{"step": "open_old_outseam", "change": "tick", "minutes": 12.5}]}', false, 'f7539da9-c9c3-454b-9133-cff49220dddd', '{step/open_old_outseam}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (22, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', '2026-12-01 19:52:52.408954+00', 'fitting', '01930000-0000-7000-8000-0000000000f1', '', '{"parts": [{"change": "confirm", "vouched": [{"of": "line", "seam": "outseam", "side": "left", "depths": [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.16, 0.61, 1.26, 2.07, 3.0, 4.0, 5.06, 6.15, 7.23, 8.29, 9.29, 10.22, 11.04, 11.79, 12.48, 13.14, 13.76, 14.28, 14.5, 14.11, 12.63, 10.65, 9.23, 9.08, 9.08]}, {"of": "line", "seam": "outseam", "side": "right", "depths": [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.16, 0.61, 1.26, 2.07, 3.0, 4.0, 5.06, 6.15, 7.23, 8.29, 9.29, 10.22, 11.04, 11.79, 12.48, 13.14, 13.76, 14.28, 14.5, 14.11, 12.63, 10.65, 9.23, 9.08, 9.08]}, {"of": "allowance", "seam": "outseam", "stays": 13.0}, {"of": "inside", "seam": "outseam", "edges": [15.0, 22.0]}], "condition": "trim_outseam/allowance_included"}]}', '{"parts": [{"change": "confirm", "condition": "trim_outseam/allowance_included"}]}', false, '5718caab-03b7-4a0f-bf5e-f2cb61bc7b00', '{confirmation/trim_outseam/allowance_included}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (23, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', '2026-12-01 19:52:52.568297+00', 'fitting', '01930000-0000-7000-8000-0000000000f1', '', '{"parts": [{"step": "trim_outseam", "change": "untick"}]}', '{"parts": [{"step": "trim_outseam", "change": "tick", "minutes": 12.5}]}', false, 'f4c58a14-d98f-4bdf-854c-fbd8dde6b70b', '{step/trim_outseam}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (24, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', '2026-12-01 19:52:52.916144+00', 'fitting', '01930000-0000-7000-8000-0000000000f1', '', '{"parts": [{"step": "finish_edges", "change": "untick"}]}', '{"parts": [{"step": "finish_edges", "change": "tick", "minutes": 12.5}]}', false, '3903630b-995e-46cc-aaf5-7c771f0e1bb7', '{step/finish_edges}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (25, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', '2026-12-01 19:52:53.960911+00', 'fitting', '01930000-0000-7000-8000-0000000000f1', '', '{"parts": [{"step": "press", "change": "untick"}]}', '{"parts": [{"step": "press", "change": "tick", "minutes": 12.5}]}', false, '0917ceae-043e-40f8-935b-109f72fd8493', '{step/press}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (26, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', '2026-12-01 19:52:54.337235+00', 'fitting', '01930000-0000-7000-8000-0000000000f1', '', '{"parts": [{"step": "join_band", "change": "untick"}]}', '{"parts": [{"step": "join_band", "change": "tick", "minutes": 12.5}]}', false, '751e4b36-d6a4-4453-acaf-bd72a82802a2', '{step/join_band}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (27, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', '2026-12-01 19:52:54.645485+00', 'fitting', '01930000-0000-7000-8000-0000000000f1', '', '{"parts": [{"step": "sew_centre_back", "change": "untick"}]}', '{"parts": [{"step": "sew_centre_back", "change": "tick", "minutes": 12.5}]}', false, 'a1570c2c-2b1b-48bd-b114-0aa34b39b8cd', '{step/sew_centre_back}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (28, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', '2026-12-01 19:52:54.997237+00', 'fitting', '01930000-0000-7000-8000-0000000000f1', '', '{"parts": [{"step": "open_old_centre_back", "change": "untick"}]}', '{"parts": [{"step": "open_old_centre_back", "change": "tick", "minutes": 12.5}]}', false, 'b891b1dd-0c70-493a-895b-957df0dcf33e', '{step/open_old_centre_back}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (29, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a1', '2026-12-01 19:52:55.15988+00', 'fitting', '01930000-0000-7000-8000-0000000000f1', '', '{"parts": [{"pin": {"id": "p01", "mode": "seam_to_pin", "seam": "outseam", "side": "left", "datum": "hem", "exact": false, "moved": null, "panel": null, "reread": false, "planned": null, "reading": 10.0, "station": 1005.0}, "change": "put_pin"}]}', '{"parts": [{"pin": {"id": "p01", "mode": "seam_to_pin", "seam": "outseam", "side": "left", "datum": "hem", "exact": false, "moved": null, "panel": null, "reread": false, "planned": null, "reading": 11.0, "station": 1005.0}, "change": "put_pin"}]}', false, '7b519388-0000-4301-9566-9452b4f94583', '{pin/p01}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (30, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a2', '2026-12-01 19:52:55.230122+00', 'garment', '01930000-0000-7000-8000-0000000000a2', 'hung the garment on the rail', NULL, '{"due_on": "2026-12-19", "wearer": "01930000-0000-7000-8000-0000000000c2", "garment": {"ease": {}, "name": "Barn dance trousers, hem", "wish": {"stays": "", "change": "", "occasion": "", "worn_with": ""}, "cloth": {"bias": false, "fray": "medium", "look": null, "fibre": "cotton", "family": "twill", "stretch": 0.0, "surface": "smooth", "thickness": 1.0}, "shape": {"band": {"build": "two_halves", "height": 38.0, "belt_loop_at_back": true}, "kind": "trousers", "clips": [], "flats": {"hem": 236.0, "hip": 558.0, "calf": 248.0, "knee": 262.0, "thigh": 346.0, "waist": 428.0, "inseam": 776.0, "outseam": 1040.0, "high_hip": 507.0, "back_rise": 372.0, "front_rise": 292.0}, "lined": false, "parts": {"cuffs": null, "front": null, "loops": null, "collar": null, "pleats": null, "pockets": null}, "seams": [], "felled": [], "lacing": null, "lining": {"above": null, "closed": null}, "sleeves": null, "turn_up": 40.0, "fixtures": [], "near_hems": [], "allowances": [{"back": 22.0, "seam": "outseam", "front": 15.0}, {"back": 12.0, "seam": "inseam", "front": 12.0}, {"back": 28.0, "seam": "centre_back", "front": 28.0}], "underlined": false, "topstitched": [], "sleeve_turn_up": null, "back_pocket_gap": 96.0}, "source": "thrifted", "washed": true, "purpose": "everyday", "wash_test": null}}', false, NULL, '{garment}', '{}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (31, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a2', '2026-12-01 19:52:55.357956+00', 'fitting', '01930000-0000-7000-8000-0000000000f2', '', '{"gone": true, "parts": []}', '{"begin": {"number": 1, "garment": "01930000-0000-7000-8000-0000000000a2", "held_on": "2026-11-16"}, "parts": []}', false, 'e033e021-727d-4f1a-82b0-517fb4940fbf', '{fitting}', '{}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (32, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a2', '2026-12-01 19:52:55.448343+00', 'fitting', '01930000-0000-7000-8000-0000000000f2', '', '{"parts": [{"hem": "hem", "change": "leave_hem"}]}', '{"parts": [{"wish": {"hem": "hem", "kind": "deep_hand", "pair": "even", "shoes": 20.0, "lining": {"edge": null, "hangs": null}, "wanted": {"from": "landmark", "below": -18.0, "landmark": "shoe"}, "high_low": null, "level_by": null, "readings": [], "allowance": null, "shorten_at": null, "mitre_facing": false}, "change": "wish_hem"}]}', false, 'c7c84165-8f89-404f-b871-e01484702523', '{hem/hem}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (45, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a2', '2026-12-01 19:52:56.842681+00', 'fitting', '01930000-0000-7000-8000-0000000000f2', '', '{"parts": [{"step": "cut_hem", "change": "untick"}]}', '{"parts": [{"step": "cut_hem", "change": "tick", "minutes": 12.5}]}', false, 'd92dbdfb-947e-4c45-bd6a-9887a7227e33', '{step/cut_hem}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (46, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a2', '2026-12-01 19:52:57.127529+00', 'fitting', '01930000-0000-7000-8000-0000000000f2', '', '{"parts": [{"step": "splay_hem", "change": "untick"}]}', '{"parts": [{"step": "splay_hem", "change": "tick", "minutes": 12.5}]}', false, 'f52b43f3-46dd-4ba9-afa5-d548a166d6ba', '{step/splay_hem}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (33, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a2', '2026-12-01 19:52:55.528326+00', 'fitting', '01930000-0000-7000-8000-0000000000f2', '', '{"parts": [{"id": "hem-4", "hem": "hem", "change": "take_out_reading"}, {"id": "hem-3", "hem": "hem", "change": "take_out_reading"}, {"id": "hem-2", "hem": "hem", "change": "take_out_reading"}, {"id": "hem-1", "hem": "hem", "change": "take_out_reading"}]}', '{"parts": [{"hem": "hem", "change": "read_hem", "reading": {"at": 0.0, "id": "hem-1", "read": "floor_to_edge", "side": "left", "length": 0.0}}, {"hem": "hem", "change": "read_hem", "reading": {"at": 180.0, "id": "hem-2", "read": "floor_to_edge", "side": "left", "length": 4.0}}, {"hem": "hem", "change": "read_hem", "reading": {"at": 0.0, "id": "hem-3", "read": "floor_to_edge", "side": "right", "length": 1.0}}, {"hem": "hem", "change": "read_hem", "reading": {"at": 180.0, "id": "hem-4", "read": "floor_to_edge", "side": "right", "length": 3.0}}]}', false, '5c189cb9-4b1d-4449-a52e-857e92e0c9ec', '{hem/hem/hem-1,hem/hem/hem-2,hem/hem/hem-3,hem/hem/hem-4}', '{fitting,hem/hem,hem/hem,hem/hem,hem/hem}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (34, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a2', '2026-12-01 19:52:55.608782+00', 'fitting', '01930000-0000-7000-8000-0000000000f2', '', '{"parts": [{"change": "intend", "intention": "easy"}]}', '{"parts": [{"change": "intend", "intention": "close"}]}', false, '5a5c1a62-bab7-4ce6-a956-d30dea4ac064', '{intention}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (35, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a2', '2026-12-01 19:52:55.684324+00', 'fitting', '01930000-0000-7000-8000-0000000000f2', '', '{"parts": [{"change": "anchor", "anchored": false}]}', '{"parts": [{"change": "anchor", "anchored": true}]}', false, 'e8ad1842-3b85-4481-b4bb-1f2c7ee2b8bb', '{anchored}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (36, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a2', '2026-12-01 19:52:55.764798+00', 'fitting', '01930000-0000-7000-8000-0000000000f2', '', '{"parts": [{"id": "buttons", "change": "let_sum_go"}]}', '{"parts": [{"sum": {"id": "buttons", "sum": {"to": 300.0, "sum": "spacing", "from": 0.0, "clear": null, "count": 5, "pinned": null}, "note": "Front buttons", "place": null}, "change": "keep_sum"}]}', false, '01a7bd9e-93d8-425f-a25e-cce5b4c03ca2', '{sum/buttons}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (37, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a2', '2026-12-01 19:52:55.916298+00', 'fitting', '01930000-0000-7000-8000-0000000000f2', '', '{"parts": [{"change": "withdraw", "condition": "cut_hem/allowance_included"}]}', '{"parts": [{"change": "confirm", "condition": "cut_hem/allowance_included"}]}', false, '3550708a-40f6-4424-98d8-bc5f55926dbd', '{confirmation/cut_hem/allowance_included}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (38, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a2', '2026-12-01 19:52:56.014919+00', 'fitting', '01930000-0000-7000-8000-0000000000f2', '', '{"parts": [{"step": "photograph_inside", "change": "untick"}]}', '{"parts": [{"step": "photograph_inside", "change": "tick", "minutes": 12.5}]}', false, 'eacde407-c9d5-41b4-8db3-abc7a9304592', '{step/photograph_inside}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (39, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a2', '2026-12-01 19:52:56.199997+00', 'fitting', '01930000-0000-7000-8000-0000000000f2', '', '{"parts": [{"step": "choose_mark", "change": "untick"}]}', '{"parts": [{"step": "choose_mark", "change": "tick", "minutes": 12.5}]}', false, 'd8a44a0a-16cd-440b-993e-e9c265f88890', '{step/choose_mark}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (40, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a2', '2026-12-01 19:52:56.255594+00', 'fitting', '01930000-0000-7000-8000-0000000000f2', '', '{"parts": [{"step": "unpick_hem", "change": "untick"}]}', '{"parts": [{"step": "unpick_hem", "change": "tick", "minutes": 12.5}]}', false, '1941fe9a-bc2b-45a9-bd9e-af063425e2b1', '{step/unpick_hem}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (41, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a2', '2026-12-01 19:52:56.314499+00', 'fitting', '01930000-0000-7000-8000-0000000000f2', '', '{"parts": [{"step": "chalk_hem", "change": "untick"}]}', '{"parts": [{"step": "chalk_hem", "change": "tick", "minutes": 12.5}]}', false, '3092abee-2925-4561-bfd4-c9b8277df631', '{step/chalk_hem}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (42, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a2', '2026-12-01 19:52:56.417319+00', 'fitting', '01930000-0000-7000-8000-0000000000f2', '', '{"parts": [{"step": "tack_hem", "change": "untick"}]}', '{"parts": [{"step": "tack_hem", "change": "tick", "minutes": 12.5}]}', false, 'fc04cb49-03aa-4c12-8afc-cdfac81402f9', '{step/tack_hem}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (43, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a2', '2026-12-01 19:52:56.553319+00', 'fitting', '01930000-0000-7000-8000-0000000000f2', '', '{"parts": [{"step": "try_hem", "change": "untick"}]}', '{"parts": [{"step": "try_hem", "change": "tick", "minutes": 12.5}]}', false, '00647dd9-cf7f-42d0-89e7-fd0a26bcc20b', '{step/try_hem}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (44, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a2', '2026-12-01 19:52:56.75031+00', 'fitting', '01930000-0000-7000-8000-0000000000f2', '', '{"parts": [{"change": "confirm", "vouched": [{"of": "fold", "hem": "hem", "side": "left", "takes_up": [17.47, 17.36, 17.25, 16.94, 16.55, 16.34, 15.89, 15.45, 15.25, 14.89, 14.65, 14.57, 14.55, 14.68, 14.79, 15.1, 15.47, 15.68, 16.11, 16.53, 16.73, 17.07, 17.33, 17.41]}, {"of": "fold", "hem": "hem", "side": "right", "takes_up": [17.47, 17.36, 17.25, 16.94, 16.55, 16.34, 15.89, 15.45, 15.25, 14.89, 14.65, 14.57, 14.55, 14.68, 14.79, 15.1, 15.47, 15.68, 16.11, 16.53, 16.73, 17.07, 17.33, 17.41]}, {"of": "turn_up", "hem": "hem", "kind": "deep_hand", "allowance": 45.0}], "condition": "cut_hem/allowance_included"}]}', '{"parts": [{"change": "confirm", "condition": "cut_hem/allowance_included"}]}', false, 'b476ddbb-2693-4dda-8b5e-fdb71cf2dfa9', '{confirmation/cut_hem/allowance_included}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (47, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a2', '2026-12-01 19:52:57.357402+00', 'fitting', '01930000-0000-7000-8000-0000000000f2', '', '{"parts": [{"step": "fasten_hem", "change": "untick"}]}', '{"parts": [{"step": "fasten_hem", "change": "tick", "minutes": 12.5}]}', false, '91d10614-d27b-4b76-a4d0-b903bc06929b', '{step/fasten_hem}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (48, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a2', '2026-12-01 19:52:57.884332+00', 'fitting', '01930000-0000-7000-8000-0000000000f2', '', '{"parts": [{"step": "sew_hem", "change": "untick"}]}', '{"parts": [{"step": "sew_hem", "change": "tick", "minutes": 12.5}]}', false, 'b2bad384-f9d8-4cc3-8fb1-1f75f60ad9c6', '{step/sew_hem}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (49, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a2', '2026-12-01 19:52:58.229944+00', 'fitting', '01930000-0000-7000-8000-0000000000f2', '', '{"parts": [{"step": "press_hem", "change": "untick"}]}', '{"parts": [{"step": "press_hem", "change": "tick", "minutes": 12.5}]}', false, '8c44a41b-96d1-48df-9e2e-458b7efe7461', '{step/press_hem}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (50, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a2', '2026-12-01 19:52:58.355292+00', 'fitting', '01930000-0000-7000-8000-0000000000f2', '', '{"parts": [{"step": "closing_acts", "change": "untick"}]}', '{"parts": [{"step": "closing_acts", "change": "tick", "minutes": 12.5}]}', false, '8ee80a45-4546-4747-acff-7a98927cec11', '{step/closing_acts}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (51, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a2', '2026-12-01 19:52:58.746412+00', 'fitting', '01930000-0000-7000-8000-0000000000f2', '', '{"parts": [{"step": "hem_check", "change": "untick"}]}', '{"parts": [{"step": "hem_check", "change": "tick", "minutes": 12.5}]}', false, 'b3016a02-897e-4f40-aa8a-1355407c32e8', '{step/hem_check}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (52, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a2', '2026-12-01 19:52:59.173346+00', 'fitting', '01930000-0000-7000-8000-0000000000f2', '', '{"parts": [{"step": "write_down", "change": "untick"}]}', '{"parts": [{"step": "write_down", "change": "tick", "minutes": 12.5}]}', false, '8c502f6e-ee68-48c3-9cb2-8028954a716c', '{step/write_down}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (53, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a3', '2026-12-01 19:52:59.479127+00', 'garment', '01930000-0000-7000-8000-0000000000a3', 'hung the garment on the rail', NULL, '{"due_on": "2026-12-19", "wearer": "01930000-0000-7000-8000-0000000000c3", "garment": {"ease": {}, "name": "Black barn trousers", "wish": {"stays": "", "change": "", "occasion": "", "worn_with": ""}, "cloth": {"bias": false, "fray": "medium", "look": null, "fibre": "cotton", "family": "twill", "stretch": 0.0, "surface": "smooth", "thickness": 1.0}, "shape": {"band": {"build": "one_piece", "height": 38.1, "belt_loop_at_back": false}, "kind": "trousers", "clips": [], "flats": {"hem": 214.0, "hip": 512.0, "calf": 232.0, "knee": 244.0, "thigh": 324.0, "waist": 388.0, "inseam": 800.0, "outseam": 1066.0, "high_hip": 462.0, "back_rise": 364.0, "front_rise": 286.0}, "lined": false, "parts": {"cuffs": null, "front": null, "loops": null, "collar": null, "pleats": null, "pockets": null}, "seams": [], "felled": [], "lacing": null, "lining": {"above": null, "closed": null}, "sleeves": null, "turn_up": 40.0, "fixtures": [], "near_hems": [], "allowances": [], "underlined": false, "topstitched": ["outseam"], "sleeve_turn_up": null, "back_pocket_gap": null}, "source": "thrifted", "washed": false, "purpose": "everyday", "wash_test": null}}', false, NULL, '{garment}', '{}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (54, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a3', '2026-12-01 19:52:59.942502+00', 'fitting', '01930000-0000-7000-8000-0000000000f3', '', '{"gone": true, "parts": []}', '{"begin": {"number": 1, "garment": "01930000-0000-7000-8000-0000000000a3", "held_on": "2026-11-16"}, "parts": []}', false, '4e4aa1b8-0faf-48d6-a91f-524fe3d31759', '{fitting}', '{}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (55, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a3', '2026-12-01 19:53:00.317919+00', 'fitting', '01930000-0000-7000-8000-0000000000f3', '', '{"parts": [{"id": "r2", "change": "take_out_pin"}, {"id": "r1", "change": "take_out_pin"}, {"id": "l4", "change": "take_out_pin"}, {"id": "l3", "change": "take_out_pin"}, {"id": "l2", "change": "take_out_pin"}, {"id": "l1", "change": "take_out_pin"}]}', '{"parts": [{"pin": {"id": "l1", "mode": "seam_to_pin", "seam": "inseam", "side": "left", "datum": "hem", "exact": false, "moved": null, "panel": null, "reread": false, "planned": null, "reading": 12.7, "station": 101.6}, "change": "put_pin"}, {"pin": {"id": "l2", "mode": "seam_to_pin", "seam": "inseam", "side": "left", "datum": "hem", "exact": false, "moved": null, "panel": null, "reread": false, "planned": null, "reading": 15.875, "station": 355.6}, "change": "put_pin"}, {"pin": {"id": "l3", "mode": "seam_to_pin", "seam": "inseam", "side": "left", "datum": "hem", "exact": false, "moved": null, "panel": null, "reread": false, "planned": null, "reading": 12.7, "station": 508.0}, "change": "put_pin"}, {"pin": {"id": "l4", "mode": "seam_to_pin", "seam": "inseam", "side": "left", "datum": "hem", "exact": false, "moved": null, "panel": null, "reread": false, "planned": null, "reading": 3.175, "station": 711.2}, "change": "put_pin"}, {"pin": {"id": "r1", "mode": "seam_to_pin", "seam": "inseam", "side": "right", "datum": "hem", "exact": false, "moved": null, "panel": null, "reread": false, "planned": null, "reading": 25.4, "station": 101.6}, "change": "put_pin"}, {"pin": {"id": "r2", "mode": "seam_to_pin", "seam": "inseam", "side": "right", "datum": "hem", "exact": false, "moved": null, "panel": null, "reread": false, "planned": null, "reading": 26.9875, "station": 355.6}, "change": "put_pin"}]}', false, 'cf3417e0-249a-4baf-942b-a829c9223671', '{pin/l1,pin/l2,pin/l3,pin/l4,pin/r1,pin/r2}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (56, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a3', '2026-12-01 19:53:02.55388+00', 'fitting', '01930000-0000-7000-8000-0000000000f3', '', '{"parts": [{"id": "r4", "change": "take_out_pin"}, {"id": "r3", "change": "take_out_pin"}]}', '{"parts": [{"pin": {"id": "r3", "mode": "seam_to_pin", "seam": "inseam", "side": "right", "datum": "hem", "exact": false, "moved": null, "panel": null, "reread": false, "planned": null, "reading": 23.8125, "station": 508.0}, "change": "put_pin"}, {"pin": {"id": "r4", "mode": "seam_to_pin", "seam": "inseam", "side": "right", "datum": "hem", "exact": false, "moved": null, "panel": null, "reread": false, "planned": null, "reading": 9.525, "station": 711.2}, "change": "put_pin"}]}', false, '29bde332-4fa9-4b7e-911f-66bea4e0e2ac', '{pin/r3,pin/r4}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (57, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a3', '2026-12-01 19:53:03.162996+00', 'fitting', '01930000-0000-7000-8000-0000000000f3', '', '{"parts": [{"change": "intend", "intention": "easy"}]}', '{"parts": [{"change": "intend", "intention": "close"}]}', false, '34a0d3c0-a9b2-4a15-a926-a9aeef7f23fc', '{intention}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (58, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a3', '2026-12-01 19:53:03.572244+00', 'fitting', '01930000-0000-7000-8000-0000000000f3', '', '{"parts": [{"change": "anchor", "anchored": false}]}', '{"parts": [{"change": "anchor", "anchored": true}]}', false, '19881cd7-a869-4a64-a28b-e04d77c450ad', '{anchored}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (59, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a3', '2026-12-01 19:53:04.102175+00', 'fitting', '01930000-0000-7000-8000-0000000000f3', '', '{"parts": [{"seam": "inseam", "change": "even_by_habit"}]}', '{"parts": [{"change": "even_seam", "evening": {"seam": "inseam", "choice": "mean", "one_side": null}}]}', false, '09fbb3ad-959b-454d-ba80-f5346d38bda2', '{evening/inseam}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (60, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a3', '2026-12-01 19:53:05.308336+00', 'fitting', '01930000-0000-7000-8000-0000000000f3', '', '{"parts": [{"seam": "inseam", "change": "leave_ends"}]}', '{"parts": [{"ends": {"seam": "inseam", "lower": {"at": 300.0, "end": "taper", "from": null}, "upper": null}, "change": "wish_ends"}]}', false, '2dd420f5-d7a6-437c-baa5-1f7ae07c356b', '{ends/inseam}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (61, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a3', '2026-12-01 19:53:09.826539+00', 'fitting', '01930000-0000-7000-8000-0000000000f3', '', '{"parts": [{"seam": "inseam", "side": "centre", "change": "give_back_depth", "station": 355.6}]}', '{"parts": [{"change": "accept_depth", "accepted": {"seam": "inseam", "side": "centre", "depth": 9.0, "station": 355.6}}]}', false, 'f0e563f3-b93f-41b8-b863-43bcc81114a9', '{accepted/inseam/centre/355600000}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.journal VALUES (62, '01a2332a-9fc3-7695-800c-8b003ef23229', '01930000-0000-7000-8000-0000000000a3', '2026-12-01 19:53:11.112679+00', 'fitting', '01930000-0000-7000-8000-0000000000f3', '', '{"parts": [{"id": "buttons", "change": "let_sum_go"}]}', '{"parts": [{"sum": {"id": "buttons", "sum": {"to": 300.0, "sum": "spacing", "from": 0.0, "clear": null, "count": 5, "pinned": null}, "note": "Front buttons", "place": null}, "change": "keep_sum"}]}', false, '347d61af-817c-4cd3-9b48-243202c8c602', '{sum/buttons}', '{fitting}', NULL, '{"key": "0e6578a4-2998-4339-bbf7-61bb59a5f90e", "name": "ada@example.org", "guest": false, "device": "a program"}', false);
INSERT INTO public.known_browser VALUES ('6065197171a443d31420b5c933532ec727619e372d6293b278984fb4c1589c4e', '01a2332a-9fc3-7695-800c-8b003ef23229');
INSERT INTO public.measuring VALUES ('01930000-0000-7000-8000-0000000000c1', '2026-10-30');
INSERT INTO public.measuring VALUES ('01930000-0000-7000-8000-0000000000c2', '2026-10-30');
INSERT INTO public.measuring VALUES ('01930000-0000-7000-8000-0000000000c3', '2026-11-14');
INSERT INTO public.pin VALUES ('01930000-0000-7000-8000-0000000000f1', 'p02', 1, 'outseam', 'left', 'hem', 905000000, 'seam_to_pin', 13000000, NULL, NULL, NULL, false, false);
INSERT INTO public.pin VALUES ('01930000-0000-7000-8000-0000000000f1', 'p03', 2, 'outseam', 'left', 'hem', 800000000, 'seam_to_pin', 15000000, NULL, NULL, NULL, false, false);
INSERT INTO public.pin VALUES ('01930000-0000-7000-8000-0000000000f1', 'p04', 3, 'outseam', 'left', 'hem', 650000000, 'seam_to_pin', 11000000, NULL, NULL, NULL, false, false);
INSERT INTO public.pin VALUES ('01930000-0000-7000-8000-0000000000f1', 'p05', 4, 'outseam', 'right', 'hem', 1002000000, 'seam_to_pin', 8000000, NULL, NULL, NULL, false, false);
INSERT INTO public.pin VALUES ('01930000-0000-7000-8000-0000000000f1', 'p06', 5, 'outseam', 'right', 'hem', 908000000, 'seam_to_pin', 15000000, NULL, NULL, NULL, false, false);
INSERT INTO public.pin VALUES ('01930000-0000-7000-8000-0000000000f1', 'p07', 6, 'outseam', 'right', 'hem', 796000000, 'whole_pinch', 24000000, NULL, NULL, NULL, false, false);
INSERT INTO public.pin VALUES ('01930000-0000-7000-8000-0000000000f1', 'p08', 7, 'outseam', 'right', 'hem', 655000000, 'seam_to_pin', 9000000, NULL, NULL, NULL, false, false);
INSERT INTO public.pin VALUES ('01930000-0000-7000-8000-0000000000f1', 'p09', 8, 'centre_back', 'centre', 'band_top', 0, 'seam_to_pin', 12000000, NULL, NULL, NULL, false, false);
INSERT INTO public.pin VALUES ('01930000-0000-7000-8000-0000000000f1', 'p10', 9, 'centre_back', 'centre', 'band_top', 40000000, 'seam_to_pin', 12000000, NULL, NULL, NULL, false, false);
INSERT INTO public.pin VALUES ('01930000-0000-7000-8000-0000000000f1', 'p11', 10, 'centre_back', 'centre', 'band_top', 95000000, 'whole_pinch', 14000000, NULL, NULL, NULL, false, false);
INSERT INTO public.pin VALUES ('01930000-0000-7000-8000-0000000000f1', 'p01', 0, 'outseam', 'left', 'hem', 1005000000, 'seam_to_pin', 11000000, NULL, NULL, NULL, false, false);
INSERT INTO public.pin VALUES ('01930000-0000-7000-8000-0000000000f3', 'l1', 0, 'inseam', 'left', 'hem', 101600000, 'seam_to_pin', 12700000, NULL, NULL, NULL, false, false);
INSERT INTO public.pin VALUES ('01930000-0000-7000-8000-0000000000f3', 'l2', 1, 'inseam', 'left', 'hem', 355600000, 'seam_to_pin', 15875000, NULL, NULL, NULL, false, false);
INSERT INTO public.pin VALUES ('01930000-0000-7000-8000-0000000000f3', 'l3', 2, 'inseam', 'left', 'hem', 508000000, 'seam_to_pin', 12700000, NULL, NULL, NULL, false, false);
INSERT INTO public.pin VALUES ('01930000-0000-7000-8000-0000000000f3', 'l4', 3, 'inseam', 'left', 'hem', 711200000, 'seam_to_pin', 3175000, NULL, NULL, NULL, false, false);
INSERT INTO public.pin VALUES ('01930000-0000-7000-8000-0000000000f3', 'r1', 4, 'inseam', 'right', 'hem', 101600000, 'seam_to_pin', 25400000, NULL, NULL, NULL, false, false);
INSERT INTO public.pin VALUES ('01930000-0000-7000-8000-0000000000f3', 'r2', 5, 'inseam', 'right', 'hem', 355600000, 'seam_to_pin', 26987500, NULL, NULL, NULL, false, false);
INSERT INTO public.pin VALUES ('01930000-0000-7000-8000-0000000000f3', 'r3', 6, 'inseam', 'right', 'hem', 508000000, 'seam_to_pin', 23812500, NULL, NULL, NULL, false, false);
INSERT INTO public.pin VALUES ('01930000-0000-7000-8000-0000000000f3', 'r4', 7, 'inseam', 'right', 'hem', 711200000, 'seam_to_pin', 9525000, NULL, NULL, NULL, false, false);
INSERT INTO public.seam_allowance VALUES ('01930000-0000-7000-8000-0000000000a1', 'outseam', 0, 15000000, 22000000);
INSERT INTO public.seam_allowance VALUES ('01930000-0000-7000-8000-0000000000a1', 'inseam', 1, 12000000, 12000000);
INSERT INTO public.seam_allowance VALUES ('01930000-0000-7000-8000-0000000000a1', 'centre_back', 2, 28000000, 28000000);
INSERT INTO public.seam_allowance VALUES ('01930000-0000-7000-8000-0000000000a2', 'outseam', 0, 15000000, 22000000);
INSERT INTO public.seam_allowance VALUES ('01930000-0000-7000-8000-0000000000a2', 'inseam', 1, 12000000, 12000000);
INSERT INTO public.seam_allowance VALUES ('01930000-0000-7000-8000-0000000000a2', 'centre_back', 2, 28000000, 28000000);
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f1', 'photograph_inside', 12.5, 'look', 4, '2026-12-01 19:52:45.603036+00', true, '[]');
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f1', 'choose_mark', 12.5, 'look', 4, '2026-12-01 19:52:46.111977+00', true, '[]');
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f1', 'chalk', 12.5, 'chalk', 17.651072238725902, '2026-12-01 19:52:47.640585+00', true, '[{"of": "line", "seam": "outseam", "side": "left", "depths": [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.16, 0.61, 1.26, 2.07, 3.0, 4.0, 5.06, 6.15, 7.23, 8.29, 9.29, 10.22, 11.04, 11.79, 12.48, 13.14, 13.76, 14.28, 14.5, 14.11, 12.63, 10.65, 9.23, 9.08, 9.08]}, {"of": "line", "seam": "outseam", "side": "right", "depths": [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.16, 0.61, 1.26, 2.07, 3.0, 4.0, 5.06, 6.15, 7.23, 8.29, 9.29, 10.22, 11.04, 11.79, 12.48, 13.14, 13.76, 14.28, 14.5, 14.11, 12.63, 10.65, 9.23, 9.08, 9.08]}, {"of": "line", "seam": "centre_back", "side": "centre", "depths": [0.0, 0.0, 0.0, 0.0, 0.0, 0.01, 0.63, 2.06, 4.16, 6.84, 9.86, 11.67, 11.71, 11.71]}]');
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f1', 'remove_belt_loop', 12.5, 'unpick', 3.4444444444444446, '2026-12-01 19:52:48.495717+00', true, '[{"of": "opened", "seams": ["centre_back"]}]');
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f1', 'open_band', 12.5, 'unpick', 13.666666666666666, '2026-12-01 19:52:49.021406+00', true, '[{"of": "opened", "seams": ["outseam", "centre_back"]}]');
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f1', 'tack', 12.5, 'tack', 7.8439733830678975, '2026-12-01 19:52:49.341087+00', true, '[{"of": "line", "seam": "outseam", "side": "left", "depths": [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.16, 0.61, 1.26, 2.07, 3.0, 4.0, 5.06, 6.15, 7.23, 8.29, 9.29, 10.22, 11.04, 11.79, 12.48, 13.14, 13.76, 14.28, 14.5, 14.11, 12.63, 10.65, 9.23, 9.08, 9.08]}, {"of": "line", "seam": "outseam", "side": "right", "depths": [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.16, 0.61, 1.26, 2.07, 3.0, 4.0, 5.06, 6.15, 7.23, 8.29, 9.29, 10.22, 11.04, 11.79, 12.48, 13.14, 13.76, 14.28, 14.5, 14.11, 12.63, 10.65, 9.23, 9.08, 9.08]}, {"of": "line", "seam": "centre_back", "side": "centre", "depths": [0.0, 0.0, 0.0, 0.0, 0.0, 0.01, 0.63, 2.06, 4.16, 6.84, 9.86, 11.67, 11.71, 11.71]}]');
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f1', 'tack_shut', 12.5, 'hand_tack', 8, '2026-12-01 19:52:49.689426+00', true, '[{"of": "opened", "seams": ["outseam", "centre_back"]}]');
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f1', 'try_on', 12.5, 'try_on', 8, '2026-12-01 19:52:51.235319+00', true, '[{"of": "line", "seam": "outseam", "side": "left", "depths": [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.16, 0.61, 1.26, 2.07, 3.0, 4.0, 5.06, 6.15, 7.23, 8.29, 9.29, 10.22, 11.04, 11.79, 12.48, 13.14, 13.76, 14.28, 14.5, 14.11, 12.63, 10.65, 9.23, 9.08, 9.08]}, {"of": "line", "seam": "outseam", "side": "right", "depths": [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.16, 0.61, 1.26, 2.07, 3.0, 4.0, 5.06, 6.15, 7.23, 8.29, 9.29, 10.22, 11.04, 11.79, 12.48, 13.14, 13.76, 14.28, 14.5, 14.11, 12.63, 10.65, 9.23, 9.08, 9.08]}, {"of": "line", "seam": "centre_back", "side": "centre", "depths": [0.0, 0.0, 0.0, 0.0, 0.0, 0.01, 0.63, 2.06, 4.16, 6.84, 9.86, 11.67, 11.71, 11.71]}]');
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f1', 'sew_outseam', 12.5, 'seam', 8.699996139110253, '2026-12-01 19:52:51.653062+00', true, '[{"of": "line", "seam": "outseam", "side": "left", "depths": [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.16, 0.61, 1.26, 2.07, 3.0, 4.0, 5.06, 6.15, 7.23, 8.29, 9.29, 10.22, 11.04, 11.79, 12.48, 13.14, 13.76, 14.28, 14.5, 14.11, 12.63, 10.65, 9.23, 9.08, 9.08]}, {"of": "line", "seam": "outseam", "side": "right", "depths": [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.16, 0.61, 1.26, 2.07, 3.0, 4.0, 5.06, 6.15, 7.23, 8.29, 9.29, 10.22, 11.04, 11.79, 12.48, 13.14, 13.76, 14.28, 14.5, 14.11, 12.63, 10.65, 9.23, 9.08, 9.08]}]');
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f1', 'open_old_outseam', 12.5, 'unpick', 19.44442728493446, '2026-12-01 19:52:52.102372+00', true, '[{"of": "line", "seam": "outseam", "side": "left", "depths": [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.16, 0.61, 1.26, 2.07, 3.0, 4.0, 5.06, 6.15, 7.23, 8.29, 9.29, 10.22, 11.04, 11.79, 12.48, 13.14, 13.76, 14.28, 14.5, 14.11, 12.63, 10.65, 9.23, 9.08, 9.08]}, {"of": "line", "seam": "outseam", "side": "right", "depths": [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.16, 0.61, 1.26, 2.07, 3.0, 4.0, 5.06, 6.15, 7.23, 8.29, 9.29, 10.22, 11.04, 11.79, 12.48, 13.14, 13.76, 14.28, 14.5, 14.11, 12.63, 10.65, 9.23, 9.08, 9.08]}]');
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f1', 'trim_outseam', 12.5, 'cut', 9.399992278220505, '2026-12-01 19:52:52.568297+00', true, '[{"of": "line", "seam": "outseam", "side": "left", "depths": [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.16, 0.61, 1.26, 2.07, 3.0, 4.0, 5.06, 6.15, 7.23, 8.29, 9.29, 10.22, 11.04, 11.79, 12.48, 13.14, 13.76, 14.28, 14.5, 14.11, 12.63, 10.65, 9.23, 9.08, 9.08]}, {"of": "line", "seam": "outseam", "side": "right", "depths": [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.16, 0.61, 1.26, 2.07, 3.0, 4.0, 5.06, 6.15, 7.23, 8.29, 9.29, 10.22, 11.04, 11.79, 12.48, 13.14, 13.76, 14.28, 14.5, 14.11, 12.63, 10.65, 9.23, 9.08, 9.08]}, {"of": "allowance", "seam": "outseam", "stays": 13.0}, {"of": "inside", "seam": "outseam", "edges": [15.0, 22.0]}]');
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f1', 'finish_edges', 12.5, 'finish', 9.228567016126004, '2026-12-01 19:52:52.916144+00', true, '[{"of": "line", "seam": "outseam", "side": "left", "depths": [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.16, 0.61, 1.26, 2.07, 3.0, 4.0, 5.06, 6.15, 7.23, 8.29, 9.29, 10.22, 11.04, 11.79, 12.48, 13.14, 13.76, 14.28, 14.5, 14.11, 12.63, 10.65, 9.23, 9.08, 9.08]}, {"of": "line", "seam": "outseam", "side": "right", "depths": [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.16, 0.61, 1.26, 2.07, 3.0, 4.0, 5.06, 6.15, 7.23, 8.29, 9.29, 10.22, 11.04, 11.79, 12.48, 13.14, 13.76, 14.28, 14.5, 14.11, 12.63, 10.65, 9.23, 9.08, 9.08]}]');
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f1', 'press', 12.5, 'press', 7.9599969112882025, '2026-12-01 19:52:53.960911+00', true, '[{"of": "line", "seam": "outseam", "side": "left", "depths": [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.16, 0.61, 1.26, 2.07, 3.0, 4.0, 5.06, 6.15, 7.23, 8.29, 9.29, 10.22, 11.04, 11.79, 12.48, 13.14, 13.76, 14.28, 14.5, 14.11, 12.63, 10.65, 9.23, 9.08, 9.08]}, {"of": "line", "seam": "outseam", "side": "right", "depths": [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.16, 0.61, 1.26, 2.07, 3.0, 4.0, 5.06, 6.15, 7.23, 8.29, 9.29, 10.22, 11.04, 11.79, 12.48, 13.14, 13.76, 14.28, 14.5, 14.11, 12.63, 10.65, 9.23, 9.08, 9.08]}]');
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f1', 'join_band', 12.5, 'seam', 25.8, '2026-12-01 19:52:54.337235+00', true, '[{"of": "line", "seam": "outseam", "side": "left", "depths": [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.16, 0.61, 1.26, 2.07, 3.0, 4.0, 5.06, 6.15, 7.23, 8.29, 9.29, 10.22, 11.04, 11.79, 12.48, 13.14, 13.76, 14.28, 14.5, 14.11, 12.63, 10.65, 9.23, 9.08, 9.08]}, {"of": "line", "seam": "outseam", "side": "right", "depths": [0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.16, 0.61, 1.26, 2.07, 3.0, 4.0, 5.06, 6.15, 7.23, 8.29, 9.29, 10.22, 11.04, 11.79, 12.48, 13.14, 13.76, 14.28, 14.5, 14.11, 12.63, 10.65, 9.23, 9.08, 9.08]}, {"of": "line", "seam": "centre_back", "side": "centre", "depths": [0.0, 0.0, 0.0, 0.0, 0.0, 0.01, 0.63, 2.06, 4.16, 6.84, 9.86, 11.67, 11.71, 11.71]}]');
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f1', 'sew_centre_back', 12.5, 'seam', 5.565963935491592, '2026-12-01 19:52:54.645485+00', true, '[{"of": "line", "seam": "centre_back", "side": "centre", "depths": [0.0, 0.0, 0.0, 0.0, 0.0, 0.01, 0.63, 2.06, 4.16, 6.84, 9.86, 11.67, 11.71, 11.71]}]');
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f1', 'open_old_centre_back', 12.5, 'unpick', 5.515395268851519, '2026-12-01 19:52:54.997237+00', true, '[{"of": "line", "seam": "centre_back", "side": "centre", "depths": [0.0, 0.0, 0.0, 0.0, 0.0, 0.01, 0.63, 2.06, 4.16, 6.84, 9.86, 11.67, 11.71, 11.71]}]');
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f2', 'photograph_inside', 12.5, 'look', 4, '2026-12-01 19:52:56.014919+00', true, '[]');
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f2', 'choose_mark', 12.5, 'look', 4, '2026-12-01 19:52:56.199997+00', true, '[]');
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f2', 'unpick_hem', 12.5, 'unpick', 13.519777777777778, '2026-12-01 19:52:56.255594+00', true, '[]');
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f2', 'chalk_hem', 12.5, 'chalk', 11.57424, '2026-12-01 19:52:56.314499+00', true, '[{"of": "fold", "hem": "hem", "side": "left", "takes_up": [17.47, 17.36, 17.25, 16.94, 16.55, 16.34, 15.89, 15.45, 15.25, 14.89, 14.65, 14.57, 14.55, 14.68, 14.79, 15.1, 15.47, 15.68, 16.11, 16.53, 16.73, 17.07, 17.33, 17.41]}, {"of": "fold", "hem": "hem", "side": "right", "takes_up": [17.47, 17.36, 17.25, 16.94, 16.55, 16.34, 15.89, 15.45, 15.25, 14.89, 14.65, 14.57, 14.55, 14.68, 14.79, 15.1, 15.47, 15.68, 16.11, 16.53, 16.73, 17.07, 17.33, 17.41]}, {"of": "turn_up", "hem": "hem", "kind": "deep_hand", "allowance": 45.0}]');
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f2', 'tack_hem', 12.5, 'tack', 6.577966666666667, '2026-12-01 19:52:56.417319+00', true, '[{"of": "fold", "hem": "hem", "side": "left", "takes_up": [17.47, 17.36, 17.25, 16.94, 16.55, 16.34, 15.89, 15.45, 15.25, 14.89, 14.65, 14.57, 14.55, 14.68, 14.79, 15.1, 15.47, 15.68, 16.11, 16.53, 16.73, 17.07, 17.33, 17.41]}, {"of": "fold", "hem": "hem", "side": "right", "takes_up": [17.47, 17.36, 17.25, 16.94, 16.55, 16.34, 15.89, 15.45, 15.25, 14.89, 14.65, 14.57, 14.55, 14.68, 14.79, 15.1, 15.47, 15.68, 16.11, 16.53, 16.73, 17.07, 17.33, 17.41]}, {"of": "turn_up", "hem": "hem", "kind": "deep_hand", "allowance": 45.0}]');
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f2', 'try_hem', 12.5, 'try_on', 8, '2026-12-01 19:52:56.553319+00', true, '[{"of": "fold", "hem": "hem", "side": "left", "takes_up": [17.47, 17.36, 17.25, 16.94, 16.55, 16.34, 15.89, 15.45, 15.25, 14.89, 14.65, 14.57, 14.55, 14.68, 14.79, 15.1, 15.47, 15.68, 16.11, 16.53, 16.73, 17.07, 17.33, 17.41]}, {"of": "fold", "hem": "hem", "side": "right", "takes_up": [17.47, 17.36, 17.25, 16.94, 16.55, 16.34, 15.89, 15.45, 15.25, 14.89, 14.65, 14.57, 14.55, 14.68, 14.79, 15.1, 15.47, 15.68, 16.11, 16.53, 16.73, 17.07, 17.33, 17.41]}, {"of": "turn_up", "hem": "hem", "kind": "deep_hand", "allowance": 45.0}]');
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f2', 'cut_hem', 12.5, 'cut', 4.36695, '2026-12-01 19:52:56.842681+00', true, '[{"of": "fold", "hem": "hem", "side": "left", "takes_up": [17.47, 17.36, 17.25, 16.94, 16.55, 16.34, 15.89, 15.45, 15.25, 14.89, 14.65, 14.57, 14.55, 14.68, 14.79, 15.1, 15.47, 15.68, 16.11, 16.53, 16.73, 17.07, 17.33, 17.41]}, {"of": "fold", "hem": "hem", "side": "right", "takes_up": [17.47, 17.36, 17.25, 16.94, 16.55, 16.34, 15.89, 15.45, 15.25, 14.89, 14.65, 14.57, 14.55, 14.68, 14.79, 15.1, 15.47, 15.68, 16.11, 16.53, 16.73, 17.07, 17.33, 17.41]}, {"of": "turn_up", "hem": "hem", "kind": "deep_hand", "allowance": 45.0}]');
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f2', 'splay_hem', 12.5, 'seam', 5.6, '2026-12-01 19:52:57.127529+00', true, '[{"of": "fold", "hem": "hem", "side": "left", "takes_up": [17.47, 17.36, 17.25, 16.94, 16.55, 16.34, 15.89, 15.45, 15.25, 14.89, 14.65, 14.57, 14.55, 14.68, 14.79, 15.1, 15.47, 15.68, 16.11, 16.53, 16.73, 17.07, 17.33, 17.41]}, {"of": "fold", "hem": "hem", "side": "right", "takes_up": [17.47, 17.36, 17.25, 16.94, 16.55, 16.34, 15.89, 15.45, 15.25, 14.89, 14.65, 14.57, 14.55, 14.68, 14.79, 15.1, 15.47, 15.68, 16.11, 16.53, 16.73, 17.07, 17.33, 17.41]}, {"of": "turn_up", "hem": "hem", "kind": "deep_hand", "allowance": 45.0}]');
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f2', 'fasten_hem', 12.5, 'seam', 5.2, '2026-12-01 19:52:57.357402+00', true, '[{"of": "fold", "hem": "hem", "side": "left", "takes_up": [17.47, 17.36, 17.25, 16.94, 16.55, 16.34, 15.89, 15.45, 15.25, 14.89, 14.65, 14.57, 14.55, 14.68, 14.79, 15.1, 15.47, 15.68, 16.11, 16.53, 16.73, 17.07, 17.33, 17.41]}, {"of": "fold", "hem": "hem", "side": "right", "takes_up": [17.47, 17.36, 17.25, 16.94, 16.55, 16.34, 15.89, 15.45, 15.25, 14.89, 14.65, 14.57, 14.55, 14.68, 14.79, 15.1, 15.47, 15.68, 16.11, 16.53, 16.73, 17.07, 17.33, 17.41]}, {"of": "turn_up", "hem": "hem", "kind": "deep_hand", "allowance": 45.0}]');
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f2', 'sew_hem', 12.5, 'blind_hem', 21.214181818181817, '2026-12-01 19:52:57.884332+00', true, '[{"of": "fold", "hem": "hem", "side": "left", "takes_up": [17.47, 17.36, 17.25, 16.94, 16.55, 16.34, 15.89, 15.45, 15.25, 14.89, 14.65, 14.57, 14.55, 14.68, 14.79, 15.1, 15.47, 15.68, 16.11, 16.53, 16.73, 17.07, 17.33, 17.41]}, {"of": "fold", "hem": "hem", "side": "right", "takes_up": [17.47, 17.36, 17.25, 16.94, 16.55, 16.34, 15.89, 15.45, 15.25, 14.89, 14.65, 14.57, 14.55, 14.68, 14.79, 15.1, 15.47, 15.68, 16.11, 16.53, 16.73, 17.07, 17.33, 17.41]}, {"of": "turn_up", "hem": "hem", "kind": "deep_hand", "allowance": 45.0}]');
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f2', 'press_hem', 12.5, 'press', 6.89356, '2026-12-01 19:52:58.229944+00', true, '[{"of": "fold", "hem": "hem", "side": "left", "takes_up": [17.47, 17.36, 17.25, 16.94, 16.55, 16.34, 15.89, 15.45, 15.25, 14.89, 14.65, 14.57, 14.55, 14.68, 14.79, 15.1, 15.47, 15.68, 16.11, 16.53, 16.73, 17.07, 17.33, 17.41]}, {"of": "fold", "hem": "hem", "side": "right", "takes_up": [17.47, 17.36, 17.25, 16.94, 16.55, 16.34, 15.89, 15.45, 15.25, 14.89, 14.65, 14.57, 14.55, 14.68, 14.79, 15.1, 15.47, 15.68, 16.11, 16.53, 16.73, 17.07, 17.33, 17.41]}, {"of": "turn_up", "hem": "hem", "kind": "deep_hand", "allowance": 45.0}]');
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f2', 'closing_acts', 12.5, 'hand', 4, '2026-12-01 19:52:58.355292+00', true, '[{"of": "fold", "hem": "hem", "side": "left", "takes_up": [17.47, 17.36, 17.25, 16.94, 16.55, 16.34, 15.89, 15.45, 15.25, 14.89, 14.65, 14.57, 14.55, 14.68, 14.79, 15.1, 15.47, 15.68, 16.11, 16.53, 16.73, 17.07, 17.33, 17.41]}, {"of": "fold", "hem": "hem", "side": "right", "takes_up": [17.47, 17.36, 17.25, 16.94, 16.55, 16.34, 15.89, 15.45, 15.25, 14.89, 14.65, 14.57, 14.55, 14.68, 14.79, 15.1, 15.47, 15.68, 16.11, 16.53, 16.73, 17.07, 17.33, 17.41]}, {"of": "turn_up", "hem": "hem", "kind": "deep_hand", "allowance": 45.0}]');
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f2', 'hem_check', 12.5, 'try_on', 8, '2026-12-01 19:52:58.746412+00', true, '[{"of": "fold", "hem": "hem", "side": "left", "takes_up": [17.47, 17.36, 17.25, 16.94, 16.55, 16.34, 15.89, 15.45, 15.25, 14.89, 14.65, 14.57, 14.55, 14.68, 14.79, 15.1, 15.47, 15.68, 16.11, 16.53, 16.73, 17.07, 17.33, 17.41]}, {"of": "fold", "hem": "hem", "side": "right", "takes_up": [17.47, 17.36, 17.25, 16.94, 16.55, 16.34, 15.89, 15.45, 15.25, 14.89, 14.65, 14.57, 14.55, 14.68, 14.79, 15.1, 15.47, 15.68, 16.11, 16.53, 16.73, 17.07, 17.33, 17.41]}, {"of": "turn_up", "hem": "hem", "kind": "deep_hand", "allowance": 45.0}]');
INSERT INTO public.step VALUES ('01930000-0000-7000-8000-0000000000f2', 'write_down', 12.5, 'look', 4, '2026-12-01 19:52:59.173346+00', true, '[{"of": "fold", "hem": "hem", "side": "left", "takes_up": [17.47, 17.36, 17.25, 16.94, 16.55, 16.34, 15.89, 15.45, 15.25, 14.89, 14.65, 14.57, 14.55, 14.68, 14.79, 15.1, 15.47, 15.68, 16.11, 16.53, 16.73, 17.07, 17.33, 17.41]}, {"of": "fold", "hem": "hem", "side": "right", "takes_up": [17.47, 17.36, 17.25, 16.94, 16.55, 16.34, 15.89, 15.45, 15.25, 14.89, 14.65, 14.57, 14.55, 14.68, 14.79, 15.1, 15.47, 15.68, 16.11, 16.53, 16.73, 17.07, 17.33, 17.41]}, {"of": "turn_up", "hem": "hem", "kind": "deep_hand", "allowance": 45.0}]');
INSERT INTO public.summary VALUES ('01930000-0000-7000-8000-0000000000a1', 'StandsFor { garment: 1, fitting: Some((01930000-0000-7000-8000-0000000000f1, 28)), wearer: Some(1), habits: 1, day: None }', '{"next":{"place":"bench","words":"Trim the centre back to 13 mm","at_stop":true,"finished":false},"left":[{"work":"cut","minutes":3.1319278709831835},{"work":"finish","minutes":5.646815926276105},{"work":"press","minutes":5.452771148393273},{"work":"seam","minutes":5.1},{"work":"hand","minutes":5.895982255378598},{"work":"try_on","minutes":8.0},{"work":"look","minutes":4.0}],"waits":0,"steps":[16,23],"soon":[{"title":"Trim the centre back to 13 mm","work":"cut","minutes":3.1319278709831835,"tools":["scissors","gauge"],"overnight":false,"at_stop":true},{"title":"Finish the edges of the centre back","work":"finish","minutes":5.646815926276105,"tools":["overlock or zigzag"],"overnight":false,"at_stop":false},{"title":"Press the centre back","work":"press","minutes":5.452771148393273,"tools":["iron","pressing cloth","sleeve board"],"overnight":false,"at_stop":false},{"title":"Put the belt loop back","work":"seam","minutes":5.1,"tools":["machine"],"overnight":false,"at_stop":false},{"title":"Pull out what is left of the tacking and fasten the threads","work":"hand","minutes":5.895982255378598,"tools":["needle","thread","scissors"],"overnight":false,"at_stop":false},{"title":"Check the hem and both legs","work":"try_on","minutes":8.0,"tools":[],"overnight":false,"at_stop":false},{"title":"Measure it and write it down","work":"look","minutes":4.0,"tools":["tape"],"overnight":false,"at_stop":false}],"strays":0}', '{"pieces":[{"part":"inside","outline":[[0.0,1034.0],[156.0,1034.0],[127.0,1029.0],[90.0,1025.0],[47.0,1023.0],[0.0,1022.0],[-47.0,1023.0],[-90.0,1025.0],[-127.0,1029.0],[-156.0,1034.0]],"lean":0.0},{"part":"body","outline":[[0.0,772.0],[1.0,772.0],[4.0,747.0],[11.0,656.0],[17.0,556.0],[23.0,424.0],[27.0,325.0],[28.0,278.0],[27.0,211.0],[24.0,115.0],[19.0,0.0],[189.0,0.0],[185.0,115.0],[182.0,211.0],[181.0,278.0],[182.0,325.0],[186.0,424.0],[191.0,514.0],[201.0,667.0],[205.0,747.0],[207.0,850.0],[205.0,869.0],[199.0,894.0],[188.0,934.0],[177.0,970.0],[156.0,1034.0],[127.0,1029.0],[90.0,1025.0],[47.0,1023.0],[0.0,1022.0],[-47.0,1023.0],[-90.0,1025.0],[-127.0,1029.0],[-156.0,1034.0],[-177.0,970.0],[-188.0,934.0],[-199.0,894.0],[-205.0,869.0],[-207.0,850.0],[-205.0,747.0],[-201.0,667.0],[-191.0,514.0],[-186.0,424.0],[-182.0,325.0],[-181.0,278.0],[-182.0,211.0],[-185.0,115.0],[-189.0,0.0],[-19.0,0.0],[-24.0,115.0],[-27.0,211.0],[-28.0,278.0],[-27.0,325.0],[-23.0,424.0],[-17.0,556.0],[-11.0,656.0],[-4.0,747.0],[-1.0,772.0]],"lean":0.0},{"part":"band","outline":[[0.0,1022.0],[47.0,1023.0],[90.0,1025.0],[127.0,1029.0],[156.0,1034.0],[159.0,1024.0],[162.0,1015.0],[166.0,1005.0],[169.0,996.0],[137.0,991.0],[97.0,987.0],[51.0,985.0],[0.0,984.0],[-51.0,985.0],[-97.0,987.0],[-137.0,991.0],[-169.0,996.0],[-166.0,1005.0],[-162.0,1015.0],[-159.0,1024.0],[-156.0,1034.0],[-127.0,1029.0],[-90.0,1025.0],[-47.0,1023.0]],"lean":0.0},{"part":"loop","outline":[[-73.0,984.0],[-83.0,984.0],[-83.0,1028.0],[-73.0,1028.0]],"lean":-0.0},{"part":"loop","outline":[[73.0,984.0],[83.0,984.0],[83.0,1028.0],[73.0,1028.0]],"lean":0.0}],"lines":[{"line":"edge","points":[[-94.0,996.0],[-204.0,875.0]]},{"line":"edge","points":[[94.0,996.0],[204.0,875.0]]},{"line":"stitch","points":[[-21.0,40.0],[-188.0,40.0]]},{"line":"stitch","points":[[21.0,40.0],[188.0,40.0]]},{"line":"stitch","points":[[34.0,984.0],[34.0,864.0],[33.0,850.0],[30.0,839.0],[25.0,831.0],[19.0,825.0],[12.0,821.0],[2.0,818.0]]}],"buttons":[[0.0,1003.0,8.0]],"seams":[{"seam":"outseam","side":"left","absent":false,"points":[[-189.0,0.0],[-185.0,115.0],[-182.0,211.0],[-181.0,278.0],[-182.0,325.0],[-186.0,424.0],[-191.0,514.0],[-201.0,667.0],[-205.0,747.0],[-207.0,850.0],[-205.0,869.0],[-199.0,894.0],[-188.0,934.0],[-177.0,970.0],[-156.0,1034.0]]},{"seam":"outseam","side":"right","absent":false,"points":[[189.0,0.0],[185.0,115.0],[182.0,211.0],[181.0,278.0],[182.0,325.0],[186.0,424.0],[191.0,514.0],[201.0,667.0],[205.0,747.0],[207.0,850.0],[205.0,869.0],[199.0,894.0],[188.0,934.0],[177.0,970.0],[156.0,1034.0]]},{"seam":"inseam","side":"left","absent":false,"points":[[-19.0,0.0],[-24.0,115.0],[-27.0,211.0],[-28.0,278.0],[-27.0,325.0],[-23.0,424.0],[-17.0,556.0],[-11.0,656.0],[-4.0,747.0],[-1.0,772.0]]},{"seam":"inseam","side":"right","absent":false,"points":[[19.0,0.0],[24.0,115.0],[27.0,211.0],[28.0,278.0],[27.0,325.0],[23.0,424.0],[17.0,556.0],[11.0,656.0],[4.0,747.0],[1.0,772.0]]},{"seam":"centre_front","side":"centre","absent":false,"points":[[0.0,772.0],[0.0,1022.0]]}],"top":1034.0,"bottom":0.0,"half_width":207.0,"repeat":0.0}');
INSERT INTO public.summary VALUES ('01930000-0000-7000-8000-0000000000a2', 'StandsFor { garment: 1, fitting: Some((01930000-0000-7000-8000-0000000000f2, 22)), wearer: Some(1), habits: 1, day: None }', '{"next":{"place":"bench","words":"Finished: wear it","at_stop":false,"finished":true},"left":[],"waits":0,"steps":[14,14],"soon":[],"strays":0}', '{"pieces":[{"part":"inside","outline":[[0.0,1034.0],[156.0,1034.0],[127.0,1029.0],[90.0,1025.0],[47.0,1023.0],[0.0,1022.0],[-47.0,1023.0],[-90.0,1025.0],[-127.0,1029.0],[-156.0,1034.0]],"lean":0.0},{"part":"body","outline":[[0.0,772.0],[1.0,772.0],[4.0,747.0],[11.0,656.0],[17.0,556.0],[23.0,424.0],[27.0,325.0],[28.0,278.0],[27.0,211.0],[24.0,115.0],[19.0,0.0],[189.0,0.0],[185.0,115.0],[182.0,211.0],[181.0,278.0],[182.0,325.0],[186.0,424.0],[191.0,514.0],[201.0,667.0],[205.0,747.0],[207.0,850.0],[205.0,869.0],[199.0,894.0],[188.0,934.0],[177.0,970.0],[156.0,1034.0],[127.0,1029.0],[90.0,1025.0],[47.0,1023.0],[0.0,1022.0],[-47.0,1023.0],[-90.0,1025.0],[-127.0,1029.0],[-156.0,1034.0],[-177.0,970.0],[-188.0,934.0],[-199.0,894.0],[-205.0,869.0],[-207.0,850.0],[-205.0,747.0],[-201.0,667.0],[-191.0,514.0],[-186.0,424.0],[-182.0,325.0],[-181.0,278.0],[-182.0,211.0],[-185.0,115.0],[-189.0,0.0],[-19.0,0.0],[-24.0,115.0],[-27.0,211.0],[-28.0,278.0],[-27.0,325.0],[-23.0,424.0],[-17.0,556.0],[-11.0,656.0],[-4.0,747.0],[-1.0,772.0]],"lean":0.0},{"part":"band","outline":[[0.0,1022.0],[47.0,1023.0],[90.0,1025.0],[127.0,1029.0],[156.0,1034.0],[159.0,1024.0],[162.0,1015.0],[166.0,1005.0],[169.0,996.0],[137.0,991.0],[97.0,987.0],[51.0,985.0],[0.0,984.0],[-51.0,985.0],[-97.0,987.0],[-137.0,991.0],[-169.0,996.0],[-166.0,1005.0],[-162.0,1015.0],[-159.0,1024.0],[-156.0,1034.0],[-127.0,1029.0],[-90.0,1025.0],[-47.0,1023.0]],"lean":0.0},{"part":"loop","outline":[[-73.0,984.0],[-83.0,984.0],[-83.0,1028.0],[-73.0,1028.0]],"lean":-0.0},{"part":"loop","outline":[[73.0,984.0],[83.0,984.0],[83.0,1028.0],[73.0,1028.0]],"lean":0.0}],"lines":[{"line":"edge","points":[[-94.0,996.0],[-204.0,875.0]]},{"line":"edge","points":[[94.0,996.0],[204.0,875.0]]},{"line":"stitch","points":[[-21.0,40.0],[-188.0,40.0]]},{"line":"stitch","points":[[21.0,40.0],[188.0,40.0]]},{"line":"stitch","points":[[34.0,984.0],[34.0,864.0],[33.0,850.0],[30.0,839.0],[25.0,831.0],[19.0,825.0],[12.0,821.0],[2.0,818.0]]}],"buttons":[[0.0,1003.0,8.0]],"seams":[{"seam":"outseam","side":"left","absent":false,"points":[[-189.0,0.0],[-185.0,115.0],[-182.0,211.0],[-181.0,278.0],[-182.0,325.0],[-186.0,424.0],[-191.0,514.0],[-201.0,667.0],[-205.0,747.0],[-207.0,850.0],[-205.0,869.0],[-199.0,894.0],[-188.0,934.0],[-177.0,970.0],[-156.0,1034.0]]},{"seam":"outseam","side":"right","absent":false,"points":[[189.0,0.0],[185.0,115.0],[182.0,211.0],[181.0,278.0],[182.0,325.0],[186.0,424.0],[191.0,514.0],[201.0,667.0],[205.0,747.0],[207.0,850.0],[205.0,869.0],[199.0,894.0],[188.0,934.0],[177.0,970.0],[156.0,1034.0]]},{"seam":"inseam","side":"left","absent":false,"points":[[-19.0,0.0],[-24.0,115.0],[-27.0,211.0],[-28.0,278.0],[-27.0,325.0],[-23.0,424.0],[-17.0,556.0],[-11.0,656.0],[-4.0,747.0],[-1.0,772.0]]},{"seam":"inseam","side":"right","absent":false,"points":[[19.0,0.0],[24.0,115.0],[27.0,211.0],[28.0,278.0],[27.0,325.0],[23.0,424.0],[17.0,556.0],[11.0,656.0],[4.0,747.0],[1.0,772.0]]},{"seam":"centre_front","side":"centre","absent":false,"points":[[0.0,772.0],[0.0,1022.0]]}],"top":1034.0,"bottom":0.0,"half_width":207.0,"repeat":0.0}');
INSERT INTO public.summary VALUES ('01930000-0000-7000-8000-0000000000a3', 'StandsFor { garment: 1, fitting: Some((01930000-0000-7000-8000-0000000000f3, 9)), wearer: Some(1), habits: 1, day: None }', '{"next":{"place":"chalk","words":"Settle the line on the inseam","at_stop":false,"finished":false},"left":[],"waits":0,"steps":[0,0],"soon":[],"strays":0}', '{"pieces":[{"part":"inside","outline":[[0.0,1060.0],[142.0,1060.0],[115.0,1056.0],[81.0,1052.0],[42.0,1049.0],[0.0,1048.0],[-42.0,1049.0],[-81.0,1052.0],[-115.0,1056.0],[-142.0,1060.0]],"lean":0.0},{"part":"body","outline":[[0.0,796.0],[1.0,796.0],[4.0,771.0],[11.0,676.0],[17.0,571.0],[22.0,438.0],[25.0,338.0],[26.0,287.0],[25.0,183.0],[21.0,0.0],[175.0,0.0],[171.0,183.0],[170.0,287.0],[171.0,338.0],[174.0,438.0],[177.0,509.0],[186.0,635.0],[191.0,712.0],[192.0,771.0],[191.0,823.0],[189.0,875.0],[187.0,895.0],[182.0,920.0],[171.0,960.0],[161.0,996.0],[142.0,1060.0],[115.0,1056.0],[81.0,1052.0],[42.0,1049.0],[0.0,1048.0],[-42.0,1049.0],[-81.0,1052.0],[-115.0,1056.0],[-142.0,1060.0],[-161.0,996.0],[-171.0,960.0],[-182.0,920.0],[-187.0,895.0],[-189.0,875.0],[-191.0,823.0],[-192.0,771.0],[-191.0,712.0],[-186.0,635.0],[-177.0,509.0],[-174.0,438.0],[-171.0,338.0],[-170.0,287.0],[-171.0,183.0],[-175.0,0.0],[-21.0,0.0],[-25.0,183.0],[-26.0,287.0],[-25.0,338.0],[-22.0,438.0],[-17.0,571.0],[-11.0,676.0],[-4.0,771.0],[-1.0,796.0]],"lean":0.0},{"part":"band","outline":[[0.0,1048.0],[42.0,1049.0],[81.0,1052.0],[115.0,1056.0],[142.0,1060.0],[144.0,1051.0],[147.0,1041.0],[150.0,1032.0],[153.0,1022.0],[125.0,1018.0],[88.0,1014.0],[46.0,1011.0],[0.0,1010.0],[-46.0,1011.0],[-88.0,1014.0],[-125.0,1018.0],[-153.0,1022.0],[-150.0,1032.0],[-147.0,1041.0],[-144.0,1051.0],[-142.0,1060.0],[-115.0,1056.0],[-81.0,1052.0],[-42.0,1049.0]],"lean":0.0},{"part":"loop","outline":[[-66.0,1010.0],[-76.0,1010.0],[-76.0,1054.0],[-66.0,1054.0]],"lean":-0.0},{"part":"loop","outline":[[66.0,1010.0],[76.0,1010.0],[76.0,1054.0],[66.0,1054.0]],"lean":0.0}],"lines":[{"line":"edge","points":[[-86.0,1022.0],[-186.0,901.0]]},{"line":"edge","points":[[86.0,1022.0],[186.0,901.0]]},{"line":"stitch","points":[[-22.0,40.0],[-174.0,40.0]]},{"line":"stitch","points":[[22.0,40.0],[174.0,40.0]]},{"line":"stitch","points":[[34.0,1010.0],[34.0,889.0],[33.0,875.0],[30.0,864.0],[25.0,856.0],[19.0,850.0],[12.0,845.0],[2.0,843.0]]}],"buttons":[[0.0,1029.0,8.0]],"seams":[{"seam":"outseam","side":"left","absent":false,"points":[[-175.0,0.0],[-171.0,183.0],[-170.0,287.0],[-171.0,338.0],[-174.0,438.0],[-177.0,509.0],[-186.0,635.0],[-191.0,712.0],[-192.0,771.0],[-191.0,823.0],[-189.0,875.0],[-187.0,895.0],[-182.0,920.0],[-171.0,960.0],[-161.0,996.0],[-142.0,1060.0]]},{"seam":"outseam","side":"right","absent":false,"points":[[175.0,0.0],[171.0,183.0],[170.0,287.0],[171.0,338.0],[174.0,438.0],[177.0,509.0],[186.0,635.0],[191.0,712.0],[192.0,771.0],[191.0,823.0],[189.0,875.0],[187.0,895.0],[182.0,920.0],[171.0,960.0],[161.0,996.0],[142.0,1060.0]]},{"seam":"inseam","side":"left","absent":false,"points":[[-21.0,0.0],[-25.0,183.0],[-26.0,287.0],[-25.0,338.0],[-22.0,438.0],[-17.0,571.0],[-11.0,676.0],[-4.0,771.0],[-1.0,796.0]]},{"seam":"inseam","side":"right","absent":false,"points":[[21.0,0.0],[25.0,183.0],[26.0,287.0],[25.0,338.0],[22.0,438.0],[17.0,571.0],[11.0,676.0],[4.0,771.0],[1.0,796.0]]},{"seam":"centre_front","side":"centre","absent":false,"points":[[0.0,796.0],[0.0,1048.0]]}],"top":1060.0,"bottom":0.0,"half_width":192.0,"repeat":0.0}');
INSERT INTO public.wearer VALUES ('01930000-0000-7000-8000-0000000000c1', '01a2332a-9fc3-7695-800c-8b003ef23229', 'Odile Marrow', 1, '2026-12-01 19:52:41.714077+00');
INSERT INTO public.wearer VALUES ('01930000-0000-7000-8000-0000000000c2', '01a2332a-9fc3-7695-800c-8b003ef23229', 'Odile Marrow', 1, '2026-12-01 19:52:55.204782+00');
INSERT INTO public.wearer VALUES ('01930000-0000-7000-8000-0000000000c3', '01a2332a-9fc3-7695-800c-8b003ef23229', 'Wren Osgood', 1, '2026-12-01 19:52:59.3171+00');
SELECT pg_catalog.setval('public.journal_id_seq', 62, true);
SELECT pg_catalog.setval('public.sign_in_attempt_id_seq', 4, true);
ALTER TABLE ONLY public.__diesel_schema_migrations
    ADD CONSTRAINT __diesel_schema_migrations_pkey PRIMARY KEY (version);
ALTER TABLE ONLY public.account
    ADD CONSTRAINT account_email_key UNIQUE (email);
ALTER TABLE ONLY public.account
    ADD CONSTRAINT account_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.body_layer
    ADD CONSTRAINT body_layer_pkey PRIMARY KEY (wearer_id, taken_on, "position");
ALTER TABLE ONLY public.body_measure
    ADD CONSTRAINT body_measure_pkey PRIMARY KEY (wearer_id, taken_on, name);
ALTER TABLE ONLY public.confirmation
    ADD CONSTRAINT confirmation_pkey PRIMARY KEY (fitting_id, key);
ALTER TABLE ONLY public.decision
    ADD CONSTRAINT decision_pkey PRIMARY KEY (fitting_id, kind, "position");
ALTER TABLE ONLY public.fitting
    ADD CONSTRAINT fitting_garment_id_number_key UNIQUE (garment_id, number);
ALTER TABLE ONLY public.fitting
    ADD CONSTRAINT fitting_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.flat_measure
    ADD CONSTRAINT flat_measure_pkey PRIMARY KEY (garment_id, name);
ALTER TABLE ONLY public.garment
    ADD CONSTRAINT garment_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.guest_code
    ADD CONSTRAINT guest_code_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.guest_code
    ADD CONSTRAINT guest_code_words_hash_key UNIQUE (words_hash);
ALTER TABLE ONLY public.guest
    ADD CONSTRAINT guest_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.hem_reading
    ADD CONSTRAINT hem_reading_pkey PRIMARY KEY (fitting_id, hem, id);
ALTER TABLE ONLY public.hem_wish
    ADD CONSTRAINT hem_wish_pkey PRIMARY KEY (fitting_id, hem);
ALTER TABLE ONLY public.journal
    ADD CONSTRAINT journal_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.known_browser
    ADD CONSTRAINT known_browser_pkey PRIMARY KEY (key_hash, account_id);
ALTER TABLE ONLY public.measuring
    ADD CONSTRAINT measuring_pkey PRIMARY KEY (wearer_id, taken_on);
ALTER TABLE ONLY public.pin
    ADD CONSTRAINT pin_pkey PRIMARY KEY (fitting_id, id);
ALTER TABLE ONLY public.seam_allowance
    ADD CONSTRAINT seam_allowance_pkey PRIMARY KEY (garment_id, seam);
ALTER TABLE ONLY public.server_secret
    ADD CONSTRAINT server_secret_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.sign_in_attempt
    ADD CONSTRAINT sign_in_attempt_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.step
    ADD CONSTRAINT step_pkey PRIMARY KEY (fitting_id, key);
ALTER TABLE ONLY public.summary
    ADD CONSTRAINT summary_pkey PRIMARY KEY (garment_id);
ALTER TABLE ONLY public.wearer
    ADD CONSTRAINT wearer_pkey PRIMARY KEY (id);
ALTER TABLE ONLY public.web_session
    ADD CONSTRAINT web_session_pkey PRIMARY KEY (key_hash);
CREATE INDEX garment_account ON public.garment USING btree (account_id);
CREATE INDEX guest_code_fitting ON public.guest_code USING btree (fitting_id);
CREATE INDEX guest_code_id ON public.guest USING btree (code_id);
CREATE UNIQUE INDEX journal_change ON public.journal USING btree (account_id, change_id);
CREATE INDEX journal_garment ON public.journal USING btree (garment_id, id);
CREATE INDEX sign_in_attempt_subject ON public.sign_in_attempt USING btree (subject, at);
CREATE INDEX wearer_account ON public.wearer USING btree (account_id);
CREATE INDEX web_session_account ON public.web_session USING btree (((state ->> 'account'::text)));
CREATE INDEX web_session_browser ON public.web_session USING btree (((state ->> 'browser'::text)));
CREATE TRIGGER session_ended AFTER DELETE ON public.web_session FOR EACH ROW WHEN ((old.state ? 'browser'::text)) EXECUTE FUNCTION public.tell_session_ended();
ALTER TABLE ONLY public.body_layer
    ADD CONSTRAINT body_layer_wearer_id_taken_on_fkey FOREIGN KEY (wearer_id, taken_on) REFERENCES public.measuring(wearer_id, taken_on) ON DELETE CASCADE;
ALTER TABLE ONLY public.body_measure
    ADD CONSTRAINT body_measure_wearer_id_taken_on_fkey FOREIGN KEY (wearer_id, taken_on) REFERENCES public.measuring(wearer_id, taken_on) ON DELETE CASCADE;
ALTER TABLE ONLY public.confirmation
    ADD CONSTRAINT confirmation_fitting_id_fkey FOREIGN KEY (fitting_id) REFERENCES public.fitting(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.decision
    ADD CONSTRAINT decision_fitting_id_fkey FOREIGN KEY (fitting_id) REFERENCES public.fitting(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.fitting
    ADD CONSTRAINT fitting_account_id_fkey FOREIGN KEY (account_id) REFERENCES public.account(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.fitting
    ADD CONSTRAINT fitting_garment_id_fkey FOREIGN KEY (garment_id) REFERENCES public.garment(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.flat_measure
    ADD CONSTRAINT flat_measure_garment_id_fkey FOREIGN KEY (garment_id) REFERENCES public.garment(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.garment
    ADD CONSTRAINT garment_account_id_fkey FOREIGN KEY (account_id) REFERENCES public.account(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.garment
    ADD CONSTRAINT garment_wearer_id_fkey FOREIGN KEY (wearer_id) REFERENCES public.wearer(id) ON DELETE SET NULL;
ALTER TABLE ONLY public.guest_code
    ADD CONSTRAINT guest_code_account_id_fkey FOREIGN KEY (account_id) REFERENCES public.account(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.guest_code
    ADD CONSTRAINT guest_code_fitting_id_fkey FOREIGN KEY (fitting_id) REFERENCES public.fitting(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.guest
    ADD CONSTRAINT guest_code_id_fkey FOREIGN KEY (code_id) REFERENCES public.guest_code(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.hem_reading
    ADD CONSTRAINT hem_reading_fitting_id_hem_fkey FOREIGN KEY (fitting_id, hem) REFERENCES public.hem_wish(fitting_id, hem) ON DELETE CASCADE;
ALTER TABLE ONLY public.hem_wish
    ADD CONSTRAINT hem_wish_fitting_id_fkey FOREIGN KEY (fitting_id) REFERENCES public.fitting(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.journal
    ADD CONSTRAINT journal_account_id_fkey FOREIGN KEY (account_id) REFERENCES public.account(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.journal
    ADD CONSTRAINT journal_garment_id_fkey FOREIGN KEY (garment_id) REFERENCES public.garment(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.known_browser
    ADD CONSTRAINT known_browser_account_id_fkey FOREIGN KEY (account_id) REFERENCES public.account(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.measuring
    ADD CONSTRAINT measuring_wearer_id_fkey FOREIGN KEY (wearer_id) REFERENCES public.wearer(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.pin
    ADD CONSTRAINT pin_fitting_id_fkey FOREIGN KEY (fitting_id) REFERENCES public.fitting(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.seam_allowance
    ADD CONSTRAINT seam_allowance_garment_id_fkey FOREIGN KEY (garment_id) REFERENCES public.garment(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.step
    ADD CONSTRAINT step_fitting_id_fkey FOREIGN KEY (fitting_id) REFERENCES public.fitting(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.summary
    ADD CONSTRAINT summary_garment_id_fkey FOREIGN KEY (garment_id) REFERENCES public.garment(id) ON DELETE CASCADE;
ALTER TABLE ONLY public.wearer
    ADD CONSTRAINT wearer_account_id_fkey FOREIGN KEY (account_id) REFERENCES public.account(id) ON DELETE CASCADE;
