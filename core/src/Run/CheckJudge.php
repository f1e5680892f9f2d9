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
use Tekkal\Core\Unit\Letters;
use Tekkal\Core\Unit\Written;

/** Judges what has no fastener of its own: checks, and the time that something settled. */
final readonly class CheckJudge
{
    private const FEELS = ['as before' => true, 'tighter' => false, 'tight spot' => false];

    public function __construct(private Plan $plan, private StepBook $steps, private State $state)
    {
    }

    public function answer(Step $step, CheckAnswered $event): Judged|SetAsideReason
    {
        $check = $this->check($step);
        $passed = match ($check?->kind) {
            CheckKind::Confirm => $event->go,
            CheckKind::Feel => self::FEELS[str_replace('_', ' ', $event->feel ?? '')] ?? null,
            CheckKind::GoNoGo => $event->noGo === null || $event->go === null ? null : $event->go && ! $event->noGo,
            default => null,
        };

        if ($check === null || $passed === null) {
            return SetAsideReason::WrongAnswer;
        }
        $felt = $check->kind === CheckKind::Feel ? str_replace('_', ' ', (string) $event->feel) : null;

        return Judged::word($passed ? Verdict::Passed : Verdict::Failed, EvidenceGrade::AttestedOneByOne, sprintf('%s: %s.', $check->name, $felt ?? ($passed ? 'as it must be' : 'not as it must be')));
    }

    /** What is stamped there must match its partner, what the document expects, and what teardown had read; as far as they are known. */
    public function identity(CheckStep $step, string $reads): Judged|SetAsideReason
    {
        $check = $this->check($step);
        if ($check?->kind !== CheckKind::Identity) {
            return SetAsideReason::WrongAnswer;
        }
        $partner = $check->compareWith === null ? null : $this->stampedAt($check->compareWith, $step);
        if ($check->compareWith !== null && $partner === null) {
            return SetAsideReason::WaitsForOther;
        }
        $others = array_filter(['its partner reads “%s”' => $partner, 'it must read “%s”' => $check->answer->expected, 'teardown had found “%s”' => $this->state->factAt($step->id, StepBook::STAMPED)], is_string(...));
        foreach ($others as $says => $wanted) {
            if (! self::isSame($reads, $wanted)) {
                return Judged::word(Verdict::Failed, EvidenceGrade::AttestedOneByOne, sprintf("%s: it reads “%s”; $says.", $check->name, $reads, $wanted));
            }
        }

        return Judged::word(Verdict::Passed, EvidenceGrade::AttestedOneByOne, sprintf('%s: it reads “%s”%s.', $check->name, $reads, $others === [] ? '' : ', as it must'));
    }

    /** What was read of the partner, at the same place or for the joint. */
    private function stampedAt(string $check, Step $for): ?string
    {
        foreach ($this->plan->steps as $step) {
            if ($step instanceof CheckStep && $step->check === $check && in_array($step->position, [$for->position, 'joint', $for->leg], true)) {
                return $this->state->factAt($step->id, StepBook::IDENTITY);
            }
        }

        return null;
    }

    /** But for capitals, and for how far the stamps stand apart. */
    private static function isSame(string $one, string $other): bool
    {
        $close = fn (string $text): string => (string) preg_replace('/\s+/u', '', $text);

        return Letters::areSame($close($one), $close($other));
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
            return $others === [] ? SetAsideReason::WrongAnswer : $this->forTheShop($check, new Judged(Judgement::ofMonitored($event->value, $check->window, [[array_values($others)[0], $check->window]]), $event->value, $check->window), [$event->value, array_values($others)[0]]);
        }
        $earlier = $check->compareWith === null ? null : $this->steps->valueOfCheck($check->compareWith, $step);
        if ($check->kind === CheckKind::Compare && $earlier === null) {
            return SetAsideReason::WaitsForOther;
        }
        $change = $earlier === null ? $event->value : $event->value->minus($earlier, RoundingMode::HALF_UP) ?? $earlier->minus($event->value, RoundingMode::HALF_UP) ?? $event->value;

        $judgement = Judgement::ofMeasured($change, $check->window);

        return $earlier === null ? $this->forTheShop($check, new Judged($judgement, $change, $check->window), [$change]) : new Judged(
            new Judgement($judgement->verdict, $judgement->evidence, sprintf('It changed by %s, from %s to %s; %s is good.', $change->typeset(), $earlier->typeset(), $event->value->typeset(), $check->window->typeset())), $change, $check->window);
    }

    /**
     * Good for the maker, and outside the tighter limit of the shop: the lead decides.
     *
     * @param  list<Written>  $values
     */
    private function forTheShop(Check $check, Judged $judged, array $values): Judged
    {
        $shop = $check->answer->shop;
        if ($shop === null || ! $judged->isGood()) {
            return $judged;
        }
        foreach ($values as $value) {
            $verdict = $shop->judge($value->quantity());
            if (! $verdict->isGood()) {
                $says = sprintf('%s is good for the maker (%s), and not in this shop (%s): the lead decides.', $value->typeset(), $check->window?->typeset(), $shop->typeset());

                return (new Judged(new Judgement($verdict, $judged->judgement->evidence, $says), $value, $shop))->because(Cause::BetweenLimits);
            }
        }

        return $judged;
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
