<?php

declare(strict_types=1);

// One client of tests/Bench/record.php. Reads "record N" or "bare N" on its input; answers with the times of N requests
// in milliseconds, as a JSON list. Runs are begun between the rounds, untimed.

use Tests\Faults\BenchClient;

require __DIR__.'/../../vendor/autoload.php';

[, $base, $number] = $argv;
$client = (new BenchClient($base, (int) $number, (string) (1041 + (int) $number % 4)))->signIn()->newRun();
echo "ready\n";
while (($line = fgets(STDIN)) !== false) {
    [$kind, $count] = explode(' ', trim($line));
    $times = [];
    while (count($times) < (int) $count) {
        if ($client->walk === []) {
            $client->newRun();
        }
        $began = hrtime(true);
        if ($kind === 'record') {
            $client->observe();
            $client->flush() || throw new RuntimeException('A reading was not taken.');
        } else {
            $client->bench->must('stand-ins/bare-insert', $client->batch([$client->reading() + ['device_seq' => 1]]));
        }
        $times[] = (hrtime(true) - $began) / 1e6;
    }
    echo json_encode($times), "\n";
}
