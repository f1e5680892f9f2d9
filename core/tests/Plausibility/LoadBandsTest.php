<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Plausibility;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Plausibility\LoadBands;
use Tekkal\Core\Tests\Fixtures\Bench;

final class LoadBandsTest extends TestCase
{
    /**
     * VDI 2230-1 Table A1 (core/reference/values.json, c.A1.FM.M10.8.8 and c.A1.MA.M10.8.8): M10, 8.8, friction 0.12, bearing
     * 14.63 mm, hole 11 mm: 48 N·m for 29.6 kN; torques above M8 are rounded to 1 N·m, which is 0.3 kN here.
     */
    public function test_the_clamp_of_a_torque_lies_where_the_table_of_preloads_has_it(): void
    {
        $band = self::bands(['thread' => 'M10', 'strength' => '8.8', 'geometry' => ['bearing_diameter' => '14.63 mm', 'hole_diameter' => '11 mm']], '48 N·m')[0];

        self::assertEqualsWithDelta(29.6, $band['nominal_kn'], 0.35);
        self::assertGreaterThan($band['nominal_kn'], $band['high_kn']);
        self::assertLessThan($band['nominal_kn'], $band['low_kn']);
        self::assertNotSame([], $band['assumptions']);
    }

    public function test_what_is_missing_is_named_with_what_it_prevents(): void
    {
        $band = self::bands(['thread' => 'M10', 'strength' => '8.8'], '45 N·m')[0];

        self::assertNull($band['nominal_kn']);
        self::assertStringContainsString('the bearing diameter', implode(' ', $band['missing']));
    }

    public function test_turns_after_the_last_torque_add_up_and_loosening_begins_anew(): void
    {
        $document = Bench::document('02-rods-part-by-part');
        $band = (new LoadBands(DocumentReader::read($document), $document))->toArray()[0];

        self::assertSame("20\u{A0}N·m", $band['torque']);
        self::assertSame('125°', $band['angle']);
    }

    /** A crow-foot changes what the wrench shows (core/src/Tool/Adapter.php, FAA AC 43.13-1B): its reading is not the torque at the fastener. */
    public function test_of_a_reading_with_an_adapter_on_no_clamp_is_said(): void
    {
        $document = Bench::document('23-pump-by-crow-foot');
        $with = (new LoadBands(DocumentReader::read($document), $document))->shifts();
        $on = array_values(array_filter(array_column($document['map']['positions'], 'adapter', 'key')));
        $document['map']['positions'] = array_map(fn (array $p): array => array_diff_key($p, ['adapter' => 0]), $document['map']['positions']);
        unset($document['adapters']);
        $all = (new LoadBands(DocumentReader::read($document), $document))->shifts();

        self::assertCount(2, $on);
        self::assertCount(count($document['map']['positions']), $all);
        self::assertCount(count($all) - 2, $with);
    }

    /**
     * @param  array<string, mixed>  $fastener
     * @return list<array<string, mixed>>
     */
    private static function bands(array $fastener, string $torque): array
    {
        $document = Bench::document('10-torque-never-exceed-stretch');
        $document['fasteners'][0] = ['key' => $document['fasteners'][0]['key'], 'name' => 'x', 'reuse' => 'free'] + $fastener;
        $document['stages'] = [['key' => 'a', 'kind' => 'torque', 'why' => 'w', 'sequence' => ['a', 'b'], 'targets' => [['group' => $document['groups'][0]['key'], 'target' => $torque, 'tolerance' => '4 %', 'target_source' => $document['sources'][0]['key'], 'window_source' => $document['sources'][0]['key']]]]];
        $document['surfaces'] = [['surface' => 'threads', 'condition' => 'engine oil']];
        unset($document['consumables'], $document['fault_overrides'], $document['checks']);

        return (new LoadBands(DocumentReader::read($document), $document))->toArray();
    }
}
