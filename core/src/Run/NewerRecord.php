<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\CoreException;

/** What is stored holds something that this version has no word for. Nothing of it is guessed. */
final class NewerRecord extends CoreException
{
    public static function because(string $what, string $value, string $known): self
    {
        return new self('This run was recorded by a newer Tekkal. Upgrade before you open it.', $what, $value, $known);
    }
}
