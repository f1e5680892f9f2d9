<?php

use Illuminate\Support\Facades\Route;

// Any other address is a screen; the browser's router knows which.
Route::get('up', fn () => response('ok', 200, ['Content-Type' => 'text/plain']));
Route::view('{screen?}', 'app')->where('screen', '^(?!api/).*$');
