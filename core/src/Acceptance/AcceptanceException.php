<?php

declare(strict_types=1);

namespace Tekkal\Core\Acceptance;

use Tekkal\Core\CoreException;

/** A window or a tolerance that cannot be, or that a value cannot be held against. */
final class AcceptanceException extends CoreException
{
}
