<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\Ledger\Draft;
use App\Ledger\ErasableTexts;
use App\Ledger\Recorder;
use App\People\Models\Person;
use App\People\Role;
use App\Shared\Ids;

/** Puts a person on record by an opaque id; the entry holds salted hashes of name, sign-in name and badge. */
final readonly class AddPerson
{
    public function __construct(
        private Recorder $recorder,
        private ErasableTexts $texts,
    ) {
    }

    /**
     * @param  array{name: string|null, sign_in_name?: string|null, badge?: string|null}  $names
     * @param  list<Role>  $roles
     * @param  string|null  $customer  whose engines a reader sees, and no others
     * @param  string|null  $id  of somebody who was here before people were put on record
     */
    public function __invoke(array $names, array $roles, ?string $customer = null, ?Person $by = null, ?string $id = null): Person
    {
        $id ??= Ids::next();
        $this->recorder->transaction(function () use ($id, $names, $roles, $customer, $by): void {
            $entry = Ids::next();
            $data = ['roles' => array_map(fn (Role $r): string => $r->value, $roles), 'customer' => $customer];
            foreach (ErasableTexts::NAMES as $field) {
                $data[$field.'_hash'] = $this->texts->keep($entry, $field, $names[$field] ?? null);
            }
            $this->recorder->append(new Draft($entry, 'person_added', 'person/'.$id, $by?->id, data: $data));
        });

        return Person::query()->findOrFail($id);
    }
}
