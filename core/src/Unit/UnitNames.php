<?php

declare(strict_types=1);

namespace Tekkal\Core\Unit;

/** Finds a unit by the code a document carries or by what a person wrote. */
final class UnitNames
{
    /** @throws UnitException when no admitted unit has this code */
    public static function fromCode(string $code): Unit
    {
        return self::tryFromCode($code)
            ?? throw new UnitException(sprintf('"%s" is not the code of an admitted unit.', $code), 'unit', $code, 'the code of an admitted unit');
    }

    public static function tryFromCode(string $code): ?Unit
    {
        return TorqueUnit::tryFrom($code) ?? AngleUnit::tryFrom($code) ?? LengthUnit::tryFrom($code);
    }

    /** "ft-lb", "ft. lbs", "lbf·ft" are one unit; null when the words name none. */
    public static function tryFromWords(string $words): ?Unit
    {
        $bare = preg_replace('/[\s.·⋅•*\-‐‑–]+/u', '', strtolower($words)) ?? '';
        foreach (Kind::cases() as $kind) {
            foreach ($kind->units() as $unit) {
                if (in_array($bare, $unit->spellings(), true)) {
                    return $unit;
                }
            }
        }

        return null;
    }
}
