<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\RunContext;
use App\Builds\Models\Assignment;
use App\Record\Models\Run;
use App\Record\Models\Subject;
use App\Record\Queries\Lineage;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Run\Brought;
use Tekkal\Core\Run\Thing;

/** Fasteners and threads with the tightenings that they had in earlier builds of the same engine, or in this one before the joint was opened again. What a core brings from elsewhere nobody knows. */
final class BroughtAlong
{
    /** @return list<Thing> */
    public static function to(Subject $subject, Assignment $job, Plan $plan): array
    {
        $last = self::inThis($subject, $job) ?? self::inEarlier($subject, $job);

        return $last === null ? [] : Brought::from(RunContext::get($last->id)->fold->state, $plan, $last->option === $job->option);
    }

    private static function inThis(Subject $subject, Assignment $job): ?Run
    {
        return Run::query()->where('subject', $subject->id)->where('joint', $job->joint)->whereNotNull('opened_at')->orderByDesc('opened_at')->first();
    }

    private static function inEarlier(Subject $subject, Assignment $job): ?Run
    {
        if ($subject->build_number === 1) {
            return null;
        }
        $earlier = Lineage::builds([$subject->serial])->filter(fn (Subject $s): bool => $s->build_number < $subject->build_number)->modelKeys();

        return Run::query()->whereIn('subject', $earlier)->where('joint', $job->joint)->whereNotNull('finished_at')->orderByDesc('finished_at')->first();
    }
}
