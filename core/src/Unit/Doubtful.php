<?php

declare(strict_types=1);

namespace Tekkal\Core\Unit;

/** The text has more than one honest meaning; nothing is guessed. */
final readonly class Doubtful implements ParseResult
{
    /** @param  non-empty-list<Written>  $choices */
    public function __construct(public string $question, public array $choices)
    {
    }
}
