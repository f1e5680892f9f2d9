<?php

declare(strict_types=1);

namespace App\Bench;

use App\Ledger\DeviceSequence;
use App\Ledger\Draft;
use App\Ledger\Entry;
use App\Ledger\Recorder;
use Closure;

/** Records a bench command once, however often it is sent. A refused command uses up no number of the device's count. */
final readonly class BenchRecorder
{
    public function __construct(
        private Recorder $recorder,
        private DeviceSequence $sequence,
    ) {
    }

    /**
     * @param  Closure(): array<string, mixed>  $decide  the arguments of the Draft beyond what the command brings; runs inside the transaction, with the stream locked
     */
    public function record(BenchCommand $command, string $type, string $stream, Closure $decide): Entry
    {
        return $this->recorder->transaction(function () use ($command, $type, $stream, $decide): Entry {
            $expected = $this->sequence->lock($command->device);
            $stored = $this->recorder->stored($command->id, $command->hash);
            if ($stored !== null) {
                return $stored;
            }
            DeviceSequence::compare($command->deviceSeq, $expected, $command->id);
            $this->sequence->moveTo($command->device, $expected + 1);
            $this->recorder->lock($stream);

            return $this->recorder->append(new Draft(...[
                'id' => $command->id, 'type' => $type, 'stream' => $stream, 'person' => $command->person, 'sitting' => $command->sitting,
                'device' => $command->device, 'deviceSeq' => $command->deviceSeq, 'sentHash' => $command->hash, 'sent' => $command->sent,
            ] + $decide()));
        });
    }
}
