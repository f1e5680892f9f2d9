<?php

declare(strict_types=1);

namespace Tekkal\Core\Plan;

use Tekkal\Core\Document\Agent;
use Tekkal\Core\Document\Consumable;
use Tekkal\Core\Document\Reuse;
use Tekkal\Core\Document\Revision;
use Tekkal\Core\Document\Stage;
use Tekkal\Core\Document\StageKinds\HoldStage;
use Tekkal\Core\Document\StageKinds\SettleStage;
use Tekkal\Core\Document\StageRules;
use Tekkal\Core\Unit\Duration;

/** What a plan costs before it is begun: results, people, tools, parts and time. */
final readonly class PlanFigures
{
    /** For taking up the tool of a round. Common practice, no source: an estimate to plan a day with, never a limit. */
    private const SECONDS_PER_ROUND = 30;

    public function __construct(private Revision $revision, private Plan $plan)
    {
    }

    /** @return array<string, array{least: int, most: int}> results by stage, in the plan's order */
    public function results(): array
    {
        $results = [];
        foreach ($this->plan->steps as $step) {
            $results[$step->stage] ??= ['least' => 0, 'most' => 0];
            $results[$step->stage]['least'] += $step->isConditional() ? 0 : 1;
            $results[$step->stage]['most']++;
        }

        return $results;
    }

    public function people(): int
    {
        return max(1, ...array_map(fn (StageRules $r): int => $r->people(), array_values($this->plan->stages)));
    }

    /**
     * The tools as requirements, each once, with what it must reach.
     *
     * @return list<array{kind: string, unit: string|null, lowest: string|null, highest: string|null, class: string|null, stages: list<string>}>
     */
    public function tools(): array
    {
        $needs = [];
        foreach ($this->revision->stages() as $stage) {
            $kind = $stage->tool->kind ?? $stage->rules->kind->declaration()->handling->tool;
            if ($kind !== null) {
                $needs[$kind.' '.($stage->tool->class ?? '')][] = [$kind, $stage];
            }
        }

        return [...array_map($this->tool(...), array_values($needs)), ...$this->holding()];
    }

    /** @return list<array{kind: string, unit: string|null, lowest: string|null, highest: string|null, class: string|null, stages: list<string>}> the partner's */
    private function holding(): array
    {
        $tools = [];
        foreach ($this->plan->stages as $rules) {
            $own = $rules->own;
            $held = $own instanceof HoldStage ? $own->held->torque ?? $own->held->window->high ?? null : null;
            if ($held !== null) {
                // One that clicks cannot hold a torque.
                $tools[] = ['kind' => 'indicating_torque_wrench', 'unit' => $held->unit->code(), 'lowest' => $held->typeset(), 'highest' => $held->typeset(), 'class' => null, 'stages' => [$rules->key]];
            }
        }

        return $tools;
    }

    /** @return array<string, int> how many fasteners must be new, by type; a trial set is counted beside it */
    public function newFasteners(): array
    {
        $new = [];
        $seen = [];
        foreach ($this->plan->steps as $step) {
            $type = $step->kind->tightens() ? $this->plan->fastenerAt($step->position) : null;
            $set = $type?->key.($step->rules->result->trial ? ' (trial set)' : '');
            if ($type?->reuse === Reuse::Never && ! isset($seen[$set][$step->position])) {
                $seen[$set][$step->position] = true;
                $new[$set] = ($new[$set] ?? 0) + 1;
            }
        }
        ksort($new);

        return $new;
    }

    /** @return list<string> names of what is used up, and of what goes on the surfaces */
    public function consumables(): array
    {
        $agents = array_filter($this->plan->agents, fn (Agent $a): bool => $a->condition !== 'dry');

        return array_values(array_unique([
            ...array_map(fn (Consumable $c): string => $c->name, $this->plan->consumables),
            ...array_map(fn (Agent $a): string => $a->condition.(str_starts_with($a->surface, 'under') ? ' ' : ' on ').$a->surface, $agents),
        ]));
    }

    public function time(): Duration
    {
        $seconds = self::SECONDS_PER_ROUND * count($this->plan->stages);
        foreach ($this->plan->steps as $step) {
            $seconds += $step->isConditional() ? 0 : $step->kind->declaration()->handling->seconds + ($step->rules->own instanceof SettleStage ? $step->rules->own->atLeast->seconds ?? 0 : 0);
        }

        return Duration::ofSeconds($seconds);
    }

    /**
     * @param  non-empty-list<array{string, Stage}>  $uses
     * @return array{kind: string, unit: string|null, lowest: string|null, highest: string|null, class: string|null, stages: list<string>}
     */
    private function tool(array $uses): array
    {
        $values = [];
        foreach ($uses as [, $stage]) {
            foreach ($stage->targets as $target) {
                $value = $target->target ?? $target->window->high ?? null;
                if ($value !== null) {
                    $values[] = $value;
                }
            }
        }
        usort($values, fn ($a, $b): int => $a->unit->kind() === $b->unit->kind() ? $a->quantity()->inBase()->compareTo($b->quantity()->inBase()) : 0);

        return [
            'kind' => $uses[0][0],
            'unit' => $values === [] ? null : $values[0]->unit->code(),
            'lowest' => $values === [] ? null : $values[0]->typeset(),
            'highest' => $values === [] ? null : $values[count($values) - 1]->typeset(),
            'class' => $uses[0][1]->tool?->class,
            'stages' => array_map(fn (array $use): string => $use[1]->key(), $uses),
        ];
    }
}
