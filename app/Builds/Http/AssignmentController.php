<?php

declare(strict_types=1);

namespace App\Builds\Http;

use App\Builds\Actions\GiveProcedure;
use App\Builds\Actions\TakeBackProcedure;
use App\Builds\Http\Requests\GiveProcedureRequest;
use App\People\Http\PersonRequest;
use App\Shared\Http\DeskCommand;
use Illuminate\Http\JsonResponse;

final class AssignmentController
{
    public function store(string $build, GiveProcedureRequest $request, GiveProcedure $give): JsonResponse
    {
        $id = $give($build, $request->text('joint'), $request->text('person'), $request->person(), DeskCommand::from($request), $request->optionalText('procedure'));

        return new JsonResponse(['id' => $id], 201);
    }

    public function takeBack(string $assignment, PersonRequest $request, TakeBackProcedure $takeBack): JsonResponse
    {
        $takeBack($assignment, $request->person());

        return new JsonResponse(null, 204);
    }
}
