<?php

declare(strict_types=1);

namespace Tekkal\Core\Document\StageKinds;

use Tekkal\Core\Unit\Kind;

/** What a stage of a kind aims at. */
final readonly class Aims
{
    /** @param  Kind|null  $kind  what its targets or limits measure */
    public function __construct(public Targets $targets, public ?Kind $kind = null)
    {
    }
}
