<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Document;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\InvalidDocument;
use Tekkal\Core\Document\LineReader;
use Tekkal\Core\Tests\Fixtures\Bench;

/** The lines are those of the trade, common practice, no source. */
final class LineReaderTest extends TestCase
{
    private const GROUPS = ['inner' => 'inner', 'outer' => 'outer'];

    public function test_a_line_grows_into_stages_with_their_targets_and_the_threshold_of_the_turn(): void
    {
        ['stages' => $stages, 'checks' => $checks] = LineReader::read('seat · 15 lbf·ft · +80° inner / +53° outer · check end play', self::GROUPS);

        self::assertSame(['seat', 'torque', 'turn', 'check'], array_column($stages, 'kind'));
        self::assertSame([['group' => 'inner', 'target' => '15 lbf·ft'], ['group' => 'outer', 'target' => '15 lbf·ft']], $stages[1]['targets']);
        self::assertSame([['group' => 'inner', 'target' => '80°'], ['group' => 'outer', 'target' => '53°']], $stages[2]['targets']);
        self::assertSame('15 lbf·ft', $stages[2]['threshold']);
        self::assertSame('end play', $checks[0]['name']);
        self::assertSame($checks[0]['key'], $stages[3]['check']);
    }

    public function test_what_loosens_settles_stretches_or_is_verified_is_told_by_its_word(): void
    {
        ['stages' => $stages] = LineReader::read('30 Nm; back 1/8 turn; settle 10 min; stretch 0.0060 in inner; verify 30 Nm; loosen', self::GROUPS);

        self::assertSame(['torque', 'loosen', 'settle', 'stretch', 'verification_pass', 'loosen'], array_column($stages, 'kind'));
        self::assertSame('1/8 turn', $stages[1]['back']);
        self::assertArrayNotHasKey('back', $stages[5]);
    }

    public function test_a_turn_after_two_different_torques_has_no_threshold_of_its_own_accord(): void
    {
        ['stages' => $stages] = LineReader::read('22 lbf·ft inner / 11 lbf·ft outer · +75°', self::GROUPS);

        self::assertArrayNotHasKey('threshold', $stages[1]);
    }

    public function test_a_turn_of_one_group_counts_from_the_torque_of_that_group(): void
    {
        ['stages' => $stages] = LineReader::read('22 lbf·ft inner / 11 lbf·ft outer · 15 lbf·ft outer · +75° inner · +50° outer', self::GROUPS);

        self::assertSame(['22 lbf·ft', '15 lbf·ft'], [$stages[2]['threshold'] ?? null, $stages[3]['threshold'] ?? null]);
    }

    public function test_every_round_that_is_not_understood_is_named(): void
    {
        try {
            LineReader::read('15 · +80° middle · 30 Nm / 50°', self::GROUPS);
            self::fail('It was read.');
        } catch (InvalidDocument $e) {
            self::assertSame(['/round 1', '/round 2', '/round 3'], array_map(fn ($p): string => $p->pointer, $e->problems));
            self::assertStringContainsString('a group is wanted: inner, outer', $e->problems[1]->sentence());
        }
    }

    /** @return iterable<string, array{string}> */
    public static function empty(): iterable
    {
        yield 'nothing' => [''];
        yield 'separators only' => [' ; > '];
        yield 'too long' => [str_repeat('x', 401)];
        yield 'a time that is none' => ['settle long'];
        yield 'an angle that is none' => ['back a bit'];
    }

    #[DataProvider('empty')]
    public function test_a_line_without_a_round_is_refused(string $line): void
    {
        $this->expectException(InvalidDocument::class);
        LineReader::read($line, self::GROUPS);
    }

    /** Two ways there and back: what the line generates, the reader understands, to the same line. */
    #[DataProvider('linear')]
    public function test_a_generated_line_typed_again_gives_the_same_line(string $example): void
    {
        $document = Bench::document($example);
        $line = DocumentReader::read($document)->tighteningLine()->typeset();
        $groups = array_column($document['groups'], 'name', 'key');
        ['stages' => $stages] = LineReader::read(str_replace("\u{A0}", ' ', $line), array_map(strval(...), $groups));
        $document['stages'] = array_map(fn (array $s, array $was): array => $s + ['why' => 'w'] + array_intersect_key($was, ['sequence' => true]), $stages, $document['stages']);
        foreach ($document['stages'] as $i => $stage) {
            foreach ($stage['targets'] ?? [] as $j => $target) {
                $document['stages'][$i]['targets'][$j] = $target + ['target_source' => $document['sources'][0]['key'], 'tolerance' => '10 %', 'window_source' => $document['sources'][0]['key']];
            }
        }
        unset($document['checks'], $document['consumables'], $document['fault_overrides']);

        self::assertSame($line, DocumentReader::read($document)->tighteningLine()->typeset());
    }

    /** @return iterable<string, array{string}> */
    public static function linear(): iterable
    {
        foreach (['04-head-two-sizes', '10-torque-never-exceed-stretch'] as $example) {
            yield $example => [$example];
        }
    }
}
