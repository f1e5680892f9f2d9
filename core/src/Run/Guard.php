<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\Fault;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Plan\CheckStep;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;

/** Says whether a step may be done now, and why not. */
final readonly class Guard
{
    public function __construct(
        private Plan $plan,
        private StepBook $steps,
        private FastenerBook $fasteners,
        private OpenFaults $faults,
        private AidBook $aids,
        private TurnBook $turning,
    ) {
    }

    /**
     * @param  bool  $hasPartner  has a second person joined?
     * @param  Stamp|null  $by  who did it, and what their device had seen; null: somebody who knows all there is
     */
    public function whyNot(Step $step, bool $hasPartner, ?Stamp $by = null): ?SetAsideReason
    {
        $status = $this->steps->status($step);

        return match (true) {
            $status === StepStatus::NotNeeded => SetAsideReason::StepNotNeeded,
            $status === StepStatus::Done && ! $this->isAskedAgain($step) => SetAsideReason::StepAlreadyDone,
            $this->isHeldByFault($step, $by) => SetAsideReason::NotBackedOff,
            $this->fasteners->openRepair($step->position) !== null => SetAsideReason::NotBackedOff,
            $this->waits($step) => SetAsideReason::WaitsForOther,
            ! $this->faults->cases->isTracedAt($step->id) && $this->steps->earlierMissing($step) => SetAsideReason::EarlierRoundMissing,
            ! $this->aids->isAsWanted($step) => SetAsideReason::AidNotAsWanted,
            $this->turning->isHeldFor($step) => SetAsideReason::ShaftHeld,
            $step->rules->people() > 1 && ! $hasPartner => SetAsideReason::PartnerMissing,
            default => null,
        };
    }

    /** @return list<string> what a step waits for: stages and checks by key */
    public function waitsFor(Step $step): array
    {
        $checks = $step instanceof CheckStep ? $this->plan->checks[$step->check]->needs ?? [] : [];
        $opening = $this->steps->legs->opensFor($step);

        return [
            ...array_filter($step->rules->waiting->needs, fn (string $stage): bool => ! $this->steps->isStageDone($stage, $step) || $this->steps->unlooked($stage, $step) !== []),
            ...array_filter($checks, fn (string $check): bool => ! $this->steps->hasCheckPassed($check, $step)),
            ...($opening === null ? [] : [$opening->stage]),
        ];
    }

    private function waits(Step $step): bool
    {
        return $this->waitsFor($step) !== [];
    }

    /** It stands, and is given another try all the same: taken further, or measured again beside one that was scrapped. */
    private function isAskedAgain(Step $step): bool
    {
        return $this->faults->cases->mayGoOnAt($step->id) || $this->isMeasuredAgain($step);
    }

    private function isMeasuredAgain(Step $step): bool
    {
        return $step->kind === StageKind::Stretch && $this->faults->cases->asks($step->position, DutyKind::Measure);
    }

    /**
     * A fault stops the run until it is put right; what is put off with it holds its own positions only. One that somebody
     * could not know of holds nothing that they did: the metal was turned. Where a position is being taken further, another
     * fault holds it only if it asks something of that very position.
     */
    private function isHeldByFault(Step $step, ?Stamp $by): bool
    {
        $goesOn = $this->isAskedAgain($step);
        foreach ($this->faults->cases->openCases() as $case) {
            if ($by !== null && $case->isNewsTo($by) && ($case->step !== $step->id || $this->steps->live($step->id) === null)) {
                continue;
            }
            if ($this->holds($case, $step, $goesOn)) {
                return true;
            }
        }

        return false;
    }

    private function holds(CaseState $case, Step $step, bool $goesOn): bool
    {
        if ($case->step === $step->id) {
            return match (true) {
                $case->rule->mayGoOn => false,
                $case->fault === Fault::CheckFailed => $case->dutyAt($step->id, DutyKind::Inspect) !== null || $case->positionsFor(DutyKind::Loosen) !== [],
                $case->fault === Fault::CheckBetween => $case->leadDecides,
                $case->fault === Fault::CheckReopened => false,
                $this->isMeasuredAgain($step) => false,
                // Where it stands it is done again like all the others of the round: before the next is loosened.
                $case->isDoneOneByOne($step->position) => false,
                default => true,
            };
        }
        $asks = $case->asksOf($step->position) && ! $this->isMeasuredAgain($step);

        return $goesOn || $case->holdsOnlyItsPositions() || $this->steps->isDeferred($case->step) || $case->isDoneOneByOne($step->position) ? $asks : true;
    }
}
