<?php

use Illuminate\Support\Facades\Route;

// No session is opened for the page itself, so that it also loads while the database is down and can say so.
Route::view('/{path?}', 'app')->where('path', '^(?!api/|sanctum/|build/).*$')->name('page');
