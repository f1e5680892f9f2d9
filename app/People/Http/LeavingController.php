<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Actions\LetGo;
use App\People\Actions\ReenterPassword;
use App\People\Contracts\Holding;
use App\People\Http\Requests\PersonChangeRequest;
use App\People\Models\Person;
use App\Shared\Refused;
use Illuminate\Http\JsonResponse;

/** Somebody leaves, or comes back. */
final class LeavingController
{
    public function show(Person $person, LetGo $letGo): JsonResponse
    {
        return new JsonResponse(['holdings' => array_map(fn (Holding $h): array => (array) $h, $letGo->holdings($person))]);
    }

    public function leave(Person $person, PersonChangeRequest $request, LetGo $letGo, ReenterPassword $password): JsonResponse
    {
        $password($request->person(), $request->text('password'));
        $successor = $request->optionalText('successor');
        $letGo->leaves($person, $successor === null ? null : Person::query()->find($successor) ?? throw Refused::field('successor', Person::missing(), $successor), $request->person());

        return new JsonResponse(null, 204);
    }

    public function comeBack(Person $person, PersonChangeRequest $request, LetGo $letGo, ReenterPassword $password): JsonResponse
    {
        $password($request->person(), $request->text('password'));
        $letGo->comesBack($person, $request->roles(), $request->person());

        return new JsonResponse(null, 204);
    }
}
