<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Http\Requests\AssessRequest;
use App\Library\Queries\DraftAssessment;
use App\Library\Queries\Procedures;
use App\Library\Queries\ProcedureSheet;
use Illuminate\Http\JsonResponse;
use Tekkal\Core\Document\Comparison;

final class AssessmentController
{
    /** What the core makes of a document as it stands on somebody's screen; nothing is stored. */
    public function __invoke(AssessRequest $request): JsonResponse
    {
        $document = (array) $request->validated('document');
        $assessed = DraftAssessment::at($document);
        $against = $request->optionalText('against');

        return new JsonResponse($assessed->toArray() + [
            'changes' => $against === null || $assessed->revision === null ? []
                : ProcedureSheet::told(Comparison::of(Procedures::revision($against), Procedures::document($against), $assessed->revision, $document)),
        ]);
    }
}
