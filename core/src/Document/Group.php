<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** Positions with the same fastener type and targets. */
final readonly class Group
{
    public function __construct(
        public string $key,
        public string $name,
        public string $fastener,
    ) {
    }
}
