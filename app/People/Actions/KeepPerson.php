<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\Ledger\Draft;
use App\Ledger\ErasableTexts;
use App\Ledger\Recorder;
use App\People\Models\Customer;
use App\People\Models\Person;
use App\People\Models\PersonRole;
use App\People\Queries\Names;
use App\People\Role;
use App\People\Shop;
use App\Shared\Ids;
use App\Shared\Refused;
use Tekkal\Core\Schedule\Shift;

/** Somebody comes to the shop, is called something else, gets another badge, another shift, another place to stand. */
final readonly class KeepPerson
{
    public function __construct(private Recorder $recorder, private AddPerson $add, private ErasableTexts $texts)
    {
    }

    /**
     * @param  array{name: string, sign_in_name: string|null, badge: string|null}  $names
     * @param  list<Role>  $roles
     * @param  string|null  $customer  whose engines a reader sees, and no others
     */
    public function add(array $names, array $roles, ?string $customer, ?Person $by): Person
    {
        return $this->recorder->transaction(function () use ($names, $roles, $customer, $by): Person {
            $this->recorder->lock(Names::REGISTER);
            self::standsSomewhere($names['name'], $roles, $names['sign_in_name'], $names['badge'], $customer);
            Names::areFree($names);

            return ($this->add)($names, $roles, $customer, $by);
        });
    }

    /** @param  array{name: string, sign_in_name: string|null}  $names */
    public function rename(Person $person, array $names, Person $by): void
    {
        $this->change($person, function (Person $now) use ($names, $by): void {
            self::standsSomewhere($names['name'], $now->roles(), $names['sign_in_name'], $now->badge, $now->customer);
            Names::areFree($names, $now->id);
            if ($names !== ['name' => $now->name, 'sign_in_name' => $now->sign_in_name]) {
                $this->named($now, 'person_renamed', $names, $by);
            }
        });
    }

    /** @param  string|null  $badge  null: it is taken away */
    public function badge(Person $person, ?string $badge, Person $by): void
    {
        $this->change($person, function (Person $now) use ($badge, $by): void {
            self::standsSomewhere($now->displayName(), $now->roles(), $now->sign_in_name, $badge, $now->customer);
            Names::areFree(['badge' => $badge], $now->id);
            if ($badge !== $now->badge) {
                $this->named($now, 'badge_given', ['badge' => $badge], $by);
            }
        });
    }

    /** @param  string|null  $shift  one of the shop's, by name; null: none */
    public function shift(Person $person, ?string $shift, Person $by): void
    {
        if ($shift !== null && ! in_array($shift, array_map(fn (Shift $s): string => $s->name, Shop::here()->shifts), true)) {
            throw Refused::field('shift', "The shop has no shift called \"$shift\".", $shift);
        }
        $this->change($person, fn (Person $now) => $now->shift === $shift ? null : $this->recorder->append(new Draft(Ids::next(), 'shift_given', 'person/'.$now->id, $by->id, data: array_filter(['shift' => $shift]))));
    }

    /** @param  list<Role>  $roles  all that they have from now on */
    public function roles(Person $person, array $roles, Person $by): void
    {
        $this->change($person, function (Person $now) use ($roles, $by): void {
            self::standsSomewhere($now->displayName(), $roles, $now->sign_in_name, $now->badge, $now->customer);
            if (! in_array(Role::Lead, $roles, true)) {
                self::isNotTheLastLead($now);
            }
            foreach (Role::cases() as $role) {
                [$has, $gets] = [in_array($role, $now->roles(), true), in_array($role, $roles, true)];
                if ($has !== $gets) {
                    $this->recorder->append(new Draft(Ids::next(), $gets ? 'role_given' : 'role_taken', 'person/'.$now->id, $by->id, data: ['role' => $role->value]));
                }
            }
        });
    }

    /** @throws Refused where nobody else leads: a shop without a lead could never name one */
    public static function isNotTheLastLead(Person $person): void
    {
        $leads = PersonRole::query()->where('role', Role::Lead->value)->pluck('person');
        if ($leads->contains($person->id) && $leads->count() === 1) {
            throw Refused::field('roles', $person->displayName().' is the only quality lead, and nobody else could name one. Make somebody else a lead first.');
        }
    }

    /**
     * @param  list<Role>  $roles
     *
     * @throws Refused unless the person stands somewhere, and has what is asked for there
     */
    private static function standsSomewhere(string $name, array $roles, ?string $signIn, ?string $badge, ?string $customer): void
    {
        if ($roles === []) {
            throw Refused::field('roles', "Say what $name does here: at least one place to stand.");
        }
        $desk = array_values(array_filter($roles, fn (Role $r): bool => $r !== Role::Assembler));
        match (true) {
            in_array(Role::Assembler, $roles, true) && $badge === null => throw Refused::field('badge', "$name works at a bench, and signs in there with a badge. Give one."),
            $desk !== [] && $signIn === null => throw Refused::field('sign_in_name', sprintf('%s stands at a desk as %s, and signs in there with a name. Give one.', $name, $desk[0]->words())),
            $customer !== null && Customer::query()->find($customer) === null => throw Refused::field('customer', 'There is no such customer.', $customer),
            // A customer's own people see that customer's engines; whoever works here sees all of them.
            $customer !== null && $roles !== [Role::Reader] => throw Refused::field('customer', "$name works here and is no customer's reader. Leave the customer out, or let them be a reader only."),
            default => null,
        };
    }

    /** @param  callable(Person): mixed  $work  with the person as they stand under the lock of the register */
    private function change(Person $person, callable $work): void
    {
        $this->recorder->transaction(function () use ($person, $work): void {
            $this->recorder->lock(Names::REGISTER);
            $now = Person::query()->findOrFail($person->id);
            if ($now->left_at !== null) {
                throw Refused::field('person', $now->displayName().' has left. Take them back first.');
            }
            $work($now);
        });
    }

    /** @param  array<string, string|null>  $names */
    private function named(Person $person, string $type, array $names, Person $by): void
    {
        $entry = Ids::next();
        $hashes = [];
        foreach ($names as $field => $text) {
            $hashes[$field.'_hash'] = $this->texts->keep($entry, $field, $text);
        }
        $this->recorder->append(new Draft($entry, $type, 'person/'.$person->id, $by->id, data: array_filter($hashes)));
    }
}
