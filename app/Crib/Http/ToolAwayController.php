<?php

declare(strict_types=1);

namespace App\Crib\Http;

use App\Crib\Actions\MoveTool;
use App\Crib\Http\Requests\IntervalRequest;
use App\Crib\Http\Requests\RetireRequest;
use App\Crib\Http\Requests\SendToolsRequest;
use App\Crib\Http\Requests\ToolsBackRequest;
use App\Crib\Models\ToolRow;
use App\Crib\Queries\ToolPage;
use App\Ledger\Recorder;
use App\Shared\Refused;
use Illuminate\Http\JsonResponse;

/** Tools go away and come back, many at once; one is retired; how long one may go is decided. */
final class ToolAwayController
{
    public function __construct(private readonly MoveTool $move, private readonly Recorder $recorder)
    {
    }

    /** All of them or none. */
    public function send(SendToolsRequest $request): JsonResponse
    {
        $this->recorder->transaction(fn () => array_map(fn (string $t) => $this->move->send(ToolRow::get($t)->id, $request->text('laboratory'), $request->person()), $request->tools()));

        return new JsonResponse(['sent' => count($request->tools())]);
    }

    /** All of them or none. */
    public function back(ToolsBackRequest $request): JsonResponse
    {
        $this->recorder->transaction(fn () => array_map(fn (string $t) => $this->move->cameBack(ToolRow::get($t)->id, $request->person()), $request->tools()));

        return new JsonResponse(['back' => count($request->tools())]);
    }

    public function retire(string $tool, RetireRequest $request): JsonResponse
    {
        $this->move->retire(ToolRow::get($tool)->id, $request->text('reason'), $request->person());

        return new JsonResponse(ToolPage::of(ToolRow::get($tool)));
    }

    public function interval(string $tool, IntervalRequest $request): JsonResponse
    {
        $row = ToolRow::get($tool);
        if ($row->months === $request->months()) {
            throw Refused::field('months', "$row->code has an interval of $row->months months already.", $request->months());
        }
        $this->move->setInterval($row->id, $request->months(), $request->person());

        return new JsonResponse(ToolPage::of(ToolRow::get($tool)));
    }
}
