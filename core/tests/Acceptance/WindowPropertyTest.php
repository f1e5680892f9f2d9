<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Acceptance;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Tool\Setting;
use Tekkal\Core\Unit\TorqueUnit;
use Tekkal\Core\Unit\Written;

/** Made-up windows, held against PHP's bcmath, a general-purpose library for decimals. */
final class WindowPropertyTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 50) as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_a_verdict_agrees_with_bcmath_in_every_pair_of_units(int $seed): void
    {
        $random = new Randomizer(new Xoshiro256StarStar($seed));
        [$window, $unit] = self::window($random);
        foreach (TorqueUnit::cases() as $other) {
            $digits = sprintf('%d.%03d', $random->getInt(0, 400), $random->getInt(0, 999));
            $value = bcmul($digits, (string) $other->factor(), 40);
            $low = bcmul($window->low->digits, (string) $unit->factor(), 40);
            $high = bcmul($window->high->digits, (string) $unit->factor(), 40);
            $expected = bccomp($value, $low, 40) < 0 ? 'low' : (bccomp($value, $high, 40) > 0 ? 'high' : 'in');

            self::assertSame($expected, $window->judge(Written::of($digits, $other)->quantity())->value);
        }
    }

    #[DataProvider('seeds')]
    public function test_whoever_keeps_to_the_displayed_limits_keeps_to_the_window(int $seed): void
    {
        [$window] = self::window(new Randomizer(new Xoshiro256StarStar($seed)));
        foreach (TorqueUnit::cases() as $unit) {
            foreach ([0, 1, 2] as $decimals) {
                $shown = $window->displayedIn($unit, $decimals);
                foreach ($shown === null ? [] : [$shown['low'], $shown['high']] as $digits) {
                    self::assertSame('in', $window->judge(Written::of($digits, $unit)->quantity())->value, "$digits {$unit->symbol()} of {$window->typeset()}");
                }
            }
        }
    }

    #[DataProvider('seeds')]
    public function test_the_number_to_reach_always_lies_in_the_window_and_on_a_mark_of_the_scale(int $seed): void
    {
        $random = new Randomizer(new Xoshiro256StarStar($seed));
        [$window, $unit] = self::window($random);
        $target = Written::of(bcdiv(bcadd($window->low->digits, $window->high->digits, 4), '2', 4), $unit);
        $found = 0;
        foreach (TorqueUnit::cases() as $scale) {
            foreach (['0.1', '0.5', '1', '5'] as $step) {
                $setting = Setting::nearest($target, $window, Written::of($step, $scale));
                if ($setting !== null) {
                    self::assertSame('in', $window->judge($setting->quantity())->value);
                    self::assertSame(0, bccomp(bcmod($setting->digits, $step, 4), '0', 4), "$setting->digits is no multiple of $step");
                    $found++;
                }
            }
        }
        self::assertGreaterThan(0, $found);
    }

    /** @return array{Window, TorqueUnit} */
    private static function window(Randomizer $random): array
    {
        $unit = TorqueUnit::cases()[$random->getInt(0, 3)];
        $low = $random->getInt(10, 200);

        return [new Window(Written::of((string) $low, $unit), Written::of((string) ($low + $random->getInt(1, 20)), $unit)), $unit];
    }
}
