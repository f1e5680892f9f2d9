<?php

declare(strict_types=1);

namespace App\Library\Queries;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;
use Tekkal\Core\Unit\QuantityParser;
use Tekkal\Core\Unit\Understood;
use Tekkal\Core\Unit\Written;

/** The library as a list: by place, narrowed by words that stand on a sheet or by a value that it asks for. */
final class ProcedureList
{
    public const PAGE = 60;

    /** A value asked for is found where it is printed in another unit, rounded: within half a last digit, and this share. */
    private const NEAR = 0.004;

    /**
     * @param  array{find?: string|null, family?: string|null, state?: string|null, page?: int|null}  $wanted
     * @return string JSON: procedures, total, page, pages, asked
     */
    public static function json(array $wanted): string
    {
        $query = DB::table('procedure_faces');
        if (($wanted['family'] ?? '') !== '') {
            $query->where('family', $wanted['family']);
        }
        self::inState($query, $wanted['state'] ?? '');
        $page = max(1, (int) ($wanted['page'] ?? 1));
        $words = mb_strtolower(trim($wanted['find'] ?? ''));
        $value = self::value($words);
        $asking = $value === null ? null : self::asksFor(clone $query, $value);
        $total = $asking?->count() ?? 0;
        if ($asking !== null && $total > 0) {
            $query = $asking->offset(($page - 1) * self::PAGE)->limit(self::PAGE);
        } elseif ($words === '') {
            $total = $query->count();
            $query->offset(($page - 1) * self::PAGE)->limit(self::PAGE);
        } else {
            $found = $value === null ? self::saying($query, $words) : self::printing($query, $value);
            $total = count($found);
            $value = $total > 0 ? null : $value;
            $query = DB::table('procedure_faces')->whereIn('procedure', array_slice($found, ($page - 1) * self::PAGE, self::PAGE));
        }
        $rows = $query->orderBy('place')->orderBy('procedure')->get();

        $head = self::encoded(['total' => $total, 'page' => $page, 'pages' => (int) ceil(max(1, $total) / self::PAGE), 'asked' => $value?->typeset()]);

        return substr($head, 0, -1).',"procedures":['.$rows->map(self::row(...))->implode(',').']}';
    }

    /** A row as JSON; its card, which has the drawing, is JSON already and is passed on as it stands. */
    private static function row(stdClass $face): string
    {
        $head = self::encoded([
            'id' => $face->procedure, 'revision' => $face->revision, 'state' => $face->state, 'letter' => $face->letter, 'ahead' => $face->ahead,
            'missing' => (bool) $face->missing, 'conflicts' => (int) $face->conflicts, 'line' => $face->line,
        ]);

        return substr($head, 0, -1).','.substr($face->card, 1);
    }

    /** @param  array<string, mixed>  $facts */
    private static function encoded(array $facts): string
    {
        return json_encode($facts, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    private static function value(string $text): ?Written
    {
        $read = QuantityParser::parse($text);

        return $read instanceof Understood ? $read->value : null;
    }

    private static function asksFor(Builder $query, Written $value): Builder
    {
        $base = $value->quantity()->inBase()->toFloat();
        $decimals = str_contains($value->digits, '.') ? strlen($value->digits) - strpos($value->digits, '.') - 1 : 0;
        $near = max($base * self::NEAR, 0.5 * 10 ** -$decimals * $value->unit->factor()->toFloat());

        return $query->whereIn('procedure', DB::table('target_index')->select('procedure')
            ->where('quantity', $value->unit->kind()->value)->whereBetween('base_value', [$base - $near, $base + $near]));
    }

    /**
     * Every sheet that says it, in the list's order, in one pass over the words. As it is typed first, which compares
     * bytes and is quick; only where nothing is found, with accents aside. "FW 10.9" is one marking where a head
     * carries it, and two words where none does.
     *
     * @return list<string>
     */
    private static function saying(Builder $query, string $words): array
    {
        $each = preg_split('/\s+/', $words) ?: [];
        foreach (['cast(words as binary) like ?', 'words like ?'] as $how) {
            foreach (count($each) > 1 ? [[$words], $each] : [[$words]] as $wanted) {
                $asked = clone $query;
                foreach ($wanted as $word) {
                    $asked->whereRaw($how, ['%'.addcslashes($word, '%_\\').'%']);
                }
                $found = self::ids($asked);
                if ($found !== []) {
                    return $found;
                }
            }
        }

        return self::writtenOtherwise($query, $words);
    }

    /**
     * As it is said, however it is set: "M10x1.5" is M10 × 1.5, "LR38" is LR 38.
     *
     * @return list<string>
     */
    private static function writtenOtherwise(Builder $query, string $words): array
    {
        $folded = (string) preg_replace('/[\s\x{A0}\x{2009}\x{202F}]+/u', '', strtr($words, ['×' => 'x', '·' => '.', '−' => '-']));

        return self::ids((clone $query)->whereRaw("replace(replace(replace(replace(words, ' ', ''), '×', 'x'), '·', '.'), '−', '-') like ?", ['%'.addcslashes($folded, '%_\\').'%']));
    }

    /**
     * A value that no target asks for may stand on a sheet all the same: as a limit, a ceiling, a size.
     *
     * @return list<string>
     */
    private static function printing(Builder $query, Written $value): array
    {
        [$digits, $unit] = explode("\u{A0}", $value->typeset()) + [1 => ''];

        return self::ids((clone $query)->whereRaw('words regexp ?', ['(^|[^0-9a-z.])'.preg_quote($digits).'([^0-9.]|[.][^0-9]|$)'])->whereRaw('words like ?', ['%'.addcslashes(mb_strtolower($unit), '%_\\').'%']));
    }

    /** @return list<string> in the list's order */
    private static function ids(Builder $query): array
    {
        return array_map(strval(...), array_values($query->orderBy('place')->orderBy('procedure')->pluck('procedure')->all()));
    }

    private static function inState(Builder $query, string $state): void
    {
        match ($state) {
            '' => null,
            'missing' => $query->where('missing', true),
            'in_conflict' => $query->where('conflicts', '>', 0),
            'draft', 'in_review' => $query->where(fn (Builder $q) => $q->where('state', $state)->orWhere('ahead', $state)),
            default => $query->where('state', $state),
        };
    }
}
