<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\Ledger\DeviceSequence;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Ledger\Sending;
use App\People\Models\Sitting;
use App\Shared\Ids;

/** Ends a sitting at the device's own count, so that what it still has to send stays distinguishable from later events. */
final readonly class EndSitting
{
    public const SIGNED_OUT = 'signed_out';

    public const NEXT_SIGN_IN = 'next_sign_in';

    public const LONGEST = 'longest';

    public const LEFT = 'left';

    public function __construct(
        private Recorder $recorder,
        private DeviceSequence $sequence,
    ) {
    }

    /** @param  int|null  $closedDeviceSeq  the last number that the device gave; null: the last one that came here */
    public function __invoke(string $sittingId, ?int $closedDeviceSeq, string $why = self::SIGNED_OUT): void
    {
        $this->recorder->transaction(function () use ($sittingId, $closedDeviceSeq, $why): void {
            $sitting = Sitting::query()->find($sittingId);
            if ($sitting !== null) {
                $this->end($sitting, $closedDeviceSeq ?? $this->sequence->lock($sitting->device) - 1, $why);
            }
        });
    }

    /** Inside a transaction that is to end every sitting of a device, such as the next one's beginning. */
    public function allAt(string $device, int $closedDeviceSeq, string $why): void
    {
        foreach (Sitting::query()->where('device', $device)->where('ended_at', null)->get() as $sitting) {
            $this->end($sitting, $closedDeviceSeq, $why);
        }
    }

    private function end(Sitting $sitting, int $closedDeviceSeq, string $why): void
    {
        $this->recorder->lock('device/'.$sitting->device);
        if ($sitting->refresh()->ended_at === null) {
            $draft = new Draft(Ids::next(), 'sitting_ended', 'device/'.$sitting->device, $sitting->person, ['closed_device_seq' => $closedDeviceSeq, 'why' => $why]);
            $this->recorder->append($draft->sent(new Sending($sitting->id)));
        }
    }
}
