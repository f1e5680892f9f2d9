<?php

declare(strict_types=1);

// One bench that records without pause until the file STOP appears, and then sends what it still has.
// client.php BASE NUMBER PAUSE_MS FOLDER  → FOLDER/client-NUMBER.json

use Tests\Faults\BenchClient;
use Tests\Faults\Patience;

require __DIR__.'/../../vendor/autoload.php';

[, $base, $number, $pauseMs, $folder] = $argv;
$client = (new BenchClient($base, (int) $number, (string) (1041 + (int) $number % 4)))->signIn();
touch("$folder/ready-$number");
while (! is_file("$folder/STOP")) {
    if ($client->walk === []) {
        while (! $client->flush()) {
            usleep(50_000);
        }
        $client->newRun();
    }
    $client->observe();
    $client->flush();
    usleep((int) $pauseMs * 1000);
}
Patience::until($client->flush(...));
file_put_contents("$folder/client-$number.json", json_encode(['acknowledged' => $client->acknowledged, 'tried' => $client->tried, 'waiting' => count($client->waiting)]));
