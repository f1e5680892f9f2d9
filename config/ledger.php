<?php

return [
    // The application's user may only INSERT here; triggers refuse UPDATE and DELETE from anyone.
    'append_only' => ['ledger_entries', 'ledger_leaves', 'revisions', 'plans'],
    'application_user' => [env('DB_USERNAME', 'tekkal_app'), '127.0.0.1'],
    // Neither only added to nor told by the entries. Every other table is one or the other, and verify says so of one that is not.
    'beside' => [
        // the ledger's own counts, which verify holds against the entries
        'ledger_streams', 'ledger_device_heads', 'ledger_pending',
        // words, each held by the hash in its entry
        'erasable_texts',
        // made from revisions and drafts, and made again by verify
        'procedure_faces', 'target_index',
        // working papers: what becomes of them is recorded, they are not
        'drafts', 'draft_writers', 'imports', 'jobs', 'failed_jobs',
        // what people know, and how often they were wrong
        'credentials', 'device_tokens', 'pin_counters', 'sign_in_tries',
        // ways to a first secret, each good once
        'first_use_codes', 'secret_links',
        // what was answered to a command's id
        'desk_commands',
        // by which version of each projector the tables were filled
        'projector_versions',
        // who alone does something at the moment
        'leases',
        'migrations',
        // only in an instance made for bin/tekkal bench
        'bare_inserts',
    ],
];
