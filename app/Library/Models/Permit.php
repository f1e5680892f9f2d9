<?php

declare(strict_types=1);

namespace App\Library\Models;

use App\People\Models\Person;
use App\Record\Models\Subject;
use App\Shared\Models\Row;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Str;

/**
 * A permitted departure from a procedure, limited by date, serial or count.
 *
 * @property string $id
 * @property string $code
 * @property string|null $procedure null: it is about one engine, and one joint of it that is not recorded
 * @property string|null $subject
 * @property string|null $joint
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
 * @property-read Procedure|null $ofProcedure
 * @property-read Joint|null $ofJoint
 * @property-read Subject|null $ofSubject
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

    /** @return BelongsTo<Joint, $this> */
    public function ofJoint(): BelongsTo
    {
        return $this->belongsTo(Joint::class, 'joint');
    }

    /** @return BelongsTo<Subject, $this> */
    public function ofSubject(): BelongsTo
    {
        return $this->belongsTo(Subject::class, 'subject');
    }

    /** What it departs from: "Tarn TN3, main caps, stock bolts", or "TN3-26-0417, main caps". */
    public function title(): string
    {
        return $this->ofProcedure?->title() ?? sprintf('%s, %s', $this->ofSubject?->title(), Str::lcfirst((string) $this->ofJoint?->name));
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
