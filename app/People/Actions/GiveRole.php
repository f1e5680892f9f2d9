<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Models\Person;
use App\People\Role;
use App\Shared\Ids;

/** Lets a person stand in one more place. */
final readonly class GiveRole
{
    public function __construct(private Recorder $recorder)
    {
    }

    public function __invoke(Person $person, Role $role, ?Person $by = null): void
    {
        $this->recorder->transaction(fn () => $this->recorder->append(new Draft(Ids::next(), 'role_given', 'person/'.$person->id, $by?->id, data: ['role' => $role->value])));
    }
}
