<?php

declare(strict_types=1);

namespace App\People\Queries;

use App\People\Ability;
use App\People\Models\Deputy;
use App\People\Models\Person;
use App\People\Shop;
use App\Shared\Refused;

/** Who may decide about a fault now: a lead always, a deputy within what the lead has said. */
final class Deciders
{
    /** @throws Refused when it is not theirs to decide, with what is */
    public static function check(Person $person, string $class): void
    {
        if ($person->may(Ability::DecideFaults)) {
            return;
        }
        $now = now()->toImmutable()->setTimezone(Shop::here()->timeZone);
        $named = Deputy::query()->where('person', $person->id)->where('ended_at', null)->where('last_day', '>=', $now->subDay()->format('Y-m-d'))->get();
        $on = $named->filter(fn (Deputy $d): bool => $d->isOnDuty($now));
        match (true) {
            $named->isEmpty() => throw Refused::forbidden($person->displayName().' does not decide this: only a lead does, or somebody whom the lead has named for it.'),
            $on->isEmpty() => throw Refused::forbidden(sprintf('%s stands in for the lead at other times: %s.', $person->displayName(), self::words(...$named))),
            $on->filter(fn (Deputy $d): bool => $d->covers($class))->isEmpty() => throw Refused::forbidden(sprintf('%s decides about other classes: %s. This joint is of class %s.', $person->displayName(), self::words(...$on), $class)),
            default => null,
        };
    }

    private static function words(Deputy ...$named): string
    {
        return implode('; ', array_map(fn (Deputy $d): string => $d->words(), $named));
    }
}
