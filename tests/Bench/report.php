<?php

declare(strict_types=1);

// Writes the figures in FOLDER between the marks in docs/performance.md, beside the machine's own. report.php FOLDER FILE

[, $folder, $file] = $argv;

/** @return array<mixed>|null */
function figures(string $folder, string $name): ?array
{
    return is_file("$folder/$name.json") ? json_decode((string) file_get_contents("$folder/$name.json"), true, flags: JSON_THROW_ON_ERROR) : null;
}

function verdict(bool $met): string
{
    return $met ? 'met' : 'missed';
}

$rows = [];
foreach (figures($folder, 'record') ?? [] as $f) {
    $beside = sprintf('beside a bare insert by the same way in %.1f ms, a constant page %.1f ms, an insert committed in the database %.2f ms', $f['bare_ms'], $f['constant_ms'], $f['insert_ms']);
    $rows[] = $f['clients'] === 1
        ? ['recording a reading, 1 client', sprintf('%.1f ms; %s', $f['record_ms'], $beside), '≤ 10 ms', verdict($f['record_ms'] <= 10)]
        : [sprintf('recording readings, %d clients at once', $f['clients']), sprintf('%.0f a second (%.1f ms each); %s', $f['per_second'], $f['record_ms'], $beside), '≥ 200 a second', verdict($f['per_second'] >= 200)];
}
$core = figures($folder, 'core');
if ($core !== null) {
    [$one, $ten] = $core;
    $uncollected = figures($folder, 'core-uncollected') ?? $core;
    foreach (['expand' => 'expanding a plan', 'replay' => 'applying what was decided in a run'] as $key => $what) {
        // What is looked for is the growth of the work itself; the collector passes over whatever a process holds.
        [$growth, $alone] = array_map(fn (array $c): float => $c[1][$key.'_ms'] / $c[0][$key.'_ms'] / ($c[1]['steps'] / $c[0]['steps']), [$core, $uncollected]);
        $rows[] = [sprintf('%s, %s steps and %s events', $what, number_format($one['steps']), number_format($one['events'])), sprintf('%.2f ms', $one[$key.'_ms']), '≤ 10 ms', verdict($one[$key.'_ms'] <= 10)];
        $rows[] = [sprintf('%s, ten times that: growth ÷ 10', $what), sprintf('%.2f (%.1f ms), %.2f with PHP\'s cycle collector (%.1f ms)', $alone, $uncollected[1][$key.'_ms'], $growth, $ten[$key.'_ms']), 'linear, about 1', verdict($alone <= 1.5)];
    }
    $rows[] = [sprintf('decoding %s of its entries with their outcomes, %d bytes each', number_format($one['events']), $one['bytes']), sprintf('%.0f ms', $one['decode_ms']), '–', '–'];
    $rows[] = [sprintf('deciding the %s anew', number_format($one['events'])), sprintf('%.0f ms; ten times that %.0f ms', $one['decide_ms'], $ten['decide_ms']), '–', '–'];
}
foreach (figures($folder, 'arithmetic') ?? [] as $name => [$one, $ten]) {
    $what = ['plausibility' => 'plausibility of %s stages', 'curve' => 'a simulated curve of %s points', 'look_back' => 'a look-back over %s results'][$name];
    $growth = $ten['ms'] / $one['ms'] / 10;
    $rows[] = [sprintf($what, number_format($one['size'])), sprintf('%.1f ms', $one['ms']), '–', '–'];
    $rows[] = [sprintf($what, number_format($ten['size'])).': growth ÷ 10', sprintf('%.2f (%.0f ms)', $growth, $ten['ms']), 'linear, about 1', verdict($growth <= 1.5)];
}
$enter = figures($folder, 'enter');
if ($enter !== null) {
    $rows[] = [sprintf('from Enter to the next step painted ÷ an empty key press, 95th percentile of %d', $enter['presses']), sprintf('%.2f (%.0f ms ÷ %.0f ms)', $enter['ratio'], $enter['enter_p95_ms'], $enter['empty_p95_ms']), '≤ 2.5, ≤ 50 ms', verdict($enter['ratio'] <= 2.5 && $enter['enter_p95_ms'] <= 50)];
}
$open = figures($folder, 'open');
if ($open !== null) {
    $rows[] = ['a run of 42 positions and five rounds (34 and four are asked for) opened, processor four times slower', sprintf('%.0f ms (%.0f ms at full speed)', $open['opened_slow_ms'], $open['opened_ms']), '< 1,000 ms', verdict($open['opened_slow_ms'] < 1000)];
    $rows[] = [sprintf('a decision beside the page, 95th percentile of %d, times four since a worker cannot be slowed', $open['decisions']), sprintf('%.0f ms (4 × %.1f ms); with the screen that follows %.0f ms', 4 * $open['decide_p95_ms'], $open['decide_p95_ms'], 4 * $open['take_p95_ms']), '≤ 20 ms', verdict(4 * $open['decide_p95_ms'] <= 20)];
}
$crib = figures($folder, 'crib');
if ($crib !== null) {
    $of = sprintf('a tool of %s results among %s fails its calibration', number_format($crib['of_tool']), number_format($crib['results']));
    $rows[] = ["$of: saved, and the first rows of its case there", sprintf('%.0f ms, %.0f ms', $crib['saved_ms'], $crib['first_ms']), '≤ 1,000 ms', verdict($crib['first_ms'] > 0 && $crib['first_ms'] <= 1000)];
    $rows[] = ['all of them judged again in the queue; what its worker holds at most', sprintf('%s %.1f s, %.0f MiB', $crib['finished'] ? 'in' : 'not ended after', $crib['judged_ms'] / 1000, $crib['held_mib']), '≤ 10 s, ≤ 128 MB', verdict($crib['finished'] && $crib['judged_ms'] <= 10_000 && $crib['held_mib'] <= 122)];
    $rows[] = ['the list of cases, and that case with its engines', sprintf('%.0f ms, %.0f ms', $crib['list_ms'], $crib['case_ms']), '–', '–'];
}
$script = figures($folder, 'script');
if ($script !== null) {
    $rows[] = ['script for the first load, gzip', sprintf('%.0f kB', $script['first_kb']), '≤ 200 kB', verdict($script['first_kb'] <= 200)];
    $rows[] = ['script of the bench beside the core, gzip', sprintf('%.0f kB', $script['first_kb'] + $script['places_kb']['bench']), '≤ 180 kB', verdict($script['first_kb'] + $script['places_kb']['bench'] <= 180)];
    $rows[] = ['script that a further place adds, gzip', sprintf('%.0f–%.0f kB', min($script['places_kb']), max($script['places_kb'])), 'split by route', '–'];
}
$load = figures($folder, 'load');
if ($load !== null) {
    $rows[] = [sprintf('%d benches, a reading each 5 s and a poll each 2 s, ÷ one bench alone, 95th percentile', $load['benches']), sprintf('%.2f (%.0f ms ÷ %.0f ms, %d readings)', $load['ratio'], $load['p95_ms'], $load['idle_p95_ms'], $load['readings']), '≤ 3', verdict($load['ratio'] <= 3)];
}
$boards = figures($folder, 'boards');
if ($boards !== null) {
    $f = $boards['board'];
    $rows[] = [sprintf('the page of engines, %d at work, ÷ a bare query of the same rows', $boards['open']), sprintf('%.2f (%.1f ms ÷ %.1f ms)', $f['ratio'], $f['ms'], $f['bare_ms']), '≤ 2', verdict($f['ratio'] <= 2)];
    $t = $boards['today'];
    $rows[] = [sprintf('Today of a lead, %d engines at work, ÷ a bare query of the rows it is made of', $boards['open']), sprintf('%.2f (%.1f ms ÷ %.1f ms)', $t['ratio'], $t['ms'], $t['bare_ms']), '≤ 2', verdict($t['ratio'] <= 2)];
    [$one, $ten] = $boards['sheets'];
    $growth = $ten['ms'] / $one['ms'] / ($ten['results'] / $one['results']);
    $rows[] = [sprintf('an audit sheet of %s results, and of %s: growth per result', number_format($one['results']), number_format($ten['results'])), sprintf('%.2f (%.0f ms, %.0f ms)', $growth, $one['ms'], $ten['ms']), '≤ 1.3', verdict($growth <= 1.3)];
}
$library = figures($folder, 'library');
if ($library !== null) {
    $rows[] = [sprintf('%s procedures imported (%.1f MB), of which looking at them', number_format($library['procedures']), $library['megabytes']), sprintf('%.1f s, %.1f s', $library['import_s'], $library['look_s']), '≤ 60 s', verdict($library['import_s'] <= 60)];
    foreach (['list' => 'a page of the library', 'words' => 'search by a word', 'value' => 'search by a value', 'compare' => 'two revisions compared'] as $key => $what) {
        $f = $library[$key];
        $rows[] = ["$what ÷ a bare query of the same rows", sprintf('%.2f (%.1f ms ÷ %.1f ms)', $f['ratio'], $f['ms'], $f['bare_ms']), '≤ 2', verdict($f['ratio'] <= 2)];
    }
}
$seed = figures($folder, 'seed');
if ($seed !== null) {
    $rows[] = ['demo plus 9,000 generated results into an empty database', sprintf('%.1f s', $seed['seconds']), '≤ 15 s', verdict($seed['seconds'] <= 15)];
}

