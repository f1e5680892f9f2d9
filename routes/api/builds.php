<?php

use App\Builds\Http\AssignmentController;
use App\Builds\Http\BuildController;
use App\Builds\Http\BuildFactsController;
use App\Builds\Http\BuildJointController;
use App\Builds\Http\BuildPictureController;
use App\Builds\Http\BuildStateController;
use App\Builds\Http\BuildTableController;
use App\Builds\Http\ChoicesController;
use App\Builds\Http\IntakeController;
use App\Builds\Http\NoProcedureController;
use App\Builds\Http\PaperJointController;
use App\Builds\Http\SubassemblyController;
use App\People\Ability;
use Illuminate\Support\Facades\Route;

Route::middleware('desk')->group(function (): void {
    Route::get('builds', [BuildController::class, 'index'])->can(Ability::ReadBuilds->value);
    Route::get('subassemblies', [SubassemblyController::class, 'index'])->can(Ability::ReadBuilds->value);
    Route::middleware('can:'.Ability::OpenBuilds->value)->group(function (): void {
        Route::post('subassemblies', [SubassemblyController::class, 'store']);
        Route::post('builds', [BuildController::class, 'store']);
        Route::post('builds/read', [BuildTableController::class, 'read']);
        Route::post('builds/many', [BuildTableController::class, 'store']);
        Route::get('builds/labels.pdf', [BuildTableController::class, 'labels']);
        Route::get('builds/choices', ChoicesController::class);
        Route::post('builds/{build}/facts', [BuildFactsController::class, 'describe']);
        Route::post('builds/{build}/restamp', [BuildFactsController::class, 'restamp']);
        Route::post('builds/{build}/start', [BuildStateController::class, 'start']);
        Route::post('builds/{build}/call-off', [BuildStateController::class, 'callOff']);
        Route::post('builds/{build}/intake', IntakeController::class);
        Route::post('builds/{build}/pictures', [BuildPictureController::class, 'store']);
        Route::post('build-pictures/{picture}/remove', [BuildPictureController::class, 'remove']);
        Route::post('builds/{build}/joints/{joint}/told', [NoProcedureController::class, 'tell']);
        Route::post('builds/{build}/joints/{joint}/told/take-back', [NoProcedureController::class, 'takeBack']);
        Route::post('builds/{build}/joints/{joint}/paper', [PaperJointController::class, 'store']);
        Route::post('builds/{build}/joints/{joint}/paper/take-back', [PaperJointController::class, 'takeBack']);
    });
    Route::get('builds/{build}', [BuildController::class, 'show'])->can(Ability::ReadBuilds->value);
    Route::get('build-pictures/{picture}', [BuildPictureController::class, 'show'])->can(Ability::ReadBuilds->value);
    Route::get('builds/{build}/joints/{joint}/paper', [PaperJointController::class, 'show'])->can(Ability::ReadBuilds->value);
    Route::middleware('can:'.Ability::GiveWork->value)->group(function (): void {
        Route::post('builds/{build}/assignments', [AssignmentController::class, 'store']);
        Route::post('builds/{build}/joints/{joint}/by-table', [NoProcedureController::class, 'byTable']);
        Route::post('builds/{build}/joints/{joint}/hardware', [BuildJointController::class, 'hardware']);
        Route::post('assignments/{assignment}/take-back', [AssignmentController::class, 'takeBack']);
    });
    Route::middleware('can:'.Ability::CloseBuilds->value)->group(function (): void {
        Route::post('builds/{build}/finish', [BuildStateController::class, 'finish']);
        Route::post('builds/{build}/reopen', [BuildStateController::class, 'reopen']);
        Route::post('builds/{build}/ship', [BuildStateController::class, 'ship']);
        Route::post('builds/{build}/joints/{joint}/let-go', [BuildJointController::class, 'letGo']);
    });
});
