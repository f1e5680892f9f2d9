<?php

declare(strict_types=1);

namespace App\Crib\Models;

use App\Shared\Models\Row;

/**
 * A tool on the shadow board.
 *
 * @property string $id
 * @property string $code
 * @property string $name
 * @property string $kind
 * @property string $unit
 * @property string $lowest
 * @property string $highest
 * @property string $resolution
 */
final class ToolRow extends Row
{
    protected $table = 'tools';
}
