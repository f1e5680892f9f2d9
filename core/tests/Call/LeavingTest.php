<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Call;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Call\Known;
use Tekkal\Core\Call\Leaving;
use Tekkal\Core\Tests\Fixtures\Answers;
use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Tests\Fixtures\Procedures;
use Tekkal\Core\Tests\Fixtures\ShopRack;

/** Where a joint can be left. Facts of the trade: between rounds, never with a locker that dries on loose threads. */
final class LeavingTest extends TestCase
{
    public function test_what_has_not_begun_can_be_left_now(): void
    {
        self::assertSame('now; once begun, 1 min, after round 1', $this->says(new Bench('11-trial-fit')));
    }

    public function test_a_round_that_has_begun_is_left_after_it(): void
    {
        $bench = $this->worked('11-trial-fit', until: 'Bolt 2');

        self::assertSame('1 min, after round 1', $this->says($bench));
    }

    public function test_parts_that_are_worked_one_by_one_are_left_between_them_and_not_within_one(): void
    {
        $bench = $this->worked('19-pairs-marked-one-by-one', until: 'Bolt 2');

        self::assertSame('1 min, after one', $this->says($bench));
        self::assertStringStartsWith('now; once begun, none before it is done', (string) $this->says($this->worked('19-pairs-marked-one-by-one', until: 'Bolt 3')));
    }

    public function test_while_a_locker_dries_on_loose_threads_no_round_is_a_place_until_all_that_it_holds_are_tight(): void
    {
        self::assertStringEndsWith('after round 3', (string) $this->says($this->worked('18-locker-in-time', until: 'Bolt 1')));
    }

    public function test_the_minutes_are_those_that_the_joint_took_here_before(): void
    {
        $bench = $this->worked('11-trial-fit', until: 'Bolt 2');
        $stage = $bench->fold->plan->steps[0]->stage;
        $left = count(array_filter($bench->fold->plan->steps, fn ($s): bool => $s->stage === $stage)) - 1;

        self::assertSame(300 * $left, (new Leaving($bench->fold, new Known(seconds: [$stage => 300])))->next()['seconds'] ?? null);
    }

    public function test_a_place_that_comes_after_the_end_of_the_shift_is_said_to(): void
    {
        $leaving = new Leaving($this->worked('11-trial-fit', until: 'Bolt 2')->fold, new Known(seconds: ['snug' => 600, 'trial' => 600]));

        self::assertStringEndsWith('past the end of the shift', (string) $leaving->sentence(1));
        self::assertStringEndsNotWith('past the end of the shift', (string) $leaving->sentence(100_000));
    }

    /** @return iterable<string, array{int, string}> */
    public static function times(): iterable
    {
        yield 'a second is a minute' => [1, '1 min'];
        yield 'what is begun counts' => [61, '2 min'];
        yield 'long ones in hours' => [6_000, '1 h 40 min'];
    }

    #[DataProvider('times')]
    public function test_minutes_are_rounded_up(int $seconds, string $says): void
    {
        self::assertSame($says, Leaving::minutes($seconds));
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function procedures(): iterable
    {
        foreach (Procedures::all() as $name => $document) {
            yield $name => [$document];
        }
    }

    /** @param  array<string, mixed>  $document */
    #[DataProvider('procedures')]
    public function test_the_way_to_the_place_never_takes_longer_than_all_that_is_left_and_nothing_left_needs_no_place(array $document): void
    {
        $bench = new Bench($document);
        $before = PHP_INT_MAX;
        (new Answers($bench, ShopRack::good()))->until(function () use ($bench, &$before): bool {
            $next = (new Leaving($bench->fold, new Known))->next();
            self::assertLessThanOrEqual($next['in_all'] ?? 0, $next['seconds'] ?? 0);
            self::assertLessThanOrEqual($before, $next['in_all'] ?? 0);
            $before = $next['in_all'] ?? 0;

            return $next === null;
        });

        self::assertSame(0, $before);
    }

    private function says(Bench $bench): ?string
    {
        return (new Leaving($bench->fold, new Known))->sentence();
    }

    /** Worked by answering calls until one of this title comes up for the first time. */
    private function worked(string $example, string $until): Bench
    {
        $bench = new Bench($example);
        (new Answers($bench, ShopRack::good()))->until(fn (array $call): bool => $call['title'] === $until);

        return $bench;
    }
}
