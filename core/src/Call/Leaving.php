<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Document\Agent;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\StepStatus;

/**
 * Where a joint can next be left, and how long it takes to come there. It is left between two rounds, or between two parts
 * that are worked one by one; not in a stroke, not while something dries on threads that are not tight, and not between
 * two rounds of which one must follow the other within a time.
 */
final readonly class Leaving
{
    private Pace $pace;

    /** @var list<Step> what is still to be done, in order */
    private array $left;

    public function __construct(private RunFold $run, Known $known)
    {
        $this->pace = new Pace($known);
        $this->left = array_values(array_filter($run->plan->steps, fn (Step $s): bool => match ($run->steps->status($s)) {
            StepStatus::Done, StepStatus::NotNeeded, StepStatus::Deferred => false,
            StepStatus::ToDo => ! $s->isConditional(),
            default => true,
        }));
    }

    /** @return array{now: bool, seconds: int, after: string, in_all: int}|null can it be left as it stands; seconds of work until the next place, what that comes after, and seconds until all is done; null where nothing is left */
    public function next(): ?array
    {
        if ($this->left === []) {
            return null;
        }
        $held = $this->held();
        $all = 0;
        $place = null;
        foreach ($this->left as $i => $step) {
            $all += $this->pace->of($step);
            if ($place === null && isset($this->left[$i + 1]) && $this->isBetween($step, $this->left[$i + 1]) && ! self::isWithin($i, $held)) {
                $place = ['seconds' => $all, 'after' => $this->words($step)];
            }
        }

        return ['now' => $this->isPlaceNow($held), 'in_all' => $all] + ($place ?? ['seconds' => $all, 'after' => '']);
    }

    /**
     * "14 min, after round 2", "none before it is done, 30 min"; where it can be left as it stands that is said first. Null
     * where nothing is left.
     *
     * @param  int|null  $shift  seconds until the end of the shift, where it is to be said that the place comes later
     */
    public function sentence(?int $shift = null): ?string
    {
        $next = $this->next();
        if ($next === null) {
            return null;
        }
        $place = $next['after'] === '' ? 'none before it is done, '.self::minutes($next['seconds']) : self::minutes($next['seconds']).", $next[after]";

        return ($next['now'] ? 'now; once begun, ' : '').$place.($shift !== null && $next['seconds'] > $shift ? ', past the end of the shift' : '');
    }

    /** @return array{in_all: string, late: bool, leave: string}|null what a job card says of time; null where nothing is left */
    public function onCard(?int $shift): ?array
    {
        $next = $this->next();

        return $next === null ? null : ['in_all' => self::minutes($next['in_all']), 'late' => $shift !== null && $next['in_all'] > $shift, 'leave' => (string) $this->sentence($shift)];
    }

    /** Rounded up: nobody is glad of "0 min". */
    public static function minutes(int $seconds): string
    {
        $minutes = (int) ceil($seconds / 60);

        return $minutes < 100 ? "$minutes min" : sprintf('%d h %d min', intdiv($minutes, 60), $minutes % 60);
    }

    /** @param  list<array{int, int}>  $held */
    private function isPlaceNow(array $held): bool
    {
        $first = $this->left[0];
        $together = $first->leg === null ? $this->run->steps->stepsOf($first->stage) : array_filter($this->run->plan->steps, fn (Step $s): bool => $s->leg === $first->leg);
        foreach ($together as $step) {
            if ($this->run->steps->isBegun($step->id)) {
                return false;
            }
        }

        return $this->run->stoppedAt() === null && ! self::isWithin(-1, $held);
    }

    private function isBetween(Step $step, Step $next): bool
    {
        return $step->leg !== $next->leg || ($step->leg === null && $step->stage !== $next->stage);
    }

    private function words(Step $step): string
    {
        if ($step->leg !== null) {
            return 'after '.$this->run->plan->nameOf($step->leg);
        }
        $rounds = array_values(array_unique(array_column($this->run->plan->steps, 'stage')));

        return 'after round '.((int) array_search($step->stage, $rounds, true) + 1);
    }

    /** @return list<array{int, int}> spans of places in what is left, the last not included, in which nobody may leave; -1 is now */
    private function held(): array
    {
        $held = array_map($this->wet(...), $this->run->plan->agents);
        foreach ($this->left as $i => $step) {
            $held[] = $step->rules->waiting->within === null ? null : $this->soon($step->rules->waiting->within['after'], $i);
        }

        return array_values(array_filter($held));
    }

    /** @return array{int, int}|null */
    private function wet(Agent $agent): ?array
    {
        if ($agent->workingTime === null) {
            return null;
        }
        [$from, $to] = [null, null];
        foreach ($this->left as $i => $step) {
            $place = $this->run->plan->positions[$step->position] ?? null;
            if ($place !== null && $step->kind->tightens() && ($agent->groups === [] || in_array($place->group, $agent->groups, true))) {
                $from ??= $this->isOn($agent) ? -1 : $i;
                $to = $i;
            }
        }

        return $from === null || $to === null ? null : [$from, $to];
    }

    private function isOn(Agent $agent): bool
    {
        foreach (array_keys($this->run->plan->positions) as $position) {
            if ($this->run->fasteners->agentSince($agent->key, (string) $position) !== null) {
                return true;
            }
        }

        return false;
    }

    /**
     * A round that has to follow another within a time.
     *
     * @return array{int, int}
     */
    private function soon(string $stage, int $to): array
    {
        foreach ($this->left as $i => $before) {
            if ($before->stage === $stage && $i < $to) {
                return [$i, $to];
            }
        }

        return [-1, $to];
    }

    /** @param  list<array{int, int}>  $held */
    private static function isWithin(int $place, array $held): bool
    {
        foreach ($held as [$from, $to]) {
            if ($place >= $from && $place < $to) {
                return true;
            }
        }

        return false;
    }
}
