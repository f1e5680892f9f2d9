<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Brick\Math\RoundingMode;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Plan\CheckStep;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Unit\Written;

/** What each step stands on while a run is folded: its attempts, its strokes, what is put off. */
final class StepBook
{
    /** @var array<string, list<Attempt>> by step id */
    private array $attempts = [];

    /** @var array<string, string> step id by the id of what was given */
    private array $stepOf = [];

    /** @var array<string, non-empty-list<Written>> strokes of an angle under way, by step id */
    private array $strokes = [];

    /** @var array<string, true> steps put off */
    private array $deferred = [];

    /** @var array<string, Disposition> accepted as they are, by step id */
    private array $accepted = [];

    /** @var array<string, array<string, true>> steps at which something moved, by pass of a stage and leg */
    private array $moved = [];

    /** @var array<string, list<Step>> the steps of one position in plan order */
    private array $stepsAt = [];

    /** @var array<string, list<Step>> */
    private array $stepsOfStage = [];

    /** Place of the first step that may be open; everything before it is done or put off. */
    private int $cursor = 0;

    public function __construct(private readonly Plan $plan)
    {
        foreach ($plan->steps as $step) {
            $this->stepsAt[$step->position][] = $step;
            $this->stepsOfStage[$step->stage][] = $step;
        }
    }

    /** @return list<Step> in plan order */
    public function stepsAt(string $position): array
    {
        return $this->stepsAt[$position] ?? [];
    }

    /** @return list<Step> in plan order */
    public function stepsOf(string $stage, ?string $leg = null): array
    {
        $steps = $this->stepsOfStage[$stage] ?? [];

        return $leg === null ? $steps : array_values(array_filter($steps, fn (Step $s): bool => $s->leg === $leg));
    }

    public function status(Step $step): StepStatus
    {
        $live = $this->live($step->id);
        $done = $live !== null && ($live->holds() || isset($this->accepted[$step->id]));

        return match (true) {
            $done => StepStatus::Done,
            $live !== null => $live->judgement->verdict->isGood() ? StepStatus::Unknown : StepStatus::Stopped,
            ! $this->isNeeded($step) => StepStatus::NotNeeded,
            isset($this->deferred[$step->id]) => StepStatus::Deferred,
            isset($this->strokes[$step->id]) => StepStatus::UnderWay,
            default => StepStatus::ToDo,
        };
    }

    public function live(string $stepId): ?Attempt
    {
        $attempts = $this->attempts[$stepId] ?? [];
        $last = $attempts[count($attempts) - 1] ?? null;

        return $last?->status === AttemptStatus::Live ? $last : null;
    }

    /** Has the step a result, or strokes on the way to one? */
    public function isBegun(string $stepId): bool
    {
        return isset($this->strokes[$stepId]) || $this->live($stepId) !== null;
    }

    public function liveOf(string $given): ?Attempt
    {
        $live = $this->live($this->stepOf[$given] ?? '');

        return $live?->reading->id === $given ? $live : null;
    }

    public function add(ResultInput $given, Outcome $outcome): void
    {
        if ($outcome->judgement === null || ! $this->plan->has($given->step)) {
            return; // a stored outcome that does not fit this plan changes nothing
        }
        if ($this->live($given->step) !== null) {
            $this->retire($given->step, AttemptStatus::TakenFurther);
        }
        $number = count($this->attempts[$given->step] ?? []) + 1;
        $this->attempts[$given->step][] = new Attempt($number, $given, $outcome->judgement, $outcome->outOfSequence);
        $this->stepOf[$given->id] = $given->step;
        unset($this->strokes[$given->step], $this->deferred[$given->step]);
        $this->reopen($given->step); // the cursor passes over what is put off, and this no longer is
    }

    public function retire(string $stepId, AttemptStatus $status): void
    {
        $attempts = $this->attempts[$stepId] ?? [];
        $last = array_key_last($attempts);
        if ($last !== null && $attempts[$last]->status === AttemptStatus::Live) {
            $attempts[$last] = $attempts[$last]->becoming($status);
            $this->attempts[$stepId] = $attempts;
        }
        unset($this->strokes[$stepId], $this->accepted[$stepId]);
        if ($this->moved !== []) {
            unset($this->moved[self::passOf($this->plan->step($stepId))][$stepId]);
        }
        $this->reopen($stepId);
    }

    public function addStroke(string $stepId, Written $angle, string $given): void
    {
        $this->strokes[$stepId][] = $angle;
        $this->stepOf[$given] = $stepId;
    }

    /** The strokes so far, this one included, as one angle; in degrees once there are several, since thirds of a turn have no end. */
    public function sum(string $stepId, Written $angle): Written
    {
        return self::total([...$this->strokes[$stepId] ?? [], $angle]);
    }

