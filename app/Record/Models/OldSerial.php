<?php

declare(strict_types=1);

namespace App\Record\Models;

use App\Shared\Models\Row;

/**
 * A number that an engine bore before, or bears beside its own.
 *
 * @property string $subject
 * @property string $serial
 * @property string $why
 */
final class OldSerial extends Row
{
    protected $table = 'old_serials';

    protected $primaryKey = 'subject';
}
