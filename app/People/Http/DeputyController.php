<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Actions\EndDeputy;
use App\People\Actions\NameDeputy;
use App\People\Http\Requests\NameDeputyRequest;
use App\People\Models\Person;
use App\Shared\Refused;
use Illuminate\Http\JsonResponse;

/** Who stands in for the lead at a bench. */
final class DeputyController
{
    public function store(NameDeputyRequest $request, NameDeputy $name): JsonResponse
    {
        $person = Person::query()->find($request->text('person')) ?? throw Refused::notFound(Person::missing());

        return new JsonResponse(['id' => $name($person, $request->terms(), $request->person())], 201);
    }

    public function end(string $deputy, PersonRequest $request, EndDeputy $end): JsonResponse
    {
        $end($deputy, $request->person());

        return new JsonResponse(null, 204);
    }
}
