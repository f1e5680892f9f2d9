<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Door;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Run\Event\EventsPage;
use Tekkal\Core\Tests\Fixtures\CommonPractice;

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
        self::assertStringContainsString("4. +125°, counted from 20\u{A0}N·m, good is 120–130°, in one motion, a measured value wanted (class B). Takes the bolt past yield", $out);
    }

    public function test_evidence_that_is_not_written_is_told_with_the_class_it_comes_from(): void
    {
        $says = 'A measured value is wanted in rounds 1, 2, 3, 6, 7, 8 (risk class A, nothing else is written); what has less is not proved.';
        foreach (['check', 'plan'] as $door) {
            self::assertStringContainsString($says, self::door($door, self::EXAMPLES.'12-head-nine-stages.json')[1]);
        }
        self::assertStringNotContainsString('wanted', self::door('check', self::EXAMPLES.'07-pump-each-its-own.json')[1], 'what is written needs no word');
    }

    public function test_a_run_is_folded_to_its_state_with_verdicts_and_what_comes_next(): void
    {
        [$status, $json] = self::door('run', self::EXAMPLES.'06-wheels-held.json', self::EXAMPLES.'06-wheels-held.events.jsonl');
        $run = json_decode($json, true, flags: JSON_THROW_ON_ERROR);

        self::assertSame(0, $status);
        self::assertSame('low', $run['events'][3]['effects'][0]['verdict']);
        self::assertSame('This needs a second person, and nobody had joined.', $run['events'][8]['say'][0]['sentence']);
        self::assertSame('final:w2:1', $run['next_step']);
        self::assertSame(['do' => 'step', 'at' => 'final:w2:1', 'sentence' => "Do 60\u{A0}lbf·ft holding the wheel at 15\u{A0}lbf·ft anticlockwise at no. 2."], $run['ways_on'][0]);
        self::assertSame([1, 2], [$run['positions'][1]['old_strokes'], $run['positions'][0]['cycles']], 'what was pulled without the partner was pulled');
    }

    public function test_a_line_that_is_no_event_is_named_with_its_number(): void
    {
        $events = self::file("{\"type\":\"run_begun\"}\n{\"type\":\"part_moved\",\"part\":7}\n");
        [$status, , $err] = self::door('run', self::EXAMPLES.'06-wheels-held.json', $events);

        self::assertSame(1, $status);
        self::assertStringContainsString('line 2 is no event', $err);
        self::assertStringContainsString('"part": 1 to 120 letters, digits or signs without a space is wanted, "7" was given.', $err);
    }

    public function test_a_joint_is_estimated_and_what_is_missing_is_said(): void
    {
        $full = ['--thread', 'M10', '--class', '8.8', '--torque', '45 N·m', '--friction', 'engine oil', '--bearing', '14.63 mm', '--hole', '11 mm', '--grip', '44 mm'];
        [$status, $json] = self::door('joint', ...$full, ...['--format', 'json']);
        $data = json_decode($json, true, flags: JSON_THROW_ON_ERROR);
        self::assertSame(0, $status);
        self::assertEqualsWithDelta(27.4, $data['clamp_kn']['nominal'], 0.1);
        self::assertStringContainsString('the estimate is not valid', self::door('joint', ...$full, ...['--angle', '90°'])[1]);
        self::assertStringContainsString('Without the friction, the bearing diameter, the hole diameter there is no estimate of the clamp.', self::door('joint', '--thread', 'M10x1.25', '--torque', '45 N·m')[1]);
        self::assertSame(1, self::door('joint', '--thread', 'M13')[0]);
    }

    public function test_a_calibration_an_order_and_a_sample_are_judged(): void
    {
        $calibration = json_decode(self::door('calibrate', self::EXAMPLES.'../calibrations/wrench.json')[1], true, flags: JSON_THROW_ON_ERROR);
        self::assertSame([false, ['At 200 one reading deviates by -4.17 %; ±4.00 % is permissible, by simple acceptance.']], [$calibration['conforms'], $calibration['faults']]);

        $stages = json_decode(self::door('sequence', self::EXAMPLES.'05-flywheel-verified.json')[1], true, flags: JSON_THROW_ON_ERROR);
        self::assertSame(['circle', []], [$stages[0]['arrangement'], $stages[0]['faults']]);

        $sample = self::file(implode("\n", array_map(fn (int $i): string => (string) (50 + $i % 5), range(1, 30))));
        $report = json_decode(self::door('statistics', $sample, '--lower', '45', '--upper', '60')[1], true, flags: JSON_THROW_ON_ERROR);
        self::assertSame([30, 52], [$report['n'], $report['mean']]);
        self::assertGreaterThan(1.0, $report['capability']['ppk']);
        self::assertLessThan($report['next_value'][1], $report['mean']);
        self::assertSame(1, self::door('statistics', self::file('no numbers'))[0]);
    }

    public function test_the_self_check_prints_a_sheet_on_which_every_value_is_met(): void
    {
        [$status, $sheet] = self::door('selfcheck');

        self::assertSame(0, $status);
        self::assertStringContainsString('325 values met, 0 missed', $sheet);
        self::assertSame(325, substr_count($sheet, '              expected '), 'each with what was expected, what came out and how near it must be');
        self::assertStringContainsString('expected 4, got 4, within exactly', $sheet);
        self::assertStringContainsString('ISO 6789-1:2017', $sheet);
    }

    public function test_a_wrong_call_says_what_can_be_called(): void
    {
        self::assertSame(2, self::door('plan')[0]);
        self::assertStringContainsString('There is no door "open": check, plan, line, run', self::door('open')[2]);
        self::assertSame('There is no readable file "nowhere.json".', trim(self::door('check', 'nowhere.json')[2]));
    }

    public function test_an_option_that_nobody_knows_is_refused_and_the_known_ones_are_named(): void
    {
        [$status, $out, $err] = self::door('joint', '--thread', 'M10', '--clas', '8.8');

        self::assertSame([2, ''], [$status, $out]);
        self::assertSame('The "--clas" option does not exist. bin/tekkal core joint takes --thread, --class, --friction, --friction-thread, --friction-head, --bearing, --hole, --grip, --torque, --angle, --format, --help.', trim($err));
    }

    /** @return iterable<string, array{list<string>, string}> call, what is said of it */
    public static function halfNumbers(): iterable
    {
        $sample = fn (string $line): string => self::file("88.1\n$line\n90\n");
        yield 'a comma for a point' => [['statistics', $sample('88,5')], 'line 2: "88,5" is no number'];
        yield 'a word' => [['statistics', $sample('abc')], 'line 2: "abc" is no number'];
        yield 'a value with its unit' => [['statistics', $sample('89.1 N·m')], 'line 2: "89.1 N·m" is no number'];
        yield 'a limit that is a word' => [['statistics', $sample('89'), '--lower', 'abc'], '--lower: "abc" is no number'];
        yield 'limits the wrong way round' => [['statistics', $sample('89'), '--lower', '90', '--upper', '80'], 'The lower limit 90 must lie below the upper one, 80.'];
        yield 'a friction with a comma' => [['joint', '--friction', '0,12'], '--friction: "0,12" is no number'];
        yield 'one of two frictions' => [['joint', '--friction-head', '0.1'], 'Two frictions are given as --friction-thread and --friction-head together'];
        yield 'a torque without its unit' => [['joint', '--torque', '45'], '--torque: "45" is no torque with its unit, such as 45 N·m.'];
    }

    /** @param  list<string>  $call */
    #[DataProvider('halfNumbers')]
    public function test_a_number_is_read_whole_or_refused(array $call, string $said): void
    {
        [$status, $out, $err] = self::door(...$call);

        self::assertContains($status, [1, 2]);
        self::assertSame('', $out);
        self::assertStringContainsString($said, $err);
        self::assertSame(1, substr_count($err, "\n"), 'one sentence and nothing else');
    }

    public function test_a_limit_below_zero_is_a_limit(): void
    {
        $sample = self::file(implode("\n", array_map(fn (int $i): string => (string) ($i % 5 - 2), range(1, 30))));
        $report = json_decode(self::door('statistics', $sample, '--lower', '-5', '--upper', '5')[1], true, flags: JSON_THROW_ON_ERROR);

        self::assertEqualsWithDelta(0, $report['mean'], 1e-12);
        self::assertGreaterThan(1.0, $report['capability']['ppk']);
    }

    /** A deviation of -3.1 % conforms to ±4 %; with an expanded uncertainty of 1.5 % drawn in from each limit it does not. */
    public function test_an_uncertainty_counts_whether_it_is_written_as_a_text_or_as_a_number(): void
    {
        $wrench = (string) file_get_contents(self::EXAMPLES.'../calibrations/wrench.json');
        $conforms = function (mixed $expanded) use ($wrench): mixed {
            $calibration = ['rule' => 'guarded_by_u', 'expanded_percent' => $expanded, 'points' => [['shown' => '100 N·m', 'reference' => ['103.2 N·m']]]] + (array) json_decode($wrench, true);

            return json_decode(self::door('calibrate', self::file((string) json_encode($calibration)))[1], true, flags: JSON_THROW_ON_ERROR)['conforms'];
        };

        self::assertSame([true, true, false, false], [$conforms('0'), $conforms(0), $conforms('1.5'), $conforms(1.5)]);
        self::assertStringContainsString('there is no field "expandedpercent"', self::door('calibrate', self::file((string) json_encode(['expandedpercent' => 1])))[2]);
    }

    /** Months end where they end: due twelve months after 29 February is 28 February (calendar). Twelve is the default of ISO 6789:2003, 6.3. */
    public function test_a_calibration_is_due_by_months_from_its_day(): void
    {
        $wrench = (array) json_decode((string) file_get_contents(self::EXAMPLES.'../calibrations/wrench.json'), true);
        $asked = fn (array $more): array => self::door('calibrate', self::file((string) json_encode($more + $wrench)));
        $due = fn (array $more): mixed => json_decode($asked($more)[1], true, flags: JSON_THROW_ON_ERROR)['due_on'];

        self::assertSame([null, '2025-02-28', '2026-02-28'], [$due([]), $due(['on' => '2024-02-29']), $due(['on' => '2025-08-31', 'months' => 6])]);
        foreach ([['months' => '6'], ['on' => '2025-08-31', 'months' => 0], ['on' => '31 August']] as $wrong) {
            self::assertNotSame(0, $asked($wrong)[0]);
            self::assertNotSame('', $asked($wrong)[2]);
        }
    }

    public function test_loads_are_known_as_soon_as_thread_and_class_are_and_each_option_that_is_wanting_is_named(): void
    {
        [, $out] = self::door('joint', '--thread', 'M10', '--class', '8.8');

        // ISO 898-1: stress area 58.0 mm², proof load 33.7 kN for M10 of class 8.8 (600 MPa × 58 mm² rounded down there to 33 700 N).
        self::assertStringContainsString("Stress area: 58.0 mm².\nProof load: 33.6\u{A0}kN.\nYield load: 37.1\u{A0}kN.", $out);
        foreach (['--friction', '--bearing', '--hole', '--grip', '--torque'] as $option) {
            self::assertStringContainsString("$option would give ", $out);
        }
    }

    public function test_what_a_good_foreman_would_doubt_is_said_by_check(): void
    {
        // An M10 of class 10.9 breaks long before.
        $slip = self::file((string) str_replace(['"15 lbf.ft"', '"13.5 lbf.ft"', '"16.5 lbf.ft"'], ['"180 lbf.ft"', '"170 lbf.ft"', '"190 lbf.ft"'], (string) json_encode(CommonPractice::document(), JSON_UNESCAPED_UNICODE)));
        [$status, $out] = self::door('check', $slip);

        self::assertSame(0, $status);
        self::assertStringContainsString('Doubtful, ', $out);
    }

    public function test_every_door_says_with_help_what_it_takes_with_units_and_an_example(): void
    {
        foreach (['check', 'plan', 'line', 'run', 'joint', 'calibrate', 'sequence', 'statistics', 'selfcheck', 'schema'] as $door) {
            [$status, $out] = self::door($door, '--help');

            self::assertSame(0, $status, $door);
            self::assertStringContainsString('bin/tekkal ', $out, "$door gives an example");
        }
        self::assertStringContainsString('with its unit: "45 N·m"', self::door('joint', '--help')[1]);
    }

    public function test_the_page_about_events_is_what_they_declare(): void
    {
        self::assertSame(EventsPage::markdown(), file_get_contents(self::EXAMPLES.'../events.md'));
    }

    public function test_what_a_line_does_not_say_of_its_stamp_is_as_on_the_line_before(): void
    {
        $events = self::file("{\"type\":\"run_begun\",\"person\":\"ann\",\"device\":\"b\"}\n{\"type\":\"gave_way\",\"step\":\"snug:w1:1\"}\n");
        $run = json_decode(self::door('run', self::EXAMPLES.'06-wheels-held.json', $events)[1], true, flags: JSON_THROW_ON_ERROR);

        self::assertSame('applied', $run['events'][1]['standing'], 'it is of the bench that holds the run');
    }

    /** @return array{int, string, string} exit status, output, complaint */
    private static function door(string ...$arguments): array
    {
        $process = proc_open([PHP_BINARY, __DIR__.'/../../bin/door.php', ...array_values($arguments)], [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes);
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
