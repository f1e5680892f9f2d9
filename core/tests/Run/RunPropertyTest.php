<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Run;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Tekkal\Core\Procedure\Fault;
use Tekkal\Core\Run\Event\PartMoved;
use Tekkal\Core\Run\Event\RunTakenOver;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\StepStatus;
use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Tests\Fixtures\Hand;

/**
 * Every example of the language, carried out by somebody who does anything at any moment: what the core holds whatever
 * happens. Everything is drawn by seed, so that a failure can be repeated.
 */
final class RunPropertyTest extends TestCase
{
    private const EVENTS = 70;

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
        $bench = self::wild($example, $seed);
        [$replay, $again, $doubled] = [new RunFold($bench->fold->plan), new RunFold($bench->fold->plan), new RunFold($bench->fold->plan)];
        foreach ($bench->history as [$event, $outcome]) {
            $replay->apply($event, $outcome);
            self::assertEquals($outcome, $again->apply($event));
            $doubled->apply($event);
            $doubled->apply($event);
        }

        self::assertEquals($bench->state(), $replay->freeze());
        self::assertEquals($bench->state(), $again->freeze());
        self::assertEquals($bench->state(), $doubled->freeze());
    }

    #[DataProvider('runs')]
    public function test_no_sequence_completes_a_plan_with_a_step_missing_unknown_or_not_disposed_of(string $example, int $seed): void
    {
        $bench = self::wild($example, $seed);
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
        $bench = self::wild($example, $seed);
        if ($bench->state()->device !== 'bench1') {
            $bench->apply(new RunTakenOver('ann', 'bench1'));
        }
        $hand = new Hand($bench);
        for ($i = 0; $i < 600 && ! $bench->state()->finished; $i++) {
            $ways = $bench->advice()->waysOn();
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
        $bench = self::wild($example, $seed);
        $allowed = 0;
        foreach ($bench->advice()->choices() as $choice) {
            $allowed += $choice->allowed ? 1 : 0;
            self::assertSame($choice->allowed, $choice->why === null);
        }
        self::assertLessThanOrEqual(2, $allowed, 'at most the next step and one that may be taken further');
    }

    private static function wild(string $example, int $seed): Bench
    {
        $random = new Randomizer(new Xoshiro256StarStar($seed));
        $bench = new Bench($example);
        $hand = new Hand($bench);
        for ($i = 0; $i < self::EVENTS && ! $bench->state()->finished; $i++) {
            $ways = $bench->advice()->waysOn();
            $random->getInt(0, 9) < 6 && $ways[0]->do !== 'finish'
                ? $hand->follow($ways[$random->getInt(0, count($ways) - 1)])
                : self::whatever($bench, $random);
        }

        return $bench;
    }

    private static function whatever(Bench $bench, Randomizer $random): void
    {
        $steps = $bench->fold->plan->steps;
        $step = $steps[$random->getInt(0, count($steps) - 1)]->id;
        $positions = array_keys($bench->fold->plan->positions);
        $position = $positions[$random->getInt(0, count($positions) - 1)];
        $values = ['0.0060 in', '2.0055 in', '15 lbf·ft', '150°', '999 N·m', '0.1 N·m', '5 mm', '60 lbf·ft', '1°'];
        $value = $values[$random->getInt(0, count($values) - 1)];
        $faults = array_column(Fault::cases(), 'value');
        $id = ['id' => $bench->id()];
        match ($random->getInt(0, 21)) {
            0, 1, 2 => $bench->reads($step, $value, [$value, '0.0061 in']),
            3 => $bench->strokes($step, $value),
            4 => $bench->does('click_attested', $id + ['step' => $step, 'tool' => 'W1']),
            5 => $bench->does('round_attested', $id + ['stage' => explode(':', $step)[0], 'marks' => $random->getInt(0, 6)]),
            6 => $bench->answers($step, $random->getInt(0, 1) === 1),
            7 => $bench->moved($step, true),
            8 => $bench->does('gave_way', $id + ['step' => $step]),
            9 => $bench->apply(new PartMoved($bench->fold->plan->positions[$position]->part, $bench->stamp())),
            10 => $bench->does('loosened', ['positions' => [$position, 'nowhere']]),
            11 => $bench->does('loosened', ['positions' => [$position]]),
            12 => $bench->does('fastener_replaced', ['position' => $position, 'lot' => 'L']),
            13 => $bench->does('fault_reported', $id + ['fault' => $faults[$random->getInt(0, count($faults) - 1)], 'step' => $step]),
            14 => $bench->does('disposed', ['step' => $step, 'disposition' => ['use_as_is', 'rework', 'replace', 'scrap'][$random->getInt(0, 3)]], 'lead'),
            15 => $bench->does('deferred', ['steps' => [$step], 'reason' => 'no part']),
            16 => $bench->does('deferred_work_done', ['steps' => [$step]]),
            17 => $bench->does('restarted', ['scope' => 'position', 'key' => $position]),
            18 => $bench->does('tool_set', ['tool' => 'W1', 'shows' => $value]),
            19 => $bench->does('reading_withdrawn', ['reading' => 'e'.$random->getInt(1, 30), 'second_person' => 'bo']),
            20 => $bench->does('thread_repaired', ['position' => $position, 'kind' => 'insert']),
            default => $bench->does('run_finished'),
        };
    }
}
