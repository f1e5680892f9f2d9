<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Brick\Math\RoundingMode;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Plan\CheckStep;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Unit\Written;

/** What each step stands on while a run is folded, asked of its state by the plan. It writes nothing. */
final class StepBook
{
    /** The fact of a step that was accepted as it is; its value is the disposition. */
    public const ACCEPTED = 'accepted';

    /** The fact of a step that a second person has looked at; its value is what they found, and who. */
    public const SECOND_LOOK = 'second_look';

    /** The fact of a step whose tool's setting has to be read again after it; its value is the tool. */
    public const SETTING_OPEN = 'setting_open';

    /** The fact of a step that reads what is stamped; its value is that. */
    public const IDENTITY = 'identity';

    /** The fact of a step that reads what is stamped: what teardown had read there. */
    public const STAMPED = 'stamped';

    /** The fact of a step that was put off; its value is the reason. */
    public const PUT_OFF = 'put_off';

    /** @var array<string, list<Step>> the steps of one position in plan order */
    private array $stepsAt = [];

    /** @var array<string, list<Step>> */
    private array $stepsOfStage = [];

    /** Place of the first step that may be open; everything before it is done or put off. */
    private int $cursor = 0;

    public readonly PlaceBook $places;

    public readonly LegBook $legs;

    public function __construct(private readonly Plan $plan, private readonly State $state)
    {
        $this->places = new PlaceBook($plan);
        $this->legs = new LegBook($plan, $state, $this);
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

    /** By what was done at the step alone; that a fault puts it in doubt is asked of the faults. */
    public function status(Step $step): StepStatus
    {
        $live = $this->live($step->id);
        $done = $live !== null && ($live->holds() || $this->state->factAt($step->id, self::ACCEPTED) !== null);

        return match (true) {
            $done => StepStatus::Done,
            $live !== null => $live->judgement->verdict->isGood() ? StepStatus::Unknown : StepStatus::Stopped,
            ! $this->isNeeded($step) => StepStatus::NotNeeded,
            $this->isDeferred($step->id) => StepStatus::Deferred,
            $this->state->sum($step->id) !== null => StepStatus::UnderWay,
            default => StepStatus::ToDo,
        };
    }

    /** The furthest round that a position stands on; null when it has none. */
    public function furthest(string $position): ?Step
    {
        foreach (array_reverse($this->stepsAt($position)) as $step) {
            if ($step->kind->isPerPosition() && $this->live($step->id) !== null) {
                return $step;
            }
        }

        return null;
    }

    public function live(string $stepId): ?Attempt
    {
        return $this->state->live($stepId);
    }

    /** Has the step a result, or strokes on the way to one? */
    public function isBegun(string $stepId): bool
    {
        return $this->state->sum($stepId) !== null || $this->live($stepId) !== null;
    }

    /** The attempt that a step stands on, if this event gave it. */
    public function liveOf(string $given, string $stepId): ?Attempt
    {
        $live = $this->live($stepId);

        return $live?->id() === $given ? $live : null;
    }

    /** The strokes so far, this one included, as one angle; in degrees once there are several, since thirds of a turn have no end. */
    public function sum(string $stepId, Written $angle): Written
    {
        return $this->state->sum($stepId)?->inBaseUnit()->plus($angle, RoundingMode::HALF_UP) ?? $angle;
    }

    public function hasDeferred(): bool
    {
        return $this->state->facts(self::PUT_OFF) !== [];
    }

    public function isDeferred(string $stepId): bool
    {
        return $this->state->factAt($stepId, self::PUT_OFF) !== null;
    }

    public function nextStep(): ?Step
    {
        foreach ($this->state->takeTouched() as $touched) {
            $this->cursor = $this->plan->has($touched) ? min($this->cursor, $this->plan->placeOf($touched)) : $this->cursor;
        }
        foreach ($this->legs->toComeBack() as $step) {
            $this->cursor = min($this->cursor, $this->plan->placeOf($step->id));
        }
        while (isset($this->plan->steps[$this->cursor])) {
            $status = $this->status($this->plan->steps[$this->cursor]);
            if ($status->isOpen() && ! $this->isDeferred($this->plan->steps[$this->cursor]->id)) {
                return $this->plan->steps[$this->cursor];
            }
            $this->cursor++;
        }

        return null;
    }

    public function isComplete(): bool
    {
        return $this->nextStep() === null && ! $this->hasDeferred();
    }

    /** Is something open that comes before a step where it is done? A check looks at all that it has to do with. */
    public function earlierMissing(Step $step): bool
    {
        foreach ($this->places->of($step) as $position) {
            foreach ($this->stepsAt($position) as $other) {
                if ($this->plan->placeOf($other->id) >= $this->plan->placeOf($step->id)) {
                    break;
                }
                if ($this->status($other)->isOpen()) {
                    return true;
                }
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

    /**
     * Of a stage at which a second person looks, what nobody has looked at yet; for the leg of this step where it has legs.
     *
     * @return list<string> step ids
     */
    public function unlooked(string $stage, ?Step $for = null): array
    {
        $steps = array_filter($this->stepsOf($stage), fn (Step $s): bool => $s->rules->result->secondLook && ($s->leg === null || $for?->leg === null || $s->leg === $for->leg)
            && $this->status($s) === StepStatus::Done && $this->state->factAt($s->id, self::SECOND_LOOK) === null);

        return array_values(array_map(fn (Step $s): string => $s->id, $steps));
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

    /** Does a step wait for this check, by its stage or by its key? */
    public function waitsForCheck(Step $step, Step $check): bool
    {
        $concerns = $check->leg === null || $step->leg === null || $step->leg === $check->leg;

        return $check instanceof CheckStep && $concerns && (in_array($check->stage, $step->rules->waiting->needs, true)
            || $step instanceof CheckStep && in_array($check->check, $this->plan->checks[$step->check]->needs ?? [], true));
    }

    /** The value of an earlier check, at this place or for the joint; null when there is none. */
    public function valueOfCheck(string $check, Step $for): ?Written
    {
        foreach ($this->plan->steps as $step) {
            if ($step instanceof CheckStep && $step->check === $check && in_array($step->position, [$for->position, 'joint', $for->leg], true)) {
                return $this->live($step->id)?->given->value;
            }
        }

        return null;
    }

    /**
     * The repeats whose need hangs on this step.
     *
     * @return list<Step>
     */
    public function repeatsAfter(Step $step): array
    {
        return $step->kind !== StageKind::VerificationPass ? $this->legs->comingsBack($step)
            : array_values(array_filter($this->stepsOf($step->stage, $step->leg), fn (Step $s): bool => $s->pass === $step->pass + 1));
    }

    /** A repeat is needed only if something moved in the pass before; coming back to a leg, if one had left it. */
    private function isNeeded(Step $step): bool
    {
        if (! $step->isConditional()) {
            return true;
        }
        if (PlaceBook::isOpening($step)) {
            return $this->legs->isToComeBack($step);
        }
        foreach ($this->stepsOfStage[$step->stage] as $other) {
            if ($other->pass === $step->pass - 1 && $other->leg === $step->leg && $this->live($other->id)?->given->moved === true) {
                return true;
            }
        }

        return false;
    }
}
