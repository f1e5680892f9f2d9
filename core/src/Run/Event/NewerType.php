<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\CoreException;

/** Something came in whose type or version this Tekkal does not know yet. */
final class NewerType extends CoreException
{
    public static function of(string $type, int $version): self
    {
        return new self(sprintf('"%s"%s is not known to this Tekkal yet.', $type, $version === 0 ? '' : ", version $version,"), 'type', $type, 'a type and version of docs/formats/events.md');
    }
}
