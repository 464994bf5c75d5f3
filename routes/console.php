<?php

use App\Jobs\BackUp;
use Illuminate\Support\Facades\Schedule;

Schedule::job(new BackUp)->dailyAt('03:10');
