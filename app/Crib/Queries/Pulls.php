<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Crib\Models\CalibrationRow;
use App\Crib\Models\ToolRow;
use Illuminate\Support\Facades\DB;

/** How often a tool was pulled since its last calibration: by the record, and by what people said of its use elsewhere. The least it can have been. */
final class Pulls
{
    public static function since(ToolRow $tool): int
    {
        return self::ofAll([$tool])[$tool->id];
    }

    /**
     * @param  iterable<ToolRow>  $tools  with their calibrations
     * @return array<string, int> by id
     */
    public static function ofAll(iterable $tools): array
    {
        $pulls = [];
        foreach ($tools as $tool) {
            $from = $tool->calibrations->max(fn (CalibrationRow $c): string => $c->calibrated_on) ?? '1970-01-01';
            // Those whose pulls are not counted need no look at all.
            $counted = $tool->cycles === null ? 0 : DB::table('results')->where('tool', $tool->id)->where('taken_at', '>=', $from)->limit($tool->cycles)->count();
            $pulls[$tool->id] = $counted + $tool->elsewhere;
        }

        return $pulls;
    }
}
