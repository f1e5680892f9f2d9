<?php

declare(strict_types=1);

namespace App\Library\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\Models\Family;
use App\Library\Models\Joint;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\Refused;
use Tekkal\Core\Schedule\Resting;
use Tekkal\Core\Schedule\ScheduleException;

/** Says what rests on what in the engines of a family: what is opened with a joint, when one comes back. */
final readonly class SetResting
{
    public function __construct(private Recorder $recorder)
    {
    }

    /** @param  array<string, list<string>>  $on  by joint: those that it rests on; a joint that is left out rests on nothing */
    public function __invoke(Family $family, array $on, Person $by): void
    {
        $joints = $family->joints()->orderBy('assembly_order')->get();
        try {
            Resting::of(array_values($joints->map(fn (Joint $j): string => $j->id)->all()), $on);
        } catch (ScheduleException $e) {
            throw Refused::field($e->what, $e->getMessage(), $e->value);
        }
        $data = $joints->map(fn (Joint $j): array => ['joint' => $j->id, 'on' => $on[$j->id] ?? []])->values()->all();
        $this->recorder->transaction(fn () => $this->recorder->append(new Draft(Ids::next(), 'joints_rest_set', 'family/'.$family->id, $by->id, data: ['joints' => $data])));
    }
}
