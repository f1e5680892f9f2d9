<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** The positions that a block does together, and the check that comes before them. */
final readonly class Leg
{
    /** @param  list<string>  $positions */
    public function __construct(
        public string $key,
        public string $name,
        public array $positions,
        public ?string $before,
    ) {
    }
}
