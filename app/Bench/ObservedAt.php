<?php

declare(strict_types=1);

namespace App\Bench;

/** Where something was seen: at a step of a run on an engine. */
final readonly class ObservedAt
{
    public function __construct(
        public string $run,
        public string $subject,
        public string $step,
    ) {
    }
}
