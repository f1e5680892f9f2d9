<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Call;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Call\BenchView;
use Tekkal\Core\Call\Pairing;
use Tekkal\Core\Tests\Fixtures\Answers;
use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Tests\Fixtures\ShopRack;
use Tekkal\Core\Unit\LengthUnit;
use Tekkal\Core\Unit\Written;

/** Common practice, no source: all free lengths first, then the nearest together on one rod. */
final class PairingTest extends TestCase
{
    public function test_neighbours_in_length_are_paired_and_no_other_pairs_are_nearer_in_all(): void
    {
        mt_srand(7);
        for ($i = 0; $i < 60; $i++) {
            $lengths = [];
            for ($j = 0; $j < [2, 4, 6, 8][$i % 4]; $j++) {
                $lengths["b$j"] = mt_rand(7990, 8010);
            }
            $pairs = Pairing::nearest(array_map(fn (int $l): Written => Written::of(sprintf('%.2f', $l / 100), LengthUnit::Millimetre), $lengths));
            $sum = array_sum(array_map(fn (array $p): int => abs($lengths[$p[0]] - $lengths[$p[1]]), $pairs));

            self::assertSame(self::least(array_values($lengths)), $sum, (string) json_encode($lengths));
            self::assertCount(count($lengths), array_unique(array_merge(...$pairs)));
        }
    }

    public function test_all_free_lengths_are_asked_for_before_the_first_bolt_is_tightened(): void
    {
        $bench = new Bench('08-rod-stretch-absolute', self::twoRods(...));
        self::upTo($bench, 'check');
        $asked = [];
        while (self::call($bench)['kind'] === 'check') {
            $asked[] = self::call($bench)['position'] ?? null;
            self::measures($bench, end($asked), '3.0000 in');
        }

        self::assertSame(['a', 'b', 'c', 'd'], $asked);
        self::assertSame('stretch', self::call($bench)['kind']);
    }

    public function test_what_is_put_off_is_not_asked_for_and_taken_up_again_it_is_when_its_turn_comes(): void
    {
        $bench = new Bench('08-rod-stretch-absolute', self::twoRods(...));
        self::upTo($bench, 'check');
        $bench->does('deferred', ['steps' => ['pull:c:1'], 'reason' => 'no bolt']);
        foreach (['a', 'b', 'd'] as $position) {
            self::assertSame($position, self::call($bench)['position'] ?? null);
            self::measures($bench, $position, '3.0000 in');
        }
        self::assertSame(['stretch', 'a'], [self::call($bench)['kind'], self::call($bench)['position'] ?? null]);

        (new Answers($bench, ShopRack::good()))->one();
        $bench->does('deferred_work_done', ['steps' => ['pull:c:1']]);
        self::assertSame(['stretch', 'b'], [self::call($bench)['kind'], self::call($bench)['position'] ?? null], 'once the round has begun each is asked for with its own bolt');
    }

    public function test_bolts_that_lie_on_other_rods_than_their_nearest_are_said_and_one_that_changes_its_place_is_measured_again(): void
    {
        $bench = new Bench('08-rod-stretch-absolute', self::twoRods(...));
        self::upTo($bench, 'check');
        foreach (['a' => '3.0000 in', 'b' => '3.0030 in', 'c' => '3.0001 in', 'd' => '3.0031 in'] as $position => $length) {
            self::measures($bench, $position, $length);
        }
        $call = self::call($bench);

        self::assertSame([['positions' => ['a', 'c'], 'apart' => "0.0001\u{00A0}in", 'together' => false], ['positions' => ['b', 'd'], 'apart' => "0.0001\u{00A0}in", 'together' => false]], $call['pairs'] ?? null);
        self::assertContains("Nearest in length: 1 with 3 (0.0001\u{00A0}in), 2 with 4 (0.0001\u{00A0}in). Put each two on one part; one that changes its place is measured again there.", $call['says']);
        $another = (array) ($call['another'] ?? []);
        self::assertSame(['type' => 'free_length_measured', 'position' => 'a'], ((array) ((array) $another['answers'])[0])['event']);

        self::measures($bench, 'b', '3.0001 in');
        self::measures($bench, 'c', '3.0030 in');
        self::assertContains('The bolts of each part are the nearest in length.', self::call($bench)['says']);
    }

    public function test_once_the_first_is_tightened_nothing_is_said_of_pairs(): void
    {
        $bench = new Bench('08-rod-stretch-absolute', self::twoRods(...));
        self::upTo($bench, 'stretch');
        self::assertArrayHasKey('pairs', self::call($bench));
        (new Answers($bench, ShopRack::good()))->one();

        self::assertSame('stretch', self::call($bench)['kind']);
        self::assertArrayNotHasKey('pairs', self::call($bench));
    }

    /**
     * Of every way to pair them, by trying all.
     *
     * @param  list<int>  $lengths
     */
    private static function least(array $lengths): int
    {
        $first = array_shift($lengths);
        if ($first === null) {
            return 0;
        }
        $sums = [];
        foreach ($lengths as $i => $other) {
            $rest = $lengths;
            unset($rest[$i]);
            $sums[] = abs($first - $other) + self::least(array_values($rest));
        }

        return min($sums);
    }

    private static function upTo(Bench $bench, string $kind): void
    {
        (new Answers($bench, ShopRack::good()))->until(fn (array $call): bool => $call['kind'] === $kind, 20);
    }

    private static function measures(Bench $bench, ?string $position, string $length): void
    {
        $bench->does('free_length_measured', ['position' => $position, 'length' => $length]);
    }

    /** @return array<string, mixed> */
    private static function call(Bench $bench): array
    {
        return (new BenchView($bench->fold, ShopRack::good()))->toArray()['call'];
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private static function twoRods(array $document): array
    {
        $json = (string) json_encode($document);
        $json = str_replace('"sequence":["a","b"]', '"sequence":["a","b","c","d"]', $json);
        $document = (array) json_decode($json, true);
        $map = (array) $document['map'];
        $map['width'] = '160';
        $map['parts'][] = ['key' => 'rod2', 'name' => 'rod 2', 'shape' => 'box', 'x' => '90', 'y' => '5', 'width' => '60', 'height' => '70'];
        $map['positions'][] = ['key' => 'c', 'number' => '3', 'x' => '120', 'y' => '20', 'group' => 'rod', 'part' => 'rod2'];
        $map['positions'][] = ['key' => 'd', 'number' => '4', 'x' => '120', 'y' => '60', 'group' => 'rod', 'part' => 'rod2'];

        return ['map' => $map] + $document;
    }
}
