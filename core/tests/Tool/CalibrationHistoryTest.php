<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Tool;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Tool\Calibration;
use Tekkal\Core\Tool\CalibrationHistory;
use Tekkal\Core\Tool\Day;

/** Status is that at the moment of tightening, not today's: a fact of the trade. */
final class CalibrationHistoryTest extends TestCase
{
    public function test_calibrations_given_in_any_order_are_kept_oldest_first(): void
    {
        self::assertSame(['c1', 'c2', 'c3'], array_map(fn (Calibration $c): string => $c->id, self::history()->all));
    }

    /** @return iterable<string, array{string, string|null, string|null}> day, in force, next after it */
    public static function days(): iterable
    {
        yield 'before the first' => ['2025-01-31', null, 'c1'];
        yield 'on the day of the first' => ['2025-02-01', 'c1', 'c2'];
        yield 'between two' => ['2025-05-15', 'c1', 'c2'];
        yield 'on the day of the second' => ['2025-08-01', 'c2', 'c3'];
        yield 'after the last' => ['2026-06-01', 'c3', null];
    }

    #[DataProvider('days')]
    public function test_a_day_has_the_latest_calibration_up_to_it_and_the_first_after_it(string $day, ?string $latest, ?string $next): void
    {
        self::assertSame($latest, self::history()->latestOn(Day::of($day))?->id);
        self::assertSame($next, self::history()->firstAfter(Day::of($day))?->id);
    }

    public function test_a_tool_recalibrated_after_a_lapse_was_out_of_calibration_only_between(): void
    {
        $history = self::history();

        self::assertNull($history->whyNotInForce(Day::of('2025-07-31')));
        self::assertNull($history->whyNotInForce(Day::of('2026-02-01')));
        self::assertSame('its calibration was due by 1 February 2026', $history->whyNotInForce(Day::of('2026-02-02')));
        self::assertNull($history->whyNotInForce(Day::of('2026-03-01')));
    }

    public function test_days_are_compared_as_days(): void
    {
        self::assertTrue(Day::of('2026-03-01')->isAfter(Day::of('2026-02-28')));
        self::assertFalse(Day::of('2026-03-01')->isAfter(Day::of('2026-03-01')));
        self::assertTrue(Day::of('2026-03-01')->equals(Day::of('2026-03-01')));
        self::assertSame('29 February 2028', Day::of('2028-02-29')->words());
    }

    private static function history(): CalibrationHistory
    {
        $calibration = fn (string $id, string $on, string $due): Calibration => new Calibration($id, Day::of($on), Day::of($due), true);

        return new CalibrationHistory([
            $calibration('c3', '2026-03-01', '2026-09-01'), $calibration('c1', '2025-02-01', '2025-08-01'), $calibration('c2', '2025-08-01', '2026-02-01'),
        ]);
    }
}
