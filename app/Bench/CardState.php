<?php

declare(strict_types=1);

namespace App\Bench;

/** Where a job card on paper is: each comes back, is voided or lost. */
enum CardState: string
{
    case Out = 'out';
    case Back = 'back';
    case Typing = 'typing';
    case Typed = 'typed';
    case Compared = 'compared';
    case Voided = 'voided';
    case Lost = 'lost';

    public function words(): string
    {
        return match ($this) {
            self::Out => 'out',
            self::Back => 'back, not typed in',
            self::Typing => 'being typed in',
            self::Typed => 'typed in, not compared',
            self::Compared => 'typed in and compared',
            self::Voided => 'voided',
            self::Lost => 'lost',
        };
    }

    /** Does somebody still have to do something about it? */
    public function isOpen(): bool
    {
        return match ($this) {
            self::Out, self::Back, self::Typing, self::Typed => true,
            self::Compared, self::Voided, self::Lost => false,
        };
    }
}
