<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Crib\Models\LookBackCase;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;
use Tekkal\Core\Run\AttemptStatus;

/** The results that a case is about: taken or received in the doubtful time, and standing. Read by key, a piece at a time. */
final class DoubtfulResults
{
    /** Taken so long before the doubtful time, and received in it: longer than that no bench keeps a reading. */
    private const LATE_DAYS = 400;

    /** @return list<stdClass> */
    public static function after(LookBackCase $case, int $most): array
    {
        $query = self::unjudged($case);
        if ($case->cursor !== null && $case->cursor_at !== null) {
            [$result, $step] = explode(' ', $case->cursor, 2);
            // The day alone, too: of three values together the database makes no range.
            $query->where('taken_at', '>=', self::sql($case->cursor_at))->whereRaw('(taken_at, entry_id, step) > (?, ?, ?)', [self::sql($case->cursor_at), $result, $step]);
        }

        return array_values($query->orderBy('taken_at')->orderBy('entry_id')->orderBy('step')->limit($most)
            ->get(['entry_id', 'step', 'run', 'subject', 'joint', 'stage', 'position', 'value', 'setting', 'low', 'high', 'risk_class', 'evidence', 'taken_at'])->all());
    }

    /** What has come in since the case was judged, though it belongs into it. */
    public static function late(LookBackCase $case): int
    {
        return self::unjudged($case)->where('received_at', '>=', self::sql($case->judged_until ?? $case->opened_at))->count();
    }

    private static function unjudged(LookBackCase $case): Builder
    {
        return self::of($case)->whereNotExists(fn (Builder $q) => $q->from('look_back_results AS l')->where('l.case', $case->id)->whereColumn('l.result', 'results.entry_id')->whereColumn('l.step', 'results.step'));
    }

    public static function of(LookBackCase $case): Builder
    {
        $until = self::sql($case->until);
        $query = DB::table('results')->where('tool', $case->tool)->where('status', AttemptStatus::Live->value);
        if ($case->since === null) {
            return $query->where('taken_at', '<=', $until);
        }
        $since = self::sql($case->since);

        return $query->where('taken_at', '>', self::sql($case->since->subDays(self::LATE_DAYS)))
            ->where(fn (Builder $q) => $q->where(fn (Builder $t) => $t->where('taken_at', '>=', $since)->where('taken_at', '<=', $until))
                ->orWhere(fn (Builder $r) => $r->where('received_at', '>=', $since)->where('received_at', '<=', $until)->where('taken_at', '<', $since)));
    }

    private static function sql(CarbonImmutable $at): string
    {
        return $at->format('Y-m-d H:i:s.u');
    }
}
