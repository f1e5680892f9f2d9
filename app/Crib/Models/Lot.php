<?php

declare(strict_types=1);

namespace App\Crib\Models;

use App\Shared\Models\Row;

/**
 * A lot of fasteners or of something that is used up.
 *
 * @property string $id
 * @property string $number
 * @property string $kind
 * @property string $name
 * @property string $certificate
 * @property string $quantity
 * @property string $unit
 * @property string $received_on
 * @property string|null $expires_on
 * @property string $place
 * @property string $state open or closed
 */
final class Lot extends Row
{
    protected $table = 'lots';

    public static function missing(): string
    {
        return 'There is no such lot.';
    }
}
