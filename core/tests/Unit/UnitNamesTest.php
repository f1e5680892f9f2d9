<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Unit;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Unit;
use Tekkal\Core\Unit\UnitNames;

final class UnitNamesTest extends TestCase
{
    public function test_every_unit_is_found_by_its_code_its_symbol_and_each_of_its_spellings(): void
    {
        foreach (self::units() as $unit) {
            self::assertSame($unit, UnitNames::fromCode($unit->code()));
            foreach ([$unit->symbol(), ...$unit->spellings()] as $words) {
                self::assertSame($unit, UnitNames::tryFromWords($words), $words);
            }
        }
    }

    public function test_no_spelling_means_two_units(): void
    {
        $all = array_merge(...array_map(fn (Unit $u): array => $u->spellings(), self::units()));

        self::assertSame($all, array_unique($all));
    }

    public function test_case_dots_hyphens_and_spaces_make_no_difference(): void
    {
        foreach (['LBF·FT', 'lbf-ft', 'lbf ft', 'Lbf.Ft', 'ft–lb', 'FT LBS'] as $words) {
            self::assertSame('lbf.ft', UnitNames::tryFromWords($words)?->code(), $words);
        }
    }

    public function test_what_names_no_unit_is_no_unit(): void
    {
        foreach (['', 'pounds', 'lb', 'kg', 'N', 'm', 'foot', 'psi'] as $words) {
            self::assertNull(UnitNames::tryFromWords($words), $words);
        }
    }

    /** The base unit has the factor one, and each kind computes in its own. */
    public function test_each_kind_computes_in_a_base_unit_of_factor_one(): void
    {
        foreach (Kind::cases() as $kind) {
            self::assertTrue($kind->baseUnit()->factor()->isEqualTo(1));
            foreach ($kind->units() as $unit) {
                self::assertSame($kind, $unit->kind());
            }
        }
    }

    /** @return list<Unit> */
    private static function units(): array
    {
        return array_merge(...array_map(fn (Kind $k): array => $k->units(), Kind::cases()));
    }
}
