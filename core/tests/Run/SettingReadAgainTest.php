<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Run;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Run\DutyKind;
use Tekkal\Core\Run\StepStatus;
use Tekkal\Core\Tests\Fixtures\Bench;

/**
 * A click says that a setting was reached, and no more: what the wrench is set to is read before its round and again after
 * it (common practice, no source).
 */
final class SettingReadAgainTest extends TestCase
{
    public function test_after_a_round_of_clicks_the_scale_is_read_again_before_the_next_round_goes_on(): void
    {
        $bench = self::clicked();

        self::assertSame(['read_setting r1:f1:1'], $bench->ways());
        $bench->does('tool_set', ['tool' => 'W1', 'shows' => '30 lbf·ft', 'when' => 'after']);
        self::assertSame(['step r2:f1:1'], $bench->ways());
    }

    public function test_within_the_round_nothing_is_asked_between_two_clicks(): void
    {
        $bench = self::round('one_by_one');
        $bench->does('click_attested', ['step' => 'r1:f1:1', 'tool' => 'W1']);

        self::assertSame(['step r1:f2:1'], array_map(fn (string $w): string => preg_replace('/f\d+/', 'f2', $w) ?? '', $bench->ways()));
    }

    public function test_a_setting_that_no_longer_lies_in_the_window_of_its_round_leaves_the_whole_round_to_the_lead(): void
    {
        $bench = self::clicked();
        $bench->does('tool_set', ['tool' => 'W1', 'shows' => '26 lbf·ft', 'when' => 'after']);
        $fault = $bench->state()->faults[0];

        self::assertSame([Fault::WrongSetting, true], [$fault->fault, $fault->leadDecides]);
        self::assertStringContainsString('the setting of the tool was another one after it than before', mb_strtolower($fault->sentence));
        self::assertCount(count($bench->fold->steps->stepsOf('r1')), $fault->positionsFor(DutyKind::Loosen));
    }

    public function test_a_scale_that_is_read_a_little_otherwise_and_still_in_the_window_costs_nothing(): void
    {
        $bench = self::clicked();
        $bench->does('tool_set', ['tool' => 'W1', 'shows' => '30.2 lbf·ft', 'when' => 'after']);

        self::assertSame([], $bench->state()->faults);
    }

    public function test_a_round_that_was_counted_is_read_again_too(): void
    {
        $bench = self::round('as_round');
        $bench->does('round_attested', ['stage' => 'r1', 'tool' => 'W1', 'marks' => count($bench->fold->steps->stepsOf('r1'))]);

        self::assertSame(StepStatus::Done, $bench->state()->status('r1:f1:1'));
        self::assertSame(['read_setting r1:f1:1'], $bench->ways());
    }

    public function test_a_tool_that_is_taken_instead_of_another_has_to_be_read_again_whatever_it_was_set_to(): void
    {
        $bench = self::round('one_by_one');
        $bench->does('tool_taken', ['quantity' => 'torque', 'tool' => 'W1']);
        $bench->does('tool_set', ['tool' => 'W1', 'shows' => '30 lbf·ft']);
        $bench->does('tool_taken', ['quantity' => 'torque', 'tool' => 'W2']);
        self::assertNotNull($bench->fold->tools->shows('W1'));
        $bench->does('tool_taken', ['quantity' => 'torque', 'tool' => 'W1']);

        self::assertNull($bench->fold->tools->shows('W1'));
        $outcome = $bench->does('click_attested', ['step' => 'r1:f1:1', 'tool' => 'W1']);
        self::assertStringContainsString('Nobody knows what the tool was set to.', $outcome->judgement()->reason ?? '');
    }

    /** @param  array{string, string}  $at */
    #[DataProvider('targets')]
    public function test_where_one_round_asks_for_two_settings_the_first_is_read_again_before_the_second_is_set(array $at): void
    {
        [$first, $second] = $at;
        $bench = new Bench('07-pump-each-its-own');
        $bench->round('hand');
        $bench->does('tool_set', ['tool' => 'W1', 'shows' => $first]);
        $bench->does('click_attested', ['step' => 'full:top:1', 'tool' => 'W1']);

        self::assertSame(['read_setting full:top:1'], $bench->ways());
        $bench->does('tool_set', ['tool' => 'W1', 'shows' => $first, 'when' => 'after']);
        $bench->does('tool_set', ['tool' => 'W1', 'shows' => $second]);
        $bench->does('click_attested', ['step' => 'full:left:1', 'tool' => 'W1']);
        $bench->does('click_attested', ['step' => 'full:right:1', 'tool' => 'W1']);

        self::assertSame([], $bench->state()->faults);
        self::assertCount(1, array_filter($bench->fold->whyNotFinish(), fn (string $why): bool => str_contains($why, 'was not read again')));
    }

    /** @return iterable<string, array{array{string, string}}> */
    public static function targets(): iterable
    {
        yield 'common practice, no source: 8 lbf·ft at the top, 15 below' => [['8 lbf·ft', '15 lbf·ft']];
    }

    private static function clicked(): Bench
    {
        $bench = self::round('one_by_one');
        foreach ($bench->fold->steps->stepsOf('r1') as $step) {
            $bench->does('click_attested', ['step' => $step->id, 'tool' => 'W1']);
        }

        return $bench;
    }

    private static function round(string $evidence): Bench
    {
        $bench = new Bench('05-flywheel-verified', fn (array $d): array => array_replace_recursive($d, ['stages' => [['evidence' => $evidence]]]));
        $bench->does('tool_set', ['tool' => 'W1', 'shows' => '30 lbf·ft']);

        return $bench;
    }
}
