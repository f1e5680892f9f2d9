<?php

declare(strict_types=1);

namespace App\Crib\Http;

use App\Crib\Models\CalibrationRow;
use App\Crib\Models\ToolRow;
use App\Crib\Queries\ToolBook;
use Illuminate\Http\JsonResponse;

/** The crib's tools and what stands in their way today. */
final class ToolController
{
    public function index(): JsonResponse
    {
        $today = ToolBook::day(now()->toImmutable());

        return new JsonResponse(['today' => $today->date, 'tools' => ToolRow::query()->get()->sortBy('code')->values()->map(function (ToolRow $row) use ($today): array {
            $tool = ToolBook::tool($row);
            $history = ToolBook::history($row->id);

            return [
                'id' => $row->id,
                'code' => $row->code,
                'name' => $row->name,
                'kind' => $row->kind,
                'kind_words' => $tool->kind->words(),
                'range' => $tool->rangeTypeset(),
                'resolution' => $tool->resolution->typeset(),
                'out_of_use' => $history->whyNotInForce($today),
                'calibrations' => CalibrationRow::query()->where('tool', $row->id)->get()->sortByDesc('calibrated_on')->values()->map(fn (CalibrationRow $c): array => [
                    'on' => $c->calibrated_on, 'due' => $c->due_on, 'conforms' => $c->conforms, 'certificate' => $c->certificate,
                ]),
            ];
        })]);
    }
}
