<?php

declare(strict_types=1);

namespace App\Library\Models;

use App\People\Models\Person;
use App\Shared\Models\Row;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A permitted departure from a procedure, limited by date, serial or count.
 *
 * @property string $id
 * @property string $code
 * @property string $procedure
 * @property string|null $stage
 * @property string $departure
 * @property string $reason
 * @property string $customer_reference
 * @property int|null $quantity how many engines at most
 * @property string $serials one a line; empty: any
 * @property CarbonImmutable $valid_from
 * @property CarbonImmutable|null $valid_until
 * @property string $state asked, approved, refused or withdrawn
 * @property string $asked_by
 * @property CarbonImmutable $asked_at
 * @property string|null $signature
 * @property CarbonImmutable|null $approved_at
 * @property-read Person|null $asker
 * @property-read Procedure $ofProcedure
 */
final class Permit extends Row
{
    protected $table = 'permits';

    /** @return BelongsTo<Person, $this> */
    public function asker(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'asked_by');
    }

    /** @return BelongsTo<Procedure, $this> */
    public function ofProcedure(): BelongsTo
    {
        return $this->belongsTo(Procedure::class, 'procedure');
    }

    /** @var array<string, string> */
    protected $casts = [
        'valid_from' => 'immutable_date:Y-m-d', 'valid_until' => 'immutable_date:Y-m-d', 'asked_at' => 'immutable_datetime', 'approved_at' => 'immutable_datetime',
    ];

    /** @return list<string> */
    public function serials(): array
    {
        return array_values(array_filter(array_map(trim(...), explode("\n", $this->serials)), fn (string $s): bool => $s !== ''));
    }

    public static function missing(): string
    {
        return 'There is no such permit.';
    }
}
