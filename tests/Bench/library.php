<?php

declare(strict_types=1);

// 2,000 procedures imported, then list, search and comparison against bare queries of the same rows on a route with the
// same middleware: interleaved, 5 rounds, the median of the rounds' ratios. Prints JSON.

use Tests\Faults\Http;

require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/median.php';
require __DIR__.'/beside.php';

const PROCEDURES = 2000;
const JOINTS = 100;
$http = new Http($argv[1], 120_000);
$http->get('session');
$http->must('session', ['name' => 'lead', 'password' => 'fenmoor']);

// The demo's own procedures, again and again, for joints of twenty families that nobody has.
$demo = $http->must('library/export')['procedures'];
$library = ['format' => 'tekkal.library/1', 'families' => [], 'procedures' => []];
for ($i = 0; $i < PROCEDURES; $i++) {
    $family = sprintf('Bench BX%02d', intdiv($i, JOINTS));
    if ($i % JOINTS === 0) {
        $library['families'][] = ['code' => sprintf('BX%02d', intdiv($i, JOINTS)), 'name' => $family, 'joints' => array_map(fn (int $j): string => sprintf('Joint %03d', $j), range(0, JOINTS - 1))];
    }
    $library['procedures'][] = ['family' => $family, 'joint' => sprintf('Joint %03d', $i % JOINTS)] + $demo[$i % count($demo)];
}
$file = tempnam(sys_get_temp_dir(), 'library').'.json';
file_put_contents($file, json_encode($library, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
$began = hrtime(true);
$import = $http->upload('library/imports', $file);
$looked = (hrtime(true) - $began) / 1e9;
$http->must("library/imports/$import[id]/write", []);
do {
    usleep(100_000);
    $state = $http->must("library/imports/$import[id]");
} while ($state['state'] === 'queued');
$state['state'] === 'done' || throw new RuntimeException('The import failed: '.$state['why']);
$seconds = (hrtime(true) - $began) / 1e9;
$megabytes = filesize($file) / 1e6;
unlink($file);

$mains = $http->must('library?find=mains')['procedures'][0];
[$old, $new] = array_column($http->must('library/procedures/'.$mains['id'])['revisions'], 'id');
$pairs = [
    'list' => ['library?page=2', 'stand-ins/bare-query/list'],
    'words' => ['library?find=M10', 'stand-ins/bare-query/words?find=m10'],
    'value' => ['library?find='.rawurlencode('32 N·m'), 'stand-ins/bare-query/value'],
    'compare' => ["library/compare?old=$old&new=$new", "stand-ins/bare-query/documents?old=$old&new=$new"],
];
$figures = ['procedures' => PROCEDURES, 'megabytes' => $megabytes, 'look_s' => $looked, 'import_s' => $seconds];
foreach ($pairs as $name => $paths) {
    $figures[$name] = besideBare($http, ...$paths);
}
echo json_encode($figures, JSON_THROW_ON_ERROR), "\n";
