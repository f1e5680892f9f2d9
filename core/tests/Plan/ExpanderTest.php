<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Plan;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\StageKinds\TurnStage;
use Tekkal\Core\Plan\Expander;
use Tekkal\Core\Plan\PlanReader;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Tests\Fixtures\CommonPractice;

/** Inner +80° and outer +53° after the same 15 lbf·ft: common practice, no source. The expected plan is written by hand from that sentence. */
final class ExpanderTest extends TestCase
{
    public function test_the_plan_is_the_sentence_written_out_bolt_by_bolt(): void
    {
        $plan = CommonPractice::plan();
        $written = array_map(fn (Step $s): string => "$s->id ".str_replace("\u{A0}", ' ', $s->target?->typeset() ?? ''), $plan->steps);

        self::assertSame([
            'snug:i1:1 15 lbf·ft', 'snug:i2:1 15 lbf·ft', 'snug:i3:1 15 lbf·ft', 'snug:i4:1 15 lbf·ft',
            'snug:o1:1 15 lbf·ft', 'snug:o2:1 15 lbf·ft', 'snug:o3:1 15 lbf·ft', 'snug:o4:1 15 lbf·ft',
            'turn:i1:1 80°', 'turn:i2:1 80°', 'turn:i3:1 80°', 'turn:i4:1 80°',
            'turn:o1:1 53°', 'turn:o2:1 53°', 'turn:o3:1 53°', 'turn:o4:1 53°',
        ], $written);
    }

    public function test_the_tightening_line_names_groups_only_where_they_differ(): void
    {
        self::assertSame("15\u{A0}lbf·ft · +80° inner / +53° outer", CommonPractice::revision()->tighteningLine()->typeset());
    }

    public function test_a_step_keeps_its_id_when_the_order_changes(): void
    {
        $document = CommonPractice::document();
        $document['stages'][0]['sequence'] = array_reverse($document['stages'][0]['sequence']);
        $ids = fn (array $steps): array => array_map(fn (Step $s): string => $s->id, $steps);

        self::assertEqualsCanonicalizing(
            $ids(CommonPractice::plan()->steps),
            $ids(Expander::expand(DocumentReader::read($document))->steps),
        );
    }

    public function test_the_turn_counts_from_the_threshold_torque_of_the_document(): void
    {
        $turn = CommonPractice::plan()->step('turn:o1:1')->rules->own;

        self::assertInstanceOf(TurnStage::class, $turn);
        self::assertSame('15', $turn->threshold?->digits);
    }

    public function test_a_stored_plan_is_read_back_to_the_same_bytes(): void
    {
        $plan = CommonPractice::plan();

        self::assertSame($plan->hash(), PlanReader::fromBytes($plan->bytes())->hash());
    }

    public function test_bytes_that_are_no_plan_are_refused(): void
    {
        $this->expectExceptionMessage('/stages: nothing stands there');

        PlanReader::fromBytes('{"expander":"1","revision_hash":"x"}');
    }
}
