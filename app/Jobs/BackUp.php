<?php

namespace App\Jobs;

use App\Backup\Backups;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** The daily backup; one that fails is tried again. */
class BackUp implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public int $timeout = 1800;

    public function handle(Backups $backups): void
    {
        $backups->make();
    }
}
