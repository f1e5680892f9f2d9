<?php

declare(strict_types=1);

namespace App\Builds\Queries;

use App\People\Shop;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use stdClass;

/** How an engine's metal stands over all its joints: may its shaft be turned, what is in, what is drying, what is not tight. One question, however many engines. */
final class EngineState
{
    /**
     * @param  list<string>  $subjects
     * @param  string|null  $but  a run that is left out: whoever stands at it sees it anyway
     * @return array<string, list<array{joint: string, grave: bool, says: string}>> by engine, in the order of assembly; what holds the shaft and what dries is grave
     */
    public static function of(array $subjects, ?string $but = null): array
    {
        $rows = $subjects === [] ? collect() : DB::table('run_progress')->join('runs', 'runs.id', '=', 'run_progress.run')->join('joints', 'joints.id', '=', 'runs.joint')
            ->whereIn('runs.subject', $subjects)->whereNull('runs.finished_at')->whereNull('runs.opened_at')->where('runs.id', '!=', (string) $but)
            ->orderBy('joints.assembly_order')->get(['runs.subject', 'joints.name', 'run_progress.metal']);
        $states = array_fill_keys($subjects, []);
        foreach ($rows as $row) {
            array_push($states[$row->subject], ...self::lines($row));
        }

        return $states;
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
