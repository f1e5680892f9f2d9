<?php

declare(strict_types=1);

namespace App\Audit\Http;

use App\Audit\Http\Requests\LiveRequest;
use App\Ledger\Stream;
use App\Record\Models\Run;
use App\Record\Models\Subject;
use App\Record\Queries\RunHistory;
use App\Shared\Refused;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

final class LiveController
{
    /** Number of the run's last entry, if it is newer than the one that is known; else nothing. */
    public function __invoke(LiveRequest $request): JsonResponse|Response
    {
        $run = Run::query()->find($request->text('run')) ?? throw Refused::notFound('There is no such run.');
        Gate::authorize('view', Subject::query()->findOrFail($run->subject));
        $last = Stream::lastSeq(RunHistory::stream($run->id));

        return $last > $request->integer('since') ? new JsonResponse(['last_seq' => $last]) : response()->noContent();
    }
}
