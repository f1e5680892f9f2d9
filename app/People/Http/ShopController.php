<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Actions\SetShop;
use App\People\Http\Requests\ShopRequest;
use App\People\Queries\StepsLeft;
use App\People\Shop;
use DateTimeZone;
use Illuminate\Http\JsonResponse;

/** How the shop is set, and what it still has to do before it begins. */
final class ShopController
{
    public function show(): JsonResponse
    {
        $shop = Shop::here();

        return new JsonResponse([
            'shop' => ['name' => $shop->name, 'time_zone' => $shop->timeZone, 'torque_unit' => $shop->torqueUnit, 'length_unit' => $shop->lengthUnit],
            'shifts' => array_map(fn ($s): array => ['name' => $s->name, 'from' => $s->from, 'to' => $s->to], $shop->shifts),
            'zones' => DateTimeZone::listIdentifiers(),
        ]);
    }

    public function store(ShopRequest $request, SetShop $set): JsonResponse
    {
        $set->shop($request->shop(), $request->person());

        return new JsonResponse(null, 204);
    }

    public function shifts(ShopRequest $request, SetShop $set): JsonResponse
    {
        $set->shifts($request->shifts(), $request->person());

        return new JsonResponse(null, 204);
    }

    public function skills(ShopRequest $request, SetShop $set): JsonResponse
    {
        $set->skills($request->boolean('decide'), $request->person());

        return new JsonResponse(null, 204);
    }

    public function steps(StepsLeft $left): JsonResponse
    {
        return new JsonResponse(['steps' => $left->all()]);
    }

    public function step(string $step, ShopRequest $request, SetShop $set): JsonResponse
    {
        $set->step($step, $request->text('as'), $request->person());

        return new JsonResponse(null, 204);
    }
}
