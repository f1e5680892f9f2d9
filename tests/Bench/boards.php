<?php

declare(strict_types=1);

// A page of engines at work beside a bare query of the same rows, and audit sheets of 500 and of 5,000 results. Prints JSON.

use Tests\Faults\Http;

require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/median.php';
require __DIR__.'/beside.php';

$http = new Http($argv[1], 120_000);
$http->get('session');
$http->must('session', ['name' => 'lead', 'password' => 'fenmoor']);

$sheets = [];
foreach (['BA50-90-0000', 'BA500-90-0000'] as $serial) {
    $path = 'audit/'.$http->must("audit?serial=$serial")['builds'][0]['id'];
    $sheet = $http->must($path);
    $results = count(array_filter(array_merge(...array_column($sheet['joints'], 'lines')), fn (array $line): bool => $line['attempts'] !== []));
    $sheets[] = ['results' => $results, 'ms' => medianMs(fn () => $http->must($path))];
}
echo json_encode(['open' => (int) $argv[2], 'board' => besideBare($http, 'builds?state=open', 'stand-ins/bare-query/board'), 'today' => besideBare($http, 'today', 'stand-ins/bare-query/today'), 'sheets' => $sheets], JSON_THROW_ON_ERROR), "\n";
