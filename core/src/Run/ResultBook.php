<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Acceptance\EvidenceGrade;
use Tekkal\Core\Acceptance\Judgement;
use Tekkal\Core\Acceptance\Verdict;
use Tekkal\Core\Document\Attestation;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Document\StageKinds\LoosenStage;
use Tekkal\Core\Plan\MeasuredStep;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Effect\FactIs;
use Tekkal\Core\Run\Effect\Found;
use Tekkal\Core\Run\Effect\RunIs;
use Tekkal\Core\Run\Effect\Stood;
use Tekkal\Core\Run\Effect\Stroke;
use Tekkal\Core\Run\Event\CheckAnswered;
use Tekkal\Core\Run\Event\ClickAttested;
use Tekkal\Core\Run\Event\GaveWay;
use Tekkal\Core\Run\Event\IdentityRead;
use Tekkal\Core\Run\Event\MovementSeen;
use Tekkal\Core\Run\Event\ReadingTaken;
use Tekkal\Core\Run\Event\ResultEvent;
use Tekkal\Core\Run\Event\RoundAttested;
use Tekkal\Core\Run\Event\StepAttested;
use Tekkal\Core\Run\Event\StrokeAdded;
use Tekkal\Core\Unit\Kind;

/** What gives steps their results: each is judged, stands, and brings up the fault that it may be. */
final readonly class ResultBook
{
    /** The fact of a stage or step that names the source of its window. */
    public const WINDOW_OF = 'window_of';

    public function __construct(
        private RunFold $run,
        private Emission $emission,
        private Timing $timing,
    ) {
    }

    /** Why it moves nothing; null when it was taken. */
    public function take(ResultEvent $event, Surroundings $around): ?SetAsideReason
    {
        if (! $this->run->plan->has($event->step)) {
            return SetAsideReason::StepUnknown;
        }
        $step = $this->run->plan->step($event->step);
        $judged = $this->run->guard->whyNot($step, $this->run->hasPartner(), $event->stamp) ?? $this->judge($step, $event);
        if ($judged instanceof SetAsideReason) {
            return $judged;
        }
        $early = $this->isEarly($step);
        if ($judged === null && $event instanceof StrokeAdded) {
            $this->emission->emit(new Stroke($step->id, $event->angle, $this->run->steps->sum($step->id, $event->angle)), ...$this->run->fasteners->tightened($step));
            $this->tooMuchAtATime($step, $event);
        } elseif ($judged !== null) {
            $judged = $this->onWhatIsThere($step, $judged);
            $this->stand($step, $judged, $this->given($step, $event, $around), $event, $early);
            $this->found($step, $judged, $event, $early, $around);
        }
        $this->goOn();

        return null;
    }

    /** A good result on a fastener that had to be another, or with nothing fresh on its threads, is not proved. */
    private function onWhatIsThere(Step $step, Judged $judged): Judged
    {
        $metal = $this->run->fasteners;
        $why = $judged->isGood() ? $metal->whyThread($step) ?? $metal->whyAnother($step) ?? $metal->whyUncoated($step) : null;

        return $why === null ? $judged
            : new Judged(new Judgement($judged->judgement->verdict, EvidenceGrade::Unknown, "{$judged->judgement->reason} $why"), $judged->value, $judged->window);
    }

    /** A whole round: every step that it has left, or none. */
    public function round(RoundAttested $event): ?SetAsideReason
    {
        $open = $this->openOf($event);
        if ($open === []) {
            return $this->run->steps->stepsOf($event->stage, $event->leg) === [] ? SetAsideReason::StepUnknown : SetAsideReason::StepAlreadyDone;
        }
        $judged = [];
        foreach ($open as $step) {
            $one = $this->run->guard->whyNot($step, $this->run->hasPartner(), $event->stamp) ?? $this->judgeInRound($event, $step);
            if ($one instanceof SetAsideReason) {
                return $one;
            }
            $judged[$step->id] = $this->onWhatIsThere($step, $one);
        }
        $early = $this->isEarly($open[0]);
        foreach ($open as $i => $step) {
            $event->marks === count($open) ? $this->emission->emit(...$this->run->marks->counted($step, $event->stamp->person)) : null;
            $this->stand($step, $judged[$step->id], Given::word($event->tool, $this->run->state->settingOf($event->tool), $event->watched), $event, $early && $i === 0);
        }
        $this->goOn();

        return null;
    }

    /** Null when a stroke leaves the angle under way. */
    private function judge(Step $step, ResultEvent $event): Judged|SetAsideReason|null
    {
        $judge = $this->run->judge;

        return match (true) {
            $event instanceof ReadingTaken => $judge->reading($step, $event),
            $event instanceof StrokeAdded => $judge->stroke($step, $event),
            $event instanceof ClickAttested => $judge->attested($step, $event->tool, Attestation::OneByOne, $event->watched),
            $event instanceof StepAttested => $judge->done($step, $this->elapsed($event)),
            $event instanceof CheckAnswered => $judge->answer($step, $event),
            $event instanceof IdentityRead => $judge->identity($step, $event),
            $event instanceof MovementSeen => $judge->movement($step, $event),
            $event instanceof GaveWay => $step->kind->isPerPosition()
                ? Judged::word(Verdict::GaveWay, EvidenceGrade::AttestedOneByOne, 'It turned without resistance rising.')
                : SetAsideReason::WrongAnswer,
            default => SetAsideReason::WrongAnswer,
        };
    }

    private function given(Step $step, ResultEvent $event, Surroundings $around): Given
    {
        return match (true) {
            $event instanceof ReadingTaken => new Given($this->run->paper->card() === null ? $around->source ?? $event->source : ReadingSource::Transcribed, $event->value, $event->tool, watched: $event->watched),
            $event instanceof StrokeAdded => new Given($this->run->paper->card() === null ? ReadingSource::Typed : ReadingSource::Transcribed, $this->run->steps->sum($step->id, $event->angle), $event->tool),
            $event instanceof ClickAttested => Given::word($event->tool, $this->run->state->settingOf($event->tool), $event->watched),
            $event instanceof MovementSeen => Given::word($event->tool, $this->run->state->settingOf($event->tool), $event->watched, $event->moved),
            default => Given::word(),
        };
    }

    private function stand(Step $step, Judged $judged, Given $given, ResultEvent|RoundAttested $event, bool $early): void
    {
        $instead = match (true) {
            $this->run->fasteners->whyThread($step) !== null => Fault::ThreadUsedUp,
            $this->run->fasteners->whyAnother($step) !== null => Fault::WrongFastener,
            default => null,
        };
        $card = $this->run->paper->cardOf($event);
        $judged = $card === null ? $judged : PaperBook::copied($judged);
        $traced = $this->run->faults->cases->isTracedAt($step->id);
        $this->run->faults->tried($step->id, $step->position);
        if ($this->run->steps->live($step->id) !== null) {
            $this->run->faults->undo($step->id, AttemptStatus::TakenFurther);
        }
        $number = count($this->run->state->attemptsAt($step->id)) + 1;
        $target = $step instanceof MeasuredStep ? $step->target : null;
        $windowOf = $this->run->state->factAt($step->id, self::WINDOW_OF) ?? $this->run->state->factAt($step->stage, self::WINDOW_OF);
        $this->emission->emit(new Stood($step->id, $step->kind, $number, $judged->status(), $judged->at($target, $windowOf), $given, $early), ...$this->run->paper->stood($step->id, $card));
        if ($this->run->steps->isDeferred($step->id)) {
            $this->emission->emit(new FactIs($step->id, StepBook::PUT_OFF, null));
        }
        $this->things($step, $judged);
        $step->kind === StageKind::Stretch ? $this->run->faults->did($step->position, DutyKind::Measure) : null;
        $this->beside($step, $given, $event);
        $this->faults($step, $judged, $event, $instead);
        $traced && $judged->isGood() ? $this->foundOut($step) : null;
    }

    /** What is said of the tool and of what took its reaction, and what was read there. */
    private function beside(Step $step, Given $given, ResultEvent|RoundAttested $event): void
    {
        $event instanceof IdentityRead ? $this->emission->emit(new FactIs($step->id, StepBook::IDENTITY, $event->reads)) : null;
        $step->kind->controls() === Kind::Torque ? $this->run->settings->pulled($step, $given->tool, $event instanceof ClickAttested || $event instanceof RoundAttested) : null;
        $event instanceof ReadingTaken ? $this->run->faults->tookReaction($event) : null;
    }

    /** The check held once something had been loosened: that was to blame, and the check is asked again when it is tight. */
    private function foundOut(Step $step): void
    {
        $loose = array_values(array_filter($this->run->reach->blamed($step), $this->run->fasteners->isFree(...)));
        $this->emission->emit(new Found(FindingKind::HeldOnceLoosened, sprintf('%s: it held once %s had been loosened.', ucfirst($this->run->names->step($step)), $this->run->names->placesOf($loose)), [$step->id]));
        $this->run->undoing->resting->reopenCheck($step);
    }

    /** What it does to bolt, thread and gasket. */
    private function things(Step $step, Judged $judged): void
    {
        $this->emission->emit(...$this->run->fasteners->tightened($step));
        if ($step->rules->own instanceof LoosenStage && $judged->isGood()) {
            $this->emission->emit(...$this->run->fasteners->loosenedBy($step->position, $step->rules->own));
        }
        foreach ($this->run->plan->consumables as $consumable) {
            $this->emission->emit(...$consumable->crushedBy === $step->stage ? $this->run->fasteners->crushed($consumable->key) : []);
        }
    }

    /** Where each gets a little at a time, more than that pulls the part crooked. */
    private function tooMuchAtATime(Step $step, StrokeAdded $event): void
    {
        $most = $step->rules->own->atATime();
        if ($most !== null && $event->angle->isGreaterThan($most)) {
            $this->emission->emit(new Found(FindingKind::LongStroke, sprintf('%s at a time is asked for, and %s was turned at once.', $most->typeset(), $event->angle->typeset()), [$step->id]));
        }
    }

    /** What somebody should look at in a result that was taken. */
    private function found(Step $step, Judged $judged, ResultEvent $event, bool $early, Surroundings $around): void
    {
        $says = $event->stamp->sent->deviceSays?->verdict;
        $sentences = array_filter([
            FindingKind::OutOfSequence->value => $early ? 'It was done before its turn in the sequence.' : null,
            FindingKind::ToolNotTaken->value => $this->isOtherTool($step, $event) ? sprintf('%s is not the tool that had been taken for this round.', $around->tool ?? 'This') : null,
            FindingKind::VerdictDisagrees->value => $says !== null && $says !== $judged->judgement->verdict ? sprintf('The bench judged it "%s", the server "%s"; the server\'s verdict stands.', $says->value, $judged->judgement->verdict->value) : null,
        ]);
        foreach ($sentences as $kind => $sentence) {
            $this->emission->emit(new Found(FindingKind::from($kind), $sentence, [$step->id]));
        }
    }

    private function isOtherTool(Step $step, ResultEvent $event): bool
    {
        // What was read names the tool: where only the first few are measured, a torque stands for a stretch.
        $of = $event instanceof ReadingTaken ? $event->value->unit->kind() : Kind::Angle;
        $use = $step->quantity() === null ? null : ToolUse::tryFrom($of->value);

        return $use !== null && ($event instanceof ReadingTaken || $event instanceof StrokeAdded) && $this->run->state->tool($use)?->tool !== $event->tool;
    }

    private function faults(Step $step, Judged $judged, ResultEvent|RoundAttested $event, ?Fault $instead): void
    {
        [$late, $doubts] = $this->timing->judge($step, $this->run->paper->clockOf($event->stamp));
        $fault = $this->run->judge->faultOf($step, $judged, $event instanceof ReadingTaken ? $event : null) ?? ($late ? Fault::TimePassed : null);
        $fault = $fault === Fault::NotProved ? $instead ?? $fault : $fault;
        if ($fault !== null) {
            $this->run->faults->open($fault, $step, $event->stamp->id, $judged->cause);
        }
        foreach ($doubts as $doubt) {
            $this->emission->emit(new Found(FindingKind::LimitUnproved, $doubt, [$step->id], true));
        }
    }

    private function judgeInRound(RoundAttested $event, Step $step): Judged|SetAsideReason
    {
        $all = count($this->run->steps->stepsOf($event->stage, $event->leg));
        $judged = $this->run->judge->attested($step, $event->tool, Attestation::AsRound, $event->watched);

        return ! $judged instanceof Judged || $event->marks === $all ? $judged
            : Judged::word(Verdict::Attested, EvidenceGrade::Unknown, sprintf('%d marks were counted on %d fasteners; nobody can say which was left out.', $event->marks, $all));
    }

    /** @return list<Step> */
    private function openOf(RoundAttested $event): array
    {
        return array_values(array_filter(
            $this->run->steps->stepsOf($event->stage, $event->leg),
            fn (Step $s): bool => $this->run->steps->status($s)->isOpen(),
        ));
    }

    private function isEarly(Step $step): bool
    {
        return $this->run->nextStep()?->id !== $step->id;
    }

    /** Whatever had stopped the work, it goes on. */
    private function goOn(): void
    {
        if ($this->run->state->run()->is !== RunPhase::Open) {
            $this->emission->emit(new RunIs(RunPhase::Open));
        }
    }

    private function elapsed(ResultEvent $event): ?Elapsed
    {
        $last = $this->run->state->lastResult();

        return $last === null ? null : $this->run->paper->clockOf($event->stamp)->since($last);
    }
}
