<?php

declare(strict_types=1);

namespace App\Record;

/** Where an engine is on its way through the shop. */
enum BuildState: string
{
    /** It has come in, and stands on no stand yet. */
    case Received = 'received';
    /** On a stand: work is given out and recorded. */
    case Open = 'open';
    case Finished = 'finished';
    case Shipped = 'shipped';

    /** Has it left the house? What left is not called back by a word here. */
    public function isHere(): bool
    {
        return $this !== self::Shipped;
    }

    public function words(): string
    {
        return match ($this) {
            self::Received => 'come in',
            self::Open => 'on a stand',
            self::Finished => 'finished',
            self::Shipped => 'shipped',
        };
    }
}
