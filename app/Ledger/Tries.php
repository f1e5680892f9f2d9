<?php

declare(strict_types=1);

namespace App\Ledger;

/** Counts the tries at recording in this request: what was made ready in one that was rolled back is no use in the next. */
final class Tries
{
    public int $count = 0;
}
