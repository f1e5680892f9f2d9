<?php

use App\Bench\Http\ObservationController;
use App\Simulators\Http\BareInsertController;
use Illuminate\Support\Facades\Route;

Route::post('bench/observations', ObservationController::class)->middleware('device');
if (config('shop.bench')) {
    Route::post('stand-ins/bare-insert', BareInsertController::class)->middleware('device');
}
