<?php

use App\Crib\Http\CalibrationController;
use App\Crib\Http\CalibrationPaperController;
use App\Crib\Http\CaseController;
use App\Crib\Http\CaseLettersController;
use App\Crib\Http\LotController;
use App\Crib\Http\StandardController;
use App\Crib\Http\ToolAwayController;
use App\Crib\Http\ToolController;
use App\Crib\Http\ToolMoveController;
use App\Crib\Http\ToolTableController;
use App\People\Ability;
use Illuminate\Support\Facades\Route;

Route::get('calendar/{token}.ics', [ToolTableController::class, 'calendar'])->middleware('throttle:60,1');

Route::middleware('desk')->group(function (): void {
    Route::get('tools', [ToolController::class, 'index'])->can(Ability::ReadCrib->value);
    Route::post('tools', [ToolController::class, 'store'])->can(Ability::KeepTools->value);
    Route::post('tools/read', [ToolTableController::class, 'read'])->can(Ability::KeepTools->value);
    Route::get('tools/table.csv', [ToolTableController::class, 'csv'])->can(Ability::ReadCrib->value);
    Route::get('tools/labels.pdf', [ToolTableController::class, 'labels'])->can(Ability::ReadCrib->value);
    Route::get('tools/calendar', [ToolTableController::class, 'address'])->can(Ability::ReadCrib->value);
    Route::post('tools/away', [ToolAwayController::class, 'send'])->can(Ability::KeepTools->value);
    Route::post('tools/back', [ToolAwayController::class, 'back'])->can(Ability::KeepTools->value);
    Route::get('tools/{tool}', [ToolController::class, 'show'])->can(Ability::ReadCrib->value);
    Route::post('tools/{tool}', [ToolController::class, 'change'])->can(Ability::KeepTools->value);
    Route::post('tools/{tool}/lend', [ToolMoveController::class, 'lend'])->can(Ability::KeepTools->value);
    Route::post('tools/{tool}/return', [ToolMoveController::class, 'takeBack'])->can(Ability::KeepTools->value);
    Route::post('tools/{tool}/chain', [ToolMoveController::class, 'chain'])->can(Ability::KeepTools->value);
    Route::post('tools/{tool}/check', [ToolMoveController::class, 'check'])->can(Ability::KeepTools->value);
    Route::post('tools/{tool}/retire', [ToolAwayController::class, 'retire'])->can(Ability::KeepTools->value);
    Route::post('tools/{tool}/interval', [ToolAwayController::class, 'interval'])->can(Ability::SetToolRules->value);
    Route::get('tools/{tool}/calibration', [CalibrationController::class, 'form'])->can(Ability::KeepTools->value);
    Route::post('tools/{tool}/calibrations/look', [CalibrationController::class, 'look'])->can(Ability::KeepTools->value);
    Route::post('tools/{tool}/calibrations', [CalibrationController::class, 'store'])->can(Ability::KeepTools->value);
    Route::get('calibrations/{calibration}/sheet.pdf', [CalibrationPaperController::class, 'sheet'])->can(Ability::ReadCrib->value);
    Route::get('calibrations/{calibration}/certificate', [CalibrationPaperController::class, 'show'])->can(Ability::ReadCrib->value);
    Route::post('calibrations/{calibration}/certificate', [CalibrationPaperController::class, 'keep'])->can(Ability::KeepTools->value);
    Route::get('reference-standards', [StandardController::class, 'index'])->can(Ability::ReadCrib->value);
    Route::post('reference-standards', [StandardController::class, 'store'])->can(Ability::KeepTools->value);
    Route::get('tool-rules', [StandardController::class, 'rules'])->can(Ability::ReadCrib->value);
    Route::post('tool-rules/{form}', [StandardController::class, 'setRules'])->can(Ability::SetToolRules->value);
    Route::post('reference-standards/{standard}/doubt', [CaseController::class, 'doubt'])->can(Ability::WorkCases->value);
    Route::get('cases', [CaseController::class, 'index'])->can(Ability::ReadCrib->value);
    Route::get('cases/{case}', [CaseController::class, 'show'])->can(Ability::ReadCrib->value);
    Route::post('cases/{case}/decisions', [CaseController::class, 'decide'])->can(Ability::WorkCases->value);
    Route::post('cases/{case}/close', [CaseController::class, 'close'])->can(Ability::WorkCases->value);
    Route::get('cases/{case}/letters.pdf', [CaseLettersController::class, 'pdf'])->can(Ability::WorkCases->value);
    Route::get('cases/{case}/letters.csv', [CaseLettersController::class, 'csv'])->can(Ability::WorkCases->value);
    Route::get('lots', [LotController::class, 'index'])->can(Ability::ReadCrib->value);
    Route::post('lots', [LotController::class, 'store'])->can(Ability::KeepTools->value);
    Route::post('lots/{lot}/count', [LotController::class, 'count'])->can(Ability::KeepTools->value);
    Route::post('lots/{lot}/close', [LotController::class, 'close'])->can(Ability::KeepTools->value);
});
