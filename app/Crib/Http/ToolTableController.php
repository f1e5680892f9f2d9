<?php

declare(strict_types=1);

namespace App\Crib\Http;

use App\Crib\Calendar;
use App\Crib\Http\Requests\ToolTableRequest;
use App\Crib\Print\ToolLabels;
use App\Crib\Queries\CribBoard;
use App\Crib\Queries\ServedProcedures;
use App\Crib\Queries\ToolTable;
use App\Shared\Refused;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The tools as a table that comes in or goes out, as labels, and as dates in a calendar. */
final class ToolTableController
{
    public function read(ToolTableRequest $request): JsonResponse
    {
        return new JsonResponse(['rows' => ToolTable::read($request->text('csv'))]);
    }

    public function csv(): Response
    {
        return new Response(ToolTable::write((new CribBoard)->standings), 200, ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="tools.csv"']);
    }

    /** Which tools carry out which procedure, and which none can. */
    public function served(): JsonResponse
    {
        return new JsonResponse(ServedProcedures::today());
    }

    public function labels(Request $request): Response
    {
        $codes = array_values(array_filter(explode(',', (string) $request->query('tools'))));

        return new Response(ToolLabels::pdf($codes), 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="labels.pdf"']);
    }

    /** For the desk: where a calendar finds the dates. */
    public function address(): JsonResponse
    {
        return new JsonResponse(['path' => Calendar::path()]);
    }

    /** For a calendar, which signs in nowhere: whoever has the address may read the dates. */
    public function calendar(string $token): Response
    {
        if (! hash_equals(Calendar::token(), $token)) {
            throw Refused::notFound('There is nothing at this address.');
        }

        return new Response(Calendar::of((new CribBoard)->standings), 200, ['Content-Type' => 'text/calendar; charset=utf-8', 'Content-Disposition' => 'inline; filename="tools.ics"']);
    }
}
