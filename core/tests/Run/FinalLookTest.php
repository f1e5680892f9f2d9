<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Run;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Run\Beginning;
use Tekkal\Core\Run\Event\EventTypes;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\SetAsideReason;
use Tekkal\Core\Run\StepStatus;
use Tekkal\Core\Run\Surroundings;
use Tekkal\Core\Tests\Fixtures\Bench;

/** At the end every head is compared with its picture; of a joint of class A by a second person too, who is not told what the first saw (common practice, no source; class after VDI/VDE 2862, from memory). */
final class FinalLookTest extends TestCase
{
    public function test_nobody_finishes_who_has_not_looked_at_every_head(): void
    {
        $bench = self::done();
        self::assertSame(['final_look'], $bench->ways());
        self::assertSame(SetAsideReason::StepsMissing, $bench->does('run_finished')->reason);

        $bench->does('final_look');
        self::assertSame(['finish'], $bench->ways());
        self::assertTrue($bench->does('run_finished')->isApplied());
    }

    public function test_a_head_that_differs_is_not_proved_and_the_others_keep_their_marks(): void
    {
        $bench = self::done();
        $bench->does('final_look', ['differ' => ['n2']]);

        self::assertSame([[Fault::NotProved, 'full:n2:1']], array_map(fn ($f): array => [$f->fault, $f->step], $bench->state()->faults));
        self::assertSame(StepStatus::Done, $bench->state()->status('full:n1:1'));
        self::assertStringStartsWith('Its mark is not as it must be.', $bench->state()->faults[0]->sentence);

        $bench->does('loosened', ['positions' => ['n2']]);
        self::redone($bench);
        self::assertSame(['final_look'], $bench->ways(), 'it is looked at again once it was put right');
    }

    public function test_whatever_is_done_again_after_the_look_is_looked_at_again(): void
    {
        $bench = self::done();
        $bench->does('final_look');
        $bench->does('loosened', ['positions' => ['n1']]);
        self::redone($bench);

        self::assertSame(['final_look'], $bench->ways());
    }

    public function test_a_rag_that_is_put_in_does_not_undo_a_look(): void
    {
        $bench = self::done();
        $bench->does('final_look');
        $bench->does('aid_fitted', ['aid' => 'rag', 'at' => 'joint']);
        $bench->does('aid_removed', ['aid' => 'rag', 'at' => 'joint']);

        self::assertSame(['finish'], $bench->ways());
    }

    public function test_a_head_that_is_none_is_set_aside(): void
    {
        self::assertSame(SetAsideReason::PlaceUnknown, self::done()->does('final_look', ['differ' => ['n99']])->reason);
    }

    public function test_a_joint_of_class_a_is_looked_at_by_somebody_else_and_nobody_is_both(): void
    {
        $bench = self::done('A');
        $bench->does('final_look');
        self::assertSame(['second_look joint'], $bench->ways());
        $all = $bench->fold->looks->unseen();
        self::assertSame(SetAsideReason::OwnWork, $bench->does('second_look', ['steps' => $all, 'finds' => 'as_recorded'])->reason);

        $bench->does('second_look', ['steps' => $all, 'finds' => 'as_recorded'], 'cy');
        self::assertSame(['finish'], $bench->ways());
    }

    public function test_what_the_second_person_sees_otherwise_is_put_right_and_looked_at_by_both_again(): void
    {
        $bench = self::done('A');
        $bench->does('final_look');
        $bench->does('second_look', ['steps' => ['full:n1:1'], 'finds' => 'differs'], 'cy');
        self::assertSame([Fault::NotProved], array_map(fn ($f): Fault => $f->fault, $bench->state()->faults));
        $bench->does('loosened', ['positions' => ['n1']]);
        self::redone($bench);

        self::assertSame(['final_look'], $bench->ways());
        $bench->does('final_look');
        self::assertSame(['second_look joint'], $bench->ways());
    }

    public function test_other_classes_need_one_look(): void
    {
        $bench = self::done('B');
        $bench->does('final_look');

        self::assertSame(['finish'], $bench->ways());
    }

    public function test_a_shop_that_wants_two_to_look_at_its_class_b_has_two(): void
    {
        $bench = self::done('B', true);
        $bench->does('final_look');

        self::assertSame(['second_look joint'], $bench->ways());
        self::assertContains('This joint is of class B: no second person has looked at nos. 1, 2.', $bench->fold->whyNotFinish());
        $bench->does('second_look', ['steps' => $bench->fold->looks->unseen(), 'finds' => 'as_recorded'], 'cy');
        self::assertSame(['finish'], $bench->ways());
    }

    /** Two nuts, both tight; the class is told when the run begins. */
    private static function done(?string $class = null, bool $byTwo = false): Bench
    {
        $bench = new Bench('13-prevailing-added');
        if ($class !== null) {
            $fold = $bench->fold;
            $fold->state->begin($bench->stamp(), $fold->state->seq());
            array_map($fold->state->apply(...), $fold->looks->begun(new Beginning(riskClass: $class, seenByTwo: $byTwo)));
        }
        foreach (['n1', 'n2'] as $nut) {
            $bench->reads("run_down:$nut:1", '2 lbf·ft');
        }
        foreach (['n1', 'n2'] as $nut) {
            $bench->reads("full:$nut:1", '17 lbf·ft');
        }

        return $bench;
    }

    private static function redone(Bench $bench): void
    {
        while (($step = $bench->next()) !== null) {
            $bench->reads($step, str_starts_with($step, 'run_down') ? '2 lbf·ft' : '17 lbf·ft');
        }
    }

    public function test_the_class_is_written_when_the_run_begins(): void
    {
        $bench = new Bench('13-prevailing-added');
        $fresh = new RunFold($bench->fold->plan);
        $fresh->decide(EventTypes::read(['type' => 'run_begun', 'person' => 'ann'] + $bench->clocks()), new Surroundings(beginning: new Beginning(riskClass: 'A')));

        self::assertSame('A', $fresh->state->factAt('joint', 'risk_class'));
    }
}
