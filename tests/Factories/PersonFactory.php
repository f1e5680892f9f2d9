<?php

declare(strict_types=1);

namespace Tests\Factories;

use App\People\Models\Person;
use App\People\Models\PersonRole;
use App\People\Role;

/** @extends RowFactory<Person> */
final class PersonFactory extends RowFactory
{
    protected $model = Person::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'id' => self::id(),
            'name' => 'Person '.self::number(),
            'badge' => (string) (9000 + self::number()),
        ];
    }

    public function configure(): static
    {
        return $this->afterCreating(fn (Person $person) => PersonRole::query()->create(['person' => $person->id, 'role' => Role::Assembler]));
    }
}
