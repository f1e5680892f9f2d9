<?php

declare(strict_types=1);

namespace App\Crib\Models;

use App\Shared\Models\Row;
use Carbon\CarbonImmutable;

/**
 * One calibration of a tool, in the shop's calendar days.
 *
 * @property string $entry_id
 * @property string $tool
 * @property string $calibrated_on
 * @property string $due_on
 * @property bool $conforms as it was left
 * @property string $found as it was found: good, failed, unread, new
 * @property string $certificate
 * @property string|null $standard
 * @property string|null $person
 * @property CarbonImmutable|null $recorded_at
 * @property array<string, mixed>|null $sheet what was read and by what it was judged; null where only the outcome is known
 * @property string|null $read_in the directions in which it was read, as it was left; null where only the outcome is known
 * @property string|null $paper the hash of the certificate's file
 * @property string|null $paper_type
 * @property string $leaf_hash
 */
final class CalibrationRow extends Row
{
    protected $table = 'calibrations';

    protected $primaryKey = 'entry_id';

    /** @var array<string, string> */
    protected $casts = ['conforms' => 'boolean', 'sheet' => 'array', 'recorded_at' => 'immutable_datetime'];
}
