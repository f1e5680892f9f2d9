<?php

declare(strict_types=1);

namespace App\Crib\Print;

use App\Crib\Models\ToolRow;
use App\Crib\Queries\ToolBook;
use App\People\Shop;
use App\Shared\Print\Pdf;
use App\Shared\Print\QrCode;
use App\Shared\Refused;

/** Labels to be stuck on tools: the number large, a code that a scanner reads, what the tool is for. */
final class ToolLabels
{
    /** Before the number of a tool, so that no scan of one can enter as a reading. */
    public const SCAN = '@T';

    private const IN_A_ROW = 3;

    private const MOST = 300;

    /** @param  list<string>  $codes */
    public static function pdf(array $codes): string
    {
        return Pdf::of(self::html($codes));
    }

    /** @param  list<string>  $codes */
    public static function html(array $codes): string
    {
        if ($codes === [] || count($codes) > self::MOST) {
            throw Refused::field('tools', sprintf('Choose 1 to %d tools; these are %d.', self::MOST, count($codes)), (string) count($codes));
        }
        $tools = ToolRow::query()->whereIn('code', $codes)->get()->sortBy('code', SORT_NATURAL)->values();
        $missing = array_values(array_diff($codes, $tools->pluck('code')->all()));
        if ($missing !== []) {
            throw Refused::field('tools', "There is no tool $missing[0].", $missing[0]);
        }
        $labels = $tools->map(fn (ToolRow $t): array => ['code' => $t->code, 'name' => $t->name, 'range' => ToolBook::record($t)->range->typeset(), 'qr' => QrCode::of(self::SCAN.$t->code)])->all();

        return view('tool-labels', ['shop' => Shop::here()->name, 'rows' => array_chunk($labels, self::IN_A_ROW), 'in_a_row' => self::IN_A_ROW])->render();
    }
}
