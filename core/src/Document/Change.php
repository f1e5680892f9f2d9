<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** One difference between two revisions, in the trade's words: "outer +53° → +51°". */
final readonly class Change
{
    /**
     * @param  string  $what  target, window, order, stage, fastener, surface, check, map, source or text
     * @param  list<string>  $positions  where on the map it shows; empty where it concerns the whole joint
     */
    public function __construct(
        public string $what,
        public string $sentence,
        public ?string $stage = null,
        public array $positions = [],
    ) {
    }
}
