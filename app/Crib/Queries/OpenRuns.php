<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Record\Models\Subject;
use Illuminate\Support\Facades\DB;

/** Runs that are not finished and in which a tool has given a result. */
final class OpenRuns
{
    /** @return list<string> the engines, in words */
    public static function with(string $tool): array
    {
        $subjects = DB::table('runs')->whereNull('finished_at')->whereExists(fn ($q) => $q->from('results')->whereColumn('results.run', 'runs.id')->where('results.tool', $tool))->pluck('subject');

        return array_values(Subject::query()->whereKey($subjects->unique()->all())->orderBy('serial')->get()->map(fn (Subject $s): string => $s->title())->all());
    }
}
