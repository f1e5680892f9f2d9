<?php

declare(strict_types=1);

namespace App\Bench\Models;

use App\People\Models\Person;
use App\Record\Models\Subject;
use App\Shared\Models\Row;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A value that somebody at a bench asked for instead of guessing it.
 *
 * @property string $id
 * @property string $subject
 * @property string $says what is to be tightened
 * @property string $person
 * @property string $device
 * @property CarbonImmutable $asked_at
 * @property string|null $answer
 * @property string|null $answered_by
 * @property CarbonImmutable|null $answered_at
 * @property-read Person|null $asker
 * @property-read Subject|null $of the engine
 */
final class AskedValue extends Row
{
    protected $table = 'asked_values';

    /** @var array<string, string> */
    protected $casts = ['asked_at' => 'immutable_datetime', 'answered_at' => 'immutable_datetime'];

    /** @return BelongsTo<Person, $this> */
    public function asker(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'person');
    }

    /** @return BelongsTo<Subject, $this> */
    public function of(): BelongsTo
    {
        return $this->belongsTo(Subject::class, 'subject');
    }
}
