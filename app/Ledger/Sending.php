<?php

declare(strict_types=1);

namespace App\Ledger;

/** How something came in: from which sitting at which device, under which count, and what the device sent along. */
final readonly class Sending
{
    /**
     * @param  string|null  $hash  of the bytes that were sent, so that the same may be sent again
     * @param  array<string, mixed>  $along  base_seq, device_time, mono_ms, skew_ms …
     */
    public function __construct(
        public ?string $sitting = null,
        public ?string $device = null,
        public ?int $deviceSeq = null,
        public ?string $hash = null,
        public array $along = [],
        public bool $simulated = false,
    ) {
    }
}
