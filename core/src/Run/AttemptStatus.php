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
}
