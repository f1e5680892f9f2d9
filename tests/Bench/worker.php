<?php

declare(strict_types=1);

// One client of tests/Bench/record.php. Reads a line on its input and answers with one:
//   prepare N   begins a run where fewer than N steps are left of the last; answers "ready"
//   KIND N      does N of them, one after the other: a reading recorded, a bare insert by the same way in, a constant
//               page, an insert committed straight to the database; answers with their times in milliseconds as JSON

use Tests\Faults\BenchClient;
use Tests\Faults\Http;

require __DIR__.'/../../vendor/autoload.php';

[, $base, $number] = $argv;
$client = (new BenchClient($base, (int) $number, (string) (1041 + (int) $number % 4)))->signIn()->newRun();
$site = new Http($base);
$database = new PDO((string) getenv('BENCH_DSN'), (string) getenv('BENCH_USER'), (string) getenv('BENCH_PASSWORD'));
$insert = $database->prepare('INSERT INTO bare_inserts (body) VALUES (?)');
$kinds = [
    'record' => function () use ($client): void {
        $client->observe();
        $client->flush() || throw new RuntimeException('A reading was not taken.');
    },
    'bare' => fn () => $client->bench->must('stand-ins/bare-insert', $client->batch([$client->reading() + ['device_seq' => 1]])),
    'constant' => fn () => $site->page('/up') === 'ok' || throw new RuntimeException('It does not answer.'),
    'insert' => fn () => $insert->execute([json_encode($client->reading())]),
];
echo "ready\n";
while (($line = fgets(STDIN)) !== false) {
    [$kind, $count] = explode(' ', trim($line));
    if ($kind === 'prepare') {
        if (count($client->walk) < (int) $count) {
            $client->newRun();
        }
        echo "ready\n";

        continue;
    }
    $times = [];
    while (count($times) < (int) $count) {
        $began = hrtime(true);
        $kinds[$kind]();
        $times[] = (hrtime(true) - $began) / 1e6;
    }
    echo json_encode($times), "\n";
}
