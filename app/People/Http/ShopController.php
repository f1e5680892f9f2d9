<?php

declare(strict_types=1);

namespace App\People\Http;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Actions\SetShop;
use App\People\Http\Requests\ShopRequest;
use App\People\Queries\StepsLeft;
use App\People\Shop;
use App\Shared\Ids;
use App\Shared\Refused;
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

    public function steps(StepsLeft $left): JsonResponse
    {
        return new JsonResponse(['steps' => $left->all()]);
    }

    /** What is not done now is done later, or not at all; either can be taken back. */
    public function step(string $step, ShopRequest $request, StepsLeft $left, Recorder $recorder): JsonResponse
    {
        if (! in_array($step, array_column($left->all(), 'key'), true)) {
            throw Refused::notFound('There is no such step.');
        }
        $recorder->transaction(fn () => $recorder->append(new Draft(Ids::next(), 'first_step_put', Shop::STREAM, $request->person()->id, data: ['step' => $step, 'as' => $request->text('as')])));

        return new JsonResponse(null, 204);
    }
}
