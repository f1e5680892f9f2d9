<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Written;

/**
 * Where a run stands, as its registers say: what has been done and how it was judged then. What may be done next and what
 * stands in the way of finishing is today's advice (Advice, RunFold), and no part of it.
 */
final readonly class RunState
{
    /** The fact that a mark was put on a position; what stands behind it is the round. */
    public const MARK = 'mark:';

    public ?string $person;

    public ?string $device;

    public ?string $partner;

    public bool $finished;

    /** @var array<string, non-empty-list<Attempt>> by step id */
    public array $attempts;

    /** @var string|null the step at which the work was left */
    public ?string $interruptedAt;

    /** @var array<string, Written> the angle so far, by step */
    public array $underWay;

    /** @var list<CaseState> those still open, in the order in which they came */
    public array $faults;

    /** @var list<string> what cannot be proved, as sentences */
    public array $doubts;

    /** @param  array<string, StepStatus>  $statuses  by step id; a step to do is left out */
    private function __construct(public Plan $plan, private State $state, private array $statuses)
    {
        $hands = $state->hands();
        [$this->person, $this->device, $this->partner] = [$hands?->person, $hands?->device, $hands?->partner];
        [$this->attempts, $this->underWay, $this->doubts] = [$state->attempts(), $state->underWay(), $state->doubts()];
        $this->faults = array_values($state->openCases());
        $this->finished = $state->run()->is === RunPhase::Finished;
        $this->interruptedAt = $state->run()->is === RunPhase::Interrupted ? $state->run()->step : null;
    }

    public static function of(Plan $plan, State $state): self
    {
        $frozen = clone $state;
        $frozen->takeTouched();
        $statuses = [];
        foreach ($plan->steps as $step) {
            $status = $frozen->status($step);
            $status = $status === StepStatus::ToDo && $frozen->sum($step->id) !== null ? StepStatus::UnderWay : $status;
            if ($status !== StepStatus::ToDo) {
                $statuses[$step->id] = $status;
            }
        }

        return new self($plan, $frozen, $statuses);
    }

    /** @return list<Attempt> oldest first */
    public function attemptsAt(string $stepId): array
    {
        return $this->attempts[$stepId] ?? [];
    }

    /** The attempt on which the step stands; null while it has none. */
    public function liveAttempt(string $stepId): ?Attempt
    {
        return $this->state->live($stepId);
    }

    public function status(string $stepId): StepStatus
    {
        return $this->statuses[$stepId] ?? StepStatus::ToDo;
    }

    public function toolFor(Kind $quantity): ?string
    {
        return $this->state->tool(ToolUse::from($quantity->value))?->tool;
    }

    /** @return list<Step> the steps still to be done, in plan order */
    public function remaining(): array
    {
        return array_values(array_filter($this->plan->steps, fn (Step $s): bool => $this->status($s->id)->isOpen()));
    }

    /** @return list<string> steps that nobody can prove: they have to be undone */
    public function unknown(): array
    {
        return array_keys(array_filter($this->statuses, fn (StepStatus $s): bool => $s === StepStatus::Unknown));
    }

    /** @return list<string> steps put off; they block finishing */
    public function deferred(): array
    {
        return array_keys(array_filter($this->statuses, fn (StepStatus $s): bool => $s === StepStatus::Deferred));
    }

    /** @return list<CaseState> every fault of the run, open or not */
    public function cases(): array
    {
        return array_values($this->state->cases());
    }

    /** Tightenings of the fastener that is in, those of this run; one counts when it reaches the loading stage. */
    public function cycles(string $position): int
    {
        return $this->bolt($position)->count ?? 0;
    }

    public function replaced(string $position): int
    {
        return ($this->bolt($position)->number ?? 1) - 1;
    }

    /** How many marks somebody recorded there; what should be there is PaintMarks. */
    public function marked(string $position): int
    {
        return $this->state->countFacts($position, self::MARK);
    }

    /** Number of the last entry that this tells of. */
    public function lastSeq(): int
    {
        return $this->state->seq();
    }

    private function bolt(string $position): ?Thing
    {
        return $this->state->thing($position, FastenerBook::BOLT);
    }
}
