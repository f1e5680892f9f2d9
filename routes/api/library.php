<?php

use App\Library\Http\DraftController;
use App\Library\Http\ImportController;
use App\Library\Http\LibraryController;
use App\Library\Http\MapController;
use App\Library\Http\PermitController;
use App\Library\Http\RevisionController;
use App\Library\Http\SourceController;
use App\Library\Http\WorkbenchController;
use App\People\Ability;
use Illuminate\Support\Facades\Route;

$read = 'can:'.Ability::ReadLibrary->value;
$write = 'can:'.Ability::DraftProcedures->value;
$sign = 'can:'.Ability::ApproveProcedures->value;

Route::middleware('desk')->group(function () use ($read, $write, $sign): void {
    Route::get('library', [LibraryController::class, 'index'])->middleware($read);
    Route::get('library/families', [LibraryController::class, 'families'])->middleware($read);
    Route::post('library/families', [LibraryController::class, 'addFamily'])->middleware($write);
    Route::get('library/compare', [LibraryController::class, 'compare'])->middleware($read);
    Route::get('library/conflicts', [LibraryController::class, 'conflicts'])->middleware($read);
    Route::get('library/export', [LibraryController::class, 'export'])->middleware($read);
    Route::post('library/procedures', [LibraryController::class, 'addProcedure'])->middleware($write);
    Route::get('library/procedures/{procedure}', [LibraryController::class, 'show'])->middleware($read);

    Route::get('library/drafts/{procedure}', [DraftController::class, 'show'])->middleware($write);
    Route::post('library/drafts/{procedure}', [DraftController::class, 'save'])->middleware($write);
    Route::post('library/drafts/{procedure}/begin', [DraftController::class, 'begin'])->middleware($write);
    Route::post('library/drafts/{procedure}/discard', [DraftController::class, 'discard'])->middleware($write);
    Route::post('library/drafts/{procedure}/submit', [DraftController::class, 'submit'])->middleware($write);
    Route::post('library/look', [DraftController::class, 'look'])->middleware($write);
    Route::post('library/line', [DraftController::class, 'readLine'])->middleware($write);
    Route::post('library/map/layout', [MapController::class, 'layOut'])->middleware($write);
    Route::post('library/map/order', [MapController::class, 'order'])->middleware($write);
    Route::post('library/map/csv', [MapController::class, 'readCsv'])->middleware($write);

    Route::get('library/revisions/{revision}', [RevisionController::class, 'show'])->middleware($read);
    Route::get('library/revisions/{revision}/builds', [RevisionController::class, 'builds'])->middleware($read);
    Route::get('library/revisions/{revision}/map.csv', [MapController::class, 'csv'])->middleware($read);
    Route::get('library/revisions/{revision}/job-card.pdf', [RevisionController::class, 'jobCard'])->middleware($read);
    Route::post('library/revisions/{revision}/approve', [RevisionController::class, 'approve'])->middleware($sign);
    Route::post('library/revisions/{revision}/return', [RevisionController::class, 'back'])->middleware($sign);
    Route::post('library/revisions/{revision}/withdraw', [RevisionController::class, 'withdraw'])->middleware($sign);

    Route::get('library/sources', [SourceController::class, 'index'])->middleware($read);
    Route::post('library/sources', [SourceController::class, 'keep'])->middleware($write);
    Route::post('library/sources/{source}/paper', [SourceController::class, 'keepPaper'])->middleware($write);
    Route::get('library/sources/{source}/paper', [SourceController::class, 'paper'])->middleware($read);
    Route::post('library/standards', [SourceController::class, 'askStandard'])->middleware($write);
    Route::post('library/standards/{standard}/approve', [SourceController::class, 'approveStandard'])->middleware($sign);

    Route::get('library/permits', [PermitController::class, 'index'])->middleware($read);
    Route::post('library/permits', [PermitController::class, 'ask'])->middleware($write);
    Route::post('library/permits/{permit}/approve', [PermitController::class, 'approve'])->middleware($sign);
    Route::post('library/permits/{permit}/refuse', [PermitController::class, 'refuse'])->middleware($sign);
    Route::post('library/permits/{permit}/withdraw', [PermitController::class, 'withdraw'])->middleware($write);

    Route::post('library/imports', [ImportController::class, 'look'])->middleware($write);
    Route::get('library/imports/{import}', [ImportController::class, 'show'])->middleware($write);
    Route::post('library/imports/{import}/write', [ImportController::class, 'write'])->middleware($write);

    Route::post('library/workbench/joint', [WorkbenchController::class, 'joint'])->middleware($read);
    Route::post('library/workbench/trial', [WorkbenchController::class, 'trial'])->middleware($read);
    Route::post('library/workbench/pairing', [WorkbenchController::class, 'pairing'])->middleware($read);
});
