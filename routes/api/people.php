<?php

use App\People\Ability;
use App\People\Http\CustomerController;
use App\People\Http\DeputyController;
use App\People\Http\DeviceController;
use App\People\Http\FirstUseController;
use App\People\Http\LeavingController;
use App\People\Http\NoticeController;
use App\People\Http\PeopleController;
use App\People\Http\PinController;
use App\People\Http\SecretController;
use App\People\Http\SessionController;
use App\People\Http\ShopController;
use App\People\Http\SkillController;
use Illuminate\Support\Facades\Route;

Route::get('session', [SessionController::class, 'show']);
Route::post('session', [SessionController::class, 'desk']);
Route::post('session/bench', [SessionController::class, 'bench'])->middleware('device');
Route::post('session/end', [SessionController::class, 'end']);
// Ways in for whoever has no secret yet: the code of the terminal, a link of a lead's.
Route::post('first-use/code', [FirstUseController::class, 'code']);
Route::post('first-use', [FirstUseController::class, 'open']);
Route::get('welcome/{token}', [FirstUseController::class, 'welcome']);
Route::post('welcome/{token}', [FirstUseController::class, 'setPassword']);
// At a desk and at a bench: whoever is signed in, for themselves.
Route::middleware('auth')->group(function (): void {
    Route::get('notices', [NoticeController::class, 'index']);
    Route::post('notices/{notice}/acknowledge', [NoticeController::class, 'acknowledge']);
});

Route::middleware('desk')->group(function (): void {
    Route::post('session/pin', [SessionController::class, 'pin']);
    Route::get('people', [PeopleController::class, 'index'])->can(Ability::ReadPeople->value);
    Route::post('people/{person}/unlock', [PinController::class, 'unlock'])->can(Ability::UnlockPins->value);
    Route::post('deputies', [DeputyController::class, 'store'])->can(Ability::NameDeputies->value);
    Route::post('deputies/{deputy}/end', [DeputyController::class, 'end'])->can(Ability::NameDeputies->value);
    Route::post('devices', [DeviceController::class, 'store'])->can(Ability::ManageDevices->value);
    Route::post('devices/{device}/revoke', [DeviceController::class, 'revoke'])->can(Ability::ManageDevices->value);
    Route::post('people/{person}/skills', [SkillController::class, 'sign'])->can(Ability::SignSkills->value);
    Route::post('skills/{skill}/end', [SkillController::class, 'end'])->can(Ability::SignSkills->value);
});

Route::middleware('desk')->can(Ability::KeepPeople->value)->group(function (): void {
    Route::post('people', [PeopleController::class, 'store']);
    Route::post('people/{person}/rename', [PeopleController::class, 'rename']);
    Route::post('people/{person}/badge', [PeopleController::class, 'badge']);
    Route::post('people/{person}/shift', [PeopleController::class, 'shift']);
    Route::post('people/{person}/roles', [PeopleController::class, 'roles']);
    Route::post('people/{person}/pin', [SecretController::class, 'pin']);
    Route::post('people/{person}/link', [SecretController::class, 'link']);
    Route::get('people/{person}/holdings', [LeavingController::class, 'show']);
    Route::post('people/{person}/leave', [LeavingController::class, 'leave']);
    Route::post('people/{person}/come-back', [LeavingController::class, 'comeBack']);
    Route::post('people/{person}/absences', [SkillController::class, 'away']);
    Route::post('absences/{absence}/cancel', [SkillController::class, 'here']);
    Route::post('customers', [CustomerController::class, 'store']);
    Route::post('customers/{customer}/rename', [CustomerController::class, 'rename']);
});

Route::middleware('desk')->can(Ability::SetShop->value)->group(function (): void {
    Route::get('shop', [ShopController::class, 'show']);
    Route::post('shop', [ShopController::class, 'store']);
    Route::post('shop/shifts', [ShopController::class, 'shifts']);
    Route::post('shop/skills', [ShopController::class, 'skills']);
    Route::get('first-steps', [ShopController::class, 'steps']);
    Route::post('first-steps/{step}', [ShopController::class, 'step']);
});
