<?php

declare(strict_types=1);

// Breaks the rules of verdict, window and fault, and the figures, one token at a time in a copy of the core, and counts the
// breaks that the core's tests do not see. php bin/lib/mutants.php [file of core/src …]

const FILES = [
    'Acceptance/Verdict.php', 'Acceptance/Window.php', 'Acceptance/Judgement.php', 'Acceptance/Tolerance.php', 'Acceptance/EvidenceGrade.php',
    'Fault/FaultTable.php', 'Run/OpenFaults.php', 'Run/FaultReach.php', 'Run/Judge.php', 'Run/Guard.php', 'Run/Timing.php', 'Run/FastenerBook.php', 'Run/StepBook.php',
    'Run/Undoing.php', 'Run/Resting.php', 'Run/PulledAside.php', 'Run/Expiry.php', 'Run/Reports.php', 'Run/CheckJudge.php', 'Run/WatchedValues.php', 'Run/Lacking.php', 'Run/AidBook.php', 'Run/TurnBook.php', 'Run/MarkBook.php', 'Run/SettingBook.php',
    'Tool/LookBack.php', 'Tool/CalibrationPoint.php', 'Tool/CalibrationResult.php', 'Acceptance/DecisionRule.php', 'Joint/Tightening.php', 'Joint/Friction.php', 'Joint/Strength.php', 'Joint/Thread.php', 'Statistics/ChartConstants.php',
];

/** Figures are held by the tests of their own folder and by the values of the self-check. */
const FIGURES = ['Tool', 'Joint', 'Statistics'];

/** What each token may be broken into. */
const SWAPS = [
    '===' => '!==', '!==' => '===', '&&' => '||', '||' => '&&', '>' => '>=', '<' => '<=', '>=' => '>', '<=' => '<', 'true' => 'false', 'false' => 'true',
    '+' => '-', '-' => '+', 'isLessThan' => 'isLessThanOrEqualTo', 'isGreaterThan' => 'isGreaterThanOrEqualTo', 'CEILING' => 'FLOOR', 'FLOOR' => 'CEILING',
    "'never'" => "'free'", "'if_check_passes'" => "'free'", "'stage'" => "'beginning'", "'reference'" => "'stage'", "'beginning'" => "'stage'", "'nothing'" => "'stage'",
    "'redo'" => "'position'", "'position'" => "'redo'", "'round'" => "'position'", "'part'" => "'position'", "'no'" => "'yes'", "'yes'" => "'no'",
    "'if_loaded'" => "'no'", "'if_check_fails'" => "'no'", "'lead'" => "'assembler'", "'assembler'" => "'lead'", "'go_on'" => "'repair'", "'tool_out'" => "'go_on'", "'repair'" => "'go_on'",
    '*' => '/', '/' => '*', 'multipliedBy' => 'dividedBy', 'plus' => 'minus', 'minus' => 'plus', '1' => '2', '2' => '3', '0.5' => '0.6', '1.0' => '1.1', '2.0' => '2.1',
    'Low' => 'High', 'High' => 'Low', 'Unknown' => 'MeasuredValue', 'Stopped' => 'Done', 'max' => 'min', 'min' => 'max',
];

/** All but what asks a process of its own, which knows nothing of the copy. */
const OWN_PROCESS = '/^(?!.*test_no_rule_is_asked)/';

/** @return iterable<array{int, string, string}> line, what changes, the broken source */
function mutants(string $source): iterable
{
    $tokens = PhpToken::tokenize($source);
    $inClass = false;
    foreach ($tokens as $i => $token) {
        $inClass = $inClass || $token->text === 'class' || $token->text === 'enum';
        $swap = SWAPS[$token->text] ?? null;
        $name = $token->is(T_STRING) && in_array($tokens[$i - 1]->text ?? '', ['function', 'case'], true);
        if (! $inClass || $swap === null || $token->is([T_COMMENT, T_DOC_COMMENT]) || $name || ($tokens[$i - 2]->text ?? '') === 'function' || ($tokens[$i - 2]->text ?? '') === 'case') {
            continue;
        }
        $broken = array_map(fn (PhpToken $t): string => $t->text, $tokens);
        $broken[$i] = $swap;
        yield [$token->line, "$token->text → $swap", implode('', $broken)];
    }
}

