<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\Ledger\Draft;
use App\Ledger\ErasableTexts;
use App\Ledger\Recorder;
use App\People\Models\Customer;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\Refused;

/** A customer comes, or is called something else. No two are called the same: an engine's owner is chosen by name. */
final readonly class KeepCustomer
{
    private const REGISTER = 'register/customers';

    public function __construct(private Recorder $recorder, private AddCustomer $add, private ErasableTexts $texts)
    {
    }

    public function add(string $name, Person $by): Customer
    {
        return $this->recorder->transaction(function () use ($name, $by): Customer {
            $this->isFree($name, null);

            return ($this->add)($name, $by);
        });
    }

    public function rename(Customer $customer, string $name, Person $by): void
    {
        $this->recorder->transaction(function () use ($customer, $name, $by): void {
            $this->isFree($name, $customer->id);
            if ($customer->refresh()->name !== $name) {
                $entry = Ids::next();
                $this->recorder->append(new Draft($entry, 'customer_renamed', 'customer/'.$customer->id, $by->id, data: ['name_hash' => $this->texts->keep($entry, 'name', $name)]));
            }
        });
    }

    private function isFree(string $name, ?string $for): void
    {
        $this->recorder->lock(self::REGISTER);
        $has = Customer::query()->where('name', $name)->first();
        if ($has !== null && $has->id !== $for) {
            throw Refused::field('name', "There is a customer called $has->name already.", $name);
        }
    }
}
