<?php

declare(strict_types=1);

namespace App\Shared\Contracts;

/** One thing to do once, before the work begins. */
final readonly class FirstStep
{
    /** @param  int  $place  among the steps of all areas */
    public function __construct(
        public string $key,
        public int $place,
        public string $title,
        public string $about,
        public bool $done,
        public string $link,
    ) {
    }
}
