<?php

use App\Library\Http\AssessmentController;
use App\Library\Http\ComparisonController;
use App\Library\Http\ConflictController;
use App\Library\Http\DraftController;
use App\Library\Http\ExportController;
use App\Library\Http\FamilyController;
use App\Library\Http\GeneralTableController;
use App\Library\Http\ImportController;
use App\Library\Http\LayoutController;
use App\Library\Http\LineController;
use App\Library\Http\MapController;
use App\Library\Http\PermitController;
use App\Library\Http\PermitDecisionController;
use App\Library\Http\PictureController;
use App\Library\Http\ProcedureController;
use App\Library\Http\RevisionController;
use App\Library\Http\RevisionDecisionController;
use App\Library\Http\RiskRulesController;
use App\Library\Http\SequenceController;
use App\Library\Http\SourceController;
use App\Library\Http\SourcePaperController;
use App\Library\Http\StandardController;
use App\Library\Http\SubmissionController;
use App\Library\Http\WorkbenchController;
use App\People\Ability;
use Illuminate\Support\Facades\Route;

$read = 'can:'.Ability::ReadLibrary->value;
$write = 'can:'.Ability::DraftProcedures->value;
$sign = 'can:'.Ability::ApproveProcedures->value;

Route::middleware('desk')->group(function () use ($read, $write, $sign): void {
    Route::get('library', [ProcedureController::class, 'index'])->middleware($read);
    Route::get('library/families', [FamilyController::class, 'index'])->middleware($read);
    Route::post('library/families', [FamilyController::class, 'store'])->middleware($write);
    Route::post('library/families/{family}/resting', [FamilyController::class, 'resting'])->middleware($write);
    Route::post('library/families/{family}/subassemblies', [FamilyController::class, 'subassemblies'])->middleware($write);
    Route::post('library/families/{family}/serial-rules', [FamilyController::class, 'serialRules'])->middleware($write);
    Route::get('library/compare', ComparisonController::class)->middleware($read);
    Route::get('library/conflicts', ConflictController::class)->middleware($read);
    Route::get('library/export', ExportController::class)->middleware($read);
    Route::post('library/procedures', [ProcedureController::class, 'store'])->middleware($write);
    Route::get('library/procedures/{procedure}', [ProcedureController::class, 'show'])->middleware($read);

    Route::get('library/drafts/{procedure}', [DraftController::class, 'show'])->middleware($write);
    Route::post('library/drafts/{procedure}', [DraftController::class, 'save'])->middleware($write);
    Route::post('library/drafts/{procedure}/begin', [DraftController::class, 'begin'])->middleware($write);
    Route::post('library/drafts/{procedure}/discard', [DraftController::class, 'discard'])->middleware($write);
    Route::post('library/drafts/{procedure}/submit', SubmissionController::class)->middleware($write);
    Route::post('library/look', AssessmentController::class)->middleware($write);
    Route::post('library/line/sketch', [LineController::class, 'sketch'])->middleware($write);
    Route::post('library/line', LineController::class)->middleware($write);
    Route::post('library/map/layout', LayoutController::class)->middleware($write);
    Route::post('library/map/order', SequenceController::class)->middleware($write);
    Route::post('library/map/csv', [MapController::class, 'read'])->middleware($write);

    Route::get('library/revisions/{revision}', [RevisionController::class, 'show'])->middleware($read);
    Route::get('library/revisions/{revision}/builds', [RevisionController::class, 'builds'])->middleware($read);
    Route::get('library/revisions/{revision}/map.csv', [MapController::class, 'csv'])->middleware($read);
    Route::get('library/revisions/{revision}/job-card.pdf', [RevisionController::class, 'jobCard'])->middleware($read);
    Route::post('library/revisions/{revision}/approve', [RevisionDecisionController::class, 'approve'])->middleware($sign);
    Route::post('library/revisions/{revision}/return', [RevisionDecisionController::class, 'back'])->middleware($sign);
    Route::post('library/revisions/{revision}/withdraw', [RevisionDecisionController::class, 'withdraw'])->middleware($sign);
});

Route::middleware('desk')->group(function () use ($read, $write, $sign): void {
    Route::get('library/sources', [SourceController::class, 'index'])->middleware($read);
    Route::post('library/sources', [SourceController::class, 'store'])->middleware($write);
    Route::post('library/sources/{source}/paper', [SourcePaperController::class, 'store'])->middleware($write);
    Route::get('library/sources/{source}/paper', [SourcePaperController::class, 'show'])->middleware($read);
    Route::post('library/pictures', [PictureController::class, 'store'])->middleware($write);
    Route::get('library/pictures/{picture}', [PictureController::class, 'show'])->middleware($read);
    Route::get('library/general-tables', [GeneralTableController::class, 'index'])->middleware($read);
    Route::post('library/general-tables', [GeneralTableController::class, 'store'])->middleware($write);
    Route::post('library/general-tables/{table}/approve', [GeneralTableController::class, 'approve'])->middleware($sign);
    Route::post('library/general-tables/{table}/withdraw', [GeneralTableController::class, 'withdraw'])->middleware($sign);
    Route::post('library/standards', [StandardController::class, 'store'])->middleware($write);
    Route::post('library/standards/{standard}/approve', [StandardController::class, 'approve'])->middleware($sign);

    Route::get('library/risk-rules', [RiskRulesController::class, 'show'])->middleware($read);
    Route::post('library/risk-rules', [RiskRulesController::class, 'store'])->middleware($write);
    Route::post('library/risk-rules/{rules}/approve', [RiskRulesController::class, 'approve'])->middleware($sign);

    Route::get('library/permits', [PermitController::class, 'index'])->middleware($read);
    Route::post('library/permits', [PermitController::class, 'store'])->middleware($write);
    Route::post('library/permits/{permit}/approve', [PermitDecisionController::class, 'approve'])->middleware($sign);
    Route::post('library/permits/{permit}/refuse', [PermitDecisionController::class, 'refuse'])->middleware($sign);
    Route::post('library/permits/{permit}/withdraw', [PermitDecisionController::class, 'withdraw'])->middleware($write);

    Route::post('library/imports', [ImportController::class, 'look'])->middleware($write);
    Route::get('library/imports/{import}', [ImportController::class, 'show'])->middleware($write);
    Route::post('library/imports/{import}/write', [ImportController::class, 'write'])->middleware($write);

    Route::post('library/workbench/joint', [WorkbenchController::class, 'joint'])->middleware($read);
    Route::post('library/workbench/trial', [WorkbenchController::class, 'trial'])->middleware($read);
    Route::post('library/workbench/pairing', [WorkbenchController::class, 'pairing'])->middleware($read);
});
