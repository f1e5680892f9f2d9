<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\Actions\OpenAgain;
use App\Bench\RunContext;
use App\Builds\Queries\JointsOf;
use App\Library\Models\Joint;
use App\People\Models\Person;
use App\Record\Models\Run;
use App\Record\Models\Subject;
use Tekkal\Core\Run\Brought;

/** What it costs to open a joint again, told before anybody says so: what else comes apart with it, and what has had its one tightening. */
final class Opening
{
    /** @return array{joints: list<array{name: string, done: int, all: int, finished: bool, person: string|null, fasteners: list<array{name: string, count: int}>, gaskets: list<string>}>} */
    public static function of(Subject $subject, string $joint): array
    {
        $engine = OpenAgain::engineOf($subject);
        $parts = ComesApart::with($engine, [JointsOf::ofAll($engine, $joint)->id]);

        return $parts->isAnythingOf($joint) ? ['joints' => self::costs($parts)] : throw OpenAgain::nothing($engine, $joint);
    }

    /** @return list<array{name: string, done: int, all: int, finished: bool, person: string|null, fasteners: list<array{name: string, count: int}>, gaskets: list<string>}> */
    public static function costs(ComesApart $parts): array
    {
        return array_map(self::told(...), $parts->runs);
    }

    /** @return array{name: string, done: int, all: int, finished: bool, person: string|null, fasteners: list<array{name: string, count: int}>, gaskets: list<string>} */
    private static function told(Run $run): array
    {
        $fold = RunContext::get($run->id)->fold;
        $all = count($fold->plan->steps);

        return [
            'name' => Joint::query()->findOrFail($run->joint)->name, 'done' => $all - count($fold->freeze()->remaining()), 'all' => $all,
            'finished' => $run->finished_at !== null, 'person' => Person::query()->find($run->person)?->displayName(),
        ] + Brought::lost($fold);
    }
}
