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
    public ?string $person;

    public ?string $device;

    public ?string $partner;

    public bool $finished;

    /** @var array<string, list<Attempt>> by step id */
    public array $attempts;

    /** @var string|null the step that went wrong and was not put right */
    public ?string $stoppedAt;

    public ?string $nextStep;

    /** @var string|null the step at which the work was left */
    public ?string $interruptedAt;

    /** @var array<string, Written> the angle so far, by step */
    public array $underWay;

    /** @var list<string> what cannot be proved, as sentences */
    public array $doubts;

    /** @var list<string> what stands in the way of finishing */
    public array $blocks;

    /**
     * @param  array<string, string>  $tools  tool by quantity
     * @param  list<OpenFault>  $faults
     */
    public function __construct(
        public Plan $plan,
        Crew $crew,
        private Progress $progress,
        private array $tools,
        public array $faults,
        private FastenerCounts $counts,
        Closing $closing,
    ) {
        [$this->person, $this->device, $this->partner] = [$crew->person, $crew->device, $crew->partner];
        [$this->attempts, $this->underWay, $this->nextStep] = [$progress->attempts, $progress->underWay, $progress->nextStep];
        [$this->stoppedAt, $this->interruptedAt] = [$progress->stoppedAt, $progress->interruptedAt];
        [$this->finished, $this->doubts, $this->blocks] = [$closing->finished, $closing->doubts, $closing->blocks];
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
        return $this->progress->statuses[$stepId] ?? StepStatus::ToDo;
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
        return array_keys(array_filter($this->progress->statuses, fn (StepStatus $s): bool => $s === StepStatus::Unknown));
    }

    /** @return list<string> steps put off; they block finishing */
    public function deferred(): array
    {
        return array_keys(array_filter($this->progress->statuses, fn (StepStatus $s): bool => $s === StepStatus::Deferred));
    }

    /** Tightenings of the fastener that is in, those of this run; one counts when it reaches the loading stage. */
    public function cycles(string $position): int
    {
        return $this->counts->cycles[$position] ?? 0;
    }

    public function replaced(string $position): int
    {
        return $this->counts->replaced[$position] ?? 0;
    }

    /** How many marks somebody recorded there; what should be there is PaintMarks. */
    public function marked(string $position): int
    {
        return $this->counts->marks[$position] ?? 0;
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
