<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** An open step: may it be done now, and if not, why. */
final readonly class Choice
{
    public function __construct(public string $step, public bool $allowed, public ?string $why)
    {
    }
}
