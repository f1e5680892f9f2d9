<?php

declare(strict_types=1);

namespace App\Desk\Http;

use App\Shared\Contracts\Findable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The one scan field: asks every area what it knows of a text. */
final class FindController
{
    /** @param  iterable<Findable>  $finders */
    public function __construct(private readonly iterable $finders)
    {
    }

    public function __invoke(Request $request): JsonResponse
    {
        $text = $request->validate(['q' => 'required|string|min:2|max:60'], ['q.min' => 'Write at least 2 characters.', 'q.required' => 'Scan or type something to find.'])['q'];
        // Scanners put a prefix before serials (@S), tools (@T) and badges (@B), so that a scan never enters as a reading.
        $text = preg_replace('/^@[STB]/', '', trim($text)) ?? $text;
        $found = [];
        foreach ($this->finders as $finder) {
            array_push($found, ...$finder->find($text));
        }

        return new JsonResponse(['found' => $found]);
    }
}
