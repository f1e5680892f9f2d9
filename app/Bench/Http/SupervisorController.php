<?php

declare(strict_types=1);

namespace App\Bench\Http;

use App\Bench\Actions\Supervise;
use App\Bench\BenchCommand;
use App\Bench\Http\Requests\SecondPersonRequest;
use App\Bench\Queries\RunSheet;
use Illuminate\Http\JsonResponse;

final class SupervisorController
{
    public function __construct(private readonly RunSheet $sheet, private readonly Supervise $supervise)
    {
    }

    public function join(string $run, SecondPersonRequest $request): JsonResponse
    {
        $this->supervise->join(BenchCommand::from($request), $run, $request->text('badge'), $request->text('pin'));

        return new JsonResponse($this->sheet->of($run));
    }

    public function sign(string $run, SecondPersonRequest $request): JsonResponse
    {
        $this->supervise->sign(BenchCommand::from($request), $run, $request->text('badge'), $request->text('pin'));

        return new JsonResponse($this->sheet->of($run));
    }
}
