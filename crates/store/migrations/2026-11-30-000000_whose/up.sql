-- Lines a friend's device wrote are let go of by themselves: they never push the host's out.
ALTER TABLE journal ADD COLUMN guest boolean NOT NULL DEFAULT false;

-- Sessions are looked up by whose they are and by the browser they are in.
CREATE INDEX web_session_account ON web_session ((state ->> 'account'));
CREATE INDEX web_session_browser ON web_session ((state ->> 'browser'));

-- Whoever follows a fitting with a session hears when that session ends, by whatever way it ends.
CREATE FUNCTION tell_session_ended() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
    PERFORM pg_notify('vemble_journal', 'ended ' || trim(both '"' from OLD.state ->> 'browser'));
    RETURN NULL;
END
$$;
CREATE TRIGGER session_ended AFTER DELETE ON web_session
    FOR EACH ROW WHEN (OLD.state ? 'browser') EXECUTE FUNCTION tell_session_ended();
