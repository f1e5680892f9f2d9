<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\Consumable;
use Tekkal\Core\Document\Reuse;
use Tekkal\Core\Plan\Plan;

/**
 * What an engine brings along when a joint of it is tightened once more: fasteners and threads with the tightenings that
 * they have had, and the inserts in it. A fastener that is used once comes new; one that is spent does not come back.
 * Facts of the trade (common practice, no source): cycles count over the life of the metal, not of a job.
 */
final class Brought
{
    /**
     * @param  State  $was  as the last run of that joint left it
     * @param  Plan  $now  what it is tightened by
     * @param  bool  $sameHardware  with the same kit as then; threads are the engine's own in any case
     * @return list<Thing> loose, each with its count
     */
    public static function from(State $was, Plan $now, bool $sameHardware): array
    {
        $brought = [];
        foreach (array_keys($now->positions) as $position) {
            foreach ($was->thingsAt((string) $position) as $thing) {
                if ($thing->thing === ThingKind::Bolt && $sameHardware && self::comesBack($thing, $now)) {
                    $brought[] = $thing->being(ThingState::Loose);
                }
                if ($thing->thing === ThingKind::Thread) {
                    $brought[] = $thing;
                }
            }
        }

        return $brought;
    }

    /**
     * What it costs to open a joint that was worked: fasteners that have had their one tightening, and gaskets that are set.
     *
     * @return array{fasteners: list<array{name: string, count: int}>, gaskets: list<string>}
     */
    public static function lost(RunFold $was): array
    {
        $fasteners = [];
        foreach (array_keys($was->plan->positions) as $position) {
            $type = $was->plan->fastenerAt((string) $position);
            if ($type !== null && $was->fasteners->isUsedUp((string) $position)) {
                $fasteners[$type->name] = ($fasteners[$type->name] ?? 0) + 1;
            }
        }
        $gaskets = array_filter($was->plan->consumables, fn (Consumable $c): bool => $was->fasteners->isCrushed($c->key));

        return ['fasteners' => array_map(fn (string $name, int $n): array => ['name' => $name, 'count' => $n], array_keys($fasteners), array_values($fasteners)), 'gaskets' => array_values(array_map(fn (Consumable $c): string => $c->name, $gaskets))];
    }

    private static function comesBack(Thing $bolt, Plan $now): bool
    {
        return $bolt->count > 0 && $bolt->notes->spent === null && $bolt->notes->set !== FastenerSet::Trial && $now->fastenerAt($bolt->at)?->reuse !== Reuse::Never;
    }
}
