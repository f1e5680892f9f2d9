<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** A stroke that is wanted on the metal. */
final readonly class Mark
{
    /**
     * @param  string|null  $after  the round that it stands for; null: for all of them
     * @param  string|null  $looks  how it looks, and what it crosses
     */
    public function __construct(public string $position, public ?string $after, public ?string $looks)
    {
    }
}
