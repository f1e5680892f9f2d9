<?php

declare(strict_types=1);

namespace App\Record\Models;

use App\Shared\Models\Row;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * That a subassembly was in an engine, from one day to another. An engine that comes back with it has a row of its own for each build.
 *
 * @property string $entry_id
 * @property string $engine
 * @property string $subassembly
 * @property string $kind as its family calls it
 * @property CarbonImmutable|null $fitted_at null: it was the engine's own, and got its number when it came off
 * @property CarbonImmutable|null $removed_at
 * @property string $removed_why
 * @property bool $passed_on the engine came back with it as a later build
 * @property-read Subject|null $of the engine
 * @property-read Subject|null $what the subassembly
 */
final class Fitting extends Row
{
    protected $table = 'fittings';

    protected $primaryKey = 'entry_id';

    /** @var array<string, string> */
    protected $casts = ['fitted_at' => 'immutable_datetime', 'removed_at' => 'immutable_datetime', 'passed_on' => 'boolean'];

    /** @return BelongsTo<Subject, $this> */
    public function of(): BelongsTo
    {
        return $this->belongsTo(Subject::class, 'engine');
    }

    /** @return BelongsTo<Subject, $this> */
    public function what(): BelongsTo
    {
        return $this->belongsTo(Subject::class, 'subassembly');
    }
}
