<?php

declare(strict_types=1);

namespace App\Audit\Http;

use App\Builds\Queries\VisibleBuilds;
use App\Ledger\Stream;
use App\Record\Models\Run;
use App\Record\Queries\RunHistory;
use App\Shared\Refused;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Says whether a run has moved on since a screen last looked. One indexed read, no session write. */
final class LiveController
{
    public function __invoke(Request $request): JsonResponse|Response
    {
        $given = $request->validate(['run' => 'required|uuid', 'since' => 'required|integer|min:0']);
        $run = Run::query()->find($given['run']) ?? throw Refused::notFound('There is no such run.');
        VisibleBuilds::find($run->subject, $request->user());
        $last = Stream::lastSeq(RunHistory::stream($run->id));

        return $last > (int) $given['since'] ? new JsonResponse(['last_seq' => $last]) : response()->noContent();
    }
}
