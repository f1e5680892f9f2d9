<?php

declare(strict_types=1);

namespace App\Builds\Queries;

use App\Record\Models\Subject;
use App\Record\Queries\Lineage;

/** The build of the same engine before this one, whatever number it bore. */
final class EarlierBuild
{
    public static function of(Subject $subject): ?Subject
    {
        // Most engines are here for the first time.
        return $subject->build_number === 1 ? null : Lineage::builds([$subject->serial])->last(fn (Subject $s): bool => $s->build_number < $subject->build_number && $s->family === $subject->family);
    }
}
