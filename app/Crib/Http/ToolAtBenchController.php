<?php

declare(strict_types=1);

namespace App\Crib\Http;

use App\Crib\Actions\MoveTool;
use App\Crib\ChainReason;
use App\Crib\Http\Requests\ChainRequest;
use App\Crib\Http\Requests\ReturnRequest;
use App\Crib\Models\ToolRow;
use App\Crib\Queries\HandOut;
use App\Crib\ToolState;
use App\People\Http\PersonRequest;
use App\People\Models\Person;
use Illuminate\Http\JsonResponse;

/** Whoever works at a bench helps himself while the keeper is away, under the keeper's own rule: takes a tool, brings it back, says that it was dropped. */
final class ToolAtBenchController
{
    public function __construct(private readonly MoveTool $move)
    {
    }

    public function show(string $tool, PersonRequest $request): JsonResponse
    {
        $row = ToolRow::get($tool);
        $row->load('calibrations');
        $holder = $row->held_by === null ? null : Person::query()->find($row->held_by)?->displayName();

        return new JsonResponse([
            'code' => $row->code, 'name' => $row->name, 'state' => $row->state->value, 'mine' => $row->held_by === $request->person()->id, 'holder' => $holder,
            'why_not' => $row->state === ToolState::Out ? ($row->held_by === $request->person()->id ? null : sprintf('%s is with %s. It comes back first.', $row->code, $holder ?? 'somebody')) : HandOut::whyNot($row),
        ]);
    }

    public function take(string $tool, PersonRequest $request): JsonResponse
    {
        $this->move->lend(ToolRow::get($tool)->id, $request->person(), null, $request->person());

        return $this->show($tool, $request);
    }

    public function bring(string $tool, ReturnRequest $request): JsonResponse
    {
        $this->move->takeBack(ToolRow::get($tool)->id, $request->text('elsewhere'), $request->person());

        return $this->show($tool, $request);
    }

    public function chain(string $tool, ChainRequest $request): JsonResponse
    {
        $this->move->chain(ToolRow::get($tool)->id, ChainReason::from($request->text('reason')), $request->person());

        return $this->show($tool, $request);
    }
}
