<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\Queries\ShiftLeft;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Ability;
use App\People\Actions\CheckPin;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;

/** The end of a shift: whoever leaves and whoever comes read the same list, and both sign it. The runs are taken over one by one, by whoever then stands before the metal. */
final readonly class HandOver
{
    public function __construct(private Recorder $recorder, private CheckPin $checkPin, private ShiftLeft $what)
    {
    }

    /** @param  string  $seen  what tells the list that both have read from another */
    public function __invoke(Person $from, string $pin, string $badge, string $secondPin, string $said, string $device, string $seen): void
    {
        // Checked outside the transaction: a wrong PIN must be counted even though nothing is handed over.
        ($this->checkPin)((string) $from->badge, $pin, $device);
        $to = ($this->checkPin)($badge, $secondPin, $device);
        JoinRun::isAnother($to, $from->id);
        $to->may(Ability::WorkAtBench) || throw Refused::field('badge', sprintf('%s does not work at a bench. A shift is handed to somebody who does.', $to->displayName()), $badge);
        $this->recorder->transaction(function () use ($from, $to, $said, $device, $seen): void {
            $engines = $this->what->of($from);
            $engines !== [] || throw Refused::field('badge', 'Nothing hangs on your hook: there is nothing to hand over.', $to->badge);
            if ($seen !== ShiftLeft::mark($engines)) {
                throw new Refused(ProblemType::DraftChanged, 'What the shift leaves has changed since you read it. Read the list again, both of you, and sign that.', 409);
            }
            $this->recorder->append(new Draft(Ids::next(), 'shift_handed_over', "device/$device", $from->id, array_filter(['to' => $to->id, 'said' => $said, 'engines' => $engines], fn (mixed $v): bool => $v !== '')));
        });
    }
}
