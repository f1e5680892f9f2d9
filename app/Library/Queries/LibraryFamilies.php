<?php

declare(strict_types=1);

namespace App\Library\Queries;

use App\Library\Models\Family;
use App\People\Contracts\FamilyNames;

/** The families as skills name them. */
final class LibraryFamilies implements FamilyNames
{
    public function all(): array
    {
        return array_map(strval(...), Family::query()->orderBy('code')->pluck('name', 'code')->all());
    }
}
