<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Schedule;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Schedule\HardwareOffer;
use Tekkal\Core\Schedule\SerialSpan;

/** Common practice, no source: makers' sheets print serial spans for what differs within a family. */
final class HardwareOfferTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, bool}> */
    public static function spans(): iterable
    {
        yield 'the first is in it' => ['K-100', 'K-199', 'K-100', true];
        yield 'the last is in it' => ['K-100', 'K-199', 'K-199', true];
        yield 'the one before is not' => ['K-100', 'K-199', 'K-99', false];
        yield 'the one after is not' => ['K-100', 'K-199', 'K-200', false];
        yield 'a number with more digits is greater, whatever it begins with' => ['K-100', 'K-199', 'K-1000', false];
        yield 'zeros before a number do not make it another' => ['K-0100', '', 'K-101', true];
        yield 'without an end every later one is' => ['K-100', '', 'K-9999', true];
        yield 'without a beginning every earlier one is' => ['', 'K-199', 'K-1', true];
        yield 'one that begins and ends nowhere holds none' => ['', '', 'K-1', false];
        yield 'another letter is another row of numbers' => ['K-100', 'K-199', 'M-150', false];
    }

    #[DataProvider('spans')]
    public function test_a_span_holds_its_ends_and_counts_numbers_by_their_worth(string $from, string $to, string $serial, bool $in): void
    {
        self::assertSame($in, (new SerialSpan($from, $to))->contains($serial));
    }

    public function test_a_joint_with_one_option_for_every_engine_gets_that(): void
    {
        foreach ([null, 'long block'] as $variant) {
            self::assertSame('stock', (new HardwareOffer(['stock' => null], $variant))->proposed());
        }
    }

    public function test_between_two_for_every_engine_somebody_has_to_say(): void
    {
        self::assertNull((new HardwareOffer(['stock' => null, 'studs' => null], 'long block'))->proposed());
    }

    public function test_what_was_written_for_a_variant_is_proposed_to_its_engines_and_to_no_others(): void
    {
        $options = ['stock' => null, 'waisted' => 'long block'];
        self::assertSame('waisted', (new HardwareOffer($options, 'long block'))->proposed());
        self::assertSame('stock', (new HardwareOffer($options, 'short deck'))->proposed());
        self::assertSame(['stock'], (new HardwareOffer($options, 'short deck'))->offered());
        self::assertSame('long block', (new HardwareOffer($options, 'short deck'))->isForAnother('waisted'));
        self::assertNull((new HardwareOffer($options, 'long block'))->isForAnother('waisted'));
    }

    public function test_of_an_engine_whose_variant_nobody_has_said_nothing_is_guessed(): void
    {
        self::assertNull((new HardwareOffer(['waisted' => 'long block'], null))->proposed(), 'the only one there is may be for others');
        self::assertNull((new HardwareOffer(['stock' => null, 'waisted' => 'long block'], null))->proposed());
        self::assertSame(['stock', 'waisted'], (new HardwareOffer(['stock' => null, 'waisted' => 'long block'], null))->offered());
    }

    public function test_a_variant_with_two_kits_of_its_own_is_asked(): void
    {
        $offer = new HardwareOffer(['stock' => null, 'a' => 'long block', 'b' => 'long block'], 'long block');
        self::assertNull($offer->proposed());
        self::assertSame(['stock', 'a', 'b'], $offer->offered());
    }
}
