<?php

declare(strict_types=1);

namespace App\Bench;

/** What a bench keeps in the place of an observation that the server could not read: its bytes, and what was said of them. */
final readonly class Unread
{
    /** @param  string|null  $bytes  null when they are too many to be sent */
    public function __construct(
        public string $hash,
        public ?string $bytes,
        public string $told,
    ) {
    }
}
