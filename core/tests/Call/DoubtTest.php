<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Call;

use Brick\Math\BigDecimal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Call\Doubt;
use Tekkal\Core\Call\RackTool;
use Tekkal\Core\Tests\Fixtures\ShopRack;
use Tekkal\Core\Tool\ToolKind;
use Tekkal\Core\Unit\Written;

/**
 * What is asked about before it becomes a reading. Factors: NIST Special Publication 811 (2008), appendix B.8: 1 lbf·ft =
 * 1.355 818 N·m, 1 lbf·in = 0.112 984 8 N·m, so 1 N·m = 8.850 7 lbf·in; 1 in = 25.4 mm exactly; 1 ft = 12 in.
 */
final class DoubtTest extends TestCase
{
    /** @return iterable<string, array{string, string|null}> */
    public static function typed(): iterable
    {
        yield 'in the window' => ['32', null];
        yield 'an honest short pull' => ['27.4', null];
        yield 'an honest over pull' => ['37', null];
        yield 'nothing' => ['0', 'it is nothing at all'];
        yield 'a decimal mark lost' => ['320', 'a decimal mark is a factor of 10'];
        yield 'a decimal mark too much' => ['3.2', 'a decimal mark is a factor of 10'];
        yield '32 N·m read off the other scale: 23.6 lbf·ft' => ['23.6', 'N·m and lbf·ft differ by 1.356'];
        yield '32 lbf·ft, as 43.4 N·m' => ['43.4', 'N·m and lbf·ft differ by 1.356'];
        yield '32 N·m in lbf·in: 283' => ['283', 'lbf·in and N·m differ by 8.851'];
        yield 'feet for inches' => ['384', 'lbf·in and lbf·ft differ by 12'];
        yield 'below the wrench' => ['11', 'W is for 12–60 N·m'];
        yield 'above the wrench' => ['61', 'W is for 12–60 N·m'];
        yield 'the old digits before the new ones' => ['3842.7', 'W is for 12–60 N·m'];
    }

    #[DataProvider('typed')]
    public function test_a_value_is_asked_about_where_it_looks_like_a_slip_and_nowhere_else(string $value, ?string $why): void
    {
        $says = array_map(fn (Doubt $d): string => $d->says, self::asked($value, ShopRack::wrench('W', null, '12 N.m', '60 N.m'), new Window(Written::coded('30 N.m'), Written::coded('34 N.m'))));

        self::assertSame($why, $says === [] ? null : mb_substr(str_replace("\u{A0}", ' ', $says[0]), 0, mb_strlen($why ?? $says[0])));
    }

    public function test_a_length_is_asked_about_where_millimetres_and_inches_were_mixed_up(): void
    {
        $gauge = ShopRack::tool('DG', ToolKind::DialGauge, '0 in', '1 in', '0.0001 in');
        $good = new Window(Written::coded('0.0044 in'), Written::coded('0.0049 in'));

        self::assertSame('mm and in differ by 25.4', self::asked('0.118', $gauge, $good)[0]->says ?? null);
        self::assertSame([], self::asked('0.0046', $gauge, $good));
    }

    public function test_the_ends_of_the_tools_range_are_its_own(): void
    {
        $wrench = ShopRack::wrench('W', null, '12 N.m', '60 N.m');

        self::assertSame([], self::asked('12', $wrench, null));
        self::assertSame([], self::asked('60', $wrench, null));
    }

    /** @return list<Doubt> those in whose stretch a value lies */
    private static function asked(string $value, RackTool $tool, ?Window $window): array
    {
        $value = BigDecimal::of($value);

        return array_values(array_filter(Doubt::all($tool, $window), function (Doubt $d) use ($value): bool {
            [$from, $to] = [$d->from === null ? -1 : $value->compareTo($d->from) * -1, $d->to === null ? -1 : $value->compareTo($d->to)];

            return $d->beyond ? $from < 0 && $to < 0 : $from <= 0 && $to <= 0;
        }));
    }
}
