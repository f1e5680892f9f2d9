<?php

declare(strict_types=1);

require __DIR__.'/../vendor/autoload.php';

// A test run empties its database; it must never be handed another one.
$database = $_ENV['DB_DATABASE'] ?? getenv('DB_DATABASE');
if (! is_string($database) || ! str_ends_with($database, '_test')) {
    fwrite(STDERR, sprintf("Tests refuse the database \"%s\": its name does not end in _test.\n", (string) $database));
    exit(1);
}
