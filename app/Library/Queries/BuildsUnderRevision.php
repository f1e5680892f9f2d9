<?php

declare(strict_types=1);

namespace App\Library\Queries;

use App\Record\Models\Result;
use App\Record\Models\Run;
use App\Record\Models\Subject;
use Illuminate\Support\Collection;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\AttemptStatus;
use Tekkal\Core\Unit\Written;

/** Builds made to a revision, and how their results stand against another plan. What was judged stays judged. */
final class BuildsUnderRevision
{
    /**
     * @return list<array{run: string, subject: string, title: string, state: string, in: int, out: int, not_comparable: int, without_result: int, outside: list<string>}>
     */
    public static function of(string $revision, Plan $by): array
    {
        $steps = array_combine(array_map(fn (Step $s): string => $s->id, $by->steps), $by->steps);
        $runs = Run::query()->where('revision', $revision)->whereNull('opened_at')->get();
        $subjects = Subject::query()->whereKey($runs->pluck('subject')->all())->get()->keyBy('id');
        $live = Result::query()->where('status', AttemptStatus::Live->value);
        $live->getQuery()->whereIn('run', $runs->modelKeys());
        $results = $live->get()->groupBy('run');

        return array_values($runs->map(fn (Run $run): array => [
            'run' => $run->id, 'subject' => $run->subject, 'title' => $subjects->get($run->subject)?->title() ?? '', 'state' => $subjects->get($run->subject)?->state->value ?? '',
            ...self::rejudged($results[$run->id] ?? collect(), $steps, $by),
        ])->sortBy('title')->all());
    }

    /** @return list<string> who has worked to it */
    public static function people(string $revision): array
    {
        return array_values(Run::query()->where('revision', $revision)->distinct()->pluck('person')->all());
    }

    /**
     * @param  Collection<int, Result>  $results
     * @param  array<string, Step>  $steps  by id
     * @return array{in: int, out: int, not_comparable: int, without_result: int, outside: list<string>}
     */
    private static function rejudged(Collection $results, array $steps, Plan $by): array
    {
        $count = ['in' => 0, 'out' => 0, 'not_comparable' => 0, 'without_result' => 0, 'outside' => []];
        $done = [];
        foreach ($results as $result) {
            $window = ($steps[$result->step] ?? null)?->goal()?->window;
            $value = $result->value === null ? null : Written::coded($result->value);
            if ($value === null || $window === null || $window->kind() !== $value->unit->kind()) {
                $count['not_comparable']++;
            } elseif ($window->judge($value->quantity())->isGood()) {
                $count['in']++;
            } else {
                $count['out']++;
                $count['outside'][] = sprintf('no. %s, %s: %s against %s', $by->positions[$steps[$result->step]->position]->number ?? '', $steps[$result->step]->stage, $value->typeset(), $window->typeset());
            }
            $done[$result->step] = true;
        }
        // What the plan asks for beyond what was done: not reached yet, or new in it.
        $count['without_result'] = count(array_diff_key($steps, $done));

        return $count;
    }
}
