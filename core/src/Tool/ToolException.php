<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\CoreException;

/** A calibration, an adapter or a day that cannot be. */
final class ToolException extends CoreException
{
}
