<?php

declare(strict_types=1);

namespace Tekkal\Core\Joint;

use Tekkal\Core\CoreException;

/** A thread, a class, a friction or a measurement that the joint arithmetic does not know. */
final class JointException extends CoreException
{
}
