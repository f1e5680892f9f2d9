<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Crib\Models\CalibrationRow;
use App\Crib\Models\ToolRow;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Tool\Calibration;
use Tekkal\Core\Tool\CalibrationHistory;
use Tekkal\Core\Tool\Day;
use Tekkal\Core\Tool\Tool;
use Tekkal\Core\Tool\ToolKind;
use Tekkal\Core\Tool\ToolNotes;
use Tekkal\Core\Tool\ToolRange;
use Tekkal\Core\Tool\WrenchClass;
use Tekkal\Core\Unit\Written;

/** Tools and calibrations as the core knows them. */
final class ToolBook
{
    private const CALIBRATION = ['calibration' => 0, 'calibrated_on' => 0, 'due_on' => 0, 'conforms' => 0, 'certificate' => 0, 'leaf_hash' => 0];

    /** A tool with all its calibrations, in one query: every reading asks for them. */
    public static function find(string $id): ?ToolRow
    {
        $rows = DB::select('SELECT tools.*, c.entry_id AS calibration, c.calibrated_on, c.due_on, c.conforms, c.certificate, c.leaf_hash FROM tools LEFT JOIN calibrations AS c ON c.tool = tools.id WHERE tools.id = ?', [$id]);
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

    public static function tool(ToolRow $row): Tool
    {
        return new Tool(
            $row->code,
            ToolKind::from($row->kind),
            new ToolRange(Written::fromCode($row->lowest, $row->unit), Written::fromCode($row->highest, $row->unit)),
            Written::fromCode($row->resolution, $row->unit),
            notes: new ToolNotes(class: $row->class === null ? null : WrenchClass::from($row->class)),
        );
    }

    /** @param  Collection<int, CalibrationRow>  $calibrations */
    public static function historyOf(Collection $calibrations): CalibrationHistory
    {
        return new CalibrationHistory(array_values($calibrations->map(
            fn (CalibrationRow $c): Calibration => new Calibration($c->entry_id, Day::of($c->calibrated_on), Day::of($c->due_on), $c->conforms),
        )->all()));
    }

    /** The shop's calendar day at an instant. */
    public static function day(DateTimeImmutable $instant): Day
    {
        return Day::at($instant, new DateTimeZone(config('shop.time_zone')));
    }
}
