<?php

declare(strict_types=1);

namespace App\Builds\Queries;

use App\Library\Models\Family;
use App\Library\Models\Variant;
use Tekkal\Core\Schedule\SerialSpan;

/** Which variant an engine is, as the library's serial spans say it. */
final class VariantOfSerial
{
    /** Empty where no span holds it, or several do: then somebody says it. */
    public static function of(string $serial, Family $family): string
    {
        $in = $family->loadMissing('variants')->variants->filter(fn (Variant $v): bool => (new SerialSpan($v->serials_from, $v->serials_to))->contains($serial));

        return $in->count() === 1 ? $in->firstOrFail()->name : '';
    }
}
