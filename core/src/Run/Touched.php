<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Effect\CaseClosed;
use Tekkal\Core\Run\Effect\CaseDecided;
use Tekkal\Core\Run\Effect\CaseOpened;
use Tekkal\Core\Run\Effect\DutiesAdded;
use Tekkal\Core\Run\Effect\DutyDone;
use Tekkal\Core\Run\Effect\Effect;
use Tekkal\Core\Run\Effect\FactIs;
use Tekkal\Core\Run\Effect\Stood;
use Tekkal\Core\Run\Effect\Undone;

/** The steps whose status effects may have changed: those they name, those at positions of a case or that wait for its check, the repeats of a pass. */
final readonly class Touched
{
    public function __construct(private Plan $plan, private State $state, private StepBook $steps)
    {
    }

    /**
     * @param  list<Effect>  $effects
     * @return list<Step> each once, in plan order
     */
    public function by(array $effects): array
    {
        $steps = [];
        foreach ($effects as $effect) {
            foreach ($this->one($effect) as $step) {
                foreach ([$step, ...$this->steps->legs->comingsBack($step)] as $each) {
                    $steps[$this->plan->placeOf($each->id)] = $each;
                }
            }
        }
        ksort($steps);

        return array_values($steps);
    }

    /** @return list<Step> */
    private function one(Effect $effect): array
    {
        return match (true) {
            $effect instanceof Stood, $effect instanceof Undone => $this->andRepeats($effect->step),
            $effect instanceof FactIs => $this->plan->has($effect->at) ? [$this->plan->step($effect->at)] : [],
            $effect instanceof CaseOpened => $this->ofCase($effect->case->id),
            $effect instanceof DutiesAdded, $effect instanceof DutyDone, $effect instanceof CaseDecided, $effect instanceof CaseClosed => $this->ofCase($effect->case),
            default => [],
        };
    }

    /** @return list<Step> */
    private function andRepeats(string $id): array
    {
        $step = $this->plan->step($id);

        return [$step, ...$this->steps->repeatsAfter($step)];
    }

    /** @return list<Step> */
    private function ofCase(string $id): array
    {
        $steps = [];
        $case = $this->state->cases()[$id];
        foreach ($case->positions() as $position) {
            array_push($steps, ...$this->steps->stepsAt($position));
        }
        $check = $case->isOfCheck() ? $this->plan->step($case->step) : null;

        return $check === null ? $steps : [...$steps, ...array_values(array_filter($this->plan->steps, fn (Step $s): bool => $this->steps->waitsForCheck($s, $check)))];
    }
}
