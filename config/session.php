<?php

return [
    'driver' => env('SESSION_DRIVER', 'whole_file'),
    // The hard limit; the idle limits of desk and bench are kept by KeepSessionLimits.
    'lifetime' => 12 * 60,
    'expire_on_close' => false,
    'encrypt' => false,
    'files' => storage_path('framework/sessions'),
    'lottery' => [1, 500],
    'cookie' => 'tekkal_'.env('TEKKAL_INSTANCE', 'shop'),
    'path' => '/',
    'domain' => null,
    'secure' => null,
    'http_only' => true,
    'same_site' => 'strict',
    'partitioned' => false,
];
