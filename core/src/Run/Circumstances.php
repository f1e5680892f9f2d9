<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\Fault;
use Tekkal\Core\Run\Effect\Effect;
use Tekkal\Core\Run\Effect\FactIs;
use Tekkal\Core\Run\Effect\Found;
use Tekkal\Core\Run\Effect\Hands;
use Tekkal\Core\Run\Effect\RunIs;
use Tekkal\Core\Run\Effect\ThingIs;
use Tekkal\Core\Run\Event\AgentApplied;
use Tekkal\Core\Run\Event\AidFitted;
use Tekkal\Core\Run\Event\AidRemoved;
use Tekkal\Core\Run\Event\Cleaned;
use Tekkal\Core\Run\Event\Event;
use Tekkal\Core\Run\Event\FinalLook;
use Tekkal\Core\Run\Event\FreeLengthMeasured;
use Tekkal\Core\Run\Event\GasketReplaced;
use Tekkal\Core\Run\Event\IdentityRead;
use Tekkal\Core\Run\Event\Interrupted;
use Tekkal\Core\Run\Event\JointOpened;
use Tekkal\Core\Run\Event\Locked;
use Tekkal\Core\Run\Event\Marked;
use Tekkal\Core\Run\Event\PaperBegun;
use Tekkal\Core\Run\Event\PaperEnded;
use Tekkal\Core\Run\Event\Parked;
use Tekkal\Core\Run\Event\RepairAccepted;
use Tekkal\Core\Run\Event\Resumed;
use Tekkal\Core\Run\Event\RunBegun;
use Tekkal\Core\Run\Event\RunTakenOver;
use Tekkal\Core\Run\Event\SecondLook;
use Tekkal\Core\Run\Event\SecondPersonJoined;
use Tekkal\Core\Run\Event\SecondPersonLeft;
use Tekkal\Core\Run\Event\ShaftTurned;
use Tekkal\Core\Run\Event\SupervisorJoined;
use Tekkal\Core\Run\Event\SupervisorLeft;
use Tekkal\Core\Run\Event\SupervisorSigned;
use Tekkal\Core\Run\Event\ThreadRepaired;
use Tekkal\Core\Run\Event\ToolSet;
use Tekkal\Core\Run\Event\ToolTaken;
use Tekkal\Core\Run\Event\TranscriptCompared;
use Tekkal\Core\Run\Event\Zeroed;

