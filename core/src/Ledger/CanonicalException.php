<?php

declare(strict_types=1);

namespace Tekkal\Core\Ledger;

use Tekkal\Core\CoreException;

/** Bytes that have no canonical spelling, or are not in it. */
final class CanonicalException extends CoreException
{
}
