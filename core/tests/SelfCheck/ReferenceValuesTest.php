<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\SelfCheck;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\SelfCheck\ReferenceReport;

/** Every check value of core/reference/values.json that the core computes; each names its source. */
final class ReferenceValuesTest extends TestCase
{
    /** Texts, tables of somebody else's, rules that stand as data, and values whose inputs the file does not hold. */
    private const NOT_COMPUTED = [
        'a.kgf', 'c.Shigley.K.table', 'c.K.ranges', 'c.alphaA.table', 'c.mu.classes', 'd.scatter.TA.K0.22',
        'd.scatter.Tonly.K0.22', 'd.scatter.Tonly.K0.14', 'e.types', 'e.readings', 'e.interval', 'e.range.20', 'e.range.100',
        'e.range.100.1', 'e.md.max', 'e.VDI2862', 'f.Cmk.requirement', 'h.pcc1.increments',
    ];

    /** @return array<string, array{bool|null, mixed, mixed}> */
    public static function values(): array
    {
        $lines = [];
        foreach (self::report() as $line) {
            $lines["$line[id], $line[source]"] = [$line['passed'], $line['expected'], $line['got']];
        }

        return array_filter($lines, fn (array $l): bool => $l[0] !== null);
    }

    #[DataProvider('values')]
    public function test_a_published_value_is_met(?bool $passed, mixed $expected, mixed $got): void
    {
        self::assertTrue($passed, sprintf('%s is wanted, %s was computed', json_encode($expected), json_encode($got, JSON_PARTIAL_OUTPUT_ON_ERROR)));
    }

    public function test_nothing_else_is_left_out(): void
    {
        $left = array_column(array_filter(self::report(), fn (array $l): bool => $l['passed'] === null), 'id');

        self::assertSame(self::NOT_COMPUTED, $left);
        self::assertGreaterThan(300, count(self::values()));
    }

    /** @return list<array{id: string, quantity: string, source: string, confidence: string, expected: mixed, got: mixed, passed: bool|null}> */
    private static function report(): array
    {
        static $report = null;

        return $report ??= ReferenceReport::of((string) file_get_contents(__DIR__.'/../../reference/values.json'), require __DIR__.'/../../reference/data.php');
    }
}
