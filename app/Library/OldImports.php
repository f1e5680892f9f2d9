<?php

declare(strict_types=1);

namespace App\Library;

use App\Library\Models\Import;
use App\Shared\Contracts\Tidies;

/** Files that were looked at, and what was seen in them; what was written of them is recorded. */
final class OldImports implements Tidies
{
    public function tidy(): void
    {
        Import::query()->where('looked_at', '<', now()->subDays((int) config('keeping.import_days')))->where('state', '<>', 'queued')->delete();
        Papers::keepImportsOnly(array_values(Import::query()->pluck('file_hash')->all()));
    }
}
