<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\Ledger\DeviceSequence;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Ledger\Sending;
use App\People\Ability;
use App\People\Models\Device;
use App\People\Models\Person;
use App\People\Models\Sitting;
use App\Shared\Ids;
use App\Shared\Refused;

/** Begins a sitting: one person at one enrolled device. Whoever sat there before sits there no longer. */
final readonly class SignInAtBench
{
    public function __construct(
        private CheckPin $checkPin,
        private Recorder $recorder,
        private DeviceSequence $sequence,
        private EndSitting $endSitting,
    ) {
    }

    /**
     * @param  int|null  $lastDeviceSeq  the last number that the device gave, also to what still waits there; null: the last that came here
     * @param  string|null  $open  the sitting that this browser holds: the same person, back at a locked bench, goes on with it
     * @param  string|null  $newPin  of one's own, in the place of one that was handed out
     * @return array{person: Person, sitting: string, resumed: bool}
     */
    public function __invoke(string $badge, string $pin, Device $device, ?int $lastDeviceSeq = null, ?string $open = null, ?string $newPin = null): array
    {
        $person = ($this->checkPin)($badge, $pin, $device->id, $newPin);
        if (! $person->may(Ability::WorkAtBench)) {
            throw Refused::forbidden('This badge belongs to nobody who works at a bench.');
        }

        $held = $open === null ? null : Sitting::query()->where('person', $person->id)->where('device', $device->id)->where('ended_at', null)->find($open);
        if ($held !== null) {
            $this->recorder->transaction(fn () => $this->recorder->append((new Draft(Ids::next(), 'sitting_resumed', 'device/'.$device->id, $person->id))->sent(new Sending($held->id))));
        }

        return ['person' => $person, 'sitting' => $held->id ?? $this->begin($person, $device, $lastDeviceSeq), 'resumed' => $held !== null];
    }

    public function begin(Person $person, Device $device, ?int $lastDeviceSeq = null): string
    {
        $sitting = Ids::next();
        $this->recorder->transaction(function () use ($person, $device, $lastDeviceSeq, $sitting): void {
            $this->endSitting->allAt($device->id, $lastDeviceSeq ?? $this->sequence->lock($device->id) - 1, EndSitting::NEXT_SIGN_IN);
            $this->recorder->append((new Draft(Ids::next(), 'sitting_begun', 'device/'.$device->id, $person->id))->sent(new Sending($sitting)));
        });

        return $sitting;
    }
}
