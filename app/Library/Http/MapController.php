<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\Http\Requests\ReadMapRequest;
use App\Library\Queries\Procedures;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Tekkal\Core\Document\InvalidDocument;
use Tekkal\Core\Document\MapCsv;

final class MapController
{
    /** Positions out of a table. */
    public function read(ReadMapRequest $request): JsonResponse
    {
        try {
            return new JsonResponse(['positions' => MapCsv::read($request->text('csv'), $request->names('groups'), $request->names('parts'))]);
        } catch (InvalidDocument $e) {
            throw new Refused(ProblemType::BadDocument, sprintf('The table has %d %s; the first: %s', count($e->problems), count($e->problems) === 1 ? 'problem' : 'problems', $e->problems[0]->sentence()), 422, ['field' => 'csv', 'problems' => array_map(fn ($p): array => (array) $p, $e->problems)]);
        }
    }

    public function csv(string $revision): Response
    {
        return new Response(MapCsv::write((array) (Procedures::document($revision)['map'] ?? [])), 200, ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="map.csv"']);
    }
}
