<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Document;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\InvalidDocument;
use Tekkal\Core\Document\Precedence;
use Tekkal\Core\Plausibility\ChallengeKind;
use Tekkal\Core\Plausibility\Plausibility;
use Tekkal\Core\Tests\Fixtures\Bench;

/** Facts of the trade: a fitted part's own sheet before the engine maker, newer before older, the shop's habit before neither. */
final class PrecedenceTest extends TestCase
{
    /** @return iterable<string, array{list<array{string, string}>, int|null}> kind and date of each source; which governs */
    public static function disagreements(): iterable
    {
        yield 'the sheet of the hardware overrides the engine maker, though older' => [[['engine_maker', '2024'], ['hardware_maker', '2011-05']], 1];
        yield 'so does the gasket maker’s' => [[['gasket_maker', '2011'], ['engine_maker', '2024']], 0];
        yield 'newer overrides older' => [[['engine_maker', '2019-03'], ['engine_maker', '2022-01']], 1];
        yield 'to the day' => [[['engine_maker', '2022-01-02'], ['engine_maker', '2022-01-01']], 0];
        yield 'shop practice overrides neither' => [[['shop_standard', '2026'], ['engine_maker', '1998']], 1];
        yield 'one kind and one date: neither' => [[['engine_maker', '2022'], ['engine_maker', '2022']], null];
        yield 'dates that are none: neither' => [[['engine_maker', 'spring 2022'], ['engine_maker', '2019']], null];
    }

    /** @param  list<array{string, string}>  $sources */
    #[DataProvider('disagreements')]
    public function test_which_source_governs(array $sources, ?int $governs): void
    {
        $revision = DocumentReader::read(self::document($sources));
        $found = Precedence::among(array_values(array_filter($revision->sources, fn ($s): bool => preg_match('/^s\d$/', $s->key) === 1)));

        self::assertSame($governs === null ? null : "s$governs", $found->governs?->key, $found->why);
    }

    public function test_an_open_conflict_and_shop_practice_over_a_maker_stand_in_the_way_of_a_signature(): void
    {
        $document = self::document([['engine_maker', '2019'], ['shop_standard', '2026']]);
        $document['conflicts'] = [['key' => 'c', 'about' => 'angle of the outer bolts', 'sides' => [['source' => 's0', 'says' => '53°'], ['source' => 's1', 'says' => '51°']]]];
        self::assertSame(['angle of the outer bolts: the sources disagree and nothing is decided.'], DocumentReader::read($document)->whyNotApprovable());

        $document['conflicts'][0] += ['decided' => 's1', 'reason' => 'we always did'];
        self::assertStringContainsString('shop practice does not override', implode(DocumentReader::read($document)->whyNotApprovable()));

        $document['conflicts'][0] = ['decided' => 's0'] + $document['conflicts'][0];
        self::assertSame([], DocumentReader::read($document)->whyNotApprovable());
    }

    public function test_a_decision_against_the_order_of_sources_is_challenged_with_what_the_governing_one_says(): void
    {
        $document = self::document([['engine_maker', '2019'], ['hardware_maker', '2021']]);
        $document['conflicts'] = [['key' => 'c', 'about' => 'washer face', 'sides' => [['source' => 's0', 'says' => 'oiled'], ['source' => 's1', 'says' => 'dry']], 'decided' => 's0', 'reason' => 'tried']];
        $found = array_values(array_filter(Plausibility::of(DocumentReader::read($document), $document), fn ($c): bool => $c->kind === ChallengeKind::AgainstPrecedence));

        self::assertSame('dry', $found[0]->plausible ?? null);
    }

    public function test_a_conflict_has_two_sides_of_two_sources_and_a_decision_its_reason(): void
    {
        $document = self::document([['engine_maker', '2019'], ['hardware_maker', '2021']]);
        $document['conflicts'] = [
            ['key' => 'one', 'about' => 'x', 'sides' => [['source' => 's0', 'says' => '1']]],
            ['key' => 'two', 'about' => 'x', 'sides' => [['source' => 's0', 'says' => '1'], ['source' => 's0', 'says' => '2']]],
            ['key' => 'three', 'about' => 'x', 'stage' => 'nowhere', 'sides' => [['source' => 's0', 'says' => '1'], ['source' => 's1', 'says' => '2']], 'decided' => 's0'],
        ];
        try {
            DocumentReader::read($document);
            self::fail('It was read.');
        } catch (InvalidDocument $e) {
            $pointers = array_map(fn ($p): string => $p->pointer, $e->problems);
            self::assertContains('/conflicts/0/sides', $pointers);
            self::assertContains('/conflicts/1/sides/1/source', $pointers);
            self::assertContains('/conflicts/2/reason', $pointers);
            self::assertStringContainsString('"nowhere", which is no stage', $e->getMessage());
        }
    }

    /**
     * @param  list<array{string, string}>  $sources
     * @return array<string, mixed>
     */
    private static function document(array $sources): array
    {
        $document = Bench::document('10-torque-never-exceed-stretch');
        foreach ($sources as $i => [$kind, $date]) {
            $document['sources'][] = ['key' => "s$i", 'kind' => $kind, 'title' => "Paper $i", 'edition' => '1', 'date' => $date, 'page' => '1'];
        }
        unset($document['conflicts']);

        return $document;
    }
}
