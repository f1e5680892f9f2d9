<?php

declare(strict_types=1);

namespace App\Bench\Http;

use App\Bench\Actions\BeginRun;
use App\Bench\Actions\FinishRun;
use App\Bench\Actions\TakeOverRun;
use App\Bench\Actions\TakeTool;
use App\Bench\Actions\WithdrawReading;
use App\Bench\BenchCommand;
use App\Bench\Queries\JobHook;
use App\Bench\Queries\RunSheet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Tekkal\Core\Unit\Kind;

/** The assembler's side: the hook, a run, and the commands inside it. */
final class BenchController
{
    public function __construct(private readonly RunSheet $sheet)
    {
    }

    public function hook(Request $request, JobHook $hook): JsonResponse
    {
        return new JsonResponse($hook->of($request->user()));
    }

    public function show(string $run): JsonResponse
    {
        return new JsonResponse($this->sheet->of($run));
    }

    public function begin(Request $request, BeginRun $begin): JsonResponse
    {
        $assignment = $request->validate(['assignment' => 'required|string|max:36'])['assignment'];

        return new JsonResponse($this->sheet->of($begin(BenchCommand::from($request), $assignment)), 201);
    }

    public function takeOver(string $run, Request $request, TakeOverRun $takeOver): JsonResponse
    {
        $takeOver(BenchCommand::from($request), $run);

        return $this->show($run);
    }

    public function takeTool(string $run, Request $request, TakeTool $takeTool): JsonResponse
    {
        $given = $request->validate(['quantity' => ['required', Rule::enum(Kind::class)], 'tool' => 'required|string|max:36']);
        $takeTool(BenchCommand::from($request), $run, Kind::from($given['quantity']), $given['tool']);

        return $this->show($run);
    }

    public function withdraw(string $run, Request $request, WithdrawReading $withdraw): JsonResponse
    {
        $given = $request->validate([
            'reading' => 'required|uuid', 'reason' => ['required', Rule::in(WithdrawReading::REASONS)], 'text' => 'nullable|string|max:500',
            'second_badge' => 'nullable|string|max:20', 'second_pin' => 'nullable|string|max:20',
        ], ['reason.required' => 'Choose what happened.']);
        $withdraw(BenchCommand::from($request), $run, $given);

        return $this->show($run);
    }

    public function finish(string $run, Request $request, FinishRun $finish): JsonResponse
    {
        $finish(BenchCommand::from($request), $run);

        return $this->show($run);
    }
}
