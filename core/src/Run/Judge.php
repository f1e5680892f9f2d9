<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Brick\Math\RoundingMode;
use Tekkal\Core\Acceptance\EvidenceGrade;
use Tekkal\Core\Acceptance\Judgement;
use Tekkal\Core\Acceptance\Verdict;
use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Document\Attestation;
use Tekkal\Core\Document\Check;
use Tekkal\Core\Document\CheckKind;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Document\StageKinds\HoldStage;
use Tekkal\Core\Document\StageKinds\JudgedBy;
use Tekkal\Core\Document\StageKinds\SettleStage;
use Tekkal\Core\Document\StageKinds\StretchStage;
use Tekkal\Core\Document\StageKinds\TorqueStage;
use Tekkal\Core\Plan\CheckStep;
use Tekkal\Core\Plan\HandStep;
use Tekkal\Core\Plan\MeasuredStep;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Event\CheckAnswered;
use Tekkal\Core\Run\Event\MovementSeen;
use Tekkal\Core\Run\Event\ReadingTaken;
use Tekkal\Core\Run\Event\StrokeAdded;
use Tekkal\Core\Unit\Duration;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Written;

/** Judges what was given at a step by its plan, or says why it cannot be judged. */
final readonly class Judge
{
    public function __construct(
        private Plan $plan,
        private StepBook $steps,
        private FastenerBook $fasteners,
    ) {
    }

    public function reading(Step $step, ReadingTaken $event): Judged|SetAsideReason
    {
        return match (true) {
            $step instanceof CheckStep => $this->measuredCheck($step, $event),
            ! $step instanceof MeasuredStep || $step->kind->declaration()->judging->by === JudgedBy::Movement => SetAsideReason::WrongAnswer,
            $step->rules->own instanceof StretchStage => $this->stretch($step, $step->rules->own, $event),
            default => $this->controlled($step, $event, $event->value),
        };
    }

    private function strokes(Step $step, Written $sum): Judged|SetAsideReason
    {
        return match (true) {
            ! $step instanceof MeasuredStep || $step->kind !== StageKind::Turn => SetAsideReason::WrongAnswer,
            $sum->unit->kind() !== Kind::Angle => SetAsideReason::WrongQuantity,
            $step->window === null => SetAsideReason::ValueMissing,
            default => new Judged(Judgement::ofMeasured($sum, $step->window), $sum, $step->window),
        };
    }

    /** Strokes are judged once their sum reaches the window; in a stage of one motion the first stop decides. Null while they go on. */
    public function stroke(Step $step, StrokeAdded $event): Judged|SetAsideReason|null
    {
        if ($event->angle->unit->kind() !== $step->quantity()) {
            return SetAsideReason::WrongQuantity;
        }
        $judged = $this->strokes($step, $this->steps->sum($step->id, $event->angle));

        return $judged instanceof Judged && $judged->judgement->verdict === Verdict::Low && ! $step->rules->motion->oneMotion ? null : $judged;
    }

    /** A click, or a whole round of them: the setting of the tool is judged. */
    public function attested(Step $step, ?Written $setting, Attestation $how): Judged|SetAsideReason
    {
        $grade = $how === Attestation::AsRound ? EvidenceGrade::AttestedAsRound : EvidenceGrade::AttestedOneByOne;
        if (! $step->kind->declaration()->judging->wordCounts) {
            return SetAsideReason::WrongAnswer;
        }
        if (! $step->rules->result->evidence->allows($how)) {
            return self::notProved('The stage asks for more than a person’s word.');
        }
        if (! $step instanceof MeasuredStep) {
            return Judged::word(Verdict::Attested, $grade, 'Done as said.');
        }
        $window = $this->window($step);

        return match (true) {
            $window === null => SetAsideReason::ValueMissing,
            $setting === null => self::notProved('Nobody knows what the tool was set to.'),
            $setting->unit->kind() !== $window->kind() => self::notProved(sprintf('The tool shows %s, which the stage does not control.', $setting->typeset())),
            default => new Judged(Judgement::ofSetting($setting, $window, $grade), $setting, $window),
        };
    }

    /** Seated, loosened or settled; a settling time is measured from the last thing that happened. */
    public function done(Step $step, ?Elapsed $elapsed): Judged|SetAsideReason
    {
        if ($step->rules->own instanceof SettleStage) {
            return $this->settled($step->rules->own, $elapsed);
        }

        return $step instanceof HandStep
            ? $this->attested($step, null, Attestation::OneByOne)
            : SetAsideReason::WrongAnswer;
    }

    public function answer(Step $step, CheckAnswered $event): Judged|SetAsideReason
    {
        $check = $this->check($step);
        $passed = match ($check?->kind) {
            CheckKind::Confirm => $event->go,
            CheckKind::GoNoGo => $event->noGo === null || $event->go === null ? null : $event->go && ! $event->noGo,
            default => null,
        };

        return $check === null || $passed === null
            ? SetAsideReason::WrongAnswer
            : Judged::word($passed ? Verdict::Passed : Verdict::Failed, EvidenceGrade::AttestedOneByOne, sprintf('%s: %s.', $check->name, $passed ? 'as it must be' : 'not as it must be'));
    }

    /** The same torque again: what did not move had at least that; what still moves at the last repeat allowed never will stand. */
    public function movement(Step $step, MovementSeen $event): Judged|SetAsideReason
    {
        if (! $step instanceof MeasuredStep || $step->kind->declaration()->judging->by !== JudgedBy::Movement) {
            return SetAsideReason::WrongAnswer;
        }
        $tooOften = $event->moved && $step->rules->passes() > 1 && $step->pass === $step->rules->passes();
        $at = $step->target?->typeset() ?? 'the torque';

        return $tooOften
            ? Judged::word(Verdict::Failed, EvidenceGrade::AttestedOneByOne, sprintf('It still moved at pass %d of %d.', $step->pass, $step->rules->passes()))
            : Judged::word(Verdict::NotBelow, EvidenceGrade::AttestedOneByOne, $event->moved ? "It moved before $at was reached; now it is not below." : "It did not move at $at: not below.");
    }

    /** The fault that a judged result brings up; null when it stands. */
    public function faultOf(Step $step, Judgement $judgement, ?ReadingTaken $event): ?Fault
    {
        // A check that failed is put right and answered again; what an audit finds is for the lead to dispose of.
        if (! $step->kind->declaration()->judging->opensFault) {
            return null;
        }
        if ($event !== null && $this->overStretch($step, $event) !== null) {
            return Fault::OverStretched;
        }

        return match ($judgement->verdict) {
            Verdict::Low, Verdict::Failed => Fault::Short,
            Verdict::High => Fault::Over,
            Verdict::GaveWay => Fault::GaveWay,
            default => $judgement->evidence === EvidenceGrade::Unknown ? Fault::NotProved : null,
        };
    }

    private function controlled(MeasuredStep $step, ReadingTaken $event, Written $value): Judged|SetAsideReason
    {
        $window = $this->window($step);
        if ($value->unit->kind() !== $step->quantity()) {
            return SetAsideReason::WrongQuantity;
        }
        if ($window === null) {
            return self::prevailingFrom($step) !== null && ! $step->missing ? SetAsideReason::WaitsForOther : SetAsideReason::ValueMissing;
        }
        $over = $this->overStretch($step, $event);
        if ($over !== null) {
            return new Judged(new Judgement(Verdict::High, EvidenceGrade::MeasuredValue, $over), $value, $window);
        }
        [$watched, $missing] = $this->watched($step, $event);
        $judgement = Judgement::ofMonitored($value, $window, $watched);

        return new Judged($missing === null || ! $judgement->verdict->isGood() ? $judgement
            : new Judgement($judgement->verdict, EvidenceGrade::Unknown, sprintf('%s The %s to be watched beside it was not given.', $judgement->reason, $missing)), $value, $window);
    }

    private function stretch(MeasuredStep $step, StretchStage $stage, ReadingTaken $event): Judged|SetAsideReason
    {
        $free = $this->fasteners->freeLength($step->position);
        if ($event->value->unit->kind() !== Kind::Length) {
            return SetAsideReason::WrongQuantity;
        }
        if ($stage->absolute && $free === null) {
            return SetAsideReason::FreeLengthMissing;
        }
        if (! $stage->absolute && ! $this->fasteners->isZeroed($step->position, $stage->oneZeroWithin)) {
            return SetAsideReason::NotZeroed;
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
        if ($step->rules->own instanceof StretchStage) {
            $stretches[] = $this->stretchOf($step, $step->rules->own, $event->value);
        }
        foreach ($stretches as $stretch) {
            if ($limit !== null && $stretch !== null && $stretch->unit->kind() === Kind::Length && $stretch->isGreaterThan($limit)) {
                return sprintf('%s of stretch is beyond the %s that this fastener may never exceed.', $stretch->typeset(), $limit->typeset());
            }
        }

        return null;
    }

    /**
     * What was watched, with its limits, and the name of what should have been and was not given.
     *
     * @return array{list<array{Written, Window}>, string|null}
     */
    private function watched(MeasuredStep $step, ReadingTaken $event): array
    {
        $own = $step->rules->own;
        $windows = [...$step->monitored, ...($own instanceof HoldStage && $own->held->window !== null ? [$own->held->window] : [])];
        $ceiling = $own instanceof StretchStage ? $own->ceiling : null;
        $pairs = [];
        $missing = null;
        $given = self::values($event);
        foreach ($windows as $window) {
            $found = array_filter($given, fn (Written $w): bool => $w->unit->kind() === $window->kind());
            $first = array_key_first($found);
            if ($first === null) {
                $missing ??= $window->kind()->value;
            } else {
                $pairs[] = [$given[$first], $window];
                unset($given[$first]);
            }
        }
        foreach ($ceiling === null ? [] : $given as $value) {
            if ($value->unit->kind() === Kind::Torque) {
                $pairs[] = [$value, new Window(null, $ceiling)];
            }
        }

        return [$pairs, $missing];
    }

    private function measuredCheck(CheckStep $step, ReadingTaken $event): Judged|SetAsideReason
    {
        $check = $this->check($step);
        if ($check?->window === null || ! $check->kind->isMeasured()) {
            return SetAsideReason::WrongAnswer;
        }
        $others = array_filter(self::values($event), fn (Written $w): bool => $w->unit->kind() === $check->window->kind());
        if ($event->value->unit->kind() !== $check->window->kind()) {
            return SetAsideReason::WrongQuantity;
        }
        if ($check->kind === CheckKind::Interval) {
            return $others === [] ? SetAsideReason::WrongAnswer : new Judged(Judgement::ofMonitored($event->value, $check->window, [[array_values($others)[0], $check->window]]), $event->value, $check->window);
        }
        $earlier = $check->compareWith === null ? null : $this->steps->valueOfCheck($check->compareWith, $step);
        if ($check->kind === CheckKind::Compare && $earlier === null) {
            return SetAsideReason::WaitsForOther;
        }
        $change = $earlier === null ? $event->value : $event->value->minus($earlier, RoundingMode::HALF_UP) ?? $earlier->minus($event->value, RoundingMode::HALF_UP) ?? $event->value;

        return new Judged(Judgement::ofMeasured($change, $check->window), $change, $check->window);
    }

    private function settled(SettleStage $stage, ?Elapsed $elapsed): Judged
    {
        [$least, $most] = [$stage->atLeast?->seconds, $stage->atMost?->seconds];
        $took = $elapsed === null ? 'no time' : Duration::ofSeconds($elapsed->seconds)->printed;

        return match (true) {
            $elapsed === null || ! $elapsed->proved => Judged::word(Verdict::Attested, EvidenceGrade::AttestedOneByOne, 'Said to have settled; the time is in doubt, since no one clock ran through it.'),
            $least !== null && $elapsed->seconds < $least => Judged::word(Verdict::Low, EvidenceGrade::MeasuredValue, "It settled for $took, too short."),
            $most !== null && $elapsed->seconds > $most => Judged::word(Verdict::High, EvidenceGrade::MeasuredValue, "It stood for $took, too long."),
            default => Judged::word(Verdict::Attested, EvidenceGrade::MeasuredValue, "It settled for $took."),
        };
    }

    private function check(Step $step): ?Check
    {
        return $step instanceof CheckStep ? $this->plan->checks[$step->check] ?? null : null;
    }

    /** The window of a step, raised by the prevailing torque of its position where the stage adds it. */
    private function window(MeasuredStep $step): ?Window
    {
        $from = self::prevailingFrom($step);
        if ($from === null || $step->window === null) {
            return $step->window;
        }
        $prevailing = $this->steps->live(Step::idOf($from, $step->position))?->shown();

        return $prevailing === null ? null : $step->window->raisedBy($prevailing);
    }

    private static function prevailingFrom(Step $step): ?string
    {
        return $step->rules->own instanceof TorqueStage ? $step->rules->own->prevailingFrom : null;
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
