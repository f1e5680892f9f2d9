<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\CheckKind;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Plan\CheckStep;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Effect\Became;
use Tekkal\Core\Run\Event\Event;
use Tekkal\Core\Run\Event\FinalLook;
use Tekkal\Core\Run\Event\IdentityRead;
use Tekkal\Core\Run\Event\JointOpened;
use Tekkal\Core\Run\Event\ReadingWithdrawn;
use Tekkal\Core\Run\Event\ResultEvent;
use Tekkal\Core\Run\Event\RoundAttested;
use Tekkal\Core\Run\Event\RunBegun;
use Tekkal\Core\Run\Event\RunTakenOver;
use Tekkal\Core\Run\Event\SecondLook;

/**
 * A run while it is folded. decide() judges an event by today's rules, and assigns at once what it does; apply() takes an
 * event with the outcome that was stored and judges nothing. Should decide() throw, the fold is to be dropped.
 */
final class RunFold
{
    /**
     * Of the rules that decide. Raised whenever anything is decided otherwise than before; a corpus of decisions holds it.
     * It says by which rules an entry was decided, and is asked by nothing: what was decided stands in the entry.
     */
    public const VERSION = '9';

    public readonly StepBook $steps;

    public readonly FastenerBook $fasteners;

    public readonly FaultReach $reach;

    public readonly OpenFaults $faults;

    public readonly Guard $guard;

    public readonly Judge $judge;

    public readonly Names $names;

    public readonly ToolBook $tools;

    public readonly Undoing $undoing;

    public readonly Expiry $expiry;

    public readonly AidBook $aids;

    public readonly TurnBook $turning;

    public readonly MarkBook $marks;

    public readonly SettingBook $settings;

    public readonly LookBook $looks;

    public readonly PaperBook $paper;

    public readonly SupervisionBook $supervision;

    private readonly Emission $emission;

    private readonly ResultBook $results;

    private readonly Incidents $incidents;

    private readonly PulledAside $aside;

    public function __construct(public readonly Plan $plan, public readonly State $state = new State)
    {
        $this->emission = new Emission($state);
        $this->names = new Names($plan);
        $this->steps = new StepBook($plan, $state);
        $this->fasteners = new FastenerBook($plan, $state);
        $this->reach = new FaultReach($plan, $this->steps, $this->fasteners);
        $this->faults = new OpenFaults($plan, $state, $this->steps, $this->reach, $this->emission);
        $this->aids = new AidBook($plan, $state);
        $this->turning = new TurnBook($plan, $state, $this->steps, $this->aids);
        $this->marks = new MarkBook($plan, $state, $this->steps);
        $this->looks = new LookBook($plan, $state, $this->steps);
        $this->paper = new PaperBook($plan, $state);
        $this->supervision = new SupervisionBook($state);
        $this->guard = new Guard($plan, $this->steps, $this->fasteners, $this->faults, $this->aids, $this->turning);
        $this->tools = new ToolBook($state);
        $this->judge = new Judge($plan, $this->steps, $this->fasteners, $this->tools, $state);
        $this->undoing = new Undoing($this, $this->emission);
        $this->settings = new SettingBook($this, $this->emission);
        $this->expiry = new Expiry($plan, $state, $this->steps, $this->fasteners, $this->faults, $this->emission);
        $this->aside = new PulledAside($this, $this->emission);
        $this->results = new ResultBook($this, $this->emission, new Timing($plan, $this->steps, $this->fasteners, $this->names));
        $this->incidents = new Incidents($this, $this->emission);
    }

    public function decide(Event $event, Surroundings $around = new Surroundings): Outcome
    {
        $aside = $around->aside ?? $this->whyAside($event);
        $this->emission->begin($event->stamp, $around->seq ?? $this->state->seq() + 1);
        $dried = $aside === null && ! $event instanceof JointOpened ? $this->expiry->due($this->paper->clockOf($event->stamp)) : [];
        $reason = $aside ?? $this->happened($event, $around);
        $reason === null ? null : $this->aside->take($event, $reason);
        $this->expiry->announce($dried);
        $this->turnedBack();
        $this->emission->emit(...$around->found);
        $this->emission->emit(...$this->supervision->after(...$this->emission->effects()));
        $this->becomings();
        $this->emission->emit(...$this->turning->changes());
        $event instanceof FinalLook ? null : $this->emission->emit(...$this->looks->overtaken(...$this->emission->effects()));
        $effects = $this->emission->effects();

        return new Outcome($reason === null ? Standing::Applied : Standing::SetAside, $reason, $effects, Sayings::of($reason, $effects, $reason === SetAsideReason::NotBackedOff ? $this->lacking() : ''));
    }

    /** What the faults that hold the work still wait for. */
    private function lacking(): string
    {
        $lacking = new Lacking($this->names);
        $holding = array_values(array_filter($this->faults->cases->openCases(), fn (CaseState $c): bool => $c->fault !== Fault::PulledAside));

        return implode(' ', array_filter(array_map($lacking->sentence(...), array_slice($holding, 0, 2))));
    }

