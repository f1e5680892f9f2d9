<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Actions\SetStandard;
use App\Library\Http\Requests\AskStandardRequest;
use App\Library\Http\Requests\SignRequest;
use App\Library\Models\Standard;
use App\People\Actions\ReenterPassword;
use Illuminate\Http\JsonResponse;

final class StandardController
{
    public function store(AskStandardRequest $request, SetStandard $set): JsonResponse
    {
        return new JsonResponse(['id' => $set->ask($request->fields(), $request->person())], 201);
    }

    public function approve(Standard $standard, SignRequest $request, SetStandard $set, ReenterPassword $password): JsonResponse
    {
        $set->approve($standard->id, $request->person(), $password($request->person(), $request->text('password')));

        return new JsonResponse(null, 204);
    }
}
