<?php

declare(strict_types=1);

namespace App\People;

/** Where a person stands, and so what the server lets them do. */
enum Role: string
{
    case Lead = 'lead';
    case Approver = 'approver';
    case Assembler = 'assembler';
    case CribKeeper = 'crib_keeper';
    case Reader = 'reader';

    public function words(): string
    {
        return match ($this) {
            self::Lead => 'quality lead',
            self::Approver => 'approver',
            self::Assembler => 'assembler',
            self::CribKeeper => 'crib keeper',
            self::Reader => 'reader',
        };
    }

    /** @return list<Ability> */
    public function abilities(): array
    {
        $read = [Ability::ReadLibrary, Ability::ReadBuilds, Ability::ReadCrib, Ability::Audit];

        return match ($this) {
            self::Lead => [...$read, Ability::DraftProcedures, Ability::OpenBuilds, Ability::GiveWork, Ability::CloseBuilds, Ability::DisposeReadings, Ability::HandleCards, Ability::DecideFaults, Ability::ReadPeople, Ability::KeepPeople, Ability::SignSkills, Ability::SetShop, Ability::NameDeputies, Ability::ManageDevices, Ability::UnlockPins, Ability::SetToolRules, Ability::WorkCases, Ability::StopWork],
            self::Approver => [...$read, Ability::ReadPeople, Ability::SignSkills, Ability::ApproveProcedures, Ability::HandleCards, Ability::WorkCases, Ability::StopWork],
            self::CribKeeper => [Ability::ReadLibrary, Ability::ReadCrib, Ability::KeepTools],
            self::Assembler => [Ability::ReadLibrary, Ability::WorkAtBench],
            self::Reader => [Ability::ReadBuilds, Ability::Audit],
        };
    }
}
