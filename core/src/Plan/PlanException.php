<?php

declare(strict_types=1);

namespace Tekkal\Core\Plan;

use Tekkal\Core\CoreException;

/** A plan that has no such part, or is none. */
final class PlanException extends CoreException
{
}
