<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Tool;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Statistics\TooFew;
use Tekkal\Core\Tool\Day;
use Tekkal\Core\Tool\Drift;
use Tekkal\Core\Tool\IntervalProposal;

/** Made-up deviations run through R 4.2.2: lm(y ~ x + factor(stretch)) and predict(…, interval = "prediction"). */
final class DriftTest extends TestCase
{
    public function test_an_adjustment_sets_the_tool_back_and_not_its_habit(): void
    {
        $drift = self::adjusted();

        self::assertEqualsWithDelta(0.00678801770937 * 365.25, $drift->perYear(), 1e-9);
        foreach ([800 => [3.16985235650, 2.63104883582, 3.70865587719], 900 => [3.84865412744, 3.24745464776, 4.44985360712]] as $days => [$fit, $low, $high]) {
            $day = self::day($days);
            self::assertEqualsWithDelta($fit, $drift->at($day), 1e-9);
            self::assertEqualsWithDelta($low, $drift->band($day)->low, 1e-9);
            self::assertEqualsWithDelta($high, $drift->band($day)->high, 1e-9);
        }
    }

    public function test_the_day_on_which_the_band_meets_the_limit_is_the_first_such_day(): void
    {
        $drift = self::adjusted();
        $meets = $drift->meets(4.0, from: self::day(737));

        self::assertNotNull($meets);
        self::assertGreaterThanOrEqual(4.0, $drift->band($meets)->high);
        self::assertLessThan(4.0, $drift->band(self::day(self::day(0)->daysTo($meets) - 1))->high);
    }

    public function test_the_proposed_interval_ends_before_the_band_meets_the_limit_and_never_jumps(): void
    {
        $left = self::day(737);
        $proposed = IntervalProposal::of(['200 N.m' => self::adjusted()], 4.0, $left, 6);

        self::assertSame('200 N.m', $proposed->point);
        self::assertTrue($proposed->meets?->isAfter($left->due($proposed->months)));
        self::assertSame(2, $proposed->months);
        $still = new Drift([[[self::day(0), 0.0], [self::day(181), 0.1], [self::day(372), 0.0], [self::day(553), 0.1]]]);
        self::assertSame(9, IntervalProposal::of(['a' => $still], 4.0, $left, 6)->months, 'one longer than now, and no more');
        self::assertSame(6, IntervalProposal::of(['a' => $still, 'b' => self::adjusted()], 9.0, $left, 4)->months);
    }

    public function test_a_calibration_holds_to_the_end_of_its_last_month(): void
    {
        self::assertSame('2027-02-28', Day::of('2026-08-31')->due(6)->date);
        self::assertSame('2028-02-29', Day::of('2027-02-01')->due(12)->date);
        self::assertSame(-31, Day::of('2026-02-01')->daysTo(Day::of('2026-01-01')));
    }

    public function test_no_drift_is_told_from_too_little_or_from_one_day(): void
    {
        foreach ([[], [[[self::day(0), 1.0], [self::day(100), 1.2]]], [[[self::day(0), 1.0], [self::day(100), 1.2]], [[self::day(100), 0.0]]], [[[self::day(0), 1.0], [self::day(0), 1.1], [self::day(0), 1.2]]]] as $stretches) {
            try {
                new Drift($stretches);
                self::fail('A drift was told.');
            } catch (TooFew $e) {
                self::assertStringContainsString('calibrations', $e->getMessage());
            }
        }
    }

    private static function adjusted(): Drift
    {
        return new Drift([
            [[self::day(0), 0.4], [self::day(181), 1.7], [self::day(372), 3.1]],
            [[self::day(372), 0.3], [self::day(553), 1.6], [self::day(737), 2.6]],
        ]);
    }

    private static function day(int $days): Day
    {
        return Day::of((new \DateTimeImmutable('2024-01-10'))->modify("+$days days")->format('Y-m-d'));
    }
}
