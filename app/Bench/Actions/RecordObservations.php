<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\Observation;
use App\Bench\ObservedOutcome;
use App\Bench\Received;
use App\Bench\RunContext;
use App\Ledger\DeviceSequence;
use App\Ledger\Draft;
use App\Ledger\Entry;
use App\Ledger\Recorder;
use App\People\Models\Device;
use App\People\Models\Sitting;
use App\Record\Queries\RunHistory;
use App\Shared\ProblemType;
use App\Shared\Refused;

/**
 * Stores a batch of observations, in the device's order, in one transaction. An authentic, readable one is never refused:
 * it is applied, set aside or put in the tray, and that standing is stored with it.
 */
final readonly class RecordObservations
{
    public function __construct(
        private Recorder $recorder,
        private DeviceSequence $sequence,
        private ObservedOutcome $outcome,
    ) {
    }

    /**
     * @param  list<Observation>  $observations
     * @return list<Entry> one per observation
     */
    public function __invoke(array $observations, Device $device, int $skewMs): array
    {
        return $this->recorder->transaction(function () use ($observations, $device, $skewMs): array {
            $expected = $this->sequence->lock($device->id);
            $contexts = $sittings = $drafts = $entries = $heads = $seqs = [];
            foreach ($observations as $observation) {
                $stored = $this->recorder->stored($observation->id, $observation->hash);
                if ($stored !== null) {
                    $entries[$observation->id] = $stored;
                } elseif (isset($drafts[$observation->id])) {
                    self::sameTwice($drafts[$observation->id], $observation);
                } else {
                    $sitting = $sittings[$observation->sitting] ??= $this->sitting($observation, $device);
                    DeviceSequence::compare($observation->deviceSeq, $expected++, $observation->id);
                    $drafts[$observation->id] = $this->decide(new Received($observation, $sitting, $skewMs), $contexts, $heads, $seqs);
                }
            }
            if ($drafts !== []) {
                $entries += array_combine(array_keys($drafts), $this->recorder->appendAll(array_values($drafts), $heads));
                $this->sequence->moveTo($device->id, $expected);
            }

            return array_map(fn (Observation $o): Entry => $entries[$o->id], $observations);
        });
    }

    private static function sameTwice(Draft $draft, Observation $observation): void
    {
        if ($draft->sentHash() !== $observation->hash) {
            throw new Refused(ProblemType::IdTaken, 'Two observations of this batch carry the same id and differ. Keep what you have and show it to the lead.', 409, ['id' => $observation->id]);
        }
    }

    private function sitting(Observation $observation, Device $device): Sitting
    {
        $sitting = Sitting::fromQuery('SELECT * FROM sittings WHERE id = ?', [$observation->sitting])->first();
        if ($sitting === null || $sitting->device !== $device->id) {
            throw new Refused(ProblemType::NoSitting, 'This observation names no sitting of this bench. The bench keeps it; show it to the lead.', 403, ['id' => $observation->id]);
        }

        return $sitting;
    }

    /**
     * @param  array<string, RunContext|null>  $contexts the runs of this batch, folded once each
     * @param  array<string, int>  $heads  what was locked for them
     * @param  array<string, int>  $seqs  the number of the next entry of each
     */
    private function decide(Received $received, array &$contexts, array &$heads, array &$seqs): Draft
    {
        $observation = $received->observation;
        if ($observation->unread !== null) {
            return $this->outcome->unread($received, $observation->unread);
        }
        $run = $observation->at('run');
        if (! array_key_exists($run, $contexts)) {
            $stream = RunHistory::stream($run);
            $heads[$stream] = $seqs[$stream] = $this->recorder->lock($stream);
            $contexts[$run] = RunContext::find($run);
        }
        $context = $contexts[$run];

        return $context === null ? $this->outcome->inTray($received) : $this->outcome->inRun($context, $received, $seqs[RunHistory::stream($run)]++);
    }
}
