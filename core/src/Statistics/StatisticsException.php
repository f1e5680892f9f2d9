<?php

declare(strict_types=1);

namespace Tekkal\Core\Statistics;

use Tekkal\Core\CoreException;

/** A share, a size or a number outside what a statistic is defined for. */
final class StatisticsException extends CoreException
{
}
