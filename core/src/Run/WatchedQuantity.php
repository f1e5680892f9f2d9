<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** What can be watched beside a controlled quantity. */
enum WatchedQuantity: string
{
    /** The torque at which a partner holds the other end. */
    case HeldTorque = 'held_torque';
    case FinalTorque = 'final_torque';
    case Angle = 'angle';
    case Stretch = 'stretch';
    /** The other end of an interval, such as the second mark of a plastic gauge. */
    case OtherEnd = 'other_end';
}
