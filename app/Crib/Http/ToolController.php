<?php

declare(strict_types=1);

namespace App\Crib\Http;

use App\Crib\Actions\ChangeTool;
use App\Crib\Actions\RegisterTools;
use App\Crib\Http\Requests\ChangeToolRequest;
use App\Crib\Http\Requests\RegisterToolsRequest;
use App\Crib\Http\Resources\ToolResource;
use App\Crib\Models\ToolRow;
use App\Crib\Queries\CribBoard;
use App\Crib\Queries\ToolPage;
use App\Crib\Queries\ToolStanding;
use Illuminate\Http\JsonResponse;

/** The tools of the crib: all of them, one of them, new ones. */
final class ToolController
{
    public function index(): JsonResponse
    {
        $board = new CribBoard;
        $sending = $board->sending();

        return new JsonResponse([
            'today' => $board->today->date, 'sentence' => $board->sentence(), 'needs' => $board->needs(), 'tools' => $board->standings->map(fn (ToolStanding $s): ToolResource => new ToolResource($s)),
            'sending' => ['now' => $sending->now, 'wait' => array_map(fn (string $code, array $for): array => ['tool' => $code, 'for' => $for], array_keys($sending->wait), $sending->wait)],
        ]);
    }

    public function store(RegisterToolsRequest $request, RegisterTools $register): JsonResponse
    {
        return new JsonResponse(['ids' => $register($request->records(), $request->person())], 201);
    }

    public function show(string $tool): JsonResponse
    {
        return new JsonResponse(ToolPage::of(ToolRow::get($tool)));
    }

    public function change(string $tool, ChangeToolRequest $request, ChangeTool $change): JsonResponse
    {
        $change(ToolRow::get($tool)->id, $request->record(), $request->person());

        return $this->show($tool);
    }
}
