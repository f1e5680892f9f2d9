<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Document;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\InvalidDocument;
use Tekkal\Core\Document\LibraryDocument;
use Tekkal\Core\Document\SearchTerm;
use Tekkal\Core\Tests\Fixtures\Bench;

final class LibraryDocumentTest extends TestCase
{
    private const SOURCE = ['kind' => 'engine_maker', 'title' => 't', 'edition' => '1', 'date' => '2020'];

    public function test_families_sources_standards_and_procedures_are_read(): void
    {
        $library = LibraryDocument::read([
            'format' => 'tekkal.library/1',
            'families' => [['code' => 'AB1', 'name' => 'A', 'joints' => ['Head'], 'variants' => [['name' => 'early', 'serials_to' => 'AB1-20-0100']]]],
            'sources' => [['code' => 'S-1', 'superseded_by' => 'S-2'] + self::SOURCE, ['code' => 'S-2'] + self::SOURCE],
            'window_standards' => [['code' => 'W-1', 'quantity' => 'torque', 'tolerance' => '4 %', 'source' => 'S-2']],
            'procedures' => [Bench::document('04-head-two-sizes')],
        ]);

        self::assertSame('AB1-20-0100', $library->families[0]['variants'][0]['serials_to']);
        self::assertSame('S-2', $library->sources[0]['superseded_by']);
        self::assertSame('4 %', $library->standards[0]['tolerance']);
        self::assertCount(1, $library->procedures);
    }

    public function test_a_procedure_by_itself_is_a_library_of_one(): void
    {
        self::assertSame([Bench::document('04-head-two-sizes')], LibraryDocument::read(Bench::document('04-head-two-sizes'))->procedures);
    }

    public function test_what_a_demo_wrote_says_so(): void
    {
        $read = fn (array $more): bool => LibraryDocument::read($more + ['format' => 'tekkal.library/1'])->demo;

        self::assertSame([false, true, false], [$read([]), $read(['demo' => true]), $read(['demo' => false])]);
        $this->expectException(InvalidDocument::class);
        $read(['demo' => 'yes']);
    }

    public function test_the_published_schema_admits_what_is_read_and_refuses_what_it_can_see_is_wrong(): void
    {
        $schema = json_decode((string) file_get_contents(__DIR__.'/../../../docs/formats/library.schema.json'), flags: JSON_THROW_ON_ERROR);
        $admits = fn (array $library): bool => (new Validator)->validate(json_decode((string) json_encode($library + ['format' => 'tekkal.library/1']), flags: JSON_THROW_ON_ERROR), $schema)->isValid();
        self::assertTrue($admits(['families' => [['code' => 'AB1', 'name' => 'A', 'joints' => ['Head']]], 'sources' => [['code' => 'S-1'] + self::SOURCE], 'procedures' => [Bench::document('04-head-two-sizes')]]));
        foreach (['a family code that no serial begins with', 'a field nobody knows'] as $case) {
            self::assertFalse($admits([...self::bad()][$case][0]), $case);
        }
        self::assertFalse($admits(['format' => 'other']));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        yield 'another format' => [['format' => 'other'], 'one of tekkal.library/1 is wanted'];
        yield 'sources in a circle' => [['sources' => [['code' => 'a', 'superseded_by' => 'b'] + self::SOURCE, ['code' => 'b', 'superseded_by' => 'a'] + self::SOURCE]], 'in a circle: a → b → a'];
        yield 'a code twice' => [['sources' => [['code' => 'a'] + self::SOURCE, ['code' => 'a'] + self::SOURCE]], '"a" is used 2 times'];
        yield 'a family code that no serial begins with' => [['families' => [['code' => 'ab', 'name' => 'A', 'joints' => ['x']]]], 'capital letters'];
        yield 'a standard of a source that is not there' => [['window_standards' => [['code' => 'w', 'quantity' => 'torque', 'tolerance' => '4 %', 'source' => 'a']]], '/window_standards/0/source'];
        yield 'a standard whose tolerance is none' => [['sources' => [['code' => 'a'] + self::SOURCE], 'window_standards' => [['code' => 'w', 'quantity' => 'torque', 'tolerance' => 'some', 'source' => 'a']]], '/window_standards/0/tolerance'];
        yield 'a field nobody knows' => [['famlies' => []], 'no field of this name'];
    }

    /** @param  array<string, mixed>  $document */
    #[DataProvider('bad')]
    public function test_what_is_wrong_outside_the_procedures_is_named(array $document, string $sentence): void
    {
        $this->expectException(InvalidDocument::class);
        $this->expectExceptionMessage($sentence);
        LibraryDocument::read($document + ['format' => 'tekkal.library/1']);
    }

    public function test_a_procedure_is_found_by_what_it_asks_for_in_any_unit(): void
    {
        $facts = SearchTerm::of(DocumentReader::read(Bench::document('04-head-two-sizes')));
        $targets = array_values(array_filter($facts, fn (SearchTerm $f): bool => $f->kind === 'target'));

        self::assertSame(['22 lbf·ft', '150°', '11 lbf·ft', '75°'], array_map(fn (SearchTerm $f): string => $f->text, $targets));
        // NIST SP 811: 1 lbf·ft = 1.3558179483314004 N·m.
        self::assertEqualsWithDelta(22 * 1.3558179483314004, $targets[0]->quantity?->inBase()->toFloat(), 1e-9);
        self::assertContains('angle gauge', array_map(fn (SearchTerm $f): string => $f->text, $facts));
    }
}
