<?php

declare(strict_types=1);

namespace App\Crib;

use App\Crib\Models\ToolMove;
use App\Crib\Models\ToolRow;
use App\Ledger\Entry;
use Tekkal\Core\Unit\Written;

/** Where a tool goes, as the entries tell it: its row says where it is, its moves where it was. */
final class ToolMoves
{
    /** A check that finds a tool wrong is none that has seen it good. */
    public const CHECK_FAILED = 'tool_check_failed';

    public static function project(Entry $entry): void
    {
        $tool = $entry->streamId();
        match ($entry->type()) {
            'tool_lent' => self::put($entry, $tool, ['state' => ToolState::Out, 'held_by' => $entry->text('data.to'), 'held_for' => $entry->optional('data.build')]),
            'tool_returned' => self::returned($entry, $tool),
            'tool_sent' => self::put($entry, $tool, ['state' => ToolState::Away, 'away_to' => $entry->text('data.laboratory')]),
            'tool_came_back' => self::cameBack($entry, $tool),
            'tool_chained' => self::chained($entry, $tool, $entry->text('data.reason')),
            'tool_retired' => self::put($entry, $tool, ['state' => ToolState::Retired, 'reason' => $entry->text('data.reason')]),
            'tool_interval_set' => self::interval($entry, $tool),
            'tool_checked' => $entry->flag('data.good') ? self::note($entry, $tool, 'tool_checked', self::read($entry)) : self::chained($entry, $tool, ChainReason::FailedCheck->value, self::read($entry)),
            default => null,
        };
    }

    /** With a good calibration it begins to count anew and may be used again, unless it is away or somebody has it. */
    public static function calibrated(Entry $entry, bool $conforms): void
    {
        $tool = $entry->streamId();
        self::note($entry, $tool, 'tool_calibrated', $entry->text('data.certificate'));
        ToolRow::query()->whereKey($tool)->update(['elsewhere' => 0]);
        if ($conforms) {
            ToolRow::query()->whereKey($tool)->where('state', ToolState::Chained->value)->update(['state' => ToolState::Here->value, 'reason' => null, 'since' => self::sql($entry)]);
            // What went away with a chain on comes back without one.
            ToolRow::query()->whereKey($tool)->where('state', ToolState::Away->value)->update(['reason' => null]);
        } else {
            self::where($tool, ['reason' => ChainReason::FailedCalibration->value, 'state' => ToolState::Chained->value, 'since' => self::sql($entry), 'held_by' => null, 'held_for' => null], [ToolState::Here, ToolState::Out, ToolState::Chained]);
        }
    }

    public static function chained(Entry $entry, string $tool, string $reason, ?string $told = null): void
    {
        self::note($entry, $tool, $entry->type() === 'tool_checked' ? self::CHECK_FAILED : 'tool_chained', $told ?? $reason);
        self::where($tool, ['state' => ToolState::Chained->value, 'reason' => $reason, 'since' => self::sql($entry), 'held_by' => null, 'held_for' => null], [ToolState::Here, ToolState::Out]);
        // What is away comes back with the chain on.
        self::where($tool, ['reason' => $reason], [ToolState::Away]);
    }

    private static function returned(Entry $entry, string $tool): void
    {
        $estimate = $entry->number('data.estimate') ?? 0;
        self::note($entry, $tool, 'tool_returned', $entry->optional('data.elsewhere'));
        ToolRow::query()->whereKey($tool)->increment('elsewhere', $estimate);
        self::where($tool, ['state' => ToolState::Here->value, 'held_by' => null, 'held_for' => null, 'since' => self::sql($entry)], [ToolState::Out]);
    }

    private static function cameBack(Entry $entry, string $tool): void
    {
        self::note($entry, $tool, 'tool_came_back', null);
        $row = ToolRow::query()->findOrFail($tool);
        self::where($tool, ['state' => $row->reason === null ? ToolState::Here->value : ToolState::Chained->value, 'away_to' => null, 'since' => self::sql($entry)], [ToolState::Away]);
    }

    private static function interval(Entry $entry, string $tool): void
    {
        self::note($entry, $tool, 'tool_interval_set', sprintf('%d months', $entry->number('data.months') ?? 0));
        ToolRow::query()->whereKey($tool)->update(['months' => $entry->number('data.months')]);
    }

    /** @param  array<string, mixed>  $values */
    private static function put(Entry $entry, string $tool, array $values): void
    {
        self::note($entry, $tool, $entry->type(), $entry->optional('data.laboratory') ?? $entry->optional('data.reason'));
        ToolRow::query()->whereKey($tool)->update(array_map(fn (mixed $v): mixed => $v instanceof ToolState ? $v->value : $v, $values) + ['held_by' => null, 'held_for' => null, 'away_to' => null, 'since' => self::sql($entry)]);
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  list<ToolState>  $from
     */
    private static function where(string $tool, array $values, array $from): void
    {
        ToolRow::query()->whereKey($tool)->whereIn('state', array_map(fn (ToolState $s): string => $s->value, $from))->update($values);
    }

    private static function note(Entry $entry, string $tool, string $kind, ?string $told): void
    {
        ToolMove::query()->create([
            'entry_id' => $entry->id(), 'tool' => $tool, 'kind' => $kind, 'at' => $entry->receivedAt(), 'by' => $entry->person(),
            'who' => $entry->optional('data.to') ?? $entry->optional('data.from'), 'build' => $entry->optional('data.build'), 'told' => $told,
        ]);
    }

    /** "31.2 N·m at 30 N·m" */
    private static function read(Entry $entry): string
    {
        return sprintf('%s at %s', Written::coded($entry->text('data.reading'))->typeset(), Written::coded($entry->text('data.nominal'))->typeset());
    }

    private static function sql(Entry $entry): string
    {
        return $entry->receivedAt()->format('Y-m-d H:i:s.u');
    }
}
