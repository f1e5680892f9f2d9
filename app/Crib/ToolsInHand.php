<?php

declare(strict_types=1);

namespace App\Crib;

use App\Crib\Models\ToolRow;
use App\People\Contracts\HeldBy;
use App\People\Contracts\Holding;
use App\People\Models\Person;

/** Tools that somebody has. Metal does not pass by a word: it comes back to the crib, and goes out again from there. */
final class ToolsInHand implements HeldBy
{
    public function holdings(Person $person): array
    {
        return array_values(ToolRow::query()->where('held_by', $person->id)->where('state', ToolState::Out->value)->orderBy('code')->get()
            ->map(fn (ToolRow $t): Holding => new Holding($t->code, 'It comes back to the crib first.', false, '/crib/tools/'.$t->code))->all());
    }

    public function handOver(Person $person, Person $to, Person $by): void
    {
    }
}
