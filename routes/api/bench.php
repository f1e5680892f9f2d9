<?php

use App\Bench\Http\CardController;
use App\Bench\Http\CardMoveController;
use App\Bench\Http\DecisionController;
use App\Bench\Http\HookController;
use App\Bench\Http\HookTimesController;
use App\Bench\Http\MishapController;
use App\Bench\Http\OpeningController;
use App\Bench\Http\PaperController;
use App\Bench\Http\PlanController;
use App\Bench\Http\RunController;
use App\Bench\Http\SecondPersonController;
use App\Bench\Http\StopController;
use App\Bench\Http\StopLiftController;
use App\Bench\Http\WithdrawalController;
use App\Crib\Http\ToolAtBenchController;
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
    Route::post('stops/{stop}/seen', [StopController::class, 'seen'])->can(Ability::WorkAtBench->value);
    Route::get('tools/{tool}', [ToolAtBenchController::class, 'show'])->can(Ability::WorkAtBench->value);
    Route::post('tools/{tool}/take', [ToolAtBenchController::class, 'take'])->can(Ability::WorkAtBench->value);
    Route::post('tools/{tool}/bring', [ToolAtBenchController::class, 'bring'])->can(Ability::WorkAtBench->value);
    Route::post('tools/{tool}/chain', [ToolAtBenchController::class, 'chain'])->can(Ability::WorkAtBench->value);
    Route::get('cards/{card}', [PaperController::class, 'show'])->can(Ability::WorkAtBench->value);
    Route::post('runs/{run}/paper', [PaperController::class, 'begin'])->can(Ability::WorkAtBench->value);
    Route::post('runs/{run}/paper-end', [PaperController::class, 'end'])->can(Ability::WorkAtBench->value);
    Route::post('runs/{run}/finish', [RunController::class, 'finish'])->can(Ability::WorkAtBench->value);
});

Route::middleware('desk')->group(function (): void {
    Route::get('stops', [StopController::class, 'index'])->can(Ability::StopWork->value);
    Route::get('stops/reach', [StopController::class, 'reach'])->can(Ability::StopWork->value);
    Route::post('stops', [StopController::class, 'store'])->can(Ability::StopWork->value);
    Route::get('stops/{stop:number}', [StopController::class, 'show'])->can(Ability::StopWork->value);
    Route::get('stops/{stop:number}/engines.csv', [StopController::class, 'engines'])->can(Ability::StopWork->value);
    Route::post('stops/{stop:number}/ask', [StopLiftController::class, 'ask'])->can(Ability::StopWork->value);
    Route::post('stops/{stop:number}/keep', [StopLiftController::class, 'keep'])->can(Ability::StopWork->value);
    Route::post('stops/{stop:number}/lift', [StopLiftController::class, 'lift'])->can(Ability::StopWork->value);
    Route::get('builds/{build}/joints/{joint}/opening', [OpeningController::class, 'show'])->can(Ability::GiveWork->value);
    Route::post('builds/{build}/joints/{joint}/opening', [OpeningController::class, 'store'])->can(Ability::GiveWork->value);
    Route::get('cards', [CardController::class, 'index'])->can(Ability::HandleCards->value);
    Route::post('cards', [CardController::class, 'store'])->can(Ability::GiveWork->value);
    Route::get('cards/{card}', [CardController::class, 'show'])->can(Ability::HandleCards->value);
    Route::get('cards/{card}/paper.pdf', [CardController::class, 'paper'])->can(Ability::HandleCards->value);
    Route::post('cards/{card}/compare', [CardController::class, 'compare'])->can(Ability::HandleCards->value);
    Route::post('cards/{card}/back', [CardMoveController::class, 'back'])->can(Ability::HandleCards->value);
    Route::post('cards/{card}/void', [CardMoveController::class, 'void'])->can(Ability::HandleCards->value);
    Route::post('cards/{card}/lose', [CardMoveController::class, 'lose'])->can(Ability::HandleCards->value);
    Route::post('cards/{card}/scan', [CardMoveController::class, 'scan'])->can(Ability::HandleCards->value);
    Route::get('cards/{card}/scan', [CardMoveController::class, 'showScan'])->can(Ability::Audit->value);
});
