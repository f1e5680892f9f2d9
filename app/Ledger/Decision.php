<?php

declare(strict_types=1);

namespace App\Ledger;

/** What was decided about an observation when it came in, and what that rests on. */
final readonly class Decision
{
    /**
     * @param  array<string, string>  $restsOn  hashes of what a verdict rests on
     * @param  list<string>  $flags
     */
    public function __construct(
        public ?string $standing = null,
        public ?string $standingReason = null,
        public ?string $verdict = null,
        public ?string $evidence = null,
        public ?string $reason = null,
        public array $restsOn = [],
        public array $flags = [],
    ) {
    }
}
