<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Sequence;

use Brick\Math\BigDecimal;
use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Tekkal\Core\Sequence\Pairing;
use Tekkal\Core\Unit\Written;

/** Free lengths are made up by seed; what is held is the least total difference, found by trying every pairing there is. */
final class PairingTest extends TestCase
{
    /** @return iterable<string, array{int, int}> */
    public static function sets(): iterable
    {
        foreach (range(1, 9) as $count) {
            foreach (range(1, 6) as $seed) {
                yield "$count bolts, seed $seed" => [$count, $seed];
            }
        }
    }

    #[DataProvider('sets')]
    public function test_no_other_pairing_has_a_smaller_total_difference(int $count, int $seed): void
    {
        $random = new Randomizer(new Xoshiro256StarStar($seed));
        $lengths = [];
        for ($i = 1; $i <= $count; $i++) {
            $lengths["b$i"] = Written::fromCode(sprintf('%d.%03d', 60, $random->getInt(0, 40)), 'mm');
        }
        $pairing = Pairing::nearest($lengths);
        $named = array_merge(...$pairing->pairs, ...[array_filter([$pairing->leftOver])]);
        sort($named);

        self::assertSame(array_keys($lengths), $named, 'each bolt once');
        self::assertTrue($pairing->total->inBase()->isEqualTo(self::least(array_values($lengths))), (string) $pairing->total->inBase());
    }

    public function test_of_an_odd_number_the_one_is_left_over_that_spoils_the_pairs(): void
    {
        $mm = fn (string $digits): Written => Written::fromCode($digits, 'mm');
        $pairing = Pairing::nearest(['a' => $mm('60.000'), 'b' => $mm('60.001'), 'c' => $mm('60.020'), 'd' => $mm('60.021'), 'e' => $mm('60.010')]);

        self::assertSame([[['a', 'b'], ['c', 'd']], 'e'], [$pairing->pairs, $pairing->leftOver]);
    }

    public function test_lengths_in_different_units_are_compared_as_what_they_are(): void
    {
        $pairing = Pairing::nearest(['a' => Written::fromCode('2.0000', 'in'), 'b' => Written::fromCode('50.9', 'mm'), 'c' => Written::fromCode('50.8', 'mm'), 'd' => Written::fromCode('2.0040', 'in')]);

        self::assertSame([['a', 'c'], ['b', 'd']], $pairing->pairs);
    }

    public function test_a_torque_is_no_length(): void
    {
        $this->expectException(InvalidArgumentException::class);

        Pairing::nearest(['a' => Written::fromCode('20', 'N.m')]);
    }

    /**
     * Every pairing there is, one bolt left over where the count is odd.
     *
     * @param  list<Written>  $lengths
     */
    private static function least(array $lengths): BigDecimal
    {
        if (count($lengths) < 2) {
            return BigDecimal::zero();
        }
        $totals = [];
        if (count($lengths) % 2 === 1) {
            foreach (array_keys($lengths) as $left) {
                $totals[] = self::least(array_values(array_diff_key($lengths, [$left => true])));
            }
        } else {
            $first = $lengths[0];
            foreach (array_keys(array_slice($lengths, 1, preserve_keys: true)) as $partner) {
                $difference = $first->quantity()->inBase()->minus($lengths[$partner]->quantity()->inBase())->abs();
                $totals[] = $difference->plus(self::least(array_values(array_diff_key($lengths, [0 => true, $partner => true]))));
            }
        }

        return BigDecimal::min(...$totals);
    }
}
