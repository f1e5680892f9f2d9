<?php

declare(strict_types=1);

namespace App\Builds\Http;

use App\Builds\Actions\OpenBuild;
use App\Builds\Http\Requests\BuildTableRequest;
use App\Builds\Http\Requests\OpenManyRequest;
use App\Builds\Print\BuildLabels;
use App\Builds\Queries\BuildTable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Many engines at once: out of a table, and as labels. */
final class BuildTableController
{
    public function read(BuildTableRequest $request): JsonResponse
    {
        return new JsonResponse(['rows' => BuildTable::read($request->text('text'), $request->text('customer'), $request->boolean('waits'))]);
    }

    public function store(OpenManyRequest $request, OpenBuild $open): JsonResponse
    {
        return new JsonResponse(['ids' => $open->many($request->openings(), $request->person())], 201);
    }

    public function labels(Request $request): Response
    {
        $builds = array_values(array_filter(explode(',', (string) $request->query('builds'))));

        return new Response(BuildLabels::pdf($builds), 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="labels.pdf"']);
    }
}
