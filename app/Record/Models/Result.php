<?php

declare(strict_types=1);

namespace App\Record\Models;

use App\Shared\Models\Row;

/**
 * One attempt judged, for searching across builds. It proves nothing: the ledger does.
 *
 * @property string $entry_id
 * @property string $run
 * @property string|null $value
 * @property string $step
 * @property string $status
 */
final class Result extends Row
{
    protected $table = 'results';

    protected $primaryKey = 'entry_id';
}
