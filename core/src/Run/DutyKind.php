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
}
