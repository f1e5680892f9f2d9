<?php

declare(strict_types=1);

namespace App\Library\Models;

use App\People\Models\Person;
use App\Shared\Models\Row;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What is being written of a procedure: saved as it stands, whole or not. Its version counts the savings.
 *
 * @property string $procedure
 * @property string $letter
 * @property string $document JSON
 * @property string $answers JSON: the author's answers to challenges, by the challenge's key
 * @property int $version
 * @property string $author
 * @property string $saved_by
 * @property CarbonImmutable $saved_at
 * @property string|null $based_on a revision
 * @property-read Person|null $saver
 */
final class WorkingDraft extends Row
{
    protected $table = 'drafts';

    protected $primaryKey = 'procedure';

    /** @return BelongsTo<Person, $this> */
    public function saver(): BelongsTo
    {
        return $this->belongsTo(Person::class, 'saved_by');
    }

    /** @var array<string, string> */
    protected $casts = ['saved_at' => 'immutable_datetime'];

    /** Held until the end of the transaction, so that nobody else saves it meanwhile. */
    public static function locked(string $procedure): ?self
    {
        $query = self::query();
        $query->getQuery()->lockForUpdate();

        return $query->find($procedure);
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        return (array) json_decode($this->document, true, flags: JSON_THROW_ON_ERROR);
    }

    /** @return array<string, string> */
    public function answers(): array
    {
        return (array) json_decode($this->answers, true, flags: JSON_THROW_ON_ERROR);
    }
}
