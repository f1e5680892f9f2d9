<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Run;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Run\Advice;
use Tekkal\Core\Run\Event\RunFinished;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\RunReport;
use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Tests\Fixtures\CommonPractice;
use Tekkal\Core\Tests\Fixtures\RunDriver;

/** What may be done now, and why not something else: nobody at the bench has to remember it. */
final class AdviceTest extends TestCase
{
    public function test_one_step_is_allowed_and_every_other_says_why_it_is_not(): void
    {
        $bench = (new Bench('01-main-caps-thrust-held-back'))->round('snug');
        $why = $this->why($bench);

        self::assertNull($why['align:joint:1']);
        self::assertSame('It waits for thrust halves aligned.', $why['snug_thrust:i2l:1']);
        self::assertSame('Its turn comes after thrust halves aligned.', $why['turn:i3l:1']);
        self::assertSame('An earlier round was still missing at this position.', $why['turn:i2l:1']);
        self::assertSame('It waits for thrust halves aligned.', $why['spin:joint:1']);
        self::assertArrayNotHasKey('snug:i1l:1', $why, 'what is done is no choice');
    }

    public function test_after_a_fault_every_other_step_waits_for_it(): void
    {
        $bench = new Bench('12-head-nine-stages');
        $bench->reads('s1:a2:1', '30 lbf·ft');

        self::assertSame(['A step had stopped and its fastener had not been backed off.'], array_values(array_unique(array_slice($this->why($bench), 0, 3))));
    }

    public function test_what_was_put_off_says_so(): void
    {
        $bench = new Bench('12-head-nine-stages');
        $bench->does('deferred', ['steps' => ['s1:a2:1'], 'reason' => 'no washer']);

        self::assertSame('It was put off.', $this->why($bench)['s1:a2:1']);
    }

    public function test_before_it_is_begun_and_after_it_is_finished_there_is_nothing_to_do_but_that(): void
    {
        $fold = new RunFold(CommonPractice::plan());
        $advice = new Advice($fold);
        self::assertSame(['begin'], array_map(fn ($w): string => $w->do, $advice->nextActions()));
        self::assertSame('The run had not been begun.', $advice->choices()[0]->why);

        $bench = (new Bench('06-wheels-held', function (array $d): array {
            $d['stages'] = [$d['stages'][0]];

            return $d;
        }))->round('snug');
        self::assertSame(['final_look'], $bench->ways());
        $bench->does('final_look');
        self::assertSame(['finish'], $bench->ways());
        $bench->decide(new RunFinished(RunDriver::stamp()));
        self::assertSame([], $bench->ways());
        self::assertSame(['The run is already finished.'], $bench->fold->whyNotFinish());
    }

    public function test_a_redo_of_nothing_costs_nothing(): void
    {
        $bench = new Bench('04-head-two-sizes');
        $price = $bench->redoCost(Fault::DroppedWrench, 'snug_large:a2:1');

        self::assertSame([[], [], [], []], [$price->positions, $price->fasteners, $price->gaskets, $price->lost]);
    }

    public function test_a_report_holds_state_next_steps_evidence_and_what_blocks_finishing(): void
    {
        $bench = new Bench('12-head-nine-stages');
        $bench->reads('s1:a2:1', '40 lbf·ft');
        $bench->reads('s1:b2:1', '30 lbf·ft');
        $report = (new RunReport($bench->fold))->toArray();

        self::assertSame(['finished', 'next_step', 'interrupted_at', 'under_way', 'ways_on', 'steps', 'waiting', 'faults', 'reported', 'tools_out', 'wet', 'shaft', 'aids_in', 'unknown', 'put_off', 'in_doubt', 'positions', 'blocks_finishing'], array_keys($report));
        self::assertSame([null, false, 2], [$report['next_step'], $report['finished'], is_array($report['blocks_finishing']) ? count($report['blocks_finishing']) : 0]);
        self::assertStringContainsString('Stopped short. Loosen this position and do this round again; the assembler decides.', is_array($report['blocks_finishing']) ? (string) $report['blocks_finishing'][0] : '');

        $bench->does('loosened', ['positions' => ['b2']]);
        self::assertSame('s1:b2:1', (new RunReport($bench->fold))->toArray()['next_step'], 'named once it may be done');
    }

    /** @return array<string, string|null> by step */
    private function why(Bench $bench): array
    {
        $why = [];
        foreach ($bench->advice()->choices() as $choice) {
            $why[$choice->step] = $choice->why;
        }

        return $why;
    }
}
