<?php

declare(strict_types=1);

namespace Tests\Factories;

use App\Library\Models\Source;

/** @extends RowFactory<Source> */
final class SourceFactory extends RowFactory
{
    protected $model = Source::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'id' => self::id(),
            'code' => 'S-'.(1000 + self::number()),
            'kind' => 'shop_standard',
            'title' => 'A shop standard',
            'edition' => '1',
            'date' => '2026-01-01',
        ];
    }
}
