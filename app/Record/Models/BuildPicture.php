<?php

declare(strict_types=1);

namespace App\Record\Models;

use App\People\Models\Person;
use App\Shared\Models\Row;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A picture of an engine, kept by the hash of its bytes.
 *
 * @property string $entry_id
 * @property string $subject
 * @property string $hash
 * @property string $type
 * @property int $bytes
 * @property string $shows what is to be seen on it
 * @property string $person
 * @property CarbonImmutable $at
 * @property CarbonImmutable|null $removed_at
 * @property-read Person|null $by
 */
final class BuildPicture extends Row
{
    protected $table = 'build_pictures';

    protected $primaryKey = 'entry_id';

    /** @var array<string, string> */
    protected $casts = ['at' => 'immutable_datetime', 'removed_at' => 'immutable_datetime'];

    /** @return BelongsTo<Person, $this> */
    public function by(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'person');
    }

    public static function missing(): string
    {
        return 'There is no such picture.';
    }
}
