<?php

declare(strict_types=1);

namespace App\People\Models;

use App\Shared\Models\Row;
use Carbon\CarbonImmutable;

/**
 * A bench tablet or PC that a lead has enrolled.
 *
 * @property string $id
 * @property string $name
 * @property string $enrolled_by
 * @property CarbonImmutable $enrolled_at
 * @property CarbonImmutable|null $revoked_at
 */
final class Device extends Row
{
    protected $table = 'devices';

    /** @var array<string, string> */
    protected $casts = ['enrolled_at' => 'immutable_datetime', 'revoked_at' => 'immutable_datetime'];
}
