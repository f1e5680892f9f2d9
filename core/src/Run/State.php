<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use LogicException;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Effect\Became;
use Tekkal\Core\Run\Effect\CaseClosed;
use Tekkal\Core\Run\Effect\CaseDecided;
use Tekkal\Core\Run\Effect\CaseOpened;
use Tekkal\Core\Run\Effect\DutiesAdded;
use Tekkal\Core\Run\Effect\DutyDone;
use Tekkal\Core\Run\Effect\Effect;
use Tekkal\Core\Run\Effect\FactIs;
use Tekkal\Core\Run\Effect\Found;
use Tekkal\Core\Run\Effect\Hands;
use Tekkal\Core\Run\Effect\RunIs;
use Tekkal\Core\Run\Effect\SettingIs;
use Tekkal\Core\Run\Effect\Stood;
use Tekkal\Core\Run\Effect\Stroke;
use Tekkal\Core\Run\Effect\ThingIs;
use Tekkal\Core\Run\Effect\ToolIs;
use Tekkal\Core\Run\Effect\Undone;
use Tekkal\Core\Unit\Written;

/**
 * The registers of a run. Effects are assigned here and nowhere else, and nothing here judges: a run that was decided years
 * ago comes to the same, whatever the rules have become. Mutable while it folds; RunState is what it is frozen to.
 */
final class State
{
    /** @var array<string, CaseState> those still open, so that a run of thousands of events asks few */
    private array $open = [];

    /** @var array<string, true> steps that something was assigned to since touched() was asked */
    private array $touched = [];

    private ?Stamp $stamp = null;

    private Registers $r;

    public function __construct()
    {
        $this->r = new Registers;
    }

    /** Goes on from what was kept. */
    public static function of(Registers $registers): self
    {
        $state = new self;
        $state->r = $registers;
        $state->open = array_filter($registers->cases, fn (CaseState $c): bool => $c->isOpen());
        $state->touched = array_fill_keys(array_keys($registers->status), true);

        return $state;
    }

    public function __clone()
    {
        $this->r = clone $this->r;
    }

    /** A copy, to be written down. */
    public function registers(): Registers
    {
        return clone $this->r;
    }

    /** What follows was done by this event, recorded under this number. */
    public function begin(Stamp $stamp, int $seq): void
    {
        $isCopied = $this->factAt('joint', PaperBook::CARD) !== null;
        [$this->stamp, $this->r->seq] = [$isCopied ? $stamp->bare()->fromPaper() : $stamp->bare(), $seq];
        if ($stamp->id !== null) {
            $this->r->seen[$stamp->id] = true;
        }
    }

    public function apply(Effect $effect): void
    {
        match (true) {
            $effect instanceof Stood => $this->stood($effect),
            $effect instanceof Undone => $this->undone($effect),
            $effect instanceof Became => $this->became($effect),
            $effect instanceof Stroke => $this->r->strokes[$this->touch($effect->step)] = $effect,
            $effect instanceof ThingIs => $this->r->things[$effect->thing->at][$effect->thing->register()] = [$effect->thing, $this->stamp()],
            $effect instanceof FactIs => $this->fact($effect),
            $effect instanceof CaseOpened => $this->case(CaseState::opened($effect->case, $this->r->seq, $this->stamp())),
            $effect instanceof DutiesAdded => $this->case($this->caseOf($effect->case)->asking($effect->duties)),
            $effect instanceof DutyDone => $this->case($this->caseOf($effect->case)->having($effect->duty)),
            $effect instanceof CaseDecided => $this->case($this->caseOf($effect->case)->decided($effect->disposition)),
            $effect instanceof CaseClosed => $this->case($this->caseOf($effect->case)->closed($effect->how)),
            $effect instanceof Hands => $this->r->hands = $effect,
            $effect instanceof ToolIs => $this->r->tools[$effect->quantity->value] = $effect,
            $effect instanceof SettingIs => $this->r->settings[$effect->tool] = $effect,
            $effect instanceof Found => $effect->doubt ? $this->r->doubts[$effect->sentence] = true : null,
            $effect instanceof RunIs => $this->r->run = $effect,
            default => throw new LogicException('An effect that is none of the list: '.$effect::class),
        };
    }

    public function hands(): ?Hands
    {
        return $this->r->hands;
    }

    public function run(): RunIs
    {
        return $this->r->run;
    }

    public function tool(ToolUse $use): ?ToolIs
    {
        return $this->r->tools[$use->value] ?? null;
    }

    /** @return array<string, ToolIs> */
    public function tools(): array
    {
        return $this->r->tools;
    }

    public function settingOf(?string $tool): ?Written
    {
        return ($this->r->settings[$tool ?? ''] ?? null)?->shows;
    }

    /** @return list<Attempt> oldest first */
    public function attemptsAt(string $step): array
    {
        return $this->r->attempts[$step] ?? [];
    }

    /** @return array<string, non-empty-list<Attempt>> */
    public function attempts(): array
    {
        return $this->r->attempts;
    }

