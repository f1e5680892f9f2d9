<?php

declare(strict_types=1);

namespace App\Library\Models;

use App\Shared\Models\Row;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Engines that share joints.
 *
 * @property string $id
 * @property string $code the letters before the first hyphen of its serials
 * @property string $name
 * @property string $description
 * @property-read Collection<int, Joint> $joints
 * @property-read Collection<int, Variant> $variants
 */
final class Family extends Row
{
    protected $table = 'families';

    /** @return HasMany<Joint, $this> */
    public function joints(): HasMany
    {
        return $this->hasMany(Joint::class, 'family');
    }

    /** @return HasMany<Variant, $this> */
    public function variants(): HasMany
    {
        return $this->hasMany(Variant::class, 'family');
    }
}
