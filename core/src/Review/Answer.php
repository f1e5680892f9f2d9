<?php

declare(strict_types=1);

namespace Tekkal\Core\Review;

/** The four answers an audit knows. "Not yet" names what will settle it and does not block a release. */
enum Answer: string
{
    case Yes = 'yes';
    case NotYet = 'not_yet';
    case InDoubt = 'in_doubt';
    case No = 'no';

    /** The graver of two: one no makes the whole a no. */
    public function and(self $other): self
    {
        return $this->gravity() >= $other->gravity() ? $this : $other;
    }

    private function gravity(): int
    {
        return match ($this) {
            self::Yes => 0,
            self::NotYet => 1,
            self::InDoubt => 2,
            self::No => 3,
        };
    }
}
