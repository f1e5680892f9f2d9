<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Call;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Call\Metal;
use Tekkal\Core\Tests\Fixtures\Answers;
use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Tests\Fixtures\Procedures;
use Tekkal\Core\Tests\Fixtures\ShopRack;

/** What whoever works elsewhere on the same engine has to know of a joint. Facts of the trade, common practice, no source. */
final class MetalTest extends TestCase
{
    /** @param  array<string, mixed>  $document */
    #[DataProvider('procedures')]
    public function test_a_joint_becomes_tight_bolt_by_bolt_and_once_it_is_signed_nothing_is_said_of_it(array $document): void
    {
        $bench = new Bench($document);
        $answers = new Answers($bench, ShopRack::good());
        $most = 0;
        $answers->until(function () use ($bench, &$most): bool {
            $is = (new Metal($bench->fold))->toArray();
            self::assertLessThanOrEqual($is['all'], $is['tight']);
            $most = max($most, $bench->state()->finished ? 0 : $is['tight']);

            return $bench->state()->finished;
        });
        $done = (new Metal($bench->fold))->toArray();

        self::assertSame([[], [], [], 0, 0, []], array_values($done));
        self::assertSame(count(array_unique(array_column(array_filter($bench->fold->plan->steps, fn ($s): bool => $s->kind->tightens() && isset($bench->fold->plan->positions[$s->position])), 'position'))), $most);
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function procedures(): iterable
    {
        foreach (Procedures::all() as $name => $document) {
            yield $name => [$document];
        }
    }

    public function test_an_aid_that_is_in_keeps_the_shaft_and_has_to_come_out(): void
    {
        foreach (Procedures::all() as $document) {
            $aid = array_values(array_filter((array) ($document['aids'] ?? []), fn ($a): bool => is_array($a) && ($a['holds_shaft'] ?? false) === true))[0] ?? null;
            if (is_array($aid)) {
                $bench = new Bench($document);
                $bench->does('aid_fitted', ['aid' => $aid['key'], 'at' => 'joint']);
                $is = (new Metal($bench->fold))->toArray();
                self::assertNotSame([], preg_grep('/ is in$/', $is['shaft']));
                self::assertNotSame([], $is['aids']);
                $bench->does('aid_removed', ['aid' => $aid['key'], 'at' => 'joint']);
                self::assertSame([], preg_grep('/ is in$/', (new Metal($bench->fold))->toArray()['shaft']));

                return;
            }
        }
        self::fail('No procedure that ships has an aid that keeps the shaft.');
    }

    public function test_a_locker_on_loose_threads_is_told_with_the_time_by_which_it_sets(): void
    {
        $bench = new Bench('18-locker-in-time');
        $answers = new Answers($bench, ShopRack::good());
        $answers->until(fn (array $call): bool => $call['title'] === 'Bolt 1');
        [$curing] = (new Metal($bench->fold))->toArray()['curing'];

        self::assertMatchesRegularExpression('/^nos\. 1, /', $curing['places']);
        // 15 min of working time (example 18); the bench's clock began at eight.
        self::assertMatchesRegularExpression('/^2026-03-02T08:1[5-9]:\d\dZ$/', $curing['until']);
    }
}
