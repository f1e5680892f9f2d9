<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Acceptance\Tolerance;
use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Document\StageKinds\Targets;
use Tekkal\Core\Sequence\FastenerMap;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Written;

/** Reads what each group, or each position, gets in a stage. */
final readonly class TargetReader
{
    /**
     * @param  list<string>  $groups
     * @param  list<string>  $sources
     * @param  array<string, WindowStandard>  $standards
     */
    public function __construct(
        private FastenerMap $map,
        private array $groups,
        private string $riskClass,
        private array $sources,
        private array $standards,
    ) {
    }

    /**
     * @param  list<string>  $within  the positions the stage may have
     * @return list<StageTarget>
     */
    public function read(ObjectReader $stage, StageRules $rules, array $within): array
    {
        if (! $stage->has('targets') && ! $rules->kind->hasTarget() && $rules->kind->controls() === null) {
            return [$this->untargeted($stage, $within)];
        }
        $targets = $seen = [];
        foreach ($stage->objects('targets') as $f) {
            $target = $this->target($f, $rules, $within);
            if (array_intersect($target->positions, $seen) !== []) {
                $f->problem($target->group === null ? 'positions' : 'group', 'each position has one target in a stage');
            }
            $seen = [...$seen, ...$target->positions];
            $targets[] = $target;
            $f->close();
        }

        return $targets;
    }

    /** @param  list<string>  $within */
    private function untargeted(ObjectReader $stage, array $within): StageTarget
    {
        $groups = $stage->namesOf('groups', $this->groups, 'a group');
        $positions = $groups === [] ? $within : array_values(array_intersect($within, $this->inGroups($groups)));

        return new StageTarget($positions, null, new Goal);
    }

    /** @param  list<string>  $within */
    private function target(ObjectReader $f, StageRules $rules, array $within): StageTarget
    {
        $group = $f->has('positions') ? null : $f->oneOf('group', $this->groups);
        $positions = $group === null
            ? $f->namesOf('positions', $within, 'a position of the stage')
            : array_values(array_intersect($within, $this->inGroups([$group])));
        if ($group === null && $positions === []) {
            $f->problem('positions', 'at least one position is wanted');
        }
        $aims = $rules->kind->declaration()->aims;
        $kind = $aims->kind;
        if ($kind === null) {
            return new StageTarget($positions, $group, new Goal);
        }
        $missing = array_filter(['target', 'low', 'high'], $f->missing(...)) !== [];
        $target = $rules->kind->hasTarget() && $f->has('target') && ! $missing ? $f->quantity('target', $kind) : null;
        if ($target?->quantity()->inBase()->isZero() === true) {
            $f->problem('target', 'a target above zero is wanted');
        }
        [$window, $windowSource] = $missing ? [null, null] : $this->window($f, $rules->kind, $kind, $target);

        return new StageTarget(
            $positions, $group, new Goal($target, $window, $this->monitored($f), $missing, $this->threshold($f, $rules)),
            $this->source($f, 'target_source', $rules->kind->hasTarget() && ! $missing),
            $windowSource ?? $this->source($f, 'window_source', $window !== null && in_array($aims->targets, [Targets::Wanted, Targets::LimitsOnly], true)),
            ...($rules->kind->hasTarget() ? $this->aim($f, $kind, $window) : [null, null]),
        );
    }

    /** The torque from which the angle is counted here, where it is another than that of the whole round. */
    private function threshold(ObjectReader $f, StageRules $rules): ?Written
    {
        return $rules->kind !== StageKind::Turn || ! $f->has('threshold') || $f->missing('threshold') ? null : $f->quantity('threshold', Kind::Torque);
    }

    /** @return array{Written|null, string|null} where to aim inside the window, and what that rests on */
    private function aim(ObjectReader $f, Kind $kind, ?Window $window): array
    {
        $aim = $f->optionalQuantity('aim', $kind);
        if ($aim === null) {
            return [null, null];
        }
        if ($window !== null && ! $window->judge($aim->quantity())->isGood()) {
            $f->problem('aim', 'an aim inside the window '.$window->typeset().' is wanted');
        }

        return [$aim, $f->string('aim_evidence')];
    }

    /**
     * Limits as printed, a tolerance, or the shop's standard for such targets: one of the three.
     *
     * @return array{Window|null, string|null} with the source, where the way of saying it brings one
     */
    private function window(ObjectReader $f, StageKind $stage, Kind $kind, ?Written $target): array
    {
        $ways = array_filter(['limits' => $f->has('low') || $f->has('high'), 'tolerance' => $f->has('tolerance'), 'standard' => $f->has('window_standard')]);
        if (count($ways) > 1) {
            $f->problem($f->has('tolerance') ? 'tolerance' : 'window_standard', 'limits, a tolerance or a window standard is wanted, one of the three');
        }
        if ($f->has('window_standard')) {
            return $this->byStandard($f, $kind, $target);
        }
        $window = match (true) {
            $f->has('tolerance') => $this->around($f, WindowStandard::tolerance($f, $kind), $target),
            $f->has('low') || $f->has('high') => $f->window($kind),
            $stage->declaration()->aims->targets === Targets::WantedAsLeast && $target !== null => new Window($target, null),
            default => $this->noWindow($f, $stage, $target),
        };
        if ($window !== null && $target !== null && ! $window->judge($target->quantity())->isGood()) {
            $f->problem('target', 'the target must lie inside its own window '.$window->typeset());
        }

        return [$window, null];
    }

    private function noWindow(ObjectReader $f, StageKind $stage, ?Written $target): null
    {
        if ($stage->hasTarget() && $target === null && ! $f->has('target')) {
            $f->problem('target', 'a target, limits, or {"missing": "why"} is wanted');
        } elseif ($stage->declaration()->aims->targets !== Targets::LimitsIfStated) {
            $f->problem('low', 'limits, a tolerance or a window standard is wanted');
        }

        return null;
    }

    /** @return array{Window|null, string|null} */
    private function byStandard(ObjectReader $f, Kind $kind, ?Written $target): array
    {
        $standard = $this->standards[$f->oneOf('window_standard', array_keys($this->standards))] ?? null;
        if ($standard === null) {
            return [null, null];
        }
        if ($f->has('window_source')) {
            $f->problem('window_source', 'a window standard brings its own source');
        }
        if ($standard->quantity !== $kind || ! in_array($standard->riskClass, [null, $this->riskClass], true)) {
            $f->problem('window_standard', sprintf('a standard for %s in risk class %s is wanted', $kind->value, $this->riskClass));

            return [null, null];
        }

        return [$this->around($f, $standard->tolerance, $target), $standard->source];
    }

    private function around(ObjectReader $f, ?Tolerance $tolerance, ?Written $target): ?Window
    {
        if ($target === null && ! $f->has('target')) {
            $f->problem('target', 'a tolerance needs a target');
        }

        return $target === null ? null : $tolerance?->around($target);
    }

    /** @return list<Window> */
    private function monitored(ObjectReader $f): array
    {
        $windows = [];
        foreach ($f->optionalObjects('monitored') as $m) {
            $window = $m->window(Kind::from($m->oneOf('quantity', array_column(Kind::cases(), 'value'))));
            if ($window === null && ! $m->has('low') && ! $m->has('high')) {
                $m->problem('high', 'at least one limit is wanted');
            }
            $m->close();
            $windows[] = $window;
        }

        return array_values(array_filter($windows));
    }

    private function source(ObjectReader $f, string $key, bool $wanted): ?string
    {
        return $wanted || $f->has($key) ? $f->oneOf($key, $this->sources) : null;
    }

    /**
     * @param  list<string>  $groups
     * @return list<string>
     */
    private function inGroups(array $groups): array
    {
        $positions = array_filter($this->map->positions, fn ($p): bool => in_array($p->group, $groups, true));

        return array_values(array_map(fn ($p): string => $p->key, $positions));
    }
}
