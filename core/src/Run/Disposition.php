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

    public function words(): string
    {
        return match ($this) {
            self::Rework => 'Do it again',
            self::Replace => 'Put a new one in',
            self::Scrap => 'Scrap it, put a new one in',
            self::UseAsIs => 'Leave it as it is',
        };
    }

    public function means(): string
    {
        return match ($this) {
            self::Rework => 'It is put right as the rule says, with the same fastener where that is still good.',
            self::Replace => 'The fastener comes out, and may serve elsewhere.',
            self::Scrap => 'The fastener comes out and serves nowhere again.',
            self::UseAsIs => 'The result stays what it is, on record with the name of whoever says so.',
        };
    }

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
