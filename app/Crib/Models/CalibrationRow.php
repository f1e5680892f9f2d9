<?php

declare(strict_types=1);

namespace App\Crib\Models;

use App\Shared\Models\Row;

/**
 * One calibration of a tool, in the shop's calendar days.
 *
 * @property string $entry_id
 * @property string $tool
 * @property string $calibrated_on
 * @property string $due_on
 * @property bool $conforms
 * @property string $certificate
 * @property string $leaf_hash
 */
final class CalibrationRow extends Row
{
    protected $table = 'calibrations';

    protected $primaryKey = 'entry_id';

    /** @var array<string, string> */
    protected $casts = ['conforms' => 'boolean'];
}
