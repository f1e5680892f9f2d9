<?php

declare(strict_types=1);

namespace Tests\Factories;

use App\People\Models\Device;

/** @extends RowFactory<Device> */
final class DeviceFactory extends RowFactory
{
    protected $model = Device::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'id' => self::id(),
            'name' => 'Bench '.(100 + self::number()),
            'enrolled_by' => PersonFactory::new(),
            'enrolled_at' => now(),
        ];
    }
}
