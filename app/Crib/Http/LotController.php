<?php

declare(strict_types=1);

namespace App\Crib\Http;

use App\Crib\Actions\KeepLot;
use App\Crib\Http\Requests\CountLotRequest;
use App\Crib\Http\Requests\LotRequest;
use App\Crib\Models\Lot;
use App\Crib\Queries\ToolBook;
use App\People\Http\PersonRequest;
use App\Record\Queries\StopsInForce;
use App\Record\StopWhat;
use Illuminate\Http\JsonResponse;

/** Lots of fasteners and of what is used up. */
final class LotController
{
    public function __construct(private readonly KeepLot $keep)
    {
    }

    public function index(): JsonResponse
    {
        $today = ToolBook::day(now()->toImmutable())->date;
        $lots = Lot::query()->get()->sortBy([['state', 'desc'], ['kind', 'asc'], ['number', 'asc']])->values();

        return new JsonResponse(['today' => $today, 'lots' => $lots->map(fn (Lot $l): array => $l->only(['id', 'number', 'kind', 'name', 'certificate', 'quantity', 'unit', 'received_on', 'expires_on', 'place', 'state']) + ['expired' => $l->expires_on !== null && $l->expires_on < $today, 'stop' => StopsInForce::here()->told(StopWhat::Lot, $l->id)])]);
    }

    public function store(LotRequest $request): JsonResponse
    {
        $fields = array_filter((array) $request->validated(), is_string(...));

        return new JsonResponse(['id' => $this->keep->receive($fields, $request->person())], 201);
    }

    public function count(string $lot, CountLotRequest $request): JsonResponse
    {
        $this->keep->count($lot, $request->text('quantity'), $request->person());

        return $this->index();
    }

    public function close(string $lot, PersonRequest $request): JsonResponse
    {
        $this->keep->close($lot, $request->person());

        return $this->index();
    }
}
