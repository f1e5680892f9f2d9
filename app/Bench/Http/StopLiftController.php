<?php

declare(strict_types=1);

namespace App\Bench\Http;

use App\Bench\Http\Requests\AskLiftRequest;
use App\Bench\Http\Requests\KeepStopRequest;
use App\Bench\Http\Requests\SignLiftRequest;
use App\Bench\Queries\StopSheet;
use App\People\Actions\ReenterPassword;
use App\Record\Actions\LiftStop;
use App\Record\Models\Stop;
use Illuminate\Http\JsonResponse;

/** It takes two: one asks, another one lifts, or says that it stays. */
final class StopLiftController
{
    public function __construct(private readonly LiftStop $lift, private readonly StopSheet $sheet)
    {
    }

    public function ask(Stop $stop, AskLiftRequest $request, ReenterPassword $password): JsonResponse
    {
        $this->lift->ask($stop->id, $request->text('reason'), $request->person(), $password($request->person(), $request->text('password')));

        return $this->shown($stop);
    }

    public function keep(Stop $stop, KeepStopRequest $request): JsonResponse
    {
        $this->lift->keep($stop->id, $request->text('reason'), $request->person());

        return $this->shown($stop);
    }

    public function lift(Stop $stop, SignLiftRequest $request, ReenterPassword $password): JsonResponse
    {
        $this->lift->lift($stop->id, $request->person(), $password($request->person(), $request->text('password')), $request->optionalText('seen'));

        return $this->shown($stop);
    }

    private function shown(Stop $stop): JsonResponse
    {
        return new JsonResponse($this->sheet->of($stop->refresh()));
    }
}
