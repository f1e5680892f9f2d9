<?php

declare(strict_types=1);

// A tool of 20,000 results among millions fails its calibration: until the first rows of its case are there, until it is judged, and what the queue's worker holds. Prints JSON.

use Tests\Faults\Http;

require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/median.php';

$http = new Http($argv[1], 120_000);
$http->get('session');
$http->must('session', ['name' => 'crib', 'password' => 'fenmoor']);

$points = array_map(fn (string $at): array => ['nominal' => $at, 'readings' => array_fill(0, 5, sprintf('%.2f', (float) $at / 1.06))], ['5', '15', '25']);
$before = count((array) $http->must('cases')['cases']);
$began = hrtime(true);
$http->must('tools/TW-13/calibrations', [
    'calibrated_on' => date('Y-m-d'), 'certificate' => 'B-1', 'standard' => array_values(array_filter((array) $http->must('reference-standards')['standards'], fn (array $s): bool => $s['code'] === 'RS-1'))[0]['id'],
    'laboratory' => ['kind' => 'own', 'name' => 'crib'], 'sheet' => ['direction' => 'clockwise', 'as_found' => $points, 'adjustment' => 'none', 'as_left' => [], 'preloads' => 3],
]);
$ms = fn (): float => (hrtime(true) - $began) / 1e6;
$saved = $ms();
$first = null;
do {
    usleep(50_000);
    $case = (array) $http->must('cases')['cases'][0];
    $first ??= $case['counts']['results'] > 0 ? $ms() : null;
} while ($case['state'] === 'judging' && $ms() < 120_000);
$done = $ms();
preg_match('/VmHWM:\s+(\d+)/', (string) file_get_contents('/proc/'.(int) $argv[3].'/status'), $held);
echo json_encode([
    'results' => (int) $argv[2], 'of_tool' => $case['counts']['results'], 'opened' => count((array) $http->must('cases')['cases']) - $before, 'saved_ms' => round($saved), 'first_ms' => round($first ?? 0), 'judged_ms' => round($done), 'finished' => $case['state'] !== 'judging',
    'held_mib' => round((int) ($held[1] ?? 0) / 1024), 'list_ms' => medianMs(fn () => $http->must('cases')), 'case_ms' => medianMs(fn () => $http->must("cases/{$case['number']}")),
], JSON_THROW_ON_ERROR), "\n";
