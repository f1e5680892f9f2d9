<?php

declare(strict_types=1);

namespace App\Crib\Http;

use App\Crib\Actions\KeepStudy;
use App\Crib\Http\Requests\ReadingsRequest;
use App\Crib\Http\Requests\StudyRequest;
use App\Crib\Models\ToolRow;
use App\Crib\Queries\GaugeStudies;
use App\Crib\Queries\ReadingTable;
use App\Crib\ToolFields;
use Illuminate\Http\JsonResponse;

/** Readings out of a file, and studies of gauges. */
final class ReadingController
{
    public function read(string $tool, ReadingsRequest $request): JsonResponse
    {
        ToolRow::get($tool);

        return new JsonResponse(ReadingTable::calibration($request->text('text')));
    }

    public function index(string $tool): JsonResponse
    {
        return new JsonResponse(['studies' => GaugeStudies::of(ToolRow::get($tool))]);
    }

    /** What it comes to; nothing is kept. */
    public function look(string $tool, StudyRequest $request): JsonResponse
    {
        KeepStudy::may(ToolRow::get($tool));

        return new JsonResponse(ToolFields::guarded(fn (): array => ['at' => null] + GaugeStudies::look(ReadingTable::study($request->text('text')), $request->optionalText('window'))));
    }

    public function store(string $tool, StudyRequest $request, KeepStudy $keep): JsonResponse
    {
        ToolFields::guarded(fn () => $keep(ToolRow::get($tool), ReadingTable::study($request->text('text')), $request->optionalText('window'), $request->person()));

        return new JsonResponse(['studies' => GaugeStudies::of(ToolRow::get($tool))], 201);
    }
}
