<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Crib\Models\ToolRow;
use App\Ledger\Entry;
use App\Shared\Models\Row;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Tool\GaugeSpread;
use Tekkal\Core\Tool\GaugeStudy;
use Tekkal\Core\Tool\Permissible;

/** Gauge studies as they come to by both usual methods. */
final class GaugeStudies
{
    /** Below this share of the total spread a gauge is good, above the other it is not (AIAG, from memory). */
    private const GOOD = 10.0;

    private const POOR = 30.0;

    /** @return list<array<string, mixed>> of a tool, the newest first, out of the record itself */
    public static function of(ToolRow $tool): array
    {
        $rows = DB::table('ledger_entries')->where('stream', ToolRow::stream($tool->id))->where('type', 'gauge_studied')->orderByDesc('seq')->get(['body', 'leaf_hash']);

        return array_values($rows->map(function (object $row): array {
            $entry = Entry::fromBytes($row->body, $row->leaf_hash);
            $readings = array_map(fn (mixed $trials): array => array_map(fn (mixed $parts): array => array_map(fn (mixed $v): float => (float) $v, (array) $parts), (array) $trials), (array) data_get($entry->body, 'data.readings'));

            return ['at' => Row::zulu($entry->receivedAt()->format('Y-m-d H:i:s'))] + self::look($readings, $entry->optional('data.window'));
        })->all());
    }

    /**
     * @param  array<array-key, mixed>  $readings  by appraiser, trial and part
     * @return array<string, mixed>
     */
    public static function look(array $readings, ?string $window): array
    {
        /** @var list<list<list<float>>> $readings */
        $study = new GaugeStudy($readings);
        $width = $window === null || $window === '' ? null : Permissible::of($window);
        $spread = fn (GaugeSpread $s): array => [
            'repeatability' => $s->equipment, 'reproducibility' => $s->appraiser, 'gauge' => $s->gauge(), 'parts' => $s->part, 'total' => $s->total(), 'percent' => $s->percentOfTotal(),
            'percent_of_window' => $width?->amount === null ? null : $s->percentOf((float) $width->amount->decimal()), 'distinct' => min(99, $s->distinct()),
        ];
        $share = $study->byVariance()->percentOfTotal();

        return [
            'says' => match (true) {
                $share <= self::GOOD => sprintf('The gauge is good: %.0f %% of the spread is its own.', $share),
                $share <= self::POOR => sprintf('The gauge may do, by what it is used for: %.0f %% of the spread is its own.', $share),
                default => sprintf('The gauge is not good enough: %.0f %% of the spread is its own.', $share),
            },
            'by_range' => $spread($study->byRange()), 'by_variance' => $spread($study->byVariance()), 'window' => $width?->typeset(),
            'note' => sprintf('Good up to %.0f %%, not good above %.0f %% of the total spread: AIAG, Measurement Systems Analysis, from memory.', self::GOOD, self::POOR),
        ];
    }
}
