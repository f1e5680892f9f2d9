<?php

declare(strict_types=1);

namespace App\Bench;

use App\Bench\Queries\StopSheet;
use App\People\Ability;
use App\People\Models\Person;
use App\Record\Models\Stop;
use App\Record\Queries\StopsInForce;
use App\Shared\Contracts\Need;
use App\Shared\Contracts\NeedsMe;
use App\Shared\Contracts\Urgency;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Gate;

/** What is stopped, until two have lifted it. */
final class StopNeeds implements NeedsMe
{
    public function needs(): array
    {
        if (Gate::denies(Ability::StopWork->value)) {
            return [];
        }
        $stops = StopsInForce::here()->all();
        $unheard = StopSheet::unheard($stops->modelKeys());

        return array_values($stops->map(fn (Stop $s): Need => new Need(
            Urgency::StandsStill, "$s->title: stopped", self::why($s, $unheard[$s->id] ?? 0), self::action($s), '/stops/'.$s->number,
        ))->all());
    }

    private static function why(Stop $stop, int $unheard): string
    {
        $asked = $stop->lift_asked_by === null ? '' : sprintf(' %s has asked to lift it.', Person::query()->find($stop->lift_asked_by)?->displayName());
        $benches = match ($unheard) {
            0 => '',
            1 => ' One bench has not said that it knows.',
            default => " $unheard benches have not said that they know.",
        };

        return sprintf('“%s” It was %s.%s%s', $stop->reason, $stop->when(), $asked, $benches);
    }

    private static function action(Stop $stop): string
    {
        return $stop->lift_asked_by !== null && $stop->lift_asked_by !== Auth::id() ? 'Look and sign' : 'See what it holds';
    }
}
