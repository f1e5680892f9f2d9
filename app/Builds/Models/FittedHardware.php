<?php

declare(strict_types=1);

namespace App\Builds\Models;

use App\Shared\Models\Row;
use Carbon\CarbonImmutable;

/**
 * The hardware option that an engine gets at a joint, as somebody has chosen it, or as a job was given out with it.
 *
 * @property string $subject
 * @property string $joint
 * @property string $procedure
 * @property string $option
 * @property string $person
 * @property CarbonImmutable $at
 */
final class FittedHardware extends Row
{
    protected $table = 'fitted_hardware';

    protected $primaryKey = 'subject';

    /** @var array<string, string> */
    protected $casts = ['at' => 'immutable_datetime'];
}
