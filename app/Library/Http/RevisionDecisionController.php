<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Actions\ApproveRevision;
use App\Library\Actions\TurnDownRevision;
use App\Library\Http\Requests\ApproveRequest;
use App\Library\Http\Requests\ReturnRequest;
use App\Library\Http\Requests\WithdrawRevisionRequest;
use App\Library\Models\StoredRevision;
use App\People\Actions\ReenterPassword;
use Illuminate\Http\JsonResponse;

final class RevisionDecisionController
{
    public function approve(StoredRevision $revision, ApproveRequest $request, ApproveRevision $approve, ReenterPassword $password): JsonResponse
    {
        $password($request->person(), $request->text('password'));
        $approve($revision, $request->person(), $request->text('document_hash'));

        return new JsonResponse(null, 204);
    }

    public function back(StoredRevision $revision, ReturnRequest $request, TurnDownRevision $turnDown): JsonResponse
    {
        $turnDown->back($revision, $request->text('reason'), $request->person());

        return new JsonResponse(null, 204);
    }

    public function withdraw(StoredRevision $revision, WithdrawRevisionRequest $request, TurnDownRevision $turnDown, ReenterPassword $password): JsonResponse
    {
        $turnDown->withdraw($revision, $request->text('reason'), $request->person(), $password($request->person(), $request->text('password')));

        return new JsonResponse(null, 204);
    }
}