    /** Assigns what was decided when it was recorded. */
    public function apply(Stamp $by, Outcome $outcome, ?int $seq = null): void
    {
        $this->state->begin($by, $seq ?? $this->state->seq() + 1);
        foreach ($outcome->effects as $effect) {
            $this->state->apply($effect);
        }
    }

    public function freeze(): RunState
    {
        return RunState::of($this->plan, $this->state);
    }

    /** Why the reading cannot be withdrawn, as a sentence; null when it can. */
    public function whyNoWithdrawal(ReadingWithdrawn $event): ?string
    {
        $attempt = $this->steps->liveOf($event->reading, $event->step);
        if ($attempt === null) {
            return 'This reading is not one that its step stands on.';
        }

        return match (true) {
            ! $attempt->given->source->mayBeWithdrawn() => 'A value that a tool sent is never withdrawn. If it is wrong, back the fastener off and redo it.',
            // What was typed wrongly off a card says nothing of the metal: a later round stands on what was pulled, not on what was typed.
            $attempt->given->source !== ReadingSource::Transcribed && $this->steps->hasLater($this->plan->step($event->step)) => 'A later round already stands on this reading. Back the fastener off and redo it.',
            ! $attempt->judgement->verdict->isGood() && $event->secondPerson === null => sprintf('%s is out of its window; a second person must confirm that it was a typing error.', $attempt->given->value?->typeset()),
            $event->secondPerson === $attempt->person() => 'The second person must be somebody else than the one who took the reading.',
            default => null,
        };
    }

    /** @return list<string> what stands in the way of finishing, as sentences; empty when nothing does */
    public function whyNotFinish(): array
    {
        if ($this->isFinished() || $this->person() === null) {
            return [$this->isFinished() ? 'The run is already finished.' : 'The run has not been begun.'];
        }
        [$names, $lacking] = [$this->names, new Lacking($this->names)];
        $blocks = array_map(fn (CaseState $c): string => ucfirst($names->stepOf($c->step)).": $c->sentence ".$lacking->sentence($c), $this->faults->cases->openCases());
        foreach ($this->fasteners->openRepairs() as $position => $kind) {
            $blocks[] = sprintf('%s: the repair (%s) has not been accepted.', ucfirst($names->place((string) $position)), $kind);
        }

        return $this->steps->isComplete() ? [...$blocks, ...$this->unsaid()] : [...$blocks, 'Steps are not done.'];
    }

    /** @return list<string> what is wanting once every step is done: marks, looks, settings, aids that came out */
    private function unsaid(): array
    {
        $names = $this->names;
        $settings = array_map(strval(...), array_keys(array_unique($this->state->facts(StepBook::SETTING_OPEN))));
        $unlooked = array_filter(array_map(fn (mixed $stage): array => $this->steps->unlooked((string) $stage), array_keys($this->plan->stages)));

        return [
            ...array_map(fn (Mark $m): string => ucfirst($names->place($m->position)).($m->looks === null ? ': its mark was not made after its last round.' : ": its mark is wanting, a $m->looks."), $this->marks->wanting()),
            ...array_map(fn (string $step): string => ucfirst($names->stepOf($step)).': the setting of the tool was not read again after it.', $settings),
            ...array_values(array_map(fn (array $steps): string => sprintf('No second person has looked at %s.', $names->roundAt($steps)), $unlooked)),
            ...array_map(fn (string $aid): string => ucfirst($aid).' is still in.', array_values($this->aids->left())),
            ...$this->unseen(),
            ...$this->uncompared(),
            ...($this->supervision->isUnsigned() ? [sprintf('Whoever stood beside it has not signed (%s).', $this->supervision->what())] : []),
        ];
    }

    /** @return list<string> */
    private function unseen(): array
    {
        $unseen = $this->looks->unseen();

        return [
            ...($this->looks->isWanting() ? ['Nobody has compared the heads with the picture since the last of them was done.'] : []),
            ...($unseen === [] ? [] : [sprintf('This joint is of class %s: no second person has looked at %s.', $this->looks->riskClass(), $this->names->places(array_map(fn (string $id): string => $this->plan->step($id)->position, $unseen)))]),
        ];
    }

    /** @return list<string> */
    private function uncompared(): array
    {
        $left = count($this->paper->uncompared());
        $open = $this->paper->card();

        return $left === 0 ? ($open === null ? [] : ["Card $open is still being typed in."]) : [sprintf('%d %s copied from %s, and nobody else has compared %s with it.', $left, $left === 1 ? 'result was' : 'results were', $this->paper->cardsInWords(), $left === 1 ? 'it' : 'them')];
    }

    /** The step whose turn it is; what waits for work put off is passed over. Null when nothing is left, or only that. */
    public function nextStep(): ?Step
    {
        $first = $this->steps->nextStep();
        if ($first === null || ! $this->steps->hasDeferred() || $this->faults->cases->hasOpenBeside($this->steps->isDeferred(...))) {
            return $first;
        }
        for ($i = $this->plan->placeOf($first->id); $i < count($this->plan->steps); $i++) {
            $step = $this->plan->steps[$i];
            $open = $this->steps->status($step)->isOpen() && ! $this->steps->isDeferred($step->id);
            if ($open && $this->guard->whyNot($step, true) === null) {
                return $step;
            }
        }

        return null;
    }

