<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Document;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\InvalidDocument;
use Tekkal\Core\Document\Problem;
use Tekkal\Core\Document\Wanting;
use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Tests\Fixtures\Procedures;

/** What is wanting is said in the words of who writes the procedure (common practice, no source). */
final class WantingTest extends TestCase
{
    /** @param  callable(array<string, mixed>): array<string, mixed>  $change */
    #[DataProvider('wanting')]
    public function test_what_is_wanting_is_said_by_its_name_and_with_the_way_to_it(callable $change, string $sentence, string $part, ?string $stage): void
    {
        $found = self::wantings($change(Bench::document('04-head-two-sizes')));

        self::assertContains([$sentence, $part, $stage], array_map(fn (Wanting $w): array => [$w->sentence(), $w->part, $w->stage], $found));
    }

    /** @return iterable<string, array{callable(array<string, mixed>): array<string, mixed>, string, string, string|null}> */
    public static function wanting(): iterable
    {
        $without = fn (string $key): callable => fn (array $d): array => array_diff_key($d, [$key => true]);
        $round = fn (array $stage): callable => fn (array $d): array => array_replace($d, ['stages' => [$stage, ...array_slice($d['stages'], 1)]]);
        yield 'no source' => [$without('sources'), 'It is not said yet where the numbers come from; enter a source.', 'sources', null];
        yield 'no risk class' => [$without('risk_class'), 'Risk class: the risk class is not chosen yet.', 'joint', null];
        yield 'no round' => [fn (array $d): array => array_replace($d, ['stages' => []]), 'There is no round yet; add one.', 'rounds', null];
        yield 'a named round without a target' => [$round(['key' => 'torque_1', 'kind' => 'torque', 'name' => 'Lay flat', 'why' => 'So it lies.']), 'Round “Lay flat”: it is not said yet to what value; enter a target.', 'rounds', 'torque_1'];
        yield 'a round without a reason' => [fn (array $d): array => array_replace_recursive($d, ['stages' => [1 => ['why' => '']]]), 'Round 2, reason: a text of 1 to 2000 characters is wanted; there is "".', 'rounds', 'turn_large'];
        yield 'a fastener that is gone' => [fn (array $d): array => array_replace_recursive($d, ['groups' => [['fastener' => 'm9']]]), 'Group “M11”, fastener: what was chosen is not among what there is: “M11 head bolt”, “M8 head bolt”.', 'fasteners', null];
        yield 'a source that is gone' => [fn (array $d): array => array_replace_recursive($d, ['stages' => [['targets' => [['target_source' => 'old']]]]]), 'Round 1, target for M11, source of the target: what was chosen is not among what there is: “Common practice, no published source”, “Windows for these examples, no published source”.', 'rounds', 'snug_large'];
        yield 'a position without a place' => [fn (array $d): array => array_replace_recursive($d, ['map' => ['positions' => [['x' => 'left']]]]), 'Position “5”, place across: millimetres are wanted, as a decimal text such as "62.5"; there is "left".', 'map', null];
    }

    public function test_a_round_that_is_of_no_bolt_yet_is_not_blamed_for_its_order(): void
    {
        $document = array_replace_recursive(Bench::document('04-head-two-sizes'), ['stages' => [['sequence' => ['a1', 'a2']]]]);
        $document['stages'][0]['sequence'] = ['a1', 'a2'];
        self::assertStringStartsWith('Round 1, order: every position', self::wantings($document)[0]->sentence());
        $document['stages'][0]['targets'] = [];

        self::assertSame(['Round 1: it is not said yet to what value; enter a target.'], array_values(array_filter(array_map(fn (Wanting $w): string => $w->sentence(), self::wantings($document)), fn (string $s): bool => str_starts_with($s, 'Round 1'))));
    }

    /** Every way in which one field of an example can be left out, or hold what is none, gets a sentence a person can read. */
    public function test_no_sentence_speaks_of_keys_lists_or_objects(): void
    {
        $read = 0;
        foreach (Procedures::all() as $document) {
            foreach (self::broken($document) as $broken) {
                foreach (self::wantings($broken) as $wanting) {
                    $read++;
                    self::assertDoesNotMatchRegularExpression('/\bobject|a list of|_[a-z0-9]|\/[a-z]+\/|nothing stands/', $wanting->sentence(), $wanting->pointer);
                }
            }
        }
        self::assertGreaterThan(500, $read);
    }

    public function test_a_value_that_is_missing_blocks_the_signature_in_words(): void
    {
        $document = array_replace_recursive(Bench::document('12-head-nine-stages'), ['stages' => [2 => ['targets' => [['target' => null]]]]]);
        $document['stages'][2]['targets'][0] = array_diff_key(['target' => ['missing' => 'page torn']] + $document['stages'][2]['targets'][0], ['window_standard' => 0, 'target_source' => 0]);
        $blockers = Wanting::blockers(DocumentReader::read($document), $document);

        self::assertCount(1, $blockers);
        self::assertMatchesRegularExpression('/^Round 3, target .*: the value is missing \(page torn\)\.$/', $blockers[0]);
    }

    /**
     * @param  array<mixed>  $document
     * @return list<Wanting>
     */
    private static function wantings(array $document): array
    {
        try {
            DocumentReader::read($document);

            return [];
        } catch (InvalidDocument $e) {
            return array_map(fn (Problem $p): Wanting => Wanting::of($document, $p), $e->problems);
        }
    }

    /**
     * @param  array<string, mixed>  $document
     * @return iterable<array<mixed>>
     */
    private static function broken(array $document): iterable
    {
        foreach ($document as $key => $value) {
            yield array_diff_key($document, [$key => true]);
            if (! is_array($value) || ! array_is_list($value) || ! is_array($value[0] ?? null)) {
                continue;
            }
            foreach (array_keys($value[0]) as $field) {
                $less = $document;
                unset($less[$key][0][$field]);
                yield $less;
                yield array_replace_recursive($document, [$key => [[$field => 'what_is_none']]]);
            }
        }
    }
}
