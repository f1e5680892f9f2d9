<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Actions\GiveSecret;
use App\People\Actions\ReenterPassword;
use App\People\Http\Requests\PersonChangeRequest;
use App\People\Models\Person;
use Illuminate\Http\JsonResponse;

/** Ways to a secret of one's own. Each answer is handed out once and kept nowhere. */
final class SecretController
{
    public function pin(Person $person, PersonChangeRequest $request, GiveSecret $give, ReenterPassword $password): JsonResponse
    {
        $password($request->person(), $request->text('password'));

        return new JsonResponse(['pin' => $give->pin($person, $request->person())], 201);
    }

    public function link(Person $person, PersonChangeRequest $request, GiveSecret $give, ReenterPassword $password): JsonResponse
    {
        $password($request->person(), $request->text('password'));
        ['token' => $token, 'until' => $until] = $give->link($person, $request->person());

        return new JsonResponse(['path' => "/welcome/$token", 'until' => $until->toIso8601ZuluString()], 201);
    }
}
