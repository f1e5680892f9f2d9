<?php

declare(strict_types=1);

namespace App\Bench\Http;

use App\Bench\Actions\WithdrawReading;
use App\Bench\BenchCommand;
use App\Bench\Http\Requests\WithdrawReadingRequest;
use App\Bench\Queries\RunSheet;
use Illuminate\Http\JsonResponse;

final class WithdrawalController
{
    public function store(string $run, WithdrawReadingRequest $request, WithdrawReading $withdraw, RunSheet $sheet): JsonResponse
    {
        $withdraw(BenchCommand::from($request), $run, [
            'reading' => $request->text('reading'), 'step' => $request->text('step'), 'reason' => $request->text('reason'), 'text' => $request->optionalText('text'),
            'second_badge' => $request->optionalText('second_badge'), 'second_pin' => $request->optionalText('second_pin'),
        ]);

        return new JsonResponse($sheet->of($run));
    }
}
