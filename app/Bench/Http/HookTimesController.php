<?php

declare(strict_types=1);

namespace App\Bench\Http;

use App\Bench\Queries\JobTimes;
use App\People\Http\PersonRequest;
use Illuminate\Http\JsonResponse;

final class HookTimesController
{
    public function __invoke(PersonRequest $request, JobTimes $times): JsonResponse
    {
        return new JsonResponse($times->of($request->person(), now()->toImmutable()));
    }
}
