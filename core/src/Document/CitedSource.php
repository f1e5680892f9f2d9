<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** A document that a procedure rests on, as the procedure cites it. */
final readonly class CitedSource
{
    public const KINDS = ['engine_maker', 'hardware_maker', 'gasket_maker', 'shop_standard', 'window_standard'];

    private function __construct(
        public string $key,
        public string $kind,
        public string $title,
        public string $edition,
        public string $date,
        public string $page,
        public ?string $record,
    ) {
    }

    public static function read(ObjectReader $f, string $key): self
    {
        $f->optionalString('disagrees');

        return new self(
            $key, $f->oneOf('kind', self::KINDS), $f->string('title'), $f->string('edition'), $f->string('date'), $f->string('page'),
            $f->optionalString('record'),
        );
    }

    /** "Tarn TN3 workshop book, 4th edition". */
    public function name(): string
    {
        return $this->title.', '.$this->edition;
    }

    public function kindWords(): string
    {
        return match ($this->kind) {
            'engine_maker' => 'engine maker',
            'hardware_maker' => 'hardware maker',
            'gasket_maker' => 'gasket maker',
            'shop_standard' => 'shop standard',
            default => 'shop window standard',
        };
    }
}