preg_match('/model name\s*:\s*(.+)/', (string) file_get_contents('/proc/cpuinfo'), $cpu);
preg_match('/MemTotal:\s+(\d+)/', (string) file_get_contents('/proc/meminfo'), $memory);
preg_match('/^cpu\s+(.+)$/m', (string) file_get_contents('/proc/stat'), $ticks);
$ticks = array_map(intval(...), preg_split('/\s+/', trim($ticks[1])) ?: []);
$machine = sprintf(
    '%s, machine: %d cores (%s), %.0f GiB, PHP %s, MariaDB %s. The host took %.0f %% of the processors away since the machine started: seconds are worth little by themselves, ratios of one run more.',
    gmdate('j F Y'), (int) shell_exec('nproc'), trim(preg_replace('/\([^)]*\)|CPU|Processor|@.*/', '', $cpu[1] ?? 'unknown') ?? ''), ((int) ($memory[1] ?? 0)) / 1024 / 1024, PHP_VERSION,
    trim((string) shell_exec("mariadbd --version | sed 's/.*Ver \\([0-9.]*\\).*/\\1/'")), 100 * ($ticks[7] ?? 0) / max(1, array_sum(array_slice($ticks, 0, 3)) + ($ticks[7] ?? 0)),
);
$table = $machine."\n\n| what | figure | aim | |\n|---|---|---|---|\n".implode('', array_map(fn (array $row): string => '| '.implode(' | ', $row)." |\n", $rows));
$text = (string) file_get_contents($file);
$text = preg_replace('/(<!-- bench -->\n).*(<!-- end of bench -->)/s', '${1}'.str_replace(['\\', '$'], ['\\\\', '\\$'], $table).'$2', $text, 1, $count);
$count === 1 || throw new RuntimeException("$file has no place for the figures.");
file_put_contents($file, $text);
echo $table;
