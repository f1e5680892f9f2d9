<?php

declare(strict_types=1);

namespace App\Shared\Console;

use LogicException;

/** Arguments of a command as the texts they are. */
trait Arguments
{
    private function text(string $argument): string
    {
        $value = $this->argument($argument);

        return is_string($value) ? $value : throw new LogicException("The argument $argument is no text.");
    }
}
