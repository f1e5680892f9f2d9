<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Actions\AddProcedure;
use App\Library\Actions\SaveDraft;
use App\Library\Http\Requests\AddProcedureRequest;
use App\Library\Http\Requests\FindProceduresRequest;
use App\Library\Models\Joint;
use App\Library\Models\Procedure;
use App\Library\Queries\ProcedureList;
use App\Library\Queries\Procedures;
use App\Library\Queries\ProcedureSheet;
use App\Shared\Refused;
use Illuminate\Http\JsonResponse;
use Tekkal\Core\Document\InvalidDocument;
use Tekkal\Core\Document\LineSketch;

final class ProcedureController
{
    public function index(FindProceduresRequest $request): JsonResponse
    {
        return JsonResponse::fromJsonString(ProcedureList::json($request->validated()));
    }

    public function show(Procedure $procedure): JsonResponse
    {
        return new JsonResponse(ProcedureSheet::of($procedure));
    }

    public function store(AddProcedureRequest $request, AddProcedure $add, SaveDraft $drafts): JsonResponse
    {
        $joint = Joint::query()->find($request->text('joint')) ?? throw Refused::field('joint', 'There is no such joint.', $request->text('joint'));
        $copied = $request->optionalText('copy_of');
        $sister = $copied === null ? null : Procedures::find($copied);
        $said = self::said($request->text('line'));
        $procedure = $add($joint, $request->text('option'), $request->person(), $sister?->id, $request->optionalText('variant'));
        $drafts->begin($procedure, $request->person(), match (true) {
            $sister !== null => self::copied($sister, $procedure),
            $said !== [] => $said + SaveDraft::blank($procedure),
            default => null,
        });

        return new JsonResponse(['id' => $procedure->id], 201);
    }

    /** @return array<string, mixed> what a line says of a document; what of it is not understood is said before anything is begun */
    private static function said(string $line): array
    {
        try {
            return $line === '' ? [] : LineSketch::begun($line);
        } catch (InvalidDocument $e) {
            throw Refused::field('line', $e->problems[0]->sentence(), $line);
        }
    }

    /** @return array<string, mixed> the sister's document under the copy's own names */
    private static function copied(Procedure $sister, Procedure $copy): array
    {
        $revision = Procedures::last($sister->id)->revision ?? throw Refused::field('copy_of', 'That procedure has no revision to copy yet.', $sister->id);
        [$family, $joint] = Procedures::names($copy);

        return ['family' => $family, 'joint' => $joint, 'option' => $copy->option] + Procedures::document($revision);
    }
}
