<?php

declare(strict_types=1);

namespace App\Ledger;

/** What was decided about an event when it came in, and what that rests on. */
final readonly class Decision
{
    /**
     * @param  array<string, mixed>  $outcome  as the core writes it
     * @param  list<array{what: string, entry: string, leaf: string}>  $restsOn  the entries that it rests on, with their leaf hashes
     */
    public function __construct(
        public array $outcome,
        public array $restsOn = [],
        public bool $simulated = false,
    ) {
    }
}
