<?php

declare(strict_types=1);

namespace App\People\Http;

use App\People\Actions\UnlockPin;
use App\People\Models\Person;
use Illuminate\Http\JsonResponse;

final class PinController
{
    public function unlock(Person $person, PersonRequest $request, UnlockPin $unlock): JsonResponse
    {
        $unlock($person, $request->person());

        return new JsonResponse(null, 204);
    }
}
