<?php

declare(strict_types=1);

namespace App\Audit\Http;

use App\Audit\Http\Requests\SearchBuildsRequest;
use App\Audit\Http\Resources\FoundBuildResource;
use App\Audit\Print\FolderPage;
use App\Audit\Queries\AsideLines;
use App\Audit\Queries\BuildSheet;
use App\Builds\Queries\VisibleBuilds;
use App\Library\Models\Family;
use App\People\Ability;
use App\Record\Models\Subject;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;

final class AuditController
{
    private const MOST = 50;

    public function index(SearchBuildsRequest $request): JsonResponse
    {
        $builds = VisibleBuilds::newest($request->person(), self::MOST, $request->serial());
        $families = Family::query()->pluck('name', 'id');

        return new JsonResponse([
            'builds' => $builds->map(fn (Subject $s): FoundBuildResource => new FoundBuildResource($s, $families->get($s->family))),
            'shown_at_most' => self::MOST,
            'tray' => Gate::allows(Ability::DisposeReadings->value) ? AsideLines::inTray() : [],
        ]);
    }

    public function folder(Subject $build, FolderPage $page): Response
    {
        Gate::authorize('view', $build);

        return new Response($page->pdf($build->load('owner')), 200, ['Content-Type' => 'application/pdf', 'Content-Disposition' => sprintf('inline; filename="%s.pdf"', preg_replace('/[^A-Za-z0-9-]/', '-', $build->title()))]);
    }

    public function show(Subject $build, BuildSheet $sheet): JsonResponse
    {
        Gate::authorize('view', $build);

        return new JsonResponse($sheet->of($build->load('owner')));
    }
}
