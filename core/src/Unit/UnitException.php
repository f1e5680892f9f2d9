<?php

declare(strict_types=1);

namespace Tekkal\Core\Unit;

use Tekkal\Core\CoreException;

/** A value, a unit or an operation that no quantity has. */
final class UnitException extends CoreException
{
}
