<?php

declare(strict_types=1);

namespace App\Bench;

use RuntimeException;

/** A field of an observation that could not be stored truthfully; the message is the rest of a sentence about it. */
final class Unreadable extends RuntimeException
{
}
