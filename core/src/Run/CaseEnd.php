<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** How a fault came to its end. */
enum CaseEnd: string
{
    case Done = 'done';
    case Settled = 'settled';
    case Withdrawn = 'withdrawn';
    case Accepted = 'accepted';

    public function words(): string
    {
        return match ($this) {
            self::Done => 'put right',
            self::Settled => 'settled by what came after',
            self::Withdrawn => 'taken back as typed wrongly',
            self::Accepted => 'left as it is',
        };
    }
}
