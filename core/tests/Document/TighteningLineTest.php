<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Document;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Plan\Expander;
use Tekkal\Core\Tests\Fixtures\CommonPractice;

/** Rounds of common practice, no source. */
final class TighteningLineTest extends TestCase
{
    public function test_a_target_that_all_groups_share_is_written_once(): void
    {
        self::assertSame("15\u{A0}lbf·ft", CommonPractice::revision()->tighteningLine()->rounds()[0]);
    }

    public function test_a_round_that_leaves_a_group_out_names_the_one_it_takes(): void
    {
        $document = CommonPractice::document();
        $document['stages'][1]['targets'] = [$document['stages'][1]['targets'][0]];
        $document['stages'][1]['sequence'] = ['i1', 'i2', 'i3', 'i4'];
        $revision = DocumentReader::read($document);

        self::assertSame('+80° inner', $revision->tighteningLine()->rounds()[1]);
        self::assertCount(12, Expander::expand($revision)->steps);
    }

    public function test_groups_with_the_same_target_share_its_number_where_a_third_differs(): void
    {
        $document = CommonPractice::document();
        $document['groups'][] = ['key' => 'side', 'name' => 'side', 'fastener' => 'bolt'];
        $document['map']['positions'][7]['group'] = 'side';
        foreach ([0 => ['15', '13.5', '16.5', 'lbf.ft'], 1 => ['80', '75', '85', 'deg']] as $stage => [$target, $low, $high, $unit]) {
            $value = fn (string $digits): string => "$digits $unit";
            $document['stages'][$stage]['targets'][] = ['group' => 'side', 'target' => $value($target), 'low' => $value($low), 'high' => $value($high), 'target_source' => 'cp', 'window_source' => 'cp'];
        }

        self::assertSame("15\u{A0}lbf·ft · +80° inner and side / +53° outer", DocumentReader::read($document)->tighteningLine()->typeset());
    }

    public function test_an_eighth_of_a_turn_stays_an_eighth_of_a_turn(): void
    {
        $document = CommonPractice::document();
        foreach ([0, 1] as $i) {
            foreach (['target' => '1/8', 'low' => '0.1', 'high' => '0.15'] as $field => $digits) {
                $document['stages'][1]['targets'][$i][$field] = "$digits turn";
            }
        }

        self::assertSame("+1/8\u{A0}turn", DocumentReader::read($document)->tighteningLine()->rounds()[1]);
    }
}
