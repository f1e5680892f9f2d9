/* Made by bin/tekkal contract from openapi/<area>.yaml; edit those. */
export interface paths {
    "/audit": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Builds one may see whose serial has this part */
        get: operations["audit.index"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/audit/{build}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The one sheet of a build */
        get: operations["audit.show"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/audit/{build}/folder.pdf": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** One page for the engine's paper folder */
        get: operations["audit.folder"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/audit/readings/{entry}/dismiss": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Dispose of a reading that was set aside or lies in the tray */
        post: operations["audit.dismiss"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/live": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Has a run moved on since a screen last looked */
        get: operations["live"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/bench/handover": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What one's shift leaves behind */
        get: operations["bench.handover"];
        put?: never;
        /** Whoever leaves and whoever comes sign the same list */
        post: operations["bench.handOver"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/builds/{build}/handover": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** How an engine was handed over last */
        get: operations["builds.handover"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/bench/hook": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The job cards on one's hook, and the runs others have open */
        get: operations["bench.hook"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/bench/hook/times": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** How long the first jobs on one's hook take, and where they can be left */
        get: operations["bench.hookTimes"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/bench/observations": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Store what a bench saw. An authentic, readable observation is never refused */
        post: operations["bench.observe"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/bench/runs": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Begin the run of a job */
        post: operations["bench.begin"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/bench/runs/{run}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Everything the bench needs to show a run and walk on by itself */
        get: operations["bench.show"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/bench/runs/{run}/take-over": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Go on with a run here */
        post: operations["bench.takeOver"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/bench/runs/{run}/withdrawals": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Withdraw a typed value as a typing error */
        post: operations["bench.withdraw"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/bench/runs/{run}/finish": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Close a run that has every step done and every head looked at, signed by the PIN of whoever holds it */
        post: operations["bench.finish"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/bench/cards/{card}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What a job card on paper is about, whose hand is on it, and whether it can be typed in here */
        get: operations["bench.card"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/bench/runs/{run}/paper": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What is typed from now on stands on a job card */
        post: operations["bench.paper"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/bench/runs/{run}/paper-end": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** The job card is typed in; what follows is seen live */
        post: operations["bench.paperEnd"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/bench/values": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Ask to what something is tightened, instead of guessing it */
        post: operations["bench.askValue"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/builds/{build}/values": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Values that benches asked for at an engine */
        get: operations["builds.values"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/values/{asked}/answer": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Answer a bench; it is told */
        post: operations["values.answer"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/builds/{build}/subassemblies/{kind}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What would come off an engine, what that costs, and what could go in */
        get: operations["builds.exchange"];
        put?: never;
        /** A subassembly goes in, comes off, or is exchanged; what holds it comes apart */
        post: operations["builds.exchangeSubassembly"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/builds/{build}/joints/{joint}/opening": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What it costs to open a joint again */
        get: operations["builds.opening"];
        put?: never;
        /** A joint that was worked in this build is opened again, with what rests on it */
        post: operations["builds.openAgain"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/stops": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What is stopped for everybody, and was */
        get: operations["stops.index"];
        put?: never;
        /** Stop a revision, a tool or a lot for everybody at once */
        post: operations["stops.store"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/stops/reach": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What a stop would reach */
        get: operations["stops.reach"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/stops/{stop}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** A stop: what it holds, who knows of it, which engines were made with it */
        get: operations["stops.show"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/stops/{stop}/engines.csv": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Every engine that was made with it, as a table */
        get: operations["stops.engines"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/stops/{stop}/ask": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** One of two asks to lift it and says why it may go on */
        post: operations["stops.ask"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/stops/{stop}/keep": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** It stays stopped; whoever asked takes it back by the same */
        post: operations["stops.keep"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/stops/{stop}/lift": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** The other of the two lifts it */
        post: operations["stops.lift"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/bench/stops/{stop}/seen": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Whoever stands at a bench says that it is known there */
        post: operations["bench.stopSeen"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/cards": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Job cards on paper, those that somebody has to see to first */
        get: operations["cards.index"];
        put?: never;
        /** A job goes out on paper; the card has a number of its own */
        post: operations["cards.print"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/cards/{card}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** One job card, with what was typed in from it */
        get: operations["cards.show"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/cards/{card}/paper.pdf": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The card itself, to be worked on */
        get: operations["cards.paper"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/cards/{card}/compare": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What was typed in was held against the card by somebody else */
        post: operations["cards.compare"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/cards/{card}/back": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** The card is back, signed */
        post: operations["cards.back"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/cards/{card}/void": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** The card is voided; nothing on it counts */
        post: operations["cards.void"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/cards/{card}/lose": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** The card is lost */
        post: operations["cards.lose"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/cards/{card}/scan": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The scan of a card, for everybody who may see the engine */
        get: operations["cards.scan"];
        put?: never;
        /** The scan of a card that is back */
        post: operations["cards.keepScan"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/bench/plans/{plan}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** A plan by its hash, as the canonical bytes that the core beside a screen begins with */
        get: operations["bench.plan"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/bench/runs/{run}/partner": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A second person joins, by badge and PIN */
        post: operations["bench.join"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/bench/runs/{run}/supervisor": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Somebody who may do it alone stands beside whoever is learning it, by badge and PIN */
        post: operations["bench.supervise"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/bench/runs/{run}/supervisor/sign": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Whoever stood beside it signs for what they saw, by badge and PIN */
        post: operations["bench.superviseSign"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/bench/runs/{run}/looks": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Somebody else looks at a round that asks for it, and says so by badge and PIN */
        post: operations["bench.look"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/bench/runs/{run}/moved": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Whether anybody has gone on with a run since an entry, or something else is stopped */
        get: operations["bench.moved"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/bench/runs/{run}/mishaps": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What may be said to be wrong now, for a bench beside whose page no core runs */
        get: operations["bench.mishaps"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/bench/runs/{run}/mishaps/{mishap}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What it would come to and cost, decided on a copy of the run; nothing is recorded */
        get: operations["bench.weigh"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/bench/runs/{run}/decisions": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The faults that wait for somebody's word, and what each word would cost */
        get: operations["bench.decisions"];
        put?: never;
        /** A lead, or who stands in for them, decides about a fault at the bench, with own badge and PIN for that one thing */
        post: operations["bench.decide"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/bench/runs/{run}/repairs": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A lead, or who stands in for them, accepts a repaired thread at the bench */
        post: operations["bench.acceptRepair"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/builds": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Engines as they stand in the shop, each as a strip; without a state, all that are here */
        get: operations["builds.index"];
        put?: never;
        /** Open a build of a serial number */
        post: operations["builds.open"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/builds/read": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Read engines out of a table, row by row */
        post: operations["builds.read"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/builds/many": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Many engines come in, all of them or none */
        post: operations["builds.many"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/builds/labels.pdf": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Labels with the serial and its code */
        get: operations["builds.labels"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/builds/choices": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What the forms of this area offer to choose from */
        get: operations["builds.choices"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/subassemblies": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Heads and short blocks that have a number of their own, each as a strip */
        get: operations["subassemblies.index"];
        put?: never;
        /** A subassembly gets a number of its own */
        post: operations["subassemblies.open"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/builds/{build}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** One build with its joints */
        get: operations["builds.show"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/builds/{build}/facts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What is known of it beside its fasteners, all of it anew */
        post: operations["builds.describe"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/builds/{build}/restamp": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Its number was stamped anew; it is found by both */
        post: operations["builds.restamp"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/builds/{build}/start": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Come in to on a stand */
        post: operations["builds.start"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/builds/{build}/call-off": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Opened by mistake; nothing was given out for it */
        post: operations["builds.callOff"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/builds/{build}/finish": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Open to finished; refused in the name of each joint that is not recorded */
        post: operations["builds.finish"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/builds/{build}/reopen": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Finishing undone, while it is here */
        post: operations["builds.reopen"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/builds/{build}/ship": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Finished to shipped */
        post: operations["builds.ship"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/builds/{build}/assignments": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Give a joint to an assembler; the revision in force is pinned */
        post: operations["builds.give"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/builds/{build}/joints/{joint}/hardware": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Which hardware an engine gets at a joint */
        post: operations["builds.hardware"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/builds/{build}/joints/{joint}/by-table": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Give out a joint that no procedure is written for, by a row of an approved general table */
        post: operations["builds.giveByTable"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/builds/{build}/joints/{joint}/told": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A joint without a procedure was tightened all the same */
        post: operations["builds.tellJoint"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/builds/{build}/joints/{joint}/told/take-back": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** It was told by mistake, or is to be tightened anew */
        post: operations["builds.takeBackTold"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/builds/{build}/joints/{joint}/let-go": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Ask for a permit that the engine leaves with this joint not recorded */
        post: operations["builds.letGo"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/builds/{build}/joints/{joint}/paper": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The scan of a joint that was done on paper before */
        get: operations["builds.paper"];
        put?: never;
        /** A joint was done on paper before the shop had this record */
        post: operations["builds.keepPaper"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/builds/{build}/joints/{joint}/paper/take-back": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** It was no joint done before; it is to be tightened here */
        post: operations["builds.takeBackPaper"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/builds/{build}/intake": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Of an engine that came back, what was opened and what stayed as the build before left it */
        post: operations["builds.intake"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/builds/{build}/pictures": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A picture of it */
        post: operations["builds.keepPicture"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/build-pictures/{picture}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** A picture of an engine */
        get: operations["builds.picture"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/build-pictures/{picture}/remove": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** It is shown no more */
        post: operations["builds.removePicture"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/assignments/{assignment}/take-back": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Take back work that nobody has begun */
        post: operations["assignments.takeBack"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tools": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Every tool as it stands today, and what the crib needs a hand for */
        get: operations["tools.index"];
        put?: never;
        /** Tools come into the crib, all of them or none */
        post: operations["tools.register"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tools/read": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Tools out of a table, row by row, with what is wrong in each; nothing is kept */
        post: operations["tools.read"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tools/table.csv": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The board as a table */
        get: operations["tools.table"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tools/served": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The whole library held against the crib of today: which tools carry out which round, and what none can */
        get: operations["tools.served"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tools/labels.pdf": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Labels with codes */
        get: operations["tools.labels"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tools/calendar": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Where a calendar finds the dates on which tools are due */
        get: operations["tools.calendarAddress"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calendar/{token}.ics": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** When which tool is due, for a calendar (RFC 5545) */
        get: operations["tools.calendar"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tools/away": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Tools go away together, all of them or none */
        post: operations["tools.send"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tools/back": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Tools come back together, all of them or none */
        post: operations["tools.back"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tools/{tool}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** One tool: how it stands, how it has moved, what it was used on, who had it */
        get: operations["tools.show"];
        put?: never;
        /** What is said of a tool, set right */
        post: operations["tools.change"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tools/{tool}/lend": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A tool into somebody's hands */
        post: operations["tools.lend"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tools/{tool}/return": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A tool comes back */
        post: operations["tools.return"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tools/{tool}/chain": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A tool goes out of use at once */
        post: operations["tools.chain"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tools/{tool}/check": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** The check before a shift, by one pull against a checker */
        post: operations["tools.check"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tools/{tool}/retire": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A tool leaves the board for good */
        post: operations["tools.retire"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tools/{tool}/interval": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** The lead decides how long it may go from its next calibration on */
        post: operations["tools.interval"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tools/{tool}/calibration": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What a calibration begins with */
        get: operations["calibrations.form"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tools/{tool}/calibrations/look": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What a calibration comes to so far; nothing is kept */
        post: operations["calibrations.look"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tools/{tool}/calibrations": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A calibration is kept */
        post: operations["calibrations.record"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tools/{tool}/calibrations/read": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Readings of a calibration out of a file; nothing is kept */
        post: operations["calibrations.read"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tools/{tool}/studies": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Studies of a gauge, the newest first */
        get: operations["studies.index"];
        put?: never;
        /** A study is kept */
        post: operations["studies.keep"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tools/{tool}/studies/look": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What a study comes to; nothing is kept */
        post: operations["studies.look"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calibrations/{calibration}/sheet.pdf": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The sheet of a calibration */
        get: operations["calibrations.sheet"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/calibrations/{calibration}/certificate": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The certificate that is attached to it */
        get: operations["calibrations.certificate"];
        put?: never;
        /** A certificate is attached to it */
        post: operations["calibrations.keepCertificate"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/reference-standards": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What tools are calibrated against */
        get: operations["standards.index"];
        put?: never;
        /** A reference standard comes in, or has a new certificate */
        post: operations["standards.keep"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tool-rules": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** By what tools of each form are calibrated */
        get: operations["toolRules.index"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/tool-rules/{form}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** The rules of a form, set anew */
        post: operations["toolRules.set"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/lots": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Lots of fasteners and of what is used up */
        get: operations["lots.index"];
        put?: never;
        /** A lot comes in */
        post: operations["lots.receive"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/lots/{lot}/count": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What is left of a lot */
        post: operations["lots.count"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/lots/{lot}/close": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A lot is used up or thrown away */
        post: operations["lots.close"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/bench/tools/{tool}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** A tool that was scanned at a hook, and whether one may take it */
        get: operations["benchTools.show"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/bench/tools/{tool}/take": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** One takes a tool oneself */
        post: operations["benchTools.take"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/bench/tools/{tool}/bring": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** One brings a tool back */
        post: operations["benchTools.bring"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/bench/tools/{tool}/chain": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A tool is out of use, says whoever dropped it */
        post: operations["benchTools.chain"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/reference-standards/{standard}/doubt": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A standard was wrong: each tool calibrated against it since has a case */
        post: operations["standards.doubt"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/cases": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Look-back cases, those that want something first */
        get: operations["cases.index"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/cases/{case}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** One look-back case, engine by engine */
        get: operations["cases.show"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/cases/{case}/decisions": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What becomes of engines, or of some of their fasteners */
        post: operations["cases.decide"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/cases/{case}/close": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A case in which each engine has a decision is closed */
        post: operations["cases.close"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/cases/{case}/letters.pdf": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What each customer is told */
        get: operations["cases.letters"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/cases/{case}/letters.csv": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Every result of the case, as a table */
        get: operations["cases.table"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/find": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Everything one may see that has this text */
        get: operations["find"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/today": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What waits for whoever is signed in, most pressing first */
        get: operations["today"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/machine": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** How the instance stands with sequencer, queue, disk, backup, verify and clock */
        get: operations["machine.show"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Procedures, by place, narrowed */
        get: operations["library.index"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/families": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Families with their joints and variants */
        get: operations["library.families"];
        put?: never;
        /** A family, or more joints and variants for one */
        post: operations["library.addFamily"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/families/{family}/resting": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What rests on what in the engines of a family */
        post: operations["library.resting"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/families/{family}/subassemblies": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Which joints of a family are carried in a subassembly, and which hold one to the engine */
        post: operations["library.subassemblies"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/families/{family}/serial-rules": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** How the serials of a family read */
        post: operations["library.serialRules"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/procedures": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A procedure for a joint and hardware option, with its draft */
        post: operations["library.addProcedure"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/procedures/{procedure}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** A procedure with its revisions */
        get: operations["library.procedure"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/compare": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What differs between two revisions */
        get: operations["library.compare"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/conflicts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Where sources disagree, over all procedures */
        get: operations["library.conflicts"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/export": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The library in its open format */
        get: operations["library.export"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/drafts/{procedure}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The draft of a procedure */
        get: operations["library.draft"];
        put?: never;
        /** Saves a draft as it stands */
        post: operations["library.saveDraft"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/drafts/{procedure}/begin": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Begins a draft from the last revision */
        post: operations["library.beginDraft"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/drafts/{procedure}/discard": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Throws a draft away */
        post: operations["library.discardDraft"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/drafts/{procedure}/submit": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Hands a draft in for review */
        post: operations["library.submit"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/look": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What the core says of a document; nothing is stored */
        post: operations["library.look"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/line": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A typed tightening line as stages */
        post: operations["library.line"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/line/sketch": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A line while it is typed, read back round by round, with what is still wanting and procedures that go the same way */
        post: operations["library.sketchLine"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/map/layout": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Positions from a few dimensions */
        post: operations["library.layout"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/map/order": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** An order judged, or generated */
        post: operations["library.order"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/map/csv": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Positions from a table */
        post: operations["library.readCsv"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/revisions/{revision}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** One revision with its document */
        get: operations["library.show"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/revisions/{revision}/builds": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Builds made to it, judged by the one in force */
        get: operations["library.builds"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/revisions/{revision}/map.csv": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The map as a table */
        get: operations["library.csv"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/revisions/{revision}/job-card.pdf": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The job card */
        get: operations["library.jobCard"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/revisions/{revision}/approve": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Signs a revision */
        post: operations["library.approve"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/revisions/{revision}/return": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Sends a revision back to its author */
        post: operations["library.return"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/revisions/{revision}/withdraw": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Takes a revision out of use */
        post: operations["library.withdraw"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/sources": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The registers of sources and window standards */
        get: operations["library.sources"];
        put?: never;
        /** Puts a source on record */
        post: operations["library.keepSource"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/sources/{source}/paper": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** The paper of a source, to be saved */
        get: operations["library.paper"];
        put?: never;
        /** Keeps the paper of a source */
        post: operations["library.keepPaper"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/pictures": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Keeps a picture that documents name by the hash of its bytes */
        post: operations["library.keepPicture"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/pictures/{picture}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** A picture */
        get: operations["library.picture"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/general-tables": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Torques of the shop for joints of class C without a procedure */
        get: operations["library.generalTables"];
        put?: never;
        /** Asks for a general table */
        post: operations["library.askGeneralTable"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/general-tables/{table}/approve": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Signs a general table */
        post: operations["library.approveGeneralTable"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/general-tables/{table}/withdraw": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** It serves no more */
        post: operations["library.withdrawGeneralTable"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/standards": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Asks for a window standard */
        post: operations["library.askStandard"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/standards/{standard}/approve": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Signs a window standard */
        post: operations["library.approveStandard"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/risk-rules": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What the shop wants of each risk class, what is asked for, and which procedures allow less */
        get: operations["library.riskRules"];
        put?: never;
        /** Asks for rules of the risk classes */
        post: operations["library.askRiskRules"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/risk-rules/{rules}/approve": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Signs the rules of the risk classes */
        post: operations["library.approveRiskRules"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/permits": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Deviation permits */
        get: operations["library.permits"];
        put?: never;
        /** Asks for a deviation permit */
        post: operations["library.askPermit"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/permits/{permit}/approve": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Signs a deviation permit */
        post: operations["library.approvePermit"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/permits/{permit}/refuse": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Refuses a deviation permit */
        post: operations["library.refusePermit"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/permits/{permit}/withdraw": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Withdraws a deviation permit */
        post: operations["library.withdrawPermit"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/imports": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Looks at a file; nothing is written */
        post: operations["library.lookAtImport"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/imports/{import}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** An import and how far it has come */
        get: operations["library.import"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/imports/{import}/write": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Writes what was looked at, all or nothing */
        post: operations["library.writeImport"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/workbench/joint": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** What a torque and an angle do to a joint */
        post: operations["library.workbenchJoint"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/workbench/trial": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** An angle trial */
        post: operations["library.workbenchTrial"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/library/workbench/pairing": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Fasteners paired by free length */
        post: operations["library.workbenchPairing"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/session": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Who is signed in here, and at which bench */
        get: operations["session.show"];
        put?: never;
        /** Sign in at a desk */
        post: operations["session.desk"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/session/bench": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Sign in at an enrolled bench, or come back to one that locked itself; the sitting before ends, unless it is one's own */
        post: operations["session.bench"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/session/end": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Sign out; at a bench this ends the sitting */
        post: operations["session.end"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/session/pin": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Set a PIN of one's own at a desk */
        post: operations["session.pin"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/first-use/code": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Is this the code that the terminal shows? */
        post: operations["firstUse.code"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/first-use": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Open a shop: its name, its clock, its first lead, who is signed in by it */
        post: operations["firstUse.open"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/welcome/{token}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Whose link this is */
        get: operations["welcome.show"];
        put?: never;
        /** Set a password of one's own by a link that is good once */
        post: operations["welcome.password"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/people": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** People and benches, as the lead keeps them */
        get: operations["people.index"];
        put?: never;
        /** Somebody comes to the shop */
        post: operations["people.add"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/people/{person}/rename": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Somebody is called something else */
        post: operations["people.rename"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/people/{person}/badge": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Give somebody a badge, or take it away */
        post: operations["people.badge"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/people/{person}/shift": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Somebody works in a shift */
        post: operations["people.shift"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/people/{person}/roles": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Where somebody stands from now on */
        post: operations["people.roles"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/people/{person}/pin": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Hand out a PIN that is good for one sign-in */
        post: operations["people.pin"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/people/{person}/link": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Hand out a link to a password of one's own */
        post: operations["people.link"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/people/{person}/holdings": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What is in somebody's hands */
        get: operations["people.holdings"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/people/{person}/leave": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Somebody leaves; what can pass goes to whoever takes over */
        post: operations["people.leave"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/people/{person}/come-back": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Somebody who left is here again */
        post: operations["people.comeBack"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/people/{person}/skills": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Sign what somebody may do */
        post: operations["people.signSkill"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/skills/{skill}/end": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Somebody may no longer do this */
        post: operations["people.endSkill"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/people/{person}/absences": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Somebody is not here for some days */
        post: operations["people.away"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/absences/{absence}/cancel": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Somebody is here after all */
        post: operations["people.here"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/customers": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A customer comes */
        post: operations["customers.add"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/customers/{customer}/rename": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** A customer is called something else */
        post: operations["customers.rename"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/shop": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** How the shop is set */
        get: operations["shop.show"];
        put?: never;
        /** Set the shop's name, clock and units */
        post: operations["shop.set"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/shop/skills": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Say whether what is signed of people decides what they may be given and begin */
        post: operations["shop.skills"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/shop/shifts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Set the shop's shifts */
        post: operations["shop.shifts"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/first-steps": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What a shop that has just begun still has to do */
        get: operations["shop.steps"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/first-steps/{step}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Later, or not needed */
        post: operations["shop.step"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/people/{person}/unlock": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Unlock a PIN after wrong tries */
        post: operations["people.unlock"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/deputies": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Name somebody who decides in the lead's place at a bench, with classes and hours */
        post: operations["people.nameDeputy"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/deputies/{deputy}/end": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Whoever stood in for the lead does so no longer */
        post: operations["people.endDeputy"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/devices": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Make this browser a bench */
        post: operations["devices.enrol"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/devices/{device}/revoke": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** End the enrolment of a bench */
        post: operations["devices.revoke"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/notices": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** What one has been told and has not acknowledged */
        get: operations["people.notices"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/notices/{notice}/acknowledge": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** I have read it */
        post: operations["people.acknowledge"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/stand-ins/wrench/pull": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** One pull of a wrench that is not there */
        post: operations["standIns.pull"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
}
export interface components {
    schemas: {
        /**
         * @description Why a reading that was set aside needs nothing more
         * @enum {string}
         */
        DismissReason: "sent_twice" | "not_this_joint" | "test_pull";
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
            /** @description as it was given; a setting where nothing was read; null where a word was all */
            given: string | null;
            /** @description what is judged, in N·m, degrees or mm */
            base: string | null;
            in_base: string | null;
            verdict: components["schemas"]["Verdict"];
            word: string;
            evidence: components["schemas"]["Evidence"];
            evidence_words: string;
            reason: string;
            /** @enum {string} */
            status: "live" | "backed_off" | "taken_further" | "withdrawn" | "reopened" | "restarted" | "replaced";
            tool: string | null;
            calibration: string | null;
            person: string | null;
            /** Format: date-time */
            at: string;
            /** @description the job card on paper that it was copied from */
            card: string | null;
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
            /** @description what the round does */
            kind: string;
            /** @enum {string|null} */
            quantity: "torque" | "angle" | "length" | null;
            /** @description the name of a check, where it is one */
            target: string | null;
            window: string;
            /** @description in N·m, degrees or mm */
            low: string | null;
            high: string | null;
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
            /** @description That is fitted, or will be */
            hardware: string | null;
            /** @description Why nothing of it stands in the record */
            without: string | null;
            /** @description The subassembly that it is carried in, whose record answers for it */
            within: {
                /** Format: uuid */
                id: string;
                title: string;
            } | null;
            /** @description The build whose record answers for it, since it was not opened in this one */
            stayed: {
                /** Format: uuid */
                id: string;
                title: string;
            } | null;
            /** @description What was done before the joint was opened again: it holds nothing any more */
            opened: {
                at: string;
                why: string;
            } | null;
            /** @description There is a paper of it from before */
            scanned: boolean;
            /** @description job cards on paper that were printed for it */
            cards: {
                number: string;
                says: string;
                worked_by: string | null;
                /** Format: date */
                worked_on: string | null;
                compared_by: string | null;
                scan: boolean;
            }[];
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
                /** @description under whose eyes, where whoever did it may not do it alone */
                supervised: string | null;
                done: number;
                all: number;
                finished: boolean;
                stopped: boolean;
                next: string | null;
                why: string | null;
                rounds: {
                    done: number;
                    all: number;
                }[];
                marks: components["schemas"]["Mark"][];
            } | null;
            /** @description What went wrong, what it cost in metal, who decided and how it ended */
            faults: {
                position: string | null;
                what: string;
                says: string;
                /** @description empty where it cost nothing */
                cost: string;
                decided: string | null;
                /** @description null while it is open */
                ended: string | null;
                /** Format: date-time */
                at: string;
            }[];
            /** @description What was noticed in the run beside its results */
            noticed: {
                kind: string;
                sentence: string;
                /** Format: date-time */
                at: string;
                /** @description Somebody should look at it */
                wrong: boolean;
            }[];
            lines: components["schemas"]["ResultLine"][];
        };
        AsideLine: {
            /** Format: uuid */
            entry: string;
            /** @description what the bench saw */
            what: string;
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
        /** @description What a way on costs, before anybody goes it. */
        Price: {
            /** @description new ones */
            fasteners: {
                name: string;
                count: number;
            }[];
            /** @description new ones */
            gaskets: string[];
            /** @description fasteners that are checked, and new where they fail */
            checked: number;
            repaired: number;
            /** @description positions */
            loosened: string[];
            /** @description steps that are done again */
            lost: number;
            /** @description for those; empty where there are none */
            minutes: string;
            says: string;
        };
        Decision: {
            /** @enum {string} */
            disposition: "use_as_is" | "rework" | "replace" | "scrap";
            says: string;
            means: string;
            price?: components["schemas"]["Price"];
            why_not?: string;
        };
        /** @description What may be said to be wrong, each always at the same place: the column, then the row. */
        Mishaps: {
            /** @description where one was */
            at: string;
            bolt: string | null;
            tiles: {
                key: string;
                column: string;
                says: string;
                why_not?: string;
            }[];
            put_off: {
                says?: string;
                why_not?: string;
                event?: {
                    [key: string]: unknown;
                };
            };
        };
        /** @description What has to be asked before; why it comes to nothing; or what it comes to, and the event that says so. */
        Weighed: {
            key: string;
            title: string;
            caution: string;
            /** @description as people call it */
            bolt: string | null;
            position: string | null;
            asks?: {
                title: string;
                /** @enum {string} */
                of: "bolt" | "choice";
                choices: {
                    value: string;
                    says: string;
                }[];
            };
            nothing?: string;
            event?: {
                [key: string]: unknown;
            };
            /** @description the event that puts off what it opens */
            later?: {
                [key: string]: unknown;
            };
            says?: string[];
            /** @description positions */
            reaches?: string[];
            price?: components["schemas"]["Price"];
            /** @description somebody else decides */
            lead?: boolean;
            decisions?: components["schemas"]["Decision"][];
        };
        SecondPerson: {
            badge: string;
            pin: string;
        };
        Stop: {
            number: number;
            /** @enum {string} */
            what: "revision" | "tool" | "lot";
            key: string;
            title: string;
            reason: string;
            by: string;
            at: string;
            asked: {
                by: string;
                person: string;
                at: string | null;
                reason: string;
            } | null;
            kept_why: string | null;
            lifted: {
                by: string;
                at: string | null;
            } | null;
        };
        StopReach: {
            /** @enum {string} */
            what: "revision" | "tool" | "lot";
            key: string;
            title: string;
            /** @description the number of the stop by which it is stopped already */
            stopped: number | null;
            link: string;
            /** @description from where the engines are taken */
            since: string;
            runs: {
                run: string;
                build: string;
                title: string;
                joint: string;
                person: string | null;
                bench: string | null;
                done: number;
                all: number;
                halted: boolean;
                /** @description what was done there after the stop */
                after: number;
            }[];
            jobs: {
                build: string;
                title: string;
                person: string | null;
                card: string | null;
            }[];
            counts: {
                /** @enum {string} */
                state: "received" | "open" | "finished" | "shipped";
                engines: number;
            }[];
            engines: {
                id: string;
                title: string;
                family: string;
                customer: string | null;
                /** @enum {string} */
                state: "received" | "open" | "finished" | "shipped";
                joints: string;
                at: string | null;
            }[];
        };
        StopSheet: {
            number: number;
            /** @enum {string} */
            what: "revision" | "tool" | "lot";
            key: string;
            title: string;
            reason: string;
            by: string;
            at: string;
            asked: {
                by: string;
                person: string;
                at: string | null;
                reason: string;
            } | null;
            kept_why: string | null;
            lifted: {
                by: string;
                at: string | null;
            } | null;
            benches: {
                name: string;
                seen_by: string | null;
                seen_at: string | null;
                heard_at: string | null;
            }[];
            link: string;
            /** @description from where the engines are taken */
            since: string;
            runs: {
                run: string;
                build: string;
                title: string;
                joint: string;
                person: string | null;
                bench: string | null;
                done: number;
                all: number;
                halted: boolean;
                /** @description what was done there after the stop */
                after: number;
            }[];
            jobs: {
                build: string;
                title: string;
                person: string | null;
                card: string | null;
            }[];
            counts: {
                /** @enum {string} */
                state: "received" | "open" | "finished" | "shipped";
                engines: number;
            }[];
            engines: {
                id: string;
                title: string;
                family: string;
                customer: string | null;
                /** @enum {string} */
                state: "received" | "open" | "finished" | "shipped";
                joints: string;
                at: string | null;
            }[];
        };
        AskedValue: {
            /** Format: uuid */
            id: string;
            says: string;
            person: string | null;
            /** Format: date-time */
            asked_at: string;
            answer: string | null;
            /** Format: date-time */
            answered_at: string | null;
        };
        OpenedJoint: {
            name: string;
            done: number;
            all: number;
            finished: boolean;
            person: string | null;
            fasteners: {
                name: string;
                count: number;
            }[];
            gaskets: string[];
        };
        Opening: {
            joints: components["schemas"]["OpenedJoint"][];
        };
        Exchange: {
            kind: string;
            /** @description What comes off; null where nothing of it is recorded */
            off: {
                /** @description The engine’s own, which has no number yet */
                own: boolean;
                title: string | null;
            } | null;
            /** @description What comes apart with it */
            joints: components["schemas"]["OpenedJoint"][];
            /** @description What could go in */
            ready: {
                /** Format: uuid */
                id: string;
                title: string;
                owner: string;
                /** Format: date-time */
                finished_at: string | null;
            }[];
        };
        HandedEngine: {
            build: string;
            title: string;
            lines: string[];
        };
        JobCard: {
            stop: components["schemas"]["StopInForce"];
            /** @description the number of the job card by which it is on paper: worked there, or back and not typed in */
            paper: string | null;
            assignment: string;
            build: string;
            serial: string;
            family: string;
            joint: string;
            /** @description what is fitted */
            hardware: string;
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
                next: string | null;
                why: string | null;
                rounds: {
                    done: number;
                    all: number;
                }[];
                marks: components["schemas"]["Mark"][];
            } | null;
        };
        /** @description How long what is left takes, whether that is past the end of the shift, where it can next be left; null where nothing is left, and for work in other hands. */
        WorkTime: {
            in_all: string;
            late: boolean;
            leave: string;
        } | null;
        /** @description Who left it, when, and what the next one has to know; null while it is not left. */
        LeftRun: {
            person_name: string | null;
            at: string;
            says: string;
        } | null;
        HookTimes: {
            /** @description when it ends by the shop’s clock */
            shift: {
                ends: string;
                left: string;
            } | null;
            jobs: {
                /** @description what somebody has to know who has not been signed for it */
                learnt: string | null;
                assignment: string;
                time: components["schemas"]["WorkTime"];
                left: components["schemas"]["LeftRun"];
            }[];
        };
        HookData: {
            /** @description what is stopped, and this bench has not said that it knows */
            stops: {
                /** Format: uuid */
                id: string;
                title: string;
                says: string;
                why: string;
            }[];
            mine: components["schemas"]["JobCard"][];
            others: components["schemas"]["JobCard"][];
        };
        Unit: {
            code: string;
            symbol: string;
        };
        /** @description A stretch of a scale in which a typed value looks like a slip, and is asked about first. */
        Doubt: {
            /** @description from here; left out: from the least there is */
            from?: string;
            to?: string;
            says: string;
            /** @description the likely value is so many times as much */
            times?: string;
            /** @description the likely value is so many times less */
            over?: string;
            /** @description its ends themselves are no slip */
            beyond?: boolean;
        };
        /** @description What is wanted as it stands on a tool's scale. */
        Scale: {
            unit: components["schemas"]["Unit"];
            /** @description the number to reach */
            digits?: string;
            /** @description the least that is good, rounded inward to the step of the scale */
            low?: string;
            high?: string;
            /** @description the same, not rounded */
            least?: string;
            most?: string;
            doubts: components["schemas"]["Doubt"][];
        };
        CallField: {
            name: string;
            label: string;
            /** @enum {string} */
            kind: "value" | "count" | "text";
            /** @description the key of the event that it fills; watched: an item of that list */
            into: string;
            optional: boolean;
            scale?: components["schemas"]["Scale"];
            /** @enum {string} */
            what?: "held_torque" | "final_torque" | "angle" | "stretch" | "other_end";
            tool?: string;
        };
        CallAnswer: {
            /** @description Enter, * or a digit */
            key: string;
            says: string;
            /** @description names of the fields that go into its event */
            takes: string[];
            good: boolean;
            /** @description type and content of the event that it becomes, without what is typed; of a command its content */
            event?: {
                [key: string]: unknown;
            };
            /** @enum {string} */
            command?: "join" | "supervise" | "sign_supervised" | "look" | "finish" | "decide" | "accept_repair";
        };
        Stamp: {
            id?: string;
            person: string;
            device?: string;
            taken_at: string;
            mono_ms?: number;
            clock?: string;
        };
        /** @description The one thing to do now, made by the core (core/src/Call); what belongs to one kind alone stands beside what all have. */
        Call: {
            /** @enum {string} */
            kind: "tool" | "set" | "read" | "click" | "count" | "turn" | "stretch" | "hold" | "hand" | "check" | "settle" | "verify" | "stamp" | "person" | "lead" | "look" | "halted" | "finish" | "finished";
            title: string;
            says: string[];
            step?: string;
            position?: string;
            scale?: components["schemas"]["Scale"];
            fields: components["schemas"]["CallField"][];
            answers: components["schemas"]["CallAnswer"][];
            /** @description what went wrong and holds the work */
            stop?: {
                word: string;
                /**
                 * @description of the frame
                 * @enum {string}
                 */
                shape: "closed" | "edge" | "cracked" | "dotted" | "half";
                /** @description what is to be known of it */
                because: string;
                price: components["schemas"]["Price"];
                reaches: string[];
                fault: string;
                step: string;
                /** @description why what was taken there is not good; empty where nothing was */
                reason: string;
                says: string;
                lead: boolean;
                lacks: string[];
                ways: string[];
            };
            /** @description the shop’s word that nothing more is done with a revision, a tool or a lot */
            halt?: {
                id: string;
                /** @enum {string} */
                what: "revision" | "tool" | "lot_of_fasteners" | "lot_of_agent";
                key: string;
                title: string;
                says: string;
                why: string;
                /** @description has this bench said that it knows? */
                seen: boolean;
            };
            in_hand?: components["schemas"]["Call"];
            offers?: {
                id: string;
                code: string;
                name: string;
                range: string;
                reasons: string[];
                key?: string;
            }[];
            /** @enum {string} */
            use?: "torque" | "angle" | "length" | "held";
            again?: boolean;
            stood?: string | null;
            round?: components["schemas"]["Call"];
            another?: components["schemas"]["Call"];
            /** @description so many there are; never shown before the count is given */
            expects?: number;
            back?: boolean;
            /** @description a press sooner than this after the one before is asked about */
            least_ms?: number;
            strokes?: boolean;
            /** @description what its strokes have so far, in the unit of its scale */
            sum?: string;
            /** @description beyond this the fastener is scrap, in the unit of its scale */
            never?: string;
            held?: {
                what: string;
                /** @enum {string} */
                direction: "clockwise" | "anticlockwise";
                tool?: string;
                scale?: components["schemas"]["Scale"];
            };
            act?: string;
            /** @description positions that are looked at */
            heads?: string[];
            /** @description what a signature says */
            meaning?: string;
            /** @description fasteners that are nearest in free length, and how far apart they are */
            pairs?: {
                positions: string[];
                apart: string;
                /** @description are they on one part as they were measured? */
                together: boolean;
            }[];
            /** @description what was read is stamped on other hardware */
            mismatch?: boolean;
            /** @enum {string} */
            check?: "confirm" | "feel" | "identity" | "measure" | "go_no_go" | "compare" | "interval";
            before?: string;
            tool?: string;
            least_s?: number;
            most_s?: number;
            since?: components["schemas"]["Stamp"];
        };
        BenchMark: {
            position: string;
            strokes: components["schemas"]["Evidence"][];
            old: number;
            fault?: string;
            /** @description where its paint line points, degrees clockwise from where it was drawn */
            line?: string;
            /** @description where it must point once this round is done */
            must?: string;
        };
        /** @description All that a bench shows of a run. The core beside the screen makes the same. */
        BenchView: {
            /** @description number of the job card that is typed in now; null where what is seen here is seen live */
            card: string | null;
            call: components["schemas"]["Call"];
            /** @description for each tool that the step needs, the call to take another */
            tools: components["schemas"]["Call"][];
            done: number;
            all: number;
            rounds: {
                stage: string;
                done: number;
                all: number;
            }[];
            marks: components["schemas"]["BenchMark"][];
            last: {
                reading: string;
                step: string;
                stage: string;
                title: string;
                position: string | null;
                value: string | null;
                word: string;
                good: boolean;
                reason: string;
                typed: boolean;
                at: string;
                mono_ms: number | null;
                clock: string | null;
            } | null;
            /** @description what was put off, and blocks the end */
            put_off: {
                step: string;
                says: string;
                reason: string;
                event: {
                    [key: string]: unknown;
                };
            }[];
            /** @description what stands between this and the end, once nothing of the plan is left to do */
            blocks: string[];
            wet: {
                agent: string;
                seconds: number;
                count: number;
                since: components["schemas"]["Stamp"];
            }[];
            parked: boolean;
            finished: boolean;
            last_seq: number;
            next_step: string | null;
            stopped_at: string | null;
        };
        CardAtBench: {
            number: string;
            serial: string;
            joint: string;
            hardware: string;
            revision: string;
            /** @description whose signature is on it */
            worked_by: string | null;
            /** Format: date */
            worked_on: string | null;
            /** @description what came after it and it does not know of */
            flags: string[];
            assignment: string;
            run: string | null;
            holder: null | {
                person: string;
                device: string;
            };
            /** @description why it cannot be typed in now */
            why_not: string | null;
        };
        PaperCard: {
            number: string;
            build: string;
            serial: string;
            joint: string;
            assignment: string;
            hardware: string;
            revision: string;
            /** @enum {string} */
            state: "out" | "back" | "typing" | "typed" | "compared" | "voided" | "lost";
            says: string;
            /** Format: date-time */
            printed_at: string;
            printed_by: string | null;
            worked_by: string | null;
            /** Format: date */
            worked_on: string | null;
            typed_by: string | null;
            compared_by: string | null;
            /** Format: date-time */
            compared_at: string | null;
            reason: string | null;
            /** @description the type of its scan */
            scan: string | null;
            differ: string[];
            flags: string[];
        };
        PaperCardSheet: components["schemas"]["PaperCard"] & {
            given_to: string | null;
            run_finished: boolean;
            workers: {
                id: string;
                name: string;
            }[];
            /** @description what was typed in and stands, in the order of the card */
            lines: {
                step: string;
                says: string;
                typed: string;
                with: string;
                good: boolean;
                word: string;
                compared_by: string | null;
            }[];
        };
        RunSheet: {
            /** @description the job card that it was last typed in from */
            card: null | {
                number: string;
                worked_by: string;
                worked_on: string;
                /** @description where somebody found that the card says otherwise than what was typed */
                differ: {
                    step: string;
                    reading: string;
                    says: string;
                    typed: string;
                }[];
            };
            /** Format: uuid */
            id: string;
            /** Format: uuid */
            subject: string;
            serial: string;
            family: string;
            joint: string;
            /** @description what is fitted */
            hardware: string;
            revision: string;
            /** @description Letter of a revision that came into force since the run began */
            newer: string | null;
            /** @description how the metal stands elsewhere on the same engine */
            engine: components["schemas"]["MetalLine"][];
            permits: {
                code: string;
                departure: string;
                until: string | null;
            }[];
            rounds: {
                stage: string;
                line: string;
                why: string;
            }[];
            cautions: string[];
            sketch: components["schemas"]["Sketch"];
            /** @description what has to lie on the bench before the first round */
            kit: {
                title: string;
                lines: {
                    says: string;
                    lacks: boolean;
                }[];
            }[];
            time: components["schemas"]["WorkTime"];
            left: components["schemas"]["LeftRun"];
            holder: {
                /**
                 * Format: date-time
                 * @description when something was last received from that bench
                 */
                heard_at: string | null;
                person: string;
                person_name: string | null;
                device: string;
                device_name: string | null;
                partner_name: string | null;
                /** @description who stands beside somebody who is learning it */
                supervisor_name: string | null;
            };
            /** @description moves whenever something is stopped or lifted */
            stops: number;
            last_seq: number;
            view: components["schemas"]["BenchView"];
            /** @description What the core beside the screen goes on with: the plan by its hash, the registers of the run, the tools of the crib */
            beside: {
                plan: string;
                state: {
                    [key: string]: unknown;
                };
                rack: {
                    [key: string]: unknown;
                };
            };
        };
        /** @description What became of an observation; it is stored so and never changes. docs/formats/outcomes.md tells the effects. */
        Outcome: {
            /** Format: uuid */
            id: string;
            /** @enum {string} */
            standing: "applied" | "set_aside" | "tray";
            seq: number;
            leaf_hash: string;
            effects: {
                /** @enum {string} */
                do: "hands" | "tool" | "set" | "stroke" | "stood" | "undone" | "became" | "case_opened" | "duties_added" | "duty_done" | "case_decided" | "case_closed" | "thing" | "fact" | "found" | "run_is";
            }[];
            say: {
                /** @enum {string} */
                tone: "good" | "stop" | "aside" | "note";
                sentence: string;
            }[];
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
            /** @description names that clock; one start of the page */
            clock: string;
        };
        Batch: {
            /** @description the device's time at sending; the skew is measured by it */
            sent_at: string;
            observations: components["schemas"]["Observation"][];
        };
        /** @description An event as docs/formats/events.md tells it, flat, with what the device says of itself. Each type has its own content beside these. */
        Observation: {
            /** @description of docs/formats/events.md; or observation_unreadable, which stands in the place of one that the server could not read */
            type: string;
            v?: number;
            /** Format: uuid */
            id: string;
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
            clock: string;
            /** @description number, unit, setting, hardware, sentence that stood on the screen */
            shown?: {
                [key: string]: string;
            };
            device_says?: {
                /** @enum {string} */
                standing: "applied" | "set_aside" | "tray";
                verdict?: string;
                outcome?: string;
            };
            step?: string;
            /** @description digits and unit's code: 23.5 lbf.ft */
            value?: string;
            /** @description what came in before it was read */
            raw?: string;
            /** @enum {string} */
            quantity?: "torque" | "angle" | "length" | "held";
            /** Format: uuid */
            tool?: string;
            /** @description hash of the core that decided beside the screen */
            bundle?: string;
            /**
             * @description counts as typed where the server knows no such tool
             * @enum {string}
             */
            source?: "typed" | "transcribed" | "tool" | "simulated_tool";
            /** @description free words; they lie beside the record and can be erased */
            text?: string;
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
            /** @description The subassembly that it is carried in, where one was fitted */
            within: {
                /** Format: uuid */
                id: string;
                title: string;
            } | null;
            /** @description That it came apart again after it was worked in this build */
            opened: {
                at: string;
                why: string;
            } | null;
            stop: components["schemas"]["StopInForce"];
            /** Format: uuid */
            id: string;
            name: string;
            map: components["schemas"]["Sketch"] | null;
            /**
             * Format: uuid
             * @description The revision whose map draws it
             */
            drawn: string | null;
            /** @description Null where it can be fitted with several kits and nobody has said with which */
            hardware: {
                option: string;
                /** @description Somebody has said so; else it is the only one */
                chosen: boolean;
            } | null;
            /** @description What of it stands outside the record */
            outside: {
                /** @enum {string} */
                kind: "paper" | "permit" | "asked" | "stayed" | "told";
                says: string;
                code: string | null;
                /**
                 * Format: uuid
                 * @description Whose record answers for it
                 */
                build: string | null;
            } | null;
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
                /** @description The variant that it is for; null: every engine of the family */
                variant: string | null;
            }[];
            /** @description Of an engine that came back: was it opened, and how was it found */
            returned: {
                opened: boolean;
                found: string;
                movements: {
                    at: string;
                    value: string;
                }[];
            } | null;
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
                /** @description Who left it as it stands, and in what words, for whoever gives out work; null in lists */
                left: {
                    person_name: string | null;
                    /** Format: date-time */
                    at: string;
                    says: string;
                } | null;
                done: number;
                all: number;
                finished: boolean;
                stopped: boolean;
                /** @description Left as it stands */
                parked: boolean;
                next: string | null;
                why: string | null;
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
            family: string;
            family_code: string;
            customer: string | null;
            /** Format: date-time */
            opened_at: string;
            /** Format: date-time */
            finished_at: string | null;
            /** Format: date-time */
            shipped_at: string | null;
            as: components["schemas"]["StandsAs"];
            says: string;
            /** @description It is due, and still here */
            late: boolean;
            facts: components["schemas"]["BuildFacts"];
            old_serials: {
                serial: string;
                why: string;
            }[];
            other_builds: {
                /** Format: uuid */
                id: string;
                title: string;
                state: components["schemas"]["BuildState"];
            }[];
            /** @description how its metal stands over all its joints */
            metal: components["schemas"]["MetalLine"][];
            /** @description Of a head or a short block that has a number of its own: what it is, and the engines that it has been in */
            subassembly: {
                kind: string;
                been: {
                    /** Format: uuid */
                    id: string;
                    title: string;
                    /** @description It got its number as it came off */
                    own: boolean;
                    /** Format: date-time */
                    fitted_at: string | null;
                    /** Format: date-time */
                    removed_at: string | null;
                    why: string;
                }[];
            } | null;
            /** @description The subassemblies that an engine of its family has */
            carries: {
                kind: string;
                fitted: {
                    /** Format: uuid */
                    id: string;
                    title: string;
                } | null;
            }[];
            /** @description Of an engine that came back */
            intake: {
                before: {
                    /** Format: uuid */
                    id: string;
                    title: string;
                    /** Format: date-time */
                    shipped_at: string | null;
                };
                /** @description Of every joint somebody has said whether it was opened */
                said: boolean;
                /** @description What is opened with each joint */
                opens: {
                    /** Format: uuid */
                    joint: string;
                    with: string[];
                }[];
            } | null;
            pictures: {
                /** Format: uuid */
                id: string;
                shows: string;
                person: string | null;
                /** Format: date-time */
                at: string;
            }[];
            /** @description What keeps it from being finished */
            missing: {
                /** Format: uuid */
                joint: string;
                name: string;
                why: string;
                /** @description A permit waits for a signature */
                asked: boolean;
            }[];
            joints: components["schemas"]["JointOnStand"][];
        };
        /** @enum {string} */
        Machining: "line_honed" | "bored" | "sleeved" | "decked" | "ground" | "thread_repaired" | "other";
        BuildFacts: {
            variant: string;
            order_number: string;
            /** @description What came in, and in which condition */
            core: string;
            /** Format: date */
            received_on: string | null;
            /** Format: date */
            due_on: string | null;
            machining: {
                what: components["schemas"]["Machining"];
                words: string;
                /** Format: uuid */
                joint: string | null;
                at: string;
            }[];
            /** @description What holds it up that is not here */
            waits_for: string;
            note: string;
        };
        /** @enum {string} */
        StandsAs: "needs_a_hand" | "at_a_bench" | "on_a_hook" | "free_to_give" | "waiting" | "done" | "come_in" | "fitted" | "shipped";
        Stand: {
            /** Format: uuid */
            id: string;
            serial: string;
            title: string;
            state: components["schemas"]["BuildState"];
            family: string;
            customer: string | null;
            /** Format: date-time */
            opened_at: string;
            /** Format: date-time */
            finished_at: string | null;
            /** Format: date-time */
            shipped_at: string | null;
            /** Format: date */
            due_on: string | null;
            late: boolean;
            as: components["schemas"]["StandsAs"];
            says: string;
            /** @description The joint in hand, or the next */
            hand: {
                name: string;
                /**
                 * Format: uuid
                 * @description Its map, in maps
                 */
                drawn: string | null;
                hardware: string | null;
                marks: components["schemas"]["Mark"][];
            } | null;
            joints: {
                name: string;
                /** @enum {string} */
                as: "done" | "outside" | "in_hand" | "to_come";
            }[];
        };
        Stands: {
            builds: components["schemas"]["Stand"][];
            /** @description Maps by revision */
            maps: {
                [key: string]: components["schemas"]["Sketch"];
            };
            shown_at_most: number;
        };
        /** @description The cells of a row by column */
        BuildFields: {
            [key: string]: string;
        };
        BuildRows: {
            rows: {
                fields: components["schemas"]["BuildFields"];
                title: string | null;
                family: string | null;
                problem: string | null;
                field: string | null;
            }[];
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
                /** @description How its serials read */
                serials: string[];
                variants: string[];
                /** @description Heads and short blocks that can be tightened by themselves */
                subassemblies: string[];
            }[];
            machining: {
                what: components["schemas"]["Machining"];
                words: string;
            }[];
        };
        ToolFields: {
            [key: string]: string | null;
        };
        ToolRows: {
            rows: {
                fields: components["schemas"]["ToolFields"];
                range: string | null;
                problem: string | null;
                field: string | null;
            }[];
        };
        Tools: {
            /** Format: date */
            today: string;
            sentence: string;
            needs: {
                says: string;
                tools: string[];
                /** @enum {string} */
                way: "calibrate" | "send" | "ask";
            }[];
            tools: components["schemas"]["ToolOnBoard"][];
            sending: {
                now: string[];
                wait: {
                    tool: string;
                    for: string[];
                }[];
            };
        };
        ToolOnBoard: {
            /** Format: uuid */
            id: string;
            code: string;
            name: string;
            form: components["schemas"]["ToolForm"];
            place: string;
            owner: string;
            cycles: number | null;
            months: number | null;
            form_words: string;
            range: string;
            size: number;
            resolution: string;
            directions: string;
            class: string | null;
            permissible: string | null;
            /** @enum {string} */
            state: "here" | "out" | "away" | "chained" | "retired";
            holder: string | null;
            away_to: string | null;
            says: string;
            /** @enum {string} */
            due: "none" | "never" | "failed" | "overdue" | "soon" | "good";
            /** Format: date */
            due_on: string | null;
            pulls: number | null;
            out_of_use: string | null;
            last: {
                /** Format: date */
                on: string;
                conforms: boolean;
                /** @enum {string} */
                found: "good" | "failed" | "unread" | "new";
                certificate: string;
            } | null;
        };
        /** @enum {string} */
        ToolForm: "click_wrench" | "dial_wrench" | "beam_wrench" | "electronic_wrench" | "wrench" | "multiplier" | "angle_gauge" | "stretch_gauge" | "dial_indicator" | "micrometer" | "feeler_gauge" | "plastic_gauge" | "adapter" | "powered_driver";
        ToolPage: {
            tool: components["schemas"]["ToolOnBoard"];
            fields: components["schemas"]["ToolFields"];
            unit: string;
            stop: components["schemas"]["StopInForce"];
            says: string;
            drift: components["schemas"]["ToolDrift"] | null;
            proposal: components["schemas"]["IntervalProposal"] | null;
            uses: components["schemas"]["ToolUses"];
            moves: {
                at: string | null;
                by: string;
                says: string;
            }[];
            calibrations: {
                /** Format: uuid */
                id: string;
                /** Format: date */
                on: string;
                /** Format: date */
                due: string;
                /** @enum {string} */
                found: "good" | "failed" | "unread" | "new";
                conforms: boolean;
                certificate: string;
                readings: boolean;
                paper: boolean;
            }[];
        };
        ToolDrift: {
            measure: string;
            limit: number;
            decimals: number;
            /** Format: date */
            today: string;
            points: {
                words: string;
                values: {
                    /** Format: date */
                    on: string;
                    /** @enum {string} */
                    when: "found" | "left";
                    mean: number;
                    expanded: number;
                    good: boolean;
                    calibration: string;
                }[];
                per_year: number | null;
                band: {
                    /** Format: date */
                    on: string;
                    low: number;
                    mid: number;
                    high: number;
                }[];
                /** Format: date */
                meets: string | null;
            }[];
        };
        IntervalProposal: {
            months: number;
            now: number;
            /** Format: date */
            due: string;
            /** Format: date */
            meets: string | null;
            point: string | null;
            because: string;
        };
        ToolUses: {
            engines: number;
            results: number;
            latest: {
                build: string;
                serial: string;
                joint: string;
                fasteners: number;
                at: string | null;
                target: string | null;
                map: components["schemas"]["Sketch"] | null;
            }[];
            pulled_at: {
                value: number;
                count: number;
            }[];
        };
        CalibrationForm: {
            code: string;
            name: string;
            unit: string;
            by_share: boolean;
            range: string;
            resolution: string;
            permissible: string | null;
            directions: string[];
            /** Format: date */
            today: string;
            points: {
                nominal: string;
                /** @enum {string} */
                direction: "clockwise" | "anticlockwise";
                words: string;
            }[];
            adapters: {
                code: string;
                words: string;
            }[];
            readings: number;
            preloads: number;
            rule_words: string;
            note: string;
            shipped: boolean;
            form: components["schemas"]["ToolForm"];
            standards: {
                id: string;
                code: string;
                name: string;
                certificate: string;
                /** Format: date */
                valid_until: string;
                good: boolean;
            }[];
            months: number | null;
            /** Format: date */
            due: string;
        };
        CalibrationTyped: {
            /** Format: uuid */
            id?: string;
            calibrated_on: string;
            certificate?: string | null;
            standard?: string | null;
            valid_until?: string | null;
            /** @enum {string|null} */
            not_found?: "new" | "unread" | null;
            laboratory: {
                /** @enum {string} */
                kind: "own" | "outside";
                name?: string | null;
                accreditation?: string | null;
                scope?: string | null;
            };
            sheet: {
                /** @enum {string} */
                direction: "clockwise" | "anticlockwise";
                as_found: {
                    nominal: string;
                    /** @enum {string} */
                    direction?: "clockwise" | "anticlockwise";
                    readings: string[];
                }[];
                /** @enum {string} */
                adjustment: "none" | "adjusted" | "repaired" | "part_replaced";
                as_left: {
                    nominal: string;
                    /** @enum {string} */
                    direction?: "clockwise" | "anticlockwise";
                    readings: string[];
                }[];
                preloads: number;
                temperature?: string | null;
                humidity?: string | null;
                adapter?: string | null;
            };
        };
        CalibrationPass: {
            good: boolean;
            says: string;
            near: string[];
            points: {
                key: string;
                words: string;
                share: number;
                deviations: number[];
                conforms: boolean[];
                mean: number;
                spread: number;
                expanded: number;
                acceptance: number;
                lines: {
                    name: string;
                    size: number;
                    from: string;
                }[];
            }[];
        };
        CalibrationLook: {
            measure: string;
            limit: number;
            limit_words: string;
            decimals: number;
            rule: string;
            rule_words: string;
            standard: string | null;
            adapter: string | null;
            as_found: components["schemas"]["CalibrationPass"] | null;
            as_left: components["schemas"]["CalibrationPass"] | null;
            touches: string | null;
        };
        ReferenceStandard: {
            id: string;
            code: string;
            name: string;
            /** @enum {string} */
            measures: "torque" | "angle" | "length";
            uncertainty: string;
            certificate: string;
            laboratory: string;
            /** Format: date */
            valid_from: string;
            /** Format: date */
            valid_until: string;
            /** Format: date */
            doubted_since: string | null;
            good: boolean;
        };
        FormRules: {
            permissible: string;
            points: string[];
            readings: number;
            preloads: number;
            months?: number | null;
            cycles?: number | null;
            /** @enum {string} */
            rule: "simple" | "guarded_by_u" | "conformity_95";
            template: {
                name: string;
                /** @enum {string} */
                source: "standard" | "resolution" | "repeatability" | "fixed";
                width?: string;
                /** @enum {string} */
                in?: "percent" | "unit";
                at_lowest?: boolean;
            }[];
            elsewhere: {
                some: number;
                much: number;
            };
            note: string;
        };
        FormOfTools: {
            form: components["schemas"]["ToolForm"];
            words: string;
            /** @description in which the shop's forms for it begin */
            unit: string;
            shipped: boolean;
            rules: components["schemas"]["FormRules"];
        };
        Lot: {
            id: string;
            number: string;
            /** @enum {string} */
            kind: "fastener" | "gasket" | "locker" | "lubricant" | "sealant";
            name: string;
            certificate: string;
            quantity: string;
            unit: string;
            /** Format: date */
            received_on: string;
            /** Format: date */
            expires_on: string | null;
            place: string;
            /** @enum {string} */
            state: "open" | "closed";
            expired: boolean;
            stop: components["schemas"]["StopInForce"];
        };
        Served: {
            lacking: number;
            procedures: components["schemas"]["ServedProcedure"][];
        };
        ServedProcedure: {
            revision: string;
            family: string;
            joint: string;
            option: string;
            letter: string;
            lacks: number;
            needs: {
                stage: string;
                kind: string;
                asks: string;
                fit: string[];
                others: {
                    tool: string;
                    why: string[];
                }[];
                would: string | null;
            }[];
        };
        ToolAtBench: {
            code: string;
            name: string;
            /** @enum {string} */
            state: "here" | "out" | "away" | "chained" | "retired";
            mine: boolean;
            holder: string | null;
            why_not: string | null;
        };
        ReadingsRead: {
            as_found: {
                nominal: string;
                /** @enum {string} */
                direction: "clockwise" | "anticlockwise";
                readings: string[];
            }[];
            as_left: {
                nominal: string;
                /** @enum {string} */
                direction: "clockwise" | "anticlockwise";
                readings: string[];
            }[];
        };
        GaugeStudy: {
            at: string | null;
            says: string;
            by_range: components["schemas"]["GaugeSpread"];
            by_variance: components["schemas"]["GaugeSpread"];
            window: string | null;
            note: string;
        };
        GaugeSpread: {
            repeatability: number;
            reproducibility: number;
            gauge: number;
            parts: number;
            total: number;
            percent: number;
            percent_of_window: number | null;
            distinct: number;
        };
        /** @enum {string} */
        CaseDecision: "use_as_is" | "redo" | "replace" | "recall" | "audited";
        CaseLine: {
            number: number;
            /** @enum {string} */
            state: "judging" | "open" | "closed";
            /** @enum {string} */
            cause: "failed_calibration" | "failed_check" | "unread" | "lost" | "wrong_standard";
            tool: string;
            tool_name: string;
            counts: {
                results: number;
                engines: number;
                out: number;
                in_doubt: number;
            };
            says: string;
            /** Format: date */
            since: string | null;
            since_why: string;
            until: string | null;
            judged_until: string | null;
            opened_at: string | null;
            closed_at: string | null;
            left: number;
        };
        CaseResult: {
            position: string;
            number: string;
            stage: string;
            /** @enum {string} */
            verdict: "in" | "in_doubt" | "out";
            evidence: string;
            shown_words: string | null;
            unit: string;
            shown: number | null;
            true: number | null;
            doubt: number | null;
            low: number | null;
            high: number | null;
            loss: number | null;
            clamp: {
                believed: number;
                now: number;
                low: number | null;
                high: number | null;
            } | null;
        };
        CaseJoint: {
            joint: string;
            name: string;
            map: components["schemas"]["Sketch"] | null;
            risk_class: string;
            counts: {
                in: number;
                in_doubt: number;
                out: number;
            };
            says: string;
            results: components["schemas"]["CaseResult"][];
        };
        CaseEngine: {
            build: string;
            serial: string;
            state: string;
            customer: string;
            where: string;
            risk_class: string;
            loss: number;
            counts: {
                in: number;
                in_doubt: number;
                out: number;
            };
            decided: boolean;
            decisions: {
                decision: components["schemas"]["CaseDecision"];
                words: string;
                about: string;
                by: string;
                at: string | null;
            }[];
            open: string;
            /** @description fasteners without a decision, each as joint/position */
            waiting: string[];
            also: number[];
            joints: components["schemas"]["CaseJoint"][];
        };
        CaseSheet: {
            number: number;
            /** @enum {string} */
            state: "judging" | "open" | "closed";
            /** @enum {string} */
            cause: "failed_calibration" | "failed_check" | "unread" | "lost" | "wrong_standard";
            tool: string;
            tool_name: string;
            counts: {
                results: number;
                engines: number;
                out: number;
                in_doubt: number;
            };
            says: string;
            /** Format: date */
            since: string | null;
            since_why: string;
            until: string | null;
            judged_until: string | null;
            opened_at: string | null;
            closed_at: string | null;
            engines: components["schemas"]["CaseEngine"][];
            undecided: number;
            judged: number;
            standard: string | null;
        };
        Found: {
            /** @enum {string} */
            kind: "build" | "procedure" | "tool" | "card" | "person";
            title: string;
            about: string;
            link: string;
        };
        Need: {
            /**
             * @description by what holds an engine up
             * @enum {string}
             */
            urgency: "stands_still" | "in_doubt" | "next" | "can_wait";
            title: string;
            why: string;
            /** @description on the button */
            action: string;
            /** @description where the action is */
            link: string;
            joint: {
                map: components["schemas"]["Sketch"];
                marks: components["schemas"]["Mark"][];
            } | null;
        };
        Today: {
            /** Format: date-time */
            now: string;
            needs: components["schemas"]["Need"][];
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
            pictures: components["schemas"]["Picture"][];
        };
        Picture: {
            /** @description The hash of its bytes */
            file: string;
            /** @enum {string} */
            shows: "right" | "wrong";
            says: string;
        };
        Surface: {
            surface: string;
            condition: string;
        };
        FastenerRow: {
            pictures: components["schemas"]["Picture"][];
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
            /** @description The subassembly that it is a joint of; empty: the engine’s own */
            carried_in: string;
            /** @description The subassembly that it holds to the engine; empty: none */
            holds: string;
            /** @description Opened with any of these, it is opened too */
            rests_on: string[];
            options: string[];
        };
        LibraryFamily: {
            /** Format: uuid */
            id: string;
            code: string;
            name: string;
            description: string;
            /** @description How its serials read, one rule to a line; empty: its code, two digits of the year, four of the engine */
            serial_rules: string;
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
            procedure: string | null;
            /**
             * Format: uuid
             * @description Where it lets one engine go with a joint that is not recorded
             */
            build: string | null;
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
            document: {
                [key: string]: unknown;
            };
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
        Wanting: {
            /** @description where in the document, RFC 6901 */
            pointer: string;
            /** @description the same by the names of rounds, groups and fasteners; empty for the procedure itself */
            place: string;
            says: string;
            /**
             * @description of the editor, where it is mended; null where it lies in several
             * @enum {string|null}
             */
            part: "joint" | "fasteners" | "map" | "orders" | "sources" | "rounds" | "checks" | "bench" | null;
            /** @description key of the round it lies in */
            stage: string | null;
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
            /** @description Aids, adapters and what keeps the shaft from being turned, a sentence each */
            beside: string[];
            rungs: components["schemas"]["Rung"][];
            fastener_types: components["schemas"]["FastenerRow"][];
            surfaces: components["schemas"]["Surface"][];
            sources: components["schemas"]["CitedSource"][];
            cautions: string[];
        };
        DraftAssessment: {
            questions: components["schemas"]["FirstQuestion"][];
            /** @description what is reckoned with meanwhile, since nobody has said otherwise */
            assumed: string[];
            problems: components["schemas"]["Wanting"][];
            not_approvable: components["schemas"]["Wanting"][];
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
            /** @description Aids, adapters and what keeps the shaft from being turned, a sentence each */
            beside: string[];
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
            stop: components["schemas"]["StopInForce"];
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
        GeneralTable: {
            /** Format: uuid */
            id: string;
            code: string;
            source: string;
            /** @description Of the paper that it stands in */
            title: string | null;
            condition: string;
            tolerance: string;
            rows: {
                name: string;
                thread: string;
                strength: string;
                material: string;
                torque: string;
            }[];
            doubts: string[];
            /** @description What speaks for the doubted rows */
            although: string;
            /** @enum {string} */
            state: "asked" | "approved" | "withdrawn";
            signature: string | null;
            asked_by: string | null;
            asked_by_me: boolean;
            /** Format: date-time */
            approved_at: string | null;
            withdrawn_why: string;
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
        FirstQuestion: {
            key: string;
            asks: string;
            why: string;
            /** @description of the editor */
            part: string;
            verb: string;
        };
        LineSketch: {
            rounds: {
                text: string;
                title: string;
                says: string;
                problem: string | null;
                /** @description what may have been meant */
                offers: string[];
            }[];
            questions: components["schemas"]["FirstQuestion"][];
            sisters: {
                of: number;
                alike: number;
                first: {
                    /** Format: uuid */
                    procedure: string;
                    title: string;
                    option: string;
                    line: string;
                    sketch: components["schemas"]["Sketch"] | null;
                }[];
            };
        };
        /** @enum {string} */
        LeastEvidence: "measured" | "one_by_one" | "as_round";
        ClassRule: {
            /** @enum {string} */
            class: "A" | "B" | "C";
            least: components["schemas"]["LeastEvidence"];
            least_words: string;
            watched: boolean;
            second_look: boolean;
        };
        RiskRuleSet: {
            /** Format: uuid */
            id: string;
            why: string;
            signature: string | null;
            rules: components["schemas"]["ClassRule"][];
            asked_by: string | null;
            asked_by_me: boolean;
            /** Format: date-time */
            asked_at: string;
            /** Format: date-time */
            approved_at: string | null;
        };
        FallsShort: {
            /** Format: uuid */
            revision: string;
            title: string;
            letter: string;
            why: string;
        };
        RiskRules: {
            rules: components["schemas"]["ClassRule"][];
            set: components["schemas"]["RiskRuleSet"] | null;
            asked: components["schemas"]["RiskRuleSet"] | null;
            fall_short: components["schemas"]["FallsShort"][];
            would_fall_short: components["schemas"]["FallsShort"][];
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
        Ability: "read-library" | "draft-procedures" | "approve-procedures" | "read-builds" | "open-builds" | "give-work" | "close-builds" | "read-crib" | "keep-tools" | "set-tool-rules" | "work-cases" | "audit" | "dispose-readings" | "handle-cards" | "stop-work" | "decide-faults" | "read-people" | "keep-people" | "sign-skills" | "set-shop" | "name-deputies" | "manage-devices" | "unlock-pins" | "work-at-bench";
        /** @enum {string} */
        RoleName: "lead" | "approver" | "assembler" | "crib_keeper" | "reader";
        /** @enum {string} */
        Method: "torque" | "angle" | "stretch" | "held" | "locker";
        /** @enum {string} */
        Earned: "certificate" | "supervised" | "learning";
        /** @enum {string} */
        TorqueUnit: "N.m" | "lbf.ft";
        /** @enum {string} */
        LengthUnit: "mm" | "in";
        Shift: {
            name: string;
            /** @description HH:MM by the shop's clock */
            from: string;
            /** @description HH:MM; before its beginning where it goes over midnight */
            to: string;
        };
        ShopSettings: {
            name: string;
            time_zone: string;
            torque_unit: components["schemas"]["TorqueUnit"];
            length_unit: components["schemas"]["LengthUnit"];
        };
        Shop: {
            shop: components["schemas"]["ShopSettings"];
            shifts: components["schemas"]["Shift"][];
            zones: string[];
        };
        FirstUse: {
            /** @description as the command was given it */
            name: string;
            zones: string[];
        };
        Welcome: {
            name: string;
            sign_in_name: string | null;
            shop: string;
        };
        FirstSteps: {
            steps: {
                key: string;
                title: string;
                about: string;
                /** @enum {string} */
                state: "done" | "open" | "later" | "not_needed";
                /** @description where it is done; may be empty */
                link: string;
            }[];
        };
        Holdings: {
            holdings: {
                what: string;
                how: string;
                /** @description it goes to whoever takes over; otherwise it is settled first */
                passes: boolean;
                link: string;
            }[];
        };
        Skill: {
            /** Format: uuid */
            id: string;
            family: string;
            method: components["schemas"]["Method"];
            earned: components["schemas"]["Earned"];
            wanted: number;
            /** @description as it was told */
            builds: string[];
            /** @description under a supervisor since, by the record of the runs */
            recorded: string[];
            note: string;
            signed_by: string | null;
            /** Format: date-time */
            signed_at: string;
            /** Format: date */
            valid_until: string | null;
            /** @enum {string} */
            standing: "under_supervisor" | "signed" | "ending" | "ended";
        };
        Me: {
            /** Format: uuid */
            id: string;
            name: string;
            badge: string | null;
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
                torque_unit: components["schemas"]["TorqueUnit"];
                length_unit: components["schemas"]["LengthUnit"];
                demo: boolean;
                /** @description somebody is on record who can sign in */
                opened: boolean;
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
            /** @description does what is signed of people decide what they may be given and begin */
            skills_decide: boolean;
            /** @description who stands in for the lead at a bench */
            deputies: {
                /** Format: uuid */
                id: string;
                /** Format: uuid */
                person: string;
                classes: ("A" | "B" | "C")[];
                from_time: string;
                until_time: string;
                /** Format: date */
                first_day: string;
                /** Format: date */
                last_day: string;
            }[];
            people: {
                /** Format: uuid */
                id: string;
                name: string;
                sign_in_name: string | null;
                badge: string | null;
                /** Format: uuid */
                customer: string | null;
                shift: string | null;
                /** Format: date-time */
                left_at: string | null;
                roles: components["schemas"]["RoleName"][];
                pin_locked: boolean;
                /** @enum {string} */
                pin: "none" | "given" | "own";
                /** @enum {string} */
                password: "none" | "link" | "own";
                skills: components["schemas"]["Skill"][];
                absences: {
                    /** Format: uuid */
                    id: string;
                    /** Format: date */
                    first_day: string;
                    /** Format: date */
                    last_day: string;
                }[];
            }[];
            /** @description where only one can, and what ends soon; most pressing first */
            summary: string[];
            /** @description how many may do it alone */
            alone: {
                family: string;
                method: components["schemas"]["Method"];
                people: number;
            }[];
            families: {
                code: string;
                name: string;
            }[];
            shifts: components["schemas"]["Shift"][];
            customers: {
                /** Format: uuid */
                id: string;
                name: string;
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
        MetalLine: {
            joint: string;
            /** @description it holds the shaft, or dries */
            grave: boolean;
            says: string;
        };
        /** @description That it is stopped for everybody until two have lifted that; null where it is not. */
        StopInForce: {
            number: number;
            says: string;
            why: string;
        } | null;
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
        /**
         * @description What a tool reads in
         * @enum {string}
         */
        ToolUnit: "N.m" | "lbf.ft" | "lbf.in" | "kgf.m" | "kgf.cm" | "cN.m" | "ozf.in" | "deg" | "turn" | "mm" | "um" | "in" | "thou" | "tenth";
        MapPosition: {
            key: string;
            number: string;
            x: string;
            y: string;
            group: string;
            part: string;
            landmark?: string;
            adapter?: string;
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
        Evidence: "curve" | "measured_value" | "transcribed" | "attested_one_by_one" | "attested_as_round" | "unknown";
        Mark: {
            position: string;
            strokes: components["schemas"]["Evidence"][];
            old: number;
            fault: string | null;
        };
        /** @enum {string} */
        BuildState: "received" | "open" | "finished" | "shipped";
        Progress: {
            done: number;
            all: number;
            finished: boolean;
            stopped: boolean;
            /** @description the step whose turn it is */
            next: string | null;
            /** @description what its first open fault asks for */
            why: string | null;
            rounds: {
                done: number;
                all: number;
            }[];
            marks: components["schemas"]["Mark"][];
        };
        /** @enum {string} */
        Verdict: "in" | "low" | "high" | "passed" | "failed" | "attested" | "not_below" | "gave_way";
        Created: {
            /** Format: uuid */
            id: string;
        };
        /** @description RFC 9457. The type never changes its meaning; the detail is a sentence that a person can act on. */
        Problem: {
            /** @enum {string} */
            type: "tekkal:already-disposed" | "tekkal:bad-document" | "tekkal:bad-value" | "tekkal:build-closed" | "tekkal:build-open" | "tekkal:device-seq" | "tekkal:draft-changed" | "tekkal:earlier-build" | "tekkal:fault" | "tekkal:id-taken" | "tekkal:joints-open" | "tekkal:locked" | "tekkal:not-allowed" | "tekkal:not-done" | "tekkal:not-enrolled" | "tekkal:not-finished" | "tekkal:not-found" | "tekkal:not-running" | "tekkal:not-withdrawn" | "tekkal:newer-type" | "tekkal:no-sitting" | "tekkal:other-refusal" | "tekkal:own-secret" | "tekkal:pin-locked" | "tekkal:run-begun" | "tekkal:run-closed" | "tekkal:run-held" | "tekkal:signed-out" | "tekkal:stale-page" | "tekkal:still-held" | "tekkal:stopped" | "tekkal:storage" | "tekkal:taken-back" | "tekkal:too-large" | "tekkal:too-often" | "tekkal:unreadable" | "tekkal:wrong-method" | "tekkal:wrong-sign-in";
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
            unit: components["schemas"]["ToolUnit"];
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
export type DismissReason = components['schemas']['DismissReason'];
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
export type Price = components['schemas']['Price'];
export type Decision = components['schemas']['Decision'];
export type Mishaps = components['schemas']['Mishaps'];
export type Weighed = components['schemas']['Weighed'];
export type SecondPerson = components['schemas']['SecondPerson'];
export type Stop = components['schemas']['Stop'];
export type StopReach = components['schemas']['StopReach'];
export type StopSheet = components['schemas']['StopSheet'];
export type AskedValue = components['schemas']['AskedValue'];
export type OpenedJoint = components['schemas']['OpenedJoint'];
export type Opening = components['schemas']['Opening'];
export type Exchange = components['schemas']['Exchange'];
export type HandedEngine = components['schemas']['HandedEngine'];
export type JobCard = components['schemas']['JobCard'];
export type WorkTime = components['schemas']['WorkTime'];
export type LeftRun = components['schemas']['LeftRun'];
export type HookTimes = components['schemas']['HookTimes'];
export type HookData = components['schemas']['HookData'];
export type Unit = components['schemas']['Unit'];
export type Doubt = components['schemas']['Doubt'];
export type Scale = components['schemas']['Scale'];
export type CallField = components['schemas']['CallField'];
export type CallAnswer = components['schemas']['CallAnswer'];
export type Stamp = components['schemas']['Stamp'];
export type Call = components['schemas']['Call'];
export type BenchMark = components['schemas']['BenchMark'];
export type BenchView = components['schemas']['BenchView'];
export type CardAtBench = components['schemas']['CardAtBench'];
export type PaperCard = components['schemas']['PaperCard'];
export type PaperCardSheet = components['schemas']['PaperCardSheet'];
export type RunSheet = components['schemas']['RunSheet'];
export type Outcome = components['schemas']['Outcome'];
export type Command = components['schemas']['Command'];
export type Batch = components['schemas']['Batch'];
export type Observation = components['schemas']['Observation'];
export type Outcomes = components['schemas']['Outcomes'];
export type JointOnStand = components['schemas']['JointOnStand'];
export type Build = components['schemas']['Build'];
export type Machining = components['schemas']['Machining'];
export type BuildFacts = components['schemas']['BuildFacts'];
export type StandsAs = components['schemas']['StandsAs'];
export type Stand = components['schemas']['Stand'];
export type Stands = components['schemas']['Stands'];
export type BuildFields = components['schemas']['BuildFields'];
export type BuildRows = components['schemas']['BuildRows'];
export type BuildChoices = components['schemas']['BuildChoices'];
export type ToolFields = components['schemas']['ToolFields'];
export type ToolRows = components['schemas']['ToolRows'];
export type Tools = components['schemas']['Tools'];
export type ToolOnBoard = components['schemas']['ToolOnBoard'];
export type ToolForm = components['schemas']['ToolForm'];
export type ToolPage = components['schemas']['ToolPage'];
export type ToolDrift = components['schemas']['ToolDrift'];
export type IntervalProposal = components['schemas']['IntervalProposal'];
export type ToolUses = components['schemas']['ToolUses'];
export type CalibrationForm = components['schemas']['CalibrationForm'];
export type CalibrationTyped = components['schemas']['CalibrationTyped'];
export type CalibrationPass = components['schemas']['CalibrationPass'];
export type CalibrationLook = components['schemas']['CalibrationLook'];
export type ReferenceStandard = components['schemas']['ReferenceStandard'];
export type FormRules = components['schemas']['FormRules'];
export type FormOfTools = components['schemas']['FormOfTools'];
export type Lot = components['schemas']['Lot'];
export type Served = components['schemas']['Served'];
export type ServedProcedure = components['schemas']['ServedProcedure'];
export type ToolAtBench = components['schemas']['ToolAtBench'];
export type ReadingsRead = components['schemas']['ReadingsRead'];
export type GaugeStudy = components['schemas']['GaugeStudy'];
export type GaugeSpread = components['schemas']['GaugeSpread'];
export type CaseDecision = components['schemas']['CaseDecision'];
export type CaseLine = components['schemas']['CaseLine'];
export type CaseResult = components['schemas']['CaseResult'];
export type CaseJoint = components['schemas']['CaseJoint'];
export type CaseEngine = components['schemas']['CaseEngine'];
export type CaseSheet = components['schemas']['CaseSheet'];
export type Found = components['schemas']['Found'];
export type Need = components['schemas']['Need'];
export type Today = components['schemas']['Today'];
export type FoundList = components['schemas']['FoundList'];
export type MachineState = components['schemas']['MachineState'];
export type RungRow = components['schemas']['RungRow'];
export type Rung = components['schemas']['Rung'];
export type Picture = components['schemas']['Picture'];
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
export type Wanting = components['schemas']['Wanting'];
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
export type GeneralTable = components['schemas']['GeneralTable'];
export type Standard = components['schemas']['Standard'];
export type FirstQuestion = components['schemas']['FirstQuestion'];
export type LineSketch = components['schemas']['LineSketch'];
export type LeastEvidence = components['schemas']['LeastEvidence'];
export type ClassRule = components['schemas']['ClassRule'];
export type RiskRuleSet = components['schemas']['RiskRuleSet'];
export type FallsShort = components['schemas']['FallsShort'];
export type RiskRules = components['schemas']['RiskRules'];
export type ConflictRow = components['schemas']['ConflictRow'];
export type ImportSheet = components['schemas']['ImportSheet'];
export type JointEstimate = components['schemas']['JointEstimate'];
export type AngleTrial = components['schemas']['AngleTrial'];
export type PairingSheet = components['schemas']['PairingSheet'];
export type Ability = components['schemas']['Ability'];
export type RoleName = components['schemas']['RoleName'];
export type Method = components['schemas']['Method'];
export type Earned = components['schemas']['Earned'];
export type TorqueUnit = components['schemas']['TorqueUnit'];
export type LengthUnit = components['schemas']['LengthUnit'];
export type Shift = components['schemas']['Shift'];
export type ShopSettings = components['schemas']['ShopSettings'];
export type Shop = components['schemas']['Shop'];
export type FirstUse = components['schemas']['FirstUse'];
export type Welcome = components['schemas']['Welcome'];
export type FirstSteps = components['schemas']['FirstSteps'];
export type Holdings = components['schemas']['Holdings'];
export type Skill = components['schemas']['Skill'];
export type Me = components['schemas']['Me'];
export type Session = components['schemas']['Session'];
export type PeopleAndBenches = components['schemas']['PeopleAndBenches'];
export type Notice = components['schemas']['Notice'];
export type Notices = components['schemas']['Notices'];
export type MetalLine = components['schemas']['MetalLine'];
export type StopInForce = components['schemas']['StopInForce'];
export type Written = components['schemas']['Written'];
export type MapPart = components['schemas']['MapPart'];
export type ToolUnit = components['schemas']['ToolUnit'];
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
export interface operations {
    "audit.index": {
        parameters: {
            query?: {
                serial?: string;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Builds one may see whose serial has this part */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["AuditList"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "audit.show": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                build: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The one sheet of a build */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BuildSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "audit.folder": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                build: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description One page for the engine's paper folder */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/pdf": Blob;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "audit.dismiss": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                entry: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    reason: components["schemas"]["DismissReason"];
                    text?: string | null;
                };
            };
        };
        responses: {
            /** @description Dispose of a reading that was set aside or lies in the tray */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    live: {
        parameters: {
            query: {
                run: string;
                since: number;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Has a run moved on since a screen last looked */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Moved"];
                };
            };
            /** @description Nothing new */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "bench.handover": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Each engine on one's hook and how it stands */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        engines: components["schemas"]["HandedEngine"][];
                        /** @description tells this list from another */
                        mark: string;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "bench.handOver": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** Format: uuid */
                    id?: string;
                    pin: string;
                    badge: string;
                    second_pin: string;
                    said?: string | null;
                    /** @description the mark of the list that both have read */
                    seen: string;
                };
            };
        };
        responses: {
            /** @description It is handed over */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.handover": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                build: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The last one */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        last: {
                            from: string;
                            to: string;
                            at: string | null;
                            said: string;
                            lines: string[];
                        } | null;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "bench.hook": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The job cards on one's hook */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["HookData"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "bench.hookTimes": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description How long the first jobs on one's hook take and where they can be left */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["HookTimes"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "bench.observe": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Batch"];
            };
        };
        responses: {
            /** @description Store what a bench saw. An authentic */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Outcomes"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "bench.begin": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Command"] & {
                    assignment: string;
                    /** @description the job card that it was worked on; whoever types it in need not be whose job it was */
                    card?: string | null;
                };
            };
        };
        responses: {
            /** @description Begin the run of a job */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RunSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "bench.show": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                run: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Everything the bench needs to show a run and walk on by itself */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RunSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "bench.takeOver": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                run: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Command"];
            };
        };
        responses: {
            /** @description Go on with a run here */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RunSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "bench.withdraw": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                run: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Command"] & {
                    /** Format: uuid */
                    reading: string;
                    step: string;
                    /** @enum {string} */
                    reason: "wrong_key" | "wrong_bolt" | "misread_scale";
                    text?: string | null;
                    second_badge?: string | null;
                    second_pin?: string | null;
                };
            };
        };
        responses: {
            /** @description Withdraw a typed value as a typing error */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RunSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "bench.finish": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                run: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Command"] & {
                    pin: string;
                };
            };
        };
        responses: {
            /** @description Close a run that has every step done */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RunSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "bench.card": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                card: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description What the card is about */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CardAtBench"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "bench.paper": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                run: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Command"] & {
                    card: string;
                };
            };
        };
        responses: {
            /** @description The run as it then stands */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RunSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "bench.paperEnd": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                run: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Command"];
            };
        };
        responses: {
            /** @description The run as it then stands */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RunSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "bench.askValue": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** @description Of an engine on a stand, or a part that only one of them has */
                    serial: string;
                    says: string;
                    /** Format: uuid */
                    id?: string;
                };
            };
        };
        responses: {
            /** @description The lead is asked */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.values": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                build: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The newest first */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        asked: components["schemas"]["AskedValue"][];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "values.answer": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                asked: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    answer: string;
                    /** Format: uuid */
                    id?: string;
                };
            };
        };
        responses: {
            /** @description The bench is told */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.exchange": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                build: string;
                kind: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description What would come off, and what could go in */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Exchange"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.exchangeSubassembly": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                build: string;
                kind: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** @description What goes in; none where one only comes off */
                    fit?: string | null;
                    /** @description The number that the engine’s own gets as it comes off */
                    serial?: string | null;
                    why?: string | null;
                    /** Format: uuid */
                    id?: string;
                };
            };
        };
        responses: {
            /** @description It is on record */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.opening": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                build: string;
                joint: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description What comes apart with it, and what has had its one tightening */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Opening"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.openAgain": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                build: string;
                joint: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    reason: string;
                };
            };
        };
        responses: {
            /** @description It is open */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "stops.index": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description What is stopped, the newest first */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        stops: components["schemas"]["Stop"][];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "stops.store": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** Format: uuid */
                    id?: string;
                    /** @enum {string} */
                    what: "revision" | "tool" | "lot";
                    key: string;
                    reason: string;
                };
            };
        };
        responses: {
            /** @description It is stopped */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        number: number;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "stops.reach": {
        parameters: {
            query: {
                what: "revision" | "tool" | "lot";
                key: string;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Runs under way, jobs on hooks, engines that were made with it */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["StopReach"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "stops.show": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                stop: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The stop */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["StopSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "stops.engines": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                stop: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Comma-separated values */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/csv": string;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "stops.ask": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                stop: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    reason: string;
                    password: string;
                };
            };
        };
        responses: {
            /** @description The stop as it then stands */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["StopSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "stops.keep": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                stop: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    reason: string;
                };
            };
        };
        responses: {
            /** @description The stop as it then stands */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["StopSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "stops.lift": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                stop: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    password: string;
                    /** @description why it may go on, as it was read */
                    seen?: string | null;
                };
            };
        };
        responses: {
            /** @description The stop as it then stands */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["StopSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "bench.stopSeen": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                stop: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description It is known */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "cards.index": {
        parameters: {
            query?: {
                build?: string;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Job cards on paper */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        cards: components["schemas"]["PaperCard"][];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "cards.print": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** Format: uuid */
                    id?: string;
                    assignment: string;
                };
            };
        };
        responses: {
            /** @description The number of the card */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        number: string;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "cards.show": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                card: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description One job card */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PaperCardSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "cards.paper": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                card: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The card itself */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/pdf": Blob;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "cards.compare": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                card: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** @description steps at which the card says otherwise */
                    differ: string[];
                };
            };
        };
        responses: {
            /** @description The card as it then stands */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PaperCardSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "cards.back": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                card: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    worked_by: string;
                    /** Format: date */
                    worked_on: string;
                };
            };
        };
        responses: {
            /** @description The card as it then stands */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PaperCardSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "cards.void": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                card: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** @enum {string} */
                    reason: "not_needed" | "spoiled" | "printed_twice" | "other_revision";
                };
            };
        };
        responses: {
            /** @description The card as it then stands */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PaperCardSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "cards.lose": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                card: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The card as it then stands */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PaperCardSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "cards.scan": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                card: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The scan */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/pdf": Blob;
                    "image/png": Blob;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "cards.keepScan": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                card: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "multipart/form-data": {
                    /** Format: binary */
                    file: Blob;
                };
            };
        };
        responses: {
            /** @description The card as it then stands */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PaperCardSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "bench.plan": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                plan: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description A plan as its canonical bytes */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        plan: string;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "bench.join": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                run: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Command"] & components["schemas"]["SecondPerson"];
            };
        };
        responses: {
            /** @description A second person joins */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RunSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "bench.supervise": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                run: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Command"] & components["schemas"]["SecondPerson"];
            };
        };
        responses: {
            /** @description The run as it stands then */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RunSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "bench.superviseSign": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                run: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Command"] & components["schemas"]["SecondPerson"];
            };
        };
        responses: {
            /** @description The run as it stands then */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RunSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "bench.look": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                run: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Command"] & components["schemas"]["SecondPerson"] & {
                    /** @description the round, or joint at the end of all */
                    stage: string;
                    /** @description positions that are not as the picture has them */
                    differ: string[];
                };
            };
        };
        responses: {
            /** @description Somebody else looks at a round */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RunSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "bench.moved": {
        parameters: {
            query: {
                since: number;
                stops?: number;
            };
            header?: never;
            path: {
                run: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description It has moved on, or something else is stopped */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        last_seq: number;
                        stops: number;
                    };
                };
            };
            /** @description It has not */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "bench.mishaps": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                run: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description What may be said to be wrong */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Mishaps"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "bench.weigh": {
        parameters: {
            query?: {
                position?: string;
                choice?: string;
            };
            header?: never;
            path: {
                run: string;
                /** @description its two digits */
                mishap: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description What it would come to */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Weighed"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "bench.decisions": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                run: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The faults that wait for somebody's word */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        faults: {
                            case: string;
                            step: string;
                            title: string;
                            says: string;
                            choices: components["schemas"]["Decision"][];
                        }[];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "bench.decide": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                run: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Command"] & components["schemas"]["SecondPerson"] & {
                    step: string;
                    case: string;
                    /** @enum {string} */
                    disposition: "use_as_is" | "rework" | "replace" | "scrap";
                    text?: string | null;
                };
            };
        };
        responses: {
            /** @description The fault is decided about */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RunSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "bench.acceptRepair": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                run: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Command"] & components["schemas"]["SecondPerson"] & {
                    position: string;
                };
            };
        };
        responses: {
            /** @description The repair is accepted */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RunSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.index": {
        parameters: {
            query?: {
                state?: components["schemas"]["BuildState"];
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Engines as they stand in the shop */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Stands"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.open": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    serial: string;
                    customer: string;
                    /** @description Which build of this number it is to be; the first where it is not said */
                    build?: number | null;
                    /** @description Its code, where the number alone does not say it */
                    family?: string | null;
                    /** @description It stands on no stand yet */
                    waits?: boolean;
                    old_serials?: string[];
                    variant?: string | null;
                    order_number?: string | null;
                    core?: string | null;
                    /** Format: date */
                    received_on?: string | null;
                    /** Format: date */
                    due_on?: string | null;
                    waits_for?: string | null;
                    note?: string | null;
                    machining?: {
                        what: components["schemas"]["Machining"];
                        joint?: string | null;
                        at?: string | null;
                    }[];
                    /** Format: uuid */
                    id?: string;
                };
            };
        };
        responses: {
            /** @description Open a build of a serial number */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Created"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.read": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    text: string;
                    customer?: string | null;
                    waits?: boolean;
                };
            };
        };
        responses: {
            /** @description Row by row what was read */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BuildRows"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.many": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    engines: components["schemas"]["BuildFields"][];
                    /** Format: uuid */
                    id?: string;
                };
            };
        };
        responses: {
            /** @description Their ids in order */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        ids: string[];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.labels": {
        parameters: {
            query: {
                /** @description Ids, parted by commas */
                builds: string;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Labels */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/pdf": Blob;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.choices": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description What the forms of this area offer to choose from */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BuildChoices"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "subassemblies.index": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Subassemblies as they stand */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Stands"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "subassemblies.open": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** @description Its code */
                    family: string;
                    kind: string;
                    serial: string;
                    /** @description The shop’s own where it is not said */
                    customer?: string | null;
                    /** Format: uuid */
                    id?: string;
                };
            };
        };
        responses: {
            /** @description It has its number */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Created"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.show": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                build: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description One build with its joints */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Build"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.describe": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                build: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    variant?: string | null;
                    order_number?: string | null;
                    core?: string | null;
                    /** Format: date */
                    received_on?: string | null;
                    /** Format: date */
                    due_on?: string | null;
                    waits_for?: string | null;
                    note?: string | null;
                    machining?: {
                        what: components["schemas"]["Machining"];
                        joint?: string | null;
                        at?: string | null;
                    }[];
                    /** Format: uuid */
                    id?: string;
                };
            };
        };
        responses: {
            /** @description It is kept */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.restamp": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                build: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    serial: string;
                    why?: string | null;
                    /** Format: uuid */
                    id?: string;
                };
            };
        };
        responses: {
            /** @description It bears the new number */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.start": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                build: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description On a stand */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.callOff": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                build: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    reason: string;
                    /** Format: uuid */
                    id?: string;
                };
            };
        };
        responses: {
            /** @description It stands here no more */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.finish": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                build: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Open to finished */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.reopen": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                build: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    reason: string;
                    /** Format: uuid */
                    id?: string;
                };
            };
        };
        responses: {
            /** @description On a stand again */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.ship": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                build: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Finished to shipped */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.give": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                build: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    joint: string;
                    person: string;
                    /** @description The hardware option that is fitted */
                    procedure?: string | null;
                    /** Format: uuid */
                    id?: string;
                };
            };
        };
        responses: {
            /** @description Give a joint to an assembler; the revision in force is pinned */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Created"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.hardware": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                build: string;
                joint: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    procedure: string;
                    /** Format: uuid */
                    id?: string;
                };
            };
        };
        responses: {
            /** @description Chosen */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.giveByTable": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                build: string;
                joint: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    table: string;
                    row: string;
                    bolts: number;
                    /** @description row, two_rows or circle */
                    layout: string;
                    person: string;
                    /** @description Whoever gives it out says that it is a joint of risk class C */
                    class_c?: boolean;
                    /** Format: uuid */
                    id?: string;
                };
            };
        };
        responses: {
            /** @description It hangs on a hook */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Created"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.tellJoint": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                build: string;
                joint: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    told: string;
                    worked_by: string;
                    /** Format: date */
                    worked_on: string;
                    /** Format: uuid */
                    id?: string;
                };
            };
        };
        responses: {
            /** @description It is told */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.takeBackTold": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                build: string;
                joint: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Taken back */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.letGo": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                build: string;
                joint: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    reason: string;
                    customer_reference?: string | null;
                    /** Format: uuid */
                    id?: string;
                };
            };
        };
        responses: {
            /** @description Asked for */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.paper": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                build: string;
                joint: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The scan */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/pdf": Blob;
                    "image/png": Blob;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.keepPaper": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                build: string;
                joint: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "multipart/form-data": {
                    /** Format: binary */
                    file: Blob;
                    worked_by: string;
                    /** Format: date */
                    worked_on: string;
                };
            };
        };
        responses: {
            /** @description It is kept */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.takeBackPaper": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                build: string;
                joint: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Taken back */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.intake": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                build: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    joints: {
                        joint: string;
                        opened: boolean;
                        found?: string | null;
                        movements?: {
                            at: string;
                            /** @description With its unit */
                            value: string;
                        }[];
                    }[];
                    /** Format: uuid */
                    id?: string;
                };
            };
        };
        responses: {
            /** @description It is kept */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.keepPicture": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                build: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "multipart/form-data": {
                    /** Format: binary */
                    file: Blob;
                    shows: string;
                };
            };
        };
        responses: {
            /** @description It is kept */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.picture": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                picture: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The picture */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "image/png": Blob;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "builds.removePicture": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                picture: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Shown no more */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "assignments.takeBack": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                assignment: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Take back work that nobody has begun */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "tools.index": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Every tool as it stands today, and what the crib needs a hand for */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Tools"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "tools.register": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** Format: uuid */
                    id?: string;
                    tools: components["schemas"]["ToolFields"][];
                };
            };
        };
        responses: {
            /** @description Tools come into the crib, all of them or none */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        ids: string[];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "tools.read": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    csv: string;
                };
            };
        };
        responses: {
            /** @description Tools out of a table, row by row, with what is wrong in each; nothing is kept */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ToolRows"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "tools.table": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The board as a table */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/csv": string;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "tools.served": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The whole library held against the crib of today: which tools carry out which round, and what none can */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Served"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "tools.labels": {
        parameters: {
            query: {
                tools: string;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Labels with codes */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/pdf": Blob;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "tools.calendarAddress": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Where a calendar finds the dates on which tools are due */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        path: string;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "tools.calendar": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                token: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description When which tool is due, for a calendar (RFC 5545) */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/calendar": string;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "tools.send": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** Format: uuid */
                    id?: string;
                    tools: string[];
                    laboratory: string;
                };
            };
        };
        responses: {
            /** @description Tools go away together, all of them or none */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        sent: number;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "tools.back": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** Format: uuid */
                    id?: string;
                    tools: string[];
                };
            };
        };
        responses: {
            /** @description Tools come back together, all of them or none */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        back: number;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "tools.show": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                tool: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description One tool: how it stands, how it has moved, what it was used on, who had it */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ToolPage"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "tools.change": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                tool: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** Format: uuid */
                    id?: string;
                    fields: components["schemas"]["ToolFields"];
                };
            };
        };
        responses: {
            /** @description What is said of a tool, set right */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ToolPage"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "tools.lend": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                tool: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** Format: uuid */
                    id?: string;
                    badge: string;
                    build?: string | null;
                };
            };
        };
        responses: {
            /** @description A tool into somebody's hands */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ToolPage"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "tools.return": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                tool: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** Format: uuid */
                    id?: string;
                    /** @enum {string} */
                    elsewhere: "none" | "some" | "much";
                };
            };
        };
        responses: {
            /** @description A tool comes back */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ToolPage"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "tools.chain": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                tool: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** Format: uuid */
                    id?: string;
                    /** @enum {string} */
                    reason: "dropped" | "overloaded" | "suspected";
                };
            };
        };
        responses: {
            /** @description A tool goes out of use at once */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ToolPage"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "tools.check": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                tool: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** Format: uuid */
                    id?: string;
                    nominal: string;
                    reading: string;
                };
            };
        };
        responses: {
            /** @description The check before a shift, by one pull against a checker */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        good: boolean;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "tools.retire": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                tool: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** Format: uuid */
                    id?: string;
                    /** @enum {string} */
                    reason: "worn" | "broken" | "lost" | "sold";
                };
            };
        };
        responses: {
            /** @description A tool leaves the board for good */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ToolPage"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "tools.interval": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                tool: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** Format: uuid */
                    id?: string;
                    months: number;
                };
            };
        };
        responses: {
            /** @description The lead decides how long it may go from its next calibration on */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ToolPage"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "calibrations.form": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                tool: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description What a calibration begins with */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CalibrationForm"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "calibrations.look": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                tool: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CalibrationTyped"];
            };
        };
        responses: {
            /** @description What a calibration comes to so far; nothing is kept */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CalibrationLook"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "calibrations.record": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                tool: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CalibrationTyped"];
            };
        };
        responses: {
            /** @description A calibration is kept */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        /** Format: uuid */
                        id: string;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "calibrations.read": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                tool: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    text: string;
                };
            };
        };
        responses: {
            /** @description Readings of a calibration out of a file; nothing is kept */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReadingsRead"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "studies.index": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                tool: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Studies of a gauge, the newest first */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        studies: components["schemas"]["GaugeStudy"][];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "studies.keep": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                tool: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** Format: uuid */
                    id?: string;
                    text: string;
                    window?: string | null;
                };
            };
        };
        responses: {
            /** @description A study is kept */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        studies: components["schemas"]["GaugeStudy"][];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "studies.look": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                tool: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** Format: uuid */
                    id?: string;
                    text: string;
                    window?: string | null;
                };
            };
        };
        responses: {
            /** @description What a study comes to; nothing is kept */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["GaugeStudy"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "calibrations.sheet": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                calibration: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The sheet of a calibration */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/pdf": Blob;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "calibrations.certificate": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                calibration: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The certificate that is attached to it */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/pdf": Blob;
                    "image/png": Blob;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "calibrations.keepCertificate": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                calibration: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "multipart/form-data": {
                    /** Format: binary */
                    file: Blob;
                };
            };
        };
        responses: {
            /** @description A certificate is attached to it */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        kept: boolean;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "standards.index": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description What tools are calibrated against */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        /** Format: date */
                        today: string;
                        standards: components["schemas"]["ReferenceStandard"][];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "standards.keep": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** Format: uuid */
                    id?: string;
                    code: string;
                    name: string;
                    /** @enum {string} */
                    measures: "torque" | "angle" | "length";
                    uncertainty: string;
                    certificate: string;
                    laboratory: string;
                    valid_from: string;
                    valid_until: string;
                };
            };
        };
        responses: {
            /** @description A reference standard comes in, or has a new certificate */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        /** Format: uuid */
                        id: string;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "toolRules.index": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description By what tools of each form are calibrated */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        forms: components["schemas"]["FormOfTools"][];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "toolRules.set": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                form: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** Format: uuid */
                    id?: string;
                    rules: components["schemas"]["FormRules"];
                };
            };
        };
        responses: {
            /** @description The rules of a form, set anew */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        forms: components["schemas"]["FormOfTools"][];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "lots.index": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Lots of fasteners and of what is used up */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        /** Format: date */
                        today: string;
                        lots: components["schemas"]["Lot"][];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "lots.receive": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** Format: uuid */
                    id?: string;
                    number: string;
                    /** @enum {string} */
                    kind: "fastener" | "gasket" | "locker" | "lubricant" | "sealant";
                    name: string;
                    certificate?: string | null;
                    quantity: string;
                    unit: string;
                    expires_on?: string | null;
                    place?: string | null;
                };
            };
        };
        responses: {
            /** @description A lot comes in */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        /** Format: uuid */
                        id: string;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "lots.count": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                lot: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** Format: uuid */
                    id?: string;
                    quantity: string;
                };
            };
        };
        responses: {
            /** @description What is left of a lot */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        /** Format: date */
                        today: string;
                        lots: components["schemas"]["Lot"][];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "lots.close": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                lot: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description A lot is used up or thrown away */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        /** Format: date */
                        today: string;
                        lots: components["schemas"]["Lot"][];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "benchTools.show": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                tool: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description A tool that was scanned at a hook, and whether one may take it */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ToolAtBench"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "benchTools.take": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                tool: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description One takes a tool oneself */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ToolAtBench"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "benchTools.bring": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                tool: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** @enum {string} */
                    elsewhere: "none" | "some" | "much";
                };
            };
        };
        responses: {
            /** @description One brings a tool back */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ToolAtBench"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "benchTools.chain": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                tool: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** @enum {string} */
                    reason: "dropped" | "overloaded" | "suspected";
                };
            };
        };
        responses: {
            /** @description A tool is out of use, says whoever dropped it */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ToolAtBench"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "standards.doubt": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                standard: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** Format: uuid */
                    id?: string;
                    since: string;
                    off?: string | null;
                };
            };
        };
        responses: {
            /** @description A standard was wrong: each tool calibrated against it since has a case */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        tools: number;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "cases.index": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Look-back cases, those that want something first */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        cases: components["schemas"]["CaseLine"][];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "cases.show": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                case: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description One look-back case, engine by engine */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CaseSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "cases.decide": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                case: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** Format: uuid */
                    id?: string;
                    builds: string[];
                    decision: components["schemas"]["CaseDecision"];
                    fasteners?: {
                        joint: string;
                        position: string;
                    }[] | null;
                };
            };
        };
        responses: {
            /** @description What becomes of engines, or of some of their fasteners */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CaseSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "cases.close": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                case: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description A case in which each engine has a decision is closed */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CaseSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "cases.letters": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                case: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description What each customer is told */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/pdf": Blob;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "cases.table": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                case: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Every result of the case, as a table */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/csv": string;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    find: {
        parameters: {
            query: {
                q: string;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Everything one may see that has this text */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FoundList"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    today: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description What waits for whoever is signed in, most pressing first */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Today"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "machine.show": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description How the instance stands with sequencer, queue, disk, backup, verify and clock */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MachineState"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.index": {
        parameters: {
            query?: {
                find?: string;
                family?: string;
                state?: string;
                page?: string;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Procedures, by place, narrowed */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ProcedureListing"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.families": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Families with their joints and variants */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        families: components["schemas"]["LibraryFamily"][];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.addFamily": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    code: string;
                    name: string;
                    description?: string | null;
                    joints?: string[];
                    variants?: {
                        name: string;
                        serials_from?: string | null;
                        serials_to?: string | null;
                        years_from?: string | null;
                        years_to?: string | null;
                        note?: string | null;
                    }[];
                };
            };
        };
        responses: {
            /** @description A family, or more joints and variants for one */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Created"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.resting": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                family: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    joints?: {
                        joint: string;
                        on?: string[];
                    }[];
                };
            };
        };
        responses: {
            /** @description It is kept */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.subassemblies": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                family: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    joints?: {
                        joint: string;
                        carried_in?: string | null;
                        holds?: string | null;
                    }[];
                };
            };
        };
        responses: {
            /** @description It is kept */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.serialRules": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                family: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    /** @description One to a line: # for a digit, @ for a capital letter */
                    serial_rules?: string | null;
                };
            };
        };
        responses: {
            /** @description They are kept */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.addProcedure": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    joint: string;
                    option: string;
                    copy_of?: string | null;
                    variant?: string | null;
                    /** @description the line that it begins with */
                    line?: string | null;
                };
            };
        };
        responses: {
            /** @description A procedure for a joint and hardware option, with its draft */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Created"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.procedure": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                procedure: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description A procedure with its revisions */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ProcedureSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.compare": {
        parameters: {
            query?: {
                old?: string;
                new?: string;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description What differs between two revisions */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        old: string;
                        new: string;
                        changes: components["schemas"]["Change"][];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.conflicts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Where sources disagree, over all procedures */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        conflicts: components["schemas"]["ConflictRow"][];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.export": {
        parameters: {
            query?: {
                family?: string;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The library in its open format */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        /** @constant */
                        format: "tekkal.library/1";
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.draft": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                procedure: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The draft of a procedure */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DraftSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.saveDraft": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                procedure: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    document: {
                        [key: string]: unknown;
                    };
                    answers: {
                        [key: string]: unknown;
                    } | unknown[];
                    version: number;
                };
            };
        };
        responses: {
            /** @description Saves a draft as it stands */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        version: number;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.beginDraft": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                procedure: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Begins a draft from the last revision */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        version: number;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.discardDraft": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                procedure: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Throws a draft away */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.submit": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                procedure: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    version: number;
                };
            };
        };
        responses: {
            /** @description Hands a draft in for review */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Created"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.look": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    document: {
                        [key: string]: unknown;
                    };
                    against?: string | null;
                };
            };
        };
        responses: {
            /** @description What the core says of a document; nothing is stored */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DraftAssessment"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.line": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    line: string;
                    groups: {
                        [key: string]: string;
                    };
                };
            };
        };
        responses: {
            /** @description A typed tightening line as stages */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        stages: {
                            [key: string]: unknown;
                        }[];
                        checks: {
                            [key: string]: unknown;
                        }[];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.sketchLine": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    line: string;
                };
            };
        };
        responses: {
            /** @description The line as it is understood */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["LineSketch"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.layout": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    /** @enum {string} */
                    pattern: "rows" | "circle" | "pairs";
                    count: number | string | null;
                    rows?: number | string | null;
                    staggered?: boolean | null;
                    pitch?: number | string | null;
                    apart?: number | string | null;
                    diameter?: number | string | null;
                    from?: number | string | null;
                    x: number | string | null;
                    y: number | string | null;
                };
            };
        };
        responses: {
            /** @description Positions from a few dimensions */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        points: {
                            x: string;
                            y: string;
                        }[];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.order": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    positions: {
                        key: string;
                        x: string;
                        y: string;
                    }[];
                    order: string[];
                    pattern?: string | null;
                    reversed?: boolean | null;
                };
            };
        };
        responses: {
            /** @description An order judged, or generated */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["JudgedOrder"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.readCsv": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    csv: string;
                    groups: string[];
                    parts: string[];
                };
            };
        };
        responses: {
            /** @description Positions from a table */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        positions: components["schemas"]["MapPosition"][];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.show": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                revision: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description One revision with its document */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RevisionSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.builds": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                revision: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Builds made to it, judged by the one in force */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        by: {
                            /** Format: uuid */
                            id: string;
                            letter: string;
                        } | null;
                        builds: components["schemas"]["MadeToBuild"][];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.csv": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                revision: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The map as a table */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "text/csv": string;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.jobCard": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                revision: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The job card */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/pdf": string;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.approve": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                revision: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    password: string;
                    document_hash: string;
                };
            };
        };
        responses: {
            /** @description Signs a revision */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.return": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                revision: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    reason: string;
                };
            };
        };
        responses: {
            /** @description Sends a revision back to its author */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.withdraw": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                revision: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    reason: string;
                    password: string;
                };
            };
        };
        responses: {
            /** @description Takes a revision out of use */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.sources": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The registers of sources and window standards */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        sources: components["schemas"]["Source"][];
                        standards: components["schemas"]["Standard"][];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.keepSource": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    code: string;
                    kind: string;
                    title: string;
                    edition: string;
                    date: string;
                    kept?: string | null;
                    superseded_by?: string | null;
                };
            };
        };
        responses: {
            /** @description Puts a source on record */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Created"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.paper": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                source: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The paper of a source, to be saved */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/pdf": string;
                    "image/png": string;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.keepPaper": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                source: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "multipart/form-data": {
                    /** Format: binary */
                    file: Blob;
                };
            };
        };
        responses: {
            /** @description Keeps the paper of a source */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.keepPicture": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: {
            content: {
                "multipart/form-data": {
                    /** Format: binary */
                    file: Blob;
                };
            };
        };
        responses: {
            /** @description The hash that documents name it by */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        file: string;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.picture": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                picture: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description A picture */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "image/png": string;
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.generalTables": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The tables */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        tables: components["schemas"]["GeneralTable"][];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.askGeneralTable": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    code: string;
                    source: string;
                    /** @description Of the threads: dry, engine oil */
                    condition: string;
                    tolerance: string;
                    /** @description A row to a line: thread; class; material; torque */
                    rows: string;
                    /** @description What speaks for a row that is doubted */
                    although?: string | null;
                };
            };
        };
        responses: {
            /** @description Asks for a general table */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Created"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.approveGeneralTable": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                table: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    password: string;
                };
            };
        };
        responses: {
            /** @description It serves */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.withdrawGeneralTable": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                table: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    why: string;
                };
            };
        };
        responses: {
            /** @description It serves no more */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.askStandard": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    code: string;
                    quantity: string;
                    tool?: string | null;
                    risk_class?: string | null;
                    tolerance: string;
                    source: string;
                };
            };
        };
        responses: {
            /** @description Asks for a window standard */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Created"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.approveStandard": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                standard: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    password: string;
                };
            };
        };
        responses: {
            /** @description Signs a window standard */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.riskRules": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The rules of the risk classes */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RiskRules"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.askRiskRules": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    rules: {
                        /** @enum {string} */
                        class: "A" | "B" | "C";
                        least: components["schemas"]["LeastEvidence"];
                        watched: boolean;
                        second_look: boolean;
                    }[];
                    why: string;
                };
            };
        };
        responses: {
            /** @description Asked for */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Created"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.approveRiskRules": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                rules: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    password: string;
                };
            };
        };
        responses: {
            /** @description They are in force */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.permits": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Deviation permits */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        permits: components["schemas"]["Permit"][];
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.askPermit": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    procedure: string;
                    stage?: string | null;
                    departure: string;
                    reason: string;
                    customer_reference?: string | null;
                    quantity?: number | string | null;
                    serials?: string | null;
                    valid_from: string;
                    valid_until?: string | null;
                };
            };
        };
        responses: {
            /** @description Asks for a deviation permit */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Created"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.approvePermit": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                permit: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    password: string;
                };
            };
        };
        responses: {
            /** @description Signs a deviation permit */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.refusePermit": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                permit: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    reason: string;
                };
            };
        };
        responses: {
            /** @description Refuses a deviation permit */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.withdrawPermit": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                permit: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    reason: string;
                };
            };
        };
        responses: {
            /** @description Withdraws a deviation permit */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.lookAtImport": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: {
            content: {
                "multipart/form-data": {
                    /** Format: binary */
                    file: Blob;
                    only?: string;
                };
            };
        };
        responses: {
            /** @description Looks at a file; nothing is written */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ImportSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.import": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                import: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description An import and how far it has come */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ImportSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.writeImport": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                import: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Writes what was looked at, all or nothing */
            202: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ImportSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.workbenchJoint": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    thread: string | null;
                    strength?: string | null;
                    condition?: string | null;
                    bearing?: string | null;
                    hole?: string | null;
                    grip?: string | null;
                    shank_length?: string | null;
                    shank_diameter?: string | null;
                    members?: string | null;
                    head?: string | null;
                    torque?: string | null;
                    angle?: string | null;
                };
            };
        };
        responses: {
            /** @description What a torque and an angle do to a joint */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["JointEstimate"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.workbenchTrial": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    pulls: {
                        angle: number | string | null;
                        stretch: number | string | null;
                    }[];
                    low: number | string | null;
                    high: number | string | null;
                    graduation: number | string | null;
                };
            };
        };
        responses: {
            /** @description An angle trial */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["AngleTrial"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "library.workbenchPairing": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    /**
                     * Format: uuid
                     * @description the command's own
                     */
                    id?: string;
                    lengths: {
                        name: string;
                        length: string;
                    }[];
                };
            };
        };
        responses: {
            /** @description Fasteners paired by free length */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PairingSheet"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "session.show": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Who is signed in here */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Session"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "session.desk": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    name: string;
                    password: string;
                };
            };
        };
        responses: {
            /** @description Sign in at a desk */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Session"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "session.bench": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    badge: string;
                    pin: string;
                    /** @description of one's own, in the place of one that was handed out */
                    new_pin?: string | null;
                    /** @description the last number that the bench gave */
                    last_device_seq?: number | null;
                };
            };
        };
        responses: {
            /** @description Sign in at an enrolled bench, or come back to one that locked itself; the sitting before ends, unless it is one's own */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Session"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "session.end": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/json": {
                    last_device_seq?: number | null;
                };
            };
        };
        responses: {
            /** @description Sign out; at a bench this ends the sitting */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Session"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "session.pin": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    new_pin: string;
                    /** @description one's own, once more */
                    password: string;
                };
            };
        };
        responses: {
            /** @description Set a PIN of one's own at a desk */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "firstUse.code": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    code: string;
                };
            };
        };
        responses: {
            /** @description Is this the code that the terminal shows? */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FirstUse"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "firstUse.open": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    code: string;
                    shop: components["schemas"]["ShopSettings"];
                    lead: {
                        name: string;
                        sign_in_name: string;
                    };
                    password: string;
                };
            };
        };
        responses: {
            /** @description Open a shop: its name, its clock, its first lead, who is signed in by it */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Session"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "welcome.show": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                token: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Whose link this is */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Welcome"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "welcome.password": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                token: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    password: string;
                };
            };
        };
        responses: {
            /** @description Set a password of one's own by a link that is good once */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Session"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "people.index": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description People and benches */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PeopleAndBenches"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "people.add": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    name: string;
                    sign_in_name?: string | null;
                    badge?: string | null;
                    roles: components["schemas"]["RoleName"][];
                    /** @description whose engines a reader sees, and no others */
                    customer?: string | null;
                    /** @description one's own, once more */
                    password: string;
                };
            };
        };
        responses: {
            /** @description Somebody comes to the shop */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Created"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "people.rename": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                person: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    name: string;
                    sign_in_name?: string | null;
                };
            };
        };
        responses: {
            /** @description Somebody is called something else */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "people.badge": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                person: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    badge: string | null;
                };
            };
        };
        responses: {
            /** @description Give somebody a badge, or take it away */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "people.shift": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                person: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    shift: string | null;
                };
            };
        };
        responses: {
            /** @description Somebody works in a shift */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "people.roles": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                person: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    roles: components["schemas"]["RoleName"][];
                    /** @description one's own, once more */
                    password: string;
                };
            };
        };
        responses: {
            /** @description Where somebody stands from now on */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "people.pin": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                person: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** @description one's own, once more */
                    password: string;
                };
            };
        };
        responses: {
            /** @description Hand out a PIN that is good for one sign-in */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        pin: string;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "people.link": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                person: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** @description one's own, once more */
                    password: string;
                };
            };
        };
        responses: {
            /** @description Hand out a link to a password of one's own */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        path: string;
                        /** Format: date-time */
                        until: string;
                    };
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "people.holdings": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                person: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description What is in somebody's hands */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Holdings"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "people.leave": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                person: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    successor?: string | null;
                    /** @description one's own, once more */
                    password: string;
                };
            };
        };
        responses: {
            /** @description Somebody leaves; what can pass goes to whoever takes over */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "people.comeBack": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                person: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    roles: components["schemas"]["RoleName"][];
                    /** @description one's own, once more */
                    password: string;
                };
            };
        };
        responses: {
            /** @description Somebody who left is here again */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "people.signSkill": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                person: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    family: string;
                    method: components["schemas"]["Method"];
                    earned: components["schemas"]["Earned"];
                    wanted?: number | null;
                    builds?: string[];
                    note?: string | null;
                    /** Format: date */
                    valid_until?: string | null;
                };
            };
        };
        responses: {
            /** @description Sign what somebody may do */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Created"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "people.endSkill": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                skill: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Somebody may no longer do this */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "people.away": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                person: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** Format: date */
                    first_day: string;
                    /** Format: date */
                    last_day: string;
                };
            };
        };
        responses: {
            /** @description Somebody is not here for some days */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Created"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "people.here": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                absence: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Somebody is here after all */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "customers.add": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    name: string;
                };
            };
        };
        responses: {
            /** @description A customer comes */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Created"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "customers.rename": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                customer: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    name: string;
                };
            };
        };
        responses: {
            /** @description A customer is called something else */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "shop.show": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description How the shop is set */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Shop"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "shop.set": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    shop: components["schemas"]["ShopSettings"];
                };
            };
        };
        responses: {
            /** @description Set the shop's name, clock and units */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "shop.skills": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    decide: boolean;
                };
            };
        };
        responses: {
            /** @description It is as it was said */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "shop.shifts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    shifts: components["schemas"]["Shift"][];
                };
            };
        };
        responses: {
            /** @description Set the shop's shifts */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "shop.steps": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description What a shop that has just begun still has to do */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FirstSteps"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "shop.step": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                step: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** @enum {string} */
                    as: "open" | "later" | "not_needed";
                };
            };
        };
        responses: {
            /** @description Later, or not needed */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "people.unlock": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                person: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Unlock a PIN after wrong tries */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "people.nameDeputy": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    person: string;
                    classes: ("A" | "B" | "C")[];
                    from_time: string;
                    until_time: string;
                    /** Format: date */
                    first_day: string;
                    /** Format: date */
                    last_day: string;
                };
            };
        };
        responses: {
            /** @description Somebody stands in for the lead */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Created"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "people.endDeputy": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                deputy: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Whoever stood in for the lead does so no longer */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "devices.enrol": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    name: string;
                };
            };
        };
        responses: {
            /** @description Make this browser a bench */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Created"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "devices.revoke": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                device: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description End the enrolment of a bench */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "people.notices": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description What one has been told and has not acknowledged */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Notices"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
    "people.acknowledge": {
        parameters: {
            query?: never;
            header?: never;
            path: {
                notice: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description I have read it */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            default: components["responses"]["Problem"];
        };
    };
    "standIns.pull": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PullWanted"];
            };
        };
        responses: {
            /** @description One pull of a wrench that is not there */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Pull"];
                };
            };
            default: components["responses"]["Problem"];
        };
    };
}
