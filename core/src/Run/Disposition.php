<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** What becomes of a step that went wrong. */
enum Disposition: string
{
    case UseAsIs = 'use_as_is';
    case Rework = 'rework';
    case Replace = 'replace';
    case Scrap = 'scrap';

    /** Does the step stand as it is? */
    public function accepts(): bool
    {
        return $this === self::UseAsIs;
    }

    public function asksForNewFastener(): bool
    {
        return $this === self::Replace || $this === self::Scrap;
    }
}
