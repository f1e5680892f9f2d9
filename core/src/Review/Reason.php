<?php

declare(strict_types=1);

namespace Tekkal\Core\Review;

/** One sentence behind an answer, weighed by itself, with the place on the map that it is about. */
final readonly class Reason
{
    public function __construct(
        public Answer $answer,
        public string $sentence,
        public ?string $joint = null,
        public ?string $position = null,
    ) {
    }
}
