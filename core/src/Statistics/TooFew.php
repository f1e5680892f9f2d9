<?php

declare(strict_types=1);

namespace Tekkal\Core\Statistics;

use DomainException;

/** There are too few values, or they do not differ, for what was asked; the message says what and how many are wanted. */
final class TooFew extends DomainException
{
}
