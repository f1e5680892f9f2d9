<?php

declare(strict_types=1);

namespace App\Bench\Http;

use App\Library\Queries\Procedures;
use Illuminate\Http\JsonResponse;

/** A plan as its canonical bytes: what the core beside a screen begins with. Its name is its hash, so it never changes. */
final class PlanController
{
    public function __invoke(string $plan): JsonResponse
    {
        return new JsonResponse(['plan' => Procedures::plan($plan)->bytes()]);
    }
}
