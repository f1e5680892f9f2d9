<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Crib\ChainReason;
use App\Crib\Models\CalibrationRow;
use App\Crib\Models\ToolRow;
use App\Crib\ToolState;
use App\People\Shop;
use App\Record\Queries\StopsInForce;
use App\Record\StopWhat;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Tool\AsFound;
use Tekkal\Core\Tool\Calibration;
use Tekkal\Core\Tool\CalibrationHistory;
use Tekkal\Core\Tool\Day;
use Tekkal\Core\Tool\Tool;
use Tekkal\Core\Tool\ToolKind;
use Tekkal\Core\Tool\ToolNotes;
use Tekkal\Core\Tool\ToolRange;
use Tekkal\Core\Tool\ToolRecord;
use Tekkal\Core\Tool\WrenchClass;
use Tekkal\Core\Unit\Written;

/** Tools and calibrations as the core knows them. */
final class ToolBook
{
    private const CALIBRATION = ['calibration' => 0, 'calibrated_on' => 0, 'due_on' => 0, 'conforms' => 0, 'found' => 0, 'certificate' => 0, 'read_in' => 0, 'leaf_hash' => 0];

    /** A tool with all its calibrations, in one query: every reading asks for them. */
    public static function find(string $id): ?ToolRow
    {
        $rows = DB::select('SELECT tools.*, c.entry_id AS calibration, c.calibrated_on, c.due_on, c.conforms, c.found, c.certificate, c.read_in, c.leaf_hash FROM tools LEFT JOIN calibrations AS c ON c.tool = tools.id WHERE tools.id = ?', [$id]);
        if ($rows === []) {
            return null;
        }
        $tool = (new ToolRow)->newFromBuilder(array_diff_key((array) $rows[0], self::CALIBRATION));
        $calibrations = [];
        foreach (array_map(fn (object $row): array => array_intersect_key((array) $row, self::CALIBRATION), $rows) as $row) {
            $calibrations[] = ['entry_id' => $row['calibration'], 'tool' => $id] + $row;
        }

        return $tool->setRelation('calibrations', CalibrationRow::hydrate($calibrations[0]['entry_id'] === null ? [] : $calibrations));
    }

    public static function record(ToolRow $row): ToolRecord
    {
        $fields = ['code', 'name', 'form', 'class', 'unit', 'lowest', 'highest', 'resolution', 'directions', 'permissible', 'threshold', 'length', 'angle', 'place', 'owner', 'months', 'cycles'];

        return ToolRecord::read(array_map(strval(...), $row->only($fields)));
    }

    /**
     * Null where no reading is taken with it.
     *
     * @param  DateTimeImmutable|null  $at  when it was used; null: now. What happened to it later says nothing of then.
     */
    public static function tool(ToolRow $row, ?DateTimeImmutable $at = null): ?Tool
    {
        $kind = ToolKind::tryFrom($row->kind);
        $notes = new ToolNotes(
            threshold: $row->threshold === null ? null : Written::coded($row->threshold),
            class: $row->class === null ? null : WrenchClass::from($row->class),
            outOfUse: self::stopped($row, $at) ?? ($at !== null && $row->since !== null && $at < $row->since ? null : self::whyMoved($row)),
        );

        // For every screen of a bench, of every tool: not by way of its whole record.
        return $kind === null ? null : new Tool($row->code, $kind, new ToolRange(Written::fromCode($row->lowest, $row->unit), Written::fromCode($row->highest, $row->unit)), Written::fromCode($row->resolution, $row->unit), self::directions($row, $at), $notes);
    }

    /**
     * In which it may be used, and was read at the calibration in force: what was never read in one direction says nothing of it.
     *
     * @return list<string>
     */
    private static function directions(ToolRow $row, ?DateTimeImmutable $at): array
    {
        // For every screen of a bench, of every tool: past casts, and without a clock where nothing hangs on the day.
        $registered = explode(' ', $row->directions);
        $read = $row->calibrations->map(fn (CalibrationRow $c): array => $c->getAttributes())->sortBy('calibrated_on')->pluck('read_in', 'calibrated_on');
        if ($read->every(fn (?string $in): bool => $in === null || array_diff($registered, explode(' ', $in)) === [])) {
            return $registered;
        }
        $day = self::day($at ?? now()->toImmutable())->date;
        $last = $read->filter(fn (?string $in, string $on): bool => $on <= $day)->last();

        return array_values($last === null ? $registered : array_intersect($registered, explode(' ', $last)));
    }

    /** Why a tool is out of use, as the end of a sentence; null when it is not. With whom it is does not matter: whoever has it uses it. */
    public static function whyOut(ToolRow $row): ?string
    {
        return self::stopped($row, null) ?? self::whyMoved($row);
    }

    private static function stopped(ToolRow $row, ?DateTimeImmutable $at): ?string
    {
        $stop = StopsInForce::here()->of(StopWhat::Tool, $row->id, $at);

        return $stop === null ? null : 'it was '.$stop->when();
    }

    private static function whyMoved(ToolRow $row): ?string
    {
        return match ($row->state) {
            ToolState::Here, ToolState::Out => null,
            ToolState::Away => sprintf('it is away, at %s', $row->away_to),
            ToolState::Chained => sprintf('%s on %s', ChainReason::tryFrom((string) $row->reason)?->words() ?? 'a chain was put on it', self::day($row->since ?? now()->toImmutable())->words()),
            ToolState::Retired => sprintf('it was retired on %s', self::day($row->since ?? now()->toImmutable())->words()),
        };
    }

    /** @param  Collection<int, CalibrationRow>  $calibrations */
    public static function historyOf(Collection $calibrations): CalibrationHistory
    {
        return new CalibrationHistory(array_values($calibrations->map(
            fn (CalibrationRow $c): Calibration => new Calibration($c->entry_id, Day::of($c->calibrated_on), Day::of($c->due_on), $c->conforms, AsFound::from($c->found)),
        )->all()));
    }

    /** The shop's calendar day at an instant. */
    public static function day(DateTimeImmutable $instant): Day
    {
        return Day::at($instant, Shop::here()->zone());
    }
}
