<?php

use App\Ledger\Http\MachineController;
use App\People\Ability;
use Illuminate\Support\Facades\Route;

Route::get('machine', MachineController::class)->middleware('desk')->can(Ability::ManageDevices->value);
