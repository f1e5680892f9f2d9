<?php

use App\Bench\Http\DecisionController;
use App\Bench\Http\HookController;
use App\Bench\Http\HookTimesController;
use App\Bench\Http\MishapController;
use App\Bench\Http\PlanController;
use App\Bench\Http\RunController;
use App\Bench\Http\SecondPersonController;
use App\Bench\Http\WithdrawalController;
use App\People\Ability;
use Illuminate\Support\Facades\Route;

Route::prefix('bench')->middleware(['device', 'bench'])->group(function (): void {
    Route::get('hook', HookController::class)->can(Ability::WorkAtBench->value);
    Route::get('hook/times', HookTimesController::class)->can(Ability::WorkAtBench->value);
    Route::post('runs', [RunController::class, 'begin'])->can(Ability::WorkAtBench->value);
    Route::get('runs/{run}', [RunController::class, 'show'])->can(Ability::WorkAtBench->value);
    Route::post('runs/{run}/take-over', [RunController::class, 'takeOver'])->can(Ability::WorkAtBench->value);
    Route::post('runs/{run}/withdrawals', [WithdrawalController::class, 'store'])->can(Ability::WorkAtBench->value);
    Route::get('plans/{plan}', PlanController::class)->can(Ability::WorkAtBench->value);
    Route::post('runs/{run}/partner', [SecondPersonController::class, 'join'])->can(Ability::WorkAtBench->value);
    Route::post('runs/{run}/looks', [SecondPersonController::class, 'look'])->can(Ability::WorkAtBench->value);
    Route::get('runs/{run}/mishaps', [MishapController::class, 'index'])->can(Ability::WorkAtBench->value);
    Route::get('runs/{run}/mishaps/{mishap}', [MishapController::class, 'show'])->can(Ability::WorkAtBench->value);
    Route::get('runs/{run}/decisions', [DecisionController::class, 'index'])->can(Ability::WorkAtBench->value);
    Route::post('runs/{run}/decisions', [DecisionController::class, 'store'])->can(Ability::WorkAtBench->value);
    Route::post('runs/{run}/repairs', [DecisionController::class, 'accept'])->can(Ability::WorkAtBench->value);
    Route::post('runs/{run}/finish', [RunController::class, 'finish'])->can(Ability::WorkAtBench->value);
});
