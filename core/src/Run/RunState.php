<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Written;

/** Where a run stands: what has been done, what comes next, what stopped it. */
final readonly class RunState
{
    /**
     * @param  array<string, list<Attempt>>  $attempts  by step id
     * @param  array<string, string>  $tools  tool by quantity
     * @param  string|null  $stoppedAt  the step that went wrong and was not put right
     * @param  array<string, StepStatus>  $statuses  by step id; a step to do is left out
     * @param  list<OpenFault>  $faults
     * @param  string|null  $interruptedAt  the step at which the work was left
     * @param  array<string, Written>  $underWay  the angle so far, by step
     * @param  list<string>  $doubts  what cannot be proved, as sentences
     * @param  array{cycles: array<string, int>, replaced: array<string, int>, marks: array<string, int>}  $counts  by position
     * @param  list<string>  $blocks  what stands in the way of finishing
     */
    public function __construct(
        public Plan $plan,
        public ?string $person,
        public ?string $device,
        public bool $finished,
        public array $attempts,
        private array $tools,
        public ?string $stoppedAt,
        public ?string $nextStep,
        private array $statuses,
        public array $faults,
        public ?string $partner,
        public ?string $interruptedAt,
        public array $underWay,
        public array $doubts,
        private array $counts,
        public array $blocks,
    ) {
    }

    /** @return list<Attempt> oldest first */
    public function attemptsAt(string $stepId): array
    {
        return $this->attempts[$stepId] ?? [];
    }

    /** The attempt on which the step stands; null while it has none. */
    public function liveAttempt(string $stepId): ?Attempt
    {
        $attempts = $this->attemptsAt($stepId);
        $last = $attempts[count($attempts) - 1] ?? null;

        return $last?->status === AttemptStatus::Live ? $last : null;
    }

    public function status(string $stepId): StepStatus
    {
        return $this->statuses[$stepId] ?? StepStatus::ToDo;
    }

    public function toolFor(Kind $quantity): ?string
    {
        return $this->tools[$quantity->value] ?? null;
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

    /** Tightenings of the fastener that is in, those of this run; one counts when it reaches the loading stage. */
    public function cycles(string $position): int
    {
        return $this->counts['cycles'][$position] ?? 0;
    }

    public function replaced(string $position): int
    {
        return $this->counts['replaced'][$position] ?? 0;
    }

    /** How many marks somebody recorded there; what should be there is PaintMarks. */
    public function marked(string $position): int
    {
        return $this->counts['marks'][$position] ?? 0;
    }

    /** Why the run cannot be finished, as a sentence; null when it can. */
    public function whyNotFinish(): ?string
    {
        $left = count($this->remaining());

        return match (true) {
            $this->finished => 'The run is already finished.',
            $this->person === null => 'The run has not been begun.',
            $left > 0 => sprintf('%d of %d steps %s not done.', $left, count($this->plan->steps), $left === 1 ? 'is' : 'are'),
            default => $this->blocks[0] ?? null,
        };
    }
}
