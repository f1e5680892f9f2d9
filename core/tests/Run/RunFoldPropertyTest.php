<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Run;

use DateTimeImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use RuntimeException;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Advice;
use Tekkal\Core\Run\Disposition;
use Tekkal\Core\Run\Event\BackedOff;
use Tekkal\Core\Run\Event\Disposed;
use Tekkal\Core\Run\Event\Event;
use Tekkal\Core\Run\Event\FastenerReplaced;
use Tekkal\Core\Run\Event\FinalLook;
use Tekkal\Core\Run\Event\Inspected;
use Tekkal\Core\Run\Event\Loosened;
use Tekkal\Core\Run\Event\ReadingTaken;
use Tekkal\Core\Run\Event\ReadingWithdrawn;
use Tekkal\Core\Run\Event\RunBegun;
use Tekkal\Core\Run\Event\RunFinished;
use Tekkal\Core\Run\Event\RunTakenOver;
use Tekkal\Core\Run\Event\ToolTaken;
use Tekkal\Core\Run\InspectionFinds;
use Tekkal\Core\Run\NextAction;
use Tekkal\Core\Run\ReadingSource;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\Stamp;
use Tekkal\Core\Run\StepStatus;
use Tekkal\Core\Run\ToolUse;
use Tekkal\Core\Tests\Fixtures\CommonPractice;
use Tekkal\Core\Tests\Fixtures\RunDriver;
use Tekkal\Core\Unit\Written;

/** Whatever comes in whatever order, the fold holds. Orders are random, by seed, so that a failure can be repeated. */
final class RunFoldPropertyTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 40) as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_replay_with_the_stored_outcomes_equals_what_happened_live(int $seed): void
    {
        $plan = CommonPractice::plan();
        [$live, $replay, $again] = [new RunFold($plan), new RunFold($plan), new RunFold($plan)];
        foreach (self::events($plan, $seed) as $event) {
            $outcome = $live->decide($event);
            $replay->apply($event->stamp, $outcome);
            $again->decide($event);
        }

        self::assertEquals($live->freeze(), $replay->freeze());
        self::assertEquals($live->freeze(), $again->freeze(), 'deciding anew comes to the same');
    }

    #[DataProvider('seeds')]
    public function test_no_order_of_events_finishes_a_run_with_a_step_missing(int $seed): void
    {
        $plan = CommonPractice::plan();
        $fold = new RunFold($plan);
        foreach (self::events($plan, $seed) as $event) {
            $fold->decide($event);
            $state = $fold->freeze();
            foreach ($state->finished ? $plan->steps : [] as $step) {
                self::assertSame(StepStatus::Done, $state->status($step->id));
            }
        }
        self::assertSame($fold->freeze()->finished, (new Advice($fold))->whyNotFinish() === 'The run is already finished.');
    }

    #[DataProvider('seeds')]
    public function test_from_every_reachable_state_there_is_a_way_to_the_end(int $seed): void
    {
        $plan = CommonPractice::plan();
        $fold = new RunFold($plan);
        $fold->decide(new RunBegun(RunDriver::stamp()));
        foreach (array_slice(self::events($plan, $seed), 0, 60) as $event) {
            $fold->decide($event);
        }
        for ($i = 0; $i < 120 && (new Advice($fold))->whyNotFinish() !== null && ! $fold->freeze()->finished; $i++) {
            $ways = (new Advice($fold))->nextActions();
            self::assertTrue($fold->decide(self::done($fold, $ways[count($ways) - 1], "way$i"))->isApplied(), $ways[count($ways) - 1]->sentence);
        }

        self::assertTrue($fold->freeze()->finished || (new Advice($fold))->whyNotFinish() === null);
    }

    private static function done(RunFold $fold, NextAction $way, string $id): Event
    {
        $stamp = RunDriver::stamp((string) $fold->freeze()->device, id: $id);

        return match ($way->do) {
            'step' => self::taken($id, $way->at, self::target($fold->plan->step($way->at)), (string) $stamp->device),
            'final_look' => new FinalLook($stamp),
            'loosen' => new Loosened($stamp, [$way->at]),
            'replace' => new FastenerReplaced($stamp, $way->at),
            'inspect' => new Inspected($stamp, $way->at, InspectionFinds::Sound),
            'decide' => new Disposed(new Stamp('lead', null, $stamp->at, id: $id), $way->at, Disposition::Rework),
            default => throw new RuntimeException("Nobody knows how to $way->do."),
        };
    }

    #[DataProvider('seeds')]
    public function test_every_reading_stands_in_at_most_one_attempt_and_one_attempt_per_step_lives(int $seed): void
    {
        $plan = CommonPractice::plan();
        $fold = new RunFold($plan);
        foreach (self::events($plan, $seed) as $event) {
            $fold->decide($event);
        }
        $ids = [];
        foreach ($fold->freeze()->attempts as $attempts) {
            self::assertLessThanOrEqual(1, count(array_filter($attempts, fn ($a): bool => $a->status->value === 'live')));
            array_push($ids, ...array_map(fn ($a): string => $a->id(), $attempts));
        }
        self::assertSame($ids, array_unique($ids));
    }

    /** @return list<Event> 200 events, most of them sensible, many not */
    private static function events(Plan $plan, int $seed): array
    {
        $random = new Randomizer(new Xoshiro256StarStar($seed));
        $events = $random->getInt(0, 9) === 0 ? [] : [new RunBegun(RunDriver::stamp())];
        $next = 0;
        for ($i = 0; $i < 200; $i++) {
            $step = $plan->steps[$random->getInt(0, 3) === 0 ? $random->getInt(0, 15) : $next % 16];
            $device = $random->getInt(0, 19) === 0 ? 'bench2' : 'bench1';
            $events[] = match (true) {
                ($kind = $random->getInt(0, 99)) < 62 => self::reading($random, "r$i", $step->id, self::target($step), $device),
                $kind < 82 => new BackedOff(RunDriver::stamp($device), $step->id),
                $kind < 90 => new ReadingWithdrawn(RunDriver::stamp(), 'r'.$random->getInt(0, 199), $step->id, null, $random->getInt(0, 1) === 0 ? null : 'bob'),
                $kind < 93 => new RunTakenOver(RunDriver::stamp()),
                $kind < 95 => new ToolTaken(RunDriver::stamp(), ToolUse::Torque, 'w'),
                $kind < 98 => new RunFinished(RunDriver::stamp()),
                default => new RunBegun(new Stamp('bob', 'bench2', new DateTimeImmutable('2026-03-02'))),
            };
            $next += $random->getInt(0, 1);
        }

        return $events;
    }

    private static function reading(Randomizer $random, string $id, string $step, Written $target, string $device): ReadingTaken
    {
        $value = match ($random->getInt(0, 9)) {
            0 => Written::of('1', $target->unit),
            1 => Written::of('999', $target->unit),
            2 => Written::fromCode('80', 'deg'),
            default => $target,
        };

        return self::taken($id, $random->getInt(0, 29) === 0 ? 'no:such:1' : $step, $value, $device);
    }

    private static function taken(string $id, string $step, Written $value, string $device): ReadingTaken
    {
        return new ReadingTaken(RunDriver::stamp($device, id: $id), $step, $value, ReadingSource::Typed, 'w');
    }

    private static function target(Step $step): Written
    {
        return $step->goal()->target ?? throw new RuntimeException("$step->id has no target.");
    }
}
