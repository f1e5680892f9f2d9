<?php

declare(strict_types=1);

namespace App\Builds;

/** A joint that keeps an engine from being finished, and why. */
final readonly class UnrecordedJoint
{
    /** @param  bool  $asked  a permit for it waits for a signature */
    public function __construct(public string $joint, public string $name, public string $why, public bool $asked)
    {
    }
}
