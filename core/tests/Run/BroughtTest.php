<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Run;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Run\Beginning;
use Tekkal\Core\Run\Brought;
use Tekkal\Core\Run\Event\EventTypes;
use Tekkal\Core\Run\FastenerBook;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\State;
use Tekkal\Core\Run\Surroundings;
use Tekkal\Core\Run\Thing;
use Tekkal\Core\Run\ThingState;
use Tekkal\Core\Tests\Fixtures\Bench;

/** Facts of the trade (common practice, no source): a bolt that may be tightened twice has had its first tightening when the engine comes back; one that is used once comes new. */
final class BroughtTest extends TestCase
{
    public function test_a_fastener_that_comes_back_goes_on_counting_and_is_used_up_when_it_has_had_its_last(): void
    {
        $first = $this->tightened('05-flywheel-verified');
        $second = $this->begun($first->fold->plan, Brought::from($first->fold->state, $first->fold->plan, true));
        self::assertSame([1, ThingState::Loose], [$this->bolt($second, 'f1')->count, $this->bolt($second, 'f1')->is]);
        self::assertFalse($this->book($second)->isUsedUp('f1'), 'the second of two');

        $again = Brought::from($this->loadedOnceMore($second), $second->plan, true);
        $third = $this->begun($first->fold->plan, $again);
        self::assertSame(2, $this->bolt($third, 'f1')->count);
        self::assertTrue($this->book($third)->isUsedUp('f1'));
        self::assertSame('This fastener has had its tightening; a new one is wanted.', $this->book($third)->whyAnother($third->plan->steps[0]));
        $third->decide(EventTypes::read(['type' => 'fastener_replaced', 'position' => 'f1', 'lot' => 'L2'] + self::clocks(9)));
        self::assertSame([2, 0], [$this->bolt($third, 'f1')->number, $this->bolt($third, 'f1')->count], 'another one has had none');
    }

    public function test_with_another_kit_no_fastener_comes_along_and_the_threads_stay_the_engines(): void
    {
        $first = $this->tightened('05-flywheel-verified');
        $kinds = fn (bool $same): array => array_values(array_unique(array_map(fn (Thing $t): string => $t->thing->value, Brought::from($first->fold->state, $first->fold->plan, $same))));

        self::assertSame(['bolt', 'thread'], $kinds(true));
        self::assertSame(['thread'], $kinds(false));
    }

    public function test_one_that_is_used_once_comes_new(): void
    {
        $once = $this->tightened('05-flywheel-verified', fn (array $d): array => ['fasteners' => [['key' => 'bolt', 'name' => 'flywheel bolt', 'reuse' => 'never']]] + $d);

        self::assertSame(['thread'], array_values(array_unique(array_map(fn (Thing $t): string => $t->thing->value, Brought::from($once->fold->state, $once->fold->plan, true)))));
    }

    public function test_what_was_never_loaded_brings_nothing(): void
    {
        $bench = new Bench('05-flywheel-verified');
        $bench->round('r1');

        self::assertSame([], Brought::from($bench->fold->state, $bench->fold->plan, true));
    }

    /** @param  (callable(array<string, mixed>): array<string, mixed>)|null  $change */
    private function tightened(string $example, ?callable $change = null): Bench
    {
        return (new Bench($example, $change))->round('r1', 'r2', 'r3');
    }

    /** @param  list<Thing>  $brought */
    private function begun(Plan $plan, array $brought): RunFold
    {
        $fold = new RunFold($plan);
        $fold->decide(EventTypes::read(['type' => 'run_begun'] + self::clocks(1)), new Surroundings(beginning: new Beginning(brought: $brought)));

        return $fold;
    }

    private function loadedOnceMore(RunFold $fold): State
    {
        foreach ($fold->plan->steps as $i => $step) {
            if ($step->stage !== 'again') {
                $fold->decide(EventTypes::read(['type' => 'step_attested', 'step' => $step->id] + self::clocks(10 + $i)));
            }
        }

        return $fold->state;
    }

    private function book(RunFold $fold): FastenerBook
    {
        return new FastenerBook($fold->plan, $fold->state);
    }

    private function bolt(RunFold $fold, string $position): Thing
    {
        return $this->book($fold)->bolt($position);
    }

    /** @return array<string, string> */
    private static function clocks(int $second): array
    {
        return ['id' => "e$second", 'person' => 'ann', 'device' => 'bench1', 'taken_at' => sprintf('2026-03-02T08:00:%02d.000000Z', $second)];
    }
}
