<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Builds\Models\Assignment;
use App\Builds\RunFolds;
use App\Library\Queries\Procedures;
use App\People\Models\Person;
use App\Record\BuildState;
use App\Record\Models\Run;
use App\Record\Models\Subject;
use Carbon\CarbonImmutable;
use Tekkal\Core\Call\Leaving;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\RunPhase;

/** How long the first jobs on a hook take, where they can be left, and what was said when one was. Each of them is folded, so a hook does not wait for it. */
final class JobTimes
{
    /** So many have a number of one digit. */
    private const MOST = 9;

    /** @return array{shift: array{ends: string, minutes: int}|null, jobs: list<array<string, mixed>>} */
    public function of(Person $person, CarbonImmutable $now): array
    {
        $shift = ShiftEnd::after($now);

        return [
            'shift' => $shift === null ? null : ['ends' => $shift->at, 'minutes' => intdiv($shift->seconds, 60)],
            'jobs' => array_map(fn (array $job): array => $this->job($job[0], $job[1], $shift), $this->jobs($person)),
        ];
    }

    /** @return list<array{Assignment, Run|null}> in the order in which they hang there */
    private function jobs(Person $person): array
    {
        $open = Subject::query()->where('state', BuildState::Open->value)->select('id');
        $runs = Run::query();
        $runs->getQuery()->whereIn('subject', $open->toBase())->whereNull('finished_at')->where('person', $person->id);
        $runs = $runs->get()->keyBy('assignment');
        $jobs = Assignment::query()->where('taken_back_at', null);
        $jobs->getQuery()->whereIn('subject', $open->toBase())->where(fn ($q) => $q->whereIn('id', $runs->keys())->orWhere(fn ($q) => $q->where('person', $person->id)->whereNull('begun_at')))->orderBy('given_at')->limit(self::MOST);

        return array_values($jobs->get()->map(fn (Assignment $job): array => [$job, $runs->get($job->id)])->all());
    }

    /** @return array<string, mixed> */
    private function job(Assignment $job, ?Run $run, ?ShiftEnd $shift): array
    {
        $plan = Procedures::plan($job->plan_hash);
        $fold = $run === null ? new RunFold($plan) : RunFolds::folded($run->id, $plan);

        return [
            'assignment' => $job->id,
            'time' => (new Leaving($fold, KnownOfJoint::of($job->joint, $job->revision)))->onCard($shift?->seconds),
            'left' => $run !== null && $fold->state->run()->is === RunPhase::Parked ? LeftRun::of($run->id) : null,
        ];
    }
}
