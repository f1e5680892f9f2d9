<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** Who is at it, and at which bench. */
final readonly class Crew
{
    public function __construct(
        public ?string $person = null,
        public ?string $device = null,
        public ?string $partner = null,
    ) {
    }
}
