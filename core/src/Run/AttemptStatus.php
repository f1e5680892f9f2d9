<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

enum AttemptStatus: string
{
    /** The step stands on this attempt. */
    case Live = 'live';
    /** The fastener was backed off; a later attempt takes its place. */
    case BackedOff = 'backed_off';
    /** The position was taken further, or the check answered again, without loosening. */
    case TakenFurther = 'taken_further';
    /** A typing error, withdrawn with a reason. */
    case Withdrawn = 'withdrawn';
    /** What it looked at was opened again. */
    case Reopened = 'reopened';
    /** Position, part, group or joint was begun anew. */
    case Restarted = 'restarted';
    /** The fastener was replaced. */
    case Replaced = 'replaced';

    /** Did it leave a mark on the metal that is there still, beside the new one? */
    public function leavesOldMark(): bool
    {
        return match ($this) {
            self::BackedOff, self::Restarted, self::Replaced, self::Reopened => true,
            self::Live, self::TakenFurther, self::Withdrawn => false,
        };
    }
}
