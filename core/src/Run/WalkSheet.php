<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Plan\Step;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Unit;

/**
 * What the bench device needs to go on by itself: the remaining steps in order, each with its limits in the base unit and
 * the exact factor of every admitted unit. The device compares reading × factor with the limits in exact decimals and
 * takes the next line if the reading is in; anything else waits for the server, which judges again in any case. The sheet
 * ends before the first step that asks for more than one measured value against two limits.
 *
 * @phpstan-type Line array{step: string, quantity: string, low: string, high: string, units: list<array{code: string, factor: string}>}
 */
final class WalkSheet
{
    /** @return list<Line> */
    public static function of(RunState $state): array
    {
        $lines = [];
        foreach ($state->remaining() as $step) {
            $line = self::line($step);
            if ($line === null) {
                break;
            }
            $lines[] = $line;
        }

        return $lines;
    }

    /** @return Line|null null where the device may not go on by itself */
    public static function line(Step $step): ?array
    {
        $goal = $step->straight();

        return $goal === null ? null : [
            'step' => $step->id,
            'quantity' => $goal->quantity->value,
            'low' => (string) $goal->low->quantity()->inBase(),
            'high' => (string) $goal->high->quantity()->inBase(),
            'units' => self::units($goal->quantity),
        ];
    }

    /** @return list<array{code: string, factor: string}> */
    private static function units(Kind $quantity): array
    {
        return array_map(fn (Unit $unit): array => ['code' => $unit->code(), 'factor' => (string) $unit->factor()], $quantity->units());
    }
}
