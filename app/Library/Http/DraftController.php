<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Actions\SaveDraft;
use App\Library\Http\Requests\SaveDraftRequest;
use App\Library\Http\Resources\DraftResource;
use App\Library\Models\Procedure;
use App\Library\Models\RevisionStatus;
use App\Library\Models\WorkingDraft;
use App\People\Http\PersonRequest;
use App\Shared\Refused;
use Illuminate\Http\JsonResponse;

final class DraftController
{
    public function show(Procedure $procedure): JsonResponse
    {
        $draft = WorkingDraft::query()->with('saver')->where('procedure', $procedure->id)->first() ?? throw Refused::notFound('This procedure has no draft. Begin one first.');
        $sentBack = RevisionStatus::query()->where('procedure', $procedure->id)->where('letter', $draft->letter)->get()->sortByDesc('submitted_at')->first()?->remark;

        return new JsonResponse(new DraftResource($draft, $procedure, $sentBack));
    }

    public function begin(Procedure $procedure, PersonRequest $request, SaveDraft $drafts): JsonResponse
    {
        return new JsonResponse(['version' => $drafts->begin($procedure, $request->person())->version], 201);
    }

    public function save(Procedure $procedure, SaveDraftRequest $request, SaveDraft $drafts): JsonResponse
    {
        return new JsonResponse(['version' => $drafts->save($procedure, (array) $request->validated('document'), $request->answers(), $request->integer('version'), $request->person())->version]);
    }

    public function discard(Procedure $procedure, SaveDraft $drafts): JsonResponse
    {
        $drafts->discard($procedure);

        return new JsonResponse(null, 204);
    }
}
