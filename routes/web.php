<?php

use Illuminate\Support\Facades\Route;

// Any other address is a screen; the browser's router knows which.
Route::view('{screen?}', 'app')->where('screen', '^(?!api/).*$');