    /** The step that went wrong and was not put right. */
    public function stoppedAt(): ?string
    {
        $next = $this->nextStep();

        $stopping = array_values(array_filter($this->faults->cases->openCases(), fn (CaseState $c): bool => ! $c->holdsOnlyItsPositions()));

        if ($stopping === [] && $next !== null && $this->guard->whyNot($next, true) === SetAsideReason::NotBackedOff) {
            return $this->faults->cases->asking($next->position) ?? $next->id;
        }

        return $stopping[0]->step ?? $this->pulledBefore($next) ?? ($next !== null && $this->steps->status($next) === StepStatus::Stopped ? $next->id : null);
    }

    /** What was pulled aside in a round before the one that goes on is put right first. */
    public function pulledBefore(?Step $next): ?string
    {
        foreach ($this->faults->cases->pulledSteps() as $step) {
            if ($next === null || $this->plan->placeOf($step) < $this->plan->placeOf($next->id)) {
                return $step;
            }
        }

        return null;
    }

    public function person(): ?string
    {
        return $this->state->hands()?->person;
    }

    public function hasPartner(): bool
    {
        return $this->state->hands()?->partner !== null;
    }

    /** Signed, or opened again: nothing more is done in it. */
    public function isFinished(): bool
    {
        return $this->state->run()->is->isClosed();
    }

    /** Before anything is asked of what it says: is the run one that it can belong to? */
    private function whyAside(Event $event): ?SetAsideReason
    {
        $begins = $event instanceof RunBegun;
        [$device, $held] = [$event->stamp->device, $this->state->hands()];

        return match (true) {
            $begins => $held === null ? null : SetAsideReason::RunAlreadyBegun,
            $held === null => SetAsideReason::RunNotBegun,
            $event->stamp->id !== null && $this->state->hasSeen($event->stamp->id) => SetAsideReason::AlreadyCounted,
            $event instanceof JointOpened => $this->state->run()->is === RunPhase::Opened ? SetAsideReason::RunClosed : null,
            $this->isFinished() => SetAsideReason::RunClosed,
            $device !== null && $device !== $held->device && ! $event instanceof RunTakenOver && ! $event instanceof SecondLook => SetAsideReason::OtherDeviceHolds,
            default => null,
        };
    }

    private function happened(Event $event, Surroundings $around): ?SetAsideReason
    {
        return match (true) {
            $event instanceof ResultEvent && ! $this->isOnlyKept($event) => $this->results->take($event, $around),
            $event instanceof RoundAttested => $this->results->round($event),
            default => $this->incidents->happened($event, $around),
        };
    }

    /** A marking that was read where no check asks for it is kept, and judges nothing. */
    private function isOnlyKept(ResultEvent $event): bool
    {
        $step = $event instanceof IdentityRead && $this->plan->has($event->step) ? $this->plan->step($event->step) : null;

        return $step !== null && (! $step instanceof CheckStep || $this->plan->checks[$step->check]->kind !== CheckKind::Identity);
    }

    /** Where one has gone on to another leg, coming back to this one is a step once more. */
    private function turnedBack(): void
    {
        foreach ($this->steps->legs->stale() as $opening) {
            $this->faults->undo($opening->id, AttemptStatus::Reopened);
        }
    }

    /** Last, what all this makes of the steps that it touched. */
    private function becomings(): void
    {
        foreach ((new Touched($this->plan, $this->state, $this->steps))->by($this->emission->effects()) as $step) {
            $stands = $this->steps->status($step);
            $case = match ($stands) {
                StepStatus::Done => $this->faults->cases->doubting($step),
                StepStatus::ToDo, StepStatus::UnderWay => $this->faults->cases->pulledAt($step),
                default => null,
            };
            $is = match (true) {
                $case !== null => StepStatus::Unknown,
                $stands === StepStatus::UnderWay => StepStatus::ToDo,
                default => $stands,
            };
            if ($is !== $this->state->status($step)) {
                $this->emission->emit(new Became([$step->id], $is, $this->why($step, $is, $case), $case));
            }
        }
    }

    private function why(Step $step, StepStatus $is, ?string $case): BecameWhy
    {
        return match ($is) {
            StepStatus::Unknown => $case === null ? BecameWhy::CaseEnded : BecameWhy::Case,
            StepStatus::Deferred => BecameWhy::PutOff,
            StepStatus::NotNeeded => BecameWhy::NothingMoved,
            StepStatus::Done => $this->state->factAt($step->id, StepBook::ACCEPTED) === null ? BecameWhy::CaseEnded : BecameWhy::Accepted,
            StepStatus::ToDo => $this->state->status($step) === StepStatus::NotNeeded ? BecameWhy::Moved : BecameWhy::TakenUp,
            StepStatus::Stopped, StepStatus::UnderWay => BecameWhy::CaseEnded,
        };
    }
}
