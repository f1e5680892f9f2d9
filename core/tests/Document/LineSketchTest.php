<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Document;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\FirstQuestions;
use Tekkal\Core\Document\InvalidDocument;
use Tekkal\Core\Document\LineSketch;
use Tekkal\Core\Document\Problem;
use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Tests\Fixtures\CommonPractice;

/** The lines are those of the trade, common practice, no source. */
final class LineSketchTest extends TestCase
{
    private const WINDOWS = [['code' => 'W-T', 'quantity' => 'torque', 'tolerance' => '5 %'], ['code' => 'W-A', 'quantity' => 'angle', 'tolerance' => '3°']];

    public function test_each_round_is_read_back_with_what_it_means_and_the_window_it_would_get(): void
    {
        $read = LineSketch::of('seat · 15 lbf·ft · +80° inner / +53° outer · settle 10 min · check end play', self::WINDOWS);

        self::assertSame([null, null, null, null, null], array_column($read, 'problem'));
        self::assertSame('by hand, no torque read', $read[0]['says']);
        self::assertStringContainsString('if W-T is taken', $read[1]['says']);
        self::assertStringStartsWith('counted from 15 lbf·ft; good 77–83', $read[2]['says']);
        self::assertSame('somebody looks and says so', $read[4]['says']);
    }

    public function test_a_line_that_names_no_group_is_for_all_bolts(): void
    {
        self::assertSame(['seat', '18 N·m, all bolts'], array_column(LineSketch::of('seat · 18 N·m'), 'title'));
        self::assertSame(['all' => 'all'], LineSketch::groupsIn('seat · 18 N·m'));
    }

    public function test_the_groups_are_those_that_the_line_names(): void
    {
        self::assertSame(['inner' => 'inner', 'outer' => 'outer'], LineSketch::groupsIn('15 lbf·ft · +80° inner / +53° outer'));
        self::assertSame(['long' => 'long', 'short' => 'short'], LineSketch::groupsIn('9 N·m long and short · 24 N·m long'));
    }

    /** Nothing is guessed: 18 of what is a broken bolt. */
    public function test_a_number_without_its_unit_is_asked_about_in_the_unit_before_it_first(): void
    {
        [, $last] = LineSketch::of('9 lbf·ft · 18');

        self::assertSame(['18 – of what?', ['18 lbf·ft', '18 N·m', '+18°']], [$last['title'], $last['offers']]);
        [, $again] = LineSketch::of('9 N·m · again 18');
        self::assertSame(['again 18 – of what?', ['verify 18 N·m', 'verify 18 lbf·ft']], [$again['title'], $again['offers']]);
        self::assertSame(['verify 18 N·m', '18 N·m'], LineSketch::of('again 18 N·m')[0]['offers']);
    }

    public function test_what_is_not_understood_does_not_take_the_rounds_after_it_along(): void
    {
        $read = LineSketch::of('9 N·m · banana · +47°', self::WINDOWS);

        self::assertSame([false, true, false], array_map(fn (array $r): bool => $r['problem'] !== null, $read));
        self::assertStringStartsWith('counted from 9 N·m', $read[2]['says']);
    }

    public function test_an_angle_after_no_torque_asks_from_where_it_counts(): void
    {
        self::assertStringStartsWith('counted from which torque?', LineSketch::of('+47°')[0]['says']);
    }

    public function test_a_document_begins_with_what_the_line_says_and_nothing_else(): void
    {
        $document = LineSketch::begun('15 lbf·ft · +80° inner / +53° outer · check end play');

        self::assertSame([['key' => 'inner', 'name' => 'inner'], ['key' => 'outer', 'name' => 'outer']], $document['groups']);
        self::assertSame(['torque', 'turn', 'check'], array_column((array) $document['stages'], 'kind'));
        self::assertArrayNotHasKey('risk_class', $document);
        $this->expectException(InvalidDocument::class);
        LineSketch::begun('15 lbf·ft · again 18');
    }

    public function test_what_is_looked_at_or_waited_for_makes_no_sister(): void
    {
        self::assertSame(['seat', 'torque', 'turn'], LineSketch::kinds('seat · 15 lbf·ft · settle 10 min · +80° · check end play'));
        self::assertSame([], LineSketch::kinds('banana'));
    }

    public function test_a_procedure_that_has_nothing_but_its_line_is_asked_for_the_rest_in_the_order_that_saves_most(): void
    {
        $questions = FirstQuestions::of(LineSketch::begun('seat · 9 N·m · 18 N·m'));

        self::assertSame(['bolts', 'places', 'paper', 'surfaces', 'reuse', 'windows', 'risk'], array_column($questions, 'key'));
        self::assertSame('Thread, length and class decide whether 18 N·m is believable; nothing is assumed.', $questions[0]['why']);
        self::assertSame(['Whose figure is 18 N·m?', 'A manual, a sheet or the shop; with its page. 9 N·m wants the same.'], [$questions[2]['asks'], $questions[2]['why']]);
        self::assertSame('rounds', FirstQuestions::of([])[0]['key'], 'without a line that comes first');
    }

    /** @return iterable<string, array{array<string, mixed>}> documents that can be read whole */
    public static function whole(): iterable
    {
        yield 'common practice' => [CommonPractice::document()];
        foreach (glob(__DIR__.'/../../../docs/formats/examples/*.json') ?: [] as $file) {
            yield basename($file, '.json') => [Bench::document(basename($file, '.json'))];
        }
    }

    /** @param  array<string, mixed>  $document */
    #[DataProvider('whole')]
    public function test_a_whole_document_is_asked_for_nothing(array $document): void
    {
        self::assertSame([], FirstQuestions::of($document));
    }

    /** @return iterable<string, array{string, bool}> */
    public static function problems(): iterable
    {
        yield 'the order of a round' => ['/stages/0/sequence', true];
        yield 'the source of a target' => ['/stages/0/targets/1/target_source', true];
        yield 'the fastener of a group' => ['/groups/0/fastener', true];
        yield 'the reason of a round' => ['/stages/0/why', false];
        yield 'the name of the joint' => ['/joint', false];
    }

    #[DataProvider('problems')]
    public function test_what_a_question_asks_for_is_not_told_a_second_time(string $pointer, bool $covered): void
    {
        self::assertSame($covered, FirstQuestions::cover(FirstQuestions::of([]) + [99 => ['key' => 'reuse']], new Problem($pointer, 'nothing', 'something')));
    }

    public function test_whatever_is_asked_for_is_wanting_in_the_document(): void
    {
        $document = LineSketch::begun('seat · 9 N·m');
        try {
            DocumentReader::read($document);
            self::fail('It was read.');
        } catch (InvalidDocument $e) {
            $covered = array_filter($e->problems, fn (Problem $p): bool => FirstQuestions::cover(FirstQuestions::of($document), $p));
            self::assertGreaterThan(3, count($covered));
        }
    }
}
