<?php

declare(strict_types=1);

namespace App\Builds\Queries;

use App\Library\Models\Family;
use App\Library\Queries\Procedures;
use App\People\Models\Person;
use App\People\Queries\Qualified;
use App\Record\Models\Subject;
use Tekkal\Core\Schedule\Method;
use Tekkal\Core\Schedule\Methods;

/** What somebody has to have learnt for a job on an engine. */
final class Learnt
{
    /** The code of the family of an engine or a part of one. */
    public static function family(string $subject): string
    {
        return Family::query()->findOrFail(Subject::query()->findOrFail($subject)->family)->code;
    }

    /** @return list<Method> */
    public static function methods(string $planHash): array
    {
        return Methods::of(Procedures::plan($planHash));
    }

    /** At what they would work under a supervisor there; null: alone. Refused where nothing is signed of them. */
    public static function underSupervisor(Person $person, string $subject, string $planHash): ?string
    {
        return Qualified::underSupervisor($person, self::family($subject), self::methods($planHash));
    }
}
