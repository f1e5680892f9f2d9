<?php

declare(strict_types=1);

// Prints lives for whoever runs the core elsewhere, each as a line of JSON with its plan, its events, and what they come to
// here: the SHA-256 of all answers' bytes, and of the state's. php lives.php COUNT has every run of the corpus, and so many by
// seed; php lives.php walks has every procedure that ships, carried out to its end by answering its calls, with every view;
// php lives.php mishaps the same with whatever may go wrong in each said once on the way.

use Tekkal\Core\Call\Beside;
use Tekkal\Core\Call\Known;
use Tekkal\Core\Run\State;
use Tekkal\Core\Run\StateCodec;
use Tekkal\Core\Tests\Decisions\Decided;
use Tekkal\Core\Tests\Fixtures\Answers;
use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Tests\Fixtures\Clumsy;
use Tekkal\Core\Tests\Fixtures\Procedures;
use Tekkal\Core\Tests\Fixtures\ShopRack;
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

/** @param  array<string, mixed>  $document */
function walk(string $name, array $document, bool $mishaps): void
{
    $bench = new Bench($document);
    $rack = ($mishaps ? ShopRack::plenty() : ShopRack::good())->knowing(new Known(array_fill_keys(array_unique(array_column($bench->fold->plan->positions, 'fastener')), 'ST 9'), ['KIT 4' => 'stud kit']));
    $mishaps ? (new Clumsy($bench, $rack, Clumsy::all()))->toTheEnd() : (new Answers($bench, $rack))->until(fn (): bool => $bench->state()->finished);
    $where = json_encode(['state' => StateCodec::toBody(new State), 'rack' => $rack->toBody()], JSON_THROW_ON_ERROR);
    $beside = Beside::begin($plan = $bench->fold->plan->bytes());
    $beside->stand($where);
    $answers = hash_init('sha256');
    foreach ($events = array_map(fn (array $line): string => json_encode($line, JSON_THROW_ON_ERROR), $bench->lines) as $event) {
        hash_update($answers, $beside->take($event));
    }
    echo json_encode(['name' => $name, 'plan' => $plan, 'where' => $where, 'events' => $events, 'outcomes' => hash_final($answers), 'state' => hash('sha256', $beside->state()), 'finished' => $bench->state()->finished], JSON_THROW_ON_ERROR), "\n";
}

if (in_array($argv[1] ?? '', ['walks', 'mishaps'], true)) {
    foreach (Procedures::all() as $name => $document) {
        walk($name, $document, $argv[1] === 'mishaps');
    }
    exit(0);
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
