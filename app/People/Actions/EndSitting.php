<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Models\Sitting;
use App\Shared\Ids;

/** Ends a sitting at the device's own count, so that what it still has to send stays distinguishable from later events. */
final readonly class EndSitting
{
    public function __construct(private Recorder $recorder)
    {
    }

    public function __invoke(string $sittingId, ?int $closedDeviceSeq): void
    {
        $this->recorder->transaction(function () use ($sittingId, $closedDeviceSeq): void {
            $sitting = Sitting::query()->lockForUpdate()->find($sittingId);
            if ($sitting === null || $sitting->ended_at !== null) {
                return;
            }
            $this->recorder->append(new Draft(
                Ids::next(), 'sitting_ended', 'device/'.$sitting->device, $sitting->person,
                data: ['closed_device_seq' => $closedDeviceSeq], sitting: $sitting->id,
            ));
        });
    }
}
