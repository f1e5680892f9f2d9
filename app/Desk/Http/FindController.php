<?php

declare(strict_types=1);

namespace App\Desk\Http;

use App\Shared\Contracts\Findable;
use Illuminate\Http\JsonResponse;

/** The one scan field: asks every area what it knows of a text. */
final class FindController
{
    /** @param  iterable<Findable>  $finders */
    public function __construct(private readonly iterable $finders)
    {
    }

    public function __invoke(FindRequest $request): JsonResponse
    {
        $text = $request->wanted();
        $found = [];
        foreach ($this->finders as $finder) {
            array_push($found, ...$finder->find($text));
        }

        return new JsonResponse(['found' => $found]);
    }
}
