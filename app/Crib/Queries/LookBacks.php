<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Crib\CaseCause;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Review\LookedBack;
use Tekkal\Core\Tool\Day;

/** What look-backs came to on one build, for its audit. */
final class LookBacks
{
    /**
     * @param  list<string>  $elsewhere  runs of other builds or subassemblies that answer for joints of this one
     * @return array<string, list<LookedBack>> by tool; a case that is still being judged says nothing yet, and one that a calibration has answered nothing any more
     */
    public static function of(string $build, array $elsewhere = []): array
    {
        $rows = DB::table('look_back_results AS r')->join('look_back_cases AS c', 'c.id', '=', 'r.case')->where(fn (Builder $q) => $q->where('r.subject', $build)->orWhereIn('r.run', $elsewhere))->whereNot('c.state', 'judging')->whereNull('c.answered_by')
            ->groupBy('c.id', 'c.number', 'c.tool', 'c.cause', 'c.since', 'c.until', 'r.subject')->orderBy('c.number')->selectRaw("c.id, r.subject, c.number, c.tool, c.cause, c.since, c.until, SUM(r.verdict = 'in') AS inside, SUM(r.verdict = 'in_doubt') AS doubtful, SUM(r.verdict = 'out') AS outside")->get();
        $back = [];
        foreach ($rows as $row) {
            $back[$row->tool][] = new LookedBack(
                (int) $row->number, CaseCause::from($row->cause)->words(), $row->since === null ? null : self::day($row->since), self::day($row->until),
                ['in' => (int) $row->inside, 'in_doubt' => (int) $row->doubtful, 'out' => (int) $row->outside], (new CaseDecisions($row->id, $row->subject))->words($row->subject),
            );
        }

        return $back;
    }

    private static function day(string $sql): Day
    {
        return ToolBook::day(CarbonImmutable::parse($sql, 'UTC'));
    }
}
