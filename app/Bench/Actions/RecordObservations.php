<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\Observation;
use App\Bench\ObservationDraft;
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
use Tekkal\Core\Run\Event\BackedOff;
use Tekkal\Core\Run\Event\ReadingTaken;
use Tekkal\Core\Run\Outcome;
use Tekkal\Core\Run\SetAsideReason;

/**
 * Stores a batch of observations, in the device's order, in one transaction. An authentic, readable one is never refused:
 * it is applied, set aside or put in the tray, and that standing is stored with it.
 */
final readonly class RecordObservations
{
    public function __construct(
        private Recorder $recorder,
        private DeviceSequence $sequence,
        private ObservationDraft $draft,
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
            $contexts = $sittings = $drafts = $entries = [];
            foreach ($observations as $observation) {
                $stored = $this->recorder->stored($observation->id, $observation->hash);
                if ($stored !== null) {
                    $entries[$observation->id] = $stored;
                } elseif (isset($drafts[$observation->id])) {
                    self::sameTwice($drafts[$observation->id], $observation);
                } else {
                    $sitting = $sittings[$observation->sitting] ??= $this->sitting($observation, $device);
                    DeviceSequence::compare($observation->deviceSeq, $expected++, $observation->id);
                    $drafts[$observation->id] = $this->decide($observation, $sitting, $skewMs, $contexts);
                }
            }
            if ($drafts !== []) {
                $entries += array_combine(array_keys($drafts), $this->recorder->appendAll(array_values($drafts)));
                $this->sequence->moveTo($device->id, $expected);
            }

            return array_map(fn (Observation $o): Entry => $entries[$o->id], $observations);
        });
    }

    private static function sameTwice(Draft $draft, Observation $observation): void
    {
        if ($draft->sentHash !== $observation->hash) {
            throw new Refused(ProblemType::IdTaken, 'Two observations of this batch carry the same id and differ. Keep what you have and show it to the lead.', 409, ['id' => $observation->id]);
        }
    }

    private function sitting(Observation $observation, Device $device): Sitting
    {
        $sitting = Sitting::query()->find($observation->sitting);
        if ($sitting === null || $sitting->device !== $device->id) {
            throw new Refused(ProblemType::NoSitting, 'This observation names no sitting of this bench. The bench keeps it; show it to the lead.', 403, ['id' => $observation->id]);
        }

        return $sitting;
    }

    /** @param  array<string, RunContext|null>  $contexts the runs of this batch, folded once each */
    private function decide(Observation $observation, Sitting $sitting, int $skewMs, array &$contexts): Draft
    {
        if ($observation->run === null) {
            return $this->draft->unread($observation, $sitting, $skewMs);
        }
        if (! array_key_exists($observation->run, $contexts)) {
            $this->recorder->lock(RunHistory::stream($observation->run));
            $contexts[$observation->run] = RunContext::find($observation->run);
        }
        $context = $contexts[$observation->run];
        if ($context === null) {
            return $this->draft->inTray($observation, $sitting, $skewMs);
        }
        $wrongBuild = $context->run->subject !== $observation->subject ? Outcome::setAside(SetAsideReason::WrongBuild) : null;

        return $observation->isReading()
            ? $this->reading($context, $observation, $sitting, $skewMs, $wrongBuild)
            : $this->backedOff($context, $observation, $sitting, $skewMs, $wrongBuild);
    }

    private function reading(RunContext $context, Observation $o, Sitting $sitting, int $skewMs, ?Outcome $wrongBuild): Draft
    {
        assert($o->value !== null && $o->source() !== null && $o->tool !== null && $o->step !== null);
        $event = new ReadingTaken($o->id, $o->step, $o->value, $o->source(), $o->tool, $sitting->person, $sitting->device, ObservationDraft::takenAt($o, $skewMs));
        $before = $context->fold->freeze();
        $outcome = $context->fold->apply($event, $wrongBuild);

        return $this->draft->reading($context, $before, $o, $sitting, $skewMs, $outcome);
    }

    private function backedOff(RunContext $context, Observation $o, Sitting $sitting, int $skewMs, ?Outcome $wrongBuild): Draft
    {
        assert($o->step !== null);
        $event = new BackedOff($o->step, $sitting->device);
        $lost = $context->fold->readingsLostBy($event);
        $outcome = $context->fold->apply($event, $wrongBuild);

        return $this->draft->backedOff($context, $o, $sitting, $skewMs, $outcome, $outcome->isApplied() ? $lost : []);
    }
}
