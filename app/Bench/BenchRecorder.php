<?php

declare(strict_types=1);

namespace App\Bench;

use App\Ledger\Concerns;
use App\Ledger\DeviceSequence;
use App\Ledger\Draft;
use App\Ledger\Entry;
use App\Ledger\Recorder;
use App\Ledger\Sending;
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
     * @param  Closure(): array{Concerns, array<string, mixed>}  $decide  what the entry is about and what it holds; runs inside the transaction, with the stream locked
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

            [$concerns, $data] = $decide();
            $draft = new Draft($command->id, $type, $stream, $command->person, $data, $concerns);

            return $this->recorder->append($draft->sent(new Sending($command->sitting, $command->device, $command->deviceSeq, $command->hash, $command->sent)));
        });
    }
}
