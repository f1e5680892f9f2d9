<?php

declare(strict_types=1);

namespace App\Builds\Models;

use App\Record\Models\Subject;
use App\Shared\Models\Row;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A joint of an engine that came back: opened, with what was found before; or left as it was in the build before, whose record answers for it.
 *
 * @property string $subject
 * @property string $joint
 * @property bool $opened
 * @property string $of the build before
 * @property string $found
 * @property list<array{at: string, value: string}> $movements torque at which a fastener first moved
 * @property string $person
 * @property CarbonImmutable $at
 * @property-read Subject|null $before
 */
final class ReturnedJoint extends Row
{
    protected $table = 'returned_joints';

    protected $primaryKey = 'subject';

    /** @var array<string, string> */
    protected $casts = ['opened' => 'boolean', 'movements' => 'array', 'at' => 'immutable_datetime'];

    /** @return BelongsTo<Subject, $this> */
    public function before(): BelongsTo
    {
        return $this->belongsTo(Subject::class, 'of');
    }
}
