<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\Fault;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Effect\Found;
use Tekkal\Core\Run\Event\Event;
use Tekkal\Core\Run\Event\GaveWay;
use Tekkal\Core\Run\Event\MovementSeen;
use Tekkal\Core\Run\Event\ReadingTaken;
use Tekkal\Core\Run\Event\ResultEvent;
use Tekkal\Core\Run\Event\RoundAttested;

/**
 * What was pulled while it could not count was still pulled, and a click on a tighter fastener proves nothing: its position
 * is not proved until it was backed off. Nothing vanishes because it came at the wrong moment.
 */
final readonly class PulledAside
{
    public function __construct(private RunFold $run, private Emission $emission)
    {
    }

    public function take(Event $event, SetAsideReason $reason): void
    {
        $steps = $this->turned($event);
        if ($steps === [] || ! $reason->leavesMetalTurned()) {
            return;
        }
        if ($reason === SetAsideReason::RunClosed) {
            $this->emission->emit(new Found(FindingKind::PulledAside, sprintf('It was pulled after the %s, so nobody can say what it has now.', $this->run->state->run()->is === RunPhase::Opened ? 'joint was opened again' : 'run was finished'), array_map(fn (Step $s): string => $s->id, $steps), true));

            return;
        }
        $event instanceof ReadingTaken ? $this->run->faults->tookReaction($event) : null;
        foreach ($steps as $step) {
            $this->emission->emit(...$this->run->fasteners->tightened($step));
            $event instanceof GaveWay
                ? $this->run->faults->open(Fault::GaveWay, $step, $event->stamp->id)
                : $this->run->faults->pulledAside($step, 'run '.($event->stamp->device ?? 'desk'));
        }
    }

    /** @return list<Step> at which the event says that a fastener was turned */
    private function turned(Event $event): array
    {
        $steps = match (true) {
            $event instanceof MovementSeen && ! $event->moved => [],
            $event instanceof ResultEvent => $this->run->plan->has($event->step) ? [$this->run->plan->step($event->step)] : [],
            $event instanceof RoundAttested => $this->run->steps->stepsOf($event->stage, $event->leg),
            default => [],
        };

        return array_values(array_filter($steps, fn (Step $s): bool => $s->kind->turnsBolt() || $s->kind === StageKind::VerificationPass));
    }
}
