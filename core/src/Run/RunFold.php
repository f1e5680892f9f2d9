<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Acceptance\EvidenceGrade;
use Tekkal\Core\Acceptance\Judgement;
use Tekkal\Core\Acceptance\Verdict;
use Tekkal\Core\Document\Attestation;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Fault\FaultCase;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Event\BackedOff;
use Tekkal\Core\Run\Event\Event;
use Tekkal\Core\Run\Event\ReadingTaken;
use Tekkal\Core\Run\Event\ReadingWithdrawn;
use Tekkal\Core\Run\Event\RoundAttested;
use Tekkal\Core\Run\Event\RunBegun;
use Tekkal\Core\Run\Event\RunFinished;
use Tekkal\Core\Run\Event\RunTakenOver;
use Tekkal\Core\Run\Event\ToolSet;
use Tekkal\Core\Run\Event\ToolTaken;
use Tekkal\Core\Unit\Written;

/**
 * Folds events into a run's state. It is mutable while it folds and frozen once, so that a long run costs no copy per
 * event. decide() says what an event would do; apply() does it and is total: an event that does not fit is set aside.
 */
final class RunFold
{
    public readonly StepBook $steps;

    public readonly FastenerBook $fasteners;

    public readonly OpenFaults $faults;

    public readonly Guard $guard;

    public readonly Judge $judge;

    private readonly Timing $timing;

    private readonly Incidents $incidents;

    public ?string $person = null;

    public ?string $device = null;

    public ?string $partner = null;

    public ?string $interruptedAt = null;

    public bool $finished = false;

    /** @var array<string, string> tool by quantity */
    private array $tools = [];

    /** @var array<string, Written> what each tool's scale shows */
    private array $settings = [];

    /** @var array<string, true> sentences about what cannot be proved */
    private array $doubts = [];

    /** @var array<string, true> ids of the events that came in */
    private array $seen = [];

    private ?Stamp $last = null;

    public function __construct(public readonly Plan $plan)
    {
        $this->steps = new StepBook($plan);
        $this->fasteners = new FastenerBook($plan);
        $this->faults = new OpenFaults($plan, $this->steps, $this->fasteners);
        $this->guard = new Guard($plan, $this->steps, $this->fasteners, $this->faults);
        $this->judge = new Judge($plan, $this->steps, $this->fasteners);
        $this->timing = new Timing($plan, $this->steps, $this->fasteners);
        $this->incidents = new Incidents($this);
    }

    public function decide(Event $event): Outcome
    {
        $device = Results::deviceOf($event);
        $reason = match (true) {
            $event instanceof RunBegun => $this->person === null ? null : SetAsideReason::RunAlreadyBegun,
            $this->person === null => SetAsideReason::RunNotBegun,
            $this->finished => SetAsideReason::RunClosed,
            isset($this->seen[Results::idOf($event) ?? '']) => SetAsideReason::AlreadyCounted,
            $device !== null && $device !== $this->device => SetAsideReason::OtherDeviceHolds,
            default => null,
        };
        if ($reason !== null) {
            return Outcome::setAside($reason);
        }

        return match (true) {
            $event instanceof RunBegun, $event instanceof RunTakenOver, $event instanceof ToolTaken, $event instanceof ToolSet => Outcome::applied(),
            $event instanceof ReadingWithdrawn => $this->whyNoWithdrawal($event) === null ? Outcome::applied() : Outcome::setAside(SetAsideReason::NothingToWithdraw),
            $event instanceof BackedOff => $this->faults->hasOpenAt($event->step) ? Outcome::applied() : Outcome::setAside(SetAsideReason::NothingToBackOff),
            $event instanceof RunFinished => $this->whyNotFinish() === [] ? Outcome::applied() : Outcome::setAside(SetAsideReason::StepsMissing),
            $event instanceof RoundAttested => $this->decideRound($event),
            Results::stepOf($event) !== null => $this->decideStep(Results::stepOf($event), $event),
            default => $this->incidents->decide($event),
        };
    }

    /** Never throws. Pass the stored outcome on replay, or let the event be decided now. */
    public function apply(Event $event, ?Outcome $outcome = null): Outcome
    {
        $outcome ??= $this->decide($event);
        $id = Results::idOf($event);
        if ($id !== null) {
            $this->seen[$id] = true;
        }
        if ($outcome->isApplied()) {
            match (true) {
                $event instanceof RunBegun, $event instanceof RunTakenOver => [$this->person, $this->device, $this->partner] = [$event->person, $event->device, null],
                $event instanceof ToolTaken => $this->tools[$event->quantity->value] = $event->tool,
                $event instanceof ToolSet => $this->settings[$event->tool] = $event->shows,
                $event instanceof ReadingWithdrawn => $this->withdraw($event->reading),
                $event instanceof BackedOff => $this->backOff($event->step),
                $event instanceof RunFinished => $this->finished = true,
                $event instanceof RoundAttested => $this->attestRound($event),
                Results::stepOf($event) !== null => $this->record(Results::stepOf($event), $event, $outcome),
                default => $this->incidents->apply($event),
            };
        }

        return $outcome;
    }

