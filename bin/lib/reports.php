<?php

declare(strict_types=1);

// What JUnit reports in FOLDER tell: the tests that took longest, and once more at the end whatever failed. reports.php FOLDER

const SLOWEST = 20;

/** Of a failure so many characters are said once more; the whole stands where it failed. */
const SAID = 1_800;

$tests = [];
$failed = [];
foreach (glob($argv[1].'/*.xml') ?: [] as $file) {
    $report = simplexml_load_file($file);
    foreach ($report === false ? [] : ($report->xpath('//testcase') ?: []) as $test) {
        $class = (string) ($test['class'] ?? $test['classname']);
        $name = trim(basename(str_replace('\\', '/', $class)).': '.strtr((string) $test['name'], '_', ' '));
        $tests[] = [(float) $test['time'], basename($file, '.xml'), $name];
        foreach ($test->xpath('failure|error') ?: [] as $wrong) {
            $failed[] = sprintf("%s, %s\n%s", basename($file, '.xml'), $name, said(trim((string) $wrong) ?: (string) $wrong['message'], $test));
        }
    }
}
rsort($tests);
echo "\n", SLOWEST, ' slowest of ', number_format(count($tests)), " tests, s\n";
foreach (array_slice($tests, 0, SLOWEST) as [$seconds, $part, $name]) {
    printf("%6.1f  %-8s %s\n", $seconds, $part, mb_strimwidth($name, 0, 110, '…'));
}
foreach ($failed as $one) {
    echo "\nFailed: ", $one, "\n";
}

/** The failure in its first words, and what the test itself printed. */
function said(string $failure, SimpleXMLElement $test): string
{
    $printed = trim(implode("\n", array_map(strval(...), $test->xpath('system-out') ?: [])));

    return implode("\n", array_filter([mb_strimwidth($failure, 0, SAID, '…'), mb_strimwidth($printed, 0, SAID, '…')]));
}
