<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Actions\KeepPerson;
use App\People\Actions\ReenterPassword;
use App\People\Http\Requests\AddPersonRequest;
use App\People\Http\Requests\PersonChangeRequest;
use App\People\Models\Person;
use App\People\Queries\PeopleSheet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The shop's people: who they are, what they may do, which browsers are benches. */
final class PeopleController
{
    public function index(Request $request, PeopleSheet $sheet): JsonResponse
    {
        return new JsonResponse($sheet->of(BenchSession::device($request)?->id));
    }

    public function store(AddPersonRequest $request, KeepPerson $keep, ReenterPassword $password): JsonResponse
    {
        $password($request->person(), $request->text('password'));

        return new JsonResponse(['id' => $keep->add($request->names(), $request->roles(), $request->optionalText('customer'), $request->person())->id], 201);
    }

    public function rename(Person $person, PersonChangeRequest $request, KeepPerson $keep): JsonResponse
    {
        $keep->rename($person, ['name' => $request->text('name'), 'sign_in_name' => $request->lower('sign_in_name')], $request->person());

        return new JsonResponse(null, 204);
    }

    public function badge(Person $person, PersonChangeRequest $request, KeepPerson $keep): JsonResponse
    {
        $keep->badge($person, $request->optionalText('badge'), $request->person());

        return new JsonResponse(null, 204);
    }

    public function shift(Person $person, PersonChangeRequest $request, KeepPerson $keep): JsonResponse
    {
        $keep->shift($person, $request->optionalText('shift'), $request->person());

        return new JsonResponse(null, 204);
    }

    public function roles(Person $person, PersonChangeRequest $request, KeepPerson $keep, ReenterPassword $password): JsonResponse
    {
        $password($request->person(), $request->text('password'));
        $keep->roles($person, $request->roles(), $request->person());

        return new JsonResponse(null, 204);
    }
}
