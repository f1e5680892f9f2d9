<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\Aid;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;

/** Which aids are in: what goes in has to come out again, and is asked for before the rounds that name it. It writes nothing. */
final readonly class AidBook
{
    public function __construct(private Plan $plan, private State $state)
    {
    }

    /** How many pieces of it are in. */
    public function pieces(string $aid): int
    {
        return count($this->whereIn($aid));
    }

    /** @return list<Aid> that have to go in before a step */
    public function toFit(Step $step): array
    {
        return array_values(array_filter($this->aids($step->rules->waiting->fit), fn (Aid $a): bool => $this->pieces($a->key) < $a->pieces));
    }

    /** @return list<Aid> that have to come out before a step */
    public function toRemove(Step $step): array
    {
        return array_values(array_filter($this->aids($step->rules->waiting->remove), fn (Aid $a): bool => $this->pieces($a->key) > 0));
    }

    /** Where it comes out: there, or where alone it is in. */
    public function placeOf(string $aid, string $at): string
    {
        $in = $this->whereIn($aid);

        return in_array($at, $in, true) ? $at : $in[0] ?? $at;
    }

    public function isAsWanted(Step $step): bool
    {
        return $this->toFit($step) === [] && $this->toRemove($step) === [];
    }

    /** @return array<string, string> what is in and has to come out before the end, in words, by its key; what nobody has described too */
    public function left(): array
    {
        $left = [];
        foreach ($this->state->places() as $at) {
            foreach ($this->state->thingsAt($at) as $thing) {
                $key = $thing->notes->kind ?? '';
                $aid = $this->plan->rigging->aids[$key] ?? null;
                if ($thing->thing === ThingKind::Aid && $thing->is === ThingState::In && $aid?->stays !== true) {
                    $left[$key] = $aid?->words() ?? "aid $key";
                }
            }
        }

        return $left;
    }

    /** @return list<Aid> that are in, and while they are the shaft is not turned; those that a step asks for left out */
    public function holdingShaft(?Step $for): array
    {
        $wanted = $for === null ? [] : $for->rules->waiting->fit;

        return array_values(array_filter($this->plan->rigging->aids, fn (Aid $a): bool => $a->holdsShaft && ! in_array($a->key, $wanted, true) && $this->pieces($a->key) > 0));
    }

    /** @return list<string> the places that it is in at */
    private function whereIn(string $aid): array
    {
        $register = ThingKind::Aid->value.':'.$aid;

        return array_values(array_filter($this->state->places(), fn (string $at): bool => $this->state->thing($at, $register)?->is === ThingState::In));
    }

    /**
     * @param  list<string>  $keys
     * @return list<Aid>
     */
    private function aids(array $keys): array
    {
        return array_values(array_intersect_key($this->plan->rigging->aids, array_flip($keys)));
    }
}
