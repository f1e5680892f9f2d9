<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Actions\GrantPermit;
use App\Library\Http\Requests\ClosePermitRequest;
use App\Library\Http\Requests\SignRequest;
use App\Library\Models\Permit;
use App\People\Actions\ReenterPassword;
use Illuminate\Http\JsonResponse;

final class PermitDecisionController
{
    public function __construct(private readonly GrantPermit $grant)
    {
    }

    public function approve(Permit $permit, SignRequest $request, ReenterPassword $password): JsonResponse
    {
        $this->grant->approve($permit->id, $request->person(), $password($request->person(), $request->text('password')));

        return new JsonResponse(null, 204);
    }

    public function refuse(Permit $permit, ClosePermitRequest $request): JsonResponse
    {
        $this->grant->close($permit->id, $request->person(), 'refused', $request->text('reason'));

        return new JsonResponse(null, 204);
    }

    public function withdraw(Permit $permit, ClosePermitRequest $request): JsonResponse
    {
        $this->grant->close($permit->id, $request->person(), 'withdrawn', $request->text('reason'));

        return new JsonResponse(null, 204);
    }
}
