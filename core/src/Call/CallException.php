<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\CoreException;

/** What nobody can be called to do. */
final class CallException extends CoreException
{
}
