<?php

declare(strict_types=1);

namespace App\Record\Models;

use App\Shared\Models\Row;
use Carbon\CarbonImmutable;

/**
 * What a bench saw that moved nothing: set aside in its run, or in the tray.
 *
 * @property string $entry_id
 * @property string $type of the event
 * @property string $standing
 * @property string $reason
 * @property string|null $run
 * @property string|null $subject
 * @property string|null $step
 * @property string|null $value null when it could not be read, or has none
 * @property string|null $told what could not be read of it
 * @property string|null $tool
 * @property string $person
 * @property CarbonImmutable $received_at
 * @property CarbonImmutable|null $disposed_at
 */
final class AsideReading extends Row
{
    protected $table = 'readings_aside';

    protected $primaryKey = 'entry_id';

    /** @var array<string, string> */
    protected $casts = ['received_at' => 'immutable_datetime', 'disposed_at' => 'immutable_datetime'];
}
