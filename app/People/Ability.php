<?php

declare(strict_types=1);

namespace App\People;

/** One thing the server allows or refuses. Each has a gate of the same name. */
enum Ability: string
{
    case ReadLibrary = 'read-library';
    case DraftProcedures = 'draft-procedures';
    case ApproveProcedures = 'approve-procedures';
    case ReadBuilds = 'read-builds';
    case OpenBuilds = 'open-builds';
    case GiveWork = 'give-work';
    case CloseBuilds = 'close-builds';
    case ReadCrib = 'read-crib';
    case KeepTools = 'keep-tools';
    case SetToolRules = 'set-tool-rules';
    case WorkCases = 'work-cases';
    case Audit = 'audit';
    case DisposeReadings = 'dispose-readings';
    case HandleCards = 'handle-cards';
    case StopWork = 'stop-work';
    case DecideFaults = 'decide-faults';
    case ReadPeople = 'read-people';
    case KeepPeople = 'keep-people';
    case SignSkills = 'sign-skills';
    case SetShop = 'set-shop';
    case NameDeputies = 'name-deputies';
    case ManageDevices = 'manage-devices';
    case UnlockPins = 'unlock-pins';
    case WorkAtBench = 'work-at-bench';
}
