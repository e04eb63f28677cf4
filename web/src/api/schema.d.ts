/**
 * Written from openapi.json by types.mjs; `make types` writes it anew.
 */

export interface paths {
    "/api/health": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Ready only when PostgreSQL answers. */
        get: operations["read_health"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/account": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The account that is signed in, and what it holds. */
        get: operations["read_account"];
        put?: never;
        /**
         * Make an account.
         * @description The answer is the same whether the address already has an account or not; an existing one
         *     keeps its password. Sign in next.
         */
        post: operations["sign_up"];
        /** Delete the account with everything in it: people, garments, fittings, and what was done. There is no way back. */
        delete: operations["delete_account"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/account/password": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        /** Change the password. Every other browser is signed out; this one stays. */
        put: operations["change_password"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/calendar": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Free sewing time against what is due. */
        get: operations["read_calendar"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/compute/body-sketch": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * A body drawn as far as it has been measured, with the place of the tape for every measure; nothing for a day on which
         *     nothing was taken.
         */
        post: operations["compute_body_sketch"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/compute/comparison": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Two fittings of one garment over each other. */
        post: operations["compute_comparison"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/compute/copy": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What makes this garment like one that fits. */
        post: operations["compute_copy"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/compute/fit-picture": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** The fit picture: cross-sections, rings and silhouettes. */
        post: operations["compute_fit_picture"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/compute/hem-reading": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Read one reading round a hem as it is typed, and check it against its garment. */
        post: operations["compute_hem_reading"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/compute/job": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Everything computed from a job. */
        post: operations["compute_job"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/compute/ladder": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A preset ladder of pins on one seam. */
        post: operations["compute_ladder"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/compute/lengths": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Read lengths as they are typed, in any spelling. */
        post: operations["compute_lengths"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/compute/pin": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Read one pin as it is typed, and say back what it does. */
        post: operations["compute_pin"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/compute/share": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Share a change of girth out over the seams: the pinned plan and the best alternatives. */
        post: operations["compute_share"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/compute/sketch": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** The garment drawn as far as it has been measured, with the place of the tape for every measure. */
        post: operations["compute_sketch"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/compute/slide": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Slide a pin along its seam, to a mark of the session's tape. */
        post: operations["compute_slide"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/compute/sum": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Work out one of the small sums. */
        post: operations["compute_sum"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/demo-session": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Open the demo workroom, where this server has one. */
        post: operations["open_demo"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/fittings/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** One fitting. The header `Vemble-Line` names the garment's last journal line, for following what comes after. */
        get: operations["read_fitting"];
        /**
         * Write a fitting whole, new or changed; in the journal that is one change. Repeating it changes nothing. A step
         *     whose needs or stop are open is refused. Lists come back in the order of their keys.
         */
        put: operations["write_fitting"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/fittings/{id}/chalk.csv": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Chalk tables as CSV. */
        get: operations["save_chalk"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/fittings/{id}/changes": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Follow a fitting: every change of it and of its garment, as server-sent events.
         * @description Each event has the journal line as its id, so that a stream that was cut off goes on where it ended, and a
         *     journal entry as its data. A comment comes at least every fifteen seconds. A stream ends after some minutes, and
         *     when its device is sent out; ask again.
         */
        get: operations["follow_fitting"];
        put?: never;
        /**
         * Change a fitting.
         * @description Each change is answered for itself: made, with its journal line, or refused with the reason. Sent again, also
         *     after a lost answer, it is made once.
         */
        post: operations["change_fitting"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/fittings/{id}/guest-codes": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Make words that let a friend's device into this fitting's Mirror, for two hours. */
        post: operations["invite"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/fittings/{id}/guests": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The friends' devices that are in this fitting. */
        get: operations["list_guests"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/fittings/{id}/guests/{guest}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /** Send a friend's device out; the words it came in by let nobody else in. Repeating it changes nothing. */
        delete: operations["send_guest_out"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/fittings/{id}/hems.csv": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Hem tables as CSV. */
        get: operations["save_hems"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/fittings/{id}/job": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The job of a stored fitting, ready to compute anywhere. */
        get: operations["read_job"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/fittings/{id}/job.vemble.json": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The job file. */
        get: operations["save_job"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/fittings/{id}/pins.csv": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Pins as CSV. */
        get: operations["save_pins"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/fittings/{id}/put-right": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Cut a fitting that was kept before there were limits down to them. One that is within them stays as it is. */
        post: operations["put_fitting_right"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/fittings/{id}/sheet.pdf": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The chalk sheet as PDF: tables, cautions, lines at full size. */
        get: operations["print_sheet"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/fittings/{id}/solution": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Everything computed from a stored fitting. */
        get: operations["read_solution"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/garments": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Every garment, the next due first, each with its next act. */
        get: operations["list_garments"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/garments/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** One garment. */
        get: operations["read_garment"];
        /**
         * Write a garment whole, new or changed. Repeating it changes nothing. Where it no longer fits what was read on it,
         *     that is said, and waits in its fitting until somebody sees to it.
         */
        put: operations["write_garment"];
        post?: never;
        /** Take a garment off the rail, with its fittings. */
        delete: operations["remove_garment"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/garments/{id}/fittings": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Every fitting of a garment, first to last. */
        get: operations["list_fittings"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/garments/{id}/journal": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The last changes of a garment, newest first: who made them, what stands on them. */
        get: operations["read_journal"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/garments/{id}/put-right": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Cut a garment that was kept before there were limits down to them. One that is within them stays as it is. */
        post: operations["put_garment_right"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/garments/{id}/undo": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Take a change back, of a garment or of its fittings.
         * @description Where later changes stand on it, it is refused with their lines, newest first; named with it they go too.
         *     Repeating it changes nothing.
         */
        post: operations["take_back"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/guest-session": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Come in with a friend's words. Whoever is signed in in this browser is signed out first. */
        post: operations["join"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/habits": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The settings in force. */
        get: operations["read_habits"];
        /** Change the settings. */
        put: operations["write_habits"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/habits/effect": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What these settings would change on every garment, set against the settings in force. Nothing is kept. */
        post: operations["habits_effect"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/jobs": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Hang a job on the rail: its garment, without a wearer, with its fitting as the first. */
        post: operations["import_job"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/session": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Who is signed in. */
        get: operations["who"];
        put?: never;
        /** Sign in. */
        post: operations["sign_in"];
        /** Sign out. Repeating it changes nothing. */
        delete: operations["sign_out"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/sessions": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /** Sign out everywhere, this browser too. Repeating it changes nothing. */
        delete: operations["sign_out_everywhere"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/tonight": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What fits into this evening, in which order, and what to have ready. */
        get: operations["read_tonight"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/wearers": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Every wearer, by name. */
        get: operations["list_wearers"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/wearers/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** One wearer. */
        get: operations["read_wearer"];
        /** Write a wearer whole, new or changed. Repeating it changes nothing. */
        put: operations["write_wearer"];
        post?: never;
        /** Take a wearer away; their garments stay. */
        delete: operations["remove_wearer"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/wearers/{id}/put-right": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Cut a wearer that was kept before there were limits down to them. One that is within them stays as it is. */
        post: operations["put_wearer_right"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/words": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The words and limits of the craft. */
        get: operations["read_words"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/workroom": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Restore a workroom file into this workroom, which has to be empty. All of it goes in, or nothing.
         * @description One that takes longer is answered with 202 and how far it is, at once where the header `Prefer` is
         *     `respond-async`; it goes in by itself, and `GET /workroom/restoring` follows it to its end.
         */
        post: operations["restore_workroom"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/workroom.zip": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The whole workroom as one file: a zip with everything in `workroom.json`, and a job file of each fitting. */
        get: operations["save_workroom"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/v1/workroom/restoring": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** How far the workroom file is that was handed over last. */
        get: operations["read_restoring"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
}
export type webhooks = Record<string, never>;
export interface components {
    schemas: {
        /** @description What something is about. */
        About: {
            /** @enum {string} */
            on: "garment";
        } | {
            /** @enum {string} */
            on: "body";
        } | {
            /** @enum {string} */
            on: "seam";
            /** @description Which. */
            seam: components["schemas"]["SeamName"];
        } | {
            /** @description Which. */
            level: components["schemas"]["LevelName"];
            /** @enum {string} */
            on: "level";
        } | {
            /** @description Which. */
            length: components["schemas"]["LengthName"];
            /** @enum {string} */
            on: "length";
        } | {
            /** @enum {string} */
            on: "armholes";
        } | {
            /** @description Its key. */
            key: string;
            /** @enum {string} */
            on: "alteration";
        } | {
            /** @description Which. */
            hem: components["schemas"]["HemName"];
            /** @enum {string} */
            on: "hem";
        };
        /** @description A depth the person has accepted in place of the evened one, because it can be sewn. */
        AcceptedDepth: {
            /** @description The depth accepted. */
            depth: components["schemas"]["Length"];
            /** @description The seam. */
            seam: components["schemas"]["SeamName"];
            /** @description The side; `centre` for both together or a single seam. */
            side: components["schemas"]["Side"];
            /** @description The evened station, from the seam's lower end. */
            station: components["schemas"]["Length"];
        };
        /** @description An account and what it holds. */
        AccountHeld: {
            /** @description True for the demo workroom, which everybody shares: it keeps its password and stays. */
            demo: boolean;
            /** @description Its address. */
            email: string;
            /** @description What goes with it when it is deleted. */
            holds: components["schemas"]["Holdings"];
        };
        /** @description The account that is to go, by its name. */
        AccountToDelete: {
            /** @description Its address, written out, so that nobody deletes one by a slip. */
            email: string;
            /** @description Its password, so that nobody else does who finds the browser open. */
            password: string;
        };
        /**
         * @description What was handed over whole.
         * @enum {string}
         */
        Adopted: "plan" | "ladder" | "copy" | "record";
        /**
         * @description What happens to the cloth outside the new stitching.
         * @enum {string}
         */
        AllowanceHabit: "keep" | "trim";
        Alteration: {
            /** @description What is done. */
            alteration: string;
        };
        /** @description An alteration that is wished for, worked out. */
        AlterationSolution: {
            /** @description What it is and where, by which it is put, changed and taken out. */
            key: string;
            /** @description The edges that lie elsewhere now. */
            moved: components["schemas"]["MovedEdge"][];
            nearest?: components["schemas"]["Alteration"] | null;
            /** @description Why it cannot be done. */
            refused?: string | null;
            sketch?: components["schemas"]["SumDrawing"] | null;
            /** @description What is wished. */
            wish: components["schemas"]["Alteration"];
            /** @description It in words, with its place. */
            words: string;
        };
        /** @description One armhole with its sleeve. */
        ArmholeFit: {
            /** @description Length of the armhole, before and after. */
            armhole: components["schemas"]["Length"][];
            /** @description Length of the sleeve's cap, before and after, where there is a sleeve. */
            cap?: components["schemas"]["Length"][] | null;
            /** @description Cap less armhole, before and after. */
            ease?: components["schemas"]["Length"][] | null;
            /** @description The numbers as they stand on the session's tape: armhole and cap after, ease after. */
            shown: (string | null)[];
            side?: components["schemas"]["Side"] | null;
            /** @description The ease usual for this kind: least and most. */
            usual: components["schemas"]["Length"][];
            /** @description What that means, in words. */
            words: string;
        };
        /** @description The fitting a friend's device is in. */
        AsGuest: {
            /**
             * Format: uuid
             * @description The fitting.
             */
            fitting: string;
            /**
             * Format: uuid
             * @description Its garment.
             */
            garment: string;
            /** @description What the friend is called. */
            name: string;
        };
        /** @description A sum to work out. */
        AskedSum: {
            /** @description Settings: how the answer stands on the tape. */
            habits?: components["schemas"]["Habits"];
            /** @description The sum. */
            sum: components["schemas"]["Sum"];
        };
        /** @description The waistband. */
        Band: {
            /** @description A belt loop sits on the centre back. */
            belt_loop_at_back?: boolean;
            /** @description How it is made at the centre back. */
            build?: components["schemas"]["BandBuild"];
            /** @description Its finished height; nothing where there is no band. In millimetres. */
            height: number;
        };
        /**
         * @description How the waistband is made at the centre back.
         * @enum {string}
         */
        BandBuild: "two_halves" | "one_piece";
        /** @description Beginning a fitting. */
        Begin: {
            /**
             * Format: uuid
             * @description The garment.
             */
            garment: string;
            /**
             * Format: date
             * @description The day of the try-on.
             */
            held_on: string;
            /**
             * Format: int32
             * @description First, second, third fitting of the garment; the next one where nothing is said.
             */
            number?: number | null;
        };
        /**
         * @description Where a step is done; steps at one place are kept together.
         * @enum {string}
         */
        Bench: "wash" | "table" | "body" | "machine" | "iron";
        /** @description A wearer's measures as they stood on one day, over the layers that will be worn. */
        Body: {
            /** @description What is worn underneath, from the skin outward. */
            layers?: components["schemas"]["Layer"][];
            /** @description The measures taken; any may be missing. */
            measures?: Partial<Record<"head" | "neck" | "shoulder" | "shoulder_girth" | "across_back" | "bust" | "under_bust" | "nape_to_waist" | "neck_to_bust" | "arm_length" | "shoulder_to_elbow" | "upper_arm" | "elbow" | "hand" | "waist" | "waist_seated" | "high_hip" | "hip" | "thigh" | "knee" | "calf" | "heel_instep" | "inside_leg" | "outside_leg" | "knee_height" | "ankle_height" | "fingertip_height" | "body_rise" | "crotch_length" | "height", components["schemas"]["Length"]>>;
            /**
             * Format: date
             * @description The day they were taken.
             */
            taken_on: string;
        };
        /**
         * @description A face of a body.
         * @enum {string}
         */
        BodyFace: "front" | "back" | "side";
        /** @description A body drawn while it is being measured. */
        BodySketch: {
            /** @description From the front, and from the back. */
            front: components["schemas"]["Figure"];
            /** @description Every measure in that order. */
            measures: components["schemas"]["SketchedMeasure"][];
            /** @description From the side. */
            side: components["schemas"]["Figure"];
            /** @description Where the tape lies, in the order it is laid. */
            tapes: components["schemas"]["BodyTape"][];
        };
        /** @description A body that is being measured. */
        BodySketching: {
            /** @description Settings. */
            habits?: components["schemas"]["Habits"];
            /**
             * Format: date
             * @description The day that is looked at.
             */
            taken_on: string;
            /** @description Everything measured of somebody. */
            wearer: components["schemas"]["Wearer"];
        };
        /** @description A tape on a body. */
        BodyTape: {
            /** @description On which face it lies. */
            face: components["schemas"]["BodyFace"];
            /** @description The measure it takes. */
            measure: components["schemas"]["MeasureName"];
            /** @description Its course, `[x, y]` in millimetres above the floor. */
            points: number[][];
        };
        /** @description The calendar with what it holds. */
        Calendar: {
            /** @description Day by day from today. */
            days: components["schemas"]["SewingDay"][];
            /** @description Garment by garment, the earliest due first. */
            fits: components["schemas"]["ClaimFit"][];
            shortfall?: components["schemas"]["Shortfall"] | null;
        };
        /**
         * @description Why a row is in the table.
         * @enum {string}
         */
        ChalkMark: "start" | "end" | "pin" | "deepest" | "band" | "step";
        /** @description One chalk mark. */
        ChalkRow: {
            /** @description Old stitching to chalk; negative lets out. */
            depth: components["schemas"]["Length"];
            edge_back?: components["schemas"]["Length"] | null;
            edge_front?: components["schemas"]["Length"] | null;
            /** @description Distance from the seam's lower end. */
            from_below: components["schemas"]["Length"];
            /** @description Why the row is there; the most important reason first. */
            marks: components["schemas"]["ChalkMark"][];
            /** @description Station, depth and edges as they stand on the session's tape. */
            shown: components["schemas"]["ShownRow"];
            /** @description Distance along the seam from the table's datum. */
            station: components["schemas"]["Length"];
        };
        /** @description A line as marks to chalk, in the order the tape runs from the datum. */
        ChalkTable: {
            /** @description Where stations are counted from. */
            datum: components["schemas"]["Datum"];
            /** @description The marks. */
            rows: components["schemas"]["ChalkRow"][];
            sew_from?: components["schemas"]["Length"] | null;
        };
        /**
         * @description One small change of a fitting. What is put stands in place of what stood there; what is taken away and was
         *     not there leaves everything as it was.
         */
        Change: {
            /** @enum {string} */
            change: "put_pin";
            /** @description The pin. */
            pin: components["schemas"]["Pin"];
        } | {
            /** @enum {string} */
            change: "take_out_pin";
            /** @description Its id. */
            id: string;
        } | {
            /** @enum {string} */
            change: "wish_hem";
            /** @description The wish, without readings. */
            wish: components["schemas"]["HemWish"];
        } | {
            /** @enum {string} */
            change: "leave_hem";
            /** @description The hem. */
            hem: components["schemas"]["HemName"];
        } | {
            /** @enum {string} */
            change: "read_hem";
            /** @description The hem. */
            hem: components["schemas"]["HemName"];
            /** @description The reading. */
            reading: components["schemas"]["HemReading"];
        } | {
            /** @enum {string} */
            change: "take_out_reading";
            /** @description The hem. */
            hem: components["schemas"]["HemName"];
            /** @description The reading's id. */
            id: string;
        } | {
            /** @description What is wished. */
            alteration: components["schemas"]["Alteration"];
            /** @enum {string} */
            change: "alter";
        } | {
            /** @enum {string} */
            change: "do_without";
            /** @description Its key. */
            key: string;
        } | {
            /** @enum {string} */
            change: "even_seam";
            /** @description The seam and how. */
            evening: components["schemas"]["SeamEvening"];
        } | {
            /** @enum {string} */
            change: "even_by_habit";
            /** @description The seam. */
            seam: components["schemas"]["SeamName"];
        } | {
            /** @enum {string} */
            change: "wish_ends";
            /** @description The seam and its ends. */
            ends: components["schemas"]["LineWish"];
        } | {
            /** @enum {string} */
            change: "leave_ends";
            /** @description The seam. */
            seam: components["schemas"]["SeamName"];
        } | {
            /** @description Where, and the depth. */
            accepted: components["schemas"]["AcceptedDepth"];
            /** @enum {string} */
            change: "accept_depth";
        } | {
            /** @enum {string} */
            change: "give_back_depth";
            /** @description The seam. */
            seam: components["schemas"]["SeamName"];
            /** @description The side. */
            side: components["schemas"]["Side"];
            /** @description The evened station. */
            station: components["schemas"]["Length"];
        } | {
            /** @enum {string} */
            change: "intend";
            /** @description How close. */
            intention: components["schemas"]["Intention"];
        } | {
            /** @description True where they were. */
            anchored: boolean;
            /** @enum {string} */
            change: "anchor";
        } | {
            /** @enum {string} */
            change: "hold_on";
            /**
             * Format: date
             * @description The day.
             */
            held_on: string;
        } | {
            /** @enum {string} */
            change: "fit_on";
            form?: components["schemas"]["Body"] | null;
        } | {
            /** @enum {string} */
            change: "tick";
            /**
             * Format: double
             * @description The minutes it took, where a timer ran.
             */
            minutes?: number | null;
            /** @description The step's key. */
            step: string;
            /** @description What it vouches for: the mark of what was seen, or what stood then. What stands now where nothing is said. */
            vouched?: components["schemas"]["Vouched"][];
        } | {
            /** @enum {string} */
            change: "untick";
            /** @description The step's key. */
            step: string;
        } | {
            /** @enum {string} */
            change: "confirm";
            /** @description `step_key/condition`. */
            condition: string;
            /** @description What it vouches for, as of a tick. */
            vouched?: components["schemas"]["Vouched"][];
        } | {
            /** @enum {string} */
            change: "withdraw";
            /** @description `step_key/condition`. */
            condition: string;
        } | {
            /** @enum {string} */
            change: "keep_sum";
            /** @description The sum. */
            sum: components["schemas"]["KeptSum"];
        } | {
            /** @enum {string} */
            change: "let_sum_go";
            /** @description Its id. */
            id: string;
        };
        /** @description What became of one change. */
        ChangeAnswer: {
            /**
             * Format: uuid
             * @description Its id.
             */
            id: string;
            /**
             * Format: int64
             * @description Its journal line, where it was made, now or when it came before; nothing where everything stood as it wants it.
             */
            line?: number | null;
            refused?: components["schemas"]["Problem"] | null;
        };
        /** @description What became of all of them, and the fitting as it stands now. */
        ChangesAnswered: {
            /** @description Each change, in the order they came. */
            answers: components["schemas"]["ChangeAnswer"][];
            /**
             * Format: int64
             * @description The garment's last journal line.
             */
            line: number;
            /** @description The fitting. */
            record: components["schemas"]["FittingRecord"];
            /**
             * Format: int64
             * @description The version the fitting stands at.
             */
            version: number;
        };
        /** @description A choice with its options, the house's first. */
        ChoiceEntry_FitOn: {
            /** @description Its options. */
            options: components["schemas"]["ChoiceOption_FitOn"][];
            /** @description Its name on screen. */
            words: string;
        };
        /** @description A choice with its options, the house's first. */
        ChoiceEntry_HemCrossed: {
            /** @description Its options. */
            options: components["schemas"]["ChoiceOption_HemCrossed"][];
            /** @description Its name on screen. */
            words: string;
        };
        /** @description A choice with its options, the house's first. */
        ChoiceEntry_HemCut: {
            /** @description Its options. */
            options: components["schemas"]["ChoiceOption_HemCut"][];
            /** @description Its name on screen. */
            words: string;
        };
        /** @description A choice with its options, the house's first. */
        ChoiceEntry_HemSewn: {
            /** @description Its options. */
            options: components["schemas"]["ChoiceOption_HemSewn"][];
            /** @description Its name on screen. */
            words: string;
        };
        /** @description A choice with its options, the house's first. */
        ChoiceEntry_HemWhen: {
            /** @description Its options. */
            options: components["schemas"]["ChoiceOption_HemWhen"][];
            /** @description Its name on screen. */
            words: string;
        };
        /** @description A choice with its options, the house's first. */
        ChoiceEntry_LevelBy: {
            /** @description Its options. */
            options: components["schemas"]["ChoiceOption_LevelBy"][];
            /** @description Its name on screen. */
            words: string;
        };
        /** @description A choice with its options, the house's first. */
        ChoiceEntry_LiningEdge: {
            /** @description Its options. */
            options: components["schemas"]["ChoiceOption_LiningEdge"][];
            /** @description Its name on screen. */
            words: string;
        };
        /** @description A choice with its options, the house's first. */
        ChoiceEntry_LiningHangs: {
            /** @description Its options. */
            options: components["schemas"]["ChoiceOption_LiningHangs"][];
            /** @description Its name on screen. */
            words: string;
        };
        /** @description A choice with its options, the house's first. */
        ChoiceEntry_MatchBy: {
            /** @description Its options. */
            options: components["schemas"]["ChoiceOption_MatchBy"][];
            /** @description Its name on screen. */
            words: string;
        };
        /** @description A choice with its options, the house's first. */
        ChoiceEntry_MirrorBy: {
            /** @description Its options. */
            options: components["schemas"]["ChoiceOption_MirrorBy"][];
            /** @description Its name on screen. */
            words: string;
        };
        /** @description A choice with its options, the house's first. */
        ChoiceEntry_OldEdge: {
            /** @description Its options. */
            options: components["schemas"]["ChoiceOption_OldEdge"][];
            /** @description Its name on screen. */
            words: string;
        };
        /** @description A choice with its options, the house's first. */
        ChoiceEntry_Pairs: {
            /** @description Its options. */
            options: components["schemas"]["ChoiceOption_Pairs"][];
            /** @description Its name on screen. */
            words: string;
        };
        /** @description A choice with its options, the house's first. */
        ChoiceEntry_PinFace: {
            /** @description Its options. */
            options: components["schemas"]["ChoiceOption_PinFace"][];
            /** @description Its name on screen. */
            words: string;
        };
        /** @description A choice with its options, the house's first. */
        ChoiceEntry_PinSides: {
            /** @description Its options. */
            options: components["schemas"]["ChoiceOption_PinSides"][];
            /** @description Its name on screen. */
            words: string;
        };
        /** @description A choice with its options, the house's first. */
        ChoiceEntry_PinsLie: {
            /** @description Its options. */
            options: components["schemas"]["ChoiceOption_PinsLie"][];
            /** @description Its name on screen. */
            words: string;
        };
        /** @description A choice with its options, the house's first. */
        ChoiceEntry_Preset: {
            /** @description Its options. */
            options: components["schemas"]["ChoiceOption_Preset"][];
            /** @description Its name on screen. */
            words: string;
        };
        /** @description A choice with its options, the house's first. */
        ChoiceEntry_ReadBy: {
            /** @description Its options. */
            options: components["schemas"]["ChoiceOption_ReadBy"][];
            /** @description Its name on screen. */
            words: string;
        };
        /** @description A choice with its options, the house's first. */
        ChoiceEntry_TriedIn: {
            /** @description Its options. */
            options: components["schemas"]["ChoiceOption_TriedIn"][];
            /** @description Its name on screen. */
            words: string;
        };
        /** @description An option of a choice. */
        ChoiceOption_FitOn: {
            /**
             * @description What a fitting is done on.
             * @enum {string}
             */
            key: "wearer" | "form";
            /** @description What speaks for it. */
            reason: string;
            /** @description Its name on screen. */
            words: string;
        };
        /** @description An option of a choice. */
        ChoiceOption_HemCrossed: {
            /**
             * @description What becomes of a finished hem at a seam that moves.
             * @enum {string}
             */
            key: "opened" | "sewn_through";
            /** @description What speaks for it. */
            reason: string;
            /** @description Its name on screen. */
            words: string;
        };
        /** @description An option of a choice. */
        ChoiceOption_HemCut: {
            /**
             * @description When the surplus below a hem is cut off.
             * @enum {string}
             */
            key: "before" | "after";
            /** @description What speaks for it. */
            reason: string;
            /** @description Its name on screen. */
            words: string;
        };
        /** @description An option of a choice. */
        ChoiceOption_HemSewn: {
            /**
             * @description What a hem is sewn with.
             * @enum {string}
             */
            key: "hand" | "machine";
            /** @description What speaks for it. */
            reason: string;
            /** @description Its name on screen. */
            words: string;
        };
        /** @description An option of a choice. */
        ChoiceOption_HemWhen: {
            /**
             * @description When the hem is sewn.
             * @enum {string}
             */
            key: "last" | "flat" | "first";
            /** @description What speaks for it. */
            reason: string;
            /** @description Its name on screen. */
            words: string;
        };
        /** @description An option of a choice. */
        ChoiceOption_LevelBy: {
            /**
             * @description How a hem is made level.
             * @enum {string}
             */
            key: "floor" | "even" | "hung";
            /** @description What speaks for it. */
            reason: string;
            /** @description Its name on screen. */
            words: string;
        };
        /** @description An option of a choice. */
        ChoiceOption_LiningEdge: {
            /**
             * @description What becomes of a lining's edge.
             * @enum {string}
             */
            key: "folded" | "cut";
            /** @description What speaks for it. */
            reason: string;
            /** @description Its name on screen. */
            words: string;
        };
        /** @description An option of a choice. */
        ChoiceOption_LiningHangs: {
            /**
             * @description How a lining hangs.
             * @enum {string}
             */
            key: "attached" | "free" | "caught";
            /** @description What speaks for it. */
            reason: string;
            /** @description Its name on screen. */
            words: string;
        };
        /** @description An option of a choice. */
        ChoiceOption_MatchBy: {
            /**
             * @description What a line is measured from on the cloth.
             * @enum {string}
             */
            key: "old_seam" | "raw_edge";
            /** @description What speaks for it. */
            reason: string;
            /** @description Its name on screen. */
            words: string;
        };
        /** @description An option of a choice. */
        ChoiceOption_MirrorBy: {
            /**
             * @description How a line gets from one side to the other.
             * @enum {string}
             */
            key: "landmark" | "seams";
            /** @description What speaks for it. */
            reason: string;
            /** @description Its name on screen. */
            words: string;
        };
        /** @description An option of a choice. */
        ChoiceOption_OldEdge: {
            /**
             * @description What becomes of a worn or decorative edge.
             * @enum {string}
             */
            key: "original" | "new_hem";
            /** @description What speaks for it. */
            reason: string;
            /** @description Its name on screen. */
            words: string;
        };
        /** @description An option of a choice. */
        ChoiceOption_Pairs: {
            /**
             * @description How two legs or sleeves are hemmed.
             * @enum {string}
             */
            key: "parallel" | "reference";
            /** @description What speaks for it. */
            reason: string;
            /** @description Its name on screen. */
            words: string;
        };
        /** @description An option of a choice. */
        ChoiceOption_PinFace: {
            /**
             * @description Which face of the garment is out while it is pinned.
             * @enum {string}
             */
            key: "right_side" | "inside_out";
            /** @description What speaks for it. */
            reason: string;
            /** @description Its name on screen. */
            words: string;
        };
        /** @description An option of a choice. */
        ChoiceOption_PinSides: {
            /**
             * @description Which sides are pinned.
             * @enum {string}
             */
            key: "both" | "one";
            /** @description What speaks for it. */
            reason: string;
            /** @description Its name on screen. */
            words: string;
        };
        /** @description An option of a choice. */
        ChoiceOption_PinsLie: {
            /**
             * @description How pins lie.
             * @enum {string}
             */
            key: "along" | "across" | "slanted";
            /** @description What speaks for it. */
            reason: string;
            /** @description Its name on screen. */
            words: string;
        };
        /** @description An option of a choice. */
        ChoiceOption_Preset: {
            /**
             * @description How pins get into a garment.
             * @enum {string}
             */
            key: "by_feel" | "ladder";
            /** @description What speaks for it. */
            reason: string;
            /** @description Its name on screen. */
            words: string;
        };
        /** @description An option of a choice. */
        ChoiceOption_ReadBy: {
            /**
             * @description What is read at the table.
             * @enum {string}
             */
            key: "pins" | "chalk";
            /** @description What speaks for it. */
            reason: string;
            /** @description Its name on screen. */
            words: string;
        };
        /** @description An option of a choice. */
        ChoiceOption_TriedIn: {
            /**
             * @description How a new line is tried on.
             * @enum {string}
             */
            key: "tacked" | "pins";
            /** @description What speaks for it. */
            reason: string;
            /** @description Its name on screen. */
            words: string;
        };
        /** @description Every choice with its options, by its name in files and requests. */
        Choices: {
            /** @description What a fitting is done on. */
            fit_on: components["schemas"]["ChoiceEntry_FitOn"];
            /** @description What becomes of a finished hem at a seam that moves. */
            hem_crossed: components["schemas"]["ChoiceEntry_HemCrossed"];
            /** @description When the surplus below a hem is cut off. */
            hem_cut: components["schemas"]["ChoiceEntry_HemCut"];
            /** @description What a hem is sewn with. */
            hem_sewn: components["schemas"]["ChoiceEntry_HemSewn"];
            /** @description When the hem is sewn. */
            hem_when: components["schemas"]["ChoiceEntry_HemWhen"];
            /** @description How a hem is made level. */
            level_by: components["schemas"]["ChoiceEntry_LevelBy"];
            /** @description What becomes of a lining's edge. */
            lining_edge: components["schemas"]["ChoiceEntry_LiningEdge"];
            /** @description How a lining hangs. */
            lining_hangs: components["schemas"]["ChoiceEntry_LiningHangs"];
            /** @description What a line is measured from on the cloth. */
            match_by: components["schemas"]["ChoiceEntry_MatchBy"];
            /** @description How a line gets from one side to the other. */
            mirror_by: components["schemas"]["ChoiceEntry_MirrorBy"];
            /** @description What becomes of a worn or decorative edge. */
            old_edge: components["schemas"]["ChoiceEntry_OldEdge"];
            /** @description How two legs or sleeves are hemmed. */
            pairs: components["schemas"]["ChoiceEntry_Pairs"];
            /** @description Which face of the garment is out while it is pinned. */
            pin_face: components["schemas"]["ChoiceEntry_PinFace"];
            /** @description Which sides are pinned. */
            pin_sides: components["schemas"]["ChoiceEntry_PinSides"];
            /** @description How pins lie. */
            pins_lie: components["schemas"]["ChoiceEntry_PinsLie"];
            /** @description How pins get into a garment. */
            preset: components["schemas"]["ChoiceEntry_Preset"];
            /** @description What is read at the table. */
            read_by: components["schemas"]["ChoiceEntry_ReadBy"];
            /** @description How a new line is tried on. */
            tried_in: components["schemas"]["ChoiceEntry_TriedIn"];
        };
        /** @description Whether one garment fits. */
        ClaimFit: {
            /**
             * Format: date
             * @description The day it is worn.
             */
            due_on: string;
            /** @description What tells it from others. */
            key: string;
            /**
             * Format: double
             * @description Free minutes left over before it, once it and all that is due earlier is done; negative
             *     when it does not fit.
             */
            margin: number;
            /** @description What it is called. */
            name: string;
        };
        /** @description A place to keep clear of. */
        ClearOf: {
            /** @description The place, on the scale the row is measured on. */
            at: components["schemas"]["Length"];
            /** @description How far to keep off it. In millimetres. */
            by: number;
        };
        /** @description A place where the allowance is clipped or notched: no more is inside there than this. */
        Clip: {
            /** @description What is left between the stitching and the end of the clip. In millimetres. */
            left: number;
            /** @description The seam. */
            seam: components["schemas"]["SeamName"];
            /** @description Where, from the seam's lower end. In millimetres. */
            station: number;
        };
        /** @description What the garment is made of. */
        Cloth: {
            /** @description Cut on the bias: it drops while it hangs. */
            bias?: boolean;
            /** @description Its family. */
            family: components["schemas"]["ClothFamily"];
            /** @description Its fibre. */
            fibre: components["schemas"]["Fibre"];
            /** @description How it frays. */
            fray: components["schemas"]["Fray"];
            look?: components["schemas"]["Look"] | null;
            /**
             * Format: double
             * @description Share it extends under a light pull: 0 for a firm woven, 0.25 for a quarter longer.
             */
            stretch: number;
            /** @description What lies on its face. */
            surface?: components["schemas"]["Surface"];
            /** @description Thickness of cloth and lining together; takes `2πT` from the ease when measured outside. In millimetres. */
            thickness: number;
        };
        /**
         * @description The family of cloth, which decides needle, thread and stitch.
         * @enum {string}
         */
        ClothFamily: "sheer" | "shirting" | "twill" | "denim" | "coating" | "jersey";
        /**
         * @description A collar.
         * @enum {string}
         */
        Collar: "none" | "stand" | "shirt" | "flat" | "notched" | "peaked" | "shawl" | "ribbed";
        /** @description One thing near the hem after the change. */
        Collision: {
            /** @description Its lower and upper end above the new fold. */
            after: components["schemas"]["Length"][];
            /**
             * Format: double
             * @description Where round the hem, in degrees, where it is in one place.
             */
            at?: number | null;
            /** @description What it is. */
            kind: components["schemas"]["FeatureKind"];
            /** @description How it stands and what to do. */
            says: string;
            /** @description New places for buttons, above the new fold, the lowest first. */
            spaced: components["schemas"]["Length"][];
            /** @description How it takes the change. */
            state: components["schemas"]["CollisionState"];
            /** @description What it is called. */
            words: string;
        };
        /**
         * @description How a thing near the hem takes the change.
         * @enum {string}
         */
        CollisionState: "clear" | "see_to" | "in_the_way";
        /** @description A colour of cloth: “#” and six of 0–9 and a–f. */
        Colour: string;
        /** @description One level of both. */
        ComparedLevel: {
            /** @description Girth with the lines of the one and of the other sewn. */
            after: components["schemas"]["Length"][];
            /** @description The second less the first. */
            change: components["schemas"]["Length"];
            /** @description The level. */
            level: components["schemas"]["LevelName"];
            /** @description Both girths, the change and both eases as they stand on the session's tape. */
            shown: components["schemas"]["ShownCompared"];
            side?: components["schemas"]["Side"] | null;
            /** @description What it is called. */
            words: string;
        };
        /** @description Two jobs of one garment. */
        Comparing: {
            /** @description The earlier. */
            one: components["schemas"]["Job"];
            /** @description The later. */
            other: components["schemas"]["Job"];
        };
        /** @description Two fittings of one garment. */
        Comparison: {
            /** @description And from the back. */
            backs: (components["schemas"]["Figure"] | null)[];
            /** @description The garment as each would be sewn, from the front. */
            figures: (components["schemas"]["Figure"] | null)[];
            /** @description Level by level. */
            levels: components["schemas"]["ComparedLevel"][];
            /** @description What the second does that the first does not, in words. */
            words: string[];
        };
        /** @description One condition with its live value. */
        Condition: {
            /** @description True when only the person at the bench can say, so that a confirmation is asked for. */
            asks: boolean;
            /** @description Its key among the confirmations: `trim_outseam/lining_out`. */
            key: string;
            /** @description What it is about. */
            kind: components["schemas"]["ConditionKind"];
            /** @description How it stands. */
            state: components["schemas"]["ConditionState"];
            /** @description What is known of it now. */
            value: string;
            /** @description The condition as a sentence. */
            words: string;
        };
        /**
         * @description What a condition is about.
         * @enum {string}
         */
        ConditionKind: "washed" | "sides_equal" | "tried_on" | "allowance_included" | "lining_out" | "rolled_down" | "rules_looked_up";
        /**
         * @description How a condition stands.
         * @enum {string}
         */
        ConditionState: "met" | "ask" | "unmet";
        /** @description A length that differs, which is no seam's line but an adjustment by itself. */
        CopyLength: {
            /** @description This garment less the favourite. */
            longer: components["schemas"]["Length"];
            /** @description Which. */
            name: components["schemas"]["FlatName"];
            /** @description What to do. */
            words: string;
        };
        /** @description What makes this garment like the favourite. */
        CopyPlan: {
            /** @description Lengths, shoulders and armholes. */
            lengths: components["schemas"]["CopyLength"][];
            /** @description What a seam cannot give, and what is done instead. */
            notes: string[];
            /** @description Ordinary pins that give those depths, for every seam concerned, on both sides. */
            pins: components["schemas"]["Pin"][];
            /** @description Level by level, from the top down, sleeves last. */
            rows: components["schemas"]["CopyRow"][];
            /** @description Levels measured on one garment and not on the other. */
            unmatched: string[];
        };
        /** @description One level of both garments. */
        CopyRow: {
            /** @description Depth on each seam that gives it; negative lets out. */
            depth: components["schemas"]["Length"];
            /** @description Flat width of the favourite. */
            favourite: components["schemas"]["Length"];
            /** @description The level. */
            level: components["schemas"]["LevelName"];
            /** @description The seams that give it. */
            seams: components["schemas"]["SeamName"][];
            /** @description Widths and depth as they stand on the session's tape. */
            shown: string[];
            /** @description Flat width of this garment. */
            this: components["schemas"]["Length"];
            /** @description What it is called. */
            words: string;
        };
        /** @description A garment that fits, to copy. */
        Copying: {
            /** @description The favourite's flat measures. */
            favourite: Partial<Record<"waist" | "high_hip" | "hip" | "thigh" | "knee" | "calf" | "hem" | "front_rise" | "back_rise" | "inseam" | "outseam" | "neck" | "shoulder" | "across_back" | "bust" | "under_bust" | "side_length" | "underarm_to_waist" | "back_length" | "upper_arm" | "elbow" | "wrist" | "sleeve_seam" | "sleeve_length", components["schemas"]["Length"]>>;
            /** @description The job. */
            job: components["schemas"]["Job"];
        };
        /**
         * @description What ends sleeves, or legs.
         * @enum {string}
         */
        Cuffs: "none" | "buttoned" | "turned_up" | "ribbed";
        /** @description One dart that the new waist edge runs through. */
        DartAtWaist: {
            /** @description What each holds at the waist now, and what is left of it at the new edge. */
            intake: components["schemas"]["Length"][];
            /** @description How far its tip is lowered, to hold the same again at the same length. */
            lower_tip: components["schemas"]["Length"];
            /** @description The dart. */
            seam: components["schemas"]["SeamName"];
            /** @description What it is called. */
            words: string;
        };
        /**
         * @description Where a station is counted from.
         * @enum {string}
         */
        Datum: "hem" | "band_top" | "band_bottom" | "crotch" | "underarm" | "neck" | "shoulder" | "armhole" | "below_waist_seam" | "above_waist_seam" | "centre_front" | "centre_back" | "tip";
        /** @description Where stations can be counted from. */
        DatumPlace: {
            /** @description Its name in files. */
            name: components["schemas"]["Datum"];
            /** @description Its name on screen. */
            words: string;
        };
        /**
         * @description What a difference at one station means.
         * @enum {string}
         */
        Difference: "noise" | "uneven" | "ask_twist" | "from_own_line" | "copied" | "halved" | "copied_on_one_tube" | "pinned_only" | "not_read";
        /** @description Everything drawn of one fitting. */
        Drawing: {
            body?: components["schemas"]["Figure"] | null;
            /**
             * Format: double
             * @description Height of the crotch above the hem fold, in millimetres, where there is one.
             */
            crotch_height?: number | null;
            figure?: components["schemas"]["Figure"] | null;
            figure_after?: components["schemas"]["Figure"] | null;
            figure_back?: components["schemas"]["Figure"] | null;
            figure_back_after?: components["schemas"]["Figure"] | null;
            /** @description The levels. */
            levels: components["schemas"]["LevelMark"][];
            /** @description The panels of one half. */
            panels: components["schemas"]["PanelDrawing"][];
        };
        /** @description A line that can be sewn. */
        DrawnLine: {
            /** @description Steepest slope, tightest radius, deepest point. */
            character: components["schemas"]["LineCharacter"];
            /** @description Both edges' lengths along old and new stitching, where the panels are drawn. */
            edges: components["schemas"]["EdgeLength"][];
            /** @description At hem, crotch or tip. */
            lower: components["schemas"]["SolvedEnd"];
            /** @description What to do where the two new edges are no longer equally long. */
            mismatch?: string | null;
            /** @description The line sampled for drawing: `[station, depth]` in millimetres. */
            spine: number[][];
            /** @description The line as chalk marks. */
            table: components["schemas"]["ChalkTable"];
            /** @description The line on the turn-up, where it runs off at a hem that has one. */
            turn_up: components["schemas"]["MirroredMark"][];
            /** @description At band or crotch. */
            upper: components["schemas"]["SolvedEnd"];
            /** @description The line in words: where it ends and how hard it is to sew. */
            words: string;
        };
        /** @description One edge of a seam over the stretch its line changes. */
        EdgeLength: {
            /** @description Its length along the new. */
            new: components["schemas"]["Length"];
            /** @description Its length along the old stitching. */
            old: components["schemas"]["Length"];
            /** @description Both as they stand on the session's tape. */
            shown: string[];
            /** @description What the edge is called. */
            words: string;
        };
        /**
         * @description Which of a seam's two edges a reading from the raw edge was taken on.
         * @enum {string}
         */
        EdgeRead: "front" | "back";
        /** @description What a person wants one end of a line to do. */
        EndWish: {
            /** @description Where it rejoins. */
            at: components["schemas"]["Length"];
            /** @enum {string} */
            end: "taper";
            from?: components["schemas"]["Datum"] | null;
        } | {
            /** @enum {string} */
            end: "run_off";
        } | {
            /** @enum {string} */
            end: "carry";
        } | {
            /** @enum {string} */
            end: "hold";
            /** @description How much of the seam's end is held. */
            height: components["schemas"]["Length"];
        };
        /** @description An address with its password. */
        Entry: {
            /** @description The address, taken in lower case. */
            email: string;
            /** @description The password. */
            password: string;
        };
        /**
         * @description How a depth was read. Constantly confused, so every pin says which.
         * @enum {string}
         */
        EntryMode: "seam_to_pin" | "whole_pinch" | "raw_edge_to_chalk" | "fold_to_pin";
        /** @description Where a row ends, as a garment keeps it. */
        EvenRow: {
            /**
             * Format: int32
             * @description How many.
             */
            count: number;
            /** @description The first. */
            from: components["schemas"]["Length"];
            pinned?: components["schemas"]["Length"] | null;
            /** @description The last. */
            to: components["schemas"]["Length"];
        };
        /** @description One station of the report, in millimetres. */
        EvenedStation: {
            /**
             * Format: double
             * @description Chosen for the left.
             */
            chosen_left?: number | null;
            /**
             * Format: double
             * @description Chosen for the right.
             */
            chosen_right?: number | null;
            /**
             * Format: double
             * @description Left less right, where both are known.
             */
            difference?: number | null;
            /** @description What it means. */
            finding: components["schemas"]["Difference"];
            /**
             * Format: double
             * @description Read on the left.
             */
            left?: number | null;
            /**
             * Format: double
             * @description Read on the right.
             */
            right?: number | null;
            /** @description The same as it stands on the session's tape. */
            shown: components["schemas"]["ShownStation"];
            /**
             * Format: double
             * @description From the seam's lower end; the mean of both readings' stations.
             */
            station: number;
        };
        /** @description The report on one seam. */
        Evening: {
            /** @description Differences are large and keep one sign: ask whether centre front and back were anchored. */
            ask_twist: boolean;
            /** @description How it was evened. */
            choice: components["schemas"]["EveningChoice"];
            one_side_only?: components["schemas"]["Side"] | null;
            /** @description Station by station, lowest first. */
            stations: components["schemas"]["EvenedStation"][];
        };
        /**
         * @description How left and right readings become one.
         * @enum {string}
         */
        EveningChoice: "mean" | "larger" | "smaller" | "keep_different";
        /** @description A way of evening with its reason. */
        EveningWords: {
            /** @description Its name in files. */
            name: components["schemas"]["EveningChoice"];
            /** @description Why one would choose it. */
            reason: string;
            /** @description Its name on screen. */
            words: string;
        };
        /**
         * @description A face of a garment.
         * @enum {string}
         */
        Face: "front" | "back";
        /**
         * @description Something that stands near a hem.
         * @enum {string}
         */
        FeatureKind: "vent" | "slit" | "buttons" | "pocket" | "cross_seam" | "border" | "pleats" | "facing" | "tab" | "working_buttons";
        /** @description Something that can stand near a hem. */
        FeatureWords: {
            /** @description True where it begins at the edge. */
            from_edge: boolean;
            /** @description Its name in files. */
            name: components["schemas"]["FeatureKind"];
            /** @description Its name on screen. */
            words: string;
        };
        /**
         * @description The fibre, which decides how hot and how damp the iron may be.
         * @enum {string}
         */
        Fibre: "cotton" | "linen" | "wool" | "silk" | "viscose" | "synthetic";
        /** @description A picture; `x` is zero at the centre, `y` the height above the hem fold. */
        Figure: {
            /**
             * Format: double
             * @description Height of the lowest point.
             */
            bottom: number;
            /** @description Buttons: middle and radius. */
            buttons: number[][];
            /**
             * Format: double
             * @description Half the greatest width.
             */
            half_width: number;
            /** @description Lines on them. */
            lines: components["schemas"]["FigureLine"][];
            /** @description Its pieces, each painted over those before it. */
            pieces: components["schemas"]["FigurePiece"][];
            /**
             * Format: double
             * @description How far apart its cloth repeats; nothing where nobody has said how it looks, or no repeat shows.
             */
            repeat: number;
            /** @description The seams that show, where there are any. */
            seams: components["schemas"]["FigureSeam"][];
            /**
             * Format: double
             * @description Height of the top of the figure.
             */
            top: number;
        };
        /** @description A line of a picture. */
        FigureLine: {
            /** @description What it is. */
            line: components["schemas"]["LineName"];
            /** @description Its course, `[x, y]` in millimetres. */
            points: number[][];
        };
        /** @description A closed piece of a picture. */
        FigurePiece: {
            /**
             * Format: double
             * @description How far its straight grain leans from the upright, in degrees clockwise: stripes run along it.
             */
            lean: number;
            /** @description Its closed outline, `[x, y]` in millimetres. */
            outline: number[][];
            /** @description What it is. */
            part: components["schemas"]["PartName"];
        };
        /** @description A seam on the figure. */
        FigureSeam: {
            /** @description True for a dart the garment does not have yet: a place for one. */
            absent: boolean;
            /** @description Its course from lower end to upper, `[x, y]` in millimetres. */
            points: number[][];
            /** @description Which seam. */
            seam: components["schemas"]["SeamName"];
            /** @description Which side; the wearer's left is drawn on the left, as in a mirror. */
            side: components["schemas"]["Side"];
        };
        /**
         * @description What a fitting is done on.
         * @enum {string}
         */
        FitOn: "wearer" | "form";
        /** @description The whole picture. */
        FitPicture: {
            front?: components["schemas"]["FitView"] | null;
            /** @description What is true of the whole of it, each once. */
            notes: string[];
            /** @description Every level the body was measured at, from the top down as they hang. */
            rings: components["schemas"]["FitRing"][];
            side?: components["schemas"]["FitView"] | null;
        };
        /**
         * @description One level of the picture. Rings are closed, `[x, y]` in millimetres about the section's middle; `x`
         *     grows to the wearer's right as seen in a mirror, `y` to the front.
         */
        FitRing: {
            /** @description The garment after. */
            after: number[][];
            /** @description Its course across the figure from the side; none where that is not drawn. */
            aside: number[][];
            /** @description The garment before. */
            before: number[][];
            /** @description The body, with what is worn under the garment. */
            body: number[][];
            /** @description The ease before and after, signed, as it stands on the session's tape. */
            ease: string[];
            /** @description True when the garment's width there was estimated. */
            estimated: boolean;
            /** @description Its course across the figure from the front, `[x, y]`. */
            front: number[][];
            /**
             * Format: double
             * @description Its height on the figure, as the garment hangs, in millimetres.
             */
            height: number;
            /** @description The level. */
            level: components["schemas"]["LevelName"];
            /** @description Both girths and what comes of them, before and after. */
            said: string[];
            side?: components["schemas"]["Side"] | null;
            /**
             * @description How far the garment stands off all round, in millimetres, before and after; nothing where it is
             *     taut.
             */
            stands_off: number[];
            /**
             * @description By what share of the body's girth the garment is too small, before and after; nothing where it
             *     is slack.
             */
            strain: number[];
            /** @description The tube it goes round. */
            tube: components["schemas"]["Tube"];
            /** @description What the ease amounts to before and after, where it can be said. */
            verdicts: (components["schemas"]["Verdict"] | null)[];
            /** @description What it is called. */
            words: string;
        };
        /**
         * @description The wearer and the garment from one side: closed pieces in painting order, `y` the height above the hem fold as it
         *     came, `x` to the wearer's right as in a mirror or, from the side, to the front.
         */
        FitView: {
            /** @description From the least `x` to the greatest. */
            across: number[];
            /** @description The garment after. */
            after: components["schemas"]["FigurePiece"][];
            /** @description The garment before. */
            before: components["schemas"]["FigurePiece"][];
            /** @description The wearer. */
            body: components["schemas"]["FigurePiece"][];
            /** @description From the lowest point to the highest. */
            upright: number[];
        };
        /** @description One try-on with its pins and what was decided about them. */
        Fitting: {
            /** @description Depths accepted in place of evened ones. */
            accepted?: components["schemas"]["AcceptedDepth"][];
            /** @description What is wished for beside lines and hems. */
            alterations?: components["schemas"]["Alteration"][];
            /** @description Centre front and back were anchored, so that the garment could not be dragged round. */
            anchored?: boolean;
            /** @description What line ends should do, where it is not left to the house. */
            ends?: components["schemas"]["LineWish"][];
            /** @description How seams are evened, where it differs from the habit. */
            evening?: components["schemas"]["SeamEvening"][];
            form?: components["schemas"]["Body"] | null;
            /**
             * Format: date
             * @description The day of the try-on.
             */
            held_on: string;
            /** @description What is wanted of its hems. */
            hems?: components["schemas"]["HemWish"][];
            /** @description How close it should be. */
            intention?: components["schemas"]["Intention"];
            /** @description The pins as read. */
            pins?: components["schemas"]["Pin"][];
            /** @description What is done of the work order. */
            progress?: components["schemas"]["Progress"];
            /** @description Sums kept with it. */
            sums?: components["schemas"]["KeptSum"][];
        };
        /** @description A fitting with the garment it belongs to. */
        FittingRecord: {
            /** @description The fitting itself. */
            fitting: components["schemas"]["Fitting"];
            /**
             * Format: uuid
             * @description The garment.
             */
            garment: string;
            /**
             * Format: int32
             * @description First, second, third fitting of the garment.
             */
            number: number;
        };
        /** @description Something in a seam, with where it lies. */
        Fixture: {
            /** @description Its lower end, from the seam's lower end. In millimetres. */
            from: number;
            /** @description What it is. */
            kind: components["schemas"]["FixtureKind"];
            most?: number | null;
            /** @description The seam. */
            seam: components["schemas"]["SeamName"];
            side?: components["schemas"]["Side"] | null;
            /**
             * @description True where it is taken out before its seam is moved and set back after, instead of limiting it; a label always
             *     is, where nothing is said.
             */
            taken_out?: boolean | null;
            /** @description Its upper end. In millimetres. */
            to: number;
        };
        /**
         * @description Something in a seam that limits what may be done to it.
         * @enum {string}
         */
        FixtureKind: "zip" | "buttons" | "pocket" | "match" | "label";
        /** @description Something that can sit in a seam. */
        FixtureWords: {
            /** @description True for what can be taken out of the seam and set back. */
            can_come_out: boolean;
            /** @description True for what is, where nothing is said. */
            comes_out: boolean;
            /** @description Its name in files. */
            name: components["schemas"]["FixtureKind"];
            /** @description Its name on screen. */
            words: string;
        };
        /**
         * @description A measure of a garment laid flat.
         * @enum {string}
         */
        FlatName: "waist" | "high_hip" | "hip" | "thigh" | "knee" | "calf" | "hem" | "front_rise" | "back_rise" | "inseam" | "outseam" | "neck" | "shoulder" | "across_back" | "bust" | "under_bust" | "side_length" | "underarm_to_waist" | "back_length" | "upper_arm" | "elbow" | "wrist" | "sleeve_seam" | "sleeve_length";
        /** @description Whether a foot gets through a leg. */
        FootThrough: {
            /** @description The wearer's heel and instep. */
            foot: components["schemas"]["Length"];
            /** @description The narrowest level from the knee down. */
            level: components["schemas"]["LevelName"];
            /** @description The widest the leg opens there: its girth, stretched if the cloth stretches. */
            opening: components["schemas"]["Length"];
            /** @description True when the foot gets through. */
            passes: boolean;
            side?: components["schemas"]["Side"] | null;
        };
        /** @description A level on a dress form: ease on the wearer = form girth + ease on the form − wearer girth. */
        FormEase: {
            /** @description Ease on the form after. */
            ease: components["schemas"]["Length"];
            /** @description The form's girth. */
            form: components["schemas"]["Length"];
            /** @description Both as they stand on the session's tape. */
            shown: string[];
        };
        /**
         * @description How readily a cut edge frays.
         * @enum {string}
         */
        Fray: "low" | "medium" | "high" | "knit";
        /**
         * @description How the front closes.
         * @enum {string}
         */
        Front: "closed" | "placket" | "single" | "double" | "zip" | "fly";
        /** @description One garment. */
        Garment: {
            /** @description Its cloth. */
            cloth?: components["schemas"]["Cloth"];
            /** @description Ease wanted at a level of this garment, in place of the habit's and the house table's. */
            ease?: Partial<Record<"bust" | "under_bust" | "waist" | "high_hip" | "hip" | "thigh" | "knee" | "calf" | "hem" | "upper_arm" | "elbow" | "wrist", number>>;
            /** @description What its owner calls it. */
            name: string;
            /** @description What it is for. */
            purpose?: components["schemas"]["Purpose"];
            /** @description Its kind, measures and construction. */
            shape: components["schemas"]["Shape"];
            /** @description Where it came from. */
            source?: components["schemas"]["Source"];
            wash_test?: components["schemas"]["WashTest"] | null;
            /** @description Washed and dried since it came, so that it will not shrink after the cut. */
            washed?: boolean;
            /** @description What is wished of it. */
            wish?: components["schemas"]["Wish"];
        };
        /** @description A garment with whose it is and when it is due. */
        GarmentRecord: {
            /**
             * Format: date
             * @description The day it is wanted for.
             */
            due_on?: string | null;
            /** @description The garment itself. */
            garment: components["schemas"]["Garment"];
            /**
             * Format: uuid
             * @description Who wears it.
             */
            wearer?: string | null;
        };
        /** @description What one seam gives or takes at a level. */
        GirthPart: {
            /** @description Change of girth it makes; negative is smaller. */
            change: components["schemas"]["Length"];
            /** @description Depth of the line where the seam crosses the level. */
            depth: components["schemas"]["Length"];
            /** @description The seam. */
            seam: components["schemas"]["SeamName"];
            /** @description Its side. */
            side: components["schemas"]["Side"];
        };
        /** @description Words that let a friend's device into one fitting. */
        GuestCode: {
            /**
             * Format: date-time
             * @description When they let nobody in any more, and whoever came in by them is out.
             */
            ends_at: string;
            /** @description A QR code of the address that lets a device in, as SVG. */
            svg: string;
            /** @description The words, to be said or typed. */
            words: string;
        };
        /** @description A friend's device as its host sees it. */
        GuestDevice: {
            /** @description The device in words. */
            device: string;
            /**
             * Format: date-time
             * @description When it is out by itself.
             */
            ends_at: string;
            /**
             * Format: uuid
             * @description Its id.
             */
            id: string;
            /**
             * Format: date-time
             * @description When it came in.
             */
            joined_at: string;
            /** @description What its friend is called. */
            name: string;
        };
        /** @description What other settings would change on one garment. */
        HabitEffect: {
            /** @description What would come out differently, in words. */
            changes: string[];
            /**
             * Format: uuid
             * @description The garment.
             */
            garment: string;
            /** @description What it is called. */
            name: string;
        };
        /** @description One person's settings. */
        Habits: {
            /**
             * @description Keep or trim the allowance.
             * @default trim
             */
            allowance: components["schemas"]["AllowanceHabit"];
            /**
             * @description Wearing ease wanted at a level, in place of the house table's.
             * @default {}
             */
            ease: Partial<Record<"bust" | "under_bust" | "waist" | "high_hip" | "hip" | "thigh" | "knee" | "calf" | "hem" | "upper_arm" | "elbow" | "wrist", number>>;
            /**
             * @description How two sides become one, unless a seam says otherwise.
             * @default mean
             */
            evening: components["schemas"]["EveningChoice"];
            /**
             * @description What a fitting is done on.
             * @default wearer
             */
            fit_on: components["schemas"]["FitOn"];
            /**
             * @description What becomes of a finished hem at a seam that moves.
             * @default opened
             */
            hem_crossed: components["schemas"]["HemCrossed"];
            /**
             * @description When the surplus below a hem is cut off.
             * @default before
             */
            hem_cut: components["schemas"]["HemCut"];
            /**
             * @description What a deep hem is sewn with.
             * @default hand
             */
            hem_sewn: components["schemas"]["HemSewn"];
            /**
             * @description When the hem is sewn.
             * @default last
             */
            hem_when: components["schemas"]["HemWhen"];
            /**
             * @description How a hem is made level.
             * @default floor
             */
            level_by: components["schemas"]["LevelBy"];
            /**
             * @description What becomes of a lining's edge.
             * @default folded
             */
            lining_edge: components["schemas"]["LiningEdge"];
            /**
             * @description How a lining hangs.
             * @default attached
             */
            lining_hangs: components["schemas"]["LiningHangs"];
            /**
             * @description What depths are measured from.
             * @default old_seam
             */
            match_by: components["schemas"]["MatchBy"];
            /**
             * @description How a line gets across.
             * @default landmark
             */
            mirror_by: components["schemas"]["MirrorBy"];
            /**
             * @description What becomes of a worn edge.
             * @default original
             */
            old_edge: components["schemas"]["OldEdge"];
            /**
             * @description What an unpinned side gets, unless a seam says otherwise.
             * @default half_each
             */
            one_side: components["schemas"]["OneSide"];
            /**
             * @description How two legs or sleeves are hemmed.
             * @default parallel
             */
            pairs: components["schemas"]["Pairs"];
            /**
             * @description Paper for the chalk sheet.
             * @default a4
             */
            paper: components["schemas"]["Paper"];
            /**
             * @description Which face is out while pinning.
             * @default right_side
             */
            pin_face: components["schemas"]["PinFace"];
            /**
             * @description Which sides are pinned.
             * @default both
             */
            pin_sides: components["schemas"]["PinSides"];
            /**
             * @description How pins lie.
             * @default along
             */
            pins_lie: components["schemas"]["PinsLie"];
            /**
             * @description How pins get into a garment.
             * @default by_feel
             */
            preset: components["schemas"]["Preset"];
            /**
             * @description What is read at the table.
             * @default pins
             */
            read_by: components["schemas"]["ReadBy"];
            /**
             * @description House rules this person has changed.
             * @default {}
             */
            rules: Partial<Record<"measure_age" | "pair_within" | "pin_noise" | "twist_ask" | "ladder_step" | "ladder_near" | "pin_spread" | "pin_tolerance" | "slope_woven" | "slope_knit" | "radius" | "fade_share" | "taper_worth" | "band_stands" | "steep_within" | "steep_slope" | "steep_radius" | "chalk_step" | "sew_before" | "lock_in" | "dart_run" | "least_allowance" | "trim_low" | "trim_medium" | "trim_high" | "trim_knit" | "trim_worth" | "band_least" | "sew_through" | "open_aside" | "back_alone_warn" | "back_alone_share" | "pockets_apart" | "crease_shift" | "leg_shift" | "fixture_zip" | "fixture_buttons" | "fixture_pocket" | "fixture_match" | "fixture_label" | "seam_worth" | "dart_front" | "dart_back" | "dart_bodice" | "side_swing" | "inset_allowance" | "gusset_reach" | "hip_floor" | "knee_floor" | "elbow_floor" | "reach_floor" | "bust_floor" | "stride" | "stretch_full" | "stretch_worn" | "stretch_kept" | "wear_bust_close" | "wear_bust_easy" | "wear_bust_loose" | "wear_bust_jacket_close" | "wear_bust_jacket_easy" | "wear_bust_jacket_loose" | "wear_bust_coat_close" | "wear_bust_coat_easy" | "wear_bust_coat_loose" | "wear_bust_laced_close" | "wear_bust_laced_easy" | "wear_bust_laced_loose" | "wear_waist_band_close" | "wear_waist_band_easy" | "wear_waist_band_loose" | "wear_waist_close" | "wear_waist_easy" | "wear_waist_loose" | "wear_high_hip_close" | "wear_high_hip_easy" | "wear_high_hip_loose" | "wear_hip_legs_close" | "wear_hip_legs_easy" | "wear_hip_legs_loose" | "wear_hip_close" | "wear_hip_easy" | "wear_hip_loose" | "wear_thigh_close" | "wear_thigh_easy" | "wear_thigh_loose" | "wear_knee_close" | "wear_knee_easy" | "wear_knee_loose" | "wear_calf_close" | "wear_calf_easy" | "wear_calf_loose" | "wear_upper_arm_close" | "wear_upper_arm_easy" | "wear_upper_arm_loose" | "wear_elbow_close" | "wear_elbow_easy" | "wear_elbow_loose" | "wear_own_close" | "wear_own_loose" | "wear_swamps" | "cap_tailored_least" | "cap_tailored_most" | "cap_dress_least" | "cap_dress_most" | "cap_shirt_least" | "cap_shirt_most" | "cap_knit_least" | "cap_knit_most" | "bust_below" | "underarm_to_waist" | "under_bust_below" | "high_hip_below" | "hip_below" | "thigh_below" | "knee_share" | "calf_share" | "hem_tolerance" | "hem_uneven" | "hem_pair_ask" | "hem_floor" | "hem_uneven_by" | "hem_blend" | "sleeve_below" | "trip_below" | "hem_single" | "hem_first_fold" | "hem_wide" | "hem_narrow" | "hem_rolled" | "hem_deep" | "hem_faced" | "hem_knit" | "hem_bag" | "facing_depth" | "ease_firm" | "ease_soft" | "ease_knit" | "ease_wool" | "hem_pinch" | "hem_ease_row" | "hem_open_splay" | "hem_open_flat" | "tuck_above" | "tuck_trim" | "tuck_trim_from" | "original_ease" | "band_over" | "mitre_trim" | "lining_bag" | "lining_above" | "lining_free" | "lining_slack" | "lining_turn" | "undo_lining" | "vent_left" | "pocket_clear" | "button_clear" | "pleat_depth" | "slit_open" | "slit_height" | "cloth_width" | "elastic_draws" | "elastic_share" | "elastic_end" | "elastic_most" | "bias_join" | "waist_ease" | "vouch_within" | "sewing_a_day" | "hang_hem" | "hang_look" | "dry_wash" | "dry_swatch" | "cool_press" | "waits_over", number>>;
            /**
             * @description Unit and rounding on the tape.
             * @default {
             *       "rounding": "mm",
             *       "unit": "mm"
             *     }
             */
            scale: components["schemas"]["Scale"];
            /**
             * @description Depth of a body's cross-section as a share of its width, in place of the house table's.
             * @default {}
             */
            sections: Partial<Record<"bust" | "under_bust" | "waist" | "high_hip" | "hip" | "thigh" | "knee" | "calf" | "hem" | "upper_arm" | "elbow" | "wrist", number>>;
            /**
             * @description How a new line is tried on.
             * @default tacked
             */
            tried_in: components["schemas"]["TriedIn"];
        };
        /** @description A garment as it hangs on the rail. */
        Hanging: {
            /** @description True where it hangs by its band, false where by its shoulders. */
            by_its_band: boolean;
            figure?: components["schemas"]["Figure"] | null;
            /**
             * Format: uuid
             * @description Its newest fitting.
             */
            fitting?: string | null;
            /**
             * Format: int32
             * @description Number of that fitting.
             */
            fitting_number?: number | null;
            /**
             * Format: uuid
             * @description Its id.
             */
            id: string;
            /** @description Hands-on minutes left. */
            minutes_left: components["schemas"]["Minutes"];
            /** @description What to do next. */
            next: components["schemas"]["NextAct"];
            /** @description The garment. */
            record: components["schemas"]["GarmentRecord"];
            /** @description Steps done and steps in all. */
            steps: number[];
            /** @description How much was read on it before it was changed, and is on nothing now. */
            strays: number;
            /**
             * Format: int64
             * @description Its version, as in the `ETag`.
             */
            version: number;
            /**
             * Format: int32
             * @description Days on which it hangs, washes or dries by itself.
             */
            waits: number;
            /** @description What its wearer is called. */
            wearer_name?: string | null;
        };
        /** @description The answer of a ready server. */
        Health: {
            /** @description Always `ready`; a server that is not ready answers 503. */
            status: string;
        };
        /** @description What a way of saying it begins with. */
        HemBegins: {
            /** @description Shorter by what the hem already goes up, so that nothing moves. */
            edge: components["schemas"]["Wanted"];
            floor?: components["schemas"]["Wanted"] | null;
            /** @description As long as it is. */
            garment: components["schemas"]["Wanted"];
            high_low?: components["schemas"]["HighLow"] | null;
            /** @description At the place of the body hems like it are most often wanted at. */
            landmark: components["schemas"]["Wanted"];
            /** @description In a tuck clear of what cannot be cut. */
            tuck: components["schemas"]["ShortenAt"];
        };
        /**
         * @description What becomes of a finished hem at a seam that moves.
         * @enum {string}
         */
        HemCrossed: "opened" | "sewn_through";
        /**
         * @description When the surplus below a hem is cut off.
         * @enum {string}
         */
        HemCut: "before" | "after";
        /** @description A facing for an edge that no turn-up fits. */
        HemFacing: {
            /** @description What is left beyond its stitching on all sides. */
            allowance: components["schemas"]["Length"];
            /** @description Its depth, finished. */
            depth: components["schemas"]["Length"];
            /** @description Its lower edge, along the fold, without seam allowances. */
            lower: components["schemas"]["Length"];
            /** @description A bias strip that does the same: its length with its joins, and the width it is cut. */
            strip: components["schemas"]["Length"][];
            /** @description Its upper edge, along the cloth it lies on. */
            upper: components["schemas"]["Length"];
            /** @description All in a sentence. */
            words: string;
        };
        /** @description Something near a hem, with where it stands before anything is changed. */
        HemFeature: {
            /**
             * Format: double
             * @description Where round the hem, in degrees, as readings are; all round where nothing is said.
             */
            at?: number | null;
            /**
             * Format: int32
             * @description How many buttons.
             */
            count?: number | null;
            /** @description Its lower end, above the finished edge: the pocket's bottom, the lowest button. In millimetres. */
            from?: number;
            /** @description The hem it stands near. */
            hem: components["schemas"]["HemName"];
            /** @description What it is. */
            kind: components["schemas"]["FeatureKind"];
            pinned?: number | null;
            side?: components["schemas"]["Side"] | null;
            /** @description Its upper end, above the finished edge: the top of the vent, the top button. In millimetres. */
            to: number;
            /** @description How far it is turned in or reaches over: of a facing or a vent. In millimetres. */
            width?: number;
        };
        /**
         * @description A way to hem.
         * @enum {string}
         */
        HemKind: "single_fold" | "double_wide" | "double_narrow" | "rolled" | "deep_hand" | "faced" | "bias_faced" | "cover_stitched" | "twin_needle" | "lined_bag" | "original" | "uncut";
        /** @description A way to hem with what it suits. */
        HemKindWords: {
            /** @description True where an allowance is turned up or sewn, and may be chosen. */
            has_allowance: boolean;
            /** @description Its name in files. */
            name: components["schemas"]["HemKind"];
            /** @description What it suits. */
            suits: string;
            /** @description Its name on screen. */
            words: string;
        };
        /** @description The lining of one hem. */
        HemLining: {
            /** @description How far above the outer fold it ends. */
            above: components["schemas"]["Length"];
            /** @description True where it is sewn to the outside at the edge, right sides in. */
            bagged: boolean;
            /** @description Height of the interfacing band along the hem. */
            band: components["schemas"]["Length"];
            /** @description What becomes of its edge. */
            edge: components["schemas"]["LiningEdge"];
            /** @description How it hangs. */
            hangs: components["schemas"]["LiningHangs"];
            /** @description How far its edge moves up from where it is now, where the outside moves by the mean. */
            moves: components["schemas"]["Length"];
            /** @description Its raw edge, above the outer fold; negative reaches below it. */
            raw: components["schemas"]["Length"];
            /** @description Slack, pushed up into a pleat. */
            slack: components["schemas"]["Length"];
            /** @description What is turned under at its edge. */
            turn: components["schemas"]["Length"];
            /** @description How far above the new hem it is undone from facing, vent and slits. */
            undo: components["schemas"]["Length"];
            /** @description How to get in. */
            way_in: string;
            /** @description What to do, in a few sentences. */
            words: string[];
        };
        /** @description Another way to sew a hem that cannot be made as it was asked. */
        HemMend: {
            allowance?: components["schemas"]["Length"] | null;
            /** @description How the hem is then sewn. */
            kind: components["schemas"]["HemKind"];
            /** @description What it does, for a button. */
            words: string;
        };
        /**
         * @description A hem of a garment.
         * @enum {string}
         */
        HemName: "hem" | "sleeve";
        /**
         * @description What becomes of two legs or sleeves that read differently.
         * @enum {string}
         */
        HemPair: "even" | "as_left" | "as_right" | "own";
        /** @description Two sides against each other at one place. */
        HemPairRow: {
            /** @description The same as they stand on the session's tape. */
            shown: string[];
            /** @description How far the fold goes up on the left, the right, and by how much they differ. */
            take_up: components["schemas"]["Length"][];
            /** @description What the place is called. */
            words: string;
        };
        /** @description A hem the garment has, whether anything is wanted of it or not. */
        HemPlace: {
            /** @description Where each way of saying what is wanted of it begins. */
            begins: components["schemas"]["HemBegins"];
            /** @description Its length all round now. */
            girth: components["schemas"]["Length"];
            /** @description True where a facing meets it: its corner is turned back, or mitred. */
            has_facing: boolean;
            /** @description True where it can be shortened at the waist. */
            has_waist: boolean;
            /** @description Which. */
            hem: components["schemas"]["HemName"];
            /** @description How long the garment is there now: down its outseam or side, or from the shoulder point. */
            length: components["schemas"]["Length"];
            /** @description True where it runs from one front edge to the other instead of all round. */
            open: boolean;
            /** @description True where there is one on each side. */
            paired: boolean;
            /** @description Where it can be read, in turning order. */
            spots: components["schemas"]["HemSpot"][];
            /** @description The kind that suits it. */
            usual_kind: components["schemas"]["HemKind"];
            /** @description What it is called. */
            words: string;
        };
        /**
         * @description How a reading round the hem was taken.
         * @enum {string}
         */
        HemRead: "floor_to_edge" | "edge_to_pin";
        /** @description One reading at one place of the hem. */
        HemReading: {
            /**
             * Format: double
             * @description Where round the hem, in degrees: a skirt from the centre front over the left side; a leg from the
             *     inseam over the front; a sleeve from its underarm over the front.
             */
            at: number;
            /** @description Its id, made by whoever reads it. */
            id: string;
            /** @description How much. In millimetres. */
            length: number;
            /** @description What was read. */
            read: components["schemas"]["HemRead"];
            /** @description Which leg or sleeve; `centre` for a hem there is only one of. */
            side: components["schemas"]["Side"];
        };
        /** @description A reading as it is understood. */
        HemReadingRead: {
            /**
             * Format: double
             * @description Where, in degrees.
             */
            at: number;
            /** @description What it does, said back. */
            echo: string;
            /** @description Its id. */
            id: string;
            /** @description What was read, as it stands on the session's tape. */
            shown: string;
            /** @description Which leg or sleeve. */
            side: components["schemas"]["Side"];
            take_up?: components["schemas"]["Length"] | null;
            /** @description What that place is called. */
            words: string;
        };
        /** @description Why a hem cannot be made as it was asked. */
        HemRefusal: {
            /** @description What it was to lose. */
            asked: components["schemas"]["Length"];
            /** @description The most it can. */
            most: components["schemas"]["Length"];
            /** @enum {string} */
            why: "too_short";
        } | {
            /** @description By how much it was to go down. */
            by: components["schemas"]["Length"];
            /** @enum {string} */
            why: "kept";
        } | {
            /** @description By how much it was to go down. */
            by: components["schemas"]["Length"];
            /** @description What stays in the seam of a facing. */
            kept: components["schemas"]["Length"];
            /** @description The most it can go down. */
            most: components["schemas"]["Length"];
            /** @description The old turn-up. */
            old: components["schemas"]["Length"];
            /** @enum {string} */
            why: "too_long";
        } | {
            /** @description What a facing takes. */
            faced: components["schemas"]["Length"];
            /** @description What this hem takes. */
            takes: components["schemas"]["Length"];
            /** @description What there is. */
            there: components["schemas"]["Length"];
            /** @enum {string} */
            why: "too_little";
        } | {
            /** @description How much further up there would be enough. */
            shorten: components["schemas"]["Length"];
            /** @description What there is. */
            there: components["schemas"]["Length"];
            /** @enum {string} */
            why: "nothing";
        } | {
            /** @description By how much it is too full, or too tight where negative. */
            excess: components["schemas"]["Length"];
            /** @description How it lies. */
            lies: components["schemas"]["Lies"];
            /** @enum {string} */
            why: "does_not_lie";
            widest?: components["schemas"]["Length"] | null;
        };
        /** @description One mark to chalk round a hem. */
        HemRow: {
            /** @description How far round the existing edge. */
            along: components["schemas"]["Length"];
            /**
             * Format: double
             * @description Where, in degrees.
             */
            at: number;
            cut?: components["schemas"]["Length"] | null;
            finished?: components["schemas"]["Length"] | null;
            /** @description From the existing edge up to the new fold; negative is down. */
            fold: components["schemas"]["Length"];
            /** @description True at a reading. */
            is_reading: boolean;
            /** @description Along, fold, cut, strip and finished length as they stand on the session's tape. */
            shown: (string | null)[];
            strip?: components["schemas"]["Length"] | null;
            /** @description What that place is called. */
            words: string;
        };
        /** @description A seam that meets the hem. */
        HemSeam: {
            /**
             * Format: double
             * @description How far round the existing edge, in millimetres.
             */
            along: number;
            /** @description What it is called. */
            words: string;
        };
        /**
         * @description What a hem is sewn with.
         * @enum {string}
         */
        HemSewn: "hand" | "machine";
        /** @description One hem edge: a skirt's, one leg's, one sleeve's, or both where they are alike. */
        HemSide: {
            /** @description What stands near it. */
            collisions: components["schemas"]["Collision"][];
            /** @description Length all round before and after. */
            girth: components["schemas"]["Length"][];
            /** @description The table to chalk by, in turning order. */
            rows: components["schemas"]["HemRow"][];
            /** @description Which; `centre` for the only one, or for both alike. */
            side: components["schemas"]["Side"];
            /** @description How far up it goes: least, mean and most. */
            take_up: components["schemas"]["Length"][];
            tuck?: components["schemas"]["Tuck"] | null;
            turn_up?: components["schemas"]["TurnUp"] | null;
            /** @description Unrolled. */
            unrolled: components["schemas"]["Unrolled"];
        };
        /** @description Everything computed for one hem. */
        HemSolution: {
            /** @description What is turned up in all, and how it is said. */
            allowance: components["schemas"]["Length"];
            /** @description See `allowance`: `6 + 20 mm`. */
            allowance_words: string;
            /** @description Which way a height above the floor was turned into cloth, where the two differ. */
            flare?: string | null;
            /** @description Which. */
            hem: components["schemas"]["HemName"];
            /** @description How it is sewn. */
            kind: components["schemas"]["HemKind"];
            /** @description What that is called. */
            kind_words: string;
            /** @description How it is made level. */
            level_by: components["schemas"]["LevelBy"];
            lining?: components["schemas"]["HemLining"] | null;
            /** @description Ways to make it after all. */
            mends: components["schemas"]["HemMend"][];
            /** @description Corners. */
            mitres: components["schemas"]["Mitre"][];
            /** @description What becomes of the old turn-up. */
            old_turn_up: components["schemas"]["OldTurnUp"];
            /** @description The same in words. */
            pair_words?: string | null;
            /** @description True where there is one on each side. */
            paired: boolean;
            /** @description Left and right compared, where there is something to compare. */
            pairs: components["schemas"]["HemPairRow"][];
            /** @description What was read. */
            readings: components["schemas"]["HemReadingRead"][];
            refusal?: components["schemas"]["HemRefusal"] | null;
            /** @description The same in words, with the nearest that can be made. */
            refused?: string | null;
            /**
             * Format: double
             * @description What will be lost in the wash, as a share, and is in every line of the table.
             */
            shrinks?: number | null;
            /** @description Its edges: one, or left and right. */
            sides: components["schemas"]["HemSide"][];
            /** @description Sums that belong to it. */
            sums: components["schemas"]["KnownSum"][];
            uncut?: components["schemas"]["UncutWay"] | null;
            uneven?: components["schemas"]["Uneven"] | null;
            /** @description Why nothing is computed yet, and what to do. */
            waits?: string | null;
            /** @description Where it shall be, said back. */
            wanted: string;
            /** @description What it is called. */
            words: string;
        };
        /** @description A place round a hem that is offered for a reading. */
        HemSpot: {
            /**
             * Format: double
             * @description In degrees, in turning order.
             */
            at: number;
            /** @description What it is called. */
            words: string;
        };
        /**
         * @description When the hem is sewn.
         * @enum {string}
         */
        HemWhen: "last" | "flat" | "first";
        /** @description Everything wanted of one hem. */
        HemWish: {
            allowance?: number | null;
            /** @description Which hem. */
            hem: components["schemas"]["HemName"];
            high_low?: components["schemas"]["HighLow"] | null;
            kind?: components["schemas"]["HemKind"] | null;
            level_by?: components["schemas"]["LevelBy"] | null;
            /** @description The lining, where there is one. */
            lining?: components["schemas"]["LiningWish"];
            /** @description True where the corner at a facing is mitred; it is turned back over the hem otherwise, and nothing is cut. */
            mitre_facing?: boolean;
            /** @description What becomes of two legs or sleeves that read differently. */
            pair?: components["schemas"]["HemPair"];
            /** @description What was read round it, in turning order. */
            readings?: components["schemas"]["HemReading"][];
            /** @description How much the shoes lift the heel above the bare floor. In millimetres. */
            shoes?: number;
            shorten_at?: components["schemas"]["ShortenAt"] | null;
            /** @description Where the finished edge shall be. */
            wanted: components["schemas"]["Wanted"];
        };
        /** @description A hem that is uneven on purpose. Between the side seams and the blends it keeps its full difference. */
        HighLow: {
            /** @description How much longer the centre back is than the sides; negative is shorter. In millimetres. */
            back?: number;
            /** @description How far back of the side seam the back's difference is reached. In millimetres. */
            blend_back: number;
            /** @description How far forward of the side seam the front's difference is reached. In millimetres. */
            blend_front: number;
            /** @description How much shorter the centre front is than the sides; negative is longer. In millimetres. */
            front?: number;
        };
        /** @description What an account holds, and loses when it is deleted. */
        Holdings: {
            /**
             * Format: int64
             * @description Their fittings.
             */
            fittings: number;
            /**
             * Format: int64
             * @description Garments on the rail.
             */
            garments: number;
            /**
             * Format: int64
             * @description People who wear things.
             */
            people: number;
        };
        /** @description A row of the house table. */
        HouseEntry: {
            /**
             * Format: double
             * @description The house default as a tape with inches shows it, in the same unit. It is computed with as `value`.
             */
            in_inches?: number | null;
            /** @description Its name in files and requests. */
            key: components["schemas"]["HouseRule"];
            /**
             * Format: double
             * @description The least it may be set to.
             */
            least: number;
            /**
             * Format: double
             * @description The most it may be set to.
             */
            most: number;
            /** @description Its name on screen. */
            name: string;
            /** @description Why the house chose it. */
            reason: string;
            /** @description What it is about, on screen. */
            topic: string;
            /** @description What the value counts. */
            unit: components["schemas"]["RuleUnit"];
            /**
             * Format: double
             * @description The house default.
             */
            value: number;
        };
        /**
         * @description A number the craft needs and practitioners choose.
         * @enum {string}
         */
        HouseRule: "measure_age" | "pair_within" | "pin_noise" | "twist_ask" | "ladder_step" | "ladder_near" | "pin_spread" | "pin_tolerance" | "slope_woven" | "slope_knit" | "radius" | "fade_share" | "taper_worth" | "band_stands" | "steep_within" | "steep_slope" | "steep_radius" | "chalk_step" | "sew_before" | "lock_in" | "dart_run" | "least_allowance" | "trim_low" | "trim_medium" | "trim_high" | "trim_knit" | "trim_worth" | "band_least" | "sew_through" | "open_aside" | "back_alone_warn" | "back_alone_share" | "pockets_apart" | "crease_shift" | "leg_shift" | "fixture_zip" | "fixture_buttons" | "fixture_pocket" | "fixture_match" | "fixture_label" | "seam_worth" | "dart_front" | "dart_back" | "dart_bodice" | "side_swing" | "inset_allowance" | "gusset_reach" | "hip_floor" | "knee_floor" | "elbow_floor" | "reach_floor" | "bust_floor" | "stride" | "stretch_full" | "stretch_worn" | "stretch_kept" | "wear_bust_close" | "wear_bust_easy" | "wear_bust_loose" | "wear_bust_jacket_close" | "wear_bust_jacket_easy" | "wear_bust_jacket_loose" | "wear_bust_coat_close" | "wear_bust_coat_easy" | "wear_bust_coat_loose" | "wear_bust_laced_close" | "wear_bust_laced_easy" | "wear_bust_laced_loose" | "wear_waist_band_close" | "wear_waist_band_easy" | "wear_waist_band_loose" | "wear_waist_close" | "wear_waist_easy" | "wear_waist_loose" | "wear_high_hip_close" | "wear_high_hip_easy" | "wear_high_hip_loose" | "wear_hip_legs_close" | "wear_hip_legs_easy" | "wear_hip_legs_loose" | "wear_hip_close" | "wear_hip_easy" | "wear_hip_loose" | "wear_thigh_close" | "wear_thigh_easy" | "wear_thigh_loose" | "wear_knee_close" | "wear_knee_easy" | "wear_knee_loose" | "wear_calf_close" | "wear_calf_easy" | "wear_calf_loose" | "wear_upper_arm_close" | "wear_upper_arm_easy" | "wear_upper_arm_loose" | "wear_elbow_close" | "wear_elbow_easy" | "wear_elbow_loose" | "wear_own_close" | "wear_own_loose" | "wear_swamps" | "cap_tailored_least" | "cap_tailored_most" | "cap_dress_least" | "cap_dress_most" | "cap_shirt_least" | "cap_shirt_most" | "cap_knit_least" | "cap_knit_most" | "bust_below" | "underarm_to_waist" | "under_bust_below" | "high_hip_below" | "hip_below" | "thigh_below" | "knee_share" | "calf_share" | "hem_tolerance" | "hem_uneven" | "hem_pair_ask" | "hem_floor" | "hem_uneven_by" | "hem_blend" | "sleeve_below" | "trip_below" | "hem_single" | "hem_first_fold" | "hem_wide" | "hem_narrow" | "hem_rolled" | "hem_deep" | "hem_faced" | "hem_knit" | "hem_bag" | "facing_depth" | "ease_firm" | "ease_soft" | "ease_knit" | "ease_wool" | "hem_pinch" | "hem_ease_row" | "hem_open_splay" | "hem_open_flat" | "tuck_above" | "tuck_trim" | "tuck_trim_from" | "original_ease" | "band_over" | "mitre_trim" | "lining_bag" | "lining_above" | "lining_free" | "lining_slack" | "lining_turn" | "undo_lining" | "vent_left" | "pocket_clear" | "button_clear" | "pleat_depth" | "slit_open" | "slit_height" | "cloth_width" | "elastic_draws" | "elastic_share" | "elastic_end" | "elastic_most" | "bias_join" | "waist_ease" | "vouch_within" | "sewing_a_day" | "hang_hem" | "hang_look" | "dry_wash" | "dry_swatch" | "cool_press" | "waits_over";
        /** @description The garment and the fitting that a job became. */
        Imported: {
            /**
             * Format: uuid
             * @description Its first fitting.
             */
            fitting: string;
            /**
             * Format: uuid
             * @description The garment.
             */
            garment: string;
        };
        /** @description A piece to set into a seam, or under an arm. */
        Inset: {
            /** @description What is cut beyond the finished piece on each side. */
            allowance: components["schemas"]["Length"];
            /** @description Where along the seam it reaches, from the lower end. */
            from: components["schemas"]["Length"];
            /** @description True for a diamond under the arm; false for a strip down the seam. */
            gusset: boolean;
            /** @description The seam it goes into, once on each side. */
            seam: components["schemas"]["SeamName"];
            /** @description Its upper end. */
            to: components["schemas"]["Length"];
            /** @description Finished widths at each level: `(level, width)`. */
            widths: components["schemas"]["InsetWidth"][];
            /** @description What to cut and how to set it in. */
            words: string;
        };
        /** @description How wide an inset is at a level. */
        InsetWidth: {
            /** @description Cut width, with allowance on both sides. */
            cut: components["schemas"]["Length"];
            /** @description Finished width. */
            finished: components["schemas"]["Length"];
            /** @description The level. */
            level: components["schemas"]["LevelName"];
        };
        /** @description What is inside one seam at one level. */
        InsideSeam: {
            /** @description What its two edges are called. */
            edges: string[];
            gains?: components["schemas"]["Length"] | null;
            /** @description What is inside each edge, up to the nearest clip; nothing where nobody looked. */
            inside?: components["schemas"]["Length"][] | null;
            most?: components["schemas"]["Length"] | null;
            /** @description The seam. */
            seam: components["schemas"]["SeamName"];
            /** @description The seam, its edges and what is inside each, in words. */
            words: string;
        };
        /**
         * @description How close the wearer wants it.
         * @enum {string}
         */
        Intention: "close" | "easy" | "loose";
        /** @description A job file's content. */
        Job: {
            body?: components["schemas"]["Body"] | null;
            /** @description The fitting. */
            fitting: components["schemas"]["Fitting"];
            /** @description [`JOB_FORMAT`]. */
            format: string;
            /** @description The garment. */
            garment: components["schemas"]["Garment"];
            /** @description Settings. */
            habits?: components["schemas"]["Habits"];
            /** @description Steps timed before, for the personal factor. */
            timings?: components["schemas"]["Timing"][];
            /** @description The wearer's name. */
            wearer: string;
        };
        /** @description One change. */
        JournalEntry: {
            /** @description Later lines that stand on it and would have to go too, newest first: it was superseded. */
            above: number[];
            /**
             * Format: date-time
             * @description When it was made.
             */
            at: string;
            /** @description True for the beginning of a fitting: taking it back takes the fitting away. */
            begins: boolean;
            /** @description Who made it. */
            by: components["schemas"]["Maker"];
            /** @description True while it can be taken back, with what stands on it. */
            can_go: boolean;
            /**
             * Format: uuid
             * @description The fitting it is about; nothing where it is about the garment itself.
             */
            fitting?: string | null;
            /**
             * Format: int64
             * @description Its number in the journal; later changes have higher ones.
             */
            id: number;
            replaced?: components["schemas"]["Maker"] | null;
            /**
             * Format: int64
             * @description The line it takes back.
             */
            takes_back?: number | null;
            /** @description True once it was taken back. */
            undone: boolean;
            /** @description What was changed, in words, on the tape in hand. */
            what: string;
        };
        /** @description The answer to a sum kept with a fitting. */
        KeptAnswer: {
            /** @description The answer. */
            answer: components["schemas"]["SumAnswer"];
            /** @description Its id. */
            id: string;
            /** @description What it is for. */
            note: string;
            /** @description Keys of the steps it is needed for. */
            steps: string[];
        };
        /** @description A fitting with id and version. */
        KeptFitting: {
            /**
             * Format: uuid
             * @description Its id.
             */
            id: string;
            /** @description The fitting. */
            record: components["schemas"]["FittingRecord"];
            /**
             * Format: int64
             * @description Its version, as in the `ETag`.
             */
            version: number;
        };
        /** @description A sum kept with a fitting. */
        KeptSum: {
            /** @description Its id, made by whoever kept it. */
            id: string;
            /** @description What it is for. */
            note?: string;
            place?: components["schemas"]["SumPlace"] | null;
            /** @description The sum. */
            sum: components["schemas"]["Sum"];
        };
        /** @description A wearer with id and version. */
        KeptWearer: {
            /** @description What of it is beyond a limit, as it was kept before there was one. */
            beyond?: string[];
            /**
             * Format: uuid
             * @description Its id.
             */
            id: string;
            /**
             * Format: int64
             * @description Its version, as in the `ETag`.
             */
            version: number;
            /** @description The wearer. */
            wearer: components["schemas"]["Wearer"];
        };
        /**
         * @description A kind of garment.
         * @enum {string}
         */
        Kind: "trousers" | "sweatpants" | "straight_skirt" | "flared_skirt" | "waisted_dress" | "princess_dress" | "shift_dress" | "shirt" | "knit_top" | "jacket" | "coat" | "waistcoat" | "overalls";
        /** @description A kind of garment with what is measured on it and which seams it can have. */
        KindWords: {
            /** @description Flat measures down the garment, with sleeves. */
            flats: components["schemas"]["MeasureWords_FlatName"][];
            /** @description How many of those are left where it has no sleeves. */
            flats_without_sleeves: number;
            /** @description True where a band closes it at the waist. */
            has_band: boolean;
            /** @description The levels at which its back can be laced, from the top down. */
            laces_at: components["schemas"]["LevelName"][];
            /** @description How its lining is closed at the hem where nobody says. */
            lining: components["schemas"]["LiningClosed"];
            /** @description Its name in files. */
            name: components["schemas"]["Kind"];
            /** @description Pockets it can have. */
            pockets: components["schemas"]["Pocket"][];
            /** @description Seams it can have. */
            seams: components["schemas"]["SeamWords"][];
            /** @description True where it can have sleeves. */
            takes_sleeves: boolean;
            /** @description How its sleeves are usually cut. */
            usual_sleeves: components["schemas"]["SleeveBuild"];
            /** @description Measures of a body that are compared with it, with sleeves and without. */
            wants: components["schemas"]["MeasureName"][][];
            /** @description Its name on screen. */
            words: string;
        };
        /** @description One number that is known. */
        KnownNumber: {
            /** @description The number of the sum it is: `clear.at`. */
            field: string;
            /** @description The number as it stands on the session's tape, several with a semicolon between. */
            shown: string;
        };
        /** @description A sum as far as the garment says it; what it does not say is left to be typed. */
        KnownSum: {
            /** @description True where a number was not measured, but is drawn as on most of its kind. */
            estimated: boolean;
            /** @description Its numbers. */
            numbers: components["schemas"]["KnownNumber"][];
            /** @description What of the garment it is about. */
            place: components["schemas"]["SumPlace"];
            /** @description Which sum. */
            sum: components["schemas"]["SumKind"];
            /** @description What it is of, for a button. */
            words: string;
        };
        /** @description A laced back: it closes on a gap that varies with the height. */
        Lacing: {
            /** @description The gap between the laced edges at each level it crosses, as worn. */
            gaps: Partial<Record<"bust" | "under_bust" | "waist" | "high_hip" | "hip" | "thigh" | "knee" | "calf" | "hem" | "upper_arm" | "elbow" | "wrist", number>>;
            /** @description How far a modesty panel reaches under each edge. In millimetres. */
            overlap: number;
        };
        /** @description A seam to set a ladder of pins on. */
        Laddering: {
            /** @description The job. */
            job: components["schemas"]["Job"];
            /** @description The seam. */
            seam: components["schemas"]["SeamName"];
        };
        /**
         * @description A place of the body that a hem is wanted at.
         * @enum {string}
         */
        Landmark: "knee" | "ankle_bone" | "shoe" | "fingertip" | "waist" | "wrist" | "elbow";
        /** @description A place of the body a hem can be wanted at. */
        LandmarkWords: {
            /** @description Its name in files. */
            name: components["schemas"]["Landmark"];
            /** @description True for a sleeve's. */
            on_arm: boolean;
            /** @description Its name on screen. */
            words: string;
        };
        /** @description One layer worn under the garment when it is tried on. */
        Layer: {
            /** @description What it is: shirt tail, thermal leggings. */
            name: string;
            /** @description Its thickness; it takes `2π` times this from the ease at every level. In millimetres. */
            thickness: number;
        };
        /** @description A length in millimetres. */
        Length: number;
        /**
         * @description A length of the garment.
         * @enum {string}
         */
        LengthName: "shoulder" | "across_back" | "nape_to_waist" | "back_length" | "armhole" | "sleeve" | "crotch" | "inseam" | "outseam" | "side" | "front_dart" | "back_dart";
        /** @description One length, before and after, against the body. */
        LengthRow: {
            body?: components["schemas"]["Length"] | null;
            /** @description True when it rests on a measure nobody took. */
            estimated: boolean;
            /** @description What to do about it, where there is something. */
            finding?: string | null;
            gap?: components["schemas"]["Length"] | null;
            /** @description The garment's, before and after. */
            garment: components["schemas"]["Length"][];
            /** @description Which. */
            name: components["schemas"]["LengthName"];
            /** @description Before, after, body and gap as they stand on the session's tape. */
            shown: (string | null)[];
            /** @description What it is called. */
            words: string;
        };
        /** @description The balance of one level: body, garment, ease, verdict. */
        LevelBalance: components["schemas"]["LevelGirth"] & {
            body?: components["schemas"]["Length"] | null;
            /** @description What a wearer cannot do below the floor. */
            cannot?: string | null;
            close?: components["schemas"]["Length"] | null;
            ease_after?: components["schemas"]["Length"] | null;
            ease_before?: components["schemas"]["Length"] | null;
            floor?: components["schemas"]["Length"] | null;
            on_form?: components["schemas"]["FormEase"] | null;
            /** @description What it amounts to, said: what cannot be done, the verdict, or that nobody has measured the body there. */
            said?: string | null;
            /** @description The same numbers as they stand on the session's tape. */
            shown: components["schemas"]["ShownLevel"];
            verdict?: components["schemas"]["Verdict"] | null;
            verdict_before?: components["schemas"]["Verdict"] | null;
            wanted?: components["schemas"]["Length"] | null;
        };
        /**
         * @description How a hem is made level.
         * @enum {string}
         */
        LevelBy: "floor" | "even" | "hung";
        /** @description What one level can gain. */
        LevelGain: {
            /** @description The level. */
            level: components["schemas"]["LevelName"];
            missing?: components["schemas"]["Length"] | null;
            /** @description The most the level can gain by letting out every seam that was looked into. */
            most: components["schemas"]["Length"];
            /** @description Seam by seam. */
            seams: components["schemas"]["InsideSeam"][];
            /** @description The same numbers as they stand on the session's tape. */
            shown: components["schemas"]["ShownGain"];
            wanted?: components["schemas"]["Length"] | null;
        };
        /** @description A level's girth before and after. */
        LevelGirth: {
            /** @description Girth with every line sewn. */
            after: components["schemas"]["Length"];
            /** @description Girth as measured, with any lacing as it is worn. */
            before: components["schemas"]["Length"];
            /** @description What is no seam's: the cloth that comes to lie there, of a hem that moves or a strip taken out above it. */
            cloth: components["schemas"]["Length"];
            /** @description True when the width was not measured and the drawing's own is used. */
            estimated: boolean;
            /** @description The level. */
            level: components["schemas"]["LevelName"];
            /** @description What each seam does. */
            parts: components["schemas"]["GirthPart"][];
            side?: components["schemas"]["Side"] | null;
            /** @description The tube it goes round. */
            tube: components["schemas"]["Tube"];
        };
        /** @description A level's place on the drawings. */
        LevelMark: {
            /**
             * Format: double
             * @description Its height above its tube's hem fold, in millimetres.
             */
            height: number;
            /** @description The level. */
            level: components["schemas"]["LevelName"];
            /** @description True where it lies on a sleeve. */
            on_sleeve: boolean;
        };
        /**
         * @description A level.
         * @enum {string}
         */
        LevelName: "bust" | "under_bust" | "waist" | "high_hip" | "hip" | "thigh" | "knee" | "calf" | "hem" | "upper_arm" | "elbow" | "wrist";
        /** @description A level with its name on screen and the usual depth of a body there as a share of its width. */
        LevelWords: {
            /** @description Its name in files. */
            name: components["schemas"]["LevelName"];
            /**
             * Format: double
             * @description Depth of a body's cross-section as a share of its width, in the house table.
             */
            section: number;
            /** @description Its name on screen. */
            words: string;
        };
        /**
         * @description How a turn-up lies.
         * @enum {string}
         */
        Lies: "flat" | "ease_in" | "splay" | "too_full" | "too_tight";
        /** @description How hard a line is to sew. */
        LineCharacter: {
            /**
             * Format: double
             * @description Depth there.
             */
            deepest: number;
            /**
             * Format: double
             * @description Station of the deepest point, from the lower end, in millimetres.
             */
            deepest_at: number;
            /**
             * Format: double
             * @description Greatest slope, depth per length.
             */
            steepest_slope: number;
            /**
             * Format: double
             * @description Tightest radius in millimetres, where the line bends at all.
             */
            tightest_radius?: number | null;
        };
        /** @description What a line does at one end of its seam. Stations are from the lower end, in millimetres. */
        LineEnd: {
            /**
             * Format: double
             * @description Where it rejoins the old stitching.
             */
            at: number;
            /** @enum {string} */
            end: "taper";
        } | {
            /** @enum {string} */
            end: "run_off";
        } | {
            /** @enum {string} */
            end: "carry";
        } | {
            /** @enum {string} */
            end: "hold";
            /**
             * Format: double
             * @description Where the constant stretch begins.
             */
            from: number;
        };
        /**
         * @description What a line is.
         * @enum {string}
         */
        LineName: "edge" | "stitch" | "fold";
        /** @description What came of one line. */
        LineOutcome: (components["schemas"]["DrawnLine"] & {
            /** @enum {string} */
            outcome: "drawn";
        }) | (components["schemas"]["LineRefused"] & {
            /** @enum {string} */
            outcome: "refused";
        });
        /** @description A line that cannot be drawn, with what can. */
        LineRefused: {
            longer?: components["schemas"]["ProposedEnds"] | null;
            /** @description Why not, and the nearest that works. */
            message: string;
            /** @description Depths that work with the ends as they are. */
            shallower?: components["schemas"]["ProposedDepth"][] | null;
        };
        /** @description Wishes for one seam's line; what is not wished is decided by the house. */
        LineWish: {
            lower?: components["schemas"]["EndWish"] | null;
            /** @description The seam. */
            seam: components["schemas"]["SeamName"];
            upper?: components["schemas"]["EndWish"] | null;
        };
        /**
         * @description How a lining is closed at the hem, which is where one gets in.
         * @enum {string}
         */
        LiningClosed: "felled" | "bagged" | "free";
        /**
         * @description What becomes of a lining's edge.
         * @enum {string}
         */
        LiningEdge: "folded" | "cut";
        /**
         * @description How a lining hangs.
         * @enum {string}
         */
        LiningHangs: "attached" | "free" | "caught";
        /** @description The lining as it is at the hem before anything is changed. */
        LiningNow: {
            /** @default null */
            above: number | null;
            /** @default null */
            closed: components["schemas"]["LiningClosed"] | null;
        };
        /** @description What becomes of the lining at this hem, where it is not left to the habits. */
        LiningWish: {
            /** @default null */
            edge: components["schemas"]["LiningEdge"] | null;
            /** @default null */
            hangs: components["schemas"]["LiningHangs"] | null;
        };
        /** @description How a cloth looks. */
        Look: {
            /** @description Its ground. */
            colour: components["schemas"]["Colour"];
            lining?: components["schemas"]["Colour"] | null;
            repeat?: number | null;
            second?: components["schemas"]["Colour"] | null;
            /** @description Its weave or print. */
            weave?: components["schemas"]["Weave"];
        };
        /** @description Who made a change. */
        Maker: {
            /** @description The device they used, in words. */
            device: string;
            /** @description True for the browser that asks. */
            here: boolean;
            /** @description What they are called. */
            name: string;
        };
        /**
         * @description What a line is measured from on the cloth.
         * @enum {string}
         */
        MatchBy: "old_seam" | "raw_edge";
        /**
         * @description A measure of the body, named as in ISO 8559-1 where the standard has a name for it.
         * @enum {string}
         */
        MeasureName: "head" | "neck" | "shoulder" | "shoulder_girth" | "across_back" | "bust" | "under_bust" | "nape_to_waist" | "neck_to_bust" | "arm_length" | "shoulder_to_elbow" | "upper_arm" | "elbow" | "hand" | "waist" | "waist_seated" | "high_hip" | "hip" | "thigh" | "knee" | "calf" | "heel_instep" | "inside_leg" | "outside_leg" | "knee_height" | "ankle_height" | "fingertip_height" | "body_rise" | "crotch_length" | "height";
        /** @description A measure with its name on screen and its limits. */
        MeasureWords_FlatName: {
            /** @description Where the tape lies; empty where the name says it. */
            hint: string;
            /** @description The least it can be. */
            least: components["schemas"]["Length"];
            /** @description The most it can be. */
            most: components["schemas"]["Length"];
            /**
             * @description A measure of a garment laid flat.
             * @enum {string}
             */
            name: "waist" | "high_hip" | "hip" | "thigh" | "knee" | "calf" | "hem" | "front_rise" | "back_rise" | "inseam" | "outseam" | "neck" | "shoulder" | "across_back" | "bust" | "under_bust" | "side_length" | "underarm_to_waist" | "back_length" | "upper_arm" | "elbow" | "wrist" | "sleeve_seam" | "sleeve_length";
            /** @description True when nothing can be drawn without it. */
            needed: boolean;
            /** @description Its name on screen. */
            words: string;
        };
        /** @description A measure with its name on screen and its limits. */
        MeasureWords_MeasureName: {
            /** @description Where the tape lies; empty where the name says it. */
            hint: string;
            /** @description The least it can be. */
            least: components["schemas"]["Length"];
            /** @description The most it can be. */
            most: components["schemas"]["Length"];
            /**
             * @description A measure of the body, named as in ISO 8559-1 where the standard has a name for it.
             * @enum {string}
             */
            name: "head" | "neck" | "shoulder" | "shoulder_girth" | "across_back" | "bust" | "under_bust" | "nape_to_waist" | "neck_to_bust" | "arm_length" | "shoulder_to_elbow" | "upper_arm" | "elbow" | "hand" | "waist" | "waist_seated" | "high_hip" | "hip" | "thigh" | "knee" | "calf" | "heel_instep" | "inside_leg" | "outside_leg" | "knee_height" | "ankle_height" | "fingertip_height" | "body_rise" | "crotch_length" | "height";
            /** @description True when nothing can be drawn without it. */
            needed: boolean;
            /** @description Its name on screen. */
            words: string;
        };
        /** @description Minutes as a range: in three of five evenings it takes between the two. */
        Minutes: {
            /**
             * Format: double
             * @description One evening in five it goes faster.
             */
            p20: number;
            /**
             * Format: double
             * @description The middle.
             */
            p50: number;
            /**
             * Format: double
             * @description One evening in five it takes longer.
             */
            p80: number;
        };
        /**
         * @description How a line gets from one side to the other.
         * @enum {string}
         */
        MirrorBy: "landmark" | "seams";
        /** @description A mark on the turn-up, mirrored from the line above the fold. */
        MirroredMark: {
            /** @description Distance below the hem fold, on the turn-up folded down. */
            below: components["schemas"]["Length"];
            /** @description Old stitching to chalk there. */
            depth: components["schemas"]["Length"];
            /** @description Both as they stand on the session's tape. */
            shown: string[];
        };
        /** @description A corner where two turn-ups meet. */
        Mitre: {
            /** @description The hem's turn-up and the other. */
            allowances: components["schemas"]["Length"][];
            /** @description What meets the hem there. */
            kind: components["schemas"]["FeatureKind"];
            /** @description The mitre's seam, from the corner of the folds to where the raw edges meet: `√(a₁² + a₂²)`. */
            seam: components["schemas"]["Length"];
            /** @description What it is trimmed to. */
            trim_to: components["schemas"]["Length"];
            /** @description What that is called. */
            what: string;
            /** @description All in a sentence. */
            words: string;
        };
        /** @description An edge that an alteration moved. */
        MovedEdge: {
            /** @description How far it lies from where it lay, where it moved most, in hundredths of a millimetre. */
            most: components["schemas"]["Length"];
            /** @description The seam it is sewn in. */
            seam: components["schemas"]["SeamName"];
            /** @description The half. */
            side: components["schemas"]["Side"];
        };
        /** @description A cloth by name. */
        NamedCloth: {
            /** @description What it is. */
            cloth: components["schemas"]["Cloth"];
            /** @description What it is called. */
            words: string;
        };
        /** @description One of several, with its name on screen. */
        Named_Collar: {
            /**
             * @description A collar.
             * @enum {string}
             */
            name: "none" | "stand" | "shirt" | "flat" | "notched" | "peaked" | "shawl" | "ribbed";
            /** @description Its name on screen. */
            words: string;
        };
        /** @description One of several, with its name on screen. */
        Named_Cuffs: {
            /**
             * @description What ends sleeves, or legs.
             * @enum {string}
             */
            name: "none" | "buttoned" | "turned_up" | "ribbed";
            /** @description Its name on screen. */
            words: string;
        };
        /** @description One of several, with its name on screen. */
        Named_Front: {
            /**
             * @description How the front closes.
             * @enum {string}
             */
            name: "closed" | "placket" | "single" | "double" | "zip" | "fly";
            /** @description Its name on screen. */
            words: string;
        };
        /** @description One of several, with its name on screen. */
        Named_Pocket: {
            /**
             * @description A pocket that shows.
             * @enum {string}
             */
            name: "slant" | "scoop" | "patch" | "flap" | "welt" | "chest_patch" | "chest_welt" | "back_patch" | "back_welt";
            /** @description Its name on screen. */
            words: string;
        };
        /** @description New stitching on one panel's edge. */
        NewEdge: {
            /** @description Length of the new edge. */
            new_length: components["schemas"]["Length"];
            /** @description Length of the old edge over the same stretch. */
            old_length: components["schemas"]["Length"];
            /** @description Its course, `[x, y]`. */
            points: number[][];
            /** @description The seam. */
            seam: components["schemas"]["SeamName"];
            /** @description The side; `centre` where one line serves both. */
            side: components["schemas"]["Side"];
        };
        /** @description Another password in place of the one in force. */
        NewPassword: {
            /** @description The password in force. */
            now: string;
            /** @description The password wanted. */
            wanted: string;
        };
        /** @description The next act. */
        NextAct: {
            /** @description True when a stop stands before it. */
            at_stop: boolean;
            /** @description True when nothing is left to do. */
            finished: boolean;
            /** @description Where. */
            place: components["schemas"]["Place"];
            /** @description What, in a few words. */
            words: string;
        };
        /**
         * @description What becomes of a worn or decorative edge.
         * @enum {string}
         */
        OldEdge: "original" | "new_hem";
        /**
         * @description What becomes of the old turn-up.
         * @enum {string}
         */
        OldTurnUp: "cut_off" | "unpicked" | "kept";
        /**
         * @description What happens to the other side when only one was pinned.
         * @enum {string}
         */
        OneSide: "half_each" | "copy" | "pinned_only";
        /**
         * @description How two legs or sleeves are hemmed.
         * @enum {string}
         */
        Pairs: "parallel" | "reference";
        /** @description A panel to draw. */
        PanelDrawing: {
            /** @description The legs of its darts, each from the lower end up. */
            darts: number[][][];
            /** @description New stitching on it, one course for each edge that has a line. */
            new_edges: components["schemas"]["NewEdge"][];
            /** @description Its closed outline, `[x, y]`, `y` upward from the hem fold. */
            outline: number[][];
            /** @description Which panel. */
            panel: components["schemas"]["PanelName"];
        };
        /**
         * @description Which panel of one half of a garment; the other half is its mirror image.
         * @enum {string}
         */
        PanelName: "front" | "side_front" | "side_back" | "back" | "sleeve" | "top_sleeve" | "under_sleeve";
        /**
         * @description The paper in the printer.
         * @enum {string}
         */
        Paper: "a4" | "letter";
        /**
         * @description What a piece is: what is touched, and how it is painted.
         * @enum {string}
         */
        PartName: "inside" | "sleeve" | "cuff" | "body" | "border" | "yoke" | "placket" | "pocket" | "lapel" | "collar" | "band" | "loop";
        /** @description The parts somebody has said; what is not said is as on most of its kind. */
        Parts: {
            /** @default null */
            collar: components["schemas"]["Collar"] | null;
            /** @default null */
            cuffs: components["schemas"]["Cuffs"] | null;
            /** @default null */
            front: components["schemas"]["Front"] | null;
            /**
             * @description Belt loops.
             * @default null
             */
            loops: boolean | null;
            /**
             * @description Pleats or tucks below the waist.
             * @default null
             */
            pleats: boolean | null;
            /**
             * @description The pockets that show.
             * @default null
             */
            pockets: components["schemas"]["Pocket"][] | null;
        };
        /** @description The parts one sees on a garment. */
        PartsWords: {
            /** @description Collars. */
            collars: components["schemas"]["Named_Collar"][];
            /** @description What ends sleeves or legs. */
            cuffs: components["schemas"]["Named_Cuffs"][];
            /** @description How a front closes. */
            fronts: components["schemas"]["Named_Front"][];
            /** @description Pockets. */
            pockets: components["schemas"]["Named_Pocket"][];
        };
        /** @description One pin as it was read. */
        Pin: {
            /** @description Where the station is counted from. */
            datum: components["schemas"]["Datum"];
            /**
             * @description Set from numbers and meant to the letter: the line goes through it without the tolerance that a
             *     hand's pin has.
             */
            exact?: boolean;
            /** @description Its identity, made where it was entered. */
            id: string;
            /** @description How the depth was read. */
            mode: components["schemas"]["EntryMode"];
            moved?: components["schemas"]["Length"] | null;
            panel?: components["schemas"]["EdgeRead"] | null;
            planned?: components["schemas"]["Length"] | null;
            /** @description What was read; negative lets out. */
            reading: components["schemas"]["Length"];
            /** @description Read again with a tape after the garment came off. */
            reread?: boolean;
            /** @description The seam it stands in. */
            seam: components["schemas"]["SeamName"];
            /** @description The side; `centre` for a seam there is only one of. */
            side: components["schemas"]["Side"];
            /** @description Distance along the seam from the datum. */
            station: components["schemas"]["Length"];
        };
        /**
         * @description Which face of the garment is out while it is pinned.
         * @enum {string}
         */
        PinFace: "right_side" | "inside_out";
        /** @description A pin as it is understood. */
        PinRead: {
            /** @description Old stitching to pin. */
            depth: components["schemas"]["Length"];
            /** @description What it does, said back. */
            echo: string;
            /** @description The pin's id. */
            id: string;
            /** @description Where it was moved to on the body. */
            moved?: string | null;
            /**
             * @description The depth it was set at from numbers and the depth it was moved to, as they stand on the
             *     session's tape, where it was.
             */
            planned?: string | null;
            /** @description Read again after the garment came off. */
            reread: boolean;
            /** @description Station and depth as they stand on the session's tape, the station from the usual datum. */
            shown: string[];
            /** @description Its side. */
            side: components["schemas"]["Side"];
            /** @description Station from the seam's lower end. */
            station: components["schemas"]["Length"];
        };
        /**
         * @description Which sides are pinned.
         * @enum {string}
         */
        PinSides: "both" | "one";
        /** @description A pin to be slid along its seam. */
        PinSlide: {
            /** @description The job it stands in. */
            job: components["schemas"]["Job"];
            /** @description Its id. */
            pin: string;
            /** @description Where to. */
            slide: components["schemas"]["Slide"];
        };
        /** @description A seam of this garment that takes pins. */
        PinnableSeam: {
            /** @description True for a seam that runs across the body and changes lengths, not girths. */
            crosswise: boolean;
            /** @description Where stations can be counted from, the usual place first. */
            data: components["schemas"]["DatumPlace"][];
            /** @description What its two edges are called. */
            edges: string[];
            /** @description True for the seam pinning begins at. */
            first: boolean;
            length?: components["schemas"]["Length"] | null;
            /** @description The letter that picks it. */
            letter: string;
            /** @description True for a dart the garment does not have yet: it is read from its fold. */
            new_dart: boolean;
            /** @description True where there is one on each side. */
            paired: boolean;
            /** @description The seam. */
            seam: components["schemas"]["SeamName"];
            seen_from?: components["schemas"]["View"] | null;
            /** @description What it is called. */
            words: string;
        };
        /**
         * @description How pins lie.
         * @enum {string}
         */
        PinsLie: "along" | "across" | "slanted";
        /**
         * @description A place of the work.
         * @enum {string}
         */
        Place: "rail" | "mirror" | "chalk" | "bench";
        /** @description The whole order. */
        Plan: {
            /** @description Hands-on minutes of the steps not yet done. */
            minutes_left: components["schemas"]["Minutes"];
            /** @description Steps in the order they are done. */
            steps: components["schemas"]["Step"][];
        };
        /**
         * @description A pocket that shows.
         * @enum {string}
         */
        Pocket: "slant" | "scoop" | "patch" | "flap" | "welt" | "chest_patch" | "chest_welt" | "back_patch" | "back_welt";
        /** @description A change, made as one: all of its parts or none. */
        PostedChange: {
            adopts?: components["schemas"]["Adopted"] | null;
            begin?: components["schemas"]["Begin"] | null;
            /**
             * Format: uuid
             * @description Its id, made where it was entered: the same one sent again is made once.
             */
            id: string;
            /** @description The small changes, in order. What is put stands in place of what stood there. */
            parts?: components["schemas"]["Change"][];
        };
        /** @description Changes, each answered for itself. */
        PostedChanges: {
            /** @description The changes, in order. */
            changes: components["schemas"]["PostedChange"][];
        };
        /**
         * @description How pins get into a garment.
         * @enum {string}
         */
        Preset: "by_feel" | "ladder";
        /** @description What went wrong. */
        Problem: {
            /** @description Journal lines that stand on the one that should go, newest first: they would have to go too. */
            above?: number[];
            /** @description A stable name: `record.stale`. */
            code: string;
            /** @description The record that stands, when the request was stale. */
            current?: unknown;
            /** @description What was read, what is allowed, what to do. */
            detail: string;
            /** @description The field it is about, as a path into the request. */
            path?: string | null;
            /** @description The character at which reading stopped, from 1. */
            position?: number | null;
            /** @description Where to ask for what is kept to be put right, when it is beyond a limit. */
            put_right?: string | null;
            /**
             * @description What may have been meant, where what was typed can be read in several ways: each a spelling that is
             *     read in one.
             */
            readings?: string[];
            /**
             * Format: int64
             * @description Seconds to wait, when there were too many attempts.
             */
            retry_after?: number | null;
            /**
             * Format: int32
             * @description The HTTP status.
             */
            status: number;
            /** @description The kind of problem in a few words. */
            title: string;
            /**
             * Format: int64
             * @description The version that stands, when the request was stale.
             */
            version?: number | null;
        };
        /** @description What has been done of the order. */
        Progress: {
            /**
             * @description Conditions the person has confirmed: `step_key/condition`.
             * @default []
             */
            confirmed: string[];
            /**
             * @description Steps ticked, with the minutes they took where a timer ran.
             * @default {}
             */
            done: {
                [key: string]: number | null;
            };
            /**
             * @description What each tick and each confirmation was about, as it stood then. It holds no longer than that; one of which
             *     nothing is said here holds.
             * @default {}
             */
            vouched: {
                [key: string]: components["schemas"]["Vouched"][];
            };
        };
        /** @description A depth proposed in place of one that cannot be sewn. */
        ProposedDepth: {
            /**
             * Format: double
             * @description The depth asked for.
             */
            asked: number;
            /**
             * Format: double
             * @description The evened station, from the seam's lower end.
             */
            station: number;
            /**
             * Format: double
             * @description The depth that works.
             */
            works: number;
        };
        /** @description Ends proposed in place of ends that do not work. */
        ProposedEnds: {
            /** @description At hem or crotch. */
            lower: components["schemas"]["LineEnd"];
            /** @description At band or crotch. */
            upper: components["schemas"]["LineEnd"];
        };
        /**
         * @description What a garment is for, where that forbids altering it on one's own say.
         * @enum {string}
         */
        Purpose: "everyday" | "protective" | "child_nightwear";
        /** @description Whether a part of the body gets through where the garment has no opening. */
        PutOn: {
            /** @description What has to get through, as measured. */
            body: components["schemas"]["Length"];
            /** @description The widest it opens, stretched where the cloth stretches. */
            opening: components["schemas"]["Length"];
            /** @description True when it gets through. */
            passes: boolean;
            /** @description What has to get through. */
            through: components["schemas"]["Through"];
            /** @description The same as a sentence. */
            words: string;
        };
        /**
         * @description What is read at the table.
         * @enum {string}
         */
        ReadBy: "pins" | "chalk";
        /** @description A typed hem reading understood. */
        ReadHem: {
            /** @description How it was read, said back. */
            echo: string;
            /** @description The reading, ready for a fitting. */
            reading: components["schemas"]["HemReading"];
        };
        /** @description A reading understood. */
        ReadLength: {
            /** @description The field it was typed in. */
            field: string;
            /** @description In millimetres. */
            length: components["schemas"]["Length"];
            /** @description As the tape shows it. */
            shown: string;
        };
        /** @description A typed pin understood. */
        ReadPin: {
            moves?: components["schemas"]["Pin"] | null;
            /** @description The pin, ready for a fitting. */
            pin: components["schemas"]["Pin"];
            read?: components["schemas"]["PinRead"] | null;
        };
        /** @description What sign-up always answers. */
        Received: {
            /** @description What to do next. */
            detail: string;
        };
        /** @description A workroom file on its way in. */
        Restoring: {
            /** @description People, garments and fittings that went through this stage. */
            done: number;
            holds?: components["schemas"]["Holdings"] | null;
            /** @description How many there are. */
            of: number;
            problem?: components["schemas"]["Problem"] | null;
            /** @description How far it is. */
            stage: components["schemas"]["Stage"];
        };
        /**
         * @description The finest step shown. Rounding is for display only: what was read is what is kept.
         * @enum {string}
         */
        Rounding: "eighth_inch" | "sixteenth_inch" | "half_cm" | "mm";
        /**
         * @description What the number of a house rule counts.
         * @enum {string}
         */
        RuleUnit: "mm" | "tenths" | "share" | "days" | "minutes" | "hours";
        /**
         * @description A unit with a rounding that belongs to it: how one person reads a tape.
         *
         *     ```
         *     use vemble_fit::{Length, Rounding, Scale, Unit};
         *     let scale = Scale::new(Unit::Inch, Rounding::EighthInch);
         *     assert_eq!(scale.write(Length::from_mm(57.0)), "2 1/4 in");
         *     assert_eq!(Scale::default().write(Length::from_mm(57.2)), "57 mm");
         *     ```
         */
        Scale: {
            /** @description The finest step shown. */
            rounding: components["schemas"]["Rounding"];
            /** @description The unit numbers are read and written in. */
            unit: components["schemas"]["Unit"];
        };
        /** @description What is inside a seam, beyond its stitching, on each of its two edges. */
        SeamAllowance: {
            /** @description On the back panel; on the right half, on the side panel. In millimetres. */
            back: number;
            /** @description On the front panel; on the left half of a centre seam, on the middle panel of a princess seam. In millimetres. */
            front: number;
            /** @description The seam. */
            seam: components["schemas"]["SeamName"];
        };
        /** @description What a line may do at one end of its seam, beside fading out anywhere. */
        SeamEndings: {
            /** @description Go on into the neighbouring seam. */
            carry: boolean;
            /** @description Hold one depth: through a band, or over a stretch at an edge. */
            hold: boolean;
            /** @description Run off the edge: not into a crotch or a tip. */
            run_off: boolean;
        };
        /** @description How one seam is evened, where it differs from the habit. */
        SeamEvening: {
            choice?: components["schemas"]["EveningChoice"] | null;
            one_side?: components["schemas"]["OneSide"] | null;
            /** @description The seam. */
            seam: components["schemas"]["SeamName"];
        };
        /**
         * @description A seam, or a dart, which is sewn like one.
         * @enum {string}
         */
        SeamName: "outseam" | "inseam" | "centre_back" | "centre_front" | "side" | "princess_front" | "princess_back" | "sleeve_underarm" | "sleeve_front" | "sleeve_back" | "front_dart" | "back_dart" | "shoulder" | "waist_seam" | "yoke";
        /** @description One seam that was pinned. */
        SeamSolution: {
            /** @description Allowance on the front and back panel, where it is known. */
            allowance?: components["schemas"]["Length"][] | null;
            /** @description Height of the band at its upper end; zero where no band crosses it. */
            band: components["schemas"]["Length"];
            /** @description True when stations are counted upward from there. */
            counts_up: boolean;
            /** @description Where its stations are usually counted from. */
            datum: components["schemas"]["Datum"];
            /** @description What its two edges are called. */
            edge_words: string[];
            /** @description What a line may be told to do at either end: fade out, run off, hold, be carried across. */
            ends: components["schemas"]["SeamEndings"][];
            evening?: components["schemas"]["Evening"] | null;
            /** @description Its length. */
            length: components["schemas"]["Length"];
            let_out_limit?: components["schemas"]["Length"] | null;
            /** @description Its lines: one for both sides, or one a side. */
            lines: components["schemas"]["SideLine"][];
            /** @description True where there is one on each side. */
            paired: boolean;
            /** @description The pins. */
            pins: components["schemas"]["PinRead"][];
            /** @description The seam. */
            seam: components["schemas"]["SeamName"];
            /**
             * Format: double
             * @description How far the line may miss a pin, in millimetres.
             */
            tolerance: number;
            /** @description The same as it stands on the session's tape. */
            tolerance_words: string;
            /** @description What it is called. */
            words: string;
        };
        /** @description A seam with its name on screen. */
        SeamWords: {
            /** @description True for a dart, which is never topstitched. */
            dart: boolean;
            /** @description What its two edges are called. */
            edges: string[];
            /** @description Its name in files. */
            name: components["schemas"]["SeamName"];
            /** @description True where its kind usually has it. */
            usual: boolean;
            /** @description Its name on screen. */
            words: string;
        };
        /** @description Where the seated waist leaves the band. */
        SeatedWaist: {
            /** @description Waist girth sitting. */
            body: components["schemas"]["Length"];
            /** @description True when the band is at least as long as the seated waist. */
            comfortable: boolean;
            /** @description Ease of the band then. */
            ease: components["schemas"]["Length"];
        };
        /** @description A day of the calendar. */
        SewingDay: {
            /**
             * Format: double
             * @description Minutes claimed by what is due, the earliest due first.
             */
            claimed: number;
            /**
             * Format: date
             * @description The day.
             */
            day: string;
            /** @description What is worn on this day. */
            due: string[];
            /**
             * Format: double
             * @description Free minutes.
             */
            free: number;
        };
        /** @description Measures and construction of one garment. */
        Shape: {
            /** @description What is inside each seam, where it was looked at. */
            allowances?: components["schemas"]["SeamAllowance"][];
            back_pocket_gap?: components["schemas"]["Length"] | null;
            /** @description The waistband. */
            band?: components["schemas"]["Band"];
            /** @description Where those allowances are clipped. */
            clips?: components["schemas"]["Clip"][];
            /** @description Seams that are felled: both allowances folded into each other and stitched down. They come apart in two rows. */
            felled?: components["schemas"]["SeamName"][];
            /** @description Zips, pockets and patterns in its seams. */
            fixtures?: components["schemas"]["Fixture"][];
            /** @description The flat measures taken; any may be missing. */
            flats: Partial<Record<"waist" | "high_hip" | "hip" | "thigh" | "knee" | "calf" | "hem" | "front_rise" | "back_rise" | "inseam" | "outseam" | "neck" | "shoulder" | "across_back" | "bust" | "under_bust" | "side_length" | "underarm_to_waist" | "back_length" | "upper_arm" | "elbow" | "wrist" | "sleeve_seam" | "sleeve_length", components["schemas"]["Length"]>>;
            /** @description What it is. */
            kind: components["schemas"]["Kind"];
            lacing?: components["schemas"]["Lacing"] | null;
            /** @description Fully lined. */
            lined?: boolean;
            /** @description The lining at the hems, where it is lined. */
            lining?: components["schemas"]["LiningNow"];
            /** @description Vents, buttons, pockets, borders near its hems. */
            near_hems?: components["schemas"]["HemFeature"][];
            /** @description The parts one sees on it, as far as somebody has said. */
            parts?: components["schemas"]["Parts"];
            /** @description The seams it has; empty for what its kind usually has. */
            seams?: components["schemas"]["SeamName"][];
            sleeve_turn_up?: number | null;
            sleeves?: components["schemas"]["SleeveBuild"] | null;
            /** @description Seams with topstitching, which comes out first and goes back last. */
            topstitched?: components["schemas"]["SeamName"][];
            /** @description Depth of the hem's turn-up. In millimetres. */
            turn_up: number;
            /** @description Underlined: a second cloth lies behind the outside and is sewn as one with it. */
            underlined?: boolean;
        };
        /** @description The pinned plan and its alternatives. */
        ShareOut: {
            /** @description The best alternatives, best first. */
            alternatives: components["schemas"]["SharePlan"][];
            /** @description What was asked. */
            asked: components["schemas"]["Length"];
            /** @description The level. */
            level: components["schemas"]["LevelName"];
            /** @description What is pinned now. */
            pinned: components["schemas"]["SharePlan"];
            /** @description What was asked, or the most that can be had where that is less. */
            reached: components["schemas"]["Length"];
            /** @description Said where less can be had than asked, with what to do. */
            short?: string | null;
            /** @description Where it can come from. */
            sources: components["schemas"]["ShareSource"][];
        };
        /** @description What one seam gives in a plan. */
        SharePart: {
            /** @description What that takes from the girth, both sides where there are two. */
            change: components["schemas"]["Length"];
            /** @description Depth at the level. */
            depth: components["schemas"]["Length"];
            /** @description The seam or dart. */
            seam: components["schemas"]["SeamName"];
            /** @description Depth and change as they stand on the session's tape; the changes make the plan's. */
            shown: string[];
            /** @description What it is called. */
            words: string;
        };
        /** @description One way of making the change. */
        SharePlan: {
            /** @description What the level loses besides, by other lines and by hems that move. */
            besides: components["schemas"]["Length"];
            /** @description What comes of it, in words. */
            consequences: string[];
            figure?: components["schemas"]["Figure"] | null;
            /** @description The largest depth. */
            largest: components["schemas"]["Length"];
            /** @description Every level with this plan sewn. */
            levels: components["schemas"]["LevelBalance"][];
            /** @description The panels with this plan's lines. */
            panels: components["schemas"]["PanelDrawing"][];
            /** @description Seam by seam. */
            parts: components["schemas"]["SharePart"][];
            /** @description The fitting's pins with this plan in place of theirs. */
            pins: components["schemas"]["Pin"][];
            /** @description Both as they stand on the session's tape. */
            shown: components["schemas"]["ShownPlan"];
            /** @description True when every line of it can be sewn. */
            solved: boolean;
            /** @description How far the side seam swings; positive to the back. */
            swing: components["schemas"]["Length"];
            /** @description What it is, in a few words. */
            title: string;
            /** @description What the level loses in all, as its balance has it. */
            total: components["schemas"]["Length"];
        };
        /** @description What is asked. */
        ShareRequest: {
            /** @description The level. */
            level: components["schemas"]["LevelName"];
            /** @description What its girth must lose, against what it measures without any line; negative gains. In millimetres. */
            lose: number;
        };
        /** @description Where some of a change can come from. */
        ShareSource: {
            /** @description Why no more. */
            because: string;
            /** @description The most depth it can give there. */
            most: components["schemas"]["Length"];
            /** @description The seam or dart. */
            seam: components["schemas"]["SeamName"];
            /** @description The same as it stands on the session's tape. */
            shown: string;
            /** @description What it is called. */
            words: string;
        };
        /** @description A change of girth to share out. */
        Sharing: {
            /** @description The job. */
            job: components["schemas"]["Job"];
            /** @description The level, and what it must lose. */
            request: components["schemas"]["ShareRequest"];
        };
        /** @description Where an edge that cannot be cut is shortened instead. */
        ShortenAt: {
            /** @enum {string} */
            at: "waist_seam";
        } | {
            /** @description How far above the edge its lower stitching lies. In millimetres. */
            above: number;
            /** @enum {string} */
            at: "tuck";
        };
        /** @description Two ways out where not all of it fits. */
        Shortfall: {
            /** @description How many are not done in time. */
            late: number;
            /** @description What would have to wait for another day instead, by what tells it from others: as few as will do. */
            let_wait: string[];
            /**
             * Format: double
             * @description Minutes a day that would do, in whole fives; `None` where a day is too near for any.
             */
            minutes_a_day?: number | null;
            /** @description The whole of it in a sentence. */
            words: string;
        };
        /** @description A compared level as it is read on the session's tape. */
        ShownCompared: {
            /** @description Girths. */
            after: string[];
            /** @description The second less the first. */
            change: string;
            /** @description Eases, where the body was measured. */
            ease: (string | null)[];
        };
        /** @description A gain as it is read on the session's tape. */
        ShownGain: {
            /** @description What is missing. */
            missing?: string | null;
            /** @description The most. */
            most: string;
            /** @description What it should gain. */
            wanted?: string | null;
        };
        /** @description A level as it is read on the session's tape. */
        ShownLevel: {
            /** @description Girth after. */
            after: string;
            /** @description Girth before. */
            before: string;
            /** @description The wearer there. */
            body?: string | null;
            /** @description Change of girth, where there is any. */
            change?: string | null;
            /** @description Ease after. */
            ease?: string | null;
            /** @description Ease before. */
            ease_before?: string | null;
            /** @description Ease wanted. */
            wanted?: string | null;
        };
        /**
         * @description What a plan takes from its level, as it stands on the session's tape: with its parts it adds up, to what the balance
         *     shows.
         */
        ShownPlan: {
            /** @description What is taken besides, where the tape shows it. */
            besides?: string | null;
            /** @description What is taken in all. */
            total: string;
        };
        /** @description A row as it is read on the session's tape. */
        ShownRow: {
            /** @description Depth. */
            depth: string;
            /** @description Raw edge to chalk on the back. */
            edge_back?: string | null;
            /** @description Raw edge to chalk on the front. */
            edge_front?: string | null;
            /** @description Station. */
            station: string;
        };
        /** @description A station of the report as it is read on the session's tape. */
        ShownStation: {
            /** @description Chosen for the left. */
            chosen_left?: string | null;
            /** @description Chosen for the right. */
            chosen_right?: string | null;
            /** @description Left less right. */
            difference?: string | null;
        };
        /**
         * @description Which of two like seams; a single seam is at the centre.
         * @enum {string}
         */
        Side: "left" | "right" | "centre";
        /** @description The line of one side. */
        SideLine: components["schemas"]["LineOutcome"] & {
            /** @description The side; `centre` where one line serves both sides, or there is only one seam. */
            side: components["schemas"]["Side"];
        };
        /** @description A garment drawn while it is being measured. */
        Sketch: {
            /** @description From the back. */
            back: components["schemas"]["Figure"];
            /** @description What cannot be right together; it is drawn at house proportions then. */
            fault?: string | null;
            /** @description Every measure in the order one takes them: the needed ones first. */
            flats: components["schemas"]["SketchedFlat"][];
            /** @description From the front. */
            front: components["schemas"]["Figure"];
            /** @description The parts it is drawn with: those that were said, else those most of its kind have. */
            parts: components["schemas"]["Parts"];
            /** @description Where the tape lies, in the order it is laid. */
            tapes: components["schemas"]["Tape"][];
        };
        /** @description A measure of the garment, taken or not. */
        SketchedFlat: {
            drawn?: components["schemas"]["Length"] | null;
            /** @description Which. */
            flat: components["schemas"]["FlatName"];
            /** @description Twice that, of a width. */
            girth?: string | null;
            /** @description What twice a width is called. */
            girth_words?: string | null;
            /** @description Where the tape lies; empty where the name says it. */
            hint: string;
            /** @description True for a width, of which the girth is twice. */
            is_width: boolean;
            /** @description True without which nothing is more than a sketch. */
            needed: boolean;
            /** @description What stands there, in the session's unit: what was measured, or what the drawing has. */
            shown?: string | null;
            taken?: components["schemas"]["Length"] | null;
            /** @description What it is called. */
            words: string;
        };
        /** @description A measure of a body, taken or not. */
        SketchedMeasure: {
            /** @description How it changed since the day before, signed, where it was taken on both. */
            change?: string | null;
            /** @description Where the tape lies, and how. */
            hint: string;
            /** @description True for what goes round. */
            is_girth: boolean;
            /** @description Which. */
            measure: components["schemas"]["MeasureName"];
            /** @description What the drawing has, in the session's unit: what was measured, or what an average body of these measures has. */
            shown: string;
            /**
             * Format: date
             * @description The day before on which it was taken.
             */
            since?: string | null;
            taken?: components["schemas"]["Length"] | null;
            /** @description What it is called. */
            words: string;
        };
        /** @description A garment that is being measured. */
        Sketching: {
            /** @description The garment as far as it has been measured. */
            garment: components["schemas"]["Garment"];
            /** @description Settings. */
            habits?: components["schemas"]["Habits"];
        };
        /**
         * @description How a sleeve is cut.
         * @enum {string}
         */
        SleeveBuild: "none" | "one_piece" | "two_piece";
        /** @description Where a pin is slid to. */
        Slide: {
            /** @enum {string} */
            by: "hand";
            /** @description Along the seam from its lower end. */
            station: components["schemas"]["Length"];
        } | {
            /** @enum {string} */
            by: "marks";
            /**
             * Format: int32
             * @description How many; positive towards the seam's upper end.
             */
            count: number;
        };
        /**
         * @description Where a slit goes.
         * @enum {string}
         */
        SlitPlace: "left_half" | "right_half" | "middle" | "seam";
        /** @description Everything computed from one job. */
        Solution: {
            /** @description What is wished for beside lines and hems, worked out, in the order it is done. */
            alterations: components["schemas"]["AlterationSolution"][];
            /** @description Armholes and caps: one row, or one a side where they differ. */
            armholes: components["schemas"]["ArmholeFit"][];
            drawing?: components["schemas"]["Drawing"] | null;
            foot?: components["schemas"]["FootThrough"] | null;
            /** @description [`RESULT_FORMAT`]. */
            format: string;
            /** @description What each level can gain by letting out. */
            gains: components["schemas"]["LevelGain"][];
            /** @description The hems it has. */
            hem_places: components["schemas"]["HemPlace"][];
            /** @description What is wanted of them, worked out. */
            hems: components["schemas"]["HemSolution"][];
            /** @description What to set in where that is not enough. */
            insets: components["schemas"]["Inset"][];
            /** @description What this garment already says of a sum: its row of buttons, its waist, its hem. */
            known_sums: components["schemas"]["KnownSum"][];
            /** @description Lengths and landmark heights. */
            lengths: components["schemas"]["LengthRow"][];
            /** @description Every measured level, from the top down. */
            levels: components["schemas"]["LevelBalance"][];
            /** @description What to do next, and where. */
            next: components["schemas"]["NextAct"];
            /** @description Every seam that takes pins, in the order they are judged. */
            pinnable: components["schemas"]["PinnableSeam"][];
            /** @description The work order. */
            plan: components["schemas"]["Plan"];
            /** @description Whether hand, head, hips and shoulders get through. */
            put_on: components["schemas"]["PutOn"][];
            /** @description Every seam that has a line, in the same order. */
            seams: components["schemas"]["SeamSolution"][];
            seated?: components["schemas"]["SeatedWaist"] | null;
            /** @description What was read on the garment before it was changed, and is on nothing now. */
            strays: components["schemas"]["Stray"][];
            stride?: components["schemas"]["Stride"] | null;
            /** @description The sums kept with it, worked out. */
            sums: components["schemas"]["KeptAnswer"][];
            /** @description What the person should know. */
            warnings: components["schemas"]["Warning"][];
        };
        /** @description One end of a drawn line. */
        SolvedEnd: {
            /** @description What the end does, in millimetres from the seam's lower end. */
            end: components["schemas"]["LineEnd"];
            /**
             * Format: double
             * @description Length of the fade, where it tapers: from the taper to the nearest pin.
             */
            fade?: number | null;
            /** @description Where it tapers, from the seam's usual datum, as it stands on the session's tape. */
            shown?: string | null;
            /** @description The same in words. */
            words: string;
        };
        /**
         * @description Where a garment came from, which decides what is known of it.
         * @enum {string}
         */
        Source: "toile" | "in_the_making" | "ready_made" | "thrifted";
        /**
         * @description How far a workroom file is on its way in.
         * @enum {string}
         */
        Stage: "none" | "waits" | "looked_over" | "written" | "done" | "refused";
        /** @description One step of the work order. */
        Step: {
            /** @description Where. */
            bench: components["schemas"]["Bench"];
            /** @description The same as it is said, where there are any. */
            by_itself?: string | null;
            /** @description Hazards of the act. */
            cautions: string[];
            /** @description True while its tick holds. */
            done: boolean;
            /** @description How, in a few sentences. */
            how: string[];
            /** @description Its name in files and requests: `sew_outseam`. */
            key: string;
            /** @description Why its tick does not hold any more, and what to do, where it was ticked for something that has changed since. */
            lapsed?: string | null;
            /** @description The mark of that, which goes along with a tick or a confirmation: what was seen when it was made. */
            mark: string;
            /** @description Hands-on minutes. */
            minutes: components["schemas"]["Minutes"];
            /** @description Keys of the steps that come before it. */
            needs: string[];
            /**
             * Format: double
             * @description Hours that pass by themselves: washing, drying, cooling.
             */
            passive_hours: number;
            /** @description Which place of the garment it is about. */
            place: components["schemas"]["StepPlace"];
            stop?: components["schemas"]["Stop"] | null;
            /** @description What to do, in a line. */
            title: string;
            /** @description What to have at hand. */
            tools: string[];
            /** @description What stands before it, in a sentence; nothing where it may be ticked now. */
            waits?: string | null;
            /** @description What kind of work it is, for the personal factor. */
            work: components["schemas"]["Work"];
        };
        /** @description Where on the garment a step is done, so that it can be shown there. */
        StepPlace: {
            /** @description True where it is looked at from behind: every seam it is about is one of the back. */
            behind: boolean;
            hem?: components["schemas"]["HemName"] | null;
            /** @description True where one works on its wrong side. */
            inside: boolean;
            /** @description The seams, where it is about some of them. */
            seams: components["schemas"]["SeamName"][];
        };
        /** @description What stands before a one-way step. */
        Stop: {
            /** @description Why it cannot be undone. */
            because: string;
            /** @description All must be met. */
            conditions: components["schemas"]["Condition"][];
        };
        /**
         * @description Something of a fitting that is on nothing of its garment. It takes no part in anything until it is read again
         *     elsewhere or taken out, or the garment is as it was.
         */
        Stray: {
            /** @description Its id: the pin's, the reading's, the hem's name, or the alteration's key. */
            id: string;
            /** @description What it is. */
            kind: components["schemas"]["StrayKind"];
            /** @description What and where it was, and why it is on nothing. */
            words: string;
        };
        /**
         * @description What strays.
         * @enum {string}
         */
        StrayKind: "pin" | "reading" | "hem" | "alteration";
        /** @description What was read on a garment and is on nothing of it any more. */
        StrayOn: {
            /**
             * Format: uuid
             * @description The fitting it was read in.
             */
            fitting: string;
            /**
             * Format: int32
             * @description The number of that fitting.
             */
            number: number;
            /** @description What and where it was, and why it is on nothing. */
            words: string;
        };
        /** @description What a hem gives a step, and what it needs. */
        Stride: {
            /** @description Girth there. */
            girth: components["schemas"]["Length"];
            /** @description Where it binds: the hem, or the top of the vent or slit, above the floor. */
            height: components["schemas"]["Length"];
            /** @description Girth the step needs there. */
            needs: components["schemas"]["Length"];
            /** @description True when it lets the wearer step. */
            passes: boolean;
            slit?: components["schemas"]["Length"] | null;
        };
        /** @description A sum with its numbers. */
        Sum: {
            clear?: components["schemas"]["ClearOf"] | null;
            /**
             * Format: int32
             * @description How many.
             */
            count: number;
            /** @description The first, from wherever the tape begins. In millimetres. */
            from: number;
            pinned?: number | null;
            /** @enum {string} */
            sum: "spacing";
            /** @description The last. In millimetres. */
            to: number;
        } | {
            /** @description Both edges of an open seam are bound. */
            both_edges?: boolean;
            /** @description Width of the cloth it is cut from. In millimetres. */
            cloth: number;
            /** @description Cut on a fold, at double width. */
            doubled?: boolean;
            /** @description Length of the edge. In millimetres. */
            length: number;
            /** @enum {string} */
            sum: "bias";
            /** @description Width the strip is cut. In millimetres. */
            width: number;
        } | {
            /** @description What the whole has to lose. In millimetres. */
            gap: number;
            /** @description The segments it runs through, between what is sewn through the casing. */
            spans: number[];
            /** @enum {string} */
            sum: "elastic";
        } | {
            /**
             * Format: int32
             * @description How many.
             */
            count: number;
            /** @description Depth of each, fold to fold. In millimetres. */
            depth: number;
            /** @description Width when pleated. In millimetres. */
            finished: number;
            /** @enum {string} */
            sum: "pleats";
        } | {
            /** @description The long edge. In millimetres. */
            long: number;
            /** @description The short. In millimetres. */
            short: number;
            /** @enum {string} */
            sum: "gathers";
        } | {
            /** @description The width it is cut into. In millimetres. */
            across: number;
            /** @description Darts and seams along that width, measured from its left end. */
            darts?: number[];
            /** @description Its height. In millimetres. */
            height: number;
            /** @description Width of the opening at the hem. In millimetres. */
            opening: number;
            /** @description Where in it. */
            place?: components["schemas"]["SlitPlace"];
            /** @enum {string} */
            sum: "slit";
        } | {
            /** @description The swatch after. In millimetres. */
            after: number;
            /** @description A swatch before its wash. In millimetres. */
            before: number;
            /** @enum {string} */
            sum: "shrink";
            /** @description What it shall measure once washed. In millimetres. */
            wanted: number;
        };
        /** @description The answer to a sum. */
        SumAnswer: {
            /** @description What it looks like. */
            drawing: components["schemas"]["SumDrawing"];
            /** @description The length that matters most, for a field to take. */
            result: components["schemas"]["Length"];
            row?: components["schemas"]["EvenRow"] | null;
            /** @description Line by line. */
            rows: components["schemas"]["SumRow"][];
            /** @description What was asked. */
            title: string;
            /** @description The answer in a sentence. */
            words: string;
        };
        /** @description A small drawing; its frame is what its lines need. */
        SumDrawing: {
            /** @description Words on it. */
            labels: components["schemas"]["SumLabel"][];
            /** @description Its lines, each over those before it. */
            lines: components["schemas"]["SumLine"][];
        };
        /**
         * @description Which sum.
         * @enum {string}
         */
        SumKind: "spacing" | "bias" | "elastic" | "pleats" | "gathers" | "slit" | "shrink";
        /** @description Words beside a place of the drawing. */
        SumLabel: {
            /** @description The place, `[x, y]` in millimetres. */
            at: number[];
            /** @description True where they stand under the place, not over it. */
            below: boolean;
            /** @description The words: the same number as in the answer's rows. */
            words: string;
        };
        /** @description One line of the drawing. */
        SumLine: {
            /** @description True where it goes back to its beginning. */
            closed: boolean;
            /** @description What it is. */
            is: components["schemas"]["SumLineName"];
            /** @description Its course, `[x, y]` in millimetres, `y` downward. */
            points: number[][];
        };
        /**
         * @description What a line of the drawing is.
         * @enum {string}
         */
        SumLineName: "cloth" | "edge" | "cut" | "mark" | "there";
        /** @description What of the garment a sum is about: where its answer belongs. */
        SumPlace: {
            /** @description Its place in that list. */
            nth?: number | null;
            /** @enum {string} */
            on: "buttons";
        } | {
            /** @enum {string} */
            on: "lacing";
        } | {
            /** @enum {string} */
            on: "waist";
        } | {
            /** @enum {string} */
            on: "armholes";
        } | {
            /** @description Which. */
            hem: components["schemas"]["HemName"];
            /** @enum {string} */
            on: "hem";
        } | {
            /** @enum {string} */
            on: "cloth";
        };
        /** @description One line of an answer. */
        SumRow: {
            /** @description How much, as it stands on the session's tape. */
            shown: string;
            /** @description What it is. */
            words: string;
        };
        /**
         * @description What lies on the face of a cloth, which decides how it is marked, cut and pressed.
         * @enum {string}
         */
        Surface: "smooth" | "nap" | "pile";
        /** @description What was taken back. */
        TakenBack: {
            /**
             * Format: int64
             * @description The journal line that took it back.
             */
            line: number;
            /** @description The change that no longer holds, in words. */
            what: string;
        };
        /** @description A tape on the picture. */
        Tape: {
            /** @description On which face it lies. */
            face: components["schemas"]["Face"];
            /** @description The measure it takes. */
            flat: components["schemas"]["FlatName"];
            /** @description Its course, `[x, y]` in millimetres. */
            points: number[][];
        };
        /**
         * @description What has to get through an opening.
         * @enum {string}
         */
        Through: "hand" | "head" | "hips" | "shoulders";
        /** @description One step done before, with what it was estimated at and what it took. */
        Timing: {
            /**
             * Format: double
             * @description Minutes it took.
             */
            actual: number;
            /**
             * Format: double
             * @description Minutes estimated without the personal factor.
             */
            estimate: number;
            /** @description The kind of work. */
            work: components["schemas"]["Work"];
        };
        /** @description Where browsers find this server, so that a QR code can lead there. */
        ToInvite: {
            /** @description The address of the workroom as the host's browser has it: `https://fit.example`. */
            origin: string;
        };
        /** @description Words, and who says them. */
        ToJoin: {
            /** @description What the friend is called: everything they read is marked with it. */
            name: string;
            /** @description The words, in any spacing. */
            words: string;
        };
        /** @description A pin that is still to be read. */
        ToRead: {
            /** @description Where its station is counted from. */
            datum: components["schemas"]["Datum"];
            /** @description The seam it stands in. */
            seam: components["schemas"]["SeamName"];
            /** @description The side. */
            side: components["schemas"]["Side"];
            /** @description Its station, as it is typed on the session's tape. */
            station: string;
            /** @description What the button says. */
            words: string;
        };
        /** @description A journal line that should go. */
        ToTakeBack: {
            /** @description Later lines that stand on it and shall go too. */
            also?: number[];
            /**
             * Format: int64
             * @description The line.
             */
            line: number;
        };
        /** @description An evening. */
        Tonight: {
            /**
             * Format: double
             * @description The minutes there are.
             */
            free: number;
            /** @description What to have ready, once each, in the order it is reached for. */
            ready: string[];
            /** @description Steps in the order they are done, one garment after the other. */
            steps: components["schemas"]["TonightStep"][];
            /**
             * Format: double
             * @description What they take of it.
             */
            taken: number;
        };
        /** @description A step of the evening. */
        TonightStep: {
            /** @description True where something must be true first. */
            at_stop: boolean;
            /** @description True where it takes longer than there is: it can be begun. */
            begun: boolean;
            /** @description The garment, by what tells it from others. */
            key: string;
            /**
             * Format: double
             * @description How long it takes this hand.
             */
            minutes: number;
            /** @description What the garment is called. */
            name: string;
            /** @description What to do, in a line. */
            title: string;
        };
        /**
         * @description How a new line is tried on.
         * @enum {string}
         */
        TriedIn: "tacked" | "pins";
        /**
         * @description A tube of cloth: what a change of girth is shared round.
         * @enum {string}
         */
        Tube: "body" | "leg" | "sleeve";
        /** @description A tuck that takes length. */
        Tuck: {
            /** @description Height of the lower stitching above the finished edge: the original hem's upper edge. */
            above: components["schemas"]["Length"];
            /** @description Fold to stitching: half of that. */
            depth: components["schemas"]["Length"];
            /** @description What becomes of it. */
            join: components["schemas"]["TuckJoin"];
            /** @description What it loses, on the mean. */
            loses: components["schemas"]["Length"];
            /** @description Girth it is sewn to. */
            lower: components["schemas"]["Length"];
            /** @description Upper less lower. */
            mismatch: components["schemas"]["Length"];
            /** @description How deep the seam is taken in, and over how much of it, where it is. */
            take_in?: components["schemas"]["Length"][] | null;
            trim_to?: components["schemas"]["Length"] | null;
            /** @description Girth of the cloth that comes down to the stitching. */
            upper: components["schemas"]["Length"];
            /** @description What to do, in a few sentences. */
            words: string[];
        };
        /**
         * @description What becomes of two girths that a tuck joins.
         * @enum {string}
         */
        TuckJoin: "even" | "ease" | "take_in_above" | "ease_hem" | "take_in_hem";
        /** @description One turn-up. */
        TurnUp: {
            /** @description Too full or too tight, panel by panel in turning order. */
            by_panel: components["schemas"]["Length"][];
            /** @description How deep it lies on the cloth above the fold. */
            depth: components["schemas"]["Length"];
            /**
             * Format: double
             * @description What this cloth eases in, as a share.
             */
            eases: number;
            /** @description Length of its upper edge, as it is cut. */
            edge: components["schemas"]["Length"];
            /** @description Edge less cloth: positive is too full, negative too tight. */
            excess: components["schemas"]["Length"];
            facing?: components["schemas"]["HemFacing"] | null;
            /** @description How it lies. */
            lies: components["schemas"]["Lies"];
            /** @description Length of the cloth it lies on. */
            lies_on: components["schemas"]["Length"];
            /**
             * Format: double
             * @description The same as a share of the cloth.
             */
            share: number;
            splay?: components["schemas"]["Length"] | null;
            widest?: components["schemas"]["Length"] | null;
            /** @description How it lies and what to do, in a few sentences. */
            words: string[];
        };
        /** @description A reading round a hem as it is typed. */
        TypedHemReading: {
            /**
             * Format: double
             * @description Where round the hem, in degrees.
             */
            at: number;
            /** @description The garment. */
            garment: components["schemas"]["Garment"];
            /** @description Settings: the unit of bare numbers, above all. */
            habits?: components["schemas"]["Habits"];
            /** @description The hem. */
            hem: components["schemas"]["HemName"];
            /** @description The reading's id. */
            id: string;
            /** @description How it was taken. */
            read: components["schemas"]["HemRead"];
            /** @description The reading as typed: `15 1/4`. */
            reading: string;
            /** @description Which leg or sleeve. */
            side: components["schemas"]["Side"];
        };
        /** @description A reading as typed. */
        TypedLength: {
            /**
             * @description They are lengths of cloth, which run to metres: otherwise a bare number longer than any garment or
             *     body measure is asked back.
             */
            cloth?: boolean;
            /** @description Settings: the unit of a bare number and the rounding of the answer. */
            habits?: components["schemas"]["Habits"];
            /** @description The readings as typed, by field. */
            readings: components["schemas"]["TypedReading"][];
        };
        /** @description A pin as it is typed: station and reading in any spelling. */
        TypedPin: {
            /** @description Where the station is counted from. */
            datum: components["schemas"]["Datum"];
            /** @description The garment it stands in. */
            garment: components["schemas"]["Garment"];
            /** @description Settings: the unit of bare numbers, above all. */
            habits?: components["schemas"]["Habits"];
            /** @description The pin's id. */
            id: string;
            /** @description How the depth was read. */
            mode: components["schemas"]["EntryMode"];
            panel?: components["schemas"]["EdgeRead"] | null;
            /** @description The reading as typed: `5/8`. */
            reading: string;
            /** @description The seam. */
            seam: components["schemas"]["SeamName"];
            /** @description Pins set from numbers that it may move. */
            set?: components["schemas"]["Pin"][];
            /** @description The side. */
            side: components["schemas"]["Side"];
            /** @description The station as typed: `24 1/2`. */
            station: string;
        };
        /** @description One reading of a form. */
        TypedReading: {
            /** @description The field it was typed in. */
            field: string;
            /** @description What was typed. */
            text: string;
        };
        /** @description Shortening without cutting the edge. */
        UncutWay: (components["schemas"]["WaistShortening"] & {
            /** @enum {string} */
            at: "waist";
        }) | (components["schemas"]["Tuck"] & {
            /** @enum {string} */
            at: "tuck";
        });
        /** @description An uneven hem. */
        Uneven: {
            /** @description The highest reading less the lowest. */
            by: components["schemas"]["Length"];
            /** @description The same in words, and what to look at. */
            words: string;
        };
        /**
         * @description The unit a bare number is taken in.
         * @enum {string}
         */
        Unit: "inch" | "cm" | "mm";
        /** @description A hem unrolled for drawing: how far round, and how far up from the existing edge, in millimetres. */
        Unrolled: {
            /**
             * Format: double
             * @description How far below the fold the cut line runs; nothing where none is cut.
             */
            allowance?: number | null;
            /** @description The new fold. */
            fold: number[][];
            /**
             * Format: double
             * @description The whole way round.
             */
            length: number;
            /** @description How far above the fold the lining ends, and where its raw edge lies from the fold. */
            lining?: number[] | null;
            /**
             * Format: double
             * @description How far below the existing edge the old turn-up reaches when it is opened.
             */
            old_turn_up: number;
            /** @description Panels in turning order. */
            panels: components["schemas"]["UnrolledPanel"][];
            /** @description Seams. */
            seams: components["schemas"]["HemSeam"][];
            /**
             * Format: double
             * @description How far above the fold the upper edge of the turn-up lies.
             */
            turned: number;
        };
        /** @description A panel in an unrolled hem, with what its turn-up has too much or too little. */
        UnrolledPanel: {
            /**
             * Format: double
             * @description Too full (positive) or too tight, in millimetres, on this panel.
             */
            excess: number;
            /**
             * Format: double
             * @description From and to, how far round the existing edge, in millimetres.
             */
            from: number;
            /** @description Which panel. */
            panel: components["schemas"]["PanelName"];
            /** @description The same in words, where it is worth saying. */
            shown?: string | null;
            /**
             * Format: double
             * @description See `from`.
             */
            to: number;
        };
        /**
         * @description What a level's ease amounts to.
         * @enum {string}
         */
        Verdict: "strains" | "close" | "as_intended" | "loose" | "swamps";
        /** @description What an ease amounts to. */
        VerdictWords: {
            /** @description What it means. */
            means: string;
            /** @description Its name in files. */
            name: components["schemas"]["Verdict"];
            /** @description Its name on screen. */
            words: string;
        };
        /**
         * @description Where a garment is looked at from.
         * @enum {string}
         */
        View: "front" | "back";
        /** @description One thing vouched for. */
        Vouched: {
            /** @description Depths from the seam's lower end up, evenly spaced. */
            depths: components["schemas"]["Length"][];
            /** @enum {string} */
            of: "line";
            /** @description The seam. */
            seam: components["schemas"]["SeamName"];
            /** @description Its side. */
            side: components["schemas"]["Side"];
        } | {
            /** @enum {string} */
            of: "allowance";
            /** @description The seam. */
            seam: components["schemas"]["SeamName"];
            /** @description What stays beyond the new stitching. */
            stays: components["schemas"]["Length"];
        } | {
            /** @description On each edge; nothing where nobody has looked. */
            edges?: components["schemas"]["Length"][] | null;
            /** @enum {string} */
            of: "inside";
            /** @description The seam. */
            seam: components["schemas"]["SeamName"];
        } | {
            /** @description The hem. */
            hem: components["schemas"]["HemName"];
            /** @enum {string} */
            of: "fold";
            /** @description The leg or sleeve; `centre` for the only one. */
            side: components["schemas"]["Side"];
            /** @description How far it goes up at places evenly round it, in turning order. */
            takes_up: components["schemas"]["Length"][];
        } | {
            /** @description What is turned up in all. */
            allowance: components["schemas"]["Length"];
            /** @description The hem. */
            hem: components["schemas"]["HemName"];
            /** @description How it is made. */
            kind: components["schemas"]["HemKind"];
            /** @enum {string} */
            of: "turn_up";
        } | {
            /** @enum {string} */
            of: "opened";
            /** @description For the lines of these seams. */
            seams: components["schemas"]["SeamName"][];
        } | {
            /** @description What is done. */
            alteration: string;
            /** @description Lengths that say how it lies. */
            lengths: components["schemas"]["Length"][];
            /** @enum {string} */
            of: "alteration";
            /** @description Where on the garment. */
            place: string;
        } | {
            /** @description The mark. */
            mark: string;
            /** @enum {string} */
            of: "seen";
        };
        /** @description Shortening at the waist. */
        WaistShortening: {
            /** @description The darts. */
            darts: components["schemas"]["DartAtWaist"][];
            /** @description How far below the new edge that fades out. */
            fading_over: components["schemas"]["Length"];
            /** @description The skirt's new edge, all round, its darts sewn as far as they reach now. */
            lower: components["schemas"]["Length"];
            /** @description The skirt's new edge with its darts drawn again. */
            lower_with_darts: components["schemas"]["Length"];
            /** @description What is still more than the edge it is sewn to: eased, or taken in. */
            remains: components["schemas"]["Length"];
            side_take_in?: components["schemas"]["Length"] | null;
            /** @description The edges and what is done to them, line by line. */
            table: components["schemas"]["SumRow"][];
            /** @description What is taken off the skirt's top. */
            takes: components["schemas"]["Length"];
            /** @description What the skirt is sewn to: the bodice's or band's edge, all round. */
            upper: components["schemas"]["Length"];
            /** @description What to do, in a few sentences. */
            words: string[];
            /** @description Zips that run into the new edge. */
            zips: components["schemas"]["ZipAtWaist"][];
        };
        /** @description Where the finished hem shall be. */
        Wanted: {
            /** @enum {string} */
            from: "edge";
            /** @description Shorter by. In millimetres. */
            shorten: number;
        } | {
            /** @enum {string} */
            from: "floor";
            /** @description Height of the finished edge. In millimetres. */
            height: number;
        } | {
            /** @enum {string} */
            from: "garment";
            /** @description The other garment's length there. In millimetres. */
            length: number;
        } | {
            /** @description So far below it; negative is above. In millimetres. */
            below: number;
            /** @enum {string} */
            from: "landmark";
            /** @description The place. */
            landmark: components["schemas"]["Landmark"];
        } | {
            /** @enum {string} */
            from: "pins";
        };
        /** @description One warning. */
        Warning: {
            /** @description What it is about. */
            about: components["schemas"]["About"];
            /** @description Its stable name: `evening.twist`. */
            code: string;
            /** @description What is so, and what to do. */
            message: string;
            read?: components["schemas"]["ToRead"] | null;
            /** @description What else can be done with one press. */
            ways: components["schemas"]["Way"][];
            /** @description How much it matters. */
            weight: components["schemas"]["Weight"];
        };
        /**
         * @description One length measured before a wash and after it, along the grain that hangs down.
         *
         *     ```
         *     use vemble_fit::{Length, WashTest};
         *     let test = WashTest { before: Length::whole_mm(200), after: Length::whole_mm(190) };
         *     assert!((test.share() - 0.05).abs() < 1e-12);
         *     assert_eq!(test.cut_for(950.0).round(), 1000.0);
         *     ```
         */
        WashTest: {
            /** @description After it was washed and dried as it will be. In millimetres. */
            after: number;
            /** @description Before it was washed. In millimetres. */
            before: number;
        };
        /** @description Something that can be done about it with one press. */
        Way: {
            /** @description The depths it accepts. */
            accepted: components["schemas"]["AcceptedDepth"][];
            ends?: components["schemas"]["LineWish"] | null;
            /** @description What the button says. */
            words: string;
        };
        /** @description A person with every day they were measured. */
        Wearer: {
            /** @description Their measures, oldest day first, one entry a day. */
            measured?: components["schemas"]["Body"][];
            /** @description What they are called. */
            name: string;
        };
        /**
         * @description A weave or a print, as the eye tells them apart.
         * @enum {string}
         */
        Weave: "plain" | "twill" | "denim" | "corduroy" | "velvet" | "herringbone" | "rib" | "stripe" | "pinstripe" | "hoops" | "check" | "dots" | "floral" | "border";
        /** @description A weave or a print. */
        WeaveWords: {
            /** @description True where a second colour shows. */
            has_second: boolean;
            /** @description Its name in files. */
            name: components["schemas"]["Weave"];
            /** @description How far apart it repeats where nobody has measured; nothing where no repeat shows. */
            repeat: components["schemas"]["Length"];
            /** @description Its name on screen. */
            words: string;
        };
        /**
         * @description How much a warning matters.
         * @enum {string}
         */
        Weight: "danger" | "mind" | "note";
        /** @description Who is signed in. */
        Who: {
            /** @description True when this server has a demo workroom to open. */
            demo: boolean;
            /** @description Address of the account; `null` when nobody is signed in. */
            email?: string | null;
            guest?: components["schemas"]["AsGuest"] | null;
            /**
             * Format: uuid
             * @description Whose page a page of this session is, to be sent back with every request; `null` when nobody is in.
             */
            page?: string | null;
        };
        /** @description The wish. Anything may be left unsaid. */
        Wish: {
            /**
             * @description What shall change.
             * @default
             */
            change: string;
            /**
             * @description What for.
             * @default
             */
            occasion: string;
            /**
             * @description What must stay as it is: the flare, a trim leg, the worn hem, the shoulders.
             * @default
             */
            stays: string;
            /**
             * @description What it is worn with.
             * @default
             */
            worn_with: string;
        };
        /** @description The words and limits. */
        Words: {
            /** @description A garment that nobody has looked at yet, as its sheet begins. */
            blank: components["schemas"]["Garment"];
            /** @description Measures of a body, down the body. */
            body: components["schemas"]["MeasureWords_MeasureName"][];
            /** @description Choices that can be made as habits. */
            choices: components["schemas"]["Choices"];
            /** @description Cloths by name. */
            cloths: components["schemas"]["NamedCloth"][];
            /** @description Ways of evening. */
            evening: components["schemas"]["EveningWords"][];
            /** @description Ways to hem. */
            hem_kinds: components["schemas"]["HemKindWords"][];
            /** @description What can sit in a seam. */
            in_seams: components["schemas"]["FixtureWords"][];
            /** @description Kinds of garment. */
            kinds: components["schemas"]["KindWords"][];
            /** @description Places of the body a hem can be wanted at. */
            landmarks: components["schemas"]["LandmarkWords"][];
            /** @description Levels, from the top down. */
            levels: components["schemas"]["LevelWords"][];
            /** @description What can stand near a hem. */
            near_hems: components["schemas"]["FeatureWords"][];
            /** @description The parts one sees on a garment. */
            parts: components["schemas"]["PartsWords"];
            /** @description House rules that can be changed as habits. */
            rules: components["schemas"]["HouseEntry"][];
            /** @description Seams of a sleeve in one piece and in two. */
            sleeve_seams: components["schemas"]["SeamWords"][];
            /** @description What an ease can amount to, tightest first. */
            verdicts: components["schemas"]["VerdictWords"][];
            /** @description Weaves and prints. */
            weaves: components["schemas"]["WeaveWords"][];
        };
        /**
         * @description A kind of work with its own pace.
         * @enum {string}
         */
        Work: "chalk" | "unpick" | "unpick_topstitch" | "tack" | "try_on" | "seam" | "cut" | "finish" | "press" | "hand_tack" | "hand" | "blind_hem" | "look" | "wash";
        /** @description A garment as it was written. */
        WrittenGarment: {
            /** @description The garment. */
            record: components["schemas"]["GarmentRecord"];
            /** @description What was read on it before and is on nothing of it now: it waits in its fitting. */
            strays: components["schemas"]["StrayOn"][];
        };
        /** @description A zip that the new waist edge runs into. */
        ZipAtWaist: {
            /** @description How far it opens. */
            opens: components["schemas"]["Length"];
            /** @description The seam it is in. */
            seam: components["schemas"]["SeamName"];
        };
    };
    responses: never;
    parameters: never;
    requestBodies: never;
    headers: never;
    pathItems: never;
}
export type $defs = Record<string, never>;
export interface operations {
    read_health: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Health"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    read_account: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["AccountHeld"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    sign_up: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Entry"];
            };
        };
        responses: {
            202: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Received"];
                };
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body did not arrive in time. */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is too large. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is not JSON, or compressed. */
            415: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too many attempts. */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    delete_account: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["AccountToDelete"];
            };
        };
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body did not arrive in time. */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A stop stands before it, or later changes stand on what should go. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is too large. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is not JSON, or compressed. */
            415: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    change_password: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewPassword"];
            };
        };
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body did not arrive in time. */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A stop stands before it, or later changes stand on what should go. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is too large. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is not JSON, or compressed. */
            415: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too many attempts. */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    read_calendar: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Calendar"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    compute_body_sketch: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["BodySketching"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BodySketch"] | null;
                };
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body did not arrive in time. */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is too large. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is not JSON, or compressed. */
            415: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    compute_comparison: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Comparing"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Comparison"];
                };
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body did not arrive in time. */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is too large. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is not JSON, or compressed. */
            415: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    compute_copy: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Copying"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CopyPlan"];
                };
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body did not arrive in time. */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is too large. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is not JSON, or compressed. */
            415: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    compute_fit_picture: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Job"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FitPicture"];
                };
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body did not arrive in time. */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is too large. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is not JSON, or compressed. */
            415: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    compute_hem_reading: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TypedHemReading"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReadHem"];
                };
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body did not arrive in time. */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is too large. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is not JSON, or compressed. */
            415: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    compute_job: {
        parameters: {
            query?: {
                /** @description What becomes of readings that are on nothing of their garment; the job is refused when left out. */
                strays?: "refused" | "aside";
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Job"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Solution"];
                };
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body did not arrive in time. */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is too large. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is not JSON, or compressed. */
            415: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    compute_ladder: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Laddering"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Pin"][];
                };
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body did not arrive in time. */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is too large. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is not JSON, or compressed. */
            415: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    compute_lengths: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TypedLength"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReadLength"][];
                };
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body did not arrive in time. */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is too large. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is not JSON, or compressed. */
            415: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    compute_pin: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TypedPin"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReadPin"];
                };
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body did not arrive in time. */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is too large. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is not JSON, or compressed. */
            415: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    compute_share: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Sharing"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ShareOut"];
                };
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body did not arrive in time. */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is too large. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is not JSON, or compressed. */
            415: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    compute_sketch: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Sketching"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Sketch"];
                };
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body did not arrive in time. */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is too large. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is not JSON, or compressed. */
            415: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    compute_slide: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PinSlide"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Pin"];
                };
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body did not arrive in time. */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is too large. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is not JSON, or compressed. */
            415: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    compute_sum: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["AskedSum"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SumAnswer"];
                };
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body did not arrive in time. */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is too large. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is not JSON, or compressed. */
            415: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    open_demo: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Who"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description There is no such record in this account. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    read_fitting: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    ETag?: string;
                    "Vemble-Line"?: number;
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FittingRecord"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description There is no such record in this account. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A stop stands before it, or later changes stand on what should go. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    write_fitting: {
        parameters: {
            query?: never;
            header?: {
                /** @description The version read, in quotes */
                "If-Match"?: string | null;
            };
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["FittingRecord"];
            };
        };
        responses: {
            200: {
                headers: {
                    ETag?: string;
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FittingRecord"];
                };
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description There is no such record in this account. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body did not arrive in time. */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A stop stands before it, or later changes stand on what should go. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The record was changed since it was read. */
            412: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is too large. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is not JSON, or compressed. */
            415: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The version that was read is missing. */
            428: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    save_chalk: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/csv": string;
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description There is no such record in this account. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    follow_fitting: {
        parameters: {
            query?: {
                /** @description The journal line after which changes are told; all that the journal has where nothing is said. */
                since?: number;
            };
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/event-stream": string;
                };
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description There is no such record in this account. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    change_fitting: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PostedChanges"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ChangesAnswered"];
                };
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description There is no such record in this account. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body did not arrive in time. */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A stop stands before it, or later changes stand on what should go. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is too large. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is not JSON, or compressed. */
            415: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    invite: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ToInvite"];
            };
        };
        responses: {
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["GuestCode"];
                };
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description There is no such record in this account. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body did not arrive in time. */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is too large. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is not JSON, or compressed. */
            415: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    list_guests: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["GuestDevice"][];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description There is no such record in this account. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    send_guest_out: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                guest: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description There is no such record in this account. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    save_hems: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/csv": string;
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description There is no such record in this account. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    read_job: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Job"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description There is no such record in this account. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    save_job: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Job"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description There is no such record in this account. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    save_pins: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/csv": string;
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description There is no such record in this account. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    put_fitting_right: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    ETag?: string;
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FittingRecord"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description There is no such record in this account. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    print_sheet: {
        parameters: {
            query?: {
                /** @description The paper; the account's habit when left out. */
                paper?: components["schemas"]["Paper"];
            };
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/pdf": number[];
                };
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description There is no such record in this account. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    read_solution: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Solution"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description There is no such record in this account. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    list_garments: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Hanging"][];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    read_garment: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    ETag?: string;
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["GarmentRecord"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description There is no such record in this account. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A stop stands before it, or later changes stand on what should go. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    write_garment: {
        parameters: {
            query?: never;
            header?: {
                /** @description The version read, in quotes */
                "If-Match"?: string | null;
            };
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["GarmentRecord"];
            };
        };
        responses: {
            200: {
                headers: {
                    ETag?: string;
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WrittenGarment"];
                };
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description There is no such record in this account. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body did not arrive in time. */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The record was changed since it was read. */
            412: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is too large. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is not JSON, or compressed. */
            415: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The version that was read is missing. */
            428: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    remove_garment: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description There is no such record in this account. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    list_fittings: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["KeptFitting"][];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description There is no such record in this account. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    read_journal: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["JournalEntry"][];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description There is no such record in this account. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    put_garment_right: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    ETag?: string;
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["GarmentRecord"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description There is no such record in this account. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    take_back: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ToTakeBack"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TakenBack"];
                };
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description There is no such record in this account. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body did not arrive in time. */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A stop stands before it, or later changes stand on what should go. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is too large. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is not JSON, or compressed. */
            415: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    join: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ToJoin"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["AsGuest"];
                };
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body did not arrive in time. */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is too large. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is not JSON, or compressed. */
            415: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too many attempts. */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    read_habits: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    ETag?: string;
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Habits"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    write_habits: {
        parameters: {
            query?: never;
            header?: {
                /** @description The version read, in quotes */
                "If-Match"?: string | null;
            };
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Habits"];
            };
        };
        responses: {
            200: {
                headers: {
                    ETag?: string;
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Habits"];
                };
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body did not arrive in time. */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The record was changed since it was read. */
            412: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is too large. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is not JSON, or compressed. */
            415: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The version that was read is missing. */
            428: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    habits_effect: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Habits"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["HabitEffect"][];
                };
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body did not arrive in time. */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is too large. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is not JSON, or compressed. */
            415: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    import_job: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Job"];
            };
        };
        responses: {
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Imported"];
                };
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body did not arrive in time. */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is too large. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is not JSON, or compressed. */
            415: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    who: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Who"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    sign_in: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Entry"];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Who"];
                };
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body did not arrive in time. */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is too large. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is not JSON, or compressed. */
            415: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Too many attempts. */
            429: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    sign_out: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    sign_out_everywhere: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    read_tonight: {
        parameters: {
            query?: {
                /** @description Minutes there are; the habit's sewing a day where nothing is said. */
                minutes?: number;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Tonight"];
                };
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    list_wearers: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["KeptWearer"][];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    read_wearer: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    ETag?: string;
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Wearer"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description There is no such record in this account. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A stop stands before it, or later changes stand on what should go. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    write_wearer: {
        parameters: {
            query?: never;
            header?: {
                /** @description The version read, in quotes */
                "If-Match"?: string | null;
            };
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Wearer"];
            };
        };
        responses: {
            200: {
                headers: {
                    ETag?: string;
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Wearer"];
                };
            };
            /** @description The request cannot be understood. */
            400: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description There is no such record in this account. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body did not arrive in time. */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The record was changed since it was read. */
            412: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is too large. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is not JSON, or compressed. */
            415: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The version that was read is missing. */
            428: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    remove_wearer: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description There is no such record in this account. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    put_wearer_right: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    ETag?: string;
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Wearer"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description There is no such record in this account. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    read_words: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Words"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    restore_workroom: {
        parameters: {
            query?: never;
            header?: {
                /** @description `respond-async`: answer as soon as it has begun */
                Prefer?: string | null;
            };
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/zip": number[];
            };
        };
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Holdings"];
                };
            };
            202: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Restoring"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body did not arrive in time. */
            408: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is too large. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is not JSON, or compressed. */
            415: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description A field holds nonsense. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    save_workroom: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/zip": number[];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The body is too large. */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
    read_restoring: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Restoring"];
                };
            };
            /** @description Nobody is signed in, or not with these words. */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description Another site's page asks for a change, or a friend's device for what is its host's to do. */
            403: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
            /** @description The database does not answer, or more is asked at once than there is room for. */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/problem+json": components["schemas"]["Problem"];
                };
            };
        };
    };
}
