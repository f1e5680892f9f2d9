<?php

declare(strict_types=1);

namespace App\Builds\Http;

use App\Builds\Actions\MoveBuild;
use App\Builds\Http\Requests\BuildReasonRequest;
use App\People\Http\PersonRequest;
use Illuminate\Http\Response;

/** Where an engine is on its way through the shop. */
final class BuildStateController
{
    public function __construct(private readonly MoveBuild $move)
    {
    }

    public function start(string $build, PersonRequest $request): Response
    {
        $this->move->start($build, $request->person());

        return response()->noContent();
    }

    public function finish(string $build, PersonRequest $request): Response
    {
        $this->move->finish($build, $request->person());

        return response()->noContent();
    }

    public function reopen(string $build, BuildReasonRequest $request): Response
    {
        $this->move->reopen($build, $request->text('reason'), $request->person());

        return response()->noContent();
    }

    public function ship(string $build, PersonRequest $request): Response
    {
        $this->move->ship($build, $request->person());

        return response()->noContent();
    }

    public function callOff(string $build, BuildReasonRequest $request): Response
    {
        $this->move->callOff($build, $request->text('reason'), $request->person());

        return response()->noContent();
    }
}
