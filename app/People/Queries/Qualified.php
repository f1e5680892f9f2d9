<?php

declare(strict_types=1);

namespace App\People\Queries;

use App\People\Models\Person;
use App\People\Models\Skill;
use App\People\Shop;
use App\Shared\Refused;
use Tekkal\Core\Schedule\Method;
use Tekkal\Core\Schedule\Qualification;

/** What somebody may do on engines of a family today, where the shop lets what is signed of them decide. */
final class Qualified
{
    /** @param  list<Method>  $asked  by the procedure */
    public static function of(Person $person, string $family, array $asked): Qualification
    {
        $today = Shop::here()->today();
        $held = Skill::query()->where('person', $person->id)->where('family', $family)->where('ended_at', null)->get();

        return Qualification::of($family, $asked, $held->mapWithKeys(fn (Skill $s): array => [$s->method->value => $s->standing($today)])->all());
    }

    /**
     * At what they work under a supervisor; null where they may do it alone, or where it is told only.
     *
     * @param  list<Method>  $asked
     *
     * @throws Refused when nothing stands of them
     */
    public static function underSupervisor(Person $person, string $family, array $asked): ?string
    {
        if (! Shop::here()->skillsDecide) {
            return null;
        }
        $may = self::of($person, $family, $asked);
        if ($may->isNone()) {
            throw self::not(sprintf('Nobody has signed that %s may do %s, or that they learn it. Have it signed under People, or let somebody else do it.', $person->displayName(), $may->what()), $person);
        }

        return $may->isAlone() ? null : $may->what();
    }

    /**
     * @param  list<Method>  $asked
     *
     * @throws Refused when they may not do all of it alone themselves
     */
    public static function maySupervise(Person $person, string $family, array $asked): void
    {
        $may = self::of($person, $family, $asked);
        if (! $may->isAlone()) {
            throw self::not(sprintf('%s may not do %s alone, and so supervises nobody at it.', $person->displayName(), $may->what()), $person, 'badge', (string) $person->badge);
        }
    }

    private static function not(string $why, Person $person, string $field = 'person', ?string $value = null): Refused
    {
        return Refused::field($field, $why, $value ?? $person->id);
    }
}
