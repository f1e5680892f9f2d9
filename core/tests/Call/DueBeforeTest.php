<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Call;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Call\DueBefore;
use Tekkal\Core\Call\Rack;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Plan\Expander;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Tests\Fixtures\ShopRack;
use Tekkal\Core\Tool\Day;
use Tekkal\Core\Tool\WrenchClass;

/** Work that is given out held against the days on which tools fall due: facts of the trade (common practice, no source); a tool is in calibration on the day on which it is due. */
final class DueBeforeTest extends TestCase
{
    public function test_the_only_wrench_that_fits_is_named_from_the_day_after_it_is_due(): void
    {
        $rack = ShopRack::of(ShopRack::wrench('ONLY', WrenchClass::IB, due: '2026-09-01'), ShopRack::wrench('SMALL', WrenchClass::IB, '2 N.m', '20 N.m'));

        self::assertSame([], self::torque($rack, '2026-09-01'));
        self::assertSame([['ONLY']], array_column(self::torque($rack, '2026-09-02'), 'tools'));
    }

    public function test_where_another_one_lasts_longer_nothing_is_said_and_where_none_does_both_are_named_once(): void
    {
        $rack = ShopRack::of(ShopRack::wrench('SOON', WrenchClass::IB, due: '2026-09-01'), ShopRack::wrench('LATER', WrenchClass::IB, due: '2026-10-01'));

        self::assertSame([], self::torque($rack, '2026-09-15'));
        $lacks = self::torque($rack, '2026-10-02');
        self::assertCount(1, $lacks, 'two rounds ask for the same tools');
        self::assertEqualsCanonicalizing(['SOON', 'LATER'], $lacks[0]['tools']);
    }

    public function test_what_no_tool_is_fit_for_today_names_none_and_says_what_would(): void
    {
        $lacks = self::torque(ShopRack::of(ShopRack::wrench('OLD', WrenchClass::IB, due: '2026-02-01')), '2026-09-01');

        self::assertSame([], $lacks[0]['tools']);
        self::assertStringStartsWith('a torque wrench whose range holds', (string) $lacks[0]['would']);
    }

    /** @return list<array{kind: string, asks: string, tools: list<string>, would: string|null}> of torque wrenches */
    private static function torque(Rack $rack, string $until): array
    {
        $json = (string) file_get_contents(__DIR__.'/../../../database/seeders/demo/tn3-main-caps.json');
        $plan = Expander::expand(DocumentReader::read((array) json_decode($json, true, flags: JSON_THROW_ON_ERROR)));

        return array_values(array_filter((new DueBefore(new RunFold($plan), $rack))->until(Day::of($until)), fn (array $lack): bool => str_contains($lack['kind'], 'wrench')));
    }
}
