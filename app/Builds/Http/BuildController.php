<?php

declare(strict_types=1);

namespace App\Builds\Http;

use App\Builds\Actions\OpenBuild;
use App\Builds\Http\Requests\ListBuildsRequest;
use App\Builds\Http\Requests\OpenBuildRequest;
use App\Builds\Http\Resources\BuildResource;
use App\Builds\Queries\JointStrip;
use App\Builds\Queries\Stands;
use App\Builds\Queries\VisibleBuilds;
use App\Library\Models\Family;
use App\People\Ability;
use App\Record\BuildState;
use App\Record\Models\Subject;
use App\Shared\Http\DeskCommand;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class BuildController
{
    /** Of those that have left. All that are here are shown, up to what a shop has room for. */
    private const NEWEST = 60;

    private const ROOM = 300;

    public function index(ListBuildsRequest $request, Stands $stands): JsonResponse
    {
        $state = BuildState::tryFrom((string) $request->optionalText('state'));
        $most = $state === BuildState::Shipped ? self::NEWEST : self::ROOM;
        $builds = VisibleBuilds::newest($request->person(), $most, states: $state === null ? [BuildState::Received, BuildState::Open, BuildState::Finished] : [$state], subassemblies: false);

        return new JsonResponse($stands->of($builds) + ['shown_at_most' => $most]);
    }

    public function show(Subject $build, JointStrip $strip): JsonResponse
    {
        Gate::authorize('view', $build);

        return new JsonResponse(new BuildResource($build->load(['owner', 'oldSerials']), Family::query()->findOrFail($build->family), $strip->of($build, Gate::allows(Ability::GiveWork->value))));
    }

    public function store(OpenBuildRequest $request, OpenBuild $open): JsonResponse
    {
        return new JsonResponse(['id' => $open($request->opening(), $request->person(), DeskCommand::from($request))], 201);
    }
}
