<?php

declare(strict_types=1);

namespace App\People;

use App\People\Models\Person;
use App\People\Models\PersonRole;
use App\Shared\Contracts\Findable;
use App\Shared\Contracts\Found;
use Illuminate\Support\Facades\Gate;

/** Finds people by name, sign-in name or badge, scanned or typed; those who left too, since their names stay. */
final class PeopleFinder implements Findable
{
    private const MOST = 8;

    public function find(string $text): array
    {
        if (Gate::denies(Ability::ReadPeople->value)) {
            return [];
        }
        $wanted = mb_strtolower(trim($text));
        $people = Person::query()->with('personRoles')->get()->sortBy('name')
            ->filter(fn (Person $p): bool => str_contains(mb_strtolower((string) $p->name), $wanted) || str_contains((string) $p->sign_in_name, $wanted) || mb_strtolower((string) $p->badge) === $wanted);

        return array_values($people->take(self::MOST)->map(fn (Person $p): Found => new Found('person', $p->displayName(), self::about($p), '/people?person='.$p->id))->all());
    }

    private static function about(Person $person): string
    {
        return $person->left_at !== null ? 'has left' : implode(', ', array_filter([$person->badge === null ? null : "badge $person->badge", ...$person->personRoles->map(fn (PersonRole $r): string => $r->role->words())->all()]));
    }
}
