<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\CoreException;

/** Rules that a risk class cannot have. */
final class InvalidRiskRules extends CoreException
{
}
