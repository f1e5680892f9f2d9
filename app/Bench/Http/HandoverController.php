<?php

declare(strict_types=1);

namespace App\Bench\Http;

use App\Bench\Actions\HandOver;
use App\Bench\Http\Requests\HandoverRequest;
use App\Bench\Queries\ShiftLeft;
use App\People\Http\BenchSession;
use App\People\Http\PersonRequest;
use Illuminate\Http\JsonResponse;

/** What a shift leaves behind, and that two have signed it. */
final class HandoverController
{
    public function show(PersonRequest $request, ShiftLeft $what): JsonResponse
    {
        $engines = $what->of($request->person());

        return new JsonResponse(['engines' => $engines, 'mark' => ShiftLeft::mark($engines)]);
    }

    public function store(HandoverRequest $request, HandOver $hand): JsonResponse
    {
        $hand($request->person(), $request->text('pin'), $request->text('badge'), $request->text('second_pin'), $request->text('said'), BenchSession::requireDevice($request)->id, $request->text('seen'));

        return new JsonResponse(null, 204);
    }
}
