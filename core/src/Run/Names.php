<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Plan\CheckStep;
use Tekkal\Core\Plan\MeasuredStep;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Unit\Letters;

/** What people call the places, rounds and checks of a plan: no key of the document appears in a sentence. */
final readonly class Names
{
    /** Characters of a name in a sentence. */
    private const LONGEST = 160;

    /** So many are named one by one; a sentence is no list. */
    private const NAMED = 8;

    public function __construct(private Plan $plan)
    {
    }

    /** "no. 5"; a part, a leg or a gasket by its name; "the joint". */
    public function place(string $key): string
    {
        $gaskets = array_column(array_map(fn ($c): array => ['key' => $c->key, 'name' => $c->name], $this->plan->consumables), 'name', 'key');

        return match (true) {
            isset($this->plan->positions[$key]) => 'no. '.self::short($this->plan->positions[$key]->number),
            $key === 'joint' => 'the joint',
            isset($this->plan->rigging->aids[$key]) => $this->plan->rigging->aids[$key]->words(),
            default => self::short($gaskets[$key] ?? $this->plan->nameOf($key)),
        };
    }

    /** As one calls it at the bench: "bolt 7"; a part, a leg or a gasket by its name. */
    public function called(string $key): string
    {
        return isset($this->plan->positions[$key]) ? 'bolt '.self::short($this->plan->positions[$key]->number) : $this->place($key);
    }

    /** A step: "30 lbf·ft at no. 5", "crank turns freely". */
    public function step(Step $step): string
    {
        return $step->position === 'joint' ? $this->round($step) : $this->round($step).' at '.$this->place($step->position);
    }

    /** What the step of this id is called; an id that is none, as it is. */
    public function stepOf(string $id): string
    {
        return $this->plan->has($id) ? $this->step($this->plan->step($id)) : $this->place($id);
    }

    /** A round or check that something waits for, by its key. */
    public function waited(string $key): string
    {
        if (isset($this->plan->checks[$key])) {
            return self::short($this->plan->checks[$key]->name);
        }
        foreach ($this->plan->steps as $step) {
            if ($step->stage === $key) {
                return $this->round($step);
            }
        }

        return $key;
    }

    /** @param  list<string>  $positions */
    public function places(array $positions): string
    {
        $numbers = array_map(fn (string $p): string => self::short($this->plan->positions[$p]->number ?? $p), $positions);

        $more = count($numbers) - self::NAMED;

        return (count($numbers) === 1 ? 'no. ' : 'nos. ').($more < 2 ? implode(', ', $numbers) : implode(', ', array_slice($numbers, 0, self::NAMED))." and $more more");
    }

    /**
     * Steps of one round: "40 N·m at nos. 1, 4, 2".
     *
     * @param  list<string>  $steps
     */
    public function roundAt(array $steps): string
    {
        $of = array_map($this->plan->step(...), $steps);

        return $this->round($of[0]).' at '.$this->places(array_map(fn (Step $s): string => $s->position, $of));
    }

    /** @param  list<string>  $places  positions, gaskets or steps */
    public function placesOf(array $places): string
    {
        $positions = array_values(array_filter($places, fn (string $p): bool => isset($this->plan->positions[$p])));
        $others = array_map($this->stepOf(...), array_values(array_diff($places, $positions)));

        return implode(', ', [...($positions === [] ? [] : [$this->places($positions)]), ...$others]);
    }

    private function round(Step $step): string
    {
        $target = $step instanceof MeasuredStep ? ($step->target ?? $step->window)?->typeset() : null;

        return match (true) {
            $step instanceof CheckStep => self::short($this->plan->checks[$step->check]->name ?? $step->check),
            $step->rules->name() !== null => self::short($step->rules->name()),
            default => $target === null ? $step->kind->words() : $step->rules->own->line($target, []),
        };
    }

    /** A sentence holds several of them; whoever calls a check by a whole paragraph reads its beginning. */
    private static function short(string $name): string
    {
        $first = Letters::first($name, self::LONGEST);

        return $first === $name ? $name : "$first …";
    }
}
