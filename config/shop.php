<?php

return [
    // What a shop is called and by which clock it works until its lead has said so.
    'name' => env('SHOP_NAME', 'Fenmoor Engine Works'),
    // "In calibration on that day" means this zone's date.
    'time_zone' => env('SHOP_TIME_ZONE', 'Europe/London'),
    // Decided when the instance is made; simulated tools exist only in a demo.
    'demo' => (bool) env('TEKKAL_DEMO', false),
    // For instances that tests make and throw away: the demo's people, tools and main caps, and two engines.
    'demo_small' => (bool) env('TEKKAL_DEMO_SMALL', false),
    // Of the sources that run, once caches are written: what is kept beside the record and made by code is known by it.
    'code' => (string) env('TEKKAL_CODE', ''),
    'instance' => env('TEKKAL_INSTANCE', 'shop'),
    // Where the nightly backup goes: a folder that the services' user can write to. Empty: none is made.
    'backup_folder' => (string) env('BACKUP_FOLDER', ''),
    // Of an instance made for bin/tekkal bench: a bare insert to compare recording with, and how many results to generate.
    'bench' => (bool) env('TEKKAL_BENCH', false),
    'generated_results' => (int) env('TEKKAL_GENERATED_RESULTS', 0),
    // Fixes the clock of server and seeder for tests: an ISO 8601 instant, at which it stands, or from which it runs on
    // since a second of the real one.
    'now' => env('TEKKAL_NOW'),
    'now_since' => env('TEKKAL_NOW_SINCE'),
];
