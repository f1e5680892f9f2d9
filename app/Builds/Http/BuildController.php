<?php

declare(strict_types=1);

namespace App\Builds\Http;

use App\Builds\Actions\OpenBuild;
use App\Builds\Http\Requests\ListBuildsRequest;
use App\Builds\Http\Requests\OpenBuildRequest;
use App\Builds\Http\Resources\BuildResource;
use App\Builds\Queries\JointStrip;
use App\Builds\Queries\VisibleBuilds;
use App\Library\Models\Family;
use App\People\Ability;
use App\Record\Models\Subject;
use App\Shared\Http\DeskCommand;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class BuildController
{
    private const NEWEST = 60;

    public function index(ListBuildsRequest $request, JointStrip $strip): JsonResponse
    {
        $builds = VisibleBuilds::newest($request->person(), self::NEWEST, state: $request->optionalText('state'));
        $families = Family::query()->pluck('name', 'id');
        $strips = $strip->ofAll($builds);

        return new JsonResponse([
            'builds' => $builds->map(fn (Subject $s): BuildResource => new BuildResource($s, $families->get($s->family), $strips[$s->id])),
            'maps' => (object) $strip->maps(),
            'shown_at_most' => self::NEWEST,
        ]);
    }

    public function show(Subject $build, JointStrip $strip): JsonResponse
    {
        Gate::authorize('view', $build);

        return new JsonResponse(new BuildResource($build->load('owner'), Family::query()->find($build->family)?->name, $strip->of($build, Gate::allows(Ability::GiveWork->value))));
    }

    public function store(OpenBuildRequest $request, OpenBuild $open): JsonResponse
    {
        return new JsonResponse(['id' => $open($request->text('serial'), $request->text('customer'), $request->boolean('next_build'), $request->person(), DeskCommand::from($request))], 201);
    }
}
