<?php

// How long what is not the record is kept; bin/tekkal's settings file may say otherwise.
return [
    'log_megabytes' => (int) env('KEEP_LOG_MEGABYTES', 10),
    'log_days' => (int) env('KEEP_LOG_DAYS', 90),
    'session_hours' => (int) env('KEEP_SESSION_HOURS', 12),
    'import_days' => (int) env('KEEP_IMPORT_DAYS', 30),
];
