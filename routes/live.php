<?php

use App\Audit\Http\LiveController;
use App\Bench\Http\MovedController;
use App\People\Ability;
use Illuminate\Support\Facades\Route;

Route::get('bench/runs/{run}/moved', MovedController::class)->middleware(['device', 'bench'])->can(Ability::WorkAtBench->value);
Route::get('live', LiveController::class)->middleware('desk')->can(Ability::Audit->value);
