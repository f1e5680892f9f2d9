<?php

declare(strict_types=1);

namespace App\Library\Models;

use App\Shared\Models\Row;

/**
 * A part of a family whose hardware differs, by serial or year.
 *
 * @property string $id
 * @property string $family
 * @property string $name
 * @property string $serials_from
 * @property string $serials_to
 * @property string $years_from
 * @property string $years_to
 * @property string $note
 */
final class Variant extends Row
{
    protected $table = 'variants';
}
