<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Door;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Run\EventReader;

/** The core from a shell, without a server. */
final class DoorTest extends TestCase
{
    private const EXAMPLES = __DIR__.'/../../../docs/formats/examples/';

    public function test_check_says_by_its_exit_status_whether_a_document_is_valid(): void
    {
        [$status, $out] = self::door('check', self::EXAMPLES.'02-rods-part-by-part.json');
        self::assertSame(0, $status);
        self::assertStringContainsString('is a valid procedure: Example, Connecting rods, stock hardware.', $out);

        $bad = self::file(str_replace('"30 N·m"', '"30"', (string) file_get_contents(self::EXAMPLES.'02-rods-part-by-part.json')));
        [$status, , $err] = self::door('check', $bad);
        self::assertSame(1, $status);
        self::assertStringContainsString('1 problem', $err);
        self::assertStringContainsString('/stages/0/stages/0/targets/0/target: "30" stands there; "30" has no unit.', $err);
    }

    public function test_a_missing_value_is_valid_and_said_to_block_approval(): void
    {
        $torn = self::file(str_replace('"target": "30 N·m", "window_standard": "t"', '"target": {"missing": "page torn"}', (string) file_get_contents(self::EXAMPLES.'02-rods-part-by-part.json')));
        [$status, $out] = self::door('check', $torn);

        self::assertSame(0, $status);
        self::assertStringContainsString('It cannot be approved yet. /stages/0/stages/0/targets/0/target: value missing (page torn).', $out);
    }

    public function test_a_plan_is_printed_as_text_table_and_data(): void
    {
        [, $text] = self::door('plan', self::EXAMPLES.'06-wheels-held.json');
        self::assertStringContainsString("   5  final:w1:1                   60\u{A0}lbf·ft", $text);
        self::assertStringContainsString("Results: 6\nPeople: 2\n", $text);

        [, $csv] = self::door('plan', self::EXAMPLES.'06-wheels-held.json', '--format', 'csv');
        $rows = array_map(fn (string $line): array => str_getcsv($line, escape: ''), explode("\r\n", trim($csv)));
        self::assertCount(7, $rows);
        self::assertSame([10], array_values(array_unique(array_map(count(...), $rows))));

        [, $json] = self::door('plan', self::EXAMPLES.'06-wheels-held.json', '--format', 'json');
        $data = json_decode($json, true, flags: JSON_THROW_ON_ERROR);
        self::assertSame([6, 2], [count($data['steps']), $data['people']]);
        self::assertSame(2, self::door('plan', self::EXAMPLES.'06-wheels-held.json', '--format', 'xml')[0]);
    }

    public function test_the_line_is_printed_short_and_long(): void
    {
        [$status, $out] = self::door('line', self::EXAMPLES.'02-rods-part-by-part.json');

        self::assertSame(0, $status);
        self::assertStringStartsWith("part by part (30\u{A0}N·m · back 360° · 20\u{A0}N·m · +125°)\n", $out);
        self::assertStringContainsString("4. +125°, counted from 20\u{A0}N·m, good is 120–130°, in one motion. Takes the bolt past yield", $out);
    }

    public function test_a_run_is_folded_to_its_state_with_verdicts_and_what_comes_next(): void
    {
        [$status, $json] = self::door('run', self::EXAMPLES.'06-wheels-held.json', self::EXAMPLES.'06-wheels-held.events.jsonl');
        $run = json_decode($json, true, flags: JSON_THROW_ON_ERROR);

        self::assertSame(0, $status);
        self::assertSame('low', $run['events'][3]['verdict']);
        self::assertSame('This needs a second person, and nobody had joined.', $run['events'][8]['set_aside']);
        self::assertSame('final:w2:1', $run['next_step']);
        self::assertSame(['do' => 'step', 'at' => 'final:w2:1', 'sentence' => 'Do final:w2:1.'], $run['ways_on'][0]);
        self::assertSame([1, 1], [$run['positions'][1]['old_strokes'], $run['positions'][0]['cycles']]);
    }

    public function test_a_line_that_is_no_event_is_named_with_its_number(): void
    {
        $events = self::file("{\"event\":\"run_begun\",\"person\":\"ann\",\"device\":\"b\"}\n{\"event\":\"run_began\"}\n");
        [$status, , $err] = self::door('run', self::EXAMPLES.'06-wheels-held.json', $events);

        self::assertSame(1, $status);
        self::assertStringContainsString('line 2 is no event', $err);
        self::assertStringContainsString('/event: "run_began" stands there; one of run_begun', $err);
    }

