<?php

declare(strict_types=1);

namespace Tests\Factories;

use App\Library\Models\Family;
use App\Library\Models\Joint;

/** @extends RowFactory<Family> */
final class FamilyFactory extends RowFactory
{
    protected $model = Family::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'id' => self::id(),
            'code' => 'F'.(1000 + self::number()),
            'name' => 'A family of engines',
            'description' => '',
        ];
    }

    public function withJoints(int $joints): static
    {
        return $this->afterCreating(function (Family $family) use ($joints): void {
            for ($i = 1; $i <= $joints; $i++) {
                Joint::query()->create(['id' => self::id(), 'family' => $family->id, 'name' => "Joint $i", 'assembly_order' => $i]);
            }
        });
    }
}
