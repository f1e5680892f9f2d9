<?php

declare(strict_types=1);

// Recording one reading against a bare insert on a route with the same middleware, session and device: interleaved,
// 5 rounds with 1 client and with 8, the median of the rounds' ratios. Prints JSON.

const ROUNDS = 5;
const EACH = 32;

/** @param  list<float>  $values */
function median(array $values): float
{
    sort($values);
    $n = count($values);

    return $n % 2 === 1 ? $values[intdiv($n, 2)] : ($values[$n / 2 - 1] + $values[$n / 2]) / 2;
}

/**
 * @param  list<array{resource, resource}>  $workers
 * @return list<float>
 */
function oneRound(array $workers, string $kind): array
{
    foreach ($workers as [$in]) {
        fwrite($in, $kind.' '.EACH."\n");
    }

    return array_merge(...array_map(fn (array $w): array => json_decode((string) fgets($w[1]), true, flags: JSON_THROW_ON_ERROR), $workers));
}

$base = $argv[1];
$number = 0;
$figures = [];
foreach ([1, 8] as $clients) {
    $workers = $processes = [];
    for ($i = 0; $i < $clients; $i++) {
        $processes[] = proc_open(['php', __DIR__.'/worker.php', $base, (string) $number++], [0 => ['pipe', 'r'], 1 => ['pipe', 'w'], 2 => STDERR], $pipes);
        $workers[] = [$pipes[0], $pipes[1]];
    }
    foreach ($workers as [, $out]) {
        fgets($out) === "ready\n" || exit(1);
    }
    oneRound($workers, 'record');
    oneRound($workers, 'bare');
    $ratios = $record = $bare = [];
    for ($r = 0; $r < ROUNDS; $r++) {
        $record[] = median(oneRound($workers, 'record'));
        $bare[] = median(oneRound($workers, 'bare'));
        $ratios[] = end($record) / end($bare);
    }
    $figures[] = ['clients' => $clients, 'ratio' => median($ratios), 'record_ms' => median($record), 'bare_ms' => median($bare)];
    foreach ($workers as [$in]) {
        fclose($in);
    }
    array_map(proc_close(...), array_filter($processes, is_resource(...)));
}
echo json_encode($figures), "\n";
