<?php

declare(strict_types=1);

namespace App\Record;

/** What was done to the metal of an engine that whoever tightens it has to know of. */
enum Machining: string
{
    case LineHoned = 'line_honed';
    case Bored = 'bored';
    case Sleeved = 'sleeved';
    case Decked = 'decked';
    case Ground = 'ground';
    case ThreadRepaired = 'thread_repaired';
    case Other = 'other';

    public function words(): string
    {
        return match ($this) {
            self::LineHoned => 'line-honed',
            self::Bored => 'bored',
            self::Sleeved => 'sleeved',
            self::Decked => 'decked',
            self::Ground => 'ground',
            self::ThreadRepaired => 'thread repaired',
            self::Other => 'machined',
        };
    }
}
