<?php

declare(strict_types=1);

namespace App\Shared\Contracts;

/** One thing found: what it is, what it is called, a line about it, and where it is shown. */
final readonly class Found
{
    public function __construct(
        public string $kind,
        public string $title,
        public string $about,
        public string $link,
    ) {
    }
}
