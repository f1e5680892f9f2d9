<?php

declare(strict_types=1);

namespace App\Crib\Models;

use App\Shared\Models\Row;

/**
 * What tools are calibrated against, with its present certificate.
 *
 * @property string $id
 * @property string $code
 * @property string $name
 * @property string $measures
 * @property string $uncertainty expanded, k = 2: "0.4 %" or "0.0002 mm"
 * @property string $certificate
 * @property string $laboratory
 * @property string $valid_from
 * @property string $valid_until
 * @property string|null $doubted_since since when it was wrong, where it was
 * @property string $entry_id
 */
final class ReferenceStandard extends Row
{
    protected $table = 'reference_standards';

    public static function missing(): string
    {
        return 'There is no such reference standard.';
    }
}
