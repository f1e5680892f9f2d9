<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** What is done: rounds, checks, and the document's own rules for what goes wrong. */
final readonly class Work
{
    /**
     * @param  array<string, Check>  $checks  by key
     * @param  non-empty-list<Block>  $blocks
     * @param  list<FaultOverride>  $faultOverrides
     */
    public function __construct(
        public array $checks,
        public array $blocks,
        public array $faultOverrides,
        public ?MarkPolicy $marks = null,
    ) {
    }
}
