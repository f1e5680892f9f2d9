<?php

declare(strict_types=1);

namespace Tekkal\Core\Fault;

use Tekkal\Core\Document\DecisionAuthority;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Document\FaultRule;
use Tekkal\Core\Document\Scope;

/** A fault that happened in a run, and what is still to be done about it. */
final class FaultCase
{
    public bool $decided;

    /** @param  array<string, Duty>  $duties  by position */
    public function __construct(
        public readonly Fault $fault,
        public readonly string $step,
        public readonly ?string $given,
        public readonly FaultRule $rule,
        public readonly Scope $redo,
        private array $duties,
    ) {
        $this->decided = $rule->decides === DecisionAuthority::Assembler;
    }

    public function isOpen(): bool
    {
        foreach ($this->duties as $duty) {
            if (! $duty->isDone()) {
                return true;
            }
        }

        return ! $this->decided;
    }

    /** @return array<string, Duty> those that are not done */
    public function duties(): array
    {
        return array_filter($this->duties, fn (Duty $d): bool => ! $d->isDone());
    }

    public function dutyAt(string $position): ?Duty
    {
        $duty = $this->duties[$position] ?? null;

        return $duty?->isDone() === false ? $duty : null;
    }

    public function settle(): void
    {
        $this->duties = [];
        $this->decided = true;
    }

    public function askForNewFasteners(): void
    {
        $this->decided = true;
        foreach ($this->duties as $duty) {
            $duty->replace = true;
            $duty->check = false;
        }
    }

    public function sentence(): string
    {
        return ucfirst($this->fault->words()).'. '.FaultTable::sentence($this->rule, $this->redo);
    }
}
