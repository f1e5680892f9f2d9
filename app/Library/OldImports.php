<?php

declare(strict_types=1);

namespace App\Library;

use App\Library\Models\Import;
use App\Shared\Contracts\Tidies;
use Illuminate\Support\Facades\Storage;

/** Files that were looked at, and what was seen in them; what was written of them is recorded. */
final class OldImports implements Tidies
{
    public function tidy(): void
    {
        Import::query()->where('looked_at', '<', now()->subDays((int) config('keeping.import_days')))->where('state', '<>', 'queued')->delete();
        $wanted = Import::query()->pluck('file_hash')->flip();
        foreach (Storage::disk('local')->files('imports') as $file) {
            if (! $wanted->has(basename($file))) {
                Storage::disk('local')->delete($file);
            }
        }
    }
}
