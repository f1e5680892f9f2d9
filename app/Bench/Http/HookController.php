<?php

declare(strict_types=1);

namespace App\Bench\Http;

use App\Bench\Queries\JobHook;
use App\People\Http\PersonRequest;
use Illuminate\Http\JsonResponse;

final class HookController
{
    public function __invoke(PersonRequest $request, JobHook $hook): JsonResponse
    {
        return new JsonResponse($hook->of($request->person()));
    }
}
