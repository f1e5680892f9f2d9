<?php

declare(strict_types=1);

namespace Tekkal\Core\Schedule;

/** How a skill stands on a day. */
enum SkillStanding: string
{
    case UnderSupervisor = 'under_supervisor';
    case Signed = 'signed';
    case Ending = 'ending';
    case Ended = 'ended';

    /** May whoever has it do the work without somebody beside them? */
    public function mayAlone(): bool
    {
        return match ($this) {
            self::Signed, self::Ending => true,
            self::UnderSupervisor, self::Ended => false,
        };
    }
}
