<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** A value that the author says is not to be had yet: where (a JSON Pointer), and why. It blocks approval. */
final readonly class MissingValue
{
    public function __construct(public string $pointer, public string $why)
    {
    }

    public function sentence(): string
    {
        return sprintf('%s: value missing (%s).', $this->pointer, $this->why);
    }
}
