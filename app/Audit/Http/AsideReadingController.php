<?php

declare(strict_types=1);

namespace App\Audit\Http;

use App\Audit\Actions\DismissReading;
use App\Audit\Http\Requests\DismissReadingRequest;
use Illuminate\Http\JsonResponse;

final class AsideReadingController
{
    public function dismiss(string $entry, DismissReadingRequest $request, DismissReading $dismiss): JsonResponse
    {
        $dismiss($entry, $request->text('reason'), $request->optionalText('text'), $request->person());

        return new JsonResponse(null, 204);
    }
}
