<?php

declare(strict_types=1);

namespace App\Record\Models;

use App\Shared\Models\Row;
use Carbon\CarbonImmutable;

/**
 * Something the record noticed about an entry, kept beside it.
 *
 * @property string $entry_id
 * @property string $kind
 * @property string|null $subject
 * @property string|null $step
 * @property string $sentence
 * @property CarbonImmutable $raised_at
 */
final class Finding extends Row
{
    protected $table = 'findings';

    protected $primaryKey = 'entry_id';

    /** @var array<string, string> */
    protected $casts = ['raised_at' => 'immutable_datetime'];
}
