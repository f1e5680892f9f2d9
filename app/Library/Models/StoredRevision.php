<?php

declare(strict_types=1);

namespace App\Library\Models;

use App\Shared\Models\Row;
use Carbon\CarbonImmutable;

/**
 * A revision's document as canonical bytes; never changed once stored.
 *
 * @property string $id
 * @property string $joint
 * @property string $letter
 * @property string $document
 * @property string $document_hash
 * @property string $author
 * @property CarbonImmutable $drafted_at
 */
final class StoredRevision extends Row
{
    protected $table = 'revisions';

    /** @var array<string, string> */
    protected $casts = ['drafted_at' => 'immutable_datetime'];

    public static function missing(): string
    {
        return 'There is no such revision.';
    }
}
