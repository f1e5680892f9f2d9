<?php

declare(strict_types=1);

namespace App\Bench\Http;

use App\Bench\Actions\TakeTool;
use App\Bench\BenchCommand;
use App\Bench\Http\Requests\TakeToolRequest;
use App\Bench\Queries\RunSheet;
use Illuminate\Http\JsonResponse;

final class RunToolController
{
    public function take(string $run, TakeToolRequest $request, TakeTool $take, RunSheet $sheet): JsonResponse
    {
        $take(BenchCommand::from($request), $run, $request->quantity(), $request->text('tool'));

        return new JsonResponse($sheet->of($run));
    }
}
