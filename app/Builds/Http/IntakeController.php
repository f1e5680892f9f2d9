<?php

declare(strict_types=1);

namespace App\Builds\Http;

use App\Builds\Actions\EnterIntake;
use App\Builds\Http\Requests\IntakeRequest;
use Illuminate\Http\Response;

/** What was found of an engine that came back, before anything was loosened. */
final class IntakeController
{
    public function __invoke(string $build, IntakeRequest $request, EnterIntake $enter): Response
    {
        $enter($build, $request->lines(), $request->person());

        return response()->noContent();
    }
}
