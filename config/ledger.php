<?php

return [
    // The application's user may only INSERT here; triggers refuse UPDATE and DELETE from anyone.
    'append_only' => ['ledger_entries', 'ledger_leaves', 'revisions', 'plans'],
    'application_user' => [env('DB_USERNAME', 'tekkal_app'), '127.0.0.1'],
];
