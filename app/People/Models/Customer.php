<?php

declare(strict_types=1);

namespace App\People\Models;

use App\Shared\Models\Row;

/**
 * @property string $id
 * @property string $name
 */
final class Customer extends Row
{
    /** What stands where a name was erased. */
    public const BLANKED = 'name blanked';

    protected $table = 'customers';
}
