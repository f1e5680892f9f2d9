<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\CoreException;

/** An object that cannot be read as an event or an outcome; says which key, what stood there, and what was wanted. */
final class UnreadableBody extends CoreException
{
    public static function at(string $key, mixed $value, string $wanted): self
    {
        $given = match (true) {
            $value === null => 'nothing',
            is_bool($value) => $value ? 'true' : 'false',
            is_scalar($value) => preg_match('//u', (string) $value) === 1 ? '"'.substr((string) $value, 0, 60).'"' : 'bytes that are no text',
            default => 'a list or an object',
        };

        return new self(sprintf('"%s": %s is wanted, %s was given.', $key, $wanted, $given), $key, $given, $wanted);
    }
}
