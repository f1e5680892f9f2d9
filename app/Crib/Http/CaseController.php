<?php

declare(strict_types=1);

namespace App\Crib\Http;

use App\Crib\Actions\CloseCase;
use App\Crib\Actions\DecideCase;
use App\Crib\Actions\DoubtStandard;
use App\Crib\Http\Requests\DecideCaseRequest;
use App\Crib\Http\Requests\DoubtStandardRequest;
use App\Crib\Models\LookBackCase;
use App\Crib\Queries\CaseSheet;
use App\People\Http\PersonRequest;
use Illuminate\Http\JsonResponse;

/** Look-back cases: what a wrong tool has touched, and what becomes of it. */
final class CaseController
{
    public function index(): JsonResponse
    {
        return new JsonResponse(['cases' => CaseSheet::list()]);
    }

    public function show(string $case): JsonResponse
    {
        return new JsonResponse(CaseSheet::of(LookBackCase::numbered($case)));
    }

    public function decide(string $case, DecideCaseRequest $request, DecideCase $decide): JsonResponse
    {
        $decide(LookBackCase::numbered($case)->id, $request->builds(), $request->decision(), $request->fasteners(), $request->person());

        return $this->show($case);
    }

    public function close(string $case, PersonRequest $request, CloseCase $close): JsonResponse
    {
        $close(LookBackCase::numbered($case)->id, $request->person());

        return $this->show($case);
    }

    public function doubt(string $standard, DoubtStandardRequest $request, DoubtStandard $doubt): JsonResponse
    {
        return new JsonResponse(['tools' => $doubt($standard, $request->text('since'), $request->optionalText('off'), $request->person())]);
    }
}
