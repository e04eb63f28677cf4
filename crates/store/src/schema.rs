//! The tables, as the migrations make them.

diesel::table! {
    account (id) {
        id -> Uuid,
        email -> Text,
        password_hash -> Text,
        habits -> Jsonb,
        habits_version -> BigInt,
        created_at -> Timestamptz,
    }
}

diesel::table! {
    web_session (key_hash) {
        key_hash -> Text,
        state -> Jsonb,
        expires_at -> Timestamptz,
    }
}

diesel::table! {
    sign_in_attempt (id) {
        id -> BigInt,
        subject -> Text,
        at -> Timestamptz,
    }
}

diesel::table! {
    known_browser (key_hash, account_id) {
        key_hash -> Text,
        account_id -> Uuid,
    }
}

diesel::table! {
    server_secret (id) {
        id -> Integer,
        cookie_key -> Bytea,
    }
}

diesel::table! {
    wearer (id) {
        id -> Uuid,
        account_id -> Uuid,
        name -> Text,
        version -> BigInt,
        created_at -> Timestamptz,
    }
}

diesel::table! {
    measuring (wearer_id, taken_on) {
        wearer_id -> Uuid,
        taken_on -> Date,
    }
}

diesel::table! {
    body_measure (wearer_id, taken_on, name) {
        wearer_id -> Uuid,
        taken_on -> Date,
        name -> Text,
        value -> BigInt,
    }
}

diesel::table! {
    body_layer (wearer_id, taken_on, position) {
        wearer_id -> Uuid,
        taken_on -> Date,
        position -> Integer,
        name -> Text,
        thickness -> BigInt,
    }
}

diesel::table! {
    garment (id) {
        id -> Uuid,
        account_id -> Uuid,
        wearer_id -> Nullable<Uuid>,
        name -> Text,
        kind -> Text,
        source -> Text,
        purpose -> Text,
        washed -> Bool,
        due_on -> Nullable<Date>,
        cloth_family -> Text,
        cloth_fibre -> Text,
        cloth_fray -> Text,
        cloth_stretch -> Double,
        cloth_thickness -> BigInt,
        cloth_surface -> Text,
        cloth_bias -> Bool,
        cloth_look -> Nullable<Jsonb>,
        wish -> Jsonb,
        ease -> Jsonb,
        wash_before -> Nullable<BigInt>,
        wash_after -> Nullable<BigInt>,
        construction -> Jsonb,
        version -> BigInt,
        created_at -> Timestamptz,
    }
}

diesel::table! {
    flat_measure (garment_id, name) {
        garment_id -> Uuid,
        name -> Text,
        value -> BigInt,
    }
}

diesel::table! {
    seam_allowance (garment_id, seam) {
        garment_id -> Uuid,
        seam -> Text,
        position -> Integer,
        front -> BigInt,
        back -> BigInt,
    }
}

diesel::table! {
    fitting (id) {
        id -> Uuid,
        account_id -> Uuid,
        garment_id -> Uuid,
        number -> Integer,
        held_on -> Date,
        intention -> Text,
        anchored -> Bool,
        form -> Nullable<Jsonb>,
        sums -> Jsonb,
        alterations -> Jsonb,
        version -> BigInt,
        created_at -> Timestamptz,
    }
}

diesel::table! {
    pin (fitting_id, id) {
        fitting_id -> Uuid,
        id -> Text,
        position -> Integer,
        seam -> Text,
        side -> Text,
        datum -> Text,
        station -> BigInt,
        mode -> Text,
        reading -> BigInt,
        panel -> Nullable<Text>,
        planned -> Nullable<BigInt>,
        moved -> Nullable<BigInt>,
        reread -> Bool,
        exact -> Bool,
    }
}

diesel::table! {
    decision (fitting_id, kind, position) {
        fitting_id -> Uuid,
        position -> Integer,
        kind -> Text,
        seam -> Text,
        choice -> Jsonb,
    }
}

diesel::table! {
    step (fitting_id, key) {
        fitting_id -> Uuid,
        key -> Text,
        minutes -> Nullable<Double>,
        work -> Nullable<Text>,
        estimate -> Nullable<Double>,
        done_at -> Timestamptz,
        stands -> Bool,
        vouched -> Jsonb,
    }
}

diesel::table! {
    confirmation (fitting_id, key) {
        fitting_id -> Uuid,
        key -> Text,
        vouched -> Jsonb,
    }
}

diesel::table! {
    journal (id) {
        id -> BigInt,
        account_id -> Uuid,
        garment_id -> Uuid,
        at -> Timestamptz,
        subject -> Text,
        subject_id -> Uuid,
        what -> Text,
        before -> Nullable<Jsonb>,
        after -> Jsonb,
        undone -> Bool,
        change_id -> Nullable<Uuid>,
        places -> Array<Text>,
        grounds -> Array<Text>,
        takes_back -> Nullable<BigInt>,
        hand -> Jsonb,
        guest -> Bool,
    }
}

diesel::table! {
    summary (garment_id) {
        garment_id -> Uuid,
        stands_for -> Text,
        said -> Text,
        figure -> Nullable<Text>,
    }
}

diesel::table! {
    guest_code (id) {
        id -> Uuid,
        account_id -> Uuid,
        fitting_id -> Uuid,
        words_hash -> Text,
        ends_at -> Timestamptz,
    }
}

diesel::table! {
    guest (id) {
        id -> Uuid,
        code_id -> Uuid,
        name -> Text,
        device -> Text,
        joined_at -> Timestamptz,
        sent_out_at -> Nullable<Timestamptz>,
    }
}

diesel::table! {
    hem_wish (fitting_id, hem) {
        fitting_id -> Uuid,
        hem -> Text,
        position -> Integer,
        wish -> Jsonb,
    }
}

diesel::table! {
    hem_reading (fitting_id, hem, id) {
        fitting_id -> Uuid,
        hem -> Text,
        id -> Text,
        position -> Integer,
        side -> Text,
        at -> Double,
        read -> Text,
        length -> BigInt,
    }
}

diesel::joinable!(step -> fitting (fitting_id));
diesel::allow_tables_to_appear_in_same_query!(step, fitting);
diesel::joinable!(summary -> garment (garment_id));
diesel::allow_tables_to_appear_in_same_query!(summary, garment);
diesel::joinable!(guest -> guest_code (code_id));
diesel::allow_tables_to_appear_in_same_query!(guest, guest_code);
