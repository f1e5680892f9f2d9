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
use Tekkal\Core\Run\Event\BackedOff;
use Tekkal\Core\Run\Event\Event;
use Tekkal\Core\Run\Event\ReadingTaken;
use Tekkal\Core\Run\Event\ReadingWithdrawn;
use Tekkal\Core\Run\Event\RunBegun;
use Tekkal\Core\Run\Event\RunFinished;
use Tekkal\Core\Run\Event\RunTakenOver;
use Tekkal\Core\Run\Event\ToolTaken;
use Tekkal\Core\Run\ReadingSource;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\Stamp;
use Tekkal\Core\Run\StepStatus;
use Tekkal\Core\Tests\Fixtures\CommonPractice;
use Tekkal\Core\Unit\Kind;
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
            $outcome = $live->apply($event);
            $replay->apply($event, $outcome);
            $again->apply($event);
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
            $fold->apply($event);
            $state = $fold->freeze();
            foreach ($state->finished ? $plan->steps : [] as $step) {
                self::assertSame(StepStatus::Done, $state->status($step->id));
            }
        }
        self::assertSame($fold->freeze()->finished, $fold->freeze()->whyNotFinish() === 'The run is already finished.');
    }

    #[DataProvider('seeds')]
    public function test_from_every_reachable_state_there_is_a_way_to_the_end(int $seed): void
    {
        $plan = CommonPractice::plan();
        $fold = new RunFold($plan);
        $fold->apply(new RunBegun('ann', 'bench1'));
        foreach (array_slice(self::events($plan, $seed), 0, 60) as $event) {
            $fold->apply($event);
        }
        for ($i = 0; $i < 60 && $fold->freeze()->whyNotFinish() !== null && ! $fold->freeze()->finished; $i++) {
            $state = $fold->freeze();
            $device = (string) $state->device;
            if ($state->stoppedAt !== null) {
                $fold->apply(new BackedOff($state->stoppedAt, $device));
            } elseif ($state->nextStep !== null) {
                $step = $plan->step($state->nextStep);
                $fold->apply(self::taken("way$i", $step->id, self::target($step), $device));
            }
        }

        self::assertTrue($fold->freeze()->finished || $fold->freeze()->whyNotFinish() === null);
    }

    #[DataProvider('seeds')]
    public function test_every_reading_stands_in_at_most_one_attempt_and_one_attempt_per_step_lives(int $seed): void
    {
        $plan = CommonPractice::plan();
        $fold = new RunFold($plan);
        foreach (self::events($plan, $seed) as $event) {
            $fold->apply($event);
        }
        $ids = [];
        foreach ($fold->freeze()->attempts as $attempts) {
            self::assertLessThanOrEqual(1, count(array_filter($attempts, fn ($a): bool => $a->status->value === 'live')));
            array_push($ids, ...array_map(fn ($a): string => $a->reading->id, $attempts));
        }
        self::assertSame($ids, array_unique($ids));
    }

    /** @return list<Event> 200 events, most of them sensible, many not */
    private static function events(Plan $plan, int $seed): array
    {
        $random = new Randomizer(new Xoshiro256StarStar($seed));
        $events = $random->getInt(0, 9) === 0 ? [] : [new RunBegun('ann', 'bench1')];
        $next = 0;
        for ($i = 0; $i < 200; $i++) {
            $step = $plan->steps[$random->getInt(0, 3) === 0 ? $random->getInt(0, 15) : $next % 16];
            $device = $random->getInt(0, 19) === 0 ? 'bench2' : 'bench1';
            $events[] = match (true) {
                ($kind = $random->getInt(0, 99)) < 62 => self::reading($random, "r$i", $step->id, self::target($step), $device),
                $kind < 82 => new BackedOff($step->id, $device),
                $kind < 90 => new ReadingWithdrawn('r'.$random->getInt(0, 199), $random->getInt(0, 1) === 0 ? null : 'bob'),
                $kind < 93 => new RunTakenOver('ann', 'bench1'),
                $kind < 95 => new ToolTaken(Kind::Torque, 'w'),
                $kind < 98 => new RunFinished,
                default => new RunBegun('bob', 'bench2'),
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
        return new ReadingTaken($id, $step, $value, ReadingSource::Typed, 'w', new Stamp('ann', $device, new DateTimeImmutable('2026-03-02'), id: $id));
    }

    private static function target(Step $step): Written
    {
        return $step->straight()->target ?? throw new RuntimeException("$step->id is not straight.");
    }
}
