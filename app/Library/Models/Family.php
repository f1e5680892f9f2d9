<?php

declare(strict_types=1);

namespace App\Library\Models;

use App\Shared\Models\Row;

/**
 * Engines that share joints.
 *
 * @property string $id
 * @property string $code the letters before the first hyphen of its serials
 * @property string $name
 * @property string $description
 */
final class Family extends Row
{
    protected $table = 'families';
}
