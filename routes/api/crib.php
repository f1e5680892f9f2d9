<?php

use App\Crib\Http\ToolController;
use App\People\Ability;
use Illuminate\Support\Facades\Route;

Route::get('tools', [ToolController::class, 'index'])->middleware('desk')->can(Ability::ReadCrib->value);
