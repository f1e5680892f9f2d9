<?php

declare(strict_types=1);

require __DIR__.'/../vendor/autoload.php';

// Feature tests run in two processes at once, each with a database and a folder of its own.
$token = getenv('TEST_TOKEN');
if (is_string($token) && $token !== '') {
    $folder = getenv('TEKKAL_VAR')."/worker$token";
    foreach (['cache', 'log', 'storage/app', 'storage/logs', 'storage/framework/cache/data', 'storage/framework/sessions', 'storage/framework/views'] as $part) {
        is_dir("$folder/$part") || mkdir("$folder/$part", 0700, true);
    }
    foreach (['TEKKAL_VAR' => $folder, 'DB_DATABASE' => "tekkal_{$token}_test", 'DB_USERNAME' => "tekkal_{$token}_test_app"] as $name => $value) {
        putenv("$name=$value");
        $_ENV[$name] = $_SERVER[$name] = $value;
    }
}

// A test run empties its database; it must never be handed another one.
$database = $_ENV['DB_DATABASE'] ?? getenv('DB_DATABASE');
if (! is_string($database) || ! str_ends_with($database, '_test')) {
    fwrite(STDERR, sprintf("Tests refuse the database \"%s\": its name does not end in _test.\n", (string) $database));
    exit(1);
}
