<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

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

    private static function comesBack(Thing $bolt, Plan $now): bool
    {
        return $bolt->count > 0 && $bolt->notes->spent === null && $bolt->notes->set !== FastenerSet::Trial && $now->fastenerAt($bolt->at)?->reuse !== Reuse::Never;
    }
}
