<?php

declare(strict_types=1);

namespace App\Library\Models;

use App\Shared\Models\Row;
use Carbon\CarbonImmutable;

/**
 * A file of procedures that was looked at, and what became of it.
 *
 * @property string $id
 * @property string $person
 * @property string $name of the file
 * @property string $file_hash
 * @property string $state looked, queued, done or failed
 * @property string $report JSON
 * @property int $total procedures in it
 * @property int $done of them, so far
 * @property int $written of those done, as drafts
 * @property CarbonImmutable $looked_at
 */
final class Import extends Row
{
    protected $table = 'imports';

    /** @var array<string, string> */
    protected $casts = ['looked_at' => 'immutable_datetime'];

    public static function missing(): string
    {
        return 'There is no such import.';
    }
}
