<?php

declare(strict_types=1);

namespace App\Library\Models;

use App\Shared\Models\Row;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;

/**
 * How a joint with a hardware option is tightened; its revisions say it.
 *
 * @property string $id
 * @property string $joint
 * @property string $option
 * @property string|null $variant
 * @property string|null $sister_of the procedure it was copied from
 * @property CarbonImmutable $created_at
 */
final class Procedure extends Row
{
    protected $table = 'procedures';

    /** @var array<string, string> */
    protected $casts = ['created_at' => 'immutable_datetime'];

    /** "Tarn TN3, main caps, stock bolts" */
    public function title(): string
    {
        $joint = Joint::query()->findOrFail($this->joint);

        return sprintf('%s, %s, %s', Family::query()->findOrFail($joint->family)->name, Str::lcfirst($joint->name), $this->option);
    }
}
