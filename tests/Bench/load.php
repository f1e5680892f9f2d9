<?php

declare(strict_types=1);

// 40 benches, each recording a reading every 5 s and asking every 2 s whether a run has moved on, for a minute; against
// one bench alone. Prints JSON. As load.php BASE NUMBER SECONDS it is one of those benches.

use Tests\Faults\BenchClient;

require __DIR__.'/../../vendor/autoload.php';

const BENCHES = 40;
const SECONDS = 60;

/** @return list<float> the time of each recorded reading in ms */
function work(BenchClient $client, int $seconds): array
{
    $times = [];
    $reads = microtime(true) + mt_rand(0, 5000) / 1000;
    $polls = microtime(true) + mt_rand(0, 2000) / 1000;
    $until = microtime(true) + $seconds;
    while (microtime(true) < $until) {
        if (microtime(true) >= $reads) {
            $reads += 5;
            $client->walk === [] && $client->newRun();
            $client->observe();
            $began = hrtime(true);
            $client->flush() || throw new RuntimeException('A reading was not taken.');
            $times[] = (hrtime(true) - $began) / 1e6;
        }
        if (microtime(true) >= $polls) {
            $polls += 2;
            $client->desk->get("live?run=$client->run&since=9999");
        }
        usleep(5_000);
    }

    return $times;
}

/** @param  list<float>  $times */
function p95(array $times): float
{
    sort($times);

    return $times[(int) ceil(0.95 * count($times)) - 1];
}

if (isset($argv[3])) {
    $client = (new BenchClient($argv[1], (int) $argv[2], (string) (1041 + (int) $argv[2] % 4)))->signIn()->newRun();
    echo "ready\n";
    fgets(STDIN);
    echo json_encode(work($client, (int) $argv[3])), "\n";
    exit;
}

$alone = (new BenchClient($argv[1], 90))->signIn();
$idle = [];
for ($i = 0; $i < 96; $i++) {
    $alone->walk === [] && $alone->newRun();
    $alone->observe();
    $began = hrtime(true);
    $alone->flush();
    $idle[] = (hrtime(true) - $began) / 1e6;
    usleep(50_000);
}
$benches = $processes = [];
for ($i = 0; $i < BENCHES; $i++) {
    $processes[] = proc_open(['php', __FILE__, $argv[1], (string) (40 + $i), (string) SECONDS], [0 => ['pipe', 'r'], 1 => ['pipe', 'w'], 2 => STDERR], $pipes);
    $benches[] = $pipes;
    usleep(200_000);
}
// So many sign-ins from one address take their time: sixty a minute.
foreach ($benches as [, $out]) {
    fgets($out) === "ready\n" || exit(1);
}
foreach ($benches as [$in]) {
    fwrite($in, "go\n");
}
$times = array_merge(...array_map(fn (array $b): array => json_decode((string) fgets($b[1]), true, flags: JSON_THROW_ON_ERROR), $benches));
echo json_encode(['benches' => BENCHES, 'readings' => count($times), 'p95_ms' => p95($times), 'idle_p95_ms' => p95($idle), 'ratio' => p95($times) / p95($idle)]), "\n";
