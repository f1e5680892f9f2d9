<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Ability;
use App\People\Models\Device;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\Refused;

/** Begins a sitting: one person at one enrolled device. */
final readonly class SignInAtBench
{
    public function __construct(
        private CheckPin $checkPin,
        private Recorder $recorder,
    ) {
    }

    /** @return array{person: Person, sitting: string} */
    public function __invoke(string $badge, string $pin, Device $device): array
    {
        $person = ($this->checkPin)($badge, $pin, $device->id);
        if (! $person->may(Ability::WorkAtBench)) {
            throw Refused::forbidden('This badge belongs to nobody who works at a bench.');
        }

        return ['person' => $person, 'sitting' => $this->begin($person, $device)];
    }

    public function begin(Person $person, Device $device): string
    {
        $sitting = Ids::next();
        $this->recorder->transaction(fn () => $this->recorder->append(new Draft(
            Ids::next(), 'sitting_begun', 'device/'.$device->id, $person->id, sitting: $sitting,
        )));

        return $sitting;
    }
}
