<?php

declare(strict_types=1);

namespace App\Bench\Http;

use App\Bench\Actions\JoinRun;
use App\Bench\Actions\LookAtRound;
use App\Bench\BenchCommand;
use App\Bench\Http\Requests\LookRequest;
use App\Bench\Http\Requests\SecondPersonRequest;
use App\Bench\Queries\RunSheet;
use Illuminate\Http\JsonResponse;

final class SecondPersonController
{
    public function __construct(private readonly RunSheet $sheet)
    {
    }

    public function join(string $run, SecondPersonRequest $request, JoinRun $join): JsonResponse
    {
        $join(BenchCommand::from($request), $run, $request->text('badge'), $request->text('pin'));

        return new JsonResponse($this->sheet->of($run));
    }

    public function look(string $run, LookRequest $request, LookAtRound $look): JsonResponse
    {
        $look(BenchCommand::from($request), $run, $request->text('stage'), $request->differ(), $request->text('badge'), $request->text('pin'));

        return new JsonResponse($this->sheet->of($run));
    }
}
