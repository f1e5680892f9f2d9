<?php

declare(strict_types=1);

namespace App\Crib\Models;

use App\Shared\Models\Row;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A tool on the shadow board.
 *
 * @property string $id
 * @property string $code
 * @property string $name
 * @property string $kind
 * @property string $unit
 * @property string $lowest
 * @property string $highest
 * @property string $resolution
 * @property string|null $class how it tells its torque; null where nobody has said, or it measures none
 * @property string $entry_id of the entry that it is known by
 * @property string $entry_leaf its leaf hash
 * @property-read Collection<int, CalibrationRow> $calibrations
 */
final class ToolRow extends Row
{
    protected $table = 'tools';

    /** @return HasMany<CalibrationRow, $this> */
    public function calibrations(): HasMany
    {
        return $this->hasMany(CalibrationRow::class, 'tool', 'id');
    }
}
