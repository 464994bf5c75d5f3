<?php

use App\Http\Guide\UnitPageController;
use Illuminate\Support\Facades\Route;

// What the code on a unit leads to.
Route::get('/u/{token}', UnitPageController::class)->where('token', '[A-Za-z0-9]{22}')->middleware('throttle:unit-page')->name('unit-page');

// No session is opened for the page itself, so that it also loads while the database is down and can say so.
Route::view('/{path?}', 'app')->where('path', '^(?!api/|sanctum/|build/).*$')->name('page');
