<?php

use App\Desk\Http\FindController;
use Illuminate\Support\Facades\Route;

Route::get('find', FindController::class)->middleware('desk');
