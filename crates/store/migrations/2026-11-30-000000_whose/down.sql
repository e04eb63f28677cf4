DROP TRIGGER session_ended ON web_session;
DROP FUNCTION tell_session_ended();
DROP INDEX web_session_account;
DROP INDEX web_session_browser;
ALTER TABLE journal DROP COLUMN guest;