    public function noteMovement(Step $step): void
    {
        $this->moved[self::passOf($step)][$step->id] = true;
    }

    public function defer(string $stepId): void
    {
        $this->deferred[$stepId] = true;
    }

    public function takeUp(string $stepId): void
    {
        unset($this->deferred[$stepId]);
        $this->reopen($stepId);
    }

    public function hasDeferred(): bool
    {
        return $this->deferred !== [];
    }

    public function isDeferred(string $stepId): bool
    {
        return isset($this->deferred[$stepId]);
    }

    public function accept(string $stepId, Disposition $disposition): void
    {
        $this->accepted[$stepId] = $disposition;
    }

    public function nextStep(): ?Step
    {
        while (isset($this->plan->steps[$this->cursor])) {
            $status = $this->status($this->plan->steps[$this->cursor]);
            if ($status->isOpen() && ! isset($this->deferred[$this->plan->steps[$this->cursor]->id])) {
                return $this->plan->steps[$this->cursor];
            }
            $this->cursor++;
        }

        return null;
    }

    public function isComplete(): bool
    {
        return $this->nextStep() === null && $this->deferred === [];
    }

    public function earlierMissing(Step $step): bool
    {
        foreach ($this->stepsAt($step->position) as $other) {
            if ($other->id === $step->id) {
                return false;
            }
            if ($this->status($other)->isOpen()) {
                return true;
            }
        }

        return false;
    }

    public function hasLater(Step $step): bool
    {
        foreach ($this->stepsAt($step->position) as $other) {
            if ($this->plan->placeOf($other->id) > $this->plan->placeOf($step->id) && $this->live($other->id) !== null) {
                return true;
            }
        }

        return false;
    }

    /** Is a stage complete, for the leg of this step where it has legs? */
    public function isStageDone(string $stage, Step $for): bool
    {
        foreach ($this->stepsOf($stage) as $step) {
            if (($step->leg === null || $for->leg === null || $step->leg === $for->leg) && $this->status($step)->isOpen()) {
                return false;
            }
        }

        return true;
    }

    /** Has a check held, at this place or for the joint? */
    public function hasCheckPassed(string $check, Step $for): bool
    {
        foreach ($this->plan->steps as $step) {
            $concerns = $step instanceof CheckStep && $step->check === $check && ($step->leg === null || $for->leg === null || $step->leg === $for->leg)
                && in_array($step->position, [$for->position, 'joint', $for->leg], true);
            if ($concerns && $this->status($step)->isOpen()) {
                return false;
            }
        }

        return true;
    }

    /** The value of an earlier check, at this place or for the joint; null when there is none. */
    public function valueOfCheck(string $check, Step $for): ?Written
    {
        foreach ($this->plan->steps as $step) {
            if ($step instanceof CheckStep && $step->check === $check && in_array($step->position, [$for->position, 'joint', $for->leg], true)) {
                return $this->live($step->id)?->reading->value;
            }
        }

        return null;
    }

    /** @return array<string, list<Attempt>> */
    public function attempts(): array
    {
        return $this->attempts;
    }

    /** @return array<string, StepStatus> by step id; a step to do is left out */
    public function statuses(): array
    {
        $statuses = [];
        foreach ($this->plan->steps as $step) {
            $status = $this->status($step);
            if ($status !== StepStatus::ToDo) {
                $statuses[$step->id] = $status;
            }
        }

        return $statuses;
    }

    /** @return array<string, Written> the angle so far, by step under way */
    public function underWay(): array
    {
        return array_map(fn (array $strokes): Written => self::total($strokes), $this->strokes);
    }

    /** @param  non-empty-list<Written>  $strokes */
    private static function total(array $strokes): Written
    {
        $sum = count($strokes) === 1 ? $strokes[0] : $strokes[0]->inBaseUnit();
        foreach (array_slice($strokes, 1) as $stroke) {
            $sum = $sum->plus($stroke, RoundingMode::HALF_UP);
        }

        return $sum;
    }

    private function reopen(string $stepId): void
    {
        $this->cursor = min($this->cursor, $this->plan->placeOf($stepId));
    }

    private function isNeeded(Step $step): bool
    {
        return $step->pass === 1 || $step->kind !== StageKind::VerificationPass
            || ($this->moved[self::key($step->stage, $step->leg, $step->pass - 1)] ?? []) !== [];
    }

    private static function passOf(Step $step): string
    {
        return self::key($step->stage, $step->leg, $step->pass);
    }

    private static function key(string $stage, ?string $leg, int $pass): string
    {
        return $stage.'|'.($leg ?? '').'|'.$pass;
    }
}
