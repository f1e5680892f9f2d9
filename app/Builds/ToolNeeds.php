<?php

declare(strict_types=1);

namespace App\Builds;

use App\Crib\Queries\PlannedTools;
use App\People\Ability;
use App\Record\BuildState;
use App\Record\Models\Subject;
use App\Shared\Contracts\Need;
use App\Shared\Contracts\NeedsMe;
use App\Shared\Contracts\Urgency;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use stdClass;
use Tekkal\Core\Tool\Day;

/** Tools that fall due before work that hangs on a hook must be done, where no other one fits. Told to whoever gives out work and whoever keeps the tools. */
final class ToolNeeds implements NeedsMe
{
    private const NAMED = 3;

    public function needs(): array
    {
        if (Gate::denies(Ability::GiveWork->value) && Gate::denies(Ability::KeepTools->value)) {
            return [];
        }
        $jobs = self::jobs();
        if ($jobs->isEmpty()) {
            return [];
        }
        $tools = new PlannedTools;
        $lacks = [];
        foreach ($jobs as $job) {
            $until = $job->due_on === null || $job->due_on < $tools->today()->date ? $tools->today() : Day::of($job->due_on);
            foreach ($tools->lacking($job->plan_hash, $until) as $lack) {
                $lacks[$lack['kind'].implode(' ', $lack['tools']).($lack['tools'] === [] ? $lack['asks'] : '')][] = [$lack, $job];
            }
        }

        return array_values(array_map(fn (array $of): Need => self::need($of, $tools), $lacks));
    }

    /** @return Collection<int, stdClass> given out and not finished, the engine that must leave first first */
    private static function jobs(): Collection
    {
        return DB::table('assignments')->join('subjects', 'subjects.id', '=', 'assignments.subject')->join('joints', 'joints.id', '=', 'assignments.joint')->leftJoin('runs', 'runs.assignment', '=', 'assignments.id')
            ->where('subjects.state', BuildState::Open->value)->whereNull('assignments.taken_back_at')->whereNull('runs.finished_at')->orderByRaw('subjects.due_on IS NULL, subjects.due_on, subjects.serial')
            ->get(['assignments.plan_hash', 'subjects.id', 'subjects.serial', 'subjects.build_number', 'subjects.subassembly', 'subjects.due_on', 'joints.name']);
    }

    /** @param  non-empty-list<array{array{kind: string, asks: string, tools: list<string>, would: string|null}, stdClass}>  $of */
    private static function need(array $of, PlannedTools $tools): Need
    {
        [$lack, $first] = $of[0];
        $work = array_values(array_unique(array_map(fn (array $one): string => sprintf('%s of %s', lcfirst($one[1]->name), Subject::titled($one[1]->serial, (int) $one[1]->build_number, $one[1]->subassembly)), $of)));
        $named = implode(', ', array_slice($work, 0, self::NAMED)).(count($work) > self::NAMED ? sprintf(' and %d more', count($work) - self::NAMED) : '');
        if ($lack['tools'] === []) {
            return new Need(Urgency::Next, sprintf('No %s is fit for %s', $lack['kind'], $named), sprintf('It hangs on a hook and wants %s: %s.', $lack['asks'], $lack['would']), 'See what fits', '/crib/register');
        }
        $which = implode(' and ', array_map(fn (string $code): string => sprintf('%s is due on %s', $code, $tools->dueOn($code)), $lack['tools']));

        return new Need(
            Urgency::Next, sprintf('%s %s due before planned work', implode(' and ', $lack['tools']), count($lack['tools']) === 1 ? 'is' : 'are'),
            sprintf('%s; %s must leave by %s, and no other %s fits: %s.', $which, Subject::titled($first->serial, (int) $first->build_number, $first->subassembly), Day::of($first->due_on)->words(), $lack['kind'], $named), 'See the tool', '/crib/tools/'.$lack['tools'][0],
        );
    }
}
