<?php

declare(strict_types=1);

// The 20 tests that took longest, of all that wrote a JUnit report into FOLDER. slowest.php FOLDER

const MOST = 20;

$tests = [];
foreach (glob($argv[1].'/*.xml') ?: [] as $file) {
    $report = simplexml_load_file($file);
    foreach ($report === false ? [] : ($report->xpath('//testcase') ?: []) as $test) {
        $class = (string) ($test['class'] ?? $test['classname']);
        $tests[] = [(float) $test['time'], basename($file, '.xml'), trim(basename(str_replace('\\', '/', $class)).': '.strtr((string) $test['name'], '_', ' '))];
    }
}
rsort($tests);
echo "\n", MOST, ' slowest of ', number_format(count($tests)), " tests, s\n";
foreach (array_slice($tests, 0, MOST) as [$seconds, $part, $name]) {
    printf("%6.1f  %-8s %s\n", $seconds, $part, mb_strimwidth($name, 0, 110, '…'));
}