    public function test_a_joint_is_estimated_and_what_is_missing_is_said(): void
    {
        $full = ['--thread', 'M10', '--class', '8.8', '--torque', '45 N·m', '--friction', 'engine oil', '--bearing', '14.63 mm', '--hole', '11 mm', '--grip', '44 mm'];
        [$status, $json] = self::script('arithmetic.php', 'joint', ...$full, ...['--format', 'json']);
        $data = json_decode($json, true, flags: JSON_THROW_ON_ERROR);
        self::assertSame(0, $status);
        self::assertEqualsWithDelta(27.4, $data['clamp_kn']['nominal'], 0.1);
        self::assertStringContainsString('the estimate is not valid', self::script('arithmetic.php', 'joint', ...$full, ...['--angle', '90°'])[1]);
        self::assertStringContainsString('Without the friction, the bearing diameter, the hole diameter there is no estimate of the clamp.', self::script('arithmetic.php', 'joint', '--thread', 'M10x1.25', '--torque', '45 N·m')[1]);
        self::assertSame(1, self::script('arithmetic.php', 'joint', '--thread', 'M13')[0]);
    }

    public function test_a_calibration_an_order_and_a_sample_are_judged(): void
    {
        $calibration = json_decode(self::script('arithmetic.php', 'calibrate', self::EXAMPLES.'../calibrations/wrench.json')[1], true, flags: JSON_THROW_ON_ERROR);
        self::assertSame([false, ['At 200 one reading deviates by -4.17 %; ±4.00 % is permissible, by simple acceptance.']], [$calibration['conforms'], $calibration['faults']]);

        $stages = json_decode(self::script('arithmetic.php', 'sequence', self::EXAMPLES.'05-flywheel-verified.json')[1], true, flags: JSON_THROW_ON_ERROR);
        self::assertSame(['circle', []], [$stages[0]['arrangement'], $stages[0]['faults']]);

        $sample = self::file(implode("\n", array_map(fn (int $i): string => (string) (50 + $i % 5), range(1, 30))));
        $report = json_decode(self::script('arithmetic.php', 'statistics', $sample, '--lower', '45', '--upper', '60')[1], true, flags: JSON_THROW_ON_ERROR);
        self::assertSame([30, 52], [$report['n'], $report['mean']]);
        self::assertGreaterThan(1.0, $report['capability']['ppk']);
        self::assertSame(1, self::script('arithmetic.php', 'statistics', self::file('no numbers'))[0]);
    }

    public function test_the_self_check_prints_a_sheet_on_which_every_value_is_met(): void
    {
        [$status, $sheet] = self::script('selfcheck.php');

        self::assertSame(0, $status);
        self::assertStringContainsString('320 values met, 0 missed', $sheet);
        self::assertStringContainsString('ISO 6789-1:2017', $sheet);
    }

    public function test_a_wrong_call_says_what_can_be_called(): void
    {
        self::assertSame(2, self::door('plan')[0]);
        self::assertStringContainsString('core check FILE', self::door('open')[2]);
        self::assertSame('There is no readable file "nowhere.json".', trim(self::door('check', 'nowhere.json')[2]));
    }

    public function test_the_page_about_events_names_every_one_of_them(): void
    {
        preg_match_all('/^\| `([a-z_]+)` \|/m', (string) file_get_contents(self::EXAMPLES.'../events.md'), $m);

        self::assertSame(EventReader::NAMES, $m[1]);
    }

    /** @return array{int, string, string} exit status, output, complaint */
    private static function door(string ...$arguments): array
    {
        return self::script('door.php', ...$arguments);
    }

    /** @return array{int, string, string} */
    private static function script(string $script, string ...$arguments): array
    {
        $process = proc_open([PHP_BINARY, __DIR__."/../../bin/$script", ...$arguments], [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes);
        self::assertIsResource($process);
        [$out, $err] = [(string) stream_get_contents($pipes[1]), (string) stream_get_contents($pipes[2])];

        return [proc_close($process), $out, $err];
    }

    private static function file(string $content): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'tekkal');
        file_put_contents($file, $content);
        register_shutdown_function(fn (): bool => unlink($file));

        return $file;
    }
}
