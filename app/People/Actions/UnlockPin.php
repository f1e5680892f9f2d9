<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Models\Person;
use App\Shared\Ids;

final readonly class UnlockPin
{
    public function __construct(private Recorder $recorder)
    {
    }

    public function __invoke(Person $person, Person $lead): void
    {
        $this->recorder->transaction(function () use ($person, $lead): void {
            $this->recorder->append(new Draft(Ids::next(), 'pin_unlocked', 'person/'.$person->id, $lead->id));
            CheckPin::clear($person->id);
        });
    }
}
