<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Contracts\HeldBy;
use App\People\Contracts\Holding;
use App\People\Models\Deputy;
use App\People\Models\Person;
use App\People\Models\Sitting;
use App\People\Queries\Names;
use App\People\Role;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Support\Facades\DB;

/**
 * Somebody leaves: what was in their hands is handed over first, and no way in is left. They are never deleted, and what
 * they did stays under their name.
 */
final readonly class LetGo
{
    /** @param  iterable<HeldBy>  $areas */
    public function __construct(private Recorder $recorder, private EndSitting $endSitting, private iterable $areas)
    {
    }

    /** @return list<Holding> what has to be settled first stands first */
    public function holdings(Person $person): array
    {
        $held = [];
        foreach ($this->areas as $area) {
            array_push($held, ...$area->holdings($person));
        }
        usort($held, fn (Holding $a, Holding $b): int => $a->passes <=> $b->passes);

        return $held;
    }

    /** @param  Person|null  $successor  who takes over what can be handed over */
    public function leaves(Person $person, ?Person $successor, Person $by): void
    {
        $this->recorder->transaction(function () use ($person, $successor, $by): void {
            $this->recorder->lock(Names::REGISTER);
            $now = Person::query()->findOrFail($person->id);
            $this->mayLeave($now, $successor, $by);
            if ($successor !== null) {
                foreach ($this->areas as $area) {
                    $area->handOver($now, $successor, $by);
                }
            }
            $this->close($now, $by);
            $this->recorder->append(new Draft(Ids::next(), 'person_left', 'person/'.$now->id, $by->id, data: array_filter(['taken_over_by' => $successor?->id])));
        });
    }

    /**
     * By mistake, or after a while: with the roles that are given now, and no secret of before.
     *
     * @param  list<Role>  $roles
     */
    public function comesBack(Person $person, array $roles, Person $by): void
    {
        $this->recorder->transaction(function () use ($person, $roles, $by): void {
            $this->recorder->lock(Names::REGISTER);
            if (Person::query()->findOrFail($person->id)->left_at === null) {
                throw Refused::field('person', $person->displayName().' is here.');
            }
            $this->recorder->append(new Draft(Ids::next(), 'person_came_back', 'person/'.$person->id, $by->id, data: ['roles' => array_map(fn (Role $r): string => $r->value, $roles)]));
        });
    }

    /** @throws Refused with everything that stands in the way */
    private function mayLeave(Person $person, ?Person $successor, Person $by): void
    {
        $who = $person->displayName();
        match (true) {
            $person->left_at !== null => throw Refused::field('person', "$who has left already."),
            $person->id === $by->id => throw Refused::field('person', 'Nobody lets themselves go. Another lead does it.'),
            $successor !== null && ($successor->id === $person->id || $successor->left_at !== null) => throw Refused::field('successor', 'Choose somebody else who is here to take over.', $successor->id),
            $successor?->customer !== null => throw Refused::field('successor', $successor->displayName().' reads for a customer and takes nothing over.', $successor->id),
            default => KeepPerson::isNotTheLastLead($person),
        };
        $held = $this->holdings($person);
        $first = array_filter($held, fn (Holding $h): bool => ! $h->passes);
        if ($first !== []) {
            throw new Refused(ProblemType::StillHeld, sprintf('%s still has %s. %s', $who, self::list($first), array_values($first)[0]->how), 409, ['field' => 'person', 'reasons' => self::words($first)]);
        }
        if ($held !== [] && $successor === null) {
            throw new Refused(ProblemType::StillHeld, sprintf('%s still has %s. Say who takes over.', $who, self::list($held)), 409, ['field' => 'successor', 'reasons' => self::words($held)]);
        }
    }

    /** Every way in is closed; what a bench still holds of theirs is taken for 72 hours, as after any sitting. */
    private function close(Person $person, Person $by): void
    {
        foreach (Sitting::query()->where('person', $person->id)->where('ended_at', null)->pluck('id') as $sitting) {
            ($this->endSitting)((string) $sitting, null, EndSitting::LEFT);
        }
        foreach (Deputy::query()->where('person', $person->id)->where('ended_at', null)->pluck('id') as $deputy) {
            $this->recorder->append(new Draft(Ids::next(), 'deputy_ended', 'person/'.$person->id, $by->id, data: ['deputy' => $deputy]));
        }
        DB::table('credentials')->where('person', $person->id)->delete();
        DB::table('secret_links')->where('person', $person->id)->delete();
    }

    /** @param  array<Holding>  $held */
    private static function list(array $held): string
    {
        $words = self::words($held);

        return count($words) <= 3 ? implode(', ', $words) : sprintf('%s and %d more', implode(', ', array_slice($words, 0, 2)), count($words) - 2);
    }

    /**
     * @param  array<Holding>  $held
     * @return list<string>
     */
    private static function words(array $held): array
    {
        return array_values(array_map(fn (Holding $h): string => $h->what, $held));
    }
}
