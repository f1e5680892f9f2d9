<?php

declare(strict_types=1);

namespace Tekkal\Core\Schedule;

use Tekkal\Core\Document\Agent;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Document\StageRules;
use Tekkal\Core\Plan\Plan;

/** What somebody has to have learnt to carry a procedure out. Common practice, no source. */
final class Methods
{
    /** @return list<Method> in the order in which they are told; torque where it asks for nothing else */
    public static function of(Plan $plan): array
    {
        $kinds = array_map(fn (StageRules $s): StageKind => $s->kind, $plan->stages);
        $timed = array_filter($plan->agents, fn (Agent $a): bool => $a->workingTime !== null);
        $asked = array_filter([
            Method::Torque->value => array_filter($kinds, fn (StageKind $k): bool => $k->reachesTorque()) !== [],
            Method::Angle->value => in_array(StageKind::Turn, $kinds, true),
            Method::Stretch->value => in_array(StageKind::Stretch, $kinds, true),
            Method::Held->value => in_array(StageKind::Hold, $kinds, true),
            Method::Locker->value => $timed !== [],
        ]);

        return $asked === [] ? [Method::Torque] : array_map(Method::from(...), array_keys($asked));
    }
}