/** What else happens around the work: people, tools, what is at a place and what is known of it, whether work goes on. */
final readonly class Circumstances
{
    public function __construct(private RunFold $run, private Emission $emission)
    {
    }

    /** Why it moves nothing; null when it was taken. */
    public function happened(Event $event, Surroundings $around): ?SetAsideReason
    {
        return match (true) {
            $event instanceof RunBegun => $this->begun($event, $around),
            $event instanceof RunTakenOver => $this->passes($event, $around),
            $event instanceof SecondPersonJoined => $this->joined($event),
            $event instanceof SecondPersonLeft => $this->does($this->hands(null)),
            $event instanceof SupervisorJoined, $event instanceof SupervisorSigned, $event instanceof SupervisorLeft => $this->supervised($event),
            $event instanceof ToolTaken => $this->run->settings->taken($event),
            $event instanceof ToolSet => $this->run->settings->read($event),
            $event instanceof Interrupted => $this->does(new RunIs(RunPhase::Interrupted, $event->step ?? $this->run->nextStep()?->id)),
            $event instanceof Locked => $this->does(new RunIs(RunPhase::Locked, $this->run->nextStep()?->id)),
            $event instanceof Parked => $this->parked(),
            $event instanceof JointOpened => $this->does(new RunIs(RunPhase::Opened)),
            $event instanceof Resumed => $this->resumed($event),
            default => $this->atPlaces($event),
        };
    }

    public function finished(): null
    {
        return $this->does(new RunIs(RunPhase::Finished));
    }

    /** @param  list<string>  $positions */
    public function knowsAll(array $positions): bool
    {
        return $positions !== [] && array_diff($positions, array_map(strval(...), array_keys($this->run->plan->positions))) === [];
    }

    private function atPlaces(Event $event): ?SetAsideReason
    {
        $positions = match (true) {
            $event instanceof Zeroed, $event instanceof FreeLengthMeasured, $event instanceof RepairAccepted => [$event->position],
            $event instanceof Marked, $event instanceof AgentApplied, $event instanceof Cleaned => $event->positions,
            default => null,
        };
        if ($positions !== null && ! $this->knowsAll($positions)) {
            return SetAsideReason::PlaceUnknown;
        }
        $not = $positions === null ? null : $this->whyNot($positions[0], $event);
        $not ??= $event instanceof Marked ? $this->run->marks->whyNot($event->mark, $event->positions) : null;
        foreach ($not === null ? $positions ?? [] : [] as $position) {
            $this->at($position, $event);
        }

        return $positions === null ? $this->elsewhere($event) : $not;
    }

    /** A zero and a free length are of the free bolt; and nobody accepts a repair that was not made, or that they made. */
    private function whyNot(string $position, Event $event): ?SetAsideReason
    {
        return match (true) {
            $event instanceof Zeroed, $event instanceof FreeLengthMeasured => $this->run->fasteners->isFree($position) ? null : SetAsideReason::FastenerNotFree,
            ! $event instanceof RepairAccepted => null,
            $this->run->fasteners->openRepair($position) === null => SetAsideReason::NothingToAccept,
            $event->stamp->person === $this->run->person(), $event->stamp->person === $this->run->fasteners->repairedBy($position) => SetAsideReason::OwnWork,
            default => null,
        };
    }

    private function at(string $position, Event $event): void
    {
        match (true) {
            $event instanceof Zeroed => $this->does(new FactIs($position, FastenerBook::ZERO, '0')),
            $event instanceof FreeLengthMeasured => $this->does(new FactIs($position, FastenerBook::FREE_LENGTH, $event->length->code())),
            $event instanceof Marked => $this->marked($position, $event),
            $event instanceof AgentApplied => $this->applied($position, $event),
            $event instanceof Cleaned => $this->cleaned($position),
            $event instanceof RepairAccepted => $this->repairAccepted($position),
            default => null,
        };
    }

    private function elsewhere(Event $event): ?SetAsideReason
    {
        return match (true) {
            $event instanceof AidFitted => $this->does(new ThingIs(new Thing($event->at, ThingKind::Aid, 1, ThingState::In, notes: new ThingNotes(kind: $event->aid)))),
            $event instanceof AidRemoved => $this->does(new ThingIs(new Thing($this->run->aids->placeOf($event->aid, $event->at), ThingKind::Aid, 1, ThingState::Out, notes: new ThingNotes(kind: $event->aid)))),
            $event instanceof ShaftTurned => $this->turned(),
            $event instanceof GasketReplaced => $this->renewed($event->gasket),
            $event instanceof IdentityRead => $this->run->plan->has($event->step) ? $this->does(new FactIs($event->step, StepBook::IDENTITY, $event->reads)) : SetAsideReason::StepUnknown,
            $event instanceof SecondLook => $this->looked($event),
            $event instanceof FinalLook => $this->lookedAtAll($event),
            $event instanceof PaperBegun => $this->onPaper($this->run->paper->begin($event->card)),
            $event instanceof PaperEnded => $this->onPaper($this->run->paper->end()),
            $event instanceof TranscriptCompared => $this->onPaper($this->run->paper->compare($event)),
            // Kept as it was said; no rule rests on it yet.
            default => null,
        };
    }

    /** @param  SetAsideReason|list<Effect>  $comes */
    private function onPaper(SetAsideReason|array $comes): ?SetAsideReason
    {
        if ($comes instanceof SetAsideReason) {
            return $comes;
        }
        $this->emission->emit(...$comes);

        return null;
    }

    private function does(FactIs|Hands|RunIs|ThingIs $effect): null
    {
        $this->emission->emit($effect);

        return null;
    }

    private function begun(RunBegun $event, Surroundings $around): null
    {
        foreach ($around->beginning->windowOf as $at => $source) {
            $this->emission->emit(new FactIs((string) $at, ResultBook::WINDOW_OF, $source));
        }
        $this->emission->emit(...$this->run->looks->begun($around->beginning), ...$this->run->supervision->passes($around->beginning->supervised));
        foreach ($around->beginning->stamped as $step => $reads) {
            $this->emission->emit(new FactIs((string) $step, StepBook::STAMPED, $reads));
        }
        $this->emission->emit(...array_map(fn (Thing $thing): ThingIs => new ThingIs($thing), $around->beginning->brought));

        return $this->does(new Hands($event->stamp->person, $event->stamp->device));
    }

    /** Whether its new hands may do it alone is asked anew. */
    private function passes(RunTakenOver $event, Surroundings $around): null
    {
        $this->emission->emit(...$this->run->supervision->passes($around->beginning->supervised));

        return $this->does(new Hands($event->stamp->person, $event->stamp->device));
    }

    /** Whoever stood beside it is not bound to be there when it is gone on with. */
    private function parked(): null
    {
        $this->emission->emit(...$this->run->supervision->leaves());

        return $this->does(new RunIs(RunPhase::Parked, $this->run->nextStep()?->id));
    }

    /** Nobody supervises themselves, and who signs is who stood there. */
    private function supervised(SupervisorJoined|SupervisorSigned|SupervisorLeft $event): ?SetAsideReason
    {
        $book = $this->run->supervision;
        $not = match (true) {
            $event instanceof SupervisorJoined && $event->supervisor === $this->run->person() => SetAsideReason::OwnWork,
            $event instanceof SupervisorSigned && $event->supervisor !== $book->supervisor() => SetAsideReason::PartnerMissing,
            default => null,
        };
        $this->emission->emit(...match (true) {
            $not !== null => [],
            $event instanceof SupervisorJoined => $book->comes($event->supervisor),
            $event instanceof SupervisorSigned => $book->signs($event->supervisor),
            default => $book->leaves(),
        });

        return $not;
    }

    private function resumed(Resumed $event): null
    {
        if ($event->afterIdle) {
            $this->emission->emit(new Found(FindingKind::ResumedAfterIdle, 'The bench had locked itself, and somebody went on while no PIN could be checked.'));
        }

        return $this->does(new RunIs(RunPhase::Open));
    }

    /** It happened, whatever stood in the way: what was measured or set by then is in doubt. */
    private function turned(): null
    {
        $why = $this->run->turning->whyNot();
        if ($why !== []) {
            $this->emission->emit(new Found(FindingKind::TurnedWhileHeld, sprintf('The shaft was turned, though it must not be: %s.', implode('; ', $why)), doubt: true));
        }

        return null;
    }

    private function hands(?string $partner): Hands
    {
        $hands = $this->run->state->hands();

        return new Hands($hands->person ?? '', $hands?->device, $partner);
    }

    private function joined(SecondPersonJoined $event): ?SetAsideReason
    {
        return $event->secondPerson === $this->run->person() ? SetAsideReason::PartnerMissing : $this->does($this->hands($event->secondPerson));
    }

    private function agent(string $position, AgentApplied $event): Thing
    {
        $before = $this->run->state->thing($position, ThingKind::Agent->value.':'.$event->agent);

        return new Thing($position, ThingKind::Agent, ($before->number ?? 0) + 1, ThingState::Wet, notes: new ThingNotes(kind: $event->agent, lot: $event->lot));
    }

    private function applied(string $position, AgentApplied $event): void
    {
        $this->does(new ThingIs($this->agent($position, $event)));
        $this->run->faults->did($position, DutyKind::Apply);
    }

    private function cleaned(string $position): void
    {
        $this->emission->emit(...$this->run->fasteners->cleaned($position));
        $this->run->faults->did($position, DutyKind::Clean);
    }

    /** What stands behind a mark is the furthest round that the position has. */
    private function marked(string $position, Marked $event): void
    {
        $this->does(new FactIs($position, RunState::MARK.$event->mark, $event->stamp->person));
        $furthest = $this->run->undoing->furthest($position);
        $furthest === null ? null : $this->does(new FactIs($position, FastenerBook::MARKED_AFTER, $furthest->id));
    }

    private function renewed(string $gasket): null
    {
        $this->does(new ThingIs(new Thing($gasket, ThingKind::Gasket, ($this->run->state->thing($gasket, ThingKind::Gasket->value)->number ?? 1) + 1, ThingState::In)));
        $this->run->faults->did($gasket, DutyKind::Renew);

        return null;
    }

    /** The kind of the repair stands with the thread; every later round is held there until it was accepted. */
    public function repaired(ThreadRepaired $event): void
    {
        $thread = $this->run->fasteners->thread($event->position);
        $this->does(new ThingIs(new Thing($event->position, ThingKind::Thread, ($thread->number ?? 1) + 1, ThingState::In, notes: new ThingNotes(kind: $event->kind, accepted: false))));
        $this->run->faults->did($event->position, DutyKind::Repair);
    }

    private function repairAccepted(string $position): void
    {
        $thread = $this->run->fasteners->thread($position);
        if ($thread?->notes->accepted === false) {
            $this->emission->emit(new ThingIs(new Thing($position, ThingKind::Thread, $thread->number, $thread->is, $thread->count, new ThingNotes(kind: $thread->notes->kind, accepted: true))));
        }
        $this->run->faults->did($position, DutyKind::AcceptRepair);
    }

    /** A head that does not look like its picture has not had what the record says. Once all do, that is known until something is done again. */
    private function lookedAtAll(FinalLook $event): ?SetAsideReason
    {
        if ($event->differ === []) {
            $this->emission->emit($this->run->looks->seen($event->stamp->person));

            return null;
        }
        if (! $this->knowsAll($event->differ)) {
            return SetAsideReason::PlaceUnknown;
        }
        foreach ($event->differ as $position) {
            $furthest = $this->run->undoing->furthest($position);
            $furthest === null ? null : $this->run->faults->open(Fault::NotProved, $furthest, cause: Cause::MarkDiffers);
        }

        return null;
    }

    private function looked(SecondLook $event): ?SetAsideReason
    {
        $not = $this->whyNotLooked($event);
        foreach ($not === null ? $event->steps : [] as $id) {
            $this->does(new FactIs($id, StepBook::SECOND_LOOK, $event->finds->value.' by '.$event->stamp->person));
            if ($event->finds === LookFinds::Differs) {
                $this->run->faults->open(Fault::NotProved, $this->run->plan->step($id), cause: Cause::LookDiffers);
            }
        }

        return $not;
    }

    /** Nobody looks a second time at what they did themselves, or at what was not done. */
    private function whyNotLooked(SecondLook $event): ?SetAsideReason
    {
        foreach ($event->steps as $id) {
            $live = $this->run->plan->has($id) ? $this->run->steps->live($id) : null;
            if ($live === null) {
                return $this->run->plan->has($id) ? SetAsideReason::StepsMissing : SetAsideReason::StepUnknown;
            }
            if ($event->stamp->person === $live->person()) {
                return SetAsideReason::OwnWork;
            }
        }

        return $event->steps === [] ? SetAsideReason::StepUnknown : null;
    }
}
