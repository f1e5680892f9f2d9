<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Run;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Tests\Fixtures\LifeRules;
use Tekkal\Core\Tests\Fixtures\Procedures;
use Tekkal\Core\Tests\Fixtures\WildBench;

/**
 * Two hundred lives, with faults of every kind, of all procedures that ship; 3,000 of them are led by `bin/tekkal bench lives`.
 * Made-up inputs, drawn by seed; what they are held to is common practice (no source).
 */
final class RunLivesTest extends TestCase
{
    private const LIVES = 200;

    /** @return iterable<string, array{array<string, mixed>, int}> */
    public static function lives(): iterable
    {
        $procedures = Procedures::all();
        for ($seed = 0; $seed < self::LIVES; $seed++) {
            $name = array_keys($procedures)[$seed % count($procedures)];
            yield "$name, seed $seed" => [$procedures[$name], $seed];
        }
    }

    /** @param  array<string, mixed>  $procedure */
    #[DataProvider('lives')]
    public function test_whatever_happens_at_the_bench_nothing_is_good_by_accident(array $procedure, int $seed): void
    {
        self::assertSame([], LifeRules::broken(WildBench::after($procedure, $seed)));
    }
}
