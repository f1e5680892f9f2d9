<?php

declare(strict_types=1);

namespace App\People\Models;

use App\Shared\Models\Row;
use Carbon\CarbonImmutable;

/**
 * Days on which somebody is not here.
 *
 * @property string $id
 * @property string $person
 * @property CarbonImmutable $first_day
 * @property CarbonImmutable $last_day included
 * @property CarbonImmutable|null $cancelled_at
 */
final class Absence extends Row
{
    protected $table = 'absences';

    /** @var array<string, string> */
    protected $casts = ['first_day' => 'immutable_date', 'last_day' => 'immutable_date', 'cancelled_at' => 'immutable_datetime'];
}
