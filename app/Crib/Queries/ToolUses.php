<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Library\Models\Joint;
use App\Library\Queries\RevisionFaces;
use App\Record\Models\Subject;
use App\Shared\Models\Row;
use Illuminate\Support\Facades\DB;
use stdClass;
use Tekkal\Core\Unit\Written;

/** What a tool was used on, by the record: engines with their joints, the newest first, and at which values. */
final class ToolUses
{
    private const SHOWN = 6;

    /** @return array{engines: int, results: int, latest: list<array<string, mixed>>, pulled_at: list<array{value: float, count: int}>} */
    public static function of(string $tool, string $unit): array
    {
        $all = DB::table('results')->where('tool', $tool)->selectRaw('COUNT(*) AS results, COUNT(DISTINCT subject) AS engines')->first();
        $latest = DB::table('results')->join('runs', 'runs.id', '=', 'results.run')->where('tool', $tool)->groupBy('results.run', 'results.subject', 'results.joint', 'runs.revision')
            ->selectRaw('results.subject, results.joint, runs.revision, COUNT(DISTINCT results.position) AS fasteners, MAX(taken_at) AS last, MAX(results.target) AS target')->orderByDesc('last')->limit(self::SHOWN)->get();
        $subjects = Subject::query()->findMany($latest->pluck('subject')->all())->keyBy('id');
        $joints = Joint::query()->findMany($latest->pluck('joint')->all())->keyBy('id');
        $faces = RevisionFaces::of($latest->pluck('revision')->unique()->all());

        return [
            'engines' => (int) ($all->engines ?? 0), 'results' => (int) ($all->results ?? 0),
            'latest' => array_values($latest->map(fn (stdClass $use): array => [
                'build' => $use->subject, 'serial' => $subjects[$use->subject]?->title() ?? '?', 'joint' => $joints[$use->joint]->name ?? '?', 'fasteners' => (int) $use->fasteners,
                'at' => Row::zulu($use->last), 'target' => $use->target === null ? null : Written::coded($use->target)->typeset(), 'map' => $faces[$use->revision]['sketch'] ?? null,
            ])->all()),
            'pulled_at' => self::pulledAt($tool, $unit),
        ];
    }

    /** @return list<array{value: float, count: int}> in the tool's unit */
    private static function pulledAt(string $tool, string $unit): array
    {
        $counts = [];
        foreach (DB::table('results')->where('tool', $tool)->whereNotNull('target')->groupBy('target')->selectRaw('target, COUNT(*) AS n')->get() as $row) {
            $target = Written::coded($row->target);
            $of = Written::fromCode('1', $unit);
            if ($target->unit->kind() === $of->unit->kind()) {
                $counts[] = ['value' => round($target->quantity()->inBase()->toFloat() / $of->unit->factor()->toFloat(), 6), 'count' => (int) $row->n];
            }
        }
        usort($counts, fn (array $a, array $b): int => $a['value'] <=> $b['value']);

        return $counts;
    }
}
