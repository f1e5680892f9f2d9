<?php

declare(strict_types=1);

namespace App\Builds\Http;

use App\Builds\Actions\OpenSubassembly;
use App\Builds\Http\Requests\OpenSubassemblyRequest;
use App\Builds\Queries\Stands;
use App\Builds\Queries\VisibleBuilds;
use App\People\Http\PersonRequest;
use App\Record\BuildState;
use App\Shared\Http\DeskCommand;
use Illuminate\Http\JsonResponse;

/** Heads and short blocks that have a number of their own. */
final class SubassemblyController
{
    /** What a shelf has room for. */
    private const ROOM = 300;

    public function index(PersonRequest $request, Stands $stands): JsonResponse
    {
        $here = [BuildState::Received, BuildState::Open, BuildState::Finished];

        return new JsonResponse($stands->of(VisibleBuilds::newest($request->person(), self::ROOM, states: $here, subassemblies: true)) + ['shown_at_most' => self::ROOM]);
    }

    public function store(OpenSubassemblyRequest $request, OpenSubassembly $open): JsonResponse
    {
        return new JsonResponse(['id' => $open($request->text('family'), $request->text('kind'), $request->text('serial'), $request->text('customer'), $request->person(), DeskCommand::from($request))], 201);
    }
}
