<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Actions\OpenShop;
use App\People\Actions\SetOwnSecret;
use App\People\Http\Requests\FirstUseRequest;
use App\People\Http\Requests\WelcomeRequest;
use App\People\Shop;
use DateTimeZone;
use Illuminate\Http\JsonResponse;

/** The first way into a shop, and the first way in of each of its people at a desk. */
final class FirstUseController
{
    public function __construct(private readonly SessionController $session)
    {
    }

    public function code(FirstUseRequest $request, OpenShop $open): JsonResponse
    {
        $open->check($request->text('code'));

        return new JsonResponse(['name' => config('shop.name'), 'zones' => DateTimeZone::listIdentifiers()]);
    }

    public function open(FirstUseRequest $request, OpenShop $open): JsonResponse
    {
        $lead = $open($request->text('code'), $request->shop(), $request->lead(), $request->text('password'));

        return $this->session->signedIn($request, $lead);
    }

    public function welcome(string $token): JsonResponse
    {
        $person = SetOwnSecret::ofLink($token);

        return new JsonResponse(['name' => $person->displayName(), 'sign_in_name' => $person->sign_in_name, 'shop' => Shop::here()->name]);
    }

    public function setPassword(string $token, WelcomeRequest $request, SetOwnSecret $set): JsonResponse
    {
        return $this->session->signedIn($request, $set->byLink($token, $request->text('password')));
    }
}
