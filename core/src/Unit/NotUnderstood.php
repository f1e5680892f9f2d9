<?php

declare(strict_types=1);

namespace Tekkal\Core\Unit;

/** The text is refused; the sentence says what was written and what would do. */
final readonly class NotUnderstood implements ParseResult
{
    public function __construct(public string $sentence)
    {
    }
}
