<?php

use App\Http\Middleware\AcknowledgeWrite;
use App\Jobs\BackUp;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schedule;

Schedule::job(new BackUp)->dailyAt('03:10');
// Answers to writes that nobody sends again any more.
Schedule::call(fn (): int => DB::table('cache')->where('expiration', '<', now()->getTimestamp())->delete())->name('forget kept answers')->daily();
Schedule::call(fn (): int => DB::table('writes')->where('created_at', '<', now()->subDays(AcknowledgeWrite::KEPT))->delete())->name('forget answers')->daily();
