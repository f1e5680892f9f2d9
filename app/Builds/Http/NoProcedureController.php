<?php

declare(strict_types=1);

namespace App\Builds\Http;

use App\Builds\Actions\GiveByTable;
use App\Builds\Actions\TellJoint;
use App\Builds\Http\Requests\GiveByTableRequest;
use App\Builds\Http\Requests\ToldJointRequest;
use App\People\Http\PersonRequest;
use App\Shared\Http\DeskCommand;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** A joint that no procedure is written for: given out by a general table, or told as it was tightened. */
final class NoProcedureController
{
    public function byTable(string $build, string $joint, GiveByTableRequest $request, GiveByTable $give): JsonResponse
    {
        return new JsonResponse(['id' => $give($build, $joint, $request->byRow(), $request->boolean('class_c'), $request->text('person'), $request->person(), DeskCommand::from($request))], 201);
    }

    public function tell(string $build, string $joint, ToldJointRequest $request, TellJoint $tell): Response
    {
        $tell($build, $joint, $request->text('told'), $request->text('worked_by'), $request->text('worked_on'), $request->person());

        return response()->noContent();
    }

    public function takeBack(string $build, string $joint, PersonRequest $request, TellJoint $tell): Response
    {
        $tell->takeBack($build, $joint, $request->person());

        return response()->noContent();
    }
}
