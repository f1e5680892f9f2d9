<?php

declare(strict_types=1);

namespace App\Bench\Http;

use App\Bench\Queries\ShiftLeft;
use App\Record\Models\Subject;
use Illuminate\Http\JsonResponse;

/** How an engine was handed over last, for its page. */
final class HandedController
{
    public function __invoke(Subject $build): JsonResponse
    {
        return new JsonResponse(['last' => ShiftLeft::last($build)]);
    }
}
