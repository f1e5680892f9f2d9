<?php

use App\Bench\Http\BenchController;
use App\Bench\Http\ObservationController;
use App\People\Ability;
use Illuminate\Support\Facades\Route;

Route::prefix('bench')->middleware('device')->group(function (): void {
    Route::post('observations', ObservationController::class);
    Route::middleware('bench')->group(function (): void {
        Route::get('hook', [BenchController::class, 'hook'])->can(Ability::WorkAtBench->value);
        Route::post('runs', [BenchController::class, 'begin'])->can(Ability::WorkAtBench->value);
        Route::get('runs/{run}', [BenchController::class, 'show'])->can(Ability::WorkAtBench->value);
        Route::post('runs/{run}/take-over', [BenchController::class, 'takeOver'])->can(Ability::WorkAtBench->value);
        Route::post('runs/{run}/tools', [BenchController::class, 'takeTool'])->can(Ability::WorkAtBench->value);
        Route::post('runs/{run}/withdrawals', [BenchController::class, 'withdraw'])->can(Ability::WorkAtBench->value);
        Route::post('runs/{run}/finish', [BenchController::class, 'finish'])->can(Ability::WorkAtBench->value);
    });
});
