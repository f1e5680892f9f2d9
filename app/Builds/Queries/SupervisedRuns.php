<?php

declare(strict_types=1);

namespace App\Builds\Queries;

use App\Builds\ProgressProjector;
use App\People\Contracts\SupervisedBuilds;
use App\People\Models\Skill;
use App\Record\Models\Subject;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Runs that somebody finished under a supervisor: each engine counts once for a method. */
final class SupervisedRuns implements SupervisedBuilds
{
    public function of(array $learning): array
    {
        if ($learning === []) {
            return [];
        }
        $rows = DB::table(ProgressProjector::TABLE)->join('runs', 'runs.id', '=', 'run_progress.run')->join('subjects', 'subjects.id', '=', 'runs.subject')->join('families', 'families.id', '=', 'subjects.family')
            ->whereNotNull('run_progress.supervised')->whereIn('runs.person', array_map(fn (Skill $s): string => $s->person, $learning))->orderBy('runs.finished_at')
            ->get(['runs.person', 'runs.finished_at', 'families.code', 'run_progress.supervised', 'subjects.serial', 'subjects.build_number', 'subjects.subassembly']);
        $done = [];
        foreach ($learning as $skill) {
            $its = $rows->filter(fn (stdClass $r): bool => $r->person === $skill->person && $r->code === $skill->family && in_array($skill->method->value, explode(',', $r->supervised), true) && $r->finished_at >= $skill->signed_at->format('Y-m-d H:i:s.u'));
            $done[$skill->id] = array_values(array_unique($its->map(fn (stdClass $r): string => Subject::titled($r->serial, (int) $r->build_number, $r->subassembly))->all()));
        }

        return $done;
    }
}
