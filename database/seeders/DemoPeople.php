<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\People\Actions\AddCustomer;
use App\People\Actions\AddPerson;
use App\People\Models\Credential;
use App\People\Models\Customer;
use App\People\Models\Person;
use App\People\Role;
use Illuminate\Support\Facades\Hash;

/** The invented people of Fenmoor Engine Works and their customers. */
final class DemoPeople
{
    public const PASSWORD = 'fenmoor';

    public const PIN = '314159';

    /** The lead does not work at a bench, and decides there. */
    public const LEAD_BADGE = '1001';

    /** @var array<array-key, Person> by sign-in name or badge */
    private array $people = [];

    /** @var array<string, Customer> by name */
    private array $customers = [];

    public function __construct()
    {
        foreach (['Skerry Dredging', 'Coldharbour Irrigation', 'Lantern Bay Ferries'] as $name) {
            $this->customers[$name] = app(AddCustomer::class)($name);
        }
        // One hash each: they are the same for everybody in a demo, and hashing is slow on purpose.
        $password = Hash::make(self::PASSWORD);
        $pin = Hash::make(self::PIN);
        $this->people['lead'] = $this->person('Ansa Kettleby', Role::Lead, ['sign_in_name' => 'lead', 'badge' => self::LEAD_BADGE], ['password_hash' => $password, 'pin_hash' => $pin]);
        foreach ([
            ['approver', 'Tobin Harrowmere', Role::Approver, null],
            ['crib', 'Wim Osterlake', Role::CribKeeper, null], ['reader', 'Petra Lindqvale', Role::Reader, 'Skerry Dredging'],
        ] as [$signIn, $name, $role, $customer]) {
            $this->people[$signIn] = $this->person($name, $role, ['sign_in_name' => $signIn, 'customer' => $customer === null ? null : $this->customers[$customer]->id], ['password_hash' => $password]);
        }
        foreach (['1041' => 'Rafe Ondling', '1042' => 'Juno Castrel', '1043' => 'Milo Farrandel', '1044' => 'Edda Braskin'] as $badge => $name) {
            $this->people[(string) $badge] = $this->person($name, Role::Assembler, ['badge' => (string) $badge], ['pin_hash' => $pin]);
        }
    }

    public function get(string $key): Person
    {
        return $this->people[$key];
    }

    public function customer(string $name): string
    {
        return $this->customers[$name]->id;
    }

    /**
     * @param  array<string, string|null>  $fields
     * @param  array<string, string>  $credential
     */
    private function person(string $name, Role $role, array $fields, array $credential): Person
    {
        $person = app(AddPerson::class)(['name' => $name] + array_diff_key($fields, ['customer' => 0]), [$role], $fields['customer'] ?? null);
        Credential::query()->create(['person' => $person->id] + $credential);

        return $person;
    }
}
