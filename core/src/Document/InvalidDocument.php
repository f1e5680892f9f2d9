<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use RuntimeException;

/** A document that is no revision; carries every problem found in it, not only the first. */
final class InvalidDocument extends RuntimeException
{
    /** @param  non-empty-list<Problem>  $problems */
    public function __construct(public readonly array $problems)
    {
        parent::__construct(implode("\n", array_map(fn (Problem $p): string => $p->sentence(), $problems)));
    }
}
