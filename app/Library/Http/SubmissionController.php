<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Actions\SubmitRevision;
use App\Library\Http\Requests\SubmitDraftRequest;
use App\Library\Models\Procedure;
use Illuminate\Http\JsonResponse;

final class SubmissionController
{
    /** Hands a draft in for a signature. */
    public function __invoke(Procedure $procedure, SubmitDraftRequest $request, SubmitRevision $submit): JsonResponse
    {
        return new JsonResponse(['id' => $submit->draft($procedure, $request->integer('version'), $request->person())->id], 201);
    }
}
