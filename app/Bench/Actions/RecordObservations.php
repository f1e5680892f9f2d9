<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\Observation;
use App\Bench\ObservationDraft;
use App\Bench\ObservedAt;
use App\Bench\ObservedReading;
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
use LogicException;
use Tekkal\Core\Run\Event\BackedOff;
use Tekkal\Core\Run\Event\ReadingTaken;
use Tekkal\Core\Run\Outcome;
use Tekkal\Core\Run\SetAsideReason;
use Tekkal\Core\Run\Stamp;

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
            $contexts = $sittings = $drafts = $entries = $heads = [];
            foreach ($observations as $observation) {
                $stored = $this->recorder->stored($observation->id, $observation->hash);
                if ($stored !== null) {
                    $entries[$observation->id] = $stored;
                } elseif (isset($drafts[$observation->id])) {
                    self::sameTwice($drafts[$observation->id], $observation);
                } else {
                    $sitting = $sittings[$observation->stamp->sitting] ??= $this->sitting($observation, $device);
                    DeviceSequence::compare($observation->stamp->deviceSeq, $expected++, $observation->id);
                    $drafts[$observation->id] = $this->decide(new Received($observation, $sitting, $skewMs), $contexts, $heads);
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
        $sitting = Sitting::fromQuery('SELECT * FROM sittings WHERE id = ?', [$observation->stamp->sitting])->first();
        if ($sitting === null || $sitting->device !== $device->id) {
            throw new Refused(ProblemType::NoSitting, 'This observation names no sitting of this bench. The bench keeps it; show it to the lead.', 403, ['id' => $observation->id]);
        }

        return $sitting;
    }

    /**
     * @param  array<string, RunContext|null>  $contexts the runs of this batch, folded once each
     * @param  array<string, int>  $heads  what was locked for them
     */
    private function decide(Received $received, array &$contexts, array &$heads): Draft
    {
        $observation = $received->observation;
        if ($observation->unread !== null) {
            return $this->draft->unread($received, $observation->unread);
        }
        $at = $observation->at ?? throw new LogicException('An observation that can be read says where it was made.');
        if (! array_key_exists($at->run, $contexts)) {
            $stream = RunHistory::stream($at->run);
            $heads[$stream] = $this->recorder->lock($stream);
            $contexts[$at->run] = RunContext::find($at->run);
        }
        $context = $contexts[$at->run];
        if ($context === null) {
            return $this->draft->inTray($received, $at);
        }
        $wrongBuild = $context->run->subject !== $at->subject ? Outcome::setAside(SetAsideReason::WrongBuild) : null;

        return $observation->reading === null
            ? $this->backedOff($context, $received, $at, $wrongBuild)
            : $this->reading($context, $received, $observation->reading, $at, $wrongBuild);
    }

    private function reading(RunContext $context, Received $received, ObservedReading $reading, ObservedAt $at, ?Outcome $wrongBuild): Draft
    {
        $stamp = new Stamp($received->sitting->person, $received->sitting->device, $received->takenAt());
        $before = $context->fold->freeze();
        $outcome = $context->fold->apply(new ReadingTaken($received->observation->id, $at->step, $reading->value, $reading->source(), $reading->tool, $stamp), $wrongBuild);

        return $this->draft->reading($context, $before, $received, $reading, $at, $outcome);
    }

    private function backedOff(RunContext $context, Received $received, ObservedAt $at, ?Outcome $wrongBuild): Draft
    {
        $event = new BackedOff($at->step, $received->sitting->device);
        $lost = $context->fold->readingsLostBy($event);
        $outcome = $context->fold->apply($event, $wrongBuild);

        return $this->draft->backedOff($context, $received, $at, $outcome, $outcome->isApplied() ? $lost : []);
    }
}
