<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** The positions that a block does together, and the check that comes before them. */
final readonly class Leg
{
    /**
     * @param  list<string>  $positions
     * @param  string|null  $before  the check that comes before it
     * @param  string|null  $back  the check for coming back to it; null: as before it
     */
    public function __construct(
        public string $key,
        public string $name,
        public array $positions,
        public ?string $before,
        public ?string $back = null,
    ) {
    }
}
