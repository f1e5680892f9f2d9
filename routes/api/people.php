<?php

use App\People\Ability;
use App\People\Http\DeputyController;
use App\People\Http\DeviceController;
use App\People\Http\NoticeController;
use App\People\Http\PeopleController;
use App\People\Http\PinController;
use App\People\Http\SessionController;
use Illuminate\Support\Facades\Route;

Route::get('session', [SessionController::class, 'show']);
Route::post('session', [SessionController::class, 'desk']);
Route::post('session/bench', [SessionController::class, 'bench'])->middleware('device');
Route::post('session/end', [SessionController::class, 'end']);
// At a desk and at a bench: whoever is signed in, for themselves.
Route::middleware('auth')->group(function (): void {
    Route::get('notices', [NoticeController::class, 'index']);
    Route::post('notices/{notice}/acknowledge', [NoticeController::class, 'acknowledge']);
});

Route::middleware('desk')->group(function (): void {
    Route::get('people', [PeopleController::class, 'index'])->can(Ability::ManageDevices->value);
    Route::post('people/{person}/unlock', [PinController::class, 'unlock'])->can(Ability::UnlockPins->value);
    Route::post('deputies', [DeputyController::class, 'store'])->can(Ability::NameDeputies->value);
    Route::post('deputies/{deputy}/end', [DeputyController::class, 'end'])->can(Ability::NameDeputies->value);
    Route::post('devices', [DeviceController::class, 'store'])->can(Ability::ManageDevices->value);
    Route::post('devices/{device}/revoke', [DeviceController::class, 'revoke'])->can(Ability::ManageDevices->value);
});
