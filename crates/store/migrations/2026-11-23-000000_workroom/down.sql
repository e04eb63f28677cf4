DROP TABLE journal, confirmation, step, decision, pin, fitting, seam_allowance, flat_measure, garment,
    body_layer, body_measure, measuring, wearer, server_secret, sign_in_attempt, web_session, account;
DROP DOMAIN nm;
