<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\Per;
use Tekkal\Core\Document\Scope;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Plan\CheckStep;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;

/** Which positions a step concerns, and in which order positions come loose. Asked of the plan alone. */
final readonly class PlaceBook
{
    /** @var array<string, list<string>> positions by leg */
    private array $legs;

    /** @var list<list<string>> positions in the order of each loosening of the procedure's own */
    private array $loosenings;

    public function __construct(private Plan $plan)
    {
        $legs = $loosenings = [];
        foreach ($plan->steps as $step) {
            if ($step->leg !== null && isset($plan->positions[$step->position])) {
                $legs[$step->leg][$step->position] = $step->position;
            }
            if ($step->kind === StageKind::Loosen) {
                $loosenings[$step->stage.' '.$step->leg][] = $step->position;
            }
        }
        $this->legs = array_map(array_values(...), $legs);
        $this->loosenings = array_values($loosenings);
    }

    /** @return list<string> the positions whose metal a step has to do with: its own, those of its part or leg, or all */
    public function of(Step $step): array
    {
        return match (true) {
            isset($this->plan->positions[$step->position]) => [$step->position],
            $step->rules->per() === Per::Part => $this->ofPart($step->position),
            $step->leg !== null => $this->legs[$step->leg] ?? [],
            default => $this->all(),
        };
    }

    /** @return list<string> */
    public function ofPart(string $part): array
    {
        return $this->inScope(Scope::Part, $part);
    }

    /** @return list<string> */
    public function all(): array
    {
        return $this->inScope(Scope::Joint, '');
    }

    /**
     * The positions that somebody named: one of them, a part, a group, a step or the joint.
     *
     * @return list<string> empty when the plan has no such place
     */
    public function named(string $at): array
    {
        return match (true) {
            $this->plan->has($at) => $this->of($this->plan->step($at)),
            isset($this->plan->positions[$at]) => [$at],
            $at === 'joint' => $this->all(),
            default => $this->ofPart($at) ?: $this->inScope(Scope::Group, $at),
        };
    }

    /**
     * As the procedure's own loosening goes, where it has one for all of them; else the other way round than they were
     * tightened, so that nothing warps (outside in where one tightens from the inside out; common practice, no source).
     *
     * @param  list<string>  $positions
     * @param  list<string>  $tightened  in the order of the round they were in
     * @return list<string>
     */
    public function looseningOrder(array $positions, array $tightened): array
    {
        $order = array_reverse($tightened);
        foreach ($this->loosenings as $own) {
            $order = array_diff($positions, $own) === [] ? $own : $order;
        }

        return [...array_values(array_intersect($order, $positions)), ...array_values(array_diff($positions, $order))];
    }

    /** Does the run ask to turn the shaft before this leg can be reached? */
    public static function isOpening(Step $step): bool
    {
        return $step instanceof CheckStep && $step->opensLeg();
    }

    /** @return list<string> */
    public function inScope(Scope $scope, string $key): array
    {
        return array_values(array_map(fn ($p): string => $p->key, array_filter($this->plan->positions, fn ($p): bool => match ($scope) {
            Scope::Position => $p->key === $key,
            Scope::Part => $p->part === $key,
            Scope::Group => $p->group === $key,
            Scope::Joint => true,
        })));
    }
}
