<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Brick\Math\RoundingMode;
use Tekkal\Core\Acceptance\EvidenceGrade;
use Tekkal\Core\Acceptance\Judgement;
use Tekkal\Core\Acceptance\Verdict;
use Tekkal\Core\Document\Check;
use Tekkal\Core\Document\CheckKind;
use Tekkal\Core\Document\StageKinds\SettleStage;
use Tekkal\Core\Plan\CheckStep;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Event\CheckAnswered;
use Tekkal\Core\Run\Event\ReadingTaken;
use Tekkal\Core\Unit\Duration;
use Tekkal\Core\Unit\Written;

/** Judges what has no fastener of its own: checks, and the time that something settled. */
final readonly class CheckJudge
{
    public function __construct(private Plan $plan, private StepBook $steps)
    {
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

    public function measured(CheckStep $step, ReadingTaken $event): Judged|SetAsideReason
    {
        $check = $this->check($step);
        if ($check?->window === null || ! $check->kind->isMeasured()) {
            return SetAsideReason::WrongAnswer;
        }
        $others = array_filter(array_map(fn (Watched $w): Written => $w->value, $event->watched), fn (Written $w): bool => $w->unit->kind() === $check->window->kind());
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

        $judgement = Judgement::ofMeasured($change, $check->window);

        return new Judged($earlier === null ? $judgement
            : new Judgement($judgement->verdict, $judgement->evidence, sprintf('It changed by %s, from %s to %s; %s is good.', $change->typeset(), $earlier->typeset(), $event->value->typeset(), $check->window->typeset())), $change, $check->window);
    }

    public function settled(SettleStage $stage, ?Elapsed $elapsed): Judged
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
}
