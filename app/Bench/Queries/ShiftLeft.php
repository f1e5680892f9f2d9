<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Builds\Queries\EngineState;
use App\People\Models\Person;
use App\Record\Models\Subject;
use App\Shared\Models\Row;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What somebody's shift leaves behind: each engine on their hook, how far its joints are, and how its metal stands. */
final readonly class ShiftLeft
{
    public function __construct(private JobHook $hook)
    {
    }

    /** @return list<array{build: string, title: string, lines: list<string>}> */
    public function of(Person $person): array
    {
        $lines = $titles = [];
        foreach ($this->hook->of($person)['mine'] as $card) {
            $build = (string) data_get($card, 'build');
            $titles[$build] = (string) data_get($card, 'serial');
            $lines[$build][] = self::job($card);
        }
        $states = EngineState::of(array_map(strval(...), array_keys($titles)));
        asort($titles);

        return array_map(fn (string $build, string $title): array => [
            'build' => $build, 'title' => $title, 'lines' => [...$lines[$build] ?? [], ...array_map(fn (array $s): string => "$s[joint]: $s[says]", $states[$build] ?? [])],
        ], array_map(strval(...), array_keys($titles)), array_values($titles));
    }

    /**
     * What tells one list from another.
     *
     * @param  list<array{build: string, title: string, lines: list<string>}>  $engines
     */
    public static function mark(array $engines): string
    {
        return hash('sha256', json_encode($engines, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
    }

    /** @return array{from: string, to: string, at: string|null, said: string, lines: list<string>}|null the newest that was about an engine */
    public static function last(Subject $subject): ?array
    {
        $row = DB::table('handovers')->join('handed_engines', 'handover', '=', 'entry_id')->leftJoin('people AS f', 'f.id', '=', 'from_person')->leftJoin('people AS t', 't.id', '=', 'to_person')
            ->where('subject', $subject->id)->orderByDesc('at')->first(['handovers.*', 'f.name AS from_name', 't.name AS to_name']);

        return $row instanceof stdClass ? ['from' => $row->from_name ?? 'somebody', 'to' => $row->to_name ?? 'somebody', 'at' => Row::zulu($row->at), 'said' => $row->said, 'lines' => self::linesOf($row, $subject->id)] : null;
    }

    /** @return list<string> */
    private static function linesOf(stdClass $row, string $build): array
    {
        foreach ((array) json_decode($row->engines, true) as $engine) {
            if (data_get($engine, 'build') === $build) {
                return array_values(array_filter((array) data_get($engine, 'lines'), is_string(...)));
            }
        }

        return [];
    }

    /** @param  array<string, mixed>  $card */
    private static function job(array $card): string
    {
        $joint = (string) data_get($card, 'joint');

        return $card['run'] === null ? "$joint: given out, not begun" : sprintf('%s: %d of %d done%s', $joint, data_get($card, 'run.done'), data_get($card, 'run.all'), data_get($card, 'run.stopped') === true ? ', stands still' : '');
    }
}
