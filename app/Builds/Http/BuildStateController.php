<?php

declare(strict_types=1);

namespace App\Builds\Http;

use App\Builds\Actions\CloseBuild;
use App\People\Http\PersonRequest;
use Illuminate\Http\JsonResponse;

final class BuildStateController
{
    public function finish(string $build, PersonRequest $request, CloseBuild $close): JsonResponse
    {
        $close->finish($build, $request->person());

        return new JsonResponse(null, 204);
    }

    public function ship(string $build, PersonRequest $request, CloseBuild $close): JsonResponse
    {
        $close->ship($build, $request->person());

        return new JsonResponse(null, 204);
    }
}
