<?php

declare(strict_types=1);

namespace App\Record\Queries;

use App\Record\Models\Run;
use App\Record\Models\Subject;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Where the metal is now that a run tightened: in the engine at which it was worked, with a subassembly that came off it, or in the engine into which that was fitted. */
final class Whereabouts
{
    /** @return Builder runs, each with its joint and the subject that has that metal now */
    public static function ofRuns(): Builder
    {
        return DB::table('runs')
            ->leftJoin('fittings as around', fn ($join) => $join->whereRaw('around.subassembly = COALESCE(runs.went_with, runs.subject)')->whereNull('around.removed_at')->where('around.passed_on', false))
            ->selectRaw('COALESCE(around.engine, runs.went_with, runs.subject) AS subject, runs.joint');
    }

    /**
     * Said of those whose metal is not where it was worked.
     *
     * @param  array<array-key, mixed>  $subjects
     * @return array<string, string> by subject: "in TN3-26-0399", "what went with Head HD-0012 is in TN3-26-0399"
     */
    public static function words(array $subjects): array
    {
        $around = array_map(fn (Subject $s): string => 'in '.$s->title(), Fitted::around($subjects));
        $went = Run::query()->whereIn('subject', $subjects)->whereNotNull('went_with')->get(['subject', 'went_with'])->unique(fn (Run $r): string => "$r->subject/$r->went_with");
        $parts = Subject::query()->findMany($went->pluck('went_with')->all())->keyBy('id');
        $now = Fitted::around($parts->keys()->all());
        foreach ($went as $run) {
            $where = isset($now[$run->went_with]) ? ', in '.$now[$run->went_with]->title() : '';
            $around[$run->subject] = trim(($around[$run->subject] ?? '').'; '.sprintf('part of it went with %s%s', $parts->get($run->went_with)?->title(), $where), '; ');
        }

        return $around;
    }
}
