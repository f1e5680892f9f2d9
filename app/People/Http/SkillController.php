<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Actions\EnterAbsence;
use App\People\Actions\SignSkill;
use App\People\Http\Requests\AbsenceRequest;
use App\People\Http\Requests\SignSkillRequest;
use App\People\Models\Person;
use Illuminate\Http\JsonResponse;

/** What somebody may do, and when they are not here. */
final class SkillController
{
    public function sign(Person $person, SignSkillRequest $request, SignSkill $sign): JsonResponse
    {
        return new JsonResponse(['id' => $sign->sign($person, $request->terms(), $request->person())], 201);
    }

    public function end(string $skill, PersonRequest $request, SignSkill $sign): JsonResponse
    {
        $sign->end($skill, $request->person());

        return new JsonResponse(null, 204);
    }

    public function away(Person $person, AbsenceRequest $request, EnterAbsence $absence): JsonResponse
    {
        return new JsonResponse(['id' => $absence->enter($person, $request->text('first_day'), $request->text('last_day'), $request->person())], 201);
    }

    public function here(string $absence, PersonRequest $request, EnterAbsence $cancel): JsonResponse
    {
        $cancel->cancel($absence, $request->person());

        return new JsonResponse(null, 204);
    }
}
