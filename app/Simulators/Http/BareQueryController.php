<?php

declare(strict_types=1);

namespace App\Simulators\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What answers made of many rows are measured against: the same rows by the same way in, and nothing made of them. Only in a bench's instance. */
final class BareQueryController
{
    private const PAGE = 60;

    public function __invoke(string $of, Request $request): JsonResponse
    {
        $faces = DB::table('procedure_faces')->orderBy('place');

        return new JsonResponse(['rows' => match ($of) {
            'list' => $faces->offset(self::PAGE)->limit(self::PAGE)->get(),
            'words' => $faces->whereRaw('cast(words as binary) like ?', ['%'.$request->query('find').'%'])->limit(self::PAGE)->get(),
            'value' => $faces->whereIn('procedure', DB::table('target_index')->select('procedure')->where('quantity', 'torque')->whereBetween('base_value', [31.9, 32.1]))->limit(self::PAGE)->get(),
            'board' => $this->board(),
            'today' => $this->today(),
            default => DB::table('revisions')->whereIn('id', [(string) $request->query('old'), (string) $request->query('new')])->get(),
        }]);
    }

    /** @return array<string, Collection<int, stdClass>> what a lead's first page is made of */
    private function today(): array
    {
        $runs = DB::table('runs')->join('subjects', 'subjects.id', '=', 'runs.subject')->join('run_progress', 'run_progress.run', '=', 'runs.id')->where('subjects.state', 'open')->whereNull('runs.finished_at');

        return ['stopped' => (clone $runs)->where('run_progress.stopped', true)->get(), 'open' => DB::table('subjects')->where('state', 'open')->get(['id', 'serial', 'family']), 'unfinished' => $runs->get(['runs.id', 'runs.subject'])] + [
            'skills' => DB::table('skills')->whereNull('ended_at')->get(), 'cases' => DB::table('look_back_cases')->get(), 'cards' => DB::table('job_cards')->get(), 'aside' => DB::table('readings_aside')->whereNull('disposed_at')->get(),
            'revisions' => DB::table('revision_states')->get(['revision', 'procedure', 'state', 'letter']), 'people' => DB::table('people')->get(['id', 'name']),
            'asked' => DB::table('asked_values')->whereNull('answer')->get(), 'tools' => DB::table('tools')->get(['id', 'code', 'state']), 'calibrations' => DB::table('calibrations')->get(['tool', 'due_on']),
            'jobs' => DB::table('assignments')->join('subjects', 'subjects.id', '=', 'assignments.subject')->where('subjects.state', 'open')->whereNull('taken_back_at')->get(['assignments.plan_hash', 'subjects.due_on']),
        ];
    }

    /** @return array<string, Collection<int, stdClass>> what a page of engines at work is made of */
    private function board(): array
    {
        $engines = DB::table('subjects')->where('state', 'open')->orderByDesc('opened_at')->limit(self::PAGE)->get();
        $runs = DB::table('runs')->whereIn('subject', $engines->pluck('id'))->get();

        return ['engines' => $engines, 'given' => DB::table('assignments')->whereIn('subject', $engines->pluck('id'))->get(), 'runs' => $runs, 'progress' => DB::table('run_progress')->whereIn('run', $runs->pluck('id'))->get()];
    }
}
