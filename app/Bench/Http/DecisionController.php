<?php

declare(strict_types=1);

namespace App\Bench\Http;

use App\Bench\Actions\AcceptRepair;
use App\Bench\Actions\DecideFault;
use App\Bench\BenchCommand;
use App\Bench\Http\Requests\AcceptRepairRequest;
use App\Bench\Http\Requests\DecideFaultRequest;
use App\Bench\Queries\RunSheet;
use App\Bench\Queries\WhatIsWrong;
use Illuminate\Http\JsonResponse;

/** What only somebody else than whoever worked may say, at the bench itself. */
final class DecisionController
{
    public function __construct(private readonly RunSheet $sheet)
    {
    }

    public function index(string $run, WhatIsWrong $wrong): JsonResponse
    {
        return new JsonResponse(['faults' => $wrong->decisions($run)]);
    }

    public function store(string $run, DecideFaultRequest $request, DecideFault $decide): JsonResponse
    {
        $decide(BenchCommand::from($request), $run, $request->given(), $request->text('badge'), $request->text('pin'));

        return new JsonResponse($this->sheet->of($run));
    }

    public function accept(string $run, AcceptRepairRequest $request, AcceptRepair $accept): JsonResponse
    {
        $accept(BenchCommand::from($request), $run, $request->text('position'), $request->text('badge'), $request->text('pin'));

        return new JsonResponse($this->sheet->of($run));
    }
}
