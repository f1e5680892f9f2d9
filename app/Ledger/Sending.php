<?php

declare(strict_types=1);

namespace App\Ledger;

/** How something came in: from which sitting at which device, and under which count. */
final readonly class Sending
{
    /** @param  string|null  $hash  of the bytes that were sent, so that the same may be sent again */
    public function __construct(
        public ?string $sitting = null,
        public ?string $device = null,
        public ?int $deviceSeq = null,
        public ?string $hash = null,
    ) {
    }
}
