<?php

declare(strict_types=1);

namespace App\Builds\Queries;

use App\People\Shop;
use App\Record\Models\Subject;
use App\Record\Queries\Fitted;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use stdClass;

/** How an engine's metal stands over all its joints: may its shaft be turned, what is in, what is drying, what is not tight. What was fitted to it counts with it. Three questions, however many engines. */
final class EngineState
{
    /**
     * @param  list<string>  $subjects
     * @param  string|null  $but  a run that is left out: whoever stands at it sees it anyway
     * @return array<string, list<array{joint: string, grave: bool, says: string}>> by engine, in the order of assembly; what holds the shaft and what dries is grave
     */
    public static function of(array $subjects, ?string $but = null): array
    {
        $together = self::together($subjects);
        $rows = $subjects === [] ? collect() : DB::table('run_progress')->join('runs', 'runs.id', '=', 'run_progress.run')->join('joints', 'joints.id', '=', 'runs.joint')
            ->whereIn('runs.subject', array_merge([], ...array_values($together)))->whereNull('runs.finished_at')->whereNull('runs.opened_at')->where('runs.id', '!=', (string) $but)
            ->orderBy('joints.assembly_order')->get(['runs.subject', 'joints.name', 'run_progress.metal']);
        $states = array_fill_keys($subjects, []);
        foreach ($rows as $row) {
            foreach (array_keys(array_filter($together, fn (array $of): bool => in_array($row->subject, $of, true))) as $subject) {
                array_push($states[$subject], ...self::lines($row));
            }
        }

        return $states;
    }

    /**
     * @param  list<string>  $subjects
     * @return array<string, list<string>> by each of them: the engine, and what was fitted to it
     */
    private static function together(array $subjects): array
    {
        $around = array_map(fn (Subject $s): string => $s->id, Fitted::around($subjects));
        $in = Fitted::in([...$subjects, ...array_values($around)]);
        $with = fn (string $engine): array => [$engine, ...array_values(array_map(fn (Subject $s): string => $s->id, $in[$engine] ?? []))];

        return array_combine($subjects, array_map(fn (string $one): array => $with($around[$one] ?? $one), $subjects));
    }

    /** @return list<array{joint: string, grave: bool, says: string}> */
    private static function lines(stdClass $row): array
    {
        $metal = (array) json_decode($row->metal, true);
        $line = fn (string $says, bool $grave = false): array => ['joint' => (string) $row->name, 'grave' => $grave, 'says' => $says];
        $texts = fn (string $of): array => array_values(array_filter((array) ($metal[$of] ?? []), is_string(...)));
        $lines = array_map(fn (string $why): array => $line("the shaft must not be turned: $why", true), $texts('shaft'));
        $lines = [...$lines, ...array_map(fn (string $aid): array => $line("$aid is in and has to come out"), $texts('aids'))];
        foreach ((array) ($metal['curing'] ?? []) as $curing) {
            $lines[] = $line(self::curing((array) $curing), true);
        }
        $lines = [...$lines, ...array_map($line, $texts('under_way'))];
        [$tight, $all] = [(int) ($metal['tight'] ?? 0), (int) ($metal['all'] ?? 0)];

        return $tight === $all ? $lines : [...$lines, $line($tight === 0 ? 'not tight yet' : "$tight of $all bolts are tight")];
    }

    /** @param  array<mixed>  $curing */
    private static function curing(array $curing): string
    {
        $until = CarbonImmutable::parse((string) ($curing['until'] ?? 'now'));
        $at = Shop::here()->clock($until)->format('H:i');

        return sprintf('%s at %s %s', $curing['agent'] ?? '', $curing['places'] ?? '', $until->isFuture() ? "sets by $at" : "had set by $at: what is not tight comes out");
    }
}
