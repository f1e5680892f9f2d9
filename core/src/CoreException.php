<?php

declare(strict_types=1);

namespace Tekkal\Core;

use InvalidArgumentException;
use Throwable;

/**
 * What the core was asked and cannot answer: a sentence to act on, and beside it what was wrong, the value found there and
 * what would have been taken. Each room has its own. The one class that every room may use.
 */
abstract class CoreException extends InvalidArgumentException
{
    /**
     * @param  string  $what  what was asked about: a field, a quantity, a thing
     * @param  string  $value  as it was given; empty where there was none
     * @param  string  $limit  what is taken instead
     */
    final public function __construct(
        string $sentence,
        public readonly string $what,
        public readonly string $value,
        public readonly string $limit,
        ?Throwable $previous = null,
    ) {
        parent::__construct($sentence, 0, $previous);
    }
}
