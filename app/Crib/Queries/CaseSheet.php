<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Crib\Models\LookBackCase;
use App\Crib\Models\ReferenceStandard;
use App\Crib\Models\ToolRow;
use App\Shared\Models\Row;
use Illuminate\Support\Facades\DB;

/** A look-back case, engine by engine: what the tool did there, what it comes to now, what becomes of it. */
final class CaseSheet
{
    /** @return list<array<string, mixed>> all cases, those that want something first */
    public static function list(): array
    {
        $cases = LookBackCase::query()->get()->sortBy([fn (LookBackCase $a, LookBackCase $b): int => [$a->state === 'closed', -$a->number] <=> [$b->state === 'closed', -$b->number]])->values();

        return array_values($cases->map(fn (LookBackCase $c): array => self::head($c, ToolRow::query()->findOrFail($c->tool)) + ['left' => $c->state === 'open' ? count((new CaseDecisions($c->id))->undecided()) : 0])->all());
    }

    /**
     * @param  int  $told  so many results of a joint one by one, the gravest; the others are counted
     * @return array<string, mixed>
     */
    public static function of(LookBackCase $case, int $told = CaseEngines::DRAWN): array
    {
        $tool = ToolRow::query()->findOrFail($case->tool);

        $engines = (new CaseEngines($case, $told))->list();

        return self::head($case, $tool) + ['engines' => $engines, 'undecided' => count(array_filter($engines, fn (array $e): bool => $e['decided'] !== true)), 'judged' => $case->judged, 'standard' => $case->standard === null ? null : ReferenceStandard::query()->find($case->standard)?->code];
    }

    /** @return array<string, mixed> */
    private static function head(LookBackCase $case, ToolRow $tool): array
    {
        $n = DB::table('look_back_results')->where('case', $case->id)->selectRaw("COUNT(*) AS results, COUNT(DISTINCT subject) AS engines, SUM(verdict = 'out') AS outside, SUM(verdict = 'in_doubt') AS doubtful")->first();
        $count = ['results' => (int) ($n->results ?? 0), 'engines' => (int) ($n->engines ?? 0), 'out' => (int) ($n->outside ?? 0), 'in_doubt' => (int) ($n->doubtful ?? 0)];

        return [
            'number' => $case->number, 'state' => $case->state, 'cause' => $case->cause->value, 'tool' => $tool->code, 'tool_name' => $tool->name, 'counts' => $count, 'says' => self::says($case, $tool, $count),
            'since' => $case->since === null ? null : ToolBook::day($case->since)->date, 'since_why' => $case->since_why, 'until' => Row::zulu($case->until->format('Y-m-d H:i:s')), 'judged_until' => $case->judged_until === null ? null : Row::zulu($case->judged_until->format('Y-m-d H:i:s')),
            'opened_at' => Row::zulu($case->opened_at->format('Y-m-d H:i:s')), 'closed_at' => $case->closed_at === null ? null : Row::zulu($case->closed_at->format('Y-m-d H:i:s')),
        ];
    }

    /** @param  array{results: int, engines: int, out: int, in_doubt: int}  $count */
    private static function says(LookBackCase $case, ToolRow $tool, array $count): string
    {
        $found = match (true) {
            $case->state === 'judging' => sprintf('%s results are judged so far', number_format($count['results'])),
            $count['results'] === 0 => 'nothing on record was done with it in that time',
            $count['out'] === 0 && $count['in_doubt'] === 0 => sprintf('all %s stay in', number_format($count['results'])),
            default => implode(', ', array_filter([$count['out'] > 0 ? self::some($count['out'], 'lies', 'lie').' outside' : null, $count['in_doubt'] > 0 ? self::some($count['in_doubt'], 'is', 'are').' in doubt' : null])),
        };

        return sprintf('%s %s: %s.', $tool->code, $case->cause->words(), $found);
    }

    private static function some(int $n, string $one, string $many): string
    {
        return number_format($n).' '.($n === 1 ? $one : $many);
    }
}
