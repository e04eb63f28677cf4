DROP TABLE known_browser;
DROP TABLE guest;
DROP TABLE guest_code;
DROP TABLE summary;
ALTER TABLE step DROP COLUMN stands;
DROP INDEX journal_change;
ALTER TABLE journal DROP COLUMN change_id, DROP COLUMN places, DROP COLUMN grounds, DROP COLUMN takes_back, DROP COLUMN hand;
