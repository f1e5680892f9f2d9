<?php

declare(strict_types=1);

// Recording one reading, beside what the way to it costs in the same run: a bare insert by the same way in, a page that
// is always the same, and an insert committed straight to the database. Interleaved, 5 rounds with 1 client and with 8;
// the medians of all, and of the rounds' throughputs. Prints JSON.

use Tests\Bench\Clients;

require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/median.php';

const ROUNDS = 5;
const EACH = 16;
const KINDS = ['record', 'bare', 'constant', 'insert'];
// Between two kinds, so that the limit on requests a second is not what is measured.
const PAUSE_US = 400_000;

$figures = [];
foreach ([1, 8] as $count) {
    $clients = new Clients($argv[1], $count);
    $times = $rates = array_fill_keys(KINDS, []);
    for ($round = 0; $round <= ROUNDS; $round++) {
        foreach (KINDS as $kind) {
            $clients->ask('prepare '.EACH);
            usleep(PAUSE_US);
            $began = hrtime(true);
            $answers = $clients->ask($kind.' '.EACH);
            $seconds = (hrtime(true) - $began) / 1e9;
            // The first round warms up.
            if ($round > 0) {
                array_push($times[$kind], ...array_merge(...array_map(fn (string $line): array => json_decode($line, true, flags: JSON_THROW_ON_ERROR), $answers)));
                $rates[$kind][] = $count * EACH / $seconds;
            }
        }
    }
    $clients->end();
    $figures[] = ['clients' => $count, 'per_second' => median($rates['record'])] + array_combine(array_map(fn (string $kind): string => $kind.'_ms', KINDS), array_map(median(...), array_values($times)));
}
echo json_encode($figures), "\n";
