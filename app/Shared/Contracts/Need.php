<?php

declare(strict_types=1);

namespace App\Shared\Contracts;

/** One thing that waits, in a sentence, with the one action that settles it. */
final readonly class Need
{
    /**
     * @param  string  $title  what it is, in words that begin a sentence
     * @param  string  $why  where it hangs, and since when
     * @param  string  $action  on the button
     * @param  string  $link  where the action is
     * @param  array<string, mixed>|null  $joint  what it hangs on, drawn: its map and the marks on it
     */
    public function __construct(
        public Urgency $urgency,
        public string $title,
        public string $why,
        public string $action,
        public string $link,
        public ?array $joint = null,
    ) {
    }
}
