<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\Ledger\Draft;
use App\Ledger\ErasableTexts;
use App\Ledger\Recorder;
use App\People\Models\Customer;
use App\People\Models\Person;
use App\Shared\Ids;

/** Puts a customer on record by an opaque id; the entry holds a salted hash of the name. */
final readonly class AddCustomer
{
    public function __construct(
        private Recorder $recorder,
        private ErasableTexts $texts,
    ) {
    }

    /** @param  string|null  $id  of one who was here before customers were put on record */
    public function __invoke(string $name, ?Person $by = null, ?string $id = null): Customer
    {
        $id ??= Ids::next();
        $this->recorder->transaction(function () use ($id, $name, $by): void {
            $entry = Ids::next();
            $this->recorder->append(new Draft($entry, 'customer_added', 'customer/'.$id, $by?->id, data: ['name_hash' => $this->texts->keep($entry, 'name', $name)]));
        });

        return Customer::query()->findOrFail($id);
    }
}
