<?php

declare(strict_types=1);

namespace Tekkal\Core\Sequence;

use Tekkal\Core\CoreException;

/** A map or an order of positions that cannot be. */
final class SequenceException extends CoreException
{
}
