<?php

declare(strict_types=1);

namespace Tests\Factories;

use App\People\Models\Customer;

/** @extends RowFactory<Customer> */
final class CustomerFactory extends RowFactory
{
    protected $model = Customer::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'id' => self::id(),
            'name' => 'Customer '.self::number(),
        ];
    }
}
