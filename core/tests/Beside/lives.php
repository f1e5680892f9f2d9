<?php

declare(strict_types=1);

// Prints lives for whoever runs the core elsewhere: every run of the corpus, and so many by seed, each as a line of JSON with
// its plan, its events, and what they come to here: the SHA-256 of all outcomes' bytes, and of the state's. php lives.php COUNT

use Tekkal\Core\Call\Beside;
use Tekkal\Core\Tests\Decisions\Decided;
use Tekkal\Core\Tests\Fixtures\WildBench;

require __DIR__.'/../../../vendor/autoload.php';

const EVENTS = 24;

/** @param  list<string>  $events */
function life(string $name, string $plan, array $events): void
{
    $beside = Beside::begin($plan);
    $outcomes = hash_init('sha256');
    foreach ($events as $event) {
        hash_update($outcomes, $beside->decide($event));
    }
    echo json_encode(['name' => $name, 'plan' => $plan, 'events' => $events, 'outcomes' => hash_final($outcomes), 'state' => hash('sha256', $beside->state())], JSON_THROW_ON_ERROR), "\n";
}

foreach (Decided::all() as [$name]) {
    $decided = Decided::read($name);
    life($name, $decided->plan->bytes(), array_map(fn (array $line): string => json_encode($line['event'], JSON_THROW_ON_ERROR), $decided->lines));
}
$examples = array_map(fn (string $file): string => basename($file, '.json'), glob(__DIR__.'/../../../docs/formats/examples/*.json') ?: []);
for ($seed = 1000; $seed < 1000 + (int) ($argv[1] ?? 0); $seed++) {
    $bench = WildBench::after($examples[$seed % count($examples)], $seed);
    $events = array_map(fn (array $line): string => json_encode($line, JSON_THROW_ON_ERROR), array_slice($bench->lines, 0, EVENTS));
    life("seed $seed", $bench->fold->plan->bytes(), $events);
}
