<?php

declare(strict_types=1);

namespace Tekkal\Doors;

use RuntimeException;

/** What a door will not do, as one sentence; its code is the exit status: 1 not valid, 2 wrong call. */
final class Refusal extends RuntimeException
{
    public static function invalid(string $sentence): self
    {
        return new self($sentence, 1);
    }

    public static function wrongCall(string $sentence): self
    {
        return new self($sentence, 2);
    }
}
