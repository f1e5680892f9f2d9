<?php

declare(strict_types=1);

namespace App\Ledger;

use RuntimeException;

/** What was being done has run out of its time, and somebody else goes on with it: nothing of this transaction may stay. */
final class LostLease extends RuntimeException
{
}
