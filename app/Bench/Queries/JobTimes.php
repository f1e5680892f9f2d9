<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Builds\Models\Assignment;
use App\Builds\Queries\Learnt;
use App\Builds\Queries\LeftRun;
use App\Builds\RunFolds;
use App\Library\Queries\Procedures;
use App\People\Models\Person;
use App\Shared\Refused;
use Carbon\CarbonImmutable;
use Tekkal\Core\Call\Leaving;
use Tekkal\Core\Run\RunFold;

/** How long the first jobs on a hook take, where they can be left, and what was said when one was. Each of them is folded, so a hook does not wait for it. */
final readonly class JobTimes
{
    /** So many have a number of one digit. */
    private const MOST = 9;

    public function __construct(private JobHook $hook)
    {
    }

    /** @return array{shift: array{ends: string, left: string}|null, jobs: list<array<string, mixed>>} */
    public function of(Person $person, CarbonImmutable $now): array
    {
        $shift = ShiftEnd::after($now);
        $mine = array_slice(array_column($this->hook->of($person)['mine'], 'run', 'assignment'), 0, self::MOST, true);
        $jobs = Assignment::query()->whereKey(array_keys($mine))->get()->keyBy('id');
        $times = [];
        foreach ($mine as $assignment => $run) {
            $job = $jobs->get($assignment);
            $times = $job === null ? $times : [...$times, $this->job($job, is_array($run) ? (string) $run['id'] : null, $shift) + ['learnt' => $run === null ? self::learnt($person, $job) : null]];
        }

        return ['shift' => $shift === null ? null : ['ends' => $shift->at, 'left' => Leaving::minutes($shift->seconds)], 'jobs' => $times];
    }

    /** What somebody has to know who has not been signed for it; null where they may do it alone. */
    private static function learnt(Person $person, Assignment $job): ?string
    {
        try {
            $what = Learnt::underSupervisor($person, $job->subject, $job->plan_hash);

            return $what === null ? null : "Under a supervisor: $what.";
        } catch (Refused $e) {
            return $e->getMessage();
        }
    }

    /** @return array<string, mixed> */
    private function job(Assignment $job, ?string $run, ?ShiftEnd $shift): array
    {
        $plan = Procedures::plan($job->plan_hash);
        $fold = $run === null ? new RunFold($plan) : RunFolds::folded($run, $plan);

        return [
            'assignment' => $job->id,
            'time' => (new Leaving($fold, KnownOfJoint::of($job->joint, $job->revision)))->onCard($shift?->seconds),
            'left' => $run === null ? null : LeftRun::of($run, $fold),
        ];
    }
}
