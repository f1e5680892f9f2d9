<?php

declare(strict_types=1);

namespace App\Library\Models;

use App\Shared\Models\Row;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
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
 * @property-read Joint $atJoint
 */
final class Procedure extends Row
{
    protected $table = 'procedures';

    /** @return BelongsTo<Joint, $this> */
    public function atJoint(): BelongsTo
    {
        return $this->belongsTo(Joint::class, 'joint');
    }

    /** @var array<string, string> */
    protected $casts = ['created_at' => 'immutable_datetime'];

    /** "Tarn TN3, main caps, stock bolts" */
    public function title(): string
    {
        $joint = $this->loadMissing('atJoint.inFamily')->atJoint;

        return self::titled($joint->inFamily->name, $joint->name, $this->option);
    }

    public static function titled(string $family, string $joint, string $option): string
    {
        return sprintf('%s, %s, %s', $family, Str::lcfirst($joint), $option);
    }

    public static function missing(): string
    {
        return 'There is no such procedure.';
    }
}
