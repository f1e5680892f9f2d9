<?php

declare(strict_types=1);

use Tekkal\Core\Fault\FaultTable;
use Tekkal\Core\Plan\Expander;
use Tekkal\Core\SelfCheck\ReferenceReport;

// Computes the published check values again on this machine and prints a validation sheet. Exit status 1 when one is missed.

require __DIR__.'/../../vendor/autoload.php';

/** @var array<string, list<float>> $data */
$data = require __DIR__.'/../reference/data.php';
$report = ReferenceReport::of((string) file_get_contents(__DIR__.'/../reference/values.json'), $data);
$counts = ['met' => 0, 'missed' => 0, 'not computed' => 0];
printf("Validation sheet. PHP %s, %d-bit, expander %s, fault table %s.\n\n", PHP_VERSION, PHP_INT_SIZE * 8, Expander::VERSION, FaultTable::VERSION);
foreach ($report as $line) {
    $result = match ($line['passed']) {
        true => 'met',
        false => 'missed',
        null => 'not computed',
    };
    $counts[$result]++;
    printf("%-13s %-28s %s\n%14s%s; %s\n", $result, $line['id'], $line['quantity'], '', $line['source'], $line['confidence']);
    if ($line['passed'] === false) {
        printf("%14sexpected %s, got %s\n", '', json_encode($line['expected']), json_encode($line['got'], JSON_PARTIAL_OUTPUT_ON_ERROR));
    }
}
printf("\n%d values met, %d missed, %d stand as texts or data and are not computed.\n", $counts['met'], $counts['missed'], $counts['not computed']);
exit($counts['missed'] === 0 ? 0 : 1);
