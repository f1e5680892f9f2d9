<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Http\Requests\ExportRequest;
use App\Library\Queries\Export;
use Illuminate\Http\JsonResponse;

final class ExportController
{
    public function __invoke(ExportRequest $request): JsonResponse
    {
        return (new JsonResponse(Export::library($request->optionalText('family')), 200, ['Content-Disposition' => 'attachment; filename="tekkal-library.json"']))
            ->setEncodingOptions(JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
