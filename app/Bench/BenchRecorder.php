<?php

declare(strict_types=1);

namespace App\Bench;

use App\Builds\RunFolds;
use App\Ledger\Decision;
use App\Ledger\DeviceSequence;
use App\Ledger\Draft;
use App\Ledger\Entry;
use App\Ledger\Recorder;
use App\Ledger\Sending;
use App\Record\Queries\RunHistory;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Closure;
use Tekkal\Core\Run\Event\EventTypes;
use Tekkal\Core\Run\Surroundings;

/** Records a bench command once, however often it is sent. A refused command uses up no number of the device's count. */
final readonly class BenchRecorder
{
    public function __construct(
        private Recorder $recorder,
        private DeviceSequence $sequence,
        private RunFolds $folds,
    ) {
    }

    /**
     * @param  Closure(): array{RunContext, array<string, mixed>, 2?: array<string, mixed>, 3?: Surroundings}  $decide  the run, what the event holds, what the server adds, and what it knows around it; runs inside the transaction, with the run locked
     */
    public function record(BenchCommand $command, string $type, string $run, Closure $decide): Entry
    {
        return $this->recorder->transaction(function () use ($command, $type, $run, $decide): Entry {
            $expected = $this->sequence->lock($command->device);
            $stored = $this->recorder->stored($command->id, $command->hash);
            if ($stored !== null) {
                return $stored;
            }
            DeviceSequence::compare($command->deviceSeq, $expected, $command->id);
            $this->sequence->moveTo($command->device, $expected + 1);
            $seq = $this->recorder->lock(RunHistory::stream($run));

            return $this->recorder->append($this->draft($command, $type, $seq, $decide()));
        });
    }

    /** @param  array{RunContext, array<string, mixed>, 2?: array<string, mixed>, 3?: Surroundings}  $decided */
    private function draft(BenchCommand $command, string $type, int $seq, array $decided): Draft
    {
        [$context, $content] = $decided;
        $event = $command->event($type, $context->run->id, $context->run->subject, $content);
        $this->folds->keep($context->run->id, $context->fold);
        $outcome = $context->fold->decide(EventTypes::read($event), ($decided[3] ?? new Surroundings)->at($seq));
        if (! $outcome->isApplied()) {
            throw new Refused(ProblemType::NotDone, $outcome->reason?->sentence() ?? 'It cannot be done now.', 409);
        }

        return Draft::ofEvent($event, new Decision($outcome->toBody()), RunHistory::stream($context->run->id), $context->concerns(), $decided[2] ?? [])
            ->sent(new Sending($command->sitting, $command->device, $command->deviceSeq, $command->hash));
    }
}
