<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Crib\CaseDecision;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Review\LookedBack;

/** What look-backs came to on one build, for its audit. */
final class LookBacks
{
    /** @return array<string, array<string, LookedBack>> by tool and calibration; a case that is still being judged says nothing yet */
    public static function of(string $build): array
    {
        $rows = DB::table('look_back_results AS r')->join('look_back_cases AS c', 'c.id', '=', 'r.case')->where('r.subject', $build)->whereNotNull('c.calibration')->whereNot('c.state', 'judging')
            ->groupBy('c.id', 'c.number', 'c.tool', 'c.calibration')->selectRaw("c.id, c.number, c.tool, c.calibration, SUM(r.verdict = 'in') AS inside, SUM(r.verdict = 'in_doubt') AS doubtful, SUM(r.verdict = 'out') AS outside")->get();
        $back = [];
        foreach ($rows as $row) {
            $decision = DB::table('look_back_decisions')->where('case', $row->id)->where('subject', $build)->orderByDesc('at')->orderByDesc('entry_id')->value('decision');
            $back[$row->tool][$row->calibration] = new LookedBack((int) $row->number, (int) $row->inside, (int) $row->doubtful, (int) $row->outside, is_string($decision) ? CaseDecision::from($decision)->words() : null);
        }

        return $back;
    }
}
