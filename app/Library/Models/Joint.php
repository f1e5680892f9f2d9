<?php

declare(strict_types=1);

namespace App\Library\Models;

use App\Shared\Models\Row;

/**
 * One clamped assembly of a family.
 *
 * @property string $id
 * @property string $family
 * @property string $name
 * @property int $assembly_order
 */
final class Joint extends Row
{
    protected $table = 'joints';
}
