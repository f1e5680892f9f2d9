<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** How a check is answered. */
enum CheckKind: string
{
    /** Yes or no. */
    case Confirm = 'confirm';
    /** By hand, where no limit is demanded: as before, tighter, a tight spot. */
    case Feel = 'feel';
    /** What is stamped on cap, rod, shell or shaft; it must match its partner and what teardown found there. */
    case Identity = 'identity';
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
            self::Confirm, self::Feel, self::Identity, self::GoNoGo => false,
        };
    }
}
