<?php

use App\Audit\Http\AsideReadingController;
use App\Audit\Http\AuditController;
use App\People\Ability;
use Illuminate\Support\Facades\Route;

Route::middleware('desk')->group(function (): void {
    Route::get('audit', [AuditController::class, 'index'])->can(Ability::Audit->value);
    Route::get('audit/{build}/folder.pdf', [AuditController::class, 'folder'])->can(Ability::Audit->value);
    Route::get('audit/{build}', [AuditController::class, 'show'])->can(Ability::Audit->value);
    Route::post('audit/readings/{entry}/dismiss', [AsideReadingController::class, 'dismiss'])->can(Ability::DisposeReadings->value);
});
