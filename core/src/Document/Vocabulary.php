<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** The names of a document that its stages may use. */
final readonly class Vocabulary
{
    /**
     * @param  list<string>  $groups
     * @param  list<string>  $sources
     * @param  array<string, WindowStandard>  $standards
     * @param  array<string, list<string>>  $sequences  position keys by the sequence's key
     * @param  list<string>  $checks
     * @param  list<string>  $consumables
     * @param  list<string>  $aids
     */
    public function __construct(
        public array $groups,
        public array $sources,
        public array $standards,
        public array $sequences,
        public array $checks,
        public array $consumables,
        public array $aids = [],
    ) {
    }
}
