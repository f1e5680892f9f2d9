<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** What a fault can ask for. */
enum DutyKind: string
{
    case Loosen = 'loosen';
    case TakeOut = 'take_out';
    case Inspect = 'inspect';
    case CheckFastener = 'check_fastener';
    case Replace = 'replace';
    case Renew = 'renew';
    case Repair = 'repair';
    case AcceptRepair = 'accept_repair';
    case Clean = 'clean';
    case Apply = 'apply';
    case Measure = 'measure';
    case Answer = 'answer';
    case SecondLook = 'second_look';

    /** What is wanting while it is not done; %s stands for the places. */
    public function lacks(): string
    {
        return match ($this) {
            self::Loosen, self::TakeOut => '%s loosened',
            self::Inspect => 'a look at %s, and what was done',
            self::CheckFastener => 'the check of the fastener of %s',
            self::Replace => 'a new fastener at %s',
            self::Renew => 'a new %s',
            self::Repair => 'the thread of %s repaired',
            self::AcceptRepair => 'the repair at %s accepted by the lead',
            self::Clean => '%s cleaned',
            self::Apply => '%s coated afresh',
            self::Measure => '%s measured again',
            self::Answer => 'an answer: %s',
            self::SecondLook => 'a second look at %s',
        };
    }
}
