<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Brick\Math\RoundingMode;
use Tekkal\Core\Acceptance\EvidenceGrade;
use Tekkal\Core\Acceptance\Judgement;
use Tekkal\Core\Acceptance\Verdict;
use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Document\Attestation;
use Tekkal\Core\Document\DemandedAdapter;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Document\StageKinds\JudgedBy;
use Tekkal\Core\Document\StageKinds\SettleStage;
use Tekkal\Core\Document\StageKinds\StretchStage;
use Tekkal\Core\Document\ThenByTorque;
use Tekkal\Core\Fault\FaultTable;
use Tekkal\Core\Plan\CheckStep;
use Tekkal\Core\Plan\HandStep;
use Tekkal\Core\Plan\MeasuredStep;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Event\CheckAnswered;
use Tekkal\Core\Run\Event\IdentityRead;
use Tekkal\Core\Run\Event\MovementSeen;
use Tekkal\Core\Run\Event\ReadingTaken;
use Tekkal\Core\Run\Event\StrokeAdded;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Written;

/** Judges what was given at a step by its plan, or says why it cannot be judged. */
final readonly class Judge
{
    private const DROPPED = 'The tool was dropped; nobody knows what it does until it was checked.';

    private CheckJudge $checks;

    private WatchedValues $watching;

    private FirstMeasured $first;

    private PrevailingAdded $wanted;

    public function __construct(
        private Plan $plan,
        private StepBook $steps,
        private FastenerBook $fasteners,
        private ToolBook $tools,
        State $state,
    ) {
        $this->checks = new CheckJudge($plan, $steps, $state);
        $this->watching = new WatchedValues($plan);
        $this->first = new FirstMeasured($steps);
        $this->wanted = new PrevailingAdded($steps);
    }

    public function reading(Step $step, ReadingTaken $event): Judged|SetAsideReason
    {
        return match (true) {
            $step instanceof CheckStep => $this->checks->measured($step, $event),
            ! $step instanceof MeasuredStep || $step->kind->declaration()->judging->by === JudgedBy::Movement => SetAsideReason::WrongAnswer,
            $step->rules->own instanceof StretchStage && $event->value->unit->kind() === Kind::Torque => $this->torqueAlone($step, $step->rules->own, $event),
            $step->rules->own instanceof StretchStage => $this->stretch($step, $step->rules->own, $event),
            default => $this->controlled($step, $event, $event->value),
        };
    }

    private function strokes(Step $step, Written $sum, string $tool): Judged|SetAsideReason
    {
        return match (true) {
            ! $step instanceof MeasuredStep || $step->kind !== StageKind::Turn => SetAsideReason::WrongAnswer,
            $sum->unit->kind() !== Kind::Angle => SetAsideReason::WrongQuantity,
            $step->window === null => SetAsideReason::ValueMissing,
            default => $this->measured($step, $sum, $step->window, $tool, []),
        };
    }

    /** Strokes are judged once their sum reaches the window; in a stage of one motion the first stop decides. Null while they go on. */
    public function stroke(Step $step, StrokeAdded $event): Judged|SetAsideReason|null
    {
        if ($step->rules->own->atATime() !== null) {
            return $event->angle->unit->kind() === Kind::Angle ? null : SetAsideReason::WrongQuantity;
        }
        if ($event->angle->unit->kind() !== $step->quantity()) {
            return SetAsideReason::WrongQuantity;
        }
        $judged = $this->strokes($step, $this->steps->sum($step->id, $event->angle), $event->tool);

        return $judged instanceof Judged && $judged->judgement->verdict === Verdict::Low && ! $step->rules->motion->oneMotion ? null : $judged;
    }

    /**
     * A click, or a whole round of them: the setting of the tool is judged, and what was to be watched beside it.
     *
     * @param  list<Watched>  $watched
     */
    public function attested(Step $step, ?string $tool, Attestation $how, array $watched = []): Judged|SetAsideReason
    {
        $grade = $how === Attestation::AsRound ? EvidenceGrade::AttestedAsRound : EvidenceGrade::AttestedOneByOne;
        $alone = $step->rules->own instanceof StretchStage ? $step->rules->own->thenByTorque : null;
        if (! $step->kind->declaration()->judging->wordCounts && ($alone === null || ! $this->first->isAfter($step, $alone))) {
            return SetAsideReason::WrongAnswer;
        }
        if (! ($alone->evidence ?? $step->rules->result->evidence)->allows($how)) {
            return self::notProved('The stage asks for more than a person’s word.');
        }
        if (! $step instanceof MeasuredStep) {
            return Judged::word(Verdict::Attested, $grade, 'Done as said.');
        }
        $window = $alone === null ? $this->window($step) : $alone->window;

        return match (true) {
            $window === null => SetAsideReason::ValueMissing,
            $alone !== null && ! $this->first->areGood($step, $alone) => SetAsideReason::WaitsForOther,
            default => $this->byClick($step, $tool, $window, $grade, $alone === null ? $watched : null),
        };
    }

    /** @param  list<Watched>|null  $watched  null: nothing is watched beside it */
    private function byClick(MeasuredStep $step, ?string $tool, Window $window, EvidenceGrade $grade, ?array $watched): Judged
    {
        // A stretch that is done by torque alone is reached with it as well; an angle is the same on any lever.
        $adapter = $window->kind() === Kind::Torque ? $this->plan->adapterAt($step->position) : null;
        $window = $adapter?->setting($window) ?? $window;

        return self::withoutAdapter($adapter, $this->tools->adapterOn($tool)) ?? $this->setting($tool, $window) ?? $this->click($step, $this->tools->shows($tool), $window, $grade, $watched);
    }

    /** Why the setting of a tool proves nothing; null where it can be judged. */
    private function setting(?string $tool, Window $window): ?Judged
    {
        $setting = $this->tools->shows($tool);

        return match (true) {
            $this->tools->isOut($tool) => self::notProved(self::DROPPED),
            $setting === null => self::notProved('Nobody knows what the tool was set to.'),
            $setting->unit->kind() !== $window->kind() => self::notProved(sprintf('The tool shows %s, which the stage does not control.', $setting->typeset())),
            default => null,
        };
    }

    /** @param  list<Watched>|null  $watched  null: nothing is watched beside it */
    private function click(MeasuredStep $step, ?Written $setting, Window $window, EvidenceGrade $grade, ?array $watched): Judged
    {
        assert($setting !== null);
        $judged = new Judged(Judgement::ofSetting($setting, $window, $grade), $setting, $window);

        return match (true) {
            ! $judged->isGood() => $judged->because(Cause::ofSetting($judged->judgement->verdict)),
            $watched === null => $judged,
            default => $this->watching->judge($step, $judged, $watched),
        };
    }

    /** What has to sit between wrench and fastener at a step that is stopped by its torque; null: nothing. */
    public function adapter(Step $step): ?DemandedAdapter
    {
        return $step->kind->controls() === Kind::Torque ? $this->plan->adapterAt($step->position) : null;
    }

    private static function withoutAdapter(?DemandedAdapter $wanted, ?string $on): ?Judged
    {
        return $wanted === null || $on !== null ? null
            : self::notProved(sprintf('It takes %s to reach it, and nobody said that it was on.', $wanted->name));
    }

    /** The others of a round of which the first were measured. */
    private function torqueAlone(MeasuredStep $step, StretchStage $stage, ReadingTaken $event): Judged|SetAsideReason
    {
        $alone = $stage->thenByTorque;

        return match (true) {
            $alone === null, ! $this->first->isAfter($step, $alone) => SetAsideReason::WrongQuantity,
            ! $this->first->areGood($step, $alone) => SetAsideReason::WaitsForOther,
            default => $this->alone($step, $alone, $event),
        };
    }

    private function alone(MeasuredStep $step, ThenByTorque $rule, ReadingTaken $event): Judged
    {
        $adapter = $this->plan->adapterAt($step->position);
        $window = $adapter?->setting($rule->window) ?? $rule->window;

        return self::withoutAdapter($adapter, $event->adapter) ?? $this->byTool(new Judged(Judgement::ofMeasured($event->value, $window), $event->value, $window), $event->tool);
    }

    /** What to aim at now, at the fastener itself; null where there are limits only. */
    public function aim(MeasuredStep $step): ?Written
    {
        return $this->wanted->aim($step);
    }

    public function answer(Step $step, CheckAnswered $event): Judged|SetAsideReason
    {
        return $this->checks->answer($step, $event);
    }

    public function identity(Step $step, IdentityRead $event): Judged|SetAsideReason
    {
        return $step instanceof CheckStep ? $this->checks->identity($step, $event->reads) : SetAsideReason::WrongAnswer;
    }

    /** Seated, loosened or settled; a settling time is measured from the last thing that happened. */
    public function done(Step $step, ?Elapsed $elapsed): Judged|SetAsideReason
    {
        if ($step->rules->own instanceof SettleStage) {
            return $this->checks->settled($step->rules->own, $elapsed);
        }

        return $step instanceof HandStep
            ? $this->attested($step, null, Attestation::OneByOne)
            : SetAsideReason::WrongAnswer;
    }

    /**
     * The same torque again, with a tool that was set to it: what did not move had at least that. What still moves at the
     * last pass is not done with it.
     */
    public function movement(Step $step, MovementSeen $event): Judged|SetAsideReason
    {
        if (! $step instanceof MeasuredStep || $step->kind->declaration()->judging->by !== JudgedBy::Movement) {
            return SetAsideReason::WrongAnswer;
        }
        $window = $this->window($step);
        if ($window === null) {
            return SetAsideReason::ValueMissing;
        }
        $window = $this->adapter($step)?->setting($window) ?? $window;

        return self::withoutAdapter($this->adapter($step), $this->tools->adapterOn($event->tool)) ?? $this->setting($event->tool, $window) ?? $this->seen($step, $event, $this->tools->shows($event->tool), $window);
    }

    private function seen(MeasuredStep $step, MovementSeen $event, ?Written $setting, Window $window): Judged
    {
        assert($setting !== null);
        $at = $setting->typeset();
        if (! $window->judge($setting->quantity())->isGood()) {
            return self::notProved(sprintf('The tool was set to %s; what did not move at that proves nothing of %s.', $at, $window->typeset()));
        }
        if ($event->moved && $step->pass === $step->rules->passes()) {
            return (new Judged(new Judgement(Verdict::Failed, EvidenceGrade::AttestedOneByOne, $step->pass === 1 ? "It moved at $at; it is asked again until it does not." : "It still moved at pass $step->pass of $step->pass."), $setting, $window))->because(Cause::StillMoves);
        }
        $judgement = new Judgement(Verdict::NotBelow, EvidenceGrade::AttestedOneByOne, $event->moved ? "It moved before $at was reached; now it is not below." : "It did not move at $at: not below.");

        return $this->watching->judge($step, new Judged($judgement, $setting, $window), $event->watched);
    }

    /** The fault that a judged result brings up; null when it stands. */
    public function faultOf(Step $step, Judged $judged, ?ReadingTaken $event): ?Fault
    {
        $verdict = $judged->judgement->verdict;
        if ($step instanceof CheckStep || $step->rules->own instanceof SettleStage) {
            // A settling time that was too short goes on; one that was too long, like a check, is for somebody to put right.
            return $verdict->isGood() || ($verdict === Verdict::Low && ! $step instanceof CheckStep) ? null : $judged->cause?->fault() ?? Fault::CheckFailed;
        }
        // What an audit finds is for the lead to dispose of.
        if (! $step->kind->declaration()->judging->opensFault) {
            return null;
        }
        if ($event !== null && $this->overStretch($step, $event) !== null) {
            return Fault::OverStretched;
        }

        return $judged->cause?->fault() ?? match ($verdict) {
            Verdict::Low, Verdict::Failed => Fault::Short,
            Verdict::High => $step instanceof MeasuredStep && $this->isFarOver($step, $judged) ? Fault::FarOver : Fault::Over,
            Verdict::GaveWay => Fault::GaveWay,
            default => $judged->judgement->evidence === EvidenceGrade::Unknown ? Fault::NotProved : null,
        };
    }

    /**
     * Past the torque at which the estimate of the plan puts the yield, or several times the target: "loosen and do it again"
     * is no answer to that. The estimate counts where there is one and the procedure itself stays below it.
     */
    private function isFarOver(MeasuredStep $step, Judged $judged): bool
    {
        $most = $judged->window->high ?? $step->target;
        if ($judged->value === null || $most === null || $judged->value->unit->kind() !== $most->unit->kind()) {
            return false;
        }
        $yield = $this->plan->yieldAt($step->position);
        $limit = $yield !== null && $yield->unit->kind() === $most->unit->kind() && $yield->isGreaterThan($most)
            ? $yield->quantity()->inBase()
            : ($step->target?->unit->kind() === $most->unit->kind() ? $step->target : $most)->quantity()->inBase()->multipliedBy(FaultTable::FAR_OVER);

        return $judged->value->quantity()->inBase()->isGreaterThan($limit);
    }

    private function controlled(MeasuredStep $step, ReadingTaken $event, Written $value): Judged|SetAsideReason
    {
        $window = $this->window($step);
        if ($value->unit->kind() !== $step->quantity()) {
            return SetAsideReason::WrongQuantity;
        }
        if ($window === null) {
            return $this->wanted->isAdded($step) && ! $step->missing ? SetAsideReason::WaitsForOther : SetAsideReason::ValueMissing;
        }
        $over = $this->overStretch($step, $event);
        if ($over !== null) {
            return new Judged(new Judgement(Verdict::High, EvidenceGrade::MeasuredValue, $over), $value, $window);
        }

        return self::withoutAdapter($this->adapter($step), $event->adapter) ?? $this->measured($step, $value, $this->adapter($step)?->setting($window) ?? $window, $event->tool, $event->watched);
    }

    /**
     * A value that a tool showed, with what was watched beside it; what a dropped tool shows proves nothing.
     *
     * @param  list<Watched>  $watched
     */
    private function measured(MeasuredStep $step, Written $value, Window $window, string $tool, array $watched): Judged
    {
        $judged = new Judged(Judgement::ofMeasured($value, $window), $value, $window);

        return $this->byTool($judged->isGood() ? $this->watching->judge($step, $judged, $watched) : $judged, $tool);
    }

    private function byTool(Judged $judged, string $tool): Judged
    {
        return ! $judged->isGood() || ! $this->tools->isOut($tool) ? $judged
            : new Judged(new Judgement($judged->judgement->verdict, EvidenceGrade::Unknown, $judged->judgement->reason.' '.self::DROPPED), $judged->value, $judged->window);
    }

    private function stretch(MeasuredStep $step, StretchStage $stage, ReadingTaken $event): Judged|SetAsideReason
    {
        $free = $this->fasteners->freeLength($step->position);
        if ($event->value->unit->kind() !== Kind::Length) {
            return SetAsideReason::WrongQuantity;
        }
        if (! $this->fasteners->hasReference($step->position, $stage)) {
            return self::notProved($stage->absolute
                ? 'The free length of this fastener was not measured since it was last out, so nobody knows its stretch.'
                : 'The comparator was not zeroed on this fastener since it was last out, so nobody knows its stretch.');
        }
        $stretch = $this->stretchOf($step, $stage, $event->value);

        return $stretch === null
            ? Judged::word(Verdict::Low, EvidenceGrade::MeasuredValue, sprintf('%s is shorter than the free length %s.', $event->value->typeset(), $free?->typeset()))
            : $this->controlled($step, $event, $stretch);
    }

    private function stretchOf(Step $step, StretchStage $stage, Written $reading): ?Written
    {
        $free = $this->fasteners->freeLength($step->position);

        return ! $stage->absolute || $free === null ? $reading : $reading->minus($free, RoundingMode::HALF_UP);
    }

    /** The sentence, when a stretch lies beyond what the fastener may ever have; null otherwise. */
    private function overStretch(Step $step, ReadingTaken $event): ?string
    {
        $limit = $this->plan->fastenerAt($step->position)?->neverExceed;
        $stretches = self::values($event);
        if ($step->rules->own instanceof StretchStage && $this->fasteners->hasReference($step->position, $step->rules->own)) {
            $stretches[] = $this->stretchOf($step, $step->rules->own, $event->value);
        }
        foreach ($stretches as $stretch) {
            if ($limit !== null && $stretch !== null && $stretch->unit->kind() === Kind::Length && $stretch->isGreaterThan($limit)) {
                return sprintf('%s of stretch is beyond the %s that this fastener may never exceed.', $stretch->typeset(), $limit->typeset());
            }
        }

        return null;
    }

    /** What is good at a step, at the fastener itself; null while it is missing. */
    public function window(MeasuredStep $step): ?Window
    {
        return $this->wanted->window($step);
    }

    /** @return list<Written> what was watched beside it */
    private static function values(ReadingTaken $event): array
    {
        return array_map(fn (Watched $w): Written => $w->value, $event->watched);
    }

    private static function notProved(string $reason): Judged
    {
        return Judged::word(Verdict::Attested, EvidenceGrade::Unknown, $reason);
    }
}
