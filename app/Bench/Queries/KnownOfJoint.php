<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\Models\Card;
use App\Library\Models\Procedure;
use App\Library\Queries\Procedures;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use stdClass;
use Tekkal\Core\Call\Known;
use Tekkal\Core\Call\StepTimes;

/** What the shop knows of a joint beside one of its procedures: stamps of its hardware and of the other, how long rounds took before. */
final class KnownOfJoint
{
    /** Runs from which times are taken, the newest. */
    private const RUNS = 5;

    public static function of(string $joint, string $revision): Known
    {
        $own = self::stamps($revision);
        $others = [];
        $options = Procedure::query()->where('joint', $joint)->pluck('option', 'id');
        foreach (Procedures::allInForce($joint, now()->toImmutable()) as $status) {
            if ($status->revision !== $revision) {
                $others += array_fill_keys(array_values(self::stamps($status->revision)), (string) $options->get($status->procedure));
            }
        }

        return new Known($own, array_diff_key($others, array_flip($own)), self::seconds($joint));
    }

    /** @return array<string, string> by fastener type */
    private static function stamps(string $revision): array
    {
        $stamps = [];
        foreach ((array) data_get(Procedures::document($revision), 'fasteners') as $type) {
            if (is_string($key = data_get($type, 'key')) && is_string($marking = data_get($type, 'marking'))) {
                $stamps[$key] = $marking;
            }
        }

        return $stamps;
    }

    /** @return array<string, int> */
    private static function seconds(string $joint): array
    {
        // How long a card takes to be typed in says nothing of the work.
        $runs = DB::table('runs')->where('joint', $joint)->whereNotNull('finished_at')->whereNotIn('id', Card::typedIn())->orderByDesc('finished_at')->limit(self::RUNS)->pluck('id');
        $results = DB::table('results')->whereIn('run', $runs)->where('stage_kind', '!=', 'check')->orderBy('run')->orderBy('taken_at')->get(['run', 'stage', 'taken_at']);

        return StepTimes::of($results->map(fn (stdClass $r): array => ['run' => $r->run, 'stage' => $r->stage, 'at' => CarbonImmutable::parse($r->taken_at, 'UTC')->getPreciseTimestamp(3) / 1000])->all());
    }
}
