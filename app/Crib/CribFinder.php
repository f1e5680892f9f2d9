<?php

declare(strict_types=1);

namespace App\Crib;

use App\Crib\Models\ToolRow;
use App\People\Ability;
use App\Shared\Contracts\Findable;
use App\Shared\Contracts\Found;
use Illuminate\Support\Facades\Gate;

/** Finds tools by number, name, kind or the place where they hang; "tool" by itself finds what there is. */
final class CribFinder implements Findable
{
    private const MOST = 12;

    public function find(string $text): array
    {
        if (Gate::denies(Ability::ReadCrib->value)) {
            return [];
        }
        $words = preg_split('/\s+/u', mb_strtolower($text), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        // A crib holds hundreds of tools, and their numbers are of another alphabet than what may be typed here.
        $tools = ToolRow::query()->whereNot('state', ToolState::Retired->value)->get()->sortBy('code', SORT_NATURAL)
            ->filter(fn (ToolRow $t): bool => self::has(mb_strtolower(implode(' ', ['tool', $t->code, $t->name, strtr($t->form, '_', ' '), $t->place])), $words));

        return array_values($tools->take(self::MOST)->map(fn (ToolRow $t): Found => new Found('tool', $t->code, $t->name, '/crib/tools/'.$t->code))->all());
    }

    /** @param  list<string>  $words */
    private static function has(string $text, array $words): bool
    {
        return array_filter($words, fn (string $word): bool => ! str_contains($text, $word)) === [];
    }
}
