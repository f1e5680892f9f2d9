<?php

declare(strict_types=1);

namespace App\Bench\Http;

use App\Bench\Queries\WhatIsWrong;
use App\Shared\Refused;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Tekkal\Core\Call\Mishap;

/** For benches beside whose page no core runs: the same that it would say. */
final class MishapController
{
    public function __construct(private readonly WhatIsWrong $wrong)
    {
    }

    public function index(string $run): JsonResponse
    {
        return new JsonResponse($this->wrong->tiles($run));
    }

    public function show(string $run, string $mishap, Request $request): JsonResponse
    {
        $given = $request->validate(['position' => 'nullable|string|max:120', 'choice' => 'nullable|string|max:120']);

        return new JsonResponse($this->wrong->weighed($run, Mishap::tryFrom($mishap) ?? throw Refused::notFound('Nothing of that kind can be said here.'), $given['position'] ?? null, $given['choice'] ?? null));
    }
}
