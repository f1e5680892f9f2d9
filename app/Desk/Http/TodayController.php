<?php

declare(strict_types=1);

namespace App\Desk\Http;

use App\Shared\Contracts\Need;
use App\Shared\Contracts\NeedsMe;
use App\Shared\Contracts\Urgency;
use Illuminate\Http\JsonResponse;

/** What waits for whoever is signed in, of every area, by what holds an engine up. */
final class TodayController
{
    /** @param  iterable<NeedsMe>  $areas */
    public function __construct(private readonly iterable $areas)
    {
    }

    public function __invoke(): JsonResponse
    {
        $needs = [];
        foreach ($this->areas as $area) {
            array_push($needs, ...$area->needs());
        }
        $order = array_flip(array_map(fn (Urgency $u): string => $u->value, Urgency::cases()));
        usort($needs, fn (Need $a, Need $b): int => $order[$a->urgency->value] <=> $order[$b->urgency->value]);

        return new JsonResponse(['now' => now()->toIso8601ZuluString(), 'needs' => array_map(fn (Need $n): array => (array) $n, $needs)]);
    }
}
