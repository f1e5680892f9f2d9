<?php

declare(strict_types=1);

namespace App\Builds\Http;

use App\Builds\Actions\DescribeBuild;
use App\Builds\Http\Requests\DescribeBuildRequest;
use App\Builds\Http\Requests\RestampRequest;
use Illuminate\Http\Response;

/** What is known of an engine beside its fasteners, and its number. */
final class BuildFactsController
{
    public function describe(string $build, DescribeBuildRequest $request, DescribeBuild $describe): Response
    {
        $describe($build, $request->facts(), $request->person());

        return response()->noContent();
    }

    public function restamp(string $build, RestampRequest $request, DescribeBuild $describe): Response
    {
        $describe->restamp($build, $request->text('serial'), $request->text('why'), $request->person());

        return response()->noContent();
    }
}
