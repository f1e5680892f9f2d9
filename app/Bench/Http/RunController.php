<?php

declare(strict_types=1);

namespace App\Bench\Http;

use App\Bench\Actions\BeginRun;
use App\Bench\Actions\FinishRun;
use App\Bench\Actions\TakeOverRun;
use App\Bench\BenchCommand;
use App\Bench\Http\Requests\BeginRunRequest;
use App\Bench\Http\Requests\FinishRequest;
use App\Bench\Queries\RunSheet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class RunController
{
    public function __construct(private readonly RunSheet $sheet)
    {
    }

    public function show(string $run): JsonResponse
    {
        return new JsonResponse($this->sheet->of($run));
    }

    public function begin(BeginRunRequest $request, BeginRun $begin): JsonResponse
    {
        return new JsonResponse($this->sheet->of($begin(BenchCommand::from($request), $request->text('assignment'), $request->optionalText('card'))), 201);
    }

    public function takeOver(string $run, Request $request, TakeOverRun $takeOver): JsonResponse
    {
        $takeOver(BenchCommand::from($request), $run);

        return $this->show($run);
    }

    public function finish(string $run, FinishRequest $request, FinishRun $finish): JsonResponse
    {
        $finish(BenchCommand::from($request), $run, $request->text('pin'));

        return $this->show($run);
    }
}
