<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Models\Deputy;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\Refused;

/** Whoever stood in for the lead does so no longer. What they decided stays decided. */
final readonly class EndDeputy
{
    public function __construct(private Recorder $recorder)
    {
    }

    public function __invoke(string $deputy, Person $lead): void
    {
        $this->recorder->transaction(function () use ($deputy, $lead): void {
            $named = Deputy::query()->lockForUpdate()->find($deputy) ?? throw Refused::notFound('Nobody was named under that.');
            if ($named->ended_at === null) {
                $this->recorder->append(new Draft(Ids::next(), 'deputy_ended', 'person/'.$named->person, $lead->id, data: ['deputy' => $named->id]));
            }
        });
    }
}
