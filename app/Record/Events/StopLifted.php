<?php

declare(strict_types=1);

namespace App\Record\Events;

use App\Record\Models\Stop;

/** It may go on. Handled in the transaction in which it is lifted. */
final readonly class StopLifted
{
    public function __construct(public Stop $stop, public string $by)
    {
    }
}
