<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** What a document rests on, and what it does not know yet. */
final readonly class Basis
{
    /**
     * @param  array<string, CitedSource>  $sources  by key
     * @param  list<WindowStandard>  $standards
     * @param  list<Conflict>  $conflicts
     * @param  list<MissingValue>  $missing
     */
    public function __construct(
        public array $sources,
        public array $standards,
        public array $conflicts,
        public array $missing,
    ) {
    }
}
