<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Http\Requests\CompareRequest;
use App\Library\Queries\ProcedureSheet;
use Illuminate\Http\JsonResponse;

final class ComparisonController
{
    public function __invoke(CompareRequest $request): JsonResponse
    {
        [$old, $new] = [$request->text('old'), $request->text('new')];

        return new JsonResponse(['old' => $old, 'new' => $new, 'changes' => ProcedureSheet::changes($old, $new)]);
    }
}
