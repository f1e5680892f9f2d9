<?php

declare(strict_types=1);

namespace Tekkal\Core\Plan;

use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Document\Agent;
use Tekkal\Core\Document\Check;
use Tekkal\Core\Document\Consumable;
use Tekkal\Core\Document\FastenerType;
use Tekkal\Core\Document\FaultOverride;
use Tekkal\Core\Document\Goal;
use Tekkal\Core\Document\InvalidDocument;
use Tekkal\Core\Document\MarkPolicy;
use Tekkal\Core\Document\ObjectReader;
use Tekkal\Core\Document\Problem;
use Tekkal\Core\Document\Problems;
use Tekkal\Core\Document\Rigging;
use Tekkal\Core\Document\StageRules;
use Tekkal\Core\Ledger\CanonicalJson;
use Tekkal\Core\Unit\QuantityParser;
use Tekkal\Core\Unit\Understood;
use Tekkal\Core\Unit\Written;

/** Reads back a stored plan, so that a run is judged by the very plan it pinned and not by a newer expansion. */
final class PlanReader
{
    /** @var array<string, Written> few values stand in many steps */
    private array $values = [];

    private readonly Problems $problems;

    private function __construct()
    {
        $this->problems = new Problems;
    }

    /**
     * @throws PlanException when the bytes are not canonical
     * @throws InvalidDocument when they are no plan
     */
    public static function fromBytes(string $bytes): Plan
    {
        return (new self)->plan(CanonicalJson::decode($bytes));
    }

    /** @param  array<mixed>  $content */
    private function plan(array $content): Plan
    {
        $root = new ObjectReader($content, '', $this->problems);
        $fasteners = $root->keyed('fasteners', FastenerType::inPlan(...));
        $positions = $root->keyed('positions', fn (ObjectReader $f, string $key): Place => new Place($key, $f->string('number'), $f->string('group'), $f->string('part'), $f->string('fastener'), $f->optionalString('adapter')));
        $groups = array_values(array_unique(array_map(fn (Place $p): string => $p->group, $positions)));
        $checkKeys = array_map(fn (ObjectReader $f): string => $f->string('key'), $root->optionalObjects('checks'));
        $checks = $root->keyed('checks', fn (ObjectReader $f): Check => Check::inPlan($f, $checkKeys), optional: true);
        $consumables = $root->keyed('consumables', Consumable::read(...), optional: true);
        $before = [];
        $stages = $root->keyed('stages', function (ObjectReader $f, string $key) use (&$before, $checkKeys): StageRules {
            $rules = StageRules::read($f, $before, $checkKeys);
            $before[] = $key;

            return $rules;
        });
        $hash = $root->string('revision_hash');
        $expander = $root->string('expander');
        $agents = array_map(fn (ObjectReader $f): Agent => Agent::read($f, $groups), $root->optionalObjects('agents'));
        $overrides = array_map(FaultOverride::inPlan(...), $root->optionalObjects('fault_overrides'));
        $marks = $root->optionalObject('marks');
        $yields = $names = [];
        foreach ($root->optionalObjects('names') as $name) {
            $names[$name->string('key')] = $name->string('name');
        }
        foreach ($root->optionalObjects('yields') as $yield) {
            $yields[$yield->string('group')] = $this->value($yield->string('torque'));
        }
        $rigging = Rigging::read($root, array_keys($stages), $checkKeys);
        $steps = $this->steps($content['steps'] ?? null, $stages);
        $this->problems->throwIfAny();
        if ($steps === []) {
            throw new InvalidDocument([new Problem('/steps', 'nothing', 'a plan has at least one step')]);
        }

        return new Plan($hash, $expander, new PlanHardware($fasteners, $positions, $agents, array_values($consumables), array_filter($yields), $names, $rigging), new PlanRules($checks, $stages, $overrides, $marks === null ? null : MarkPolicy::read($marks)), $steps);
    }

    /**
     * @param  array<string, StageRules>  $stages
     * @return list<Step>
     */
    private function steps(mixed $steps, array $stages): array
    {
        $read = [];
        foreach (is_array($steps) ? $steps : [] as $i => $s) {
            $rules = is_array($s) && is_string($s['stage'] ?? null) ? $stages[$s['stage']] ?? null : null;
            if ($rules === null || ! is_string($s['position'] ?? null) || ! is_int($s['pass'] ?? null)) {
                $this->problems->add("/steps/$i", $s, 'a step of one of the stages is wanted');

                continue;
            }
            $read[] = Step::at($rules, $s['position'], $s['pass'], is_string($s['leg'] ?? null) ? $s['leg'] : null, $this->goal($s), is_string($s['check'] ?? null) ? $s['check'] : null);
        }

        return $read;
    }

    /** @param  array<mixed>  $step */
    private function goal(array $step): Goal
    {
        $monitored = is_array($step['monitored'] ?? null) ? $step['monitored'] : [];

        return new Goal(
            $this->value($step['target'] ?? null), $this->window($step),
            array_values(array_filter(array_map(fn ($m): ?Window => $this->window(is_array($m) ? $m : []), $monitored))),
            ($step['missing'] ?? false) === true,
            $this->value($step['threshold'] ?? null),
        );
    }

    /** @param  array<mixed>  $step */
    private function window(array $step): ?Window
    {
        [$low, $high] = [$this->value($step['low'] ?? null), $this->value($step['high'] ?? null)];

        return $low === null && $high === null ? null : new Window($low, $high);
    }

    private function value(mixed $text): ?Written
    {
        if (! is_string($text)) {
            return null;
        }
        if (! isset($this->values[$text])) {
            $parsed = QuantityParser::parse($text);
            $this->values[$text] = $parsed instanceof Understood ? $parsed->value : throw new PlanException(sprintf('"%s" is no value of a plan.', $text), 'value', $text, 'a number with its unit');
        }

        return $this->values[$text];
    }
}
