<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Actions\GrantPermit;
use App\Library\Http\Requests\AskPermitRequest;
use App\Library\Queries\Permits;
use App\Shared\Http\DeskCommand;
use Illuminate\Http\JsonResponse;

final class PermitController
{
    public function index(): JsonResponse
    {
        return new JsonResponse(['permits' => Permits::all()]);
    }

    public function store(AskPermitRequest $request, GrantPermit $grant): JsonResponse
    {
        return new JsonResponse(['id' => $grant->ask($request->text('procedure'), $request->fields(), $request->person(), DeskCommand::from($request))], 201);
    }
}
