<?php

declare(strict_types=1);

namespace App\Crib\Print;

use App\Crib\Models\CalibrationRow;
use App\Crib\Models\ReferenceStandard;
use App\Crib\Models\ToolRow;
use App\Crib\Queries\CalibrationLook;
use App\Crib\Queries\ToolBook;
use App\Ledger\Entry;
use App\People\Models\Person;
use App\People\Shop;
use App\Shared\Print\Pdf;
use App\Shared\Refused;
use Illuminate\Support\Facades\DB;
use Tekkal\Core\Tool\CalibrationSheet;
use Tekkal\Core\Tool\Day;
use Tekkal\Core\Tool\PointReadings;
use Tekkal\Core\Unit\Written;

/** The sheet of a calibration: what was read, what it comes to, by which rule, and what it does not say. */
final class CalibrationPaper
{
    public static function pdf(CalibrationRow $row): string
    {
        $tool = ToolRow::query()->findOrFail($row->tool);

        return Pdf::of(self::html($row), sprintf('%s    calibration of %s    %s', $tool->code, $row->calibrated_on, $row->certificate));
    }

    public static function html(CalibrationRow $row): string
    {
        if ($row->sheet === null) {
            throw Refused::notFound('Of this calibration only the outcome is on record; its certificate has the readings.');
        }
        $tool = ToolRow::query()->findOrFail($row->tool);
        $sheet = CalibrationSheet::ofData($row->sheet);
        $look = CalibrationLook::of($sheet);
        $stored = DB::table('ledger_entries')->where('entry_id', $row->entry_id)->first(['body', 'leaf_hash']);
        $entry = $stored === null ? null : Entry::fromBytes($stored->body, $stored->leaf_hash);

        return view('calibration-sheet', [
            'shop' => Shop::here()->name, 'demo' => config('shop.demo') === true, 'tool' => $tool, 'record' => ToolBook::record($tool), 'row' => $row, 'sheet' => $sheet, 'look' => $look,
            'on' => Day::of($row->calibrated_on)->words(), 'due' => Day::of($row->due_on)->words(), 'passes' => self::passes($sheet, $look), 'standard' => $row->standard === null ? null : ReferenceStandard::query()->find($row->standard),
            'laboratory' => array_filter([$entry?->optional('data.laboratory.kind') === 'own' ? 'own laboratory' : 'outside laboratory', $entry?->optional('data.laboratory.name'), $entry?->optional('data.laboratory.accreditation'), $entry?->optional('data.laboratory.scope')]),
            'person' => Person::query()->find($row->person)?->displayName(), 'leaf' => $row->leaf_hash,
        ])->render();
    }

    /**
     * @param  array<string, mixed>  $look
     * @return list<array<string, mixed>>
     */
    private static function passes(CalibrationSheet $sheet, array $look): array
    {
        $passes = [];
        foreach (['as_found' => ['As found', $sheet->found], 'as_left' => ['As left', $sheet->left]] as $key => [$name, $read]) {
            if (is_array($look[$key])) {
                $readings = [];
                foreach ($read as $point) {
                    $readings[$point->key()] = self::readings($point);
                }
                $passes[] = ['name' => $name, 'readings' => $readings] + $look[$key];
            }
        }

        return $passes;
    }

    /** @return list<string> */
    private static function readings(PointReadings $point): array
    {
        return array_map(fn (Written $r): string => $r->digits, $point->readings);
    }
}
