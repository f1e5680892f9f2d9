<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\Consumable;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Document\ReworkStart;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Effect\Found;
use Tekkal\Core\Run\Effect\ThingIs;

/** Fasteners that come loose or out, outside the procedure's own rounds: what of the run goes with them. */
final readonly class Undoing
{
    public Resting $resting;

    public function __construct(private RunFold $run, private Emission $emission)
    {
        $this->resting = new Resting($run->plan, $run->steps, $run->faults);
    }

    /**
     * What their faults asked for is done.
     *
     * @param  list<string>  $positions  in the order in which it was done
     */
    public function loosen(array $positions): void
    {
        $tight = $this->tight($positions);
        foreach ($positions as $position) {
            $this->comeLoose($position);
        }
        $this->after($positions, $tight);
    }

    /**
     * What no fault asked for comes loose as well, and takes along what the document says.
     *
     * @param  list<string>  $positions  in the order in which it was done
     */
    public function takeOut(array $positions, ReworkStart $undo, AttemptStatus $as): void
    {
        $tight = $this->tight($positions);
        foreach ($positions as $position) {
            $this->takeOne($position, $undo, $as);
        }
        $this->after($positions, $tight);
    }

    /** A new fastener has nothing that the old one had; what is loose after a trial fit had nothing to lose. */
    public function replaced(string $position, FastenerSet $set, ?string $lot): void
    {
        [$anchor, $tight] = [$this->furthest($position), $this->tight([$position])];
        if ($anchor !== null && $anchor->kind !== StageKind::Loosen && ! $this->run->faults->cases->asks($position, DutyKind::Loosen) && ! $this->run->faults->cases->asks($position, DutyKind::Replace)) {
            $this->run->faults->open(Fault::Loosened, $anchor);
        }
        $this->noteOrder($position);
        $this->run->faults->replaced($position);
        $this->emission->emit(...$this->run->fasteners->replaced($position, $set, $lot), ...$this->run->marks->loosened($position));
        if ($anchor !== null && ! ($anchor->rules->result->trial && $anchor->kind === StageKind::Loosen)) {
            $this->run->faults->forget($position, $this->run->reach->from(ReworkStart::Beginning, $anchor, $position) ?? 0, AttemptStatus::Replaced);
        }
        $this->after([$position], $tight);
    }

    /** The furthest round that a position stands on; null when it has none. */
    public function furthest(string $position): ?Step
    {
        return $this->run->steps->furthest($position);
    }

    private function takeOne(string $position, ReworkStart $undo, AttemptStatus $as): void
    {
        $anchor = $this->furthest($position);
        $asked = $this->run->faults->cases->asks($position, DutyKind::Loosen);
        if ($anchor !== null && $anchor->kind === StageKind::Loosen && $undo === ReworkStart::Loosening && ! $asked) {
            return; // it was loose already
        }
        if ($anchor !== null && ! $asked) {
            $this->run->faults->open(Fault::Loosened, $anchor);
        }
        $this->comeLoose($position);
        // What a fault asked for is undone as far as its rule says; anything else that comes loose has lost all it had.
        if ($anchor !== null && ! ($asked && $undo === ReworkStart::Loosening)) {
            $this->run->faults->forget($position, $this->run->reach->from($undo, $anchor, $position) ?? 0, $as);
        }
    }

    private function comeLoose(string $position): void
    {
        $this->noteOrder($position);
        $this->run->faults->loosened($position);
        $this->emission->emit(...$this->run->fasteners->loosened($position), ...$this->run->marks->loosened($position));
    }

    /** Remedies stand in one order, so that everybody does the same; where somebody does not, the record says so. */
    private function noteOrder(string $position): void
    {
        foreach ($this->run->faults->cases->openCases() as $case) {
            $due = array_values(array_filter($case->toDo(), fn (Duty $d): bool => $d->do === DutyKind::Loosen));
            if ($case->dutyAt($position, DutyKind::Loosen) !== null && $due[0]->at !== $position) {
                $this->emission->emit(new Found(FindingKind::LoosenedOutOfOrder, sprintf('%s was loosened before %s, which comes first in the loosening order.', ucfirst($this->run->names->place($position)), $this->run->names->place($due[0]->at)), [$case->step]));
            }
        }
    }

    /**
     * @param  list<string>  $positions
     * @param  list<string>  $loosened  those of them that had been tight
     */
    private function after(array $positions, array $loosened): void
    {
        $parts = array_unique(array_map(fn (string $p): string => $this->run->plan->positions[$p]->part, $loosened));
        $opened = [];
        foreach ($parts as $part) {
            array_push($opened, ...$this->opened($part));
        }
        $loosened === [] ? null : $this->gaskets();
        $this->resting->reopen(array_values(array_unique([...$positions, ...$opened])), $loosened);
    }

    /**
     * Where nothing holds a part any more, the rounds that drew it down flat are gone with it: all begin again from the
     * first of them since the procedure's own loosening. A part with one fastener has nothing to be drawn down evenly.
     *
     * @return list<string> its positions, where it was opened
     */
    private function opened(string $part): array
    {
        $all = $this->run->steps->places->ofPart($part);
        if (count($all) < 2 || ! $this->areFree($all)) {
            return [];
        }
        foreach ($all as $position) {
            $anchor = $this->furthest($position);
            if ($anchor !== null && $anchor->kind !== StageKind::Loosen) {
                $this->run->faults->forget($position, $this->run->reach->from(ReworkStart::Loosening, $anchor, $position) ?? 0, AttemptStatus::Restarted);
            }
        }

        return $all;
    }

    /** A gasket that was set for good does not seal a second time. */
    private function gaskets(): void
    {
        $crushed = array_filter($this->run->plan->consumables, fn (Consumable $c): bool => $c->crushedBy !== null && $this->run->fasteners->isCrushed($c->key));
        foreach ($crushed !== [] && $this->areFree($this->run->steps->places->all()) ? $crushed : [] as $consumable) {
            $gasket = $this->run->state->thing($consumable->key, ThingKind::Gasket->value);
            $first = $this->run->steps->stepsOf((string) $consumable->crushedBy)[0] ?? null;
            if ($gasket !== null && $first !== null) {
                $this->emission->emit(new ThingIs($gasket->being(ThingState::Out)->spent('It was crushed, and the joint was opened.')));
                $this->run->faults->askForGasket($first, $consumable->key);
            }
        }
    }

    /**
     * @param  list<string>  $positions
     * @return list<string>
     */
    private function tight(array $positions): array
    {
        return array_values(array_filter($positions, fn (string $p): bool => ! $this->run->fasteners->isFree($p)));
    }

    /** @param  list<string>  $positions */
    private function areFree(array $positions): bool
    {
        foreach ($positions as $position) {
            if (! $this->run->fasteners->isFree($position)) {
                return false;
            }
        }

        return true;
    }
}
