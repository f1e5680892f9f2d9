<?php

use App\Audit\Http\LiveController;
use App\People\Ability;
use Illuminate\Support\Facades\Route;

Route::get('live', LiveController::class)->middleware('desk')->can(Ability::Audit->value);