    public function freeze(): RunState
    {
        $open = $this->faults->openCases();
        $next = $this->nextStep();
        $stopped = $next !== null && $this->steps->status($next) === StepStatus::Stopped ? $next->id : null;

        return new RunState(
            $this->plan,
            new Crew($this->person, $this->device, $this->partner),
            new Progress($this->steps->attempts(), $this->doubted($this->steps->statuses()), $this->steps->underWay(), $next?->id, $open[0]->step ?? $stopped, $this->interruptedAt),
            $this->tools,
            array_map(OpenFault::of(...), $open),
            $this->fasteners->counts(),
            new Closing($this->finished, array_keys($this->doubts), $this->whyNotFinish()),
        );
    }

    /** Why the reading cannot be withdrawn, as a sentence; null when it can. */
    public function whyNoWithdrawal(ReadingWithdrawn $event): ?string
    {
        $attempt = $this->steps->liveOf($event->reading);
        if ($attempt === null) {
            return 'This reading is not one that its step stands on.';
        }
        $step = $this->plan->step($attempt->reading->step);

        return match (true) {
            ! $attempt->reading->source->mayBeWithdrawn() => 'A value that a tool sent is never withdrawn. If it is wrong, back the fastener off and redo it.',
            $this->steps->hasLater($step) => 'A later round already stands on this reading. Back the fastener off and redo it.',
            ! $attempt->judgement->verdict->isGood() && $event->secondPerson === null => sprintf('%s is out of its window; a second person must confirm that it was a typing error.', $attempt->reading->value?->typeset()),
            $event->secondPerson === $attempt->reading->person => 'The second person must be somebody else than the one who took the reading.',
            default => null,
        };
    }

    /** @return list<string> the ids of the readings that would no longer stand */
    public function readingsLostBy(BackedOff $event): array
    {
        $lost = [];
        foreach ($this->faults->openCases() as $case) {
            foreach ($case->step === $event->step ? $case->duties() : [] as $position => $duty) {
                foreach (array_reverse($this->steps->stepsAt((string) $position)) as $step) {
                    $live = $this->steps->live($step->id);
                    if ($live !== null && $this->plan->placeOf($step->id) >= $duty->from) {
                        $lost[] = $live->reading->id;
                    }
                }
            }
        }

        return array_values(array_unique($lost));
    }

    /** @return list<string> what stands in the way of finishing, as sentences; empty when nothing does */
    public function whyNotFinish(): array
    {
        if ($this->finished || $this->person === null) {
            return [$this->finished ? 'The run is already finished.' : 'The run has not been begun.'];
        }
        $blocks = array_map(fn (FaultCase $c): string => "$c->step: ".$c->sentence(), $this->faults->openCases());
        foreach ($this->fasteners->openRepairs() as $position => $kind) {
            $blocks[] = "$position: the repair ($kind) has not been accepted.";
        }

        return $this->steps->isComplete() ? $blocks : [...$blocks, 'Steps are not done.'];
    }

