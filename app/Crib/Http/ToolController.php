<?php

declare(strict_types=1);

namespace App\Crib\Http;

use App\Crib\Http\Resources\ToolResource;
use App\Crib\Models\ToolRow;
use App\Crib\Queries\ToolBook;
use Illuminate\Http\JsonResponse;

final class ToolController
{
    public function index(): JsonResponse
    {
        $today = ToolBook::day(now()->toImmutable());

        return new JsonResponse([
            'today' => $today->date,
            'tools' => ToolRow::query()->with('calibrations')->get()->sortBy('code')->values()->map(fn (ToolRow $row): ToolResource => new ToolResource($row, $today)),
        ]);
    }
}
