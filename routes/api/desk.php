<?php

use App\Desk\Http\FindController;
use App\Desk\Http\TodayController;
use Illuminate\Support\Facades\Route;

Route::get('find', FindController::class)->middleware('desk');
Route::get('today', TodayController::class)->middleware('desk');
