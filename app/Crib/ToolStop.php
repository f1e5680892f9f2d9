<?php

declare(strict_types=1);

namespace App\Crib;

use App\Crib\Models\CalibrationRow;
use App\Crib\Models\ToolRow;
use App\Crib\Queries\ToolBook;
use App\People\Shop;
use App\Record\Contracts\Stoppable;
use App\Record\Contracts\StoppedThing;
use App\Record\StopWhat;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Call\StopOrder;
use Tekkal\Core\Run\AttemptStatus;
use Tekkal\Core\Tool\Day;

/** A tool, with what it did since it was last found or set right: of what lies before, that calibration has answered. */
final class ToolStop implements Stoppable
{
    public function what(): StopWhat
    {
        return StopWhat::Tool;
    }

    public function named(string $key): ?StoppedThing
    {
        $tool = ToolRow::query()->where('id', $key)->orWhere('code', strtoupper($key))->first();
        // A retired one, too: what it did before is what matters.
        if ($tool === null) {
            return null;
        }
        $last = self::last($tool->id);
        $since = $last === null ? 'Every engine on which it was used: it was never calibrated here.' : sprintf('Every engine on which it was used since its last good calibration, on %s.', Day::of($last)->words());

        return new StoppedThing($tool->id, sprintf('%s, %s', $tool->code, lcfirst($tool->name)), $tool->code, '/crib/tools/'.$tool->code, $since, StopOrder::TOOL, $tool->id);
    }

    public function runs(string $key): Builder
    {
        $last = self::last($key);
        $query = DB::table('results')->where('tool', $key)->where('status', AttemptStatus::Live->value)->distinct()->select('run as id');

        return $last === null ? $query : $query->where('taken_at', '>=', CarbonImmutable::parse($last, Shop::here()->timeZone)->utc()->format('Y-m-d H:i:s.u'));
    }

    /** The day of the last calibration that left it good, YYYY-MM-DD. */
    private static function last(string $tool): ?string
    {
        return CalibrationRow::query()->where('tool', $tool)->where('conforms', true)->where('calibrated_on', '<=', ToolBook::day(now()->toImmutable())->date)->max('calibrated_on');
    }
}
