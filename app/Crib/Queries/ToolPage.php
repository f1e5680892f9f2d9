<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Crib\ChainReason;
use App\Crib\Http\Resources\ToolResource;
use App\Crib\Models\CalibrationRow;
use App\Crib\Models\ToolMove;
use App\Crib\Models\ToolRow;
use App\Crib\ToolMoves;
use App\Record\Models\Subject;
use App\Record\Queries\StopsInForce;
use App\Record\StopWhat;
use App\Shared\Models\Row;
use Tekkal\Core\Tool\Day;

/** One tool: how it stands, how it has moved, what it was used on, who had it. */
final class ToolPage
{
    private const MOVES = 40;

    /** @return array<string, mixed> */
    public static function of(ToolRow $tool): array
    {
        $today = ToolBook::day(now()->toImmutable());
        $tool->load('calibrations');
        $standing = new ToolStanding($tool, $today, CribBoard::names([$tool->held_by ?? '']), Pulls::since($tool));
        $drift = new ToolDrift($tool, $today);
        $drawn = $drift->toArray();

        return [
            'tool' => new ToolResource($standing), 'fields' => ToolBook::record($tool)->toFields(), 'unit' => $tool->unit,
            'stop' => StopsInForce::here()->told(StopWhat::Tool, $tool->id), 'says' => self::says($standing, $drawn), 'drift' => $drawn, 'proposal' => $drift->proposal(), 'uses' => ToolUses::of($tool->id, $tool->unit),
            'moves' => self::moves($tool), 'calibrations' => self::calibrations($tool),
        ];
    }

    /** @param  array<string, mixed>|null  $drift */
    private static function says(ToolStanding $standing, ?array $drift): string
    {
        $why = HandOut::whyNot($standing->tool);
        if ($why !== null) {
            return $why;
        }
        $meets = array_filter((array) ($drift['points'] ?? []), fn (array $p): bool => $p['meets'] !== null);
        usort($meets, fn (array $a, array $b): int => $a['meets'] <=> $b['meets']);
        $first = $meets[0] ?? null;
        $due = $standing->dueOn;

        return 'Good today.'.match (true) {
            $first !== null && $due !== null && $first['meets'] <= $due => sprintf(' At %s it may meet its limit on %s, before it is due.', $first['words'], Day::of($first['meets'])->words()),
            $first !== null => sprintf(' At %s it may meet its limit on %s.', $first['words'], Day::of($first['meets'])->words()),
            default => '',
        };
    }

    /** @return list<array{at: string|null, says: string, by: string}> the newest first */
    private static function moves(ToolRow $tool): array
    {
        $moves = ToolMove::query()->where('tool', $tool->id)->latest('at')->latest('entry_id')->limit(self::MOVES)->get();
        $names = CribBoard::names($moves->pluck('by')->merge($moves->pluck('who'))->filter()->unique()->all());
        $builds = Subject::query()->findMany($moves->pluck('build')->filter()->unique()->all())->keyBy('id');

        return array_values($moves->map(fn (ToolMove $m): array => [
            'at' => Row::zulu($m->at->format('Y-m-d H:i:s')), 'by' => $names[$m->by] ?? '', 'says' => self::move($m, $names, isset($builds[$m->build]) ? $builds[$m->build]->title() : null),
        ])->all());
    }

    /** @param  array<string, string>  $names */
    private static function move(ToolMove $move, array $names, ?string $build): string
    {
        $who = $names[$move->who] ?? 'somebody';

        return match ($move->kind) {
            'tool_lent' => "to $who".($build === null ? '' : " for $build"),
            'tool_returned' => "back from $who, used elsewhere: ".($move->told ?? 'none'),
            'tool_sent' => "sent to $move->told",
            'tool_came_back' => 'came back',
            'tool_calibrated' => "calibrated, $move->told",
            'tool_checked' => "checked: $move->told",
            ToolMoves::CHECK_FAILED => "failed its check: $move->told",
            'tool_interval_set' => "interval set to $move->told",
            'tool_retired' => "retired: $move->told",
            default => (string) preg_replace('/^it /', '', ChainReason::tryFrom((string) $move->told)?->words() ?? 'put out of use'),
        };
    }

    /** @return list<array<string, mixed>> the newest first */
    private static function calibrations(ToolRow $tool): array
    {
        return array_values($tool->calibrations->sortByDesc('calibrated_on')->map(fn (CalibrationRow $c): array => [
            'id' => $c->entry_id, 'on' => $c->calibrated_on, 'due' => $c->due_on, 'found' => $c->found, 'conforms' => $c->conforms, 'certificate' => $c->certificate,
            'readings' => $c->sheet !== null, 'paper' => $c->paper !== null,
        ])->all());
    }
}
