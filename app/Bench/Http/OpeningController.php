<?php

declare(strict_types=1);

namespace App\Bench\Http;

use App\Bench\Actions\OpenAgain;
use App\Bench\Http\Requests\OpenAgainRequest;
use App\Bench\Queries\Opening;
use App\Record\Models\Subject;
use Illuminate\Http\JsonResponse;

/** A joint that was worked in this build is opened again. */
final class OpeningController
{
    public function show(Subject $build, string $joint): JsonResponse
    {
        return new JsonResponse(Opening::of($build, $joint));
    }

    public function store(Subject $build, string $joint, OpenAgainRequest $request, OpenAgain $open): JsonResponse
    {
        $open($build->id, $joint, $request->text('reason'), $request->person());

        return new JsonResponse(null, 204);
    }
}
