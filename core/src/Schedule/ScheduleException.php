<?php

declare(strict_types=1);

namespace Tekkal\Core\Schedule;

use Tekkal\Core\CoreException;

/** A shift or a skill that cannot be. */
final class ScheduleException extends CoreException
{
}