    /** The step whose turn it is; what waits for work put off is passed over. Null when nothing is left, or only that. */
    public function nextStep(): ?Step
    {
        $first = $this->steps->nextStep();
        if ($first === null || ! $this->steps->hasDeferred() || $this->faults->hasOpenBeside($this->steps->isDeferred(...))) {
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

    public function settingOf(?string $tool): ?Written
    {
        return $this->settings[$tool ?? ''] ?? null;
    }

    /** A position comes loose: what its fault asked for is done, and what was measured on the free fastener is stale. */
    public function loosen(string $position): void
    {
        $this->faults->loosened($position);
        $this->fasteners->loosened($position);
    }

    private function decideStep(string $id, Event $event): Outcome
    {
        if (! $this->plan->has($id)) {
            return Outcome::setAside(SetAsideReason::StepUnknown);
        }
        $step = $this->plan->step($id);
        $reason = $this->guard->whyNot($step, $this->partner !== null);
        $judged = $reason ?? Results::judge($this, $step, $event, $this->elapsed($event));

        return match (true) {
            $judged instanceof SetAsideReason => Outcome::setAside($judged),
            $judged === null => Outcome::applied(outOfSequence: $this->nextStep()?->id !== $id),
            default => Outcome::applied($judged, $this->nextStep()?->id !== $id),
        };
    }

    private function decideRound(RoundAttested $event): Outcome
    {
        $open = $this->openOf($event);
        if ($open === []) {
            return Outcome::setAside($this->steps->stepsOf($event->stage, $event->leg) === [] ? SetAsideReason::StepUnknown : SetAsideReason::StepAlreadyDone);
        }
        $judged = null;
        foreach ($open as $step) {
            $one = $this->guard->whyNot($step, $this->partner !== null) ?? $this->judgeInRound($event, $step, $open);
            if ($one instanceof SetAsideReason) {
                return Outcome::setAside($one);
            }
            $judged = $judged === null || $judged->verdict->isGood() ? $one : $judged;
        }

        return Outcome::applied($judged, $this->nextStep()?->id !== $open[0]->id);
    }

    private function attestRound(RoundAttested $event): void
    {
        $open = $this->openOf($event);
        foreach ($open as $step) {
            $judged = $this->judgeInRound($event, $step, $open);
            if ($judged instanceof Judgement) {
                $given = ResultInput::word($event->id.':'.$step->position, $step->id, $event->tool, $event->stamp, $this->settingOf($event->tool));
                $this->stand($step, $given, Outcome::applied($judged), null);
            }
        }
    }

    /** @param  list<Step>  $open  what the round has left */
    private function judgeInRound(RoundAttested $event, Step $step, array $open): Judgement|SetAsideReason
    {
        $all = count($this->steps->stepsOf($event->stage, $event->leg));
        $judged = $this->judge->attested($step, $this->settingOf($event->tool), Attestation::AsRound);

        return ! $judged instanceof Judgement || $event->marks === $all ? $judged
            : new Judgement(Verdict::Attested, EvidenceGrade::Unknown, sprintf('%d marks were counted on %d fasteners; nobody can say which was left out.', $event->marks, $all));
    }

    /** @return list<Step> */
    private function openOf(RoundAttested $event): array
    {
        return array_values(array_filter(
            $this->steps->stepsOf($event->stage, $event->leg),
            fn (Step $s): bool => $this->steps->status($s)->isOpen(),
        ));
    }

    private function record(string $id, Event $event, Outcome $outcome): void
    {
        if (! $this->plan->has($id)) {
            return; // a stored outcome that does not fit this plan changes nothing
        }
        $step = $this->plan->step($id);
        $this->interruptedAt = null;
        if ($outcome->judgement === null) {
            Results::addStroke($this, $event);

            return;
        }
        $given = Results::given($this, $step, $event);
        if ($given !== null) {
            $this->stand($step, $given, $outcome, $event instanceof ReadingTaken ? $event : null);
        }
        if (Results::moved($event)) {
            $this->steps->noteMovement($step);
        }
    }

    private function stand(Step $step, ResultInput $given, Outcome $outcome, ?ReadingTaken $event): void
    {
        if ($outcome->judgement === null) {
            return;
        }
        $this->faults->settle($step->id);
        $this->steps->add($given, $outcome);
        $step->kind->tightens() ? $this->fasteners->tightened($step) : null;
        if ($step->kind === StageKind::Loosen && $outcome->judgement->verdict->isGood()) {
            $this->fasteners->loosened($step->position);
        }
        [$late, $doubts] = $this->timing->judge($step, $given->stamp);
        $fault = $this->judge->faultOf($step, $outcome->judgement, $event) ?? ($late ? Fault::TimePassed : null);
        if ($fault !== null) {
            $this->faults->open($fault, $step, $given->id);
        }
        foreach ($doubts as $doubt) {
            $this->doubts[$doubt] = true;
        }
        $this->last = $given->stamp;
    }

    private function withdraw(string $reading): void
    {
        $attempt = $this->steps->liveOf($reading);
        if ($attempt !== null) {
            $this->steps->retire($attempt->reading->step, AttemptStatus::Withdrawn);
            $this->faults->withdrawn($reading);
        }
    }

    private function backOff(string $stepId): void
    {
        foreach ($this->faults->openCases() as $case) {
            foreach ($case->step === $stepId ? $case->duties() : [] as $position => $duty) {
                $this->loosen((string) $position);
            }
        }
    }

    private function elapsed(Event $event): ?Elapsed
    {
        $stamp = Results::stampOf($event);

        return $stamp === null || $this->last === null ? null : $stamp->since($this->last);
    }

    /**
     * What a fault undoes is not proved any more, though nobody has loosened it yet.
     *
     * @param  array<string, StepStatus>  $statuses
     * @return array<string, StepStatus>
     */
    private function doubted(array $statuses): array
    {
        if ($this->faults->openCases() === []) {
            return $statuses;
        }
        foreach ($statuses as $id => $status) {
            if ($status === StepStatus::Done && $this->faults->doubts($this->plan->step($id))) {
                $statuses[$id] = StepStatus::Unknown;
            }
        }

        return $statuses;
    }
}
