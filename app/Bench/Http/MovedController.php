<?php

declare(strict_types=1);

namespace App\Bench\Http;

use App\Bench\Http\Requests\MovedRequest;
use App\Ledger\Stream;
use App\Record\Models\Run;
use App\Record\Queries\RunHistory;
use App\Record\Queries\StopsInForce;
use App\Shared\Refused;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;

/** A bench asks every two seconds whether somebody else has gone on with a run, or the shop has stopped something: two indexed reads, and no session is written. */
final class MovedController
{
    public function __invoke(string $run, MovedRequest $request): JsonResponse|Response
    {
        [$last, $stops] = [Stream::lastSeq(RunHistory::stream($run)), StopsInForce::version()];
        if ($last === 0 && ! Run::query()->whereKey($run)->exists()) {
            throw Refused::notFound('There is no such run.');
        }

        return $last > $request->integer('since') || $stops !== $request->integer('stops', $stops) ? new JsonResponse(['last_seq' => $last, 'stops' => $stops]) : response()->noContent();
    }
}
