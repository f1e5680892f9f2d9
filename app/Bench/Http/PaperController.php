<?php

declare(strict_types=1);

namespace App\Bench\Http;

use App\Bench\Actions\BeginPaper;
use App\Bench\Actions\EndPaper;
use App\Bench\BenchCommand;
use App\Bench\Http\Requests\CardNumberRequest;
use App\Bench\Models\Card;
use App\Bench\Queries\CardSheet;
use App\Bench\Queries\RunSheet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** A job card on paper at a bench: what is typed there now stands on it. */
final class PaperController
{
    public function __construct(private readonly RunSheet $sheet)
    {
    }

    public function show(string $card): JsonResponse
    {
        return new JsonResponse(CardSheet::atBench(Card::get($card)));
    }

    public function begin(string $run, CardNumberRequest $request, BeginPaper $begin): JsonResponse
    {
        $begin(BenchCommand::from($request), $run, $request->text('card'));

        return new JsonResponse($this->sheet->of($run));
    }

    public function end(string $run, Request $request, EndPaper $end): JsonResponse
    {
        $end(BenchCommand::from($request), $run);

        return new JsonResponse($this->sheet->of($run));
    }
}
