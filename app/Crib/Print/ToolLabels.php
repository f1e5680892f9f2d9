<?php

declare(strict_types=1);

namespace App\Crib\Print;

use App\Crib\Models\ToolRow;
use App\Crib\Queries\ToolBook;
use App\People\Shop;
use App\Shared\Print\Labels;
use App\Shared\Print\Pdf;
use App\Shared\Refused;

/** Labels to be stuck on tools: the number large, a code that a scanner reads, what the tool is for. */
final class ToolLabels
{
    /** Before the number of a tool, so that no scan of one can enter as a reading. */
    public const SCAN = '@T';

    private const IN_A_ROW = 3;

    /** @param  list<string>  $codes */
    public static function pdf(array $codes): string
    {
        return Pdf::of(self::html($codes));
    }

    /** @param  list<string>  $codes */
    public static function html(array $codes): string
    {
        Labels::count($codes, 'tools');
        $tools = ToolRow::query()->whereIn('code', $codes)->get()->sortBy('code', SORT_NATURAL)->values();
        $missing = array_values(array_diff($codes, $tools->pluck('code')->all()));
        if ($missing !== []) {
            throw Refused::field('tools', "There is no tool $missing[0].", $missing[0]);
        }
        $labels = array_values($tools->map(fn (ToolRow $t): array => ['code' => $t->code, 'lines' => [ToolBook::record($t)->range->typeset(), $t->name], 'scan' => self::SCAN.$t->code])->all());

        return Labels::html($labels, Shop::here()->name, self::IN_A_ROW);
    }
}
