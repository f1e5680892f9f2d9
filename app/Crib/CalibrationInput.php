<?php

declare(strict_types=1);

namespace App\Crib;

/** A calibration as somebody types it in. */
final readonly class CalibrationInput
{
    /**
     * @param  array<string, mixed>  $typed  direction, as_found, adjustment, as_left, preloads, temperature, humidity, as the core reads them; adapter, the number of the one that sat on it
     * @param  array<string, string>  $laboratory  kind (own or outside), name, accreditation, scope
     * @param  string|null  $notFound  why nothing was read as found: new or unread
     * @param  string|null  $validUntil  what the certificate says, where it says less than the shop's own interval
     */
    public function __construct(
        public string $on,
        public array $typed,
        public string $certificate,
        public array $laboratory,
        public ?string $standard,
        public ?string $notFound,
        public ?string $validUntil = null,
    ) {
    }

    public function isOwn(): bool
    {
        return ($this->laboratory['kind'] ?? '') === 'own';
    }
}
