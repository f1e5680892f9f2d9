<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** Why a step has another status. */
enum BecameWhy: string
{
    case Case = 'case';
    case CaseEnded = 'case_ended';
    case PutOff = 'put_off';
    case TakenUp = 'taken_up';
    case Accepted = 'accepted';
    case NothingMoved = 'nothing_moved';
    case Moved = 'moved';
}
