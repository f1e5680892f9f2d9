<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Document;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Document\InvalidDocument;
use Tekkal\Core\Document\StageKinds\StageSchema;
use Tekkal\Core\Tests\Fixtures\Bench;

/** The published schema and the reader say the same: a validator of JSON Schema 2020-12 (opis/json-schema) against the core. */
final class SchemaTest extends TestCase
{
    private const SCHEMA = __DIR__.'/../../../docs/formats/procedure.schema.json';

    private static ?Validator $validator = null;

    /** @return iterable<string, array{string}> chosen so that together they hold every kind of thing */
    public static function examples(): iterable
    {
        foreach (['02-rods-part-by-part', '06-wheels-held', '09-rod-stretch-comparator', '10-torque-never-exceed-stretch', '11-trial-fit', '13-prevailing-added', '22-rods-stamped-and-traced', '23-pump-by-crow-foot', '24-studs-first-by-stretch'] as $example) {
            yield $example => [$example];
        }
    }

    #[DataProvider('examples')]
    public function test_without_any_one_field_both_accept_it_or_the_reader_names_more_than_the_schema(string $example): void
    {
        $tried = 0;
        foreach (self::without(Bench::document($example), '') as $pointer => $document) {
            $tried++;
            if (self::readable($document)) {
                self::assertTrue(self::admitted($document), "$example without $pointer: the reader takes it, the schema does not");
            }
        }
        self::assertGreaterThan(50, $tried);
    }

    #[DataProvider('examples')]
    public function test_a_field_that_nobody_knows_is_refused_by_both_wherever_it_stands(string $example): void
    {
        $tried = 0;
        foreach (self::with(Bench::document($example), '') as $pointer => $document) {
            $tried++;
            self::assertFalse(self::readable($document), "$example with a strange field at $pointer: the reader takes it");
            self::assertFalse(self::admitted($document), "$example with a strange field at $pointer: the schema takes it");
        }
        self::assertGreaterThan(10, $tried);
    }

    public function test_what_the_schema_says_of_stages_is_what_their_kinds_declare_and_the_faults_are_those_of_the_core(): void
    {
        $schema = json_decode((string) file_get_contents(self::SCHEMA), true, flags: JSON_THROW_ON_ERROR);
        $published = array_filter($schema['$defs'], fn (string $name): bool => str_starts_with($name, 'stage'), ARRAY_FILTER_USE_KEY);

        self::assertEquals($published, StageSchema::definitions());
        self::assertSame(array_column(Fault::cases(), 'value'), $schema['$defs']['fault_override']['properties']['fault']['enum']);
    }

    /** @param  array<mixed>  $document */
    private static function readable(array $document): bool
    {
        try {
            DocumentReader::read($document);
        } catch (InvalidDocument) {
            return false;
        }

        return true;
    }

    /** @param  array<mixed>  $document */
    private static function admitted(array $document): bool
    {
        self::$validator ??= new Validator;
        $schema = json_decode((string) file_get_contents(self::SCHEMA), flags: JSON_THROW_ON_ERROR);

        return self::$validator->validate(json_decode(json_encode($document, JSON_THROW_ON_ERROR)), $schema)->isValid();
    }

    /**
     * @param  array<mixed>  $node
     * @return iterable<string, array<mixed>> the document with one field left out, by the field's pointer
     */
    private static function without(array $node, string $at): iterable
    {
        foreach ($node as $key => $value) {
            if (! array_is_list($node)) {
                yield "$at/$key" => array_diff_key($node, [$key => true]);
            }
            foreach (is_array($value) ? self::without($value, "$at/$key") : [] as $pointer => $changed) {
                yield $pointer => array_replace($node, [$key => $changed]);
            }
        }
    }

    /**
     * @param  array<mixed>  $node
     * @return iterable<string, array<mixed>> the document with one strange field in one object
     */
    private static function with(array $node, string $at): iterable
    {
        if (! array_is_list($node)) {
            yield $at => $node + ['strange' => 'x'];
        }
        foreach ($node as $key => $value) {
            foreach (is_array($value) && $value !== [] ? self::with($value, "$at/$key") : [] as $pointer => $changed) {
                yield $pointer => array_replace($node, [$key => $changed]);
            }
        }
    }
}
