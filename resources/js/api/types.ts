/* Made by bin/tekkal contract from openapi/<area>.yaml; edit those. */
export interface components {
    schemas: {
        /** @enum {string} */
        Answer: "yes" | "not_yet" | "in_doubt" | "no";
        Reply: {
            question: string;
            words: string;
            answer: components["schemas"]["Answer"];
            reasons: {
                answer: components["schemas"]["Answer"];
                sentence: string;
                joint: string | null;
                position: string | null;
            }[];
        };
        ResultAttempt: {
            /** Format: uuid */
            entry: string;
            number: number;
            given: string;
            base: string;
            in_base: string;
            verdict: components["schemas"]["Verdict"];
            word: string;
            evidence: components["schemas"]["Evidence"];
            evidence_words: string;
            reason: string;
            /** @enum {string} */
            status: "live" | "backed_off" | "withdrawn";
            tool: string | null;
            calibration: string | null;
            person: string | null;
            /** Format: date-time */
            at: string;
            seq: number;
            leaf_hash: string;
            simulated: boolean;
            findings: {
                kind: string;
                sentence: string;
            }[];
        };
        ResultLine: {
            step: string;
            stage: string;
            position: string;
            number: string | null;
            /** @enum {string} */
            quantity: "torque" | "angle";
            target: string;
            window: string;
            low: string;
            high: string;
            target_from: string | null;
            window_from: string | null;
            attempts: components["schemas"]["ResultAttempt"][];
        };
        AuditJoint: {
            /** Format: uuid */
            id: string;
            name: string;
            sketch: components["schemas"]["Sketch"] | null;
            revision: {
                /** Format: uuid */
                id: string;
                letter: string;
                line: string;
            } | null;
            rounds: string[];
            /** @description Nothing of it is recorded here: the bench cannot carry out its procedure, which is worked by the printed job card */
            on_paper: boolean;
            /** @description Departures permitted when the work began */
            permits: {
                code: string;
                departure: string;
                signature: string;
                customer_reference: string;
                until: string | null;
            }[];
            run: {
                /** Format: uuid */
                id: string;
                person: string | null;
                /** Format: date-time */
                begun_at: string;
                /** Format: date-time */
                finished_at: string | null;
                last_seq: number;
                done: number;
                all: number;
                finished: boolean;
                stopped: boolean;
                rounds: {
                    done: number;
                    all: number;
                }[];
                marks: components["schemas"]["Mark"][];
            } | null;
            lines: components["schemas"]["ResultLine"][];
        };
        AsideLine: {
            /** Format: uuid */
            entry: string;
            /** @enum {string} */
            standing: "set_aside" | "tray";
            reason: string;
            step: string | null;
            /** @description null where it could not be read or has none */
            value: string | null;
            /** @description what could not be read of it */
            told: string | null;
            tool: string | null;
            person: string | null;
            /** Format: date-time */
            received_at: string;
            /** Format: date-time */
            disposed_at: string | null;
        };
        BuildSheet: {
            /** Format: uuid */
            id: string;
            title: string;
            serial: string;
            state: components["schemas"]["BuildState"];
            family: string | null;
            customer: string | null;
            /** Format: date-time */
            opened_at: string;
            /** Format: date-time */
            finished_at: string | null;
            /** Format: date-time */
            shipped_at: string | null;
            other_builds: {
                /** Format: uuid */
                id: string;
                title: string;
                state: components["schemas"]["BuildState"];
            }[];
            replies: components["schemas"]["Reply"][];
            joints: components["schemas"]["AuditJoint"][];
            aside: components["schemas"]["AsideLine"][];
        };
        AuditRow: {
            /** Format: uuid */
            id: string;
            title: string;
            state: components["schemas"]["BuildState"];
            family: string | null;
            customer: string | null;
            /** Format: date-time */
            opened_at: string;
            /** Format: date-time */
            finished_at: string | null;
        };
        AuditList: {
            builds: components["schemas"]["AuditRow"][];
            shown_at_most: number;
            tray: components["schemas"]["AsideLine"][];
        };
        Moved: {
            /** @description number of the run's last entry */
            last_seq: number;
        };
        SheetStage: {
            key: string;
            /** @enum {string} */
            motion: "one_motion" | "may_ratchet";
            why: string;
        };
        JobCard: {
            assignment: string;
            serial: string;
            family: string;
            joint: string;
            line: string;
            sketch: components["schemas"]["Sketch"];
            steps: number;
            run: {
                /** Format: uuid */
                id: string;
                person: string | null;
                device: string | null;
                done: number;
                all: number;
                finished: boolean;
                stopped: boolean;
                rounds: {
                    done: number;
                    all: number;
                }[];
                marks: components["schemas"]["Mark"][];
            } | null;
        };
        HookData: {
            mine: components["schemas"]["JobCard"][];
            others: components["schemas"]["JobCard"][];
        };
        Setting: {
            step: string;
            digits: string;
            low: string;
            high: string;
        };
        ToolOffer: {
            /** Format: uuid */
            id: string;
            code: string;
            name: string;
            range: string;
            kind_words: string;
            unit: {
                code: string;
                symbol: string;
            };
            resolution: string;
            reasons: string[];
            settings: components["schemas"]["Setting"][];
        };
        RunStep: {
            /** @description the document's keys: stage, position, pass */
            id: string;
            stage: string;
            /** @enum {string} */
            kind: "torque" | "turn";
            /** @enum {string} */
            quantity: "torque" | "angle";
            position: string;
            target: string;
            window: string;
            threshold: string | null;
            /** @enum {string} */
            status: "to_do" | "stopped" | "done";
            attempts: {
                /** Format: uuid */
                reading: string;
                number: number;
                value: string;
                verdict: components["schemas"]["Verdict"];
                word: string;
                reason: string;
                /** @enum {string} */
                status: "live" | "backed_off" | "withdrawn";
                typed: boolean;
            }[];
        };
        WalkLine: {
            step: string;
            /** @enum {string} */
            quantity: "torque" | "angle";
            low: string;
            high: string;
            units: {
                code: string;
                factor: string;
            }[];
        };
        RunSheet: {
            /** Format: uuid */
            id: string;
            /** Format: uuid */
            subject: string;
            serial: string;
            family: string;
            joint: string;
            revision: string;
            /** @description Letter of a revision that came into force since the run began */
            newer: string | null;
            permits: {
                code: string;
                departure: string;
                until: string | null;
            }[];
            rounds: string[];
            stages: components["schemas"]["SheetStage"][];
            surfaces: {
                surface: string;
                condition: string;
            }[];
            cautions: string[];
            sketch: components["schemas"]["Sketch"];
            holder: {
                person: string;
                person_name: string | null;
                device: string;
                device_name: string | null;
            };
            last_seq: number;
            finished: boolean;
            next_step: string | null;
            stopped_at: string | null;
            steps: components["schemas"]["RunStep"][];
            walk_sheet: components["schemas"]["WalkLine"][];
            tools: {
                torque: {
                    taken: string | null;
                    offers: components["schemas"]["ToolOffer"][];
                };
                angle: {
                    taken: string | null;
                    offers: components["schemas"]["ToolOffer"][];
                };
            };
            marks: components["schemas"]["Mark"][];
        };
        Outcome: {
            /** Format: uuid */
            id: string;
            seq: number;
            leaf_hash: string;
            /** @enum {string} */
            standing: "applied" | "set_aside" | "tray";
            verdict: components["schemas"]["Verdict"] | null;
            sentence: string | null;
            flags: string[];
        };
        /** @description What every command from a bench brings with it. Sent again with the same id it is carried out once. */
        Command: {
            /** Format: uuid */
            id: string;
            /** @description the device's gap-free count */
            device_seq: number;
            /** @description the run's last entry that the device had seen */
            base_seq: number;
            device_time: string;
            /** @description the device's monotonic clock in ms */
            mono_ms: number;
        };
        Batch: {
            /** @description the device's time at sending; the skew is measured by it */
            sent_at: string;
            observations: components["schemas"]["Observation"][];
        };
        Observation: {
            /** Format: uuid */
            id: string;
            /**
             * @description the last stands in the place of one that the server could not read
             * @enum {string}
             */
            kind: "reading" | "backed_off" | "observation_unreadable";
            /** Format: uuid */
            run?: string;
            /** Format: uuid */
            subject?: string;
            /** Format: uuid */
            sitting: string;
            device_seq: number;
            base_seq: number;
            device_time: string;
            mono_ms: number;
            step?: string;
            /** @description decimal digits as the tool or person gave them */
            value?: string;
            unit?: string;
            /** @description what came in before it was read */
            raw?: string;
            /** Format: uuid */
            tool?: string;
            /**
             * @description counts as typed where the server knows no such tool
             * @enum {string}
             */
            source?: "typed" | "tool" | "simulated_tool";
            /** @description what the bench made of it; the server judges again */
            device_verdict?: string;
            /** @description the bench had locked itself and somebody went on while no PIN could be checked */
            after_idle?: boolean;
            /** @description SHA-256 of the bytes that could not be read */
            hash?: string;
            /** @description the bytes that could not be read; left out where they are more */
            bytes?: string;
            /** @description what the server said of them */
            told?: string;
        };
        Outcomes: {
            outcomes: components["schemas"]["Outcome"][];
        };
        JointOnStand: {
            /** Format: uuid */
            id: string;
            name: string;
            map: components["schemas"]["Sketch"] | null;
            revision: {
                /** Format: uuid */
                id: string;
                letter: string;
                line: string;
                rounds: string[];
            } | null;
            /** @description Its hardware options with a procedure in force */
            options: {
                /** Format: uuid */
                procedure: string;
                option: string;
                letter: string;
                at_bench: boolean;
            }[];
            given: {
                /** Format: uuid */
                id: string;
                person: string | null;
                /** Format: date-time */
                at: string;
            } | null;
            run: {
                /** Format: uuid */
                id: string;
                person: string | null;
                done: number;
                all: number;
                finished: boolean;
                stopped: boolean;
                rounds: {
                    done: number;
                    all: number;
                }[];
                marks: components["schemas"]["Mark"][];
            } | null;
        };
        Build: {
            /** Format: uuid */
            id: string;
            serial: string;
            build_number: number;
            title: string;
            state: components["schemas"]["BuildState"];
            family: string | null;
            customer: string | null;
            /** Format: date-time */
            opened_at: string;
            /** Format: date-time */
            finished_at: string | null;
            /** Format: date-time */
            shipped_at: string | null;
            joints: components["schemas"]["JointOnStand"][];
        };
        BuildChoices: {
            customers: {
                /** Format: uuid */
                id: string;
                name: string;
            }[];
            assemblers: {
                /** Format: uuid */
                id: string;
                name: string;
            }[];
            families: {
                code: string;
                name: string;
            }[];
        };
        Builds: {
            builds: components["schemas"]["Build"][];
            shown_at_most: number;
        };
        ToolOnBoard: {
            /** Format: uuid */
            id: string;
            code: string;
            name: string;
            /** @enum {string} */
            kind: "torque_wrench" | "angle_gauge";
            kind_words: string;
            range: string;
            resolution: string;
            out_of_use: string | null;
            calibrations: {
                /** Format: date */
                on: string;
                /** Format: date */
                due: string;
                conforms: boolean;
                certificate: string;
            }[];
        };
        Tools: {
            /** Format: date */
            today: string;
            tools: components["schemas"]["ToolOnBoard"][];
        };
        Found: {
            /** @enum {string} */
            kind: "build" | "procedure" | "tool";
            title: string;
            about: string;
            link: string;
        };
        FoundList: {
            found: components["schemas"]["Found"][];
        };
        MachineState: {
            lines: {
                /** @enum {string} */
                key: "sequencer" | "queue" | "disk" | "backup" | "verify" | "note" | "clock";
                name: string;
                sentence: string;
                /** @description whether nobody need look after it */
                well: boolean;
            }[];
        };
        RungRow: {
            /** @description What to reach, typeset: "+47°" */
            aim: string;
            /** @description The groups or positions it is for */
            whom: string;
            /** @description The limits, typeset; empty where nothing is judged */
            window: string;
            target_from: string | null;
            window_from: string | null;
        };
        Rung: {
            stage: string;
            tool: string | null;
            /** @description In the order in which they are done */
            positions: string[];
            rows: components["schemas"]["RungRow"][];
            how: string;
            why: string;
        };
        Surface: {
            surface: string;
            condition: string;
        };
        FastenerRow: {
            key: string;
            name: string;
            groups: string;
            count: number;
            marking: string | null;
            /** @description As printed */
            across_flats: string | null;
            reuse: string;
        };
        /** @description The document as it was written; docs/formats/procedure.schema.json says what it may hold */
        ProcedureDocument: {
            /** @constant */
            format: "tekkal.procedure/1";
        };
        CitedSource: {
            key: string;
            kind: string;
            title: string;
            edition: string;
            date: string;
            page: string;
            disagrees?: string;
            record?: string;
        };
        ProcedureRow: {
            /** Format: uuid */
            id: string;
            /** Format: uuid */
            revision: string | null;
            /** @enum {string} */
            state: "empty" | "draft" | "in_review" | "returned" | "approved" | "superseded" | "withdrawn";
            letter: string;
            /** @enum {string|null} */
            ahead: "draft" | "in_review" | null;
            missing: boolean;
            conflicts: number;
            line: string;
            family: string;
            family_code: string;
            joint: string;
            option: string;
            risk_class: string;
            fasteners: number;
            threads: string[];
            markings: string[];
            source: string | null;
            sketch: components["schemas"]["Sketch"] | null;
        };
        ProcedureListing: {
            procedures: components["schemas"]["ProcedureRow"][];
            total: number;
            page: number;
            pages: number;
            /** @description The value that was looked for, typeset; null where words were */
            asked: string | null;
        };
        Variant: {
            /** Format: uuid */
            id: string;
            name: string;
            serials_from: string;
            serials_to: string;
            years_from: string;
            years_to: string;
            note: string;
        };
        FamilyJoint: {
            /** Format: uuid */
            id: string;
            name: string;
            options: string[];
        };
        LibraryFamily: {
            /** Format: uuid */
            id: string;
            code: string;
            name: string;
            description: string;
            joints: components["schemas"]["FamilyJoint"][];
            variants: components["schemas"]["Variant"][];
        };
        RevisionHead: {
            /** Format: uuid */
            id: string;
            letter: string;
            /** @enum {string} */
            state: "in_review" | "returned" | "approved" | "superseded" | "withdrawn";
            /** @description everybody who wrote any of it */
            author: string | null;
            /** @description whether the one who asks wrote any of it */
            mine: boolean;
            /** Format: date-time */
            submitted_at: string | null;
            signature: string | null;
            /** Format: date-time */
            approved_at: string | null;
            /** Format: date-time */
            superseded_at: string | null;
            remark: string | null;
            at_bench: boolean;
        };
        Change: {
            /** @enum {string} */
            what: "target" | "window" | "order" | "stage" | "fastener" | "surface" | "check" | "map" | "source" | "text";
            sentence: string;
            stage: string | null;
            positions: string[];
        };
        Permit: {
            /** Format: uuid */
            id: string;
            code: string;
            /** Format: uuid */
            procedure: string;
            title: string;
            stage: string | null;
            departure: string;
            reason: string;
            customer_reference: string;
            quantity: number | null;
            used: number;
            serials: string[];
            valid_from: string;
            valid_until: string | null;
            /** @enum {string} */
            state: "asked" | "refused" | "withdrawn" | "ended" | "used up" | "not yet" | "in force";
            asked_by: string | null;
            signature: string | null;
            /** Format: date-time */
            approved_at: string | null;
        };
        ProcedureSheet: {
            /** Format: uuid */
            id: string;
            family: string;
            joint: string;
            /** Format: uuid */
            joint_id: string;
            option: string;
            variant: string | null;
            revisions: components["schemas"]["RevisionHead"][];
            draft: {
                letter: string;
                saved_by: string | null;
                /** Format: date-time */
                saved_at: string;
                version: number;
            } | null;
            sister: {
                /** Format: uuid */
                id: string;
                title: string;
                /** Format: uuid */
                theirs: string | null;
                /** Format: uuid */
                ours: string | null;
                changes: components["schemas"]["Change"][];
            } | null;
            permits: components["schemas"]["Permit"][];
        };
        DraftSheet: {
            /** Format: uuid */
            procedure: string;
            title: string;
            letter: string;
            version: number;
            document: Record<string, never>;
            answers: {
                [key: string]: string;
            };
            /** Format: uuid */
            based_on: string | null;
            saved_by: string | null;
            /** Format: date-time */
            saved_at: string;
            sent_back: string | null;
        };
        Fault: {
            pointer: string;
            found: string;
            wanted: string;
        };
        PlanRow: {
            no: string;
            step: string;
            stage: string;
            kind: string;
            place: string;
            number: string;
            pass: string;
            target: string;
            window: string;
            watch: string;
        };
        ToolRequirement: {
            kind: string;
            unit: string | null;
            lowest: string | null;
            highest: string | null;
            class: string | null;
            stages: string[];
        };
        Figures: {
            steps: components["schemas"]["PlanRow"][];
            least: number;
            most: number;
            people: number;
            tools: components["schemas"]["ToolRequirement"][];
            consumables: string[];
            new_fasteners: {
                type: string;
                count: number;
            }[];
            time: string;
            at_bench: boolean;
        };
        Challenge: {
            key: string;
            kind: string;
            about: string;
            sentence: string;
            plausible: string | null;
            assumptions: string[];
        };
        LoadBand: {
            group: string;
            name: string;
            torque: string | null;
            angle: string | null;
            low_kn: number | null;
            nominal_kn: number | null;
            high_kn: number | null;
            proof_kn: number | null;
            proof_share: number | null;
            yield_share: number | null;
            stretch_um: number | null;
            past_proof: boolean;
            assumptions: string[];
            missing: string[];
        };
        StageOrder: {
            stage: string;
            order: string[];
            faults: string[];
            centre_out: boolean;
            wander_mm: string;
            /** @enum {string} */
            arrangement: "circle" | "rows";
        };
        SheetBody: {
            rungs: components["schemas"]["Rung"][];
            fastener_types: components["schemas"]["FastenerRow"][];
            surfaces: components["schemas"]["Surface"][];
            sources: components["schemas"]["CitedSource"][];
            cautions: string[];
        };
        DraftAssessment: {
            problems: components["schemas"]["Fault"][];
            not_approvable: string[];
            line: string;
            rounds: string[];
            sheet: components["schemas"]["SheetBody"] | null;
            figures: components["schemas"]["Figures"] | null;
            challenges: components["schemas"]["Challenge"][];
            bands: components["schemas"]["LoadBand"][];
            orders: components["schemas"]["StageOrder"][];
            changes: components["schemas"]["Change"][];
        };
        Side: {
            source: string;
            says: string;
            followed: boolean;
        };
        SideBySide: {
            stage: string;
            round: string;
            sides: components["schemas"]["Side"][];
            differ: boolean;
        };
        RevisionSheet: {
            /** Format: uuid */
            id: string;
            letter: string;
            /** @enum {string} */
            state: "in_review" | "returned" | "approved" | "superseded" | "withdrawn";
            /** @description everybody who wrote any of it */
            author: string | null;
            /** @description whether the one who asks wrote any of it */
            mine: boolean;
            /** Format: date-time */
            submitted_at: string | null;
            signature: string | null;
            /** Format: date-time */
            approved_at: string | null;
            /** Format: date-time */
            superseded_at: string | null;
            remark: string | null;
            at_bench: boolean;
            /** Format: uuid */
            procedure: string;
            family: string;
            joint: string;
            option: string;
            risk_class: string;
            line: string;
            rounds: string[];
            document_hash: string;
            sketch: components["schemas"]["Sketch"];
            rungs: components["schemas"]["Rung"][];
            fastener_types: components["schemas"]["FastenerRow"][];
            surfaces: components["schemas"]["Surface"][];
            sources: components["schemas"]["CitedSource"][];
            cautions: string[];
            figures: components["schemas"]["Figures"];
            bands: components["schemas"]["LoadBand"][];
            challenges: components["schemas"]["Challenge"][];
            answers: {
                [key: string]: string;
            };
            why_not: string[];
            compared_with: {
                /** Format: uuid */
                id: string;
                letter: string;
            } | null;
            changes: components["schemas"]["Change"][];
            side_by_side: components["schemas"]["SideBySide"][];
            permits: components["schemas"]["Permit"][];
            revisions: components["schemas"]["RevisionHead"][];
            document: components["schemas"]["ProcedureDocument"];
        };
        MadeToBuild: {
            /** Format: uuid */
            run: string;
            /** Format: uuid */
            subject: string;
            title: string;
            state: components["schemas"]["BuildState"];
            in: number;
            out: number;
            /** @description Results that the plan in force has no window of their kind for. */
            not_comparable: number;
            /** @description Steps of the plan in force that have no result. */
            without_result: number;
            outside: string[];
        };
        JudgedOrder: {
            order: string[];
            /** @enum {string} */
            arrangement: "circle" | "rows";
            faults: string[];
            missing: string[];
            neighbours: string[][];
            centre_out: boolean;
            wander_mm: string;
            patterns: {
                pattern: string;
                words: string;
            }[];
        };
        Source: {
            /** Format: uuid */
            id: string;
            code: string;
            kind: string;
            title: string;
            edition: string;
            date: string;
            kept: string;
            superseded_by: string | null;
            file_name: string | null;
            file_type: string | null;
            file_bytes: number | null;
            cited_by: number;
        };
        Standard: {
            /** Format: uuid */
            id: string;
            code: string;
            quantity: string;
            tool: string;
            risk_class: string;
            tolerance: string;
            source: string;
            /** @enum {string} */
            state: "asked" | "approved";
            signature: string | null;
            asked_by: string | null;
            asked_by_me: boolean;
            /** Format: date-time */
            approved_at: string | null;
        };
        ConflictRow: {
            /** Format: uuid */
            procedure: string;
            title: string;
            /** Format: uuid */
            revision: string | null;
            letter: string;
            /** @enum {string} */
            state: "empty" | "draft" | "in_review" | "returned" | "approved" | "superseded" | "withdrawn";
            key: string;
            about: string;
            stage: string | null;
            sides: {
                source: string;
                title: string;
                kind: string;
                date: string;
                says: string;
            }[];
            decided: string | null;
            reason: string | null;
            governs: string | null;
            why: string;
        };
        ImportSheet: {
            /** Format: uuid */
            id: string;
            name: string;
            /** @enum {string} */
            state: "looked" | "queued" | "done" | "failed";
            total: number;
            done: number;
            rows: {
                name: string;
                /** @enum {string} */
                what: "new" | "changed" | "same" | "refused";
                why: string;
                /** Format: uuid */
                procedure: string | null;
            }[];
            families: string[];
            sources: number;
            standards: number;
            only: string | null;
            why: string | null;
        };
        JointEstimate: {
            low_kn: number | null;
            nominal_kn: number | null;
            high_kn: number | null;
            proof_kn: number | null;
            yield_kn: number | null;
            proof_share: number | null;
            yield_share: number | null;
            stretch_um: number | null;
            past_proof: boolean;
            stress_area_mm2: number | null;
            pitch_mm: number | null;
            sentences: string[];
            assumptions: string[];
            missing: string[];
            curve: {
                /** @enum {string} */
                phase: "torque" | "angle";
                at: number;
                low: number | null;
                nominal: number | null;
                high: number | null;
            }[];
            surfaces: {
                condition: string;
                clamp_kn: number;
            }[];
            published: {
                quantity: string;
                value: string;
                source: string;
                confidence: string;
            }[];
        };
        AngleTrial: {
            slope: number;
            intercept: number;
            s: number;
            r_squared: number;
            middle: number;
            chosen: number;
            share_inside: number;
            usable: {
                low: number;
                high: number;
            } | null;
            band: {
                angle: number;
                line: number;
                low: number;
                high: number;
            }[];
        };
        PairingSheet: {
            pairs: {
                names: string[];
                difference_um: number;
            }[];
            left_over: string | null;
            total_um: number;
            lengths_mm: {
                name: string;
                mm: number;
            }[];
        };
        /** @enum {string} */
        Ability: "read-library" | "draft-procedures" | "approve-procedures" | "read-builds" | "open-builds" | "give-work" | "close-builds" | "read-crib" | "keep-tools" | "audit" | "dispose-readings" | "manage-devices" | "unlock-pins" | "work-at-bench";
        Me: {
            /** Format: uuid */
            id: string;
            name: string;
            roles: string[];
            abilities: components["schemas"]["Ability"][];
            /** @enum {string} */
            kind: "desk" | "bench";
            /** Format: uuid */
            sitting: string | null;
            /** @description the bench was idle for ten minutes */
            locked: boolean;
        };
        Session: {
            shop: {
                name: string;
                time_zone: string;
                demo: boolean;
                /** Format: date-time */
                now: string;
            };
            device: {
                /** Format: uuid */
                id: string;
                name: string;
                next_device_seq: number;
            } | null;
            person: components["schemas"]["Me"] | null;
        };
        PeopleAndBenches: {
            people: {
                /** Format: uuid */
                id: string;
                name: string;
                badge: string | null;
                roles: string[];
                pin_locked: boolean;
            }[];
            devices: {
                /** Format: uuid */
                id: string;
                name: string;
                /** Format: date-time */
                enrolled_at: string;
                /** Format: date-time */
                revoked_at: string | null;
                this_one: boolean;
            }[];
        };
        Notice: {
            /** Format: uuid */
            id: string;
            title: string;
            body: string;
            /** @description Where it is shown, at a desk; may be empty */
            link: string;
            /** Format: date-time */
            sent_at: string;
        };
        Notices: {
            notices: components["schemas"]["Notice"][];
        };
        Written: {
            value: string;
            unit: string;
        };
        MapPart: {
            key: string;
            name: string;
            /** @enum {string} */
            shape: "box" | "cap" | "round";
            x: string;
            y: string;
            width: string;
            height: string;
        };
        MapPosition: {
            key: string;
            number: string;
            x: string;
            y: string;
            group: string;
            part: string;
            landmark?: string;
        };
        JointMapData: {
            width: string;
            height: string;
            /** @enum {string} */
            front: "left" | "right" | "top" | "bottom";
            parts: components["schemas"]["MapPart"][];
            positions: components["schemas"]["MapPosition"][];
        };
        Group: {
            key: string;
            name: string;
            fastener: string;
        };
        Fastener: {
            key: string;
            /** @enum {string|null} */
            head: "hex" | "twelve_point" | "internal" | "stud_with_nut" | null;
            /** @description Millimetres */
            across_flats_mm: string | null;
        };
        Sketch: {
            map: components["schemas"]["JointMapData"];
            groups: components["schemas"]["Group"][];
            fasteners: components["schemas"]["Fastener"][];
        };
        /** @enum {string} */
        Evidence: "curve" | "measured_value" | "attested_one_by_one" | "attested_as_round" | "unknown";
        Mark: {
            position: string;
            strokes: components["schemas"]["Evidence"][];
            old: number;
            fault: string | null;
        };
        /** @enum {string} */
        BuildState: "open" | "finished" | "shipped";
        Progress: {
            done: number;
            all: number;
            finished: boolean;
            stopped: boolean;
            rounds: {
                done: number;
                all: number;
            }[];
            marks: components["schemas"]["Mark"][];
        };
        /** @enum {string} */
        Verdict: "in" | "low" | "high";
        Created: {
            /** Format: uuid */
            id: string;
        };
        /** @description RFC 9457. The type never changes its meaning; the detail is a sentence that a person can act on. */
        Problem: {
            /** @enum {string} */
            type: "tekkal:already-disposed" | "tekkal:bad-document" | "tekkal:bad-value" | "tekkal:build-closed" | "tekkal:build-open" | "tekkal:device-seq" | "tekkal:draft-changed" | "tekkal:earlier-build" | "tekkal:fault" | "tekkal:id-taken" | "tekkal:joints-open" | "tekkal:locked" | "tekkal:not-allowed" | "tekkal:not-done" | "tekkal:not-enrolled" | "tekkal:not-finished" | "tekkal:not-found" | "tekkal:not-running" | "tekkal:not-withdrawn" | "tekkal:no-sitting" | "tekkal:other-refusal" | "tekkal:pin-locked" | "tekkal:run-begun" | "tekkal:run-closed" | "tekkal:run-held" | "tekkal:signed-out" | "tekkal:stale-page" | "tekkal:storage" | "tekkal:taken-back" | "tekkal:too-large" | "tekkal:too-often" | "tekkal:tool-unfit" | "tekkal:unreadable" | "tekkal:wrong-method" | "tekkal:wrong-sign-in";
            /** @description what kind of problem it is; the same for every problem of the type */
            title: string;
            status: number;
            /** @description what happened and what to do now */
            detail: string;
            /** @description the field that has to be put right */
            field?: string;
            /** @description what stood in it */
            value?: unknown;
            /** @description the limit that was passed */
            limit?: number | string;
            /** @description the unit of value and limit */
            unit?: string;
            /** @description one sentence for each field that is wrong */
            errors?: {
                [key: string]: string;
            };
            /** @description the device count to send again from */
            expected?: number;
            /** @description the observation or command that is meant */
            id?: string;
            /** @description its place in the batch */
            index?: number;
            reasons?: string[];
            next_build?: number;
            /** @description of the draft as it stands now */
            version?: number;
            /** @description the draft as it stands now */
            theirs?: Record<string, never>;
            problems?: Record<string, never>[];
            /** @description what could not be read of an observation */
            reason?: string;
            /** @description the number of the request in the server's logs */
            request_id?: string;
        };
        PullWanted: {
            /** @enum {string} */
            unit: "N.m" | "lbf.ft" | "lbf.in" | "kgf.m" | "deg" | "turn";
            low: string;
            high: string;
            resolution: string;
            /** @enum {string} */
            manner: "good" | "short" | "over";
            seed: string;
        };
        Pull: {
            value: string;
            unit: string;
            /** @constant */
            simulated: true;
        };
    };
    responses: {
        /** @description What the server did not do, and why */
        Problem: {
            headers: {
                [name: string]: unknown;
            };
            content: {
                "application/problem+json": components["schemas"]["Problem"];
            };
        };
    };
    parameters: never;
    requestBodies: never;
    headers: never;
    pathItems: never;
}
export type Answer = components['schemas']['Answer'];
export type Reply = components['schemas']['Reply'];
export type ResultAttempt = components['schemas']['ResultAttempt'];
export type ResultLine = components['schemas']['ResultLine'];
export type AuditJoint = components['schemas']['AuditJoint'];
export type AsideLine = components['schemas']['AsideLine'];
export type BuildSheet = components['schemas']['BuildSheet'];
export type AuditRow = components['schemas']['AuditRow'];
export type AuditList = components['schemas']['AuditList'];
export type Moved = components['schemas']['Moved'];
export type SheetStage = components['schemas']['SheetStage'];
export type JobCard = components['schemas']['JobCard'];
export type HookData = components['schemas']['HookData'];
export type Setting = components['schemas']['Setting'];
export type ToolOffer = components['schemas']['ToolOffer'];
export type RunStep = components['schemas']['RunStep'];
export type WalkLine = components['schemas']['WalkLine'];
export type RunSheet = components['schemas']['RunSheet'];
export type Outcome = components['schemas']['Outcome'];
export type Command = components['schemas']['Command'];
export type Batch = components['schemas']['Batch'];
export type Observation = components['schemas']['Observation'];
export type Outcomes = components['schemas']['Outcomes'];
export type JointOnStand = components['schemas']['JointOnStand'];
export type Build = components['schemas']['Build'];
export type BuildChoices = components['schemas']['BuildChoices'];
export type Builds = components['schemas']['Builds'];
export type ToolOnBoard = components['schemas']['ToolOnBoard'];
export type Tools = components['schemas']['Tools'];
export type Found = components['schemas']['Found'];
export type FoundList = components['schemas']['FoundList'];
export type MachineState = components['schemas']['MachineState'];
export type RungRow = components['schemas']['RungRow'];
export type Rung = components['schemas']['Rung'];
export type Surface = components['schemas']['Surface'];
export type FastenerRow = components['schemas']['FastenerRow'];
export type ProcedureDocument = components['schemas']['ProcedureDocument'];
export type CitedSource = components['schemas']['CitedSource'];
export type ProcedureRow = components['schemas']['ProcedureRow'];
export type ProcedureListing = components['schemas']['ProcedureListing'];
export type Variant = components['schemas']['Variant'];
export type FamilyJoint = components['schemas']['FamilyJoint'];
export type LibraryFamily = components['schemas']['LibraryFamily'];
export type RevisionHead = components['schemas']['RevisionHead'];
export type Change = components['schemas']['Change'];
export type Permit = components['schemas']['Permit'];
export type ProcedureSheet = components['schemas']['ProcedureSheet'];
export type DraftSheet = components['schemas']['DraftSheet'];
export type Fault = components['schemas']['Fault'];
export type PlanRow = components['schemas']['PlanRow'];
export type ToolRequirement = components['schemas']['ToolRequirement'];
export type Figures = components['schemas']['Figures'];
export type Challenge = components['schemas']['Challenge'];
export type LoadBand = components['schemas']['LoadBand'];
export type StageOrder = components['schemas']['StageOrder'];
export type SheetBody = components['schemas']['SheetBody'];
export type DraftAssessment = components['schemas']['DraftAssessment'];
export type Side = components['schemas']['Side'];
export type SideBySide = components['schemas']['SideBySide'];
export type RevisionSheet = components['schemas']['RevisionSheet'];
export type MadeToBuild = components['schemas']['MadeToBuild'];
export type JudgedOrder = components['schemas']['JudgedOrder'];
export type Source = components['schemas']['Source'];
export type Standard = components['schemas']['Standard'];
export type ConflictRow = components['schemas']['ConflictRow'];
export type ImportSheet = components['schemas']['ImportSheet'];
export type JointEstimate = components['schemas']['JointEstimate'];
export type AngleTrial = components['schemas']['AngleTrial'];
export type PairingSheet = components['schemas']['PairingSheet'];
export type Ability = components['schemas']['Ability'];
export type Me = components['schemas']['Me'];
export type Session = components['schemas']['Session'];
export type PeopleAndBenches = components['schemas']['PeopleAndBenches'];
export type Notice = components['schemas']['Notice'];
export type Notices = components['schemas']['Notices'];
export type Written = components['schemas']['Written'];
export type MapPart = components['schemas']['MapPart'];
export type MapPosition = components['schemas']['MapPosition'];
export type JointMapData = components['schemas']['JointMapData'];
export type Group = components['schemas']['Group'];
export type Fastener = components['schemas']['Fastener'];
export type Sketch = components['schemas']['Sketch'];
export type Evidence = components['schemas']['Evidence'];
export type Mark = components['schemas']['Mark'];
export type BuildState = components['schemas']['BuildState'];
export type Progress = components['schemas']['Progress'];
export type Verdict = components['schemas']['Verdict'];
export type Created = components['schemas']['Created'];
export type Problem = components['schemas']['Problem'];
export type PullWanted = components['schemas']['PullWanted'];
export type Pull = components['schemas']['Pull'];
export type ResponseProblem = components['responses']['Problem'];
