<?php

use Illuminate\Notifications\NotificationServiceProvider;
use Illuminate\Pagination\PaginationServiceProvider;
use Illuminate\Support\ServiceProvider;

return [
    'name' => 'Tekkal',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1'),
    'timezone' => 'UTC',
    'locale' => 'en',
    'fallback_locale' => 'en',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
    // Every request registers them: without what nothing here uses.
    'providers' => ServiceProvider::defaultProviders()->except([NotificationServiceProvider::class, PaginationServiceProvider::class])->toArray(),
    'maintenance' => ['driver' => 'file'],
];
