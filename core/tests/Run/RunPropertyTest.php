<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Run;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Run\Outcome;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\StepStatus;
use Tekkal\Core\Run\Surroundings;
use Tekkal\Core\Tests\Fixtures\Hand;
use Tekkal\Core\Tests\Fixtures\WildBench;

/**
 * Every example of the language, carried out by somebody who does anything at any moment: what the core holds whatever
 * happens. Everything is drawn by seed, so that a failure can be repeated.
 */
final class RunPropertyTest extends TestCase
{
    /** @return iterable<string, array{string, int}> */
    public static function runs(): iterable
    {
        foreach (glob(__DIR__.'/../../../docs/formats/examples/*.json') ?: [] as $file) {
            foreach ([2, 30, 41] as $seed) {
                yield basename($file, '.json')." seed $seed" => [basename($file, '.json'), $seed];
            }
        }
    }

    #[DataProvider('runs')]
    public function test_replay_equals_live_and_duplicates_change_nothing(string $example, int $seed): void
    {
        $bench = WildBench::after($example, $seed);
        [$replay, $again, $doubled] = [new RunFold($bench->fold->plan), new RunFold($bench->fold->plan), new RunFold($bench->fold->plan)];
        foreach ($bench->history as $i => [$event, $outcome]) {
            $replay->apply($event->stamp, Outcome::fromBody($outcome->toBody()));
            self::assertEquals($outcome, $again->decide($event));
            $doubled->decide($event, new Surroundings($i + 1));
            $doubled->decide($event, new Surroundings($i + 1));
        }

        self::assertEquals($bench->state(), $replay->freeze());
        self::assertEquals($bench->state(), $again->freeze());
        self::assertEquals($bench->state(), $doubled->freeze());
    }

    #[DataProvider('runs')]
    public function test_no_sequence_completes_a_plan_with_a_step_missing_unknown_or_not_disposed_of(string $example, int $seed): void
    {
        $bench = WildBench::after($example, $seed);
        if ($bench->state()->device !== 'bench1') {
            $bench->takenOver('ann', 'bench1');
        }
        $state = $bench->state();
        foreach ($state->finished ? $bench->fold->plan->steps : [] as $step) {
            self::assertContains($state->status($step->id), [StepStatus::Done, StepStatus::NotNeeded], $step->id);
        }
        if (! $state->finished) {
            self::assertSame($bench->fold->whyNotFinish() === [], $bench->does('run_finished')->isApplied());
        }
        self::assertSame($bench->fold->freeze()->finished, $bench->fold->whyNotFinish() === ['The run is already finished.']);
    }

    #[DataProvider('runs')]
    public function test_from_every_reachable_state_the_ways_shown_lead_to_the_end(string $example, int $seed): void
    {
        $bench = WildBench::after($example, $seed);
        if ($bench->state()->device !== 'bench1') {
            $bench->takenOver('ann', 'bench1');
        }
        $hand = new Hand($bench);
        for ($i = 0; $i < 600 && ! $bench->state()->finished; $i++) {
            $ways = $bench->advice()->nextActions();
            self::assertNotSame([], $ways);
            // Whoever decides comes first; what is done is done well.
            $way = $ways[count($ways) - 1];
            $outcome = $hand->follow($way);
            self::assertTrue($outcome->isApplied(), "$way->do $way->at was shown as a way on. ".$outcome->reason?->sentence());
        }

        self::assertTrue($bench->state()->finished, implode(', ', $bench->ways()));
    }

    #[DataProvider('runs')]
    public function test_what_is_shown_as_allowed_is_taken_and_what_is_not_has_a_reason(string $example, int $seed): void
    {
        $bench = WildBench::after($example, $seed);
        $allowed = 0;
        foreach ($bench->advice()->choices() as $choice) {
            $allowed += $choice->allowed ? 1 : 0;
            self::assertSame($choice->allowed, $choice->why === null);
        }
        self::assertLessThanOrEqual(2, $allowed, 'at most the next step and one that may be taken further');
    }
}
