<?php

use App\Builds\Http\BuildController;
use App\People\Ability;
use Illuminate\Support\Facades\Route;

Route::middleware('desk')->group(function (): void {
    Route::get('builds', [BuildController::class, 'index'])->can(Ability::ReadBuilds->value);
    Route::post('builds', [BuildController::class, 'store'])->can(Ability::OpenBuilds->value);
    Route::get('builds/choices', [BuildController::class, 'choices'])->can(Ability::OpenBuilds->value);
    Route::get('builds/{build}', [BuildController::class, 'show'])->can(Ability::ReadBuilds->value);
    Route::post('builds/{build}/assignments', [BuildController::class, 'give'])->can(Ability::GiveWork->value);
    Route::post('builds/{build}/finish', [BuildController::class, 'finish'])->can(Ability::CloseBuilds->value);
    Route::post('builds/{build}/ship', [BuildController::class, 'ship'])->can(Ability::CloseBuilds->value);
    Route::post('assignments/{assignment}/take-back', [BuildController::class, 'takeBack'])->can(Ability::GiveWork->value);
});
