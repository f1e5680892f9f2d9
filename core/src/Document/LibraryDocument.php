<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** A library to hand on: families with their joints, source records, window standards, procedures. Format tekkal.library/1. */
final readonly class LibraryDocument
{
    public const FORMAT = 'tekkal.library/1';

    public const MOST_BYTES = 200_000_000;

    /**
     * @param  list<array{code: string, name: string, description: string, variants: list<array<string, string>>, joints: list<string>}>  $families
     * @param  list<array<string, string>>  $sources
     * @param  list<array<string, string>>  $standards
     * @param  list<array<mixed>>  $procedures  documents as they stand, not read yet
     * @param  bool  $demo  it was written by a demo: invented, and taken by no shop
     */
    private function __construct(
        public array $families,
        public array $sources,
        public array $standards,
        public array $procedures,
        public bool $demo = false,
    ) {
    }

    /**
     * A procedure by itself is a library of one.
     *
     * @param  array<mixed>  $document
     *
     * @throws InvalidDocument with every problem outside the procedures, each of which is read by DocumentReader
     */
    public static function read(array $document): self
    {
        if (($document['format'] ?? null) === Revision::FORMAT) {
            return new self([], [], [], [$document]);
        }
        $problems = new Problems;
        $root = new ObjectReader($document, '', $problems);
        $root->oneOf('format', [self::FORMAT]);
        $demo = $root->boolean('demo');
        $families = array_map(self::family(...), $root->optionalObjects('families'));
        $sources = array_map(self::source(...), $root->optionalObjects('sources'));
        self::twice($root, 'families', array_column($families, 'code'));
        self::twice($root, 'sources', array_column($sources, 'code'));
        self::circles($root, $sources);
        $standards = array_map(fn (ObjectReader $f): array => self::standard($f, array_column($sources, 'code')), $root->optionalObjects('window_standards'));
        self::twice($root, 'window_standards', array_column($standards, 'code'));
        $procedures = array_map(fn (ObjectReader $f): array => $f->all(), $root->optionalObjects('procedures'));
        $root->close();
        $problems->throwIfAny();

        return new self($families, $sources, $standards, $procedures, $demo);
    }

    /** @return array{code: string, name: string, description: string, variants: list<array<string, string>>, joints: list<string>} */
    private static function family(ObjectReader $f): array
    {
        $code = $f->string('code');
        if (preg_match('/^[A-Z][A-Z0-9]{1,11}$/D', $code) !== 1) {
            $f->problem('code', 'a code of 2 to 12 capital letters and digits is wanted, as serials begin with');
        }
        $family = [
            'code' => $code, 'name' => $f->name('name'), 'description' => $f->optionalString('description') ?? '',
            'variants' => array_map(self::variant(...), $f->optionalObjects('variants')),
            'joints' => $f->strings('joints'),
        ];
        $f->close();

        return $family;
    }

    /** @return array<string, string> */
    private static function variant(ObjectReader $f): array
    {
        $variant = ['name' => $f->name('name')];
        foreach (['serials_from', 'serials_to', 'years_from', 'years_to', 'note'] as $field) {
            $variant[$field] = $f->optionalString($field) ?? '';
        }
        $f->close();

        return $variant;
    }

    /** @return array<string, string> */
    private static function source(ObjectReader $f): array
    {
        $source = ['code' => $f->string('code'), 'kind' => $f->oneOf('kind', CitedSource::KINDS)];
        foreach (['title', 'edition', 'date'] as $field) {
            $source[$field] = $f->string($field);
        }
        foreach (['kept', 'superseded_by'] as $field) {
            $source[$field] = $f->optionalString($field) ?? '';
        }
        $f->close();

        return $source;
    }

    /**
     * @param  list<string>  $sources
     * @return array<string, string>
     */
    private static function standard(ObjectReader $f, array $sources): array
    {
        $standard = ['code' => $f->string('code')];
        $read = WindowStandard::read(new ObjectReader(['key' => 'k'] + $f->all(), $f->pointer, new Problems), $sources);
        foreach (['quantity', 'tolerance'] as $field) {
            $standard[$field] = $f->string($field);
        }
        if ($read->tolerance === null) {
            WindowStandard::tolerance($f, $read->quantity);
        }
        $standard += ['risk_class' => $f->has('risk_class') ? $f->oneOf('risk_class', ['A', 'B', 'C']) : '', 'tool' => $f->optionalString('tool') ?? '', 'source' => $f->oneOf('source', $sources)];
        $f->close();

        return $standard;
    }

    /** @param  list<string>  $codes */
    private static function twice(ObjectReader $root, string $list, array $codes): void
    {
        foreach (array_count_values($codes) as $code => $times) {
            if ($times > 1) {
                $root->problem($list, sprintf('each has a code of its own; "%s" is used %d times', $code, $times));
            }
        }
    }

    /** @param  list<array<string, string>>  $sources */
    private static function circles(ObjectReader $root, array $sources): void
    {
        $by = [];
        foreach ($sources as $source) {
            $by[$source['code']] = $source['superseded_by'] === '' ? [] : [$source['superseded_by']];
        }
        foreach (WaitCycles::in($by) as $cycle) {
            $root->problem('sources', sprintf('sources that supersede each other in a circle: %s', implode(' → ', $cycle)));
        }
    }
}
