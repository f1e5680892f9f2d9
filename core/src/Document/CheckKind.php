<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** How a check is answered. */
enum CheckKind: string
{
    /** Yes or no. */
    case Confirm = 'confirm';
    /** A value against limits. */
    case Measure = 'measure';
    /** One gauge must enter and another must not. */
    case GoNoGo = 'go_no_go';
    /** A value against an earlier one: the change allowed. */
    case Compare = 'compare';
    /** An interval that lies between two marks of a gauge, both of which must lie in the limits: plastic gauge. */
    case Interval = 'interval';

    public function isMeasured(): bool
    {
        return match ($this) {
            self::Measure, self::Compare, self::Interval => true,
            self::Confirm, self::GoNoGo => false,
        };
    }
}
