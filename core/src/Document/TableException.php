<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\CoreException;

/** A row of a general table that cannot be read, or a joint that the table does not serve. */
final class TableException extends CoreException
{
}
