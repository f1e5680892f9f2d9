<?php

declare(strict_types=1);

namespace App\Crib\Models;

use App\Crib\ToolState;
use App\Shared\Models\Row;
use App\Shared\Refused;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A tool on the shadow board, and where it is now.
 *
 * @property string $id
 * @property string $code
 * @property string $name
 * @property string $form how it is made
 * @property string $kind what a stage can ask of it; empty where no reading is taken with it
 * @property string $unit
 * @property string $lowest
 * @property string $highest
 * @property string $resolution
 * @property string $directions
 * @property string|null $class how it tells its torque; null where nobody has said, or it measures none
 * @property string|null $permissible
 * @property string|null $threshold
 * @property string|null $length
 * @property string|null $angle
 * @property string $place
 * @property string $owner
 * @property int|null $months
 * @property int|null $cycles
 * @property ToolState $state
 * @property string|null $held_by who has it
 * @property string|null $held_for the build that it was taken for
 * @property string|null $away_to
 * @property string|null $reason why it is out of use, or was retired
 * @property CarbonImmutable|null $since it is where it is
 * @property int $elsewhere pulls elsewhere since its last calibration, estimated
 * @property string $entry_id of the entry that it is known by
 * @property string $entry_leaf its leaf hash
 * @property-read Collection<int, CalibrationRow> $calibrations
 */
final class ToolRow extends Row
{
    protected $table = 'tools';

    /** @var array<string, string> */
    protected $casts = ['state' => ToolState::class, 'since' => 'immutable_datetime'];

    /** @return HasMany<CalibrationRow, $this> */
    public function calibrations(): HasMany
    {
        return $this->hasMany(CalibrationRow::class, 'tool', 'id');
    }

    public static function stream(string $id): string
    {
        return 'tool/'.$id;
    }

    /** @throws Refused when there is none of that number or id */
    public static function get(string $codeOrId): self
    {
        return self::query()->where('code', strtoupper($codeOrId))->orWhere('id', $codeOrId)->first() ?? throw Refused::notFound("There is no tool $codeOrId here. Read its number again.");
    }

    public static function missing(): string
    {
        return 'There is no such tool.';
    }
}
