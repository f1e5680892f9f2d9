<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** One free motion, or may it be ratcheted? */
enum Motion: string
{
    case OneMotion = 'one_motion';
    case MayRatchet = 'may_ratchet';
}
