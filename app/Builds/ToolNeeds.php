<?php

declare(strict_types=1);

namespace App\Builds;

use App\Crib\Queries\PlannedTools;
use App\People\Ability;
use App\People\Shop;
use App\Record\BuildState;
use App\Record\Models\Subject;
use App\Shared\Contracts\Need;
use App\Shared\Contracts\NeedsMe;
use App\Shared\Contracts\Urgency;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;
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

        return $jobs->isEmpty() ? [] : array_map(self::need(...), self::kept($jobs));
    }

    /**
     * Asked at every desk each quarter of a minute, and the same as long as neither the work nor the crib has changed, nor the day.
     *
     * @param  Collection<int, stdClass>  $jobs
     * @return list<array{title: string, why: string, tool: string|null, build: string}>
     */
    private static function kept(Collection $jobs): array
    {
        $mark = hash('sha256', json_encode([Shop::here()->today()->date, PlannedTools::mark(), $jobs->all()], JSON_THROW_ON_ERROR));
        $key = 'planned-needs:'.config('shop.code');
        [$of, $needs] = (array) Cache::get($key) + [null, []];
        if ($of !== $mark) {
            $needs = self::worked($jobs);
            Cache::forever($key, [$mark, $needs]);
        }

        return $needs;
    }

    /**
     * @param  Collection<int, stdClass>  $jobs
     * @return list<array{title: string, why: string, tool: string|null, build: string}>
     */
    private static function worked(Collection $jobs): array
    {
        $tools = new PlannedTools;
        $lacks = [];
        foreach ($jobs as $job) {
            $until = $job->due_on === null || $job->due_on < $tools->today()->date ? $tools->today() : Day::of($job->due_on);
            foreach ($tools->lacking($job->plan_hash, $until) as $lack) {
                $lacks[$lack['kind'].implode(' ', $lack['tools']).($lack['tools'] === [] ? $lack['asks'] : '')][] = [$lack, $job];
            }
        }

        return array_values(array_map(fn (array $of): array => self::told($of, $tools), $lacks));
    }

    /** @return Collection<int, stdClass> given out and not finished, the engine that must leave first first */
    private static function jobs(): Collection
    {
        return DB::table('assignments')->join('subjects', 'subjects.id', '=', 'assignments.subject')->join('joints', 'joints.id', '=', 'assignments.joint')->leftJoin('runs', 'runs.assignment', '=', 'assignments.id')
            ->where('subjects.state', BuildState::Open->value)->whereNull('assignments.taken_back_at')->whereNull('runs.finished_at')->orderByRaw('subjects.due_on IS NULL, subjects.due_on, subjects.serial')
            ->get(['assignments.plan_hash', 'subjects.id', 'subjects.serial', 'subjects.build_number', 'subjects.subassembly', 'subjects.due_on', 'joints.name']);
    }

    /**
     * @param  non-empty-list<array{array{kind: string, asks: string, tools: list<string>, would: string|null}, stdClass}>  $of
     * @return array{title: string, why: string, tool: string|null, build: string} the first tool of several, and the engine that must leave first
     */
    private static function told(array $of, PlannedTools $tools): array
    {
        [$lack, $first] = $of[0];
        $work = array_values(array_unique(array_map(fn (array $one): string => sprintf('%s of %s', lcfirst($one[1]->name), Subject::titled($one[1]->serial, (int) $one[1]->build_number, $one[1]->subassembly)), $of)));
        $named = implode(', ', array_slice($work, 0, self::NAMED)).(count($work) > self::NAMED ? sprintf(' and %d more', count($work) - self::NAMED) : '');
        if ($lack['tools'] === []) {
            return ['title' => sprintf('No %s is fit for %s', $lack['kind'], $named), 'why' => sprintf('It hangs on a hook and wants %s: %s.', $lack['asks'], $lack['would']), 'tool' => null, 'build' => $first->id];
        }
        $which = implode(' and ', array_map(fn (string $code): string => sprintf('%s is due on %s', $code, $tools->dueOn($code)), $lack['tools']));

        return [
            'title' => sprintf('%s %s due before planned work', implode(' and ', $lack['tools']), count($lack['tools']) === 1 ? 'is' : 'are'),
            'why' => sprintf('%s; %s must leave by %s, and no other %s fits: %s.', $which, Subject::titled($first->serial, (int) $first->build_number, $first->subassembly), Day::of($first->due_on)->words(), $lack['kind'], $named),
            'tool' => $lack['tools'][0], 'build' => $first->id,
        ];
    }

    /**
     * Whoever keeps the tools has it calibrated; whoever gives out work sees that it is done first, or by another.
     *
     * @param  array{title: string, why: string, tool: string|null, build: string}  $of
     */
    private static function need(array $of): Need
    {
        $keeps = Gate::allows(Ability::KeepTools->value);
        $link = match (true) {
            ! $keeps => '/builds/'.$of['build'],
            $of['tool'] === null => '/crib/register',
            default => '/crib/tools/'.$of['tool'],
        };

        return new Need(Urgency::Next, $of['title'], $of['why'], $keeps ? 'See the tools' : 'See the work', $link);
    }
}