    /** The attempt on which the step stands. */
    public function live(string $step): ?Attempt
    {
        $attempts = $this->r->attempts[$step] ?? [];
        $last = $attempts[count($attempts) - 1] ?? null;

        return $last?->status === AttemptStatus::Live ? $last : null;
    }

    /** What was done last and still stands. */
    public function lastLive(): ?Attempt
    {
        $last = null;
        foreach ($this->r->attempts as $attempts) {
            foreach ($attempts as $attempt) {
                $last = $attempt->status === AttemptStatus::Live && ($last === null || $attempt->seq >= $last->seq) ? $attempt : $last;
            }
        }

        return $last;
    }

    public function status(Step $step): StepStatus
    {
        return $this->r->status[$step->id] ?? StepStatus::initial($step);
    }

    /** The angle so far; null where none is under way. */
    public function sum(string $step): ?Written
    {
        return isset($this->r->strokes[$step]) ? $this->r->strokes[$step]->sum : null;
    }

    /** @return array<string, Written> by step */
    public function underWay(): array
    {
        return array_map(fn (Stroke $s): Written => $s->sum, $this->r->strokes);
    }

    /** @return array<string, CaseState> */
    public function cases(): array
    {
        return $this->r->cases;
    }

    /** @return array<string, CaseState> */
    public function openCases(): array
    {
        return $this->open;
    }

    public function thing(string $at, string $register): ?Thing
    {
        return $this->r->things[$at][$register][0] ?? null;
    }

    /** When it came to be as it is. */
    public function thingSince(string $at, string $register): ?Stamp
    {
        return $this->r->things[$at][$register][1] ?? null;
    }

    /** @return list<Thing> */
    public function thingsAt(string $at): array
    {
        return array_map(fn (array $t): Thing => $t[0], array_values($this->r->things[$at] ?? []));
    }

    /** @return list<string> places of which something is known */
    public function places(): array
    {
        return array_map(strval(...), array_keys($this->r->things));
    }

    public function factAt(string $at, string $key): ?string
    {
        return $this->r->facts[$key][$at] ?? null;
    }

    /** @return array<string, string> of one name, by place or step */
    public function facts(string $key): array
    {
        return $this->r->facts[$key] ?? [];
    }

    /** How many facts of a place have a name that begins so. */
    public function countFacts(string $at, string $prefix): int
    {
        return count(array_filter($this->r->facts, fn (array $places, string $key): bool => str_starts_with($key, $prefix) && isset($places[$at]), ARRAY_FILTER_USE_BOTH));
    }

    /** @return list<string> what cannot be proved, as sentences */
    public function doubts(): array
    {
        return array_keys($this->r->doubts);
    }

    public function hasSeen(string $id): bool
    {
        return isset($this->r->seen[$id]);
    }

    /** Number of the last entry that was taken in. */
    public function seq(): int
    {
        return $this->r->seq;
    }

    /** When something was last done at a step. */
    public function lastResult(): ?Stamp
    {
        return $this->r->lastResult;
    }

    /** @return list<string> steps that something was assigned to since this was last asked */
    public function takeTouched(): array
    {
        $touched = array_map(strval(...), array_keys($this->touched));
        $this->touched = [];

        return $touched;
    }

    private function stood(Stood $stood): void
    {
        $this->r->attempts[$stood->step][] = new Attempt($stood, $this->stamp(), $this->r->seq);
        $this->r->status[$this->touch($stood->step)] = $stood->as;
        unset($this->r->strokes[$stood->step]);
        $this->r->lastResult = $this->stamp();
    }

    private function undone(Undone $undone): void
    {
        $attempts = $this->r->attempts[$undone->step] ?? [];
        if ($undone->attempt !== null && $attempts !== []) {
            $this->r->attempts[$undone->step] = array_map(fn (Attempt $a): Attempt => $a->number === $undone->attempt ? $a->becoming($undone->as) : $a, $attempts);
        }
        $this->r->status[$this->touch($undone->step)] = StepStatus::ToDo;
        unset($this->r->strokes[$undone->step]);
    }

    private function fact(FactIs $effect): void
    {
        $this->touch($effect->at);
        if ($effect->value === null) {
            unset($this->r->facts[$effect->key][$effect->at]);
            $this->r->facts = array_filter($this->r->facts);
        } else {
            $this->r->facts[$effect->key][$effect->at] = $effect->value;
        }
    }

    private function became(Became $became): void
    {
        foreach ($became->steps as $step) {
            $this->r->status[$this->touch($step)] = $became->status;
        }
    }

    private function case(CaseState $case): void
    {
        $this->r->cases[$case->case->id] = $case;
        if ($case->isOpen()) {
            $this->open[$case->case->id] = $case;
        } else {
            unset($this->open[$case->case->id]);
        }
    }

    private function caseOf(string $id): CaseState
    {
        return $this->r->cases[$id] ?? throw NewerRecord::because('case', $id, 'a case of this run');
    }

    private function touch(string $step): string
    {
        $this->touched[$step] = true;

        return $step;
    }

    private function stamp(): Stamp
    {
        return $this->stamp ?? throw new LogicException('An effect without its event.');
    }
}