/** The tests that see a break of this file soonest; whatever they let pass meets all others. */
function soonest(string $file): string
{
    return match (true) {
        str_starts_with($file, 'Fault/') => 'Fault',
        str_starts_with($file, 'Run/') => 'Run',
        in_array(strtok($file, '/'), FIGURES, true) => (string) strtok($file, '/'),
        default => 'Acceptance',
    };
}

/** Figures need no life of a run to be seen wrong; whatever else breaks may be seen by any test. */
function anyOther(string $file): string
{
    return in_array(strtok($file, '/'), FIGURES, true) ? 'SelfCheck' : '';
}

function run(string $copy, string $root, string $tests = ''): bool
{
    exec(sprintf('timeout 240 php -d memory_limit=512M %s --no-configuration --do-not-cache-result --filter %s --bootstrap %s --stop-on-failure --stop-on-error %s >/dev/null 2>&1', escapeshellarg("$root/vendor/bin/phpunit"), escapeshellarg(OWN_PROCESS), escapeshellarg("$copy/load.php"), escapeshellarg("$copy/core/tests/$tests")), $lines, $status);

    return $status === 0;
}

$root = dirname(__DIR__, 2);
$files = array_slice($argv, 1) ?: FILES;
$copy = sys_get_temp_dir().'/tekkal-mutants-'.getmypid();
mkdir("$copy/docs", recursive: true);
exec(sprintf('cp -r %s/core %s/core && cp -r %s/docs/formats %s/docs/formats', escapeshellarg($root), escapeshellarg($copy), escapeshellarg($root), escapeshellarg($copy)));
// What a break cannot reach, and what starts processes of its own from the true core, is left out.
exec(sprintf('rm -rf %1$s/core/tests/Door %1$s/core/tests/Unit %1$s/core/tests/Ledger %1$s/core/tests/Review/ReferenceValuesTest.php %1$s/core/tests/Sequence %1$s/core/tests/Simulation %1$s/core/tests/GoldenTest.php', escapeshellarg($copy)));
$loader = <<<'PHP'
<?php
require ROOT.'/vendor/autoload.php';
spl_autoload_register(function (string $class): void {
    foreach (['Tekkal\\Core\\Tests\\' => '/core/tests/', 'Tekkal\\Core\\' => '/core/src/'] as $prefix => $folder) {
        if (str_starts_with($class, $prefix)) {
            require __DIR__.$folder.str_replace('\\', '/', substr($class, strlen($prefix))).'.php';

            return;
        }
    }
}, prepend: true);
PHP;
file_put_contents("$copy/load.php", str_replace('ROOT', var_export($root, true), $loader));
register_shutdown_function(fn () => exec('rm -rf '.escapeshellarg($copy)));
if (! run($copy, $root)) {
    fwrite(STDERR, "The tests do not pass before anything is broken.\n");
    exit(2);
}
[$killed, $all] = [0, 0];
foreach ($files as $file) {
    $source = (string) file_get_contents("$root/core/src/$file");
    foreach (mutants($source) as [$line, $change, $broken]) {
        file_put_contents("$copy/core/src/$file", $broken);
        $all++;
        $seen = ! run($copy, $root, soonest($file)) || ! run($copy, $root, anyOther($file));
        $killed += $seen ? 1 : 0;
        if (! $seen) {
            echo "not seen: $file:$line  $change\n";
        }
    }
    file_put_contents("$copy/core/src/$file", $source);
    echo "$file: $killed of $all breaks seen so far\n";
}
echo "$killed of $all breaks seen\n";
