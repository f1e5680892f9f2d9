<?php

use App\People\Ability;
use App\Simulators\Http\BareQueryController;
use App\Simulators\Http\WrenchController;
use Illuminate\Support\Facades\Route;

// Stand-ins exist only in an instance that was made a demo.
if (config('shop.demo')) {
    Route::post('stand-ins/wrench/pull', WrenchController::class)->middleware('bench');
}
if (config('shop.bench')) {
    Route::get('stand-ins/bare-query/{of}', BareQueryController::class)->middleware(['desk', 'can:'.Ability::ReadLibrary->value]);
}
