<?php

declare(strict_types=1);

namespace App\Library\Models;

use App\Shared\Models\Row;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One clamped assembly of a family.
 *
 * @property string $id
 * @property string $family
 * @property string $name
 * @property int $assembly_order
 * @property list<string> $rests_on joints that are put together before it, and must stay for it to stay
 * @property string $carried_in the subassembly that it is a joint of, as the shop calls it: "Head"; empty: the engine's own
 * @property string $holds the subassembly that it holds to the engine; empty: none
 * @property-read Family $inFamily
 * @property-read Collection<int, Procedure> $procedures
 */
final class Joint extends Row
{
    protected $table = 'joints';

    /** @var array<string, string> */
    protected $casts = ['rests_on' => 'array'];

    /** @return BelongsTo<Family, $this> */
    public function inFamily(): BelongsTo
    {
        return $this->belongsTo(Family::class, 'family');
    }

    /** @return HasMany<Procedure, $this> */
    public function procedures(): HasMany
    {
        return $this->hasMany(Procedure::class, 'joint');
    }
}
