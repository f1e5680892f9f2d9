<?php

declare(strict_types=1);

namespace App\Bench\Http;

use App\Bench\Actions\ExchangeSubassembly;
use App\Bench\Http\Requests\ExchangeRequest;
use App\Bench\Queries\Exchange;
use App\Bench\Queries\Opening;
use App\Record\Models\Subject;
use Illuminate\Http\JsonResponse;

/** A head or a short block goes into an engine, or comes off it. */
final class ExchangeController
{
    /** What would come off and what that costs, and what could go in. */
    public function show(Subject $build, string $kind): JsonResponse
    {
        $exchange = Exchange::of($build, $kind);
        $off = $exchange->hasOne();

        return new JsonResponse([
            'kind' => $exchange->kind,
            'off' => $off ? ['own' => $exchange->fitted === null, 'title' => $exchange->fitted?->title()] : null,
            'joints' => $off ? Opening::costs($exchange->comesApart()) : [],
            'ready' => array_map(fn (Subject $s): array => ['id' => $s->id, 'title' => $s->title(), 'owner' => $s->ownedBy(), 'finished_at' => $s->finished_at?->toIso8601ZuluString()], $exchange->ready()),
        ]);
    }

    public function store(Subject $build, string $kind, ExchangeRequest $request, ExchangeSubassembly $exchange): JsonResponse
    {
        $exchange($build->id, $kind, $request->text('fit'), $request->text('serial'), $request->text('why'), $request->person());

        return new JsonResponse(null, 204);
    }
}
