<?php

use App\Builds\Http\AssignmentController;
use App\Builds\Http\BuildController;
use App\Builds\Http\BuildStateController;
use App\Builds\Http\ChoicesController;
use App\People\Ability;
use Illuminate\Support\Facades\Route;

Route::middleware('desk')->group(function (): void {
    Route::get('builds', [BuildController::class, 'index'])->can(Ability::ReadBuilds->value);
    Route::post('builds', [BuildController::class, 'store'])->can(Ability::OpenBuilds->value);
    Route::get('builds/choices', ChoicesController::class)->can(Ability::OpenBuilds->value);
    Route::get('builds/{build}', [BuildController::class, 'show'])->can(Ability::ReadBuilds->value);
    Route::post('builds/{build}/assignments', [AssignmentController::class, 'store'])->can(Ability::GiveWork->value);
    Route::post('builds/{build}/finish', [BuildStateController::class, 'finish'])->can(Ability::CloseBuilds->value);
    Route::post('builds/{build}/ship', [BuildStateController::class, 'ship'])->can(Ability::CloseBuilds->value);
    Route::post('assignments/{assignment}/take-back', [AssignmentController::class, 'takeBack'])->can(Ability::GiveWork->value);
});
