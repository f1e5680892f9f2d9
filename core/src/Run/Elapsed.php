<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** A time that went by, in whole seconds, and whether it can be proved. */
final readonly class Elapsed
{
    public function __construct(public int $seconds, public bool $proved)
    {
    }
}
