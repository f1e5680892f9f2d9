<?php

declare(strict_types=1);

namespace App\Crib;

use App\Crib\Models\ToolRow;
use App\People\Ability;
use App\Shared\Contracts\Findable;
use App\Shared\Contracts\Found;
use Illuminate\Support\Facades\Gate;

/** Finds tools by code or name. */
final class CribFinder implements Findable
{
    public function find(string $text): array
    {
        if (Gate::denies(Ability::ReadCrib->value)) {
            return [];
        }

        return array_values(ToolRow::query()->where('code', 'like', '%'.addcslashes($text, '%_\\').'%')->get()
            ->map(fn (ToolRow $t): Found => new Found('tool', $t->code, $t->name, '/crib/tools/'.$t->code))->all());
    }
}
