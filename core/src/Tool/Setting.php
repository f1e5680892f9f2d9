<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Tekkal\Core\Acceptance\Verdict;
use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Unit\Written;

/** The number to reach on a tool's own scale. */
final class Setting
{
    /**
     * The multiple of the tool's resolution nearest to the target that lies inside the window; null when none does.
     * Given in the resolution's unit with its decimals, so that screen and scale show the same digits.
     */
    public static function nearest(Written $target, Window $window, Written $resolution): ?Written
    {
        $step = BigDecimal::of($resolution->decimal());
        $unit = $resolution->unit;
        if ($step->isZero() || $unit->kind() !== $target->unit->kind()) {
            return null;
        }
        $steps = $target->quantity()->inBase()->dividedBy($unit->factor()->multipliedBy($step), 12, RoundingMode::HALF_UP);
        $candidates = [$steps->toScale(0, RoundingMode::HALF_UP), $steps->toScale(0, RoundingMode::FLOOR), $steps->toScale(0, RoundingMode::CEILING)];
        foreach ($candidates as $count) {
            $setting = Written::of((string) $count->multipliedBy($step), $unit);
            if ($window->judge($setting->quantity()) === Verdict::In) {
                return $setting;
            }
        }

        return null;
    }
}
