<?php

declare(strict_types=1);

namespace Tekkal\Core\Plan;

use Tekkal\Core\Document\Block;
use Tekkal\Core\Document\Goal;
use Tekkal\Core\Document\Leg;
use Tekkal\Core\Document\ObjectReader;
use Tekkal\Core\Document\Per;
use Tekkal\Core\Document\Problems;
use Tekkal\Core\Document\Revision;
use Tekkal\Core\Document\Stage;
use Tekkal\Core\Document\StageKinds\CheckStage;
use Tekkal\Core\Document\StageRules;
use Tekkal\Core\Sequence\Position;

/** revision → plan: block by block, leg by leg, stage by stage, each in its own sequence. */
final class Expander
{
    /** Raised whenever the same document would expand to another plan. */
    public const VERSION = '3';

    public static function expand(Revision $revision): Plan
    {
        $steps = $stages = [];
        foreach ($revision->blocks as $block) {
            foreach ($block->legs as $leg) {
                foreach (self::openings($block, $leg) as $opening) {
                    $stages[$opening->stage] ??= $opening->rules;
                    $steps[] = $opening;
                }
                foreach ($block->stages as $stage) {
                    $stages[$stage->key()] ??= $stage->rules;
                    array_push($steps, ...self::steps($revision, $block, $stage, $leg));
                }
            }
        }
        assert($steps !== [], 'the reader lets no document without steps pass');

        return new Plan(
            $revision->hash, self::VERSION,
            new PlanHardware($revision->fasteners, self::places($revision), $revision->agents, $revision->consumables, $revision->yields, self::names($revision), $revision->rigging),
            new PlanRules($revision->checks, $stages, $revision->faultOverrides, $revision->marks),
            $steps,
        );
    }

    /**
     * What must be confirmed before a leg is begun, such as that the shaft was turned; and the same where one has to come
     * back to it, which is no silence.
     *
     * @return list<Step>
     */
    private static function openings(Block $block, Leg $leg): array
    {
        $known = array_values(array_filter(array_map(fn (Leg $l): ?string => $l->before, $block->legs)));
        if ($known === [] || $block->key === null) {
            return [];
        }
        $back = $leg->back ?? $leg->before ?? $known[0];
        $rules = StageRules::read(new ObjectReader(['key' => $block->key, 'kind' => 'check', 'check' => $known[0], 'opens' => true], '', new Problems), [], $known);
        $again = Step::at($rules, $leg->key, 2, $leg->key, new Goal, $back);

        return $leg->before === null ? [$again] : [Step::at($rules, $leg->key, 1, $leg->key, new Goal, $leg->before), $again];
    }

    /** @return list<Step> */
    private static function steps(Revision $revision, Block $block, Stage $stage, Leg $leg): array
    {
        $places = self::placesOf($revision, $block, $stage, $leg);
        $check = $stage->rules->own instanceof CheckStage ? $stage->rules->own->check : null;
        $steps = [];
        for ($pass = 1; $pass <= $stage->rules->passes(); $pass++) {
            foreach ($places as $place) {
                $steps[] = Step::at($stage->rules, $place, $pass, $block->key === null ? null : $leg->key, $stage->targetAt($place)->goal ?? new Goal, $check);
            }
        }

        return $steps;
    }

    /** @return list<string> */
    private static function placesOf(Revision $revision, Block $block, Stage $stage, Leg $leg): array
    {
        $parts = fn (): array => array_map(fn (string $p): string => $revision->map->position($p)->part, $leg->positions);

        return array_values(match ($stage->rules->per()) {
            Per::Joint => [$block->key === null ? 'joint' : $leg->key],
            Per::Part => array_intersect($stage->sequence, $parts()),
            Per::Position => $block->key === null ? $stage->sequence : array_intersect($stage->sequence, $leg->positions),
        });
    }

    /** @return array<string, string> as people say it, where that is not the key */
    private static function names(Revision $revision): array
    {
        $names = $revision->map->parts;
        foreach ($revision->blocks as $block) {
            foreach ($block->key === null ? [] : $block->legs as $leg) {
                $names[$leg->key] = $leg->name === $leg->key ? $names[$leg->key] ?? $leg->key : $leg->name;
            }
        }

        return array_filter($names, fn (string $name, string $key): bool => $name !== $key, ARRAY_FILTER_USE_BOTH);
    }

    /** @return array<string, Place> */
    private static function places(Revision $revision): array
    {
        $places = [];
        foreach ($revision->map->positions as $p) {
            $places[$p->key] = self::place($revision, $p);
        }

        return $places;
    }

    private static function place(Revision $revision, Position $p): Place
    {
        return new Place($p->key, $p->number, $p->group, $p->part, $revision->groups[$p->group]->fastener, $revision->map->adapters[$p->key] ?? null);
    }
}
