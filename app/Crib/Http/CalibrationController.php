<?php

declare(strict_types=1);

namespace App\Crib\Http;

use App\Crib\Actions\RecordCalibration;
use App\Crib\Http\Requests\CalibrationRequest;
use App\Crib\Models\ToolRow;
use App\Crib\Queries\CalibrationForm;
use App\Crib\Queries\CalibrationLook;
use App\Crib\ToolFields;
use Illuminate\Http\JsonResponse;
use Tekkal\Core\Tool\Day;

/** A calibration is typed in, looked at, and kept. */
final class CalibrationController
{
    /** What it begins with: points, standards, rules. */
    public function form(string $tool): JsonResponse
    {
        return new JsonResponse(CalibrationForm::of(ToolRow::get($tool)));
    }

    /** What it comes to so far; nothing is kept. */
    public function look(string $tool, CalibrationRequest $request): JsonResponse
    {
        $row = ToolRow::get($tool);

        return ToolFields::guarded(function () use ($row, $request): JsonResponse {
            $input = $request->calibration();
            $standard = $input->standard === null ? null : RecordCalibration::standard($input, Day::of($input->on));
            $sheet = RecordCalibration::sheet($row, $input, RecordCalibration::rules($row), $standard);

            return new JsonResponse(CalibrationLook::of($sheet) + ['touches' => CalibrationForm::touches($row, $sheet)]);
        });
    }

    public function store(string $tool, CalibrationRequest $request, RecordCalibration $record): JsonResponse
    {
        return ToolFields::guarded(fn (): JsonResponse => new JsonResponse(['id' => $record(ToolRow::get($tool)->id, $request->whole(), $request->person())], 201));
    }
}
