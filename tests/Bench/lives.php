<?php

declare(strict_types=1);

// Leads so many random lives of every procedure that ships, with faults of every kind, through the door `core run`, and holds
// them to the sentences of LifeRules. php tests/Bench/lives.php [COUNT [FIRST SEED]]; what breaks one is told with its seed.

use Symfony\Component\Console\Tester\CommandTester;
use Tekkal\Core\Run\RunReport;
use Tekkal\Core\Tests\Fixtures\LifeRules;
use Tekkal\Core\Tests\Fixtures\Procedures;
use Tekkal\Core\Tests\Fixtures\WildBench;
use Tekkal\Doors\RunDoor;

require __DIR__.'/../../vendor/autoload.php';

[$count, $first] = [(int) ($argv[1] ?? 3000), (int) ($argv[2] ?? 100_000)];
$procedures = Procedures::all();
$folder = sys_get_temp_dir().'/tekkal-lives-'.getmypid();
mkdir($folder);
$door = new CommandTester(new RunDoor);
[$broken, $events, $finished, $began] = [0, 0, 0, microtime(true)];
for ($seed = $first; $seed < $first + $count; $seed++) {
    $name = array_keys($procedures)[$seed % count($procedures)];
    $bench = WildBench::after($procedures[$name], $seed);
    $said = LifeRules::broken($bench);
    file_put_contents("$folder/document.json", json_encode($procedures[$name], JSON_THROW_ON_ERROR));
    file_put_contents("$folder/events.jsonl", implode("\n", array_map(fn (array $line): string => json_encode($line, JSON_THROW_ON_ERROR), $bench->lines)));
    $door->execute(['file' => "$folder/document.json", 'events' => "$folder/events.jsonl"]);
    $told = array_diff_key((array) json_decode($door->getDisplay(), true), ['events' => 0]);
    if ($told !== json_decode((string) json_encode((new RunReport($bench->fold))->toArray()), true)) {
        $said[] = 'The door tells the same of the same events: it does not.';
    }
    foreach ($said as $sentence) {
        echo "$name, seed $seed: $sentence\n";
    }
    [$broken, $events, $finished] = [$broken + count($said), $events + count($bench->lines), $finished + ($bench->state()->finished ? 1 : 0)];
}
array_map(unlink(...), glob("$folder/*") ?: []);
rmdir($folder);
printf("%s lives of %d procedures from seed %d: %s events, %s runs finished, %d sentences broken, %.0f s.\n", number_format($count), count($procedures), $first, number_format($events), number_format($finished), $broken, microtime(true) - $began);
exit($broken === 0 ? 0 : 1);
